-- Looks of a sitting at some species, which a decision about a name counts again; those of all species are its first columns.
drop index look_sitting;
create index look_sitting on look (ws, sitting, truth);
