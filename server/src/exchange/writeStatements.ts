import { randomBytes } from 'node:crypto';
import { v7 } from 'uuid';
import type { PlannedStatement } from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import { insertColumns } from '../db/index.ts';
import type { Column } from '../db/index.ts';
import type { Recorder } from './recorder.ts';

const CHUNK = 10_000;

interface Ids {
  readonly taxon: ReadonlyMap<string, string>;
  readonly source: ReadonlyMap<string, string>;
}

type Find = (name: string) => string;

/** Finds ids by a name as written; a name is normalised once, however many statements give it. */
function finder(ids: ReadonlyMap<string, string>): Find {
  const found = new Map<string, string>();
  return (name) => {
    const known = found.get(name);
    if (known !== undefined) return known;
    const id = ids.get(normalise(name));
    if (id === undefined) throw new Error(`The plan names “${name}”, which there is not`);
    found.set(name, id);
    return id;
  };
}

/** Statements that a source makes already, by taxon, character, source and stage of life. */
async function standing(
  rec: Recorder,
  statements: readonly PlannedStatement[],
  taxon: Find,
): Promise<ReadonlyMap<string, string>> {
  const replacing = statements.filter((s) => s.replaces);
  if (replacing.length === 0) return new Map();
  const rows = await rec.sql.query<{
    id: string;
    taxon: string;
    character: string;
    source: string;
    life: string | null;
  }>(
    `select id, taxon, character, source, life from statement
     where ws = $1 and retracted_at is null and taxon = any($2::uuid[])`,
    [rec.ws, [...new Set(replacing.map((s) => taxon(s.taxon)))]],
  );
  return new Map(rows.map((r) => [`${r.taxon}/${r.character}/${r.source}/${r.life ?? ''}`, r.id]));
}

interface Chosen {
  readonly s: PlannedStatement;
  readonly taxon: string;
  readonly source: string;
  readonly id: string;
  readonly old: boolean;
}

/** Statements a source made already get their new head; their old values are kept and taken away. */
async function changeThose(rec: Recorder, changed: readonly Chosen[], at: string): Promise<void> {
  if (changed.length === 0) return;
  const ids = changed.map((c) => c.id);
  await rec.keep('statement', 'id', ids);
  await rec.remove('statement_state', 'statement', ids);
  await rec.remove('statement_range', 'statement', ids);
  await rec.sql.query(
    `update statement t set kind = k.kind, n = k.n, note = k.note, at = $3, version = t.version + 1
     from jsonb_populate_recordset(null::public.statement, $2::jsonb) k where t.ws = $1 and t.id = k.id`,
    [
      rec.ws,
      JSON.stringify(
        changed.map((c) => ({ id: c.id, kind: c.s.value.kind, n: c.s.part.n, note: c.s.part.note })),
      ),
      at,
    ],
  );
  rec.watch('statement', 'id', ids);
}

async function writeNew(rec: Recorder, fresh: readonly Chosen[], at: string): Promise<void> {
  if (fresh.length === 0) return;
  const each = (type: string, pick: (c: Chosen) => unknown): Column => {
    const values = fresh.map(pick);
    return values.every((v) => v === null) ? { type, all: null } : { type, values };
  };
  await insertColumns(rec.sql, 'statement', {
    ws: { type: 'uuid', all: rec.ws },
    id: each('uuid', (c) => c.id),
    taxon: each('uuid', (c) => c.taxon),
    source: each('uuid', (c) => c.source),
    character: each('text', (c) => c.s.part.character),
    kind: each('text', (c) => c.s.value.kind),
    life: each('text', (c) => c.s.part.life),
    n: each('integer', (c) => c.s.part.n),
    note: each('text', (c) => c.s.part.note),
    exception: { type: 'boolean', all: false },
    at: { type: 'timestamptz', all: at },
    version: { type: 'integer', all: 1 },
    brought_by: { type: 'uuid', all: rec.batch },
  });
  rec.brought(fresh.length);
}

/**
 * The values of statements. Those of new statements go with them when they are taken away, so only those of others are
 * remembered.
 */
async function writeValues(rec: Recorder, chunk: readonly Chosen[]): Promise<void> {
  const states = chunk.flatMap(({ s, id, old }) =>
    s.value.kind === 'states'
      ? s.value.states.map((x) => ({ id, old, character: s.part.character, ...x }))
      : [],
  );
  if (states.length > 0) {
    await insertColumns(rec.sql, 'statement_state', {
      ws: { type: 'uuid', all: rec.ws },
      statement: { type: 'uuid', values: states.map((x) => x.id) },
      character: { type: 'text', values: states.map((x) => x.character) },
      state: { type: 'text', values: states.map((x) => x.state) },
      freq: { type: 'text', values: states.map((x) => x.freq) },
    });
    rec.put(
      'statement_state',
      states.filter((x) => x.old).map((x) => [x.id, x.state]),
    );
  }
  const ranges = chunk.flatMap(({ s, id, old }) =>
    s.value.kind === 'range' ? [{ id, old, ...s.value }] : [],
  );
  if (ranges.length > 0) {
    const each = (key: 'xlow' | 'low' | 'high' | 'xhigh'): Column => ({
      type: 'double precision',
      values: ranges.map((r) => r[key]),
    });
    await insertColumns(rec.sql, 'statement_range', {
      ws: { type: 'uuid', all: rec.ws },
      statement: { type: 'uuid', values: ranges.map((r) => r.id) },
      xlow: each('xlow'),
      low: each('low'),
      high: each('high'),
      xhigh: each('xhigh'),
      more: { type: 'boolean', values: ranges.map((r) => r.more ?? false) },
      entered: { type: 'text', values: ranges.map((r) => r.entered) },
    });
    rec.put(
      'statement_range',
      ranges.filter((r) => r.old).map((r) => [r.id]),
    );
  }
}

/**
 * Writes statements in chunks: those a source made already are changed under the id they have.
 * @param progress told after every chunk; throwing leaves the transaction to be rolled back.
 */
export async function writeStatements(
  rec: Recorder,
  statements: readonly PlannedStatement[],
  ids: Ids,
  at: string,
  progress: (done: number) => Promise<void>,
): Promise<void> {
  const [taxonOf, sourceOf] = [finder(ids.taxon), finder(ids.source)];
  const there = await standing(rec, statements, taxonOf);
  for (let from = 0; from < statements.length; from += CHUNK) {
    const slice = statements.slice(from, from + CHUNK);
    // Random bytes drawn at once take a tenth of the time of drawing them id by id.
    const random = randomBytes(16 * slice.length);
    const chunk = slice.map((s, i) => {
      const taxon = taxonOf(s.taxon);
      const source = sourceOf(s.part.source);
      const old = there.get(`${taxon}/${s.part.character}/${source}/${s.part.life ?? ''}`);
      const id = old ?? v7({ random: random.subarray(16 * i, 16 * i + 16) });
      return { s, taxon, source, id, old: old !== undefined };
    });
    await changeThose(
      rec,
      chunk.filter((c) => c.old),
      at,
    );
    await writeNew(
      rec,
      chunk.filter((c) => !c.old),
      at,
    );
    await writeValues(rec, chunk);
    await progress(from + chunk.length);
  }
}
