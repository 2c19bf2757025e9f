import { Matrix, inverse } from 'ml-matrix';
import { chancesOf, outcomesOf, readParameters, roomFor } from './chances.ts';
import type { Room } from './chances.ts';
import { CALLED } from './groups.ts';
import type { LookGroup } from './groups.ts';
import type { Layout } from './layout.ts';
import { SLIP_PRIOR, expit } from './prior.ts';

/** How uncertain every parameter is at the mode, on its own scale. */
export interface Uncertainty {
  /** The wider of curvature with dispersion and of the sandwich clustered by student. */
  readonly sd: Float64Array;
  /** What the prior alone leaves. */
  readonly priorSd: Float64Array;
  /** What would be left of one parameter were all others known. */
  readonly aloneSd: Float64Array;
  readonly correlation: (i: number, j: number) => number;
  /** The inverse of the expected information and the prior's. */
  readonly covariance: Matrix;
  /** How much more the answers scatter than the model says, at least 1 (Fletcher 2012). */
  readonly dispersion: number;
}

/**
 * Where the parameters of one group of looks are among its own and among all; -1 for those that its names do not depend on.
 */
interface Local {
  readonly at: Int32Array;
  /** By evidence group at hand. */
  readonly rate: Int32Array;
  readonly split: Int32Array;
  readonly own: number;
  /** By rival. */
  readonly ready: Int32Array;
  readonly level: Int32Array;
  readonly slip: number;
  readonly prompt: number;
  readonly slope: number;
  /** Places of each call's logit and of its split. */
  readonly calls: readonly (readonly [rate: number, split: number])[];
}

function localOf(g: LookGroup, l: Layout): Local {
  const at: number[] = [];
  const places = new Map<number, number>();
  const place = (parameter: number): number => {
    const had = places.get(parameter);
    if (had !== undefined) return had;
    places.set(parameter, at.length);
    return at.push(parameter) - 1;
  };
  const rate = Int32Array.from(g.dims, place);
  const split = g.dims.map((d, j) => (g.called[j] === CALLED.right ? place(l.split + d) : -1));
  const own = place(l.ready + g.truth);
  const ready = g.rivals.map((r) => place(l.ready + r));
  const level = g.levels.map((v) => (v < 0 ? -1 : place(l.levels + v)));
  const slip = place(l.slip);
  const prompt = g.called.includes(CALLED.right) ? place(l.prompt) : -1;
  const slope = (l.times[g.time] ?? 0) === 0 ? -1 : place(l.slope);
  const calls = g.calls.map((c) => [place(c.group), place(l.split + c.group)] as const);
  return { at: Int32Array.from(at), rate, split, own, ready, level, slip, prompt, slope, calls };
}

const addAt = (row: Float64Array, place: number, by: number): void => {
  if (place >= 0) row[place] = (row[place] as number) + by;
};

/** Slopes of what one rival's name comes to. */
function slopeOfName(g: LookGroup, l: Layout, room: Room, at: Local, i: number): Float64Array {
  const row = new Float64Array(at.at.length);
  const d = g.dims.length;
  const u = g.profiles;
  const { tables, place, missed, alone, both, total, weight, named, under, ownWeight } = room;
  const { overlap } = g;
  const p = g.profile[i] as number;
  const share = named[i] as number;
  const [f, q, w] = [alone[p] as number, under[i] as number, weight[i] as number];
  if (f <= 0 || q <= 0) return row;
  addAt(row, at.own, (-share * f * ownWeight) / q);
  for (let k = 0; k < g.rivals.length; k += 1) {
    const together = both[p * u + (g.profile[k] as number)] as number;
    const by = k === i ? share * (1 - (f * w) / q) : (-share * (weight[k] as number) * together) / q;
    addAt(row, at.ready[k] as number, by);
    addAt(row, at.level[k] as number, by);
  }
  const pull = share * (2 - (f * (ownWeight + w)) / q);
  for (let j = 0; j < d; j += 1) {
    const m = missed[j] as number;
    const o = overlap[p * d + j] as number;
    let by = o < 1 ? (pull * (1 - o)) / (m + (1 - m) * o) : 0;
    for (let k = 0; k < u; k += 1) {
      const two = o * (overlap[k * d + j] as number);
      if (two === 1) continue;
      const others = (total[k] as number) - (k === p ? w : 0);
      by -= (share * others * (both[p * u + k] as number) * (1 - two)) / (q * (m + (1 - m) * two));
    }
    const t = place[j] as number;
    const alongRate = by * (tables.alongRate[t] ?? 0);
    addAt(row, at.rate[j] as number, alongRate);
    addAt(row, at.split[j] as number, by * (tables.alongSplit[t] ?? 0));
    addAt(row, at.prompt, by * (tables.alongPrompt[t] ?? 0));
    addAt(row, at.slope, alongRate * (l.times[g.time] ?? 0));
  }
  return row;
}

