import { describe, expect, test } from '@jest/globals';
import { DRILLS, contrastOf, drawnCards, drillSheet, hasDrill } from '@hurrow/core/reteach';
import type { Candidate, ContrastPlan } from '@hurrow/core/reteach';
import type { Value } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import { separate } from '@hurrow/core/tells';
import { OCTOBER, SPECIES_NAMES, described, vocabulary } from './described.ts';
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

describe('lessons on any two species of the school', () => {
  const names = [...SPECIES_NAMES.values()];
  /** Every seventh pair, so that all species are in some. */
  const PAIRS = names
    .flatMap((a, i) => names.slice(i + 1).map((b) => [a, b] as const))
    .filter((_, i) => i % 7 === 0);

  test('a check asks what its looks show, and of what is shared nothing tells', () => {
    let asked = 0;
    for (const [a, b] of PAIRS) {
      const p = plan(a, b);
      for (const q of p.check) {
        asked += 1;
        const character = vocabulary.get(q.character);
        const [x, y] = [described(a), described(b)].map((d) => d.values.get(q.character)?.value);
        if (!character || !x || !y) throw new Error(`${q.character} is not recorded of ${a} and ${b}`);
        const s = separate(character, x, y);
        if (q.kind === 'neither') expect([a, b, s.kind]).toEqual([a, b, 'none']);
        else {
          expect(q.value).toEqual(q.is === 'first' ? x : y);
          expect(s.kind === 'tell' && s.strength !== 'partial').toBe(true);
        }
      }
      expect(p.check.length === 0).toBe(p.looks.length === 0);
    }
    expect(asked).toBeGreaterThan(PAIRS.length);
  });

  test('looks are at most four, none is of where a tree stands, and later tells stand only where there are none', () => {
    for (const [a, b] of PAIRS) {
      const p = plan(a, b);
      expect(p.looks.length).toBeLessThanOrEqual(4);
      expect(p.looks.some((l) => l.character.organ === 'site')).toBe(false);
      expect(p.looks.length > 0 && p.later.length > 0).toBe(false);
      expect(p.nearest === null || p.nearest.minutes >= 1).toBe(true);
    }
  });

  test('a pair is the same lesson whichever of the two is named first', () => {
    for (const [a, b] of PAIRS.slice(0, 40)) {
      const [there, back] = [plan(a, b), plan(b, a)];
      expect(looks(back)).toEqual(looks(there));
      expect(back.nearest?.minutes).toBe(there.nearest?.minutes);
      expect([back.first, back.second]).toEqual([there.second, there.first]);
    }
  });

  test('drill sheets are drawn for the organs a species has, each state once', () => {
    const drawn = new Map<string, number>();
    for (const name of names.slice(0, 24))
      for (const drill of DRILLS) {
        if (!hasDrill(described(name), drill)) continue;
        const sheet = drillSheet(described(name), drill, vocabulary, 5);
        if (!sheet) continue;
        drawn.set(drill, (drawn.get(drill) ?? 0) + 1);
        expect(sheet.drawings.length).toBeGreaterThanOrEqual(3);
        expect(new Set(sheet.drawings.map((d) => d.value)).size).toBe(sheet.drawings.length);
      }
    // Among the first are the five pines and the first broad-leaved trees.
    expect(drawn.get('bundle')).toBe(5);
    expect(drawn.get('margin') ?? 0).toBeGreaterThan(4);
    expect(drawn.get('arrangement') ?? 0).toBeGreaterThan(4);
  });

  test('cards are drawn for nearly every pair, as many of each species', () => {
    let without = 0;
    for (const [a, b] of PAIRS.slice(0, 20)) {
      const cards = drawnCards(
        [described(a), described(b)],
        ['leaf', 'twig', 'bark', 'fruit'],
        2,
        vocabulary,
      );
      if (cards.length === 0) without += 1;
      else expect(cards.filter((c) => c.of === 'first')).toHaveLength(2);
    }
    expect(without).toBeLessThan(3);
  });
});
