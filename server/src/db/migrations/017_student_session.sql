-- A student's session outlives a sitting: every sitting it joined is a phone of that session. Which one a request is
-- about, it says itself; `session.device` is the one joined last. Sessions belong to an installation and not to its
-- data, so a device does not name its session.
alter table session add constraint session_id unique (id);
create table session_device (
  session uuid not null references session (id) on delete cascade,
  ws uuid not null,
  device uuid not null,
  primary key (session, device),
  foreign key (ws, device) references device (ws, id) on delete cascade
);
insert into session_device (session, ws, device) select id, ws, device from session where device is not null;
create index session_device_device on session_device (ws, device);
alter table session drop constraint session_walk;
alter table session drop column sitting;
alter table session drop column takeover;
alter table session add constraint session_walk check (device is null or student is not null);
