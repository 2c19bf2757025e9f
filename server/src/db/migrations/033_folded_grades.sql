-- Grades in force are found by what was written through an index of those that have a text. Without the text it could be asked for
-- any grade in force, and a planner that knew the table as it was before the class wrote went through all of it for each answer.
drop index grade_folded;
create index grade_folded on grade (folded, ws) where last_seq is null and folded is not null;
