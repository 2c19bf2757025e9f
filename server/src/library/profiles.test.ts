import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import type {
  BatchDone,
  ListLibrary,
  PairNote,
  Photo,
  SeasonRow,
  Sighting,
  Site,
  Source,
  Sources,
  SpeciesBody,
  SpeciesProfile,
  StatementRow,
  TaxonHeader,
  TaxonPlace,
  Undone,
} from '@hurrow/contract';
import { WS, id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const profile = async (taxon: string): Promise<SpeciesProfile> =>
  (await owner.call<SpeciesProfile>('GET', `/api/species/${taxon}`)).body;

const own = async (taxon: string, character: string, source = 'own'): Promise<StatementRow | undefined> =>
  (await profile(id(taxon))).statements.find(
    (s) => s.taxon === id(taxon) && s.character === character && s.source === id(source),
  );

const entry = (taxon: string, character: string, value: unknown, version: number | null = null) => ({
  taxon: id(taxon),
  character,
  source: id('own'),
  value,
  version,
});
const states = (...all: string[]) => ({
  kind: 'states',
  states: all.map((state) => ({ state, freq: 'usual' })),
});

describe('what leaves something open', () => {
  test('a state ruled out and a least number are kept and read back; what contradicts itself is refused', async () => {
    const never = { kind: 'states', states: [{ state: 'papery', freq: 'never' }] };
    const made = await owner.call<BatchDone>('POST', '/api/statements/batch', {
      entries: [
        entry('flexilis', 'bark.texture', never),
        entry('flexilis', 'form.height', { kind: 'range', entered: 'at least 12 m' }),
      ],
    });
    expect(made.status).toBe(201);
    expect((await own('flexilis', 'bark.texture'))?.value).toEqual(never);
    expect((await own('flexilis', 'form.height'))?.value).toEqual({
      kind: 'range',
      xlow: null,
      low: 12000,
      high: 12000,
      xhigh: null,
      more: true,
      entered: 'at least 12 m',
    });
    const both = { kind: 'states', states: [...never.states, { state: 'papery', freq: 'usual' }] };
    const refused = await owner.call('POST', '/api/statements/batch', {
      entries: [entry('flexilis', 'bark.texture', both, made.body.rows[0]?.version)],
    });
    expect([refused.status, refused.body]).toEqual([
      422,
      expect.objectContaining({ detail: '“papery” is recorded and ruled out at once.' }),
    ]);
    expect((await own('flexilis', 'bark.texture'))?.value).toEqual(never);
  });
});

describe('what is said of a stage of life', () => {
  test('is recorded beside what is said of none, changed and undone by itself', async () => {
    const body = (value: unknown, life?: string) => ({
      taxon: id('flexilis'),
      character: 'bark.colour',
      source: id('own'),
      value,
      ...(life ? { life } : {}),
    });
    const grown = await owner.call<StatementRow>('POST', '/api/statements', body(states('grey')));
    const young = await owner.call<StatementRow>('POST', '/api/statements', body(states('white'), 'young'));
    expect([grown.status, young.status, young.body.life]).toEqual([201, 201, 'young']);
    const twice = await owner.call('POST', '/api/statements', body(states('brown'), 'young'));
    expect([twice.status, twice.body.field]).toEqual([409, 'source']);
    const changed = await owner.call<StatementRow>(
      'PUT',
      `/api/statements/${young.body.id}`,
      { value: states('cream') },
      { version: young.body.version },
    );
    expect(changed.status).toBe(200);
    const said = async (): Promise<readonly (readonly [string, unknown])[]> =>
      (await profile(id('flexilis'))).statements
        .filter((s) => s.taxon === id('flexilis') && s.character === 'bark.colour')
        .map((s) => [s.life ?? 'none', s.value] as const)
        .sort(([a], [b]) => (a < b ? -1 : 1));
    expect(await said()).toEqual([
      ['none', states('grey')],
      ['young', states('cream')],
    ]);
    expect((await owner.call<Undone>('POST', '/api/changes/undo')).status).toBe(200);
    expect(await said()).toEqual([
      ['none', states('grey')],
      ['young', states('white')],
    ]);
    expect((await owner.call<Undone>('POST', '/api/changes/undo')).status).toBe(200);
    expect(await said()).toEqual([['none', states('grey')]]);
    expect((await owner.call('POST', '/api/statements', body(states('grey'), 'elderly'))).status).toBe(422);
  });

  test('of one source may be two things, where notes name the places', async () => {
    const body = (value: unknown, note: string | null) => ({
      taxon: id('flexilis'),
      character: 'bark.colour',
      source: id('own'),
      value,
      life: 'sprout',
      note,
    });
    const first = await owner.call<StatementRow>('POST', '/api/statements', body(states('grey'), 'page 12'));
    const other = await owner.call<StatementRow>('POST', '/api/statements', body(states('white'), 'page 40'));
    expect([first.status, other.status]).toEqual([201, 201]);
    const again = await owner.call('POST', '/api/statements', body(states('brown'), 'page 40'));
    expect([again.status, again.body.field]).toEqual([409, 'source']);
    const rows = (await profile(id('flexilis'))).statements.filter((s) => s.life === 'sprout');
    expect(rows.map((s) => s.note).sort()).toEqual(['page 12', 'page 40']);
    for (const s of rows)
      expect(
        (await owner.call('DELETE', `/api/statements/${s.id}`, undefined, { version: s.version })).status,
      ).toBe(204);
  });

  test('is read with its stage, never written over by what is said of none, and never merged with it', async () => {
    await app.db.query(
      `insert into statement (ws, id, taxon, character, kind, source, life)
       select id, 'd0000000-0000-4000-8000-000000000001', $2, 'bark.texture', 'states', $3, 'young' from workspace where id = $1`,
      [WS, id('lasiocarpa'), id('own')],
    );
    await app.db.query(
      `insert into statement_state (ws, statement, character, state, freq)
       values ($1, 'd0000000-0000-4000-8000-000000000001', 'bark.texture', 'scaly', 'usual')`,
      [WS],
    );
    const read = (await profile(id('lasiocarpa'))).statements.filter(
      (s) => s.taxon === id('lasiocarpa') && s.character === 'bark.texture',
    );
    expect(read.filter((s) => s.life === 'young').map((s) => s.value)).toEqual([states('scaly')]);
    // The same source may still say something of no stage.
    const made = await owner.call<BatchDone>('POST', '/api/statements/batch', {
      entries: [entry('lasiocarpa', 'bark.texture', states('smooth'))],
    });
    expect(made.status).toBe(201);
    const both = (await profile(id('lasiocarpa'))).statements.filter(
      (s) => s.taxon === id('lasiocarpa') && s.character === 'bark.texture' && s.source === id('own'),
    );
    expect(both.map((s) => s.life ?? 'none').sort()).toEqual(['none', 'young']);
    await owner.call('POST', '/api/changes/undo');
    await app.db.query(
      `delete from statement where ws = $1 and id = 'd0000000-0000-4000-8000-000000000001'`,
      [WS],
    );
  });
});

describe('many statements at once', () => {
  test('are recorded whole, against what was read, and undone whole', async () => {
    const done = await owner.call<BatchDone>('POST', '/api/statements/batch', {
      entries: [
        entry('lasiocarpa', 'bark.texture', states('smooth')),
        entry('lasiocarpa', 'needle.length', { kind: 'range', entered: '15-30 mm' }),
        entry('grandis', 'bark.texture', states('furrowed')),
      ],
    });
    expect(done.status).toBe(201);
    expect(done.body.rows.map((r) => r?.version)).toEqual([1, 1, 1]);
    const changed = await owner.call<BatchDone>('POST', '/api/statements/batch', {
      entries: [
        entry('lasiocarpa', 'bark.texture', states('scaly'), 1),
        entry('grandis', 'bark.texture', null, 1),
      ],
    });
    expect(changed.body.rows.map((r) => r?.version ?? null)).toEqual([2, null]);
    const undone = await owner.call<Undone>('POST', '/api/changes/undo');
    expect(undone.body.statements).toBe(2);
    expect((await own('lasiocarpa', 'bark.texture'))?.value).toEqual(states('smooth'));
    expect((await own('grandis', 'bark.texture'))?.value).toEqual(states('furrowed'));
    // Undoing again goes further back, past what the undoing itself did.
    expect((await owner.call<Undone>('POST', '/api/changes/undo')).body.statements).toBe(3);
    expect(await own('lasiocarpa', 'bark.texture')).toBeUndefined();
    expect(await own('grandis', 'bark.texture')).toBeUndefined();
  });

  test('one wrong entry names itself and nothing is recorded', async () => {
    const refused = await owner.call('POST', '/api/statements/batch', {
      entries: [
        entry('grandis', 'bark.texture', states('furrowed')),
        entry('lasiocarpa', 'needle.length', { kind: 'range', entered: '30-15 mm' }),
      ],
    });
    expect([refused.status, refused.body.field]).toEqual([422, 'entries.1.value.entered']);
    expect(await own('grandis', 'bark.texture')).toBeUndefined();
  });

  test('an entry written against what has changed gets both versions back', async () => {
    await owner.call('POST', '/api/statements/batch', {
      entries: [entry('grandis', 'bark.texture', states('furrowed'))],
    });
    const late = await owner.call('POST', '/api/statements/batch', {
      entries: [entry('grandis', 'bark.texture', states('smooth'))],
    });
    expect(late.status).toBe(412);
    expect((late.body.current as StatementRow).value).toEqual(states('furrowed'));
  });

  test('a value of a character that does not apply is refused with what decides it; a batch may bring that', async () => {
    const leaflets = entry('cross', 'leaf.leaflet_count', { kind: 'range', entered: '5-9' });
    const refused = await owner.call('POST', '/api/statements/batch', {
      entries: [
        entry('cross', 'leaf.kind', states('broad')),
        entry('cross', 'leaf.complexity', states('simple')),
        leaflets,
      ],
    });
    expect([refused.status, refused.body.field]).toEqual([422, 'entries.2.value']);
    const together = await owner.call('POST', '/api/statements/batch', {
      entries: [
        entry('cross', 'leaf.kind', states('broad')),
        entry('cross', 'leaf.complexity', states('odd-pinnate')),
        leaflets,
      ],
    });
    expect(together.status).toBe(201);
    await owner.call('POST', '/api/changes/undo');
  });

  test('what somebody else has changed since is not undone behind their back', async () => {
    const before = await own('grandis', 'bark.texture');
    await owner.call('POST', '/api/statements/batch', {
      entries: [entry('grandis', 'bark.texture', states('scaly'), before?.version ?? null)],
    });
    const now = await own('grandis', 'bark.texture');
    await app.db.query('update statement set version = version + 1 where id = $1', [now?.id]);
    const undone = await owner.call('POST', '/api/changes/undo');
    expect(undone.status).toBe(412);
    await app.db.query('update statement set version = version - 1 where id = $1', [now?.id]);
    expect((await owner.call('POST', '/api/changes/undo')).status).toBe(200);
  });

  test('what was taken back and written again in the meantime is not doubled by undoing', async () => {
    const before = await own('grandis', 'bark.texture');
    await owner.call('POST', '/api/statements/batch', {
      entries: [entry('grandis', 'bark.texture', null, before?.version ?? null)],
    });
    const other = await app.db.query<{ id: string }>('select id from account where id <> $1 limit 1', [
      id('owner'),
    ]);
    expect(other).toHaveLength(1);
    await owner.call('POST', '/api/statements/batch', {
      entries: [entry('grandis', 'bark.texture', states('papery'))],
    });
    await app.db.query(
      `update change set account = $1 where after ->> 'character' = 'bark.texture' and before is null`,
      [other[0]?.id],
    );
    const undone = await owner.call('POST', '/api/changes/undo');
    expect(undone.status).toBe(412);
    expect((await own('grandis', 'bark.texture'))?.value).toEqual(states('papery'));
  });
});

const headOf = (p: SpeciesProfile): SpeciesBody => ({
  scientific: p.header.scientific,
  authority: p.header.authority,
  status: p.status,
  parents: p.parents,
  names: p.names.flatMap((n) => (n.kind === 'accepted' ? [] : [{ ...n, kind: n.kind }])),
  prose: p.prose,
  cautions: p.cautions.filter((c) => !c.from),
  roots: p.roots,
  record: p.record,
});

describe('the head of a species', () => {
  const put = async (taxon: string, part: Partial<SpeciesBody>) => {
    const before = await profile(id(taxon));
    return owner.call(
      'PUT',
      `/api/species/${id(taxon)}`,
      { ...headOf(before), ...part },
      { version: before.version },
    );
  };

  test('names, prose, cautions, roots and the record tree are written and read back whole', async () => {
    expect((await put('grandis', { status: 'draft' })).status).toBe(200);
    const changed = await put('grandis', {
      pronunciation: 'AY-beez GRAN-diss',
      status: 'checked',
      names: [
        { kind: 'common', text: 'grand fir', preferred: true },
        { kind: 'common', text: 'lowland fir', preferred: false, pronunciation: 'LOW-land' },
        { kind: 'synonym', text: 'Abies excelsior', preferred: false },
        { kind: 'older_family', text: 'Abietaceae', preferred: false },
      ],
      prose: [{ topic: 'how_to_tell', text: 'Combed flat.', audience: 'young', disputed: true }],
      cautions: [{ hazard: 'allergy', forbids: ['touch'], text: 'Resin may itch.' }],
      roots: [
        {
          name: 'Abies grandis',
          element: 'grandis',
          language: 'Latin',
          meaning: 'large',
          character: null,
          state: null,
          contested: false,
        },
      ],
      record: { girth: 3048, height: 24384, spread: 12192, place: 'By the weir', year: 2020 },
    });
    expect(changed.status).toBe(200);
    const read = await profile(id('grandis'));
    expect(read.names.map((n) => [n.kind, n.text, n.pronunciation])).toEqual([
      ['accepted', 'Abies grandis', 'AY-beez GRAN-diss'],
      ['common', 'grand fir', null],
      ['common', 'lowland fir', 'LOW-land'],
      ['synonym', 'Abies excelsior', null],
      ['older_family', 'Abietaceae', null],
    ]);
    expect(read.prose).toEqual([
      { topic: 'how_to_tell', text: 'Combed flat.', audience: 'young', disputed: true },
    ]);
    expect(read.cautions).toEqual([{ hazard: 'allergy', forbids: ['touch'], text: 'Resin may itch.' }]);
    expect(read.roots).toMatchObject([{ element: 'grandis', name: 'Abies grandis' }]);
    expect(read.record).toMatchObject({ girth: 3048, year: 2020 });
    expect(read).toMatchObject({ status: 'checked', checkedBy: 'Ilse Varn', checkedOn: '2026-10-01' });
  });

  test.each<[string, Partial<SpeciesBody>, number, string]>([
    ['an accepted name that another taxon has', { scientific: 'Abies lasiocarpa' }, 409, 'scientific'],
    [
      'a synonym that is the accepted name of another',
      { names: [{ kind: 'synonym', text: 'Pinus flexilis', preferred: false }] },
      409,
      'names.0.text',
    ],
    [
      'a name given twice',
      {
        names: [
          { kind: 'common', text: 'white fir', preferred: true },
          { kind: 'common', text: 'White Fir', preferred: false },
        ],
      },
      422,
      'names.1.text',
    ],
    [
      'a root that names a state there is not',
      {
        roots: [
          {
            name: 'Abies grandis',
            element: 'x',
            language: 'Latin',
            meaning: 'y',
            character: 'leaf.margin',
            state: 'purple',
            contested: false,
          },
        ],
      },
      422,
      'roots.0.state',
    ],
  ])('%s is refused with the place, and nothing changes', async (_, part, status, field) => {
    const before = await profile(id('grandis'));
    const refused = await put('grandis', part);
    expect([refused.status, refused.body.field]).toEqual([status, field]);
    expect(refused.body.remedy).not.toBe('');
    expect(await profile(id('grandis'))).toEqual(before);
  });

  test('a circle of groups is refused', async () => {
    const abies = await profile(id('abies'));
    const circle = await owner.call(
      'PUT',
      `/api/species/${id('abies')}`,
      { ...headOf(abies), parents: [id('grandis')] },
      { version: abies.version },
    );
    expect([circle.status, circle.body.field]).toEqual([409, 'parents.0']);
    expect((await profile(id('abies'))).parents).toEqual([id('pinaceae')]);
  });

  test('an old version is refused', async () => {
    const before = await profile(id('grandis'));
    const old = await owner.call('PUT', `/api/species/${id('grandis')}`, headOf(before), {
      version: before.version - 1,
    });
    expect(old.status).toBe(412);
  });

  test('a taxon of any rank is added under its parents, and takes what they have', async () => {
    const made = await owner.call<TaxonHeader>('POST', '/api/taxa', {
      rank: 'infraspecies',
      scientific: 'Abies grandis var. litoralis',
      common: ['shore grand fir'],
      parents: [id('grandis')],
    });
    expect(made.status).toBe(201);
    const places = (await owner.call<TaxonPlace[]>('GET', '/api/taxa')).body;
    expect(places.find((t) => t.id === made.body.id)?.parents).toEqual([id('grandis')]);
    expect((await profile(made.body.id)).above.map((t) => t.scientific)).toEqual([
      'Abies grandis',
      'Abies',
      'Pinaceae',
    ]);
    const twice = await owner.call('POST', '/api/taxa', {
      rank: 'species',
      scientific: 'Abies grandis',
      parents: [],
    });
    expect([twice.status, twice.body.field]).toEqual([409, 'scientific']);
  });
});

describe('seasons', () => {
  const season = (part: Record<string, unknown> = {}) =>
    owner.call<SeasonRow[]>('PUT', `/api/species/${id('occidental')}/seasons`, {
      kind: 'autumn',
      from: '10-05',
      to: '10-28',
      ref: { lat: 47.9, lon: -115.9, elevM: 760 },
      source: id('own'),
      ...part,
    });

  test('a window is recorded with its place; the same source saying otherwise replaces it', async () => {
    expect((await season()).status).toBe(201);
    const again = await season({ to: '10-30' });
    expect(again.body.filter((r) => r.kind === 'autumn' && r.source === id('own'))).toMatchObject([
      { start: 278, end: 303, ref: { elevM: 760 } },
    ]);
  });

  test('one that ends before it begins is asked which; over new year it stands', async () => {
    const before = await profile(id('occidental'));
    const asked = await owner.call('PUT', `/api/species/${id('occidental')}/seasons`, {
      kind: 'hanging',
      from: '11-20',
      to: '02-10',
      ref: { lat: 47.9, lon: -115.9, elevM: 760 },
      source: id('own'),
    });
    expect([asked.status, asked.body.field, asked.body.offer]).toEqual([422, 'to', '02-10 to 11-20']);
    expect((await profile(id('occidental'))).seasons).toEqual(before.seasons);
    const over = await season({ kind: 'hanging', from: '11-20', to: '02-10', crossesNewYear: true });
    expect(over.status).toBe(201);
    const row = over.body.find((r) => r.kind === 'hanging');
    expect((await owner.call('DELETE', `/api/season-windows/${row?.id ?? ''}`)).status).toBe(204);
  });

  test('no day of the year is refused with its field', async () => {
    const wrong = await owner.call('PUT', `/api/species/${id('occidental')}/seasons`, {
      kind: 'autumn',
      from: '02-31',
      to: '10-28',
      ref: { lat: 47.9, lon: -115.9, elevM: 760 },
      source: id('own'),
    });
    expect([wrong.status, wrong.body.field]).toEqual([422, 'from']);
  });

  test('what was seen at the site is kept, read with the list, and taken back', async () => {
    const site = (await owner.call<Site[]>('GET', '/api/sites')).body[0];
    const made = await owner.call<Sighting>('POST', '/api/sightings', {
      site: site?.id,
      taxon: id('occidental'),
      kind: 'autumn',
      on: '2026-10-01',
      present: true,
    });
    expect(made.status).toBe(201);
    const list = (await owner.call<{ id: string }[]>('GET', '/api/lists')).body[0];
    const library = await owner.call<ListLibrary>('GET', `/api/lists/${list?.id ?? ''}/library`);
    expect(library.body.sightings.map((s) => s.id)).toEqual([made.body.id]);
    expect((await owner.call('DELETE', `/api/sightings/${made.body.id}`)).status).toBe(204);
    expect((await owner.call<Sighting[]>('GET', '/api/sightings')).body).toEqual([]);
  });
});

describe('look-alikes and answered questions', () => {
  test('a pair is one pair from either side, changed and taken back', async () => {
    const pair = (a: string, b: string, part = {}) =>
      owner.call<{ id: string }>('PUT', '/api/pairs', {
        a: id(a),
        b: id(b),
        character: 'needle.bands',
        text: null,
        mnemonic: null,
        ...part,
      });
    const made = await pair('grandis', 'lasiocarpa');
    const again = await pair('lasiocarpa', 'grandis', { mnemonic: 'Grand lies flat.' });
    expect(again.body.id).toBe(made.body.id);
    const seen = (p: SpeciesProfile): readonly PairNote[] => p.pairs;
    expect(seen(await profile(id('grandis')))).toMatchObject([
      { other: { scientific: 'Abies lasiocarpa' }, mnemonic: 'Grand lies flat.' },
    ]);
    expect(seen(await profile(id('lasiocarpa')))).toMatchObject([{ other: { scientific: 'Abies grandis' } }]);
    const greater = await pair('grandis', 'lasiocarpa', { greater: id('grandis') });
    expect(greater.body.id).toBe(made.body.id);
    expect(seen(await profile(id('lasiocarpa')))).toMatchObject([{ greater: id('grandis') }]);
    for (const wrong of [{ greater: id('flexilis') }, { greater: id('grandis'), character: null }]) {
      const refused = await pair('grandis', 'lasiocarpa', wrong);
      expect([refused.status, (refused.body as { field?: string }).field]).toEqual([422, 'greater']);
    }
    expect((await pair('grandis', 'grandis')).status).toBe(422);
    const strange = await owner.call('PUT', '/api/pairs', {
      a: id('grandis'),
      b: id('flexilis'),
      character: 'no.such',
      text: null,
      mnemonic: null,
    });
    expect([strange.status, strange.body.field]).toEqual([422, 'character']);
    expect((await owner.call('DELETE', `/api/pairs/${made.body.id}`)).status).toBe(204);
    expect((await profile(id('grandis'))).pairs).toEqual([]);
  });

  test('a question that was answered is kept as answered, once', async () => {
    const to = `/api/species/${id('grandis')}/settled-questions`;
    for (const _ of [1, 2]) {
      expect((await owner.call('POST', to, { question: 'Only one zone is given.' })).status).toBe(204);
    }
    expect((await profile(id('grandis'))).settled).toEqual(['Only one zone is given.']);
  });
});

describe('photographs', () => {
  test('are made anew without what the camera wrote, kept with organ, date and credit, and removed', async () => {
    const bytes = await sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#336655' } })
      .withExif({ IFD0: { Artist: 'Somebody With A Name' } })
      .jpeg()
      .toBuffer();
    const added = await owner.call<Photo>(
      'POST',
      `/api/species/${id('grandis')}/photos`,
      new Uint8Array(bytes),
      {
        type: 'image/jpeg',
      },
    );
    expect(added.status).toBe(201);
    expect([added.body.width, added.body.height]).toEqual([1600, 800]);
    const kept = await app.db.query<{ bytes: Uint8Array }>('select bytes from photo_blob');
    expect(Buffer.from(kept[0]?.bytes ?? []).includes('Somebody')).toBe(false);
    const put = await owner.call('PUT', `/api/photos/${added.body.id}`, {
      organ: 'bark',
      takenOn: '2026-09-12',
      credit: 'the school',
    });
    expect(put.status).toBe(204);
    const ahead = await owner.call('PUT', `/api/photos/${added.body.id}`, {
      organ: 'bark',
      takenOn: '2027-09-12',
      credit: null,
    });
    expect([ahead.status, ahead.body.field]).toEqual([422, 'takenOn']);
    expect((await profile(id('grandis'))).photos).toMatchObject([
      { organ: 'bark', takenOn: '2026-09-12', credit: 'the school' },
    ]);
    const shown = await fetch(`${app.base}/api/photos/${added.body.id}`);
    expect(shown.status).toBe(401);
    expect((await owner.call('DELETE', `/api/photos/${added.body.id}`)).status).toBe(204);
    expect(await app.db.query('select key from photo_blob')).toEqual([]);
  });

  test('a file that is no picture is refused', async () => {
    const refused = await owner.call(
      'POST',
      `/api/species/${id('grandis')}/photos`,
      new TextEncoder().encode('<svg onload="x"/>'),
      { type: 'image/jpeg' },
    );
    expect([refused.status, refused.body.field]).toEqual([422, 'file']);
  });
});

describe('sources', () => {
  test('are added once, changed against their version, and how they are merged is kept', async () => {
    const made = await owner.call<Source>('POST', '/api/sources', {
      kind: 'book',
      citation: 'Second flora',
      rank: 5,
    });
    expect(made.status).toBe(201);
    const twice = await owner.call('POST', '/api/sources', {
      kind: 'book',
      citation: 'second FLORA',
      rank: 6,
    });
    expect([twice.status, twice.body.field]).toEqual([409, 'citation']);
    const changed = await owner.call<Source>(
      'PUT',
      `/api/sources/${made.body.id}`,
      { kind: 'book', citation: 'Second flora, revised', rank: 5, n: null },
      { version: 1 },
    );
    expect(changed.status).toBe(200);
    const old = await owner.call(
      'PUT',
      `/api/sources/${made.body.id}`,
      { kind: 'book', citation: 'Third', rank: 5, n: null },
      { version: 1 },
    );
    expect(old.status).toBe(412);
    const policies = [{ character: 'form.height', policy: 'preferred', source: made.body.id }];
    const put = await owner.call<Sources>('PUT', '/api/policies', { policy: 'typical', policies });
    expect(put.status).toBe(200);
    const read = (await owner.call<Sources>('GET', '/api/sources')).body;
    expect([read.policy, read.policies]).toEqual(['typical', policies]);
    expect((await profile(id('grandis'))).policy).toBe('typical');
    await owner.call('PUT', '/api/policies', { policy: 'widest', policies: [] });
  });
});
