import { describe, expect, test } from '@jest/globals';
import { asEntered, readCell, writeCell } from '../characters/index.ts';
import { planImport } from './plan.ts';
import { LIBRARY, vocabulary, refusedBy } from './sample.ts';
import { readTable, writeTable } from './table.ts';

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
