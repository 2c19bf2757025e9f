import { describe, expect, test } from '@jest/globals';
import { planImport } from './plan.ts';
import { LIBRARY } from './sample.ts';

describe('a plan', () => {
  const where = () => ({ line: 7, column: 3 });

  test('of the library itself changes nothing', () => {
    const plan = planImport(LIBRARY, LIBRARY, { adding: false, where });
    expect([plan.changes, plan.refused]).toEqual([[], []]);
  });

  test('says what is new, what changes and what stays', () => {
    const plan = planImport(
      LIBRARY,
      {
        taxa: [
          {
            name: 'Abies grandis',
            rank: 'species',
            authority: 'Lindl.',
            statements: [
              {
                character: 'bark.texture',
                source: 'A flora',
                value: { kind: 'states', states: [{ state: 'furrowed', freq: 'usual' }] },
                life: null,
                n: null,
                note: null,
              },
            ],
          },
          { name: 'Abies procera', rank: 'species' },
        ],
      },
      { adding: false, where },
    );
    expect(plan.changes.map((c) => `${c.what} ${c.kind} ${c.name}: ${c.detail}`)).toEqual([
      'changed taxon Abies grandis: authority',
      'changed statement Abies grandis, bark texture: smooth → furrowed',
      'new taxon Abies procera: species',
    ]);
  });

  test.each([
    [
      'a taxon twice',
      {
        taxa: [
          { name: 'Abies alba', rank: 'species' },
          { name: 'Abies alba', rank: 'species' },
        ],
      },
      /twice/,
    ],
    [
      'an accepted name as a synonym',
      {
        taxa: [
          {
            name: 'Abies alba',
            rank: 'species',
            names: [{ kind: 'synonym', text: 'Abies grandis', preferred: false, pronunciation: null }],
          },
        ],
      },
      /accepted name of another/,
    ],
    [
      'a known synonym as a species',
      { taxa: [{ name: 'Pinus grandis', rank: 'species' }] },
      /synonym of Abies grandis/,
    ],
    ['another rank', { taxa: [{ name: 'Abies grandis', rank: 'genus' }] }, /is a species here/],
    [
      'a parent nobody knows',
      {
        taxa: [
          { name: 'Abies alba', rank: 'species', parents: [{ name: 'Nowhere', kind: 'classification' }] },
        ],
      },
      /neither in the file nor/,
    ],
    [
      'a ring of parents',
      { taxa: [{ name: 'Pinaceae', rank: 'family', parents: [{ name: 'Abies', kind: 'group' }] }] },
      /stands under itself, by way of others/,
    ],
    [
      'a name twice',
      {
        taxa: [
          {
            name: 'Abies alba',
            rank: 'species',
            names: [
              { kind: 'common', text: 'white fir', preferred: true, pronunciation: null },
              { kind: 'common', text: 'White Fir', preferred: false, pronunciation: null },
            ],
          },
        ],
      },
      /“common white fir” is given twice/,
    ],
    [
      'a region twice',
      {
        taxa: [
          {
            name: 'Abies grandis',
            rank: 'species',
            range: [
              { region: 'US-ID', presence: 'native', source: null },
              { region: 'US-ID', presence: 'rare', source: null },
            ],
          },
        ],
      },
      /“US-ID” is given twice/,
    ],
    [
      'a list twice',
      {
        lists: [
          { name: 'L', members: [] },
          { name: 'l', members: [] },
        ],
      },
      /given twice/,
    ],
    ['a character twice', { characters: [LIBRARY.characters[0], LIBRARY.characters[0]] }, /given twice/],
    [
      'a root of a name it does not have',
      {
        taxa: [
          {
            name: 'Abies grandis',
            rank: 'species',
            roots: [
              {
                name: 'Abies nobilis',
                element: 'nobilis',
                language: 'Latin',
                meaning: 'noble',
                character: null,
                state: null,
                contested: false,
              },
            ],
          },
        ],
      },
      /none of the names of Abies grandis/,
    ],
    [
      'a character of another kind',
      { characters: [{ ...LIBRARY.characters[0], kind: 'length' }] },
      /is .* here and length/,
    ],
    [
      'a list that names a stranger',
      { lists: [{ name: 'L', members: [{ name: 'Nobody here', week: null, label: null }] }] },
      /neither in the file nor/,
    ],
  ])('refuses %s at its place', (_, part, message) => {
    const plan = planImport(LIBRARY, part as never, { adding: false, where });
    expect(plan.refused.map((r) => r.message).join()).toMatch(message);
    expect(plan.refused[0]).toMatchObject({ line: 7, column: 3 });
  });

  test('refuses numbers that are not what the text says', () => {
    const lie = (numbers: object) =>
      planImport(
        LIBRARY,
        {
          taxa: [
            {
              name: 'Abies grandis',
              rank: 'species',
              statements: [
                {
                  character: 'needle.length',
                  source: 'A flora',
                  value: { kind: 'range', entered: '2-5 cm', numbers: numbers as never },
                  life: null,
                  n: null,
                  note: null,
                },
              ],
            },
          ],
        },
        { adding: false, where },
      ).refused.map((r) => r.message);
    expect(lie({ xlow: null, low: 2, high: 5, xhigh: null, unit: 'mm' })[0]).toMatch(/the numbers 2 to 5 mm/);
    expect(lie({ xlow: null, low: 2, high: 5, xhigh: null, unit: 'cm' })[0]).toMatch(/kept in “mm”/);
    expect(lie({ xlow: null, low: 20, high: 50, xhigh: null, unit: 'mm' })).toEqual([]);
  });
});
