import type { Judgement } from '../names/index.ts';

/** What a name ask accepts and what part credit is given; shares are 0 to 1 of the ask's points. */
export interface GradePolicy {
  readonly spelling: 'exact' | 'tolerant';
  readonly misspelled: number;
  readonly synonym: number;
  readonly sharedCommon: number;
  readonly genusOnly: number;
  /** A common name where the scientific is asked, or the other way round. */
  readonly otherLanguage: number;
}

export const POLICY: GradePolicy = {
  spelling: 'tolerant',
  misspelled: 1,
  synonym: 1,
  sharedCommon: 0.5,
  genusOnly: 0,
  otherLanguage: 0,
};

export type NameAsk = 'common' | 'scientific' | 'either';

/** Points in hundredths are kept exact by rounding once. */
const round = (points: number): number => Math.round(points * 100) / 100;

function share(j: Judgement, genus: string | null, policy: GradePolicy): number {
  switch (j.outcome) {
    case 'exact':
    case 'abbreviated':
    case 'older_family':
    case 'subspecies_left_out':
    case 'variety_unlisted':
      return 1;
    case 'misspelled':
      return policy.spelling === 'tolerant' ? policy.misspelled : 0;
    case 'synonym':
      return policy.synonym;
    case 'shared_common':
      return policy.sharedCommon;
    case 'genus_only':
      return j.taxon !== null && j.taxon === genus ? policy.genusOnly : 0;
    case 'right_genus':
      return policy.genusOnly;
    default:
      return 0;
  }
}

/** Points of a family that is the tree's own, in hundredths. */
export const familyPoints = (outcome: string, most: number, policy: GradePolicy = POLICY): number =>
  round(most * (outcome === 'misspelled' ? (policy.spelling === 'tolerant' ? policy.misspelled : 0) : 1));

/**
 * Points of a judged name. Source: docs/domain.md, Grading policies.
 * @param genus the genus of the truth, for genus credit.
 * @param most the points of the ask.
 */
export function namePoints(
  judgement: Judgement,
  ask: NameAsk,
  genus: string | null,
  most: number,
  policy: GradePolicy = POLICY,
): number {
  const wanted = ask === 'either' || judgement.latin === null || judgement.latin === (ask === 'scientific');
  return round(share(judgement, genus, policy) * (wanted ? 1 : policy.otherLanguage) * most);
}
