import { gradeStation } from '@hurrow/core/grading';
import type { Graded, Grader, KeyAsk, KeyTruth, StudentLook } from '@hurrow/core/grading';
import type { FirstCall, StationAnswer } from '@hurrow/core/grading';
import { rowsOf } from '../db/index.ts';
import type { RowsText } from '../db/index.ts';

/** All that is graded of one station, its answers still as text. */
export interface TextTask {
  readonly asks: readonly KeyAsk[];
  readonly truth: KeyTruth;
  readonly answers: RowsText<StationAnswer>;
  readonly calls: RowsText<FirstCall>;
  readonly students: readonly string[];
  /** Students whose sheet may be off by a line here. */
  readonly waiting?: readonly string[];
}

/** A grade as it is kept. */
export interface KeptGrade extends Graded {
  readonly response: string;
  readonly student: string;
  readonly most: number;
}

export interface TextGrades {
  readonly grades: readonly KeptGrade[];
  readonly looks: readonly StudentLook[];
}

/** Grades a station whose answers are text; how sure somebody was has no grade to be kept. */
export function gradeText(task: TextTask, grade: Grader): TextGrades {
  const { grades, looks } = gradeStation(
    { ...task, answers: rowsOf(task.answers), calls: rowsOf(task.calls) },
    grade,
  );
  return {
    looks,
    grades: grades.flatMap(({ answer, ask, grade: g }): KeptGrade[] =>
      g === null ? [] : [{ response: answer.response, student: answer.student, most: ask.most, ...g }],
    ),
  };
}
