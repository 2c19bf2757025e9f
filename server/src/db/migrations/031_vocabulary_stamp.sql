-- The vocabulary changes far more seldom than the rest of the library, and is the longest to read; it has a stamp of its own.
alter table workspace add column vocabulary_stamp uuid not null default gen_random_uuid();

create function stamp_vocabulary() returns trigger language plpgsql as $$
begin
  update workspace set vocabulary_stamp = gen_random_uuid();
  return null;
end $$;
create trigger stamp_vocabulary after insert or update or delete on character for each statement execute function stamp_vocabulary();
create trigger stamp_vocabulary after insert or update or delete on state for each statement execute function stamp_vocabulary();
create trigger stamp_vocabulary after insert or update or delete on character_applies for each statement execute function stamp_vocabulary();
create trigger stamp_vocabulary after insert or update or delete on confusion for each statement execute function stamp_vocabulary();
