-- What is over is archived or retired, and kept for what it was part of.
alter table section add column version integer not null default 1;
alter table section add column archived_at timestamptz;
alter table quiz add column archived_at timestamptz;
alter table tree add column retired_at timestamptz;

-- Staff see the join code as long as the sitting is open; afterwards it is gone.
alter table sitting add column code text;
alter table sitting add constraint sitting_code_while_open check (code is null or state = 'open');

-- What was undone can be redone, as long as nothing was changed since.
alter table change add column act text not null default 'change' check (act in ('change', 'undo', 'redo'));
alter table change add column redone_at timestamptz;
