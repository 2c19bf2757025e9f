import same from 'fast-deep-equal';
import type { Character, Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import type { CharacterPart, LibraryDocument, LibraryPart, WordPart } from './document.ts';
import type { Notes } from './planTypes.ts';

/** What of a character may differ between two workspaces and be brought over. */
const wordsOf = (c: Character): unknown => [
  c.term,
  c.plain,
  c.definition,
  c.counting ?? null,
  c.retired ?? false,
  c.states.map((s) => [
    s.id,
    s.parent ?? null,
    s.term,
    s.plain,
    s.definition,
    s.swatch ?? null,
    s.retired ?? false,
  ]),
];

/** Characters that are new or reworded, and the vocabulary as it would be then. */
export function planCharacters(
  current: LibraryDocument,
  incoming: LibraryPart,
  { refuse, note, keep, once }: Notes,
): { readonly characters: readonly CharacterPart[]; readonly vocabulary: Vocabulary } {
  once(['characters'], incoming.characters, (c) => c.id, 'Characters');
  incoming.characters?.forEach((c, i) => once(['characters', i, 'states'], c.states, (x) => x.id, c.id));
  const standing = new Map(current.characters.map((c) => [c.id, c]));
  const vocabulary = new Map<string, Character>(standing);
  const characters = (incoming.characters ?? []).filter((c, i) => {
    const stands = standing.get(c.id);
    if (stands && (stands.kind !== c.kind || (stands.unit !== c.unit && c.kind !== 'length'))) {
      refuse(
        ['characters', i, 'kind'],
        `${c.id} is ${stands.kind}${stands.unit ? ` in ${stands.unit}` : ''} here and ${c.kind}${c.unit ? ` in ${c.unit}` : ''} in the file.`,
        'Give it another id in the file.',
      );
      return false;
    }
    const gone = stands?.states.filter((s) => !c.states.some((x) => x.id === s.id)) ?? [];
    const states = [...c.states, ...gone];
    const bad = c.states.find((s) => s.parent !== undefined && !states.some((x) => x.id === s.parent));
    if (bad)
      refuse(
        ['characters', i, 'states'],
        `The state “${bad.id}” stands under “${bad.parent ?? ''}”, which there is not.`,
        'Add that state, or leave the parent out.',
      );
    vocabulary.set(c.id, { ...c, states });
    if (stands && same(wordsOf(stands), wordsOf({ ...c, states }))) {
      keep();
      return false;
    }
    note('character', stands ? 'changed' : 'new', c.term, c.id);
    return true;
  });
  (incoming.characters ?? []).forEach((c, i) => {
    for (const rule of c.appliesIf) {
      const controller = vocabulary.get(rule.character);
      const missing = rule.states.find((s) => !controller?.states.some((x) => x.id === s));
      if (!controller || missing !== undefined) {
        refuse(
          ['characters', i, 'appliesIf'],
          `${c.id} applies by ${rule.character}${missing === undefined ? '' : ` = ${missing}`}, which there is not.`,
          'Add it to the file, or leave the rule out.',
        );
      }
    }
  });
  return { characters, vocabulary };
}

/** Learners' words that are new. */
export function planWords(
  current: LibraryDocument,
  incoming: LibraryPart,
  vocabulary: Vocabulary,
  { refuse, note, keep }: Notes,
): readonly WordPart[] {
  const wordKey = (w: WordPart): string => JSON.stringify([normalise(w.text), w.character, w.state]);
  const wordsThere = new Set(current.words.map(wordKey));
  return (incoming.words ?? []).filter((w, i) => {
    if (wordsThere.has(wordKey(w))) {
      keep();
      return false;
    }
    const c = vocabulary.get(w.character);
    if (!c || (w.state !== null && !c.states.some((s) => s.id === w.state))) {
      refuse(
        ['words', i],
        `“${w.text}” stands for ${w.character}${w.state === null ? '' : ` = ${w.state}`}, which there is not.`,
        'Take the word out, or add the term.',
      );
    }
    note('word', 'new', w.text, w.character);
    return true;
  });
}
