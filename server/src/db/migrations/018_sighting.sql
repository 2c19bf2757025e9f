-- What was seen in season is a sighting everywhere: in the table, in the routes and on the screen.
alter table season_observed rename to sighting;
