import { expect, test } from '@jest/globals';
import type { DatedLooks } from '@hurrow/core/mixups';
import { pairsOver } from './studentPairs.ts';
import type { PairGround } from './studentPairs.ts';

const [WS, SECTION] = ['ws', 'section'];

/** Looks of a student at trees of a species that were named as another. */
const looked = (student: string, truth: string, answer: string): DatedLooks => ({
  ...{ student, truth, answer },
  ...{ on: '2026-10-01', returnedOn: null, fresh: 1 },
});

/** A pair mixed up on that day, with nothing after it. */
const pair = (student: string, a: string, b: string, clean = 0): PairGround['kept'][number] => ({
  ...{ student, a, b },
  ...{ first_on: '2026-10-01', chances: 0, repeats: 0, clean, resolved: false },
});

/** Whose pairs are taken away, and whose are written. */
function over(
  ground: PairGround,
  part: { students: string[]; truths: string[] } | null = null,
): readonly string[][] {
  const [gone, written] = pairsOver(WS, SECTION, part, ground);
  const students = String(written?.params[0] ?? '{}');
  return [[...((gone?.params[2] ?? []) as string[])], students.slice(1, -1).split(',').filter(Boolean)];
}

const LOOKS = [looked('ann', 'fir', 'pine'), looked('ben', 'fir', 'pine'), looked('cleo', 'fir', 'fir')];

test('pairs that went on as before are not written again', () => {
  expect(over({ looks: LOOKS, kept: [pair('ann', 'fir', 'pine'), pair('ben', 'fir', 'pine')] })).toEqual([
    [],
    [],
  ]);
});

test('a pair is written where it is new or went on otherwise, and taken away where it is no more', () => {
  const kept = [pair('ben', 'fir', 'pine', 1), pair('cleo', 'fir', 'pine')];
  expect(over({ looks: LOOKS, kept })).toEqual([
    ['ben', 'cleo'],
    ['ann', 'ben'],
  ]);
});

test('of a part, pairs without one of its species are left as they are', () => {
  const looks = [...LOOKS, looked('ann', 'larch', 'spruce')];
  const part = { students: ['ann', 'ben'], truths: ['fir'] };
  expect(over({ looks, kept: [] }, part)).toEqual([[], ['ann', 'ben']]);
  expect(over({ looks, kept: [] })[1]).toEqual(['ann', 'ann', 'ben']);
});
