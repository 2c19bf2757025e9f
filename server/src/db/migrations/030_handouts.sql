-- Who gives a handout to the public, and what must be said on each.
alter table workspace
  add column office_name text not null default '' check (length(office_name) <= 160),
  add column office_contact text not null default '' check (length(office_contact) <= 240),
  add column office_statement text not null default '' check (length(office_statement) <= 1000);

-- What a species' page of the week says and shows, beside what is recorded of the species.
create table week_page (
  ws uuid not null,
  taxon uuid not null,
  text text not null check (length(text) <= 3000),
  photo uuid,
  individual uuid,
  place text not null check (length(place) <= 400),
  version integer not null default 1,
  primary key (ws, taxon),
  foreign key (ws, taxon) references taxon (ws, id),
  foreign key (ws, photo) references photo (ws, id) on delete set null (photo),
  foreign key (ws, individual) references individual (ws, id)
);
