import type { EntryDifference, SecondEntries } from '@hurrow/contract';
import { answerText, sameAnswer } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Vocabulary } from '@hurrow/core/characters';
import { insertRows, maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { needSitting } from '../sittings/index.ts';
import type { LockedKey, SittingRow } from '../sittings/index.ts';
import { slot } from './graded.ts';
import { SECOND_CHOSEN } from './secondOf.ts';
import { givenBy, needKey, needOpenSheet, readEntered, wordOf } from './sheets.ts';

type Second = Readonly<Record<string, AnswerValue>>;

/** Where two entries differ; a blank is the same whether or not anybody entered it. */
function differences(
  key: LockedKey,
  first: ReadonlyMap<string, AnswerValue>,
  second: Second,
  vocabulary: Vocabulary,
): readonly EntryDifference[] {
  const none: AnswerValue = { kind: 'blank' };
  return [...key.stations.values()]
    .sort((a, b) => a.number - b.number)
    .flatMap((s) =>
      s.accept.asks.flatMap((a): EntryDifference[] => {
        const at = slot(s.sittingStation, a.id);
        const [x, y] = [first.get(at) ?? none, second[at] ?? none];
        if (sameAnswer(x, y)) return [];
        const words = wordOf(a, vocabulary);
        return [
          {
            sittingStation: s.sittingStation,
            number: s.number,
            ask: a.id,
            first: answerText(x, words),
            second: answerText(y, words),
          },
        ];
      }),
    );
}

interface SheetRow {
  readonly student: string;
  readonly code: string;
  readonly by: string | null;
  readonly answers: Second | null;
}

/** The sheets that are entered twice, and where the two entries differ. */
export async function readSecond(call: Call<Account>, sitting: SittingRow): Promise<SecondEntries> {
  const { db } = call.app;
  const { ws } = call.who;
  const { share } = await one<{ share: number }>(
    db,
    'select second_share as share from sitting where ws = $1 and id = $2',
    [ws, sitting.id],
  );
  const rows = await db.query<SheetRow>(
    `select st.id as student, st.code, a.name as by, n.answers from student st
     left join second_entry n on n.ws = st.ws and n.sitting = $2 and n.student = st.id
     left join account a on a.ws = n.ws and a.id = n.by_account
     where st.ws = $1 and (n.student is not null or st.id in ${SECOND_CHOSEN}) order by length(st.code), st.code`,
    [ws, sitting.id],
  );
  if (rows.length === 0) return { share, sheets: [] };
  const key = await needKey(db, ws, sitting);
  const vocabulary = await vocabularyToRead(db, ws);
  const sheets = [];
  for (const { student, code, by, answers } of rows) {
    const first = answers ? await firstEntry(db, ws, sitting.id, student) : null;
    sheets.push({
      student,
      code,
      by,
      differences: answers && first ? differences(key, first, answers, vocabulary) : [],
    });
  }
  return { share, sheets };
}

async function firstEntry(
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<ReadonlyMap<string, AnswerValue>> {
  const given = await givenBy(sql, ws, sitting, student);
  return new Map([...given].map(([k, v]) => [k, v.value]));
}

export async function secondEntries(call: CallOf<'secondEntries'>): Promise<ReplyOf<'secondEntries'>> {
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  return { body: await readSecond(call, sitting) };
}

/** Sets which share of the sheets is entered twice. */
export async function secondShare(call: CallOf<'secondShare'>): Promise<ReplyOf<'secondShare'>> {
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  await call.app.db.query('update sitting set second_share = $3 where ws = $1 and id = $2', [
    call.who.ws,
    sitting.id,
    call.body.share,
  ]);
  return { body: await readSecond(call, sitting) };
}

/** Who entered the sheet first. The log of answers does not say who; what was entered last on this server does. */
const enteredFirst = (sql: Sql, ws: string, sitting: string, student: string) =>
  maybe(
    sql,
    `select 1 from counted_answer where ws = $1 and sitting = $2 and student = $3 and origin = 'paper' limit 1`,
    [ws, sitting, student],
  );

/**
 * Keeps a second entry of a sheet. It changes no answer; what differs from the first is shown, and settled on the sheet.
 * @throws where the sheet was not entered a first time.
 */
export async function enterSecond(call: CallOf<'secondEnter'>): Promise<ReplyOf<'secondEnter'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const { sitting, student, key } = await needOpenSheet(call);
  if (!(await enteredFirst(db, ws, sitting.id, student)))
    throw conflict('This sheet has not been entered a first time.', { remedy: 'Enter it first.' });
  const entered = readEntered(call.body.answers, key, await vocabularyToRead(db, ws));
  const answers = Object.fromEntries(entered.map((e) => [slot(e.sittingStation, e.ask), e.value]));
  await insertRows(
    db,
    'second_entry',
    [{ ws, sitting: sitting.id, student, by_account: call.who.id, answers }],
    'on conflict (ws, sitting, student) do update set by_account = excluded.by_account, answers = excluded.answers',
  );
  return { status: 201, body: await readSecond(call, sitting) };
}
