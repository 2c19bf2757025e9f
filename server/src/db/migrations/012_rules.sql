-- A rule of thumb may speak of a number as well as of a state, and says how it came to be taught.
alter table rule alter column then_state drop not null;
alter table rule add column then_low double precision;
alter table rule add column then_high double precision;
alter table rule add column note text check (length(note) <= 600);
alter table rule add column version integer not null default 1;
alter table rule add constraint rule_character foreign key (ws, then_character) references character (ws, id);
alter table rule add constraint rule_then check (
  (then_state is not null and then_low is null and then_high is null)
  or (then_state is null and then_low is not null and then_high is not null and then_low >= 0 and then_low <= then_high));
