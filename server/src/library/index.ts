export { libraryHandlers } from './routes.ts';
export { installVocabulary, readVocabulary, readWholeVocabulary, vocabularyToRead } from './vocabulary.ts';
export {
  HEADER,
  asHeader,
  readCautions,
  readGenera,
  readAllHeaders,
  readHeaders,
  readFamilies,
  readNameIndex,
  readNames,
  withAncestors,
} from './taxa.ts';
export type { HeaderRow } from './taxa.ts';
export { writeChecks } from './checked.ts';
export { readCertified, readLibrary, readPolicies } from './described.ts';
export { keptUnderStamp } from './kept.ts';
export { readTable } from './profile.ts';
export { ratesOf, readSightings, readSitePlace } from './seasons.ts';
export { upgradeVocabulary } from './upgradeVocabulary.ts';
export { installGroups } from './groups.ts';
export { nameParts } from './species.ts';
