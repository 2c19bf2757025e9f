import { lineage } from './resolve.ts';
import { onlyRulesOut, ruledOut, shownStates } from './shown.ts';
import { leavesUnder, withDescendants } from './vocabularyOf.ts';
import type { Character, RangeValue, Statement, StatesValue, TaxonNode, Vocabulary } from './types.ts';

/**
 * How two sources differ on one character of one taxon. A finer term is no conflict; where one only says less than the other
 * it is *narrower*, which is none either unless a tell hangs on it.
 */
export const DISAGREEMENT_KINDS = [
  'contradiction',
  'applicability',
  'partly_different',
  'different_bounds',
  'narrower',
  'finer_term',
] as const;
export type DisagreementKind = (typeof DISAGREEMENT_KINDS)[number];

export interface Disagreement {
  readonly taxon: string;
  readonly character: string;
  readonly kind: DisagreementKind;
  readonly a: Statement;
  readonly b: Statement;
  /** The group of which the second is said, where it is not said of the taxon itself. */
  readonly group: string | null;
}

/** A single value stands for at least this share of itself on either side. */
const SINGLE_STEP = 0.1;
/** Overlapping ranges differ where a bound is off by more than this share of the wider one. */
const BOUND_SHARE = 0.25;

const usual = (v: StatesValue): readonly string[] => {
  const shown = v.states.filter((s) => s.freq === 'usual');
  return (shown.length > 0 ? shown : shownStates(v)).map((s) => s.state);
};

function ofStates(character: Character, a: StatesValue, b: StatesValue): DisagreementKind | null {
  const [p, q] = [usual(a), usual(b)];
  const leaves = (states: readonly string[]): Set<string> =>
    new Set(states.flatMap((s) => leavesUnder(character, s)));
  const [under, over] = [leaves(p), leaves(q)];
  const against = [
    ...[...under].map((s) => ruledOut(character, b).has(s)),
    ...[...over].map((s) => ruledOut(character, a).has(s)),
  ];
  // Two that say only what is not there, or one that rules out nothing of what the other shows, agree.
  if (onlyRulesOut(a) || onlyRulesOut(b)) {
    return !against.includes(true) ? null : against.includes(false) ? 'partly_different' : 'contradiction';
  }
  if (![...under].some((s) => over.has(s))) return 'contradiction';
  if (p.length === q.length && p.every((s) => q.includes(s))) return null;
  const refines = (fine: readonly string[], broad: readonly string[]): boolean =>
    fine.every((f) => broad.some((s) => withDescendants(character, s).includes(f))) &&
    broad.every((s) => fine.some((f) => withDescendants(character, s).includes(f)));
  if (refines(p, q) || refines(q, p)) return 'finer_term';
  const inside = (few: ReadonlySet<string>, many: ReadonlySet<string>): boolean =>
    [...few].every((s) => many.has(s));
  return inside(under, over) || inside(over, under) ? 'narrower' : 'partly_different';
}

const isSingle = (v: RangeValue): boolean => (v.xlow ?? v.low) === (v.xhigh ?? v.high);

/** How far two numbers may lie apart and still be one: the step of a count, or a tenth where both are single measures. */
function slack(character: Character, a: RangeValue, b: RangeValue): number {
  const step = character.kind === 'count' && character.counting ? 1 : 0;
  const single = isSingle(a) && isSingle(b) && character.kind !== 'count';
  return single ? Math.max(step, SINGLE_STEP * Math.max(a.low, b.low)) : step;
}

/** The distance between two intervals; 0 where they meet. */
const gap = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.max(0, a[0] - b[1], b[0] - a[1]);

function ofRanges(character: Character, a: RangeValue, b: RangeValue): DisagreementKind | null {
  // An open range is at odds only with what ends below it.
  if (a.more || b.more) {
    const [open, other] = a.more ? [a, b] : [b, a];
    return !other.more && (other.xhigh ?? other.high) + slack(character, a, b) < open.low
      ? 'contradiction'
      : null;
  }
  const usually = gap([a.low, a.high], [b.low, b.high]);
  if (usually > slack(character, a, b)) {
    const ever = gap([a.xlow ?? a.low, a.xhigh ?? a.high], [b.xlow ?? b.low, b.xhigh ?? b.high]);
    return character.kind === 'count' || ever > 0 ? 'contradiction' : 'different_bounds';
  }
  if (isSingle(a) && isSingle(b)) return null;
  const wider = Math.max(a.high - a.low, b.high - b.low);
  const apart = Math.max(Math.abs(a.low - b.low), Math.abs(a.high - b.high));
  if (apart <= BOUND_SHARE * wider) return null;
  const within = (x: RangeValue, y: RangeValue): boolean => x.low >= y.low && x.high <= y.high;
  // One number within the other's range says less, and nothing against it.
  return (isSingle(a) && within(a, b)) || (isSingle(b) && within(b, a)) ? 'narrower' : 'different_bounds';
}

