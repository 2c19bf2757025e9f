import { OFF, PARTLY, SAYS, rowReports, says } from '../compare/index.ts';
import type { Column, Matrix } from '../compare/index.ts';
import type { Value } from '../characters/index.ts';
import { MOST_GROUPS, evidenceOf, toldBy } from '../tells/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Evidence, OpenCharacter, PairReport, ToldOfTwo } from '../tells/index.ts';
import { remembered } from '../remembered/index.ts';
import type { FairnessSettings, FairnessVerdict } from './types.ts';

/** A character that counts between a station's tree and a look-alike. */
export interface Weighed {
  readonly character: string;
  /** What the tree shows, and what the look-alike does. */
  readonly values: readonly [tree: Value, rival: Value];
  /** The expected posterior by this character alone, 0.5 to 1. */
  readonly alone: number;
  /** Checked at the tree. */
  readonly certified: boolean;
  /** Known of either only by what ships for a group. */
  readonly presumed: boolean;
}

/** How well a careful observer tells a station's tree from one look-alike. */
export interface PairFairness {
  readonly rival: string;
  readonly verdict: FairnessVerdict;
  /** Expected posterior of the tree's species, 0 to 1. */
  readonly expected: number;
  /** How often the best guess of the two is right, 0 to 1. */
  readonly right: number;
  /** What tells them, the strongest first; one of an evidence group. */
  readonly by: readonly Weighed[];
  /** Visible characters that are not recorded and might decide, the easiest first. */
  readonly open: readonly OpenCharacter[];
}

/** What the calls of a character say of two of its values. */
interface Weight {
  /** The number of the weight among all that were worked out. */
  readonly id: number;
  readonly evidence: Evidence;
  readonly alone: number;
}
let weights = 0;

/** Between partial and usual: a character that is seen only partly leaves this share of its calls open. */
const BLURRED = 0.4;

/** Weights of a column's pairs of values for one rate of misreading. */
interface Weights {
  readonly misread: number;
  readonly plainly: Map<number, Weight>;
  readonly partly: Map<number, Weight>;
}

const kept = new WeakMap<readonly unknown[], Weights>();

/** The weights worked out so far; those of another rate of misreading are dropped. */
function weightsOf(c: Column, misread: number): Weights {
  const had = kept.get(c.values);
  if (had?.misread === misread) return had;
  const made: Weights = { misread, plainly: new Map(), partly: new Map() };
  kept.set(c.values, made);
  return made;
}

/** What a column says of two places; worked out once for each two values. */
function weightOf(c: Column, a: number, b: number, misread: number): Weight | null {
  const [p = -1, q = -1] = [c.value[a], c.value[b]];
  if (p < 0 || q < 0 || p === q) return null;
  const partly = c.seen[a] === PARTLY || c.seen[b] === PARTLY;
  const mine = weightsOf(c, misread)[partly ? 'partly' : 'plainly'];
  const key = p * c.values.length + q;
  const had = mine.get(key);
  if (had) return had;
  const evidence = evidenceOf(
    c.character,
    c.distributions[p] ?? null,
    c.distributions[q] ?? null,
    misread,
    partly ? BLURRED : 0,
  );
  const made = { id: (weights += 1), evidence, alone: toldBy([evidence]).expected };
  mine.set(key, made);
  return made;
}

/** What weights come to together is kept for so many sets of them: most pairs of a list are told by the same few. */
const MOST_TOLD = 50_000;

const toldTogether = remembered(
  MOST_TOLD,
  (by: readonly Weight[]): ToldOfTwo => toldBy(by.map((w) => w.evidence)),
  (by) => by.map((w) => w.id).join(),
);

interface Candidate extends Weight {
  readonly column: Column;
}

const groupOf = (c: Column): string => c.character.evidenceGroup ?? c.character.id;

/**
 * The strongest character of each evidence group that can be seen on both, the strongest first. Where five groups tell
 * cleanly the easiest five count and no more is weighed. Where a species grows is no evidence: the tree may be planted.
 * @param columns those of least effort first; how often a class misses them has no part in it.
 */
