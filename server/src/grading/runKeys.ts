import { columnsInsert } from '../db/index.ts';
import type { Query } from '../db/index.ts';
import { heldAt } from '../sittings/index.ts';
import type { LockedKey } from '../sittings/index.ts';

/** The insert of which revision of each station's key a run graded by. */
export function runKeys(ws: string, run: string, key: Pick<LockedKey, 'stations' | 'earlier'>): Query {
  const held = [...key.stations.values()].flatMap((s) => heldAt(key, s));
  return columnsInsert('run_key', {
    ws: { type: 'uuid', all: ws },
    run: { type: 'uuid', all: run },
    sitting_station: { type: 'uuid', values: held.map((s) => s.sittingStation) },
    rev: { type: 'integer', values: held.map((s) => s.rev) },
  });
}
