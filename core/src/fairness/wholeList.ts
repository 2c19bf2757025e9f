import { OFF } from '../compare/index.ts';
import type { Column } from '../compare/index.ts';
import { seeded } from '../numbers/index.ts';
import { callsOf } from '../tells/index.ts';
import type { FairnessSettings } from './types.ts';

/** Against how many at once, and how it comes out. */
export interface WholeList {
  /** Expected posterior of the tree's species among all that compete. */
  readonly expected: number;
  /** How often the best guess among all that compete is right. */
  readonly right: number;
}

/** A look-alike that a pair leaves below this is left out: together they change the figure by less than a hundredth. */
const NEGLIGIBLE = 5e-4;
const SEED = 17;
/** Where the pairs alone warrant as much, nothing is drawn and what they warrant is given. */
const PLAIN = 0.99;
/** More characters than these add nothing that is seen in the figure. */
const MOST_LOOKS = 16;

/** What is called of one character: how often at the tree, and the likelihood at each look-alike against that. */
interface Calls {
  readonly atTree: Float64Array;
  /** By outcome, then by look-alike. */
  readonly ratios: Float64Array;
}

export interface Close {
  readonly place: number;
  readonly expected: number;
  readonly columns: () => readonly Column[];
}

/** One character of each evidence group: the one that counts for most look-alikes, the close ones before all. */
function oneAGroup(of: readonly Close[]): readonly Column[] {
  const votes = new Map<Column, number>();
  for (const { columns, expected } of of)
    for (const c of columns()) votes.set(c, (votes.get(c) ?? 0) + 1e-3 + (1 - expected));
  const best = new Map<string, Column>();
  for (const [c, n] of votes) {
    const group = c.character.evidenceGroup ?? c.character.id;
    const had = best.get(group);
    if (!had || n > (votes.get(had) ?? 0)) best.set(group, c);
  }
  return [...best.values()].sort((x, y) => (votes.get(y) ?? 0) - (votes.get(x) ?? 0)).slice(0, MOST_LOOKS);
}

function tableOf(c: Column, row: number, rivals: readonly number[], misread: number): Calls | null {
  const at = (place: number) => c.distributions[c.value[place] ?? -1] ?? null;
  const own = at(row);
  if (!own) return null;
  // What is not recorded of a look-alike, or cannot be seen on it, says nothing against it.
  const others = rivals.map((r) => {
    if (c.value[r] === OFF) return 'inapplicable' as const;
    const other = (c.seen[r] ?? 0) > 0 ? at(r) : null;
    return other?.kind === own.kind ? other : own;
  });
  const [atTree, ...calls] = callsOf(c.character, [own, ...others], misread);
  if (!atTree || atTree.length < 2) return null;
  const ratios = new Float64Array(atTree.length * calls.length);
  atTree.forEach((often, k) =>
    calls.forEach((q, r) => {
      ratios[k * calls.length + r] = often > 0 ? (q[k] ?? 0) / often : 1;
    }),
  );
  return { atTree, ratios };
}

/** Draws what is called at the tree, and counts how often each set of calls comes; one letter a character. */
function drawCalls(tables: readonly Calls[], draws: number): ReadonlyMap<string, number> {
  const next = seeded(SEED);
  const counts = new Map<string, number>();
  const codes = new Array<number>(tables.length).fill(0);
  for (let draw = 0; draw < draws; draw += 1) {
    for (let t = 0; t < tables.length; t += 1) {
      const { atTree } = tables[t] as Calls;
      let left = next();
      let k = 0;
      while (k < atTree.length - 1 && left >= (atTree[k] ?? 0)) left -= atTree[k++] ?? 0;
      codes[t] = k;
    }
    const key = String.fromCharCode(...codes);
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return counts;
}

/** The odds of each look-alike against the tree by one set of calls. */
function oddsBy(calls: string, tables: readonly Calls[], odds: Float64Array): void {
  odds.fill(1);
  for (let t = 0; t < tables.length; t += 1) {
    const { ratios } = tables[t] as Calls;
    const from = calls.charCodeAt(t) * odds.length;
    for (let b = 0; b < odds.length; b += 1) odds[b] = (odds[b] ?? 0) * (ratios[from + b] ?? 1);
  }
}

/**
 * How often a careful observer names a tree rightly with all that compete in mind at once: the mean of
 * P(y | A) / Σ P(y | B) with equal priors over seeded draws of what is called at A. Source: docs/formulas.md, Fairness of a station.
 * @param rivals places of those that compete, with how far each pair falls short of certainty and by what it is told.
 */
export function againstAll(
  row: number,
  rivals: readonly Close[],
  { misread, draws }: Pick<FairnessSettings, 'misread' | 'draws'>,
): WholeList {
  // Together they take no more than each pair takes by itself: 1 - 1/(1+Σr) ≤ Σ r/(1+r).
  const least = 1 - rivals.reduce((sum, r) => sum + 1 - r.expected, 0);
  if (least >= PLAIN) return { expected: least, right: least };
  const close = rivals.filter((r) => 1 - r.expected > NEGLIGIBLE);
  const places = close.map((r) => r.place);
  const tables = oneAGroup(close).flatMap((c) => tableOf(c, row, places, misread) ?? []);
  const odds = new Float64Array(places.length);
  let expected = 0;
  let right = 0;
  for (const [calls, often] of drawCalls(tables, draws)) {
    oddsBy(calls, tables, odds);
    let sum = 1;
    let most = 0;
    let ties = 0;
    for (const o of odds) {
      sum += o;
      if (o > most) most = o;
      if (o === 1) ties += 1;
    }
    expected += often / sum;
    // A tie between the tree and others is a guess among them.
    right += most > 1 ? 0 : often / (1 + ties);
  }
  return { expected: expected / draws, right: right / draws };
}
