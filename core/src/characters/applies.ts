import { isShown, ruledOut } from './shown.ts';
import { leavesUnder, withDescendants } from './vocabularyOf.ts';
import type { Character, Profile, Value, Vocabulary } from './types.ts';

/** Could a state, or one under it, be one of some states or under one of them? */
const meets = (controller: Character, state: string, wanted: readonly string[]): boolean =>
  wanted.some(
    (w) => withDescendants(controller, w).includes(state) || withDescendants(controller, state).includes(w),
  );

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
    let shown = 0;
    let mayBe = false;
    for (const s of value.states) {
      if (!isShown(s)) continue;
      shown += 1;
      mayBe ||= meets(controller, s.state, rule.states);
    }
    if (shown > 0 && !mayBe) return 'no';
    if (shown > 0) continue;
    // What is ruled out may be all that it would apply to.
    const never = ruledOut(controller, value);
    if (rule.states.every((w) => leavesUnder(controller, w).every((leaf) => never.has(leaf)))) return 'no';
    answer = 'unknown';
  }
  return answer;
}
