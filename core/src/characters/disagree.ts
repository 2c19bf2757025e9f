import { lineage } from './resolve.ts';
import { onlyRulesOut, ruledOut, shownStates } from './shown.ts';
import { leavesUnder, withDescendants } from './vocabularyOf.ts';
import type { Character, RangeValue, Statement, StatesValue, TaxonNode, Vocabulary } from './types.ts';

/** How two sources differ on one character of one taxon; a finer term is no conflict. */
export type DisagreementKind = 'contradiction' | 'different_bounds' | 'finer_term' | 'applicability';

export interface Disagreement {
  readonly taxon: string;
  readonly character: string;
  readonly kind: DisagreementKind;
  readonly a: Statement;
  readonly b: Statement;
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
    return !against.includes(true) ? null : against.includes(false) ? 'different_bounds' : 'contradiction';
  }
  if (![...under].some((s) => over.has(s))) return 'contradiction';
  if (p.length === q.length && p.every((s) => q.includes(s))) return null;
  const refines = (fine: readonly string[], broad: readonly string[]): boolean =>
    fine.every((f) => broad.some((s) => withDescendants(character, s).includes(f))) &&
    broad.every((s) => fine.some((f) => withDescendants(character, s).includes(f)));
  return refines(p, q) || refines(q, p) ? 'finer_term' : 'different_bounds';
}

function widened(character: Character, v: RangeValue): readonly [number, number] {
  const [low, high] = [v.xlow ?? v.low, v.xhigh ?? v.high];
  const step = character.kind === 'count' && character.counting ? 1 : 0;
  const by = low === high ? Math.max(step, SINGLE_STEP * low) : step;
  return [low - by, high + by];
}

function ofRanges(character: Character, a: RangeValue, b: RangeValue): DisagreementKind | null {
  // An open range is at odds only with what ends below it.
  if (a.more || b.more) {
    const [open, other] = a.more ? [a, b] : [b, a];
    return !other.more && widened(character, other)[1] < open.low ? 'contradiction' : null;
  }
  const [p, q] = [widened(character, a), widened(character, b)];
  if (p[1] < q[0] || q[1] < p[0]) return 'contradiction';
  const wider = Math.max(a.high - a.low, b.high - b.low);
  const apart = Math.max(Math.abs(a.low - b.low), Math.abs(a.high - b.high));
  return apart > BOUND_SHARE * wider ? 'different_bounds' : null;
}

/** How two statements of one character differ; null where they agree. Source: docs/domain.md, Sources that disagree. */
export function differ(character: Character, a: Statement, b: Statement): DisagreementKind | null {
  if (a.value.kind === 'states' && b.value.kind === 'states') return ofStates(character, a.value, b.value);
  if (a.value.kind === 'range' && b.value.kind === 'range') return ofRanges(character, a.value, b.value);
  return a.value.kind === b.value.kind ? null : 'applicability';
}

const ORDER: readonly DisagreementKind[] = [
  'contradiction',
  'applicability',
  'different_bounds',
  'finer_term',
];

/** Every two statements of one character of one taxon that differ, contradictions first. */
export function disagreements(
  statements: readonly Statement[],
  vocabulary: Vocabulary,
): readonly Disagreement[] {
  const groups = new Map<string, Statement[]>();
  for (const s of statements) {
    if (s.shipped) continue;
    // What is said of two stages of life is no disagreement.
    const key = `${s.taxon}/${s.character}/${s.life ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), s]);
  }
  const found: Disagreement[] = [];
  for (const group of groups.values()) {
    group.forEach((a, i) => {
      const character = vocabulary.get(a.character);
      if (!character) return;
      for (const b of group.slice(i + 1)) {
        const kind = differ(character, a, b);
        if (kind) found.push({ taxon: a.taxon, character: a.character, kind, a, b });
      }
    });
  }
  return found.sort((x, y) => ORDER.indexOf(x.kind) - ORDER.indexOf(y.kind));
}

/** The members of a list that take a value stated at a taxon: itself, or those below it. */
export function takenBy(
  taxon: string,
  members: readonly string[],
  taxa: ReadonlyMap<string, TaxonNode>,
): readonly string[] {
  return members.filter((m) => lineage(taxa, m).flat().includes(taxon));
}
