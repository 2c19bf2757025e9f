import type { RulingBody } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid } from '../http/index.ts';

export interface Ruling {
  readonly folded: string;
  readonly taxon: string | null;
  readonly outcome: RulingBody['outcome'];
}

/** Written names decided for a list or for one sitting of it, by their normal form. */
export async function readRulings(
  sql: Sql,
  ws: string,
  list: string,
  sitting: string,
): Promise<ReadonlyMap<string, Ruling>> {
  // What was decided for the sitting comes last and so wins over the list.
  const rows = await sql.query<Ruling>(
    `select folded, taxon, outcome from name_ruling
     where ws = $1 and list = $2 and (sitting is null or sitting = $3) order by sitting nulls first`,
    [ws, list, sitting],
  );
  return new Map(rows.map((r) => [r.folded, r]));
}

/** Keeps a decision for the whole list, or for one sitting of it where `sitting` is given. */
export async function writeRuling(
  tx: Sql,
  ws: string,
  { list, sitting }: { readonly list: string; readonly sitting: string | null },
  by: string,
  body: RulingBody,
  at: string,
): Promise<void> {
  const taxon = body.taxon ?? null;
  const names = body.outcome !== 'unlisted' && body.outcome !== 'genus_only';
  if (names && taxon === null) {
    throw invalid('It is not said which species the text names.', {
      field: 'taxon',
      remedy: 'Choose the species.',
    });
  }
  if (taxon !== null && !(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, taxon]))) {
    throw invalid('There is no such species.', { field: 'taxon', remedy: 'Choose one of the list.' });
  }
  // A teacher's decision takes over what was decided for single sittings.
  if (sitting === null)
    await tx.query(
      'delete from name_ruling where ws = $1 and list = $2 and folded = $3 and sitting is not null',
      [ws, list, normalise(body.typed)],
    );
  await tx.query(
    `insert into name_ruling (ws, list, folded, taxon, outcome, by_account, at, sitting) values ($1, $2, $3, $4, $5, $6, $7, $8)
     on conflict ${sitting === null ? '(ws, list, folded) where sitting is null' : '(ws, sitting, folded) where sitting is not null'} do update set taxon = excluded.taxon, outcome = excluded.outcome,
       by_account = excluded.by_account, at = excluded.at`,
    [ws, list, normalise(body.typed), taxon, body.outcome, by, at, sitting],
  );
}
