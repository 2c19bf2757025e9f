import { FLAGS, SMALLEST_CLASS, flagsAfter, moreThanSlips } from '@hurrow/core/mixups';
import type { MixUpSettings, PairFlag, StudentAt } from '@hurrow/core/mixups';
import { insertRows, maybe, readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/** A pair of fewer students is kept at no return: it is never flagged. */
const KEPT_FROM = 2;

interface Counted {
  readonly sitting: string;
  readonly student: string;
  readonly truth: string;
  readonly answer: string | null;
  readonly looks: number;
}

/** Sittings whose results were returned, in the order of returning, and those that flags were worked out at. */
async function returnsOf(
  tx: Sql,
  ws: string,
  section: string,
): Promise<{ readonly now: readonly string[]; readonly kept: readonly string[] }> {
  const now = await tx.query<{ id: string }>(
    `select id from sitting where ws = $1 and section = $2 and state = 'returned' order by returned_at, id`,
    [ws, section],
  );
  const kept = await tx.query<{ sitting: string }>(
    'select sitting from flag_return where ws = $1 and section = $2 order by seq',
    [ws, section],
  );
  return { now: now.map((r) => r.id), kept: kept.map((r) => r.sitting) };
}

/** What each student did at trees of each species in some sittings. */
function studentsAt(rows: readonly Counted[], sittings: ReadonlySet<string>): readonly StudentAt[] {
  const by = new Map<string, { student: string; truth: string; looks: number; wrote: Map<string, number> }>();
  for (const r of rows) {
    if (!sittings.has(r.sitting)) continue;
    const key = `${r.student}/${r.truth}`;
    const own = by.get(key) ?? {
      student: r.student,
      truth: r.truth,
      looks: 0,
      wrote: new Map<string, number>(),
    };
    own.looks += r.looks;
    if (r.answer !== null) own.wrote.set(r.answer, (own.wrote.get(r.answer) ?? 0) + r.looks);
    by.set(key, own);
  }
  return [...by.values()];
}

/** The flags that follow each return from one on, from the flags before it. Source: docs/formulas.md, More than slips. */
export function flagsByReturn(
  rows: readonly Counted[],
  returns: readonly string[],
  names: readonly string[],
  settings: MixUpSettings,
  from: { readonly index: number; readonly flags: readonly PairFlag[] } = { index: 0, flags: [] },
): readonly { readonly students: number; readonly flags: readonly PairFlag[] }[] {
  const found: { students: number; flags: readonly PairFlag[] }[] = [];
  let before = from.flags;
  for (let i = from.index; i < returns.length; i += 1) {
    const at = studentsAt(rows, new Set(returns.slice(0, i + 1)));
    const students = new Set(at.map((a) => a.student)).size;
    const tests =
      students < SMALLEST_CLASS ? [] : moreThanSlips(at, names, { ...settings, lowest: FLAGS.lowest });
    before = flagsAfter(before, tests).filter((f) => f.flagged || f.observed >= KEPT_FROM);
    found.push({ students, flags: before });
  }
  return found;
}

/** Species of the class's list, whose names its students could give. */
const namesOf = async (tx: Sql, ws: string, section: string): Promise<readonly string[]> =>
  (
    await tx.query<{ taxon: string }>(
      `select m.taxon from section s join list_member m on m.ws = s.ws and m.list = s.list where s.ws = $1 and s.id = $2`,
      [ws, section],
    )
  ).map((r) => r.taxon);

export const countedRows = (tx: Sql, ws: string, section: string): Promise<readonly Counted[]> =>
  readMany<Counted>(
    tx,
    `select c.sitting, c.student, c.truth, case when c.named = 'other' then c.answer end as answer, c.looks
     from cell_student c join sitting s on s.ws = c.ws and s.id = c.sitting and s.state = 'returned'
     where c.ws = $1 and c.section = $2`,
    [ws, section],
  );

/** Flags by return with what they are worked out from, for a section as it is and other settings. */
export async function flagsUnder(
  tx: Sql,
  ws: string,
  section: string,
  settings: MixUpSettings,
): Promise<readonly PairFlag[]> {
  const { now } = await returnsOf(tx, ws, section);
  const all = flagsByReturn(
    await countedRows(tx, ws, section),
    now,
    await namesOf(tx, ws, section),
    settings,
  );
  return all.at(-1)?.flags ?? [];
}

/** The flags as they stand: at the newest return. Null before any results were returned. */
export async function flagsKept(sql: Sql, ws: string, section: string): Promise<readonly PairFlag[] | null> {
  const last = await maybe<{ seq: number }>(
    sql,
    'select seq from flag_return where ws = $1 and section = $2 order by seq desc limit 1',
    [ws, section],
  );
  if (!last) return null;
  return readMany<PairFlag>(
    sql,
    `select truth, answer, observed, expected, times, p, q, flagged, weak from pair_flag
     where ws = $1 and section = $2 and seq = $3`,
    [ws, section, last.seq],
  );
}

export const flagsNow = async (sql: Sql, ws: string, section: string): Promise<readonly PairFlag[]> =>
  (await flagsKept(sql, ws, section)) ?? [];

/**
 * Works out flags anew from the first return that is new, gone, or whose answers were graded again. Before results are
 * returned nothing changes.
 * @param regraded sittings whose answers may count otherwise; null for all.
 */
export async function countFlags(
  tx: Sql,
  ws: string,
  section: string,
  regraded: readonly string[] | null,
  settings: MixUpSettings,
): Promise<void> {
  const { now, kept } = await returnsOf(tx, ws, section);
  const changed = now.findIndex((id, i) => kept[i] !== id || regraded === null || regraded.includes(id));
  const index = changed >= 0 ? changed : now.length;
  if (index === now.length && kept.length === now.length) return;
  const flags =
    index === 0
      ? []
      : await tx.query<PairFlag>(
          `select truth, answer, observed, expected, times, p, q, flagged, weak from pair_flag
           where ws = $1 and section = $2 and seq = $3`,
          [ws, section, index],
        );
  await tx.query('delete from flag_return where ws = $1 and section = $2 and seq > $3', [ws, section, index]);
  const found = flagsByReturn(
    await countedRows(tx, ws, section),
    now,
    await namesOf(tx, ws, section),
    settings,
    { index, flags },
  );
  await insertRows(
    tx,
    'flag_return',
    found.map((f, i) => ({
      ws,
      section,
      sitting: now[index + i] ?? '',
      seq: index + i + 1,
      students: f.students,
    })),
  );
  await insertRows(
    tx,
    'pair_flag',
    found.flatMap((f, i) => f.flags.map((p) => ({ ws, section, seq: index + i + 1, ...p }))),
  );
}
