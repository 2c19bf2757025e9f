export { distributionOf, massBetween } from './distribution.ts';
export type { Distribution } from './distribution.ts';
export { VOCABULARY_RATES, easeOf, missRate, readBy } from './missRate.ts';
export type { MissRates } from './missRate.ts';
export { GAPS, isOpen, overlapOf, separate, separateAs } from './separation.ts';
export type { Separation, Strength } from './separation.ts';
export {
  STRENGTH_ORDER,
  comparePair,
  expectedCharacters,
  leftOpen,
  gapFor,
  oneWayTells,
  tells,
  verdictFrom,
} from './tells.ts';
export type { Described, DescribedValue, OneWay, OpenCharacter, PairReport, Tell, Verdict } from './tells.ts';
export { CAREFUL, MOST_GROUPS, callsOf, careful, evidenceOf, toldBy } from './observer.ts';
export type { Evidence, ToldOfTwo } from './observer.ts';
export { describeTaxa } from './describe.ts';
export type {
  DescribedTaxon,
  LibraryData,
  TaxonSighting,
  SeasonHere,
  SitePlace,
  WindowRow,
} from './describe.ts';
export { costOf } from './cost.ts';
export type { DisagreementCost, PairCost } from './cost.ts';
export { worthRecording } from './worth.ts';
export type { WorthRecording } from './worth.ts';
export { completeness } from './completeness.ts';
export type { OrganCompleteness } from './completeness.ts';
