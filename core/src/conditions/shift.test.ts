import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  HOPKINS,
  WINDOW_KINDS,
  dayOfYear,
  daysForward,
  guessReason,
  moveOf,
  shiftDays,
  shiftWindows,
} from './index.ts';
import type { SeasonWindow, WindowKind } from './index.ts';

const home = { lat: 47.9, lon: -115.9, elevM: 760 };
const window = (kind: WindowKind, from: string, to: string): SeasonWindow => ({
  kind,
  start: dayOfYear(`2026-${from}`),
  end: dayOfYear(`2026-${to}`),
});
const at = (shift: number, ...windows: readonly SeasonWindow[]) =>
  shiftWindows(windows.map((w) => ({ ...w, shift })));

describe('Hopkins 1918', () => {
  test('4 days a degree north, 4/5 a degree east, 4 days per 400 ft', () => {
    expect(shiftDays(home, { ...home, lat: 48.9 })).toBeCloseTo(4);
    expect(shiftDays(home, { ...home, lon: -114.9 })).toBeCloseTo(0.8);
    expect(shiftDays(home, { ...home, elevM: 760 + 121.92 })).toBeCloseTo(4);
  });

  test('a shift is a guess by its days, and by how far it was carried even where its terms cancel', () => {
    expect(guessReason(home, { ...home, elevM: 760 + 1300 })).toBeNull();
    expect(guessReason(home, { ...home, elevM: 760 + 1500 })).toBe('days');
    // 24 days of latitude against 25 of longitude: the sum is small, the way is not.
    const far = { lat: 41.9, lon: -84.9, elevM: 760 };
    expect(Math.abs(shiftDays(far, home))).toBeLessThan(2);
    expect(guessReason(far, home)).toBe('distance');
    expect(guessReason({ ...home, lon: home.lon + 9 }, home)).toBeNull();
  });
});

describe('which way a window moves', () => {
  test.each([
    ['leaf_out', '04-10', '04-30', 20],
    ['pollen', '04-10', '04-30', 20],
    ['receptive', '05-10', '05-30', 20],
    ['ripening', '08-15', '09-20', 10],
    ['hanging', '09-10', '12-31', 10],
    ['autumn', '09-20', '10-20', -10],
    ['leaf_fall', '10-10', '11-10', -10],
  ] as const)('%s of %s to %s, where spring comes 20 days later: %d days', (kind, from, to, days) => {
    expect(moveOf(window(kind, from, to), 20)).toBe(days);
    expect(moveOf(window(kind, from, to), -20)).toBe(-days);
  });

  test('flowers of fall move as the fall does, flowers of late winter as spring does', () => {
    expect(moveOf(window('pollen', '09-15', '11-10'), 20)).toBe(-10);
    expect(moveOf(window('receptive', '08-20', '09-10'), 20)).toBe(-10);
    expect(moveOf(window('pollen', '12-20', '12-31'), 20)).toBe(20);
    expect(moveOf(window('pollen', '02-10', '03-10'), 20)).toBe(20);
  });

  test('August fruit up the hill is later, as it was once said to be earlier', () => {
    const [fruit] = at(37, window('ripening', '08-15', '09-20'));
    expect(fruit).toMatchObject({ start: dayOfYear('2026-09-03'), end: dayOfYear('2026-10-09') });
  });

  test('at five times 121.92 m leaf-out comes 20 days later and leaf fall 10 earlier', () => {
    const shift = shiftDays(home, { ...home, elevM: 760 + 5 * 121.92 });
    const [spring, fall] = at(
      shift,
      { kind: 'leaf_out', start: 100, end: 120 },
      { kind: 'leaf_fall', start: 290, end: 310 },
    );
    expect(spring).toMatchObject({ start: 120, end: 140 });
    expect(fall).toMatchObject({ start: 280, end: 300 });
  });

  test('a window over new year keeps its length, and one of all year stays', () => {
    const [hanging, always] = at(
      20,
      window('hanging', '11-10', '03-01'),
      window('hanging', '01-01', '12-31'),
    );
    expect(hanging && daysForward(hanging.start, hanging.end)).toBe(daysForward(314, 60));
    expect(hanging?.start).toBe(324);
    expect(always).toMatchObject({ start: 1, end: 365 });
  });
});

