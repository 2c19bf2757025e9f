import type { GradingContext } from '@hurrow/core/grading';
import type { Sql } from '../db/index.ts';
import { keyNames, readKeyListed } from '../sittings/index.ts';
import type { FrozenNames, KeyTaxon, LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { readDecisions } from './decisions.ts';
import type { Decisions } from './decisions.ts';

/** What is graded by: the key in force, with the decisions about names that are on record. */
export interface Bench {
  readonly stations: ReadonlyMap<string, StationKey>;
  /** Revisions that hold for students who were at a station before its tree changed. */
  readonly earlier: ReadonlyMap<string, readonly StationKey[]>;
  readonly list: readonly Pick<KeyTaxon, 'taxon'>[];
  readonly context: GradingContext;
  readonly decisions: Decisions;
}

/** @param names all names as they were frozen with the key. */
export async function benchFor(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  { stations, earlier }: Pick<Bench, 'stations' | 'earlier'>,
  list: Bench['list'],
  names: FrozenNames,
  policy: GradingContext['policy'],
): Promise<Bench> {
  const decisions = await readDecisions(sql, ws, sitting);
  return {
    stations,
    earlier,
    list,
    decisions,
    context: {
      names: names.index,
      genera: names.genera,
      listed: new Set(list.map((t) => t.taxon)),
      decisions: decisions.byName,
      policy,
    },
  };
}

/** What is graded by under a locked key. */
export const benchOf = async (sql: Sql, ws: string, sitting: SittingRow, key: LockedKey): Promise<Bench> =>
  benchFor(
    sql,
    ws,
    sitting,
    key,
    await readKeyListed(sql, ws, sitting.id, key.listRev),
    await keyNames(sql, ws, key),
    key.policy,
  );
