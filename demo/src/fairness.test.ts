import { describe, expect, test } from '@jest/globals';
import { fairnessJudge, fixesFor } from '@hurrow/core/fairness';
import type { StationMet } from '@hurrow/core/fairness';
import { stationShown } from '@hurrow/core/stations';
import type { Setting, Shown } from '@hurrow/core/stations';
import { readBy } from '@hurrow/core/tells';
import { DESCRIBED, described, vocabulary } from './described.ts';
import { SPECIES, taxonId } from './libraryRows.ts';
import { SPECIMENS } from './specimens.ts';

const list = [...DESCRIBED.values()];
const genera = new Map(SPECIES.map((s) => [taxonId(s), s.split(' ')[0] ?? null]));
const competitors = list.map((d) => ({ taxon: d.id, genus: genera.get(d.id) ?? null, family: null }));
const judge = fairnessJudge(competitors, list, vocabulary);

function station(species: string, setting: Partial<Setting>, shown: Partial<Shown> = {}): StationMet {
  const own = described(species);
  const at: Setting = {
    date: '2026-10-06',
    material: ['twig', 'leaf'],
    handling: ['look', 'lens', 'touch'],
    distance: 'hand',
    wet: false,
    ...setting,
  };
  const tree: Shown = { individual: 'tree', taxon: own.id, certified: {}, cautions: [], ...shown };
  return {
    id: 'station',
    ...stationShown(tree, at, own),
    certified: new Set(Object.keys(tree.certified)),
    asked: { rank: 'species', characters: [], accepts: [], notTellable: false },
  };
}
const verdict = (s: StationMet) => judge([s])[0];
const fixes = (s: StationMet, forbidden: readonly string[] = []) => {
  const now = verdict(s);
  if (!now) throw new Error('Nothing was judged');
  return fixesFor(s, now, new Set(forbidden), () => judge, judge, 0.95);
};

describe('stations of the demo', () => {
  test('whitebark and limber pine without cone or litter, outside the weeks of pollen, are unfair; a cone or litter comes first', () => {
    for (const [pine, other] of [
      ['Pinus albicaulis', 'Pinus flexilis'],
      ['Pinus flexilis', 'Pinus albicaulis'],
    ] as const) {
      const found = verdict(station(pine, {}));
      expect(found?.verdict).toBe('unfair');
      expect(found?.pairs[0]).toMatchObject({ rival: taxonId(other), expected: 0.5 });
      const [first, second] = fixes(station(pine, {}));
      expect(
        [first, second].map((f) => (f?.fix.kind === 'material' ? f.fix.add : f?.fix.kind)).sort(),
      ).toEqual(['fruit', 'litter']);
      expect(first?.verdict).toBe('fair');
    }
  });

  test('a class that misses arrangement 30% of the time leaves ash and mountain-ash on a two-node twig fair', () => {
    const weak = readBy(vocabulary, (c) => ({
      rate: c.id === 'twig.arrangement' ? 0.3 : 0.05,
      weight: 20,
      base: 'fit',
    }));
    const twig = station('Fraxinus pennsylvanica', {});
    const [found] = fairnessJudge(competitors, list, weak)([twig]);
    expect(found?.verdict).toBe('fair');
    expect(found?.pairs.find((p) => p.rival === taxonId('Sorbus aucuparia'))?.verdict).toBe('fair');
    expect(found?.pairs).toEqual(verdict(twig)?.pairs);
  });

  test('a bagged thorny specimen hides arrangement, and no fix proposes touch', () => {
    const hides = SPECIMENS.find((s) => s.hides)?.hides ?? [];
    expect(hides).toContain('twig.arrangement');
    const cautions = [{ forbids: ['touch'] }];
    // With one leaf in a bag the silver leaves are hard to tell apart.
    const bagged = station(
      'Elaeagnus angustifolia',
      { material: ['twig', 'leaf'], handling: ['look'] },
      { hides, cautions },
    );
    const found = verdict(bagged);
    expect(found?.pairs.flatMap((p) => p.by.map((b) => b.character))).not.toContain('twig.arrangement');
    const leaf = station(
      'Elaeagnus angustifolia',
      { material: ['leaf'], handling: ['look'] },
      { hides, cautions },
    );
    const proposed = fixes(leaf, ['touch']).map(({ fix }) =>
      fix.kind === 'handling' ? fix.allow : fix.kind,
    );
    expect(proposed.length).toBeGreaterThan(0);
    expect(proposed).not.toContain('touch');
  });

  test('every species in the hand with twig and leaf is judged, and all but the two pines are fair', () => {
    const all = judge(SPECIES.map((s) => station(s, {})));
    const not = SPECIES.filter((_, i) => all[i]?.verdict !== 'fair');
    expect(not).toEqual(['Pinus albicaulis', 'Pinus flexilis']);
  });
});
