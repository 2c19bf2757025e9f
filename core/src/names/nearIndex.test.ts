import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judgeName } from './judge.ts';
import { lookup, nearness } from './lookup.ts';
import type { Lookup } from './lookup.ts';
import { MISSPELLINGS } from './misspellings.data.ts';
import { foldScientific, nameIndex, typedTokens } from './nameIndex.ts';
import type { NameEntry } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';
import { nearTexts, signatures } from './signatures.ts';
import { alignmentDistance } from './distance.ts';

const RIGHT = [...new Set(MISSPELLINGS.map((m) => m.right))];
const isLatin = (name: string): boolean =>
  /^[A-Z][a-z]+ [a-z]+$/.test(name) && !/(pine|fir|maple|oak)$/.test(name);
const ENTRIES = RIGHT.map((text): NameEntry => ({
  taxon: text,
  rank: 'species',
  kind: isLatin(text) ? 'accepted' : 'common',
  text,
}));
const INDEX = nameIndex(ENTRIES);

/** Near names by comparing with every name. */
function scan(typed: string, index: NameIndex): readonly string[] {
  const tokens = typedTokens(typed);
  const folded = foldScientific(tokens);
  return index.names.flatMap((n) => (nearness(tokens, folded, n) ? [n.text] : [])).sort();
}

const nearOf = (found: Lookup): readonly string[] =>
  found.kind === 'near' ? found.near.map((n) => n.name.text).sort() : [];

/** Written so far off that the rule of edits forgives them nothing: a slip in a word of three letters, two in one of seven. */
const TOO_FAR = [
  'Cornus serecia',
  'grand fur',
  'grand fri',
  'rockie mountain maple',
  'bitter cherrie',
  'bald cyprus',
];

test('kept misspellings are found as the name they were meant for, and none as another', () => {
  expect(MISSPELLINGS.length).toBeGreaterThan(280);
  const judged = MISSPELLINGS.map(({ right, written }) => ({
    right,
    written,
    ...judgeName(written, { taxon: right, genus: null, listed: new Set(RIGHT) }, INDEX),
  }));
  expect(judged.filter((j) => j.taxon !== null && j.taxon !== j.right)).toEqual([]);
  const missed = judged.filter((j) => j.taxon === null || !['exact', 'misspelled'].includes(j.outcome));
  expect(missed.map((m) => m.written)).toEqual(TOO_FAR);
});

/** One to three edits of a name, letter by letter, words joined and split with them. */
const edited = fc
  .tuple(
    fc.constantFrom(...RIGHT),
    fc.array(
      fc.record({
        at: fc.nat(30),
        how: fc.constantFrom('drop', 'put', 'change', 'swap', 'join'),
        letter: fc.constantFrom(...'abcehilmnoprstuy '),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  )
  .map(([name, edits]) =>
    edits.reduce((text, { at: place, how, letter }) => {
      const at = place % (text.length + 1);
      const [before, after] = [text.slice(0, at), text.slice(at)];
      if (how === 'drop') return before + after.slice(1);
      if (how === 'put') return before + letter + after;
      if (how === 'change') return before + letter + after.slice(1);
      if (how === 'swap') return before + after.slice(1, 2) + after.slice(0, 1) + after.slice(2);
      return text.replace(' ', '');
    }, name),
  );

test('the search by index finds what comparing with every name finds', () => {
  fc.assert(
    fc.property(fc.oneof(edited, fc.constantFrom(...MISSPELLINGS.map((m) => m.written))), (typed) => {
      const found = lookup(typed, INDEX);
      fc.pre(found.kind === 'near' || found.kind === 'none');
      expect(nearOf(found)).toEqual(scan(typed, INDEX));
    }),
    { numRuns: 1500 },
  );
});

test('texts within their room are never ruled out by length or letters', () => {
  const word = fc.stringMatching(/^[a-e]{0,9}$/);
  fc.assert(
    fc.property(fc.array(fc.tuple(word, fc.nat(3)), { maxLength: 12 }), word, (texts, typed) => {
      const widest = new Map<string, number>();
      for (const [t, most] of texts) widest.set(t, Math.max(most, widest.get(t) ?? 0));
      const plain = [...widest]
        .filter(([t, most]) => alignmentDistance(typed, t, most) <= most)
        .map(([t]) => t);
      expect([...nearTexts(signatures(texts), typed)].sort()).toEqual(plain.sort());
    }),
    { numRuns: 2000 },
  );
});

test('what is forgiven in a folded word goes by the word as it is written', () => {
  const index = nameIndex([
    { taxon: 'p', rank: 'species', kind: 'accepted', text: 'Picea engelmannii' },
    { taxon: 'l', rank: 'species', kind: 'accepted', text: 'Larix lyallii' },
  ]);
  expect(nearOf(lookup('Larix lialii', index))).toEqual(['Larix lyallii']);
  expect(nearOf(lookup('Picea ngelmanii', index))).toEqual(['Picea engelmannii']);
});
