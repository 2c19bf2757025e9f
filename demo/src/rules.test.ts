import { describe, expect, test } from '@jest/globals';
import { checkRule } from '@hurrow/core/rules';
import type { Rule } from '@hurrow/core/rules';
import { DESCRIBED, LIBRARY, OCTOBER, vocabulary } from './described.ts';
import { SPECIES, taxonId } from './libraryRows.ts';
import { POPULAR } from './rules.ts';

const list = [...DESCRIBED.values()];
const taxa = new Map(LIBRARY.taxa.map((t) => [t.id, t]));
const broken = (i: number): readonly string[] => {
  const popular = POPULAR[i];
  if (!popular) throw new Error(`No rule ${i}`);
  const rule: Rule = {
    quantifier: popular.quantifier,
    who: popular.who === null ? null : taxonId(popular.who),
    when: popular.when ?? [],
    then: [popular.then],
  };
  const report = checkRule(rule, list, taxa, vocabulary, OCTOBER);
  return report.exceptions.map((e) => SPECIES[e.member] ?? '').sort();
};

describe('popular rules that the list breaks', () => {
  test('five needles are not the white pine’s alone', () => {
    expect(broken(0)).toEqual(['Pinus albicaulis', 'Pinus flexilis']);
  });

  test('the larches drop their needles', () => {
    expect(broken(1)).toEqual(['Larix lyallii', 'Larix occidentalis']);
  });

  test('the elm has neither an uneven base nor double teeth', () => {
    expect(broken(2)).toEqual(['Ulmus pumila']);
    expect(broken(3)).toEqual(['Ulmus pumila']);
  });
});
