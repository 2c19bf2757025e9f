-- Areas drawn on the map, what an import must remember to be undone, and records of an occurrence service.
create table range_area (
  ws uuid not null,
  id uuid not null,
  taxon uuid not null,
  presence text not null check (presence in ('native', 'introduced', 'planted', 'rare')),
  geometry jsonb not null,
  source uuid,
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, source) references source (ws, id)
);
create index range_area_taxon on range_area (ws, taxon);

alter table import_batch add column account uuid;
alter table import_batch add column name text check (length(name) between 1 and 120);
alter table import_batch add column undo jsonb;
create index import_batch_applied on import_batch (ws, applied_at);

-- The key of a record at the service it came from: it is never taken in twice.
alter table occurrence add column external text check (length(external) between 1 and 200);
alter table occurrence add column basis text;
alter table occurrence add column place text;
create unique index occurrence_external on occurrence (ws, external) where external is not null;
create index occurrence_taxon on occurrence (ws, taxon);

-- A plan is made against what stands; whatever it is compared with gives a new stamp when it changes.
create trigger stamp_library after insert or update or delete on prose for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on caution for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on pair_note for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on range_record for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on range_area for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on record_tree for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on list for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on list_member for each statement execute function stamp_library();
