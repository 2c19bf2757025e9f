import type { Behind, Claim } from './claims.ts';
import { nearest } from './claims.ts';
import { isBroad, taxaOf } from './entries.ts';
import type { IndexedName } from './entries.ts';
import { sharedHazard } from './hazards.ts';
import { say } from './judgement.ts';
import type { Judgement, Truth } from './judgement.ts';
import { checkedName, genusOfChecked } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import { nearer } from './near.ts';
import type { Near } from './near.ts';

/** A taxon of the library; one known from the checklist alone has none. */
const inLibrary = (taxon: string, index: NameIndex): string | null => (index.taxa.has(taxon) ? taxon : null);

const genusOfTaxon = (taxon: string, index: NameIndex): string | null =>
  index.accepted.get(taxon)?.[0]?.tokens[0] ?? null;

/** The genus of the truth as it is written. */
const ownGenus = (truth: Truth, index: NameIndex): string | null => genusOfTaxon(truth.taxon, index);

/** Whether another species of the list stands in the genus of the truth. */
function sharesGenus(truth: Truth, index: NameIndex): boolean {
  const genus = ownGenus(truth, index);
  return [...truth.listed].some((t) => t !== truth.taxon && genusOfTaxon(t, index) === genus);
}

/** Names of one text that all mean taxa other than the true one. */
function judgeOther(names: readonly IndexedName[], truth: Truth, index: NameIndex, edits: number): Judgement {
  const chosen = names.find((n) => truth.listed.has(n.taxon)) ?? names.find((n) => !n.checked) ?? names[0];
  if (!chosen) return say('unlisted', null, null, 0, 'no name known');
  const broad = names.filter((n) => isBroad(n.rank));
  const rightGenus =
    broad.find((n) => n.taxon === truth.genus) ?? broad.find((n) => n.tokens[0] === ownGenus(truth, index));
  if (rightGenus && broad.length === names.length)
    return {
      ...say(
        'genus_only',
        truth.genus ?? inLibrary(rightGenus.taxon, index),
        rightGenus.latin,
        edits,
        'the right genus alone',
      ),
      beside: 'own_genus',
    };
  if (isBroad(chosen.rank))
    return say('genus_only', inLibrary(chosen.taxon, index), chosen.latin, edits, `only “${chosen.text}”`);
  const genus = ownGenus(truth, index);
  const named = names.flatMap((n) => [
    ...(n.latin ? [n.tokens[0] ?? ''] : []),
    genusOfTaxon(n.taxon, index) ?? genusOfChecked(n.taxon) ?? '',
  ]);
  const hazard = genus === null ? undefined : named.flatMap((g) => sharedHazard(genus, g) ?? [])[0];
  const taxa = taxaOf(names);
  const own = taxa.length === 1 ? inLibrary(chosen.taxon, index) : null;
  if (hazard !== undefined)
    return say(
      'hazardous_relative',
      own,
      chosen.latin,
      edits,
      `names “${chosen.text}”, a relative: ${hazard}`,
    );
  if (taxa.length > 1) {
    const listed = taxa.some((t) => truth.listed.has(t));
    return say(
      listed ? 'other_species' : 'unlisted',
      null,
      chosen.latin,
      edits,
      `“${chosen.text}” is a name of ${taxa.length} other taxa`,
    );
  }
  if (own === null) {
    const real = checkedName(chosen.taxon) ?? chosen.text;
    const why = `names ${real}, which is not in the library`;
    // As with any epithet that is none of the library, what is right is the genus.
    return genus !== null && genusOfChecked(chosen.taxon) === genus
      ? say('right_genus', null, chosen.latin, edits, `${why}; the genus is right`)
      : say('unlisted', null, chosen.latin, edits, why);
  }
  return say('other_species', own, chosen.latin, edits, `names “${chosen.text}”`);
}

/** The species alone where its subspecies stands, or another subspecies of it; null where neither is written. */
function judgeBelow(
  tokens: readonly string[],
  behind: Behind,
  truth: Truth,
  index: NameIndex,
  edits: number,
): Judgement | null {
  const own = (index.accepted.get(truth.taxon) ?? []).find((n) => n.tokens.length > 2);
  if (!own || own.tokens[0] !== tokens[0] || own.tokens[1] !== tokens[1]) return null;
  if (tokens.length === 2 && behind === 'nothing')
    return say(
      'subspecies_left_out',
      truth.taxon,
      true,
      edits,
      `the species of “${own.text}”, its subspecies left out`,
    );
  return say('doubtful', null, true, edits, `another subspecies of the species of “${own.text}”`);
}

function judgeExact(
  names: readonly IndexedName[],
  behind: Behind,
  truth: Truth,
  index: NameIndex,
): Judgement {
  const [first] = names;
  const asScientific = truth.asked === 'scientific' && names.some((n) => n.latin && n.rank === 'genus');
  const own = asScientific ? undefined : names.find((n) => n.taxon === truth.taxon);
  if (!own) {
    const species = first && names.find((n) => n.latin && !isBroad(n.rank));
    const below = species ? judgeBelow(species.tokens, behind, truth, index, 0) : null;
    return (
      below ?? judgeOther(asScientific ? names.filter((n) => n.rank === 'genus') : names, truth, index, 0)
    );
  }
  if (behind === 'stray')
    return say('doubtful', null, own.latin, 0, `more stands behind “${own.text}” than who described it`);
  if (own.use === 'misused')
    return say('doubtful', null, own.latin, 0, `“${own.text}” is wrongly used for it`);
  if (behind === 'variety') {
    if (own.tokens.length > 2) return say('doubtful', null, true, 0, `another variety than “${own.text}”`);
    return say('variety_unlisted', truth.taxon, true, 0, `“${own.text}”, a variety that is not on the list`);
  }
  const others = new Set(
    names.filter((n) => n.taxon !== truth.taxon && !isBroad(n.rank)).map((n) => n.taxon),
  );
  const broad = names.some((n) => isBroad(n.rank)) && sharesGenus(truth, index);
  if (own.kind === 'common' && (others.size > 0 || broad)) {
    const count = others.size + 1 + (broad ? 1 : 0);
    return say('shared_common', truth.taxon, false, 0, `“${own.text}” is a name of ${count} taxa`);
  }
  const outcome = own.kind === 'synonym' ? 'synonym' : 'exact';
  const part = own.use === 'in_part' ? ', a name of part of it' : '';
  return say(outcome, truth.taxon, own.latin, 0, `matches “${own.text}”${part}`);
}

