import type {
  CountOf,
  Evidence,
  EvidenceRow,
  LevelRow,
  MixUps,
  PairAtSitting,
  TellSeen,
  TruthRow,
} from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import { FLAGS, countLevel, matrixOrder, namesInDoubt, oftenMissed } from '@hurrow/core/mixups';
import type { Look } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { background } from './background.ts';
import type { Background, BoardScope } from './background.ts';
import type { Level } from './groups.ts';
import { readLessons, readTells, readWritten } from './looks.ts';
import type { LookRow } from './looks.ts';
import { pairsOf } from './pairs.ts';
import { readingsOf } from './readings.ts';

function truthsOf(b: Background): readonly TruthRow[] {
  return [...new Set(b.looks.map((l) => l.truth))].flatMap((id): TruthRow[] => {
    const truth = b.headers.get(id);
    if (!truth) return [];
    const own = b.looks.filter((l) => l.truth === id);
    const count = (named: Look['named']): number => own.filter((l) => l.named === named).length;
    return [
      {
        truth,
        n: own.length,
        right: count('right'),
        other: count('other'),
        unlisted: count('unlisted'),
        blank: count('blank'),
        genusOnly: count('genus_only'),
        family: count('family'),
        cannotTell: count('cannot_tell'),
      },
    ];
  });
}

function levelOf(b: Background, level: Level): readonly LevelRow[] {
  return countLevel(b.looks, b.groups[level]).flatMap((c): LevelRow[] => {
    const [truth, answer] = [b.headers.get(c.truth), b.headers.get(c.answer)];
    if (!truth || !answer) return [];
    const answers = c.answers.flatMap(({ species, students }) => {
      const taxon = b.headers.get(species);
      return taxon ? [{ taxon, students }] : [];
    });
    return [{ truth, answer, students: c.students, of: c.of, answers }];
  });
}

/** How many looks there are of each value, the most first. */
const tally = (values: readonly string[]): readonly (readonly [string, number])[] => {
  const by = new Map<string, number>();
  for (const v of values) by.set(v, (by.get(v) ?? 0) + 1);
  return [...by].sort((a, b) => b[1] - a[1]);
};

/** Mix-ups of classes with direction, base, interval and who. Source: docs/formulas.md, Counting mix-ups. */
export async function readMixUps(sql: Sql, ws: string, scope: BoardScope): Promise<MixUps> {
  const b = await background(sql, ws, scope);
  const pairs = pairsOf(b, FLAGS);
  const sittings = new Map(
    b.looks.map((l) => [l.sitting, { id: l.sitting, on: l.on_date, quiz: l.quiz_name }]),
  );
  const { species, clusters } = matrixOrder(
    pairs.map((p) => ({
      truth: p.truth.id,
      answer: p.answer.id,
      students: p.students.length,
      flagged: p.slips?.flagged ?? false,
    })),
  );
  return {
    section: scope.sections[0] ?? '',
    looks: b.looks.length,
    students: new Set(b.looks.map((l) => l.student)).size,
    sittings: [...sittings.values()],
    pairs,
    truths: truthsOf(b),
    small: b.small,
    materials: tally(b.inRange.map((l) => l.material_class)).map(([material, looks]) => ({
      material,
      looks,
    })),
    forms: tally(b.inRange.map((l) => l.form)).map(([form, looks]) => ({ form, looks })),
    levels: { genus: levelOf(b, 'genus'), family: levelOf(b, 'family'), group: levelOf(b, 'group') },
    missed: oftenMissed(b.looks).flatMap(({ truth, ...m }) => {
      const header = b.headers.get(truth);
      return header ? [{ truth: header, ...m }] : [];
    }),
    inDoubt: namesInDoubt(b.looks).flatMap(({ answer, ...d }) => {
      const header = b.headers.get(answer);
      return header ? [{ answer: header, ...d }] : [];
    }),
    order: species,
    clusters,
  };
}

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
    FLAGS,
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
    lessons: await readLessons(sql, ws, scope.sections, [truth, answer]),
    tells: tellsSeen(
      looks,
      await readTells(sql, ws, [...new Set(looks.map((l) => l.sitting_station))], answer),
      // Where a tree stands is no mark of it: it may be planted.
      (c) => b.vocabulary.get(c)?.organ !== 'site',
    ),
  };
}
