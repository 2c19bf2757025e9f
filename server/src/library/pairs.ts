import { v7 } from 'uuid';
import type { PairNote } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readHeaders } from './taxa.ts';

/** Declared look-alikes of a taxon. */
export async function readPairs(sql: Sql, ws: string, taxon: string): Promise<readonly PairNote[]> {
  const rows = await sql.query<Omit<PairNote, 'other'> & { other: string }>(
    `select id, case when a = $2 then b else a end as other, character, text, mnemonic, greater from pair_note
     where ws = $1 and (a = $2 or b = $2) order by id`,
    [ws, taxon],
  );
  const headers = await readHeaders(
    sql,
    ws,
    rows.map((r) => r.other),
  );
  return rows.flatMap(({ other, ...r }) => {
    const header = headers.get(other);
    return header ? [{ ...r, other: header }] : [];
  });
}

/** Declares that two taxa are taken for one another, or changes what is said of the pair. */
export async function putPair(call: CallOf<'pairPut'>): Promise<ReplyOf<'pairPut'>> {
  const { body } = call;
  const { ws } = call.who;
  const [a, b] = body.a < body.b ? [body.a, body.b] : [body.b, body.a];
  const said = {
    character: body.character,
    text: body.text || null,
    mnemonic: body.mnemonic || null,
    greater: body.greater ?? null,
  };
  if (said.greater !== null && (said.character === null || (said.greater !== a && said.greater !== b))) {
    throw invalid('The one that shows more is one of the two, and shows more of a character.', {
      field: 'greater',
      remedy: 'Choose the character and one of the two.',
    });
  }
  const id = await call.app.db.transaction(async (tx) => {
    const known = await tx.query<{ id: string }>('select id from taxon where ws = $1 and id in ($2, $3)', [
      ws,
      a,
      b,
    ]);
    if (known.length < 2) {
      throw invalid('There is no such taxon.', { field: 'b', remedy: 'Choose two species that stand.' });
    }
    if (
      said.character !== null &&
      !(await maybe(tx, 'select 1 from character where ws = $1 and id = $2', [ws, said.character]))
    ) {
      throw invalid(`The vocabulary has no character “${said.character}”.`, {
        field: 'character',
        remedy: 'Choose one of the vocabulary.',
      });
    }
    const had = await maybe<{ id: string }>(
      tx,
      'select id from pair_note where ws = $1 and a = $2 and b = $3 for update',
      [ws, a, b],
    );
    if (had) {
      await tx.query(
        'update pair_note set character = $3, text = $4, mnemonic = $5, greater = $6 where ws = $1 and id = $2',
        [ws, had.id, said.character, said.text, said.mnemonic, said.greater],
      );
      return had.id;
    }
    const made = v7();
    await insertRows(tx, 'pair_note', [{ ws, id: made, a, b, ...said }]);
    return made;
  });
  return { status: 201, body: { id } };
}

export async function removePair(call: CallOf<'pairRemove'>): Promise<ReplyOf<'pairRemove'>> {
  const rows = await call.app.db.query('delete from pair_note where ws = $1 and id = $2 returning id', [
    call.who.ws,
    idParam(call, 'id'),
  ]);
  if (rows.length === 0)
    throw notFound('There is no such look-alike.', { remedy: 'Open the species again.' });
  return { status: 204 };
}
