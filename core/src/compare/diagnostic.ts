import type { Character } from '../characters/index.ts';
import { bitsFor, both, count, has, isEmpty, members, minus, put } from './bits.ts';
import type { Bits } from './bits.ts';
import { SAYS, says } from './matrix.ts';
import type { Matrix } from './matrix.ts';

/** A set of characters that together part a species from every other of the list. */
export interface DiagnosticSet {
  readonly characters: readonly string[];
  /** The sum of their eases; less is easier. */
  readonly ease: number;
}

export interface Diagnosis {
  /** How many characters the smallest sets have; null where no set parts it from all. */
  readonly size: number | null;
  /** How many such smallest sets there are, exact up to `MOST_COUNTED`. */
  readonly count: number;
  /** The ten easiest of them. */
  readonly easiest: readonly DiagnosticSet[];
  /** Where no set parts it from all: the characters that part it from most, and whom they leave. */
  readonly nearest: DiagnosticSet | null;
  /** Places in the list of those that nothing parts it from at this strength. */
  readonly leaves: readonly number[];
}

/** A state, or a range, that one species alone of the list shows. */
export interface Lone {
  readonly character: string;
  readonly species: number;
}

export const MOST_COUNTED = 1000;
const EASIEST = 10;

interface Candidate {
  readonly character: Character;
  readonly ease: number;
  readonly parts: Bits;
}

/** What each character parts a species from, leaving out those that part it from nobody. */
function candidatesOf({ list, columns, gap }: Matrix, species: number, least: number): readonly Candidate[] {
  return columns.flatMap((column): Candidate[] => {
    const parts = bitsFor(list.length);
    for (let other = 0; other < list.length; other += 1) {
      if (other === species) continue;
      const said = says(column, species, other, gap);
      if (said !== SAYS.open && said >= least) put(parts, other);
    }
    return isEmpty(parts) ? [] : [{ character: column.character, ease: column.ease, parts }];
  });
}

/** The ten easiest of the sets found, kept in order as they come. */
function keeper() {
  const easiest: { chosen: readonly Candidate[]; ease: number }[] = [];
  let found = 0;
  return {
    easiest,
    found: () => found,
    add: (chosen: readonly Candidate[]): void => {
      found += 1;
      const ease = chosen.reduce((sum, c) => sum + c.ease, 0);
      if (easiest.length === EASIEST && ease >= (easiest.at(-1)?.ease ?? 0)) return;
      easiest.push({ chosen, ease });
      easiest.sort((x, y) => x.ease - y.ease);
      if (easiest.length > EASIEST) easiest.pop();
    },
  };
}

/** Whether a candidate parts from all that is left. */
function partsFromAll({ parts }: Candidate, left: Bits): boolean {
  for (let w = 0; w < left.length; w += 1) if (((left[w] ?? 0) & ~(parts[w] ?? 0)) !== 0) return false;
  return true;
}

/**
 * All covers of `wanted` with exactly `size` candidates, each found once: of what is left the one that fewest part it
 * from is branched on, and a candidate tried for it is not used in the branches after it.
 */
function coversOf(
  candidates: readonly Candidate[],
  wanted: Bits,
  size: number,
  kept: ReturnType<typeof keeper>,
): void {
  const able = new Map(
    members(wanted).map((other) => [other, candidates.flatMap((c, i) => (has(c.parts, other) ? [i] : []))]),
  );
  const rarest = [...able.keys()].sort((x, y) => (able.get(x)?.length ?? 0) - (able.get(y)?.length ?? 0));
  const most = Math.max(...candidates.map((c) => count(c.parts)));
  const barred = new Uint8Array(candidates.length);
  const go = (left: Bits, chosen: readonly Candidate[]): void => {
    if (kept.found() >= MOST_COUNTED) return;
    const room = size - chosen.length;
    if (count(left) > room * most) return;
    const other = rarest.find((o) => has(left, o)) ?? -1;
    const tried: number[] = [];
    for (const i of able.get(other) ?? []) {
      const c = candidates[i];
      if (!c || barred[i] || kept.found() >= MOST_COUNTED) continue;
      if (room === 1) {
        if (partsFromAll(c, left)) kept.add([...chosen, c]);
        continue;
      }
      const rest = minus(left, c.parts);
      if (!isEmpty(rest)) go(rest, [...chosen, c]);
      barred[i] = 1;
      tried.push(i);
    }
    for (const i of tried) barred[i] = 0;
  };
  go(wanted, []);
}

/** The characters that part it from most, the one that parts most of what is left taken first, the easier of equals. */
function greedy(candidates: readonly Candidate[], wanted: Bits): readonly Candidate[] {
  const chosen: Candidate[] = [];
  let left = wanted;
  while (!isEmpty(left)) {
    let best: Candidate | null = null;
    let gain = 0;
    for (const c of candidates) {
      const n = count(both(c.parts, left));
      if (n > gain || (n === gain && n > 0 && c.ease < (best?.ease ?? Infinity))) [best, gain] = [c, n];
    }
    if (!best) break;
    chosen.push(best);
    left = minus(left, best.parts);
  }
  return chosen;
}

const asSet = (chosen: readonly Candidate[]): DiagnosticSet => ({
  characters: chosen.map((c) => c.character.id),
  ease: chosen.reduce((sum, c) => sum + c.ease, 0),
});

/**
 * The smallest sets of characters that part a species from every other of the list, by iterative deepening over the
 * sets of others that each character parts it from (Karp 1972 for why no quick way is known). Source:
 * docs/formulas.md, Tells and twins.
 * @param species its place in the list.
 * @param strength `clean`: only clean tells count; `usual`: tells that mostly hold count too.
 */
export function diagnostic(
  matrix: Matrix,
  species: number,
  strength: 'clean' | 'usual' = 'clean',
): Diagnosis {
  const candidates = candidatesOf(matrix, species, SAYS[strength]);
  const wanted = bitsFor(matrix.list.length);
  matrix.list.forEach((_, i) => {
    if (i !== species) put(wanted, i);
  });
  const coverable = bitsFor(matrix.list.length);
  for (const c of candidates) for (const i of members(c.parts)) put(coverable, i);
  const leaves = members(minus(wanted, coverable));
  const few = greedy(candidates, minus(wanted, minus(wanted, coverable)));
  if (leaves.length > 0 || isEmpty(wanted)) {
    return { size: null, count: 0, easiest: [], nearest: few.length > 0 ? asSet(few) : null, leaves };
  }
  for (let size = 1; size <= few.length; size += 1) {
    const kept = keeper();
    coversOf(candidates, wanted, size, kept);
    if (kept.found() === 0) continue;
    return {
      size,
      count: kept.found(),
      easiest: kept.easiest.map((e) => asSet(e.chosen)),
      nearest: null,
      leaves: [],
    };
  }
  throw new Error('A greedy cover is a cover: one of its size is always found');
}

/** Characters in which one species of the list parts cleanly from all others: "only X has Y". */
export const lones = (matrix: Matrix): readonly Lone[] =>
  matrix.list.flatMap((_, species) =>
    candidatesOf(matrix, species, SAYS.clean)
      .filter((c) => count(c.parts) === matrix.list.length - 1)
      .sort((a, b) => a.ease - b.ease)
      .map((c) => ({ character: c.character.id, species })),
  );
