import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ImportKind, ImportReport, ImportRow, StatementRow } from '@hurrow/contract';
import { WS, id, joinWalk, openSitting, openTestApp, sendFile } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { preview, takeIn } from './index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const exported = async (format: string, from: Client = owner): Promise<string> =>
  (await from.call<string>('GET', `/api/exports/${format}`, undefined, { asText: true })).body;

const taken = async (kind: ImportKind, text: string, name = 'A file'): Promise<ImportReport> => {
  const job = await sendFile(owner, kind, text, { name, apply: true });
  if (!job.result) throw new Error(`${job.state}: ${job.problem?.detail ?? ''}`);
  return job.result;
};
const undo = (batch: string | null) => owner.call('POST', `/api/imports/${batch ?? ''}/undo`);

/** An application without a library of its own, and its first owner. */
async function emptyWorkspace(): Promise<{ app: TestApp; client: Client }> {
  const empty = await openTestApp({ filled: false, setupCode: 'ABCDEFGH' });
  const client = empty.nobody();
  const setup = await client.call('POST', '/api/setup', {
    code: 'ABCDEFGH',
    workspace: 'Another school',
    name: 'Tamsin Orr',
    passphrase: 'a lantern in the fog',
  });
  if (setup.status >= 300) throw new Error(`Not set up: ${setup.body.detail}`);
  return { app: empty, client };
}

const TABLE = `species,leaf.arrangement,needle.length (mm),bark.texture
Abies grandis,,20-50,smooth
Abies procera,,(15) 25-35 mm,furrowed | smooth?
`;

describe('a library that goes out and comes in', () => {
  test('is the same file however often it is written', async () => {
    expect(await exported('library')).toBe(await exported('library'));
  });

  test('changes nothing where it was written', async () => {
    const job = await sendFile(owner, 'library', await exported('library'));
    expect(job.result?.counts).toMatchObject({ new: 0, changed: 0, refused: 0 });
    expect(job.result?.counts.same).toBeGreaterThan(100);
  });

  test('stands whole in an empty workspace, and goes on from there to the next byte for byte', async () => {
    const first = await emptyWorkspace();
    const second = await emptyWorkspace();
    try {
      const sent = await exported('library');
      const job = await sendFile(first.client, 'library', sent, { apply: true });
      expect(job.result?.refused).toEqual([]);
      expect(job.result?.batch).not.toBeNull();
      const there = await exported('library', first.client);
      const parse = (t: string) => JSON.parse(t) as { taxa: { name: string; statements: unknown[] }[] };
      const named = new Map(parse(there).taxa.map((t) => [t.name, t]));
      // What ships stands beside it; everything that was sent is there as it was.
      for (const t of parse(sent).taxa) {
        const { statements, ...head } = named.get(t.name) ?? { statements: [] };
        expect({ ...head, statements: t.statements }).toEqual(t);
        expect(statements).toEqual(expect.arrayContaining(t.statements));
      }
      await sendFile(second.client, 'library', there, { apply: true });
      expect(await exported('library', second.client)).toBe(there);
    } finally {
      await first.app.close();
      await second.app.close();
    }
  });
});

describe.each<[ImportKind, string, string]>([
  ['table', TABLE, 'needle.length'],
  [
    'names',
    'scientific,family,common,synonyms,older_families,week,label\nAbies procera,Pinaceae,noble fir | red fir,,,2,fir 3\nAbies grandis,Pinaceae,,,,1,\n',
    'Abies procera',
  ],
  ['ranges', 'species,region,presence,source\nAbies grandis,US-ID,native,A new flora\n', 'US-ID'],
  [
    'areas',
    JSON.stringify({
      type: 'FeatureCollection',
      features: [
        {
          type: 'Feature',
          properties: { species: 'Abies grandis', presence: 'native' },
          geometry: {
            type: 'Polygon',
            coordinates: [
              [
                [-116, 47],
                [-115, 47],
                [-115, 48],
                [-116, 47],
              ],
            ],
          },
        },
      ],
    }),
    'Polygon',
  ],
])('a file of %s', (kind, text, sign) => {
  test('is shown first, taken in whole, and undone to the byte, also after another species was edited', async () => {
    const before = await exported('library');
    const seen = await sendFile(owner, kind, text, { name: 'Field notes' });
    expect(seen.result?.refused).toEqual([]);
    expect((seen.result?.counts.new ?? 0) + (seen.result?.counts.changed ?? 0)).toBeGreaterThan(0);
    expect(await exported('library')).toBe(before);
    const done = await taken(kind, text, 'Field notes');
    expect(done.counts).toEqual(seen.result?.counts);
    const after = await exported('library');
    expect(after).not.toBe(before);
    expect(after).toContain(sign);
    const edit = await owner.call<StatementRow>('POST', '/api/statements', {
      taxon: id('flexilis'),
      character: 'form.height',
      source: id('own'),
      value: { kind: 'range', entered: '9-15 m' },
    });
    expect(edit.status).toBe(201);
    expect((await undo(done.batch)).status).toBe(204);
    await owner.call('DELETE', `/api/statements/${edit.body.id}`, undefined, { version: edit.body.version });
    expect(await exported('library')).toBe(before);
    expect((await undo(done.batch)).status).toBe(404);
  });
});

