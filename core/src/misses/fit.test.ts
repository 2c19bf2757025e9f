import { describe, expect, test } from '@jest/globals';
import { seeded } from '../numbers/index.ts';
import { fitMisses } from './fit.ts';
import type { FittedRate } from './fit.ts';
import type { MissData, MissLook, MissStation } from './types.ts';

const PRIOR = 0.1;
const character = (id: string) => ({ id, group: id, prior: PRIOR });

/** Pairs of look-alikes, each separated by the characters named. */
function stationsOf(
  pairs: Readonly<Record<string, readonly string[]>>,
  times: number,
): readonly MissStation[] {
  const names = Object.keys(pairs).flatMap((p) => p.split('/'));
  return Array.from({ length: times }, () =>
    Object.entries(pairs).map(([pair, tells]): MissStation => {
      const [truth = '', rival = ''] = pair.split('/');
      return {
        truth,
        names: names.length,
        weeks: null,
        retaught: [],
        rivals: names
          .filter((n) => n !== truth)
          .map((taxon) => ({
            taxon,
            verdict: 'told' as const,
            tells:
              taxon === rival
                ? tells.map((c) => ({ character: c, group: c, overlap: 0 }))
                : ['leaf', 'twig', 'seed'].map((c) => ({ character: c, group: c, overlap: 0 })),
          })),
      };
    }),
  ).flat();
}

interface Planted {
  readonly pairs: Readonly<Record<string, readonly string[]>>;
  readonly times: number;
  readonly students: number;
  /** How often a look at the first of a pair names the second, by its tells. */
  readonly wrong: (tells: readonly string[]) => number;
  readonly calls?: (tells: readonly string[], wrong: boolean) => MissLook['calls'];
}

function planted({ pairs, times, students, wrong, calls = () => [] }: Planted): MissData {
  const random = seeded(3);
  const stations = stationsOf(pairs, times);
  const tellsAt = Object.values(pairs);
  const looks = stations.flatMap((s, i) =>
    Array.from({ length: students }, (_, k): MissLook => {
      const tells = tellsAt[i % tellsAt.length] ?? [];
      const isWrong = random() < wrong(tells);
      const rival = Object.keys(pairs)[i % tellsAt.length]?.split('/')[1] ?? '';
      return { student: `s${k}`, station: i, named: isWrong ? rival : s.truth, calls: calls(tells, isWrong) };
    }),
  );
  const ids = [...new Set([...tellsAt.flat(), 'leaf', 'twig', 'seed'])];
  return { stations, looks, characters: ids.map(character) };
}

const rateOf = (rates: readonly FittedRate[], id: string): FittedRate => {
  const found = rates.find((r) => r.character === id);
  if (!found) throw new Error(`No rate of ${id}.`);
  return found;
};

