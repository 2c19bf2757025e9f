import { v7 } from 'uuid';
import type { RetestBody, RetestRow } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid, notFound } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { mixUpSettings } from '../sums/index.ts';

interface Kept {
  readonly id: string;
  readonly truth: string | null;
  readonly answer: string | null;
  readonly character: string | null;
  readonly kept_on: string;
  readonly looks: number;
}

/** What a class is to be asked again, the oldest first, with the looks on trees not met before that there were since. */
export async function readRetest(sql: Sql, ws: string, section: string): Promise<readonly RetestRow[]> {
  const rows = await sql.query<Kept>(
    `select r.id, r.truth, r.answer, r.character, r.kept_on,
       (select count(*)::integer from look l where l.ws = r.ws and l.section = r.section and l.on_date > r.kept_on and not l.met_before
          and (l.truth = r.truth or r.character is not null and exists (
            select 1 from jsonb_array_elements(l.calls) c where c ->> 'character' = r.character))) as looks
     from retest r where r.ws = $1 and r.section = $2 order by r.kept_on, r.id`,
    [ws, section],
  );
  const headers = await readHeaders(
    sql,
    ws,
    rows.flatMap((r) => [r.truth, r.answer].filter((t) => t !== null)),
  );
  const { looks } = await mixUpSettings(sql, ws);
  return rows.map((r) => ({
    id: r.id,
    truth: headers.get(r.truth ?? '') ?? null,
    answer: headers.get(r.answer ?? '') ?? null,
    character: r.character,
    keptOn: r.kept_on,
    looks: r.looks,
    needed: looks,
  }));
}

/** Pairs of a class that are to be asked again, as `truth/answer`. */
export async function retestPairs(
  sql: Sql,
  ws: string,
  sections: readonly string[],
): Promise<ReadonlySet<string>> {
  const rows = await sql.query<{ truth: string; answer: string }>(
    'select truth, answer from retest where ws = $1 and section = any($2::uuid[]) and truth is not null',
    [ws, sections],
  );
  return new Set(rows.map((r) => `${r.truth}/${r.answer}`));
}

/** @throws where it names neither a pair of different species nor a known character. */
async function checked(sql: Sql, ws: string, body: RetestBody): Promise<void> {
  const { truth, answer, character } = body;
  if (character !== undefined && truth === undefined && answer === undefined) {
    if (await maybe(sql, 'select 1 from character where ws = $1 and id = $2', [ws, character])) return;
    throw invalid('There is no such character.', {
      field: 'character',
      remedy: 'Choose one of the glossary.',
    });
  }
  if (character === undefined && truth !== undefined && answer !== undefined && truth !== answer) {
    const { size } = await readHeaders(sql, ws, [truth, answer]);
    if (size === 2) return;
    throw invalid('There is no such species.', { field: 'truth', remedy: 'Choose two of the library.' });
  }
  throw invalid('Name two species, or one character.', {
    field: 'truth',
    remedy: 'Send truth and answer, or character alone.',
  });
}

/** Keeps a pair or a character to be asked again; what is kept already stays as it is. */
export async function keepRetest(
  tx: Sql,
  { ws, by, on }: { readonly ws: string; readonly by: string; readonly on: string },
  section: string,
  body: RetestBody,
): Promise<readonly RetestRow[]> {
  await checked(tx, ws, body);
  await insertRows(
    tx,
    'retest',
    [
      {
        ws,
        id: v7(),
        section,
        truth: body.truth ?? null,
        answer: body.answer ?? null,
        character: body.character ?? null,
        kept_on: on,
        by_account: by,
      },
    ],
    'on conflict do nothing',
  );
  return readRetest(tx, ws, section);
}

/** @throws where it is not kept. */
export async function dropRetest(
  tx: Sql,
  ws: string,
  section: string,
  id: string,
): Promise<readonly RetestRow[]> {
  const gone = await maybe(tx, 'delete from retest where ws = $1 and section = $2 and id = $3 returning id', [
    ws,
    section,
    id,
  ]);
  if (!gone) throw notFound('It is not to be asked again any more.', { remedy: 'Read the list again.' });
  return readRetest(tx, ws, section);
}
