import { v7 } from 'uuid';
import { CHARACTERS, REPLACED, VOCABULARY_VERSION } from '@hurrow/core/characters';
import type { Replaced } from '@hurrow/core/characters';
import { insertRows } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import { appliesRows, characterRow, confusionRows, stateRows } from './vocabulary.ts';

/** How a character is looked at; nobody changes that on a screen, so the newest stands whatever was reworded. */
const VIEWING = [
  'material',
  'needs',
  'distance',
  'season',
  'wet',
  'on_brown_leaf',
  'combine',
  'surface',
  'level',
  'evidence_group',
  'effort',
  'or_needs',
  'or_misread_mean',
  'or_misread_weight',
  'misread_mean',
  'misread_weight',
  'ord',
  'origin_version',
] as const;
const WORDS = ['term', 'plain', 'definition', 'counting'] as const;

/** Sets columns of characters to what ships. */
async function setColumns(
  tx: Sql,
  ws: string,
  ids: readonly string[],
  columns: readonly string[],
): Promise<void> {
  if (ids.length === 0) return;
  const wanted = new Set(ids);
  const rows = CHARACTERS.map((c, ord) => characterRow(ws, c, ord)).filter((_r, i) =>
    wanted.has(CHARACTERS[i]?.id ?? ''),
  );
  await tx.query(
    `update character c set ${columns.map((x) => `${x} = n.${x}`).join(', ')}
     from jsonb_populate_recordset(null::public.character, $2::jsonb) n where c.ws = $1 and c.id = n.id`,
    [ws, JSON.stringify(rows)],
  );
}

interface Said {
  readonly id: string;
  readonly freq: string;
}

/** Turns what was said by one state into what says the same today; a statement that is left without a state is taken back. */
async function sayToday(
  tx: Sql,
  ws: string,
  { character, state, instead }: Replaced,
  at: string,
): Promise<void> {
  const said = await tx.query<Said>(
    `select s.statement as id, s.freq from statement_state s join statement t on t.ws = s.ws and t.id = s.statement
     where s.ws = $1 and s.character = $2 and s.state = $3 and t.retracted_at is null`,
    [ws, character, state],
  );
  for (const { id, freq } of said) {
    for (const to of instead) {
      const target = to.character === character ? id : await alongside(tx, ws, id, to.character);
      await insertRows(
        tx,
        'statement_state',
        [{ ws, statement: target, character: to.character, state: to.state, freq }],
        'on conflict do nothing',
      );
    }
    await tx.query('delete from statement_state where ws = $1 and statement = $2 and state = $3', [
      ws,
      id,
      state,
    ]);
    await tx.query(
      `update statement t set retracted_at = $3, version = version + 1 where t.ws = $1 and t.id = $2
       and not exists (select 1 from statement_state s where s.ws = t.ws and s.statement = t.id)`,
      [ws, id, at],
    );
  }
}

/** The statement by which the same source says another character of the same taxon or tree, made where there is none. */
async function alongside(tx: Sql, ws: string, id: string, character: string): Promise<string> {
  const [there] = await tx.query<{ id: string }>(
    `select o.id from statement s join statement o on o.ws = s.ws and o.character = $3 and o.retracted_at is null
       and o.taxon is not distinct from s.taxon and o.individual is not distinct from s.individual
       and o.source is not distinct from s.source and o.life is not distinct from s.life
     where s.ws = $1 and s.id = $2`,
    [ws, id, character],
  );
  if (there) return there.id;
  const made = v7();
  await tx.query(
    `insert into statement (ws, id, taxon, individual, character, kind, life, source, certified_by, sureness, n, note, at)
     select ws, $3, taxon, individual, $4, 'states', life, source, certified_by, sureness, n, note, at
     from statement where ws = $1 and id = $2`,
    [ws, id, made, character],
  );
  return made;
}

async function upgrade(tx: Sql, ws: string, at: string): Promise<number> {
  const there = await tx.query<{ id: string; version: number; behind: boolean }>(
    `select id, version, coalesce(origin_version, 0) < $2 as behind from character where ws = $1 and origin = 'shipped'`,
    [ws, VOCABULARY_VERSION],
  );
  const known = new Map(there.map((c) => [c.id, c]));
  const shipped = new Set(CHARACTERS.map((c) => c.id));
  const fresh = CHARACTERS.filter((c) => !known.has(c.id)).map((c) => c.id);
  const behind = there.filter((c) => c.behind && shipped.has(c.id)).map((c) => c.id);
  if (fresh.length === 0 && behind.length === 0) return 0;
  const untouched = behind.filter((id) => known.get(id)?.version === 1);
  const changed = new Set([...fresh, ...behind]);
  await insertRows(
    tx,
    'character',
    CHARACTERS.map((c, ord) => characterRow(ws, c, ord)).filter((_r, i) =>
      fresh.includes(CHARACTERS[i]?.id ?? ''),
    ),
  );
  await setColumns(tx, ws, behind, VIEWING);
  await setColumns(tx, ws, untouched, WORDS);
  const states = stateRows(ws).filter((s) => changed.has(s.character));
  await insertRows(tx, 'state', states, 'on conflict do nothing');
  await tx.query(
    `update state s set parent = n.parent, ord = n.ord, term = n.term, plain = n.plain, definition = n.definition, swatch = n.swatch
     from jsonb_populate_recordset(null::public.state, $2::jsonb) n
     where s.ws = $1 and s.character = n.character and s.id = n.id`,
    [ws, JSON.stringify(states.filter((s) => untouched.includes(s.character)))],
  );
  for (const [table, rows] of [
    ['character_applies', appliesRows(ws)],
    ['confusion', confusionRows(ws)],
  ] as const) {
    await tx.query(`delete from ${table} where ws = $1 and character = any($2::text[])`, [ws, [...changed]]);
    await insertRows(
      tx,
      table,
      rows.filter((r) => changed.has(r.character)),
    );
  }
  for (const r of REPLACED) {
    await sayToday(tx, ws, r, at);
    await tx.query(
      'update state set retired_at = coalesce(retired_at, $4) where ws = $1 and character = $2 and id = $3',
      [ws, r.character, r.state, at],
    );
  }
  return changed.size;
}

/**
 * Brings the vocabulary of every workspace up to what ships: new characters and states come in, how a character is looked
 * at is renewed, words only where nobody reworded them, and what was said by a state that ships no more is said by what
 * stands for it. What an instructor added stays.
 * @returns how many characters were new or changed.
 */
export async function upgradeVocabulary(db: Database, now: Date): Promise<number> {
  let changed = 0;
  for (const { id } of await db.query<{ id: string }>('select id from workspace')) {
    changed += await db.transaction((tx) => upgrade(tx, id, now.toISOString()));
  }
  return changed;
}
