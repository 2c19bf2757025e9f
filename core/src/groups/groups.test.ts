import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import { WINDOW_KINDS } from '../conditions/index.ts';
import { SHIPPED_GROUPS, readTaxa } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const byName = new Map(SHIPPED_GROUPS.map((t) => [t.name, t]));

describe('the groups that ship', () => {
  test('at least sixty genera, each in a family that ships too', () => {
    const genera = SHIPPED_GROUPS.filter((t) => t.rank === 'genus');
    expect(genera.length).toBeGreaterThanOrEqual(60);
    expect(SHIPPED_GROUPS.filter((t) => t.rank === 'family').length).toBeGreaterThanOrEqual(25);
    expect(genera.filter((g) => !g.parents.some((p) => byName.get(p)?.rank === 'family'))).toEqual([]);
    expect(new Set(SHIPPED_GROUPS.map((t) => t.name)).size).toBe(SHIPPED_GROUPS.length);
  });

  test('every statement is one the vocabulary understands', () => {
    const wrong = SHIPPED_GROUPS.flatMap((t) =>
      t.statements.flatMap((s) => {
        const character = vocabulary.get(s.character);
        if (!character) return [`${t.name}: ${s.character}`];
        const read = readCell(character, s.text);
        return read.ok ? [] : [`${t.name}: ${s.character}: ${read.problem.message}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  test('every season is a window in order, and every genus of deciduous broadleaves has its leaf season', () => {
    const wrong = SHIPPED_GROUPS.flatMap((t) =>
      t.windows
        .filter((w) => !WINDOW_KINDS.some((k) => k === w.kind) || w.from >= w.to)
        .map((w) => `${t.name} ${w.kind}`),
    );
    expect(wrong).toEqual([]);
    const inherits = (name: string, what: (t: (typeof SHIPPED_GROUPS)[number]) => boolean): boolean => {
      const taxon = byName.get(name);
      return taxon !== undefined && (what(taxon) || taxon.parents.some((p) => inherits(p, what)));
    };
    const leafless = SHIPPED_GROUPS.filter(
      (t) =>
        t.rank === 'genus' &&
        inherits(t.name, (x) =>
          x.statements.some((s) => s.character === 'leaf.persistence' && s.text === 'deciduous'),
        ) &&
        !inherits(t.name, (x) => x.windows.some((w) => w.kind === 'leaf_out')),
    );
    expect(leafless.map((t) => t.name)).toEqual([]);
  });

  test('every genus gives kind and persistence of leaf and kind of fruit', () => {
    const values = (name: string): ReadonlySet<string> => {
      const taxon = byName.get(name);
      return new Set([
        ...(taxon?.statements.map((s) => s.character) ?? []),
        ...(taxon?.parents.flatMap((p) => [...values(p)]) ?? []),
      ]);
    };
    const thin = SHIPPED_GROUPS.filter((t) => t.rank === 'genus').filter((t) => {
      const v = values(t.name);
      return !v.has('leaf.kind') || !v.has('leaf.persistence');
    });
    expect(thin.map((t) => t.name)).toEqual([]);
    expect(values('Acer').has('fruit.kind')).toBe(true);
  });

  test('what can hurt carries its caution', () => {
    for (const name of ['Toxicodendron', 'Taxus', 'Prunus', 'Crataegus', 'Aesculus', 'Robinia']) {
      expect([name, (byName.get(name)?.cautions.length ?? 0) >= 1]).toEqual([name, true]);
    }
    // A caution that forbids touch does not tell anybody to take hold, and one that lets take hold forbids none.
    const holds = SHIPPED_GROUPS.flatMap((t) => t.cautions.map((c) => ({ name: t.name, ...c }))).filter((c) =>
      /\b(hold|take hold)\b/.test(c.text),
    );
    expect(holds.filter((c) => c.forbids.includes('touch')).map((c) => c.name)).toEqual([]);
    expect(holds.length).toBeGreaterThan(3);
    expect(byName.get('Toxicodendron')?.cautions[0]?.forbids).toContain('touch');
  });
});

describe('groups held to what holds for their common species', () => {
  const usual = (name: string, character: string): string | undefined =>
    byName.get(name)?.statements.find((s) => s.character === character)?.text;

  test('thirty genera of the East, of gardens and of the West stand beside the rest', () => {
    const wanted =
      'Gymnocladus Cladrastis Hamamelis Halesia Chionanthus Lindera Ptelea Zanthoxylum Aralia Staphylea ' +
      'Metasequoia Koelreuteria Paulownia Zelkova Syringa Ligustrum Tamarix Melia Albizia Triadica ' +
      'Vaccinium Lonicera Symphoricarpos Euonymus Rosa Ribes Ceanothus Vitis Parthenocissus Cephalanthus ' +
      'Cercocarpus Holodiscus Philadelphus Spiraea Purshia Artemisia Notholithocarpus Chrysolepis Prosopis Sabal';
    expect(wanted.split(' ').filter((g) => byName.get(g)?.rank !== 'genus')).toEqual([]);
  });

  test('a statement that fails for common species carries a frequency or stands lower down', () => {
    // Soapberry and goldenrain-tree, the namesakes of the family, have alternate leaves.
    expect(usual('Sapindaceae', 'leaf.arrangement')).toBeUndefined();
    expect([usual('Acer', 'leaf.arrangement'), usual('Koelreuteria', 'leaf.arrangement')]).toEqual([
      'opposite',
      'alternate',
    ]);
    for (const [name, character] of [
      ['Juniperus', 'leaf.kind'],
      ['Juniperus', 'fruit.colour'],
      ['Taxaceae', 'flower.sexual_system'],
      ['Rhamnaceae', 'fruit.kind'],
      ['Toxicodendron', 'form.habit'],
      ['Fagus', 'leaf.persistence'],
      ['Fagaceae', 'form.habit'],
      ['Quercus', 'wood.pores'],
      ['Betulaceae', 'leaf.margin'],
      ['Salicaceae', 'leaf.lobing'],
      ['Populus', 'form.trunk_shoots'],
      ['Fabaceae', 'flower.kind'],
      ['Rosaceae', 'leaf.persistence'],
      ['Prunus', 'leaf.glands'],
      ['Abies', 'needle.section'],
      ['Juglandaceae', 'twig.thickness'],
      ['Cupressaceae', 'bark.texture'],
      ['Ulmus', 'flower.timing'],
      ['Pinaceae', 'form.trunk_shoots'],
    ] as const)
      expect([name, character, usual(name, character)?.includes('|')]).toEqual([name, character, true]);
  });

  test('fruit is what people see, oaks are parted by the years of their acorns, cedars flower in fall', () => {
    expect(
      ['Platanus', 'Liquidambar', 'Ostrya', 'Physocarpus', 'Magnolia', 'Castanea'].map((g) =>
        usual(g, 'fruit.kind'),
      ),
    ).toEqual(['ball', 'ball', 'papery-sac', 'follicle', 'aggregate', 'nut-in-a-bur']);
    expect([usual('red oaks', 'fruit.acorn_years'), usual('white oaks', 'fruit.acorn_years')]).toEqual([
      'two-years | one-year?',
      'one-year | two-years??',
    ]);
    expect(byName.get('Cedrus')?.windows.find((w) => w.kind === 'pollen')?.from).toBe('09-15');
    const acer = byName.get('Acer')?.windows ?? [];
    expect(acer.find((w) => w.kind === 'ripening')?.from.slice(0, 2)).toBe('05');
  });

  test('older names of families lead to those of today', () => {
    const older = SHIPPED_GROUPS.flatMap((t) => t.olderFamily);
    for (const family of 'Taxodiaceae Aceraceae Hippocastanaceae Tiliaceae Hamamelidaceae Ulmaceae Caprifoliaceae Leguminosae Cornaceae Viburnaceae'.split(
      ' ',
    ))
      expect(older).toContain(family);
  });

  test('evergreens that flower with new shoots have no timing against the leaves', () => {
    for (const name of ['Pinaceae', 'Cupressaceae', 'Taxaceae'])
      expect([name, usual(name, 'flower.timing')]).toEqual([name, undefined]);
  });

  test('what blisters is looked at from a step away, and no character invites to tear it', () => {
    expect(byName.get('Toxicodendron')?.cautions[0]?.forbids).toEqual(
      expect.arrayContaining(['touch', 'lens', 'smell', 'taste', 'cut', 'measure']),
    );
    const sap = CHARACTERS.find((c) => c.id === 'leaf.sap');
    expect(sap?.states.map((s) => s.id)).toEqual(['clear', 'milky', 'sticky']);
  });
});

describe('the notation of taxa', () => {
  test('a line that is not understood is named with its taxon', () => {
    expect(() => readTaxa('genus Abies | fir\n  needles are flat')).toThrow('“needles are flat” at Abies');
    expect(() => readTaxa('  in Pinaceae')).toThrow('before any taxon');
  });
});