/** Slopes of the log chance of each outcome: of each rival, of other names, of the right one. */
function scoresOf(g: LookGroup, l: Layout, room: Room, at: Local, p: Float64Array): readonly Float64Array[] {
  const { slip } = room;
  const rest = Math.max(1e-12, 1 - room.wrong);
  const right = new Float64Array(at.at.length);
  const scores = [...g.rivals].map((_, i) => {
    const row = slopeOfName(g, l, room, at, i);
    const chance = p[i] as number;
    const own = new Float64Array(row.length);
    for (let k = 0; k < row.length; k += 1) {
      const v = row[k] as number;
      own[k] = ((1 - slip) * v) / chance;
      right[k] = (right[k] as number) - v / rest;
    }
    own[at.slip] = (slip * (1 - slip) * (1 / g.others - (room.named[i] as number))) / chance;
    return own;
  });
  const other = new Float64Array(at.at.length);
  other[at.slip] = 1 - slip;
  right[at.slip] = -slip;
  return [...scores, other, right];
}

/** Slopes of the log chance of a call, wrong and right, and the chance that it is wrong. */
interface CallScore {
  readonly wrong: Float64Array;
  readonly right: Float64Array;
  readonly e: number;
}

function callScores(g: LookGroup, l: Layout, room: Room, at: Local): readonly CallScore[] {
  return g.calls.map(({ group }, i): CallScore => {
    const { value: e, alongRate, alongSplit } = room.tables.misread(g.time, group);
    const [rate, split] = at.calls[i] ?? [0, 0];
    const along = new Float64Array(at.at.length);
    along[rate] = alongRate;
    along[split] = alongSplit;
    addAt(along, at.slope, alongRate * (l.times[g.time] ?? 0));
    return { wrong: along.map((v) => v / e), right: along.map((v) => -v / (1 - e)), e };
  });
}

/** What is added up over groups. */
interface Sums {
  readonly information: Float64Array;
  readonly scores: Float64Array;
  chi: number;
  tilt: number;
  cells: number;
  free: number;
}

function addOuter(
  info: Float64Array,
  size: number,
  at: ArrayLike<number>,
  v: Float64Array,
  by: number,
): void {
  if (by === 0) return;
  for (let i = 0; i < at.length; i += 1) {
    const a = (v[i] as number) * by;
    if (a === 0) continue;
    const own = at[i] as number;
    // Half is enough: the other half is its mirror.
    for (let k = 0; k <= i; k += 1) {
      const other = at[k] as number;
      const cell = own > other ? own * size + other : other * size + own;
      info[cell] = (info[cell] as number) + a * (v[k] as number);
    }
  }
}

/** The whole of a matrix of which the lower half was added up. */
function mirrored(half: Float64Array, size: number): Matrix {
  const whole = Matrix.from1DArray(size, size, half);
  for (let i = 0; i < size; i += 1) for (let k = 0; k < i; k += 1) whole.set(k, i, whole.get(i, k));
  return whole;
}

/** Adds the scores of those who gave an answer. */
function addScores(
  sums: Sums,
  size: number,
  at: Int32Array,
  who: readonly number[],
  scores: readonly Float64Array[],
): void {
  for (const student of who) {
    const row = student * size;
    for (const score of scores)
      for (let k = 0; k < at.length; k += 1) {
        const place = at[k] as number;
        if (place >= 0)
          sums.scores[row + place] = (sums.scores[row + place] as number) + (score[k] as number);
      }
  }
}

