import type { ListLore, RuleBody, RuleRow } from '../compare.ts';
import type {
  ChallengedTree,
  GrowingHere,
  OccurrenceBody,
  OccurrenceRow,
  RangeBody,
  RangeDetail,
} from '../ranges.ts';
import { route, shape } from './route.ts';

/** Comparing species, rules of thumb, ranges. */
export const COMPARING = {
  listLore: route(
    'GET',
    '/api/lists/:id/lore',
    'staff',
    'Look-alikes, names, roots and cautions of the members of a list',
    { answer: shape<ListLore>() },
  ),
  rules: route('GET', '/api/rules', 'staff', 'Rules of thumb', { answer: shape<readonly RuleRow[]>() }),
  ruleCreate: route('POST', '/api/rules', 'teachers', 'Keep a rule of thumb', {
    body: shape<RuleBody>(),
    answer: shape<RuleRow>(),
    creates: true,
    makesStale: ['rules'],
  }),
  ruleChange: route('PUT', '/api/rules/:id', 'teachers', 'Change a rule of thumb', {
    body: shape<RuleBody>(),
    answer: shape<RuleRow>(),
    ifMatch: true,
    makesStale: ['rules'],
  }),
  ruleRemove: route('DELETE', '/api/rules/:id', 'teachers', 'Give a rule of thumb up', {
    ifMatch: true,
    makesStale: ['rules'],
  }),
  range: route('GET', '/api/species/:id/range', 'staff', 'Where a species grows, with what challenges it', {
    answer: shape<RangeDetail>(),
  }),
  rangeChange: route('PUT', '/api/species/:id/range', 'teachers', 'Change where a species grows', {
    body: shape<RangeBody>(),
    answer: shape<RangeDetail>(),
    ifMatch: true,
    makesStale: ['range', 'profile', 'challenges', 'growing'],
  }),
  challenges: route(
    'GET',
    '/api/range-challenges',
    'staff',
    'Located trees outside the range of their species',
    { answer: shape<readonly ChallengedTree[]>() },
  ),
  growing: route('GET', '/api/growing', 'staff', 'Who could grow at a place', {
    answer: shape<GrowingHere>(),
  }),
  occurrencesAsk: route(
    'POST',
    '/api/species/:id/occurrences/search',
    'teachers',
    'Ask the occurrence service for records of a species',
    { answer: shape<readonly OccurrenceRow[]>() },
  ),
  occurrenceJudge: route('PUT', '/api/species/:id/occurrences', 'teachers', 'Accept or reject a record', {
    body: shape<OccurrenceBody>(),
    answer: shape<RangeDetail>(),
    makesStale: ['range'],
  }),
} as const;
