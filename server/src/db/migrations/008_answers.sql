-- Answers as they came, marks, rulings, and what is derived from them.
create table attempt (
  ws uuid not null,
  id uuid not null,
  sitting uuid not null,
  student uuid not null,
  device text,
  takeover integer not null default 1 check (takeover > 0),
  joined_at timestamptz not null default now(),
  submitted_at timestamptz,
  primary key (ws, id),
  unique (ws, sitting, student, takeover),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade
);

create table response (
  ws uuid not null,
  id uuid not null,
  attempt uuid not null,
  sitting_station uuid not null,
  ask uuid not null,
  seq integer not null check (seq > 0),
  typed text check (length(typed) <= 400),
  value jsonb,
  sure text check (sure in ('sure', 'leaning', 'guessing')),
  seconds double precision check (seconds >= 0),
  clues_open integer not null default 0,
  device_at timestamptz,
  received_at timestamptz not null default now(),
  origin text not null check (origin in ('phone', 'paper', 'import')),
  late boolean not null default false,
  primary key (ws, id),
  unique (ws, attempt, sitting_station, ask, seq),
  foreign key (ws, attempt) references attempt (ws, id) on delete cascade,
  foreign key (ws, sitting_station) references sitting_station (ws, id),
  foreign key (ws, ask) references ask (ws, id)
);

-- Calls made at a station before its name was given; first values, also when changed later.
create table response_call (
  ws uuid not null,
  response uuid not null,
  character text not null,
  state text,
  value jsonb,
  primary key (ws, response, character),
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, character, state) references state (ws, character, id)
);

-- Answers are never rewritten. An erasure of a student removes them: it sets this for its own transaction.
create function response_append_only() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' and current_setting('hurrow.erasing', true) = 'yes' then
    return old;
  end if;
  raise exception 'answers are append-only' using errcode = '23001';
end $$;
create trigger response_append_only before update or delete on response
  for each row execute function response_append_only();
create trigger response_call_append_only before update or delete on response_call
  for each row execute function response_append_only();

create table conflict (
  ws uuid not null references workspace (id),
  id uuid not null,
  payload jsonb not null,
  why text not null,
  at timestamptz not null default now(),
  primary key (ws, id)
);

create table marking_run (
  ws uuid not null,
  id uuid not null,
  sitting uuid not null,
  at timestamptz not null default now(),
  cause text not null,
  names_hash text not null,
  policy jsonb not null,
  engine text not null,
  by_account uuid,
  primary key (ws, id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, by_account) references account (ws, id)
);
create index marking_run_sitting on marking_run (ws, sitting, at desc);
create table run_key (
  ws uuid not null,
  run uuid not null,
  ask uuid not null,
  rev integer not null,
  primary key (ws, run, ask),
  foreign key (ws, run) references marking_run (ws, id) on delete cascade,
  foreign key (ws, ask, rev) references answer_key (ws, ask, rev)
);
create table mark (
  ws uuid not null,
  run uuid not null,
  response uuid not null,
  outcome text not null,
  points double precision not null check (points >= 0),
  most double precision not null check (most >= 0),
  taxon uuid,
  why text not null,
  primary key (ws, run, response),
  foreign key (ws, run) references marking_run (ws, id) on delete cascade,
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, taxon) references taxon (ws, id)
);
alter table sitting add foreign key (ws, given_run) references marking_run (ws, id);

create table override (
  ws uuid not null,
  id uuid not null,
  response uuid not null,
  outcome text not null,
  points double precision not null check (points >= 0),
  by_account uuid not null,
  reason text not null check (length(reason) between 3 and 400),
  at timestamptz not null default now(),
  withdrawn_at timestamptz,
  primary key (ws, id),
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, by_account) references account (ws, id)
);
create unique index override_one on override (ws, response) where withdrawn_at is null;

create table name_ruling (
  ws uuid not null,
  list uuid not null,
  folded text not null,
  taxon uuid,
  outcome text not null check (outcome in ('exact', 'misspelt', 'synonym', 'other_species', 'genus_only', 'unlisted')),
  by_account uuid not null,
  at timestamptz not null default now(),
  primary key (ws, list, folded),
  foreign key (ws, list) references list (ws, id) on delete cascade,
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, by_account) references account (ws, id)
);

-- Derived from the newest marking run of a sitting.
create table look (
  ws uuid not null,
  run uuid not null,
  response uuid not null,
  section uuid not null,
  sitting uuid not null,
  student uuid not null,
  list uuid not null,
  on_date date not null,
  truth uuid not null,
  named text not null check (named in ('right', 'other', 'unlisted', 'blank', 'genus_only', 'cannot_tell')),
  answer uuid,
  outcome text not null,
  sure text,
  form text not null,
  material text[] not null,
  conditions_hash text not null,
  primary key (ws, response),
  foreign key (ws, run) references marking_run (ws, id) on delete cascade,
  foreign key (ws, response) references response (ws, id) on delete cascade,
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id),
  check ((named in ('right', 'other')) = (answer is not null))
);
create index look_section on look (ws, section, truth, answer);
create index look_sitting on look (ws, sitting);

create table cell (
  ws uuid not null,
  section uuid not null,
  sitting uuid not null,
  conditions_hash text not null,
  truth uuid not null,
  named text not null,
  answer uuid,
  looks integer not null check (looks > 0),
  students integer not null check (students > 0),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, truth) references taxon (ws, id),
  foreign key (ws, answer) references taxon (ws, id)
);
create unique index cell_key on cell
  (ws, sitting, conditions_hash, truth, named, coalesce(answer, '00000000-0000-0000-0000-000000000000'));
create index cell_section on cell (ws, section);
create table cell_student (
  ws uuid not null,
  section uuid not null,
  student uuid not null,
  truth uuid not null,
  answer uuid not null,
  looks integer not null check (looks > 0),
  last_on date not null,
  primary key (ws, section, student, truth, answer),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade
);

create table pair_state (
  ws uuid not null,
  section uuid not null,
  a uuid not null,
  b uuid not null,
  state text not null check (state in ('new', 'repeat', 'stubborn', 'cured', 'fading')),
  since date not null,
  evidence jsonb not null,
  primary key (ws, section, a, b),
  foreign key (ws, section) references section (ws, id),
  check (a <> b)
);
