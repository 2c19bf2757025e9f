import { v7 } from 'uuid';
import { conflict, invalid } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { takeEntered } from './entering.ts';
import type { Entered } from './entering.ts';
import { givenBy, needOpenSheet, needStudent, sheetOf } from './sheets.ts';
import { askAboutShift } from './shifts.ts';

/**
 * Moves a sheet that was entered under a wrong number to the student whose it is. Under the wrong number its answers say
 * that they were moved; what came by phone stays where it is.
 * @throws where the other student has a sheet already.
 */
export async function moveSheet(call: CallOf<'sheetMove'>): Promise<ReplyOf<'sheetMove'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const { to } = call.body;
  const { sitting, student, key } = await needOpenSheet(call);
  const { code } = await needStudent(db, ws, sitting, to);
  if (to === student)
    throw invalid('This sheet is under that number already.', {
      field: 'to',
      remedy: 'Choose the student whose sheet it is.',
    });
  const own = [...(await givenBy(db, ws, sitting.id, student)).values()].filter(
    (l) => l.origin === 'paper' && l.value.kind !== 'withdrawn',
  );
  if (own.length === 0)
    throw conflict('No sheet was entered under this number.', { remedy: 'Choose another one.' });
  const there = [...(await givenBy(db, ws, sitting.id, to)).values()];
  if (there.some((l) => l.origin === 'paper' && l.value.kind !== 'withdrawn'))
    throw conflict(`Number ${code} has a sheet already.`, {
      field: 'to',
      remedy: 'Move that one first, or enter what differs there.',
    });
  const at = (value: (l: (typeof own)[number]) => Entered['value']): readonly Entered[] =>
    own.map((l) => ({
      id: v7(),
      sittingStation: l.sitting_station,
      ask: l.ask,
      value: value(l),
      correction: false,
    }));
  await takeEntered(
    call,
    sitting,
    to,
    at((l) => l.value),
  );
  await takeEntered(
    call,
    sitting,
    student,
    at(() => ({ kind: 'withdrawn' })),
  );
  await db.query(
    `update sheet_photo set student = $4 where ws = $1 and sitting = $2 and student = $3
       and not exists (select 1 from sheet_photo o where o.ws = $1 and o.sitting = $2 and o.student = $4)`,
    [ws, sitting.id, student, to],
  );
  // A second entry was of the sheet that is elsewhere now.
  await db.query('delete from second_entry where ws = $1 and sitting = $2 and student = $3', [
    ws,
    sitting.id,
    student,
  ]);
  for (const s of [student, to]) await askAboutShift(call, sitting, s, key);
  return { body: await sheetOf(call, sitting, to, key) };
}
