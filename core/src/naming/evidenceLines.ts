import type { Call, Named } from './posterior.ts';

/** How much a call says of one species against the list as a whole. */
export type Strength = 'strongly' | 'clearly' | 'a little';

export interface EvidenceLine {
  readonly call: Call;
  readonly speaks: 'for' | 'against';
  readonly strength: Strength;
}

/** Bits from which evidence is called so: four times as likely, one and a half times; below a tenth of a bit it says nothing. */
const STRONG = 2;
const CLEAR = Math.log2(1.5);
const LEAST = 0.1;

const strengthOf = (bits: number): Strength =>
  bits >= STRONG ? 'strongly' : bits >= CLEAR ? 'clearly' : 'a little';

/**
 * What speaks for a member of the list and what speaks against it, the strongest first, those for it before those against; calls
 * that do not count or say nothing of it are left out. Source: docs/formulas.md, Naming a tree.
 */
export function evidenceLines(named: Named, member: number): readonly EvidenceLine[] {
  const found = named.evidence
    .filter((e) => e.counts)
    .map((e) => ({ call: e.call, bits: e.bits[member] ?? 0 }))
    .filter((e) => Math.abs(e.bits) >= LEAST)
    .sort((x, y) => Math.abs(y.bits) - Math.abs(x.bits));
  return [...found.filter((e) => e.bits > 0), ...found.filter((e) => e.bits < 0)].map((e) => ({
    call: e.call,
    speaks: e.bits > 0 ? 'for' : 'against',
    strength: strengthOf(Math.abs(e.bits)),
  }));
}

/** How a candidate is spoken of. */
export type Fit = 'almost certain' | 'fits best' | 'fits as well' | 'still possible' | 'unlikely';

const CERTAIN = 0.95;
const UNLIKELY = 0.01;
/** The best and one that is as good: within a factor of two. */
const AS_GOOD = 0.5;

function fitOf(chance: number, best: number, hasRival: boolean): Fit {
  if (chance >= CERTAIN) return 'almost certain';
  if (chance < UNLIKELY) return 'unlikely';
  if (chance >= AS_GOOD * best) return hasRival ? 'fits as well' : 'fits best';
  return 'still possible';
}

/** How each member fits, by its place in the list. Of two that fit alike neither is called the best. */
export function fitsOf(named: Named): ReadonlyMap<number, Fit> {
  const [first, second] = named.ranking.map((i) => named.posterior[i] ?? 0);
  const best = first ?? 0;
  const hasRival = (second ?? 0) >= AS_GOOD * best;
  return new Map(named.ranking.map((i) => [i, fitOf(named.posterior[i] ?? 0, best, hasRival)] as const));
}
