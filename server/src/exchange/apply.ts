import { v7 } from 'uuid';
import type { ImportPlan } from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import type { Sql } from '../db/index.ts';
import { bulkLoad } from '../db/index.ts';
import { recorder } from './recorder.ts';
import type { Recorder, Undo } from './recorder.ts';
import { writeStatements } from './writeStatements.ts';
import { writeTaxa } from './writeTaxa.ts';
import { writeVocabulary } from './writeVocabulary.ts';

/** From so many statements on, checking them one by one takes longer than checking them all at the end. */
const MANY = 5000;

async function idsByName(sql: Sql, ws: string): Promise<Map<string, string>> {
  const rows = await sql.query<{ taxon: string; text: string }>(
    `select taxon, text from name where ws = $1 and kind = 'accepted'`,
    [ws],
  );
  return new Map(rows.map((r) => [normalise(r.text), r.taxon]));
}

async function writeSources(rec: Recorder, plan: ImportPlan): Promise<ReadonlyMap<string, string>> {
  const rows = await rec.sql.query<{ id: string; citation: string }>(
    'select id, citation from source where ws = $1',
    [rec.ws],
  );
  const ids = new Map(rows.map((r) => [normalise(r.citation), r.id]));
  const changed = plan.sources.flatMap((s) => {
    const id = ids.get(normalise(s.citation));
    return id === undefined ? [] : [{ ...s, id }];
  });
  await rec.keep(
    'source',
    'id',
    changed.map((s) => s.id),
  );
  for (const s of changed) {
    await rec.sql.query(
      'update source set kind = $3, citation = $4, n = $5, rank = $6, version = version + 1 where ws = $1 and id = $2',
      [rec.ws, s.id, s.kind, s.citation, s.n, s.rank],
    );
  }
  const fresh = plan.sources
    .filter((s) => !ids.has(normalise(s.citation)))
    .map((s) => ({ id: v7(), ...s, version: 1 }));
  await rec.insert('source', fresh);
  for (const s of fresh) ids.set(normalise(s.citation), s.id);
  rec.watch(
    'source',
    'id',
    [...changed, ...fresh].map((s) => s.id),
  );
  return ids;
}

async function writePolicies(
  rec: Recorder,
  plan: ImportPlan,
  sources: ReadonlyMap<string, string>,
): Promise<void> {
  if (plan.merge !== null) {
    const rows = await rec.sql.query<{ merge_policy: string }>(
      'select merge_policy from workspace where id = $1',
      [rec.ws],
    );
    rec.keepMerge(rows[0]?.merge_policy ?? 'widest');
    await rec.sql.query('update workspace set merge_policy = $2 where id = $1', [rec.ws, plan.merge]);
  }
  const characters = plan.policies.map((p) => p.character);
  await rec.remove('policy_override', 'character', characters);
  await rec.insert(
    'policy_override',
    plan.policies.map((p) => ({
      character: p.character,
      policy: p.policy,
      preferred_source: p.source === null ? null : (sources.get(normalise(p.source)) ?? null),
    })),
  );
  rec.watch('policy_override', 'character', characters);
}

async function writePairs(rec: Recorder, plan: ImportPlan, ids: ReadonlyMap<string, string>): Promise<void> {
  const rows = plan.pairs.map((p) => {
    const [a = '', b = ''] = [ids.get(normalise(p.a)) ?? '', ids.get(normalise(p.b)) ?? ''].sort();
    const greater = p.greater ? (ids.get(normalise(p.greater)) ?? null) : null;
    return { a, b, character: p.character, text: p.text, mnemonic: p.mnemonic, greater };
  });
  const there = await rec.sql.query<{ id: string; a: string; b: string; character: string | null }>(
    'select id, a, b, character from pair_note where ws = $1 and a = any($2::uuid[])',
    [rec.ws, rows.map((r) => r.a)],
  );
  const key = (r: { a: string; b: string; character: string | null }): string =>
    `${r.a}/${r.b}/${r.character ?? ''}`;
  const old = new Map(there.map((t) => [key(t), t.id]));
  const replaced = rows.flatMap((r) => old.get(key(r)) ?? []);
  await rec.remove('pair_note', 'id', replaced);
  const written = rows.map((r) => ({ id: old.get(key(r)) ?? v7(), ...r }));
  await rec.insert('pair_note', written);
  rec.watch(
    'pair_note',
    'id',
    written.map((w) => w.id),
  );
}

async function writeLists(rec: Recorder, plan: ImportPlan, ids: ReadonlyMap<string, string>): Promise<void> {
  const there = await rec.sql.query<{ id: string; name: string }>('select id, name from list where ws = $1', [
    rec.ws,
  ]);
  for (const l of plan.lists) {
    const old = there.find((t) => normalise(t.name) === normalise(l.name))?.id;
    const list = old ?? v7();
    if (old === undefined) await rec.insert('list', [{ id: list, name: l.name, version: 1 }]);
    else {
      await rec.keep('list', 'id', [list]);
      await rec.sql.query('update list set version = version + 1 where ws = $1 and id = $2', [rec.ws, list]);
      await rec.remove('list_member', 'list', [list]);
    }
    await rec.insert(
      'list_member',
      l.members.map((m, ord) => ({
        list,
        taxon: ids.get(normalise(m.name)) ?? null,
        week: m.week,
        label: m.label,
        ord,
      })),
    );
    rec.watch('list', 'id', [list]);
    rec.watch('list_member', 'list', [list]);
  }
}

/**
 * Carries out a plan within a transaction.
 * @param progress told after each part is written; throwing leaves the transaction to be rolled back.
 * @returns what undoing it needs.
 */
export async function applyPlan(
  tx: Sql,
  ws: string,
  batch: string,
  plan: ImportPlan,
  at: string,
  progress: (done: number, total: number) => Promise<void>,
): Promise<Undo> {
  const rec = recorder(tx, ws, batch);
  const total = plan.taxa.length + plan.statements.length;
  await progress(0, total);
  await writeVocabulary(rec, plan, at);
  const sources = await writeSources(rec, plan);
  await writePolicies(rec, plan, sources);
  const ids = await idsByName(tx, ws);
  for (const { part, isNew } of plan.taxa) if (isNew) ids.set(normalise(part.name), v7());
  await progress(0, total);
  await writeTaxa(rec, plan.taxa, ids, sources);
  await progress(plan.taxa.length, total);
  const write = (): Promise<void> =>
    writeStatements(rec, plan.statements, { taxon: ids, source: sources }, at, (n) =>
      progress(plan.taxa.length + n, total),
    );
  if (plan.statements.length < MANY) await write();
  else await bulkLoad(tx, ['statement', 'statement_state', 'statement_range'], write);
  await writePairs(rec, plan, ids);
  await writeLists(rec, plan, ids);
  await progress(total, total);
  return rec.finish();
}
