import { expect, test } from '@jest/globals';
import { checklist, judgeName, nameIndex, normalise } from '@hurrow/core/names';
import type { Judgement, NameEntry, NameKind, NameRank, NameUse } from '@hurrow/core/names';
import { namePoints } from '@hurrow/core/quizzes';
import { demoBundle } from './index.ts';

const bundle = demoBundle();
const rowsOf = (table: string): readonly Readonly<Record<string, unknown>>[] =>
  [...bundle.first, ...bundle.then].flatMap((t) => (t.table === table ? t.rows : []));
const RANK = new Map(rowsOf('taxon').map((r) => [String(r['id']), r['rank'] as NameRank]));
const ENTRIES = rowsOf('name').map((r): NameEntry => ({
  taxon: String(r['taxon']),
  rank: RANK.get(String(r['taxon'])) ?? 'group',
  kind: r['kind'] as NameKind,
  text: String(r['text']),
  use: (r['use'] ?? null) as NameUse | null,
}));
const INDEX = nameIndex(ENTRIES);
const LISTED = new Set(rowsOf('list_member').map((r) => String(r['taxon'])));
const OWN = ENTRIES.filter((e) => LISTED.has(e.taxon) && e.kind !== 'older_family' && e.use !== 'misused');
const ACCEPTED = new Map(ENTRIES.filter((e) => e.kind === 'accepted').map((e) => [e.taxon, e.text]));
const genusOf = new Map(
  [...LISTED].map((t) => {
    const genus = (ACCEPTED.get(t) ?? '').split(' ')[0];
    return [t, ENTRIES.find((e) => e.rank === 'genus' && e.text === genus)?.taxon ?? null] as const;
  }),
);
const judge = (typed: string, taxon: string): Judgement =>
  judgeName(typed, { taxon, genus: genusOf.get(taxon) ?? null, listed: LISTED }, INDEX);
const points = (j: Judgement, taxon: string): number =>
  namePoints(j, 'either', genusOf.get(taxon) ?? null, 1);

const LETTERS = [...'abcdefghijklmnopqrstuvwxyz '];
/** Of the letters that could be written at a place, one in so many is tried here, another at each place; all of them in the bench. */
const ONE_IN = Number(process.env['HURROW_LETTERS'] ?? 10);
/** Each real name is tried at one listed species in so many here, at others for each name; at all of them in the bench. */
const SPECIES_ONE_IN = Number(process.env['HURROW_NAMED'] ?? 3);

/** Texts one edit away from a name: a letter dropped, put in, changed, or swapped with the next. */
function* edits(text: string): Generator<string> {
  for (let i = 0; i <= text.length; i += 1) {
    const [head, tail] = [text.slice(0, i), text.slice(i)];
    yield head + tail.slice(1);
    yield head + tail.charAt(1) + tail.charAt(0) + tail.slice(2);
    for (const l of LETTERS.filter((_, k) => (k + i) % ONE_IN === 0)) {
      yield head + l + tail;
      yield head + l + tail.slice(1);
    }
  }
}

/** Every name of a real or listed tree, with the taxa of the list that bear it. */
const BEARERS = new Map<string, Set<string>>();
for (const e of ENTRIES) {
  const key = normalise(e.text);
  BEARERS.set(key, (BEARERS.get(key) ?? new Set()).add(e.taxon));
}

test('no single edit of a listed name credits another species, nor earns more than the name itself', () => {
  let tried = 0;
  let earned = 0;
  const wrong: string[] = [];
  for (const entry of OWN.filter((e) => e.kind !== 'synonym')) {
    const most = points(judge(entry.text, entry.taxon), entry.taxon);
    const seen = new Set<string>();
    for (const typed of edits(entry.text)) {
      if (seen.has(typed)) continue;
      seen.add(typed);
      const j = judge(typed, entry.taxon);
      const got = points(j, entry.taxon);
      tried += 1;
      if (got > 0) earned += 1;
      const others = [...(BEARERS.get(normalise(typed)) ?? [])].filter((t) => t !== entry.taxon);
      const named = j.taxon !== null && j.taxon !== entry.taxon && RANK.get(j.taxon) === 'species';
      if ((named && !others.includes(j.taxon ?? '')) || got > Math.max(most, 0.5))
        wrong.push(`${typed}: ${j.outcome} ${ACCEPTED.get(j.taxon ?? '') ?? ''} ${String(got)}`);
    }
  }
  expect(wrong).toEqual([]);
  expect(tried * ONE_IN).toBeGreaterThan(60_000);
  // The rest are edits that make another word, two in a row of a short one, or a space within a word.
  expect(earned / tried).toBeGreaterThan(0.7);
});

test('no name of a real tree earns a listed species anything unless it is its own', () => {
  const own = (taxon: string): ReadonlySet<string> =>
    new Set(ENTRIES.filter((e) => e.taxon === taxon).map((e) => normalise(e.text)));
  const wrong: string[] = [];
  // Normal forms are made once and not once a listed species.
  const normals = new Map<string, string>();
  for (const s of checklist().species)
    for (const name of [s.scientific, ...s.common, ...s.synonyms]) normals.set(name, normalise(name));
  const listed = [...LISTED].map((taxon) => {
    const text = ACCEPTED.get(taxon) ?? '';
    const accepted = normalise(text);
    const real = checklist().species.find((s) =>
      [s.scientific, ...s.synonyms].some((n) => normals.get(n) === accepted),
    );
    const common = new Set(real?.common.map((c) => normals.get(c)));
    return { taxon, text, real, mine: own(taxon), common };
  });
  let tried = 0;
  for (const [i, s] of checklist().species.entries()) {
    // The species of a listed subspecies is right but for what it leaves out.
    const others = listed.filter(
      (l, k) =>
        (i + k) % SPECIES_ONE_IN === 0 && s !== l.real && !l.text.startsWith(`${s.scientific} subsp.`),
    );
    for (const name of [s.scientific, ...s.common, ...s.synonyms]) {
      const normal = normals.get(name) ?? '';
      for (const { taxon, text, mine, common } of others) {
        if (mine.has(normal)) continue;
        tried += 1;
        const j = judge(name, taxon);
        if (points(j, taxon) > 0 && !common.has(normal))
          wrong.push(`${name} for ${text}: ${j.outcome}, ${j.why}`);
      }
    }
  }
  expect(wrong).toEqual([]);
  expect(tried * SPECIES_ONE_IN).toBeGreaterThan(100_000);
});
