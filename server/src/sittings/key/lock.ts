import type { AcceptedCall } from '@hurrow/core/quizzes';
import { acceptedCall } from '@hurrow/core/quizzes';
import type { Value } from '@hurrow/core/characters';
import type { Sql } from '../../db/index.ts';
import { readHeaders, vocabularyToRead } from '../../library/index.ts';
import type { SittingRow } from '../store.ts';
import { gatherKey } from './gather.ts';
import { lastRevision, writeRevision } from './write.ts';
import type { Gathered, GatheredStation } from './types.ts';

const WHY = 'The key was locked.';
const WHY_BEFORE =
  'This sitting was opened before keys were locked; its key was made when Hurrow was brought up to date.';

interface Before {
  readonly sitting_station: string;
  readonly ask: string;
  readonly accepted_before: { readonly taxon?: string; readonly value?: Value | null };
}

/** What an earlier version wrote down at opening stays in force: the tree's name, and what its characters showed. */
async function asOpened(tx: Sql, ws: string, sitting: string, gathered: Gathered): Promise<Gathered> {
  const rows = await tx.query<Before>(
    `select sa.sitting_station, sa.ask, sa.accepted_before from sitting_ask sa
     join sitting_station ss on ss.ws = sa.ws and ss.id = sa.sitting_station
     where sa.ws = $1 and ss.sitting = $2 and sa.accepted_before is not null`,
    [ws, sitting],
  );
  if (rows.length === 0) return gathered;
  const vocabulary = await vocabularyToRead(tx, ws);
  const headers = await readHeaders(
    tx,
    ws,
    rows.flatMap((r) => r.accepted_before.taxon ?? []),
  );
  const byAsk = new Map(rows.map((r) => [`${r.sitting_station}/${r.ask}`, r.accepted_before]));
  const opened = (s: GatheredStation): GatheredStation => {
    const had = s.accept.asks.map((a) => byAsk.get(`${s.sittingStation}/${a.id}`));
    const taxon = had.flatMap((h) => h?.taxon ?? [])[0] ?? s.taxon;
    const header = headers.get(taxon);
    const asks = s.accept.asks.map((a, i) => {
      const c = a.character === null ? undefined : vocabulary.get(a.character);
      const before = had[i];
      if (!c || before === undefined || before.value === undefined) return a;
      const accepted: AcceptedCall = acceptedCall(c, before.value ?? undefined);
      return { ...a, accepted };
    });
    const truth =
      taxon === s.taxon || !header
        ? {}
        : { scientific: header.scientific, common: header.common, names: [header.scientific] };
    return { ...s, taxon, accept: { ...s.accept, ...truth, asks } };
  };
  return { ...gathered, stations: gathered.stations.map(opened) };
}

/**
 * Locks the key of a sitting: writes its first revision. Does nothing where it is locked already. The caller has locked
 * the sitting's row. @returns the revision in force.
 */
export async function lockKey(
  tx: Sql,
  ws: string,
  sitting: SittingRow,
  by: string | null,
  at: string,
  why = WHY,
): Promise<number> {
  const last = await lastRevision(tx, ws, sitting.id);
  if (last !== null) return last;
  const gathered = await asOpened(tx, ws, sitting.id, await gatherKey(tx, ws, sitting));
  return writeRevision(tx, { ws, sitting: sitting.id, why, by, at }, gathered);
}

/** Locks the key of a sitting that an earlier version opened. */
export const lockEarlier = (tx: Sql, ws: string, sitting: SittingRow, at: string): Promise<number> =>
  lockKey(tx, ws, sitting, null, at, WHY_BEFORE);
