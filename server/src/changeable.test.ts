import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  ListDetail,
  QuizDetail,
  Section,
  Session,
  SittingDetail,
  Site,
  Source,
  SpeciesMerged,
  SpeciesProfile,
  TaxonPlace,
  TreeRow,
  Undone,
  WalkResults,
} from '@hurrow/contract';
import {
  answersFor,
  graded,
  gradesOf,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
  send,
} from './testing/index.ts';
import type { Client, TestApp } from './testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const made = async <T>(path: string, body: unknown): Promise<T> => {
  const answer = await owner.call<T>('POST', path, body);
  if (answer.status >= 300) throw new Error(`${path}: ${answer.status} ${JSON.stringify(answer.body)}`);
  return answer.body;
};
const sectionCalled = async (name: string): Promise<Section | undefined> =>
  (await owner.call<Section[]>('GET', '/api/sections')).body.find((s) => s.name === name);
const newSection = (name: string, students: readonly { code: string }[] = []) =>
  made<Section>('/api/sections', { name, term: 'fall', list: id('list'), site: id('site'), students });

// First, since another sitting of the same quiz would hold its results back.
describe('grades after results were returned', () => {
  test('change by hand with the reason and the points before, which the student sees', async () => {
    const { sitting, code } = await openSitting(owner, 'first');
    const { phone, walk } = await joinWalk(app, code, '12', 'quiet otter');
    await send(phone, answersFor(walk, 1, { call: 'both-sides', name: 'white fir' }));
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    await moveSitting(owner, sitting.id, 'returned');
    const row = (await gradesOf(owner, sitting.id)).rows.find(
      (r) => r.code === '12' && r.station === 1 && r.kind === 'common',
    );
    const at = `/api/responses/${row?.response ?? ''}/override`;
    const answer = await owner.call('POST', at, { points: 1, reason: 'The label was hidden' });
    expect(answer.status).toBe(204);
    const { body } = await phone.call<WalkResults>('GET', '/api/walk/results');
    const ask = body.stations[0]?.asks.find((a) => a.kind === 'common');
    expect(ask).toMatchObject({ points: 1, before: 0, reason: 'The label was hidden' });
    expect(body.stations[0]?.asks.find((a) => a.kind === 'call')?.before).toBeNull();
  });

  test('a decision about a name is listed with where it holds, and withdrawing it names what to grade again', async () => {
    const { sitting, code } = await openSitting(owner, 'first');
    const { phone, walk } = await joinWalk(app, code, '11', 'lone kestrel');
    await send(phone, answersFor(walk, 1, { name: 'bald goose fir' }));
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    await owner.call('PUT', `/api/sittings/${sitting.id}/name-rulings`, {
      typed: 'Bald goose fir',
      taxon: id('grandis'),
      outcome: 'exact',
    });
    const list = (await owner.call<{ id: string; text: string }[]>('GET', '/api/name-rulings')).body;
    const own = list.find((r) => r.text === 'bald goose fir');
    expect(own).toMatchObject({ scope: 'list', outcome: 'exact', by: 'Ilse Varn', students: 1 });
    const points = async () =>
      (await gradesOf(owner, sitting.id)).rows.find((r) => r.typed === 'bald goose fir')?.points;
    expect(await points()).toBe(2);
    const done = await owner.call<{ alsoStale: { sitting: string }[] }>(
      'DELETE',
      `/api/name-rulings/${own?.id ?? ''}`,
    );
    expect(done.body.alsoStale.map((s) => s.sitting)).toContain(sitting.id);
    expect((await gradesOf(owner, sitting.id)).stale).toEqual(['decisions']);
    await graded(owner, sitting.id);
    expect(await points()).toBe(0);
    expect((await owner.call('DELETE', `/api/name-rulings/${own?.id ?? ''}`)).status).toBe(404);
  });
});

