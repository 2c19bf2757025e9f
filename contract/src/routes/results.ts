import type {
  Dispute,
  DisputeDecision,
  DecisionDue,
  GradeEffect,
  Grades,
  GradingDone,
  KeyRevisionBody,
  NameRuling,
  OverrideBody,
  RulingBody,
  RulingWithdrawn,
  SittingKey,
  StationDrop,
} from '../grading.ts';
import type { Evidence, MixUps } from '../mixups.ts';
import type { Soundness, TagDecision } from '../soundness.ts';
import type { WalkResults } from '../walk.ts';
import type { MisreadRow } from '../vocabulary.ts';
import { route, shape } from './route.ts';

/** Grades, decisions, keys and mix-ups. */
export const RESULTS = {
  misreads: route(
    'GET',
    '/api/sections/:id/misreads',
    'staff',
    'How often a section called characters wrong',
    { answer: shape<readonly MisreadRow[]>() },
  ),
  gradingRun: route('POST', '/api/sittings/:id/grading-runs', 'staff', 'Grade a sitting', {
    answer: shape<GradingDone>(),
    creates: true,
    makesStale: [
      'sitting',
      'quiz',
      'quizzes',
      'due',
      'grades',
      'mixups',
      'evidence',
      'misreads',
      'key',
      'decisionsDue',
      'gradingPreview',
      'soundness',
    ],
  }),
  grades: route('GET', '/api/sittings/:id/grades', 'staff', 'Grades of a sitting, answer by answer', {
    answer: shape<Grades>(),
  }),
  decisionsDue: route(
    'GET',
    '/api/sittings/:id/decisions-due',
    'staff',
    'Written names to decide about, those with the largest effect first',
    { answer: shape<readonly DecisionDue[]>() },
  ),
  gradingPreview: route(
    'GET',
    '/api/sittings/:id/grading-preview',
    'staff',
    'Who would gain and lose if the sitting were graded again',
    { answer: shape<GradeEffect>() },
  ),
  rulingPreview: route(
    'POST',
    '/api/sittings/:id/ruling-previews',
    'staff',
    'What a decision about a written name would do, in earlier sittings too',
    { body: shape<RulingBody>(), answer: shape<GradeEffect>() },
  ),
  stationDropPreview: route(
    'POST',
    '/api/sittings/:id/station-drop-previews',
    'teachers',
    'Who would gain and lose if a station did not count',
    { body: shape<StationDrop>(), answer: shape<GradeEffect>() },
  ),
  stationDrop: route(
    'POST',
    '/api/sittings/:id/station-drops',
    'teachers',
    'Drop a station of a sitting, so that it counts for nobody',
    {
      body: shape<StationDrop>(),
      answer: shape<SittingKey>(),
      creates: true,
      makesStale: ['key', 'grades', 'sitting', 'due', 'gradingPreview'],
    },
  ),
  soundness: route(
    'GET',
    '/api/sittings/:id/soundness',
    'staff',
    'What the answers of a sitting say about the quiz',
    { answer: shape<Soundness>() },
  ),
  tagPreview: route(
    'POST',
    '/api/sittings/:id/tag-previews',
    'teachers',
    'Who would gain and lose if the tree at a station were another species',
    { body: shape<TagDecision>(), answer: shape<GradeEffect>() },
  ),
  tagDecide: route(
    'POST',
    '/api/sittings/:id/tag-decisions',
    'teachers',
    'Change the ID of the tree at a station, or say that its tag is right',
    {
      body: shape<TagDecision>(),
      answer: shape<Soundness>(),
      creates: true,
      makesStale: [
        'soundness',
        'trees',
        'quiz',
        'sitting',
        'due',
        'grades',
        'mixups',
        'evidence',
        'misreads',
        'key',
        'decisionsDue',
        'gradingPreview',
      ],
    },
  ),
  slips: route('GET', '/api/sittings/:id/slips', 'staff', 'Results of all students, as they see them', {
    answer: shape<readonly WalkResults[]>(),
  }),
  override: route('POST', '/api/responses/:id/override', 'staff', 'Override a grade with a reason', {
    body: shape<OverrideBody>(),
    creates: true,
    makesStale: ['grades', 'sitting', 'due', 'mixups', 'evidence', 'misreads', 'decisionsDue', 'soundness'],
  }),
  overrideWithdraw: route('DELETE', '/api/responses/:id/override', 'staff', 'Withdraw an override', {
    makesStale: ['grades', 'sitting', 'due', 'mixups', 'evidence', 'misreads', 'decisionsDue', 'soundness'],
  }),
  ruling: route('PUT', '/api/sittings/:id/name-rulings', 'staff', 'Decide a written name once for all', {
    body: shape<RulingBody>(),
    answer: shape<GradingDone>(),
    makesStale: [
      'rulings',
      'grades',
      'sitting',
      'due',
      'mixups',
      'evidence',
      'misreads',
      'decisionsDue',
      'gradingPreview',
      'soundness',
    ],
  }),
  rulings: route('GET', '/api/name-rulings', 'staff', 'Decisions about written names', {
    answer: shape<readonly NameRuling[]>(),
  }),
  rulingWithdraw: route(
    'DELETE',
    '/api/name-rulings/:id',
    'teachers',
    'Withdraw a decision about a written name',
    {
      answer: shape<RulingWithdrawn>(),
      makesStale: ['rulings', 'grades', 'sitting', 'due', 'decisionsDue', 'gradingPreview'],
    },
  ),
  disputes: route(
    'GET',
    '/api/sittings/:id/disputes',
    'staff',
    'Late answers, and answers that contradict others',
    { answer: shape<readonly Dispute[]>() },
  ),
  disputesDecide: route(
    'POST',
    '/api/sittings/:id/dispute-decisions',
    'staff',
    'Count, keep or drop disputed answers',
    {
      body: shape<DisputeDecision>(),
      answer: shape<readonly Dispute[]>(),
      makesStale: ['disputes', 'sitting', 'grades', 'due', 'sheet'],
    },
  ),
  key: route(
    'GET',
    '/api/sittings/:id/key',
    'staff',
    'The key of a sitting, and what has changed since it was locked',
    { answer: shape<SittingKey>() },
  ),
  keyRevise: route(
    'POST',
    '/api/sittings/:id/key-revisions',
    'teachers',
    'Take what has changed into a new revision of the key',
    {
      body: shape<KeyRevisionBody>(),
      answer: shape<SittingKey>(),
      creates: true,
      makesStale: ['key', 'grades', 'sitting', 'due', 'decisionsDue', 'gradingPreview'],
    },
  ),
  mixups: route('GET', '/api/sections/:id/mixups', 'staff', 'Mix-ups of a section', {
    answer: shape<MixUps>(),
  }),
  evidence: route('GET', '/api/sections/:id/mixups/:truth/:answer', 'staff', 'The answers a mix-up counts', {
    answer: shape<Evidence>(),
  }),
} as const;
