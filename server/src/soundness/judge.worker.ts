import { parentPort } from 'node:worker_threads';
import { judgeQuiz } from '@hurrow/core/soundness';
import type { QuizAnswers } from '@hurrow/core/soundness';

/** Judges one quiz beside the main loop. */
parentPort?.once('message', (answers: QuizAnswers) => {
  try {
    parentPort?.postMessage({ result: judgeQuiz(answers) });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
