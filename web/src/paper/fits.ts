import type { TaxonHeader } from '@hurrow/contract';

const wordsOf = (name: string): readonly string[] =>
  name
    .toLowerCase()
    .replace(/[×']/g, '')
    .split(/[\s-]+/)
    .filter((w) => w !== '');

/** How well letters fit a name: the first letters of its words, the beginning of it, the beginning of a word of it. */
function fitOf(letters: string, name: string): number {
  const words = wordsOf(name);
  const initials = words.map((w) => w.charAt(0)).join('');
  if (name.toLowerCase() === letters) return 5;
  if (letters.length > 1 && initials === letters) return 4;
  if (name.toLowerCase().startsWith(letters)) return 3;
  if (letters.length > 1 && initials.startsWith(letters)) return 2;
  return words.some((w) => w.startsWith(letters)) ? 1 : 0;
}

/**
 * The species of a list whose names some letters fit, the best first: *gf* or *gra* for grand fir, *ag* for Abies grandis.
 * @param letters as typed; spaces at the ends do not count.
 */
export function speciesFor(letters: string, species: readonly TaxonHeader[]): readonly TaxonHeader[] {
  const text = letters.trim().toLowerCase();
  if (text === '') return [];
  return species
    .map((s) => ({ s, fit: Math.max(fitOf(text, s.scientific), s.common ? fitOf(text, s.common) : 0) }))
    .filter((f) => f.fit > 0)
    .sort((a, b) => b.fit - a.fit || (a.s.scientific < b.s.scientific ? -1 : 1))
    .map((f) => f.s);
}
