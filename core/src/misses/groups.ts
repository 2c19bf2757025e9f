import { MOST_GROUPS } from '../tells/index.ts';
import { pairKey } from './layout.ts';
import type { Layout } from './layout.ts';
import type { MissCall, MissData, MissStation } from './types.ts';

/** Rivals that survive a look less often than this are pooled with the slips, but for the closest. */
export const RARE = 0.001;
/**
 * So many of the closest compete however seldom they survive, and so do names that were given at trees of a species at least
 * twice and once in a hundred looks: where five characters separate two names that a class mixes up, the rates at the start
 * would leave the pair out, and nothing could raise them again. See docs/decisions.md.
 */
const CLOSEST = 3;
const OFTEN = { looks: 2, share: 0.01 } as const;

/** How a character was called in a look. */
export const CALLED = { not: 0, wrong: 1, right: 2 } as const;

/** Looks at one station with the same calls: one multinomial over the names that survive a look. */
export interface LookGroup {
  readonly station: number;
  readonly truth: number;
  /** Names that compete with the right one. */
  readonly rivals: Int32Array;
  /** What teaching the pair of each rival again changes: the place of its level, -1 for none. */
  readonly levels: Int32Array;
  /** Evidence groups that separate any of them. */
  readonly dims: Int32Array;
  /** Rivals that the same tells separate have one profile; the profile of each rival. */
  readonly profile: Int32Array;
  readonly profiles: number;
  /** Overlap of each profile on each evidence group, profile by profile; 1 where it is no tell. */
  readonly overlap: Float64Array;
  /** How each was called: see CALLED. */
  readonly called: Uint8Array;
  /** Every evidence group that was called, whether or not it separates any of them. */
  readonly calls: readonly { readonly group: number; readonly right: boolean }[];
  /** Place of its time since the species was taught among all times. */
  readonly time: number;
  readonly looks: number;
  /** Names on the list other than the tree's own. */
  readonly others: number;
  /** Answers: each rival, any other name, the right one. */
  readonly counts: Float64Array;
  /** Which student gave each answer, by outcome. */
  readonly who: readonly (readonly number[])[];
}

/** A rival by what separates it: one character of each evidence group, strongest first, at most five. */
interface Separated {
  readonly taxon: string;
  readonly groups: readonly number[];
  readonly overlaps: readonly number[];
  /** How far it is from the tree by all that separates it, those beyond the fifth too. */
  readonly far: number;
}

/** A miss rate that all characters share where only the nearness of species is asked. */
const EVEN = 0.1;

const MOST = MOST_GROUPS;

function separatedOf(station: MissStation, layout: Layout): readonly Separated[] {
  return station.rivals.flatMap((r): Separated[] => {
    if (r.verdict === 'unproven') return [];
    const groups: number[] = [];
    const overlaps: number[] = [];
    let far = 0;
    for (const t of r.tells) {
      const group = layout.groupOf.get(t.character);
      if (group === undefined || t.overlap >= 1 || groups.includes(group)) continue;
      groups.push(group);
      overlaps.push(t.overlap);
      far -= Math.log(EVEN + (1 - EVEN) * t.overlap);
    }
    return [{ taxon: r.taxon, groups: groups.slice(0, MOST), overlaps: overlaps.slice(0, MOST), far }];
  });
}

interface Shape {
  readonly rivals: readonly Separated[];
  readonly dims: readonly number[];
  readonly profile: Int32Array;
  readonly profiles: number;
  readonly overlap: Float64Array;
}

/** The rivals of a station that survive a look often enough by some rates, with what separates them. */
function shapeOf(all: readonly Separated[], rate: Float64Array, often: ReadonlySet<string>): Shape {
  const survives = all.map(({ groups, overlaps }) => {
    let alone = 1;
    groups.forEach((g, i) => {
      const m = rate[g] ?? 0;
      alone *= m + (1 - m) * (overlaps[i] ?? 1);
    });
    return alone;
  });
  const closest = new Set(
    all
      .map(({ far }, i) => ({ far, i }))
      .sort((a, b) => a.far - b.far || a.i - b.i)
      .slice(0, CLOSEST)
      .map(({ i }) => i),
  );
  const rivals = all.filter(
    (_, i) => closest.has(i) || often.has(all[i]?.taxon ?? '') || (survives[i] ?? 0) >= RARE,
  );
  const dims = [...new Set(rivals.flatMap((r) => r.groups))];
  const rows = new Map<string, Float64Array>();
  const places: number[] = [];
  for (const { groups, overlaps } of rivals) {
    const row = new Float64Array(dims.length).fill(1);
    groups.forEach((g, k) => {
      row[dims.indexOf(g)] = overlaps[k] ?? 1;
    });
    const key = row.join(' ');
    if (!rows.has(key)) rows.set(key, row);
    places.push([...rows.keys()].indexOf(key));
  }
  const overlap = new Float64Array(rows.size * dims.length);
  [...rows.values()].forEach((row, i) => overlap.set(row, i * dims.length));
  return { rivals, dims, profile: Int32Array.from(places), profiles: rows.size, overlap };
}

