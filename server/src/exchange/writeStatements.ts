import { v7 } from 'uuid';
import type { PlannedStatement } from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import type { Recorder } from './recorder.ts';

const CHUNK = 5000;

interface Ids {
  readonly taxon: ReadonlyMap<string, string>;
  readonly source: ReadonlyMap<string, string>;
}

const need = (ids: ReadonlyMap<string, string>, name: string): string => {
  const id = ids.get(normalise(name));
  if (id === undefined) throw new Error(`The plan names “${name}”, which there is not`);
  return id;
};

/** Statements that a source makes already, by taxon, character, source and stage of life. */
async function standing(
  rec: Recorder,
  statements: readonly PlannedStatement[],
  ids: Ids,
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
    [rec.ws, [...new Set(replacing.map((s) => need(ids.taxon, s.taxon)))]],
  );
  return new Map(rows.map((r) => [`${r.taxon}/${r.character}/${r.source}/${r.life ?? ''}`, r.id]));
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
  const there = await standing(rec, statements, ids);
  for (let from = 0; from < statements.length; from += CHUNK) {
    const chunk = statements.slice(from, from + CHUNK).map((s) => {
      const taxon = need(ids.taxon, s.taxon);
      const source = need(ids.source, s.part.source);
      const old = there.get(`${taxon}/${s.part.character}/${source}/${s.part.life ?? ''}`);
      return { s, taxon, source, id: old ?? v7(), old: old !== undefined };
    });
    const changed = chunk.filter((c) => c.old);
    await rec.keep(
      'statement',
      'id',
      changed.map((c) => c.id),
    );
    await rec.remove(
      'statement_state',
      'statement',
      changed.map((c) => c.id),
    );
    await rec.remove(
      'statement_range',
      'statement',
      changed.map((c) => c.id),
    );
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
    await rec.insert(
      'statement',
      chunk
        .filter((c) => !c.old)
        .map(({ s, id, taxon, source }) => ({
          id,
          taxon,
          source,
          character: s.part.character,
          kind: s.value.kind,
          life: s.part.life,
          n: s.part.n,
          note: s.part.note,
          exception: false,
          at,
          version: 1,
        })),
    );
    await rec.insert(
      'statement_state',
      chunk.flatMap(({ s, id }) =>
        s.value.kind === 'states'
          ? s.value.states.map((x) => ({
              statement: id,
              character: s.part.character,
              state: x.state,
              freq: x.freq,
            }))
          : [],
      ),
    );
    await rec.insert(
      'statement_range',
      chunk.flatMap(({ s, id }) => {
        if (s.value.kind !== 'range') return [];
        const { xlow, low, high, xhigh, entered } = s.value;
        return [{ statement: id, xlow, low, high, xhigh, entered }];
      }),
    );
    rec.watch(
      'statement',
      'id',
      chunk.map((c) => c.id),
    );
    await progress(from + chunk.length);
  }
}