describe('a class', () => {
  const change = (s: Section, part: object = {}) => ({
    name: s.name,
    term: s.term,
    list: s.list,
    site: s.site.id,
    level: s.level ?? 'general',
    archived: s.archived,
    ...part,
  });

  test('is renamed against its version, archived, and brought back', async () => {
    const s = await newSection('Monday lab');
    const body = change(s, { name: 'Monday lab, late', level: 'technical' });
    const renamed = await owner.call<Section>('PUT', `/api/sections/${s.id}`, body, { version: s.version });
    expect(renamed.body).toMatchObject({ name: 'Monday lab, late', level: 'technical', archived: false });
    expect((await owner.call('PUT', `/api/sections/${s.id}`, body, { version: s.version })).status).toBe(412);
    const gone = await owner.call<Section>(
      'PUT',
      `/api/sections/${s.id}`,
      change(renamed.body, { archived: true }),
      { version: renamed.body.version },
    );
    expect(gone.body.archived).toBe(true);
    const back = await owner.call<Section>(
      'PUT',
      `/api/sections/${s.id}`,
      change(gone.body, { archived: false }),
      {
        version: gone.body.version,
      },
    );
    expect(back.body.archived).toBe(false);
  });

  test('with an open quiz is not archived, and a list that is gone is refused with its field', async () => {
    const { sitting } = await openSitting(owner, 'second');
    const s = (await owner.call<Section[]>('GET', '/api/sections')).body.find((x) => x.id === id('second'));
    if (!s) throw new Error('The second section is not there');
    const refused = await owner.call('PUT', `/api/sections/${s.id}`, change(s, { archived: true }), {
      version: s.version,
    });
    expect([refused.status, refused.body.remedy]).toEqual([409, 'Close it, then archive the class.']);
    const list = await owner.call('PUT', `/api/sections/${s.id}`, change(s, { list: id('none') }), {
      version: s.version,
    });
    expect([list.status, list.body.field]).toEqual([422, 'list']);
    await moveSitting(owner, sitting.id, 'draft');
  });

  test('takes students in, and gives each another number, name or class', async () => {
    const a = await newSection('A', [{ code: '1' }, { code: '2' }]);
    const b = await newSection('B', [{ code: '2' }]);
    const taken = await owner.call('POST', `/api/sections/${a.id}/students`, {
      students: [{ code: '3' }, { code: '2' }],
    });
    expect([taken.status, taken.body.field]).toEqual([409, 'students.1.code']);
    expect((await sectionCalled('A'))?.students).toHaveLength(2);
    const grown = await made<Section>(`/api/sections/${a.id}/students`, {
      students: [{ code: '3', firstName: 'Orla' }],
    });
    expect(grown.students.map((s) => s.code)).toEqual(['1', '2', '3']);
    const [one, two] = grown.students;
    const clash = await owner.call('PUT', `/api/students/${one?.id ?? ''}`, { code: '2', firstName: null });
    expect([clash.status, clash.body.field]).toEqual([409, 'code']);
    await owner.call('PUT', `/api/students/${one?.id ?? ''}`, { code: '7', firstName: 'Ebbe' });
    expect((await sectionCalled('A'))?.students.find((s) => s.id === one?.id)).toMatchObject({
      code: '7',
      firstName: 'Ebbe',
    });
    // Class B has a number 2 already, so that the student stays where they are.
    const kept = await owner.call('POST', `/api/students/${two?.id ?? ''}/moves`, { from: a.id, to: b.id });
    expect([kept.status, kept.body.field]).toEqual([409, 'to']);
    expect((await sectionCalled('A'))?.students.map((s) => s.code)).toEqual(['2', '3', '7']);
    await owner.call('POST', `/api/students/${one?.id ?? ''}/moves`, { from: a.id, to: b.id });
    expect((await sectionCalled('B'))?.students.map((s) => s.code)).toEqual(['2', '7']);
    await owner.call('POST', `/api/students/${one?.id ?? ''}/moves`, { from: b.id, to: null });
    await owner.call('POST', `/api/students/${two?.id ?? ''}/moves`, { from: a.id, to: null });
    expect((await sectionCalled('A'))?.students.map((s) => s.code)).toEqual(['3']);
    expect((await sectionCalled('B'))?.students.map((s) => s.code)).toEqual(['2']);
    const twice = await owner.call('POST', `/api/students/${two?.id ?? ''}/moves`, { from: a.id, to: null });
    expect(twice.status).toBe(404);
  });
});

