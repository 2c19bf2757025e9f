import { chancesOf, readParameters, roomFor } from './chances.ts';
import type { Room } from './chances.ts';
import type { LookGroup } from './groups.ts';
import type { Layout } from './layout.ts';
import { SLIP_PRIOR, expit } from './prior.ts';

const LEAST = 1e-12;

/** What the chances of one group of looks move by, as its rivals survive more or less often. */
interface Pulls {
  /** Along how often each rival survives. */
  readonly alone: Float64Array;
  /** Along how often two survive together. */
  readonly both: Float64Array;
  readonly named: Float64Array;
}

const pullsFor = (room: Room): Pulls => ({
  alone: new Float64Array(room.alone.length),
  both: new Float64Array(room.both.length),
  named: new Float64Array(room.named.length),
});

/** Log-likelihood of the names of a group; adds its slopes along readiness and slips, and fills the pulls. */
function namesOf(g: LookGroup, l: Layout, room: Room, pulls: Pulls, slope: Float64Array): number {
  const n = g.rivals.length;
  const { alone, both, weight, named, under, slip, ownWeight } = room;
  const each = slip / g.others;
  const rest = Math.max(LEAST, 1 - room.wrong);
  const right = g.counts[n + 1] ?? 0;
  const other = g.counts[n] ?? 0;
  let value = right * Math.log((1 - slip) * rest) + (other > 0 ? other * Math.log(each) : 0);
  let alongSlip = other / slip - right / (1 - slip);
  for (let i = 0; i < n; i += 1) {
    const count = g.counts[i] ?? 0;
    const p = each + (1 - slip) * (named[i] as number);
    if (count > 0) {
      value += count * Math.log(p);
      alongSlip += (count * (1 / g.others - (named[i] as number))) / p;
    }
    pulls.named[i] = (count * (1 - slip)) / p - right / rest;
  }
  slope[l.slip] = (slope[l.slip] as number) + alongSlip * slip * (1 - slip);
  const own = l.ready + g.truth;
  for (let i = 0; i < n; i += 1) {
    const q = under[i] ?? 1;
    const pull = (pulls.named[i] as number) * (named[i] as number);
    const f = alone[i] ?? 0;
    const w = weight[i] ?? 1;
    if (f <= 0 || q <= 0) {
      pulls.alone[i] = 0;
      continue;
    }
    pulls.alone[i] = pull * (2 / f - (ownWeight + w) / q);
    slope[own] = (slope[own] as number) - (pull * f * ownWeight) / q;
    addReady(g, l, i, pull * (1 - (f * w) / q), slope);
    for (let k = 0; k < n; k += 1) {
      if (k === i) continue;
      const by = (pull * (weight[k] as number)) / q;
      pulls.both[i * n + k] = -by;
      addReady(g, l, k, -by * (both[i * n + k] as number), slope);
    }
  }
  return value;
}

function addReady(g: LookGroup, l: Layout, i: number, by: number, slope: Float64Array): void {
  const at = l.ready + (g.rivals[i] ?? 0);
  slope[at] = (slope[at] ?? 0) + by;
  const level = g.levels[i] ?? -1;
  if (level >= 0) slope[l.levels + level] = (slope[l.levels + level] ?? 0) + by;
}

/** Slopes along the miss rates: how often rivals survive, alone and two together. */
function ratesOf(g: LookGroup, l: Layout, room: Room, pulls: Pulls, slope: Float64Array): void {
  const n = g.rivals.length;
  const d = g.dims.length;
  const { tables, place, missed, alone, both } = room;
  const { overlap } = g;
  for (let j = 0; j < d; j += 1) {
    const at = place[j] as number;
    const [alongRate, alongPrompt] = [tables.alongRate[at] ?? 0, tables.alongPrompt[at] ?? 0];
    if (alongRate === 0 && alongPrompt === 0) continue;
    const m = missed[j] as number;
    let sum = 0;
    for (let i = 0; i < n; i += 1) {
      const o = overlap[i * d + j] as number;
      if (o < 1) sum += ((pulls.alone[i] as number) * (alone[i] as number) * (1 - o)) / (m + (1 - m) * o);
      for (let k = 0; k < i; k += 1) {
        const two = o * (overlap[k * d + j] as number);
        if (two === 1) continue;
        const cell = i * n + k;
        const pull = (pulls.both[cell] as number) + (pulls.both[k * n + i] as number);
        sum += (pull * (both[cell] as number) * (1 - two)) / (m + (1 - m) * two);
      }
    }
    const group = g.dims[j] as number;
    add(slope, group, sum * alongRate);
    add(slope, l.slope, sum * alongRate * (l.times[g.time] ?? 0));
    add(slope, l.split + group, sum * (tables.alongSplit[at] ?? 0));
    add(slope, l.prompt, sum * alongPrompt);
  }
}

const add = (slope: Float64Array, at: number, by: number): void => {
  slope[at] = (slope[at] as number) + by;
};

/** Log-likelihood of the character questions of a group, with its slopes. */
function callsOf(g: LookGroup, l: Layout, room: Room, slope: Float64Array): number {
  let value = 0;
  for (const { group, right } of g.calls) {
    const { value: e, alongRate, alongSplit } = room.tables.misread(g.time, group);
    value += g.looks * Math.log(right ? 1 - e : e);
    const by = g.looks * (right ? -1 / (1 - e) : 1 / e);
    add(slope, group, by * alongRate);
    add(slope, l.slope, by * alongRate * (l.times[g.time] ?? 0));
    add(slope, l.split + group, by * alongSplit);
  }
  return value;
}

/**
 * The negative log posterior of the miss model and its slope, at parameters in units of their priors: θ = mean + sd·z.
 * @returns the value; the slope is written to `gradient`.
 */
export function objectiveOf(
  groups: readonly LookGroup[],
  l: Layout,
): (z: Float64Array, gradient: Float64Array) => number {
  const room = roomFor(groups, l);
  const pulls = pullsFor(room);
  const theta = new Float64Array(l.size);
  const slope = new Float64Array(l.size);
  const [a, b] = SLIP_PRIOR;
  return (z, gradient) => {
    slope.fill(0);
    for (let i = 0; i < l.size; i += 1) theta[i] = (l.mean[i] ?? 0) + (l.sd[i] ?? 1) * (z[i] ?? 0);
    let value = 0;
    readParameters(theta, l, room);
    for (const g of groups) {
      chancesOf(g, theta, l, room);
      value += namesOf(g, l, room, pulls, slope);
      ratesOf(g, l, room, pulls, slope);
      value += callsOf(g, l, room, slope);
    }
    const slip = expit(theta[l.slip] ?? 0);
    value += a * Math.log(slip) + b * Math.log(1 - slip);
    slope[l.slip] = (slope[l.slip] ?? 0) + a * (1 - slip) - b * slip;
    for (let i = 0; i < l.size; i += 1) {
      const prior = i === l.slip ? 0 : (z[i] ?? 0);
      value -= (prior * prior) / 2;
      gradient[i] = -((slope[i] ?? 0) * (l.sd[i] ?? 1) - prior);
    }
    return -value;
  };
}
