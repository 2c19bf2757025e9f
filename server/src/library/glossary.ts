import { v7 } from 'uuid';
import type { Glossary, GlossaryCharacter, StateBody } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readWholeVocabulary, readWords } from './vocabulary.ts';

export async function readGlossary(sql: Sql, ws: string): Promise<Glossary> {
  return { characters: await readWholeVocabulary(sql, ws), words: await readWords(sql, ws) };
}

const slug = (text: string, joint: string): string => normalise(text).replace(/ /g, joint) || 'unnamed';

/** An id for a new state or character that nothing else has. */
function freeId(wanted: string, taken: ReadonlySet<string>, joint: string): string {
  let id = wanted;
  for (let n = 2; taken.has(id); n += 1) id = `${wanted}${joint}${n}`;
  return id;
}

interface StateRow {
  readonly id: string;
  readonly body: StateBody;
}

/** Gives new states their ids, and refuses what would lose a statement or close a ring. */
function readStates(states: readonly StateBody[], standing: readonly string[]): readonly StateRow[] {
  const missing = standing.find((id) => !states.some((s) => s.id === id));
  if (missing !== undefined) {
    throw conflict(`The state “${missing}” would be lost, and what is recorded under it.`, {
      field: 'states',
      remedy: 'Retire it instead: it is no longer offered, and what is recorded stays.',
    });
  }
  const taken = new Set(standing);
  const rows = states.map((body, i): StateRow => {
    if (body.id !== undefined && !standing.includes(body.id)) {
      throw invalid(`There is no state “${body.id}”.`, {
        field: `states.${i}.id`,
        remedy: 'Leave the id out for a new state.',
      });
    }
    const id = body.id ?? freeId(slug(body.term, '-'), taken, '-');
    taken.add(id);
    return { id, body };
  });
  const terms = rows.map((r) => normalise(r.body.term));
  const twice = terms.findIndex((t, i) => terms.indexOf(t) < i);
  if (twice >= 0) {
    throw invalid(`“${rows[twice]?.body.term ?? ''}” is given twice.`, {
      field: `states.${twice}.term`,
      remedy: 'Give each state a term of its own.',
    });
  }
  checkHierarchy(rows);
  return rows;
}

function checkHierarchy(rows: readonly StateRow[]): void {
  const parentOf = new Map(rows.map((r) => [r.id, r.body.parent ?? null]));
  rows.forEach((r, i) => {
    const seen = new Set([r.id]);
    for (let at = r.body.parent ?? null; at !== null; at = parentOf.get(at) ?? null) {
      if (!parentOf.has(at)) {
        throw invalid(`There is no state “${at}” to stand under.`, {
          field: `states.${i}.parent`,
          remedy: 'Choose a broader state of the same character.',
        });
      }
      if (seen.has(at)) {
        throw invalid(`“${r.body.term}” would stand under itself.`, {
          field: `states.${i}.parent`,
          remedy: 'Choose a broader state that does not stand below it.',
        });
      }
      seen.add(at);
    }
  });
}

async function writeStates(tx: Sql, ws: string, character: string, rows: readonly StateRow[]): Promise<void> {
  await insertRows(
    tx,
    'state',
    rows.map((r, ord) => ({
      ws,
      character,
      id: r.id,
      ord,
      term: r.body.term,
      plain: r.body.plain,
      definition: r.body.definition,
      swatch: r.body.swatch ?? null,
      retired_at: r.body.retired ? new Date(0).toISOString() : null,
    })),
    `on conflict (ws, character, id) do update set ord = excluded.ord, term = excluded.term, plain = excluded.plain,
       definition = excluded.definition, swatch = excluded.swatch, parent = null,
       retired_at = case when excluded.retired_at is null then null else coalesce(state.retired_at, now()) end`,
  );
  for (const r of rows.filter((x) => x.body.parent)) {
    await tx.query('update state set parent = $4 where ws = $1 and character = $2 and id = $3', [
      ws,
      character,
      r.id,
      r.body.parent,
    ]);
  }
}

async function readOne(tx: Sql, ws: string, id: string): Promise<GlossaryCharacter> {
  const found = (await readWholeVocabulary(tx, ws)).find((c) => c.id === id);
  if (found) return found;
  throw notFound(`The vocabulary has no character “${id}”.`, { remedy: 'Choose one of the glossary.' });
}

