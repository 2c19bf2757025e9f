import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { SpeciesProfile, SpeciesRow, StatementRow } from '@hurrow/contract';
import { resolver, vocabularyOf } from '@hurrow/core/characters';
import type { Profile } from '@hurrow/core/characters';
import { id, openTestApp, WS } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { readCertified, readLibrary } from './described.ts';
import { readVocabulary } from './vocabulary.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

async function profileOf(taxon: string): Promise<Profile> {
  const data = await readLibrary(app.db, WS, [id(taxon)]);
  const vocabulary = vocabularyOf(await readVocabulary(app.db, WS));
  const taxa = new Map(data.taxa.map((t) => [t.id, t]));
  return resolver({ taxa, statements: data.statements, vocabulary, policy: data.policy })(id(taxon));
}

describe('one row of every kind, read back through the resolver', () => {
  test('a family statement reaches the species', async () => {
    const fruit = (await profileOf('grandis')).get('fruit.kind');
    expect(fruit?.origin).toBe(id('pinaceae'));
    expect(fruit?.value).toEqual({ kind: 'states', states: [{ state: 'cone', freq: 'usual' }] });
  });

  test('a genus departs from its family, and the species inherits the exception', async () => {
    const persistence = (await profileOf('occidental')).get('leaf.persistence');
    expect(persistence?.origin).toBe(id('larix'));
    expect((await profileOf('larix')).get('leaf.persistence')?.exceptionTo?.origin).toBe(id('pinaceae'));
  });

  test('a named group stands before the genus, and a species may depart from it', async () => {
    const whitebark = await profileOf('albicaulis');
    expect(whitebark.get('needle.bundle_count')).toMatchObject({
      origin: id('fives'),
      value: { low: 5, high: 5 },
    });
    expect(whitebark.get('needle.length')?.origin).toBe(id('fives'));
    const limber = (await profileOf('flexilis')).get('needle.length');
    expect(limber).toMatchObject({ origin: id('flexilis'), exceptionTo: { origin: id('fives') } });
  });

  test('two sources are merged to the widest', async () => {
    const height = (await profileOf('grandis')).get('form.height');
    expect(height?.statements).toHaveLength(2);
    expect(height?.value).toMatchObject({ low: 28_000, high: 60_000 });
  });

  test('a hybrid has nothing but its own', async () => {
    expect((await profileOf('cross')).size).toBe(0);
  });

  test('a tree is certified for itself', async () => {
    const certified = await readCertified(app.db, WS, [id('tree-a')]);
    expect(certified.get(id('tree-a'))).toEqual({
      'needle.bands': { kind: 'states', states: [{ state: 'below-only', freq: 'usual' }] },
    });
  });

  test('an imported answer stands without a tree', async () => {
    const rows = await app.db.query(
      `select r.value ->> 'text' as typed, st.individual, n.text from response r join sitting_station ss on ss.id = r.sitting_station
       join station st on st.id = ss.station join name n on n.taxon = st.taxon and n.kind = 'accepted' where r.origin = 'import'`,
    );
    expect(rows).toEqual([{ typed: 'grand fir', individual: null, text: 'Abies lasiocarpa' }]);
  });
});

async function statement(taxon: string, character: string): Promise<StatementRow> {
  const { body } = await owner.call<SpeciesProfile>('GET', `/api/species/${id(taxon)}`);
  const found = body.statements.find((s) => s.taxon === id(taxon) && s.character === character);
  if (!found) throw new Error(`No statement of ${character}`);
  return found;
}

