import { applies } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { distributionOf, easeOf, gapFor, separateAs } from '../tells/index.ts';
import type { Described, Distribution } from '../tells/index.ts';
import { remembered } from '../remembered/index.ts';

/** What one character says of one pair: it is not seen, it is alike, a tell of some strength, or it is open. */
export const SAYS = { hidden: 0, alike: 1, partial: 2, usual: 3, clean: 4, open: 5 } as const;
export type Says = (typeof SAYS)[keyof typeof SAYS];

const SEEN = { no: 0, unknown: 1, partly: 2, yes: 3 } as const;
/** Seen without any reserve. */
export const PLAINLY = SEEN.yes;
export const PARTLY = SEEN.partly;
/** Instead of the number of a value: nothing is recorded, or the character does not apply. */
const MISSING = -1;
export const OFF = -2;
const NOT_WORKED_OUT = 255;

/** One character over a list: what is seen of it, and which of its different values each member has. */
export interface Column {
  readonly character: Character;
  readonly ease: number;
  /** Whether it counts as missing where neither of a pair has it. */
  readonly expected: boolean;
  readonly seen: Uint8Array;
  /** The number of the member's value among `values`; negative where it has none. */
  readonly value: Int16Array;
  readonly shipped: Uint8Array;
  readonly values: readonly Value[];
  readonly distributions: readonly (Distribution | null)[];
  /** What each pair of different values says, worked out when it is first asked for. */
  readonly said: Uint8Array;
  readonly overlap: Float64Array;
}

/** A list under conditions, ready for all its pairs to be compared. */
export interface Matrix {
  readonly list: readonly Described[];
  readonly columns: readonly Column[];
  readonly gap: number;
}

const keyOf = (v: Value): string =>
  v.kind === 'range'
    ? `${v.xlow}/${v.low}/${v.high}/${v.xhigh}/${v.more ? 'more' : ''}`
    : v.kind === 'states'
      ? v.states
          .map((s) => `${s.state}:${s.freq}`)
          .sort()
          .join('|')
      : '';

function seenOf(character: Character, list: readonly Described[], conditions: Conditions): Uint8Array {
  const see = (subject: Described['subject']): number => SEEN[visible(subject, character, conditions).seen];
  // What has no season is seen alike on all whose reach is not recorded and of which nothing is forbidden.
  if (
    character.season.every((s) => s === 'always') &&
    list.every(({ subject }) => !subject.reach && !subject.forbids && !subject.hides)
  ) {
    return new Uint8Array(list.length).fill(see({ windows: [] }));
  }
  return Uint8Array.from(list, (d) => see(d.subject));
}

/** The values of one character, each numbered once, as members are gone through. */
interface Numbered {
  readonly values: Value[];
  readonly known: { get: (key: string) => number | undefined; set: (key: string, n: number) => unknown };
}

/** Fills in what a character is of some members, from a place on. */
function fill(
  character: Character,
  list: readonly Described[],
  vocabulary: Vocabulary,
  from: number,
  { values, known }: Numbered,
  { value, shipped }: Pick<Column, 'value' | 'shipped'>,
): void {
  list.forEach((d, i) => {
    const found = d.values.get(character.id);
    const at = from + i;
    if (found?.value.kind === 'inapplicable') value[at] = OFF;
    else if (found) {
      const key = keyOf(found.value);
      let number = known.get(key);
      if (number === undefined) {
        number = values.push(found.value) - 1;
        known.set(key, number);
      }
      value[at] = number;
      shipped[at] = found.shipped ? 1 : 0;
    } else value[at] = applies(character, d.values, vocabulary) === 'no' ? OFF : MISSING;
  });
}

const pairsOf = (values: readonly Value[]): Pick<Column, 'said' | 'overlap'> => ({
  said: new Uint8Array(values.length ** 2).fill(NOT_WORKED_OUT),
  overlap: new Float64Array(values.length ** 2),
});

