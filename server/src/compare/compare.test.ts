import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ListLore, RuleBody, RuleRow } from '@hurrow/contract';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const FIVE: RuleBody = {
  quantifier: 'only',
  who: id('grandis'),
  when: [],
  then: [{ character: 'needle.bundle_count', low: 5, high: 5 }],
  note: null,
};
const keep = (body: RuleBody) => owner.call<RuleRow>('POST', '/api/rules', body);
const rules = async () => (await owner.call<RuleRow[]>('GET', '/api/rules')).body;

describe('rules of thumb', () => {
  test('are kept, changed under their version, read with whom they speak of, and given up', async () => {
    const made = await keep({ ...FIVE, note: 'Taught by everybody.' });
    expect([made.status, made.body.whoHeader?.scientific]).toEqual([201, 'Abies grandis']);
    const path = `/api/rules/${made.body.id}`;
    const state: RuleBody = {
      ...FIVE,
      quantifier: 'all',
      who: null,
      when: [{ character: 'leaf.kind', state: 'needle' }],
      then: [{ character: 'leaf.persistence', state: 'evergreen' }],
    };
    const changed = await owner.call<RuleRow>('PUT', path, state, { version: 1 });
    expect(changed.body).toMatchObject({ ...state, version: 2, whoHeader: null });
    expect((await owner.call('PUT', path, FIVE, { version: 1 })).status).toBe(412);
    expect(await rules()).toEqual([changed.body]);
    const several: RuleBody = {
      ...state,
      then: [
        { none: { character: 'leaf.persistence', state: 'deciduous' } },
        {
          any: [
            { character: 'leaf.kind', state: 'needle' },
            { character: 'leaf.kind', state: 'scale' },
          ],
        },
        { taxon: id('grandis') },
      ],
    };
    const made2 = await keep(several);
    expect([made2.status, made2.body.then]).toEqual([201, several.then]);
    expect(
      (await owner.call('DELETE', `/api/rules/${made2.body.id}`, undefined, { version: 1 })).status,
    ).toBe(204);
    expect((await owner.call('DELETE', path, undefined, { version: 2 })).status).toBe(204);
    expect(await rules()).toEqual([]);
  });

  test('are refused where they speak of what there is not, with the field and a remedy', async () => {
    const refused = async (part: Partial<RuleBody>) => {
      const answer = await owner.call('POST', '/api/rules', { ...FIVE, ...part });
      return [answer.status, answer.body.field, typeof answer.body.remedy];
    };
    expect(await refused({ then: [{ character: 'no.such', state: 'x' }] })).toEqual([
      422,
      'then.0.character',
      'string',
    ]);
    expect(await refused({ then: [{ character: 'leaf.kind', state: 'no such' }] })).toEqual([
      422,
      'then.0.state',
      'string',
    ]);
    expect(await refused({ then: [{ character: 'leaf.kind', low: 1, high: 2 }] })).toEqual([
      422,
      'then.0.low',
      'string',
    ]);
    expect(await refused({ when: [{ character: 'needle.bundle_count', low: 5, high: 2 }] })).toEqual([
      422,
      expect.stringContaining('high'),
      'string',
    ]);
    expect(await refused({ who: id('nobody') })).toEqual([422, 'who', 'string']);
    expect(await refused({ then: [{ taxon: id('nobody') }] })).toEqual([422, 'then.0.taxon', 'string']);
    expect(await refused({ then: [] })).toEqual([422, 'then', 'string']);
    expect(await rules()).toEqual([]);
  });
});

describe('what is said of a list', () => {
  test('has names, declared pairs between members, cautions with what they forbid, and the groups above', async () => {
    const lore = (await owner.call<ListLore>('GET', `/api/lists/${id('list')}/lore`)).body;
    const accepted = lore.names.filter((n) => n.kind === 'accepted').map((n) => n.text);
    expect(accepted).toContain('Abies grandis');
    const members = new Set(lore.names.map((n) => n.taxon));
    for (const p of lore.pairs) expect([members.has(p.a), members.has(p.b)]).toEqual([true, true]);
    for (const g of lore.groups) expect(members.has(g.id)).toBe(false);
    expect(lore.groups.map((g) => g.scientific)).toContain('Abies');
    expect((await owner.call('GET', `/api/lists/${id('none')}/lore`)).status).toBe(404);
  });
});
