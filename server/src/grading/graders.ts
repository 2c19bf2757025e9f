import { grader } from '@hurrow/core/grading';
import type { GradingContext } from '@hurrow/core/grading';
import { keptThread } from '../threads/index.ts';
import { gradeText } from './gradeText.ts';
import type { TextGrades, TextTask } from './gradeText.ts';
import { plainContext } from './plainContext.ts';
import type { PlainContext } from './plainContext.ts';
import { stationRows } from './stationRows.ts';
import type { StationOfRun, StationRows } from './stationRows.ts';

/** Up to so many answers are graded at once; starting a thread would take longer. */
const SMALL = 3000;

/** What a thread is asked: the key first, then stations; of one with *of*, what its run writes. */
export type Asked =
  | { readonly context: PlainContext }
  | { readonly task: TextTask; readonly of?: StationOfRun };

type Told = { readonly done: TextGrades | StationRows } | { readonly failed: string };

interface Waiting {
  readonly resolve: (done: TextGrades | StationRows) => void;
  readonly reject: (e: Error) => void;
}

/** Grades stations, in the order in which they are asked for; ended once everything is graded. */
export interface Grading {
  readonly grade: (task: TextTask) => Promise<TextGrades>;
  /** Grades a station of a run, and makes ready what the run writes of it. */
  readonly rows: (task: TextTask, of: StationOfRun) => Promise<StationRows>;
  readonly end: () => void;
}

const thread = keptThread(new URL('./grade.worker.ts', import.meta.url));

function inThread(context: GradingContext): Grading {
  const worker = thread.take();
  const waiting: Waiting[] = [];
  const failAll = (error: Error): void => {
    for (const w of waiting.splice(0)) w.reject(error);
  };
  worker.on('message', (told: Told) => {
    const next = waiting.shift();
    if ('failed' in told) next?.reject(new Error(told.failed));
    else next?.resolve(told.done);
  });
  worker.on('error', failAll);
  worker.on('exit', (code) => failAll(new Error(`The grading thread ended with ${code}`)));
  worker.postMessage({ context: plainContext(context) });
  // Answers come in the order of what was asked, and are of its kind.
  const ask = <T extends TextGrades | StationRows>(asked: Asked): Promise<T> =>
    new Promise((resolve, reject) => {
      waiting.push({ resolve: (done) => resolve(done as T), reject });
      worker.postMessage(asked);
    });
  return {
    grade: (task) => ask<TextGrades>({ task }),
    rows: (task, of) => ask<StationRows>({ task, of }),
    // One that still has work to do is of no use to the next grading.
    end: () => (waiting.length === 0 ? thread.keep(worker) : void worker.terminate()),
  };
}

function atOnce(context: GradingContext): Grading {
  const grade = grader(context);
  return {
    grade: async (task) => Promise.resolve(gradeText(task, grade)),
    rows: async (task, of) => Promise.resolve(stationRows(of, gradeText(task, grade))),
    end: () => undefined,
  };
}

/**
 * Starts grading by a context; many answers in a thread of their own, so that phones are answered meanwhile. Each
 * distinct name of each truth is judged once.
 * @param answers about how many there are.
 */
export const startGrading = (context: GradingContext, answers: number): Grading =>
  answers <= SMALL ? atOnce(context) : inThread(context);

/** Lets a thread start while a sitting is closed, where grading it will need one. */
export function makeGradingReady(answers: number): void {
  if (answers > SMALL) thread.makeReady();
}
