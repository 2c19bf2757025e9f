import { OFF } from '../compare/index.ts';
import type { Column } from '../compare/index.ts';
import { seeded } from '../numbers/index.ts';
import { callsOf } from '../tells/index.ts';
import type { Distribution } from '../tells/index.ts';
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
  /** The likeliest call first. */
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
  const own = c.distributions[c.value[row] ?? -1] ?? null;
  if (!own) return null;
  // Look-alikes of one value give one row of calls. What is not recorded of one, or not seen on it, says nothing.
  const kinds: (Distribution | 'inapplicable')[] = [own];
  const kindOf = new Map<number, number>();
  const kind = Uint16Array.from(rivals, (r) => {
    const value = c.value[r] ?? -1;
    if (value !== OFF && (value < 0 || (c.seen[r] ?? 0) === 0)) return 0;
    const had = kindOf.get(value);
    if (had !== undefined) return had;
    const other = value === OFF ? ('inapplicable' as const) : (c.distributions[value] ?? own);
    const made = other === 'inapplicable' || other.kind === own.kind ? kinds.push(other) - 1 : 0;
    kindOf.set(value, made);
    return made;
  });
  const [first, ...calls] = callsOf(c.character, kinds, misread);
  if (!first || first.length < 2) return null;
  const order = [...first.keys()].sort((x, y) => (first[y] ?? 0) - (first[x] ?? 0));
  const ratios = new Float64Array(order.length * rivals.length).fill(1);
  order.forEach((outcome, k) => {
    const often = first[outcome] ?? 0;
    if (often <= 0) return;
    kind.forEach((of, r) => {
      if (of > 0) ratios[k * rivals.length + r] = (calls[of - 1]?.[outcome] ?? 0) / often;
    });
  });
  return { atTree: Float64Array.from(order, (outcome) => first[outcome] ?? 0), ratios };
}

/** How the draws that have the same calls so far come out, added up. */
interface Tally {
  expected: number;
  right: number;
}

/** Adds what draws come to whose calls give the look-alikes these odds. */
function count(tally: Tally, draws: number, odds: Float64Array, from: number, rivals: number): void {
  let sum = 1;
  let most = 0;
  let ties = 0;
  for (let r = from; r < from + rivals; r += 1) {
    const o = odds[r] ?? 0;
    sum += o;
    if (o > most) most = o;
    if (o === 1) ties += 1;
  }
  tally.expected += draws / sum;
  // A tie between the tree and others is a guess among them.
  tally.right += most > 1 ? 0 : draws / (1 + ties);
}

/**
 * Draws what is called at the tree, character by character: of the draws that agree so far each call gets its share,
 * and one number decides how what does not come out even falls, so that each call keeps its chance.
 */
function drawCalls(tables: readonly Calls[], rivals: number, draws: number): Tally {
  const next = seeded(SEED);
  const tally: Tally = { expected: 0, right: 0 };
  // One row of odds for each character, so that those of the calls so far stay while the next are tried.
  const odds = new Float64Array((tables.length + 1) * rivals).fill(1);
  const spread = (at: number, agree: number): void => {
    const table = tables[at];
    const from = at * rivals;
    if (!table) return count(tally, agree, odds, from, rivals);
    const { atTree, ratios } = table;
    const start = next();
    let share = 0;
    let placed = 0;
    for (let k = 0; k < atTree.length && placed < agree; k += 1) {
      share += atTree[k] ?? 0;
      const upTo = k === atTree.length - 1 ? agree : Math.min(agree, Math.ceil(agree * share - start));
      if (upTo <= placed) continue;
      for (let r = 0; r < rivals; r += 1)
        odds[from + rivals + r] = (odds[from + r] ?? 0) * (ratios[k * rivals + r] ?? 1);
      spread(at + 1, upTo - placed);
      placed = upTo;
    }
  };
  spread(0, draws);
  return tally;
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
  // What is called most surely is drawn first: draws agree for longer.
  tables.sort((x, y) => (y.atTree[0] ?? 0) - (x.atTree[0] ?? 0));
  const { expected, right } = drawCalls(tables, places.length, draws);
  return { expected: expected / draws, right: right / draws };
}
