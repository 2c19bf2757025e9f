import { describe, expect, test } from '@jest/globals';
import type { SittingDetail, SittingSummary } from '@hurrow/contract';
import { PLAN } from '@hurrow/core/quizzes';
import { judgedSitting, settingFor } from './judgedFor.ts';
import { stationFixture, treeFixture } from './stationFixture.ts';

const sitting = (id: string, on: string, state: SittingSummary['state']): SittingSummary => ({
  id,
  section: 's',
  sectionName: 'Lab',
  on,
  state,
  joined: 0,
  submitted: 0,
  roster: 12,
});

describe('the sitting a quiz is judged for', () => {
  const sittings = [
    sitting('over', '2026-09-01', 'returned'),
    sitting('later', '2026-10-20', 'draft'),
    sitting('next', '2026-10-06', 'locked'),
  ];

  test('is the next one that is not over, unless another or a day is chosen', () => {
    expect(judgedSitting({ sittings }, null)).toBe('next');
    expect(judgedSitting({ sittings }, 'over')).toBe('over');
    expect(judgedSitting({ sittings }, 'day')).toBeNull();
    expect(judgedSitting({ sittings }, 'gone')).toBe('next');
    expect(judgedSitting({ sittings: [] }, null)).toBeNull();
  });
});

describe('how a station is met', () => {
  const station = stationFixture(treeFixture('L1', 'fir'), { material: ['leaf'], distance: 'hand' });

  test('as the plan says while nothing is scheduled', () => {
    expect(settingFor(station, { plan: PLAN }, '2026-10-01', null)).toEqual({
      date: '2026-10-01',
      handling: PLAN.handling,
      wet: false,
      material: ['leaf'],
      distance: 'hand',
    });
  });

  test('as the sitting has it, with the days its parts were taken', () => {
    const at = { station, material: ['twig'], distance: 'trunk', takenOn: { twig: '2026-10-02' } };
    const held = {
      on: '2026-10-06',
      handling: ['look'],
      wet: true,
      stations: [at],
    } as unknown as SittingDetail;
    expect(settingFor(station, { plan: PLAN }, '2026-10-01', held)).toEqual({
      date: '2026-10-06',
      handling: ['look'],
      wet: true,
      material: ['twig'],
      distance: 'trunk',
      takenOn: { twig: '2026-10-02' },
    });
    const without = { ...held, stations: [] };
    expect(settingFor(station, { plan: PLAN }, '2026-10-01', without)).toMatchObject({
      date: '2026-10-06',
      material: ['leaf'],
    });
  });
});
