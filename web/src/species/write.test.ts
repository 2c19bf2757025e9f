import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { afterKey, cellOf, completeCell, entryFromCell, offers, pick, tokenWords } from './entry.ts';
import type { Entry } from './entry.ts';
import { draftsOf, dropDraft, keepDraft, readDraft } from './drafts.ts';
import type { Store } from './drafts.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const character = (id: string): Character => {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const arrangement = character('twig.arrangement');

/** Types text and presses keys as the editor's line hears them. */
function typed(start: Entry, ...keys: readonly string[]): Entry {
  return keys.reduce<Entry>((entry, key) => {
    if (key === 'Enter') {
      const [first] = offers(arrangement, entry);
      return first ? pick(entry, first.id) : entry;
    }
    return afterKey(entry, key) ?? { ...entry, typed: entry.typed + key };
  }, start);
}
const EMPTY: Entry = { tokens: [], typed: '' };

describe('a line of the editor, from the keyboard', () => {
  test('states are offered by their beginning, in plain words or terms, and picked ones no more', () => {
    expect(offers(arrangement, { ...EMPTY, typed: 'opp' }).map((s) => s.id)).toEqual(['opposite']);
    expect(offers(arrangement, typed(EMPTY, 'opp', 'Enter')).map((s) => s.id)).not.toContain('opposite');
    const margin = character('leaf.margin');
    expect(offers(margin, { ...EMPTY, typed: 'doubly' }).map((s) => s.id)).toContain('doubly-serrate');
    expect(offers(margin, { ...EMPTY, typed: 'no such state' })).toEqual([]);
  });

  test('one key says how often, as cells write it; every state is usual until somebody says otherwise', () => {
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', 'alt', 'Enter'))).toBe('opposite | alternate');
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', 'alt', 'Enter', '?', '?'))).toBe(
      'opposite | alternate??',
    );
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', '?'))).toBe('opposite?');
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', 'sub', 'Enter', '~'))).toBe(
      'opposite | subopposite~',
    );
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', 'alt', 'Enter', 'Backspace'))).toBe('opposite');
  });

  test('a state is ruled out by one key, or by typing not before it', () => {
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', '!'))).toBe('not opposite');
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', 'not alt', 'Enter'))).toBe(
      'opposite | not alternate',
    );
    expect(cellOf(arrangement, typed(EMPTY, 'opp', 'Enter', '!', '?'))).toBe('opposite');
    expect(entryFromCell(arrangement, 'opposite | not alternate').tokens.map((t) => t.freq)).toEqual([
      'usual',
      'never',
    ]);
    expect(completeCell(arrangement, 'not alt')).toBe('not alternate');
    expect(tokenWords(arrangement, { state: 'alternate', freq: 'never' }, 'technical')).toBe(
      'alternate, never',
    );
  });

  test('a question mark that is typed within a word is no key', () => {
    expect(typed(EMPTY, 'opp', '?')).toEqual({ tokens: [], typed: 'opp?' });
  });

  test('what is kept comes back as it was typed, read or not', () => {
    const half = typed(EMPTY, 'opp', 'Enter', 'sideways');
    expect(cellOf(arrangement, half)).toBe('opposite | sideways');
    expect(entryFromCell(arrangement, 'opposite | sideways').typed).toBe('opposite | sideways');
    expect(entryFromCell(arrangement, 'opposite | alternate?').tokens).toHaveLength(2);
    expect(entryFromCell(character('leaf.length'), '3-5 (7) in').typed).toBe('3-5 (7) in');
  });

  test('a state that is only begun is written out where just one begins so', () => {
    expect(completeCell(arrangement, 'opp | who?')).toBe('opposite | whorled?');
    expect(completeCell(arrangement, 'oppo~')).toBe('opposite~');
    expect(completeCell(character('leaf.shape'), 'ob')).toBe('ob');
    expect(readCell(character('leaf.shape'), completeCell(character('leaf.shape'), 'ob')).ok).toBe(false);
    expect(completeCell(character('leaf.length'), ' 3-5 in ')).toBe('3-5 in');
  });
});

test('drafts are kept by species, source and character, and counted', () => {
  const map = new Map<string, string>();
  const store: Store = {
    getItem: (k) => map.get(k) ?? null,
    setItem: (k, v) => void map.set(k, v),
    removeItem: (k) => void map.delete(k),
    key: (i) => [...map.keys()][i] ?? null,
    get length() {
      return map.size;
    },
  };
  const place = { taxon: 't', source: 's', character: 'leaf.length' };
  keepDraft(store, place, { cell: '3-5', seen: 4 });
  keepDraft(store, { ...place, character: 'leaf.width' }, { cell: '2 in', seen: null });
  keepDraft(store, { ...place, taxon: 'other' }, { cell: '1 in', seen: null });
  expect(readDraft(store, place, 9)).toEqual({ cell: '3-5', seen: 4 });
  expect(readDraft(store, { ...place, character: 'leaf.width' }, 9)).toEqual({ cell: '2 in', seen: null });
  expect(draftsOf(store, 't')).toBe(2);
  dropDraft(store, place);
  expect(readDraft(store, place, 9)).toBeNull();
  // What an older version of the page kept is the bare text, which may look like anything.
  for (const old of ['3-5 in', '12', '"x"', 'null']) {
    store.setItem('hurrow/draft/t/s/leaf.length', old);
    expect(readDraft(store, place, 9)).toEqual({ cell: old, seen: 9 });
  }
  const full: Store = {
    ...store,
    setItem: () => {
      throw new Error('full');
    },
  };
  expect(() => keepDraft(full, place, { cell: 'x', seen: null })).not.toThrow();
});