describe('fitted miss rates', () => {
  test('a class with no calls still gets intervals: what half of the names miss is found near one', () => {
    // A rival that survives with m is named half the time: 0.35 wrong means m near 0.7.
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin'], 'c/d': ['bud'] },
        times: 5,
        students: 24,
        wrong: (t) => (t[0] === 'margin' ? 0.35 : 0.02),
      }),
    );
    const [margin, bud] = [rateOf(fit.rates, 'margin'), rateOf(fit.rates, 'bud')];
    expect(fit.settled).toBe(true);
    expect(margin).toMatchObject({ verdict: 'estimated', direct: 0, indirect: 120, split: null });
    expect(margin.m.low).toBeGreaterThan(0.3);
    expect(margin.m.value).toBeGreaterThan(0.5);
    expect(margin.m.high).toBeLessThan(0.95);
    expect(bud.m.high).toBeLessThan(0.2);
    expect(margin.avoided).toBeGreaterThan(30);
    expect(margin.pairs[0]).toMatchObject({ truth: 'a', named: 'b' });
  });

  test('asked calls that are right with names that are wrong: a high miss rate and a low misreading', () => {
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin'], 'c/d': ['bud'] },
        times: 6,
        students: 24,
        wrong: () => 0.4,
        calls: (tells) => (tells[0] === 'margin' ? [{ character: 'margin', right: true }] : []),
      }),
    );
    const margin = rateOf(fit.rates, 'margin');
    expect(margin.m.value).toBeGreaterThan(3 * PRIOR);
    expect(margin.split?.e ?? 1).toBeLessThan(0.03);
    expect(margin.split?.u ?? 0).toBeGreaterThan(0.3);
  });

  test('calls that are wrong whenever the name is: misread', () => {
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin'], 'c/d': ['bud'] },
        times: 6,
        students: 24,
        wrong: (t) => (t[0] === 'margin' ? 0.25 : 0.02),
        calls: (tells, wrong) => (tells[0] === 'margin' ? [{ character: 'margin', right: !wrong }] : []),
      }),
    );
    const margin = rateOf(fit.rates, 'margin');
    expect(margin.split?.e ?? 0).toBeGreaterThan(0.2);
    expect(margin.split?.e ?? 0).toBeGreaterThan(margin.split?.u ?? 1);
  });

  test('names alone never call a character missed that no pair depends on', () => {
    const data = planted({
      pairs: { 'a/b': ['margin'] },
      times: 6,
      students: 24,
      wrong: () => 0.5,
    });
    const fit = fitMisses({ ...data, characters: [...data.characters, character('odor')] });
    const odor = rateOf(fit.rates, 'odor');
    expect(odor).toMatchObject({ verdict: 'not enough looks', direct: 0, indirect: 0, avoided: 0 });
    expect(odor.m.value).toBeCloseTo(PRIOR, 6);
    expect(odor.sd).toBeCloseTo(odor.priorSd, 6);
  });

  test('two characters that always separate the same names are one bundle, and neither is called missed', () => {
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin', 'bud'], 'c/d': ['bark'] },
        times: 5,
        students: 24,
        wrong: (t) => (t[0] === 'margin' ? 0.2 : 0.02),
      }),
    );
    const [margin, bud] = [rateOf(fit.rates, 'margin'), rateOf(fit.rates, 'bud')];
    expect([...margin.bundle].sort()).toEqual(['bud', 'margin']);
    expect(margin.verdict).toBe('undetermined');
    expect(bud.verdict).toBe('undetermined');
    expect(rateOf(fit.rates, 'bark').bundle).toEqual([]);
  });

  test('a call on one of two splits the bundle', () => {
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin', 'bud'], 'c/d': ['bark'] },
        times: 8,
        students: 24,
        wrong: (t) => (t[0] === 'margin' ? 0.2 : 0.02),
        calls: (tells, wrong) => (tells.includes('bud') ? [{ character: 'bud', right: !wrong }] : []),
      }),
    );
    expect(rateOf(fit.rates, 'bud')).toMatchObject({ verdict: 'estimated', direct: 192 });
    expect(rateOf(fit.rates, 'bud').bundle).toEqual([]);
  });

  test('calls of one character alone split that one and no other', () => {
    const fit = fitMisses(
      planted({
        pairs: { 'a/b': ['margin'], 'c/d': ['bud'] },
        times: 4,
        students: 24,
        wrong: () => 0.2,
        calls: (tells) => [{ character: 'margin', right: tells[0] !== 'bud' }],
      }),
    );
    expect(rateOf(fit.rates, 'margin').split).not.toBeNull();
    for (const r of fit.rates.filter((x) => x.character !== 'margin'))
      expect(r).toMatchObject({ split: null, direct: 0 });
  });

  test('answers of one kind at the same time have no slope; species taught at different times have one', () => {
    const data = planted({ pairs: { 'a/b': ['margin'] }, times: 8, students: 24, wrong: () => 0.2 });
    expect(fitMisses(data).slope).toBeNull();
    const late = (i: number): boolean => i >= 4;
    const dated: MissData = {
      ...data,
      stations: data.stations.map((s, i) => ({ ...s, weeks: late(i) ? 6 : 1 })),
      looks: data.looks.map((l, k) => ({
        ...l,
        named: k % (late(l.station) ? 3 : 12) === 0 ? 'b' : 'a',
      })),
    };
    const slope = fitMisses(dated).slope;
    expect(slope?.low ?? -1).toBeGreaterThan(0);
  });

  test('what follows a second lesson on a pair has its own level, and the rate is that of before', () => {
    const before = planted({ pairs: { 'a/b': ['margin'] }, times: 8, students: 24, wrong: () => 0.3 });
    const plain = rateOf(fitMisses(before).rates, 'margin').m.value;
    const after: MissData = {
      ...before,
      stations: [...before.stations, ...before.stations.map((s) => ({ ...s, retaught: ['b'] }))],
      looks: [
        ...before.looks,
        ...before.looks.map((l) => ({ ...l, station: l.station + before.stations.length, named: 'a' })),
      ],
    };
    const kept = rateOf(fitMisses(after).rates, 'margin').m.value;
    const pooled = rateOf(
      fitMisses({ ...after, stations: after.stations.map((s) => ({ ...s, retaught: [] })) }).rates,
      'margin',
    ).m.value;
    expect(Math.abs(kept - plain)).toBeLessThan(Math.abs(pooled - plain) / 2);
  });

  test('no answers, one species, one student and everything right come to numbers, and to no certainty', () => {
    const none = fitMisses({ stations: [], looks: [], characters: [character('margin')] });
    expect(none.rates[0]).toMatchObject({ verdict: 'not enough looks', indirect: 0 });
    const one = fitMisses(planted({ pairs: { 'a/b': ['margin'] }, times: 1, students: 1, wrong: () => 1 }));
    const right = fitMisses(
      planted({ pairs: { 'a/b': ['margin'] }, times: 8, students: 24, wrong: () => 0 }),
    );
    for (const fit of [none, one, right])
      for (const r of fit.rates) {
        for (const x of [r.m.value, r.m.low, r.m.high, r.sd, r.avoided])
          expect(Number.isFinite(x)).toBe(true);
        expect(r.m.low).toBeLessThanOrEqual(r.m.value);
        expect(r.m.value).toBeLessThanOrEqual(r.m.high);
      }
    expect(rateOf(right.rates, 'margin').m.value).toBeLessThan(PRIOR / 3);
  });

  test('it tells how far it is, makes at most 60 passes, and ends where it is told to', () => {
    const data = planted({ pairs: { 'a/b': ['margin'] }, times: 4, students: 12, wrong: () => 0.2 });
    const heard: number[] = [];
    const fit = fitMisses(data, (passes) => heard.push(passes));
    expect(heard).toEqual(Array.from({ length: fit.passes }, (_, i) => i + 1));
    expect(fit.passes).toBeLessThanOrEqual(60);
    expect(() =>
      fitMisses(data, (passes) => {
        if (passes === 3) throw new Error('Stopped');
      }),
    ).toThrow('Stopped');
  });

  test('the same answers in another order come to the same', () => {
    const data = planted({
      pairs: { 'a/b': ['margin'], 'c/d': ['bud'] },
      times: 3,
      students: 12,
      wrong: () => 0.3,
    });
    const turned = fitMisses({ ...data, looks: [...data.looks].reverse() });
    fitMisses(data).rates.forEach((r, i) => expect(turned.rates[i]?.m.value).toBeCloseTo(r.m.value, 3));
  });
});
