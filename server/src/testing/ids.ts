import { createHash } from 'node:crypto';

/** The same word always gives the same id. */
export function id(word: string): string {
  const hex = createHash('sha256').update(word).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-7${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

export const WS = id('ws');
