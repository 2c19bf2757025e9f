-- Lists, sections, rosters, lessons and fitted miss rates.
create table list (
  ws uuid not null references workspace (id),
  id uuid not null,
  name text not null check (length(name) between 1 and 120),
  version integer not null default 1,
  primary key (ws, id)
);

create table list_member (
  ws uuid not null,
  list uuid not null,
  taxon uuid not null,
  week integer check (week between 1 and 60),
  label text check (length(label) between 1 and 120),
  ord integer not null,
  primary key (ws, list, taxon),
  foreign key (ws, list) references list (ws, id) on delete cascade,
  foreign key (ws, taxon) references taxon (ws, id)
);

create table section (
  ws uuid not null references workspace (id),
  id uuid not null,
  name text not null check (length(name) between 1 and 120),
  term text not null,
  level text not null default 'general' check (level in ('young', 'general', 'technical')),
  list uuid not null,
  site uuid not null,
  starts_on date,
  primary key (ws, id),
  foreign key (ws, list) references list (ws, id),
  foreign key (ws, site) references site (ws, id)
);

create table section_account (
  ws uuid not null,
  section uuid not null,
  account uuid not null,
  primary key (ws, section, account),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, account) references account (ws, id)
);

create table enrolment (
  ws uuid not null,
  section uuid not null,
  student uuid not null,
  from_on date not null,
  to_on date,
  primary key (ws, section, student, from_on),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, student) references student (ws, id) on delete cascade,
  check (to_on >= from_on)
);

create table lesson (
  ws uuid not null,
  id uuid not null,
  section uuid not null,
  on_date date not null,
  kind text not null check (kind in ('taught', 'retaught')),
  primary key (ws, id),
  foreign key (ws, section) references section (ws, id)
);
create table lesson_item (
  ws uuid not null,
  lesson uuid not null,
  taxon uuid not null,
  other uuid,
  ord integer not null,
  primary key (ws, lesson, ord),
  foreign key (ws, lesson) references lesson (ws, id) on delete cascade,
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, other) references taxon (ws, id),
  check (other <> taxon)
);

create table miss_fit (
  ws uuid not null,
  id uuid not null,
  section uuid not null,
  at timestamptz not null default now(),
  input_hash text not null,
  engine text not null,
  primary key (ws, id),
  foreign key (ws, section) references section (ws, id)
);
create table miss_rate (
  ws uuid not null,
  fit uuid not null,
  character text not null,
  m double precision not null check (m between 0 and 1),
  lo double precision not null,
  hi double precision not null,
  e double precision,
  direct integer not null default 0,
  indirect integer not null default 0,
  bundle text,
  primary key (ws, fit, character),
  foreign key (ws, fit) references miss_fit (ws, id) on delete cascade,
  foreign key (ws, character) references character (ws, id),
  check (lo <= m and m <= hi)
);
create table applied_fit (
  ws uuid not null,
  section uuid not null,
  fit uuid not null,
  primary key (ws, section),
  foreign key (ws, section) references section (ws, id),
  foreign key (ws, fit) references miss_fit (ws, id)
);
