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
import type { Part } from './reading.ts';
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

/**
 * What a typed name is worth as an answer for the true taxon. Source: docs/formulas.md, Grading names.
 * @param typed the answer exactly as written.
 */
export function judgeName(typed: string, truth: Truth, index: NameIndex): Judgement {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return say('blank', null, null, 0, 'nothing written');
  if (CANNOT.test(tokens.join(' '))) return say('cannot_tell', null, null, 0, 'says it cannot be told');
  const plainly = index.byNormal.get(tokens.join(' '));
  if (plainly) return judgeClaim({ how: 'exact', names: plainly, behind: 'nothing' }, truth, index);
  const reading = readTyped(typed);
  const whole: Part = { words: reading.parts.flatMap((p) => p.words) };
  const wholeClaims = reading.parts.length > 1 && !reading.negated ? claimsOf(whole, null, index) : [];
  const [only] = wholeClaims;
  // A name that has a separator in it, as typed or as such: *balm-of-Gilead*, *Abies, grandis*.
  if (only?.how === 'exact' && wholeClaims.length === 1 && only.behind === 'nothing')
    return judgeClaim(only, truth, index);
  const turned = turnedRound(reading.parts, index);
  if (turned && !reading.hedged && !reading.negated) return judgeClaim(turned, truth, index);
  const claims = allClaims(reading.parts, index);
  const flat = claims.flat();
  if (flat.length > 0) {
    const judged = flat.map((c) => judgeClaim(c, truth, index));
    return combine(judged, {
      ...reading,
      unread: claims.filter((c) => c.length === 0).length,
      asked: truth.asked ?? 'either',
      genus: truth.genus,
    });
  }
  const family = tokens.find(isFamilyName);
  if (family !== undefined) return say('family', null, true, 0, `“${family}” is a family`);
  return judgeParts(tokens, truth, index) ?? say('unlisted', null, null, 0, 'no name known');
}
