import { applies } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { distributionOf, easeOf, gapFor, separateAs } from '../tells/index.ts';
import type { Described, Distribution } from '../tells/index.ts';

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
    list.every(({ subject }) => !subject.reach && !subject.forbids)
  ) {
    return new Uint8Array(list.length).fill(see({ windows: [] }));
  }
  return Uint8Array.from(list, (d) => see(d.subject));
}

function columnOf(
  character: Character,
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: boolean,
): Column | null {
  const value = new Int16Array(list.length).fill(MISSING);
  const shipped = new Uint8Array(list.length);
  const values: Value[] = [];
  const known = new Map<string, number>();
  list.forEach((d, i) => {
    const found = d.values.get(character.id);
    if (found?.value.kind === 'inapplicable') value[i] = OFF;
    else if (found) {
      const key = keyOf(found.value);
      const at = known.get(key) ?? values.push(found.value) - 1;
      known.set(key, at);
      value[i] = at;
      shipped[i] = found.shipped ? 1 : 0;
    } else if (applies(character, d.values, vocabulary) === 'no') value[i] = OFF;
  });
  if (values.length === 0 && !expected) return null;
  const size = values.length ** 2;
  return {
    character,
    ease: easeOf(character, conditions.handling),
    expected,
    seen: seenOf(character, list, conditions),
    value,
    shipped,
    values,
    distributions: values.map((v) => distributionOf(character, v)),
    said: new Uint8Array(size).fill(NOT_WORKED_OUT),
    overlap: new Float64Array(size),
  };
}

/**
 * A list under conditions with each character's different values numbered, so that a pair of values is compared once
 * however many pairs of species have it. Says of every pair what `comparePair` says.
 * @param expected characters that count as missing where neither of two has them.
 */
export function matrixOf(
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: ReadonlySet<string>,
): Matrix {
  const columns = [...vocabulary.values()].flatMap(
    (c) => columnOf(c, list, vocabulary, conditions, expected.has(c.id)) ?? [],
  );
  return { list, columns, gap: gapFor(conditions) };
}

/** The same list under other conditions; what was worked out of its values stays, unless the gap asked for changes. */
export function under(matrix: Matrix, conditions: Conditions): Matrix {
  const gap = gapFor(conditions);
  const columns = matrix.columns.map((c): Column => {
    const seen = seenOf(c.character, matrix.list, conditions);
    const ease = easeOf(c.character, conditions.handling);
    return gap === matrix.gap
      ? { ...c, seen, ease }
      : { ...c, seen, ease, said: new Uint8Array(c.said.length).fill(NOT_WORKED_OUT) };
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