/** What one character is of each member, before anything is said of when it is seen. */
function columnOf(
  character: Character,
  list: readonly Described[],
  vocabulary: Vocabulary,
  expected: boolean,
): Column {
  const numbered: Numbered = { values: [], known: new Map() };
  const cells = { value: new Int16Array(list.length), shipped: new Uint8Array(list.length) };
  fill(character, list, vocabulary, 0, numbered, cells);
  const { values } = numbered;
  return {
    character,
    ease: 0,
    expected,
    seen: new Uint8Array(list.length),
    ...cells,
    values,
    distributions: values.map((v) => distributionOf(character, v)),
    ...pairsOf(values),
  };
}

const numbers = new WeakMap<readonly Value[], ReadonlyMap<string, number>>();

/** The numbers of a column's values by their keys; worked out once. */
function numbersOf(values: readonly Value[]): ReadonlyMap<string, number> {
  const had = numbers.get(values);
  if (had) return had;
  const made = new Map(values.map((v, i) => [keyOf(v), i] as const));
  numbers.set(values, made);
  return made;
}

/** Appends members to a column; what was worked out of its values stays where no new value comes. */
function longer(c: Column, more: readonly Described[], vocabulary: Vocabulary): Column {
  const length = c.value.length + more.length;
  const cells = { value: new Int16Array(length), shipped: new Uint8Array(length) };
  cells.value.set(c.value);
  cells.shipped.set(c.shipped);
  const values = [...c.values];
  const before = numbersOf(c.values);
  const since = new Map<string, number>();
  const known = {
    get: (key: string) => before.get(key) ?? since.get(key),
    set: (key: string, n: number) => since.set(key, n),
  };
  fill(c.character, more, vocabulary, c.value.length, { values, known }, cells);
  const grown = values.length > c.values.length;
  return {
    ...c,
    ...cells,
    seen: new Uint8Array(length),
    ...(grown
      ? {
          values,
          distributions: values.map((v, i) => c.distributions[i] ?? distributionOf(c.character, v)),
          ...pairsOf(values),
        }
      : {}),
  };
}

/**
 * A list with each character's different values numbered, before any conditions; `under` says what of it is seen.
 * @param expected characters that count as missing where neither of two has them.
 */
export function valuesOf(
  list: readonly Described[],
  vocabulary: Vocabulary,
  expected: ReadonlySet<string>,
): Matrix {
  const columns = [...vocabulary.values()].map((c) => columnOf(c, list, vocabulary, expected.has(c.id)));
  return { list, columns, gap: NO_GAP };
}

/** The same list with members appended, such as the trees of stations. */
export const withMembers = (matrix: Matrix, more: readonly Described[], vocabulary: Vocabulary): Matrix => ({
  ...matrix,
  list: [...matrix.list, ...more],
  columns: matrix.columns.map((c) => longer(c, more, vocabulary)),
});
const NO_GAP = -1;

/**
 * A list under conditions with each character's different values numbered, so that a pair of values is compared once
 * however many pairs of species have it. Says of every pair what `comparePair` says.
 * @param expected characters that count as missing where neither of two has them.
 */
export const matrixOf = (
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: ReadonlySet<string>,
): Matrix => under(valuesOf(list, vocabulary, expected), conditions);

/** The same column with what is seen of it; what its values say stays, unless the gap asked for changes. */
function seenAs(c: Column, seen: Uint8Array, conditions: Conditions, sameGap: boolean): Column {
  const ease = easeOf(c.character, conditions.handling);
  return sameGap
    ? { ...c, seen, ease }
    : { ...c, seen, ease, said: new Uint8Array(c.said.length).fill(NOT_WORKED_OUT) };
}

const isOfUse = (c: Column): boolean => c.values.length > 0 || c.expected;

/** The same list under other conditions; what was worked out of its values stays, unless the gap asked for changes. */
export function under(matrix: Matrix, conditions: Conditions): Matrix {
  const gap = gapFor(conditions);
  const same = gap === matrix.gap || matrix.gap === NO_GAP;
  const columns = matrix.columns
    .filter(isOfUse)
    .map((c) => seenAs(c, seenOf(c.character, matrix.list, conditions), conditions, same));
  return { list: matrix.list, columns, gap };
}

/** What was seen of the first members of a list under some conditions, by character; filled in as it is asked for. */
export interface Sights {
  readonly members: number;
  readonly by: Map<string, Uint8Array>;
}

/** What is seen of a list is kept for so many different conditions. */
const MOST_CONDITIONS = 64;

