import {
  hashToken,
  WALK_COOKIE,
  checkLimit,
  countFailure,
  endSession,
  startSession,
} from '../access/index.ts';
import { attemptFor } from '../answers/index.ts';
import { maybe } from '../db/index.ts';
import { conflict, notSignedIn } from '../http/index.ts';
import type { Call, Reply, Student } from '../http/index.ts';
import { readCode } from '../sittings/index.ts';

/** Failures allowed in a quarter of an hour from one address; a whole class may share it. */
const JOINS = 60;
/** The same for one code, so that class numbers cannot be tried out. */
const PER_CODE = 40;

interface Found {
  ws: string;
  sitting: string;
  state: string;
  student: string;
  takeover: number | null;
}

/** Code and class number are refused together, so that neither tells whether the other was right. */
export async function join(call: Call): Promise<Reply> {
  const body = call.body as { code: string; student: string; takeover: boolean };
  const { db } = call.app;
  const now = call.app.clock();
  const code = hashToken(readCode(body.code));
  const buckets: [string, number][] = [
    [`join/ip/${call.ip}`, JOINS],
    [`join/code/${code}`, PER_CODE],
  ];
  for (const [bucket, most] of buckets) await checkLimit(db, bucket, most, now);
  const found = await maybe<Found>(
    db,
    `select s.ws, s.id as sitting, s.state, st.id as student,
       (select max(t.takeover) from attempt t where t.ws = s.ws and t.sitting = s.id and t.student = st.id and t.takeover < 1000) as takeover
     from sitting s join enrolment e on e.ws = s.ws and e.section = s.section and e.to_on is null
     join student st on st.ws = e.ws and st.id = e.student
     where s.code_hash = $1 and s.code_expires > $2 and s.state <> 'draft' and lower(st.code) = lower($3)`,
    [code, now.toISOString(), body.student],
  );
  if (!found) {
    for (const [bucket] of buckets) await countFailure(db, bucket, now);
    throw notSignedIn('This code and class number do not fit an open sitting.', {
      field: 'code',
      remedy: 'Check both with your instructor.',
    });
  }
  const known = call.who.kind === 'student' ? call.who : null;
  const sameDevice = known?.student === found.student && known.sitting === found.sitting;
  const looking = found.state === 'given_back';
  if (found.takeover !== null && !sameDevice && !body.takeover && !looking) {
    throw conflict(`Number ${body.student} has already joined on another device.`, {
      field: 'student',
      remedy: 'Check your number. If it is yours, go on here: what was sent from there stays.',
    });
  }
  const takeover = sameDevice ? known.takeover : looking ? (found.takeover ?? 1) : (found.takeover ?? 0) + 1;
  const { ws, sitting, student } = found;
  const cookie = await db.transaction(async (tx) => {
    if (!looking) await attemptFor(tx, { ws, sitting, student, takeover });
    if (known) await endSession(tx, known.tokenHash);
    return startSession(tx, now, { kind: 'student', ws, student, sitting, takeover });
  });
  return { status: 201, body: {}, cookies: [cookie] };
}

export async function leave(call: Call<Student>): Promise<Reply> {
  await endSession(call.app.db, call.who.tokenHash);
  return { status: 204, cookies: [{ name: WALK_COOKIE, value: null, path: '/api/walk' }] };
}