describe('windows held to their order', () => {
  test('leaves do not fall before they are out, and fruit does not come before its flower', () => {
    const [out, fall] = at(60, window('leaf_out', '06-10', '06-30'), window('leaf_fall', '08-20', '09-10'));
    expect(out && fall && daysForward(out.end, fall.start)).toBe(0);
    const [flower, fruit] = at(60, window('pollen', '03-20', '04-10'), window('ripening', '04-05', '05-01'));
    expect(flower && fruit && fruit.start).toBe(flower?.start);
  });

  // Real windows of one taxon: out before it falls, flower before fruit, none longer than four months.
  const taxon = fc
    .tuple(
      fc.integer({ min: 60, max: 150 }),
      fc.integer({ min: 5, max: 40 }),
      fc.integer({ min: 30, max: 120 }),
      fc.integer({ min: 5, max: 60 }),
      fc.integer({ min: 10, max: 90 }),
    )
    .map(([out, length, green, falling, toFruit]): readonly SeasonWindow[] => {
      const fall = out + length + green;
      return [
        { kind: 'leaf_out', start: out, end: out + length },
        { kind: 'pollen', start: out, end: out + 20 },
        { kind: 'ripening', start: out + toFruit, end: out + toFruit + 30 },
        { kind: 'hanging', start: out + toFruit, end: ((out + toFruit + 119) % 365) + 1 },
        { kind: 'autumn', start: fall, end: fall + falling },
        { kind: 'leaf_fall', start: Math.min(fall + 5, 365), end: Math.min(fall + 5 + falling, 365) },
      ];
    });

  test('at any site within 1,300 m every window is kept whole and each follows what it followed', () => {
    fc.assert(
      fc.property(taxon, fc.integer({ min: -1300, max: 1300 }), (windows, up) => {
        const shift = (HOPKINS.perMetre ?? 0) * up;
        const moved = at(shift, ...windows);
        expect(moved.map((w) => w.kind)).toEqual(windows.map((w) => w.kind));
        moved.forEach((w, i) => {
          const was = windows[i];
          if (was) expect(daysForward(w.start, w.end)).toBe(daysForward(was.start, was.end));
        });
        const [out, pollen, ripening, hanging, autumn, fall] = moved;
        if (!out || !pollen || !ripening || !hanging || !autumn || !fall)
          throw new Error('A window was lost');
        for (const later of [autumn, fall]) expect(daysForward(out.end, later.start)).toBeLessThan(300);
        for (const later of [ripening, hanging])
          expect(daysForward(pollen.start, later.start)).toBeLessThan(300);
      }),
    );
  });

  test('moving a site up never makes fruit earlier, nor color or leaf fall later than leaves allow', () => {
    fc.assert(
      fc.property(taxon, fc.integer({ min: 0, max: 1300 }), (windows, up) => {
        const moved = at(HOPKINS.perMetre * up, ...windows);
        moved.forEach((w, i) => {
          const was = windows[i];
          if (!was) return;
          const days = ((w.start - was.start + 182 + 365) % 365) - 182;
          if (w.kind === 'ripening' || w.kind === 'hanging') expect(days).toBeGreaterThanOrEqual(0);
          if (w.kind === 'leaf_out' || w.kind === 'pollen') expect(days).toBeGreaterThanOrEqual(0);
          if (w.kind === 'autumn' || w.kind === 'leaf_fall') {
            const [out] = moved;
            expect(days <= 0 || daysForward(out?.end ?? 0, w.start) === 0).toBe(true);
          }
        });
      }),
    );
  });

  test('windows recorded at different places are not held against each other', () => {
    const moved = shiftWindows([
      { ...window('pollen', '03-20', '04-10'), shift: 60 },
      { ...window('ripening', '04-05', '05-01'), shift: 0 },
    ]);
    expect(moved[1]).toMatchObject({ start: dayOfYear('2026-04-05') });
  });

  test('every kind of window has a direction', () => {
    for (const kind of WINDOW_KINDS) expect(moveOf({ kind, start: 100, end: 110 }, 20)).not.toBe(0);
  });
});