describe('statements', () => {
  test('a length typed in inches is stored in millimetres with the text as typed', async () => {
    const s = await statement('flexilis', 'needle.length');
    const changed = await owner.call<StatementRow>(
      'PUT',
      `/api/statements/${s.id}`,
      { value: { kind: 'range', entered: '1 1/2-2 3/4 (3 1/2) in' } },
      { version: s.version },
    );
    expect(changed.status).toBe(200);
    expect(changed.headers.get('etag')).toBe('"2"');
    const { value } = changed.body;
    if (value.kind !== 'range') throw new Error('A range was expected');
    expect([value.low, value.high, value.xhigh].map((v) => Number(v?.toFixed(2)))).toEqual([
      38.1, 69.85, 88.9,
    ]);
    expect(value.entered).toBe('1 1/2-2 3/4 (3 1/2) in');
  });

  test.each([
    ['low above high', 'needle.length', { kind: 'range', entered: '90-30 mm' }, 'value.entered', /low/i],
    ['no unit', 'needle.length', { kind: 'range', entered: '30-90' }, 'value.entered', /unit/i],
    ['no number', 'needle.length', { kind: 'range', entered: 'long' }, 'value.entered', /./],
    [
      'states where a number belongs',
      'needle.length',
      { kind: 'states', states: [{ state: 'long', freq: 'usual' }] },
      'value.states',
      /number/,
    ],
  ])(
    '%s is refused with the field and the remedy, and nothing changes',
    async (_, character, value, field, words) => {
      const before = await statement('flexilis', character);
      const { status, body } = await owner.call(
        'PUT',
        `/api/statements/${before.id}`,
        { value },
        { version: before.version },
      );
      expect([status, body.field]).toEqual([422, field]);
      expect(body.detail).toMatch(words);
      expect(body.remedy).toBeTruthy();
      expect(await statement('flexilis', character)).toEqual(before);
    },
  );

  test('a state the character does not have is refused, with those it has', async () => {
    const s = await statement('lasiocarpa', 'needle.tip');
    const { status, body } = await owner.call(
      'PUT',
      `/api/statements/${s.id}`,
      { value: { kind: 'states', states: [{ state: 'curly', freq: 'usual' }] } },
      { version: s.version },
    );
    expect(status).toBe(422);
    expect(body.detail).toContain('has no state “curly”');
    expect(body.remedy).toContain('notched');
  });

  test('a state set to sometimes is read back as such', async () => {
    const s = await statement('grandis', 'needle.bands');
    const states = [
      { state: 'below-only', freq: 'usual' },
      { state: 'both-sides', freq: 'sometimes' },
    ];
    await owner.call(
      'PUT',
      `/api/statements/${s.id}`,
      { value: { kind: 'states', states } },
      { version: s.version },
    );
    expect((await statement('grandis', 'needle.bands')).value).toEqual({ kind: 'states', states });
  });

  test('a stale write is refused with both versions; one without a version is not taken', async () => {
    const s = await statement('lasiocarpa', 'needle.tip');
    const value = { kind: 'states', states: [{ state: 'blunt', freq: 'usual' }] };
    await owner.call('PUT', `/api/statements/${s.id}`, { value }, { version: s.version });
    const stale = await owner.call('PUT', `/api/statements/${s.id}`, { value }, { version: s.version });
    expect(stale.status).toBe(412);
    expect(stale.body.current).toMatchObject({ version: s.version + 1 });
    expect(stale.body.sent).toEqual({ value });
    expect((await owner.call('PUT', `/api/statements/${s.id}`, { value })).status).toBe(428);
  });

  test('what is recorded, changed and retracted is remembered with what it was', async () => {
    const body = {
      taxon: id('grandis'),
      character: 'needle.smell',
      source: id('flora'),
      value: { kind: 'states', states: [{ state: 'citrus', freq: 'usual' }] },
    };
    const made = await owner.call<StatementRow>('POST', '/api/statements', body);
    expect(made.status).toBe(201);
    expect((await owner.call('POST', '/api/statements', body)).status).toBe(409);
    expect(
      (await owner.call('DELETE', `/api/statements/${made.body.id}`, undefined, { version: 1 })).status,
    ).toBe(204);
    const changes = await app.db.query<{ before: unknown; after: unknown }>(
      'select before, after from change where subject_id = $1 order by at',
      [made.body.id],
    );
    expect(changes.map((c) => [c.before === null, c.after === null])).toEqual([
      [true, false],
      [false, true],
    ]);
  });
});

test('the species table counts what is recorded of each alone', async () => {
  const { body } = await owner.call<SpeciesRow[]>('GET', '/api/species');
  expect(body.map((r) => r.scientific)).toEqual([
    'Abies grandis',
    'Abies lasiocarpa',
    'Larix × marschlinsii',
    'Larix occidentalis',
    'Pinus albicaulis',
    'Pinus flexilis',
  ]);
  expect(body.find((r) => r.scientific === 'Pinus albicaulis')).toMatchObject({
    family: 'Pinaceae',
    own: 1,
    lists: ['Test list'],
    cautions: ['protected'],
  });
});
