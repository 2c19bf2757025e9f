import type { DeclaredPair, ListLore, RuleRow } from '../../index.ts';
import { listOf, nullOr, number, optional, record, text } from '../typed.ts';
import { nameRootKeys } from './profile.ts';
import { clauseSchema, featureSchema, quantifierSchema } from './judged.ts';
import { nameKindSchema, taxonHeaderSchema } from './library.ts';

export const declaredPairSchema = record<DeclaredPair>({
  id: text,
  a: text,
  b: text,
  character: nullOr(text),
  text: nullOr(text),
  mnemonic: nullOr(text),
  greater: nullOr(text),
});

export const listLoreSchema = record<ListLore>({
  pairs: listOf(declaredPairSchema),
  names: listOf(record<ListLore['names'][number]>({ taxon: text, kind: nameKindSchema, text: text })),
  roots: listOf(
    record<ListLore['roots'][number]>({
      ...nameRootKeys,
      taxon: text,
    }),
  ),
  cautions: listOf(
    record<ListLore['cautions'][number]>({
      hazard: text,
      forbids: listOf(text),
      text: text,
      from: optional(text),
      taxon: text,
    }),
  ),
  groups: listOf(taxonHeaderSchema),
});

export const ruleRowSchema = record<RuleRow>({
  id: text,
  version: number,
  whoHeader: nullOr(taxonHeaderSchema),
  quantifier: quantifierSchema,
  who: nullOr(text),
  when: listOf(featureSchema),
  then: listOf(clauseSchema),
  note: nullOr(text),
});
