import type { GradeEffect, KeyEffect, SittingEffect } from '@hurrow/contract';
import type { NameDecision, StationAnswer } from '@hurrow/core/grading';
import { normalise } from '@hurrow/core/names';
import { SEES_SECTION } from '../access/index.ts';
import { one } from '../db/index.ts';
import type { RowsText, Sql } from '../db/index.ts';
import { conflict, idParam } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { needSitting, newestRun, readKey, sittingById, truthOf } from '../sittings/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import { countAnswers, countedAnswers, firstAnswers } from './answers.ts';
import type { Whose } from './answers.ts';
import { benchOf } from './context.ts';
import type { Bench } from './context.ts';
import { sittingsWith } from './decisions.ts';
import { startGrading } from './graders.ts';
import type { Grading } from './graders.ts';
import type { KeptGrade } from './gradeText.ts';
import { namedGrades, placesOf } from './inForce.ts';
import { scopeOf } from './reach.ts';
import { byRevision } from './revisions.ts';

/** The points of each answer at a station by a key that may be another than the one in force, with whose it is. */
async function pointsAt(
  grading: Grading,
  station: StationKey | undefined,
  answers: RowsText<StationAnswer>,
): Promise<ReadonlyMap<string, KeptGrade>> {
  if (!station) return new Map();
  const { asks } = station.accept;
  const truth = truthOf(station);
  const { grades } = await grading.grade({ asks, truth, answers, calls: '[]', students: [] });
  return new Map(grades.map((g) => [g.response, g]));
}

const sum = (n: readonly number[]): number => Math.round(n.reduce((a, b) => a + b, 0) * 100) / 100;

/** Students by their number, with what they gain or lose, the largest change first. */
async function namedStudents(
  sql: Sql,
  ws: string,
  by: ReadonlyMap<string, number>,
): Promise<KeyEffect['byStudent']> {
  const rows = await sql.query<{ id: string; code: string; firstName: string | null }>(
    'select id, code, first_name as "firstName" from student where ws = $1 and id = any($2::uuid[])',
    [ws, [...by.keys()]],
  );
  return rows
    .map(({ id, code, firstName }) => ({ code, firstName, by: sum([by.get(id) ?? 0]) }))
    .filter((s) => s.by !== 0)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by) || a.code.localeCompare(b.code, 'en', { numeric: true }));
}

interface Change {
  readonly response: string;
  readonly student: string;
  readonly by: number;
}

/** Adds changes up by student; a grade that a person changed stays as it is. */
async function summed(sql: Sql, ws: string, all: readonly Change[]): Promise<KeyEffect> {
  const kept = await sql.query<{ response: string }>(
    'select response from override where ws = $1 and response = any($2::uuid[]) and withdrawn_at is null',
    [ws, all.map((c) => c.response)],
  );
  const overridden = new Set(kept.map((o) => o.response));
  const changed = all.filter((c) => !overridden.has(c.response));
  const by = new Map<string, number>();
  for (const c of changed) by.set(c.student, (by.get(c.student) ?? 0) + c.by);
  return {
    byStudent: await namedStudents(sql, ws, by),
    answers: changed.length,
    students: new Set(changed.map((c) => c.student)).size,
    gained: sum(changed.flatMap((c) => (c.by > 0 ? c.by : []))),
    lost: sum(changed.flatMap((c) => (c.by < 0 ? -c.by : []))),
  };
}

type Graders = Pick<Bench, 'stations' | 'earlier' | 'context'>;

/** The points of each answer at a station, by the revision of its key that holds for whoever gave it. */
async function pointsBy(
  sql: Sql,
  ws: string,
  grading: Grading,
  by: Pick<Bench, 'stations' | 'earlier'>,
  id: string,
  whose: Whose,
): Promise<ReadonlyMap<string, KeptGrade>> {
  const station = by.stations.get(id);
  if (!station || !by.earlier.has(id))
    return pointsAt(grading, station, await countedAnswers(sql, ws, id, whose));
  const there = whose ?? [...(await firstAnswers(sql, ws, id)).keys()];
  const found = new Map<string, KeptGrade>();
  for (const [key, own] of await byRevision(sql, ws, by, station, there))
    for (const [response, grade] of await pointsAt(grading, key, await countedAnswers(sql, ws, id, own)))
      found.set(response, grade);
  return found;
}

/**
 * What grading the same answers by other rules does to the points; nothing is written.
 * @param scope stations with the students there; everybody at all stations where it is not given.
 */
export async function effectBetween(
  sql: Sql,
  ws: string,
  sitting: Pick<SittingRow, 'id'>,
  old: Graders,
  next: Graders,
  scope: ReadonlyMap<string, Whose> = new Map([...next.stations.keys()].map((s) => [s, null])),
): Promise<KeyEffect> {
  const count = [...scope.values()].every((w) => w !== null) ? 0 : await countAnswers(sql, ws, sitting.id);
  const [before, after] = [startGrading(old.context, count), startGrading(next.context, count)];
  const changed: Change[] = [];
  try {
    for (const [id, whose] of scope) {
      const was = await pointsBy(sql, ws, before, old, id, whose);
      const is = await pointsBy(sql, ws, after, next, id, whose);
      for (const g of new Map([...was, ...is]).values()) {
        const by = (is.get(g.response)?.points ?? 0) - (was.get(g.response)?.points ?? 0);
        if (by !== 0) changed.push({ response: g.response, student: g.student, by });
      }
    }
  } finally {
    before.end();
    after.end();
  }
  return summed(sql, ws, changed);
}

