import { ok, refuse } from '../result.ts';
import type { Problem, Result } from '../result.ts';
import { parseRange } from './ranges.ts';
import { ruledOut, shownStates } from './shown.ts';
import { leavesUnder, stateOf } from './vocabularyOf.ts';
import { FREQUENCIES } from './types.ts';
import type { Character, Frequency, StatesValue, Value } from './types.ts';

const isRange = (c: Character): boolean => c.kind === 'count' || c.kind === 'length' || c.kind === 'ratio';

/** A value as it is sent by an editor: states by id, or a range as typed. */
export type EnteredValue =
  | {
      readonly kind: 'states';
      readonly states: readonly { readonly state: string; readonly freq: Frequency }[];
    }
  | { readonly kind: 'range'; readonly entered: string }
  | { readonly kind: 'inapplicable' };

/** What is ruled out is neither recorded as well nor all there is. */
function checkRuledOut(character: Character, value: StatesValue): Problem | null {
  const never = ruledOut(character, value);
  if (never.size === 0) return null;
  const both = shownStates(value).find((s) =>
    leavesUnder(character, s.state).every((leaf) => never.has(leaf)),
  );
  if (both) {
    const term = stateOf(character, both.state)?.term ?? both.state;
    return {
      code: 'excluded_and_recorded',
      message: `“${term}” is recorded and ruled out at once.`,
      remedy: `Take one of the two out of ${character.term}.`,
    };
  }
  const left = character.states.some(
    (s) => !s.retired && leavesUnder(character, s.id).some((leaf) => !never.has(leaf)),
  );
  return left
    ? null
    : {
        code: 'all_excluded',
        message: `Every state of ${character.term} is ruled out.`,
        remedy: 'Leave at least one, or say that it does not apply.',
      };
}

function checkStates(character: Character, value: StatesValue): Problem | null {
  const known = character.states.map((s) => s.id);
  const [first] = value.states;
  if (!first) {
    return {
      code: 'no_state',
      message: `No state of ${character.term} is chosen.`,
      remedy: 'Choose at least one, or leave it not recorded.',
    };
  }
  for (const { state, freq } of value.states) {
    if (!known.includes(state)) {
      return {
        code: 'not_a_state',
        message: `${character.term} has no state “${state}”.`,
        remedy: `Choose among: ${character.states.map((s) => s.term).join(', ')}.`,
      };
    }
    if (!FREQUENCIES.includes(freq)) {
      return {
        code: 'not_a_frequency',
        message: `“${freq}” is no frequency.`,
        remedy: `Use ${FREQUENCIES.join(', ')}.`,
      };
    }
  }
  const excluded = checkRuledOut(character, value);
  if (excluded) return excluded;
  if (new Set(value.states.map((s) => s.state)).size < value.states.length) {
    return {
      code: 'state_twice',
      message: `A state of ${character.term} is given twice.`,
      remedy: 'Give each state once.',
    };
  }
  if (value.states.every((s) => s.freq === 'mistaken_for')) {
    return {
      code: 'only_mistaken',
      message: 'Only what it is mistaken for is given.',
      remedy: 'Give the state it really shows as well.',
    };
  }
  return null;
}

/**
 * Checks an entered value against its character and reads the range.
 * @returns the value to store, or what is wrong and what would be right.
 */
export function readValue(character: Character, value: EnteredValue): Result<Value> {
  if (value.kind === 'inapplicable') {
    return character.appliesIf.length > 0 || isRange(character)
      ? ok(value)
      : refuse('always_applies', `${character.term} applies to every taxon.`, 'Choose a state.');
  }
  if (value.kind === 'range') {
    return isRange(character)
      ? parseRange(character, value.entered)
      : refuse(
          'wants_states',
          `${character.term} is described by states, not by a number.`,
          `Choose among: ${character.states.map((s) => s.term).join(', ')}.`,
        );
  }
  if (isRange(character)) {
    return refuse(
      'wants_range',
      `${character.term} is a number, not a state.`,
      'Write a number or a range with its unit.',
    );
  }
  const problem = checkStates(character, value);
  return problem ? { ok: false, problem } : ok(value);
}
