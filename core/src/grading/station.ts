import { isNoLook } from '../answers/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { Grader } from './gradeAnswer.ts';
import { asksSpecies, lookOf } from './looks.ts';
import type { LookCall, StationLook } from './looks.ts';
import { lessClues } from './clues.ts';
import { grouped } from './grouped.ts';
import type { Graded, KeyAsk, KeyTruth } from './types.ts';

/** An answer that counts, of one student at one station. */
export interface StationAnswer {
  readonly response: string;
  readonly attempt: string;
  readonly student: string;
  /** The id of the question. */
  readonly ask: string;
  readonly value: AnswerValue;
  readonly origin: 'phone' | 'paper' | 'import';
  readonly cluesOpen: number;
  readonly seq: number;
}

/** A character question, at the value a phone or sheet had first. */
export interface FirstCall {
  readonly attempt: string;
  readonly character: string;
  readonly seq: number;
  readonly value: AnswerValue;
}

/** All that is graded of one station. */
export interface StationTask {
  readonly asks: readonly KeyAsk[];
  readonly truth: KeyTruth;
  readonly answers: readonly StationAnswer[];
  readonly calls: readonly FirstCall[];
  /** Students who took part, whether or not they answered here. */
  readonly students: readonly string[];
  /** Students whose sheet may be off by a line here, which nobody has decided yet. */
  readonly waiting?: readonly string[];
}

/** An answer with its question and its grade; null for how sure somebody was, which has no grade. */
export interface AnswerGrade {
  readonly answer: StationAnswer;
  readonly ask: KeyAsk;
  readonly grade: Graded | null;
}

/** One student's look at the station, with the character questions answered before the name. */
export interface StudentLook extends StationLook {
  readonly student: string;
  readonly calls: readonly LookCall[];
}

/** A name is worth less by what the clues cost that were open when it was given. */
function withClues(graded: Graded, answer: StationAnswer, ask: KeyAsk, { clues }: KeyTruth): Graded {
  const isName =
    ask.accepted.kind === 'name' || (ask.accepted.kind === 'choice' && ask.accepted.taxa !== undefined);
  if (!clues || clues.length === 0 || !isName || graded.points === 0) return graded;
  const points = lessClues(graded.points, clues, answer.cluesOpen);
  return points === graded.points
    ? graded
    : { ...graded, points, why: `${graded.why}, less the clues opened` };
}

/** Grades the answers at a station; one to a question that the key does not hold is left out. */
export function gradeAnswers(
  task: Pick<StationTask, 'asks' | 'truth' | 'answers'>,
  grade: Grader,
): readonly AnswerGrade[] {
  const asks = new Map(task.asks.map((a) => [a.id, a]));
  return task.answers.flatMap((answer): AnswerGrade[] => {
    const ask = asks.get(answer.ask);
    if (!ask) return [];
    if (ask.kind === 'sureness') return [{ answer, ask, grade: null }];
    return [{ answer, ask, grade: withClues(grade(answer.value, ask, task.truth), answer, ask, task.truth) }];
  });
}

function callsBefore(
  task: Pick<StationTask, 'asks' | 'truth'>,
  calls: readonly FirstCall[],
  seq: number,
  grade: Grader,
): readonly LookCall[] {
  return calls
    .filter((c) => c.seq <= seq)
    .flatMap(({ character, value }): LookCall[] => {
      const ask = task.asks.find((a) => a.character === character);
      return ask ? [{ character, value, outcome: grade(value, ask, task.truth).outcome }] : [];
    });
}

/**
 * Makes one look of every student who took part, at a station that asks for a species; none at any other.
 * @param graded the answers at the station with their grades.
 */
export function looksAt(
  task: StationTask,
  graded: readonly AnswerGrade[],
  grade: Grader,
): readonly StudentLook[] {
  if (task.truth.dropped || !asksSpecies(task.asks)) return [];
  const byStudent = grouped(graded, (g) => g.answer.student);
  const byAttempt = grouped(task.calls, (c) => c.attempt);
  return task.students.flatMap((student): StudentLook[] => {
    const own = byStudent.get(student) ?? [];
    // Whoever did not get there looked at nothing; so did whoever's sheet has an open question about this line.
    if (own.length > 0 && own.every((g) => isNoLook(g.answer.value))) return [];
    if (task.waiting?.includes(student)) return [];
    const look = lookOf(
      own.map(({ answer, ...g }) => ({ ...answer, ...g })),
      task.truth.taxon,
    );
    const seq = own.find((g) => g.answer.response === look.response)?.answer.seq ?? 0;
    const calls = byAttempt.get(look.attempt ?? '') ?? [];
    return [{ ...look, student, calls: callsBefore(task, calls, seq, grade) }];
  });
}

/** What grading a station brings. */
export interface StationGrades {
  readonly grades: readonly AnswerGrade[];
  readonly looks: readonly StudentLook[];
}

/**
 * Grades a station whole. Pure: the same answers, key and decisions always bring the same. Source: docs/domain.md,
 * Grades.
 */
export function gradeStation(task: StationTask, grade: Grader): StationGrades {
  const grades = gradeAnswers(task, grade);
  return { grades, looks: looksAt(task, grades, grade) };
}