function judgeShort(
  claim: Claim & { how: 'abbreviated' | 'code' | 'short' | 'cut' },
  truth: Truth,
  index: NameIndex,
): Judgement {
  const { names, how, sure } = claim;
  const taxa = taxaOf(names);
  const own = names.find((n) => n.taxon === truth.taxon);
  if (!own) {
    const below = names.flatMap((n) => judgeBelow(n.tokens, 'nothing', truth, index, 0) ?? []);
    const left = below.find((b) => b.outcome === 'subspecies_left_out');
    if (left) return left;
    return sure
      ? judgeOther(names, truth, index, 0)
      : say('doubtful', null, null, 0, 'short for more than one name');
  }
  const listed = taxa.filter((t) => truth.listed.has(t) || t === truth.taxon);
  if (listed.length > 1) return say('doubtful', null, own.latin, 0, 'short for more than one listed species');
  if (!sure)
    return say(
      'doubtful',
      null,
      own.latin,
      0,
      `may be short for “${own.text}”, or for a tree that is not listed`,
    );
  if (own.use === 'misused')
    return say('doubtful', null, own.latin, 0, `“${own.text}” is wrongly used for it`);
  if (how === 'cut') return say('misspelled', truth.taxon, true, 0, `“${own.text}” cut short`);
  return say(
    'abbreviated',
    truth.taxon,
    own.latin,
    0,
    how === 'abbreviated' ? 'genus abbreviated' : `short for “${own.text}”`,
  );
}

function judgeNear(near: readonly Near[], behind: Behind, truth: Truth, index: NameIndex): Judgement {
  const own = near.find((n) => n.name.taxon === truth.taxon);
  const other = near.find((n) => n.name.taxon !== truth.taxon && n.name.normal !== own?.name.normal);
  if (own && (!other || nearer(own, other))) {
    if (own.name.use === 'misused')
      return say('doubtful', null, own.name.latin, own.raw, `near “${own.name.text}”, wrongly used for it`);
    if (behind === 'stray')
      return say(
        'doubtful',
        null,
        own.name.latin,
        own.raw,
        `more stands behind a name near “${own.name.text}”`,
      );
    const shared = near.find(
      (n) => n.name.normal === own.name.normal && n.name.taxon !== truth.taxon && !isBroad(n.name.rank),
    );
    if (shared && own.name.kind === 'common')
      return say(
        'shared_common',
        truth.taxon,
        false,
        own.raw,
        `near “${own.name.text}”, a name of more than one taxon`,
      );
    return say('misspelled', truth.taxon, own.name.latin, own.raw, `near “${own.name.text}”`);
  }
  if (own && other && !nearer(other, own))
    return {
      ...say('doubtful', null, null, own.raw, `as near to “${other.name.text}” as to “${own.name.text}”`),
      beside: 'tie',
    };
  const rivals = nearest(near);
  const [first] = rivals;
  if (!first) return say('unlisted', null, null, 0, 'no name known');
  const texts = new Set(rivals.map((r) => r.name.normal));
  if (texts.size > 1 && taxaOf(rivals.map((r) => r.name)).length > 1)
    return say(
      'doubtful',
      null,
      null,
      first.raw,
      `as near to “${first.name.text}” as to “${rivals.find((r) => r.name.normal !== first.name.normal)?.name.text ?? ''}”`,
    );
  const below = judgeBelow(first.name.tokens, behind, truth, index, first.raw);
  return (
    below ??
    judgeOther(
      rivals.map((r) => r.name),
      truth,
      index,
      first.raw,
    )
  );
}

function judgeSound(names: readonly IndexedName[], sure: boolean, truth: Truth): Judgement {
  const own = names.find((n) => n.taxon === truth.taxon);
  const [first] = names;
  if (own && sure && taxaOf(names.filter((n) => !isBroad(n.rank))).length === 1)
    return say('misspelled', truth.taxon, own.latin, 0, `sounds like “${own.text}”`);
  const others = names.map((n) => n.text).filter((t) => t !== own?.text);
  const more = own && others[0] !== undefined ? ` and like “${others[0]}”` : '';
  return say('doubtful', null, null, 0, `sounds like “${(own ?? first)?.text ?? ''}”${more}`);
}

/** What one claim of a typed text is worth. Source: docs/formulas.md, Grading names. */
export function judgeClaim(claim: Claim, truth: Truth, index: NameIndex): Judgement {
  switch (claim.how) {
    case 'exact':
      return judgeExact(claim.names, claim.behind, truth, index);
    case 'abbreviated':
    case 'code':
    case 'short':
    case 'cut':
      return judgeShort(claim, truth, index);
    case 'near':
      return judgeNear(claim.near, claim.behind, truth, index);
    case 'sound':
      return judgeSound(claim.names, claim.sure, truth);
  }
}
