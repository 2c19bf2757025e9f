import type { Vocabulary } from '../characters/index.ts';
import type { DescribedTaxon, Strength, Verdict } from '../tells/index.ts';
import type { StationComparer } from './comparisons.ts';
import { groundsOf, stationShown } from './shown.ts';
import type { FrozenValue, Setting, Shown } from './shown.ts';

export interface FrozenTell {
  readonly character: string;
  readonly strength: Strength;
  /** Share of specimens that the character cannot separate, 0 to 1. */
  readonly overlap: number;
  readonly group: string | null;
  readonly partly: boolean;
}

export interface FrozenRival {
  readonly rival: string;
  readonly verdict: Verdict;
  readonly tells: readonly FrozenTell[];
}

export interface FrozenStation {
  readonly values: readonly FrozenValue[];
  readonly rivals: readonly FrozenRival[];
}

/**
 * Freezes what a station shows and what separates it from every other species of the list: what was checked at the
 * tree and what its profile says are kept apart. Source: docs/domain.md, The key; docs/formulas.md, Separation.
 * @param own the described species of the tree; null where nothing of it is described.
 * @param compare compares it with the described species of the list.
 */
export function freezeStation(
  shown: Shown,
  setting: Setting,
  own: DescribedTaxon | null,
  compare: StationComparer,
  vocabulary: Vocabulary,
): FrozenStation {
  const values = groundsOf(own?.values ?? new Map(), shown.certified);
  if (!own) return { values, rivals: [] };
  const rivals = compare(stationShown(shown, setting, own)).map((report): FrozenRival => ({
    rival: report.b,
    verdict: report.verdict,
    tells: report.tells.map((t) => ({
      character: t.character,
      strength: t.strength,
      overlap: Math.round(t.overlap * 1e6) / 1e6,
      group: vocabulary.get(t.character)?.evidenceGroup ?? null,
      partly: t.partly,
    })),
  }));
  return { values, rivals };
}
