import type { ImportRow, JobStarted, JobState } from '../exchange.ts';
import { route, shape } from './route.ts';

/** Files in and out, and long work. */
export const EXCHANGE = {
  importPreview: route('POST', '/api/imports/preview', 'teachers', 'What a file would change, as a job', {
    answer: shape<JobStarted>(),
    file: 'text',
  }),
  importApply: route('POST', '/api/imports', 'teachers', 'Take a file in, whole or not at all, as a job', {
    answer: shape<JobStarted>(),
    file: 'text',
    creates: true,
  }),
  imports: route('GET', '/api/imports', 'staff', 'Imports, the newest first', {
    answer: shape<readonly ImportRow[]>(),
  }),
  importUndo: route('POST', '/api/imports/:id/undo', 'teachers', 'Undo an import', { creates: true }),
  exportFile: route('GET', '/api/exports/:format', 'teachers', 'The library or a roster as a file', {
    answersFile: true,
  }),
  resultsFile: route('GET', '/api/results/:format', 'teachers', 'Answers, grades or sittings as a file', {
    answersFile: true,
  }),
  job: route('GET', '/api/jobs/:token', 'anyone', 'How far long work has come', {
    answer: shape<JobState>(),
    withoutSession: true,
  }),
  jobCancel: route('POST', '/api/jobs/:token/cancel', 'anyone', 'Stop long work; it leaves nothing', {
    withoutSession: true,
  }),
} as const;
