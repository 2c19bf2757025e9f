-- How often a class misses each character, as fitted to its answers; what its instructor takes for it; readings corrected.
delete from applied_fit;
delete from miss_fit;
alter table miss_fit drop column scope;
alter table miss_fit add column sittings uuid[] not null;
-- Null where the command line made it or the account is gone.
alter table miss_fit add column by_account uuid;
alter table miss_fit add column looks integer not null check (looks >= 0);
alter table miss_fit add column students integer not null check (students >= 0);
-- Answers that say nothing of characters, by reason.
alter table miss_fit add column left_out jsonb not null;
-- Slips, the slope in weeks, readiness of names, passes, whether it settled, and how much answers scatter.
alter table miss_fit add column found jsonb not null;
alter table miss_fit add foreign key (ws, by_account) references account (ws, id);
create index miss_fit_section on miss_fit (ws, section, at desc);

alter table miss_rate drop column bundle;
alter table miss_rate add column bundle text[] not null default '{}';
alter table miss_rate add column evidence_group text not null;
-- Standard deviation of the logit of the rate.
alter table miss_rate add column sd double precision not null check (sd >= 0);
-- Wrong answers that would not have been given had it always been seen right, and the pairs they are of.
alter table miss_rate add column avoided double precision not null check (avoided >= 0);
alter table miss_rate add column pairs jsonb not null;
alter table miss_rate drop constraint miss_rate_verdict_check;
alter table miss_rate add constraint miss_rate_verdict_check check (verdict in ('estimated', 'undetermined', 'not enough looks'));

alter table applied_fit add column at timestamptz not null default now();
alter table applied_fit add column by_account uuid;
alter table applied_fit add foreign key (ws, by_account) references account (ws, id);

-- A reading of a wrong answer that an instructor put in place of the one worked out.
drop table diagnosis;
create table diagnosis (
  ws uuid not null,
  sitting_station uuid not null,
  student uuid not null,
  reading text not null,
  -- The first reading that was worked out when it was corrected.
  instead_of text not null,
  by_account uuid,
  at timestamptz not null,
  primary key (ws, sitting_station, student),
  foreign key (ws, sitting_station) references sitting_station (ws, id) on delete cascade,
  foreign key (ws, student) references student (ws, id) on delete cascade,
  foreign key (ws, by_account) references account (ws, id)
);
create index diagnosis_student on diagnosis (ws, student);
