-- Trees are kept in memory under the stamp of the library, with what they are and what they show.
create trigger stamp_library after insert or update or delete on individual for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on tree for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on determination for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on reach for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on trail for each statement execute function stamp_library();

-- The same answers count as before. Said this way, the planner knows that few are disputed, and reads a sitting in a third
-- of the time.
create or replace view counted_answer as
  select distinct on (r.ws, t.sitting, t.student, r.sitting_station, r.ask)
    r.ws, t.sitting, t.student, r.sitting_station, r.ask, r.id as response, r.attempt, r.value, r.origin, r.late, r.clues_open, r.seq
  from response r
  join attempt t on t.ws = r.ws and t.id = r.attempt
  left join answer_dispute d on d.ws = r.ws and d.response = r.id
  where d.state is distinct from 'open' and d.state is distinct from 'kept' and d.state is distinct from 'dropped'
  order by r.ws, t.sitting, t.student, r.sitting_station, r.ask,
    d.decided_at is not null desc, d.decided_at desc, r.precedence desc, t.takeover desc, r.seq desc, r.received_at desc, r.id desc;
