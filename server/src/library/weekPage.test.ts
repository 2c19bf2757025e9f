import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import type { WeekPage, WorkspaceShown } from '@hurrow/contract';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const EMPTY = { text: '', photo: null, tree: null, place: '' };

describe('the page of the week', () => {
  let app: TestApp;
  let owner: Client;
  const at = (species: string): string => `/api/species/${id(species)}/week`;
  const read = async (species: string): Promise<WeekPage> =>
    (await owner.call<WeekPage>('GET', at(species))).body;

  beforeAll(async () => {
    app = await openTestApp();
    owner = await app.owner();
  });
  afterAll(() => app.close());

  test('is empty at first, is kept as written, and counts its versions', async () => {
    expect(await read('grandis')).toEqual({ ...EMPTY, version: 0 });
    const body = { ...EMPTY, text: 'Crush a needle: oranges.', place: 'By the east gate.' };
    const written = await owner.call<WeekPage>('PUT', at('grandis'), body, { version: 0 });
    expect([written.status, written.body.version]).toEqual([200, 1]);
    expect(await read('grandis')).toEqual({ ...body, version: 1 });
    const again = await owner.call('PUT', at('grandis'), { ...body, text: 'Combed flat.' }, { version: 1 });
    expect(again.status).toBe(200);
    expect(await read('grandis')).toMatchObject({ text: 'Combed flat.', version: 2 });
  });

  test('is not written over by somebody who read an earlier one', async () => {
    await owner.call('PUT', at('lasiocarpa'), { ...EMPTY, text: 'First.' }, { version: 0 });
    const late = await owner.call('PUT', at('lasiocarpa'), { ...EMPTY, text: 'Late.' }, { version: 0 });
    expect(late.status).toBe(412);
    expect(await read('lasiocarpa')).toMatchObject({ text: 'First.', version: 1 });
  });

  test('shows photographs and trees of its own species alone', async () => {
    const before = await read('grandis');
    for (const [field, wrong] of [
      ['photo', id('none')],
      ['tree', id('none')],
    ] as const) {
      const refused = await owner.call<{ field: string }>(
        'PUT',
        at('grandis'),
        { ...EMPTY, [field]: wrong },
        { version: before.version },
      );
      expect([refused.status, refused.body.field]).toEqual([422, field]);
    }
    expect(await read('grandis')).toEqual(before);
  });

  test('sends readers to a tree of its species, and not to one of another', async () => {
    const { body: trees } = await owner.call<readonly { id: string; taxon: { id: string } }[]>(
      'GET',
      '/api/trees',
    );
    const [tree] = trees;
    if (!tree) throw new Error('The fixture has no tree');
    const path = `/api/species/${tree.taxon.id}/week`;
    const { version } = (await owner.call<WeekPage>('GET', path)).body;
    const kept = await owner.call<WeekPage>('PUT', path, { ...EMPTY, tree: tree.id }, { version });
    expect([kept.status, kept.body.tree]).toEqual([200, tree.id]);
    const other = trees.find((t) => t.taxon.id !== tree.taxon.id);
    if (!other) throw new Error('The fixture has trees of one species alone');
    const refused = await owner.call('PUT', path, { ...EMPTY, tree: other.id }, { version: version + 1 });
    expect(refused.status).toBe(422);
  });

  test('is written once where two people save at the same moment', async () => {
    const { version } = await read('lasiocarpa');
    const both = await Promise.all(
      ['One.', 'Other.'].map((text) => owner.call('PUT', at('lasiocarpa'), { ...EMPTY, text }, { version })),
    );
    expect(both.map((r) => r.status).sort()).toEqual([200, 412]);
    expect((await read('lasiocarpa')).version).toBe(version + 1);
  });

  test('shows its drawing again once its photograph is removed', async () => {
    const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#336655' } })
      .jpeg()
      .toBuffer();
    const { body: photo } = await owner.call<{ id: string }>(
      'POST',
      `/api/species/${id('grandis')}/photos`,
      new Uint8Array(jpeg),
      { type: 'image/jpeg' },
    );
    const { version } = await read('grandis');
    const put = await owner.call(
      'PUT',
      at('grandis'),
      { ...EMPTY, text: 'See.', photo: photo.id },
      { version },
    );
    expect(put.status).toBe(200);
    expect((await owner.call('DELETE', `/api/photos/${photo.id}`)).status).toBe(204);
    expect(await read('grandis')).toMatchObject({ text: 'See.', photo: null });
  });

  test('goes with its species', async () => {
    const made = await owner.call<{ id: string }>('POST', '/api/taxa', {
      rank: 'species',
      scientific: 'Abies fabularis',
      parents: [],
    });
    expect(made.status).toBe(201);
    const path = `/api/species/${made.body.id}`;
    expect(
      (await owner.call('PUT', `${path}/week`, { ...EMPTY, text: 'Short.' }, { version: 0 })).status,
    ).toBe(200);
    const { body } = await owner.call<{ version: number }>('GET', path);
    expect((await owner.call('DELETE', path, undefined, { version: body.version })).status).toBe(204);
    expect((await owner.call('GET', `${path}/week`)).status).toBe(404);
  });

  test('of a species that is gone says so', async () => {
    const gone = await owner.call<{ remedy: string }>('GET', at('none'));
    expect([gone.status, gone.body.remedy]).toEqual([404, 'Choose another one.']);
  });
});

describe('who gives out handouts', () => {
  test('is said once for the workspace, and stays where only the name is changed', async () => {
    const app = await openTestApp();
    const owner = await app.owner();
    const office = {
      name: 'Fernhollow office',
      contact: 'trees@fernhollow.example',
      statement: 'Open to all.',
    };
    const before = (await owner.call<WorkspaceShown>('GET', '/api/workspace')).body;
    expect(before.office).toEqual({ name: '', contact: '', statement: '' });
    expect((await owner.call('PUT', '/api/workspace', { name: 'Fernhollow', office })).status).toBe(204);
    expect((await owner.call('PUT', '/api/workspace', { name: 'Fernhollow lab' })).status).toBe(204);
    expect((await owner.call<WorkspaceShown>('GET', '/api/workspace')).body).toEqual({
      name: 'Fernhollow lab',
      office,
    });
    const long = await owner.call('PUT', '/api/workspace', {
      name: 'F',
      office: { ...office, statement: 'x'.repeat(1001) },
    });
    expect(long.status).toBe(422);
    await app.close();
  });
});
