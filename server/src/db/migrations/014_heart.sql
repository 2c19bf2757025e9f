-- Grades, a locked key for every station of a sitting, one store of answers with their disputes, and what is counted.

-- Words: an answer has a grade, and results are returned.
alter table marking_run rename to grading_run;
alter table grading_run rename constraint marking_run_seq to grading_run_seq;
alter table mark rename to grade;
alter index mark_response rename to grade_response;
alter table sitting rename column given_run to returned_run;
alter table sitting rename column given_at to returned_at;
alter table sitting drop constraint sitting_state_check;
alter table sitting drop constraint sitting_check;
update sitting set state = case state when 'marked' then 'graded' when 'given_back' then 'returned' when 'frozen' then 'locked' else state end;
alter table sitting add constraint sitting_state_check check (state in ('draft', 'locked', 'open', 'closed', 'graded', 'returned'));
alter table sitting add constraint sitting_returned check ((state = 'returned') = (returned_run is not null));
alter table name_ruling drop constraint name_ruling_outcome_check;
update name_ruling set outcome = 'misspelled' where outcome = 'misspelt';
alter table name_ruling add constraint name_ruling_outcome_check
  check (outcome in ('exact', 'misspelled', 'synonym', 'other_species', 'genus_only', 'unlisted'));
update grade set outcome = 'misspelled' where outcome = 'misspelt';
update override set outcome = 'misspelled' where outcome = 'misspelt';
update quiz set policy = policy - 'misspelt' || jsonb_build_object('misspelled', policy -> 'misspelt') where policy ? 'misspelt';

-- Kinds of question are rows, so that a new one is no new constraint.
create table ask_kind (id text primary key);
insert into ask_kind values
  ('call'), ('common'), ('scientific'), ('either'), ('genus'), ('sureness'), ('choice'), ('match'), ('point'), ('text');
alter table ask drop constraint ask_kind_check;
alter table ask add foreign key (kind) references ask_kind (id);

-- All names as they were when a key was locked; the same names are kept once.
create table name_set (
  ws uuid not null references workspace (id),
  hash text not null,
  names jsonb not null,
  primary key (ws, hash)
);

-- A revision of a sitting's key. The first is written when the key is locked; every later one is a decision.
create table sitting_key (
  ws uuid not null,
  sitting uuid not null,
  rev integer not null check (rev > 0),
  -- The revision whose list of species is in force.
  list_rev integer not null check (list_rev <= rev),
  names_hash text not null,
  policy jsonb not null,
  why text not null check (length(why) between 3 and 400),
  by_account uuid,
  at timestamptz not null,
  primary key (ws, sitting, rev),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, names_hash) references name_set (ws, hash),
  foreign key (ws, by_account) references account (ws, id)
);

-- The list as taught on the day of the sitting, with each profile as it was.
create table sitting_taxon (
  ws uuid not null,
  sitting uuid not null,
  rev integer not null,
  taxon uuid not null,
  week integer,
  label text,
  -- Whether it had been taught by the day of the sitting.
  taught boolean not null,
  profile jsonb not null,
  primary key (ws, sitting, rev, taxon),
  foreign key (ws, sitting, rev) references sitting_key (ws, sitting, rev) on delete cascade,
  foreign key (ws, taxon) references taxon (ws, id)
);

-- What a station shows and accepts. A revision holds only the stations it changes.
create table station_key (
  ws uuid not null,
  sitting_station uuid not null,
  rev integer not null,
  sitting uuid not null,
  individual uuid,
  taxon uuid not null,
  accept jsonb not null,
  conditions jsonb not null,
  primary key (ws, sitting_station, rev),
  foreign key (ws, sitting_station) references sitting_station (ws, id),
  foreign key (ws, sitting, rev) references sitting_key (ws, sitting, rev) on delete cascade,
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, taxon) references taxon (ws, id)
);
create index station_key_sitting on station_key (ws, sitting);
create table station_value (
  ws uuid not null,
  sitting_station uuid not null,
  rev integer not null,
  character text not null,
  profile jsonb,
  certified jsonb,
  primary key (ws, sitting_station, rev, character),
  foreign key (ws, sitting_station, rev) references station_key (ws, sitting_station, rev) on delete cascade,
  foreign key (ws, character) references character (ws, id),
  check (profile is not null or certified is not null)
);
-- For every other species of the list, what separates it from the station's tree under the conditions there.
create table station_rival (
  ws uuid not null,
  sitting_station uuid not null,
  rev integer not null,
  rival uuid not null,
  verdict text not null check (verdict in ('told', 'twins', 'unproven')),
  -- Visible tells: character, strength, overlap, evidence group, whether only partly visible.
  tells jsonb not null,
  primary key (ws, sitting_station, rev, rival),
  foreign key (ws, sitting_station, rev) references station_key (ws, sitting_station, rev) on delete cascade,
  foreign key (ws, rival) references taxon (ws, id)
);

