import { LIVES } from '@hurrow/core/conditions';
import type { OtherWay } from '@hurrow/core/conditions';
import { RANKS } from '@hurrow/core/names';
import { SOURCE_KINDS } from '../../index.ts';
import type {
  BatchDone,
  Caution,
  Glossary,
  GlossaryCharacter,
  GlossaryWord,
  MisreadRow,
  NameKind,
  Rank,
  Source,
  Sources,
  SpeciesRow,
  StatementRow,
  TaxonHeader,
  TaxonPlace,
  SpeciesMerged,
  Undone,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, optional, tupleOf, record, text } from '../typed.ts';
import type { Keys, Of } from '../typed.ts';
import {
  distanceSchema,
  handlingSchema,
  kindSchema,
  materialSchema,
  mergePolicySchema,
  organSchema,
  readAsSchema,
  seasonSchema,
  stateSchema,
  valueSchema,
} from './recorded.ts';

export const statementRowSchema = record<StatementRow>({
  id: text,
  taxon: text,
  character: text,
  source: text,
  value: valueSchema,
  n: nullOr(number),
  note: nullOr(text),
  version: number,
  life: optional(oneOf(LIVES)),
  shipped: optional(flag),
});

export const batchDoneSchema = record<BatchDone>({ batch: text, rows: listOf(nullOr(statementRowSchema)) });

export const rankSchema: Of<Rank> = oneOf(RANKS);

export const taxonHeaderKeys: Keys<TaxonHeader> = {
  id: text,
  rank: rankSchema,
  scientific: text,
  authority: nullOr(text),
  common: nullOr(text),
};
export const taxonHeaderSchema = record<TaxonHeader>(taxonHeaderKeys);

export const glossaryCharacterSchema = record<GlossaryCharacter>({
  version: number,
  origin: oneOf(['shipped', 'own']),
  id: text,
  organ: organSchema,
  kind: kindSchema,
  term: text,
  plain: text,
  definition: text,
  states: listOf(stateSchema),
  unit: text,
  combine: oneOf(['alternatives', 'together']),
  level: optional(oneOf(['leaf', 'leaflet', 'lobe', 'tooth'])),
  surface: optional(oneOf(['above', 'below'])),
  appliesIf: listOf(
    record<GlossaryCharacter['appliesIf'][number]>({ character: text, states: listOf(text) }),
  ),
  evidenceGroup: optional(text),
  counting: optional(text),
  effort: number,
  misread: tupleOf(number, number),
  readAs: listOf(readAsSchema),
  retired: optional(flag),
  material: listOf(materialSchema),
  needs: listOf(handlingSchema),
  distance: distanceSchema,
  season: listOf(seasonSchema),
  wet: optional(oneOf(['lost', 'blurred'])),
  onBrownLeaf: optional(flag),
  orBy: optional(record<OtherWay>({ needs: listOf(handlingSchema), misread: tupleOf(number, number) })),
});

export const glossaryWordSchema = record<GlossaryWord>({
  id: text,
  text: text,
  character: text,
  state: nullOr(text),
});

export const glossarySchema = record<Glossary>({
  characters: listOf(glossaryCharacterSchema),
  words: listOf(glossaryWordSchema),
});

export const sourceSchema = record<Source>({
  id: text,
  kind: oneOf([...SOURCE_KINDS, 'shipped']),
  citation: text,
  n: optional(nullOr(number)),
  rank: number,
  version: optional(number),
});

export const nameKindSchema: Of<NameKind> = oneOf(['accepted', 'synonym', 'older_family', 'common']);

export const misreadRowSchema = record<MisreadRow>({
  character: text,
  calls: number,
  wrong: number,
  readAs: listOf(record<MisreadRow['readAs'][number]>({ state: text, times: number })),
});

export const cautionSchema = record<Caution>({
  hazard: text,
  forbids: listOf(text),
  text: text,
  from: optional(text),
});

export const sourcesSchema = record<Sources>({
  sources: listOf(sourceSchema),
  policy: mergePolicySchema,
  policies: listOf(
    record<Sources['policies'][number]>({ character: text, policy: mergePolicySchema, source: nullOr(text) }),
  ),
});

export const speciesRowSchema = record<SpeciesRow>({
  family: nullOr(text),
  own: number,
  lists: listOf(text),
  cautions: listOf(text),
  status: oneOf(['draft', 'checked']),
  ...taxonHeaderKeys,
});

export const taxonPlaceSchema = record<TaxonPlace>({
  parents: listOf(text),
  ...taxonHeaderKeys,
});

export const undoneSchema = record<Undone>({
  taxa: listOf(text),
  statements: number,
  changes: listOf(record<Undone['changes'][number]>({ taxon: text, character: text })),
});

export const speciesMergedSchema = record<SpeciesMerged>({ moved: number, ended: number });
