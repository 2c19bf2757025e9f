-- Sites, trails, trees, specimens, photographs and plates, and what they truly are.
create table site (
  ws uuid not null references workspace (id),
  id uuid not null,
  name text not null,
  lat double precision not null check (lat between -90 and 90),
  lon double precision not null check (lon between -180 and 180),
  elev_m double precision not null check (elev_m between -500 and 9000),
  tz text not null,
  shift jsonb not null default '{}',
  primary key (ws, id)
);

create table trail (
  ws uuid not null,
  id uuid not null,
  site uuid not null,
  name text not null,
  line jsonb,
  primary key (ws, id),
  foreign key (ws, site) references site (ws, id)
);

create table individual (
  ws uuid not null references workspace (id),
  id uuid not null,
  kind text not null check (kind in ('tree', 'specimen', 'plate', 'photo')),
  stage text check (stage in ('seedling', 'pole', 'young', 'mature', 'old')),
  condition text check (length(condition) <= 400),
  version integer not null default 1,
  primary key (ws, id),
  unique (ws, id, kind)
);

create table tree (
  ws uuid not null,
  individual uuid not null,
  kind text not null default 'tree' check (kind = 'tree'),
  site uuid not null,
  trail uuid,
  tag text not null check (length(tag) between 1 and 24),
  lat double precision check (lat between -90 and 90),
  lon double precision check (lon between -180 and 180),
  elev_m double precision,
  hazards text[] not null default '{}',
  access text,
  planted boolean not null default false,
  primary key (ws, individual),
  foreign key (ws, individual, kind) references individual (ws, id, kind),
  foreign key (ws, site) references site (ws, id),
  foreign key (ws, trail) references trail (ws, id)
);
create unique index tree_tag on tree (ws, site, lower(tag));

create table specimen (
  ws uuid not null,
  individual uuid not null,
  kind text not null default 'specimen' check (kind = 'specimen'),
  from_tree uuid,
  organs text[] not null,
  nodes integer check (nodes >= 0),
  taken_on date,
  good_until date,
  bagged boolean not null default false,
  hides text[] not null default '{}',
  primary key (ws, individual),
  foreign key (ws, individual, kind) references individual (ws, id, kind),
  foreign key (ws, from_tree) references tree (ws, individual),
  check (good_until >= taken_on)
);

create table plate_spec (
  ws uuid not null,
  individual uuid not null,
  kind text not null default 'plate' check (kind = 'plate'),
  taxon uuid not null,
  seed bigint not null,
  primary key (ws, individual),
  foreign key (ws, individual, kind) references individual (ws, id, kind),
  foreign key (ws, taxon) references taxon (ws, id)
);

-- Append only; the newest counts.
create table determination (
  ws uuid not null,
  id uuid not null,
  individual uuid not null,
  taxon uuid not null,
  by_account uuid,
  sureness text not null check (sureness in ('sure', 'leaning', 'guessing')),
  at timestamptz not null default now(),
  primary key (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, by_account) references account (ws, id)
);
create index determination_newest on determination (ws, individual, at desc, id desc);

create table reach (
  ws uuid not null,
  individual uuid not null,
  organ text not null check (organ in ('form', 'bark', 'twig', 'leaf', 'flower', 'fruit', 'smell', 'wood', 'site')),
  how text not null check (how in ('far', 'binoculars', 'trunk', 'hand', 'out')),
  from_on date,
  to_on date,
  primary key (ws, individual, organ),
  foreign key (ws, individual) references individual (ws, id),
  check (to_on >= from_on)
);

create table measurement (
  ws uuid not null,
  id uuid not null,
  individual uuid not null,
  kind text not null,
  value_si double precision not null,
  sd double precision check (sd >= 0),
  method text,
  at timestamptz not null default now(),
  by_account uuid,
  primary key (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, by_account) references account (ws, id)
);

create table ring_count (
  ws uuid not null,
  id uuid not null,
  individual uuid not null,
  reader text not null,
  rings integer not null check (rings >= 0),
  core_height_m double precision,
  at timestamptz not null default now(),
  primary key (ws, id),
  foreign key (ws, individual) references individual (ws, id)
);

create table caution (
  ws uuid not null references workspace (id),
  id uuid not null,
  taxon uuid,
  individual uuid,
  trail uuid,
  hazard text not null check (hazard in ('toxic', 'irritant', 'thorns', 'allergy', 'climbing', 'road', 'water', 'tools', 'protected', 'pest', 'other')),
  forbids text[] not null default '{}',
  text text not null check (length(text) between 1 and 600),
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, trail) references trail (ws, id),
  check (num_nonnulls(taxon, individual, trail) = 1)
);

-- The name of the uploaded file is never kept.
create table photo (
  ws uuid not null references workspace (id),
  id uuid not null,
  individual uuid,
  taxon uuid,
  organ text check (organ in ('form', 'bark', 'twig', 'leaf', 'flower', 'fruit', 'smell', 'wood', 'site')),
  taken_on date,
  credit text,
  blob_key text not null,
  primary key (ws, id),
  foreign key (ws, individual) references individual (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  check (num_nonnulls(individual, taxon) = 1)
);

create table occurrence (
  ws uuid not null,
  id uuid not null,
  taxon uuid not null,
  lat double precision not null check (lat between -90 and 90),
  lon double precision not null check (lon between -180 and 180),
  on_date date,
  source uuid,
  verdict text check (verdict in ('accepted', 'rejected', 'unsure')),
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, source) references source (ws, id)
);
