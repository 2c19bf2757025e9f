import { v7 } from 'uuid';
import type { Verdict } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import { idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { standInOccurrences } from '../standins/index.ts';
import { readGrowing } from './growing.ts';
import { compared, readChallenges, readRangeDetail, readRanges } from './read.ts';

const MOST_ASKED = 100;

/** Writes the whole range of a species by region. */
async function changeRange(call: CallOf<'rangeChange'>): Promise<ReplyOf<'rangeChange'>> {
  const { records } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const twice = records.findIndex((r, i) => records.findIndex((x) => x.region === r.region) < i);
  if (twice >= 0)
    throw invalid(`${records[twice]?.region ?? ''} is given twice.`, {
      field: `records.${twice}.region`,
      remedy: 'Keep one of the two.',
    });
  const version = await call.app.db.transaction(async (tx) => {
    const standing = await maybe<{ version: number }>(
      tx,
      'select version from taxon where ws = $1 and id = $2 for update',
      [ws, id],
    );
    if (!standing) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
    needVersion(call, standing.version, await readRangeDetail(tx, ws, id));
    await tx.query('delete from range_record where ws = $1 and taxon = $2', [ws, id]);
    await insertRows(
      tx,
      'range_record',
      records.map((r) => ({ ws, taxon: id, ...r })),
    );
    await tx.query('update taxon set version = version + 1 where ws = $1 and id = $2', [ws, id]);
    return standing.version + 1;
  });
  return { body: await readRangeDetail(call.app.db, ws, id), version };
}

/** Asks the occurrence service, and holds what it answers against the range and what was judged before. */
async function ask(call: CallOf<'occurrencesAsk'>): Promise<ReplyOf<'occurrencesAsk'>> {
  const { ws } = call.who;
  const { db } = call.app;
  const id = idParam(call, 'id');
  const header = (await readHeaders(db, ws, [id])).get(id);
  if (!header) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  const range = (await readRanges(db, ws, id)).get(id) ?? { records: [], areas: [] };
  const judged = new Map(
    (
      await db.query<{ external: string; verdict: Verdict | null }>(
        'select external, verdict from occurrence where ws = $1 and taxon = $2 and external is not null',
        [ws, id],
      )
    ).map((o) => [o.external, o.verdict]),
  );
  const records = await standInOccurrences.search(header.scientific, MOST_ASKED);
  return {
    body: records.map((r) => compared(r, header.scientific, range, judged.get(r.occurrenceID) ?? null)),
  };
}

/** Keeps a record with what was decided of it; deciding again changes it. */
async function judge(call: CallOf<'occurrenceJudge'>): Promise<ReplyOf<'occurrenceJudge'>> {
  const { record, verdict } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    if (!(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, id])))
      throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
    await tx.query('delete from occurrence where ws = $1 and external = $2', [ws, record.occurrenceID]);
    await insertRows(tx, 'occurrence', [
      {
        ws,
        id: v7(),
        taxon: id,
        lat: record.decimalLatitude,
        lon: record.decimalLongitude,
        on_date: record.eventDate,
        external: record.occurrenceID,
        basis: record.basisOfRecord,
        place: record.locality,
        verdict,
      },
    ]);
  });
  return { body: await readRangeDetail(call.app.db, ws, id) };
}

export const rangesHandlers = {
  range: async (call) => {
    const body = await readRangeDetail(call.app.db, call.who.ws, idParam(call, 'id'));
    return { body, version: body.version };
  },
  rangeChange: changeRange,
  challenges: async (call) => ({ body: await readChallenges(call.app.db, call.who.ws) }),
  growing: readGrowing,
  occurrencesAsk: ask,
  occurrenceJudge: judge,
} satisfies Partial<Handlers>;
