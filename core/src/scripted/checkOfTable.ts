import { WORDS } from '../characters/index.ts';
import type { Refusal } from '../formats/index.ts';
import { questionsAbout } from '../questions/index.ts';
import type { Question } from '../questions/index.ts';
import { readSaidTables } from './saidTables.ts';
import type { NamedTable, NotRead, SaidTables } from './saidTables.ts';

export interface QuestionFound extends Question {
  readonly species: string;
}

export type ChecksFound =
  | {
      readonly ok: true;
      readonly questions: readonly QuestionFound[];
      readonly ignored: SaidTables['ignored'];
      readonly refused: readonly NotRead[];
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

const genusOf = (name: string): string => name.split(' ')[0] ?? '';

/** What a botanist would ask about the species of a table. Source: docs/formats.md; docs/domain.md, Questions. */
export function checkOfTable(table: NamedTable, vocabulary?: string): ChecksFound {
  const read = readSaidTables([table], vocabulary);
  if (!read.ok) return read;
  const { said } = read;
  const all = said.described.map((d) => ({ id: d.id, scientific: d.id, profile: d.profile }));
  const questions = said.described.flatMap((d) =>
    questionsAbout(
      {
        id: d.id,
        scientific: d.id,
        profile: d.profile,
        windows: d.windows,
        sayings: [],
        roots: [],
        lookalikes: [],
      },
      {
        vocabulary: said.vocabulary,
        words: WORDS,
        congeners: all.filter((o) => o.id !== d.id && genusOf(o.id) === genusOf(d.id)),
        listed: all,
      },
    ).map((q) => ({ species: d.id, ...q })),
  );
  return { ok: true, questions, ignored: said.ignored, refused: said.refused };
}
