-- A station may ask for the family, and a family is counted apart where a species was asked.
insert into ask_kind values ('family');
alter table look drop constraint look_named_check;
alter table look add constraint look_named_check
  check (named in ('right', 'other', 'unlisted', 'blank', 'genus_only', 'family', 'cannot_tell'));
