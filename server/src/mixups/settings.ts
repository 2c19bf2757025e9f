import type { PairNames, PairState, SettingsEffect } from '@hurrow/contract';
import type { MixUpSettings, PairFlag } from '@hurrow/core/mixups';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { countPairs, flagsNow, flagsUnder, lockAllSums, statesUnder } from '../sums/index.ts';

const readSections = (
  sql: Sql,
  ws: string,
): Promise<readonly { readonly id: string; readonly name: string }[]> =>
  sql.query(
    `select s.id, s.name from section s where s.ws = $1
       and exists (select 1 from look l where l.ws = s.ws and l.section = s.id) order by s.name, s.id`,
    [ws],
  );

const flaggedOf = (flags: readonly PairFlag[]): ReadonlySet<string> =>
  new Set(flags.flatMap((f) => (f.flagged ? [`${f.truth}/${f.answer}`] : [])));

async function standing(sql: Sql, ws: string, section: string): Promise<ReadonlyMap<string, PairState>> {
  const rows = await sql.query<{ a: string; b: string; state: PairState }>(
    'select a, b, state from pair_state where ws = $1 and section = $2 and to_seq is null',
    [ws, section],
  );
  return new Map(rows.map((r) => [`${r.a}/${r.b}`, r.state]));
}

interface Change {
  readonly flagged: readonly string[];
  readonly unflagged: readonly string[];
  readonly states: readonly {
    readonly pair: string;
    readonly from: PairState | null;
    readonly to: PairState | null;
  }[];
}

async function changeOf(sql: Sql, ws: string, section: string, settings: MixUpSettings): Promise<Change> {
  const before = flaggedOf(await flagsNow(sql, ws, section));
  const after = flaggedOf(await flagsUnder(sql, ws, section, settings));
  const was = await standing(sql, ws, section);
  const found = await statesUnder(sql, ws, section, settings, after);
  const is = new Map<string, PairState>(
    found.flatMap((p) => (p.toSeq === null ? [[`${p.a}/${p.b}`, p.state] as const] : [])),
  );
  return {
    flagged: [...after].filter((p) => !before.has(p)),
    unflagged: [...before].filter((p) => !after.has(p)),
    states: [...new Set([...was.keys(), ...is.keys()])].flatMap((pair) => {
      const [from, to] = [was.get(pair) ?? null, is.get(pair) ?? null];
      return from === to ? [] : [{ pair, from, to }];
    }),
  };
}

/** What other settings would change of the mix-ups of every class with graded answers; nothing is kept. */
export async function settingsEffect(
  sql: Sql,
  ws: string,
  settings: MixUpSettings,
): Promise<readonly SettingsEffect[]> {
  const found: SettingsEffect[] = [];
  for (const { id, name } of await readSections(sql, ws)) {
    const change = await changeOf(sql, ws, id, settings);
    const pairs = [...change.flagged, ...change.unflagged, ...change.states.map((s) => s.pair)];
    const headers = await readHeaders(sql, ws, [...new Set(pairs.flatMap((p) => p.split('/')))]);
    const named = (pair: string): PairNames[] => {
      const [a = '', b = ''] = pair.split('/');
      const [truth, answer] = [headers.get(a), headers.get(b)];
      return truth && answer ? [{ truth, answer }] : [];
    };
    found.push({
      section: id,
      name,
      flagged: change.flagged.flatMap(named),
      unflagged: change.unflagged.flatMap(named),
      states: change.states.flatMap(({ pair, from, to }) => named(pair).map((n) => ({ ...n, from, to }))),
    });
  }
  return found;
}

/** Keeps the settings and works out anew, by them, what is more than slips and how every pair stands. */
export async function keepSettings(tx: Sql, ws: string, settings: MixUpSettings): Promise<MixUpSettings> {
  await lockAllSums(tx, ws);
  await tx.query('delete from threshold where ws = $1', [ws]);
  await insertRows(
    tx,
    'threshold',
    Object.entries(settings).map(([name, value]) => ({ ws, name, value: Number(value) })),
  );
  for (const { id } of await readSections(tx, ws)) await countPairs(tx, ws, id, null);
  return settings;
}
