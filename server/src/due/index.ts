import type { DueItem } from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { recoveryLines } from '../recoveryLines.ts';
import type { Handlers } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { readSittings } from '../quizzes/index.ts';

type Sitting = Awaited<ReturnType<typeof readSittings>>[number];

/** The next step of a sitting, if it has one now. */
function step(s: Sitting, quiz: string, today: string): DueItem | null {
  const href = `/quizzes/${s.quiz}/sittings/${s.id}`;
  const who = `${s.sectionName} · ${quiz}`;
  const base = { href, on: s.on } as const;
  const sent = `${s.submitted} of ${s.roster} handed in, ${s.joined} began`;
  switch (s.state) {
    case 'draft':
    case 'locked':
      return s.on < today
        ? {
            ...base,
            kind: 'open_sitting',
            title: `Set a new date: ${who}`,
            detail: 'It was to be sat already.',
          }
        : {
            ...base,
            kind: 'draft',
            title: `Check and open: ${who}`,
            detail: 'Drafted; look at what can be told at each station.',
          };
    case 'open':
      return {
        ...base,
        kind: 'enter',
        title: `Running: ${who}`,
        detail: `${sent}. Close it when all are in.`,
      };
    case 'closed':
      return { ...base, kind: 'grade', title: `Grade: ${who}`, detail: `${sent}.` };
    case 'graded':
      return {
        ...base,
        kind: 'return',
        title: `Return results: ${who}`,
        detail: 'Graded. Students wait for their results.',
      };
    case 'returned':
      return null;
  }
}

interface Pair {
  section: string;
  section_name: string;
  truth: string;
  answer: string;
  students: number;
}

/** The mix-ups that most students of a section made, three a section. */
async function mixUps(call: Call<Account>, sections: ReadonlySet<string>): Promise<readonly DueItem[]> {
  const rows = await call.app.db.query<Pair>(
    `select * from (
       select c.section, s.name as section_name, c.truth, c.answer, count(distinct c.student)::integer as students,
         row_number() over (partition by c.section order by count(distinct c.student) desc, c.truth, c.answer) as place
       from cell_student c join section s on s.ws = c.ws and s.id = c.section
       where c.ws = $1 and c.named = 'other' group by c.section, s.name, c.truth, c.answer) ranked
     where place <= 3 and students >= 2 order by students desc, section_name, place`,
    [call.who.ws],
  );
  const headers = await readHeaders(
    call.app.db,
    call.who.ws,
    rows.flatMap((r) => [r.truth, r.answer]),
  );
  return rows.flatMap((r): DueItem[] => {
    const [truth, answer] = [headers.get(r.truth), headers.get(r.answer)];
    if (!sections.has(r.section) || !truth || !answer) return [];
    return [
      {
        kind: 'mixup',
        title: `${answer.common ?? answer.scientific} named for ${truth.common ?? truth.scientific}`,
        detail: `${r.section_name}: ${r.students} students.`,
        href: `/mix-ups?section=${r.section}&pair=${r.truth}.${r.answer}`,
        on: null,
        pair: { answer, truth },
      },
    ];
  });
}

/** Listed species of which nothing is recorded. */
async function unrecorded(call: Call<Account>): Promise<readonly DueItem[]> {
  const rows = await call.app.db.query<{ id: string; name: string; n: number }>(
    `select l.id, l.name, count(*)::integer as n from list l join list_member m on m.ws = l.ws and m.list = l.id
     where l.ws = $1 and not exists (select 1 from statement st where st.ws = m.ws and st.taxon = m.taxon and st.retracted_at is null)
     group by l.id, l.name order by lower(l.name)`,
    [call.who.ws],
  );
  return rows.map((r) => ({
    kind: 'unrecorded',
    title: `${r.n} species of ${r.name} have nothing recorded`,
    detail: 'Quizzes and grading work without it; what separates them is unproven until then.',
    href: `/classes/lists/${r.id}`,
    on: null,
  }));
}

/** What the last start could not bring back; it is said until somebody has looked. */
function recovery(call: Call<Account>): readonly DueItem[] {
  const lines = recoveryLines({ ...call.app.recovery, stored: 0 });
  return lines.map((detail) => ({
    kind: 'recovery',
    title: 'Some answers could not be brought back',
    detail,
    href: '/files',
    on: null,
  }));
}

/** Phones that wait to be let in, sitting by sitting. */
async function asking(call: Call<Account>): Promise<readonly DueItem[]> {
  const rows = await call.app.db.query<{ quiz: string; sitting: string; section: string; codes: string[] }>(
    `select s.quiz, s.id as sitting, c.name as section, array_agg(distinct st.code order by st.code) as codes
     from device d join sitting s on s.ws = d.ws and s.id = d.sitting
     join section c on c.ws = s.ws and c.id = s.section join student st on st.ws = d.ws and st.id = d.student
     where d.ws = $1 and d.state = 'asked' and ${SEES_SECTION('s.section')}
     group by s.quiz, s.id, c.name order by c.name`,
    [call.who.ws, call.who.id],
  );
  return rows.map((r) => ({
    kind: 'device',
    title: `A phone asks to join: ${r.section}`,
    detail: `Student ${r.codes.length === 1 ? 'number' : 'numbers'} ${r.codes.join(', ')}. Let it in only if you know whose it is.`,
    href: `/quizzes/${r.quiz}/sittings/${r.sitting}`,
    on: null,
  }));
}

async function due(call: Call<Account>): Promise<readonly DueItem[]> {
  const { db } = call.app;
  const { ws } = call.who;
  const sittings = await readSittings(db, ws, call.who.id);
  const names = new Map(
    (await db.query<{ id: string; name: string }>('select id, name from quiz where ws = $1', [ws])).map(
      (q) => [q.id, q.name],
    ),
  );
  const today = (await readWorkspace(db, call.app.clock()))?.today ?? '';
  const steps = sittings.flatMap((s) => step(s, names.get(s.quiz) ?? '', today) ?? []);
  const ids = new Set(
    (
      await db.query<{ id: string }>(
        `select s.id from section s where s.ws = $1 and ${SEES_SECTION('s.id')}`,
        [ws, call.who.id],
      )
    ).map((s) => s.id),
  );
  return [
    ...recovery(call),
    ...(await asking(call)),
    ...steps,
    ...(await mixUps(call, ids)),
    ...(await unrecorded(call)),
  ];
}

export const dueHandlers = { due: async (call) => ({ body: await due(call) }) } satisfies Partial<Handlers>;
