import { timingSafeEqual } from 'node:crypto';
import { v7 } from 'uuid';
import type { Session } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import { invalid, conflict, forbidden, notSignedIn } from '../http/index.ts';
import type { AnyoneHandlers, Call } from '../http/index.ts';
import { installGroups, installVocabulary } from '../library/index.ts';
import { checkLimit, countFailure } from './limits.ts';
import { checkPassphrase, hashPassphrase } from './passphrase.ts';
import { STAFF_COOKIE, endSession, startSession } from './sessions.ts';
import { readWorkspace } from './workspace.ts';

const SIGN_INS = 10;

async function session(call: Call): Promise<Session> {
  const workspace = await readWorkspace(call.app.db, call.app.clock());
  if (call.who.kind === 'student') return { kind: 'student', student: call.who.student };
  if (call.who.kind === 'nobody' || !workspace) return { kind: 'none', needsSetup: workspace === null };
  const { name, role } = call.who;
  return {
    kind: 'account',
    name,
    role,
    workspace: workspace.name,
    today: workspace.today,
    demo: workspace.demo,
  };
}

async function signIn(call: Call) {
  const { name, passphrase } = call.body as { name: string; passphrase: string };
  const { db } = call.app;
  const now = call.app.clock();
  const buckets = [`sign-in/ip/${call.ip}`, `sign-in/name/${name.toLowerCase()}`];
  for (const b of buckets) await checkLimit(db, b, SIGN_INS, now);
  const row = await maybe<{ ws: string; id: string; scrypt: string }>(
    db,
    'select ws, id, scrypt from account where lower(name) = lower($1) and disabled_at is null',
    [name],
  );
  if (!(await checkPassphrase(passphrase, row?.scrypt ?? null)) || !row) {
    for (const b of buckets) await countFailure(db, b, now);
    throw notSignedIn('Name and passphrase do not fit together.', {
      field: 'passphrase',
      remedy: 'Check both; capitals in the passphrase count.',
    });
  }
  const cookie = await startSession(db, now, { kind: 'account', ws: row.ws, account: row.id });
  return { status: 204, cookies: [cookie] };
}

interface SetupBody {
  code: string;
  workspace: string;
  name: string;
  passphrase: string;
  site?: { name: string; lat: number; lon: number; elevM: number; tz: string };
}

function sameCode(sent: string, right: string): boolean {
  const [a, b] = [Buffer.from(sent.trim().toUpperCase()), Buffer.from(right)];
  return a.length === b.length && timingSafeEqual(a, b);
}

async function setup(call: Call) {
  const body = call.body as SetupBody;
  const { db, setupCode } = call.app;
  const now = call.app.clock();
  if (setupCode === null || (await readWorkspace(db, now))) {
    throw conflict('The application is already set up.', { remedy: 'Sign in.' });
  }
  await checkLimit(db, 'setup', SIGN_INS, now);
  if (!sameCode(body.code, setupCode)) {
    await countFailure(db, 'setup', now);
    throw forbidden('The set-up code is not the one shown in the terminal.', {
      field: 'code',
      remedy: 'Copy it from where the application was started.',
    });
  }
  if (body.passphrase.toLowerCase().includes(body.name.toLowerCase())) {
    throw invalid('The passphrase holds your name.', { field: 'passphrase', remedy: 'Choose other words.' });
  }
  const kept = await hashPassphrase(body.passphrase);
  const [ws, account] = [v7(), v7()];
  const cookie = await db.transaction(async (tx) => {
    await tx.query('insert into workspace (id, name) values ($1, $2)', [ws, body.workspace]);
    await tx.query(`insert into account (ws, id, name, role, scrypt) values ($1, $2, $3, 'owner', $4)`, [
      ws,
      account,
      body.name,
      kept,
    ]);
    if (body.site) {
      await tx.query(
        'insert into site (ws, id, name, lat, lon, elev_m, tz) values ($1, $2, $3, $4, $5, $6, $7)',
        [ws, v7(), body.site.name, body.site.lat, body.site.lon, body.site.elevM, body.site.tz],
      );
    }
    await tx.query(
      `insert into source (ws, id, kind, citation, rank) values ($1, $2, 'own', 'Own observation', 50)`,
      [ws, v7()],
    );
    await installVocabulary(tx, ws);
    await installGroups(tx, ws);
    return startSession(tx, now, { kind: 'account', ws, account });
  });
  return { status: 201, body: {}, cookies: [cookie] };
}

export const accessHandlers: AnyoneHandlers = {
  sessionRead: async (call) => ({ body: await session(call) }),
  sessionStart: signIn,
  sessionEnd: async (call) => {
    if (call.who.kind === 'account') await endSession(call.app.db, call.who.tokenHash);
    return { status: 204, cookies: [{ name: STAFF_COOKIE, value: null, path: '/' }] };
  },
  setup,
};
