import type { Made, Versioned } from '../common.ts';
import type {
  BatchBody,
  BatchDone,
  PoliciesBody,
  Source,
  SourceBody,
  Sources,
  SpeciesMergeBody,
  SpeciesMerged,
  SpeciesRow,
  StatementBody,
  StatementChange,
  StatementRow,
  TaxonBody,
  TaxonHeader,
  TaxonPlace,
  Undone,
} from '../library.ts';
import type { WeekPage, WeekPageBody } from '../handouts.ts';
import type { LibraryTable } from '../lists.ts';
import type {
  PairBody,
  Photo,
  PhotoBody,
  QuestionBody,
  SeasonBody,
  SeasonRow,
  SpeciesBody,
  SpeciesProfile,
} from '../species.ts';
import type {
  CharacterBody,
  CharacterChange,
  Glossary,
  GlossaryCharacter,
  GlossaryWord,
  WordBody,
} from '../vocabulary.ts';
import { route, shape } from './route.ts';

/** The library: words, species, sources, statements. */
export const LIBRARY = {
  vocabulary: route('GET', '/api/vocabulary', 'staff', 'Characters and states', {
    answer: shape<readonly GlossaryCharacter[]>(),
  }),
  glossary: route('GET', '/api/glossary', 'staff', 'Every character and state, with learners’ words', {
    answer: shape<Glossary>(),
  }),
  characterCreate: route('POST', '/api/characters', 'teachers', 'Add a character', {
    body: shape<CharacterBody>(),
    answer: shape<GlossaryCharacter>(),
    creates: true,
    makesStale: ['glossary', 'vocabulary'],
  }),
  characterChange: route('PUT', '/api/characters/:id', 'teachers', 'Reword or retire a character', {
    body: shape<CharacterChange>(),
    answer: shape<GlossaryCharacter>(),
    ifMatch: true,
    makesStale: ['glossary', 'vocabulary'],
  }),
  wordCreate: route('POST', '/api/words', 'teachers', 'Add a learners’ word for a term', {
    body: shape<WordBody>(),
    answer: shape<GlossaryWord>(),
    creates: true,
    makesStale: ['glossary'],
  }),
  wordRemove: route('DELETE', '/api/words/:id', 'teachers', 'Remove a learners’ word', {
    makesStale: ['glossary'],
  }),
  species: route('GET', '/api/species', 'staff', 'Species of the library', {
    answer: shape<readonly SpeciesRow[]>(),
  }),
  libraryTable: route('GET', '/api/library', 'staff', 'Every species with statements that can be edited', {
    answer: shape<LibraryTable>(),
  }),
  taxa: route('GET', '/api/taxa', 'staff', 'Every taxon with where it hangs', {
    answer: shape<readonly TaxonPlace[]>(),
  }),
  taxonCreate: route('POST', '/api/taxa', 'teachers', 'Add a taxon of any rank', {
    body: shape<TaxonBody>(),
    answer: shape<TaxonHeader>(),
    creates: true,
    makesStale: ['taxa', 'species', 'libraryTable'],
  }),
  profile: route('GET', '/api/species/:id', 'staff', 'A species with what is recorded of it and above it', {
    answer: shape<SpeciesProfile>(),
  }),
  speciesRemove: route('DELETE', '/api/species/:id', 'teachers', 'Delete a taxon that nothing uses', {
    ifMatch: true,
    makesStale: ['species', 'taxa', 'libraryTable'],
  }),
  speciesMerge: route('POST', '/api/species/:id/merge', 'teachers', 'Merge a taxon into another one', {
    body: shape<SpeciesMergeBody>(),
    answer: shape<SpeciesMerged>(),
    ifMatch: true,
    makesStale: [
      'species',
      'taxa',
      'profile',
      'list',
      'lists',
      'listLibrary',
      'listTable',
      'libraryTable',
      'trees',
      'quiz',
      'sitting',
      'key',
      'due',
    ],
  }),
  speciesChange: route(
    'PUT',
    '/api/species/:id',
    'teachers',
    'Change names, place, prose and cautions of a taxon',
    {
      body: shape<SpeciesBody>(),
      answer: shape<Versioned>(),
      ifMatch: true,
      makesStale: ['listLore', 'profile', 'species', 'list', 'listLibrary', 'listTable', 'taxa', 'key'],
    },
  ),
  seasonPut: route('PUT', '/api/species/:id/seasons', 'teachers', 'Record a season window', {
    body: shape<SeasonBody>(),
    answer: shape<readonly SeasonRow[]>(),
    makesStale: ['profile', 'listLibrary', 'listTable', 'libraryTable', 'key'],
  }),
  seasonRemove: route('DELETE', '/api/season-windows/:id', 'teachers', 'Take a season window back', {
    makesStale: ['profile', 'listLibrary', 'listTable', 'libraryTable', 'key'],
  }),
  questionSettle: route(
    'POST',
    '/api/species/:id/settled-questions',
    'teachers',
    'Answer a question: it is so',
    { body: shape<QuestionBody>(), creates: true, makesStale: ['profile'] },
  ),
  pairPut: route('PUT', '/api/pairs', 'teachers', 'Declare a look-alike, or change what parts the two', {
    body: shape<PairBody>(),
    answer: shape<Made>(),
    makesStale: ['profile', 'listLore'],
  }),
  pairRemove: route('DELETE', '/api/pairs/:id', 'teachers', 'Take a look-alike back', {
    makesStale: ['profile', 'listLore'],
  }),
  photoAdd: route('POST', '/api/species/:id/photos', 'teachers', 'Add a photograph of an organ', {
    answer: shape<Photo>(),
    file: 'image',
    creates: true,
    makesStale: ['profile'],
  }),
  photo: route('GET', '/api/photos/:id', 'staff', 'A photograph', { answersFile: true }),
  photoChange: route('PUT', '/api/photos/:id', 'teachers', 'Change organ, date and credit of a photograph', {
    body: shape<PhotoBody>(),
    makesStale: ['profile'],
  }),
  photoRemove: route('DELETE', '/api/photos/:id', 'teachers', 'Remove a photograph', {
    makesStale: ['profile'],
  }),
  weekPage: route('GET', '/api/species/:id/week', 'staff', 'What the page of the week of a species says', {
    answer: shape<WeekPage>(),
  }),
  weekPagePut: route('PUT', '/api/species/:id/week', 'teachers', 'Write the page of the week of a species', {
    body: shape<WeekPageBody>(),
    answer: shape<WeekPage>(),
    ifMatch: true,
    makesStale: ['weekPage'],
  }),
  sources: route('GET', '/api/sources', 'staff', 'Sources, and how several are merged', {
    answer: shape<Sources>(),
  }),
  sourceCreate: route('POST', '/api/sources', 'teachers', 'Add a source', {
    body: shape<SourceBody>(),
    answer: shape<Source>(),
    creates: true,
    makesStale: ['sources', 'profile', 'listLibrary', 'listTable', 'libraryTable', 'key'],
  }),
  sourceChange: route('PUT', '/api/sources/:id', 'teachers', 'Change a source', {
    body: shape<SourceBody>(),
    answer: shape<Source>(),
    ifMatch: true,
    makesStale: ['sources', 'profile', 'listLibrary', 'listTable', 'libraryTable', 'key'],
  }),
  sourceRemove: route('DELETE', '/api/sources/:id', 'teachers', 'Delete a source that says nothing', {
    ifMatch: true,
    makesStale: ['sources'],
  }),
  policies: route('PUT', '/api/policies', 'teachers', 'How several sources are merged', {
    body: shape<PoliciesBody>(),
    answer: shape<Sources>(),
    makesStale: ['sources', 'profile', 'listLibrary', 'listTable', 'libraryTable', 'key'],
  }),
  statementBatch: route('POST', '/api/statements/batch', 'teachers', 'Record many statements, all or none', {
    body: shape<BatchBody>(),
    answer: shape<BatchDone>(),
    creates: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
  undo: route('POST', '/api/changes/undo', 'teachers', 'Undo one’s own latest change of statements', {
    answer: shape<Undone>(),
    creates: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
  redo: route('POST', '/api/changes/redo', 'teachers', 'Redo what one undid last', {
    answer: shape<Undone>(),
    creates: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
  statementCreate: route('POST', '/api/statements', 'teachers', 'Record a statement', {
    body: shape<StatementBody>(),
    answer: shape<StatementRow>(),
    creates: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
  statementChange: route('PUT', '/api/statements/:id', 'teachers', 'Change a statement', {
    body: shape<StatementChange>(),
    answer: shape<StatementRow>(),
    ifMatch: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
  statementRetract: route('DELETE', '/api/statements/:id', 'teachers', 'Retract a statement', {
    ifMatch: true,
    makesStale: ['profile', 'species', 'list', 'listLibrary', 'listTable', 'libraryTable', 'glossary', 'key'],
  }),
} as const;
