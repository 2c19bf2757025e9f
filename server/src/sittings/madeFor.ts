import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';

const SPECIES_OF = (individual: string): string =>
  `(select d.taxon from determination d where d.ws = st.ws and d.individual = ${individual} order by d.seq desc limit 1)`;

/**
 * Refuses a tree of another species at a station whose questions were made for its own: drawings, options and what is
 * right would be those of the other.
 */
export async function refuseMadeForAnother(
  tx: Sql,
  ws: string,
  station: string,
  individual: string,
): Promise<void> {
  const other = await maybe<{ number: number }>(
    tx,
    `select st.number from station st
     where st.ws = $1 and st.id = $2
       and exists (select 1 from ask a where a.ws = st.ws and a.station = st.id and a.params <> '{}'::jsonb)
       and ${SPECIES_OF('st.individual')} is distinct from ${SPECIES_OF('$3::uuid')}`,
    [ws, station, individual],
  );
  if (!other) return;
  throw conflict(`Station ${other.number} asks questions that were made for its own species.`, {
    field: 'individual',
    remedy: 'Choose another tree of the same species.',
  });
}
