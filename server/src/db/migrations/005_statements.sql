-- What a source says of one character of a taxon (profile) or of an individual (certified), and seasons.
create table statement (
  ws uuid not null,
  id uuid not null,
  taxon uuid,
  individual uuid,
  character text not null,
  kind text not null check (kind in ('states', 'range', 'inapplicable')),
  life text check (life in ('seedling', 'sprout', 'sun', 'shade', 'young', 'mature', 'foot', 'upper_trunk', 'open_grown', 'forest_grown', 'juvenile', 'adult')),
  source uuid,
  certified_by uuid,
  sureness text check (sureness in ('sure', 'leaning', 'guessing')),
  n integer check (n > 0),
  exception boolean not null default false,
  note text check (length(note) <= 400),
  at timestamptz not null default now(),
  retracted_at timestamptz,
  version integer not null default 1,
  primary key (ws, id),
  unique (ws, id, character),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, source) references source (ws, id),
  foreign key (ws, certified_by) references account (ws, id),
  check ((taxon is null) <> (individual is null)),
  check (individual is not null or source is not null)
);
create index statement_taxon on statement (ws, taxon) where retracted_at is null;
create index statement_individual on statement (ws, individual) where retracted_at is null;
-- One source says one thing of one character at one stage of life.
create unique index statement_once on statement
  (ws, coalesce(taxon, individual), character, coalesce(source, '00000000-0000-0000-0000-000000000000'), coalesce(life, ''))
  where retracted_at is null;

create table statement_state (
  ws uuid not null,
  statement uuid not null,
  character text not null,
  state text not null,
  freq text not null check (freq in ('usual', 'sometimes', 'rare', 'mistaken_for')),
  primary key (ws, statement, state),
  foreign key (ws, statement, character) references statement (ws, id, character) on delete cascade,
  foreign key (ws, character, state) references state (ws, character, id)
);

create table statement_range (
  ws uuid not null,
  statement uuid not null,
  xlow double precision,
  low double precision not null,
  high double precision not null,
  xhigh double precision,
  entered text not null check (length(entered) <= 120),
  primary key (ws, statement),
  foreign key (ws, statement) references statement (ws, id) on delete cascade,
  check (low <= high and low >= 0),
  check (xlow is null or (xlow >= 0 and xlow <= low)),
  check (xhigh is null or xhigh >= high)
);

create table season_window (
  ws uuid not null,
  id uuid not null,
  taxon uuid not null,
  source uuid,
  kind text not null check (kind in ('leaf_out', 'pollen', 'receptive', 'ripening', 'hanging', 'autumn', 'leaf_fall')),
  start_doy integer not null check (start_doy between 1 and 365),
  end_doy integer not null check (end_doy between 1 and 365),
  ref_lat double precision not null,
  ref_lon double precision not null,
  ref_elev double precision not null,
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, source) references source (ws, id)
);
create index season_window_taxon on season_window (ws, taxon);

create table season_observed (
  ws uuid not null,
  id uuid not null,
  site uuid not null,
  taxon uuid,
  individual uuid,
  kind text not null check (kind in ('leaf_out', 'pollen', 'receptive', 'ripening', 'hanging', 'autumn', 'leaf_fall')),
  present boolean not null default true,
  on_date date not null,
  by_account uuid,
  primary key (ws, id),
  foreign key (ws, site) references site (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, by_account) references account (ws, id),
  check ((taxon is null) <> (individual is null))
);

-- Whatever changes the library gives it a new stamp. One installation holds one workspace, so all of them are stamped.
create function stamp_library() returns trigger language plpgsql as $$
begin
  update workspace set library_stamp = gen_random_uuid();
  return null;
end $$;
create trigger stamp_library after insert or update or delete on character for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on state for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on character_applies for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on source for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on taxon for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on taxon_parent for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on name for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on statement for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on statement_state for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on statement_range for each statement execute function stamp_library();
create trigger stamp_library after insert or update or delete on season_window for each statement execute function stamp_library();
create trigger stamp_library after update of merge_policy on workspace for each row
  when (old.merge_policy is distinct from new.merge_policy) execute function stamp_library();
