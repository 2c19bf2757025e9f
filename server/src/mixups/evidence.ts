import type { CountOf, Evidence, EvidenceRow, PairReminder } from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import { poissonTail, quasiIndependence } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { background } from './background.ts';
import type { Background } from './background.ts';
import { diagnoses } from './diagnoses.ts';
import type { Diagnosed } from './diagnoses.ts';
import { readLessons, readLooksAt, readTells, readWritten } from './looks.ts';
import type { LookRow } from './looks.ts';
import { splitsOf, tellsSeen, throughOf, whoOf } from './pairParts.ts';
import { bothWays, directionIn } from './pairs.ts';
import type { BoardScope } from './boardTypes.ts';
import { effectsOf } from '../sums/index.ts';
import { vocabularyToRead } from '../library/index.ts';

const evidenceRow = (look: LookRow, written: AnswerValue | undefined, diagnosed: Diagnosed): EvidenceRow => ({
  response: look.id,
  sittingStation: look.sitting_station,
  student: look.student,
  code: look.code,
  firstName: look.first_name,
  on: look.on_date,
  sitting: look.sitting,
  quiz: look.quiz_name,
  station: look.number,
  tag: look.tag ?? '',
  typed: written ? answerText(written) : '',
  sure: look.sure,
  origin: look.origin ?? '',
  material: look.conditions.material,
  handling: look.conditions.handling,
  distance: look.conditions.distance,
  calls: look.calls.map(({ character, value, outcome }) => ({
    character,
    state: value.kind === 'state' ? value.state : answerText(value),
    outcome,
    shown: look.shown[character] ?? 'not recorded',
  })),
  ...diagnosed,
});

const readNotes = (sql: Sql, ws: string, a: string, b: string): Promise<readonly PairReminder[]> =>
  sql.query<PairReminder>(
    `select character, text, mnemonic from pair_note
     where ws = $1 and (a = $2 and b = $3 or a = $3 and b = $2) order by id`,
    [ws, a, b],
  );

/** The plainer test: what rows and columns alone would give of the wrong answers. Source: docs/formulas.md, More than slips. */
function plainTest(b: Background, truth: string, answer: string, k: number): Evidence['plainTest'] {
  if (b.small) return null;
  const wrong = new Map<string, Map<string, number>>();
  for (const r of b.rows) {
    if (r.named !== 'other' || r.answer === null) continue;
    const of = wrong.get(r.truth) ?? new Map<string, number>();
    wrong.set(r.truth, of.set(r.answer, r.looks));
  }
  const names = new Set(b.rows.flatMap((r) => (r.answer === null ? [r.truth] : [r.truth, r.answer])));
  const expected = quasiIndependence(wrong, [...names])(truth, answer);
  return { expected, p: poissonTail(k, expected) };
}

/** What followed lessons on the pair; of several classes together nothing is said. */
async function readEffects(
  sql: Sql,
  ws: string,
  { sections }: BoardScope,
  truth: string,
  answer: string,
): Promise<Evidence['effects']> {
  const [only] = sections;
  if (only === undefined || sections.length > 1) return [];
  return (await effectsOf(sql, ws, only, truth, answer)).map(({ on, effect }) => ({
    on,
    verdict: effect.verdict,
    before: effect.before,
    after: effect.after,
  }));
}

/** Exactly the looks that a mix-up counts in its k, as written. Null where there is no such mix-up. */
export async function readEvidence(
  sql: Sql,
  ws: string,
  scope: BoardScope,
  truth: string,
  answer: string,
): Promise<Evidence | null> {
  const b = await background(sql, ws, scope);
  const [pair, turned] = bothWays(b, truth, answer);
  if (!pair) return null;
  const all = await readLooksAt(sql, ws, scope, [truth, answer]);
  const looks = all.filter((l) => l.truth === truth && l.named === 'other' && l.answer === answer);
  const written = await readWritten(
    sql,
    ws,
    looks.flatMap((l) => l.response ?? []),
  );
  const vocabulary = await vocabularyToRead(sql, ws);
  const read = await diagnoses(sql, ws, scope.sections, all, looks);
  const split = (met: boolean): CountOf => ({
    k: looks.filter((l) => l.met_before === met).length,
    n: all.filter((l) => l.truth === truth && l.met_before === met).length,
  });
  return {
    pair,
    fresh: split(false),
    met: split(true),
    direction: directionIn(b, truth, answer),
    rows: looks.map((l) => evidenceRow(l, written.get(l.response ?? ''), read(l))),
    turned,
    through: throughOf(all, truth, answer),
    effects: await readEffects(sql, ws, scope, truth, answer),
    splits: splitsOf(all, truth, answer),
    who: whoOf(all, truth, answer),
    notes: await readNotes(sql, ws, truth, answer),
    plainTest: plainTest(b, truth, answer, pair.k),
    lessons: await readLessons(sql, ws, scope.sections, [truth, answer]),
    tells: tellsSeen(
      looks,
      await readTells(sql, ws, [...new Set(looks.map((l) => l.sitting_station))], answer),
      // Where a tree stands is no mark of it: it may be planted.
      (c) => vocabulary.get(c)?.organ !== 'site',
    ),
  };
}
