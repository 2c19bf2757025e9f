import { v7 } from 'uuid';
import type { RulingBody, StaleSitting } from '@hurrow/contract';
import type { NameDecision } from '@hurrow/core/grading';
import { normalise } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid } from '../http/index.ts';
import type { SittingRow } from '../sittings/index.ts';

/** Decisions in force for a sitting, and the highest number among all on record that could touch it. */
export interface Decisions {
  readonly byName: ReadonlyMap<string, NameDecision>;
  readonly seq: number;
  /** All on record, withdrawn ones too. */
  readonly all: readonly { readonly folded: string; readonly seq: number }[];
}

/** Who a decision holds for: one sitting, one section, or everybody with the list. */
export type Scope =
  | { readonly scope: 'sitting'; readonly sitting: string }
  | { readonly scope: 'section'; readonly section: string }
  | { readonly scope: 'list' };

/**
 * Written names decided for a sitting, by their normal form: of each, the decision of the narrowest scope, the newest
 * first. Withdrawn ones are passed over, and still count as news.
 */
export async function readDecisions(
  sql: Sql,
  ws: string,
  sitting: Pick<SittingRow, 'id' | 'list' | 'section'>,
): Promise<Decisions> {
  const rows = await sql.query<NameDecision & { seq: number; withdrawn: boolean }>(
    `select folded, taxon, outcome, seq, withdrawn_at is not null as withdrawn from name_ruling
     where ws = $1 and list = $2 and (scope = 'list' or sitting = $3 or section = $4)
     order by array_position(array['list', 'section', 'sitting'], scope), seq`,
    [ws, sitting.list, sitting.id, sitting.section],
  );
  const byName = new Map<string, NameDecision>();
  for (const { seq: _seq, withdrawn, ...r } of rows) if (!withdrawn) byName.set(r.folded, r);
  return { byName, seq: rows.reduce((most, r) => Math.max(most, r.seq), 0), all: rows };
}

/** Keeps a decision; earlier ones stay on record, and the newest of the narrowest scope counts. */
export async function writeDecision(
  tx: Sql,
  ws: string,
  list: string,
  scope: Scope,
  by: string,
  body: RulingBody,
  at: string,
): Promise<void> {
  const taxon = body.taxon ?? null;
  const names = body.outcome !== 'unlisted' && body.outcome !== 'genus_only';
  if (names && taxon === null) {
    throw invalid('The decision does not say which species the text names.', {
      field: 'taxon',
      remedy: 'Choose the species.',
    });
  }
  if (taxon !== null && !(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, taxon]))) {
    throw invalid('This species is not in the library.', {
      field: 'taxon',
      remedy: 'Choose one of the list.',
    });
  }
  const folded = normalise(body.typed);
  // A decision for the whole list takes over what was decided for single sittings and sections.
  if (scope.scope === 'list')
    await tx.query(
      `update name_ruling set withdrawn_at = $4
       where ws = $1 and list = $2 and folded = $3 and scope <> 'list' and withdrawn_at is null`,
      [ws, list, folded, at],
    );
  await insertRows(tx, 'name_ruling', [
    { ws, id: v7(), list, ...scope, folded, taxon, outcome: body.outcome, by_account: by, at },
  ]);
}

/** Other sittings with answers that a decision touches, so that they should be graded again. */
export const sittingsWith = (
  sql: Sql,
  ws: string,
  sitting: { readonly id: string | null; readonly list: string },
  folded: string,
  scope: Scope = { scope: 'list' },
): Promise<readonly StaleSitting[]> =>
  sql.query<StaleSitting>(
    `select s.id as sitting, q.name as quiz, sec.name as section, s.on_date as "on"
     from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz join section sec on sec.ws = s.ws and sec.id = s.section
     where s.ws = $1 and q.list = $2 and s.id is distinct from $3::uuid and ($5::uuid is null or s.section = $5) and exists (
       select 1 from grade g join grading_run m on m.ws = g.ws and m.id = g.run
       where g.ws = s.ws and g.folded = $4 and g.last_seq is null and m.sitting = s.id)
     order by s.on_date, s.id`,
    [ws, sitting.list, sitting.id, folded, scope.scope === 'section' ? scope.section : null],
  );
