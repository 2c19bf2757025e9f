import { LIFE_WORDS } from '@hurrow/core/conditions';
import type { SpeciesProfile, StatementRow } from '@hurrow/contract';
import { valueWords } from '@hurrow/core/characters';
import type { Character, Resolved, Wording } from '@hurrow/core/characters';

/** What a source says of a species itself, of no stage of life: what the editors write. */
export const ownStatement = (
  profile: Pick<SpeciesProfile, 'statements'>,
  taxon: string,
  character: string,
  source: string,
): StatementRow | undefined =>
  profile.statements.find(
    (s) => s.taxon === taxon && s.character === character && s.source === source && s.life === undefined,
  );

/** What is said of other stages of life, in words: `when young: smooth`. Empty where nothing is. */
export const otherStages = (
  character: Character,
  resolved: Pick<Resolved, 'otherStages'>,
  wording: Wording,
): readonly string[] =>
  (resolved.otherStages ?? []).map(
    (s) => `${s.life ? LIFE_WORDS[s.life] : 'of no stage'}: ${valueWords(character, s.value, wording)}`,
  );
