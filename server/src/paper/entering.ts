import type { AnswerValue } from '@hurrow/core/answers';
import type { LoggedAnswer } from '../answers/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import { slot } from './graded.ts';

interface Slot {
  readonly key: string;
  readonly seq: number;
  /** Whether staff corrected this question before; then every later entry is a correction too. */
  readonly corrected: boolean;
}

/** How far each question of a student's sheet has come. */
async function slotsOf(
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<ReadonlyMap<string, Slot>> {
  const rows = await sql.query<Slot>(
    `select r.sitting_station || '/' || r.ask as key, max(r.seq) as seq, bool_or(r.precedence = 2) as corrected
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     where t.ws = $1 and t.sitting = $2 and t.student = $3 and t.origin = 'paper' group by 1`,
    [ws, sitting, student],
  );
  return new Map(rows.map((r) => [r.key, r]));
}

/** One answer of a sheet, read. */
export interface Entered {
  readonly id: string;
  readonly sittingStation: string;
  readonly ask: string;
  readonly value: AnswerValue;
  readonly correction: boolean;
}

/** Sheets are entered while a sitting is open, and after it until its results are returned. */
export function mustTakeSheets(sitting: SittingRow): void {
  if (sitting.state === 'returned')
    throw conflict('The results have been returned.', {
      remedy: 'Change a grade with a reason, or talk to the student.',
    });
  if (sitting.state === 'draft' || sitting.state === 'locked')
    throw conflict('This sitting is not open yet.', { remedy: 'Open it first.' });
}

/** Logs and stores answers of a paper sheet as those of a phone are. */
export async function takeEntered(
  call: Call<Account>,
  sitting: SittingRow,
  student: string,
  entered: readonly Entered[],
): Promise<void> {
  const slots = await slotsOf(call.app.db, call.who.ws, sitting.id, student);
  const logged = entered.map((e): LoggedAnswer => {
    const had = slots.get(slot(e.sittingStation, e.ask));
    return {
      id: e.id,
      ws: call.who.ws,
      sitting: sitting.id,
      student,
      origin: 'paper',
      takeover: 1,
      precedence: e.correction || had?.corrected === true ? 2 : 1,
      sittingStation: e.sittingStation,
      ask: e.ask,
      seq: (had?.seq ?? 0) + 1,
      value: e.value,
      deviceAt: null,
      receivedAt: call.app.clock().toISOString(),
      when: 'open',
    };
  });
  const taken = await call.app.intake.take(logged);
  if (taken.disputed.some((d) => d.kind === 'other_content')) {
    throw conflict('This entry was sent twice with different text; both are kept.', {
      remedy: 'Open the sheet again and enter what differs.',
    });
  }
}
