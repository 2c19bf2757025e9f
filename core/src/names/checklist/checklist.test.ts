import { describe, expect, test } from '@jest/globals';
import { checklist } from './index.ts';
import { readChecklist } from './read.ts';

describe('the checklist of real trees', () => {
  const { families, genera, species } = checklist();

  test('has at least 1,500 species, each once, each with an English name', () => {
    const names = species.map((s) => s.scientific);
    expect(names.length).toBeGreaterThanOrEqual(1500);
    expect(new Set(names).size).toBe(names.length);
    expect(species.filter((s) => s.common.length === 0).map((s) => s.scientific)).toEqual([]);
  });

  test('has every genus and family once, and a family for every genus', () => {
    expect(new Set(genera.map((g) => g.genus)).size).toBe(genera.length);
    expect(new Set(families.map((f) => f.family)).size).toBe(families.length);
    const known = new Set(families.map((f) => f.family));
    expect(genera.filter((g) => !known.has(g.family))).toEqual([]);
    expect(families.filter((f) => !/^[A-Z][a-z]+aceae$/.test(f.family))).toEqual([]);
  });

  test('writes names as they are written: letters, and no space at either end', () => {
    const wrong = species.flatMap((s) => [
      ...(/^(?:× )?[A-Z][a-z]+ (?:× )?[a-z-]+$/.test(s.scientific) ? [] : [s.scientific]),
      ...[...s.common, ...s.synonyms].filter((n) => n !== n.trim() || !/^[A-Za-z][A-Za-z'’. ×-]+$/.test(n)),
    ]);
    expect(wrong).toEqual([]);
  });

  test('no synonym is the accepted name of another species', () => {
    const accepted = new Set(species.map((s) => s.scientific));
    expect(species.flatMap((s) => s.synonyms.filter((n) => accepted.has(n)))).toEqual([]);
  });
});

test('a line is read with its family, hybrid, common names and synonyms, and refused where it lacks one', () => {
  const read = readChecklist(
    '@Pinaceae pine; Abietaceae\nAbies fir: grandis grand fir, lowland fir = Pinus grandis; x mira odd fir',
  );
  expect(read.families).toEqual([{ family: 'Pinaceae', common: 'pine', older: ['Abietaceae'] }]);
  expect(read.species).toEqual([
    {
      family: 'Pinaceae',
      scientific: 'Abies grandis',
      common: ['grand fir', 'lowland fir'],
      synonyms: ['Pinus grandis'],
    },
    { family: 'Pinaceae', scientific: 'Abies × mira', common: ['odd fir'], synonyms: [] },
  ]);
  expect(() => readChecklist('Abies fir: grandis')).toThrow('No genus');
  expect(() => readChecklist('@Pinaceae pine\nAbies fir: Grandis')).toThrow('No epithet');
});
