import type { DeclaredPair, ListLore, NameRoot } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readCautions, readHeaders, withAncestors } from '../library/index.ts';

const readPairs = (sql: Sql, ws: string, taxa: readonly string[]): Promise<readonly DeclaredPair[]> =>
  sql.query<DeclaredPair>(
    `select id, a, b, character, text, mnemonic, greater from pair_note
     where ws = $1 and a = any($2::uuid[]) and b = any($2::uuid[]) order by id`,
    [ws, taxa],
  );

const readNames = (sql: Sql, ws: string, taxa: readonly string[]): Promise<ListLore['names']> =>
  sql.query<ListLore['names'][number]>(
    `select taxon, kind, text from name where ws = $1 and taxon = any($2::uuid[])
     order by taxon, array_position(array['accepted','common','synonym','older_family'], kind), preferred desc, text`,
    [ws, taxa],
  );

const readRoots = (
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<readonly (NameRoot & { taxon: string })[]> =>
  sql.query<NameRoot & { taxon: string }>(
    `select n.taxon, n.text as name, r.element, r.language, r.meaning, r.character, r.state, r.contested
     from name n join name_root_of o on o.ws = n.ws and o.name = n.id join name_root r on r.ws = o.ws and r.id = o.root
     where n.ws = $1 and n.taxon = any($2::uuid[]) order by r.element, n.text`,
    [ws, taxa],
  );

/** What is said of the members of a list beside their characters. */
export async function readLore(call: Call<Account>): Promise<ListLore> {
  const { ws } = call.who;
  const { db } = call.app;
  const list = idParam(call, 'id');
  if (!(await maybe(db, 'select 1 from list where ws = $1 and id = $2', [ws, list]))) {
    throw notFound('There is no such list.', { remedy: 'Choose one under Classes.' });
  }
  const members = (
    await db.query<{ taxon: string }>(
      'select taxon from list_member where ws = $1 and list = $2 and taxon is not null',
      [ws, list],
    )
  ).map((m) => m.taxon);
  const above = (await withAncestors(db, ws, members)).filter((t) => !members.includes(t));
  const headers = await readHeaders(db, ws, above);
  const cautions = await readCautions(db, ws, members);
  return {
    pairs: await readPairs(db, ws, members),
    names: await readNames(db, ws, members),
    roots: await readRoots(db, ws, members),
    cautions: [...cautions].flatMap(([taxon, all]) => all.map((c) => ({ ...c, taxon }))),
    groups: [...headers.values()].sort((a, b) => a.scientific.localeCompare(b.scientific, 'en')),
  };
}