/** A sitting with how it is called, and what a change does in it. */
export async function named(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  effect: KeyEffect,
): Promise<SittingEffect> {
  const { quiz, section } = await one<{ quiz: string; section: string }>(
    sql,
    `select q.name as quiz, c.name as section from quiz q, section c
     where q.ws = $1 and q.id = $2 and c.ws = $1 and c.id = $3`,
    [ws, sitting.quiz, sitting.section],
  );
  const returned = sitting.state === 'returned';
  return { ...effect, sitting: sitting.id, quiz, section, on: sitting.on_date, returned };
}

/** What a decision about a written name does in one sitting: only answers with that name are graded, twice. */
async function ruledIn(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  decision: NameDecision,
): Promise<SittingEffect | null> {
  const key = await readKey(sql, ws, sitting.id);
  if (!key) return null;
  const old = await benchOf(sql, ws, sitting, key);
  const decisions = new Map([...old.context.decisions, [decision.folded, decision] as const]);
  const next = { ...old, context: { ...old.context, decisions } };
  const scope = placesOf(await namedGrades(sql, ws, sitting.id, decision.folded));
  return named(sql, ws, sitting, await effectBetween(sql, ws, sitting, old, next, scope));
}

/** What a decision about a written name would do, in this sitting and in those before it. */
export async function previewRuling(call: CallOf<'rulingPreview'>): Promise<ReplyOf<'rulingPreview'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const { body } = call;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const decision = { folded: normalise(body.typed), taxon: body.taxon ?? null, outcome: body.outcome };
  const scope = scopeOf(call.who.role === 'assistant' ? 'sitting' : (body.scope ?? 'list'), sitting);
  const others = scope.scope === 'sitting' ? [] : await sittingsWith(db, ws, sitting, decision.folded, scope);
  // Of a class that somebody does not see, nobody is named.
  const seen = await db.query<{ id: string }>(
    `select s.id from sitting s where s.ws = $1 and s.id = any($3::uuid[]) and ${SEES_SECTION('s.section')}`,
    [ws, call.who.id, others.map((o) => o.sitting)],
  );
  const found: SittingEffect[] = [];
  for (const id of [sitting.id, ...others.map((o) => o.sitting)]) {
    const at = id === sitting.id ? sitting : await sittingById(db, ws, id);
    const effect = at ? await ruledIn(db, ws, at, decision) : null;
    const isSeen = id === sitting.id || seen.some((s) => s.id === id);
    if (effect) found.push(isSeen ? effect : { ...effect, byStudent: [] });
  }
  return { body: { sittings: found } };
}

/** What grading again would do: the grades in force against those that the key and decisions of now give. */
export async function previewGrading(call: Call<Account>): Promise<GradeEffect> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const run = await newestRun(db, ws, sitting.id);
  const key = await readKey(db, ws, sitting.id);
  if (run === null || !key)
    throw conflict('This sitting has not been graded yet.', { remedy: 'Grade it first.' });
  const bench = await benchOf(db, ws, sitting, key);
  const was = await db.query<{ response: string; student: string; points: number }>(
    `select g.response, t.student, g.points from run_grade g join response r on r.ws = g.ws and r.id = g.response
     join attempt t on t.ws = r.ws and t.id = r.attempt where g.ws = $1 and g.run = $2`,
    [ws, run],
  );
  const before = new Map(was.map((g) => [g.response, g]));
  const grading = startGrading(bench.context, was.length);
  const changed: Change[] = [];
  const counting = new Set<string>();
  try {
    for (const id of bench.stations.keys()) {
      for (const g of (await pointsBy(db, ws, grading, bench, id, null)).values()) {
        counting.add(g.response);
        const by = g.points - (before.get(g.response)?.points ?? 0);
        if (by !== 0) changed.push({ response: g.response, student: g.student, by });
      }
    }
  } finally {
    grading.end();
  }
  // An answer that counts no longer takes its points along.
  for (const g of was) if (!counting.has(g.response) && g.points !== 0) changed.push({ ...g, by: -g.points });
  return { sittings: [await named(db, ws, sitting, await summed(db, ws, changed))] };
}

/** The effect of other stations in one sitting, with how it is called. */
export async function effectOfStations(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  bench: Bench,
  { stations, earlier }: Pick<Bench, 'stations' | 'earlier'>,
): Promise<GradeEffect> {
  const next = { stations, earlier, context: bench.context };
  const effect = await effectBetween(sql, ws, sitting, bench, next);
  return { sittings: [await named(sql, ws, sitting, effect)] };
}
