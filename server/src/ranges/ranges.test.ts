import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ChallengedTree, GrowingHere, OccurrenceRow, RangeDetail } from '@hurrow/contract';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  // Two trees are located: one in Sanders County, Montana, one beyond the atlas.
  await app.db.query('update tree set lat = 47.6, lon = -115.3 where individual = $1', [id('tree-a')]);
  await app.db.query('update tree set lat = 51.0, lon = -115.3 where individual = $1', [id('tree-c')]);
});
afterAll(() => app.close());

const path = (of = 'grandis') => `/api/species/${id(of)}/range`;
const read = async () => (await owner.call<RangeDetail>('GET', path())).body;

describe('where a species grows', () => {
  test('is written whole under its version, and a located tree outside challenges it until it is answered', async () => {
    const before = await read();
    const records = [{ region: 'US-WA', presence: 'native', source: id('flora') }];
    const set = await owner.call<RangeDetail>('PUT', path(), { records }, { version: before.version });
    expect([set.status, set.body.records]).toEqual([200, records]);
    const [challenge] = set.body.challenges;
    expect(challenge).toMatchObject({
      tag: 'Quill A',
      kind: 'outside',
      region: 'US-MT-089',
      regionName: 'Sanders County, Montana',
      offer: 'rare',
    });
    const all = await owner.call<ChallengedTree[]>('GET', '/api/range-challenges');
    expect(all.body.map((c) => c.tag)).toEqual(['Quill A']);
    const answered = await owner.call<RangeDetail>(
      'PUT',
      path(),
      { records: [...records, { region: 'US-MT-089', presence: 'native', source: null }] },
      { version: set.body.version },
    );
    expect([answered.body.challenges, answered.body.counties]).toEqual([[], { 'US-MT-089': 'Sanders' }]);
  });

  test('is refused against another version, with a region twice and with a code that is none', async () => {
    const { version, records } = await read();
    expect((await owner.call('PUT', path(), { records: [] }, { version: version - 1 })).status).toBe(412);
    const twice = { region: 'US-ID', presence: 'native', source: null };
    expect((await owner.call('PUT', path(), { records: [twice, twice] }, { version })).body.field).toBe(
      'records.1.region',
    );
    expect(
      (await owner.call('PUT', path(), { records: [{ ...twice, region: 'Idaho' }] }, { version })).status,
    ).toBe(422);
    expect((await read()).records).toEqual(records);
  });
});

describe('records of the occurrence service', () => {
  test('are held against the range, judged, kept, and never taken in twice', async () => {
    const ask = async () =>
      (await owner.call<OccurrenceRow[]>('POST', `/api/species/${id('grandis')}/occurrences/search`)).body;
    const found = await ask();
    expect(found.length).toBeGreaterThan(5);
    expect(await ask()).toEqual(found);
    expect(found.some((o) => o.presence === null)).toBe(true);
    expect(found.filter((o) => !o.sameName).map((o) => o.scientificName)).toEqual(['Abies']);
    const [first] = found;
    if (!first) throw new Error('No record');
    const { region: _, regionName: _n, presence: _p, sameName: _s, verdict: _v, ...record } = first;
    const judge = (verdict: string) =>
      owner.call<RangeDetail>('PUT', `/api/species/${id('grandis')}/occurrences`, { record, verdict });
    expect((await judge('accepted')).body.occurrences.map((o) => o.verdict)).toEqual(['accepted']);
    expect((await judge('rejected')).body.occurrences.map((o) => o.verdict)).toEqual(['rejected']);
    expect((await ask()).filter((o) => o.verdict !== null).map((o) => o.occurrenceID)).toEqual([
      record.occurrenceID,
    ]);
  });
});

describe('who could grow at a place', () => {
  const growing = (query: string) => owner.call<GrowingHere>('GET', `/api/growing?${query}`);

  test('by range and ground, those that fit first', async () => {
    const here = await growing('lat=47.6&lon=-115.3&elevation=900&zone=5');
    expect(here.body.regionName).toBe('Sanders County, Montana');
    const grandis = here.body.rows.find((r) => r.taxon.id === id('grandis'));
    expect(grandis?.grounds[0]).toMatchObject({ of: 'region', fit: 'fits', presence: 'native' });
    const order = ['fits', 'limit', 'unknown', 'no'];
    const seen = here.body.rows.map((r) => order.indexOf(r.fit));
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
    const far = await growing('lat=27.9&lon=-81.7');
    expect(far.body.rows.find((r) => r.taxon.id === id('grandis'))?.fit).toBe('no');
  });

  test('a place or a ground that is none is refused with its field', async () => {
    expect((await growing('lat=95&lon=0')).status).toBe(422);
    expect((await growing('lon=0')).status).toBe(422);
    expect((await growing('lat=47&lon=-115&ground=site.moisture:soggy')).status).toBe(422);
  });
});
