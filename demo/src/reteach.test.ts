import { describe, expect, test } from '@jest/globals';
import { contrastOf } from '@hurrow/core/reteach';
import type { Candidate, ContrastPlan } from '@hurrow/core/reteach';
import type { Value } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import { OCTOBER, described, vocabulary } from './described.ts';
import { taxonId, valueFromText } from './libraryRows.ts';
import { placeOf, treeId } from './scenario.ts';
import { TREES } from './trees.ts';

const CANDIDATES: readonly Candidate[] = TREES.map((t) => ({
  individual: treeId(t.tag),
  taxon: taxonId(t.species),
  certified: Object.fromEntries(
    t.certified.map((line): readonly [string, Value] => {
      const [character = '', text = ''] = line.split(/: (.*)/);
      return [character, valueFromText(character, text)];
    }),
  ),
  cautions: [],
  place: { ...placeOf(t), elevM: t.elevM },
  cut: null,
}));
const plan = (a: string, b: string, part: Partial<Conditions> = {}): ContrastPlan =>
  contrastOf(described(a), described(b), CANDIDATES, vocabulary, { ...OCTOBER, ...part });
const looks = (p: ContrastPlan): readonly string[] => p.looks.map((l) => l.character.id);
const tagOf = (individual: string | undefined): string | undefined =>
  TREES.find((t) => treeId(t.tag) === individual)?.tag;

describe('a lesson on two look-alikes of the school', () => {
  test('the two firs are looked at by the lines of their needles first, and stand a few minutes apart', () => {
    const firs = plan('Abies grandis', 'Abies lasiocarpa');
    expect(looks(firs)[0]).toBe('needle.bands');
    expect(firs.nearest?.characters).toContain('needle.bands');
    expect(TREES.find((t) => t.tag === tagOf(firs.nearest?.a))?.species).toBe('Abies grandis');
    expect(TREES.find((t) => t.tag === tagOf(firs.nearest?.b))?.species).toBe('Abies lasiocarpa');
    expect(firs.check.length).toBeGreaterThanOrEqual(2);
    expect(firs.later).toEqual([]);
  });

  test('a maple and a ninebark are told by arrangement before anything else', () => {
    expect(looks(plan('Physocarpus malvaceus', 'Acer glabrum'))[0]).toBe('twig.arrangement');
    expect(looks(plan('Sambucus cerulea', 'Rhus glabra'))[0]).toBe('twig.arrangement');
    expect(looks(plan('Elaeagnus angustifolia', 'Shepherdia argentea'))[0]).toBe('twig.arrangement');
  });

  test('the two five-needle pines show nothing now: it says what does and when', () => {
    const pines = plan('Pinus flexilis', 'Pinus albicaulis');
    expect([pines.looks, pines.nearest, pines.check]).toEqual([[], null, []]);
    expect(pines.later.length).toBeGreaterThan(0);
    for (const { tell, when } of pines.later) {
      expect(tell.strength).not.toBe('partial');
      expect(when.length).toBeGreaterThan(0);
    }
  });

  test('a look that is left out is not taught, and nothing else moves', () => {
    const all = looks(plan('Abies grandis', 'Abies lasiocarpa'));
    const left = contrastOf(
      described('Abies grandis'),
      described('Abies lasiocarpa'),
      CANDIDATES,
      vocabulary,
      OCTOBER,
      new Set([all[0] ?? '']),
    );
    expect(looks(left).slice(0, all.length - 1)).toEqual(all.slice(1));
  });

  test('every look that is named for a tree separates it, and the nearest two show one both', () => {
    const firs = plan('Abies grandis', 'Abies lasiocarpa');
    const named = new Set(looks(firs));
    for (const s of [...firs.first, ...firs.second]) {
      expect(s.characters.length).toBeGreaterThan(0);
      expect(s.characters.every((c) => named.has(c))).toBe(true);
    }
    const [a, b] = [
      firs.first.find((s) => s.individual === firs.nearest?.a),
      firs.second.find((s) => s.individual === firs.nearest?.b),
    ];
    expect(
      firs.nearest?.characters.every((c) => a?.characters.includes(c) && b?.characters.includes(c)),
    ).toBe(true);
  });
});
