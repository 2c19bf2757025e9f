import { describe, expect, test } from '@jest/globals';
import type { SittingStation } from '@hurrow/contract';
import type { Fix } from '@hurrow/core/fairness';
import { PLAN, POLICY } from '@hurrow/core/quizzes';
import { askingGenus, bodyOf, stepOf } from './applyFix.ts';
import { askFixture, stationFixture, treeFixture } from './stationFixture.ts';

const station = stationFixture(treeFixture('L1', 'fir'), {
  asks: [
    askFixture('call', { character: 'leaf.margin' }),
    askFixture('common', { points: 2 }),
    askFixture('scientific', { points: 3 }),
    askFixture('sureness', { points: 0 }),
  ],
});
const quiz = { plan: PLAN, policy: POLICY };
const sitting = { on: '2026-10-06', handling: ['look' as const, 'touch' as const], wet: false };
const at = (part: Partial<SittingStation> = {}): SittingStation => ({
  id: 'at',
  station,
  insteadOf: null,
  distance: 'hand',
  material: ['tree', 'twig', 'leaf'],
  version: 1,
  drawn: [],
  reason: null,
  reasonNote: null,
  takenOn: {},
  hides: [],
  ...part,
});
const step = (fix: Fix, of: SittingStation | null = null, on: typeof sitting | null = null) =>
  stepOf(fix, station, quiz, on, of);

describe('what a fix writes', () => {
  test('material and distance at the station, which drafts follow', () => {
    expect(step({ kind: 'material', add: 'fruit' }, at())).toEqual({
      kind: 'station',
      body: { ...bodyOf(station), material: ['tree', 'twig', 'leaf', 'fruit'] },
    });
    expect(step({ kind: 'distance', to: 'hand' })).toMatchObject({
      kind: 'station',
      body: { distance: 'hand' },
    });
  });

  test('at the sitting where that has something of its own', () => {
    expect(step({ kind: 'material', add: 'litter' }, at({ material: ['leaf'] }))).toEqual({
      kind: 'at_sitting',
      body: { material: ['leaf', 'litter'], distance: 'hand' },
    });
  });

  test('handling for the sitting, or in the plan while nothing is scheduled', () => {
    const allow: Fix = { kind: 'handling', allow: 'lens' };
    expect(step(allow, null, sitting)).toEqual({
      kind: 'sitting',
      body: { on: '2026-10-06', wet: false, handling: ['look', 'lens', 'touch'] },
    });
    expect(step({ kind: 'handling', allow: 'smell' })).toEqual({
      kind: 'plan',
      body: { policy: POLICY, plan: { ...PLAN, handling: ['look', 'lens', 'touch', 'smell'] } },
    });
  });

  test('a day moves the sitting, or only what it is judged for', () => {
    const day: Fix = { kind: 'day', date: '2027-05-28' };
    expect(step(day, null, sitting)).toMatchObject({ kind: 'sitting', body: { on: '2027-05-28' } });
    expect(step(day)).toEqual({ kind: 'day', date: '2027-05-28' });
  });

  test('the genus takes the place of the names, with the points of the first', () => {
    expect(step({ kind: 'genus' })).toMatchObject({ kind: 'station' });
    expect(askingGenus(bodyOf(station).asks).map((a) => [a.kind, a.points])).toEqual([
      ['call', 1],
      ['genus', 2],
      ['sureness', 0],
    ]);
    expect(askingGenus([]).map((a) => [a.kind, a.points])).toEqual([['genus', 1]]);
  });

  test('what is accepted is accepted once', () => {
    const accepting = { ...station, accepts: ['a'] };
    expect(stepOf({ kind: 'accept', taxa: ['a', 'b'] }, accepting, quiz, null, null)).toMatchObject({
      body: { accepts: ['a', 'b'] },
    });
  });
});
