import { Matrix, inverse } from 'ml-matrix';
import { chancesOf, outcomesOf, readParameters, roomFor } from './chances.ts';
import type { Room } from './chances.ts';
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
 * Where the parameters of one group of looks are among its own and among all: the logit of each evidence group and its
 * split, readiness of the tree and of each rival, the level of each, then slips, prompt and slope, then what else was called.
 */
interface Local {
  readonly at: Int32Array;
  readonly split: number;
  readonly own: number;
  readonly ready: number;
  readonly level: number;
  readonly slip: number;
  readonly prompt: number;
  readonly slope: number;
  /** Places of each call's logit and of its split. */
  readonly calls: readonly (readonly [rate: number, split: number])[];
}

function localOf(g: LookGroup, l: Layout): Local {
  const d = g.dims.length;
  const n = g.rivals.length;
  const own = 2 * d;
  const slip = own + 1 + 2 * n;
  const dims = [...g.dims];
  const extra = g.calls.filter((c) => !dims.includes(c.group));
  const at = new Int32Array(slip + 3 + 2 * extra.length).fill(-1);
  dims.forEach((group, j) => {
    at[j] = group;
    at[d + j] = l.split + group;
  });
  at[own] = l.ready + g.truth;
  g.rivals.forEach((r, i) => {
    at[own + 1 + i] = l.ready + r;
    const level = g.levels[i] ?? -1;
    if (level >= 0) at[own + 1 + n + i] = l.levels + level;
  });
  at.set([l.slip, l.prompt, l.slope], slip);
  extra.forEach((c, k) => at.set([c.group, l.split + c.group], slip + 3 + 2 * k));
  return {
    at,
    split: d,
    own,
    ready: own + 1,
    level: own + 1 + n,
    slip,
    prompt: slip + 1,
    slope: slip + 2,
    calls: g.calls.map((c) => {
      const j = dims.indexOf(c.group);
      const k = slip + 3 + 2 * extra.indexOf(c);
      return j >= 0 ? [j, d + j] : [k, k + 1];
    }),
  };
}

/** Slopes of what each rival's name comes to, rival by rival. */
function slopesOf(g: LookGroup, l: Layout, room: Room, at: Local): readonly Float64Array[] {
  const n = g.rivals.length;
  const d = g.dims.length;
  const { tables, place, missed, alone, both, weight, named, under, ownWeight } = room;
  const { overlap } = g;
  const weeks = l.times[g.time] ?? 0;
  return Array.from({ length: n }, (_, i): Float64Array => {
    const row = new Float64Array(at.at.length);
    const share = named[i] as number;
    const [f, q, w] = [alone[i] as number, under[i] as number, weight[i] as number];
    if (f <= 0 || q <= 0) return row;
    row[at.own] = (-share * f * ownWeight) / q;
    for (let k = 0; k < n; k += 1) {
      const by =
        k === i
          ? share * (1 - (f * w) / q)
          : (-share * (weight[k] as number) * (both[i * n + k] as number)) / q;
      row[at.ready + k] = by;
      row[at.level + k] = by;
    }
    const pull = share * (2 - (f * (ownWeight + w)) / q);
    for (let j = 0; j < d; j += 1) {
      const m = missed[j] as number;
      const o = overlap[i * d + j] as number;
      let by = o < 1 ? (pull * (1 - o)) / (m + (1 - m) * o) : 0;
      for (let k = 0; k < n; k += 1) {
        const two = o * (overlap[k * d + j] as number);
        if (k === i || two === 1) continue;
        by -=
          (share * (weight[k] as number) * (both[i * n + k] as number) * (1 - two)) /
          (q * (m + (1 - m) * two));
      }
      const t = place[j] as number;
      const alongRate = by * (tables.alongRate[t] ?? 0);
      row[j] = alongRate;
      row[at.split + j] = by * (tables.alongSplit[t] ?? 0);
      row[at.prompt] = (row[at.prompt] as number) + by * (tables.alongPrompt[t] ?? 0);
      row[at.slope] = (row[at.slope] as number) + alongRate * weeks;
    }
    return row;
  });
}

/** Slopes of the log chance of each outcome: of each rival, of other names, of the right one. */
function scoresOf(g: LookGroup, l: Layout, room: Room, at: Local, p: Float64Array): readonly Float64Array[] {
  const { slip } = room;
  const rest = Math.max(1e-12, 1 - room.wrong);
  const right = new Float64Array(at.at.length);
  const scores = slopesOf(g, l, room, at).map((row, i) => {
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
    along[at.slope] = alongRate * (l.times[g.time] ?? 0);
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
    const own = at[i] as number;
    if (a === 0 || own < 0) continue;
    const row = own * size;
    for (let k = 0; k < at.length; k += 1) {
      const other = at[k] as number;
      if (other >= 0) info[row + other] = (info[row + other] as number) + a * (v[k] as number);
    }
  }
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
  return Matrix.from1DArray(size, size, meat);
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
  const information = Matrix.from1DArray(size, size, sums.information);
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
