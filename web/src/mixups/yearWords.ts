import type { PairOverClasses, SectionsAndYears } from '@hurrow/contract';
import { rangeWords, shareWords } from '../parts/index.ts';

/** A class by its name and term. */
export const classWords = (sections: SectionsAndYears['sections'], id: string): string => {
  const found = sections.find((s) => s.id === id);
  return found ? `${found.name}, ${found.term}` : 'another class';
};

/** Plain counts, this class first: *7 of 24; Lab A, fall 2025 6 of 23*. */
export const countsWords = (p: PairOverClasses, sections: SectionsAndYears['sections']): string =>
  p.at
    .map(({ section, k, n }, i) =>
      i === 0 ? `${k} of ${n} here` : `${k} of ${n} in ${classWords(sections, section)}`,
    )
    .join('; ');

/** What a new class should expect: *2 to 10 of 24*. */
export const expectedWords = ({ pooled: { next } }: PairOverClasses): string =>
  next.low === next.high ? `${next.low} of ${next.of}` : `${next.low} to ${next.high} of ${next.of}`;

/** The pooled rate with what it rests on. */
export const pooledWords = ({ at, pooled }: PairOverClasses): string =>
  `About ${shareWords(pooled.rate)} (${rangeWords(pooled.low, pooled.high)}) over ${at.length} classes; each counts ${
    pooled.weightFrom === 'fixed'
      ? 'by a fixed allowance for how classes differ, since fewer than five were asked'
      : 'by how much these classes differ'
  }.`;