/** Calls of a look by evidence group; one that was called wrong at all was called wrong. */
function callsBy(calls: readonly MissCall[], layout: Layout): ReadonlyMap<number, boolean> {
  const by = new Map<number, boolean>();
  for (const c of calls) {
    const group = layout.groupOf.get(c.character);
    if (group !== undefined) by.set(group, (by.get(group) ?? true) && c.right);
  }
  return by;
}

const NO_CALLS: ReadonlyMap<number, boolean> = new Map();

/** Looks at one station with the same calls, before it is known which names compete. */
interface Pattern {
  readonly station: number;
  readonly calls: ReadonlyMap<number, boolean>;
  readonly answers: { readonly named: string; readonly student: number }[];
}

/** Puts looks together that are at one station and called the same. */
function patternsOf(
  data: MissData,
  layout: Layout,
  students: ReadonlyMap<string, number>,
): readonly Pattern[] {
  const plain = new Map<number, Pattern>();
  const called = new Map<string, Pattern>();
  for (const look of data.looks) {
    const calls = look.calls.length === 0 ? NO_CALLS : callsBy(look.calls, layout);
    const key = calls.size === 0 ? '' : `${look.station}/${[...calls].sort((a, b) => a[0] - b[0]).join(' ')}`;
    let had = key === '' ? plain.get(look.station) : called.get(key);
    if (!had) {
      had = { station: look.station, calls, answers: [] };
      if (key === '') plain.set(look.station, had);
      else called.set(key, had);
    }
    had.answers.push({ named: look.named, student: students.get(look.student) ?? 0 });
  }
  return [...plain.values(), ...called.values()];
}

const NOBODY: ReadonlySet<string> = new Set();

/** Names that were given often at trees of each species. */
function oftenNamed({ stations, looks }: MissData): ReadonlyMap<string, ReadonlySet<string>> {
  const counts = new Map<string, { all: number; named: Map<string, number> }>();
  for (const l of looks) {
    const truth = stations[l.station]?.truth ?? '';
    const own = counts.get(truth) ?? { all: 0, named: new Map<string, number>() };
    own.all += 1;
    if (l.named !== truth) own.named.set(l.named, (own.named.get(l.named) ?? 0) + 1);
    counts.set(truth, own);
  }
  return new Map(
    [...counts].map(([truth, { all, named }]) => [
      truth,
      new Set([...named].flatMap(([n, k]) => (k >= OFTEN.looks && k >= OFTEN.share * all ? [n] : []))),
    ]),
  );
}

/**
 * Groups looks that see the same tells and called the same.
 * @returns the groups for miss rates by which rivals are held to be close enough to compete, by evidence group.
 */
export function grouper(
  data: MissData,
  layout: Layout,
  students: ReadonlyMap<string, number>,
): (rate: Float64Array) => readonly LookGroup[] {
  const separated = data.stations.map((s) => separatedOf(s, layout));
  const patterns = patternsOf(data, layout, students);
  const often = oftenNamed(data);
  return (rate) => {
    const shapes = separated.map((s, i) =>
      shapeOf(s, rate, often.get(data.stations[i]?.truth ?? '') ?? NOBODY),
    );
    return patterns.flatMap((pattern): LookGroup[] => {
      const station = data.stations[pattern.station];
      const shape = shapes[pattern.station];
      return station && shape ? [groupOf(pattern, station, shape, layout)] : [];
    });
  };
}

function groupOf(
  pattern: Pattern,
  station: MissStation,
  { rivals, dims, profile, profiles, overlap }: Shape,
  layout: Layout,
): LookGroup {
  const { calls } = pattern;
  const n = rivals.length;
  const outcome = new Map([...rivals.map((r, i) => [r.taxon, i] as const), [station.truth, n + 1] as const]);
  const counts = new Float64Array(n + 2);
  const who: number[][] = Array.from({ length: n + 2 }, () => []);
  for (const { named, student } of pattern.answers) {
    const o = outcome.get(named) ?? n;
    counts[o] = (counts[o] ?? 0) + 1;
    who[o]?.push(student);
  }
  const called = Uint8Array.from(dims, (d) => {
    const right = calls.get(d);
    return right === undefined ? CALLED.not : right ? CALLED.right : CALLED.wrong;
  });
  const taught = new Set(station.retaught);
  return {
    station: pattern.station,
    truth: layout.speciesAt.get(station.truth) ?? 0,
    rivals: Int32Array.from(rivals, (r) => layout.speciesAt.get(r.taxon) ?? 0),
    levels: Int32Array.from(rivals, (r) =>
      taught.has(r.taxon) ? (layout.retaught.get(pairKey(station.truth, r.taxon)) ?? -1) : -1,
    ),
    dims: Int32Array.from(dims),
    profile,
    profiles,
    overlap,
    called,
    calls: [...calls].map(([group, right]) => ({ group, right })),
    time: station.weeks === null ? 0 : (layout.timeAt.get(station.weeks) ?? 0),
    looks: pattern.answers.length,
    others: Math.max(1, station.names - 1),
    counts,
    who,
  };
}
