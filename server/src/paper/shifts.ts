import { v7 } from 'uuid';
import type { SheetShift } from '@hurrow/contract';
import type { AnswerValue } from '@hurrow/core/answers';
import { freedBy, movesOf } from '@hurrow/core/paper';
import type { Shift } from '@hurrow/core/paper';
import type { KeyAsk } from '@hurrow/core/grading';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { gradeSitting } from '../grading/index.ts';
import { conflict } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { needSitting } from '../sittings/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import { takeEntered } from './entering.ts';
import type { Entered } from './entering.ts';
import { shiftOn, slot } from './graded.ts';
import type { Given, SheetKey } from './graded.ts';
import { givenBy, needOpenSheet, sheetOf } from './sheets.ts';

const SHIFT = 'h.id, h.first, h.last, h.moved as by, h.state, a.name as "decidedBy"';
const FROM = 'sheet_shift h left join account a on a.ws = h.ws and a.id = h.decided_by';

/** The question about a sheet that is open, or else the one that was decided last. */
export const readShift = (
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<SheetShift | null> =>
  maybe<SheetShift>(
    sql,
    `select ${SHIFT} from ${FROM} where h.ws = $1 and h.sitting = $2 and h.student = $3
     order by h.state = 'open' desc, h.at desc, h.id desc limit 1`,
    [ws, sitting, student],
  );

const numbersOf = (shift: Shift, stations: readonly StationKey[]): Pick<SheetShift, 'first' | 'last'> => ({
  first: stations[shift.first]?.number ?? 1,
  last: stations[shift.last]?.number ?? 1,
});

async function givenValues(sql: Sql, ws: string, sitting: string, student: string): Promise<Given> {
  const given = await givenBy(sql, ws, sitting, student);
  return new Map([...given].map(([k, v]) => [k, v.value]));
}

/**
 * Opens a question where lines of a sheet fit the key one line off, and closes one that no longer holds. A stretch that
 * was left as written is not asked about again.
 */
export async function askAboutShift(
  call: Call<Account>,
  sitting: SittingRow,
  student: string,
  key: SheetKey,
): Promise<void> {
  const { db } = call.app;
  const { ws } = call.who;
  const found = shiftOn(key, await givenValues(db, ws, sitting.id, student));
  const at = found ? { ...numbersOf(found, key.stations), moved: found.by } : null;
  await db.transaction(async (tx) => {
    // Two people at one sheet ask one after the other.
    await tx.query('select 1 from student where ws = $1 and id = $2 for update', [ws, student]);
    const standing = await tx.query<SheetShift>(
      `select ${SHIFT} from ${FROM} where h.ws = $1 and h.sitting = $2 and h.student = $3`,
      [ws, sitting.id, student],
    );
    const isSame = (s: SheetShift): boolean =>
      at !== null && s.first === at.first && s.last === at.last && s.by === at.moved;
    const covers = (s: SheetShift): boolean =>
      at !== null && s.state === 'left' && s.by === at.moved && s.first <= at.last && at.first <= s.last;
    if (standing.some((s) => s.state === 'open' && isSame(s))) return;
    await tx.query(
      `delete from sheet_shift where ws = $1 and sitting = $2 and student = $3 and state = 'open'`,
      [ws, sitting.id, student],
    );
    if (at === null || standing.some(covers)) return;
    await insertRows(tx, 'sheet_shift', [
      {
        ws,
        id: v7(),
        sitting: sitting.id,
        student,
        ...at,
        state: 'open',
        at: call.app.clock().toISOString(),
      },
    ]);
  });
}

/** The question of another line that an answer belongs to: of the same kind, of the same character, in the same order. */
function sameAsk(from: StationKey, ask: KeyAsk, to: StationKey): KeyAsk | null {
  const like = (a: KeyAsk): boolean => a.kind === ask.kind && a.character === ask.character;
  const nth = from.accept.asks.filter(like).indexOf(ask);
  return to.accept.asks.filter(like)[nth] ?? null;
}

/** The answers of a stretch at the lines where they belong; the line that becomes free says nothing. */
function movedAnswers(key: SheetKey, shift: Shift, given: Given): readonly Entered[] {
  const lines = key.stations;
  const put = new Map<string, Entered>();
  const write = (station: StationKey, ask: KeyAsk, value: AnswerValue): void => {
    const { sittingStation } = station;
    const entry = { id: v7(), sittingStation, ask: ask.id, value, correction: false };
    put.set(slot(sittingStation, ask.id), entry);
  };
  const moves = movesOf(shift, lines.length);
  // Every line of the stretch is emptied first, so that a question its neighbor does not ask keeps nothing.
  for (const i of [freedBy(shift), ...moves.map((m) => m.to)])
    for (const ask of lines[i]?.accept.asks ?? []) {
      const station = lines[i];
      if (station && given.has(slot(station.sittingStation, ask.id)))
        write(station, ask, { kind: 'withdrawn' });
    }
  for (const { from, to } of moves) {
    const [source, target] = [lines[from], lines[to]];
    if (!source || !target) continue;
    for (const ask of source.accept.asks) {
      const value = given.get(slot(source.sittingStation, ask.id));
      const there = sameAsk(source, ask, target);
      if (value && there && value.kind !== 'withdrawn') write(target, there, value);
    }
  }
  return [...put.values()];
}

/**
 * Decides about lines that look one station off: they are moved, and the sheet as it was written stays among the answers;
 * or they are left.
 * @throws where nothing is asked any more, or the sheet has changed since.
 */
export async function decideShift(call: CallOf<'sheetShift'>): Promise<ReplyOf<'sheetShift'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const { sitting, student, key } = await needOpenSheet(call);
  const open = await readShift(db, ws, sitting.id, student);
  if (open?.state !== 'open')
    throw conflict('Nothing is asked about this sheet any more.', { remedy: 'Open the sheet again.' });
  const at = call.app.clock().toISOString();
  const given = await givenValues(db, ws, sitting.id, student);
  const taken = await db.query(
    `update sheet_shift set state = $4, decided_by = $5, decided_at = $6
     where ws = $1 and id = $2 and sitting = $3 and state = 'open' returning id`,
    [ws, open.id, sitting.id, call.body.decision === 'shift' ? 'shifted' : 'left', call.who.id, at],
  );
  if (taken.length === 0)
    throw conflict('Somebody else has decided about this sheet.', { remedy: 'Open the sheet again.' });
  if (call.body.decision === 'shift') {
    const place = (n: number): number => key.stations.findIndex((s) => s.number === n);
    const shift: Shift = { first: place(open.first), last: place(open.last), by: open.by };
    await takeEntered(call, sitting, student, movedAnswers(key, shift, given));
  } else if (sitting.state === 'graded') {
    // Its lines are looks from now on.
    await db.transaction(async (tx) => {
      const locked = await needSitting(tx, call.who, sitting.id, true);
      await gradeSitting(tx, {
        ws,
        sitting: locked,
        by: call.who.id,
        at,
        cause: 'a sheet was left as written',
      });
    });
  }
  return { body: await sheetOf(call, sitting, student, key) };
}
