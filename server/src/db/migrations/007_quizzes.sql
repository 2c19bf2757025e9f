-- Quizzes with their stations and asks, and the sittings that run them.
create table quiz (
  ws uuid not null,
  id uuid not null,
  name text not null check (length(name) between 1 and 120),
  list uuid not null,
  kind text not null default 'field' check (kind in ('field', 'table', 'practice')),
  policy jsonb not null default '{}',
  template_of uuid,
  form text,
  version integer not null default 1,
  primary key (ws, id),
  foreign key (ws, list) references list (ws, id),
  foreign key (ws, template_of) references quiz (ws, id)
);

create table station (
  ws uuid not null,
  id uuid not null,
  quiz uuid not null,
  number integer not null check (number between 1 and 200),
  individual uuid,
  taxon uuid,
  not_tellable_on_purpose boolean not null default false,
  seconds integer check (seconds > 0),
  unfair_reason text,
  version integer not null default 1,
  removed_at timestamptz,
  primary key (ws, id),
  foreign key (ws, quiz) references quiz (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  check ((individual is null) <> (taxon is null))
);
create unique index station_number on station (ws, quiz, number) where removed_at is null;

create table ask (
  ws uuid not null,
  id uuid not null,
  station uuid not null,
  ord integer not null,
  kind text not null check (kind in ('call', 'common', 'scientific', 'either', 'genus', 'sureness')),
  character text,
  form text not null default 'typed' check (form in ('typed', 'number', 'choice', 'completion')),
  params jsonb not null default '{}',
  points double precision not null default 1 check (points >= 0 and points <= 100),
  primary key (ws, id),
  unique (ws, station, ord),
  foreign key (ws, station) references station (ws, id) on delete cascade,
  foreign key (ws, character) references character (ws, id),
  check ((kind = 'call') = (character is not null))
);

create table clue (
  ws uuid not null,
  station uuid not null,
  ord integer not null,
  organ text not null,
  cost double precision not null check (cost >= 0),
  primary key (ws, station, ord),
  foreign key (ws, station) references station (ws, id) on delete cascade
);

create table answer_key (
  ws uuid not null,
  ask uuid not null,
  rev integer not null check (rev > 0),
  accept jsonb not null,
  because text,
  by_account uuid,
  at timestamptz not null default now(),
  primary key (ws, ask, rev),
  foreign key (ws, ask) references ask (ws, id) on delete cascade,
  foreign key (ws, by_account) references account (ws, id)
);

create table sitting (
  ws uuid not null,
  id uuid not null,
  quiz uuid not null,
  section uuid not null,
  on_date date not null,
  state text not null default 'draft' check (state in ('draft', 'frozen', 'open', 'closed', 'marked', 'given_back')),
  handling text[] not null default '{look,touch}',
  wet boolean not null default false,
  code_hash text,
  code_expires timestamptz,
  led boolean not null default false,
  given_run uuid,
  given_at timestamptz,
  version integer not null default 1,
  primary key (ws, id),
  foreign key (ws, quiz) references quiz (ws, id),
  foreign key (ws, section) references section (ws, id),
  check ((state = 'given_back') = (given_run is not null))
);
create unique index sitting_code on sitting (code_hash) where state = 'open';

create table sitting_station (
  ws uuid not null,
  id uuid not null,
  sitting uuid not null,
  station uuid not null,
  swapped_individual uuid,
  distance text not null check (distance in ('far', 'binoculars', 'trunk', 'hand')),
  material text[] not null,
  taken_on jsonb not null default '{}',
  public_id text not null,
  dropped_at timestamptz,
  note text check (length(note) <= 400),
  version integer not null default 1,
  primary key (ws, id),
  unique (ws, sitting, station),
  unique (public_id),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, station) references station (ws, id),
  foreign key (ws, swapped_individual) references individual (ws, id)
);

-- What a student's phone knows an ask by: made anew for every sitting.
create table sitting_ask (
  ws uuid not null,
  sitting_station uuid not null,
  ask uuid not null,
  public_id text not null,
  primary key (ws, sitting_station, ask),
  unique (public_id),
  foreign key (ws, sitting_station) references sitting_station (ws, id),
  foreign key (ws, ask) references ask (ws, id)
);

create table attendance (
  ws uuid not null,
  sitting uuid not null,
  student uuid not null,
  status text not null check (status in ('present', 'absent', 'excused', 'make_up')),
  extra_seconds integer not null default 0 check (extra_seconds >= 0),
  primary key (ws, sitting, student),
  foreign key (ws, sitting) references sitting (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade
);

alter table session add foreign key (ws, sitting) references sitting (ws, id);
