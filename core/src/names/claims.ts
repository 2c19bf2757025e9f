import { looksLikeAuthors } from './authority.ts';
import { alignmentDistance } from './distance.ts';
import { isBroad } from './entries.ts';
import type { IndexedName } from './entries.ts';
import { exactNames, named } from './exact.ts';
import { asOwn, nearNames, nearer, isKnownWord, saysOther } from './near.ts';
import type { Near } from './near.ts';
import { checklistSearch, withoutMarks } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import type { Part, Word } from './reading.ts';
import { abbreviated, coded, cutShort, firstWords } from './shortened.ts';
import type { Shortened } from './shortened.ts';
import { soundKeys } from './sound.ts';
import { bare, singulars, writtenOut } from './words.ts';

/** What stands behind a scientific name: nothing that matters, a variety that is on no list, or words that are no author. */
export type Behind = 'nothing' | 'variety' | 'stray';

/** What one stretch of a typed text may name. */
export type Claim =
  | { readonly how: 'exact'; readonly names: readonly IndexedName[]; readonly behind: Behind }
  /** A genus, an epithet or a name written short; not `sure` where a real tree outside the library has the same. */
  | {
      readonly how: 'abbreviated' | 'code' | 'short' | 'cut';
      readonly names: readonly IndexedName[];
      readonly sure: boolean;
    }
  /** Nearest first; all those within room, not only the nearest. */
  | { readonly how: 'near'; readonly near: readonly Near[]; readonly behind: Behind }
  /** Written as it sounds; not `sure` where a word of it is another name's. */
  | { readonly how: 'sound'; readonly names: readonly IndexedName[]; readonly sure: boolean };

const RANK_WORDS = new Set(['subsp', 'ssp', 'var', 'f', 'variety', 'subspecies']);
/** The most words a stretch is searched for two names in a row. */
const MOST_WORDS = 10;

const texts = (words: readonly Word[]): string[] => words.map((w) => w.text);

/** Words with rank marks behind the second taken out, as they are in the names themselves. */
function unmarked(words: readonly Word[]): readonly Word[] {
  const kept = withoutMarks(texts(words));
  let at = 0;
  return words.filter((w) => {
    const keep = w.text === kept[at];
    if (keep) at += 1;
    return keep;
  });
}

const exact = (names: readonly IndexedName[], behind: Behind = 'nothing'): Claim => ({
  how: 'exact',
  names,
  behind,
});

/** What stands behind a scientific name, or the claims it makes itself. */
function behindName(rest: readonly Word[], name: IndexedName, index: NameIndex): Behind | readonly Claim[] {
  if (rest.length === 0) return 'nothing';
  const plain = rest.filter((w) => !RANK_WORDS.has(w.text));
  const own = exactNames(index, texts(plain));
  if (own.length > 0) return [exact(own)];
  const [first] = plain;
  const marked = plain.length < rest.length;
  // The epithet again is the variety that the species was described from.
  if (first && name.tokens.length === 2 && (marked || first.text === name.tokens[1])) return 'variety';
  if (looksLikeAuthors(rest, index)) return 'nothing';
  return bare(['x', ...texts(rest)]).length === 1 ? 'nothing' : 'stray';
}

/** A scientific name at the beginning, with whatever stands behind it. */
function leading(words: readonly Word[], index: NameIndex): readonly Claim[] {
  for (let n = Math.min(words.length - 1, 4); n >= 2; n -= 1) {
    if (RANK_WORDS.has(words[n - 1]?.text ?? '')) continue;
    const hits = named(index, withoutMarks(texts(words.slice(0, n)))).filter(
      (h) => h.latin && !isBroad(h.rank),
    );
    const [hit] = hits;
    if (!hit) continue;
    const behind = behindName(words.slice(n), hit, index);
    return typeof behind === 'string' ? [exact(hits, behind)] : [exact(hits), ...behind];
  }
  return [];
}

