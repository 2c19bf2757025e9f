import type { RealTree } from '@hurrow/core/names';
import type {
  LibraryTable,
  ListDetail,
  ListLibrary,
  ListMember,
  ListSummary,
  PreviewLine,
  Sighting,
} from '../../index.ts';
import { either, flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import { sourceSchema, statementRowSchema, taxonHeaderSchema, taxonHeaderKeys } from './library.ts';
import {
  libraryDataSchema,
  mergePolicySchema,
  taxonNodeSchema,
  windowKindSchema,
  windowRowSchema,
} from './recorded.ts';

export const libraryTableSchema = record<LibraryTable>({
  members: listOf(taxonHeaderSchema),
  taxa: listOf(taxonNodeSchema),
  windows: listOf(windowRowSchema),
  rows: listOf(statementRowSchema),
  sources: listOf(sourceSchema),
  policy: mergePolicySchema,
  policies: listOf(
    record<LibraryTable['policies'][number]>({
      character: text,
      policy: mergePolicySchema,
      source: nullOr(text),
    }),
  ),
});

export const listMemberSchema = record<ListMember>({
  week: nullOr(number),
  label: nullOr(text),
  own: number,
  hazardous: flag,
  ...taxonHeaderKeys,
});

export const listDetailSchema = record<ListDetail>({
  id: text,
  name: text,
  version: number,
  members: listOf(listMemberSchema),
  sections: listOf(text),
});

export const sightingSchema = record<Sighting>({
  id: text,
  site: text,
  taxon: text,
  kind: windowKindSchema,
  on: text,
  present: flag,
});

export const listLibrarySchema = record<ListLibrary>({
  data: libraryDataSchema,
  sightings: listOf(sightingSchema),
  members: listOf(taxonHeaderSchema),
});

export const listSummarySchema = record<ListSummary>({
  id: text,
  name: text,
  size: number,
  version: optional(number),
});

export const previewLineSchema = record<PreviewLine>({
  line: number,
  name: text,
  common: nullOr(text),
  family: nullOr(text),
  synonyms: listOf(text),
  olderFamilies: listOf(text),
  week: nullOr(number),
  label: nullOr(text),
  found: either(
    record<Extract<PreviewLine['found'], { readonly taxon: unknown }>>({
      kind: oneOf(['known', 'misspelled']),
      taxon: taxonHeaderSchema,
      by: text,
    }),
    record<Extract<PreviewLine['found'], { readonly taxa: unknown }>>({
      kind: oneOf(['shared']),
      taxa: listOf(taxonHeaderSchema),
      by: text,
    }),
    record<Extract<PreviewLine['found'], { readonly under: unknown }>>({
      kind: oneOf(['new']),
      under: nullOr(taxonHeaderSchema),
      real: nullOr(record<RealTree>({ scientific: text, common: nullOr(text), family: text })),
    }),
  ),
});
