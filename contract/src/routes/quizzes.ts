import type {
  DeviceDecision,
  Devices,
  HoldDays,
  Holds,
  JoinCode,
  QuizBody,
  QuizChange,
  QuizDetail,
  QuizSummary,
  SettingBody,
  Sheet,
  SheetBody,
  SittingBody,
  SittingChange,
  SittingDetail,
  SittingMoved,
  SittingStep,
  Station,
  StationBody,
  StationRelease,
  StationsBody,
  TreeBody,
  TreeChange,
  TreeRow,
} from '../quizzes.ts';
import { route, shape } from './route.ts';

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
      makesStale: ['quiz', 'quizzes', 'sitting', 'due'],
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
  stationCreate: route('POST', '/api/quizzes/:id/stations', 'teachers', 'Add a station', {
    body: shape<StationBody>(),
    answer: shape<Station>(),
    creates: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due'],
  }),
  stationChange: route('PUT', '/api/stations/:id', 'teachers', 'Change a station', {
    body: shape<StationBody>(),
    answer: shape<Station>(),
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due'],
  }),
  stationRemove: route('DELETE', '/api/stations/:id', 'teachers', 'Take a station out', {
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'sitting', 'due'],
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
    makesStale: ['sitting', 'quiz', 'quizzes', 'due'],
  }),
  sittingRemove: route('DELETE', '/api/sittings/:id', 'teachers', 'Delete a draft of a sitting', {
    ifMatch: true,
    makesStale: ['quiz', 'quizzes', 'due'],
  }),
  sittingStation: route('PUT', '/api/sitting-stations/:id', 'teachers', 'What is at hand at a station', {
    body: shape<SettingBody>(),
    answer: shape<SittingDetail>(),
    ifMatch: true,
    makesStale: ['sitting', 'key'],
  }),
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
        'evidence',
        'key',
        'devices',
        'disputes',
        'holds',
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
  sheet: route('GET', '/api/sittings/:id/sheets/:student', 'staff', 'A paper sheet as entered so far', {
    answer: shape<Sheet>(),
  }),
  sheetEnter: route('POST', '/api/sittings/:id/sheets/:student', 'staff', 'Enter answers of a paper sheet', {
    body: shape<SheetBody>(),
    answer: shape<Sheet>(),
    creates: true,
    makesStale: ['sheet', 'sitting', 'grades', 'due', 'disputes'],
  }),
} as const;
