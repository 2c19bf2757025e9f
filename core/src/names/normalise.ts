import { remembered } from '../remembered/index.ts';

const ARTICLES = new Set(['the', 'a', 'an']);
const PLAIN = /^[ -~]*$/;
const HYBRID_MARK = /(^|\s)(×|x)(?=\s)|×/g;

/**
 * A name reduced to what is compared: lower case, no accents, no punctuation, hyphens as spaces, no hybrid mark,
 * no leading article. Source: docs/formulas.md, Grading names.
 */
export function normalise(text: string): string {
  const words = (PLAIN.test(text) ? text : text.normalize('NFKD').replace(/[\u0300-\u036f]/g, ''))
    .toLowerCase()
    .replace(/['’‘`´]/g, '')
    .replace(HYBRID_MARK, '$1 ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
    .split(' ')
    .filter((w) => w !== '');
  // “A. grandis” is a genus abbreviated, “a grand fir” has an article.
  const abbreviated = /^\s*an?\s*\./i.test(text);
  while (!abbreviated && words.length > 1 && ARTICLES.has(words[0] ?? '')) words.shift();
  return words.join(' ');
}

/** A class and a checklist have so many different words at most. */
const MOST_FOLDED = 20_000;

/**
 * Latin spellings that sound or are written alike, folded to one. Applied to both sides of a comparison of
 * scientific names, never to English ones. Words are kept with their fold, since few genera have many species.
 */
export const foldLatin = remembered(MOST_FOLDED, (token: string): string =>
  token
    .replace(/ae|oe/g, 'e')
    .replace(/qu/g, 'k')
    .replace(/ph/g, 'f')
    .replace(/th/g, 't')
    .replace(/ch/g, 'k')
    .replace(/[ckw]+/g, (m) => (/[ck]/.test(m) ? 'k' : m))
    .replace(/y/g, 'i')
    .replace(/(.)\1+/g, '$1'),
);

/** Latin gender endings of an epithet folded to one: -us, -a, -um; -er, -ra, -rum; -is, -e. */
export function foldEnding(epithet: string): string {
  if (epithet.length < 5) return epithet;
  return epithet
    .replace(/(?:er|ra|rum)$/, 'r')
    .replace(/(?:us|a|um)$/, '')
    .replace(/(?:is|e)$/, '');
}

/** An epithet folded for comparison: Latin spellings and gender ending. */
export const foldEpithet = (epithet: string): string => foldLatin(foldEnding(epithet));
