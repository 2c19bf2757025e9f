import type { LookGroup } from './groups.ts';
import type { Layout } from './layout.ts';
import { expit } from './prior.ts';
import { rateTables } from './rates.ts';
import type { RateTables } from './rates.ts';

/** Room for the chances of one group of looks; used again for each. */
export interface Room {
  readonly tables: RateTables;
  /** Place of each evidence group at hand in the tables, and how often it is missed. */
  readonly place: Int32Array;
  readonly missed: Float64Array;
  /** How often a rival of each profile survives a look. */
  readonly alone: Float64Array;
  /** How often two survive it together, profile by profile. */
  readonly both: Float64Array;
  /** The weights of all rivals of each profile together. */
  readonly total: Float64Array;
  readonly weight: Float64Array;
  /** w·F·F / (F·(w of the tree + w) + Σ w·FBC) of each rival. */
  readonly named: Float64Array;
  readonly under: Float64Array;
  /** The weight of each species' name. */
  readonly ready: Float64Array;
  ownWeight: number;
  slip: number;
  /** The sum of what is named wrong but for slips. */
  wrong: number;
}

export function roomFor(groups: readonly LookGroup[], l: Layout): Room {
  const r = groups.reduce((most, g) => Math.max(most, g.rivals.length), 1);
  const u = groups.reduce((most, g) => Math.max(most, g.profiles), 1);
  const d = groups.reduce((most, g) => Math.max(most, g.dims.length), 1);
  return {
    tables: rateTables(l),
    place: new Int32Array(d),
    missed: new Float64Array(d),
    alone: new Float64Array(u),
    both: new Float64Array(u * u),
    total: new Float64Array(u),
    weight: new Float64Array(r),
    named: new Float64Array(r),
    under: new Float64Array(r),
    ready: new Float64Array(l.species.length),
    ownWeight: 1,
    slip: 0,
    wrong: 0,
  };
}

/** Reads what all groups share at some parameters; before any `chancesOf`. */
export function readParameters(theta: Float64Array, l: Layout, room: Room): void {
  room.tables.read(theta);
  room.slip = expit(theta[l.slip] ?? 0);
  for (let i = 0; i < l.species.length; i += 1) room.ready[i] = Math.exp(theta[l.ready + i] ?? 0);
}

/** How often a rival of each profile survives a look, and each two of them together. */
function survive(g: LookGroup, { missed, alone, both }: Room): void {
  const d = g.dims.length;
  const u = g.profiles;
  const { overlap } = g;
  for (let i = 0; i < u; i += 1) {
    let f = 1;
    for (let j = 0; j < d; j += 1) {
      const o = overlap[i * d + j] as number;
      const m = missed[j] as number;
      if (o < 1) f *= m + (1 - m) * o;
    }
    alone[i] = f;
    for (let k = 0; k <= i; k += 1) {
      let two = 1;
      for (let j = 0; j < d; j += 1) {
        const o = (overlap[i * d + j] as number) * (overlap[k * d + j] as number);
        const m = missed[j] as number;
        if (o < 1) two *= m + (1 - m) * o;
      }
      both[i * u + k] = two;
      both[k * u + i] = two;
    }
  }
}

/**
 * What each rival's name comes to in a group of looks, but for slips: N_B = w_B·F_B / (w_A + w_B + Σ_C w_C·F_BC/F_B). Then
 * P(B|A) = ε/(L−1) + (1−ε)·N_B for a rival, ε/(L−1) for any other name, and the rest is the right one.
 * Source: docs/formulas.md, The miss model.
 */
export function compete(g: LookGroup, room: Room): void {
  survive(g, room);
  const n = g.rivals.length;
  const u = g.profiles;
  const { alone, both, total, weight, named, under } = room;
  total.fill(0, 0, u);
  for (let i = 0; i < n; i += 1) {
    const p = g.profile[i] as number;
    total[p] = (total[p] as number) + (weight[i] as number);
  }
  room.wrong = 0;
  for (let i = 0; i < n; i += 1) {
    const p = g.profile[i] as number;
    const f = alone[p] as number;
    const w = weight[i] as number;
    let q = f * (room.ownWeight + w) - w * (both[p * u + p] as number);
    for (let k = 0; k < u; k += 1) q += (total[k] as number) * (both[p * u + k] as number);
    under[i] = q;
    const share = q > 0 ? (w * f * f) / q : 0;
    named[i] = share;
    room.wrong += share;
  }
}

/** The competition in a group of looks at the parameters that were read. */
export function chancesOf(g: LookGroup, theta: Float64Array, l: Layout, room: Room): void {
  const { tables, place, missed, weight, ready } = room;
  for (let j = 0; j < g.dims.length; j += 1) {
    const at = tables.at(g.time, g.dims[j] as number, g.called[j] as number);
    place[j] = at;
    missed[j] = tables.missed[at] as number;
  }
  room.ownWeight = ready[g.truth] ?? 1;
  for (let i = 0; i < g.rivals.length; i += 1) {
    const level = g.levels[i] as number;
    const own = ready[g.rivals[i] as number] ?? 1;
    weight[i] = level < 0 ? own : own * Math.exp(theta[l.levels + level] ?? 0);
  }
  compete(g, room);
}

/** The chances themselves: of each rival, of all other names together, and of the right one; they add up to 1. */
export function outcomesOf(g: LookGroup, room: Room): Float64Array {
  const n = g.rivals.length;
  const found = new Float64Array(n + 2);
  const slip = room.slip / g.others;
  for (let i = 0; i < n; i += 1) found[i] = slip + (1 - room.slip) * (room.named[i] ?? 0);
  found[n] = slip * Math.max(0, g.others - n);
  found[n + 1] = (1 - room.slip) * (1 - room.wrong);
  return found;
}
