-- What is kept of mix-ups from return to return, what a class will be asked again, and a state for what a lesson put right.
alter table pair_state drop constraint pair_state_state_check;
alter table pair_state add constraint pair_state_state_check check (state in ('new', 'repeat', 'stubborn', 'fading', 'fixed'));

-- A return of results, at which it was worked out anew which pairs are more than slips. Order is by the day of returning.
create table flag_return (
  ws uuid not null,
  section uuid not null,
  sitting uuid not null,
  -- Its place among the returns of the section, from 1.
  seq integer not null check (seq > 0),
  -- Students with an answer in the sittings returned by then.
  students integer not null,
  primary key (ws, section, seq),
  unique (ws, sitting),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, sitting) references sitting (ws, id) on delete cascade
);
-- Directed pairs that two students or more mixed up, as they stood at a return.
create table pair_flag (
  ws uuid not null,
  section uuid not null,
  seq integer not null,
  truth uuid not null,
  answer uuid not null,
  observed integer not null check (observed >= 0),
  expected double precision not null,
  times double precision not null,
  p double precision not null,
  q double precision not null,
  flagged boolean not null,
  -- Returns in a row at which the corrected chance was too high for a flag to stand.
  weak integer not null check (weak >= 0),
  primary key (ws, section, seq, truth, answer),
  foreign key (ws, section, seq) references flag_return (ws, section, seq) on delete cascade,
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id)
);

create index pair_flag_flagged on pair_flag (ws, section, seq) where flagged;

-- What a class is to be asked again on another individual: a directed pair, or a character.
create table retest (
  ws uuid not null,
  id uuid not null,
  section uuid not null,
  truth uuid,
  answer uuid,
  character text,
  kept_on date not null,
  by_account uuid,
  primary key (ws, id),
  foreign key (ws, section) references section (ws, id) on delete cascade,
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id),
  foreign key (ws, by_account) references account (ws, id),
  check (truth <> answer and character is null or truth is null and answer is null and character is not null)
);
create unique index retest_once on retest (ws, section, truth, answer, character) nulls not distinct;

-- What the board of a class is read from: every row over one class of material and one form of answer, and over all of either
-- (null). It is counted anew when a version that knows it starts.
drop table cell_section;
create table cell_section (
  ws uuid not null,
  section uuid not null,
  material_class text,
  form text,
  truth uuid not null,
  named text not null,
  answer uuid,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  guesses integer not null,
  -- Looks with calls, and with one that is wrong.
  called integer not null,
  misread integer not null,
  -- The station where most wrote it: how many, of how many who looked there.
  at_station uuid,
  at_k integer,
  at_n integer,
  -- The character most often called wrong.
  behind text,
  behind_k integer,
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, at_station) references sitting_station (ws, id) on delete cascade
);
create unique index cell_section_key on cell_section (ws, section, material_class, form, truth, named, answer) nulls not distinct;
-- How many students had so many looks at a species: with what they wrote, all that the test against slips needs.
create table exposure (
  ws uuid not null,
  section uuid not null,
  material_class text,
  form text,
  truth uuid not null,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  foreign key (ws, section) references section (ws, id)
);
create unique index exposure_key on exposure (ws, section, material_class, form, truth, looks) nulls not distinct;
-- A pair that a student mixed up, either way, and how it went on.
create table student_pair (
  ws uuid not null,
  section uuid not null,
  student uuid not null,
  a uuid not null,
  b uuid not null,
  first_on date not null,
  chances integer not null,
  repeats integer not null,
  clean integer not null,
  resolved boolean not null,
  primary key (ws, section, student, a, b),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  check (a < b)
);
-- How many students looked at a species on just these days, or at any (null): the students of any days are known without
-- their looks, and most of a class were there on the same days.
create table look_days (
  ws uuid not null,
  section uuid not null,
  truth uuid,
  days date[] not null,
  students integer not null check (students > 0),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, truth) references taxon (ws, id)
);
create index look_days_section on look_days (ws, section);
-- Looks with calls, and with one that is wrong, beside the rest of a cell.
alter table cell add column called integer not null default 0;
alter table cell add column misread integer not null default 0;
alter table cell alter column called drop default, alter column misread drop default;
-- How much a board rests on, over the same levels.
create table section_looks (
  ws uuid not null,
  section uuid not null,
  material_class text,
  form text,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  foreign key (ws, section) references section (ws, id)
);
create unique index section_looks_key on section_looks (ws, section, material_class, form) nulls not distinct;
-- The rows of a board and the pairs that came back, of one class, each as one text: a board of fifty classes is put together
-- from them several times as fast as from their rows.
create table section_board (
  ws uuid not null,
  section uuid not null,
  material_class text,
  form text,
  -- Ids of species, stations and characters, and what was named. The rest holds their places here.
  names json not null,
  rows json not null,
  again json not null,
  foreign key (ws, section) references section (ws, id)
);
create unique index section_board_key on section_board (ws, section, material_class, form) nulls not distinct;
