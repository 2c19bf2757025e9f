import type { KnownAnswer, WalkSitting, WalkState } from '@hurrow/contract';
import type { AnswerValue, DisputeKind } from '@hurrow/core/answers';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import type { Call, Student } from '../http/index.ts';
import { sittingById } from '../sittings/index.ts';
import { DISPUTE_WORDS } from './disputeWords.ts';
import { walkModel } from './model.ts';

interface AnswerRow {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  readonly at: string;
  readonly value: AnswerValue;
  readonly kind: DisputeKind | null;
  readonly state: 'open' | 'counted' | 'kept' | 'dropped' | null;
}

const NOT_COUNTED = 'Your instructor decided that this answer does not count.';

function waitsOf({ kind, state }: Pick<AnswerRow, 'kind' | 'state'>): string | null {
  if (kind === null || state === null || state === 'counted') return null;
  return state === 'open' ? DISPUTE_WORDS[kind] : NOT_COUNTED;
}

/** The latest answers of a student, by phone, whether they count or wait. */
async function ownAnswers(sql: Sql, who: Student): Promise<readonly KnownAnswer[]> {
  const rows = await sql.query<AnswerRow>(
    `select distinct on (r.sitting_station, r.ask) r.id, sa.public_id as ask, r.seq, coalesce(r.device_at, r.received_at) as at, r.value, d.kind, d.state
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     join sitting_ask sa on sa.ws = r.ws and sa.sitting_station = r.sitting_station and sa.ask = r.ask
     left join answer_dispute d on d.ws = r.ws and d.response = r.id
     where t.ws = $1 and t.sitting = $2 and t.student = $3 and t.origin = 'phone'
     order by r.sitting_station, r.ask, t.takeover desc, r.seq desc`,
    [who.ws, who.sitting, who.student],
  );
  return rows.map(({ kind, state, ...r }) => ({ ...r, waits: waitsOf({ kind, state }) }));
}

/** When other phones joined under this student number. */
async function otherDevices(sql: Sql, who: Student): Promise<readonly string[]> {
  const rows = await sql.query<{ at: string }>(
    `select coalesce(decided_at, asked_at) as at from device
     where ws = $1 and sitting = $2 and student = $3 and state = 'in' and id <> $4 order by asked_at`,
    [who.ws, who.sitting, who.student, who.device],
  );
  return rows.map((r) => r.at);
}

const STATES: Readonly<Record<string, WalkState>> = { open: 'open', returned: 'returned' };

/** A sitting's state as its students see it. */
export const walkStateOf = (state: string): WalkState => STATES[state] ?? 'closed';

/** A sitting as its student sees it: random ids, no tree, tag, species or key. */
export async function walkSitting(call: Call<Student>): Promise<WalkSitting> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await sittingById(db, ws, call.who.sitting);
  if (!sitting) throw notFound('This quiz was deleted.', { remedy: 'Ask your instructor.' });
  const who = await maybe<{ code: string; submitted: boolean }>(
    db,
    `select s.code,
       exists (select 1 from attempt t where t.ws = $1 and t.sitting = $3 and t.student = s.id and t.submitted_at is not null) as submitted
     from student s where s.ws = $1 and s.id = $2`,
    [ws, call.who.student, sitting.id],
  );
  const { stations, box } = await walkModel(db, ws, sitting.id);
  return {
    sitting: sitting.public_id,
    otherDevices: await otherDevices(db, call.who),
    // The name an instructor gave the quiz may hold a species.
    quiz: 'Field quiz',
    on: sitting.on_date,
    student: who?.code ?? '',
    state: walkStateOf(sitting.state),
    submitted: who?.submitted ?? false,
    box,
    stations,
    answers: await ownAnswers(db, call.who),
  };
}
