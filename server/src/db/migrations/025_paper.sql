-- Lines of a paper sheet that fit the key one line up or down. While the question is open, its lines are no looks; the sheet
-- as it was written stays among the answers.
create table sheet_shift (
  ws uuid not null,
  id uuid not null,
  sitting uuid not null,
  student uuid not null,
  -- Numbers of the first and the last station.
  first integer not null check (first > 0),
  last integer not null check (last >= first),
  moved smallint not null check (moved in (-1, 1)),
  state text not null check (state in ('open', 'shifted', 'left')),
  decided_by uuid,
  decided_at timestamptz,
  at timestamptz not null,
  primary key (ws, id),
  foreign key (ws, sitting) references sitting (ws, id) on delete cascade,
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, decided_by) references account (ws, id),
  check ((state = 'open') = (decided_at is null))
);
create unique index sheet_shift_open on sheet_shift (ws, sitting, student) where state = 'open';
create index sheet_shift_student on sheet_shift (ws, sitting, student);

-- Which share of the sheets somebody else enters a second time, without seeing the first entry; and what they entered.
alter table sitting add column second_share double precision not null default 0 check (second_share between 0 and 1);
create table second_entry (
  ws uuid not null,
  sitting uuid not null,
  student uuid not null,
  by_account uuid not null,
  -- By station and question: the answer as it was entered the second time.
  answers jsonb not null,
  primary key (ws, sitting, student),
  foreign key (ws, sitting) references sitting (ws, id) on delete cascade,
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, by_account) references account (ws, id)
);

-- A photograph of a sheet, to be seen beside its entry.
create table sheet_photo (
  ws uuid not null,
  sitting uuid not null,
  student uuid not null,
  bytes bytea not null,
  primary key (ws, sitting, student),
  foreign key (ws, sitting) references sitting (ws, id) on delete cascade,
  foreign key (ws, student) references student (ws, id) on delete cascade
);

-- How results were returned: on phones and slips, or read aloud on a led walk, which holds nothing back from this class.
alter table sitting add column returned_by text check (returned_by in ('phone', 'aloud'));
update sitting set returned_by = 'phone' where state = 'returned';
alter table sitting add check ((state = 'returned') = (returned_by is not null));