test('descriptions written as SDD change nothing where they were written', async () => {
  const job = await sendFile(owner, 'sdd', await exported('sdd'), { name: 'Descriptions' });
  expect(job.result?.refused).toEqual([]);
  expect(job.result?.counts).toMatchObject({ new: 0, changed: 0 });
});

test('a table of the library and its names change nothing there either, but for who says it', async () => {
  const names = await sendFile(owner, 'names', await exported('names'), { name: 'Test list' });
  expect(names.result?.refused).toEqual([]);
  expect(names.result?.changes.filter((c) => c.kind === 'taxon')).toEqual([]);
});

describe('what is refused', () => {
  test('changes nothing and is told by line and column with its remedy', async () => {
    const before = await exported('library');
    const wrong = `species,bark.texture,needle.length
Abies grandis,smooth,20-50 mm
Abies procera,velvet,3 pounds
`;
    const job = await sendFile(owner, 'table', wrong, { apply: true });
    expect(job.result?.batch).toBeNull();
    expect(job.result?.refused).toEqual([
      expect.objectContaining({ line: 3, column: 2, message: expect.stringContaining('velvet') }),
      expect.objectContaining({ line: 3, column: 3 }),
    ]);
    expect(job.result?.refused.every((r) => r.remedy.length > 0)).toBe(true);
    expect(await exported('library')).toBe(before);
  });

  test('a species twice, a range of an unknown species, a file of another kind', async () => {
    const twice = await sendFile(
      owner,
      'table',
      'species,bark.texture\nAbies grandis,smooth\nAbies grandis,furrowed\n',
    );
    expect(twice.result?.refused).toEqual([expect.objectContaining({ line: 3, column: 1 })]);
    const strange = await sendFile(
      owner,
      'ranges',
      'species,region,presence\nAbies nowherensis,US-ID,native\n',
    );
    expect(strange.result?.refused).toEqual([expect.objectContaining({ line: 2, column: 1 })]);
    const other = await sendFile(owner, 'library', '{"format": "something else"}');
    expect(other.result?.refused[0]?.message).toBe('This is no library file.');
    const bad = await owner.call('POST', '/api/imports/preview?kind=archive&name=x', 'text', {
      type: 'text/plain',
    });
    expect(bad.status).toBe(422);
  });

  test('a file larger than any that is read, before anything is done with it', async () => {
    const large = await owner.call(
      'POST',
      '/api/imports/preview?kind=library&name=x',
      'x'.repeat(46_000_000),
      {
        type: 'text/plain',
      },
    );
    expect([large.status, large.body.detail]).toEqual([413, 'The request is too large.']);
  });

  test('an import whose work was changed since is not undone', async () => {
    const done = await taken('table', 'species,bark.texture\nAbies grandis,warty\n', 'Second notes');
    const batch = done.batch;
    const profile = await owner.call<{ statements: StatementRow[] }>('GET', `/api/species/${id('grandis')}`);
    const row = profile.body.statements.find(
      (r) => r.character === 'bark.texture' && r.version === 1 && r.note === null,
    );
    const change = await owner.call(
      'PUT',
      `/api/statements/${row?.id ?? ''}`,
      { value: { kind: 'states', states: [{ state: 'smooth', freq: 'usual' }] } },
      { version: 1 },
    );
    expect(change.status).toBe(200);
    const refused = await undo(batch);
    expect([refused.status, refused.body.detail]).toEqual([412, expect.stringContaining('statement (1)')]);
  });
});

