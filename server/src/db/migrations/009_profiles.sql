-- What writing profiles needs: versions on what is edited at once, shipped sources, record trees, photographs kept in
-- the database, what was asked and settled, and the stamp of the library on every table it is read from.
alter table source drop constraint source_kind_check;
alter table source add constraint source_kind_check
  check (kind in ('book', 'herbarium', 'colleague', 'measurement', 'own', 'shipped'));
alter table source add column version integer not null default 1;

alter table character add column version integer not null default 1;
alter table section add constraint section_level_known check (level in ('young', 'general', 'technical'));

create table record_tree (
  ws uuid not null,
  taxon uuid not null,
  girth_mm double precision not null check (girth_mm > 0),
  height_mm double precision not null check (height_mm > 0),
  spread_mm double precision not null check (spread_mm > 0),
  place text check (length(place) between 1 and 160),
  year integer check (year between 1500 and 2500),
  primary key (ws, taxon),
  foreign key (ws, taxon) references taxon (ws, id)
);

-- The bytes of a photograph, made anew without what the camera wrote into it.
create table photo_blob (
  ws uuid not null references workspace (id),
  key text not null,
  kind text not null check (kind in ('image/jpeg')),
  bytes bytea not null check (octet_length(bytes) <= 4000000),
  width integer not null check (width > 0),
  height integer not null check (height > 0),
  primary key (ws, key)
);
create index photo_taxon on photo (ws, taxon);

-- A question about a profile that somebody has answered: it is so.
create table question_settled (
  ws uuid not null,
  taxon uuid not null,
  question text not null check (length(question) between 1 and 400),
  account uuid,
  at timestamptz not null default now(),
  primary key (ws, taxon, question),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, account) references account (ws, id)
);

alter table change add column undone_at timestamptz;
create index change_account on change (ws, account, at);

create trigger stamp_library after insert or update or delete on confusion for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on word for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on policy_override for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on season_observed for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on site for each statement execute function stamp_library();
