import type { DueItem } from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { recoveryLines } from '../recoveryLines.ts';
import type { Handlers } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readSittings } from '../quizzes/index.ts';
import { dueMaterial } from './material.ts';
import { dueMixUps } from './mixUps.ts';
import { dueSeasons } from './seasons.ts';
import { sittingStep } from './sittingSteps.ts';

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

/** What is due, in the order in which it is shown. Its parts are read beside each other, those that need the day after it. */
async function due(call: Call<Account>): Promise<readonly DueItem[]> {
  const { db } = call.app;
  const [phones, sittings, workspace, bare] = await Promise.all([
    asking(call),
    readSittings(db, call.who.ws, call.who.id),
    readWorkspace(db, call.app.clock()),
    unrecorded(call),
  ]);
  const today = workspace?.today ?? '';
  const [material, mixUps, seasons] = await Promise.all([
    dueMaterial(call, sittings, today),
    dueMixUps(call, today),
    dueSeasons(call, today),
  ]);
  const steps = sittings.flatMap((s) => sittingStep(s, today) ?? []);
  return [...recovery(call), ...phones, ...steps, ...material, ...mixUps, ...seasons, ...bare];
}

export const dueHandlers = { due: async (call) => ({ body: await due(call) }) } satisfies Partial<Handlers>;
