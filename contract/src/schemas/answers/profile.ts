import { NAME_USES } from '@hurrow/core/names';
import { AUDIENCES } from '../../index.ts';
import type {
  Name,
  NameRoot,
  PairNote,
  Photo,
  Prose,
  RecordTree,
  SeasonRow,
  SharedName,
  SpeciesProfile,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import type { Keys } from '../typed.ts';
import {
  cautionSchema,
  nameKindSchema,
  sourceSchema,
  statementRowSchema,
  taxonHeaderSchema,
} from './library.ts';
import {
  mergePolicySchema,
  organSchema,
  taxonNodeSchema,
  windowKindSchema,
  windowRowSchema,
} from './recorded.ts';

export const photoSchema = record<Photo>({
  id: text,
  organ: nullOr(organSchema),
  takenOn: nullOr(text),
  credit: nullOr(text),
  width: number,
  height: number,
});

export const seasonRowSchema = record<SeasonRow>({
  id: text,
  kind: windowKindSchema,
  start: number,
  end: number,
  ref: record<SeasonRow['ref']>({ lat: number, lon: number, elevM: number }),
  source: nullOr(text),
});

export const nameSchema = record<Name>({
  kind: nameKindSchema,
  text: text,
  preferred: flag,
  pronunciation: optional(nullOr(text)),
  use: optional(nullOr(oneOf(NAME_USES))),
});

export const sharedNameSchema = record<SharedName>({ text: text, with: listOf(taxonHeaderSchema) });

export const proseSchema = record<Prose>({
  topic: text,
  text: text,
  audience: optional(oneOf(AUDIENCES)),
  disputed: optional(flag),
});

export const nameRootKeys: Keys<NameRoot> = {
  name: text,
  element: text,
  language: text,
  meaning: text,
  character: nullOr(text),
  state: nullOr(text),
  contested: flag,
};
export const nameRootSchema = record<NameRoot>(nameRootKeys);

export const pairNoteSchema = record<PairNote>({
  id: text,
  other: taxonHeaderSchema,
  character: nullOr(text),
  text: nullOr(text),
  mnemonic: nullOr(text),
  greater: nullOr(text),
});

export const recordTreeSchema = record<RecordTree>({
  place: nullOr(text),
  year: nullOr(number),
  girth: number,
  height: number,
  spread: number,
});

export const speciesProfileSchema = record<SpeciesProfile>({
  header: taxonHeaderSchema,
  version: number,
  status: oneOf(['draft', 'checked']),
  checkedBy: nullOr(text),
  checkedOn: nullOr(text),
  parents: listOf(text),
  names: listOf(nameSchema),
  shared: listOf(sharedNameSchema),
  above: listOf(taxonHeaderSchema),
  congeners: listOf(text),
  prose: listOf(proseSchema),
  cautions: listOf(cautionSchema),
  roots: listOf(nameRootSchema),
  pairs: listOf(pairNoteSchema),
  photos: listOf(photoSchema),
  record: nullOr(recordTreeSchema),
  settled: listOf(text),
  range: listOf(record<SpeciesProfile['range'][number]>({ region: text, presence: text })),
  statements: listOf(statementRowSchema),
  windows: listOf(windowRowSchema),
  seasons: listOf(seasonRowSchema),
  taxa: listOf(taxonNodeSchema),
  sources: listOf(sourceSchema),
  policy: mergePolicySchema,
  policies: listOf(
    record<SpeciesProfile['policies'][number]>({
      character: text,
      policy: mergePolicySchema,
      source: nullOr(text),
    }),
  ),
  lists: listOf(record<SpeciesProfile['lists'][number]>({ id: text, name: text })),
});
