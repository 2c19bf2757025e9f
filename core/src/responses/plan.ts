import { characterWritten } from '../answers/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import type { Refusal } from '../formats/index.ts';
import { MOST_REFUSALS } from '../formats/index.ts';
import { normalise } from '../names/index.ts';
import { remembered } from '../remembered/index.ts';
import { MOST_TEXTS, sittingKey } from './read.ts';
import type { ResponseLine } from './types.ts';

/** What a file is held against. */
export interface ResponseGround {
  readonly sections: readonly { readonly id: string; readonly name: string; readonly term: string }[];
  /** Students by section, also those who left. */
  readonly students: readonly { readonly section: string; readonly id: string; readonly code: string }[];
  /** Species by accepted name or synonym, in the form `normalise` gives. */
  readonly species: ReadonlyMap<string, string>;
  readonly sittings: readonly { readonly quiz: string; readonly on: string; readonly section: string }[];
  readonly vocabulary: Vocabulary;
}

/** How somebody decided what the file leaves open, by the id of the question. Null leaves the rows out. */
export type Choices = Readonly<Record<string, string | null>>;

/** What a file leaves open, with what can be chosen. */
export interface ResponseQuestion {
  readonly id: string;
  readonly about: 'section' | 'students' | 'species' | 'station';
  /** What the file says: the name of a class or a species; a station with its sitting. */
  readonly text: string;
  /** Student numbers, for `students`; the species named, for `station`. */
  readonly among: readonly string[];
  readonly rows: number;
  /** What was chosen, null to leave the rows out; missing while nobody has. */
  readonly chosen?: string | null;
}

export const ADD = 'add';

export interface PlannedAnswer {
  readonly student: string | null;
  readonly code: string;
  readonly answer: string;
  readonly form: ResponseLine['form'];
  readonly sure: ResponseLine['sure'];
  readonly seconds: number | null;
  readonly calls: readonly { readonly character: string; readonly value: AnswerValue }[];
}

export interface PlannedStation {
  readonly number: number;
  readonly taxon: string;
  readonly material: readonly string[];
  readonly characters: readonly string[];
  readonly asksSure: boolean;
  readonly answers: readonly PlannedAnswer[];
}

export interface PlannedSitting {
  readonly quiz: string;
  readonly section: string;
  readonly sectionName: string;
  readonly on: string;
  readonly returned: string | null;
  readonly students: number;
  readonly stations: readonly PlannedStation[];
}

export interface ResponsePlan {
  readonly sittings: readonly PlannedSitting[];
  /** Students who are to be added, by section. */
  readonly added: readonly { readonly section: string; readonly code: string }[];
  readonly questions: readonly ResponseQuestion[];
  readonly refused: readonly Refusal[];
  /** Rows that are left out by choice. */
  readonly leftOut: number;
  readonly left: readonly string[];
}

const folded = remembered(MOST_TEXTS, (text: string) => text.trim().toLowerCase());
const normal = remembered(MOST_TEXTS, normalise);

function sectionsBy(sections: ResponseGround['sections']): ReadonlyMap<string, readonly string[]> {
  const by = new Map<string, string[]>();
  const add = (key: string, id: string): void => void by.set(key, [...(by.get(key) ?? []), id]);
  for (const s of sections) {
    add(folded(s.name), s.id);
    add(folded(`${s.name}, ${s.term}`), s.id);
  }
  return by;
}

/** Gathers questions, with the rows that wait for each. */
function asking(choices: Choices) {
  const asked = new Map<
    string,
    { about: ResponseQuestion['about']; text: string; among: Set<string>; rows: number }
  >();
  return {
    /** @returns what was chosen; undefined while nobody has. */
    ask(
      about: ResponseQuestion['about'],
      text: string,
      among: readonly string[] = [],
    ): string | null | undefined {
      const id = `${about}:${folded(text)}`;
      const had = asked.get(id) ?? { about, text, among: new Set<string>(), rows: 0 };
      had.rows += 1;
      for (const a of among) had.among.add(a);
      asked.set(id, had);
      return id in choices ? (choices[id] ?? null) : undefined;
    },
    questions: (): readonly ResponseQuestion[] =>
      [...asked].map(([id, { about, text, among, rows }]) => ({
        id,
        about,
        text,
        among: [...among].sort((a, b) => a.localeCompare(b, 'en', { numeric: true })),
        rows,
        ...(id in choices ? { chosen: choices[id] ?? null } : {}),
      })),
  };
}

interface Placed {
  readonly line: ResponseLine;
  readonly section: string;
  readonly student: string | null;
  readonly taxon: string;
}

/**
 * Holds the lines of a file against what is known: what they would add, what they leave open, and what is refused.
 * Nothing that a sitting has already is written over. Source: docs/formats.md.
 * @param choices how open questions were decided so far.
 */
