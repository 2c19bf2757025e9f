import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { insertRows } from '../db/index.ts';
import { WS, id, openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { readFamilies } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

const older = (taxon: string, text: string, n: number) => ({
  ws: WS,
  id: `f0000000-0000-4000-8000-00000000000${n}`,
  taxon: id(taxon),
  kind: 'older_family',
  text,
  folded: text.toLowerCase(),
  preferred: false,
});

test('a species has the family above it, with the older ones said of itself, its genus, or its family alone', async () => {
  const families = async (key: string) => (await readFamilies(app.db, WS, [id(key)])).get(id(key));
  expect(await families('grandis')).toEqual({ family: 'Pinaceae', older: [] });
  await insertRows(app.db, 'name', [older('pinaceae', 'Abietaceae', 1)]);
  expect(await families('grandis')).toEqual({ family: 'Pinaceae', older: ['Abietaceae'] });
  // A family of two parts does not say which of them a genus came from.
  await insertRows(app.db, 'name', [older('pinaceae', 'Laricaceae', 2)]);
  expect(await families('grandis')).toEqual({ family: 'Pinaceae', older: [] });
  await insertRows(app.db, 'name', [older('larix', 'Laricaceae', 3)]);
  expect(await families('occidental')).toEqual({ family: 'Pinaceae', older: ['Laricaceae'] });
  expect(await families('pinaceae')).toEqual({ family: 'Pinaceae', older: [] });
});