-- What the key of an earlier version accepted; revision 1 of the sittings it was opened with is made from it.
alter table sitting_ask add column accepted_before jsonb;
update sitting_ask sa set accepted_before = k.accept
from answer_key k where k.ws = sa.ws and k.ask = sa.ask
  and k.rev = (select max(x.rev) from answer_key x where x.ws = k.ws and x.ask = k.ask);
drop table run_key;
drop table answer_key;
create table run_key (
  ws uuid not null,
  run uuid not null,
  sitting_station uuid not null,
  rev integer not null,
  primary key (ws, run, sitting_station),
  foreign key (ws, run) references grading_run (ws, id) on delete cascade,
  foreign key (ws, sitting_station, rev) references station_key (ws, sitting_station, rev)
);
-- Revision 0: graded before keys were locked; the next start gives it revision 1.
alter table grading_run add column key_rev integer not null default 0;
alter table grading_run alter column key_rev drop default;
-- The newest name decision that the run knew.
alter table grading_run add column ruling_seq bigint not null default 0;
alter table grading_run alter column ruling_seq drop default;
alter table grading_run drop column names_hash;
alter table grading_run drop column policy;
-- The written name as it is compared, so that a decision finds the grades it touches.
alter table grade add column folded text;

-- Decisions about written names are never rewritten; the newest that is not withdrawn counts.
alter table name_ruling add column id uuid not null default gen_random_uuid();
alter table name_ruling add column seq bigint generated by default as identity;
alter table name_ruling add column scope text;
alter table name_ruling add column section uuid;
alter table name_ruling add column withdrawn_at timestamptz;
update name_ruling set scope = case when sitting is null then 'list' else 'sitting' end;
alter table name_ruling alter column scope set not null;
alter table name_ruling alter column id drop default;
drop index name_ruling_list;
drop index name_ruling_sitting;
alter table name_ruling add primary key (ws, id);
alter table name_ruling add foreign key (ws, section) references section (ws, id);
alter table name_ruling add constraint name_ruling_scope check (
  scope in ('sitting', 'section', 'list') and (scope = 'sitting') = (sitting is not null) and (scope = 'section') = (section is not null));
create index name_ruling_newest on name_ruling (ws, list, folded, seq desc);

-- Whose hand an attempt was written by: a phone, a paper sheet, or a file. Each counts its devices by itself.
alter table attempt add column origin text not null default 'phone' check (origin in ('phone', 'paper', 'import'));
alter table attempt alter column origin drop default;
update attempt set origin = 'paper', takeover = takeover - 999 where takeover >= 1000;
alter table attempt drop constraint attempt_ws_sitting_student_takeover_key;
alter table attempt add constraint attempt_once unique (ws, sitting, student, origin, takeover);

-- One tagged value an answer. Precedence 1: the student's own hand; 2: a correction by staff.
alter table response add column precedence smallint not null default 1;
alter table response
  alter column precedence drop default,
  alter column precedence type smallint using case origin when 'paper' then 2 else 1 end,
  alter column value type jsonb using
    case
      when sure is not null then jsonb_build_object('v', 1, 'kind', 'sureness', 'sure', sure)
      when typed is not null and btrim(typed, E' \t\n\r') <> '' then jsonb_build_object('v', 1, 'kind', 'name', 'text', typed)
      when value ->> 'state' = 'does-not-apply' then jsonb_build_object('v', 1, 'kind', 'does_not_apply')
      when value ->> 'state' ~ '^\d{1,4}$' then jsonb_build_object('v', 1, 'kind', 'count', 'n', (value ->> 'state')::integer)
      when value ? 'state' then jsonb_build_object('v', 1, 'kind', 'state', 'state', value ->> 'state')
      else jsonb_build_object('v', 1, 'kind', 'blank')
    end || case when sure is null and coalesce(value ->> 'written', '') <> '' then jsonb_build_object('written', value ->> 'written') else '{}' end;
