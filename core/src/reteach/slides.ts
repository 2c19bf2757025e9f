import { hash } from '../plates/index.ts';

/** A wrong answer, of nobody. */
export interface WrittenAnswer {
  readonly truth: string;
  readonly typed: string;
  /** The tree it was written at; null where none is known. */
  readonly tree: string | null;
  /** Characters that could be seen there and separate the two. */
  readonly seen: readonly string[];
}

/**
 * What is projected: a wrong answer as written at a tree, with the look that was missed; or, where there are few of them, a
 * drawn individual of one of the two.
 */
export type Slide =
  | {
      readonly kind: 'written';
      readonly typed: string;
      readonly tree: string | null;
      readonly is: 'first' | 'second';
      readonly look: string;
    }
  | { readonly kind: 'drawn'; readonly seed: number; readonly is: 'first' | 'second'; readonly look: string };

export interface Review {
  readonly slides: readonly Slide[];
  /** Answers that are left out, because no look that is taught could be seen where they were written. */
  readonly leftOut: number;
}

const MOST_WRITTEN = 10;
const FEWEST = 4;

/**
 * Makes the slides of a review. Only looks that are taught and could be seen on the material count; the first of them in the
 * order of looking is the one that was missed. Drawn individuals follow where fewer than four answers are left.
 * @param first id of the first species of the contrast.
 * @param looks characters in the order they are taught.
 */
export function reviewOf(answers: readonly WrittenAnswer[], first: string, looks: readonly string[]): Review {
  const fitting = answers.flatMap((a): Slide[] => {
    const look = looks.find((l) => a.seen.includes(l));
    return look === undefined
      ? []
      : [
          {
            kind: 'written',
            typed: a.typed,
            tree: a.tree,
            is: a.truth === first ? 'first' : 'second',
            look,
          },
        ];
  });
  const written = fitting.slice(0, MOST_WRITTEN);
  const drawn = looks.length === 0 ? 0 : Math.max(0, FEWEST - written.length);
  const more = Array.from({ length: drawn }, (_, i): Slide => ({
    kind: 'drawn',
    seed: hash(`${first}/${i}`),
    is: hash(`${first}/${i}`) % 2 === 0 ? 'first' : 'second',
    look: looks[i % looks.length] ?? '',
  }));
  return { slides: [...written, ...more], leftOut: answers.length - fitting.length };
}

/** Where a review is: a slide, and whether its answer is shown; past the last slide is its end. */
export interface At {
  readonly slide: number;
  readonly shown: boolean;
}

export const START: At = { slide: 0, shown: false };

export type Move = 'next' | 'back' | 'first';

/** Moves a review by one press: the answer of a slide, then the next slide; past the last it stays. */
export function movedTo({ slide, shown }: At, move: Move, slides: number): At {
  if (move === 'first' || slides === 0) return START;
  if (move === 'back') {
    if (shown) return { slide, shown: false };
    return slide === 0 ? START : { slide: slide - 1, shown: true };
  }
  if (slide >= slides) return { slide: slides, shown: false };
  return shown ? { slide: slide + 1, shown: false } : { slide, shown: true };
}

const MOVES: Readonly<Record<string, Move | 'blank' | 'leave'>> = {
  ArrowRight: 'next',
  ArrowDown: 'next',
  PageDown: 'next',
  Enter: 'next',
  ' ': 'next',
  ArrowLeft: 'back',
  ArrowUp: 'back',
  PageUp: 'back',
  Backspace: 'back',
  Home: 'first',
  b: 'blank',
  '.': 'blank',
  Escape: 'leave',
};

/** What a key of a keyboard or a clicker does; null where it does nothing. */
export const moveOfKey = (key: string): Move | 'blank' | 'leave' | null => MOVES[key] ?? null;
