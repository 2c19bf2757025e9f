import { remembered } from '../remembered/index.ts';
import { claimsOf } from './claims.ts';
import type { Claim } from './claims.ts';
import { combine } from './combine.ts';
import { named } from './exact.ts';
import { say } from './judgement.ts';
import type { Judgement, Truth } from './judgement.ts';
import { judgeParts } from './parts.ts';
import { typedTokens } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import { readTyped } from './reading.ts';
import type { Part, Reading } from './reading.ts';
import { judgeClaim } from './weigh.ts';
import { isFamilyName } from './words.ts';

export const CANNOT_TELL = 'cannot be told from this';
const CANNOT = /^(i )?(cannot|cant|can not|not)( be)? (told|tell|tellable|telling)( from this)?$/;

/** The genus of the name a claim makes, where it is a scientific one. */
function genusOf(claim: Claim): string | null {
  const [name] = claim.how === 'near' ? claim.near.map((n) => n.name) : claim.names;
  return name?.latin ? (name.tokens[0] ?? null) : null;
}

/** The claims of each part, an epithet alone read behind the genus before it. */
function allClaims(parts: readonly Part[], index: NameIndex): readonly (readonly Claim[])[] {
  let genus: string | null = null;
  return parts.map((part) => {
    const claims = claimsOf(part, genus, index);
    const [first] = claims;
    genus = (first ? genusOf(first) : null) ?? genus;
    return claims;
  });
}

/** A name written as in an index, the word for its kind first: *maple, bigleaf*. */
function turnedRound(parts: readonly Part[], index: NameIndex): Claim | null {
  const [kind, which] = parts;
  if (parts.length !== 2 || !kind || !which) return null;
  const names = named(
    index,
    [...which.words, ...kind.words].map((w) => w.text),
  ).filter((n) => !n.latin);
  return names.length > 0 ? { how: 'exact', names, behind: 'nothing' } : null;
}

/** What a text says by itself, whichever tree it was written at. */
type Said =
  | { readonly is: 'no name'; readonly judgement: Judgement }
  | { readonly is: 'one name'; readonly claim: Claim }
  | { readonly is: 'names'; readonly claims: readonly (readonly Claim[])[]; readonly reading: Reading }
  | { readonly is: 'unread'; readonly tokens: readonly string[] };

const noName = (...said: Parameters<typeof say>): Said => ({ is: 'no name', judgement: say(...said) });
const oneName = (claim: Claim): Said => ({ is: 'one name', claim });

function readName(typed: string, index: NameIndex): Said {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return noName('blank', null, null, 0, 'nothing written');
  if (CANNOT.test(tokens.join(' '))) return noName('cannot_tell', null, null, 0, 'says it cannot be told');
  const plainly = index.byNormal.get(tokens.join(' '));
  if (plainly) return oneName({ how: 'exact', names: plainly, behind: 'nothing' });
  const reading = readTyped(typed);
  const whole: Part = { words: reading.parts.flatMap((p) => p.words) };
  const wholeClaims = reading.parts.length > 1 && !reading.negated ? claimsOf(whole, null, index) : [];
  const [only] = wholeClaims;
  // A name that has a separator in it, as typed or as such: *balm-of-Gilead*, *Abies, grandis*.
  if (only?.how === 'exact' && wholeClaims.length === 1 && only.behind === 'nothing') return oneName(only);
  const turned = turnedRound(reading.parts, index);
  if (turned && !reading.hedged && !reading.negated) return oneName(turned);
  const claims = allClaims(reading.parts, index);
  if (claims.some((c) => c.length > 0)) return { is: 'names', claims, reading };
  const family = tokens.find(isFamilyName);
  return family === undefined
    ? { is: 'unread', tokens }
    : noName('family', null, true, 0, `“${family}” is a family`);
}

/** So many texts are kept as they were read: a class writes the same names at many trees. */
const MOST_READ = 4096;
const readers = new WeakMap<NameIndex, (typed: string) => Said>();

function readerOf(index: NameIndex): (typed: string) => Said {
  const had = readers.get(index);
  if (had) return had;
  const made = remembered(MOST_READ, (typed: string) => readName(typed, index));
  readers.set(index, made);
  return made;
}

/**
 * What a typed name is worth as an answer for the true taxon. Source: docs/formulas.md, Grading names.
 * @param typed the answer exactly as written.
 */
export function judgeName(typed: string, truth: Truth, index: NameIndex): Judgement {
  const said = readerOf(index)(typed);
  switch (said.is) {
    case 'no name':
      return said.judgement;
    case 'one name':
      return judgeClaim(said.claim, truth, index);
    case 'names':
      return combine(
        said.claims.flat().map((c) => judgeClaim(c, truth, index)),
        {
          ...said.reading,
          unread: said.claims.filter((c) => c.length === 0).length,
          asked: truth.asked ?? 'either',
          genus: truth.genus,
        },
      );
    case 'unread':
      return judgeParts(said.tokens, truth, index) ?? say('unlisted', null, null, 0, 'no name known');
  }
}
