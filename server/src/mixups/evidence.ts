import type {
  CountOf,
  Evidence,
  EvidenceRow,
  PairAtSitting,
  PairReminder,
  PairSplit,
  PairStudent,
  TellSeen,
} from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import { poissonTail, quasiIndependence } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { background } from './background.ts';
import type { Background, BoardScope } from './background.ts';
import { readLessons, readTells, readWritten } from './looks.ts';
import type { LookRow } from './looks.ts';
import { pairsOf } from './pairs.ts';
import { readingsOf } from './readings.ts';
import { pairsByStudent } from './students.ts';

const evidenceRow = (look: LookRow, written: AnswerValue | undefined, b: Background): EvidenceRow => ({
  response: look.id,
  code: look.code,
  firstName: look.first_name,
  on: look.on_date,
  sitting: look.sitting,
  quiz: look.quiz_name,
  station: look.number,
  tag: look.tag ?? '',
  typed: written ? answerText(written) : '',
  sure: look.sure,
  origin: look.origin ?? '',
  material: look.conditions.material,
  handling: look.conditions.handling,
  distance: look.conditions.distance,
  calls: look.calls.map(({ character, value, outcome }) => ({
    character,
    state: value.kind === 'state' ? value.state : answerText(value),
    outcome,
    shown: look.shown[character] ?? 'not recorded',
  })),
  readings: readingsOf(look, b).map((r) => ({
    kind: r.kind,
    characters: 'characters' in r ? r.characters : [],
  })),
});

