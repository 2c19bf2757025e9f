-- Characters and states, copied into each workspace so that an instructor may reword or retire them.
create table character (
  ws uuid not null references workspace (id),
  id text not null check (id ~ '^[a-z]+\.[a-z_0-9]+$'),
  ord integer not null,
  organ text not null check (organ in ('form', 'bark', 'twig', 'leaf', 'flower', 'fruit', 'smell', 'wood', 'site')),
  kind text not null check (kind in ('nominal', 'ordered', 'count', 'length', 'ratio', 'colour', 'yesno')),
  term text not null,
  plain text not null,
  definition text not null,
  unit text not null default '',
  combine text not null default 'alternatives' check (combine in ('alternatives', 'together')),
  surface text check (surface in ('above', 'below')),
  level text check (level in ('leaf', 'leaflet', 'lobe', 'tooth')),
  evidence_group text,
  effort integer not null check (effort between 1 and 5),
  material text[] not null,
  needs text[] not null,
  distance text not null check (distance in ('far', 'binoculars', 'trunk', 'hand')),
  season text[] not null,
  wet text check (wet in ('lost', 'blurred')),
  on_brown_leaf boolean not null default false,
  counting text,
  misread_mean double precision not null check (misread_mean > 0 and misread_mean < 1),
  misread_weight double precision not null check (misread_weight > 0),
  origin text not null default 'shipped' check (origin in ('shipped', 'own')),
  origin_version integer,
  retired_at timestamptz,
  replaced_by text,
  primary key (ws, id),
  foreign key (ws, replaced_by) references character (ws, id)
);

create table state (
  ws uuid not null,
  character text not null,
  id text not null,
  parent text,
  ord integer not null,
  term text not null,
  plain text not null,
  definition text,
  swatch text check (swatch ~ '^#[0-9a-f]{6}$'),
  retired_at timestamptz,
  primary key (ws, character, id),
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, character, parent) references state (ws, character, id),
  check (parent <> id)
);

create table character_applies (
  ws uuid not null,
  character text not null,
  controller text not null,
  state text not null,
  primary key (ws, character, controller, state),
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, controller, state) references state (ws, character, id),
  check (character <> controller)
);

create table confusion (
  ws uuid not null,
  character text not null,
  true_state text not null,
  read_as text not null,
  weight double precision not null check (weight > 0),
  primary key (ws, character, true_state, read_as),
  foreign key (ws, character, true_state) references state (ws, character, id),
  foreign key (ws, character, read_as) references state (ws, character, id),
  check (true_state <> read_as)
);

create table word (
  ws uuid not null references workspace (id),
  id uuid not null,
  text text not null,
  folded text not null,
  character text not null,
  state text,
  audience text check (audience in ('young', 'general', 'technical')),
  primary key (ws, id),
  foreign key (ws, character) references character (ws, id),
  foreign key (ws, character, state) references state (ws, character, id)
);
create index word_folded on word (ws, folded);
