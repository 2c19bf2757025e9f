-- What a student mixed up again follows from how many looks there were at trees not met before, so that is counted with the rest.
alter table cell_student add column fresh integer not null default 0;
update cell_student c set fresh = l.fresh
from (select ws, sitting, student, truth, named, answer, count(*) filter (where not met_before) as fresh
      from look group by ws, sitting, student, truth, named, answer) l
where l.ws = c.ws and l.sitting = c.sitting and l.student = c.student and l.truth = c.truth and l.named = c.named
  and l.answer is not distinct from c.answer;
alter table cell_student alter column fresh drop default;
alter table cell_student add check (fresh between 0 and looks);
