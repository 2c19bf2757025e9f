import { v7 } from 'uuid';
import type { Photo } from '@hurrow/contract';
import { readWorkspace } from '../workspace/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { remadePicture } from '../pictures/index.ts';

interface PhotoRow {
  id: string;
  organ: Photo['organ'];
  taken_on: string | null;
  credit: string | null;
  width: number;
  height: number;
}

const asPhoto = (r: PhotoRow): Photo => ({
  id: r.id,
  organ: r.organ,
  takenOn: r.taken_on,
  credit: r.credit,
  width: r.width,
  height: r.height,
});

const COLUMNS = 'p.id, p.organ, p.taken_on, p.credit, b.width, b.height';

/** Photographs of a taxon, organ by organ. */
export async function readPhotos(sql: Sql, ws: string, taxon: string): Promise<readonly Photo[]> {
  const rows = await sql.query<PhotoRow>(
    `select ${COLUMNS} from photo p join photo_blob b on b.ws = p.ws and b.key = p.blob_key
     where p.ws = $1 and p.taxon = $2 order by p.organ, p.id`,
    [ws, taxon],
  );
  return rows.map(asPhoto);
}

/** Adds a photograph; its file name and its metadata are never kept. */
export async function addPhoto(call: CallOf<'photoAdd'>): Promise<ReplyOf<'photoAdd'>> {
  const { ws } = call.who;
  const taxon = idParam(call, 'id');
  const picture = await remadePicture(call.body);
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    if (!(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, taxon]))) {
      throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
    }
    await tx.query(
      `insert into photo_blob (ws, key, kind, bytes, width, height) values ($1, $2, 'image/jpeg', decode($3, 'base64'), $4, $5)`,
      [ws, id, picture.data.toString('base64'), picture.width, picture.height],
    );
    await insertRows(tx, 'photo', [
      { ws, id, taxon, organ: null, taken_on: null, credit: null, blob_key: id },
    ]);
  });
  const { width, height } = picture;
  return { status: 201, body: { id, organ: null, takenOn: null, credit: null, width, height } };
}

export async function readPhoto(call: CallOf<'photo'>): Promise<ReplyOf<'photo'>> {
  const row = await maybe<{ kind: string; bytes: string }>(
    call.app.db,
    `select b.kind, encode(b.bytes, 'base64') as bytes from photo p join photo_blob b on b.ws = p.ws and b.key = p.blob_key
     where p.ws = $1 and p.id = $2`,
    [call.who.ws, idParam(call, 'id')],
  );
  if (!row) throw notFound('There is no such photograph.', { remedy: 'Open the species again.' });
  return { file: { type: row.kind, bytes: Buffer.from(row.bytes, 'base64') } };
}

export async function changePhoto(call: CallOf<'photoChange'>): Promise<ReplyOf<'photoChange'>> {
  const { body } = call;
  const today = (await readWorkspace(call.app.db, call.app.clock()))?.today;
  if (body.takenOn !== null && today !== undefined && body.takenOn > today) {
    throw invalid(`The photograph would be taken on ${body.takenOn}, and today is ${today}.`, {
      field: 'takenOn',
      remedy: 'Write the day it was taken, or leave it empty.',
    });
  }
  const rows = await call.app.db.query(
    'update photo set organ = $3, taken_on = $4, credit = $5 where ws = $1 and id = $2 returning id',
    [call.who.ws, idParam(call, 'id'), body.organ, body.takenOn, body.credit || null],
  );
  if (rows.length === 0)
    throw notFound('There is no such photograph.', { remedy: 'Open the species again.' });
  return { status: 204 };
}

export async function removePhoto(call: CallOf<'photoRemove'>): Promise<ReplyOf<'photoRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const rows = await tx.query<{ blob_key: string }>(
      'delete from photo where ws = $1 and id = $2 returning blob_key',
      [ws, id],
    );
    const [row] = rows;
    if (!row) throw notFound('There is no such photograph.', { remedy: 'Open the species again.' });
    await tx.query('delete from photo_blob where ws = $1 and key = $2', [ws, row.blob_key]);
  });
  return { status: 204 };
}
