import { describe, expect, test } from '@jest/globals';
import { judgeName, nameIndex, readUse, writeUse } from './index.ts';
import type { NameEntry } from './index.ts';

describe('a name that is not simply another one', () => {
  test.each([
    ['Salix interior (in part)', 'Salix interior', 'in_part'],
    ['Chinese elm (Misused)', 'Chinese elm', 'misused'],
    ['Chinese elm', 'Chinese elm', null],
    ['elm (of China)', 'elm (of China)', null],
    ['(in part)', '(in part)', null],
  ] as const)('“%s” is read with its use', (line, text, use) => {
    const named = use ? { text, use } : { text };
    expect(readUse(line)).toEqual(named);
    expect(readUse(writeUse(text, use))).toEqual(named);
  });

  const species = (text: string, taxon: string, more: Partial<NameEntry> = {}): NameEntry => ({
    taxon,
    rank: 'species',
    kind: 'accepted',
    text,
    ...more,
  });
  const index = nameIndex([
    species('Salix exigua', 'exigua'),
    species('Salix interior', 'exigua', { kind: 'synonym', use: 'in_part' }),
    species('Ulmus pumila', 'pumila'),
    species('Chinese elm', 'pumila', { kind: 'common', use: 'misused' }),
    species('Siberian elm', 'pumila', { kind: 'common' }),
  ]);
  const judged = (typed: string, taxon: string) =>
    judgeName(typed, { taxon, genus: null, listed: new Set(['exigua', 'pumila']) }, index);

  test('of a part is a synonym that says so', () => {
    expect(judged('Salix interior', 'exigua')).toMatchObject({
      outcome: 'synonym',
      why: 'matches “Salix interior”, a name of part of it',
    });
  });

  test('wrongly used is neither right nor wrong until a person looks; under another tree it is that other one', () => {
    expect(judged('Chinese elm', 'pumila')).toMatchObject({
      outcome: 'doubtful',
      taxon: null,
      why: '“Chinese elm” is wrongly used for it',
    });
    expect(judged('Chineze elm', 'pumila').outcome).toBe('doubtful');
    expect(judged('Siberian elm', 'pumila').outcome).toBe('exact');
    expect(judged('Chinese elm', 'exigua')).toMatchObject({ outcome: 'other_species', taxon: 'pumila' });
  });
});
