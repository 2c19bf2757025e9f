import { unitFor } from '../measuring/index.ts';
import type { UnitSystem } from '../measuring/index.ts';
import { stateOf } from './vocabularyOf.ts';
import type { Character, Frequency, RangeValue, StatesValue, Value } from './types.ts';

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

type Unit = readonly [name: string, size: number, digits: number];

const topOf = (v: RangeValue): number => v.xhigh ?? v.high;

const unitOf = (character: Character, top: number, units: UnitSystem): Unit =>
  character.kind === 'length' ? unitFor(top, units) : [character.unit, 1, character.kind === 'count' ? 0 : 2];

function rangeWords(v: RangeValue, [unit, size, digits]: Unit): string {
  const at = (n: number): string => number(n / size, digits);
  const middle = v.low === v.high ? at(v.low) : `${at(v.low)}–${at(v.high)}`;
  if (v.more) return `${at(v.low)}${unit ? ` ${unit}` : ''} or more`;
  const low = v.xlow === null ? '' : `(${at(v.xlow)}) `;
  const high = v.xhigh === null ? '' : ` (${at(v.xhigh)})`;
  return `${low}${middle}${high}${unit ? ` ${unit}` : ''}`;
}

/** A state's name as one of several: what it says behind a comma stands in brackets, so that commas part states alone. */
export function statePart(character: Character, state: string, words: Words): string {
  const [first = '', ...rest] = stateWords(character, state, words).split(', ');
  return rest.length === 0 ? first : `${first} (${rest.join(', ')})`;
}

/** States with the usual ones first, and what is less than usual set apart: `grooved, scaly; sometimes smooth`. */
function stateWordsOf(character: Character, value: StatesValue, words: Words): string {
  const shown = value.states.filter((s) => s.freq !== 'mistaken_for');
  const of = (freq: Frequency): string[] =>
    shown
      .filter((s) => s.freq === freq)
      .map((s) => `${FREQ_WORDS[freq]}${statePart(character, s.state, words)}`);
  const usual = of('usual').join(character.combine === 'together' ? ' and ' : ', ');
  const less = (['sometimes', 'rare', 'never'] as const).flatMap(of);
  return [...(usual === '' ? [] : [usual]), ...less].join('; ');
}

function words(character: Character, value: Value, wording: Wording, unit: Unit | null): string {
  if (value.kind === 'inapplicable') return 'does not apply';
  if (value.kind === 'range')
    return rangeWords(value, unit ?? unitOf(character, topOf(value), wording.units));
  return stateWordsOf(character, value, wording.words);
}

/** A value as a person reads it, in the chosen words and units. */
export const valueWords = (character: Character, value: Value, wording: Wording): string =>
  words(character, value, wording, null);

/** From this many times on two lengths are read better each in its own unit than in that of the smaller. */
const APART = 100;

/**
 * Values of one character that are read beside each other, numbers all in one unit: that of the smallest, unless they lie very far
 * apart. Empty where a value is missing.
 */
export function valuesWords(
  character: Character,
  values: readonly (Value | undefined)[],
  wording: Wording,
): readonly string[] {
  const tops = values.flatMap((v) => (v?.kind === 'range' && topOf(v) > 0 ? [topOf(v)] : []));
  const [least, most] = [Math.min(...tops), Math.max(...tops)];
  const apart = tops.length === 0 || most > APART * least;
  const unit = apart ? null : unitOf(character, least, wording.units);
  return values.map((v) => (v ? words(character, v, wording, unit) : ''));
}
