import { alignmentDistance, room } from './distance.ts';
import { lookup, nearer } from './lookup.ts';
import type { Near } from './lookup.ts';
import { foldEpithet, foldLatin } from './normalise.ts';
import { typedTokens } from './nameIndex.ts';
import type { IndexedName } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';

export const OUTCOMES = [
  'exact',
  'abbreviated',
  'misspelled',
  'synonym',
  'older_family',
  'shared_common',
  'genus_only',
  'right_genus',
  'right_epithet',
  'other_species',
  'cannot_tell',
  'unlisted',
  'doubtful',
  'blank',
] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface Judgement {
  readonly outcome: Outcome;
  /** The taxon the answer names, where it names one. */
  readonly taxon: string | null;
  /** Whether the name that was met is a scientific one; null where none was. */
  readonly latin: boolean | null;
  readonly edits: number;
  readonly why: string;
}

export interface Truth {
  readonly taxon: string;
  /** The genus the taxon stands in. */
  readonly genus: string | null;
  /** Taxa the class is answerable for. */
  readonly listed: ReadonlySet<string>;
}

export const CANNOT_TELL = 'cannot be told from this';
const CANNOT = /^(cannot|cant|can not|not)( be)? (told|tell|tellable|telling)( from this)?$/;

const say = (
  outcome: Outcome,
  taxon: string | null,
  latin: boolean | null,
  edits: number,
  why: string,
): Judgement => ({ outcome, taxon, latin, edits, why });

const taxaOf = (names: readonly IndexedName[]): string[] => [...new Set(names.map((n) => n.taxon))];

function judgeOther(names: readonly IndexedName[], truth: Truth, edits: number): Judgement {
  const chosen = names.find((n) => truth.listed.has(n.taxon)) ?? names[0];
  if (!chosen) return say('unlisted', null, null, 0, 'no name of the library');
  if (chosen.rank === 'genus' || chosen.rank === 'group' || chosen.rank === 'family') {
    const right = chosen.taxon === truth.genus;
    return say(
      'genus_only',
      chosen.taxon,
      chosen.latin,
      edits,
      right ? 'the right genus alone' : `only “${chosen.text}”`,
    );
  }
  return say('other_species', chosen.taxon, chosen.latin, edits, `names “${chosen.text}”`);
}

function judgeExact(names: readonly IndexedName[], truth: Truth): Judgement {
  const own = names.find((n) => n.taxon === truth.taxon);
  if (!own) return judgeOther(names, truth, 0);
  const others = taxaOf(names).filter((t) => t !== truth.taxon);
  if (own.kind === 'common' && others.length > 0) {
    return say(
      'shared_common',
      truth.taxon,
      false,
      0,
      `“${own.text}” is a name of ${others.length + 1} taxa`,
    );
  }
  if (own.use === 'misused') {
    return say('doubtful', null, own.latin, 0, `“${own.text}” is wrongly used for it`);
  }
  const outcome = own.kind === 'synonym' ? 'synonym' : own.kind === 'older_family' ? 'older_family' : 'exact';
  const part = own.use === 'in_part' ? ', a name of part of it' : '';
  return say(outcome, truth.taxon, own.latin, 0, `matches “${own.text}”${part}`);
}

function judgeAbbreviated(names: readonly IndexedName[], truth: Truth): Judgement {
  const taxa = taxaOf(names);
  if (!taxa.includes(truth.taxon)) return judgeOther(names, truth, 0);
  const listed = taxa.filter((t) => truth.listed.has(t) || t === truth.taxon);
  if (listed.length > 1) return say('doubtful', null, true, 0, 'the short genus fits several listed species');
  return say('abbreviated', truth.taxon, true, 0, 'genus abbreviated');
}

function judgeNear(near: readonly Near[], truth: Truth): Judgement | null {
  const own = near.find((n) => n.name.taxon === truth.taxon);
  const other = near.find((n) => n.name.taxon !== truth.taxon);
  if (own && (!other || nearer(own, other))) {
    const wrongly = own.name.use === 'misused';
    return wrongly
      ? say('doubtful', null, own.name.latin, own.raw, `near “${own.name.text}”, wrongly used for it`)
      : say('misspelled', truth.taxon, own.name.latin, own.raw, `near “${own.name.text}”`);
  }
  if (own && other && !nearer(other, own)) {
    return say('doubtful', null, null, own.raw, `as near to “${other.name.text}” as to “${own.name.text}”`);
  }
  if (!other) return null;
  const rivals = near.filter((n) => n.name.taxon !== other.name.taxon && !nearer(other, n));
  if (rivals.length > 0) return say('doubtful', null, null, other.raw, 'as near to one name as to another');
  return judgeOther([other.name], truth, other.raw);
}

const fits = (typed: string, right: string, fold: (t: string) => string): boolean => {
  const allowed = room(right.length);
  return alignmentDistance(fold(typed), fold(right), allowed) <= allowed;
};

/** Right genus with another epithet, or the right epithet under another genus. */
function judgeParts(tokens: readonly string[], truth: Truth, index: NameIndex): Judgement | null {
  const [genus = '', epithet = ''] = tokens;
  if (tokens.length < 2) return null;
  for (const name of index.accepted.get(truth.taxon) ?? []) {
    const [rightGenus = '', rightEpithet = ''] = name.tokens;
    if (fits(genus, rightGenus, foldLatin)) {
      return say('right_genus', null, true, 0, `genus right, “${epithet}” is not its epithet`);
    }
    if (rightEpithet !== '' && fits(epithet, rightEpithet, foldEpithet)) {
      const bearers = (index.byEpithet.get(rightEpithet) ?? []).filter((n) => truth.listed.has(n.taxon));
      if (taxaOf(bearers).some((t) => t !== truth.taxon)) {
        return say('doubtful', null, true, 0, 'the epithet is borne by several listed species');
      }
      return say('right_epithet', null, true, 0, `epithet right, “${genus}” is not its genus`);
    }
  }
  return null;
}

/**
 * What a typed name is worth as an answer for the true taxon. Source: docs/formulas.md, Grading names.
 * @param typed the answer exactly as written.
 */
export function judgeName(typed: string, truth: Truth, index: NameIndex): Judgement {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return say('blank', null, null, 0, 'nothing written');
  if (CANNOT.test(tokens.join(' '))) return say('cannot_tell', null, null, 0, 'says it cannot be told');
  const found = lookup(typed, index);
  switch (found.kind) {
    case 'exact':
      return judgeExact(found.names, truth);
    case 'abbreviated':
      return judgeAbbreviated(found.names, truth);
    case 'near': {
      const judged = judgeNear(found.near, truth);
      if (judged) return judged;
      break;
    }
    case 'none':
      break;
  }
  return judgeParts(tokens, truth, index) ?? say('unlisted', null, null, 0, 'no name of the library');
}
