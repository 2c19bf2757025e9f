import type { Database } from '../db/index.ts';
import { countSums, lockSums } from './sums.ts';

/**
 * Counts what a board is read from for sections that an earlier version graded. Does nothing where every section with looks
 * has its sums. @returns how many sections were counted.
 */
export async function upgradeSums(db: Database): Promise<number> {
  const sections = await db.query<{ ws: string; id: string; sittings: readonly string[] }>(
    `select l.ws, l.section as id, array_agg(distinct l.sitting) as sittings from look l
     where not exists (select 1 from section_looks t where t.ws = l.ws and t.section = l.section)
     group by l.ws, l.section order by l.ws, l.section`,
  );
  for (const { ws, id, sittings } of sections)
    await db.transaction(async (tx) => {
      await lockSums(tx, ws, id);
      await countSums(
        tx,
        ws,
        id,
        sittings.map((sitting) => ({ sitting, part: null })),
      );
    });
  return sections.length;
}
