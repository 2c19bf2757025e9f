import { randomInt } from 'node:crypto';

/** No letter or figure that is read for another in bad light. */
const LETTERS = 'ABCDEFGHJKMNPQRTUVWXY346789';
const LENGTH = 6;

/** A join code, drawn from 387 million. */
export const newCode = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS.charAt(randomInt(LETTERS.length))).join('');

/** A code as typed on a phone: case, spaces and hyphens do not count. */
export const readCode = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '');
