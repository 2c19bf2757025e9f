import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SPECIMEN_STATES, SPECIMEN_STEPS, cuttingList, gatherFrom, goodUntil, keepsDays } from './index.ts';
import type { KeepsBy, StationToSupply } from './index.ts';

const maple: KeepsBy = { genus: 'Acer', leafKind: 'broad', inLeaf: true, fruitKind: 'paired-samara' };
const spruce: KeepsBy = { genus: 'Picea', leafKind: 'needle', inLeaf: true, fruitKind: 'cone' };
const pine: KeepsBy = { genus: 'Pinus', leafKind: 'needle', inLeaf: true, fruitKind: 'cone' };

describe('how long cut parts keep', () => {
  test.each([
    ['a leafy maple twig', 'twig', maple, 4],
    ['the same twig in winter', 'twig', { ...maple, inLeaf: false }, 14],
    ['a spruce twig, whose needles drop', 'twig', spruce, 3],
    ['a pine twig', 'twig', pine, 10],
    ['a maple leaf', 'leaf', maple, 5],
    ['hemlock needles', 'leaf', { ...spruce, genus: 'Tsuga' }, 3],
    ['a pine cone', 'fruit', pine, 60],
    ['a fir cone, which falls to pieces', 'fruit', { ...pine, genus: 'Abies' }, 4],
    ['a cherry', 'fruit', { ...maple, fruitKind: 'drupe' }, 4],
    ['fruit of which nothing is recorded', 'fruit', { ...maple, fruitKind: null }, 60],
    ['litter', 'litter', maple, 30],
    ['bark', 'bark', maple, 365],
  ] as const)('%s', (_, material, keeps, days) => {
    expect(keepsDays(material, keeps)).toBe(days);
  });

  test('what is taken on the first day is good on the day of the sitting, and no longer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), (days) => {
        expect(goodUntil(gatherFrom('2026-10-06', days), days)).toBe('2026-10-06');
      }),
    );
  });
});

describe('a cutting list', () => {
  const station = (number: number, part: Partial<StationToSupply> = {}): StationToSupply => ({
    id: `s${number}`,
    number,
    material: ['tree', 'twig', 'fruit'],
    cautions: [],
    keeps: maple,
    ...part,
  });

  test('names what is needed by number, in the order of the stations; the standing tree is not brought', () => {
    const list = cuttingList([station(2, { material: ['leaf'] }), station(1)], '2026-10-06');
    expect(list.map((i) => [i.label, i.material, i.nodes, i.from])).toEqual([
      ['1A', 'twig', 2, '2026-10-02'],
      ['1B', 'fruit', 0, '2026-08-07'],
      ['2A', 'leaf', 0, '2026-10-01'],
    ]);
    expect(JSON.stringify(list)).not.toContain('Acer');
  });

  test('what hurts goes into a bag, and what may not be collected is said so, but for what lies on the ground', () => {
    const thorny = station(1, { cautions: [{ hazard: 'thorns', forbids: ['touch'] }] });
    const protectedTree = station(2, {
      material: ['twig', 'litter'],
      cautions: [{ hazard: 'protected', forbids: ['collect'] }],
    });
    const list = cuttingList([thorny, protectedTree], '2026-10-06');
    expect(list.map((i) => [i.label, i.bagged, i.permission])).toEqual([
      ['1A', true, 'ask_the_owner'],
      ['1B', true, 'ask_the_owner'],
      ['2A', false, 'forbidden'],
      ['2B', false, 'ask_the_owner'],
    ]);
  });

  test('nothing for stations that show only standing trees', () => {
    expect(cuttingList([station(1, { material: ['tree', 'plate'] })], '2026-10-06')).toEqual([]);
  });
});

test('a specimen goes from one state to the next, and what is spoiled stays so', () => {
  expect(Object.keys(SPECIMEN_STEPS).sort()).toEqual([...SPECIMEN_STATES].sort());
  expect(SPECIMEN_STEPS.spoiled).toEqual([]);
  expect(SPECIMEN_STEPS.to_gather).toEqual(['gathered']);
  for (const next of Object.values(SPECIMEN_STEPS))
    for (const s of next) expect(SPECIMEN_STATES).toContain(s);
});
