-- A grading keeps what is other than in the grading before it: a grade holds from its own run up to *last_seq*, or until
-- today where that is null.
alter table grade add column last_seq integer;
update grade g set last_seq = m.seq from grading_run m
  where m.ws = g.ws and m.id = g.run
    and exists (select 1 from grading_run later where later.ws = m.ws and later.sitting = m.sitting and later.seq > m.seq);
-- Grades are found by their answer.
drop index grade_response;
alter table grade drop constraint mark_pkey;
alter table grade add constraint grade_pkey primary key (ws, response, run);

-- The grades of each run, taken over ones among them.
create view run_grade as
  select m.ws, m.id as run, m.sitting, g.response, g.outcome, g.points, g.most, g.taxon, g.why, g.folded
  from grading_run m
  join grading_run f on f.ws = m.ws and f.sitting = m.sitting and f.seq <= m.seq
  join grade g on g.ws = f.ws and g.run = f.id and (g.last_seq is null or g.last_seq >= m.seq);

-- Which sittings a decision about a written name touches. The text stands first, so that nobody looks an answer up here.
create index grade_folded on grade (folded, ws) where last_seq is null;

-- Looks are derived, and go with their student; the answer and the phone they name are not looked up from the other side.
alter table look drop constraint look_ws_response_fkey;
alter table look drop constraint look_ws_attempt_fkey;
drop index look_response;

-- A tree may change while a sitting is open: a revision then holds for students whose first answer at the station came from
-- that moment on, and the one before it for those who were there earlier. Null holds for everybody.
alter table station_key add column valid_from timestamptz;
alter table run_key drop constraint run_key_pkey;
alter table run_key add primary key (ws, run, sitting_station, rev);
