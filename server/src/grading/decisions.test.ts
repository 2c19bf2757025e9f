import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { id, openTestApp, WS } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { readDecisions, writeDecision } from './decisions.ts';
import type { Scope } from './decisions.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

const SITTING = { id: id('oldsit'), list: id('list'), section: id('first') };
const OTHER = { ...SITTING, id: id('elsewhere'), section: id('second') };
const decide = (scope: Scope, typed: string, taxon: string | null): Promise<void> =>
  app.db.transaction((tx) =>
    writeDecision(
      tx,
      WS,
      id('list'),
      scope,
      id('owner'),
      { typed, taxon: taxon === null ? null : id(taxon), outcome: taxon === null ? 'unlisted' : 'exact' },
      '2026-10-01T00:00:00Z',
    ),
  );
const named = async (at: typeof SITTING, text: string): Promise<string | null | undefined> =>
  (await readDecisions(app.db, WS, at)).byName.get(text)?.taxon;

describe('decisions about written names', () => {
  test('the newest of the narrowest scope counts', async () => {
    await decide({ scope: 'list' }, 'Odd tree', 'grandis');
    await decide({ scope: 'section', section: id('first') }, 'odd  tree.', 'lasiocarpa');
    expect([await named(SITTING, 'odd tree'), await named(OTHER, 'odd tree')]).toEqual([
      id('lasiocarpa'),
      id('grandis'),
    ]);
    await decide({ scope: 'sitting', sitting: id('oldsit') }, 'odd tree', 'flexilis');
    await decide({ scope: 'section', section: id('first') }, 'odd tree', 'albicaulis');
    expect(await named(SITTING, 'odd tree')).toBe(id('flexilis'));
  });

  test('one for the whole list takes over narrower ones, and all stay on record', async () => {
    const before = (await readDecisions(app.db, WS, SITTING)).seq;
    await decide({ scope: 'list' }, 'odd tree', null);
    expect([await named(SITTING, 'odd tree'), await named(OTHER, 'odd tree')]).toEqual([null, null]);
    expect((await readDecisions(app.db, WS, SITTING)).seq).toBeGreaterThan(before);
    const rows = await app.db.query<{ withdrawn: boolean }>(
      `select withdrawn_at is not null as withdrawn from name_ruling where folded = 'odd tree' order by seq`,
    );
    expect(rows.map((r) => r.withdrawn)).toEqual([false, true, true, true, false]);
  });

  test('for another section or sitting is not read', async () => {
    await decide({ scope: 'section', section: id('second') }, 'only there', 'grandis');
    expect([await named(SITTING, 'only there'), await named(OTHER, 'only there')]).toEqual([
      undefined,
      id('grandis'),
    ]);
  });

  test.each([
    ['which species', { typed: 'x', outcome: 'exact' as const }, 'taxon'],
    ['a species that is there', { typed: 'x', taxon: id('nowhere'), outcome: 'exact' as const }, 'taxon'],
  ])('needs %s', async (_, body, field) => {
    const written = app.db.transaction((tx) =>
      writeDecision(tx, WS, id('list'), { scope: 'list' }, id('owner'), body, '2026-10-01T00:00:00Z'),
    );
    await expect(written).rejects.toMatchObject({ details: { field } });
  });
});
