import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type {
  Grades,
  SittingDetail,
  SittingKey,
  SpeciesProfile,
  StatementRow,
  WalkResults,
} from '@hurrow/contract';
import { gradedAnswers } from '@hurrow/contract';
import {
  answersFor,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
  send,
  WS,
  graded,
  gradesOf,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

interface Refused {
  readonly detail: string;
  readonly field?: string;
}

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const key = async (sitting: string): Promise<SittingKey> =>
  (await owner.call<SittingKey>('GET', `/api/sittings/${sitting}/key`)).body;
const grade = (sitting: string): Promise<Grades> => graded(owner, sitting);
const revise = (sitting: string, stations: readonly string[] | null = null, by = owner) =>
  by.call<SittingKey & Refused>('POST', `/api/sittings/${sitting}/key-revisions`, {
    stations,
    why: 'The flora was corrected.',
  });
const points = (g: Grades): unknown => g.rows.map((r) => [r.code, r.station, r.kind, r.outcome, r.points]);

/** A closed sitting in which number 11 calls the lines of tree 2 and names three trees. */
async function sat(): Promise<{ sitting: string; phone: Client; detail: SittingDetail }> {
  const { sitting, code } = await openSitting(owner, 'first');
  const { phone, walk } = await joinWalk(app, code, '11');
  await send(phone, [
    ...answersFor(walk, 1, { name: 'grand fir' }),
    ...answersFor(walk, 2, { call: 'both-sides', name: 'subalpine fir' }),
    ...answersFor(walk, 4, { name: 'quillwood fir' }),
  ]);
  await phone.call('POST', '/api/walk/submit', { answers: [] });
  await moveSitting(owner, sitting.id, 'closed');
  return { sitting: sitting.id, phone, detail: sitting };
}

async function bandsOf(taxon: string): Promise<StatementRow> {
  const { body } = await owner.call<SpeciesProfile>('GET', `/api/species/${id(taxon)}`);
  const found = body.statements.find((s) => s.taxon === id(taxon) && s.character === 'needle.bands');
  if (!found) throw new Error('No statement of needle.bands');
  return found;
}

async function recordBands(taxon: string, state: string): Promise<void> {
  const s = await bandsOf(taxon);
  const { status } = await owner.call(
    'PUT',
    `/api/statements/${s.id}`,
    { value: { kind: 'states', states: [{ state, freq: 'usual' }] } },
    { version: s.version },
  );
  if (status !== 200) throw new Error(`The statement could not be changed: ${status}`);
}

const identify = (tree: string, taxon: string): Promise<unknown> =>
  app.db.query(
    `insert into determination (ws, id, individual, taxon, sureness) values ($1, gen_random_uuid(), $2, $3, 'sure')`,
    [WS, id(tree), id(taxon)],
  );

const addName = (taxon: string, text: string): Promise<unknown> =>
  app.db.query(
    `insert into name (ws, id, taxon, kind, text, folded, preferred)
     select $1, gen_random_uuid(), $2, 'common', $3, lower($3), false`,
    [WS, id(taxon), text],
  );

describe('a locked key', () => {
  /** Each edits the library between two gradings, says how the key tells it, and takes it back. */
  test.each<[string, () => Promise<unknown>, Record<string, unknown>, () => Promise<unknown>]>([
    [
      'a profile',
      () => recordBands('lasiocarpa', 'none'),
      { number: 2, kind: 'character', character: 'needle.bands' },
      () => recordBands('lasiocarpa', 'both-sides'),
    ],
    [
      'a policy of one character',
      async () => {
        await owner.call('POST', '/api/statements', {
          taxon: id('lasiocarpa'),
          character: 'needle.bands',
          source: id('own'),
          value: { kind: 'states', states: [{ state: 'none', freq: 'usual' }] },
        });
        return owner.call('PUT', '/api/policies', {
          policy: 'widest',
          policies: [{ character: 'needle.bands', policy: 'preferred', source: id('own') }],
        });
      },
      { number: 2, kind: 'character', character: 'needle.bands' },
      async () => {
        await owner.call('PUT', '/api/policies', { policy: 'widest', policies: [] });
        await app.db.query(
          'update statement set retracted_at = now() where taxon = $1 and source = $2 and character = $3',
          [id('lasiocarpa'), id('own'), 'needle.bands'],
        );
      },
    ],
    [
      'a name',
      () => addName('grandis', 'quillwood fir'),
      { kind: 'names' },
      () => app.db.query(`delete from name where text = 'quillwood fir'`),
    ],
    [
      'an identification',
      () => identify('tree-a', 'lasiocarpa'),
      { number: 1, kind: 'identification', was: 'Abies grandis', is: 'Abies lasiocarpa' },
      () => identify('tree-a', 'grandis'),
    ],
  ])(
    'keeps grades as they are when %s changes, lists it with its effect, and takes it over by a revision',
    async (_, edit, change, undo) => {
      const { sitting } = await sat();
      const first = await grade(sitting);
      expect([(await key(sitting)).changes, first.keyRev]).toEqual([[], 1]);
      await edit();
      const again = await grade(sitting);
      expect(points(again)).toEqual(points(first));
      const listed = await key(sitting);
      expect(listed.changes).toContainEqual(expect.objectContaining(change));
      expect(listed.effect).toMatchObject({ answers: 1, students: 1 });
      expect((await revise(sitting)).body).toMatchObject({ rev: 2, changes: [] });
      // Grades follow only when they are made again, and the run says by which revision.
      const stale = await gradesOf(owner, sitting);
      expect([stale.stale, points(stale)]).toEqual([['key'], points(first)]);
      const now = await grade(sitting);
      expect([now.keyRev, now.stale]).toEqual([2, []]);
      expect(points(now)).not.toEqual(points(first));
      const changed = now.rows.filter((r, i) => r.points !== first.rows[i]?.points);
      expect(changed).toHaveLength(1);
      const total = (g: Grades): number => g.totals.reduce((n, t) => n + t.points, 0);
      const { gained = 0, lost = 0 } = listed.effect ?? {};
      expect(total(now) - total(first)).toBe(gained - lost);
      await undo();
    },
  );

  test('says nothing of a sitting that is not locked, and nothing to take over is refused', async () => {
    const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
      section: id('first'),
      on: '2026-10-01',
    });
    expect(await key(made.body.id)).toEqual({
      dropped: [],
      rev: null,
      revisions: [],
      changes: [],
      effect: null,
    });
    expect((await revise(made.body.id)).body.detail).toContain('not locked yet');
    await moveSitting(owner, made.body.id, 'locked');
    expect((await key(made.body.id)).revisions).toMatchObject([{ rev: 1, by: 'Ilse Varn', stations: 4 }]);
    expect([(await revise(made.body.id)).status, (await revise(made.body.id)).body.detail]).toEqual([
      409,
      'Nothing has changed since the key was locked.',
    ]);
    expect((await revise(made.body.id, [id('st1')])).body.field).toBe('stations.0');
    // Opening takes the key as it was locked.
    await moveSitting(owner, made.body.id, 'open');
    expect((await key(made.body.id)).revisions).toHaveLength(1);
    // An open sitting would hold back the results of others.
    await moveSitting(owner, made.body.id, 'closed');
  });

  test('revised after results were returned leaves what students see until new ones are returned', async () => {
    const { sitting, phone } = await sat();
    await grade(sitting);
    await moveSitting(owner, sitting, 'returned');
    const seen = async (): Promise<WalkResults> =>
      (await phone.call<WalkResults>('GET', '/api/walk/results')).body;
    const before = await seen();
    await identify('tree-a', 'lasiocarpa');
    expect((await key(sitting)).effect).toMatchObject({ answers: 1, lost: 2, gained: 0 });
    expect((await revise(sitting)).status).toBe(201);
    expect(await seen()).toEqual(before);
    const again = await grade(sitting);
    expect(again.changedSince).toEqual([
      { student: id('s11'), code: '11', returned: before.points, now: before.points - 2 },
    ]);
    expect(await seen()).toEqual(before);
    await moveSitting(owner, sitting, 'returned');
    const now = await seen();
    expect([now.points, now.stations[0]?.truth?.scientific]).toEqual([before.points - 2, 'Abies lasiocarpa']);
    await identify('tree-a', 'grandis');
  });
});

