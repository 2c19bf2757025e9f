import { performance } from 'node:perf_hooks';
import { CHARACTERS, leavesUnder, vocabularyOf } from '@hurrow/core/characters';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE, visible } from '@hurrow/core/conditions';
import { FAIRNESS, fairnessJudge, fixesFor } from '@hurrow/core/fairness';
import type { Competitor, StationMet } from '@hurrow/core/fairness';
import { median, seeded } from '@hurrow/core/numbers';
import {
  MOST_GROUPS,
  comparePair,
  distributionOf,
  evidenceOf,
  expectedCharacters,
  toldBy,
} from '@hurrow/core/tells';
import type { Described } from '@hurrow/core/tells';
import { DESCRIBED, SPECIES_NAMES } from '@hurrow/demo';

const vocabulary = vocabularyOf(CHARACTERS);
const RUNS = 5;

const stationsOf = (list: readonly Described[], n: number): readonly StationMet[] =>
  list.slice(0, n).map((own, i) => ({
    id: String(i),
    tree: { ...own, id: `tree ${i}` },
    taxon: own.id,
    conditions: {
      ...EVERYTHING_AT_THE_TREE,
      date: '2026-10-06',
      material: i % 3 === 0 ? ['leaf'] : i % 3 === 1 ? ['twig', 'leaf'] : ['tree', 'twig', 'leaf'],
      handling: ['look', 'lens', 'touch'],
    },
    certified: new Set<string>(),
    asked: { rank: 'species', characters: [], accepts: [], notTellable: false },
  }));

/** The definition written down: every pair by itself, every character that both show, the best five groups. */
function plainly(station: StationMet, list: readonly Described[], v: Vocabulary): readonly number[] {
  const expected = expectedCharacters(list);
  return list.flatMap((rival) => {
    if (rival.id === station.taxon) return [];
    comparePair(station.tree, rival, v, station.conditions, expected);
    const best = new Map<string, ReturnType<typeof evidenceOf>>();
    const alone = new Map<string, number>();
    for (const c of v.values()) {
      const [a, b] = [station.tree.values.get(c.id)?.value, rival.values.get(c.id)?.value];
      if (c.organ === 'site' || !a || !b || a.kind === 'inapplicable' || b.kind === 'inapplicable') continue;
      const seen = [station.tree, rival].map((d) => visible(d.subject, c, station.conditions).seen);
      if (seen.some((s) => s === 'no' || s === 'unknown')) continue;
      const evidence = evidenceOf(
        c,
        distributionOf(c, a),
        distributionOf(c, b),
        FAIRNESS.misread,
        seen.includes('partly') ? 0.4 : 0,
      );
      const { expected: e } = toldBy([evidence]);
      const group = c.evidenceGroup ?? c.id;
      if (e <= (alone.get(group) ?? 0)) continue;
      alone.set(group, e);
      best.set(group, evidence);
    }
    const five = [...best]
      .sort(([g], [h]) => (alone.get(h) ?? 0) - (alone.get(g) ?? 0))
      .slice(0, MOST_GROUPS);
    return [toldBy(five.map(([, e]) => e)).expected];
  });
}

const once = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const often = (work: () => unknown): number => median(Array.from({ length: RUNS }, () => once(work))) ?? 0;
const said = (what: string, ms: number, most: number, more = ''): string =>
  `  ${what}: ${ms.toFixed(0)} ms${more}${ms > most ? `  over ${most} ms` : ''}`;

/** Species of the demo over and over, each copy with some values of its own, to 500. */
function many(n: number): readonly Described[] {
  const next = seeded(5);
  const base = [...DESCRIBED.values()];
  const shaken = (id: string, value: Value): Value => {
    const c = vocabulary.get(id);
    if (value.kind !== 'states' || !c || next() > 0.3) return value;
    const leaves = c.states.filter((s) => !s.retired && leavesUnder(c, s.id)[0] === s.id);
    const state = leaves[Math.floor(next() * leaves.length)]?.id;
    return state === undefined ? value : { kind: 'states', states: [{ state, freq: 'usual' }] };
  };
  return Array.from({ length: n }, (_, i) => {
    const d = base[i % base.length] as Described;
    return {
      ...d,
      id: `${d.id}/${i}`,
      values: new Map([...d.values].map(([k, v]) => [k, { ...v, value: shaken(k, v.value) }])),
    };
  });
}

const competitorsOf = (list: readonly Described[]): readonly Competitor[] =>
  list.map((d) => ({
    taxon: d.id,
    genus: SPECIES_NAMES.get(d.id.split('/')[0] ?? '')?.split(' ')[0] ?? null,
    family: null,
  }));

/** Fairness of 30 stations, and fixes of one, beside the plain definition in the same run. */
export function measureFairness(): string {
  const list = [...DESCRIBED.values()];
  const stations = stationsOf(list, 30);
  const first = once(() => fairnessJudge(competitorsOf(list), list, vocabulary)(stations));
  const judge = fairnessJudge(competitorsOf(list), list, vocabulary);
  judge(stations);
  const again = often(() => judge(stations));
  const fresh = often(() => fairnessJudge(competitorsOf(list), list, vocabulary)(stations));
  const plain = once(() => stations.map((s) => plainly(s, list, vocabulary)));
  const differ = judge(stations).flatMap((f, i) => {
    const station = stations[i];
    const worst = Math.min(...(station ? plainly(station, list, vocabulary) : [1]));
    return Math.abs(worst - (f.pairs[0]?.expected ?? 1));
  });
  const wide = many(500);
  const wideStations = stationsOf(wide, 30);
  const wideMs = once(() => fairnessJudge(competitorsOf(wide), wide, vocabulary)(wideStations));
  const unfair = judge(stations).findIndex((f) => f.verdict === 'unfair');
  const [station, now] = [stations[unfair], judge(stations)[unfair]];
  const among = (ids: readonly string[]) => {
    const some = list.filter((d) => ids.includes(d.id));
    return fairnessJudge(competitorsOf(list), some, vocabulary);
  };
  const fixes =
    station && now ? often(() => fixesFor(station, now, new Set(), among, judge, FAIRNESS.fair)) : 0;
  return [
    'Fairness of stations (species of the demo, three kinds of material):',
    said(
      '30 stations against 47 species, the list described before',
      again,
      100,
      `, ${(plain / again).toFixed(1)} times as fast as pair by pair plainly`,
    ),
    said(
      'the same with the list prepared anew',
      fresh,
      100,
      `; the very first time in a process ${first.toFixed(0)} ms`,
    ),
    said('30 stations against 500 species, everything anew', wideMs, 2000),
    said('fixes for one unfair station', fixes, 300),
    `  closest look-alike: the expected posterior differs from the plain definition by ${Math.max(...differ).toExponential(1)} at most`,
  ].join('\n');
}
