import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS } from '../characters/index.ts';
import {
  EVERYTHING_AT_THE_TREE,
  addDays,
  allowedHandling,
  conditionsFromQuery,
  conditionsToQuery,
  dayOfYear,
  inSeason,
  isDate,
  nextMonday,
  showDate,
  showDay,
  visible,
} from './index.ts';
import { DISTANCES, HANDLINGS, MATERIALS } from './types.ts';
import type { Conditions, Subject, Viewing } from './types.ts';

const at = (date: string, part: Partial<Conditions> = {}): Conditions => ({
  ...EVERYTHING_AT_THE_TREE,
  date,
  ...part,
});

const larch: Subject = {
  persistence: 'deciduous',
  windows: [
    { kind: 'leaf_out', start: dayOfYear('2026-04-15'), end: dayOfYear('2026-05-10') },
    { kind: 'leaf_fall', start: dayOfYear('2026-10-20'), end: dayOfYear('2026-11-12') },
    { kind: 'hanging', start: dayOfYear('2026-11-10'), end: dayOfYear('2026-07-01') },
  ],
};

const look = (part: Partial<Viewing>): Viewing => ({
  organ: 'leaf',
  material: ['tree', 'twig'],
  needs: [],
  distance: 'hand',
  season: ['leaf-on'],
  ...part,
});

describe('days', () => {
  test('29 February counts as 1 March, so that a window means the same days every year', () => {
    expect(dayOfYear('2028-02-29')).toBe(dayOfYear('2027-03-01'));
    expect([showDay(1), showDay(60), showDay(365), showDay(366)]).toEqual([
      'Jan 1',
      'Mar 1',
      'Dec 31',
      'Jan 1',
    ]);
    expect([isDate('2026-02-29'), isDate('2028-02-29'), isDate('2026-13-01'), isDate('26-1-1')]).toEqual([
      false,
      true,
      false,
      false,
    ]);
    expect(addDays('2026-12-30', 7)).toBe('2027-01-06');
  });
});

describe('the next Monday', () => {
  test('is a week on from a Monday, and a day on from a Sunday', () => {
    expect(['2026-10-01', '2026-10-04', '2026-10-05', '2026-10-06'].map(nextMonday)).toEqual([
      '2026-10-05',
      '2026-10-05',
      '2026-10-12',
      '2026-10-12',
    ]);
  });
});

describe('seasons', () => {
  test.each([
    ['2026-07-01', 'yes'],
    ['2026-05-10', 'yes'],
    ['2026-05-01', 'partly'],
    ['2026-04-06', 'partly'],
    ['2026-04-04', 'no'],
    ['2026-10-25', 'partly'],
    ['2026-11-20', 'partly'],
    ['2026-12-01', 'no'],
  ])('on %s larch leaves are: %s', (date, seen) => {
    expect(inSeason(larch, 'leaf-on', date).seen).toBe(seen);
  });

  test('a window may cross new year, and the gap is named in words', () => {
    expect(inSeason(larch, 'fruit', '2027-01-15').seen).toBe('yes');
    expect(inSeason(larch, 'fruit', '2026-09-01')).toEqual({
      seen: 'no',
      reason: 'no fruit between Jul 1 and Nov 10',
    });
    expect(inSeason(larch, 'fruit', '2026-07-08').seen).toBe('partly');
  });

  test('what is not recorded is unknown, never no', () => {
    expect(inSeason({ windows: [] }, 'flower', '2026-05-01').seen).toBe('unknown');
    expect(inSeason({ windows: [] }, 'leaf-on', '2026-05-01').seen).toBe('unknown');
  });

  test('evergreens are in leaf all year and never leafless; a marcescent tree shows its brown leaf', () => {
    const fir: Subject = { persistence: 'evergreen', windows: [] };
    expect([
      inSeason(fir, 'leaf-on', '2027-01-15').seen,
      inSeason(fir, 'leafless', '2027-01-15').seen,
    ]).toEqual(['yes', 'no']);
    const oak: Subject = { ...larch, persistence: 'marcescent' };
    expect(inSeason(oak, 'leaf-on', '2027-01-15', true).seen).toBe('yes');
    expect(inSeason(oak, 'leaf-on', '2027-01-15', false).seen).toBe('no');
  });
});

