import Papa from 'papaparse';
import { isDate } from '../conditions/index.ts';
import { MIX_UP_SETTINGS, classThreshold, freshCounts, lessonEffect } from '../mixups/index.ts';
import type { EffectOf, EffectVerdict, RetaughtPair } from '../mixups/index.ts';
import type { SectionRows } from './sections.ts';

/** A lesson on a pair of species. */
export interface Lesson {
  readonly on: string;
  readonly section: string;
  readonly species: string;
  readonly other: string;
  readonly kind: 'taught' | 'retaught';
}

export interface LessonFault {
  readonly line: number;
  readonly column: string;
  readonly reason: string;
}

const COLUMNS = ['date', 'section', 'species', 'other', 'kind'] as const;

/** Reads `date,section,species,other,kind`; rows that cannot be read are said, with their line. */
export function readLessons(text: string): {
  readonly lessons: readonly Lesson[];
  readonly refused: readonly LessonFault[];
} {
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const lessons: Lesson[] = [];
  const refused: LessonFault[] = [];
  data.forEach((row, i) => {
    const [on = '', section = '', species = '', other = '', kind = ''] = COLUMNS.map((c) =>
      (row[c] ?? '').trim(),
    );
    const say = (column: string, reason: string): void => void refused.push({ line: i + 2, column, reason });
    if (!isDate(on)) say('date', `“${on}” is no date. Write it as 2026-10-06.`);
    else if (section === '') say('section', 'The section is missing.');
    else if (species === '' || other === '' || species === other) say('other', 'A lesson is on two species.');
    else if (kind !== 'taught' && kind !== 'retaught')
      say('kind', `“${kind}” is neither taught nor retaught.`);
    else lessons.push({ on, section, species, other, kind });
  });
  return { lessons, refused };
}

/** The lessons of a section that took a pair up again. */
export const retaughtIn = (lessons: readonly Lesson[], section: string): readonly RetaughtPair[] =>
  lessons.flatMap((l) =>
    l.section === section && l.kind === 'retaught' ? [{ a: l.species, b: l.other, on: l.on }] : [],
  );

export interface Retaught {
  readonly pair: readonly [string, string];
  readonly date: string;
  readonly before: { readonly k: number; readonly n: number };
  readonly after: { readonly k: number; readonly n: number };
  readonly p_fell: number;
  readonly difference: { readonly mean: number; readonly low: number; readonly high: number };
  readonly p_more_than_others: number | null;
  readonly verdict: EffectVerdict;
}

/** What followed each lesson on a pair, in each direction that the class mixed up. By date, then pair. */
export function findRetaught(
  sections: readonly SectionRows[],
  lessons: readonly Lesson[],
  mixups: readonly { readonly truth: string; readonly answer: string; readonly flagged: boolean }[],
): readonly Retaught[] {
  const flagged = mixups.filter((m) => m.flagged);
  return sections
    .flatMap(({ section, sittings }) => {
      const own = retaughtIn(lessons, section);
      const effectOf = (a: string, b: string): EffectOf | null => {
        const first = sittings.find((s) => {
          const n = s.lookedAt.get(a) ?? 0;
          return n > 0 && (s.wrote.get(`${a}/${b}`) ?? 0) >= classThreshold(n);
        });
        return first ? { fresh: freshCounts(sittings, a, b), flaggedBy: first.seq } : null;
      };
      const others = flagged.flatMap((m) =>
        own.some((l) => (l.a === m.truth && l.b === m.answer) || (l.a === m.answer && l.b === m.truth))
          ? []
          : (effectOf(m.truth, m.answer) ?? []),
      );
      return own.flatMap((l) =>
        [[l.a, l.b] as const, [l.b, l.a] as const].flatMap(([a, b]): Retaught[] => {
          const pair = effectOf(a, b);
          if (!pair) return [];
          const e = lessonEffect(pair, l.on, others, MIX_UP_SETTINGS.looks);
          return [
            {
              pair: [a, b],
              date: l.on,
              before: e.before,
              after: e.after,
              p_fell: e.fell,
              difference: e.difference,
              p_more_than_others: e.fellMore,
              verdict: e.verdict,
            },
          ];
        }),
      );
    })
    .sort((x, y) => x.date.localeCompare(y.date) || x.pair.join().localeCompare(y.pair.join()));
}