function addGroup(g: LookGroup, theta: Float64Array, l: Layout, room: Room, sums: Sums): void {
  chancesOf(g, theta, l, room);
  const p = outcomesOf(g, room);
  const local = localOf(g, l);
  const calls = callScores(g, l, room, local);
  for (const c of calls) {
    addOuter(sums.information, l.size, local.at, c.wrong, g.looks * c.e);
    addOuter(sums.information, l.size, local.at, c.right, g.looks * (1 - c.e));
  }
  const called = calls.map((c, i) => (g.calls[i]?.right ? c.right : c.wrong));
  scoresOf(g, l, room, local, p).forEach((score, o) => {
    const expected = g.looks * (p[o] ?? 0);
    if (expected <= 0) return;
    addOuter(sums.information, l.size, local.at, score, expected);
    const off = (g.counts[o] ?? 0) - expected;
    sums.chi += (off * off) / expected;
    sums.tilt += off / expected;
    sums.cells += 1;
    sums.free += 1;
    addScores(sums, l.size, local.at, g.who[o] ?? [], [score, ...called]);
  });
  sums.free -= 1;
}

/** Σ over students of the outer product of the sum of their scores. */
function meatOf(scores: Float64Array, students: number, size: number): Matrix {
  const meat = new Float64Array(size * size);
  const all = Array.from({ length: size }, (_, i) => i);
  for (let s = 0; s < students; s += 1) {
    const row = scores.subarray(s * size, (s + 1) * size);
    const used = all.filter((i) => row[i] !== 0);
    addOuter(
      meat,
      size,
      used,
      Float64Array.from(used, (i) => row[i] ?? 0),
      1,
    );
  }
  return mirrored(meat, size);
}

function dispersionOf({ chi, tilt, cells, free }: Sums, spent: number): number {
  const degrees = free - spent;
  if (degrees < 1 || cells === 0) return 1;
  return Math.max(1, chi / degrees / Math.max(0.1, 1 + tilt / cells));
}

/**
 * Works out how uncertain the mode is: expected information from the scores in one pass, widened by Fletcher's dispersion,
 * and a sandwich clustered by student; the wider counts. Source: docs/formulas.md, The miss model.
 */
export function uncertaintyOf(
  groups: readonly LookGroup[],
  theta: Float64Array,
  l: Layout,
  students: number,
): Uncertainty {
  const { size } = l;
  const room = roomFor(groups, l);
  readParameters(theta, l, room);
  const sums: Sums = {
    information: new Float64Array(size * size),
    scores: new Float64Array(students * size),
    chi: 0,
    tilt: 0,
    cells: 0,
    free: 0,
  };
  for (const g of groups) addGroup(g, theta, l, room, sums);
  const [a, b] = SLIP_PRIOR;
  const slip = expit(theta[l.slip] ?? 0);
  const precision = Float64Array.from(l.sd, (sd, i) =>
    i === l.slip ? (a + b) * slip * (1 - slip) : 1 / (sd * sd),
  );
  const information = mirrored(sums.information, size);
  const prior = Matrix.diag([...precision]);
  const plain = inverse(Matrix.add(information, prior));
  let spent = 0;
  for (let i = 0; i < size; i += 1)
    for (let k = 0; k < size; k += 1) spent += information.get(i, k) * plain.get(k, i);
  const dispersion = dispersionOf(sums, spent);
  const spread =
    dispersion === 1 ? plain : inverse(Matrix.add(Matrix.mul(information, 1 / dispersion), prior));
  const sandwich = plain.mmul(Matrix.add(meatOf(sums.scores, students, size), prior)).mmul(plain);
  const at = (m: Matrix, i: number): number => Math.sqrt(Math.max(0, m.get(i, i)));
  return {
    sd: Float64Array.from({ length: size }, (_, i) => Math.max(at(spread, i), at(sandwich, i))),
    priorSd: Float64Array.from(precision, (p) => 1 / Math.sqrt(p)),
    aloneSd: Float64Array.from(precision, (p, i) => 1 / Math.sqrt(p + information.get(i, i) / dispersion)),
    covariance: plain,
    correlation: (i, j) => spread.get(i, j) / (at(spread, i) * at(spread, j)),
    dispersion,
  };
}
