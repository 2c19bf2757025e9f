import type {
  LibraryTable,
  ListBody,
  ListCopyBody,
  ListDetail,
  ListLibrary,
  ListSummary,
  ListText,
  PreviewLine,
  Sighting,
  SightingBody,
  SiteBody,
} from '../lists.ts';
import type {
  DueItem,
  RosterBody,
  Section,
  SectionBody,
  SectionChange,
  Site,
  StudentChange,
  StudentMove,
} from '../people.ts';
import { route, shape } from './route.ts';

/** Classes: sections, sites, lists and what was seen in season. */
export const CLASSES = {
  due: route('GET', '/api/due', 'staff', 'Work that is due', { answer: shape<readonly DueItem[]>() }),
  sections: route('GET', '/api/sections', 'staff', 'Sections with their rosters', {
    answer: shape<readonly Section[]>(),
  }),
  sectionCreate: route('POST', '/api/sections', 'teachers', 'Make a section with its roster', {
    body: shape<SectionBody>(),
    answer: shape<Section>(),
    creates: true,
    makesStale: ['sections', 'due', 'list'],
  }),
  sectionChange: route('PUT', '/api/sections/:id', 'teachers', 'Change a section or archive it', {
    body: shape<SectionChange>(),
    answer: shape<Section>(),
    ifMatch: true,
    makesStale: ['sections', 'due', 'list', 'quizzes', 'quiz', 'sitting'],
  }),
  rosterAdd: route('POST', '/api/sections/:id/students', 'teachers', 'Add students to a section', {
    body: shape<RosterBody>(),
    answer: shape<Section>(),
    creates: true,
    makesStale: ['sections', 'sitting', 'quizzes', 'quiz'],
  }),
  studentChange: route('PUT', '/api/students/:id', 'teachers', 'Change a student’s number or first name', {
    body: shape<StudentChange>(),
    makesStale: ['sections', 'sitting', 'grades'],
  }),
  studentMove: route(
    'POST',
    '/api/students/:id/moves',
    'teachers',
    'Move a student to another section, or out of one',
    { body: shape<StudentMove>(), makesStale: ['sections', 'sitting', 'quizzes', 'quiz'] },
  ),
  sites: route('GET', '/api/sites', 'staff', 'Sites', { answer: shape<readonly Site[]>() }),
  siteChange: route('PUT', '/api/sites/:id', 'teachers', 'Change a site and how seasons shift there', {
    body: shape<SiteBody>(),
    answer: shape<Site>(),
    makesStale: ['sites', 'sections', 'trees'],
  }),
  sightings: route('GET', '/api/sightings', 'staff', 'What was seen in season at the sites', {
    answer: shape<readonly Sighting[]>(),
  }),
  sightingCreate: route('POST', '/api/sightings', 'teachers', 'Record what was seen in season', {
    body: shape<SightingBody>(),
    answer: shape<Sighting>(),
    creates: true,
    makesStale: ['sightings', 'listLibrary'],
  }),
  sightingRemove: route('DELETE', '/api/sightings/:id', 'teachers', 'Take a sighting back', {
    makesStale: ['sightings', 'listLibrary'],
  }),
  siteCreate: route('POST', '/api/sites', 'teachers', 'Add a site', {
    body: shape<SiteBody>(),
    answer: shape<Site>(),
    creates: true,
    makesStale: ['sites'],
  }),
  siteRemove: route('DELETE', '/api/sites/:id', 'teachers', 'Delete a site that nothing uses', {
    makesStale: ['sites'],
  }),
  lists: route('GET', '/api/lists', 'staff', 'Lists', { answer: shape<readonly ListSummary[]>() }),
  listPreview: route('POST', '/api/lists/preview', 'teachers', 'Which pasted names the library knows', {
    body: shape<ListText>(),
    answer: shape<readonly PreviewLine[]>(),
  }),
  listCreate: route('POST', '/api/lists', 'teachers', 'Make a list', {
    body: shape<ListBody>(),
    answer: shape<ListSummary>(),
    creates: true,
    makesStale: ['lists', 'due', 'species', 'taxa'],
  }),
  list: route('GET', '/api/lists/:id', 'staff', 'A list with its members', { answer: shape<ListDetail>() }),
  listChange: route(
    'PUT',
    '/api/lists/:id',
    'teachers',
    'Change a list: its name, members, weeks and labels',
    {
      body: shape<ListBody>(),
      answer: shape<ListSummary>(),
      ifMatch: true,
      makesStale: [
        'lists',
        'list',
        'listLibrary',
        'listTable',
        'listLore',
        'sections',
        'species',
        'taxa',
        'profile',
        'due',
      ],
    },
  ),
  listCopy: route('POST', '/api/lists/:id/copies', 'teachers', 'Copy a list under another name', {
    body: shape<ListCopyBody>(),
    answer: shape<ListSummary>(),
    creates: true,
    makesStale: ['lists'],
  }),
  listRemove: route('DELETE', '/api/lists/:id', 'teachers', 'Remove a list that no class uses', {
    ifMatch: true,
    makesStale: ['lists', 'due'],
  }),
  listTable: route(
    'GET',
    '/api/lists/:id/table',
    'staff',
    'The members of a list with statements that can be edited',
    { answer: shape<LibraryTable>() },
  ),
  listLibrary: route(
    'GET',
    '/api/lists/:id/library',
    'staff',
    'All that is recorded of the members of a list',
    { answer: shape<ListLibrary>() },
  ),
} as const;
