import type { WeekPage } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';

const NOTHING: WeekPage = { text: '', photo: null, tree: null, place: '', version: 0 };

async function pageOf(sql: Sql, ws: string, taxon: string, forUpdate = false): Promise<WeekPage> {
  const known = await maybe(
    sql,
    `select 1 from taxon where ws = $1 and id = $2 ${forUpdate ? 'for update' : ''}`,
    [ws, taxon],
  );
  if (!known) {
    throw notFound('This species is not in the library any more.', { remedy: 'Choose another one.' });
  }
  return (
    (await maybe<WeekPage>(
      sql,
      'select text, photo, individual as tree, place, version from week_page where ws = $1 and taxon = $2',
      [ws, taxon],
    )) ?? NOTHING
  );
}

/** Reads what a species' page of the week says; nothing, at version 0, where nobody has written one. */
export async function readWeekPage(call: CallOf<'weekPage'>): Promise<ReplyOf<'weekPage'>> {
  return { body: await pageOf(call.app.db, call.who.ws, idParam(call, 'id')) };
}

/** @throws where the photograph or the tree is of another species. */
async function mustBeOf(
  tx: Sql,
  ws: string,
  taxon: string,
  { photo, tree }: { photo: string | null; tree: string | null },
) {
  if (
    photo !== null &&
    !(await maybe(tx, 'select 1 from photo where ws = $1 and id = $2 and taxon = $3', [ws, photo, taxon]))
  ) {
    throw invalid('The photograph is not one of this species.', {
      field: 'photo',
      remedy: 'Choose one that is, or the drawing.',
    });
  }
  if (
    tree !== null &&
    !(await maybe(
      tx,
      `select 1 from tree t where t.ws = $1 and t.individual = $2 and $3 = (
         select d.taxon from determination d where d.ws = t.ws and d.individual = t.individual order by d.seq desc limit 1)`,
      [ws, tree, taxon],
    ))
  ) {
    throw invalid('The tree is not tagged as this species.', {
      field: 'tree',
      remedy: 'Choose a tree of this species, or none.',
    });
  }
}

/** Keeps what a species' page of the week says. */
export async function putWeekPage(call: CallOf<'weekPagePut'>): Promise<ReplyOf<'weekPagePut'>> {
  const { ws } = call.who;
  const { body } = call;
  const taxon = idParam(call, 'id');
  const version = await call.app.db.transaction(async (tx) => {
    const standing = await pageOf(tx, ws, taxon, true);
    needVersion(call, standing.version, standing);
    await mustBeOf(tx, ws, taxon, body);
    await tx.query(
      `insert into week_page (ws, taxon, text, photo, individual, place, version) values ($1, $2, $3, $4, $5, $6, 1)
       on conflict (ws, taxon) do update set text = $3, photo = $4, individual = $5, place = $6, version = week_page.version + 1`,
      [ws, taxon, body.text, body.photo, body.tree, body.place],
    );
    return standing.version + 1;
  });
  return { body: { ...body, version } };
}