/** How two statements of one character differ; null where they agree. Source: docs/domain.md, Sources that disagree. */
export function differ(character: Character, a: Statement, b: Statement): DisagreementKind | null {
  if (a.value.kind === 'states' && b.value.kind === 'states') return ofStates(character, a.value, b.value);
  if (a.value.kind === 'range' && b.value.kind === 'range') return ofRanges(character, a.value, b.value);
  return a.value.kind === b.value.kind ? null : 'applicability';
}

const order = (d: Disagreement): number => DISAGREEMENT_KINDS.indexOf(d.kind);

/** Whether what a species says goes against its group; a group is broader by nature, so only what cannot both be so counts. */
const AGAINST_GROUP: readonly DisagreementKind[] = ['contradiction', 'applicability'];

type Groups = ReadonlyMap<string, readonly Statement[]>;
const keyOf = (taxon: string, s: Statement): string => `${taxon}/${s.character}/${s.life ?? ''}`;

/** Every two statements of one taxon that differ; one source may say two things. */
function amongSame(group: readonly Statement[], vocabulary: Vocabulary): readonly Disagreement[] {
  return group.flatMap((a, i) => {
    const character = vocabulary.get(a.character);
    return group.slice(i + 1).flatMap((b): Disagreement[] => {
      const kind = character ? differ(character, a, b) : null;
      return kind ? [{ taxon: a.taxon, character: a.character, kind, a, b, group: null }] : [];
    });
  });
}

/** What a taxon says against the groups it stands in. */
function againstGroups(
  own: readonly Statement[],
  groups: Groups,
  taxa: ReadonlyMap<string, TaxonNode>,
  vocabulary: Vocabulary,
): readonly Disagreement[] {
  const [first] = own;
  const character = first ? vocabulary.get(first.character) : undefined;
  if (!first || !character || !taxa.has(first.taxon)) return [];
  const above = lineage(taxa, first.taxon).slice(1).flat();
  return [...new Set(above)].flatMap((group) =>
    (groups.get(keyOf(group, first)) ?? []).flatMap((b) =>
      own.flatMap((a): Disagreement[] => {
        const kind = differ(character, a, b);
        // One source that names an exception to its own group agrees with itself.
        return kind && a.source !== b.source && AGAINST_GROUP.includes(kind)
          ? [{ taxon: a.taxon, character: a.character, kind, a, b, group }]
          : [];
      }),
    ),
  );
}

/**
 * Every two statements of one character that differ, of one taxon or of a taxon and a group it stands in, contradictions
 * first. What is said of two stages of life is no disagreement, and what ships is passed over. Source: docs/domain.md,
 * Sources that disagree.
 * @param taxa the tree of taxa; without it groups are not compared.
 */
export function disagreements(
  statements: readonly Statement[],
  vocabulary: Vocabulary,
  taxa: ReadonlyMap<string, TaxonNode> = new Map(),
): readonly Disagreement[] {
  const groups = new Map<string, Statement[]>();
  for (const s of statements) {
    if (s.shipped) continue;
    const key = keyOf(s.taxon, s);
    const had = groups.get(key);
    if (had) had.push(s);
    else groups.set(key, [s]);
  }
  return [...groups.values()]
    .flatMap((own) => [...amongSame(own, vocabulary), ...againstGroups(own, groups, taxa, vocabulary)])
    .sort((x, y) => order(x) - order(y));
}

/** The members of a list that take a value stated at a taxon: itself, or those below it. */
export function takenBy(
  taxon: string,
  members: readonly string[],
  taxa: ReadonlyMap<string, TaxonNode>,
): readonly string[] {
  return members.filter((m) => lineage(taxa, m).flat().includes(taxon));
}
