import { describe, expect, test } from '@jest/globals';
import { HANDLINGS, addDays } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import { compare, described } from './described.ts';

const YEAR = Array.from({ length: 365 }, (_, d) => addDays('2026-01-01', d));

/** The days on which the verdict or the number of clear tells of a pair changes, from 1 January, everything else held. */
function changes(a: string, b: string, part: Partial<Conditions>): readonly string[] {
  const found: string[] = [];
  let last = '';
  for (const date of YEAR) {
    const { verdict, tells } = compare(a, b, { ...part, date });
    const clear = tells.filter((t) => t.strength !== 'partial').length;
    const now = verdict === 'told' ? `${verdict} by ${clear}` : verdict;
    if (now !== last) found.push(`${date.slice(5)} ${now}`);
    last = now;
  }
  return found;
}

const startOf = (name: string, kind: string): number =>
  described(name).windows.find((w) => w.kind === kind)?.start ?? NaN;
const endOf = (name: string, kind: string): number =>
  described(name).windows.find((w) => w.kind === kind)?.end ?? NaN;
const day = (date: string): number => YEAR.indexOf(`2026-${date}`) + 1;

describe('four pairs, day by day through the year', () => {
  const WHITEBARK = 'Pinus albicaulis';
  const LIMBER = 'Pinus flexilis';

  test('whitebark and limber pine are twins every day but while both shed pollen', () => {
    expect(changes(WHITEBARK, LIMBER, {})).toEqual(['01-01 twins', '05-28 told by 1', '06-19 twins']);
    expect(day('05-28')).toBe(Math.max(startOf(WHITEBARK, 'pollen'), startOf(LIMBER, 'pollen')));
    expect(day('06-19')).toBe(Math.min(endOf(WHITEBARK, 'pollen'), endOf(LIMBER, 'pollen')) + 1);
    expect(changes(WHITEBARK, LIMBER, { material: ['leaf'] })).toEqual(['01-01 twins']);
  });

  test('and in every other week with every handling, until a cone or the litter beneath is added', () => {
    const handlings = Array.from({ length: 2 ** (HANDLINGS.length - 1) }, (_, mask) => [
      'look' as const,
      ...HANDLINGS.slice(1).filter((_h, i) => mask & (1 << i)),
    ]);
    for (let week = 0; week < 52; week += 1) {
      const date = YEAR[week * 7] ?? '';
      const shedding = date >= '2026-05-28' && date < '2026-06-19';
      for (const handling of handlings) {
        expect([date, handling, compare(WHITEBARK, LIMBER, { date, handling }).verdict]).toEqual([
          date,
          handling,
          shedding ? 'told' : 'twins',
        ]);
      }
      const litter = compare(WHITEBARK, LIMBER, { date, material: ['tree', 'twig', 'leaf', 'litter'] });
      expect([date, litter.verdict]).toEqual([date, 'told']);
    }
    const cone = compare(WHITEBARK, LIMBER, { material: ['tree', 'twig', 'leaf', 'fruit'] });
    expect(cone.verdict).toBe('told');
  });

  test('the cherries are told in leaf, and by the margins of their bud scales while buds stand', () => {
    const [a, b] = ['Prunus virginiana', 'Prunus emarginata'] as const;
    expect(changes(a, b, { material: ['twig'] })).toEqual([
      '01-01 told by 1',
      '04-20 twins',
      '05-10 told by 8',
      '05-15 told by 10',
      '05-19 told by 8',
      '07-09 told by 9',
      '09-26 told by 1',
    ]);
    expect(day('05-10')).toBe(Math.max(endOf(a, 'leaf_out'), endOf(b, 'leaf_out')));
    // On the day after the first begins to fall its leaf is seen only partly.
    expect(day('09-26')).toBe(Math.min(startOf(a, 'leaf_fall'), startOf(b, 'leaf_fall')) + 1);
    expect(changes(a, b, { material: ['twig'], handling: ['look', 'lens'] })).toEqual([
      '01-01 told by 2',
      '04-20 twins',
      '05-10 told by 10',
      '05-15 told by 12',
      '05-19 told by 10',
      '07-09 told by 12',
      '09-26 told by 2',
    ]);
    expect(day('04-20')).toBe(Math.min(startOf(a, 'leaf_out'), startOf(b, 'leaf_out')));
    // Buds are set again 60 days after the later of the two is in full leaf.
    expect(day('07-09')).toBe(Math.max(endOf(a, 'leaf_out'), endOf(b, 'leaf_out')) + 60);
  });

  test('the silver leaves are told by a twig all year and never by one leaf', () => {
    const [a, b] = ['Elaeagnus angustifolia', 'Shepherdia argentea'] as const;
    expect(changes(a, b, { material: ['leaf'] })).toEqual([
      '01-01 unproven',
      '04-21 twins',
      '11-16 unproven',
    ]);
    expect(changes(a, b, { material: ['twig'] })).toEqual([
      '01-01 told by 3',
      '04-25 told by 1',
      '05-22 told by 2',
      '07-21 told by 4',
      '10-11 told by 3',
    ]);
    // Without their buds, twice as many tells by leaf and bud again once those are set.
    expect(day('07-21')).toBe(Math.max(endOf(a, 'leaf_out'), endOf(b, 'leaf_out')) + 60);
  });

  test('the larches are told by their needles only while they stand', () => {
    const [a, b] = ['Larix occidentalis', 'Larix lyallii'] as const;
    expect(changes(a, b, { material: ['leaf'] })).toEqual([
      '01-01 unproven',
      '04-08 twins',
      '05-12 told by 2',
      '11-23 unproven',
    ]);
    expect(changes(a, b, { material: ['twig'] })).toEqual([
      '01-01 told by 3',
      '05-12 told by 7',
      '10-21 told by 3',
    ]);
  });
});
