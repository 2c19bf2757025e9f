import type { MixUpSettings } from '@hurrow/core/mixups';
import type {
  Evidence,
  MixUpGroups,
  MixUps,
  MixUpsByStudent,
  RetestBody,
  RetestRow,
  SettingsEffect,
} from '../mixups.ts';
import type { MisreadRow } from '../vocabulary.ts';
import { FROM_ANSWERS, route, shape } from './route.ts';

/** Which species are named for which, by whom, and what is to be asked again. */
export const MIXUPS = {
  misreads: route(
    'GET',
    '/api/sections/:id/misreads',
    'staff',
    'How often a section called characters wrong',
    { answer: shape<readonly MisreadRow[]>() },
  ),
  mixups: route('GET', '/api/sections/:id/mixups', 'staff', 'Mix-ups of a section', {
    answer: shape<MixUps>(),
  }),
  mixUpGroups: route(
    'GET',
    '/api/sections/:id/mixup-groups',
    'staff',
    'Mix-ups of a section between groups of species',
    {
      answer: shape<MixUpGroups>(),
    },
  ),
  evidence: route('GET', '/api/sections/:id/mixups/:truth/:answer', 'staff', 'The answers a mix-up counts', {
    answer: shape<Evidence>(),
  }),
  mixUpsByStudent: route(
    'GET',
    '/api/sections/:id/mixups-by-student',
    'staff',
    'Mix-ups of each student of a section',
    { answer: shape<MixUpsByStudent>() },
  ),
  mixUpSettings: route('GET', '/api/mix-up-settings', 'staff', 'What counts as a mix-up of a class', {
    answer: shape<MixUpSettings>(),
  }),
  mixUpSettingsKeep: route(
    'PUT',
    '/api/mix-up-settings',
    'teachers',
    'Decide what counts as a mix-up of a class',
    {
      body: shape<MixUpSettings>(),
      answer: shape<MixUpSettings>(),
      makesStale: [
        'mixUpSettings',
        'mixups',
        'mixUpGroups',
        'mixUpsByStudent',
        'evidence',
        'retest',
        ...FROM_ANSWERS,
      ],
    },
  ),
  mixUpSettingsEffect: route(
    'POST',
    '/api/mix-up-settings/effect',
    'teachers',
    'Show what other settings would change, and change nothing',
    { body: shape<MixUpSettings>(), answer: shape<readonly SettingsEffect[]>() },
  ),
  retest: route('GET', '/api/sections/:id/retest', 'staff', 'What a section is to be asked again', {
    answer: shape<readonly RetestRow[]>(),
  }),
  retestKeep: route(
    'POST',
    '/api/sections/:id/retest',
    'staff',
    'Keep a pair or a character to be asked again',
    {
      body: shape<RetestBody>(),
      answer: shape<readonly RetestRow[]>(),
      creates: true,
      makesStale: ['retest', 'mixups', 'evidence'],
    },
  ),
  retestDrop: route(
    'DELETE',
    '/api/sections/:id/retest/:retest',
    'staff',
    'Ask a pair or a character no more',
    {
      answer: shape<readonly RetestRow[]>(),
      makesStale: ['retest', 'mixups', 'evidence'],
    },
  ),
} as const;
