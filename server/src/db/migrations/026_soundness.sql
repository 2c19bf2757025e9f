-- A tag that the answers of a sitting spoke against, and that somebody looked at and found right: from then on its station
-- counts like any other.
create table tag_found_right (
  ws uuid not null,
  sitting_station uuid not null,
  why text not null check (length(why) between 3 and 400),
  by_account uuid,
  at timestamptz not null,
  primary key (ws, sitting_station),
  foreign key (ws, sitting_station) references sitting_station (ws, id) on delete cascade,
  foreign key (ws, by_account) references account (ws, id)
);

-- What the school's own system calls a student, for gradebooks alone; it is kept only where a teacher enters it.
alter table student add column school_id text check (length(school_id) between 1 and 40);
