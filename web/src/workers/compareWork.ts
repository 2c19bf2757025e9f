import type { ListLibrary } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import {
  countsOf,
  diagnostic,
  earnings,
  lones,
  matrixOf,
  pairTable,
  throughYear,
  whatIfs,
} from '@hurrow/core/compare';
import type {
  Counts,
  Diagnosis,
  Earning,
  Forbidden,
  Lone,
  Matrix,
  PairTable,
  WhatIf,
  Year,
} from '@hurrow/core/compare';
import type { Conditions } from '@hurrow/core/conditions';
import { buildKey, checkKey } from '@hurrow/core/keys';
import type { Key, KeyCheck, KeyOptions } from '@hurrow/core/keys';
import { predictedPairs } from '@hurrow/core/reteach';
import type { PredictedPair } from '@hurrow/core/reteach';
import { proposeRules } from '@hurrow/core/rules';
import type { Proposed } from '@hurrow/core/rules';
import { describeTaxa, expectedCharacters } from '@hurrow/core/tells';
import type { DescribedTaxon, SitePlace } from '@hurrow/core/tells';
import { withCautions } from './cautions.ts';

/** A list under conditions, as it is handed to a worker. */
export interface CompareGround {
  readonly library: ListLibrary;
  readonly vocabulary: Vocabulary;
  readonly conditions: Conditions;
  readonly place: SitePlace | null;
  /** What the cautions of each member forbid. */
  readonly forbidden: Forbidden;
}

/** Pairs that are looked at for being mixed up: the closest. */
const MOST_PREDICTED = 200;

type Progress = (done: number, total: number) => void;

/** Everything about a list at one moment. */
export interface WholeList {
  readonly table: PairTable;
  readonly counts: Counts;
  readonly earnings: readonly (Omit<Earning, 'character'> & { readonly character: string })[];
  readonly lones: readonly Lone[];
}

/** The smallest sets of each member: with clean tells alone, and with those that mostly hold. */
export interface Diagnoses {
  readonly clean: readonly Diagnosis[];
  readonly usual: readonly Diagnosis[];
}

const described = ({ library, vocabulary, place, forbidden }: CompareGround): readonly DescribedTaxon[] =>
  withCautions(
    describeTaxa(
      library.members.map((m) => m.id),
      library.data,
      vocabulary,
      place,
    ),
    forbidden,
  );

function matrixFor(ground: CompareGround): Matrix {
  const list = described(ground);
  return matrixOf(list, ground.vocabulary, ground.conditions, expectedCharacters(list));
}

const going =
  (onProgress: Progress) =>
  (done: number, total: number): boolean => {
    onProgress(done, total);
    return true;
  };

/** The sums of the compare place, beside the page. Cancelled by ending the worker. */
export const compareWork = {
  whole: (ground: CompareGround, onProgress: Progress): WholeList | null => {
    const matrix = matrixFor(ground);
    const table = pairTable(matrix, going(onProgress));
    if (!table) return null;
    return {
      table,
      counts: countsOf(table),
      earnings: earnings(matrix).map(({ character, ...e }) => ({ ...e, character: character.id })),
      lones: lones(matrix),
    };
  },

  diagnoses: (ground: CompareGround, onProgress: Progress): Diagnoses => {
    const matrix = matrixFor(ground);
    const total = matrix.list.length;
    const all = matrix.list.map((_, i) => {
      onProgress(i, total);
      return { clean: diagnostic(matrix, i, 'clean'), usual: diagnostic(matrix, i, 'usual') };
    });
    return { clean: all.map((d) => d.clean), usual: all.map((d) => d.usual) };
  },

  pairs: (ground: CompareGround, onProgress: Progress): PairTable | null =>
    pairTable(matrixFor(ground), going(onProgress)),

  /** The pairs of a list that are likely to be mixed up, of the closest ones. */
  predicted: (ground: CompareGround, onProgress: Progress): readonly PredictedPair[] | null => {
    const matrix = matrixFor(ground);
    const table = pairTable(matrix, going(onProgress));
    if (!table) return null;
    const near = [...table.cells].sort((x, y) => x.apart - y.apart).slice(0, MOST_PREDICTED);
    return predictedPairs(
      described(ground),
      near.map((c) => [c.a, c.b] as const),
      ground.vocabulary,
      ground.conditions,
    );
  },

  whatIf: (ground: CompareGround, onProgress: Progress): readonly WhatIf[] =>
    whatIfs(matrixFor(ground), ground.conditions, ground.forbidden, going(onProgress)) ?? [],

  year: (ground: CompareGround, onProgress: Progress): Year | null =>
    throughYear(matrixFor(ground), ground.conditions, going(onProgress)),

  key: (
    ground: CompareGround,
    options: KeyOptions,
    onProgress: Progress,
  ): { readonly key: Key; readonly check: KeyCheck } | null => {
    const list = described(ground);
    const key = buildKey(list, ground.vocabulary, ground.conditions, options, going(onProgress));
    return key ? { key, check: checkKey(key, list, ground.vocabulary, ground.conditions) } : null;
  },

  propose: (ground: CompareGround, most: number, onProgress: Progress): readonly Proposed[] =>
    proposeRules(
      described(ground),
      new Map(ground.library.data.taxa.map((t) => [t.id, t])),
      ground.vocabulary,
      ground.conditions,
      most,
      onProgress,
    ),
};
