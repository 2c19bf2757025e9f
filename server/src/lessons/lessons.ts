import { v7 } from 'uuid';
import type { LessonBody, LessonFollowed, LessonRow } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, invalid, notFound } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { countPairs, effectsOf, lockSums } from '../sums/index.ts';

interface Row {
  readonly id: string;
  readonly on: string;
  readonly kind: LessonRow['kind'];
  readonly items: readonly { readonly taxon: string; readonly other: string | null }[];
}

const readRows = (sql: Sql, ws: string, section: string): Promise<readonly Row[]> =>
  sql.query<Row>(
    `select l.id, l.on_date as "on", l.kind,
       coalesce((select jsonb_agg(jsonb_build_object('taxon', i.taxon, 'other', i.other) order by i.ord)
         from lesson_item i where i.ws = l.ws and i.lesson = l.id), '[]') as items
     from lesson l where l.ws = $1 and l.section = $2 order by l.on_date desc, l.id desc`,
    [ws, section],
  );

/** Lessons of a class, the newest first, each with what followed on every pair it took up again, both ways. */
export async function readLessonRows(sql: Sql, ws: string, section: string): Promise<readonly LessonRow[]> {
  const rows = await readRows(sql, ws, section);
  const headers = await readHeaders(sql, ws, [
    ...new Set(
      rows.flatMap((r) => r.items.flatMap((i) => (i.other === null ? [i.taxon] : [i.taxon, i.other]))),
    ),
  ]);
  const found: LessonRow[] = [];
  for (const row of rows) {
    const followed: LessonFollowed[] = [];
    const pairs = row.kind === 'retaught' ? row.items : [];
    for (const { taxon, other } of pairs)
      for (const [a, b] of [
        [taxon, other],
        [other, taxon],
      ] as const) {
        const [truth, answer] = [headers.get(a ?? ''), headers.get(b ?? '')];
        if (a === null || b === null || !truth || !answer) continue;
        const own = (await effectsOf(sql, ws, section, a, b)).find((e) => e.on === row.on);
        if (own)
          followed.push({
            truth,
            answer,
            verdict: own.effect.verdict,
            before: own.effect.before,
            after: own.effect.after,
            others: own.effect.others,
          });
      }
    found.push({
      id: row.id,
      on: row.on,
      kind: row.kind,
      items: row.items.flatMap(({ taxon, other }) => {
        const [a, b] = [headers.get(taxon), other === null ? null : headers.get(other)];
        return a && b !== undefined ? [{ taxon: a, other: b }] : [];
      }),
      followed,
    });
  }
  return found;
}

const key = (i: { readonly taxon: string; readonly other: string | null }): string =>
  [i.taxon, i.other ?? ''].sort().join('/');

/** @throws where a lesson lies ahead, takes up no pair or one twice, or names what is not in the library. */
async function checked(
  sql: Sql,
  ws: string,
  section: string,
  body: LessonBody,
  { today, except }: { readonly today: string; readonly except: string | null },
): Promise<void> {
  if (body.on > today)
    throw invalid('This lesson is on a day that has not come yet.', {
      field: 'on',
      remedy: 'Record it once it was held.',
    });
  const { items, kind } = body;
  if (items.some((i) => i.taxon === i.other))
    throw invalid('A pair is of two different species.', {
      field: 'items',
      remedy: 'Choose another species.',
    });
  if (kind === 'retaught' && items.some((i) => i.other === null))
    throw invalid('What is taught again is a pair.', { field: 'items', remedy: 'Name both species.' });
  if (new Set(items.map(key)).size !== items.length)
    throw invalid('The lesson names one pair twice.', { field: 'items', remedy: 'Name each pair once.' });
  const ids = [...new Set(items.flatMap((i) => (i.other === null ? [i.taxon] : [i.taxon, i.other])))];
  if ((await readHeaders(sql, ws, ids)).size !== ids.length)
    throw invalid('There is no such species.', { field: 'items', remedy: 'Choose species of the library.' });
  const same = (await readRows(sql, ws, section)).find(
    (r) =>
      r.id !== except &&
      r.on === body.on &&
      r.kind === kind &&
      r.items.some((i) => items.some((n) => key(n) === key(i))),
  );
  if (same)
    throw conflict('This pair is recorded for that day already.', {
      remedy: 'One lesson a day counts once; correct the one that is there.',
    });
}

async function write(tx: Sql, ws: string, section: string, lesson: string, body: LessonBody): Promise<void> {
  await insertRows(tx, 'lesson', [{ ws, id: lesson, section, on_date: body.on, kind: body.kind }]);
  await insertRows(
    tx,
    'lesson_item',
    body.items.map((i, ord) => ({ ws, lesson, taxon: i.taxon, other: i.other, ord })),
  );
}

async function mustBe(tx: Sql, ws: string, section: string, lesson: string): Promise<void> {
  if (
    await maybe(tx, 'select 1 from lesson where ws = $1 and section = $2 and id = $3', [ws, section, lesson])
  )
    return;
  throw notFound('This lesson is not there any more.', { remedy: 'Somebody removed it; look at the list.' });
}

/** Whoever writes lessons of a class, with the day of the workspace. */
export interface LessonWriter {
  readonly ws: string;
  readonly section: string;
  readonly today: string;
}

/** Records a lesson; how the pairs of the class stand follows at once. */
export async function recordLesson(tx: Sql, w: LessonWriter, body: LessonBody): Promise<void> {
  await lockSums(tx, w.ws, w.section);
  await checked(tx, w.ws, w.section, body, { today: w.today, except: null });
  await write(tx, w.ws, w.section, v7(), body);
  await countPairs(tx, w.ws, w.section, []);
}

/** Corrects a lesson, all of it. @throws where it is gone. */
export async function changeLesson(
  tx: Sql,
  w: LessonWriter,
  lesson: string,
  body: LessonBody,
): Promise<void> {
  await lockSums(tx, w.ws, w.section);
  await mustBe(tx, w.ws, w.section, lesson);
  await checked(tx, w.ws, w.section, body, { today: w.today, except: lesson });
  await tx.query('update lesson set on_date = $3, kind = $4 where ws = $1 and id = $2', [
    w.ws,
    lesson,
    body.on,
    body.kind,
  ]);
  await tx.query('delete from lesson_item where ws = $1 and lesson = $2', [w.ws, lesson]);
  await insertRows(
    tx,
    'lesson_item',
    body.items.map((i, ord) => ({ ws: w.ws, lesson, taxon: i.taxon, other: i.other, ord })),
  );
  await countPairs(tx, w.ws, w.section, []);
}

/** Removes a lesson; answers and counts stay, and how its pairs stand is as if it had not been. */
export async function removeLesson(tx: Sql, w: LessonWriter, lesson: string): Promise<void> {
  await lockSums(tx, w.ws, w.section);
  await mustBe(tx, w.ws, w.section, lesson);
  await tx.query('delete from lesson where ws = $1 and id = $2', [w.ws, lesson]);
  await countPairs(tx, w.ws, w.section, []);
}
