import { room } from './distance.ts';
import { taxaOf } from './entries.ts';
import type { IndexedName } from './entries.ts';
import { under } from './exact.ts';
import { foldEpithet } from './normalise.ts';
import { genusOfChecked } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import { tokenEdits } from './near.ts';
import type { Word } from './reading.ts';
import { MODIFIER_WORDS } from './words.ts';

/** Names a short form may stand for; `sure` where no real tree outside the library has the same. */
export interface Shortened {
  readonly names: readonly IndexedName[];
  readonly sure: boolean;
}

/** The fewest letters of an epithet that is cut off with a dot, and of one cut off without. */
const LEAST_DOTTED = 3;
const LEAST_CUT = 4;

/** The fewest letters of the first words of a name. */
const LEAST_FIRST = 5;

const FAR = 99;

/** Whether a word behind an epithet is a person's, who is no part of the name. */
const isAuthor = (w: Word): boolean => w.capital || w.dotted;

/** Edits between a typed epithet and the right one; one that is right but for its gender lies behind one that is right. */
function epithetEdits(typed: Word, right: string): number {
  if (typed.text === right) return 0;
  if (typed.dotted && typed.text.length >= LEAST_DOTTED && right.startsWith(typed.text)) return 0;
  const allowed = room(right.length);
  return (
    1 +
    Math.min(
      tokenEdits(typed.text, right, allowed),
      tokenEdits(foldEpithet(typed.text), foldEpithet(right), allowed),
    )
  );
}

/** A genus written short (*A. grandis*, *Pseud. menz.*): one letter, or any beginning with a dot. */
export function abbreviated(words: readonly Word[], index: NameIndex): Shortened | null {
  const [genus, epithet, below] = words;
  if (!genus || !epithet) return null;
  const short = genus.text.length === 1 || genus.dotted;
  if (!short && !(epithet.dotted && epithet.text.length >= LEAST_DOTTED)) return null;
  const { own, real } = under(index, 'byInitial', genus.text.charAt(0));
  const measured = [...own, ...real].flatMap((name) => {
    const [g = '', e = '', b] = name.tokens;
    if (short ? !g.startsWith(genus.text) : g !== genus.text) return [];
    // A species alone is not its subspecies, here as where the genus is written out.
    if ((below === undefined) !== (b === undefined) && !(below && isAuthor(below))) return [];
    if (below && b !== undefined && epithetEdits(below, b) >= FAR) return [];
    const edits = epithetEdits(epithet, e);
    return edits >= FAR ? [] : [{ name, edits }];
  });
  const least = Math.min(FAR, ...measured.map((m) => m.edits));
  const nearest = measured.filter((m) => m.edits === least).map((m) => m.name);
  if (nearest.length === 0) return null;
  const mine = nearest.filter((n) => !n.checked || index.accepted.has(n.taxon));
  return { names: mine.length > 0 ? mine : nearest, sure: true };
}

/** An epithet cut short without a dot behind a genus that is right: *Acer macrophy*. Only where nothing else fits. */
export function cutShort(words: readonly Word[], index: NameIndex): Shortened | null {
  const [genus, epithet, more] = words;
  if (!genus || !epithet || more || epithet.text.length < LEAST_CUT) return null;
  const { own, real } = under(index, 'byInitial', genus.text.charAt(0));
  const names = [...own, ...real].filter(
    ({ tokens: [g, e = ''] }) =>
      g === genus.text &&
      e !== epithet.text &&
      e.startsWith(epithet.text) &&
      epithet.text.length * 2 >= e.length,
  );
  return names.length === 0 ? null : { names, sure: taxaOf(names).length === 1 };
}

/** Whether some of these names mean another taxon than the library's, of a genus that the library knows. */
function outside(real: readonly IndexedName[], own: readonly IndexedName[], index: NameIndex): boolean {
  const mine = new Set(taxaOf(own));
  return real.some((n) => !mine.has(n.taxon) && index.words.genera.has(genusOfChecked(n.taxon) ?? ''));
}

/** A code of four or five letters built from genus and epithet, as in *PIPO*; English initials, as in *WWP*. */
export function coded(words: readonly Word[], index: NameIndex): Shortened | null {
  const text = words.map((w) => w.text).join('');
  const spelled = words.every((w) => w.text.length === 1 && w.dotted);
  const [first, second] = words;
  if (!first || (second && !spelled)) return null;
  const m = /^([a-z]{2,5})\d{0,2}$/.exec(text);
  if (!m) return null;
  const { own, real } = under(index, 'byCode', m[1] ?? '');
  const latin = own.filter((n) => n.latin);
  if (latin.length > 0 && !spelled) return { names: latin, sure: true };
  const other = real.filter((n) => n.latin);
  if (other.length > 0 && own.length === 0 && first.capitals) return { names: other, sure: true };
  const initials = own.filter((n) => !n.latin);
  if (initials.length === 0 || !(first.capitals || spelled)) return null;
  return { names: initials, sure: text.length >= 3 };
}

/** The first words of an English name, without the word that names its kind: *ponderosa*, *red osier*. */
export function firstWords(tokens: readonly string[], index: NameIndex): Shortened | null {
  const [first = ''] = tokens;
  if (tokens.join('').length < LEAST_FIRST || tokens.every((t) => MODIFIER_WORDS.has(t))) return null;
  const { own, real } = under(index, 'byFirst', first);
  const begins = (n: IndexedName): boolean =>
    n.tokens.length > tokens.length && tokens.every((t, i) => n.tokens[i] === t);
  const [mine, others] = [own.filter(begins), real.filter(begins)];
  // What the checklist alone calls a tree of the library counts like its own names.
  const known = [...mine, ...others.filter((n) => index.accepted.has(n.taxon))];
  if (known.length === 0) return others.length === 0 ? null : { names: others, sure: false };
  return { names: known, sure: taxaOf(known).length === 1 && !outside(others, known, index) };
}
