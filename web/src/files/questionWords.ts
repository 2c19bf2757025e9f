import type { ImportReport } from '@hurrow/contract';

type Question = ImportReport['questions'][number];

const MOST_NAMED = 8;

const rowsOf = (n: number): string => (n === 1 ? '1 row' : `${n.toLocaleString('en')} rows`);

/** What a file leaves open, in one sentence. */
export function questionWords({ about, text, among, rows }: Question): string {
  switch (about) {
    case 'section':
      return `No class is called “${text}” (${rowsOf(rows)}).`;
    case 'species':
      return `The library has no species “${text}” (${rowsOf(rows)}).`;
    case 'station':
      return `${text} names ${among.length} species (${rowsOf(rows)}). Which is right?`;
    case 'students': {
      const named = among.slice(0, MOST_NAMED).join(', ');
      const more = among.length - MOST_NAMED;
      const who =
        among.length === 1 ? `student ${named}` : `students ${named}${more > 0 ? ` and ${more} more` : ''}`;
      return `${text} has no ${who} (${rowsOf(rows)}).`;
    }
  }
}

/** What becomes of rows that nobody wants. */
export const LEAVE_OUT = 'Leave these rows out';

/** Questions that nobody has decided yet. */
export const stillOpen = (
  questions: readonly Question[],
  choices: Readonly<Record<string, string | null>>,
): readonly Question[] => questions.filter((q) => !(q.id in choices));
