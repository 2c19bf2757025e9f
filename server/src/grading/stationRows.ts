import type { StudentLook } from '@hurrow/core/grading';
import { materialClass } from '@hurrow/core/quizzes';
import { insertSharing, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import type { Whose } from './answers.ts';
import type { KeptGrade } from './gradeText.ts';

/** The grading under way. */
export interface Run {
  readonly ws: string;
  readonly id: string;
  readonly seq: number;
  readonly sitting: SittingRow;
}

type GradeInForce = Omit<KeptGrade, 'student'>;

/**
 * The grades at a station that hold up to now. They are looked up answer by answer: joined at once, a planner that knows
 * the tables as they were before the class wrote reads all grades for each station.
 */
const inForce = (tx: Sql, ws: string, station: string, whose: Whose): Promise<readonly GradeInForce[]> =>
  tx.query<GradeInForce>(
    `select g.response, g.outcome, g.points, g.most, g.taxon, g.why, g.folded
     from (select r.id from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where r.ws = $1 and r.sitting_station = $2 and ($3::uuid[] is null or t.student = any($3::uuid[])) offset 0) r
     join lateral (select * from grade x where x.ws = $1 and x.response = r.id and x.last_seq is null offset 0) g on true`,
    [ws, station, whose],
  );

const isSame = (a: GradeInForce, b: GradeInForce): boolean =>
  a.outcome === b.outcome &&
  a.points === b.points &&
  a.most === b.most &&
  a.taxon === b.taxon &&
  a.why === b.why &&
  a.folded === b.folded;

/** Keeps the grades of a station that are other than before, and ends those they take the place of. @returns how many. */
export async function writeGrades(
  tx: Sql,
  run: Run,
  station: string,
  now: readonly KeptGrade[],
  whose: Whose,
): Promise<number> {
  const before =
    run.seq === 1
      ? new Map<string, GradeInForce>()
      : new Map((await inForce(tx, run.ws, station, whose)).map((g) => [g.response, g]));
  const changed = now.filter((g) => {
    const had = before.get(g.response);
    return had === undefined || !isSame(had, g);
  });
  const counting = new Set(now.map((g) => g.response));
  const ended = [
    ...changed.flatMap((g) => (before.has(g.response) ? g.response : [])),
    ...[...before.keys()].filter((r) => !counting.has(r)),
  ];
  if (ended.length > 0)
    await tx.query(
      `update grade set last_seq = $3 where ws = $1 and response = any($2::uuid[]) and last_seq is null`,
      [run.ws, ended, run.seq - 1],
    );
  await writeDerived(tx, () =>
    insertSharing(
      tx,
      'grade',
      ['response'],
      changed.map(({ student: _student, ...g }) => ({ ws: run.ws, run: run.id, ...g })),
    ),
  );
  return changed.length + ended.filter((r) => !counting.has(r)).length;
}

/** Writes the looks at a station in place of those that were there. */
export async function writeLooks(
  tx: Sql,
  run: Run,
  station: StationKey,
  looks: readonly StudentLook[],
  whose: Whose,
): Promise<void> {
  const { ws, sitting } = run;
  await tx.query(
    'delete from look where ws = $1 and sitting_station = $2 and ($3::uuid[] is null or student = any($3::uuid[]))',
    [ws, station.sittingStation, whose],
  );
  const rows = looks.map((look) => ({
    ws,
    run: run.id,
    section: sitting.section,
    sitting: sitting.id,
    sitting_station: station.sittingStation,
    student: look.student,
    response: look.response,
    attempt: look.attempt,
    key_rev: station.rev,
    individual: station.individual,
    met_before: false,
    on_date: sitting.on_date,
    form: look.form,
    options_shown: look.optionsShown,
    origin: look.origin,
    clues_open: look.cluesOpen,
    calls: look.calls,
    truth: station.taxon,
    named: look.named,
    answer: look.answer,
    outcome: look.outcome,
    sure: look.sure,
    material_class: materialClass(station.conditions.material),
  }));
  await writeDerived(tx, () => insertSharing(tx, 'look', ['student', 'response', 'attempt'], rows));
}
