import { describe, expect, test } from '@jest/globals';
import type { Conditions } from '@hurrow/core/conditions';
import type { Verdict } from '@hurrow/core/tells';
import { DESCRIBED, compare, described } from './described.ts';
import { PLANTED, answerStation, demoBundle, slip } from './index.ts';
import { seeded } from '@hurrow/core/numbers';
import { SPECIES, taxonId } from './libraryRows.ts';
import { SPECIMENS } from './specimens.ts';
import { TREES } from './trees.ts';

const verdict = (a: string, b: string, part: Partial<Conditions> = {}): Verdict =>
  compare(a, b, part).verdict;

describe('the library', () => {
  test.each(SPECIES.map((s) => [s]))('%s has forty characters or more, own or inherited', (name) => {
    const values = [...described(name).profile.values()];
    expect(values.filter((r) => r.value.kind !== 'inapplicable').length).toBeGreaterThanOrEqual(40);
    expect(values.some((r) => r.origin !== taxonId(name))).toBe(true);
  });

  test('some values are exceptions and some have two sources', () => {
    const all = [...DESCRIBED.values()].flatMap((d) => [...d.profile.values()]);
    expect(all.filter((r) => r.exceptionTo).length).toBeGreaterThan(3);
    expect(all.filter((r) => r.statements.length > 1).length).toBeGreaterThan(3);
  });

  test('every pair has a tell somewhere in the year with all the material there is', () => {
    const seasons = ['2026-05-10', '2026-06-20', '2026-07-15', '2026-09-10', '2026-10-01', '2027-01-15'];
    for (const [i, a] of SPECIES.entries()) {
      for (const b of SPECIES.slice(i + 1)) {
        const told = seasons.some(
          (date) => verdict(a, b, { date, material: ['tree', 'twig', 'leaf', 'fruit', 'litter'] }) === 'told',
        );
        expect([a, b, told]).toEqual([a, b, true]);
      }
    }
  });
});

