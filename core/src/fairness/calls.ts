import { applies } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import { distributionOf } from '../tells/index.ts';
import type { FairnessVerdict, StationMet } from './types.ts';

/** Why a character question is not fair; null where it is. */
export type CallDoubt = 'hidden' | 'partly' | 'varies' | 'not_recorded' | 'does_not_apply';

export interface CallFairness {
  readonly character: string;
  readonly verdict: FairnessVerdict;
  readonly doubt: CallDoubt | null;
  /** Why it cannot be seen, in words; empty otherwise. */
  readonly reason: string;
}

/** A state that this share of individuals show is taken for certain. */
const CERTAIN = 0.95;

/** How much of a character's individuals show its likeliest value. */
function certainty(character: Character, value: Value): number {
  const d = distributionOf(character, value);
  if (!d) return 0;
  if (d.kind === 'density') return 0;
  return d.kind === 'set' ? 1 : Math.max(0, ...d.p.values());
}

/**
 * Judges one character question: fair where the character is visible and was checked at the tree, or one state is shown
 * by at least 95% of the species. Source: docs/formulas.md, Fairness of a station.
 */
function judgeCall(
  character: Character,
  { tree, certified, conditions }: StationMet,
  v: Vocabulary,
): CallFairness {
  const found = (verdict: FairnessVerdict, doubt: CallDoubt | null, reason = ''): CallFairness => ({
    character: character.id,
    verdict,
    doubt,
    reason,
  });
  const value = tree.values.get(character.id)?.value;
  if (value?.kind === 'inapplicable' || (!value && applies(character, tree.values, v) === 'no'))
    return found('unfair', 'does_not_apply');
  const { seen, reason } = visible(tree.subject, character, conditions);
  if (seen === 'no') return found('unfair', 'hidden', reason);
  if (!value || seen === 'unknown') return found('unproven', 'not_recorded', reason);
  if (seen === 'partly') return found('shaky', 'partly', reason);
  if (certified.has(character.id) || certainty(character, value) >= CERTAIN) return found('fair', null);
  return found('shaky', 'varies');
}

/** Judges the character questions of a station. */
export const judgeCalls = (station: StationMet, vocabulary: Vocabulary): readonly CallFairness[] =>
  station.asked.characters.flatMap((id) => {
    const character = vocabulary.get(id);
    return character ? [judgeCall(character, station, vocabulary)] : [];
  });
