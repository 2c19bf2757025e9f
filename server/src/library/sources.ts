import { v7 } from 'uuid';
import type { Source, Sources } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
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
