import { v7 } from 'uuid';
import type { GlossaryCharacter, GlossaryWord } from '@hurrow/contract';
import { CHARACTERS, VOCABULARY_VERSION, WORDS, vocabularyOf } from '@hurrow/core/characters';
import type { Character, ReadAs, State, Vocabulary } from '@hurrow/core/characters';
import { normalise } from '@hurrow/core/names';
import { VOCABULARY_RATES, readBy } from '@hurrow/core/tells';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { keptWithVocabulary } from './kept.ts';

/** A shipped character as a row of its table. */
export const characterRow = (ws: string, c: Character, ord: number): Record<string, unknown> => ({
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
  or_needs: c.orBy?.needs ?? null,
  or_misread_mean: c.orBy?.misread[0] ?? null,
  or_misread_weight: c.orBy?.misread[1] ?? null,
  misread_mean: c.misread[0],
  misread_weight: c.misread[1],
  origin: 'shipped',
  origin_version: VOCABULARY_VERSION,
});

interface OfCharacter extends Readonly<Record<string, unknown>> {
  readonly character: string;
}

/** The shipped states as rows of their table. */
export const stateRows = (ws: string): readonly OfCharacter[] =>
  CHARACTERS.flatMap((c) =>
    c.states.map((s, ord) => ({
      ws,
      character: c.id,
      id: s.id,
      parent: s.parent ?? null,
      ord,
      term: s.term,
      plain: s.plain,
      definition: s.definition,
      swatch: s.swatch ?? null,
    })),
  );

/** When a shipped character applies, as rows of its table. */
export const appliesRows = (ws: string): readonly OfCharacter[] =>
  CHARACTERS.flatMap((c) =>
    c.appliesIf.flatMap((rule) =>
      rule.states.map((state) => ({ ws, character: c.id, controller: rule.character, state })),
    ),
  );

/** What of a shipped character is read for what, as rows of its table. */
export const confusionRows = (ws: string): readonly OfCharacter[] =>
  CHARACTERS.flatMap((c) =>
    c.readAs.map((r) => ({ ws, character: c.id, true_state: r.state, read_as: r.as, weight: r.weight })),
  );

/** Copies the shipped vocabulary into a workspace, where it may be reworded or added to. */
export async function installVocabulary(sql: Sql, ws: string): Promise<void> {
  await insertRows(
    sql,
    'character',
    CHARACTERS.map((c, ord) => characterRow(ws, c, ord)),
  );
  await insertRows(sql, 'state', stateRows(ws));
  await insertRows(sql, 'character_applies', appliesRows(ws));
  await insertRows(sql, 'confusion', confusionRows(ws));
  await insertRows(
    sql,
    'word',
    WORDS.map((w) => ({ ws, id: v7(), folded: normalise(w.text), audience: 'young', ...w })),
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
  or_needs: Character['needs'] | null;
  or_misread_mean: number | null;
  or_misread_weight: number | null;
  states: StateRow[] | null;
  applies: { controller: string; states: string[] }[] | null;
  read_as: ReadAs[] | null;
  retired: boolean;
  version: number;
  origin: 'shipped' | 'own';
}

type StateRow = Omit<State, 'parent' | 'swatch' | 'definition'> & {
  parent: string | null;
  swatch: string | null;
  definition: string | null;
};

const asState = (s: StateRow): State => ({
  id: s.id,
  term: s.term,
  plain: s.plain,
  definition: s.definition ?? '',
  ...(s.retired ? { retired: true } : {}),
  ...(s.parent ? { parent: s.parent } : {}),
  ...(s.swatch ? { swatch: s.swatch } : {}),
});

const asCharacter = (r: CharacterRow): GlossaryCharacter => ({
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
  readAs: r.read_as ?? [],
  version: r.version,
  origin: r.origin,
  ...(r.retired ? { retired: true } : {}),
  states: (r.states ?? []).map(asState),
  appliesIf: (r.applies ?? []).map((a) => ({ character: a.controller, states: a.states })),
  ...(r.surface ? { surface: r.surface } : {}),
  ...(r.level ? { level: r.level } : {}),
  ...(r.evidence_group ? { evidenceGroup: r.evidence_group } : {}),
  ...(r.wet ? { wet: r.wet } : {}),
  ...(r.on_brown_leaf ? { onBrownLeaf: true } : {}),
  ...(r.counting ? { counting: r.counting } : {}),
  ...(r.or_needs
    ? { orBy: { needs: r.or_needs, misread: [r.or_misread_mean ?? 0, r.or_misread_weight ?? 0] } }
    : {}),
});

/** The vocabulary in use, in its order; what is retired is left out of everything that is computed. */
export const readVocabulary = async (sql: Sql, ws: string): Promise<readonly GlossaryCharacter[]> =>
  (await readWholeVocabulary(sql, ws)).filter((c) => !c.retired);

/**
 * The vocabulary to compute with, as a class reads it. Until a fit of a class's own looks is applied, its rates are the
 * vocabulary's own.
 */
export const vocabularyToRead = (sql: Sql, ws: string): Promise<Vocabulary> =>
  keptWithVocabulary(sql, ws, 'vocabulary to read', async () =>
    readBy(vocabularyOf(await readVocabulary(sql, ws)), VOCABULARY_RATES),
  );

/** Every character of a workspace, retired ones too. */
export const readWholeVocabulary = (sql: Sql, ws: string): Promise<readonly GlossaryCharacter[]> =>
  keptWithVocabulary(sql, ws, 'vocabulary', () => readFromTables(sql, ws));

async function readFromTables(sql: Sql, ws: string): Promise<readonly GlossaryCharacter[]> {
  const rows = await sql.query<CharacterRow>(
    `select c.*, c.retired_at is not null as retired,
       (select jsonb_agg(jsonb_build_object('id', s.id, 'parent', s.parent, 'term', s.term, 'plain', s.plain,
          'definition', s.definition, 'swatch', s.swatch, 'retired', s.retired_at is not null) order by s.ord)
        from state s where s.ws = c.ws and s.character = c.id) as states,
       (select jsonb_agg(jsonb_build_object('controller', g.controller, 'states', g.states) order by g.controller)
        from (select a.controller, jsonb_agg(a.state order by a.state) as states from character_applies a
              where a.ws = c.ws and a.character = c.id group by a.controller) g) as applies,
       (select jsonb_agg(jsonb_build_object('state', f.true_state, 'as', f.read_as, 'weight', f.weight) order by f.true_state, f.read_as)
        from confusion f where f.ws = c.ws and f.character = c.id) as read_as
     from character c where c.ws = $1 order by c.ord`,
    [ws],
  );
  return rows.map(asCharacter);
}

/** Learners' words, in the order of the alphabet. */
export const readWords = (sql: Sql, ws: string): Promise<readonly GlossaryWord[]> =>
  sql.query<GlossaryWord>(
    'select id, text, character, state from word where ws = $1 order by folded, character, state',
    [ws],
  );
