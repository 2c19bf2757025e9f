import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';

/** @throws where a parent is unknown or stands below the taxon itself, with the ring that would close. */
export async function checkParents(
  tx: Sql,
  ws: string,
  taxon: string,
  parents: readonly string[],
): Promise<void> {
  const known = await tx.query<{ id: string }>(
    'select id from taxon where ws = $1 and id = any($2::uuid[])',
    [ws, parents],
  );
  const missing = parents.findIndex((p) => !known.some((k) => k.id === p));
  if (missing >= 0) {
    throw invalid('There is no such taxon.', {
      field: `parents.${missing}`,
      remedy: 'Choose a genus, family or group.',
    });
  }
  const links = await tx.query<{ child: string; parent: string }>(
    'select child, parent from taxon_parent where ws = $1 and child <> $2',
    [ws, taxon],
  );
  const above = new Map<string, string[]>();
  for (const l of links) above.set(l.child, [...(above.get(l.child) ?? []), l.parent]);
  for (const [i, parent] of parents.entries()) {
    const ring = pathTo(parent, taxon, above);
    if (!ring) continue;
    const names = await tx.query<{ taxon: string; text: string }>(
      `select taxon, text from name where ws = $1 and kind = 'accepted' and taxon = any($2::uuid[])`,
      [ws, ring],
    );
    const nameOf = (id: string): string => names.find((n) => n.taxon === id)?.text ?? 'itself';
    throw conflict(`It would stand above itself: ${ring.map(nameOf).join(' in ')}.`, {
      field: `parents.${i}`,
      remedy: 'Choose a group that does not stand below it.',
    });
  }
}

/** The way up from one taxon to another, or null where there is none. */
function pathTo(
  from: string,
  to: string,
  above: ReadonlyMap<string, readonly string[]>,
  seen: ReadonlySet<string> = new Set(),
): readonly string[] | null {
  if (from === to) return [to];
  if (seen.has(from)) return null;
  const next = new Set([...seen, from]);
  for (const parent of above.get(from) ?? []) {
    const rest = pathTo(parent, to, above, next);
    if (rest) return [from, ...rest];
  }
  return null;
}

/** Replaces the parents of a taxon, in the order of nearness; hybrid parents stay as they are. */
export async function writeParents(
  tx: Sql,
  ws: string,
  taxon: string,
  parents: readonly string[],
): Promise<void> {
  const groups = await tx.query<{ id: string }>(
    `select id from taxon where ws = $1 and id = any($2::uuid[]) and rank = 'group'`,
    [ws, parents],
  );
  await tx.query(`delete from taxon_parent where ws = $1 and child = $2 and kind <> 'hybrid_parent'`, [
    ws,
    taxon,
  ]);
  await insertRows(
    tx,
    'taxon_parent',
    parents.map((parent, ord) => ({
      ws,
      child: taxon,
      parent,
      kind: groups.some((g) => g.id === parent) ? 'group' : 'classification',
      ord,
    })),
  );
}
