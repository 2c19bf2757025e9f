-- A station may ask for the family, and a family is counted apart where a species was asked.
insert into ask_kind values ('family');
alter table look drop constraint look_named_check;
alter table look add constraint look_named_check
  check (named in ('right', 'other', 'unlisted', 'blank', 'genus_only', 'family', 'cannot_tell'));

-- A rule says one thing or several: a feature, none of it, one of several, or what taxon its subjects are.
alter table rule add column thenn jsonb;
update rule set thenn = jsonb_build_array(
  case when then_state is null
    then jsonb_build_object('character', then_character, 'low', then_low, 'high', then_high)
    else jsonb_build_object('character', then_character, 'state', then_state) end);
alter table rule alter column thenn set not null;
alter table rule add constraint rule_thenn check (jsonb_typeof(thenn) = 'array' and jsonb_array_length(thenn) > 0);
alter table rule drop column then_character, drop column then_state, drop column then_low, drop column then_high;

-- One source may say two things of one character, where its notes tell the places apart.
drop index statement_once;
create unique index statement_once on statement
  (ws, coalesce(taxon, individual), character, coalesce(source, '00000000-0000-0000-0000-000000000000'), coalesce(life, ''),
   coalesce(note, ''))
  where retracted_at is null;
