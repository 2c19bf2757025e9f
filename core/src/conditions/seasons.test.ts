import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS } from '../characters/index.ts';
import {
  EVERYTHING_AT_THE_TREE,
  HANDLINGS,
  addDays,
  dayOfYear,
  endsSoon,
  inSeason,
  visible,
} from './index.ts';
import type { Conditions, Material, Season, SeasonWindow, Subject, WindowKind } from './index.ts';

const window = (kind: WindowKind, from: string, to: string): SeasonWindow => ({
  kind,
  start: dayOfYear(`2026-${from}`),
  end: dayOfYear(`2026-${to}`),
});

const birch: Subject = {
  persistence: 'deciduous',
  onGround: 'in-pieces',
  windows: [
    window('pollen', '04-10', '04-30'),
    window('leaf_out', '04-25', '05-20'),
    window('ripening', '08-01', '09-15'),
    window('leaf_fall', '10-05', '10-30'),
  ],
};
const fir: Subject = {
  persistence: 'evergreen',
  onGround: 'in-pieces',
  windows: [window('pollen', '05-10', '06-05')],
};
const oak: Subject = { ...birch, persistence: 'marcescent', onGround: 'lasts' };
const seen = (subject: Subject, season: Season, day: string) => inSeason(subject, season, `2026-${day}`).seen;

const character = (id: string) => {
  const c = CHARACTERS.find((x) => x.id === id);
  if (!c) throw new Error(`No ${id}`);
  return c;
};
const conditions = (date: string, part: Partial<Conditions> = {}): Conditions => ({
  ...EVERYTHING_AT_THE_TREE,
  handling: HANDLINGS,
  date,
  ...part,
});
const look = (
  subject: Subject,
  id: string,
  date: string,
  material: readonly Material[],
  part: Partial<Conditions> = {},
) => visible(subject, character(id), conditions(date, { material, ...part }));

describe('winter buds', () => {
  test.each([
    ['01-15', 'yes'],
    ['04-24', 'yes'],
    ['05-05', 'partly'],
    ['05-25', 'no'],
    ['06-10', 'no'],
    ['06-25', 'partly'],
    ['07-20', 'yes'],
    ['10-01', 'yes'],
  ])('of a birch whose leaves open from 25 April to May 20, on %s: %s', (day, expected) => {
    expect(seen(birch, 'buds', day)).toBe(expected);
  });

  test('of an evergreen break about when its pollen flies; of one that flowers in fall nothing is known', () => {
    expect([seen(fir, 'buds', '06-15'), seen(fir, 'buds', '10-01')]).toEqual(['no', 'yes']);
    const cedar: Subject = { ...fir, windows: [window('pollen', '09-20', '11-10')] };
    expect(seen(cedar, 'buds', '06-15')).toBe('unknown');
  });

  test('no character of buds is seen on a tree in June; all are in January', () => {
    const ofBuds = CHARACTERS.filter((c) => c.id.startsWith('twig.bud_') || c.id === 'twig.terminal_bud');
    expect(ofBuds.length).toBeGreaterThan(9);
    for (const c of ofBuds) {
      expect([c.id, visible(birch, c, conditions('2026-06-10')).seen]).toEqual([c.id, 'no']);
      expect([c.id, visible(birch, c, conditions('2026-01-15')).seen]).toEqual([c.id, 'yes']);
    }
  });
});

describe('what shows at other times of the year', () => {
  test('catkins wait on the twig from leaf fall until they open', () => {
    expect(['11-15', '02-01', '04-09'].map((d) => seen(birch, 'waiting-catkins', d))).toEqual([
      'yes',
      'yes',
      'yes',
    ]);
    expect(['04-15', '07-01'].map((d) => seen(birch, 'waiting-catkins', d))).toEqual(['partly', 'no']);
    expect(seen({ windows: [] }, 'waiting-catkins', '02-01')).toBe('unknown');
  });

  test('new leaves have their color for three weeks after leaf-out', () => {
    expect(['04-26', '06-09', '06-15', '09-10'].map((d) => seen(birch, 'new-growth', d))).toEqual([
      'yes',
      'yes',
      'partly',
      'no',
    ]);
    expect(look(birch, 'leaf.new_growth_colour', '2026-09-10', ['tree']).seen).toBe('no');
  });

  test('whether leaves are kept shows from leaf fall to leaf-out, on an evergreen all year', () => {
    expect(['07-01', '10-15', '12-01', '04-10'].map((d) => seen(oak, 'dormant', d))).toEqual([
      'no',
      'partly',
      'yes',
      'yes',
    ]);
    expect(seen(fir, 'dormant', '07-01')).toBe('yes');
    expect(look(oak, 'leaf.persistence', '2026-07-01', ['tree']).seen).toBe('no');
    expect(look(oak, 'leaf.persistence', '2026-01-15', ['twig']).seen).toBe('yes');
  });

  test('leaf scars stay on last year’s wood all year', () => {
    for (const date of ['2026-06-10', '2026-01-15']) {
      expect(look(birch, 'twig.leaf_scar', date, ['twig']).seen).toBe('yes');
      expect(look(birch, 'twig.bundle_scars', date, ['twig']).seen).toBe('yes');
    }
  });

  test('the pollen and the seed flowers of one taxon have their own days', () => {
    const dioecious: Subject = {
      windows: [window('pollen', '04-01', '04-10'), window('receptive', '05-01', '05-10')],
    };
    expect([seen(dioecious, 'pollen', '05-05'), seen(dioecious, 'receptive', '05-05')]).toEqual([
      'no',
      'yes',
    ]);
    expect(seen(dioecious, 'flower', '05-05')).toBe('yes');
  });
});

