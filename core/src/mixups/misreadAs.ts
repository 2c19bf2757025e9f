import { shownStates } from '../characters/index.ts';
import type { Value, Vocabulary } from '../characters/index.ts';
import type { AnswerValue } from '../answers/index.ts';

/** What was taken for what when a character was read wrong. */
export const MISREAD_CASES = [
  'leaf_for_leaflet',
  'lobe_for_sinus',
  'wrong_side',
  'girth_for_diameter',
  'inches_for_centimeters',
  'one_term_throughout',
] as const;
export type MisreadCase = (typeof MISREAD_CASES)[number];

/** A character question answered wrong. */
export interface WrongCall {
  readonly character: string;
  readonly value: AnswerValue;
}

/** What the tree shows, by character. */
export type Shows = (character: string) => Value | undefined;

/** How far a ratio may be off, as a share of it: girths and lengths are read off a tape. */
const NEAR = 0.12;
const PER_INCH = 2.54;

/** The other side of a leaf, the other measure of a compound leaf. */
const SIDES: Readonly<Record<string, string>> = {
  'leaf.surface_above': 'leaf.surface_below',
  'leaf.surface_below': 'leaf.surface_above',
  'leaf.colour_above': 'leaf.colour_below',
  'leaf.colour_below': 'leaf.colour_above',
};
const PARTS: Readonly<Record<string, string>> = {
  'leaf.length': 'leaf.leaflet_length',
  'leaf.leaflet_length': 'leaf.length',
};
const SIMPLE = 'simple';
const OPPOSITE = 'opposite';

const states = (v: Value | undefined): readonly string[] =>
  v?.kind === 'states' ? shownStates(v).map((s) => s.state) : [];

const isWithin = (v: Value | undefined, n: number): boolean =>
  v?.kind === 'range' && n >= (v.xlow ?? v.low) && n <= (v.xhigh ?? v.high);

const isNear = (ratio: number, to: number): boolean => Math.abs(ratio / to - 1) <= NEAR;

/** A leaf of leaflets was read as if a leaflet were the leaf: simple, opposite as leaflets are, or as long as a leaflet. */
function isLeaflet({ character, value }: WrongCall, shows: Shows): boolean {
  const complexity = states(shows('leaf.complexity'));
  const isCompound = complexity.length > 0 && !complexity.includes(SIMPLE);
  if (character === 'leaf.complexity') return isCompound && value.kind === 'state' && value.state === SIMPLE;
  if (character === 'leaf.arrangement' || character === 'twig.arrangement')
    return isCompound && value.kind === 'state' && value.state === OPPOSITE;
  const other = PARTS[character];
  return other !== undefined && value.kind === 'measure' && isWithin(shows(other), value.mm);
}

/** One gap fewer than there are lobes. */
const isSinus = ({ character, value }: WrongCall, shows: Shows): boolean =>
  character === 'leaf.lobe_count' && value.kind === 'count' && isWithin(shows(character), value.n + 1);

function isOtherSide({ character, value }: WrongCall, shows: Shows): boolean {
  const other = SIDES[character];
  return other !== undefined && value.kind === 'state' && states(shows(other)).includes(value.state);
}

/** Whether a length is so many times what the tree measures, somewhere in its range. */
function isTimes({ character, value }: WrongCall, shows: Shows, times: number): boolean {
  const shown = shows(character);
  if (value.kind !== 'measure' || shown?.kind !== 'range' || shown.low <= 0) return false;
  const scaled = value.mm / times;
  return isWithin(shown, scaled) || isNear(scaled / ((shown.low + shown.high) / 2), 1);
}

/**
 * Says what was taken for what in a wrong call; null where it is none of the known cases.
 * Source: docs/formulas.md, Diagnosis of one wrong answer.
 * @param shows what the tree shows.
 * @param isThroughout whether the student calls this state so wherever the other is shown; see `termsThroughout`.
 */
export function misreadAs(
  call: WrongCall,
  shows: Shows,
  vocabulary: Vocabulary,
  isThroughout: (character: string, shown: string, called: string) => boolean,
): MisreadCase | null {
  const isLength = vocabulary.get(call.character)?.kind === 'length';
  if (isLeaflet(call, shows)) return 'leaf_for_leaflet';
  if (isSinus(call, shows)) return 'lobe_for_sinus';
  if (isOtherSide(call, shows)) return 'wrong_side';
  if (call.character === 'form.trunk_diameter' && isTimes(call, shows, Math.PI)) return 'girth_for_diameter';
  if (isLength && (isTimes(call, shows, PER_INCH) || isTimes(call, shows, 1 / PER_INCH)))
    return 'inches_for_centimeters';
  const { character, value } = call;
  if (value.kind !== 'state') return null;
  return states(shows(character)).some((s) => isThroughout(character, s, value.state))
    ? 'one_term_throughout'
    : null;
}

/** One call of one student, right or wrong, with the one state that the tree shows. */
export interface StateCall {
  readonly character: string;
  readonly shown: string;
  readonly called: string;
}

/** So many calls make *throughout*. */
const THROUGHOUT = 3;

/** Which terms a student uses for another throughout: at least three calls where it is shown, and every one of them wrong alike. */
export function termsThroughout(
  calls: readonly StateCall[],
): (character: string, shown: string, called: string) => boolean {
  const by = new Map<string, Map<string, number>>();
  for (const c of calls) {
    const key = `${c.character}/${c.shown}`;
    const of = by.get(key) ?? new Map<string, number>();
    by.set(key, of.set(c.called, (of.get(c.called) ?? 0) + 1));
  }
  return (character, shown, called) => {
    const of = by.get(`${character}/${shown}`);
    return of?.size === 1 && shown !== called && (of.get(called) ?? 0) >= THROUGHOUT;
  };
}
