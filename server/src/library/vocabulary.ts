import { CHARACTERS, VOCABULARY_VERSION } from '@hurrow/core/characters';
import type { Character, State } from '@hurrow/core/characters';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { keptUnderStamp } from './kept.ts';

const characterRow = (ws: string, c: Character, ord: number): Record<string, unknown> => ({
  ws,
  id: c.id,
  ord,
  organ: c.organ,
  kind: c.kind,
  term: c.term,
  plain: c.plain,
  definition: c.definition,
  unit: c.unit,
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
  misread_mean: c.misread[0],
  misread_weight: c.misread[1],
  origin: 'shipped',
  origin_version: VOCABULARY_VERSION,
});

/** Copies the shipped vocabulary into a workspace, where it may be reworded or added to. */
export async function installVocabulary(sql: Sql, ws: string): Promise<void> {
  await insertRows(
    sql,
    'character',
    CHARACTERS.map((c, ord) => characterRow(ws, c, ord)),
  );
  await insertRows(
    sql,
    'state',
    CHARACTERS.flatMap((c) =>
      c.states.map((s, ord) => ({
        ws,
        character: c.id,
        id: s.id,
        parent: s.parent ?? null,
        ord,
        term: s.term,
        plain: s.plain,
        swatch: s.swatch ?? null,
      })),
    ),
  );
  await insertRows(
    sql,
    'character_applies',
    CHARACTERS.flatMap((c) =>
      c.appliesIf.flatMap((rule) =>
        rule.states.map((state) => ({ ws, character: c.id, controller: rule.character, state })),
      ),
    ),
  );
}

interface CharacterRow {
  id: string;
  organ: Character['organ'];
  kind: Character['kind'];
  term: string;
  plain: string;
  definition: string;
  unit: string;
  combine: Character['combine'];
  surface: Character['surface'] | null;
  level: Character['level'] | null;
  evidence_group: string | null;
  effort: number;
  material: Character['material'];
  needs: Character['needs'];
  distance: Character['distance'];
  season: Character['season'];
  wet: Character['wet'] | null;
  on_brown_leaf: boolean;
  counting: string | null;
  misread_mean: number;
  misread_weight: number;
  states: (State & { parent: string | null; swatch: string | null })[] | null;
  applies: { controller: string; states: string[] }[] | null;
}

const asState = (s: State & { parent: string | null; swatch: string | null }): State => ({
  id: s.id,
  term: s.term,
  plain: s.plain,
  ...(s.parent ? { parent: s.parent } : {}),
  ...(s.swatch ? { swatch: s.swatch } : {}),
});

const asCharacter = (r: CharacterRow): Character => ({
  id: r.id,
  organ: r.organ,
  kind: r.kind,
  term: r.term,
  plain: r.plain,
  definition: r.definition,
  unit: r.unit,
  combine: r.combine,
  effort: r.effort,
  material: r.material,
  needs: r.needs,
  distance: r.distance,
  season: r.season,
  misread: [r.misread_mean, r.misread_weight],
  states: (r.states ?? []).map(asState),
  appliesIf: (r.applies ?? []).map((a) => ({ character: a.controller, states: a.states })),
  ...(r.surface ? { surface: r.surface } : {}),
  ...(r.level ? { level: r.level } : {}),
  ...(r.evidence_group ? { evidenceGroup: r.evidence_group } : {}),
  ...(r.wet ? { wet: r.wet } : {}),
  ...(r.on_brown_leaf ? { onBrownLeaf: true } : {}),
  ...(r.counting ? { counting: r.counting } : {}),
});

/** The vocabulary of a workspace, in its order. */
export const readVocabulary = (sql: Sql, ws: string): Promise<readonly Character[]> =>
  keptUnderStamp(sql, ws, 'vocabulary', () => readFromTables(sql, ws));

async function readFromTables(sql: Sql, ws: string): Promise<readonly Character[]> {
  const rows = await sql.query<CharacterRow>(
    `select c.*,
       (select jsonb_agg(jsonb_build_object('id', s.id, 'parent', s.parent, 'term', s.term, 'plain', s.plain, 'swatch', s.swatch) order by s.ord)
        from state s where s.ws = c.ws and s.character = c.id and s.retired_at is null) as states,
       (select jsonb_agg(jsonb_build_object('controller', g.controller, 'states', g.states) order by g.controller)
        from (select a.controller, jsonb_agg(a.state order by a.state) as states from character_applies a
              where a.ws = c.ws and a.character = c.id group by a.controller) g) as applies
     from character c where c.ws = $1 and c.retired_at is null order by c.ord`,
    [ws],
  );
  return rows.map(asCharacter);
}
