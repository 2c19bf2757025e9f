import type { ReturnedBy, StaleReason } from '@hurrow/contract';
import { maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import { countSums, lockSums } from '../sums/index.ts';
import type { SittingRow } from './store.ts';

/** The run with the highest number, whatever any clock says; null where there is none. */
export async function newestRun(sql: Sql, ws: string, sitting: string): Promise<string | null> {
  const row = await maybe<{ id: string }>(
    sql,
    'select id from grading_run where ws = $1 and sitting = $2 order by seq desc limit 1',
    [ws, sitting],
  );
  return row?.id ?? null;
}

interface Stale {
  readonly answers: boolean;
  readonly decisions: boolean;
  readonly key: boolean;
}

/** What has changed since a grading: the answers that count, decisions about names in it, the key. */
export async function staleSince(
  sql: Sql,
  ws: string,
  sitting: Pick<SittingRow, 'id' | 'list' | 'section'>,
  run: string,
): Promise<readonly StaleReason[]> {
  const found = await one<Stale>(
    sql,
    `with counts as materialized (
       select c.response from counted_answer c where c.ws = $1 and c.sitting = $2
         and c.ask not in (select a.id from ask a where a.ws = $1 and a.kind = 'sureness')),
     graded as materialized (select g.response, g.folded from run_grade g where g.ws = $1 and g.run = $3)
     select
       exists (select 1 from counts c full join graded g on g.response = c.response
         where c.response is null or g.response is null) as answers,
       exists (select 1 from name_ruling n join graded g on g.folded = n.folded
         where n.ws = $1 and n.list = $4 and n.seq > m.ruling_seq
           and (n.scope = 'list' or n.sitting = $2 or n.section = $5)) as decisions,
       m.key_rev < (select max(rev) from sitting_key k where k.ws = $1 and k.sitting = $2) as key
     from grading_run m where m.ws = $1 and m.id = $3`,
    [ws, sitting.id, run, sitting.list, sitting.section],
  );
  return (['answers', 'decisions', 'key'] as const).filter((r) => found[r]);
}

/** What has changed since the newest grading; nothing where there is none. */
async function staleReasons(sql: Sql, ws: string, sitting: SittingRow): Promise<readonly StaleReason[]> {
  const run = await newestRun(sql, ws, sitting.id);
  return run === null ? [] : staleSince(sql, ws, sitting, run);
}

const STALE_WORDS: Readonly<Record<StaleReason, string>> = {
  answers: 'Answers changed',
  decisions: 'A name was decided',
  key: 'The key was revised',
};

/** Students would see scores that leave out what they wrote, or that go by an older key or decision. */
export async function refuseStale(tx: Sql, ws: string, sitting: SittingRow): Promise<void> {
  const [first] = await staleReasons(tx, ws, sitting);
  if (first === undefined) return;
  throw conflict(`${STALE_WORDS[first]} after grading.`, {
    field: 'to',
    remedy: 'Grade again, then return the results.',
  });
}

/**
 * The newest run becomes the one the students see, and what is counted of the section follows from it.
 * @param by read aloud on a led walk, this class has heard every answer, so that nothing is held back from it.
 * @throws where there is none, or where it is the one they see already.
 */
export async function returnResults(
  tx: Sql,
  ws: string,
  sitting: SittingRow,
  at: string,
  by: ReturnedBy = 'phone',
): Promise<void> {
  const run = await newestRun(tx, ws, sitting.id);
  if (run === null) throw conflict('This sitting has not been graded.', { remedy: 'Grade it first.' });
  if (run === sitting.returned_run && by === sitting.returned_by)
    throw conflict('These results have been returned already.', {
      remedy: 'Nothing changed since. Grade again if something should.',
    });
  await lockSums(tx, ws, sitting.section);
  await tx.query(
    `update sitting set state = 'returned', returned_run = $3, returned_at = coalesce(returned_at, $4), returned_by = $5 where ws = $1 and id = $2`,
    [ws, sitting.id, run, at, by],
  );
  await countSums(tx, ws, sitting.section, []);
}