/** Rewords a character and its states, adds states, retires or takes up again; nothing recorded is lost. */
export async function changeCharacter(call: CallOf<'characterChange'>): Promise<ReplyOf<'characterChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = call.params['id'] ?? '';
  const after = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from character where ws = $1 and id = $2 for update', [ws, id]);
    const before = await readOne(tx, ws, id);
    needVersion(call, before.version, before);
    const rows = readStates(
      body.states,
      before.states.map((s) => s.id),
    );
    await tx.query(
      `update character set term = $3, plain = $4, definition = $5, counting = $6,
         retired_at = case when $7 then coalesce(retired_at, now()) end, version = version + 1 where ws = $1 and id = $2`,
      [ws, id, body.term, body.plain, body.definition, body.counting || null, body.retired],
    );
    await writeStates(tx, ws, id, rows);
    return readOne(tx, ws, id);
  });
  return { body: after, version: after.version };
}

export async function createCharacter(call: CallOf<'characterCreate'>): Promise<ReplyOf<'characterCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const wantsStates = ['nominal', 'ordered', 'colour', 'yesno'].includes(body.kind);
  if (wantsStates !== body.states.length > 0) {
    throw invalid(wantsStates ? 'It has no states yet.' : 'A number has no states.', {
      field: 'states',
      remedy: wantsStates ? 'Give it at least two states.' : 'Take the states out, or choose another kind.',
    });
  }
  const made = await call.app.db.transaction(async (tx) => {
    const all = await readWholeVocabulary(tx, ws);
    if (all.some((c) => c.organ === body.organ && normalise(c.term) === normalise(body.term))) {
      throw conflict(`There is a character “${body.term}” of this organ already.`, {
        field: 'term',
        remedy: 'Reword that one, or choose another term.',
      });
    }
    const id = freeId(`${body.organ}.${slug(body.term, '_')}`, new Set(all.map((c) => c.id)), '_');
    const last = all.map((c) => c.organ).lastIndexOf(body.organ);
    await insertRows(tx, 'character', [
      {
        ws,
        id,
        ord: last < 0 ? all.length : last,
        organ: body.organ,
        kind: body.kind,
        term: body.term,
        plain: body.plain,
        definition: body.definition,
        counting: body.counting || null,
        unit: body.kind === 'length' ? 'mm' : (body.unit ?? ''),
        combine: 'alternatives',
        effort: body.effort,
        material: body.material,
        needs: body.needs,
        distance: body.distance,
        season: body.season,
        on_brown_leaf: false,
        misread_mean: 0.1,
        misread_weight: 2,
        origin: 'own',
        version: 1,
      },
    ]);
    await writeStates(tx, ws, id, readStates(body.states, []));
    return readOne(tx, ws, id);
  });
  return { status: 201, body: made, version: made.version };
}

/** Adds a learners' word for a term. One word may stand for several terms. */
export async function createWord(call: CallOf<'wordCreate'>): Promise<ReplyOf<'wordCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    const character = await readOne(tx, ws, body.character);
    if (body.state !== null && !character.states.some((s) => s.id === body.state)) {
      throw invalid(`${character.term} has no state “${body.state}”.`, {
        field: 'state',
        remedy: 'Choose one of its states.',
      });
    }
    const had = await maybe(
      tx,
      'select 1 from word where ws = $1 and folded = $2 and character = $3 and state is not distinct from $4',
      [ws, normalise(body.text), body.character, body.state],
    );
    if (had)
      throw conflict('This word stands for this term already.', { field: 'text', remedy: 'Nothing to do.' });
    await insertRows(tx, 'word', [{ ws, id, folded: normalise(body.text), ...body }]);
  });
  return { status: 201, body: { id, ...body } };
}

export async function removeWord(call: CallOf<'wordRemove'>): Promise<ReplyOf<'wordRemove'>> {
  const rows = await call.app.db.query('delete from word where ws = $1 and id = $2 returning id', [
    call.who.ws,
    idParam(call, 'id'),
  ]);
  if (rows.length === 0) throw notFound('There is no such word.', { remedy: 'Open the glossary again.' });
  return { status: 204 };
}