alter table response alter column value set not null;
alter table response add constraint response_value check (value ? 'kind' and value ->> 'v' = '1');
alter table response add constraint response_precedence check (precedence in (1, 2));
alter table response drop column typed;
alter table response drop column sure;
-- What was answered to a character before a name is read from the answers themselves, by their sequence numbers.
drop table response_call;

-- An answer that came late, or says other than one before it. It is kept; an instructor decides whether it counts.
create table answer_dispute (
  ws uuid not null,
  id uuid not null,
  seq bigint generated by default as identity,
  sitting uuid not null,
  student uuid not null,
  response uuid,
  -- The answer itself, where it cannot be stored under its id: another with other content is there.
  payload jsonb,
  kind text not null check (kind in ('late', 'after_grading', 'other_content', 'older_phone', 'differs')),
  state text not null default 'open' check (state in ('open', 'counted', 'kept', 'dropped')),
  decided_by uuid,
  decided_at timestamptz,
  at timestamptz not null,
  primary key (ws, id),
  unique (ws, response),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, decided_by) references account (ws, id),
  check (response is not null or payload is not null)
);
create index answer_dispute_sitting on answer_dispute (ws, sitting, student);
create index answer_dispute_answer on answer_dispute ((payload ->> 'id'));
insert into answer_dispute (ws, id, sitting, student, payload, kind, at)
  select c.ws, c.id, s.id, st.id, c.payload, case when c.why like 'the same id%' then 'other_content' else 'after_grading' end, c.at
  from conflict c join sitting s on s.ws = c.ws and s.id::text = c.payload ->> 'sitting'
  join student st on st.ws = c.ws and st.id::text = c.payload ->> 'student' order by c.at, c.id;
drop table conflict;
-- Late answers that were stored counted; they go on doing so.
insert into answer_dispute (ws, id, sitting, student, response, kind, state, at)
  select r.ws, gen_random_uuid(), t.sitting, t.student, r.id, 'late', 'counted', r.received_at
  from response r join attempt t on t.ws = r.ws and t.id = r.attempt where r.late order by r.received_at, r.id;

-- The answer that counts, of each student to each question: a decision first, then a correction by staff, then the
-- latest of the student's newest phone or sheet. What is disputed does not count until it is decided.
create view counted_answer as
  select distinct on (r.ws, t.sitting, t.student, r.sitting_station, r.ask)
    r.ws, t.sitting, t.student, r.sitting_station, r.ask, r.id as response, r.attempt, r.value, r.origin, r.late, r.clues_open, r.seq
  from response r
  join attempt t on t.ws = r.ws and t.id = r.attempt
  left join answer_dispute d on d.ws = r.ws and d.response = r.id
  where d.state is null or d.state = 'counted'
  order by r.ws, t.sitting, t.student, r.sitting_station, r.ask,
    d.decided_at is not null desc, d.decided_at desc, r.precedence desc, t.takeover desc, r.seq desc, r.received_at desc, r.id desc;

-- Derived from the newest grading of each sitting.
drop table look;
drop table cell;
drop table cell_student;
drop table pair_state;
create table look (
  ws uuid not null,
  run uuid not null,
  section uuid not null,
  sitting uuid not null,
  sitting_station uuid not null,
  student uuid not null,
  -- Null where the student took part and left the name of this station out.
  response uuid,
  attempt uuid,
  key_rev integer not null,
  individual uuid,
  -- Whether the student met this tree at an earlier sitting.
  met_before boolean not null default false,
  on_date date not null,
  form text not null,
  options_shown jsonb,
  origin text,
  clues_open integer not null default 0,
  -- Character questions answered before the name: character, value, outcome.
  calls jsonb not null,
  truth uuid not null,
  named text not null check (named in ('right', 'other', 'unlisted', 'blank', 'genus_only', 'cannot_tell')),
  answer uuid,
  outcome text not null,
  sure text,
  material_class text not null,
  primary key (ws, sitting_station, student),
  foreign key (ws, run) references grading_run (ws, id) on delete cascade,
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, sitting_station, key_rev) references station_key (ws, sitting_station, rev),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, attempt) references attempt (ws, id) on delete cascade,
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id),
  check ((named in ('right', 'other')) = (answer is not null))
);
create index look_section on look (ws, section, truth, answer);
create index look_sitting on look (ws, sitting);
create index look_student on look (ws, student, individual);
create index look_response on look (ws, response);

