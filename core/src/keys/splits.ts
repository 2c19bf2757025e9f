import { isSubjective } from '../characters/index.ts';
import { NONE, OFF } from './asked.ts';
import type { Asked } from './asked.ts';
import type { Lead } from './types.ts';

/** A member at a node: its place in the list, how likely it is to come here, in how many places it may yet stand. */
export interface Member {
  readonly i: number;
  readonly weight: number;
  readonly places: number;
}

/** A way to part the members of a node. */
export interface Split {
  readonly asked: Asked;
  readonly leads: readonly Omit<Lead, 'to'>[];
  readonly members: readonly (readonly Member[])[];
  /** Members that may show more leads than there are places for. */
  readonly surplus: readonly number[];
  /** What it costs beside the effort of looking: further places make a key longer, and surplus leads astray. */
  readonly penalty: number;
  /** Bits gained for each unit of effort. */
  readonly score: number;
}

/** What one more place for a species costs, and one lead that does not take it, in effort. */
const FURTHER = 0.25;
const ASTRAY = 20;

/** A way to part a node before its members are sent: leads as masks of states, or two sides of a number. */
interface Way {
  readonly asked: Asked;
  readonly masks: readonly number[];
  readonly cut: number | null;
  readonly penalty: number;
  readonly score: number;
}

/** The share of a member that a lead takes; one of which nothing is known is shared out evenly. */
function shareIn(a: Asked, i: number, masks: readonly number[], cut: number | null, lead: number): number {
  if (cut !== null) {
    if (a.masks[i] !== 1) return 0.5;
    return (a.high?.[i] ?? 0) <= cut === (lead === 0) ? 1 : 0;
  }
  const own = a.masks[i] ?? NONE;
  if (own === NONE) return 1 / masks.length;
  const taken = own & (masks[lead] ?? 0);
  if (taken === 0) return 0;
  if (taken === own) return 1;
  const n = a.states.length;
  let share = 0;
  for (let k = 0; k < n; k += 1) if (taken & (1 << k)) share += a.shares[i * n + k] ?? 0;
  return share;
}

/** What a way is worth, without sending anybody; null where a lead would take all or nobody, or nothing is gained. */
function weigh(a: Asked, node: readonly Member[], masks: readonly number[], cut: number | null): Way | null {
  const n = masks.length;
  const weight = [0, 0, 0, 0];
  const logs = [0, 0, 0, 0];
  const heads = [0, 0, 0, 0];
  let total = 0;
  let before = 0;
  let further = 0;
  let lost = 0;
  for (const m of node) {
    let taken = 0;
    total += m.weight;
    before += m.weight * Math.log2(m.weight);
    for (let l = 0; l < n; l += 1) {
      const share = shareIn(a, m.i, masks, cut, l);
      if (share <= 0) continue;
      taken += 1;
      const w = m.weight * share;
      weight[l] = (weight[l] ?? 0) + w;
      logs[l] = (logs[l] ?? 0) + w * Math.log2(w);
      heads[l] = (heads[l] ?? 0) + 1;
    }
    if (taken > m.places) lost += 1;
    further += Math.min(taken, m.places) - 1;
  }
  let after = 0;
  for (let l = 0; l < n; l += 1) {
    const w = weight[l] ?? 0;
    const h = heads[l] ?? 0;
    if (h === 0 || (h >= node.length && lost === 0)) return null;
    after += w * Math.log2(w) - (logs[l] ?? 0);
  }
  const gain = (total * Math.log2(total) - before - after) / total;
  if (gain <= 1e-9) return null;
  const penalty = FURTHER * further + ASTRAY * lost;
  return { asked: a, masks, cut, penalty, score: (gain - penalty / total) / a.effort };
}

