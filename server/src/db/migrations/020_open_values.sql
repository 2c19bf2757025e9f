-- A state may be ruled out, and a number may be the least alone.
alter table statement_state drop constraint statement_state_freq_check;
alter table statement_state add constraint statement_state_freq_check
  check (freq in ('usual', 'sometimes', 'rare', 'mistaken_for', 'never'));

-- Open above: low and more. High is then the same as low, and there are no extremes.
alter table statement_range add column more boolean not null default false;
alter table statement_range add check (not more or (low = high and xlow is null and xhigh is null));

-- Another way to take a character in, with its own rate of misreadings: hairs that are felt instead of seen.
alter table character add column or_needs text[];
alter table character add column or_misread_mean double precision check (or_misread_mean > 0 and or_misread_mean < 1);
alter table character add column or_misread_weight double precision check (or_misread_weight > 0);
alter table character add check (
  (or_needs is null) = (or_misread_mean is null) and (or_needs is null) = (or_misread_weight is null));

-- A name may be that of a part of the taxon alone, or be wrongly used for it.
alter table name add column use text check (use in ('in_part', 'misused'));

-- Of a pair, the one that shows more of the character: larger, darker, flakier than the other. No number says how much.
alter table pair_note add column greater uuid;
alter table pair_note add check (greater is null or (character is not null and (greater = a or greater = b)));
