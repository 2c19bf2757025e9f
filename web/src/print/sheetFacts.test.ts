import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { factsOf } from './sheetFacts.ts';

const vocabulary = vocabularyOf(CHARACTERS);

const states = (...ids: readonly string[]): Value => ({
  kind: 'states',
  states: ids.map((state) => ({ state, freq: 'usual' })),
});
const range = (low: number, high: number): Value =>
  ({ kind: 'range', low, high, xlow: null, xhigh: null }) as unknown as Value;

const tree = (values: Readonly<Record<string, Value>>): DescribedTaxon =>
  ({
    profile: new Map(Object.entries(values).map(([character, value]) => [character, { character, value }])),
  }) as unknown as DescribedTaxon;

const PINE = tree({
  'form.height': range(20_000, 30_000),
  'form.trunk_diameter': range(500, 900),
  'needle.bundle_count': range(3, 3),
  'needle.length': range(120, 250),
  'site.landform': states('dry-slope'),
  'leaf.width': { kind: 'inapplicable' },
});

describe('the facts of a sheet', () => {
  test('say size, needles and ground in one line each, in the units asked for, and nothing that is not recorded', () => {
    const facts = factsOf(PINE, vocabulary, 'general', 'metric');
    expect(facts.map((f) => f.label)).toEqual(['Height', 'Trunk', 'Needles', 'Grows on']);
    const needles = facts.find((f) => f.label === 'Needles')?.value ?? '';
    expect(needles).toMatch(/^in bundles of 3, .+ long$/);
    expect(needles).toContain('cm');
    const feet = factsOf(PINE, vocabulary, 'general', 'customary').find((f) => f.label === 'Height');
    expect(feet?.value).toMatch(/ft$/);
  });

  test('spare the young what they have no use for', () => {
    const labels = factsOf(PINE, vocabulary, 'young', 'customary').map((f) => f.label);
    expect(labels).toEqual(['Height', 'Needles', 'Grows on']);
  });

  test('are none of a species nothing is recorded of', () => {
    expect(factsOf(tree({}), vocabulary, 'technical', 'metric')).toEqual([]);
  });
});