/** Sends each member down the leads it may show, as many as it has places for. */
function send({ asked: a, masks, cut, penalty, score }: Way, node: readonly Member[]): Split | null {
  const members: Member[][] = masks.map(() => []);
  const surplus: number[] = [];
  for (const m of node) {
    const shares = masks.map((_, l) => shareIn(a, m.i, masks, cut, l));
    const into = masks.map((_, l) => l).filter((l) => (shares[l] ?? 0) > 0);
    into.sort((x, y) => (shares[y] ?? 0) - (shares[x] ?? 0));
    const taken = into.slice(0, m.places);
    if (taken.length < into.length) surplus.push(m.i);
    const whole = taken.reduce((sum, l) => sum + (shares[l] ?? 0), 0);
    taken.forEach((l, n) => {
      const places = Math.floor(m.places / taken.length) + (n < m.places % taken.length ? 1 : 0);
      members[l]?.push({ i: m.i, weight: (m.weight * (shares[l] ?? 0)) / whole, places });
    });
  }
  if (members.some((l) => l.length === 0 || l.length >= node.length)) return null;
  const leads: Split['leads'] =
    cut === null
      ? masks.map((mask) => ({ states: a.states.filter((_, k) => mask & (1 << k)) }))
      : [
          { states: [], range: { from: null, to: cut } },
          { states: [], range: { from: cut, to: null } },
        ];
  return { asked: a, leads, members, surplus, penalty, score };
}

function waysByStates(a: Asked, node: readonly Member[], most: number): readonly Way[] {
  let present = 0;
  for (const m of node) present |= a.masks[m.i] ?? 0;
  const each: number[] = [];
  for (let k = 0; k < a.states.length; k += 1) if (present & (1 << k)) each.push(1 << k);
  if (each.length < 2) return [];
  const masks: (readonly number[])[] = [];
  if (each.length <= most) masks.push(each);
  if (each.length > 2) {
    const twos = new Set<number>();
    for (const g of [...each, ...a.groups.map((x) => x & present)]) {
      if (g !== 0 && g !== present && !twos.has(present & ~g)) twos.add(g);
    }
    for (const g of twos) masks.push([g, present & ~g]);
  }
  return masks.flatMap((m) => weigh(a, node, m, null) ?? []);
}

/** Breaks in gaps: where no member's numbers reach across. */
function waysByNumbers(a: Asked, node: readonly Member[]): readonly Way[] {
  const { low, high } = a;
  if (!low || !high) return [];
  const known = node.filter((m) => a.masks[m.i] === 1).sort((x, y) => (low[x.i] ?? 0) - (low[y.i] ?? 0));
  const ways: Way[] = [];
  let top = -Infinity;
  for (const m of known) {
    const next = low[m.i] ?? 0;
    if (top > -Infinity && next > top) {
      const way = weigh(a, node, [0, 0], a.character.kind === 'count' ? top : tidy(top, next));
      if (way) ways.push(way);
    }
    top = Math.max(top, high[m.i] ?? 0);
  }
  return ways;
}

/** A number between two others with as few digits as will do. */
function tidy(from: number, to: number): number {
  const middle = (from + to) / 2;
  for (let digits = 1; digits < 12; digits += 1) {
    const n = Number(middle.toPrecision(digits));
    if (n > from && n < to) return n;
  }
  return middle;
}

/**
 * The best ways to part the members of a node, by bits for each unit of effort; a character that does not apply to one
 * of them is not asked.
 * @param leads the most leads of a couplet; `most` how many ways are wanted; `pinned` where a person chooses among them.
 */
export function splitsOf(
  all: readonly Asked[],
  node: readonly Member[],
  leads: number,
  most = Infinity,
  pinned = false,
): readonly Split[] {
  const ways: Way[] = [];
  // A matter of judgement never leads a key.
  const whole = node.length === all[0]?.masks.length;
  for (const a of all) {
    if (node.some((m) => a.masks[m.i] === OFF)) continue;
    if (whole && !pinned && isSubjective(a.character.id)) continue;
    ways.push(...(a.low ? waysByNumbers(a, node) : waysByStates(a, node, leads)));
  }
  ways.sort((x, y) => y.score - x.score);
  const found: Split[] = [];
  for (const way of ways) {
    if (found.length >= most) break;
    const split = send(way, node);
    if (split) found.push(split);
  }
  return found;
}
