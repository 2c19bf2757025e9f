import { randomInt } from 'node:crypto';
import { alignmentDistance } from '@hurrow/core/names';
import { CODE_WORDS } from './codeWords.ts';

const FIRST_NUMBER = 100;
const NUMBERS = 900;

const drawn = (words: readonly string[]): string => words[randomInt(words.length)] ?? '';

/**
 * A join code that can be called across a parking lot: two different words and a number of three digits, as *harbor lantern 427*,
 * drawn from 132 million. Source: docs/decisions.md.
 */
export function newCode(): string {
  const first = drawn(CODE_WORDS);
  const second = drawn(CODE_WORDS.filter((w) => w !== first));
  return `${first} ${second} ${FIRST_NUMBER + randomInt(NUMBERS)}`;
}

/** The word that was meant, where one letter of it is wrong, missing, too much or in its neighbor's place. */
const meant = (typed: string): string =>
  CODE_WORDS.find((w) => w === typed) ??
  CODE_WORDS.find((w) => alignmentDistance(w, typed, 1) === 1) ??
  typed;

/**
 * A code as typed on a phone: case, spaces and hyphens do not count, and one wrong letter in a word is read as the word that was
 * meant. Codes of letters and figures, as sittings that are still open may have them, are read as they are.
 */
export function readCode(text: string): string {
  const [first, second, number, ...more] = text.toLowerCase().match(/[a-z]+|[0-9]+/g) ?? [];
  const inWords = first && second && number && more.length === 0 && /^[0-9]{3}$/.test(number);
  const parts = inWords ? [meant(first), meant(second), number] : [text.replace(/[^A-Za-z0-9]/g, '')];
  return parts.join('').toUpperCase();
}
