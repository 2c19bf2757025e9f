import { timingSafeEqual } from 'node:crypto';
import { v7 } from 'uuid';
import type { Session } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import { invalid, conflict, forbidden, notSignedIn } from '../http/index.ts';
import type { Call, CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { installGroups, installVocabulary } from '../library/index.ts';
import { BROWSER_COOKIE, isKnownBrowser, rememberBrowser } from './knownBrowser.ts';
import { slowDown } from './limits.ts';
import type { Limit } from './limits.ts';
import { checkPassphrase, hashPassphrase } from './passphrase.ts';
import { STAFF_COOKIE, endSession, hashToken, startSession } from './sessions.ts';
import { readWorkspace } from '../workspace/index.ts';

/** Tries of one name from one address, of one name from anywhere, and from one address, which a school may share. */
const PER_PAIR = { burst: 10, everyMs: 6000 } as const;
const PER_NAME = { burst: 30, everyMs: 1000 } as const;
const PER_ADDRESS = { burst: 60, everyMs: 1000 } as const;
const SETUP = { bucket: 'setup', burst: 10, everyMs: 6000 } as const;
/** One workspace an installation; the lock is held until the first one stands. */
const SETUP_LOCK = 7_240_001;

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

/** A browser that signed in before has a limit of its own, so that others cannot hold it up. */
function signInLimits(call: Call, name: string, known: boolean): readonly Limit[] {
  const folded = name.toLowerCase();
  if (known)
    return [{ bucket: `sign-in/known/${hashToken(call.cookie(BROWSER_COOKIE) ?? '')}`, ...PER_PAIR }];
  return [
    { bucket: `sign-in/pair/${call.ip}/${folded}`, ...PER_PAIR },
    { bucket: `sign-in/ip/${call.ip}`, ...PER_ADDRESS },
    { bucket: `sign-in/name/${folded}`, ...PER_NAME },
  ];
}

async function signIn(call: CallOf<'sessionStart'>): Promise<ReplyOf<'sessionStart'>> {
  const { name, passphrase } = call.body;
  const { db } = call.app;
  const row = await maybe<{ ws: string; id: string; scrypt: string }>(
    db,
    'select ws, id, scrypt from account where lower(name) = lower($1) and disabled_at is null',
    [name],
  );
  const token = call.cookie(BROWSER_COOKIE);
  const known = row !== null && (await isKnownBrowser(db, token, row.id));
  const right = await slowDown(call.app, signInLimits(call, name, known));
  if (!(await checkPassphrase(passphrase, row?.scrypt ?? null)) || !row) {
    throw notSignedIn('The name and the passphrase do not match.', {
      field: 'passphrase',
      remedy: 'Check both. Capital letters in the passphrase count.',
    });
  }
  await right();
  const now = call.app.clock();
  const cookies = await db.transaction(async (tx) => [
    await startSession(tx, now, { kind: 'account', ws: row.ws, account: row.id }, call.browser()),
    ...(known ? [] : [await rememberBrowser(tx, now, { ws: row.ws, account: row.id })]),
  ]);
  return { status: 204, cookies };
}

function sameCode(sent: string, right: string): boolean {
  const [a, b] = [Buffer.from(sent.trim().toUpperCase()), Buffer.from(right)];
  return a.length === b.length && timingSafeEqual(a, b);
}

const alreadySetUp = () => conflict('Hurrow is already set up.', { remedy: 'Sign in.' });

async function setup(call: CallOf<'setup'>): Promise<ReplyOf<'setup'>> {
  const { body } = call;
  const { db, setupCode } = call.app;
  const now = call.app.clock();
  if (setupCode === null || (await readWorkspace(db, now))) {
    throw alreadySetUp();
  }
  const right = await slowDown(call.app, [SETUP]);
  if (!sameCode(body.code, setupCode)) {
    throw forbidden('The setup code is not the one shown in the terminal.', {
      field: 'code',
      remedy: 'Copy it from the terminal where Hurrow was started.',
    });
  }
  if (body.passphrase.toLowerCase().includes(body.name.toLowerCase())) {
    throw invalid('The passphrase contains your name.', {
      field: 'passphrase',
      remedy: 'Choose other words.',
    });
  }
  await right();
  const kept = await hashPassphrase(body.passphrase);
  const [ws, account] = [v7(), v7()];
  const cookie = await db.transaction(async (tx) => {
    await tx.query('select pg_advisory_xact_lock($1)', [SETUP_LOCK]);
    if (await maybe(tx, 'select 1 from workspace')) throw alreadySetUp();
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
    return startSession(tx, now, { kind: 'account', ws, account }, call.browser());
  });
  return { status: 201, body: {}, cookies: [cookie] };
}

export const accessHandlers = {
  sessionRead: async (call) => ({ body: await session(call) }),
  sessionStart: signIn,
  sessionEnd: async (call) => {
    if (call.who.kind === 'account') await endSession(call.app.db, call.who.tokenHash);
    return {
      status: 204,
      cookies: [{ name: STAFF_COOKIE, value: null, path: '/' }],
    };
  },
  setup,
} satisfies Partial<Handlers>;
