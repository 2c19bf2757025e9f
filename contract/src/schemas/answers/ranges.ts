import type {
  ChallengedTree,
  GrowingHere,
  GrowingRow,
  OccurrenceRow,
  RangeDetail,
  RangeRow,
  Verdict,
} from '../../index.ts';
import { flag, listOf, mapOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { areaSchema, fitSchema, groundSchema, presenceSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const challengedTreeSchema = record<ChallengedTree>({
  tree: text,
  tag: text,
  where: text,
  lat: number,
  lon: number,
  planted: flag,
  taxon: taxonHeaderSchema,
  regionName: text,
  kind: oneOf(['outside', 'planted_only']),
  region: text,
  offer: presenceSchema,
});

export const growingRowSchema = record<GrowingRow>({
  taxon: taxonHeaderSchema,
  fit: fitSchema,
  grounds: listOf(groundSchema),
});

export const growingHereSchema = record<GrowingHere>({
  region: nullOr(text),
  regionName: nullOr(text),
  rows: listOf(growingRowSchema),
});

export const verdictSchema: Of<Verdict> = oneOf(['accepted', 'rejected', 'unsure']);

export const occurrenceRowSchema = record<OccurrenceRow>({
  occurrenceID: text,
  scientificName: text,
  decimalLatitude: number,
  decimalLongitude: number,
  eventDate: nullOr(text),
  basisOfRecord: text,
  locality: text,
  region: nullOr(text),
  regionName: nullOr(text),
  presence: nullOr(presenceSchema),
  sameName: flag,
  verdict: nullOr(verdictSchema),
});

export const rangeRowSchema = record<RangeRow>({
  region: text,
  presence: presenceSchema,
  source: nullOr(text),
});

export const rangeDetailSchema = record<RangeDetail>({
  taxon: taxonHeaderSchema,
  version: number,
  records: listOf(rangeRowSchema),
  areas: listOf(record<RangeDetail['areas'][number]>({ presence: presenceSchema, geometry: areaSchema })),
  occurrences: listOf(occurrenceRowSchema),
  trees: listOf(record<RangeDetail['trees'][number]>({ tag: text, lat: number, lon: number })),
  challenges: listOf(challengedTreeSchema),
  counties: mapOf(text),
});
