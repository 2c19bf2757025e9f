import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, WORDS } from './index.ts';
import { MEANINGS } from './meanings/index.ts';
import { READ_AS } from './readAs.ts';

const byId = new Map(CHARACTERS.map((c) => [c.id, c]));
const hasState = (character: string, state: string): boolean =>
  byId.get(character)?.states.some((s) => s.id === state) ?? false;

describe('the shipped vocabulary', () => {
  test('every character and every state has a sentence of its own', () => {
    const wordless = CHARACTERS.flatMap((c) => [
      ...(/^[A-Z].*\.$/.test(c.definition) ? [] : [c.id]),
      ...c.states.filter((s) => !/^[A-Z].*\.$/.test(s.definition)).map((s) => `${c.id}/${s.id}`),
    ]);
    expect(wordless).toEqual([]);
    const derived = CHARACTERS.filter((c) => c.kind !== 'colour' && c.kind !== 'yesno').flatMap((c) =>
      c.states.filter((s) => !MEANINGS.has(`${c.id}/${s.id}`)).map((s) => `${c.id}/${s.id}`),
    );
    expect(derived).toEqual([]);
  });

  test('no sentence stands for a state that is not there, and two states of one character differ', () => {
    expect([...MEANINGS.keys()].filter((k) => !hasState(...(k.split('/') as [string, string])))).toEqual([]);
    const twice = CHARACTERS.filter((c) => new Set(c.states.map((s) => s.definition)).size < c.states.length);
    expect(twice.map((c) => c.id)).toEqual([]);
  });

  test('sentences are short enough to be read by a class', () => {
    const long = [...MEANINGS.values()].filter((m) => m.split(' ').length > 22);
    expect(long).toEqual([]);
  });

  test('what is read for what names states that exist and differ', () => {
    const wrong = [...READ_AS].flatMap(([c, pairs]) =>
      pairs
        .filter((p) => !hasState(c, p.state) || !hasState(c, p.as) || p.state === p.as || !(p.weight > 0))
        .map((p) => `${c}: ${p.state} > ${p.as}`),
    );
    expect(wrong).toEqual([]);
    expect(byId.get('leaf.margin')?.readAs).toContainEqual({
      state: 'doubly-serrate',
      as: 'serrate',
      weight: 6,
    });
  });

  test('learners’ words lead to terms that exist; one word may lead to several', () => {
    const wrong = WORDS.filter((w) =>
      w.state === null ? !byId.has(w.character) : !hasState(w.character, w.state),
    );
    expect(wrong).toEqual([]);
    expect(WORDS.filter((w) => w.text === 'helicopter').map((w) => w.state)).toEqual([
      'samara',
      'paired-samara',
    ]);
  });

  test('ids are unique, controllers exist, and a hierarchy has no loop', () => {
    expect(new Set(CHARACTERS.map((c) => c.id)).size).toBe(CHARACTERS.length);
    for (const c of CHARACTERS) {
      for (const rule of c.appliesIf)
        for (const s of rule.states)
          expect([rule.character, s, hasState(rule.character, s)]).toEqual([rule.character, s, true]);
      for (const s of c.states) {
        const seen = new Set<string>();
        for (let at = s.parent; at !== undefined; at = c.states.find((x) => x.id === at)?.parent) {
          expect(seen.has(at)).toBe(false);
          seen.add(at);
        }
      }
    }
  });
});