function candidates(
  columns: readonly Column[],
  a: number,
  b: number,
  gap: number,
  misread: number,
): readonly Candidate[] {
  const best = new Map<string, Candidate>();
  const clean = new Set<string>();
  for (const column of columns) {
    const said = says(column, a, b, gap);
    if (said === SAYS.hidden || said === SAYS.open) continue;
    const weight = weightOf(column, a, b, misread);
    if (!weight) continue;
    const group = groupOf(column);
    const had = best.get(group);
    if (!had || weight.alone > had.alone) best.set(group, { column, ...weight });
    if (said === SAYS.clean && clean.add(group).size === MOST_GROUPS) break;
  }
  return [...best.values()].sort(
    (x, y) => y.alone - x.alone || x.column.character.effort - y.column.character.effort,
  );
}

/** Characters seen at the tree that do not apply to a look-alike, the easiest few: they bear out what decides it. */
function offFor(columns: readonly Column[], a: number, b: number): readonly Column[] {
  const found: Column[] = [];
  for (const c of columns) {
    if (c.value[b] !== OFF || (c.value[a] ?? -1) < 0 || (c.seen[a] ?? 0) < PARTLY) continue;
    if (found.push(c) === MOST_OFF) break;
  }
  return found;
}
const MOST_OFF = 2;

/** What tells a pair is listed where it can be in doubt at all; of others it is left out. */
const SHOWN = 0.99995;

/** Fair from 0.95, hard to be sure from 0.80; below that unfair, or unproven where what is missing would decide. */
export function verdictAt(
  expected: number,
  report: Pick<PairReport, 'open' | 'compared'>,
  { fair, sure }: FairnessSettings,
): FairnessVerdict {
  if (expected >= fair) return 'fair';
  if (expected >= sure) return 'shaky';
  return report.open.length > 0 || report.compared === 0 ? 'unproven' : 'unfair';
}

/** A pair as it goes into the comparison with the whole list. */
export interface PairAt {
  readonly fairness: PairFairness;
  readonly place: number;
  /** The columns that count. */
  readonly columns: readonly Column[];
  /** Columns that do not apply to the look-alike; they count against the whole list only. */
  readonly off: () => readonly Column[];
}

/**
 * Judges the tree at one place of a matrix against each of some others. At most five evidence groups count, those with
 * the largest expected posterior by themselves. Source: docs/formulas.md, Fairness of a station.
 */
export function judgePairs(
  matrix: Matrix,
  row: number,
  rivals: readonly number[],
  conditions: Conditions,
  certified: ReadonlySet<string>,
  settings: FairnessSettings,
): readonly PairAt[] {
  const columns = matrix.columns
    .filter((c) => c.character.organ !== 'site' && (c.seen[row] ?? 0) > 0 && (c.value[row] ?? -1) >= 0)
    .sort((x, y) => x.character.effort - y.character.effort);
  const weighed = rivals.map((place) => {
    const chosen = candidates(columns, row, place, matrix.gap, settings.misread).slice(0, MOST_GROUPS);
    return { place, chosen, told: toldTogether(chosen) };
  });
  // What is missing matters only where what is there does not suffice.
  const short = weighed.filter((w) => w.told.expected < settings.fair).map((w) => w.place);
  const reports = rowReports(matrix, row, conditions, short);
  return weighed.flatMap(({ place, chosen, told: { expected, right } }): PairAt[] => {
    const taxon = matrix.list[place]?.id;
    if (taxon === undefined) return [];
    const report = reports[short.indexOf(place)] ?? { open: [], compared: 1 };
    return [
      {
        place,
        fairness: {
          rival: taxon,
          verdict: verdictAt(expected, report, settings),
          expected,
          right,
          by: expected < SHOWN ? chosen.flatMap((c) => weighedAs(c, row, place, certified) ?? []) : [],
          open: report.open,
        },
        columns: chosen.map((c) => c.column),
        off: () => offFor(columns, row, place),
      },
    ];
  });
}

/** A character that counts, with what each of the two shows. */
function weighedAs(
  { column, alone }: Candidate,
  row: number,
  place: number,
  certified: ReadonlySet<string>,
): Weighed | null {
  const [own, other] = [column.values[column.value[row] ?? -1], column.values[column.value[place] ?? -1]];
  if (!own || !other) return null;
  const character = column.character.id;
  return {
    character,
    values: [own, other],
    alone,
    certified: certified.has(character),
    presumed: column.shipped[row] === 1 || column.shipped[place] === 1,
  };
}
