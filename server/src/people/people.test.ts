import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  InvitationMade,
  InvitationShown,
  OwnSession,
  People,
  PersonOnStaff,
  ProblemDetails,
  Role,
  Session,
} from '@hurrow/contract';
import {
  PASSPHRASES,
  graded,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const WORDS = 'larch needles in october';
let count = 0;
/** A name nobody has yet. */
const fresh = (): string => `Person ${(count += 1)}`;

const invite = async (name: string, role: Role, sections: readonly string[] = [], by = owner) =>
  by.call<InvitationMade & ProblemDetails>('POST', '/api/invitations', { name, role, sections });
const show = (token: string) =>
  app.nobody().call<InvitationShown & ProblemDetails>('POST', '/api/invitation', { token });
const use = (by: Client, token: string, name: string, passphrase = WORDS) =>
  by.call('POST', '/api/invitation/use', { token, name, passphrase });
const who = async (by: Client): Promise<Session> => (await by.call<Session>('GET', '/api/session')).body;
const staff = async (): Promise<readonly PersonOnStaff[]> =>
  (await owner.call<People>('GET', '/api/people')).body.staff;
const idOf = async (name: string): Promise<string> =>
  (await staff()).find((p) => p.name === name)?.id ?? 'nobody';
const signIn = (by: Client, name: string, passphrase: string) =>
  by.call('POST', '/api/session', { name, passphrase });
const versionOf = async (account: string): Promise<number> =>
  (await app.db.query<{ version: number }>('select version from account where id = $1', [account]))[0]
    ?.version ?? 0;
const change = async (
  account: string,
  role: Role,
  active = true,
  sections: readonly string[] = [],
  by = owner,
  version?: number,
) =>
  by.call<People & ProblemDetails>(
    'PUT',
    `/api/people/${account}`,
    { role, sections, active },
    { version: version ?? (await versionOf(account)) },
  );

/** Somebody who was invited and came in. */
async function joined(
  role: Role,
  sections: readonly string[] = [],
): Promise<{ name: string; by: Client; id: string }> {
  const name = fresh();
  const { body } = await invite(name, role, sections);
  const by = app.nobody();
  expect((await use(by, body.token, name)).status).toBe(201);
  return { name, by, id: await idOf(name) };
}

describe('an invitation', () => {
  test('lets an assistant in under a name and passphrase of their own, to their sections alone', async () => {
    const made = await invite('Brin Halloway', 'assistant', [id('second')]);
    expect(made.status).toBe(201);
    expect((await show(made.body.token)).body).toEqual({
      name: 'Brin Halloway',
      role: 'assistant',
      workspace: expect.any(String),
      forPassphrase: false,
    });
    const by = app.nobody();
    await use(by, made.body.token, 'Brin H.');
    expect(await who(by)).toMatchObject({ kind: 'account', name: 'Brin H.', role: 'assistant' });
    const sections = (await by.call<{ id: string }[]>('GET', '/api/sections')).body;
    expect(sections.map((s) => s.id)).toEqual([id('second')]);
    expect((await signIn(app.nobody(), 'brin h.', WORDS)).status).toBe(204);
  });

  test('is kept as a hash, and its token is told this once', async () => {
    const { body } = await invite(fresh(), 'instructor');
    const kept = await app.db.query('select * from invitation');
    expect(JSON.stringify(kept)).not.toContain(body.token);
    const listed = (await owner.call('GET', '/api/people')).body;
    expect(JSON.stringify(listed)).toContain(body.id);
    expect(JSON.stringify(listed)).not.toContain(body.token);
  });

  test('works once, also for two who use it at one time', async () => {
    const { body } = await invite(fresh(), 'instructor');
    const both = await Promise.all([
      use(app.nobody(), body.token, fresh()),
      use(app.nobody(), body.token, fresh()),
    ]);
    expect(both.map((r) => r.status).sort()).toEqual([201, 409]);
    const again = await show(body.token);
    expect([again.status, again.body.detail]).toEqual([409, 'This link has been used.']);
  });

  test('of nobody, or for a section that is not there, is not made', async () => {
    const nobody = await invite('  ', 'instructor');
    expect([nobody.status, nobody.body.field]).toEqual([422, 'name']);
    const nowhere = await invite(fresh(), 'assistant', [id('none')]);
    expect([nowhere.status, nowhere.body.field]).toEqual([422, 'sections.0']);
  });

  test('that was taken back, is too old, or was never made is refused with what to do', async () => {
    const taken = (await invite(fresh(), 'instructor')).body;
    expect((await owner.call('DELETE', `/api/invitations/${taken.id}`)).status).toBe(204);
    expect((await owner.call('DELETE', `/api/invitations/${taken.id}`)).status).toBe(404);
    expect((await use(app.nobody(), taken.token, fresh())).body.detail).toBe(
      'This invitation was taken back.',
    );
    const old = (await invite(fresh(), 'instructor')).body;
    await app.db.query(`update invitation set expires = '2020-01-01' where id = $1`, [old.id]);
    expect((await show(old.token)).body.detail).toBe('This link is too old.');
    const never = await show('no-such-token-at-all-0000');
    expect([never.status, never.body.field]).toEqual([422, 'token']);
  });

  test('of an owner who is none any more does not let anybody in', async () => {
    const second = await joined('owner');
    const { body } = await invite(fresh(), 'owner', [], second.by);
    await change(second.id, 'instructor');
    expect((await use(app.nobody(), body.token, fresh())).body.detail).toBe(
      'This invitation was taken back.',
    );
  });

  test('under a name that somebody has, or with a passphrase that holds it, keeps standing', async () => {
    const { body } = await invite('Ilse Varn', 'instructor');
    const name = await use(app.nobody(), body.token, 'ILSE VARN');
    expect([name.status, name.body.field]).toEqual([409, 'name']);
    const words = await use(app.nobody(), body.token, 'Ilse V.', 'words of ilse v. here');
    expect([words.status, words.body.field]).toEqual([422, 'passphrase']);
    expect((await use(app.nobody(), body.token, 'Ilse V.')).status).toBe(201);
  });
});

describe('what somebody may do', () => {
  test('changes at once, and only an owner changes it', async () => {
    const { by, id: account } = await joined('instructor');
    expect((await by.call('GET', '/api/people')).status).toBe(403);
    expect((await invite(fresh(), 'assistant', [], by)).status).toBe(403);
    await change(account, 'owner');
    expect((await by.call('GET', '/api/people')).status).toBe(200);
    const narrowed = await change(account, 'assistant', true, [id('first')]);
    expect(narrowed.body.staff.find((p) => p.id === account)).toMatchObject({
      role: 'assistant',
      sections: [id('first')],
    });
    expect((await by.call<{ id: string }[]>('GET', '/api/sections')).body.map((s) => s.id)).toEqual([
      id('first'),
    ]);
  });

  test('the last owner stays one, also when two owners take each other away at one time', async () => {
    const me = await idOf('Ilse Varn');
    for (const p of await staff()) if (p.role === 'owner' && p.id !== me) await change(p.id, 'instructor');
    const alone = await change(me, 'instructor');
    expect([alone.status, alone.body.field]).toEqual([409, 'role']);
    expect((await change(me, 'owner', false)).status).toBe(409);
    const other = await joined('owner');
    const both = await Promise.all([
      change(other.id, 'instructor'),
      change(me, 'instructor', true, [], other.by),
    ]);
    expect(both.filter((r) => r.status === 200)).toHaveLength(1);
    const left = await app.db.query<{ name: string }>(
      `select name from account where role = 'owner' and disabled_at is null`,
    );
    expect(left).toHaveLength(1);
    if (left[0]?.name !== 'Ilse Varn') await change(me, 'owner', true, [], other.by);
    expect((await owner.call('GET', '/api/people')).status).toBe(200);
  });

  test('two owners who change one person are both heard: the second is told what stands', async () => {
    const { id: account } = await joined('assistant', [id('first')]);
    const version = await versionOf(account);
    expect((await change(account, 'instructor', true, [], owner, version)).status).toBe(200);
    const second = await change(account, 'owner', true, [], owner, version);
    expect(second.status).toBe(412);
    expect((await staff()).find((p) => p.id === account)?.role).toBe('instructor');
  });

  test('somebody taken off the staff is signed out, cannot sign in, and keeps their name beside what they did', async () => {
    const { by, name, id: account } = await joined('instructor');
    const { sitting, code } = await openSitting(by, 'first');
    const { phone } = await joinWalk(app, code, '11');
    await phone.call('POST', '/api/walk/submit', { answers: [] });
    await moveSitting(by, sitting.id, 'closed');
    const { run } = await graded(by, sitting.id);
    expect((await change(account, 'instructor', false)).status).toBe(200);
    expect((await by.call('GET', '/api/sections')).status).toBe(401);
    expect((await signIn(app.nobody(), name, WORDS)).status).toBe(401);
    const [kept] = await app.db.query<{ name: string }>(
      'select a.name from grading_run r join account a on a.id = r.by_account where r.id = $1',
      [run],
    );
    expect(kept?.name).toBe(name);
    expect((await change(account, 'instructor', true)).status).toBe(200);
    expect((await signIn(app.nobody(), name, WORDS)).status).toBe(204);
  });
});

describe('a passphrase', () => {
  test('is changed by its owner, who stays signed in here and is signed out elsewhere', async () => {
    const { by, name } = await joined('instructor');
    const elsewhere = app.nobody();
    await signIn(elsewhere, name, WORDS);
    const wrong = await by.call('PUT', '/api/passphrase', {
      present: 'not mine at all',
      passphrase: 'cone scales open',
    });
    expect([wrong.status, wrong.body.field]).toEqual([422, 'present']);
    expect(
      (await by.call('PUT', '/api/passphrase', { present: WORDS, passphrase: 'cone scales open' })).status,
    ).toBe(204);
    expect((await by.call('GET', '/api/sections')).status).toBe(200);
    expect((await elsewhere.call('GET', '/api/sections')).status).toBe(401);
    expect((await signIn(app.nobody(), name, WORDS)).status).toBe(401);
    expect((await signIn(app.nobody(), name, 'cone scales open')).status).toBe(204);
  });

  test('is reset by a link: the old one ends at once, the new one is chosen by its owner', async () => {
    const { by, name, id: account } = await joined('instructor');
    const first = (await owner.call<InvitationMade>('POST', `/api/people/${account}/reset`)).body;
    expect((await by.call('GET', '/api/sections')).status).toBe(401);
    expect((await signIn(app.nobody(), name, WORDS)).status).toBe(401);
    // A second link takes the place of the first.
    const { token } = (await owner.call<InvitationMade>('POST', `/api/people/${account}/reset`)).body;
    expect((await show(first.token)).status).toBe(409);
    expect((await show(token)).body).toMatchObject({ name, forPassphrase: true });
    const back = app.nobody();
    expect((await use(back, token, name, 'another set of words')).status).toBe(201);
    expect(await who(back)).toMatchObject({ name, role: 'instructor' });
    expect((await staff()).filter((p) => p.name === name)).toHaveLength(1);
  });
});

test('one sees where one is signed in, and ends a session of one’s own and nobody else’s', async () => {
  const { by, name } = await joined('instructor');
  const elsewhere = app.nobody();
  await signIn(elsewhere, name, WORDS);
  const sessions = (await by.call<OwnSession[]>('GET', '/api/sessions')).body;
  expect(sessions.map((s) => s.isThis)).toEqual([true, false]);
  const other = sessions[1]?.id ?? '';
  expect((await owner.call('DELETE', `/api/sessions/${other}`)).status).toBe(404);
  expect((await by.call('DELETE', `/api/sessions/${other}`)).status).toBe(204);
  expect((await elsewhere.call('GET', '/api/sections')).status).toBe(401);
  expect((await signIn(app.nobody(), 'Ilse Varn', PASSPHRASES.owner)).status).toBe(204);
});
