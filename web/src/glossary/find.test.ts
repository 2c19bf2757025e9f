import { describe, expect, test } from '@jest/globals';
import type { Glossary } from '@hurrow/contract';
import { CHARACTERS, WORDS } from '@hurrow/core/characters';
import { findLines, inHierarchy } from './find.ts';

const glossary: Glossary = {
  characters: CHARACTERS.map((c) => ({ ...c, version: 1, origin: 'shipped' as const })),
  words: WORDS.map((w, i) => ({ ...w, id: String(i) })),
};
const found = (text: string, part: Partial<Parameters<typeof findLines>[1]> = {}) =>
  findLines(glossary, { text, organ: 'all', retired: false, ...part });
const ids = (lines: ReturnType<typeof findLines>): readonly string[] =>
  lines.map((l) => (l.kind === 'state' ? `${l.character.id}/${l.state.id}` : l.character.id));

describe('the glossary', () => {
  test('a state that fits brings its character, a character that fits brings its states', () => {
    expect(ids(found('doubly'))).toEqual(['leaf.margin', 'leaf.margin/doubly-serrate']);
    expect(ids(found('twig arrangement'))).toContain('twig.arrangement/opposite');
  });

  test('learners’ own words lead to the term', () => {
    const word = glossary.words.find((w) => w.state !== null);
    expect(ids(found(word?.text ?? ''))).toContain(`${word?.character ?? ''}/${word?.state ?? ''}`);
  });

  test('organ narrows it, nothing is found of nonsense, and everything stands without a search', () => {
    expect(found('', { organ: 'bark' }).every((l) => l.character.organ === 'bark')).toBe(true);
    expect(found('xyzzy')).toEqual([]);
    const all = found('');
    expect(all.filter((l) => l.kind === 'character')).toHaveLength(CHARACTERS.length);
    expect(all).toHaveLength(CHARACTERS.length + CHARACTERS.reduce((n, c) => n + c.states.length, 0));
  });

  test('retired terms are kept apart until they are asked for', () => {
    const [first, ...rest] = glossary.characters;
    if (!first) throw new Error('The vocabulary is empty');
    const some: Glossary = { ...glossary, characters: [{ ...first, retired: true }, ...rest] };
    const at = (retired: boolean) => ids(findLines(some, { text: '', organ: first.organ, retired }));
    expect(at(false)).not.toContain(first.id);
    expect(at(true)).toContain(first.id);
  });

  test('narrower states stand behind the broader one, one step in', () => {
    const margin = CHARACTERS.find((c) => c.id === 'leaf.margin');
    const order = inHierarchy(margin?.states ?? []);
    const at = (id: string): number => order.findIndex((o) => o.state.id === id);
    expect(at('doubly-serrate')).toBeGreaterThan(at('toothed'));
    expect(order[at('doubly-serrate')]?.depth).toBe(1);
    expect(order).toHaveLength(margin?.states.length ?? 0);
  });
});
