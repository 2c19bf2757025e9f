import { createHash } from 'node:crypto';
import { nameIndex } from '@hurrow/core/names';
import type { NameEntry, NameIndex, NameKind, NameRank, NameUse } from '@hurrow/core/names';
import { one } from '../../db/index.ts';
import type { Sql } from '../../db/index.ts';
import { readGenera, readNameIndex } from '../../library/index.ts';

/** All names as they were when a key was locked, and the genus of each taxon. */
export interface FrozenNames {
  readonly index: NameIndex;
  readonly genera: ReadonlyMap<string, string>;
}

export interface NameSet {
  readonly names: readonly (readonly [
    taxon: string,
    rank: NameRank,
    kind: NameKind,
    text: string,
    use?: NameUse,
  ])[];
  readonly genera: readonly (readonly [taxon: string, genus: string])[];
}

const setOf = (names: readonly NameEntry[], genera: ReadonlyMap<string, string>): NameSet => ({
  names: names.map((n) =>
    n.use
      ? ([n.taxon, n.rank, n.kind, n.text, n.use] as const)
      : ([n.taxon, n.rank, n.kind, n.text] as const),
  ),
  genera: [...genera].sort(([a], [b]) => (a < b ? -1 : 1)),
});

/** The names as they are now, with the hash they are kept under. */
export async function currentNames(
  sql: Sql,
  ws: string,
): Promise<FrozenNames & { readonly hash: string; readonly text: string }> {
  const index = await readNameIndex(sql, ws);
  const genera = await readGenera(sql, ws, [...new Set(index.names.map((n) => n.taxon))].sort());
  const text = JSON.stringify(setOf(index.names, genera));
  return { index, genera, text, hash: createHash('sha256').update(text).digest('hex') };
}

/** Keeps a set of names; one that is there already is kept once. */
export const keepNames = (tx: Sql, ws: string, names: { readonly hash: string; readonly text: string }) =>
  tx.query('insert into name_set (ws, hash, names) values ($1, $2, $3::jsonb) on conflict do nothing', [
    ws,
    names.hash,
    names.text,
  ]);

/** A set of names made ready for comparison. */
const indexed = (set: NameSet): FrozenNames => ({
  index: nameIndex(
    set.names.map(([taxon, rank, kind, text, use]) => ({ taxon, rank, kind, text, use: use ?? null })),
  ),
  genera: new Map(set.genera),
});

const MOST_KEPT = 4;
/** A set never changes under its hash, so it is parsed and indexed once (least recently used goes first). */
const parsed = new Map<string, FrozenNames>();

/** The names kept under a hash. @throws where there are none. */
export async function readNames(sql: Sql, ws: string, hash: string): Promise<FrozenNames> {
  const had = parsed.get(hash);
  if (had) {
    parsed.delete(hash);
    parsed.set(hash, had);
    return had;
  }
  const { names: set } = await one<{ names: NameSet }>(
    sql,
    'select names from name_set where ws = $1 and hash = $2',
    [ws, hash],
  );
  const made = indexed(set);
  parsed.set(hash, made);
  for (const oldest of parsed.keys()) {
    if (parsed.size <= MOST_KEPT) break;
    parsed.delete(oldest);
  }
  return made;
}
