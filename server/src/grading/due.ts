import type { DecisionDue, GradeOutcome } from '@hurrow/contract';
import type { AskKind } from '@hurrow/core/grading';
import { TO_LOOK_AT, grouped } from '@hurrow/core/grading';
import { meaningsOf } from '@hurrow/core/names';
import type { Sql } from '../db/index.ts';
import { idParam } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { needSitting, newestRun, readKey } from '../sittings/index.ts';
import { benchOf } from './context.ts';
import { GRADED, TO_SEE } from './gradeSql.ts';

interface DueRow {
  readonly student: string;
  readonly sitting_station: string;
  readonly ask: string;
  readonly kind: AskKind;
  readonly text: string;
  readonly folded: string;
  readonly outcome: GradeOutcome;
  readonly points: number;
  readonly most: number;
  readonly why: string;
}

/** Typed names that a person should see, with what they earn now. */
const readDue = (
  sql: Sql,
  ws: string,
  sitting: string,
  run: string,
  decided: readonly string[],
): Promise<readonly DueRow[]> =>
  sql.query<DueRow>(
    `select t.student, r.sitting_station, r.ask, a.kind, r.value ->> 'text' as text, g.folded, g.outcome, g.points, g.most, g.why
     ${GRADED} join ask a on a.ws = r.ws and a.id = r.ask
     where t.ws = $1 and t.sitting = $2 and g.folded is not null and g.folded <> '' and (${TO_SEE})`,
    [ws, sitting, run, TO_LOOK_AT, decided],
  );

/** The spelling most of a class wrote; of several equally frequent ones the first in the alphabet. */
function mostWritten(texts: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const t of texts) counts.set(t, (counts.get(t) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0]?.[0] ?? '';
}

/** At most so many species are offered; the whole list can be chosen from besides. */
const MOST_CANDIDATES = 4;

const rounded = (n: number): number => Math.round(n * 100) / 100;

/** The written names of a sitting that wait for a decision, those first on which most points hang. */
export async function decisionsDue(call: Call<Account>): Promise<readonly DecisionDue[]> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const run = await newestRun(db, ws, sitting.id);
  const key = await readKey(db, ws, sitting.id);
  if (run === null || !key) return [];
  const { context, list } = await benchOf(db, ws, sitting, key);
  const rows = await readDue(db, ws, sitting.id, run, [...context.decisions.keys()]);
  const groups = grouped(rows, (r) => r.folded);
  const meant = new Map([...groups.keys()].map((f) => [f, meaningsOf(f, context.names)] as const));
  const headers = await readHeaders(db, ws, [
    ...new Set([
      ...[...meant.values()].flatMap((m) => m.map((x) => x.taxon)),
      ...[...key.stations.values()].map((s) => s.taxon),
    ]),
  ]);
  const isListed = new Set(list.map((t) => t.taxon));
  const due = [...groups].map(([folded, own]): DecisionDue => {
    const [first] = own;
    const candidates = (meant.get(folded) ?? [])
      .flatMap(({ taxon, edits }) => {
        const header = headers.get(taxon);
        return header ? [{ taxon: header, edits, listed: isListed.has(taxon) }] : [];
      })
      .sort((a, b) => a.edits - b.edits || Number(b.listed) - Number(a.listed))
      .slice(0, MOST_CANDIDATES);
    const stations = [...grouped(own, (r) => r.sitting_station)].flatMap(([id, there]) => {
      const station = key.stations.get(id);
      const truth = station ? headers.get(station.taxon) : undefined;
      const students = new Set(there.map((r) => r.student)).size;
      return station && truth ? [{ number: station.number, truth, students }] : [];
    });
    return {
      text: mostWritten(own.map((r) => r.text)),
      folded,
      kind: first?.kind ?? 'either',
      answers: own.length,
      students: new Set(own.map((r) => r.student)).size,
      stations: stations.sort((a, b) => a.number - b.number),
      atStake: rounded(own.reduce((n, r) => n + (r.most - r.points), 0)),
      outcome: first?.outcome ?? 'unlisted',
      why: first?.why ?? '',
      candidates: candidates.map(({ taxon, edits }) => ({ taxon, edits })),
    };
  });
  return due.sort((a, b) => b.atStake - a.atStake || b.answers - a.answers || (a.folded < b.folded ? -1 : 1));
}
