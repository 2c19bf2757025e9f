import { stored, taggedValue } from '@hurrow/core/answers';
import type { TableRows } from '@hurrow/contract';
import { POLICY } from '@hurrow/core/quizzes';
import { shownStates } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { seeded } from '@hurrow/core/numbers';
import { answerStation } from './answers.ts';
import type { ClassNames } from './answers.ts';
import { WS, idOf } from './identity.ts';
import { TAXA, taxonId, valueFromText } from './libraryRows.ts';
import { SECTIONS } from './people.ts';
import { LIST, sectionId, studentId, treeId } from './scenario.ts';
import { TREES } from './trees.ts';

interface PlannedAsk {
  readonly kind: 'call' | 'common' | 'scientific' | 'sureness';
  readonly character: string | null;
  readonly points: number;
}
const call = (character: string): PlannedAsk => ({ kind: 'call', character, points: 1 });
const common: PlannedAsk = { kind: 'common', character: null, points: 2 };
const scientific: PlannedAsk = { kind: 'scientific', character: null, points: 3 };
const sureness: PlannedAsk = { kind: 'sureness', character: null, points: 0 };

interface PlannedQuiz {
  readonly key: string;
  readonly name: string;
  readonly stations: readonly { readonly tag: string; readonly asks: readonly PlannedAsk[] }[];
}