/** Two names in a row without anything between them. */
function inARow(words: readonly Word[], index: NameIndex): readonly Claim[] {
  if (words.length > MOST_WORDS) return [];
  const all = texts(words);
  for (let n = words.length - 1; n >= 1; n -= 1) {
    const first = exactNames(index, all.slice(0, n));
    if (first.length === 0) continue;
    const second = exactNames(index, all.slice(n));
    if (second.length > 0) return [exact(first), exact(second)];
    const near = second.length === 0 && n < words.length - 1 ? nearNames(all.slice(n), index) : [];
    if (near.length > 0) return [exact(first), { how: 'near', near, behind: 'nothing' }];
  }
  return [];
}

const shortened = (
  how: 'abbreviated' | 'code' | 'short' | 'cut',
  found: Shortened | null,
): readonly Claim[] => (found ? [{ how, ...found }] : []);

/** Names near the words as written, without what is said around them, in the singular and with short forms written out. */
function nearClaim(words: readonly Word[], index: NameIndex): readonly Claim[] {
  const all = texts(words);
  const plain = bare(all);
  const ways = [
    all,
    ...(plain.length < all.length ? [plain] : []),
    ...singulars(plain),
    ...writtenOut(plain),
  ];
  for (const way of ways) {
    const near = nearNames(way, index);
    const [first] = near;
    if (!first) continue;
    const rest =
      way === all && first.name.latin && !first.joined ? words.slice(first.name.tokens.length) : [];
    const behind = behindName(rest, first.name, index);
    return typeof behind === 'string'
      ? [{ how: 'near', near, behind }]
      : [{ how: 'near', near, behind: 'nothing' }, ...behind];
  }
  return [];
}

/** The most edits, of ten letters, that a text may lie from a name it sounds like. */
const SOUND_EDITS = 5;

function soundsLike(words: readonly Word[], index: NameIndex): readonly Claim[] {
  const plain = bare(texts(words));
  // Words that all are of some name are written as they are meant.
  if (plain.every((w) => isKnownWord(w, index))) return [];
  const typed = plain.join(' ');
  const all = soundKeys(plain).flatMap((key) => {
    const real = checklistSearch().bySound().get(key) ?? [];
    return [...(index.bySound().get(key) ?? []), ...real.map((n) => asOwn(n, index))];
  });
  const names = [...new Set(all)].filter((n) => {
    const most = Math.ceil((n.normal.length * SOUND_EDITS) / 10);
    return alignmentDistance(typed, n.normal, most) <= most;
  });
  const plainly = names.filter((n) => !saysOther(plain, n, index));
  if (plainly.length > 0) return [{ how: 'sound', names: plainly, sure: true }];
  return names.length > 0 ? [{ how: 'sound', names, sure: false }] : [];
}

/** An epithet alone behind a scientific name stands for the same genus: *Abies grandis / lasiocarpa*. */
function sameGenus(words: readonly Word[], genus: string | null, index: NameIndex): readonly Claim[] {
  if (genus === null || words.length !== 1) return [];
  const hits = named(index, [genus, words[0]?.text ?? '']);
  return hits.length > 0 ? [exact(hits)] : [];
}

/**
 * What a stretch of a typed text may name, surest reading first: the name itself, one with something behind it, two in a
 * row, a short form, a name near it, one that sounds like it. Source: docs/formulas.md, Grading names.
 * @param genus the genus of the name before it, if any.
 */
export function claimsOf(part: Part, genus: string | null, index: NameIndex): readonly Claim[] {
  const words = unmarked(part.words);
  const whole = exactNames(index, texts(words));
  if (whole.length > 0) return [exact(whole)];
  const readings: readonly (() => readonly Claim[])[] = [
    () => sameGenus(words, genus, index),
    () => leading(part.words, index),
    () => shortened('abbreviated', abbreviated(words, index)),
    () => inARow(words, index),
    () => shortened('code', coded(words, index)),
    () => shortened('short', firstWords(bare(texts(words)), index)),
    () => nearClaim(words, index),
    () => shortened('cut', cutShort(words, index)),
    () => soundsLike(words, index),
  ];
  for (const read of readings) {
    const claims = read();
    if (claims.length > 0) return claims;
  }
  return [];
}

/** The nearest names of a near claim: the first and those no farther. */
export const nearest = (near: readonly Near[]): readonly Near[] => {
  const [first] = near;
  return first ? near.filter((n) => !nearer(first, n)) : [];
};
