import type { LessonBody, LessonRow, ReviewAnswer, SpecimenAtHand } from '../reteach.ts';
import { route, shape } from './route.ts';

const STALE = [
  'lessons',
  'due',
  'mixups',
  'mixUpGroups',
  'mixUpsByStudent',
  'evidence',
  'characters',
  'readings',
] as const;

/** Lessons of a class and what followed them. */
export const RETEACH = {
  lessons: route(
    'GET',
    '/api/sections/:id/lessons',
    'staff',
    'Lessons of a section, and what followed them',
    {
      answer: shape<readonly LessonRow[]>(),
    },
  ),
  lessonRecord: route('POST', '/api/sections/:id/lessons', 'staff', 'Record a lesson', {
    body: shape<LessonBody>(),
    answer: shape<readonly LessonRow[]>(),
    creates: true,
    makesStale: STALE,
  }),
  lessonChange: route('PUT', '/api/sections/:id/lessons/:lesson', 'staff', 'Correct a lesson', {
    body: shape<LessonBody>(),
    answer: shape<readonly LessonRow[]>(),
    makesStale: STALE,
  }),
  lessonRemove: route('DELETE', '/api/sections/:id/lessons/:lesson', 'staff', 'Remove a lesson', {
    answer: shape<readonly LessonRow[]>(),
    makesStale: STALE,
  }),
  specimens: route('GET', '/api/specimens', 'staff', 'Cut parts that are at hand', {
    answer: shape<readonly SpecimenAtHand[]>(),
  }),
  review: route(
    'GET',
    '/api/sections/:id/review/:truth/:answer',
    'staff',
    'Wrong answers of a pair as written, of nobody, for a class to look at together',
    { answer: shape<readonly ReviewAnswer[]>() },
  ),
} as const;