describe('visible', () => {
  test('handling, wet, material and distance each hide, with the reason', () => {
    const day = '2026-07-01';
    expect(visible(larch, look({ needs: ['smell'] }), at(day))).toEqual({
      seen: 'no',
      reason: 'smelling is not allowed here',
    });
    expect(visible(larch, look({ wet: 'lost' }), at(day, { wet: true })).reason).toBe('lost when wet');
    expect(visible(larch, look({ wet: 'blurred' }), at(day, { wet: true })).seen).toBe('partly');
    expect(visible(larch, look({ material: ['section'] }), at(day)).reason).toBe('needs a stem section');
    expect(visible(larch, look({ material: ['tree'] }), at(day, { distance: 'far' })).reason).toContain(
      'the hand',
    );
    expect(visible(larch, look({ material: [] }), at(day)).reason).toBe('not something to be seen');
  });

  test('a cut part is judged at the date it was taken', () => {
    const c = at('2027-01-15', { material: ['twig'], takenOn: { twig: '2026-07-01' } });
    expect(visible(larch, look({}), c).seen).toBe('yes');
    expect(visible(larch, look({}), at('2027-01-15', { material: ['twig'] })).seen).toBe('no');
  });

  test('on a tree the reach of the organ decides; not recorded is unknown', () => {
    const tree = (reach: Subject['reach']): Subject => (reach ? { ...larch, reach } : larch);
    const c = at('2026-07-01', { material: ['tree'] });
    expect(visible(tree({ leaf: 'hand' }), look({}), c).seen).toBe('yes');
    expect(visible(tree({ leaf: 'far' }), look({}), c).seen).toBe('no');
    expect(visible(tree({ leaf: 'out' }), look({}), c).reason).toBe('out of reach on this tree');
    expect(visible(tree({}), look({}), c).seen).toBe('unknown');
  });

  test('more in hand, more allowed and nearer never hide what was seen', () => {
    const rank = { no: 0, unknown: 1, partly: 2, yes: 3 };
    fc.assert(
      fc.property(
        fc.constantFrom(...CHARACTERS),
        fc.subarray([...MATERIALS]),
        fc.subarray([...HANDLINGS]),
        fc.constantFrom(...DISTANCES),
        fc.constantFrom(...MATERIALS),
        fc.constantFrom(...HANDLINGS),
        fc.integer({ min: 0, max: 364 }),
        (character, material, handling, distance, more, allowed, day) => {
          const before: Conditions = {
            date: addDays('2026-01-01', day),
            material,
            handling,
            distance,
            wet: false,
          };
          const after: Conditions = {
            ...before,
            material: [...new Set([...material, more])],
            handling: [...new Set([...handling, allowed])],
            distance: 'hand',
          };
          const [a, b] = [visible(larch, character, before), visible(larch, character, after)];
          expect(rank[b.seen]).toBeGreaterThanOrEqual(rank[a.seen]);
          if (a.seen === 'no') expect(a.reason).not.toBe('');
        },
      ),
    );
  });
});

test('conditions go into the address and come back as they were', () => {
  const fallback = at('2026-10-01');
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 700 }),
      fc.subarray([...MATERIALS]),
      fc.subarray(HANDLINGS.filter((h) => h !== 'look')),
      fc.constantFrom(...DISTANCES),
      fc.boolean(),
      (day, material, handling, distance, wet) => {
        const c: Conditions = {
          date: addDays('2026-01-01', day),
          material,
          handling: ['look', ...handling],
          distance,
          wet,
        };
        const query = new Map(conditionsToQuery(c, fallback));
        expect(conditionsFromQuery((k) => query.get(k) ?? null, fallback)).toEqual(c);
      },
    ),
  );
  expect(conditionsToQuery(fallback, fallback)).toEqual([]);
  expect(conditionsFromQuery(() => 'nonsense', fallback)).toMatchObject({
    date: fallback.date,
    distance: 'hand',
  });
});

test('a caution caps what may be done, and never looking', () => {
  const cautions = [{ forbids: ['touch', 'look'] }, { forbids: ['smell'] }];
  expect(allowedHandling(['look', 'lens', 'touch', 'smell'], cautions)).toEqual(['look', 'lens']);
  expect(allowedHandling(['look', 'touch'], [])).toEqual(['look', 'touch']);
});

describe('what a caution forbids', () => {
  const felt = CHARACTERS.find((c) => c.needs.includes('touch') && c.season.includes('leaf-on'));

  test('cannot be used on the one it is forbidden of, whatever the conditions allow', () => {
    if (!felt) throw new Error('The vocabulary has a character that is felt');
    const at = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01', material: MATERIALS };
    const subject = { persistence: 'evergreen', windows: [] } as const;
    expect(visible(subject, felt, at).seen).toBe('yes');
    expect(visible({ ...subject, forbids: ['touch'] }, felt, at)).toEqual({
      seen: 'no',
      reason: 'a caution forbids touch here',
    });
    expect(visible({ ...subject, forbids: ['taste'] }, felt, at).seen).toBe('yes');
  });
});

describe('a character that is observed in one way or another', () => {
  const hairs = CHARACTERS.find((c) => c.id === 'leaf.hairs');
  const seenBy = (
    handling: Conditions['handling'],
    material: Conditions['material'] = ['leaf'],
    forbids: string[] = [],
  ) => {
    if (!hairs) throw new Error('Leaf hairs');
    const subject: Subject = { windows: [], persistence: 'evergreen', forbids };
    return visible(subject, hairs, { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01', handling, material })
      .seen;
  };

  test('is seen with a lens or felt, and by neither not', () => {
    expect(seenBy(['look', 'lens'])).toBe('yes');
    expect(seenBy(['look', 'touch'])).toBe('yes');
    expect(seenBy(['look'])).toBe('no');
  });

  test('is not felt on paper, nor where a caution forbids touch', () => {
    expect(seenBy(['look', 'touch'], ['photo'])).toBe('no');
    expect(seenBy(['look', 'lens'], ['photo'])).toBe('partly');
    expect(seenBy(['look', 'touch'], ['leaf'], ['touch'])).toBe('no');
    expect(seenBy(['look', 'lens', 'touch'], ['leaf'], ['touch'])).toBe('yes');
  });
});

test('dates are written as people write them, with the year where it is another one', () => {
  expect(showDate('2026-10-06', '2026-10-01')).toBe('Tue, Oct 6');
  expect(showDate('2025-12-31', '2026-10-01')).toBe('Wed, Dec 31, 2025');
  expect(showDate('2024-02-29')).toBe('Thu, Feb 29, 2024');
});
