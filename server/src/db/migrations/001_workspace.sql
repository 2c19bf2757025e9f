-- Workspaces, people who sign in, sessions, jobs and the history of changes.
create table workspace (
  id uuid primary key,
  name text not null check (length(name) between 1 and 120),
  merge_policy text not null default 'widest' check (merge_policy in ('widest', 'typical', 'preferred')),
  settings jsonb not null default '{}',
  today_override date,
  vocabulary_version integer not null default 1,
  -- New with every change of the library, so that what was read under it may be kept; never the same twice.
  library_stamp uuid not null default gen_random_uuid()
);

create table account (
  ws uuid not null references workspace (id),
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  role text not null check (role in ('owner', 'instructor', 'assistant')),
  scrypt text not null,
  created_at timestamptz not null default now(),
  disabled_at timestamptz,
  primary key (ws, id)
);
create unique index account_name on account (lower(name));

create table student (
  ws uuid not null references workspace (id),
  id uuid not null,
  code text not null check (code ~ '^[A-Za-z0-9-]{1,16}$'),
  first_name text check (length(first_name) <= 40),
  primary key (ws, id)
);
create table erased_student (
  ws uuid not null references workspace (id),
  id uuid not null,
  at timestamptz not null default now(),
  primary key (ws, id)
);

-- A session belongs to an account, or to a student within one sitting (its foreign key stands in 007).
create table session (
  token_hash text primary key,
  ws uuid not null references workspace (id),
  account uuid,
  student uuid,
  sitting uuid,
  takeover integer,
  expires timestamptz not null,
  foreign key (ws, account) references account (ws, id) on delete cascade,
  foreign key (ws, student) references student (ws, id) on delete cascade,
  check ((account is null) <> (student is null)),
  check ((student is null) = (sitting is null))
);
create index session_expires on session (expires);

-- Failed and counted attempts for limits, shared by all application processes.
create table attempt_limit (
  bucket text not null,
  window_start timestamptz not null,
  count integer not null default 1,
  primary key (bucket, window_start)
);

create table job (
  ws uuid not null references workspace (id),
  id uuid not null,
  kind text not null,
  params jsonb not null default '{}',
  state text not null default 'waiting' check (state in ('waiting', 'running', 'done', 'failed', 'cancelled', 'interrupted')),
  done integer not null default 0 check (done >= 0),
  total integer check (total >= 0),
  result jsonb,
  error jsonb,
  cancel boolean not null default false,
  lease_until timestamptz,
  primary key (ws, id)
);

create table change (
  ws uuid not null references workspace (id),
  id uuid not null,
  at timestamptz not null default now(),
  account uuid,
  subject_kind text not null,
  subject_id text not null,
  before jsonb,
  after jsonb,
  batch uuid,
  primary key (ws, id),
  foreign key (ws, account) references account (ws, id)
);
create index change_subject on change (ws, subject_kind, subject_id, at);

create table import_batch (
  ws uuid not null references workspace (id),
  id uuid not null,
  kind text not null,
  file_hash text not null,
  report jsonb not null,
  applied_at timestamptz,
  undone_at timestamptz,
  primary key (ws, id)
);

create table threshold (
  ws uuid not null references workspace (id),
  name text not null,
  value double precision not null,
  primary key (ws, name)
);