/** Both directions of a pair, sitting by sitting in the order they were held. */
function throughOf(looks: readonly LookRow[], truth: string, answer: string): readonly PairAtSitting[] {
  const by = new Map<string, LookRow[]>();
  for (const l of looks) by.set(l.sitting, [...(by.get(l.sitting) ?? []), l]);
  const count = (own: readonly LookRow[], a: string, b: string): CountOf => {
    const at = own.filter((l) => l.truth === a);
    return { k: at.filter((l) => l.named === 'other' && l.answer === b).length, n: at.length };
  };
  return [...by.values()]
    .flatMap((own): PairAtSitting[] => {
      const [first] = own;
      const [there, back] = [count(own, truth, answer), count(own, answer, truth)];
      if (!first || there.n + back.n === 0) return [];
      const { sitting, quiz_name: quiz, on_date: on, returned_on: returnedOn } = first;
      return [{ sitting, quiz, on, returnedOn, there, back }];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}

/** Of the tells that could be seen each time, which were called right, called wrong, or never asked. */
function tellsSeen(
  looks: readonly LookRow[],
  tellsAt: (station: string, rev: number) => readonly string[],
  isSeen: (character: string) => boolean,
): readonly TellSeen[] {
  const by = new Map<string, { visible: number; right: number; wrong: number }>();
  for (const l of looks) {
    const outcomes = new Map(l.calls.map((c) => [c.character, c.outcome]));
    for (const character of tellsAt(l.sitting_station, l.key_rev).filter(isSeen)) {
      const had = by.get(character) ?? { visible: 0, right: 0, wrong: 0 };
      const outcome = outcomes.get(character);
      by.set(character, {
        visible: had.visible + 1,
        right: had.right + (outcome === 'right' ? 1 : 0),
        wrong: had.wrong + (outcome === 'wrong' ? 1 : 0),
      });
    }
  }
  return [...by]
    .map(([character, t]) => ({ character, ...t }))
    .sort(
      (a, b) =>
        b.right + b.wrong - (a.right + a.wrong) ||
        b.visible - a.visible ||
        a.character.localeCompare(b.character),
    );
}

const SEASON_OF = [
  'winter',
  'winter',
  'spring',
  'spring',
  'spring',
  'summer',
  'summer',
  'summer',
  'fall',
  'fall',
  'fall',
  'winter',
];

/** Looks at the true species by what was at hand, by season and by class, the most first. */
function splitsOf(b: Background, truth: string, answer: string): readonly PairSplit[] {
  const looks = b.looks.filter((l) => l.truth === truth);
  const split = (by: PairSplit['by'], of: (l: LookRow) => string): readonly PairSplit[] => {
    const counts = new Map<string, { k: number; n: number }>();
    for (const l of looks) {
      const had = counts.get(of(l)) ?? { k: 0, n: 0 };
      const isIt = l.named === 'other' && l.answer === answer;
      counts.set(of(l), { k: had.k + (isIt ? 1 : 0), n: had.n + 1 });
    }
    return [...counts].map(([at, c]) => ({ by, of: at, ...c })).sort((x, y) => y.n - x.n);
  };
  return [
    ...split('material', (l) => [...l.conditions.material].sort().join(', ')),
    ...split('season', (l) => SEASON_OF[Number(l.on_date.slice(5, 7)) - 1] ?? ''),
    ...split('class', (l) => l.section_name),
  ];
}

/** Each student who mixed the two up, those it came back to first. */
function whoOf(b: Background, truth: string, answer: string): readonly PairStudent[] {
  const looks = b.looks.filter((l) => l.truth === truth || l.truth === answer);
  const codes = new Map(looks.map((l) => [l.student, l]));
  return [...pairsByStudent(looks).values()]
    .flatMap((p): PairStudent[] => {
      const of = codes.get(p.student);
      const isPair = p.pair.includes(truth) && p.pair.includes(answer);
      if (!of || !isPair) return [];
      return [
        {
          id: p.student,
          code: of.code,
          firstName: of.first_name,
          first: p.first,
          again: { k: p.repeats, n: p.chances },
          clean: p.clean,
          resolved: p.resolved,
        },
      ];
    })
    .sort((x, y) => y.again.k - x.again.k || x.code.length - y.code.length || x.code.localeCompare(y.code));
}

const readNotes = (sql: Sql, ws: string, a: string, b: string): Promise<readonly PairReminder[]> =>
  sql.query<PairReminder>(
    `select character, text, mnemonic from pair_note
     where ws = $1 and (a = $2 and b = $3 or a = $3 and b = $2) order by id`,
    [ws, a, b],
  );

/** The plainer test: what rows and columns alone would give of the wrong answers. Source: docs/formulas.md, More than slips. */
function plainTest(b: Background, truth: string, answer: string, k: number): Evidence['plainTest'] {
  if (b.small) return null;
  const wrong = new Map<string, Map<string, number>>();
  for (const l of b.looks) {
    if (l.named !== 'other' || l.answer === null) continue;
    const of = wrong.get(l.truth) ?? new Map<string, number>();
    wrong.set(l.truth, of.set(l.answer, (of.get(l.answer) ?? 0) + 1));
  }
  const expected = quasiIndependence(wrong, b.names)(truth, answer);
  return { expected, p: poissonTail(k, expected) };
}

/** Exactly the looks that a mix-up counts in its k, as written. Null where there is no such mix-up. */
export async function readEvidence(
  sql: Sql,
  ws: string,
  scope: BoardScope,
  truth: string,
  answer: string,
): Promise<Evidence | null> {
  const b = await background(sql, ws, scope);
  const pairs = pairsOf(
    b,
    (m) => (m.truth === truth && m.answer === answer) || (m.truth === answer && m.answer === truth),
  );
  const pair = pairs.find((p) => p.truth.id === truth && p.answer.id === answer);
  if (!pair) return null;
  const counted = new Set(pair.responses);
  const looks = b.looks.filter((l) => counted.has(l.id));
  const written = await readWritten(
    sql,
    ws,
    looks.flatMap((l) => l.response ?? []),
  );
  const both = pairs.find((p) => p.truth.id === answer && p.answer.id === truth) ?? null;
  return {
    pair,
    rows: looks.map((l) => evidenceRow(l, written.get(l.response ?? ''), b)),
    turned: both,
    through: throughOf(b.looks, truth, answer),
    splits: splitsOf(b, truth, answer),
    who: whoOf(b, truth, answer),
    notes: await readNotes(sql, ws, truth, answer),
    plainTest: plainTest(b, truth, answer, pair.k),
    lessons: await readLessons(sql, ws, scope.sections, [truth, answer]),
    tells: tellsSeen(
      looks,
      await readTells(sql, ws, [...new Set(looks.map((l) => l.sitting_station))], answer),
      // Where a tree stands is no mark of it: it may be planted.
      (c) => b.vocabulary.get(c)?.organ !== 'site',
    ),
  };
}
