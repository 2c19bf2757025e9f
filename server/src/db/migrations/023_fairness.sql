-- What lies at a station and from where it is seen, unless a sitting says otherwise; which other species are accepted.
alter table station add column material text[] not null default '{tree,twig,leaf}';
alter table station add column distance text not null default 'hand' check (distance in ('far', 'binoculars', 'trunk', 'hand'));
alter table station add column accepts uuid[] not null default '{}';
alter table station drop column unfair_reason;

-- How a quiz is run: its times, what students may do, what it is compared with.
alter table quiz add column plan jsonb not null default '{}';

-- Why an unfair station is used at a sitting.
alter table sitting_station add column reason text check (reason in ('shown_in_lab', 'hard_on_purpose', 'check_at_tree'));
alter table sitting_station add column reason_note text check (length(reason_note) <= 400);

-- How fair a station was when its key was locked, and why it was used if it was not.
alter table station_key add column fairness jsonb;

-- What is cut or brought for a station of a sitting: to gather, gathered, on the table, spoiled, returned.
alter table specimen add column sitting_station uuid;
alter table specimen add foreign key (ws, sitting_station) references sitting_station (ws, id) on delete cascade;
alter table specimen drop constraint specimen_state_check;
alter table specimen alter column state drop default;
update specimen set state = case state when 'usable' then 'gathered' when 'wilted' then 'spoiled' else 'returned' end;
alter table specimen alter column state set default 'to_gather';
alter table specimen add check (state in ('to_gather', 'gathered', 'on_table', 'spoiled', 'returned'));
create index specimen_station on specimen (ws, sitting_station);
