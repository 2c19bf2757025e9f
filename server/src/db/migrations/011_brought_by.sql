-- The import that brought a statement: undoing it needs no list of what it wrote.
alter table statement add column brought_by uuid;
drop index statement_individual;
create index statement_individual on statement (ws, individual) where individual is not null and retracted_at is null;
