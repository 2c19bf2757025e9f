import { maybe } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { remadePicture } from '../pictures/index.ts';
import { needSitting } from '../sittings/index.ts';
import { needStudent } from './sheets.ts';

/** Keeps a photograph of a sheet, in place of one that was there; the file's own name and metadata are dropped. */
export async function addSheetPhoto(call: CallOf<'sheetPhotoAdd'>): Promise<ReplyOf<'sheetPhotoAdd'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  await needStudent(db, ws, sitting, student);
  const picture = await remadePicture(call.body);
  await db.query(
    `insert into sheet_photo (ws, sitting, student, bytes) values ($1, $2, $3, decode($4, 'base64'))
     on conflict (ws, sitting, student) do update set bytes = excluded.bytes`,
    [ws, sitting.id, student, picture.data.toString('base64')],
  );
  return { status: 204 };
}

export async function readSheetPhoto(call: CallOf<'sheetPhoto'>): Promise<ReplyOf<'sheetPhoto'>> {
  const { db } = call.app;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const row = await maybe<{ bytes: string }>(
    db,
    `select encode(bytes, 'base64') as bytes from sheet_photo where ws = $1 and sitting = $2 and student = $3`,
    [call.who.ws, sitting.id, idParam(call, 'student')],
  );
  if (!row)
    throw notFound('There is no photograph of this sheet.', { remedy: 'Attach one beside the entry.' });
  return { file: { type: 'image/jpeg', bytes: Buffer.from(row.bytes, 'base64') } };
}

export async function removeSheetPhoto(
  call: CallOf<'sheetPhotoRemove'>,
): Promise<ReplyOf<'sheetPhotoRemove'>> {
  const { db } = call.app;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const gone = await db.query(
    'delete from sheet_photo where ws = $1 and sitting = $2 and student = $3 returning student',
    [call.who.ws, sitting.id, idParam(call, 'student')],
  );
  if (gone.length === 0)
    throw notFound('There is no photograph of this sheet.', { remedy: 'Nothing else is needed.' });
  return { status: 204 };
}
