import { withDescendants } from './vocabularyOf.ts';
import type { Character, Profile, Value, Vocabulary } from './types.ts';

/**
 * Does a character apply, given the values of the characters that control it (leaflet count only where the leaf
 * is compound)? `unknown` where a controller is not recorded. Several controllers must all hold.
 */
export function applies(
  character: Character,
  profile: Profile | ReadonlyMap<string, { readonly value: Value }>,
  vocabulary: Vocabulary,
): 'yes' | 'no' | 'unknown' {
  let answer: 'yes' | 'unknown' = 'yes';
  for (const rule of character.appliesIf) {
    const controller = vocabulary.get(rule.character);
    const value = profile.get(rule.character)?.value;
    if (!controller || !value) {
      answer = 'unknown';
      continue;
    }
    if (value.kind === 'inapplicable') return 'no';
    if (value.kind !== 'states') continue;
    const shown = value.states.filter((s) => s.freq !== 'mistaken_for').map((s) => s.state);
    const wanted = new Set(rule.states.flatMap((s) => withDescendants(controller, s)));
    const mayBe = shown.some((s) => withDescendants(controller, s).some((t) => wanted.has(t)));
    if (shown.length > 0 && !mayBe) return 'no';
  }
  return answer;
}
