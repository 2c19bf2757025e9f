import { alignmentDistance } from './distance.ts';
import { normalise } from './normalise.ts';

/** A name as it stands in a list's library. */
export interface ListedName {
  readonly taxon: string;
  readonly text: string;
  readonly kind: 'accepted' | 'synonym' | 'common' | 'family';
}

/** A common name that more than one taxon of a list has. */
export interface SharedName {
  readonly text: string;
  readonly taxa: readonly string[];
}

/** Common names that mean more than one taxon: data, not an error. Source: docs/domain.md, Taxa. */
export function sharedNames(names: readonly ListedName[]): readonly SharedName[] {
  const by = new Map<string, { text: string; taxa: Set<string> }>();
  for (const n of names) {
    if (n.kind !== 'common') continue;
    const key = normalise(n.text);
    const had = by.get(key) ?? { text: n.text, taxa: new Set<string>() };
    had.taxa.add(n.taxon);
    by.set(key, had);
  }
  return [...by.values()]
    .filter((s) => s.taxa.size > 1)
    .map((s) => ({ text: s.text, taxa: [...s.taxa] }))
    .sort((a, b) => a.text.localeCompare(b.text, 'en'));
}

/** Two names of different taxa that lie so near in spelling that one may be written for the other. */
export interface CloseNames {
  readonly a: ListedName;
  readonly b: ListedName;
  /** The words that are nearly alike. */
  readonly words: readonly [string, string];
  readonly edits: number;
}

/** Two words are near when at most so many edits part them: one in four letters, and no more than three. */
const nearEnough = (a: string, b: string): number =>
  Math.min(3, Math.floor(Math.min(a.length, b.length) / 4));

/**
 * Names of different taxa close in spelling, word by word: epithets against epithets and genera against genera, common
 * names as a whole. The nearest first; words that are the same are left to the shared names.
 */
export function closeNames(names: readonly ListedName[]): readonly CloseNames[] {
  const parts = names.flatMap((n) => {
    const words = normalise(n.text).split(' ');
    if (n.kind === 'common') return [{ n, of: 'common', word: words.join(' ') }];
    if (n.kind === 'family') return [];
    return [
      { n, of: 'genus', word: words[0] ?? '' },
      { n, of: 'epithet', word: words[1] ?? '' },
    ];
  });
  const found = new Map<string, CloseNames>();
  parts.forEach((x, i) => {
    for (const y of parts.slice(i + 1)) {
      if (x.of !== y.of || x.n.taxon === y.n.taxon || x.word === y.word || x.word === '' || y.word === '')
        continue;
      const most = nearEnough(x.word, y.word);
      if (most === 0) continue;
      const edits = alignmentDistance(x.word, y.word, most);
      if (edits > most) continue;
      const key = [x.word, y.word].sort().join('/');
      if (!found.has(key)) found.set(key, { a: x.n, b: y.n, words: [x.word, y.word], edits });
    }
  });
  return [...found.values()].sort((a, b) => a.edits - b.edits || a.words[0].localeCompare(b.words[0], 'en'));
}
