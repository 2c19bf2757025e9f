-- One tree of taxa for every rank and named group, with names, prose, cautions and look-alikes.
create table source (
  ws uuid not null references workspace (id),
  id uuid not null,
  kind text not null check (kind in ('book', 'herbarium', 'colleague', 'measurement', 'own')),
  citation text not null check (length(citation) between 1 and 400),
  n integer check (n > 0),
  rank integer not null default 100,
  primary key (ws, id)
);

create table taxon (
  ws uuid not null references workspace (id),
  id uuid not null,
  rank text not null check (rank in ('family', 'genus', 'section', 'group', 'species', 'infraspecies', 'cultivar', 'hybrid')),
  genus text,
  hybrid_mark boolean not null default false,
  epithet text,
  infra_rank text check (infra_rank in ('subsp.', 'var.', 'f.', 'cv.')),
  infra_epithet text,
  authority text,
  status text not null default 'draft' check (status in ('draft', 'checked')),
  checked_by uuid,
  checked_on date,
  version integer not null default 1,
  primary key (ws, id),
  foreign key (ws, checked_by) references account (ws, id),
  check ((infra_rank is null) = (infra_epithet is null))
);

-- Acyclic: kept by the application inside the transaction that writes a link.
create table taxon_parent (
  ws uuid not null,
  child uuid not null,
  parent uuid not null,
  kind text not null check (kind in ('classification', 'group', 'hybrid_parent')),
  ord integer not null default 0,
  primary key (ws, child, parent, kind),
  foreign key (ws, child) references taxon (ws, id),
  foreign key (ws, parent) references taxon (ws, id),
  check (child <> parent)
);
create index taxon_parent_parent on taxon_parent (ws, parent);

create table name (
  ws uuid not null,
  id uuid not null,
  taxon uuid not null,
  kind text not null check (kind in ('accepted', 'synonym', 'older_family', 'common')),
  text text not null check (length(text) between 1 and 160),
  folded text not null,
  preferred boolean not null default false,
  pronunciation text,
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id)
);
create unique index name_accepted on name (ws, folded) where kind = 'accepted';
create unique index name_one_accepted on name (ws, taxon) where kind = 'accepted';
create unique index name_once on name (ws, taxon, kind, folded);
create index name_folded on name (ws, folded);

create table name_root (
  ws uuid not null references workspace (id),
  id uuid not null,
  element text not null,
  language text not null,
  meaning text not null,
  character text,
  state text,
  contested boolean not null default false,
  primary key (ws, id),
  foreign key (ws, character, state) references state (ws, character, id)
);
create table name_root_of (
  ws uuid not null,
  name uuid not null,
  root uuid not null,
  why text,
  primary key (ws, name, root),
  foreign key (ws, name) references name (ws, id) on delete cascade,
  foreign key (ws, root) references name_root (ws, id)
);

create table prose (
  ws uuid not null,
  id uuid not null,
  taxon uuid not null,
  topic text not null check (topic in ('summary', 'how_to_tell', 'mnemonic', 'wildlife', 'wood', 'history', 'habitat', 'pests', 'status', 'record_tree', 'why')),
  audience text not null default 'general' check (audience in ('young', 'general', 'technical')),
  text text not null check (length(text) between 1 and 4000),
  region text,
  on_date date,
  disputed boolean not null default false,
  primary key (ws, id),
  foreign key (ws, taxon) references taxon (ws, id)
);
create index prose_taxon on prose (ws, taxon);

create table pair_note (
  ws uuid not null,
  id uuid not null,
  a uuid not null,
  b uuid not null,
  character text,
  text text,
  mnemonic text,
  primary key (ws, id),
  foreign key (ws, a) references taxon (ws, id),
  foreign key (ws, b) references taxon (ws, id),
  foreign key (ws, character) references character (ws, id),
  check (a < b)
);
create index pair_note_pair on pair_note (ws, a, b);

create table rule (
  ws uuid not null references workspace (id),
  id uuid not null,
  quantifier text not null check (quantifier in ('all', 'only', 'all_and_only')),
  who jsonb not null,
  whenn jsonb not null,
  then_character text not null,
  then_state text not null,
  primary key (ws, id),
  foreign key (ws, then_character, then_state) references state (ws, character, id)
);

create table policy_override (
  ws uuid not null,
  character text not null,
  policy text not null check (policy in ('widest', 'typical', 'preferred')),
  preferred_source uuid,
  primary key (ws, character),
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, preferred_source) references source (ws, id)
);

create table range_record (
  ws uuid not null,
  taxon uuid not null,
  region text not null check (region ~ '^[A-Z]{2}(-[A-Z0-9]{1,6})?(-[0-9]{3})?$'),
  presence text not null check (presence in ('native', 'introduced', 'planted', 'rare')),
  source uuid,
  primary key (ws, taxon, region),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, source) references source (ws, id)
);