/** Conditions as a key: the same for the same conditions. */
export const conditionsKey = (c: Conditions): string => JSON.stringify(c);

/** Keeps what was seen of the first members of a list, by the key of the conditions, from one time it is asked to the next. */
export const keptSights = (members: number): ((key: string) => Sights) =>
  remembered(MOST_CONDITIONS, () => ({ members, by: new Map<string, Uint8Array>() }));

/**
 * The same list under other conditions for some of its later members only: characters that none of them shows are left
 * out, and of the other later members nothing is looked at.
 * @param rows places of those members, behind the ones that `sights` is of.
 */
export function underFor(
  matrix: Matrix,
  conditions: Conditions,
  rows: readonly number[],
  sights: Sights,
): Matrix {
  const gap = gapFor(conditions);
  const same = gap === matrix.gap || matrix.gap === NO_GAP;
  const columns = matrix.columns.flatMap((c): readonly Column[] => {
    if (!isOfUse(c)) return [];
    const { character } = c;
    const has = rows.filter((at) => (c.value[at] ?? OFF) !== OFF);
    const own = has.map((at) => {
      const subject = matrix.list[at]?.subject;
      return subject ? SEEN[visible(subject, character, conditions).seen] : SEEN.no;
    });
    if (own.every((s) => s === SEEN.no)) return [];
    const before =
      sights.by.get(character.id) ?? seenOf(character, matrix.list.slice(0, sights.members), conditions);
    sights.by.set(character.id, before);
    const seen = new Uint8Array(matrix.list.length);
    seen.set(before);
    has.forEach((at, i) => (seen[at] = own[i] ?? SEEN.no));
    return [seenAs(c, seen, conditions, same)];
  });
  return { list: matrix.list, columns, gap };
}

/** Where what two values say stands, whichever of the two is named first. */
const placeOf = (n: number, p: number, q: number): number => (p < q ? p * n + q : q * n + p);

function workOut(column: Column, p: number, q: number, gap: number): number {
  const { character, values, distributions } = column;
  const n = values.length;
  const [a, b] = [values[p], values[q]];
  if (!a || !b) return SAYS.open;
  const s = separateAs(character, a, b, distributions[p] ?? null, distributions[q] ?? null, gap);
  const says =
    s.kind === 'unknown'
      ? SAYS.open
      : s.kind === 'inapplicable'
        ? SAYS.hidden
        : s.kind === 'none'
          ? SAYS.alike
          : SAYS[s.strength];
  const overlap = 'overlap' in s ? s.overlap : 1;
  const at = placeOf(n, p, q);
  column.said[at] = says;
  column.overlap[at] = overlap;
  return says;
}

/** What a character says of the pair of two members, by their places in the list. */
export function says(column: Column, a: number, b: number, gap: number): Says {
  const [seenA = 0, seenB = 0] = [column.seen[a], column.seen[b]];
  if (seenA === SEEN.no || seenB === SEEN.no) return SAYS.hidden;
  const [p = MISSING, q = MISSING] = [column.value[a], column.value[b]];
  if (p === OFF || q === OFF) return SAYS.hidden;
  if (p === MISSING || q === MISSING) {
    return p === MISSING && q === MISSING && !column.expected ? SAYS.hidden : SAYS.open;
  }
  const known = column.said[placeOf(column.values.length, p, q)] ?? NOT_WORKED_OUT;
  const found = known === NOT_WORKED_OUT ? workOut(column, p, q, gap) : known;
  if (found < SAYS.partial || found > SAYS.clean) return found as Says;
  const seen = Math.min(seenA, seenB);
  if (seen === SEEN.unknown) return SAYS.open;
  return (seen === SEEN.partly ? SAYS.partial : found) as Says;
}

/** Whether the two values by themselves say nothing, whenever they can be seen; once `says` was asked. */
export const isLeftOpen = (column: Column, a: number, b: number): boolean =>
  column.said[placeOf(column.values.length, column.value[a] ?? 0, column.value[b] ?? 0)] === SAYS.open;

/** The share of specimens two members cannot be told by, once `says` has told what the character says of them. */
export const overlapIn = (column: Column, a: number, b: number): number =>
  column.overlap[placeOf(column.values.length, column.value[a] ?? 0, column.value[b] ?? 0)] ?? 1;
