export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/**
 * Who may call a route. *staff*: owner, instructor and assistant (an assistant only for the sections given to them);
 * *teachers*: owner and instructor; *student*: a student within one sitting.
 */
export type Audience = 'anyone' | 'staff' | 'teachers' | 'student';

export interface Route {
  readonly method: Method;
  readonly path: string;
  readonly audience: Audience;
  readonly summary: string;
  /** The name of its body's schema in `@hurrow/contract/schemas`. */
  readonly body?: string;
  /** Whether `If-Match` must carry the version that was read. */
  readonly ifMatch?: boolean;
  /** The body is a file of this kind instead of JSON. */
  readonly file?: 'image' | 'text';
  /** Makes a new thing: an idempotency key makes two presses one. */
  readonly creates?: boolean;
  /** Answered without asking who calls, so that it never waits for the database. */
  readonly withoutSession?: boolean;
}

const route = (
  method: Method,
  path: string,
  audience: Audience,
  summary: string,
  more: Pick<Route, 'body' | 'ifMatch' | 'file' | 'withoutSession' | 'creates'> = {},
): Route => ({ method, path, audience, summary, ...more });

/** Every route of the application; the server mounts exactly these and the OpenAPI document lists them. */
export const ROUTES = {
  health: route('GET', '/api/health', 'anyone', 'Is the application up, and which version'),
  openapi: route('GET', '/api/openapi.json', 'anyone', 'This document'),
  sessionRead: route('GET', '/api/session', 'anyone', 'Who is signed in'),
  sessionStart: route('POST', '/api/session', 'anyone', 'Sign in', { body: 'signIn' }),
  sessionEnd: route('DELETE', '/api/session', 'anyone', 'Sign out'),
  setup: route('POST', '/api/setup', 'anyone', 'Set up the first owner of an empty workspace', {
    body: 'setup',
  }),

  studentRecord: route(
    'GET',
    '/api/students/:id/record',
    'teachers',
    'All that is kept of one student, as a file',
  ),
  studentErase: route(
    'DELETE',
    '/api/students/:id',
    'teachers',
    'Erase everything about one student, for good',
  ),
  backup: route('GET', '/api/backup', 'teachers', 'Everything in one file; for the owner'),

  due: route('GET', '/api/due', 'staff', 'Work that is due'),
  sections: route('GET', '/api/sections', 'staff', 'Sections with their rosters'),
  sectionCreate: route('POST', '/api/sections', 'teachers', 'Make a section with its roster', {
    creates: true,
    body: 'section',
  }),
  sites: route('GET', '/api/sites', 'staff', 'Sites'),
  siteChange: route('PUT', '/api/sites/:id', 'teachers', 'Change a site and how seasons shift there', {
    body: 'site',
  }),
  sightings: route('GET', '/api/sightings', 'staff', 'What was seen in season at the sites'),
  sightingCreate: route('POST', '/api/sightings', 'teachers', 'Record what was seen in season', {
    creates: true,
    body: 'sighting',
  }),
  sightingRemove: route('DELETE', '/api/sightings/:id', 'teachers', 'Take a sighting back'),
  siteCreate: route('POST', '/api/sites', 'teachers', 'Add a site', { creates: true, body: 'site' }),
  lists: route('GET', '/api/lists', 'staff', 'Lists'),
  listPreview: route('POST', '/api/lists/preview', 'teachers', 'Which pasted names the library knows', {
    body: 'listText',
  }),
  listCreate: route('POST', '/api/lists', 'teachers', 'Make a list', { creates: true, body: 'list' }),
  list: route('GET', '/api/lists/:id', 'staff', 'A list with its members'),
  listChange: route(
    'PUT',
    '/api/lists/:id',
    'teachers',
    'Change a list: its name, members, weeks and labels',
    {
      body: 'list',
      ifMatch: true,
    },
  ),
  listCopy: route('POST', '/api/lists/:id/copies', 'teachers', 'Copy a list under another name', {
    creates: true,
    body: 'listCopy',
  }),
  listRemove: route('DELETE', '/api/lists/:id', 'teachers', 'Remove a list that no class uses', {
    ifMatch: true,
  }),
  listTable: route(
    'GET',
    '/api/lists/:id/table',
    'staff',
    'The members of a list with statements that can be edited',
  ),
  listLibrary: route(
    'GET',
    '/api/lists/:id/library',
    'staff',
    'All that is recorded of the members of a list',
  ),

  vocabulary: route('GET', '/api/vocabulary', 'staff', 'Characters and states'),
  glossary: route('GET', '/api/glossary', 'staff', 'Every character and state, with learners’ words'),
  characterCreate: route('POST', '/api/characters', 'teachers', 'Add a character', {
    creates: true,
    body: 'character',
  }),
  characterChange: route('PUT', '/api/characters/:id', 'teachers', 'Reword or retire a character', {
    body: 'characterChange',
    ifMatch: true,
  }),
  wordCreate: route('POST', '/api/words', 'teachers', 'Add a learners’ word for a term', {
    creates: true,
    body: 'word',
  }),
  wordRemove: route('DELETE', '/api/words/:id', 'teachers', 'Remove a learners’ word'),
  misreads: route(
    'GET',
    '/api/sections/:id/misreads',
    'staff',
    'How often a section called characters wrong',
  ),
  species: route('GET', '/api/species', 'staff', 'Species of the library'),
  libraryTable: route('GET', '/api/library', 'staff', 'Every species with statements that can be edited'),
  taxa: route('GET', '/api/taxa', 'staff', 'Every taxon with where it hangs'),
  taxonCreate: route('POST', '/api/taxa', 'teachers', 'Add a taxon of any rank', {
    creates: true,
    body: 'taxon',
  }),
  profile: route('GET', '/api/species/:id', 'staff', 'A species with what is recorded of it and above it'),
  speciesChange: route(
    'PUT',
    '/api/species/:id',
    'teachers',
    'Change names, place, prose and cautions of a taxon',
    {
      body: 'species',
      ifMatch: true,
    },
  ),
  seasonPut: route('PUT', '/api/species/:id/seasons', 'teachers', 'Record a season window', {
    body: 'season',
  }),
  seasonRemove: route('DELETE', '/api/season-windows/:id', 'teachers', 'Take a season window back'),
  questionSettle: route(
    'POST',
    '/api/species/:id/settled-questions',
    'teachers',
    'Answer a question: it is so',
    { creates: true, body: 'question' },
  ),
  pairPut: route('PUT', '/api/pairs', 'teachers', 'Declare a look-alike, or change what parts the two', {
    body: 'pair',
  }),
  pairRemove: route('DELETE', '/api/pairs/:id', 'teachers', 'Take a look-alike back'),
  listLore: route(
    'GET',
    '/api/lists/:id/lore',
    'staff',
    'Look-alikes, names, roots and cautions of the members of a list',
  ),
  rules: route('GET', '/api/rules', 'staff', 'Rules of thumb'),
  ruleCreate: route('POST', '/api/rules', 'teachers', 'Keep a rule of thumb', {
    creates: true,
    body: 'rule',
  }),
  ruleChange: route('PUT', '/api/rules/:id', 'teachers', 'Change a rule of thumb', {
    body: 'rule',
    ifMatch: true,
  }),
  ruleRemove: route('DELETE', '/api/rules/:id', 'teachers', 'Give a rule of thumb up', { ifMatch: true }),
  range: route('GET', '/api/species/:id/range', 'staff', 'Where a species grows, with what challenges it'),
  rangeChange: route('PUT', '/api/species/:id/range', 'teachers', 'Change where a species grows', {
    body: 'range',
    ifMatch: true,
  }),
  challenges: route(
    'GET',
    '/api/range-challenges',
    'staff',
    'Located trees outside the range of their species',
  ),
  growing: route('GET', '/api/growing', 'staff', 'Who could grow at a place'),
  occurrencesAsk: route(
    'POST',
    '/api/species/:id/occurrences/search',
    'teachers',
    'Ask the occurrence service for records of a species',
  ),
  occurrenceJudge: route('PUT', '/api/species/:id/occurrences', 'teachers', 'Accept or reject a record', {
    body: 'occurrence',
  }),
  photoAdd: route('POST', '/api/species/:id/photos', 'teachers', 'Add a photograph of an organ', {
    creates: true,
    file: 'image',
  }),
  photo: route('GET', '/api/photos/:id', 'staff', 'A photograph'),
  photoChange: route('PUT', '/api/photos/:id', 'teachers', 'Change organ, date and credit of a photograph', {
    body: 'photo',
  }),
  photoRemove: route('DELETE', '/api/photos/:id', 'teachers', 'Remove a photograph'),
  sources: route('GET', '/api/sources', 'staff', 'Sources, and how several are merged'),
  sourceCreate: route('POST', '/api/sources', 'teachers', 'Add a source', { creates: true, body: 'source' }),
  sourceChange: route('PUT', '/api/sources/:id', 'teachers', 'Change a source', {
    body: 'source',
    ifMatch: true,
  }),
  policies: route('PUT', '/api/policies', 'teachers', 'How several sources are merged', { body: 'policies' }),
  statementBatch: route('POST', '/api/statements/batch', 'teachers', 'Record many statements, all or none', {
    creates: true,
    body: 'batch',
  }),
  undo: route('POST', '/api/changes/undo', 'teachers', 'Undo one’s own latest change of statements', {
    creates: true,
  }),
  statementCreate: route('POST', '/api/statements', 'teachers', 'Record a statement', {
    creates: true,
    body: 'statement',
  }),
  statementChange: route('PUT', '/api/statements/:id', 'teachers', 'Change a statement', {
    body: 'statementValue',
    ifMatch: true,
  }),
  statementRetract: route('DELETE', '/api/statements/:id', 'teachers', 'Retract a statement', {
    ifMatch: true,
  }),

  importPreview: route('POST', '/api/imports/preview', 'teachers', 'What a file would change, as a job', {
    file: 'text',
  }),
  importApply: route('POST', '/api/imports', 'teachers', 'Take a file in, whole or not at all, as a job', {
    creates: true,
    file: 'text',
  }),
  imports: route('GET', '/api/imports', 'staff', 'What was taken in'),
  importUndo: route('POST', '/api/imports/:id/undo', 'teachers', 'Undo an import', { creates: true }),
  exportFile: route('GET', '/api/exports/:format', 'teachers', 'The library or a roster as a file'),
  job: route('GET', '/api/jobs/:token', 'anyone', 'How far long work has come', { withoutSession: true }),
  jobCancel: route('POST', '/api/jobs/:token/cancel', 'anyone', 'Stop long work; it leaves nothing', {
    withoutSession: true,
  }),

  trees: route('GET', '/api/trees', 'staff', 'Tagged trees with what they are certified to show'),
  treeCreate: route('POST', '/api/trees', 'teachers', 'Tag a tree', { creates: true, body: 'tree' }),

  quizzes: route('GET', '/api/quizzes', 'staff', 'Quizzes with their sittings'),
  quizCreate: route('POST', '/api/quizzes', 'teachers', 'Make a quiz', { creates: true, body: 'quiz' }),
  quiz: route('GET', '/api/quizzes/:id', 'staff', 'A quiz with its stations'),
  stationCreate: route('POST', '/api/quizzes/:id/stations', 'teachers', 'Add a station', {
    creates: true,
    body: 'station',
  }),
  stationChange: route('PUT', '/api/stations/:id', 'teachers', 'Change a station', {
    body: 'station',
    ifMatch: true,
  }),
  stationRemove: route('DELETE', '/api/stations/:id', 'teachers', 'Take a station out', { ifMatch: true }),
  sittingCreate: route('POST', '/api/quizzes/:id/sittings', 'teachers', 'Make a sitting', {
    creates: true,
    body: 'sitting',
  }),
  sitting: route('GET', '/api/sittings/:id', 'staff', 'A sitting with its stations and who has joined'),
  sittingChange: route('PUT', '/api/sittings/:id', 'teachers', 'Change the date or handling of a draft', {
    body: 'sittingChange',
    ifMatch: true,
  }),
  sittingStation: route('PUT', '/api/sitting-stations/:id', 'teachers', 'What is at hand at a station', {
    body: 'sittingStation',
    ifMatch: true,
  }),
  sittingState: route('POST', '/api/sittings/:id/state', 'staff', 'Open, close or give back a sitting', {
    body: 'sittingState',
    ifMatch: true,
  }),
  sittingCode: route('POST', '/api/sittings/:id/code', 'staff', 'Make a new join code'),

  devices: route(
    'GET',
    '/api/sittings/:id/devices',
    'staff',
    'Phones of a sitting, and those that ask to join',
  ),
  deviceDecide: route('POST', '/api/devices/:id/decision', 'staff', 'Let a phone in, refuse it or end it', {
    body: 'deviceDecision',
  }),
  wordReset: route('DELETE', '/api/students/:id/word', 'staff', 'Reset the private word of a student'),
  holdDays: route('PUT', '/api/hold-days', 'teachers', 'How long another sitting holds results back', {
    body: 'holdDays',
  }),
  holds: route('GET', '/api/sittings/:id/holds', 'staff', 'Which stations are held back, and until when'),
  stationRelease: route(
    'POST',
    '/api/sittings/:id/station-releases',
    'teachers',
    'Return held stations on purpose',
    { body: 'stationRelease' },
  ),

  sheet: route('GET', '/api/sittings/:id/sheets/:student', 'staff', 'A paper sheet as entered so far'),
  sheetEnter: route('POST', '/api/sittings/:id/sheets/:student', 'staff', 'Enter answers of a paper sheet', {
    creates: true,
    body: 'sheet',
  }),
  markingRun: route('POST', '/api/sittings/:id/marking-runs', 'staff', 'Mark a sitting', { creates: true }),
  marks: route('GET', '/api/sittings/:id/marks', 'staff', 'Marks of a sitting, answer by answer'),
  override: route('POST', '/api/responses/:id/override', 'staff', 'Override a mark with a reason', {
    creates: true,
    body: 'override',
  }),
  overrideWithdraw: route('DELETE', '/api/responses/:id/override', 'staff', 'Withdraw an override'),
  ruling: route('PUT', '/api/sittings/:id/name-rulings', 'staff', 'Decide a written name once for all', {
    body: 'ruling',
  }),

  mixups: route('GET', '/api/sections/:id/mixups', 'staff', 'Mix-ups of a section'),
  evidence: route('GET', '/api/sections/:id/mixups/:truth/:answer', 'staff', 'The answers a mix-up counts'),

  walkJoin: route(
    'POST',
    '/api/walk/join',
    'anyone',
    'Join a sitting with code, student number and private word',
    {
      body: 'join',
    },
  ),
  walkJoining: route('GET', '/api/walk/joining', 'anyone', 'Whether staff have let this phone in'),
  walk: route('GET', '/api/walk/sitting', 'student', 'The stations of the sitting joined'),
  walkAnswers: route('POST', '/api/walk/answers', 'student', 'Answers in a batch; may be sent twice', {
    body: 'answers',
  }),
  walkSubmit: route('POST', '/api/walk/submit', 'student', 'Hand in'),
  walkResults: route('GET', '/api/walk/results', 'student', 'Marks and tells, once given back'),
  walkLeave: route('DELETE', '/api/walk/sitting', 'student', 'Leave on this device'),
} as const satisfies Record<string, Route>;

export type RouteName = keyof typeof ROUTES;

/** The address of a route with its parameters filled in. */
export function address(name: RouteName, params: Readonly<Record<string, string>> = {}): string {
  return ROUTES[name].path.replace(/:([a-z]+)/g, (_, key: string) => encodeURIComponent(params[key] ?? ''));
}
