-- Who may come in, and where they are signed in. An invitation is for one person and one use; one that names an account
-- lets its owner choose a new passphrase.
alter table invitation add column id uuid not null;
alter table invitation add column name text not null check (length(name) between 1 and 80);
alter table invitation add column account uuid;
alter table invitation add column withdrawn_at timestamptz;
alter table invitation add constraint invitation_id unique (ws, id);
alter table invitation add constraint invitation_account foreign key (ws, account) references account (ws, id) on delete cascade;

alter table session add column id uuid not null default gen_random_uuid();
alter table session add column started_at timestamptz not null default now();
-- A name for the browser, for its owner to know it by; null for phones of students.
alter table session add column browser text;
create index session_account on session (ws, account) where account is not null;
-- Two owners who change one person are both heard.
alter table account add column version integer not null default 1;

-- Students of several sections who are one person: joined by merges that were not undone, each way.
create view same_person as
  with recursive link as (
    select ws, a, b from person_merge where undone_at is null
    union select ws, b, a from person_merge where undone_at is null),
  reach as (
    select ws, id as person, id as other from person
    union select r.ws, r.person, l.b from reach r join link l on l.ws = r.ws and l.a = r.other)
  select s.ws, s.id as student,
    coalesce((select min(r.other::text) from reach r where r.ws = s.ws and r.person = s.person), s.id::text) as who
  from student s;
create index student_person on student (ws, person) where person is not null;
