import { expect, test } from '@jest/globals';
import type { AppliedRates } from '@hurrow/contract';
import { CHARACTERS } from '@hurrow/core/characters';
import { missRate } from '@hurrow/core/tells';
import { vocabularyReadBy } from './vocabulary.ts';

const [first] = CHARACTERS;
if (!first) throw new Error('There is no character');
const applied = (rate: number): AppliedRates => ({
  fit: 'fit',
  rates: [{ character: first.id, rate, weight: 31 }],
});

test('one reading is made of the same characters and rates, and another where either differs', () => {
  const ours = applied(0.42);
  const reading = vocabularyReadBy(CHARACTERS, ours);
  expect(vocabularyReadBy(CHARACTERS, ours)).toBe(reading);
  expect(vocabularyReadBy(CHARACTERS, undefined)).toBe(vocabularyReadBy(CHARACTERS, undefined));
  const others = [
    vocabularyReadBy(CHARACTERS, undefined),
    vocabularyReadBy(CHARACTERS, applied(0.42)),
    vocabularyReadBy([...CHARACTERS], ours),
  ];
  for (const other of others) expect(other).not.toBe(reading);
});

test('a class with rates of its own reads by them, and every other character by the vocabulary', () => {
  const [own, plain] = [vocabularyReadBy(CHARACTERS, applied(0.42)), vocabularyReadBy(CHARACTERS, undefined)];
  const rateIn = (reading: typeof own, id: string): number | undefined => {
    const c = reading.get(id);
    return c && missRate(c).rate;
  };
  expect(rateIn(own, first.id)).toBe(0.42);
  expect(rateIn(plain, first.id)).not.toBe(0.42);
  const rest = CHARACTERS.slice(1).map((c) => c.id);
  expect(rest.map((id) => rateIn(own, id))).toEqual(rest.map((id) => rateIn(plain, id)));
});
