import { isBroader, shownStates, valueWords } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';

/**
 * What a question accepts, complete in itself: once it is frozen in a key, no later change of the vocabulary or of a
 * profile changes a grade.
 */
export type Accepted =
  | { readonly kind: 'name' }
  | { readonly kind: 'sureness' }
  | AcceptedCall
  /** `taxa`: the species that options stand for, where a species is chosen. */
  | {
      readonly kind: 'choice';
      readonly right: readonly string[];
      readonly taxa?: Readonly<Record<string, string>>;
    }
  | { readonly kind: 'match'; readonly pairs: readonly (readonly [left: string, right: string])[] }
  /** A point within a distance, all as shares of the drawing's width and height. */
  | { readonly kind: 'point'; readonly x: number; readonly y: number; readonly within: number }
  /** Right letter by letter; where no text is given it is read by a person. */
  | { readonly kind: 'text'; readonly right?: string };

export interface AcceptedCall {
  readonly kind: 'call';
  /** States that are right, narrower terms of them included. */
  readonly right: readonly string[];
  /** Broader terms: not wrong, but less than was asked. */
  readonly coarse: readonly string[];
  /** Least and most that is right, in the character's unit; lengths in millimeters. */
  readonly range: readonly [low: number, high: number] | null;
  readonly doesNotApply: boolean;
  /** Nothing is recorded, so nothing can be right or wrong. */
  readonly recorded: boolean;
  /** What the tree shows, in words. */
  readonly words: string;
}

const NOTHING: Omit<AcceptedCall, 'words'> = {
  kind: 'call',
  right: [],
  coarse: [],
  range: null,
  doesNotApply: false,
  recorded: false,
};

/** Above every number that can be answered; a key is kept as JSON, which has no infinity. */
const ANY = 1e9;

/** What a character question accepts at a tree that shows a value; sometimes and rare states are right too. */
export function acceptedCall(character: Character, value: Value | undefined): AcceptedCall {
  if (!value) return { ...NOTHING, words: 'not recorded' };
  const words = valueWords(character, value, { words: 'technical', units: 'metric' });
  const known = { ...NOTHING, recorded: true, words };
  if (value.kind === 'inapplicable') return { ...known, doesNotApply: true };
  if (value.kind === 'range')
    return { ...known, range: [value.xlow ?? value.low, value.more ? ANY : (value.xhigh ?? value.high)] };
  const shown = shownStates(value).map((s) => s.state);
  // Where only what it is not is recorded, no call can be held against it.
  if (shown.length === 0) return { ...NOTHING, words };
  const all = character.states.map((s) => s.id);
  const right = [...new Set([...shown, ...all.filter((s) => shown.some((x) => isBroader(character, x, s)))])];
  const coarse = all.filter((s) => !right.includes(s) && shown.some((x) => isBroader(character, s, x)));
  return { ...known, right, coarse };
}
