-- A board is written whole; its stamp says that it was, so that one that was read before is not read again.
alter table section_board add column stamp uuid not null default gen_random_uuid();

-- Whoever was graded, who wrote another species on some days, and what was called: each found without reading the rest.
create index grading_run_of on grading_run (ws, sitting);
create index cell_student_other on cell_student (ws, sitting) include (truth, answer, student) where named = 'other';
create index look_called on look (ws, section, student) where calls <> '[]';
