import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checklist } from './checklist/index.ts';
import { normalise } from './normalise.ts';
import { judgeName } from './judge.ts';
import { joinedNearness, nearNames, nearness } from './near.ts';
import { MISHEARD, MISSPELLINGS } from './misspellings.data.ts';
import { checklistSearch, foldScientific, nameIndex, typedTokens } from './nameIndex.ts';
import type { NameEntry } from './entries.ts';
import type { Judgement } from './judgement.ts';
import type { Written } from './misspellings.data.ts';
import type { NameIndex } from './nameIndex.ts';
import { nearTextsOf } from './signatures.ts';
import { alignmentDistance } from './distance.ts';

const RIGHT = [...new Set([...MISSPELLINGS, ...MISHEARD].map((m) => m.right))];
const isLatin = (name: string): boolean =>
  checklist().species.some((s) => s.scientific === name || s.synonyms.includes(name));
/** The species each name stands for; a name that several bear stands for itself. */
const BEARERS = new Map<string, Set<string>>();
for (const s of checklist().species)
  for (const n of [s.scientific, ...s.synonyms, ...s.common].map(normalise))
    BEARERS.set(n, (BEARERS.get(n) ?? new Set()).add(s.scientific));
function taxonOf(name: string): string {
  const bearers = [...(BEARERS.get(normalise(name)) ?? [])];
  return bearers.length === 1 ? (bearers[0] ?? name) : name;
}
const TAXA = [...new Set(RIGHT.map(taxonOf))];
const ENTRIES = [
  ...TAXA.map((t): NameEntry => ({
    taxon: t,
    rank: 'species',
    kind: isLatin(t) ? 'accepted' : 'common',
    text: t,
  })),
  ...RIGHT.filter((r) => !TAXA.includes(r)).map((text): NameEntry => ({
    taxon: taxonOf(text),
    rank: 'species',
    kind: isLatin(text) ? 'synonym' : 'common',
    text,
  })),
];
const INDEX = nameIndex(ENTRIES);

/** Near names by comparing with every name, those of the checklist too. */
function scan(tokens: readonly string[], index: NameIndex): readonly string[] {
  const folded = foldScientific(tokens);
  const all = [...index.searched, ...checklistSearch().searched];
  const near = all.filter((n) => nearness(tokens, folded, n, index));
  const found = near.length > 0 ? near : all.filter((n) => joinedNearness(tokens, n));
  return [...new Set(found.map((n) => n.normal))].sort();
}

const nearOf = (tokens: readonly string[], index: NameIndex): readonly string[] =>
  [...new Set(nearNames(tokens, index).map((n) => n.name.normal))].sort();

const judged = (list: readonly Written[]): readonly (Written & Judgement)[] =>
  list.map(({ right, written }) => ({
    right,
    written,
    ...judgeName(written, { taxon: taxonOf(right), genus: null, listed: new Set(TAXA) }, INDEX),
  }));

test('kept misspellings are found as the name they were meant for, and none as another', () => {
  expect(MISSPELLINGS.length).toBeGreaterThan(400);
  const all = judged(MISSPELLINGS);
  expect(all.filter((j) => j.taxon !== null && j.taxon !== taxonOf(j.right))).toEqual([]);
  const missed = all.filter(
    (j) => j.taxon === null || !['exact', 'misspelled', 'shared_common'].includes(j.outcome),
  );
  // Rio Grande and madrona are words of names; eastern and western are each one letter off.
  expect(missed.map((m) => [m.written, m.outcome, m.why])).toEqual([
    ['grande fir', 'unlisted', 'no name known'],
    ['Pacific madrona', 'unlisted', 'no name known'],
    ['eestern redbud', 'doubtful', 'as near to “western redbud” as to “eastern redbud”'],
  ]);
});

test('names written by ear are credited to no other tree, and few are left unread', () => {
  const all = judged(MISHEARD);
  expect(all.filter((j) => j.taxon !== null && j.taxon !== taxonOf(j.right))).toEqual([]);
  expect(
    all
      .filter((j) => !['exact', 'misspelled', 'doubtful'].includes(j.outcome))
      .map((j) => [j.written, j.outcome, j.why]),
  ).toEqual([
    ['kuhtalpa', 'genus_only', 'only “× Chitalpa”'],
    ['cyprus', 'genus_only', 'only “Citrus”'],
    ['Thooya plicata', 'right_epithet', 'epithet right, “thooya” is not its genus'],
  ]);
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
      const tokens = typedTokens(typed);
      fc.pre(tokens.length > 0);
      expect(nearOf(tokens, INDEX)).toEqual(scan(tokens, INDEX));
    }),
    { numRuns: 300 },
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
      expect([...nearTextsOf(texts)(typed)].sort()).toEqual(plain.sort());
    }),
    { numRuns: 2000 },
  );
});

test('what is forgiven in a folded word goes by the word as it is written', () => {
  const index = nameIndex([
    { taxon: 'p', rank: 'species', kind: 'accepted', text: 'Picea engelmannii' },
    { taxon: 'l', rank: 'species', kind: 'accepted', text: 'Larix lyallii' },
  ]);
  expect(nearOf(typedTokens('Larix lialii'), index)).toEqual(['larix lyallii']);
  expect(nearOf(typedTokens('Picea ngelmanii'), index)).toEqual(['picea engelmannii']);
});
