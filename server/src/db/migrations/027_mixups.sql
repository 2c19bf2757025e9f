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
