import { expect, test } from '@jest/globals';
import type { StatementRow, TaxonHeader } from '@hurrow/contract';
import type { Life } from '@hurrow/core/conditions';
import { saidOf } from './saidOf.ts';

const row = (id: string, character: string, taxon = 'pine', life?: Life): StatementRow => ({
  id,
  taxon,
  character,
  source: 'flora',
  value: { kind: 'states', states: [{ state: 'scaly', freq: 'usual' }] },
  n: null,
  note: null,
  version: 1,
  ...(life ? { life } : {}),
});
const header: TaxonHeader = {
  id: 'pine',
  rank: 'species',
  scientific: 'Pinus alba',
  common: null,
  authority: null,
};

test('what a species says is of one stage alone, and never what its genus says', () => {
  const statements = [
    row('grown', 'bark.texture'),
    row('young', 'bark.texture', 'pine', 'young'),
    row('genus', 'bark.texture', 'genus'),
    row('other', 'bark.colour'),
  ];
  const ids = (life: Life | null): readonly string[] =>
    saidOf({ header, statements }, 'bark.texture', life).map((s) => s.id);
  expect(ids(null)).toEqual(['grown']);
  expect(ids('young')).toEqual(['young']);
  expect(ids('mature')).toEqual([]);
});
