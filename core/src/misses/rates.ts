import { CALLED } from './groups.ts';
import type { Layout } from './layout.ts';
import { expit } from './prior.ts';

const FLOOR = 1e-9;

/** A chance with its slopes along the logit of a miss rate, along its split, and along what a question prompts. */
export interface Sloped {
  readonly value: number;
  readonly alongRate: number;
  readonly alongSplit: number;
  readonly alongPrompt: number;
}

/** A miss rate split into not used and misread: 1 − m = (1 − u)(1 − e), with 1 − e = (1 − m)^r. */
export const splitOf = (m: number, r: number): { readonly u: number; readonly e: number } => ({
  u: 1 - (1 - m) ** (1 - r),
  e: 1 - (1 - m) ** r,
});

/**
 * How often a character is read wrong once it is looked at.
 * @param x logit of the miss rate. @param rho logit of the share of it that is misreading.
 */
export function misreadAt(x: number, rho: number): Sloped {
  const m = expit(x);
  const r = expit(rho);
  const keep = (1 - m) ** r;
  return {
    value: Math.min(1 - FLOOR, Math.max(FLOOR, 1 - keep)),
    alongRate: r * keep * m,
    alongSplit: -keep * Math.log(1 - m) * r * (1 - r),
    alongPrompt: 0,
  };
}

/**
 * How often a character fails to rule a rival out: as it is missed where nobody asked for it; always where it was called
 * wrong; where it was called right, as often as it is left unused though asked for.
 * Source: docs/formulas.md, The miss model.
 */
export function missedAt(x: number, rho: number, prompt: number, called: number): Sloped {
  if (called === CALLED.wrong) return { value: 1, alongRate: 0, alongSplit: 0, alongPrompt: 0 };
  const m = expit(x);
  if (called === CALLED.not) return { value: m, alongRate: m * (1 - m), alongSplit: 0, alongPrompt: 0 };
  const r = expit(rho);
  const log = Math.log(1 - m);
  const u = Math.min(1 - FLOOR, Math.max(FLOOR, 1 - (1 - m) ** (1 - r)));
  const now = expit(Math.log(u / (1 - u)) + prompt);
  const slope = now * (1 - now);
  return {
    value: now,
    alongRate: (slope * (1 - r) * m) / u,
    alongSplit: (slope * log * r * (1 - r)) / u,
    alongPrompt: slope,
  };
}

/**
 * How often each evidence group is missed at each time and however it was called, and how often it is misread: few numbers
 * that all looks share, worked out once for a pass over them.
 */
export interface RateTables {
  /** Place of an evidence group's figures at a time, called in a way. */
  readonly at: (time: number, group: number, called: number) => number;
  readonly missed: Float64Array;
  readonly alongRate: Float64Array;
  readonly alongSplit: Float64Array;
  readonly alongPrompt: Float64Array;
  readonly misread: (time: number, group: number) => Sloped;
  /** Works all of them out at some parameters. */
  readonly read: (theta: Float64Array) => void;
}

const WAYS = 3;

export function rateTables(l: Layout): RateTables {
  const groups = l.groups.length;
  const size = l.times.length * groups * WAYS;
  const [missed, alongRate, alongSplit, alongPrompt] = [0, 1, 2, 3].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const misreads: Sloped[] = [];
  const at = (time: number, group: number, called: number): number => (time * groups + group) * WAYS + called;
  return {
    at,
    missed,
    alongRate,
    alongSplit,
    alongPrompt,
    misread: (time, group) => misreads[time * groups + group] ?? misreadAt(0, 0),
    read: (theta) => {
      l.times.forEach((weeks, time) => {
        for (let g = 0; g < groups; g += 1) {
          const x = (theta[g] ?? 0) + weeks * (theta[l.slope] ?? 0);
          const rho = theta[l.split + g] ?? 0;
          misreads[time * groups + g] = misreadAt(x, rho);
          for (let called = 0; called < WAYS; called += 1) {
            const m = missedAt(x, rho, theta[l.prompt] ?? 0, called);
            const place = at(time, g, called);
            missed[place] = m.value;
            alongRate[place] = m.alongRate;
            alongSplit[place] = m.alongSplit;
            alongPrompt[place] = m.alongPrompt;
          }
        }
      });
    },
  };
}