create table cell (
  ws uuid not null,
  section uuid not null,
  sitting uuid not null,
  material_class text not null,
  form text not null,
  truth uuid not null,
  named text not null,
  answer uuid,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  guesses integer not null,
  -- Students whose list held the named species that day; null where no species is named.
  listed integer,
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id)
);
create unique index cell_key on cell (ws, sitting, material_class, form, truth, named, answer) nulls not distinct;
create index cell_section_index on cell (ws, section);

create table cell_student (
  ws uuid not null,
  section uuid not null,
  sitting uuid not null,
  student uuid not null,
  truth uuid not null,
  named text not null,
  answer uuid,
  looks integer not null check (looks > 0),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade
);
create unique index cell_student_key on cell_student (ws, sitting, student, truth, named, answer) nulls not distinct;
create index cell_student_section on cell_student (ws, section);
create index cell_student_student on cell_student (ws, student);

create table cell_section (
  ws uuid not null,
  section uuid not null,
  term text not null,
  material_class text not null,
  form text not null,
  truth uuid not null,
  named text not null,
  answer uuid,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  foreign key (ws, section) references section (ws, id)
);
create unique index cell_section_key on cell_section (ws, section, material_class, form, truth, named, answer) nulls not distinct;

-- How a mix-up stands, with its history. Sequence numbers are those of the section's graded sittings in order.
create table pair_state (
  ws uuid not null,
  section uuid not null,
  a uuid not null,
  b uuid not null,
  from_seq integer not null check (from_seq > 0),
  to_seq integer check (to_seq > from_seq),
  state text not null check (state in ('new', 'repeat', 'stubborn', 'fading')),
  evidence jsonb not null,
  primary key (ws, section, a, b, from_seq),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, a) references taxon (ws, id),
  foreign key (ws, b) references taxon (ws, id),
  check (a <> b)
);

-- For what comes next: people across sections, invitations, lessons on trees, fitted rates and their readings.
create table person (
  ws uuid not null references workspace (id),
  id uuid not null,
  primary key (ws, id)
);
alter table student add column person uuid;
alter table student add foreign key (ws, person) references person (ws, id);
create table person_merge (
  ws uuid not null,
  id uuid not null,
  a uuid not null,
  b uuid not null,
  by_account uuid not null,
  at timestamptz not null,
  undone_at timestamptz,
  primary key (ws, id),
  foreign key (ws, a) references person (ws, id),
  foreign key (ws, b) references person (ws, id),
  foreign key (ws, by_account) references account (ws, id),
  check (a <> b)
);
alter table session drop constraint session_check1;
alter table session drop constraint session_check2;
alter table session add constraint session_walk check ((sitting is null) = (device is null) and (sitting is null or student is not null));
create table invitation (
  token_hash text primary key,
  ws uuid not null references workspace (id),
  role text not null check (role in ('owner', 'instructor', 'assistant')),
  sections uuid[] not null default '{}',
  by_account uuid not null,
  expires timestamptz not null,
  used_at timestamptz,
  foreign key (ws, by_account) references account (ws, id) on delete cascade
);
create table lesson_individual (
  ws uuid not null,
  lesson uuid not null,
  individual uuid not null,
  primary key (ws, lesson, individual),
  foreign key (ws, lesson) references lesson (ws, id) on delete cascade,
  foreign key (ws, individual) references individual (ws, id)
);
alter table miss_fit add column scope jsonb not null default '{}';
alter table miss_rate add column u double precision check (u between 0 and 1);
alter table miss_rate add column verdict text not null default 'undetermined' check (verdict in ('estimated', 'undetermined'));
create table diagnosis (
  ws uuid not null,
  sitting_station uuid not null,
  student uuid not null,
  reading text not null,
  corrected_by uuid,
  at timestamptz not null,
  primary key (ws, sitting_station, student, reading),
  foreign key (ws, sitting_station) references sitting_station (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, corrected_by) references account (ws, id)
);
alter table specimen add column state text not null default 'usable' check (state in ('usable', 'wilted', 'discarded'));
create table reservation (
  ws uuid not null,
  specimen uuid not null,
  sitting uuid not null,
  released_at timestamptz,
  primary key (ws, specimen, sitting),
  foreign key (ws, specimen) references specimen (ws, individual),
  foreign key (ws, sitting) references sitting (ws, id)
);
create unique index reservation_active on reservation (ws, specimen) where released_at is null;
