import { v7 } from 'uuid';
import type { Source, Sources } from '@hurrow/contract';
import { insertRows, maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readPolicies } from './described.ts';
import { readWholeVocabulary } from './vocabulary.ts';

/** Sources, best first. */
export const readSourceRows = (sql: Sql, ws: string): Promise<readonly Source[]> =>
  sql.query<Source>(
    'select id, kind, citation, n, rank, version from source where ws = $1 order by rank, citation',
    [ws],
  );

export async function readSources(sql: Sql, ws: string): Promise<Sources> {
  return { sources: await readSourceRows(sql, ws), ...(await readPolicies(sql, ws)) };
}

async function refuseTwice(sql: Sql, ws: string, own: string | null, citation: string): Promise<void> {
  const had = await maybe(
    sql,
    'select 1 from source where ws = $1 and lower(citation) = lower($2) and ($3::uuid is null or id <> $3)',
    [ws, citation, own],
  );
  if (had) {
    throw conflict('There is a source with this citation already.', {
      field: 'citation',
      remedy: 'Use that one, or say what sets them apart.',
    });
  }
}

export async function createSource(call: CallOf<'sourceCreate'>): Promise<ReplyOf<'sourceCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  await refuseTwice(call.app.db, ws, null, body.citation);
  const id = v7();
  await call.app.db.transaction((tx) => insertRows(tx, 'source', [{ ws, id, ...body, version: 1 }]));
  return { status: 201, body: { id, ...body, version: 1 }, version: 1 };
}

export async function changeSource(call: CallOf<'sourceChange'>): Promise<ReplyOf<'sourceChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const row = await call.app.db.transaction(async (tx) => {
    const standing = (await readSourceRows(tx, ws)).find((s) => s.id === id);
    if (!standing) throw notFound('There is no such source.', { remedy: 'Choose one of the sources.' });
    needVersion(call, standing.version ?? 1, standing);
    if (standing.kind === 'shipped') {
      throw conflict('What ships with the application keeps its name.', {
        remedy: 'Record what you know under a source of your own; it takes precedence.',
      });
    }
    await refuseTwice(tx, ws, id, body.citation);
    await tx.query(
      'update source set kind = $3, citation = $4, n = $5, rank = $6, version = version + 1 where ws = $1 and id = $2',
      [ws, id, body.kind, body.citation, body.n, body.rank],
    );
    return { id, ...body, version: (standing.version ?? 1) + 1 };
  });
  return { body: row, version: row.version };
}

/** Deletes a source that says nothing any more. What ships and what a choice between sources names is kept. */
export async function removeSource(call: CallOf<'sourceRemove'>): Promise<ReplyOf<'sourceRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const standing = (await readSourceRows(tx, ws)).find((s) => s.id === id);
    if (!standing) throw notFound('This source was deleted.', { remedy: 'Nothing else is needed.' });
    needVersion(call, standing.version ?? 1, standing);
    const { entries, others } = await one<{ entries: number; others: number }>(
      tx,
      `select (select count(*) from statement where ws = $1 and source = $2 and retracted_at is null)::integer as entries,
         ((select count(*) from season_window where ws = $1 and source = $2) + (select count(*) from range_area where ws = $1 and source = $2)
          + (select count(*) from range_record where ws = $1 and source = $2) + (select count(*) from occurrence where ws = $1 and source = $2)
          + (select count(*) from policy_override where ws = $1 and preferred_source = $2))::integer as others`,
      [ws, id],
    );
    if (entries + others > 0) {
      throw conflict(
        entries > 0
          ? `This source still has ${entries} ${entries === 1 ? 'entry' : 'entries'}.`
          : 'A season, a range or a choice between sources still names this source.',
        { remedy: 'Delete those, or keep the source.' },
      );
    }
    // Entries that were deleted keep their place in the record of changes, which holds the source by its words.
    await tx.query('delete from statement where ws = $1 and source = $2', [ws, id]);
    await tx.query('delete from source where ws = $1 and id = $2', [ws, id]);
  });
  return { status: 204 };
}

/** How several sources are merged: one way for the workspace, others for single characters. */
export async function putPolicies(call: CallOf<'policies'>): Promise<ReplyOf<'policies'>> {
  const { body } = call;
  const { ws } = call.who;
  await call.app.db.transaction(async (tx) => {
    const characters = new Set((await readWholeVocabulary(tx, ws)).map((c) => c.id));
    const sources = new Set((await readSourceRows(tx, ws)).map((s) => s.id));
    const seen = new Set<string>();
    body.policies.forEach((p, i) => {
      const field = `policies.${i}`;
      if (!characters.has(p.character)) {
        throw invalid(`The vocabulary has no character “${p.character}”.`, {
          field: `${field}.character`,
          remedy: 'Choose one of the vocabulary.',
        });
      }
      if (p.source !== null && !sources.has(p.source)) {
        throw invalid('There is no such source.', {
          field: `${field}.source`,
          remedy: 'Choose one of the sources.',
        });
      }
      if (seen.has(p.character)) {
        throw invalid('The character is given twice.', {
          field: `${field}.character`,
          remedy: 'Keep one of the two.',
        });
      }
      seen.add(p.character);
    });
    await tx.query('update workspace set merge_policy = $2 where id = $1', [ws, body.policy]);
    await tx.query('delete from policy_override where ws = $1', [ws]);
    await insertRows(
      tx,
      'policy_override',
      body.policies.map((p) => ({
        ws,
        character: p.character,
        policy: p.policy,
        preferred_source: p.source,
      })),
    );
  });
  return { body: await readSources(call.app.db, ws) };
}