describe('what a newcomer can discover', () => {
  test('whitebark and limber pine are twins in every handling but in the weeks of pollen, until a cone or the litter is added', () => {
    const pair = ['Pinus albicaulis', 'Pinus flexilis'] as const;
    for (const date of ['2026-01-15', '2026-05-01', '2026-07-05', '2026-08-20', '2026-10-01']) {
      expect(verdict(...pair, { date, handling: ['look', 'lens', 'touch', 'smell', 'cut', 'measure'] })).toBe(
        'twins',
      );
    }
    const pollen = compare(...pair, { date: '2026-06-10' });
    expect(pollen.verdict).toBe('told');
    expect(pollen.tells.filter((t) => t.strength !== 'partial').map((t) => t.character)).toEqual([
      'flower.colour',
    ]);
    expect(verdict(...pair, { material: ['tree', 'twig', 'leaf', 'litter'] })).toBe('told');
    expect(verdict(...pair, { date: '2026-09-01', material: ['tree', 'fruit'] })).toBe('told');
  });

  test('one silver leaf does not tell Russian-olive from buffaloberry; a twig does', () => {
    const pair = ['Elaeagnus angustifolia', 'Shepherdia argentea'] as const;
    expect(verdict(...pair, { material: ['leaf'] })).toBe('twins');
    expect(verdict(...pair, { material: ['twig'] })).toBe('told');
  });

  test('one feather leaf in the hand tells mountain-ash from ash, in July and while leaves fall; the road does not', () => {
    const pair = ['Sorbus scopulina', 'Fraxinus pennsylvanica'] as const;
    for (const date of ['2026-07-15', '2026-10-01']) {
      const leaf = compare(...pair, { date, material: ['leaf'] });
      expect([date, leaf.verdict]).toEqual([date, 'told']);
      const found = leaf.tells.filter((t) => t.strength !== 'partial').map((t) => t.character);
      expect(found).toEqual(expect.arrayContaining(['leaf.leaflet_stalk', 'leaf.leaflet_count']));
    }
    const across = {
      date: '2026-07-15',
      material: ['tree'],
      distance: 'binoculars',
      handling: ['look'],
    } as const;
    expect(compare(...pair, across).tells.map((t) => t.character)).not.toContain('leaf.leaflet_stalk');
    expect(verdict(...pair, { material: ['twig'] })).toBe('told');
  });

  test('the two firs are plain in the hand; pole-size grand fir and Douglas-fir are not from across a slope', () => {
    expect(verdict('Abies grandis', 'Abies lasiocarpa')).toBe('told');
    const across = { distance: 'far', material: ['tree'], handling: ['look'] } as const;
    expect(verdict('Abies grandis', 'Pseudotsuga menziesii', across)).toBe('twins');
    expect(verdict('Abies grandis', 'Pseudotsuga menziesii')).toBe('told');
  });

  test('the two cherries are fair in leaf, and after leaf fall told by the pale margins of the bud scales', () => {
    const pair = ['Prunus virginiana', 'Prunus emarginata'] as const;
    expect(verdict(...pair, { date: '2026-09-10', handling: ['look'] })).toBe('told');
    const winter = { date: '2027-01-15', material: ['tree', 'twig'] } as const;
    const eye = compare(...pair, { ...winter, handling: ['look'] });
    expect(eye.tells.filter((t) => t.strength === 'clean').map((t) => t.character)).toContain(
      'twig.bud_scale_margin',
    );
    // Between bud break and bud set there is no bud to tell them by.
    expect(verdict(...pair, { date: '2026-05-01', material: ['twig'], handling: ['look'] })).not.toBe('told');
    const lens = compare(...pair, { ...winter, handling: ['look', 'lens'] });
    expect(lens.tells.find((t) => t.character === 'twig.bud_hairs')?.strength).toBe('clean');
  });

  test('the length of a cone is only a partial tell of the two spruces; bud scales and stiffness help', () => {
    const pair = ['Picea pungens', 'Picea engelmannii'] as const;
    const cone = compare(...pair, { material: ['fruit'] });
    expect(cone.verdict).toBe('twins');
    expect(cone.tells.map((t) => [t.character, t.strength])).toEqual([['fruit.size', 'partial']]);
    const hand = compare(...pair, { material: ['twig'], handling: ['look', 'lens', 'touch'] });
    const found = hand.tells.filter((t) => t.strength !== 'partial').map((t) => t.character);
    expect(found).toEqual(expect.arrayContaining(['twig.bud_scales_reflexed', 'needle.flexibility']));
  });

  test('larches drop their needles, three pines have five, and the elm breaks the rule for elms', () => {
    const usual = (name: string, character: string): readonly string[] => {
      const value = described(name).profile.get(character)?.value;
      return value?.kind === 'states'
        ? value.states.filter((s) => s.freq === 'usual').map((s) => s.state)
        : [];
    };
    const needled = SPECIES.filter((s) => usual(s, 'leaf.kind').includes('needle'));
    expect(needled.filter((s) => usual(s, 'leaf.persistence').includes('deciduous'))).toEqual([
      'Larix occidentalis',
      'Larix lyallii',
    ]);
    const five = SPECIES.filter((s) => {
      const value = described(s).profile.get('needle.bundle_count')?.value;
      return value?.kind === 'range' && value.low === 5;
    });
    expect(five).toEqual(['Pinus albicaulis', 'Pinus flexilis', 'Pinus monticola']);
    expect(usual('Ulmus pumila', 'leaf.base_symmetry')).toEqual(['even']);
    expect(usual('Ulmus pumila', 'leaf.margin')).toEqual(['serrate']);
    expect(described('Ulmus pumila').profile.get('leaf.base_symmetry')?.exceptionTo).toBeDefined();
  });

  test('one tree bears a wrong tag, one maple three-part leaves, and one bag hides arrangement and feel', () => {
    expect(TREES.filter((t) => t.really).map((t) => [t.tag, t.species, t.really])).toEqual([
      ['L41', 'Prunus emarginata', 'Prunus virginiana'],
    ]);
    expect(TREES.filter((t) => t.certified.includes('leaf.complexity: simple | trifoliolate'))).toHaveLength(
      1,
    );
    expect(SPECIMENS).toHaveLength(20);
    expect(SPECIMENS.flatMap((s) => s.hides ?? [])).toEqual(
      expect.arrayContaining(['twig.arrangement', 'smell.touch']),
    );
  });

  test('nothing is cut of what must not be cut or touched', () => {
    const cut = SPECIMENS.map((s) => TREES.find((t) => t.tag === s.tree)?.species);
    expect(cut).not.toContain('Pinus albicaulis');
    expect(cut).not.toContain('Toxicodendron rydbergii');
  });
});

describe('the scenario', () => {
  test('eighty tagged trees, each of a listed species and certified', () => {
    expect(TREES).toHaveLength(80);
    expect(new Set(TREES.map((t) => t.tag)).size).toBe(80);
    expect(new Set(TREES.map((t) => t.species)).size).toBe(47);
    for (const t of TREES) {
      expect(SPECIES).toContain(t.species);
      expect(t.certified.length).toBeGreaterThan(0);
    }
  });

  test('is the same every time', () => {
    expect(demoBundle()).toEqual(demoBundle());
  });
});

describe('the generator of answers', () => {
  const names = {
    common: (s: string) => s.toLowerCase(),
    others: () => [],
    shown: () => 'alternate',
  };
  const asks = [
    { kind: 'call', character: 'twig.arrangement' },
    { kind: 'common', character: null },
    { kind: 'sureness', character: null },
  ];

  test('gives back the rate that was planted', () => {
    const planted = PLANTED.find((p) => p.truth === 'Pinus flexilis');
    const random = seeded(7);
    const rounds = 4000;
    let named = 0;
    for (let i = 0; i < rounds; i += 1) {
      const [, name] = answerStation('Pinus flexilis', asks, 1, names, random);
      // A slip of the pen is counted by its first letters.
      if (name?.typed?.startsWith('pinus a')) named += 1;
    }
    expect(named / rounds).toBeGreaterThan((planted?.rate ?? 0) - 0.05);
    expect(named / rounds).toBeLessThan((planted?.rate ?? 0) + 0.05);
  });

  test('a slip changes one place and no more than one letter’s length', () => {
    const random = seeded(1);
    for (let i = 0; i < 200; i += 1) {
      const slipped = slip('subalpine fir', random);
      expect(Math.abs(slipped.length - 'subalpine fir'.length)).toBeLessThanOrEqual(1);
    }
  });
});
