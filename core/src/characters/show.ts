import { roundedLengths, systemOf } from '../measuring/index.ts';
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

/** Numbers of a character as texts, with their unit; lengths are rounded together. */
interface Numbers {
  readonly texts: ReadonlyMap<number, string>;
  readonly unit: string;
}

const endsOf = (v: RangeValue): readonly number[] =>
  [v.xlow, v.low, v.high, v.xhigh].filter((n): n is number => n !== null);

const topOf = (v: RangeValue): number => v.xhigh ?? v.high;

function numbersOf(character: Character, all: readonly number[], units: UnitSystem): Numbers {
  if (character.kind !== 'length') {
    const digits = character.kind === 'count' ? 0 : 2;
    return { texts: new Map(all.map((n) => [n, number(n, digits)])), unit: character.unit };
  }
  const kind = character.id === 'site.elevation' ? 'elevation' : 'length';
  const { texts, unit } = roundedLengths(all, units, kind);
  return { texts: new Map(all.map((n, i) => [n, texts[i] ?? ''])), unit };
}

function rangeWords(v: RangeValue, { texts, unit }: Numbers): string {
  const at = (n: number): string => texts.get(n) ?? '';
  const middle = v.low === v.high ? at(v.low) : `${at(v.low)}–${at(v.high)}`;
  if (v.more) return `${at(v.low)}${unit ? ` ${unit}` : ''} or more`;
  const low = v.xlow === null ? '' : `(${at(v.xlow)}) `;
  const high = v.xhigh === null ? '' : ` (${at(v.xhigh)})`;
  return `${low}${middle}${high}${unit ? ` ${unit}` : ''}`;
}

/** What was typed stands as it was typed where it is in the units that are read. */
function asTyped(character: Character, v: RangeValue, units: UnitSystem): string | null {
  if (character.kind !== 'length' || v.more || v.entered === '' || systemOf(v.entered) !== units) return null;
  return v.entered.replace(/(?<=\d[^a-z]*)\s*(?:-|–|\bto\b)\s*(?=[\d½¼¾⅛⅜⅝⅞])/gi, '–');
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

function words(character: Character, value: Value, wording: Wording, numbers: Numbers | null): string {
  if (value.kind === 'inapplicable') return 'does not apply';
  if (value.kind === 'range')
    return rangeWords(value, numbers ?? numbersOf(character, endsOf(value), wording.units));
  return stateWordsOf(character, value, wording.words);
}

/** A value as a person reads it, in the chosen words and units. */
export const valueWords = (character: Character, value: Value, wording: Wording): string =>
  (value.kind === 'range' ? asTyped(character, value, wording.units) : null) ??
  words(character, value, wording, null);

/** From this many times on two lengths are read better each in its own unit than in that of the smaller. */
const APART = 100;

/**
 * Values of one character that are read beside each other, numbers all in one unit and rounded together, unless they
 * lie very far apart. Empty where a value is missing.
 */
export function valuesWords(
  character: Character,
  values: readonly (Value | undefined)[],
  wording: Wording,
): readonly string[] {
  const ranges = values.flatMap((v) => (v?.kind === 'range' ? [v] : []));
  const tops = ranges.map(topOf).filter((t) => t > 0);
  const apart = tops.length === 0 || Math.max(...tops) > APART * Math.min(...tops);
  const numbers = apart ? null : numbersOf(character, ranges.flatMap(endsOf), wording.units);
  return values.map((v) => (v ? words(character, v, wording, numbers) : ''));
}