export function planResponses(
  lines: readonly ResponseLine[],
  ground: ResponseGround,
  choices: Choices,
  progress: (done: number, total: number) => void = () => undefined,
): ResponsePlan {
  const sections = sectionsBy(ground.sections);
  const nameOf = new Map(ground.sections.map((s) => [s.id, s.name]));
  const students = new Map(ground.students.map((s) => [`${s.section}/${folded(s.code)}`, s.id]));
  const taken = new Set(ground.sittings.map((s) => `${s.section}/${s.on}/${folded(s.quiz)}`));
  const { ask, questions } = asking(choices);
  const refused: Refusal[] = [];
  const isLeft = new Map<string, number>();
  let leftOut = 0;
  const say = (line: number, message: string, remedy: string): void => {
    if (refused.length < MOST_REFUSALS) refused.push({ line, column: 1, message, remedy });
  };
  const told = new Set<string>();
  const groups = new Map<string, Placed[]>();
  lines.forEach((line, i) => {
    if (i % 5000 === 0) progress(i, lines.length);
    const named = sections.get(folded(line.section)) ?? [];
    const section = named.length === 1 ? named[0] : ask('section', line.section);
    if (section === null) return void (leftOut += 1);
    if (section === undefined) return;
    const sitting = `${section}/${line.on}/${folded(line.quiz)}`;
    if (taken.has(sitting)) {
      if (!told.has(sitting))
        say(
          line.line,
          `${nameOf.get(section) ?? line.section} has “${line.quiz}” of this day already.`,
          'Give the quiz another name in the file, or delete the rows of this sitting. What is there is not written over.',
        );
      told.add(sitting);
      return;
    }
    const known = students.get(`${section}/${folded(line.student)}`) ?? null;
    if (known === null) {
      const chosen = ask('students', nameOf.get(section) ?? line.section, [line.student]);
      if (chosen === null) return void (leftOut += 1);
      if (chosen === undefined) return;
    }
    const taxon = ground.species.get(normal(line.species)) ?? ask('species', line.species);
    if (taxon === null) return void (leftOut += 1);
    if (taxon === undefined) return;
    const key = `${section}/${sittingKey(line)}`;
    const had = groups.get(key);
    const placed = { line, section, student: known, taxon };
    if (had) had.push(placed);
    else groups.set(key, [placed]);
  });
  const added = new Map<string, { section: string; code: string }>();
  const sittings = [...groups.values()].flatMap((all): PlannedSitting[] => {
    const [first] = all;
    if (!first) return [];
    const stations = stationsOf(all, ground, ask, say, isLeft, () => (leftOut += 1));
    if (stations.length === 0) return [];
    for (const p of all)
      if (p.student === null)
        added.set(`${p.section}/${folded(p.line.student)}`, { section: p.section, code: p.line.student });
    return [
      {
        quiz: first.line.quiz,
        section: first.section,
        sectionName: nameOf.get(first.section) ?? first.line.section,
        on: first.line.on,
        returned: all.map((p) => p.line.returned).find((r) => r !== null) ?? null,
        students: new Set(all.map((p) => folded(p.line.student))).size,
        stations,
      },
    ];
  });
  progress(lines.length, lines.length);
  return {
    sittings: sittings.sort((a, b) => a.on.localeCompare(b.on) || a.quiz.localeCompare(b.quiz)),
    added: [...added.values()],
    questions: questions(),
    refused,
    leftOut,
    left: [...isLeft].map(
      ([character, rows]) => `“call:${character}” of ${rows} rows: the vocabulary has no such character`,
    ),
  };
}

/** The stations of one sitting; where one names two species, it is asked which is right. */
function stationsOf(
  all: readonly Placed[],
  ground: ResponseGround,
  ask: ReturnType<typeof asking>['ask'],
  say: (line: number, message: string, remedy: string) => void,
  isLeft: Map<string, number>,
  leaveOut: () => void,
): readonly PlannedStation[] {
  const by = new Map<number, Placed[]>();
  for (const p of all) {
    const had = by.get(p.line.station);
    if (had) had.push(p);
    else by.set(p.line.station, [p]);
  }
  return [...by]
    .sort(([a], [b]) => a - b)
    .flatMap(([number, rows]): PlannedStation[] => {
      const [first] = rows;
      if (!first) return [];
      const named = new Map(rows.map((r) => [r.taxon, r.line.species]));
      let taxon: string | null | undefined = first.taxon;
      if (named.size > 1) {
        const where = `${first.line.quiz}, ${first.line.on}, station ${number}`;
        const chosen = rows.map(() => ask('station', where, [...named.values()]))[0];
        taxon = chosen === null || chosen === undefined ? chosen : ground.species.get(normalise(chosen));
      }
      if (taxon === null) {
        rows.forEach(leaveOut);
        return [];
      }
      if (taxon === undefined) return [];
      const answers = rows.map((r) => answerOf(r, ground.vocabulary, say, isLeft));
      return [
        {
          number,
          taxon,
          material: rows.find((r) => r.line.material.length > 0)?.line.material ?? [],
          characters: [...new Set(answers.flatMap((a) => a.calls.map((c) => c.character)))].sort(),
          asksSure: rows.some((r) => r.line.sure !== null),
          answers,
        },
      ];
    });
}

function answerOf(
  { line, student }: Placed,
  vocabulary: Vocabulary,
  say: (line: number, message: string, remedy: string) => void,
  isLeft: Map<string, number>,
): PlannedAnswer {
  const calls = Object.entries(line.calls).flatMap(([id, text]) => {
    const character = vocabulary.get(id);
    if (!character) {
      isLeft.set(id, (isLeft.get(id) ?? 0) + 1);
      return [];
    }
    const value = characterWritten(character, text);
    if (value === null) {
      const offered = character.states.slice(0, 6).map((s) => s.id);
      say(
        line.line,
        `“${text}” is no answer to ${character.term}.`,
        offered.length > 0
          ? `Use one of ${offered.join(', ')}, or leave it empty.`
          : 'Write a number with its unit, or leave it empty.',
      );
      return [];
    }
    return value.kind === 'blank' ? [] : [{ character: id, value }];
  });
  return {
    student,
    code: line.student,
    answer: line.answer,
    form: line.form,
    sure: line.sure,
    seconds: line.seconds,
    calls,
  };
}
