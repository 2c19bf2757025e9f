import { keyFor } from '@hurrow/core/quizzes';
import type { Sql } from '../db/index.ts';
import { heldAt } from '../sittings/index.ts';
import type { StationKey } from '../sittings/index.ts';
import { firstAnswers } from './answers.ts';
import type { Bench } from './context.ts';

/** The students at a station by the revision of its key that holds for them. */
export async function byRevision(
  sql: Sql,
  ws: string,
  bench: Pick<Bench, 'earlier'>,
  station: StationKey,
  students: readonly string[],
): Promise<ReadonlyMap<StationKey, readonly string[]>> {
  const held = heldAt(bench, station);
  const first = await firstAnswers(sql, ws, station.sittingStation);
  const found = new Map<StationKey, string[]>(held.map((k) => [k, []]));
  for (const student of students) found.get(keyFor(held, first.get(student) ?? null))?.push(student);
  return found;
}
