import { v7 } from 'uuid';
import { readRoster } from '@hurrow/core/formats';
import type { PlannedChange, Refusal, RosterLine } from '@hurrow/core/formats';
import type { Sql } from '../db/index.ts';
import { outcomeOf } from './read.ts';
import type { Outcome } from './read.ts';
import { recorder } from './recorder.ts';
import type { Undo } from './recorder.ts';

interface PlannedLine extends RosterLine {
  readonly sectionId: string;
  readonly student: string | null;
  readonly enrolled: boolean;
  readonly renamed: boolean;
}

export type PlannedRoster =
  | {
      readonly ok: true;
      readonly outcome: Outcome;
      readonly lines: readonly PlannedLine[];
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/** Sections by name, or by name and term where several terms have one of that name: `Tuesday lab, Fall 2026`. */
function sectionsCalled<T extends { readonly name: string; readonly term: string }>(
  sections: readonly T[],
  text: string,
): readonly T[] {
  const wanted = text.trim().toLowerCase();
  const whole = sections.filter((s) => `${s.name}, ${s.term}`.toLowerCase() === wanted);
  return whole.length > 0 ? whole : sections.filter((s) => s.name.toLowerCase() === wanted);
}

/** Holds a roster against the sections: who is new to a section, who is called otherwise, what is refused. */
export async function planRoster(sql: Sql, ws: string, text: string): Promise<PlannedRoster> {
  const read = readRoster(text);
  if (!read.ok) return read;
  const sections = await sql.query<{ id: string; name: string; term: string }>(
    'select id, name, term from section where ws = $1',
    [ws],
  );
  const enrolled = await sql.query<{
    section: string;
    student: string;
    code: string;
    name: string | null;
    schoolId: string | null;
  }>(
    `select e.section, s.id as student, s.code, s.first_name as name, s.school_id as "schoolId" from enrolment e
     join student s on s.ws = e.ws and s.id = e.student where e.ws = $1 and e.to_on is null`,
    [ws],
  );
  const refused: Refusal[] = [];
  const changes: PlannedChange[] = [];
  let same = 0;
  const lines = read.value.flatMap((line, i): PlannedLine[] => {
    const called = sectionsCalled(sections, line.section);
    const [section] = called;
    if (!section || called.length > 1) {
      refused.push({
        ...read.where([i]),
        message: section
          ? `${called.length} sections are called “${line.section}”.`
          : `No section is called “${line.section}”.`,
        remedy: section
          ? `Write the term too: ${called.map((s) => `“${s.name}, ${s.term}”`).join(' or ')}.`
          : 'Correct the name, or make the section first under Classes.',
      });
      return [];
    }
    const there = enrolled.find(
      (e) => e.section === section.id && e.code.toLowerCase() === line.code.toLowerCase(),
    );
    const newName = line.name !== null && there?.name !== line.name;
    const newId = line.schoolId !== null && there?.schoolId !== line.schoolId;
    const renamed = there !== undefined && (newName || newId);
    const name = `${section.name}, ${line.code}`;
    if (!there) changes.push({ kind: 'student', what: 'new', name, detail: line.name ?? '' });
    else if (renamed)
      changes.push({
        kind: 'student',
        what: 'changed',
        name,
        detail: [
          ...(newName ? [`${there.name ?? 'no name'} → ${line.name ?? ''}`] : []),
          ...(newId ? [`school ID ${there.schoolId ?? 'none'} → ${line.schoolId ?? ''}`] : []),
        ].join('; '),
      });
    else same += 1;
    return [
      {
        ...line,
        sectionId: section.id,
        student: there?.student ?? null,
        enrolled: there !== undefined,
        renamed,
      },
    ];
  });
  return { ok: true, outcome: outcomeOf(changes, same, refused, []), lines };
}

/** Enrols who is new and writes names that changed. Nobody is taken out: that is done by hand. */
export async function applyRoster(
  tx: Sql,
  ws: string,
  batch: string,
  lines: readonly PlannedLine[],
  at: string,
  progress: (done: number, total: number) => Promise<void>,
): Promise<Undo> {
  const rec = recorder(tx, ws, batch);
  await progress(0, lines.length);
  const renamed = lines.filter((l) => l.renamed);
  await rec.keep(
    'student',
    'id',
    renamed.map((l) => l.student),
  );
  for (const l of renamed) {
    await tx.query(
      'update student set first_name = coalesce($3, first_name), school_id = coalesce($4, school_id) where ws = $1 and id = $2',
      [ws, l.student, l.name, l.schoolId],
    );
  }
  const fresh = lines.filter((l) => !l.enrolled).map((l) => ({ ...l, id: v7() }));
  await rec.insert(
    'student',
    fresh.map((l) => ({ id: l.id, code: l.code, first_name: l.name, school_id: l.schoolId })),
  );
  await rec.insert(
    'enrolment',
    fresh.map((l) => ({ section: l.sectionId, student: l.id, from_on: at.slice(0, 10) })),
  );
  rec.watch('student', 'id', [...renamed.map((l) => l.student), ...fresh.map((l) => l.id)]);
  await progress(lines.length, lines.length);
  return rec.finish();
}

export const readRosterLines = (
  sql: Sql,
  ws: string,
  section: string | null,
): Promise<readonly RosterLine[]> =>
  sql.query<RosterLine>(
    `select case when exists (select 1 from section o where o.ws = c.ws and o.id <> c.id and lower(o.name) = lower(c.name))
         then c.name || ', ' || c.term else c.name end as section, s.code, s.first_name as name, s.school_id as "schoolId" from enrolment e
     join section c on c.ws = e.ws and c.id = e.section join student s on s.ws = e.ws and s.id = e.student
     where e.ws = $1 and e.to_on is null and ($2::uuid is null or c.id = $2)
     order by c.name collate "C", s.code collate "C"`,
    [ws, section],
  );
