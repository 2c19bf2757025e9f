import type {
  QuizBody,
  QuizChange,
  QuizDetail,
  QuizPlanBody,
  QuizSummary,
  Station,
  StationBody,
  StationOrder,
  StationsBody,
} from '../quizzes.ts';
import type {
  CuttingRow,
  SpecimenBody,
  DeviceDecision,
  Devices,
  HoldDays,
  Holds,
  JoinCode,
  SettingBody,
  SittingBody,
  SittingChange,
  SittingDetail,
  SittingMoved,
  SittingStep,
  StationRelease,
  SwapBody,
} from '../sittings.ts';
import type { TreeBody, TreeChange, TreeChecks, TreeRow } from '../trees.ts';
import { FROM_ANSWERS, route, shape } from './route.ts';

/** Trees, quizzes, stations, sittings. */
export const QUIZZES = {
  trees: route('GET', '/api/trees', 'staff', 'Tagged trees with what they are certified to show', {
    answer: shape<readonly TreeRow[]>(),
  }),
  treeCreate: route('POST', '/api/trees', 'teachers', 'Tag a tree', {
    body: shape<TreeBody>(),
    answer: shape<TreeRow>(),
    creates: true,
    makesStale: ['trees', 'range', 'challenges'],
  }),
  treeChange: route('PUT', '/api/trees/:id', 'teachers', 'Correct a tree', {
    body: shape<TreeChange>(),
    answer: shape<TreeRow>(),
    ifMatch: true,
    makesStale: ['trees', 'range', 'challenges', 'quiz', 'sitting', 'due'],
  }),
  treeChecks: route('POST', '/api/trees/:id/checks', 'teachers', 'Record what a tree really shows', {
    body: shape<TreeChecks>(),
    answer: shape<TreeRow>(),
    makesStale: ['trees', 'quiz', 'sitting', 'key', 'due'],
  }),
  quizzes: route('GET', '/api/quizzes', 'staff', 'Quizzes with their sittings', {
    answer: shape<readonly QuizSummary[]>(),
  }),
  quizChange: route('PUT', '/api/quizzes/:id', 'teachers', 'Change or archive a quiz', {
    body: shape<QuizChange>(),
    answer: shape<QuizDetail>(),
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'due'],
  }),
  quizRemove: route('DELETE', '/api/quizzes/:id', 'teachers', 'Delete a quiz that has no sitting', {
    ifMatch: true,
    makesStale: ['quizzes', 'due'],
  }),
  stationsAdd: route(
    'POST',
    '/api/quizzes/:id/stations/batch',
    'teachers',
    'Add many trees as stations that ask the same',
    {
      body: shape<StationsBody>(),
      answer: shape<QuizDetail>(),
      creates: true,
      makesStale: ['quiz', 'quizzes', 'sitting', 'due', 'cuttingList'],
    },
  ),
  quizCreate: route('POST', '/api/quizzes', 'teachers', 'Make a quiz', {
    body: shape<QuizBody>(),
    answer: shape<QuizDetail>(),
    creates: true,
    makesStale: ['quizzes', 'due'],
  }),
  quiz: route('GET', '/api/quizzes/:id', 'staff', 'A quiz with its stations', {
    answer: shape<QuizDetail>(),
  }),
  quizPlan: route('PUT', '/api/quizzes/:id/plan', 'teachers', 'How a quiz is run and graded', {
    body: shape<QuizPlanBody>(),
    answer: shape<QuizDetail>(),
    ifMatch: true,
    makesStale: ['quiz', 'sitting', 'due'],
  }),
  stationsOrder: route('PUT', '/api/quizzes/:id/order', 'teachers', 'Put stations in another order', {
    body: shape<StationOrder>(),
    answer: shape<QuizDetail>(),
    ifMatch: true,
    makesStale: ['quiz', 'sitting', 'due', 'cuttingList'],
  }),
  stationCreate: route('POST', '/api/quizzes/:id/stations', 'teachers', 'Add a station', {
    body: shape<StationBody>(),
    answer: shape<Station>(),
    creates: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due', 'cuttingList'],
  }),
  stationChange: route('PUT', '/api/stations/:id', 'teachers', 'Change a station', {
    body: shape<StationBody>(),
    answer: shape<Station>(),
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due', 'cuttingList'],
  }),
  stationRemove: route('DELETE', '/api/stations/:id', 'teachers', 'Take a station out', {
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due', 'cuttingList'],
  }),
  sittingCreate: route('POST', '/api/quizzes/:id/sittings', 'teachers', 'Make a sitting', {
    body: shape<SittingBody>(),
    answer: shape<SittingDetail>(),
    creates: true,
    makesStale: ['quiz', 'quizzes', 'due'],
  }),
  sitting: route('GET', '/api/sittings/:id', 'staff', 'A sitting with its stations and who has joined', {
    answer: shape<SittingDetail>(),
  }),
  sittingChange: route('PUT', '/api/sittings/:id', 'teachers', 'Change the date or handling of a draft', {
    body: shape<SittingChange>(),
    answer: shape<SittingDetail>(),
    ifMatch: true,
    makesStale: ['sitting', 'quiz', 'quizzes', 'due', 'cuttingList'],
  }),
  sittingRemove: route('DELETE', '/api/sittings/:id', 'teachers', 'Delete a draft of a sitting', {
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'due'],
  }),
  sittingStation: route('PUT', '/api/sitting-stations/:id', 'teachers', 'What is at hand at a station', {
    body: shape<SettingBody>(),
    answer: shape<SittingDetail>(),
    ifMatch: true,
    makesStale: ['sitting', 'key', 'cuttingList'],
  }),
  cuttingList: route(
    'GET',
    '/api/sittings/:id/cutting-list',
    'staff',
    'What to cut or gather for a sitting',
    {
      answer: shape<readonly CuttingRow[]>(),
    },
  ),
  specimenChange: route(
    'PUT',
    '/api/sitting-stations/:id/specimens/:material',
    'staff',
    'Say how far something cut or gathered has come',
    {
      body: shape<SpecimenBody>(),
      answer: shape<readonly CuttingRow[]>(),
      ifMatch: true,
      makesStale: ['cuttingList', 'sitting', 'key', 'specimens', 'due'],
    },
  ),
  stationSwap: route(
    'POST',
    '/api/sitting-stations/:id/swap',
    'teachers',
    'Put another tree at a station whose key is locked',
    {
      body: shape<SwapBody>(),
      answer: shape<SittingDetail>(),
      ifMatch: true,
      makesStale: ['sitting', 'key', 'grades', 'cuttingList'],
    },
  ),
  sittingState: route(
    'POST',
    '/api/sittings/:id/state',
    'staff',
    'Lock the key, open or close a sitting, return its results',
    {
      body: shape<SittingStep>(),
      answer: shape<SittingMoved>(),
      ifMatch: true,
      makesStale: [
        'sitting',
        'quiz',
        'quizzes',
        'due',
        'grades',
        'mixups',
        'mixUpGroups',
        'mixUpsByStudent',
        'evidence',
        'key',
        'devices',
        'disputes',
        'holds',
        ...FROM_ANSWERS,
      ],
    },
  ),
  sittingCode: route('POST', '/api/sittings/:id/code', 'staff', 'Make a new join code', {
    answer: shape<JoinCode>(),
  }),
  devices: route(
    'GET',
    '/api/sittings/:id/devices',
    'staff',
    'Phones of a sitting, and those that ask to join',
    { answer: shape<Devices>() },
  ),
  deviceDecide: route('POST', '/api/devices/:id/decision', 'staff', 'Let a phone in, refuse it or end it', {
    body: shape<DeviceDecision>(),
    makesStale: ['devices', 'sitting', 'due'],
  }),
  wordReset: route('DELETE', '/api/students/:id/word', 'staff', 'Reset the private word of a student', {
    makesStale: ['devices', 'sitting', 'due'],
  }),
  holdDays: route('PUT', '/api/hold-days', 'teachers', 'How long another sitting holds results back', {
    body: shape<HoldDays>(),
    answer: shape<HoldDays>(),
    makesStale: ['holds'],
  }),
  holds: route('GET', '/api/sittings/:id/holds', 'staff', 'Which stations are held back, and until when', {
    answer: shape<Holds>(),
  }),
  stationRelease: route(
    'POST',
    '/api/sittings/:id/station-releases',
    'teachers',
    'Return held stations on purpose',
    { body: shape<StationRelease>(), answer: shape<Holds>(), makesStale: ['holds'] },
  ),
} as const;
