import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { metersBetween, minutesOnFoot } from './index.ts';

const creek = { lat: 47.9, lon: -115.9, elevM: 760 };

describe('minutes on foot', () => {
  test('one thousandth of a degree of latitude is 111.2 m, of longitude at 47.9° north 74.5 m', () => {
    expect(metersBetween(creek, { ...creek, lat: 47.901 })).toBeCloseTo(111.19, 1);
    expect(metersBetween(creek, { ...creek, lon: -115.899 })).toBeCloseTo(74.55, 1);
    expect(metersBetween(creek, creek)).toBe(0);
  });

  test('worked by hand: 111.2 m straight are 144.6 m by the path, 1.81 minutes: 2', () => {
    expect(minutesOnFoot(creek, { ...creek, lat: 47.901 })).toBe(2);
    // With 25 m to climb, 2.5 minutes more: 4.31, so 5.
    expect(minutesOnFoot(creek, { lat: 47.901, lon: -115.9, elevM: 785 })).toBe(5);
    // Where one elevation is not known, none is added.
    expect(minutesOnFoot(creek, { lat: 47.901, lon: -115.9, elevM: null })).toBe(2);
  });

  test('two trees side by side are a minute apart, either way round', () => {
    expect(minutesOnFoot(creek, creek)).toBe(1);
    const there = { lat: 47.93, lon: -115.93, elevM: 1900 };
    expect(minutesOnFoot(creek, there)).toBe(minutesOnFoot(there, creek));
  });
});

describe('distances over the ground', () => {
  const place = fc.record({
    lat: fc.double({ min: -80, max: 80, noNaN: true }),
    lon: fc.double({ min: -179, max: 179, noNaN: true }),
    elevM: fc.option(fc.integer({ min: 0, max: 4000 })),
  });

  test('are the same both ways, nought to itself, and never longer by a detour over a third place', () => {
    fc.assert(
      fc.property(place, place, place, (a, b, c) => {
        expect(metersBetween(a, b)).toBeCloseTo(metersBetween(b, a), 6);
        expect(metersBetween(a, a)).toBe(0);
        expect(metersBetween(a, c)).toBeLessThanOrEqual(metersBetween(a, b) + metersBetween(b, c) + 1e-6);
        expect(minutesOnFoot(a, b)).toBe(minutesOnFoot(b, a));
        expect(Number.isInteger(minutesOnFoot(a, b)) && minutesOnFoot(a, b) >= 1).toBe(true);
      }),
    );
  });
});
