import type { GradeOutcome, GradedAnswer, TaxonHeader } from '@hurrow/contract';
import { saidTo } from '@hurrow/core/grading';
import type { AnswerValue } from '@hurrow/core/answers';
import { TO_LOOK_AT } from '@hurrow/core/grading';
import { keyFor } from '@hurrow/core/quizzes';
import { readWide } from '../db/index.ts';
import type { Columns, Sql } from '../db/index.ts';
import { heldAt } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import type { Decisions } from './decisions.ts';
import { GRADED, TO_SEE } from './gradeSql.ts';
import type { Show } from './gradeSql.ts';

/** An answer with its grade, as it is read. */
export interface Row {
  readonly response: string;
  readonly student: string;
  readonly code: string;
  readonly first_name: string | null;
  readonly sitting_station: string;
  readonly ask: string;
  readonly value: AnswerValue;
  readonly origin: GradedAnswer['origin'];
  readonly late: boolean;
  readonly outcome: GradeOutcome;
  readonly points: number;
  readonly most: number;
  readonly taxon: string | null;
  readonly why: string;
  readonly folded: string | null;
  readonly o_points: number | null;
  readonly o_outcome: string | null;
  readonly o_reason: string | null;
  readonly o_by: string | null;
  /** When it was given, as PostgreSQL or the driver writes it: as the phone says, and no later than it came. */
  readonly given_at: string;
}

const ROW: Columns<Row> = {
  response: true,
  student: true,
  code: true,
  first_name: true,
  sitting_station: true,
  ask: true,
  value: true,
  origin: true,
  late: true,
  outcome: true,
  points: true,
  most: true,
  taxon: true,
  why: true,
  folded: true,
  o_points: true,
  o_outcome: true,
  o_reason: true,
  o_by: true,
  given_at: true,
};

/** Which answers are read, and what must be joined to tell. */
const SHOWN: Readonly<Record<Show, string>> = {
  all: '',
  names: `and exists (select 1 from ask a where a.ws = r.ws and a.id = r.ask and a.kind <> 'call')`,
  look: `and (${TO_SEE})`,
};

const grades = (
  show: Show,
): string => `select g.response, t.student, st.code, st.first_name, r.sitting_station, r.ask, r.value, r.origin, r.late,
    least(r.device_at, r.received_at) as given_at, g.outcome, g.points, g.most, g.taxon, g.why, g.folded,
    o.points as o_points, o.outcome as o_outcome, o.reason as o_reason, ac.name as o_by
  ${GRADED} left join account ac on ac.ws = o.ws and ac.id = o.by_account
  where t.ws = $1 and t.sitting = $2 ${SHOWN[show]}`;

type Headers = ReadonlyMap<string, TaxonHeader>;

/** A grade with the answer and the question it belongs to. */
export interface ReadGrade {
  readonly row: GradedAnswer;
  readonly sittingStation: string;
  /** The id of the question. */
  readonly ask: string;
  readonly value: AnswerValue;
  /** The revision of the station's key that holds for this student. */
  readonly key: StationKey;
}

/** Which revision of a station's key holds for a student, by what they answered there first. */
function keysOf(
  rows: readonly Row[],
  key: LockedKey,
): (r: Pick<Row, 'student' | 'sitting_station'>) => StationKey | undefined {
  if (key.earlier.size === 0) return (r) => key.stations.get(r.sitting_station);
  const first = new Map<string, string>();
  const place = (r: Pick<Row, 'student' | 'sitting_station'>): string => `${r.sitting_station}/${r.student}`;
  for (const r of rows) {
    const [had, at] = [first.get(place(r)), new Date(r.given_at).toISOString()];
    if (had === undefined || at < had) first.set(place(r), at);
  }
  return (r) => {
    const newest = key.stations.get(r.sitting_station);
    return newest && keyFor(heldAt(key, newest), first.get(place(r)) ?? null);
  };
}

/** Puts grades that were read together with the questions they answer, station by station. */
export function assembled(
  rows: readonly Row[],
  key: LockedKey,
  headers: Headers,
  isDecided: (folded: string) => boolean,
): readonly ReadGrade[] {
  const keyAt = keysOf(rows, key);
  const graded = rows.flatMap((r) => {
    const station = keyAt(r);
    const ask = station?.accept.asks.find((a) => a.id === r.ask);
    return station && ask ? [{ r, station, ask }] : [];
  });
  graded.sort(
    (x, y) =>
      x.station.number - y.station.number ||
      x.r.code.length - y.r.code.length ||
      (x.r.code < y.r.code ? -1 : x.r.code > y.r.code ? 1 : x.ask.ord - y.ask.ord),
  );
  return graded.map(({ r, station, ask }) => ({
    sittingStation: r.sitting_station,
    ask: r.ask,
    value: r.value,
    key: station,
    row: {
      response: r.response,
      student: r.student,
      code: r.code,
      firstName: r.first_name,
      station: station.number,
      truth: truthHeader(station, headers),
      kind: ask.kind,
      character: ask.character,
      typed: saidTo(r.value, ask),
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
      ruled: r.folded !== null && isDecided(r.folded),
    },
  }));
}

/** Grades of one run with the answers they judge, in no order. */
export function readRows(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  run: string,
  byName: Decisions['byName'],
  show: Show,
): Promise<readonly Row[]> {
  const decided = show === 'look' ? [TO_LOOK_AT, [...byName.keys()]] : [];
  return readWide<Row>(sql, ROW, grades(show), [ws, sitting.id, run, ...decided]);
}

/** The tree's species under the names it had when the key was locked. */
const truthHeader = (station: StationKey, headers: Headers): GradedAnswer['truth'] => {
  const now = headers.get(station.taxon);
  const { scientific, common } = station.accept;
  return {
    id: station.taxon,
    rank: now?.rank ?? 'species',
    authority: now?.authority ?? null,
    scientific,
    common,
  };
};
