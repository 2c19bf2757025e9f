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
  test('names are known, misspelt or new', async () => {
    const text = 'Abies grandis, 1\nsubalpin fir; 2\n';
    const mixed = await owner.call<PreviewLine[]>('POST', '/api/lists/preview', {
      text: 'Abies grandis, 1\nsubalpin fir, 2\nQuercus rubra, week 3',
    });
    expect(mixed.body.map((l) => [l.name, l.week, l.found.kind])).toEqual([
      ['Abies grandis', 1, 'known'],
      ['subalpin fir', 2, 'misspelt'],
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
