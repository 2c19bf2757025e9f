import { leavesUnder } from './vocabularyOf.ts';
import type { Character, Frequency, StatesValue } from './types.ts';

/** How many individuals show a state, as a weight. Source: docs/formulas.md, Distributions. */
export const WEIGHTS: Readonly<Record<Frequency, number>> = {
  usual: 1,
  sometimes: 0.25,
  rare: 0.05,
  mistaken_for: 0,
  never: 0,
};

type Stated = StatesValue['states'][number];

/** Is a state said to be there: neither only mistaken for it nor ruled out? */
export const isShown = (s: Stated): boolean => s.freq !== 'mistaken_for' && s.freq !== 'never';

/** The states that a value says are there. */
export const shownStates = (v: StatesValue): readonly Stated[] => v.states.filter(isShown);

const NOTHING: ReadonlySet<string> = new Set();

/** The finest states that a value rules out. */
export function ruledOut(character: Character, v: StatesValue): ReadonlySet<string> {
  const never = v.states.filter((s) => s.freq === 'never');
  return never.length === 0 ? NOTHING : new Set(never.flatMap((s) => leavesUnder(character, s.state)));
}

/** Does a value say only what is not there, and leave open what is? */
export const onlyRulesOut = (v: StatesValue): boolean => !v.states.some(isShown);
