import type { AppliedRates, ApplyBody, CharactersOfClass, FitBody, SectionsAndYears } from '../characters.ts';
import type { JobStarted } from '../exchange.ts';
import type { ReadingCorrection, ReadingsOfClass } from '../mixups.ts';
import { route, shape } from './route.ts';

/** Which characters a class misses, how its wrong answers are read, and how other classes did. */
export const CHARACTERS = {
  characters: route(
    'GET',
    '/api/sections/:id/characters',
    'staff',
    'How often a section misses each character',
    {
      answer: shape<CharactersOfClass>(),
    },
  ),
  charactersFit: route(
    'POST',
    '/api/sections/:id/characters/fit',
    'staff',
    'Work out how often a section misses each character, as a job',
    { body: shape<FitBody>(), answer: shape<JobStarted>() },
  ),
  charactersApply: route(
    'PUT',
    '/api/sections/:id/characters/applied',
    'teachers',
    'Let the rates of a section weigh in its tells, difficulty and lessons, or no more',
    {
      body: shape<ApplyBody>(),
      answer: shape<CharactersOfClass>(),
      makesStale: ['characters', 'missRates'],
    },
  ),
  missRates: route(
    'GET',
    '/api/sections/:id/miss-rates',
    'staff',
    'The rates of a section that were applied',
    {
      answer: shape<AppliedRates>(),
    },
  ),
  readings: route(
    'GET',
    '/api/sections/:id/readings',
    'staff',
    'How the wrong answers of a section are read',
    {
      answer: shape<ReadingsOfClass>(),
    },
  ),
  readingCorrect: route(
    'PUT',
    '/api/sections/:id/readings',
    'staff',
    'Give a wrong answer another reading, or take it back',
    {
      body: shape<ReadingCorrection>(),
      answer: shape<ReadingsOfClass>(),
      makesStale: ['readings', 'evidence'],
    },
  ),
  sectionsAndYears: route(
    'GET',
    '/api/sections/:id/years',
    'staff',
    'The mix-ups of a section beside those of other sections under the same conditions',
    { answer: shape<SectionsAndYears>() },
  ),
} as const;
