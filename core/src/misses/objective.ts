import { chancesOf, readParameters, roomFor } from './chances.ts';
import type { Room } from './chances.ts';
import type { LookGroup } from './groups.ts';
import type { Layout } from './layout.ts';
import { SLIP_PRIOR, expit } from './prior.ts';

const LEAST = 1e-12;

/** What the chances of one group of looks move by, as its rivals survive more or less often. */
interface Pulls {
  /** Along how often a rival of each profile survives. */
  readonly alone: Float64Array;
  /** Along how often two survive together, profile by profile; the pair of two that are one counts at both places. */
  readonly both: Float64Array;
  /** Along what each rival's name comes to, over what it is divided by. */
  readonly named: Float64Array;
  /** The same of all rivals of each profile together. */
  readonly total: Float64Array;
}

const pullsFor = (room: Room): Pulls => ({
  alone: new Float64Array(room.alone.length),
  both: new Float64Array(room.both.length),
  named: new Float64Array(room.named.length),
  total: new Float64Array(room.total.length),
});

/** Log-likelihood of the names of a group; adds its slope along slips, and fills in the slopes along each name. */
function namesOf(g: LookGroup, l: Layout, room: Room, pulls: Pulls, slope: Float64Array): number {
  const n = g.rivals.length;
  const { named, slip } = room;
  const each = slip / g.others;
  const rest = Math.max(LEAST, 1 - room.wrong);
  const right = g.counts[n + 1] ?? 0;
  const other = g.counts[n] ?? 0;
  let value = right * Math.log((1 - slip) * rest) + (other > 0 ? other * Math.log(each) : 0);
  let alongSlip = other / slip - right / (1 - slip);
  for (let i = 0; i < n; i += 1) {
    const count = g.counts[i] as number;
    const p = each + (1 - slip) * (named[i] as number);
    if (count > 0) {
      value += count * Math.log(p);
      alongSlip += (count * (1 / g.others - (named[i] as number))) / p;
    }
    pulls.named[i] = (count * (1 - slip)) / p - right / rest;
  }
  slope[l.slip] = (slope[l.slip] ?? 0) + alongSlip * slip * (1 - slip);
  return value;
}

/** Slopes along readiness, and along how often profiles survive, from those along each name. */
function pullsOf(g: LookGroup, l: Layout, room: Room, pulls: Pulls, slope: Float64Array): void {
  const n = g.rivals.length;
  const u = g.profiles;
  const { alone, both, total, weight, named, under, ownWeight } = room;
  pulls.alone.fill(0, 0, u);
  pulls.total.fill(0, 0, u);
  pulls.both.fill(0, 0, u * u);
  const own = l.ready + g.truth;
  for (let i = 0; i < n; i += 1) {
    const p = g.profile[i] as number;
    const [f, q, w] = [alone[p] as number, under[i] as number, weight[i] as number];
    if (f <= 0 || q <= 0) {
      pulls.named[i] = 0;
      continue;
    }
    const pull = (pulls.named[i] as number) * (named[i] as number);
    const by = pull / q;
    pulls.named[i] = by;
    pulls.total[p] = (pulls.total[p] as number) + by;
    pulls.alone[p] = (pulls.alone[p] as number) + pull * (2 / f) - by * (ownWeight + w);
    pulls.both[p * u + p] = (pulls.both[p * u + p] as number) + by * w;
    slope[own] = (slope[own] as number) - by * f * ownWeight;
    addReady(g, l, i, pull - by * f * w, slope);
  }
  for (let p = 0; p < u; p += 1)
    for (let k = 0; k < u; k += 1)
      pulls.both[p * u + k] =
        (pulls.both[p * u + k] as number) - (pulls.total[p] as number) * (total[k] as number);
  for (let i = 0; i < n; i += 1) {
    const p = g.profile[i] as number;
    let sum = -(pulls.named[i] as number) * (both[p * u + p] as number);
    for (let k = 0; k < u; k += 1) sum += (pulls.total[k] as number) * (both[k * u + p] as number);
    addReady(g, l, i, -(weight[i] as number) * sum, slope);
  }
}

function addReady(g: LookGroup, l: Layout, i: number, by: number, slope: Float64Array): void {
  const at = l.ready + (g.rivals[i] ?? 0);
  slope[at] = (slope[at] ?? 0) + by;
  const level = g.levels[i] ?? -1;
  if (level >= 0) slope[l.levels + level] = (slope[l.levels + level] ?? 0) + by;
}

/** Slopes along the miss rates: how often profiles survive, alone and two together. */
function ratesOf(g: LookGroup, l: Layout, room: Room, pulls: Pulls, slope: Float64Array): void {
  const u = g.profiles;
  const d = g.dims.length;
  const { tables, place, missed, alone, both } = room;
  const { overlap } = g;
  for (let j = 0; j < d; j += 1) {
    const at = place[j] as number;
    const [alongRate, alongPrompt] = [tables.alongRate[at] ?? 0, tables.alongPrompt[at] ?? 0];
    if (alongRate === 0 && alongPrompt === 0) continue;
    const m = missed[j] as number;
    let sum = 0;
    for (let i = 0; i < u; i += 1) {
      const o = overlap[i * d + j] as number;
      if (o < 1) sum += ((pulls.alone[i] as number) * (alone[i] as number) * (1 - o)) / (m + (1 - m) * o);
      for (let k = 0; k <= i; k += 1) {
        const two = o * (overlap[k * d + j] as number);
        if (two === 1) continue;
        const cell = i * u + k;
        const pull = (pulls.both[cell] as number) + (k === i ? 0 : (pulls.both[k * u + i] as number));
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
      pullsOf(g, l, room, pulls, slope);
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
