import { v7 } from 'uuid';
import type { CharacterPart, ImportPlan } from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import { one } from '../db/index.ts';
import type { Recorder, Row } from './recorder.ts';

const stateRows = (c: CharacterPart, from: number, at: string): readonly Row[] =>
  c.states.map((s, i) => ({
    character: c.id,
    id: s.id,
    parent: s.parent ?? null,
    ord: from + i,
    term: s.term,
    plain: s.plain,
    definition: s.definition,
    swatch: s.swatch ?? null,
    retired_at: s.retired ? at : null,
  }));

/** States whose parent stands before them: a parent must be there first. */
function parentsFirst(rows: readonly Row[]): readonly Row[] {
  const done = new Set<unknown>();
  const ordered: Row[] = [];
  let rest = [...rows];
  const within = new Set(rows.map((r) => r['id']));
  while (rest.length > 0) {
    const ready = rest.filter(
      (r) => r['parent'] === null || done.has(r['parent']) || !within.has(r['parent']),
    );
    const taken = ready.length > 0 ? ready : rest;
    for (const r of taken) done.add(r['id']);
    ordered.push(...taken);
    rest = rest.filter((r) => !taken.includes(r));
  }
  return ordered;
}

const newCharacter = (c: CharacterPart, ord: number, at: string): Row => ({
  id: c.id,
  ord,
  organ: c.organ,
  kind: c.kind,
  term: c.term,
  plain: c.plain,
  definition: c.definition,
  unit: c.kind === 'length' ? '' : c.unit,
  combine: c.combine,
  surface: c.surface ?? null,
  level: c.level ?? null,
  evidence_group: c.evidenceGroup ?? null,
  effort: c.effort,
  material: c.material,
  needs: c.needs,
  distance: c.distance,
  season: c.season,
  wet: c.wet ?? null,
  on_brown_leaf: c.onBrownLeaf ?? false,
  counting: c.counting ?? null,
  or_needs: c.orBy?.needs ?? null,
  or_misread_mean: c.orBy?.misread[0] ?? null,
  or_misread_weight: c.orBy?.misread[1] ?? null,
  misread_mean: c.misread[0],
  misread_weight: c.misread[1],
  origin: c.origin ?? 'own',
  version: 1,
  retired_at: c.retired ? at : null,
});

/** Writes characters, states and learners' words of a plan. */
export async function writeVocabulary(rec: Recorder, plan: ImportPlan, at: string): Promise<void> {
  const { sql, ws } = rec;
  const ids = plan.characters.map((c) => c.id);
  const standing = new Map(
    (
      await sql.query<{ id: string; states: string[] | null; retired_at: string | null }>(
        `select c.id, c.retired_at, (select jsonb_agg(s.id) from state s where s.ws = c.ws and s.character = c.id) as states
         from character c where c.ws = $1 and c.id = any($2::text[])`,
        [ws, ids],
      )
    ).map((r) => [r.id, r]),
  );
  const { last } = await one<{ last: number }>(
    sql,
    'select coalesce(max(ord), 0)::integer as last from character where ws = $1',
    [ws],
  );
  const fresh = plan.characters.filter((c) => !standing.has(c.id));
  await rec.insert(
    'character',
    fresh.map((c, i) => newCharacter(c, last + 1 + i, at)),
  );
  await rec.insert(
    'state',
    fresh.flatMap((c) => parentsFirst(stateRows(c, 0, at))),
  );
  await rec.insert(
    'character_applies',
    fresh.flatMap((c) =>
      c.appliesIf.flatMap((r) =>
        r.states.map((state) => ({ character: c.id, controller: r.character, state })),
      ),
    ),
  );
  await rec.insert(
    'confusion',
    fresh.flatMap((c) =>
      c.readAs.map((r) => ({ character: c.id, true_state: r.state, read_as: r.as, weight: r.weight })),
    ),
  );
  const changed = plan.characters.filter((c) => standing.has(c.id));
  await rec.keep(
    'character',
    'id',
    changed.map((c) => c.id),
  );
  await rec.keep(
    'state',
    'character',
    changed.map((c) => c.id),
  );
  for (const c of changed) {
    const there = standing.get(c.id);
    const known = new Set(there?.states ?? []);
    await sql.query(
      `update character set term = $3, plain = $4, definition = $5, counting = $6,
         retired_at = case when $7 then coalesce(retired_at, $8::timestamptz) end, version = version + 1
       where ws = $1 and id = $2`,
      [ws, c.id, c.term, c.plain, c.definition, c.counting ?? null, c.retired ?? false, at],
    );
    const rows = parentsFirst(stateRows(c, 0, at));
    const added = rows.filter((r) => !known.has(String(r['id'])));
    // New states stand behind those there are, so that no place is taken twice.
    await rec.insert(
      'state',
      added.map((r, i) => ({ ...r, ord: known.size + i })),
    );
    for (const r of rows.filter((x) => known.has(String(x['id'])))) {
      await sql.query(
        `update state set parent = $4, term = $5, plain = $6, definition = $7, swatch = $8,
           retired_at = case when $9::timestamptz is not null then coalesce(retired_at, $9::timestamptz) end
         where ws = $1 and character = $2 and id = $3`,
        [
          ws,
          c.id,
          r['id'],
          r['parent'],
          r['term'],
          r['plain'],
          r['definition'],
          r['swatch'],
          r['retired_at'],
        ],
      );
    }
  }
  rec.watch('character', 'id', ids);
  rec.watch('state', 'character', ids);
  await rec.insert(
    'word',
    plan.words.map((w) => ({
      id: v7(),
      text: w.text,
      folded: normalise(w.text),
      character: w.character,
      state: w.state,
      audience: w.audience,
    })),
  );
}
