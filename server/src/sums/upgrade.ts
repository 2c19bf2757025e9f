import type { Database } from '../db/index.ts';
import { countPairs } from './pairs.ts';
import { countSection, lockSums } from './sums.ts';

/**
 * Counts the board of sections that an earlier version graded. Does nothing where every section with looks has its sums.
 * @returns how many sections were counted.
 */
export async function upgradeSums(db: Database): Promise<number> {
  const sections = await db.query<{ ws: string; id: string }>(
    `select s.ws, s.id from section s
     where exists (select 1 from look l where l.ws = s.ws and l.section = s.id)
       and not exists (select 1 from section_looks t where t.ws = s.ws and t.section = s.id)
     order by s.ws, s.id`,
  );
  for (const { ws, id } of sections)
    await db.transaction(async (tx) => {
      await lockSums(tx, ws, id);
      await countSection(tx, ws, id, null);
      await countPairs(tx, ws, id, null);
    });
  return sections.length;
}