export const FIRST: PlannedQuiz = {
  key: 'first-walk',
  name: 'First walk, Ledger Loop',
  stations: [
    { tag: 'L01', asks: [call('needle.bands'), common, sureness] },
    { tag: 'L03', asks: [call('needle.bands'), common, sureness] },
    { tag: 'L04', asks: [call('twig.bud_shape'), common, sureness] },
    { tag: 'L07', asks: [scientific, sureness] },
    { tag: 'L09', asks: [call('twig.bud_sticky'), common, sureness] },
    { tag: 'L10', asks: [common, sureness] },
    { tag: 'L15', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L14', asks: [call('twig.arrangement'), scientific, sureness] },
    { tag: 'L16', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L17', asks: [common, sureness] },
  ],
};

const SECOND: PlannedQuiz = {
  key: 'second-walk',
  name: 'Second walk, Ledger Loop',
  stations: [
    { tag: 'L05', asks: [call('twig.spurs'), common, scientific, sureness] },
    { tag: 'L07', asks: [call('needle.bundle_count'), common, sureness] },
    { tag: 'L11', asks: [call('bark.texture'), common, sureness] },
    { tag: 'L12', asks: [call('twig.bud_stalk'), common, sureness] },
    { tag: 'L13', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L18', asks: [call('leaf.arrangement'), common, scientific, sureness] },
  ],
};

/** The same walk again, a week later and after the lesson; L41 carries a wrong tag. */
const THIRD: PlannedQuiz = {
  key: 'third-walk',
  name: 'Second look, Ledger Loop',
  stations: [
    { tag: 'L01', asks: [call('needle.bands'), common, sureness] },
    { tag: 'L03', asks: [call('needle.bands'), common, sureness] },
    { tag: 'L07', asks: [scientific, sureness] },
    { tag: 'L15', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L14', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L16', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L17', asks: [common, sureness] },
    { tag: 'L42', asks: [call('twig.arrangement'), common, sureness] },
    { tag: 'L37', asks: [call('leaf.glands'), common, sureness] },
    { tag: 'L41', asks: [common, sureness] },
    { tag: 'L38', asks: [common, sureness] },
  ],
};

const stationKey = (quiz: PlannedQuiz, tag: string): string => `${quiz.key}/${tag}`;
const askId = (quiz: PlannedQuiz, tag: string, ord: number): string =>
  idOf('ask', `${stationKey(quiz, tag)}/${ord}`);

function quizRows(quiz: PlannedQuiz): TableRows[] {
  return [
    {
      table: 'quiz',
      rows: [
        {
          ws: WS,
          id: idOf('quiz', quiz.key),
          name: quiz.name,
          list: LIST,
          kind: 'field',
          policy: POLICY,
          version: 1,
        },
      ],
    },
    {
      table: 'station',
      rows: quiz.stations.map((s, i) => ({
        ws: WS,
        id: idOf('station', stationKey(quiz, s.tag)),
        quiz: idOf('quiz', quiz.key),
        number: i + 1,
        individual: treeId(s.tag),
        not_tellable_on_purpose: false,
        version: 1,
      })),
    },
    {
      table: 'ask',
      rows: quiz.stations.flatMap((s) =>
        s.asks.map((a, ord) => ({
          ws: WS,
          id: askId(quiz, s.tag, ord + 1),
          station: idOf('station', stationKey(quiz, s.tag)),
          ord: ord + 1,
          kind: a.kind,
          character: a.character,
          form: 'typed',
          params: {},
          points: a.points,
        })),
      ),
    },
  ];
}

const sittingId = (quiz: PlannedQuiz, section: string): string => idOf('sitting', `${quiz.key}/${section}`);
const sittingStation = (quiz: PlannedQuiz, section: string, tag: string): string =>
  idOf('sitting-station', `${quiz.key}/${section}/${tag}`);

function sittingRows(quiz: PlannedQuiz, section: string, on: string, state: string): TableRows[] {
  return [
    {
      table: 'sitting',
      rows: [
        {
          ws: WS,
          id: sittingId(quiz, section),
          quiz: idOf('quiz', quiz.key),
          section: sectionId(section),
          on_date: on,
          state,
          handling: ['look', 'lens', 'touch'],
          wet: false,
          led: false,
          version: 1,
        },
      ],
    },
    {
      table: 'sitting_station',
      rows: quiz.stations.map((s) => ({
        ws: WS,
        id: sittingStation(quiz, section, s.tag),
        sitting: sittingId(quiz, section),
        station: idOf('station', stationKey(quiz, s.tag)),
        distance: 'hand',
        material: ['tree', 'twig', 'leaf'],
        taken_on: {},
        public_id: idOf('public-station', `${quiz.key}/${section}/${s.tag}`),
        version: 1,
      })),
    },
    {
      table: 'sitting_ask',
      rows: quiz.stations.flatMap((s) =>
        s.asks.map((_, i) => ({
          ws: WS,
          sitting_station: sittingStation(quiz, section, s.tag),
          ask: askId(quiz, s.tag, i + 1),
          public_id: idOf('public-ask', `${quiz.key}/${section}/${s.tag}/${i}`),
        })),
      ),
    },
  ];
}

const NAMES: ClassNames = {
  common: (species) => TAXA.find((t) => t.name === species)?.common[0] ?? species,
  others: (species) => TAXA.find((t) => t.name === species)?.common.slice(1) ?? [],
  shown: (species, character) => {
    const tree = TREES.find(
      (t) => t.species === species && t.certified.some((c) => c.startsWith(`${character}:`)),
    );
    const line = tree?.certified.find((c) => c.startsWith(`${character}:`));
    if (!line) throw new Error(`${species} is not certified for ${character}`);
    const value: Value = valueFromText(character, line.slice(character.length + 2));
    return value.kind === 'states' ? (shownStates(value)[0]?.state ?? '') : '';
  },
};

/** What stands there, whatever its tag says. */
function truthOf(tag: string): string {
  const tree = TREES.find((t) => t.tag === tag);
  if (!tree) throw new Error(`No tree ${tag}`);
  return tree.really ?? tree.species;
}

/** Stations whose answers are drawn before those of later ones, so that adding a station leaves what was drawn. */
const DRAWN_FIRST = 10;

interface Sat {
  readonly quiz: PlannedQuiz;
  readonly section: 'tuesday' | 'thursday';
  readonly on: string;
  readonly seed: number;
  readonly afterLesson: boolean;
}

const SAT: readonly Sat[] = [
  { quiz: FIRST, section: 'tuesday', on: '2026-09-22', seed: 20261, afterLesson: false },
  { quiz: FIRST, section: 'thursday', on: '2026-09-24', seed: 20262, afterLesson: false },
  { quiz: THIRD, section: 'tuesday', on: '2026-09-29', seed: 20263, afterLesson: true },
];

/** The answers of one section to one walk, with what was planted in them. */
function answerRows({ quiz, section, on, seed, afterLesson }: Sat): TableRows[] {
  const random = seeded(seed);
  const attempts: Record<string, unknown>[] = [];
  const responses: Record<string, unknown>[] = [];
  const students = SECTIONS.find((s) => s.key === section)?.students ?? [];
  const skills = new Map<string, number>();
  const attemptOf = (code: string): string => idOf('attempt', `${quiz.key}/${code}`);
  const isPaper = (index: number): boolean => index % 4 === 3;
  const answersAt = (code: string, index: number, s: PlannedQuiz['stations'][number]): void => {
    const who = { section, afterLesson };
    const answers = answerStation(truthOf(s.tag), s.asks, skills.get(code) ?? 1, NAMES, random, who);
    answers.forEach((a, i) => {
      const id = idOf('response', `${quiz.key}/${code}/${s.tag}/${i}`);
      responses.push({
        ws: WS,
        id,
        attempt: attemptOf(code),
        sitting_station: sittingStation(quiz, section, s.tag),
        ask: askId(quiz, s.tag, i + 1),
        seq: i + 1,
        value: stored(taggedValue(a)),
        precedence: 1,
        received_at: `${on}T20:40:00Z`,
        origin: isPaper(index) ? 'paper' : 'phone',
        clues_open: 0,
        late: false,
      });
    });
  };
  students.forEach(({ code }, index) => {
    attempts.push({
      ws: WS,
      id: attemptOf(code),
      sitting: sittingId(quiz, section),
      student: studentId(code),
      origin: isPaper(index) ? 'paper' : 'phone',
      takeover: 1,
      joined_at: `${on}T20:00:00Z`,
      submitted_at: `${on}T20:40:00Z`,
    });
    skills.set(code, 0.5 + random());
    for (const s of quiz.stations.slice(0, DRAWN_FIRST)) answersAt(code, index, s);
  });
  students.forEach(({ code }, index) => {
    for (const s of quiz.stations.slice(DRAWN_FIRST)) answersAt(code, index, s);
  });
  return [
    { table: 'attempt', rows: attempts },
    { table: 'response', rows: responses },
  ];
}

const lessonId = idOf('lesson', 'tuesday/2026-09-26');

/** What was taken again with the Tuesday section between its two walks: it cured the firs and not the pines. */
function lessonRows(): TableRows[] {
  const pairs = [
    ['Abies grandis', 'Abies lasiocarpa'],
    ['Pinus flexilis', 'Pinus albicaulis'],
  ] as const;
  return [
    {
      table: 'lesson',
      rows: [
        { ws: WS, id: lessonId, section: sectionId('tuesday'), on_date: '2026-09-26', kind: 'retaught' },
      ],
    },
    {
      table: 'lesson_item',
      rows: pairs.map(([a, b], ord) => ({
        ws: WS,
        lesson: lessonId,
        taxon: taxonId(a),
        other: taxonId(b),
        ord: ord + 1,
      })),
    },
  ];
}

/** Three quizzes: the first sat by both labs, the third by one of them and still to be graded, the second drafted. */
export function quizAndAnswerRows(): TableRows[] {
  return [
    ...[FIRST, SECOND, THIRD].flatMap(quizRows),
    ...SAT.flatMap((s) => sittingRows(s.quiz, s.section, s.on, 'closed')),
    ...sittingRows(SECOND, 'thursday', '2026-10-08', 'draft'),
    ...lessonRows(),
    ...SAT.flatMap(answerRows),
  ];
}

export const GIVEN_BACK = [
  { sitting: sittingId(FIRST, 'tuesday'), at: '2026-09-25T18:00:00Z' },
  { sitting: sittingId(FIRST, 'thursday'), at: '2026-09-25T18:30:00Z' },
];