describe('a tree that stands in at one sitting', () => {
  let first: SittingDetail;
  let second: SittingDetail;
  const draft = async (section: string): Promise<SittingDetail> =>
    (
      await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
        section: id(section),
        on: '2026-10-02',
        handling: ['look', 'touch'],
      })
    ).body;
  const swap = (s: SittingDetail, individual: string | null, version?: number, by = owner) => {
    const at = s.stations[0];
    return by.call<SittingDetail & Refused>(
      'PUT',
      `/api/sitting-stations/${at?.id ?? ''}`,
      { distance: at?.distance, material: at?.material, individual },
      { version: version ?? at?.version ?? 0 },
    );
  };
  beforeEach(async () => {
    first = await draft('first');
    second = await draft('second');
  });

  test('is the one that sitting is graded by, and no other sitting of the quiz', async () => {
    const swapped = await swap(first, id('tree-b'));
    expect(swapped.body.stations[0]).toMatchObject({
      insteadOf: 'Quill A',
      station: { tree: { tag: 'Quill B' } },
    });
    const runs: Grades[] = [];
    for (const [s, number] of [
      [first, '11'],
      [second, '21'],
    ] as const) {
      const { version } = (await owner.call<SittingDetail>('GET', `/api/sittings/${s.id}`)).body;
      const opened = await owner.call<{ code: string }>(
        'POST',
        `/api/sittings/${s.id}/state`,
        { to: 'open' },
        { version },
      );
      const { phone, walk } = await joinWalk(app, opened.body.code, number);
      await send(phone, answersFor(walk, 1, { name: 'grand fir' }));
      await moveSitting(owner, s.id, 'closed');
      runs.push(await grade(s.id));
    }
    const at1 = runs.map((g) => gradedAnswers(g).find((r) => r.station === 1 && r.kind === 'common'));
    expect(at1.map((r) => [r?.truth.scientific, r?.outcome, r?.points])).toEqual([
      ['Abies lasiocarpa', 'other_species', 0],
      ['Abies grandis', 'exact', 2],
    ]);
    const looks = await app.db.query(
      'select individual, truth, met_before from look where sitting = any($1::uuid[]) and student = any($2::uuid[]) order by on_date, student',
      [
        [first.id, second.id],
        [id('s11'), id('s21')],
      ],
    );
    expect(looks).toContainEqual(
      expect.objectContaining({ individual: id('tree-b'), truth: id('lasiocarpa') }),
    );
  });

  test('put there by two people at once: the second is told and nothing of theirs is kept', async () => {
    const version = first.stations[0]?.version ?? 0;
    const both = await Promise.all([swap(first, id('tree-b'), version), swap(first, id('tree-c'), version)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 412]);
    const kept = (await owner.call<SittingDetail>('GET', `/api/sittings/${first.id}`)).body.stations[0];
    const winner = both[0]?.status === 200 ? 'Quill B' : 'Quill C';
    expect(kept?.station.tree.tag).toBe(winner);
  });

  test('put there after the key was locked is a change of the key, and what is at hand stays', async () => {
    await moveSitting(owner, first.id, 'locked');
    expect((await swap(first, id('tree-b'))).status).toBe(200);
    expect((await key(first.id)).changes).toMatchObject([
      { number: 1, kind: 'tree', was: 'Quill A', is: 'Quill B' },
      ...(await key(first.id)).changes.slice(1),
    ]);
    const at = (await owner.call<SittingDetail>('GET', `/api/sittings/${first.id}`)).body.stations[0];
    const moved = await owner.call(
      'PUT',
      `/api/sitting-stations/${at?.id ?? ''}`,
      { distance: 'far', material: at?.material },
      { version: at?.version ?? 0 },
    );
    expect([moved.status, moved.body.detail]).toEqual([409, expect.stringContaining('key is locked')]);
    // The quiz's own tree is no stand-in.
    expect((await swap(first, id('tree-a'), at?.version)).body.stations[0]?.insteadOf).toBeNull();
    expect((await key(first.id)).changes).toEqual([]);
    expect((await swap(first, id('nowhere'), (at?.version ?? 0) + 1)).body.field).toBe('individual');
  });
});
