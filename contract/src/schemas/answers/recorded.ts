import { FREQUENCIES, KINDS, MERGE_POLICIES } from '@hurrow/core/characters';
import {
  DISTANCES,
  HANDLINGS,
  MATERIALS,
  ORGANS,
  SEASONS,
  WINDOW_KINDS,
  LIVES,
} from '@hurrow/core/conditions';
import type {
  Frequency,
  InapplicableValue,
  Kind,
  MergePolicy,
  RangeValue,
  ReadAs,
  State,
  Statement,
  StatesValue,
  TaxonNode,
  Value,
} from '@hurrow/core/characters';
import type {
  Distance,
  Handling,
  Material,
  Organ,
  Place,
  Season,
  ShiftRates,
  WindowKind,
} from '@hurrow/core/conditions';
import type { LibraryData, WindowRow } from '@hurrow/core/tells';
import { either, flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';

export const frequencySchema: Of<Frequency> = oneOf(FREQUENCIES);

export const statesValueSchema = record<StatesValue>({
  kind: oneOf(['states']),
  states: listOf(record<StatesValue['states'][number]>({ state: text, freq: frequencySchema })),
});

export const rangeValueSchema = record<RangeValue>({
  kind: oneOf(['range']),
  xlow: nullOr(number),
  low: number,
  high: number,
  xhigh: nullOr(number),
  more: optional(flag),
  entered: text,
});

export const inapplicableValueSchema = record<InapplicableValue>({ kind: oneOf(['inapplicable']) });

export const valueSchema: Of<Value> = either(statesValueSchema, rangeValueSchema, inapplicableValueSchema);

export const organSchema: Of<Organ> = oneOf(ORGANS);

export const kindSchema: Of<Kind> = oneOf(KINDS);

export const stateSchema = record<State>({
  id: text,
  parent: optional(text),
  term: text,
  plain: text,
  definition: text,
  swatch: optional(text),
  retired: optional(flag),
});

export const readAsSchema = record<ReadAs>({ state: text, as: text, weight: number });

export const materialSchema: Of<Material> = oneOf(MATERIALS);

export const handlingSchema: Of<Handling> = oneOf(HANDLINGS);

export const distanceSchema: Of<Distance> = oneOf(DISTANCES);

export const seasonSchema: Of<Season> = oneOf(SEASONS);

export const taxonNodeSchema = record<TaxonNode>({
  id: text,
  label: text,
  parents: listOf(text),
  isHybrid: optional(flag),
});

export const windowKindSchema: Of<WindowKind> = oneOf(WINDOW_KINDS);

export const placeSchema = record<Place>({ lat: number, lon: number, elevM: number });

export const windowRowSchema = record<WindowRow>({
  taxon: text,
  kind: windowKindSchema,
  start: number,
  end: number,
  ref: placeSchema,
  shipped: optional(flag),
});

export const mergePolicySchema: Of<MergePolicy> = oneOf(MERGE_POLICIES);

export const statementSchema = record<Statement>({
  id: text,
  taxon: text,
  character: text,
  source: text,
  value: valueSchema,
  at: optional(text),
  life: optional(oneOf(LIVES)),
  shipped: optional(flag),
});

export const libraryDataSchema = record<LibraryData>({
  taxa: listOf(taxonNodeSchema),
  statements: listOf(statementSchema),
  windows: listOf(windowRowSchema),
  policy: mergePolicySchema,
  policies: optional(
    listOf(
      record<NonNullable<LibraryData['policies']>[number]>({
        character: text,
        policy: mergePolicySchema,
        source: nullOr(text),
      }),
    ),
  ),
});

export const shiftRatesSchema = record<ShiftRates>({
  perLat: number,
  perLon: number,
  perMetre: number,
  autumnStrength: number,
  fruitStrength: number,
});
