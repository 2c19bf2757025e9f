import { LRUCache } from 'lru-cache';
import type { TaxonHeader } from '@hurrow/contract';
import type { AnswerValue } from '@hurrow/core/answers';
import { grader } from '@hurrow/core/grading';
import type { Graded, Grader, KeyAsk } from '@hurrow/core/grading';
import { shiftOf } from '@hurrow/core/paper';
import type { Shift, SheetLine } from '@hurrow/core/paper';
import { benchOf } from '../grading/index.ts';
import type { Bench } from '../grading/index.ts';
import { one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { truthOf } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';

/** What a sheet is entered against: the key in force, its stations in the order of the sheet, how names are graded. */
export interface SheetKey {
  readonly stations: readonly StationKey[];
  readonly bench: Bench;
  readonly grade: Grader;
  readonly species: ReadonlyMap<string, TaxonHeader>;
}

const kept = new LRUCache<string, Promise<SheetKey>>({ max: 8 });

/**
 * What the sheets of a sitting are entered against, made once until the key, a decision about a name or the library
 * changes: a sheet is entered line by line, and every name of it is judged once for the class.
 */
export async function sheetKey(sql: Sql, ws: string, sitting: SittingRow, key: LockedKey): Promise<SheetKey> {
  const { stamp, ruled } = await one<{ stamp: string; ruled: string }>(
    sql,
    `select (select library_stamp from workspace where id = $1) as stamp,
       (select coalesce(max(seq), 0) from name_ruling where ws = $1)::text as ruled`,
    [ws],
  );
  const under = `${sitting.id}/${key.rev}/${stamp}/${ruled}`;
  const had = kept.get(under);
  if (had) return had;
  const made = makeKey(sql, ws, sitting, key);
  kept.set(under, made);
  made.catch(() => kept.delete(under));
  return made;
}

async function makeKey(sql: Sql, ws: string, sitting: SittingRow, key: LockedKey): Promise<SheetKey> {
  const bench = await benchOf(sql, ws, sitting, key);
  return {
    stations: [...key.stations.values()].sort((a, b) => a.number - b.number),
    bench,
    grade: grader(bench.context),
    species: await readHeaders(
      sql,
      ws,
      bench.list.map((t) => t.taxon),
    ),
  };
}

export const gradeAt = (
  { grade }: Pick<SheetKey, 'grade'>,
  station: StationKey,
  ask: KeyAsk,
  value: AnswerValue,
): Graded | null => (ask.kind === 'sureness' ? null : grade(value, ask, truthOf(station)));

/** The answers of one student by question. */
export type Given = ReadonlyMap<string, AnswerValue>;
export const slot = (sittingStation: string, ask: string): string => `${sittingStation}/${ask}`;

/** Outcomes by which the tree's own species was named. */
const NAMED_RIGHT: ReadonlySet<string> = new Set([
  'exact',
  'abbreviated',
  'misspelled',
  'synonym',
  'shared_common',
  'subspecies_left_out',
  'variety_unlisted',
]);

/** The species that a line names, by its first name that says one; null where none does. */
function namedAt(key: SheetKey, station: StationKey, given: Given): string | null {
  for (const ask of station.accept.asks) {
    const value = given.get(slot(station.sittingStation, ask.id));
    if (ask.accepted.kind !== 'name' || value?.kind !== 'name') continue;
    const graded = gradeAt(key, station, ask, value);
    if (graded && NAMED_RIGHT.has(graded.outcome)) return station.taxon;
    if (graded?.outcome === 'other_species' && graded.taxon !== null) return graded.taxon;
  }
  return null;
}

/** The stretch of a sheet that fits the key one line up or down; null where there is none. */
export function shiftOn(key: SheetKey, given: Given): Shift | null {
  const lines = key.stations.map((s): SheetLine => ({
    number: s.number,
    named: namedAt(key, s, given),
    right: [s.taxon, ...(s.accept.also ?? [])],
  }));
  return shiftOf(lines);
}
