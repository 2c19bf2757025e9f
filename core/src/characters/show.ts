import { unitFor } from '../measuring/index.ts';
import type { UnitSystem } from '../measuring/index.ts';
import { stateOf } from './vocabularyOf.ts';
import type { Character, Frequency, RangeValue, Value } from './types.ts';

export type Words = 'plain' | 'technical';

export interface Wording {
  readonly words: Words;
  readonly units: UnitSystem;
}

const FREQ_WORDS: Readonly<Record<Frequency, string>> = {
  usual: '',
  sometimes: 'sometimes ',
  rare: 'rarely ',
  mistaken_for: 'mistaken for ',
  never: 'never ',
};

/** A character's name in the chosen words. */
export const characterWords = (c: Character, words: Words): string => (words === 'plain' ? c.plain : c.term);

/** A state's name in the chosen words; its id where the vocabulary no longer has it. */
export function stateWords(character: Character, state: string, words: Words): string {
  const found = stateOf(character, state);
  return found ? (words === 'plain' ? found.plain : found.term) : state;
}

const number = (n: number, digits: number): string => String(Number(n.toFixed(digits)));

function rangeWords(character: Character, v: RangeValue, units: UnitSystem): string {
  const [unit, size, digits] =
    character.kind === 'length'
      ? unitFor(v.xhigh ?? v.high, units)
      : [character.unit, 1, character.kind === 'count' ? 0 : 2];
  const at = (n: number): string => number(n / size, digits);
  const middle = v.low === v.high ? at(v.low) : `${at(v.low)}–${at(v.high)}`;
  if (v.more) return `${at(v.low)}${unit ? ` ${unit}` : ''} or more`;
  const low = v.xlow === null ? '' : `(${at(v.xlow)}) `;
  const high = v.xhigh === null ? '' : ` (${at(v.xhigh)})`;
  return `${low}${middle}${high}${unit ? ` ${unit}` : ''}`;
}

/** A value as a person reads it, in the chosen words and units. */
export function valueWords(character: Character, value: Value, wording: Wording): string {
  if (value.kind === 'inapplicable') return 'does not apply';
  if (value.kind === 'range') return rangeWords(character, value, wording.units);
  const shown = value.states.filter((s) => s.freq !== 'mistaken_for');
  const joined = shown.map((s) => `${FREQ_WORDS[s.freq]}${stateWords(character, s.state, wording.words)}`);
  return joined.join(character.combine === 'together' ? ' and ' : ', ');
}
