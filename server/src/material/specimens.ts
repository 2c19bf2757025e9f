import type { SpecimenAtHand } from '@hurrow/contract';
import type { Sql } from '../db/index.ts';

/** Cut parts that were gathered and are neither spoiled nor returned, the first to spoil first. */
export const readSpecimens = (sql: Sql, ws: string): Promise<readonly SpecimenAtHand[]> =>
  sql.query<SpecimenAtHand>(
    `select sp.individual as id, sp.from_tree as tree, tr.tag, sp.organs as material, sp.taken_on as "takenOn",
       sp.good_until as "goodUntil", sp.hides, d.taxon
     from specimen sp left join tree tr on tr.ws = sp.ws and tr.individual = sp.from_tree
     join lateral (select d.taxon from determination d where d.ws = sp.ws and d.individual = coalesce(sp.from_tree, sp.individual)
       order by d.seq desc limit 1) d on true
     where sp.ws = $1 and sp.state in ('gathered', 'on_table')
     order by sp.good_until nulls last, sp.individual`,
    [ws],
  );