test('a roster enrols who is new, renames, takes nobody out, and is undone', async () => {
  const before = await exported('roster');
  const [head = '', first = ''] = before.split('\n');
  const [section] = first.split(',');
  const done = await taken('roster', `${head}\n${section},990,Wren\n${section},991,=1+1\n`, 'Late arrivals');
  expect(done.counts).toMatchObject({ new: 2, refused: 0 });
  const after = await exported('roster');
  expect(after).toContain(`${section},990,Wren`);
  expect(after).toContain(`${section},991,'=1+1`);
  for (const line of before.split('\n')) expect(after).toContain(line);
  const none = await sendFile(owner, 'roster', 'section,code\nNobody’s class,1\n');
  expect(none.result?.refused).toEqual([expect.objectContaining({ line: 2, column: 1 })]);
  expect((await undo(done.batch)).status).toBe(204);
  expect(await exported('roster')).toBe(before);
});

test('a roster line that fits sections of two terms asks for the term, and is taken with it', async () => {
  const body = { name: 'Evening class', list: id('list'), site: id('site'), students: [] };
  for (const term of ['Fall 2025', 'Fall 2026']) await owner.call('POST', '/api/sections', { ...body, term });
  const twice = await sendFile(owner, 'roster', 'section,code\nEvening class,1\n');
  expect(twice.result?.refused).toMatchObject([
    {
      message: '2 sections are called “Evening class”.',
      remedy: expect.stringContaining('“Evening class, Fall 2026”'),
    },
  ]);
  const one = await sendFile(owner, 'roster', 'section,code\n"Evening class, Fall 2026",1\n');
  expect(one.result?.refused).toEqual([]);
  expect(one.result?.counts.new).toBe(1);
});

test('a roster whose student has been at a sitting since is not undone', async () => {
  const [head = '', first = ''] = (await exported('roster')).split('\n');
  const [section = ''] = first.split(',');
  const done = await taken('roster', `${head}\n${section},995,Late\n`, 'One more');
  const { code } = await openSitting(owner, 'first');
  await joinWalk(app, code, '995');
  const refused = await undo(done.batch);
  expect([refused.status, refused.body.detail]).toEqual([
    409,
    '1 of the students it enrolled has been at a sitting since.',
  ]);
  expect(await exported('roster')).toContain(`${section},995,Late`);
});

test('what was taken in is listed with who did it', async () => {
  const { body } = await owner.call<ImportRow[]>('GET', '/api/imports');
  expect(body.length).toBeGreaterThan(3);
  expect(body.every((b) => b.by === 'Ilse Varn')).toBe(true);
  expect(body.find((b) => b.name === 'Late arrivals')?.undoneAt).not.toBeNull();
});

test('work can be stopped, and leaves nothing', async () => {
  const before = await exported('library');
  const head = ['species', 'form.height'].join(',');
  const many = Array.from({ length: 4000 }, (_, i) => `Abies made${'abcdefghij'.charAt(i % 10)}${i},1-2 m`);
  const { body } = await owner.call<{ job: string }>(
    'POST',
    '/api/imports?kind=table&name=Many',
    [head, ...many].join('\n'),
    { type: 'text/plain' },
  );
  const anyone = app.nobody();
  expect((await anyone.call('POST', `/api/jobs/${body.job}/cancel`)).status).toBe(204);
  let state = 'running';
  while (state === 'running')
    state = (await anyone.call<{ state: string }>('GET', `/api/jobs/${body.job}`)).body.state;
  expect(state).toBe('cancelled');
  expect(await exported('library')).toBe(before);
  expect((await anyone.call('GET', '/api/jobs/nothing')).status).toBe(404);
});

test('a file that is stopped while it is written changes nothing and leaves the thread to the next one', async () => {
  const before = await exported('library');
  const many = Array.from({ length: 4000 }, (_, i) => `Abies made${'abcdefghij'.charAt(i % 10)}${i},1-2 m`);
  const request = { kind: 'table', name: 'Many', text: ['species,form.height', ...many].join('\n') } as const;
  const stops: (() => void)[] = [];
  const told = (stage: string): void => {
    if (stage !== 'writing') return;
    for (const stop of stops) stop();
    throw new Error('Stopped while it was written');
  };
  const stopping = Object.assign(told, { onCancel: (stop: () => void) => void stops.push(stop) });
  await expect(
    takeIn({ db: app.db, clock: () => new Date('2026-10-01T12:00:00Z') }, WS, null, request, stopping),
  ).rejects.toThrow('Stopped while it was written');
  expect(await exported('library')).toBe(before);
  const quiet = Object.assign(() => undefined, { onCancel: () => undefined });
  const shown = await preview(app.db, WS, null, request, quiet);
  expect(shown.counts).toMatchObject({ refused: 0, changed: 0 });
  expect(shown.counts.new).toBeGreaterThan(8000);
});