describe('what is in the hand', () => {
  test('a leaf in the hand is not dimmed by leaf fall on the tree', () => {
    expect(look(birch, 'leaf.shape', '2026-10-20', ['leaf']).seen).toBe('yes');
    expect(look(birch, 'leaf.shape', '2026-10-20', ['tree']).seen).toBe('partly');
    expect(look(birch, 'leaf.shape', '2026-05-01', ['leaf']).seen).toBe('partly');
    expect(look(birch, 'leaf.shape', '2027-01-15', ['leaf']).seen).toBe('no');
  });

  test('a single needle shows its foot, and a fallen bundle its count', () => {
    expect(look(fir, 'needle.attachment', '2026-07-01', ['leaf']).seen).toBe('yes');
    for (const id of ['needle.bundle_count', 'needle.length', 'needle.sheath'])
      expect([id, look(fir, id, '2026-07-01', ['litter']).seen]).toEqual([id, 'yes']);
  });
});

describe('on the ground', () => {
  test('what falls to pieces on the tree is never whole below, what rots is there for weeks, what lasts all year', () => {
    const below = (subject: Subject, date: string) => look(subject, 'fruit.size', date, ['litter']).seen;
    expect(below(fir, '2026-02-10')).toBe('no');
    const aspen: Subject = {
      ...birch,
      onGround: 'gone-in-weeks',
      windows: [window('ripening', '05-10', '06-10')],
    };
    expect([below(aspen, '2026-06-20'), below(aspen, '2026-07-15'), below(aspen, '2026-01-15')]).toEqual([
      'yes',
      'no',
      'no',
    ]);
    expect(below({ ...aspen, windows: [] }, '2026-06-20')).toBe('unknown');
    expect(below(oak, '2026-02-10')).toBe('yes');
  });

  test('colors of what lies below are brown by then', () => {
    expect(look(oak, 'fruit.colour', '2026-11-01', ['litter'])).toEqual({
      seen: 'partly',
      reason: 'browned on the ground',
    });
  });
});

describe('on paper', () => {
  test('touch, smell and cutting never work, a lens hardly does, and colors fade when pressed', () => {
    for (const c of CHARACTERS)
      for (const material of ['photo', 'plate', 'pressed', 'rubbing'] as const) {
        const on = visible(fir, c, conditions('2026-01-15', { material: [material] })).seen;
        if (c.needs.some((n) => ['touch', 'smell', 'taste', 'cut'].includes(n)))
          expect([c.id, on]).toEqual([c.id, 'no']);
        else if (c.needs.includes('lens')) expect([c.id, on === 'yes']).toEqual([c.id, false]);
      }
    expect(look(fir, 'needle.colour', '2026-07-01', ['pressed']).seen).toBe('partly');
    expect(look(fir, 'needle.colour', '2026-07-01', ['photo']).seen).toBe('yes');
  });
});

describe('wet and far', () => {
  test('wet weakens the smell of what is crushed or scratched, and only bark loses it', () => {
    for (const id of ['needle.smell', 'twig.smell', 'smell.leaf'])
      expect([id, look(birch, id, '2026-07-20', ['tree'], { wet: true }).seen]).toEqual([id, 'partly']);
    expect(look(birch, 'bark.smell', '2026-07-20', ['tree'], { wet: true }).seen).toBe('no');
  });

  test('what closes or falls is seen from below', () => {
    const pine: Subject = { ...fir, windows: [window('hanging', '01-01', '12-31')] };
    for (const id of ['fruit.closed_by_resin', 'fruit.bare_spikes'])
      expect([id, look(pine, id, '2026-07-20', ['tree'], { distance: 'binoculars' }).seen]).toEqual([
        id,
        'yes',
      ]);
  });
});

test('on every day of the year each season is yes, partly, no or unknown with a reason for all but yes', () => {
  const seasons: readonly Season[] = [
    'buds',
    'waiting-catkins',
    'new-growth',
    'dormant',
    'pollen',
    'receptive',
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(birch, fir, oak, { windows: [] }),
      fc.constantFrom(...seasons),
      fc.integer({ min: 0, max: 364 }),
      (subject, season, day) => {
        const found = inSeason(subject, season, addDays('2026-01-01', day));
        if (found.seen === 'yes') expect(found.reason).toBe('');
        else expect(found.reason).not.toBe('');
      },
    ),
  );
});

describe('seasons that end soon', () => {
  test('are open on the day, and their last day lies within the days ahead', () => {
    const soon = (day: string, days: number) =>
      endsSoon(birch.windows, `2026-${day}`, days).map((w) => [w.kind, w.inDays]);
    expect(soon('10-25', 7)).toEqual([['leaf_fall', 5]]);
    expect(soon('10-30', 0)).toEqual([['leaf_fall', 0]]);
    expect(soon('10-31', 7)).toEqual([]);
    expect(soon('10-05', 7)).toEqual([]);
    expect(soon('04-27', 7)).toEqual([['pollen', 3]]);
  });

  test('may cross new year', () => {
    const hanging = [window('hanging', '11-20', '01-05')];
    expect(endsSoon(hanging, '2026-12-31', 7)).toMatchObject([{ kind: 'hanging', inDays: 5 }]);
  });
});
