import { describe, expect, test } from '@jest/globals';
import { asEntered, readCell, writeCell } from '../characters/index.ts';
import { harmless, writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import { readNameDocument, writeNames } from './nameDocument.ts';
import { planImport } from './plan.ts';
import { refuseNearNames } from './nearKnown.ts';
import { readRangeMap, readRangeTable, writeRangeMap, writeRangeTable } from './ranges.ts';
import { readRoster, writeRoster } from './roster.ts';
import { LIBRARY, vocabulary } from './sample.ts';
import { readTable, writeTable } from './table.ts';

const refusedBy = (read: {
  ok: boolean;
  refused?: readonly { line: number; column: number; message: string }[];
}) => (read.refused ?? []).map((r) => `${r.line}:${r.column} ${r.message}`);

describe('CSV', () => {
  test('knows the line each row starts on, whatever its cells hold', () => {
    const read = readCsv('a,b\n"two\nlines",1\n\n"say ""so""",2\n', ['a']);
    expect(read.ok && read.file.rows).toEqual([
      { line: 2, cells: ['two\nlines', '1'] },
      { line: 5, cells: ['say "so"', '2'] },
    ]);
  });

  test('is read with a tab or a semicolon too, and refused with any other delimiter', () => {
    expect(readCsv('a;b\n1;2\n', ['a', 'b']).ok).toBe(true);
    expect(readCsv('a\tb\n1\t2\n', ['a', 'b']).ok).toBe(true);
    expect(refusedBy(readCsv('a|b\n1|2\n', ['a', 'b']))).toEqual([
      '1:1 The header has no column “a”, “b”, and only one column at all.',
    ]);
  });

  test('tells an open quotation mark, a row too long and a column twice where they stand', () => {
    expect(refusedBy(readCsv('a,b\n1,"2\n', ['a']))).toEqual(['2:1 A quotation mark is not closed.']);
    expect(refusedBy(readCsv('a,b\n1,2\n1,2,3\n', ['a']))).toEqual([
      '3:3 The row has 3 cells, the header 2.',
    ]);
    expect(refusedBy(readCsv('a,b,A\n', ['a']))).toEqual(['1:3 The column “a” stands twice.']);
  });

  test('holds no cell that a spreadsheet would run', () => {
    expect(['=1+1', '+1', '-x', '@now', 'plain', '-'].map(harmless)).toEqual([
      "'=1+1",
      "'+1",
      "'-x",
      "'@now",
      'plain',
      '-',
    ]);
    const read = readCsv(writeCsv([['a'], ['=cmd()']]), ['a']);
    expect(read.ok && read.file.rows[0]?.cells).toEqual(['=cmd()']);
  });
});

describe('the character table', () => {
  const HEAD = 'species,bark.texture,needle.length,leaf.margin';

  test('knows columns by what the screens call them, with a unit behind them', () => {
    const length = vocabulary.get('needle.length');
    const texture = vocabulary.get('bark.texture');
    const head = `Scientific name,${texture?.term ?? ''},${length?.plain ?? ''} (in)`;
    const read = readTable(`${head}\nAbies grandis,smooth,1-2\n`, vocabulary, 'x');
    expect(read.ok && read.value[0]?.statements?.map((s) => s.character)).toEqual([
      'bark.texture',
      'needle.length',
    ]);
  });

  test('reads states with their frequency, ranges with their unit, what does not apply and what is not recorded', () => {
    const read = readTable(
      `${HEAD}\nAbies grandis,smooth | furrowed? | scaly??,(15) 20-50 (60) mm,-\nAbies alba,,,\n`,
      vocabulary,
      'A flora',
    );
    expect(read.ok && read.value.map((t) => t.statements?.map((s) => [s.character, s.value]))).toEqual([
      [
        [
          'bark.texture',
          {
            kind: 'states',
            states: [
              { state: 'smooth', freq: 'usual' },
              { state: 'furrowed', freq: 'sometimes' },
              { state: 'scaly', freq: 'rare' },
            ],
          },
        ],
        [
          'needle.length',
          { kind: 'range', xlow: 15, low: 20, high: 50, xhigh: 60, entered: '(15) 20-50 (60) mm' },
        ],
        ['leaf.margin', { kind: 'inapplicable' }],
      ],
      [],
    ]);
  });

  test('takes the unit of a column head, and refuses a cell that says another', () => {
    const read = readTable('species,needle.length (in)\nAbies grandis,1-2\n', vocabulary, 'x');
    expect(read.ok && read.value[0]?.statements?.[0]?.value).toMatchObject({ low: 25.4, high: 50.8 });
    expect(
      refusedBy(readTable('species,needle.length (in)\nAbies grandis,20-50 mm\n', vocabulary, 'x')),
    ).toEqual(['2:2 The column is in “in”, the cell in “mm”.']);
  });

  test('a state that ships no more is taken as what says the same today, unless the file says that itself', () => {
    const taken = (csv: string) => {
      const read = readTable(csv, vocabulary, 'A flora');
      if (!read.ok) throw new Error('The table was refused');
      const plan = planImport(LIBRARY, { taxa: read.value }, { adding: true, where: read.where });
      expect(plan.refused).toEqual([]);
      return plan.statements.map((x) => [x.part.character, writeCell(character(x.part.character), x.value)]);
    };
    const character = (id: string) => {
      const found = vocabulary.get(id);
      if (!found) throw new Error(`No ${id}`);
      return found;
    };
    expect(taken('species,twig.pith\nAbies grandis,star-shaped | large and brown?\n')).toEqual([
      ['twig.pith', 'solid'],
      ['twig.pith_outline', 'star-shaped'],
      ['twig.pith_width', 'wide?'],
      ['twig.pith_colour', 'brown?'],
    ]);
    expect(taken('species,twig.pith,twig.pith_outline\nAbies grandis,star-shaped,five-sided\n')).toEqual([
      ['twig.pith', 'solid'],
      ['twig.pith_outline', 'five-sided'],
    ]);
    expect(taken('species,leaf.sap\nAbies grandis,irritant\n')).toEqual([]);
    expect(refusedBy(readTable('species,twig.pith\nAbies grandis,square\n', vocabulary, 'x'))[0]).toMatch(
      /^2:2/,
    );
  });

  test('refuses an unknown character, a species twice and a cell that cannot be read, each at its place', () => {
    expect(refusedBy(readTable('species,bark.taste\nAbies alba,sweet\n', vocabulary, 'x'))).toEqual([
      '1:2 There is no character “bark.taste”.',
    ]);
    const read = readTable(
      `${HEAD}\nAbies alba,smooth,,\nabies alba,,,\nAbies nobilis,,50-20 mm,\n`,
      vocabulary,
      'x',
    );
    expect(refusedBy(read).map((r) => r.slice(0, 4))).toEqual(['3:1 ', '4:3 ']);
  });

  test('comes back as it was written', () => {
    const value = (c: string, cell: string) => {
      const character = vocabulary.get(c);
      const read = character && readCell(character, cell);
      if (!read?.ok || !read.value) throw new Error(cell);
      return read.value;
    };
    const values = new Map([
      ['bark.texture', value('bark.texture', 'smooth | furrowed?')],
      ['needle.length', value('needle.length', '(15) 20-50 mm')],
    ]);
    const read = readTable(writeTable([{ name: 'Abies grandis', values }], vocabulary), vocabulary, 'x');
    expect(
      read.ok && read.value[0]?.statements?.map((s) => [s.character, asEntered(s.value as never)]),
    ).toEqual([...values].map(([c, v]) => [c, asEntered(v)]));
  });
});

describe('names, ranges and rosters', () => {
  test('a list of names gives species under their genus and family, and the list', () => {
    const read = readNameDocument(
      'scientific,family,common,synonyms,older_families,week,label\nAbies procera,Pinaceae,noble fir | red fir,Abies nobilis,,2,fir 3\n',
      'My list',
    );
    if (!read.ok) throw new Error(read.refused[0]?.message);
    expect(read.value.lists).toEqual([
      { name: 'My list', members: [{ name: 'Abies procera', week: 2, label: 'fir 3' }] },
    ]);
    expect(read.value.taxa?.[0]).toMatchObject({
      rank: 'species',
      parents: [{ name: 'Abies', kind: 'classification' }],
      names: [
        { kind: 'common', text: 'noble fir', preferred: true },
        { kind: 'common', text: 'red fir', preferred: false },
        { kind: 'synonym', text: 'Abies nobilis' },
      ],
    });
    expect(refusedBy(readNameDocument('the big fir, 1\n', 'x'))).toEqual([
      '1:1 “the big fir” is no scientific name.',
    ]);
  });

  test('names come back as they were written', () => {
    const lines = [
      {
        scientific: 'Abies procera',
        family: 'Pinaceae',
        common: ['noble fir'],
        synonyms: ['Abies nobilis'],
        olderFamilies: ['Coniferae'],
        week: 2,
        label: 'fir, 3',
      },
    ];
    const read = readNameDocument(writeNames(lines), 'x');
    expect(read.ok && read.value.taxa?.[0]?.names?.map((n) => [n.kind, n.text])).toEqual([
      ['common', 'noble fir'],
      ['synonym', 'Abies nobilis'],
      ['older_family', 'Coniferae'],
    ]);
    expect(read.ok && read.value.lists?.[0]?.members).toEqual([
      { name: 'Abies procera', week: 2, label: 'fir, 3' },
    ]);
  });

  test('ranges by code come back as they were written; a wrong code, a wrong presence and a region twice are refused', () => {
    const range = [
      { region: 'CA-BC', presence: 'rare', source: null },
      { region: 'US-MT-089', presence: 'native', source: 'A flora' },
    ];
    const read = readRangeTable(writeRangeTable([{ name: 'Abies grandis', range }]));
    expect(read.ok && read.value).toEqual([{ name: 'Abies grandis', rank: 'species', range }]);
    expect(
      refusedBy(
        readRangeTable('species,region,presence\nA b,Idaho,native\nA b,US-ID,common\nA b,us-id,native\n'),
      ),
    ).toEqual([
      '2:2 “Idaho” is no region code.',
      '3:3 “common” is no presence.',
      '4:2 US-ID is given twice for A b.',
    ]);
  });

  test('areas come back as they were drawn; a ring left open or outside the world is refused', () => {
    const areas = LIBRARY.taxa[1]?.areas ?? [];
    const read = readRangeMap(writeRangeMap([{ name: 'Abies grandis', areas }]));
    expect(read.ok && read.value).toEqual([{ name: 'Abies grandis', rank: 'species', areas }]);
    const feature = (ring: readonly (readonly number[])[]): string =>
      `{"type":"FeatureCollection","features":[\n${JSON.stringify({
        type: 'Feature',
        properties: { species: 'Abies grandis', presence: 'native' },
        geometry: { type: 'Polygon', coordinates: [ring] },
      })}]}`;
    const open = readRangeMap(
      feature([
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ]),
    );
    expect(open.ok ? [] : open.refused[0]).toMatchObject({
      line: 2,
      message: 'A ring must end where it begins.',
    });
    const turned = readRangeMap(
      feature([
        [47, -116],
        [48, -116],
        [48, -115],
        [47, -116],
      ]),
    );
    expect(turned.ok ? [] : turned.refused[0]?.message).toMatch(/longitude comes first/);
  });

  test('a roster asks nothing more of students than number and first name', () => {
    const lines = [
      { section: 'Tuesday lab', code: '101', name: 'Wren', schoolId: 'q77' },
      { section: 'Tuesday lab', code: '102', name: null, schoolId: null },
    ];
    const read = readRoster(writeRoster(lines));
    expect(read.ok && read.value).toEqual(lines);
    expect(refusedBy(readRoster('section,code,email\nTuesday lab,101,x@example.org\n'))).toEqual([
      '1:3 There is no column “email” in a roster.',
    ]);
    expect(refusedBy(readRoster('section,code\nTuesday lab,101\nTuesday lab,101\n,a b\n'))).toEqual([
      '3:2 101 is also in line 2.',
      '4:1 The row names no class.',
      '4:2 “a b” is not a student number.',
    ]);
  });
});

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

describe('names in a table that the library nearly has', () => {
  const known = LIBRARY.taxa.find((t) => t.rank === 'species')?.name ?? '';
  const slip = `${known.slice(0, -2)}${known.slice(-1)}`;

  test('are refused with the name that was meant, at their line', () => {
    const read = readTable(`species,bark.texture\n${known},smooth\n${slip},smooth\n`, vocabulary, 'x');
    const checked = refuseNearNames(read, LIBRARY);
    expect(refusedBy(checked)).toEqual([`3:1 The library has no ${slip}. Did you mean ${known}?`]);
  });

  test('let the known ones and those that are plainly new through', () => {
    const read = readTable(
      `species,bark.texture\n${known},smooth\nZelkova serrata,smooth\n`,
      vocabulary,
      'x',
    );
    expect(refuseNearNames(read, LIBRARY)).toBe(read);
  });
});