describe('a quiz', () => {
  test('gets many trees at once, all or none, and is deleted while nobody has scheduled it', async () => {
    const quiz = await made<QuizDetail>('/api/quizzes', { name: 'Ten trees', list: id('list') });
    const asks = [{ kind: 'scientific', points: 2 }];
    const at = `/api/quizzes/${quiz.id}/stations/batch`;
    const some = await owner.call('POST', at, { individuals: [id('tree-a'), id('none')], asks });
    expect([some.status, some.body.field]).toEqual([422, 'individual']);
    expect((await owner.call<QuizDetail>('GET', `/api/quizzes/${quiz.id}`)).body.stations).toEqual([]);
    const filled = await made<QuizDetail>(at, {
      individuals: [id('tree-c'), id('tree-a'), id('tree-b')],
      asks,
    });
    expect(filled.stations.map((s) => [s.number, s.tree.tag, s.asks.map((a) => a.kind).join()])).toEqual([
      [1, 'Quill C', 'scientific'],
      [2, 'Quill A', 'scientific'],
      [3, 'Quill B', 'scientific'],
    ]);
    const renamed = await owner.call<QuizDetail>(
      'PUT',
      `/api/quizzes/${quiz.id}`,
      { name: 'Three trees', list: id('list'), archived: true },
      { version: filled.version },
    );
    expect(renamed.body).toMatchObject({ name: 'Three trees', archived: true });
    const gone = await owner.call('DELETE', `/api/quizzes/${quiz.id}`, undefined, {
      version: renamed.body.version,
    });
    expect([gone.status, (await owner.call('GET', `/api/quizzes/${quiz.id}`)).status]).toEqual([204, 404]);
  });

  test('that is scheduled keeps its list and is kept', async () => {
    const { sitting } = await openSitting(owner, 'first');
    const quiz = (await owner.call<QuizDetail>('GET', `/api/quizzes/${sitting.quiz}`)).body;
    const copy = await made<{ id: string }>(`/api/lists/${id('list')}/copies`, { name: 'Another list' });
    const other = await owner.call(
      'PUT',
      `/api/quizzes/${quiz.id}`,
      { name: quiz.name, list: copy.id, archived: false },
      { version: quiz.version },
    );
    expect([other.status, other.body.field]).toEqual([409, 'list']);
    const kept = await owner.call('DELETE', `/api/quizzes/${quiz.id}`, undefined, { version: quiz.version });
    expect(kept.status).toBe(409);
    await moveSitting(owner, sitting.id, 'draft');
  });
});

describe('a sitting', () => {
  const detail = async (of: string) => (await owner.call<SittingDetail>('GET', `/api/sittings/${of}`)).body;
  const step = async (of: string, to: string) =>
    owner.call<SittingDetail>(
      'POST',
      `/api/sittings/${of}/state`,
      { to },
      { version: (await detail(of)).version },
    );

  test('shows its code while it is open, goes back to a draft while nobody joined, and is deleted as a draft', async () => {
    const { sitting, code } = await openSitting(owner, 'first');
    expect((await detail(sitting.id)).code).toBe(code);
    const draft = await step(sitting.id, 'draft');
    expect([draft.status, draft.body.state, draft.body.code]).toEqual([200, 'draft', null]);
    // The old code is void, and its key is gone with it.
    expect((await app.nobody().call('POST', '/api/walk/join', { code, student: '11' })).status).toBe(401);
    expect(await app.db.query('select 1 from sitting_key where sitting = $1', [sitting.id])).toEqual([]);
    expect((await step(sitting.id, 'locked')).body.state).toBe('locked');
    expect((await step(sitting.id, 'draft')).body.state).toBe('draft');
    const { version } = await detail(sitting.id);
    expect((await owner.call('DELETE', `/api/sittings/${sitting.id}`, undefined, { version })).status).toBe(
      204,
    );
    expect((await owner.call('GET', `/api/sittings/${sitting.id}`)).status).toBe(404);
  });

  test('that somebody joined is no draft any more, and the code is gone once it is closed', async () => {
    const { sitting, code } = await openSitting(owner, 'first');
    await joinWalk(app, code, '11', 'lone kestrel');
    const refused = await step(sitting.id, 'draft');
    expect([refused.status, (await detail(sitting.id)).state]).toEqual([409, 'open']);
    const renewed = await owner.call<{ code: string }>('POST', `/api/sittings/${sitting.id}/code`);
    expect((await detail(sitting.id)).code).toBe(renewed.body.code);
    await moveSitting(owner, sitting.id, 'closed');
    expect((await detail(sitting.id)).code).toBeNull();
  });
});

