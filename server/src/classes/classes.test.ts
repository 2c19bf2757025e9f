import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { DueItem, ListDetail, ListSummary, PreviewLine, Section } from '@hurrow/contract';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

describe('pasting a list', () => {
  test('names are known, misspelled or new', async () => {
    const text = 'Abies grandis, 1\nsubalpin fir; 2\n';
    const mixed = await owner.call<PreviewLine[]>('POST', '/api/lists/preview', {
      text: 'Abies grandis, 1\nsubalpin fir, 2\nQuercus rubra, week 3',
    });
    expect(mixed.body.map((l) => [l.name, l.week, l.found.kind])).toEqual([
      ['Abies grandis', 1, 'known'],
      ['subalpin fir', 2, 'misspelled'],
      ['Quercus rubra', 3, 'new'],
    ]);
    expect((await owner.call('POST', '/api/lists/preview', { text })).status).toBe(200);
    const empty = await owner.call('POST', '/api/lists/preview', { text: '   \n' });
    expect([empty.status, empty.body.field]).toEqual([422, 'text']);
  });

  test('a list is made whole, a new name becoming a draft species that is due to be recorded', async () => {
    const made = await owner.call<ListSummary>('POST', '/api/lists', {
      name: 'Mixed',
      members: [
        { taxon: id('grandis'), week: 1 },
        { newName: 'Quercus rubra', week: 2 },
      ],
    });
    expect(made.status).toBe(201);
    const { body } = await owner.call<ListDetail>('GET', `/api/lists/${made.body.id}`);
    expect(body.members.map((m) => [m.scientific, m.week, m.own > 0])).toEqual([
      ['Abies grandis', 1, true],
      ['Quercus rubra', 2, false],
    ]);
    const due = await owner.call<DueItem[]>('GET', '/api/due');
    expect(due.body.map((d) => d.title)).toContain('1 species of Mixed have nothing recorded');
  });

  test('one species on two lines, or none at all, makes no list', async () => {
    const twice = await owner.call('POST', '/api/lists', {
      name: 'Twice',
      members: [{ taxon: id('grandis') }, { newName: 'Abies  grandis' }],
    });
    expect([twice.status, twice.body.field]).toEqual([409, 'members.1']);
    expect((await owner.call('POST', '/api/lists', { name: 'None', members: [] })).status).toBe(422);
    const { body } = await owner.call<ListSummary[]>('GET', '/api/lists');
    expect(body.map((l) => l.name)).not.toContain('Twice');
  });
});

describe('sections', () => {
  const BODY = { name: 'Third', term: 'now', list: id('list'), site: id('site') };

  test('are made with their class numbers', async () => {
    const { status, body } = await owner.call<Section>('POST', '/api/sections', {
      ...BODY,
      students: [{ code: '31' }, { code: '32', firstName: 'Pell' }],
    });
    expect(status).toBe(201);
    expect(body.students.map((s) => [s.code, s.firstName])).toEqual([
      ['31', null],
      ['32', 'Pell'],
    ]);
  });

  test.each([
    [[{ code: '31' }, { code: '31' }], 409, 'students.1.code'],
    [[{ code: 'no spaces allowed' }], 422, 'students.0.code'],
  ])('a roster with a fault makes none: %j', async (students, status, field) => {
    const answer = await owner.call('POST', '/api/sections', { ...BODY, name: 'Faulty', students });
    expect([answer.status, answer.body.field]).toEqual([status, field]);
    const { body } = await owner.call<Section[]>('GET', '/api/sections');
    expect(body.map((s) => s.name)).not.toContain('Faulty');
  });
});

describe('a list that stands', () => {
  test('names of a new library come under their genus with what holds for it; columns bring family and synonyms', async () => {
    const preview = await owner.call<PreviewLine[]>('POST', '/api/lists/preview', {
      text: 'scientific,family,common,synonyms,week,label\nPinus monticola,Pinaceae,western white pine,Pinus strobus var. monticola,3,the white one\nAcer nullum,Sapindaceae,,,4,\nAbies,,,,5,',
    });
    expect(preview.body.map((l) => [l.name, l.found.kind, l.week, l.label])).toEqual([
      ['Pinus monticola', 'new', 3, 'the white one'],
      ['Acer nullum', 'new', 4, null],
      ['Abies', 'known', 5, null],
    ]);
    const [pine] = preview.body;
    expect(pine?.found).toMatchObject({ under: { scientific: 'Pinus' } });
    const made = await owner.call<ListSummary>('POST', '/api/lists', {
      name: 'With columns',
      members: [
        {
          newName: 'Pinus monticola',
          common: 'western white pine',
          synonyms: ['Pinus porphyrocarpa'],
          under: id('pinus'),
          week: 3,
          label: 'the white one',
        },
        { newName: 'Acer nullum', family: 'Sapindaceae', week: 4 },
        { taxon: id('abies'), week: 5 },
      ],
    });
    expect(made.status).toBe(201);
    const { body } = await owner.call<ListDetail>('GET', `/api/lists/${made.body.id}`);
    expect(body.members.map((m) => [m.rank, m.scientific, m.common, m.label])).toEqual([
      ['species', 'Pinus monticola', 'western white pine', 'the white one'],
      ['species', 'Acer nullum', null, null],
      ['genus', 'Abies', 'fir', null],
    ]);
  });

  test('it is changed whole against its version, copied, and removed where nothing uses it', async () => {
    const { body: lists } = await owner.call<ListSummary[]>('GET', '/api/lists');
    const one = lists.find((l) => l.name === 'With columns');
    const detail = (await owner.call<ListDetail>('GET', `/api/lists/${one?.id ?? ''}`)).body;
    const body = {
      name: 'Renamed',
      members: detail.members.slice(1).map((m) => ({ taxon: m.id, week: 9, label: m.label })),
    };
    const changed = await owner.call('PUT', `/api/lists/${detail.id}`, body, { version: detail.version });
    expect(changed.status).toBe(200);
    expect(
      (await owner.call('PUT', `/api/lists/${detail.id}`, body, { version: detail.version })).status,
    ).toBe(412);
    const copy = await owner.call<ListSummary>('POST', `/api/lists/${detail.id}/copies`, { name: 'A copy' });
    expect([copy.status, copy.body.size]).toEqual([201, 2]);
    const copied = (await owner.call<ListDetail>('GET', `/api/lists/${copy.body.id}`)).body;
    expect(copied.members.map((m) => m.week)).toEqual([9, 9]);
    expect((await owner.call('DELETE', `/api/lists/${copy.body.id}`, undefined, { version: 1 })).status).toBe(
      204,
    );
    const used = (await owner.call<Section[]>('GET', '/api/sections')).body[0];
    const inUse = (await owner.call<ListDetail>('GET', `/api/lists/${used?.list ?? ''}`)).body;
    const refused = await owner.call('DELETE', `/api/lists/${inUse.id}`, undefined, {
      version: inUse.version,
    });
    expect(refused.status).toBe(409);
    expect(refused.body.detail).toContain(used?.name ?? 'a section');
  });

  test('a megabyte of text is refused with the remedy', async () => {
    const refused = await owner.call('POST', '/api/lists/preview', {
      text: 'Abies grandis\n'.repeat(75_000),
    });
    expect([refused.status >= 400 && refused.status < 500, refused.body.remedy !== '']).toEqual([true, true]);
  });
});
