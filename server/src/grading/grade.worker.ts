import { parentPort } from 'node:worker_threads';
import { grader } from '@hurrow/core/grading';
import type { Grader } from '@hurrow/core/grading';
import { nameIndex } from '@hurrow/core/names';
import { gradeText } from './gradeText.ts';
import type { Asked } from './graders.ts';
import { wholeContext } from './plainContext.ts';
import { stationRows } from './stationRows.ts';

let grade: Grader | null = null;

// The checklist of names takes half a second once, which should not fall into the first grading.
nameIndex([]);

parentPort?.on('message', (asked: Asked) => {
  if ('context' in asked) {
    grade = grader(wholeContext(asked.context));
    return;
  }
  try {
    if (!grade) throw new Error('Grading was asked for before its key was given');
    const graded = gradeText(asked.task, grade);
    parentPort?.postMessage({ done: asked.of ? stationRows(asked.of, graded) : graded });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
