import { EXPORT_FORMATS, RESULT_FORMATS } from '@hurrow/contract';
import type { ExportFormat, ImportKind, ResultFormat } from '@hurrow/contract';

export interface Kind {
  readonly id: ImportKind;
  readonly word: string;
  readonly about: string;
  /** What the name of the import is used for. */
  readonly named: string;
}

/** Kinds of file, as they are offered to take in. */
export const KINDS: readonly Kind[] = [
  {
    id: 'library',
    word: 'Library (JSON)',
    about: 'Vocabulary, sources, species with all that is said of them, look-alikes, lists.',
    named: 'What to call this import',
  },
  {
    id: 'table',
    word: 'Character table (CSV)',
    about: 'One row a species, one column a character: states with | between, ranges with their unit.',
    named: 'The source that says it',
  },
  {
    id: 'names',
    word: 'List of names (CSV)',
    about: 'scientific, family, common, synonyms, older_families, week, label.',
    named: 'What to call the list',
  },
  {
    id: 'sdd',
    word: 'Descriptions (SDD 1.1 XML)',
    about: 'Characters, states and coded descriptions in the exchange format of TDWG.',
    named: 'The source where a description names none',
  },
  {
    id: 'ranges',
    word: 'Ranges by region (CSV)',
    about: 'species, region (as US-MT or US-MT-089), presence, source.',
    named: 'What to call this import',
  },
  {
    id: 'areas',
    word: 'Ranges as areas (GeoJSON)',
    about: 'Polygons with the properties species, presence and source.',
    named: 'What to call this import',
  },
  {
    id: 'roster',
    word: 'Roster (CSV)',
    about:
      'class, student number and, if wanted, first name and school ID. Nothing more is kept of students.',
    named: 'What to call this import',
  },
  {
    id: 'responses',
    word: 'Answers of a quiz (CSV)',
    about:
      'One row a student and station: quiz, date, section, student, station, species, answer; if wanted form, sure, seconds, material, given_back and call:character. For paper quizzes, earlier terms and other tools.',
    named: 'What to call this import',
  },
];

/** What each format cannot hold, said before it is saved. */
export const GIVEN: readonly {
  readonly id: ExportFormat;
  readonly word: string;
  readonly without: string;
}[] = [
  { id: 'library', word: 'Library (JSON)', without: 'Everything the library knows; nothing of students.' },
  {
    id: 'table',
    word: 'Character table (CSV)',
    without: 'Values in use, without their sources and where they were said.',
  },
  { id: 'names', word: 'List of names (CSV)', without: 'Names alone.' },
  {
    id: 'sdd',
    word: 'Descriptions (SDD 1.1 XML)',
    without: 'Without lists, look-alikes, seasons, ranges, texts and cautions.',
  },
  { id: 'ranges', word: 'Ranges by region (CSV)', without: 'Regions alone, without areas drawn.' },
  { id: 'areas', word: 'Ranges as areas (GeoJSON)', without: 'Areas alone, without regions.' },
  { id: 'roster', word: 'Roster (CSV)', without: 'Class, number, first name and school ID.' },
];

/** What goes out of quizzes and their results; those few ask for stand under More formats. */
export const RESULTS: readonly {
  readonly id: ResultFormat;
  readonly word: string;
  readonly about: string;
  readonly isMore: boolean;
}[] = [
  {
    id: 'gradebook',
    word: 'Gradebook (CSV)',
    about: 'One row a student by school ID, one column a quiz, with the points possible.',
    isMore: false,
  },
  {
    id: 'asks',
    word: 'Grades by question (CSV)',
    about: 'Every answer with its points and why.',
    isMore: false,
  },
  {
    id: 'responses',
    word: 'Answers of quizzes (CSV)',
    about: 'One row a student and station, as it is imported again elsewhere.',
    isMore: false,
  },
  {
    id: 'calendar',
    word: 'Calendar of sittings (iCalendar)',
    about: 'Dates and places; nothing of students.',
    isMore: false,
  },
  {
    id: 'qti',
    word: 'A quiz as a QTI 2.2 package',
    about: 'Questions with drawings, for other quiz programs. Questions answered on a drawing are left out.',
    isMore: true,
  },
  {
    id: 'xapi',
    word: 'What students did (xAPI statements)',
    about: 'One statement an answer, with a random id for each student.',
    isMore: true,
  },
];

/** Whether a list or a section narrows what is given out. */
export const narrowedBy = (f: ExportFormat): 'list' | 'section' | null =>
  f === 'table' || f === 'names' ? 'list' : f === 'roster' ? 'section' : null;

export const kindWord = (id: string): string => KINDS.find((k) => k.id === id)?.word ?? id;

/** The kind a file most likely is, by the end of its name. */
export function likelyKind(file: string): ImportKind | null {
  const end = file.toLowerCase().split('.').at(-1) ?? '';
  if (end === 'xml' || end === 'sdd') return 'sdd';
  if (end === 'geojson') return 'areas';
  if (end === 'json') return 'library';
  if (end !== 'csv' && end !== 'tsv' && end !== 'txt') return null;
  for (const [format, { file: name }] of Object.entries(EXPORT_FORMATS))
    if (file.endsWith(name)) return format as ImportKind;
  if (file.endsWith(RESULT_FORMATS.responses.file)) return 'responses';
  return null;
}