describe('what is recorded', () => {
  const taxa = async () => (await owner.call<TaxonPlace[]>('GET', '/api/taxa')).body;
  const profile = async (of: string) => (await owner.call<SpeciesProfile>('GET', `/api/species/${of}`)).body;
  const versionOf = async (of: string) =>
    (await app.db.query<{ version: number }>('select version from taxon where id = $1', [of]))[0]?.version;
  const remove = async (of: string) =>
    owner.call('DELETE', `/api/species/${of}`, undefined, { version: (await versionOf(of)) ?? 1 });

  test('a species nothing uses is deleted; one on a list, on a tree or in a key is kept and told where', async () => {
    const list = await made<{ id: string }>('/api/lists', {
      name: 'With a typo',
      members: [{ newName: 'Snotterwood' }, { taxon: id('grandis') }],
    });
    const typo = (await taxa()).find((t) => t.scientific === 'Snotterwood');
    const used = await remove(typo?.id ?? '');
    expect([used.status, used.body.detail]).toEqual([409, 'Snotterwood is in use: the list With a typo.']);
    const detail = (await owner.call<ListDetail>('GET', `/api/lists/${list.id}`)).body;
    await owner.call(
      'PUT',
      `/api/lists/${list.id}`,
      { name: 'Without', members: [{ taxon: id('grandis') }] },
      { version: detail.version },
    );
    expect((await remove(typo?.id ?? '')).status).toBe(204);
    expect((await taxa()).some((t) => t.scientific === 'Snotterwood')).toBe(false);
    const kept = await remove(id('grandis'));
    expect(kept.status).toBe(409);
    expect((await taxa()).some((t) => t.id === id('grandis'))).toBe(true);
  });

  test('two species are merged: names, entries and list places go on, and nothing said of the other is replaced', async () => {
    const list = await made<{ id: string }>('/api/lists', {
      name: 'Doubles',
      members: [
        { newName: 'Acer doublum', week: 2 },
        { newName: 'doubled maple', week: 3 },
      ],
    });
    const [into, from] = ['Acer doublum', 'doubled maple'].map((name) => name);
    const all = await taxa();
    const to = all.find((t) => t.scientific === into)?.id ?? '';
    const one = all.find((t) => t.scientific === from)?.id ?? '';
    const say = (taxon: string, character: string, state: string) =>
      made('/api/statements', {
        taxon,
        character,
        source: id('flora'),
        value: { kind: 'states', states: [{ state, freq: 'usual' }] },
      });
    await say(to, 'leaf.kind', 'broad');
    await say(one, 'leaf.kind', 'needle');
    await say(one, 'leaf.persistence', 'deciduous');
    const self = await owner.call('POST', `/api/species/${one}/merge`, { into: one }, { version: 1 });
    expect([self.status, self.body.field]).toEqual([422, 'into']);
    const merged = await owner.call<SpeciesMerged>(
      'POST',
      `/api/species/${one}/merge`,
      { into: to },
      {
        version: (await versionOf(one)) ?? 1,
      },
    );
    expect([merged.status, merged.body]).toEqual([200, { moved: 1, ended: 1 }]);
    const { body } = await owner.call<ListDetail>('GET', `/api/lists/${list.id}`);
    expect(body.members.map((m) => [m.scientific, m.week])).toEqual([['Acer doublum', 2]]);
    const names = (await profile(to)).names;
    expect(names.some((n) => n.text === 'doubled maple' && n.kind === 'common')).toBe(true);
    const said = await app.db.query<{ character: string; state: string }>(
      `select s.character, t.state from statement s join statement_state t on t.ws = s.ws and t.statement = s.id
       where s.taxon = $1 and s.retracted_at is null order by s.character`,
      [to],
    );
    expect(said.map((s) => [s.character, s.state])).toEqual([
      ['leaf.kind', 'broad'],
      ['leaf.persistence', 'deciduous'],
    ]);
    expect((await owner.call('GET', `/api/species/${one}`)).status).toBe(404);
  });

  test('undo says what it undid, and redo puts it back until something else is changed', async () => {
    const say = (state: string) =>
      made('/api/statements', {
        taxon: id('flexilis'),
        character: 'bark.texture',
        source: id('own'),
        value: { kind: 'states', states: [{ state, freq: 'usual' }] },
      });
    const shown = async () =>
      (
        await app.db.query<{ state: string }>(
          `select t.state from statement s join statement_state t on t.ws = s.ws and t.statement = s.id
           where s.taxon = $1 and s.character = 'bark.texture' and s.source = $2 and s.retracted_at is null`,
          [id('flexilis'), id('own')],
        )
      ).map((r) => r.state);
    await say('smooth');
    const row = await app.db.query<{ id: string; version: number }>(
      `select id, version from statement where taxon = $1 and character = 'bark.texture' and source = $2 and retracted_at is null`,
      [id('flexilis'), id('own')],
    );
    await owner.call(
      'PUT',
      `/api/statements/${row[0]?.id ?? ''}`,
      { value: { kind: 'states', states: [{ state: 'scaly', freq: 'usual' }] } },
      { version: row[0]?.version ?? 1 },
    );
    expect(await shown()).toEqual(['scaly']);
    const undone = await owner.call<Undone>('POST', '/api/changes/undo');
    expect(undone.body.changes).toEqual([{ taxon: id('flexilis'), character: 'bark.texture' }]);
    expect(await shown()).toEqual(['smooth']);
    await owner.call('POST', '/api/changes/undo');
    expect(await shown()).toEqual([]);
    expect((await owner.call<Undone>('POST', '/api/changes/redo')).status).toBe(200);
    expect(await shown()).toEqual(['smooth']);
    await owner.call('POST', '/api/changes/redo');
    expect(await shown()).toEqual(['scaly']);
    const none = await owner.call('POST', '/api/changes/redo');
    expect([none.status, none.body.detail]).toEqual([409, 'You have nothing to redo.']);
    // What was redone is undone again like any change; a new change ends redoing.
    await owner.call('POST', '/api/changes/undo');
    expect(await shown()).toEqual(['smooth']);
    await made('/api/statements', {
      taxon: id('flexilis'),
      character: 'leaf.kind',
      source: id('own'),
      value: { kind: 'states', states: [{ state: 'needle', freq: 'usual' }] },
    });
    expect((await owner.call('POST', '/api/changes/redo')).status).toBe(409);
    expect(await shown()).toEqual(['smooth']);
  });

  test('a source with entries is kept, an empty one deleted; so is a site', async () => {
    const empty = await made<Source>('/api/sources', { kind: 'book', citation: 'Nothing in it', rank: 50 });
    const full = await owner.call('DELETE', `/api/sources/${id('flora')}`, undefined, { version: 1 });
    expect([full.status, /entries/.test(full.body.detail ?? '')]).toEqual([409, true]);
    const gone = await owner.call('DELETE', `/api/sources/${empty.id}`, undefined, { version: 1 });
    expect(gone.status).toBe(204);
    const site = await made<Site>('/api/sites', {
      name: 'Far meadow',
      lat: 44.6,
      lon: -123.3,
      elevM: 70,
      tz: 'UTC',
    });
    const used = await owner.call('DELETE', `/api/sites/${id('site')}`);
    expect([used.status, /in use/.test(used.body.detail ?? '')]).toEqual([409, true]);
    expect((await owner.call('DELETE', `/api/sites/${site.id}`)).status).toBe(204);
    expect((await owner.call('DELETE', `/api/sites/${site.id}`)).status).toBe(404);
  });

  test('a tree is retired and brought back, and the workspace renamed for everybody', async () => {
    const tree = (await owner.call<TreeRow[]>('GET', '/api/trees')).body.find((t) => t.tag === 'Quill D');
    if (!tree) throw new Error('Quill D is not there');
    const body = {
      site: tree.site.id,
      place: tree.place,
      tag: tree.tag,
      taxon: tree.taxon.id,
      stage: tree.stage,
      condition: tree.condition,
      hazards: tree.hazards,
      access: tree.access,
      reach: tree.reach,
      retired: true,
    };
    const retired = await owner.call<TreeRow>('PUT', `/api/trees/${tree.id}`, body, {
      version: tree.version,
    });
    expect(retired.body.retired).toBe(true);
    const back = await owner.call<TreeRow>(
      'PUT',
      `/api/trees/${tree.id}`,
      { ...body, retired: false },
      { version: retired.body.version },
    );
    expect(back.body.retired).toBe(false);
    expect((await owner.call('PUT', '/api/workspace', { name: 'Quill Creek College' })).status).toBe(204);
    const { body: session } = await owner.call<Session>('GET', '/api/session');
    expect(session).toMatchObject({ workspace: 'Quill Creek College' });
  });
});
