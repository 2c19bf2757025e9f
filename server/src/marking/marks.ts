import type { AskKind, MarkOutcome, MarkRow, Marks, Station, StudentTotal } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { readStations } from '../quizzes/index.ts';
import { isStale } from '../sittings/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import { readRulings } from './rulings.ts';

interface Row {
  response: string;
  student: string;
  code: string;
  first_name: string | null;
  number: number;
  truth: string;
  kind: AskKind;
  character: string | null;
  ord: number;
  typed: string | null;
  value: { state?: string } | null;
  origin: MarkRow['origin'];
  outcome: MarkOutcome;
  points: number;
  most: number;
  taxon: string | null;
  why: string;
  late: boolean;
  o_points: number | null;
  o_outcome: string | null;
  o_reason: string | null;
  o_by: string | null;
}

/** The marks of one run, station by station. */
export async function readMarkRows(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  run: string,
  stations: readonly Station[],
): Promise<readonly MarkRow[]> {
  const truths = new Map(stations.map((s) => [s.id, s.tree.taxon]));
  const rows = await sql.query<Row & { station: string }>(
    `select m.response, t.student, st.code, st.first_name, s.number, s.id as station, a.kind, a.character, a.ord,
       r.typed, r.value, r.origin, r.late, m.outcome, m.points, m.most, m.taxon, m.why,
       o.points as o_points, o.outcome as o_outcome, o.reason as o_reason, ac.name as o_by
     from mark m join response r on r.ws = m.ws and r.id = m.response
     join attempt t on t.ws = r.ws and t.id = r.attempt join student st on st.ws = t.ws and st.id = t.student
     join ask a on a.ws = r.ws and a.id = r.ask join station s on s.ws = a.ws and s.id = a.station
     left join override o on o.ws = m.ws and o.response = m.response and o.withdrawn_at is null
     left join account ac on ac.ws = o.ws and ac.id = o.by_account
     where m.ws = $1 and m.run = $2 order by s.number, length(st.code), st.code, a.ord`,
    [ws, run],
  );
  const headers = await readHeaders(sql, ws, [...new Set(rows.flatMap((r) => r.taxon ?? []))]);
  const rulings = await readRulings(sql, ws, sitting.list, sitting.id);
  return rows.flatMap((r): MarkRow[] => {
    const truth = truths.get(r.station);
    if (!truth) return [];
    const typed = r.typed ?? r.value?.state ?? '';
    return [
      {
        response: r.response,
        student: r.student,
        code: r.code,
        firstName: r.first_name,
        station: r.number,
        truth,
        kind: r.kind,
        character: r.character,
        typed,
        origin: r.origin,
        outcome: r.outcome,
        points: r.points,
        most: r.most,
        taxon: r.taxon ? (headers.get(r.taxon) ?? null) : null,
        why: r.why,
        late: r.late,
        override:
          r.o_points === null
            ? null
            : { points: r.o_points, outcome: r.o_outcome ?? '', reason: r.o_reason ?? '', by: r.o_by ?? '' },
        ruled: r.kind !== 'call' && rulings.has(normalise(typed)),
      },
    ];
  });
}

/** Points by student; an ask without an answer counts as nothing of its points. */
function totalsOf(stations: readonly Station[], rows: readonly MarkRow[]): readonly StudentTotal[] {
  const asks = stations.flatMap((s) => s.asks).filter((a) => a.kind !== 'sureness');
  const most = asks.reduce((n, a) => n + a.points, 0);
  const byStudent = new Map<string, MarkRow[]>();
  for (const r of rows) byStudent.set(r.student, [...(byStudent.get(r.student) ?? []), r]);
  return [...byStudent.values()].flatMap((own): StudentTotal[] => {
    const [first] = own;
    if (!first) return [];
    const points = own.reduce((n, r) => n + (r.override?.points ?? r.points), 0);
    return [
      {
        student: first.student,
        code: first.code,
        firstName: first.firstName,
        points: Math.round(points * 100) / 100,
        most,
        unanswered: asks.length - own.filter((r) => r.typed !== '').length,
      },
    ];
  });
}

/** The newest run of a sitting with its marks, and whether anything came in since. */
export async function readMarks(sql: Sql, ws: string, sitting: SittingRow): Promise<Marks> {
  const run = await maybe<{ id: string; at: string }>(
    sql,
    `select m.id, m.at from marking_run m where m.ws = $1 and m.sitting = $2 order by m.seq desc limit 1`,
    [ws, sitting.id],
  );
  if (!run) return { run: null, at: null, stale: false, rows: [], totals: [] };
  const stations = await readStations(sql, ws, sitting.quiz);
  const rows = await readMarkRows(sql, ws, sitting, run.id, stations);
  return {
    run: run.id,
    at: run.at,
    stale: await isStale(sql, ws, sitting.id, run.id),
    rows,
    totals: totalsOf(stations, rows),
  };
}
