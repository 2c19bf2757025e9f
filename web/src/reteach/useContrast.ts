import { useMemo } from 'react';
import type { SpecimenAtHand, TreeRow } from '@hurrow/contract';
import type { Wording } from '@hurrow/core/characters';
import { contrastOf } from '@hurrow/core/reteach';
import type { ContrastPlan } from '@hurrow/core/reteach';
import type { Conditions } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { sayName, useTrayProfiles } from '../compare/index.ts';
import type { Laid } from '../compare/index.ts';
import { candidatesOf } from './contrastWords.ts';
import type { Saying } from './contrastWords.ts';

/** Two look-alikes with the lesson on them. */
export interface Contrast {
  readonly first: Laid;
  readonly second: Laid;
  readonly plan: ContrastPlan;
  readonly trees: readonly TreeRow[];
  readonly specimens: readonly SpecimenAtHand[];
  readonly say: Saying;
  readonly conditions: Conditions;
}

const NONE: readonly string[] = [];

/**
 * The lesson on two look-alikes under the conditions of the bar; null until all of it is read, and where one of the two is gone.
 * @param wording other words than those of the bar.
 */
export function useContrast(
  a: string,
  b: string,
  leave: readonly string[] = NONE,
  wording?: Wording,
): { readonly contrast: Contrast | null; readonly gone: boolean } {
  const view = useView();
  const vocabulary = useVocabulary();
  const { place, ready } = useHere();
  const pair = useMemo(() => [a, b], [a, b]);
  const laid = useTrayProfiles(pair, vocabulary, place, ready);
  const trees = useRead('trees').data;
  const specimens = useRead('specimens').data;
  const { conditions } = view;
  const said = wording ?? view.wording;
  const left = leave.join();
  const contrast = useMemo((): Contrast | null => {
    const [first, second] = [a, b].map((id) => laid?.find((l) => l.header.id === id));
    if (!first || !second || !vocabulary || !trees || !specimens) return null;
    return {
      first,
      second,
      trees,
      specimens,
      conditions,
      say: { names: [sayName(first.header, said), sayName(second.header, said)], vocabulary, wording: said },
      plan: contrastOf(
        first.described,
        second.described,
        candidatesOf(trees, specimens),
        vocabulary,
        conditions,
        new Set(left.split(',')),
      ),
    };
  }, [a, b, laid, vocabulary, trees, specimens, conditions, said, left]);
  return { contrast, gone: laid !== null && laid.length < 2 };
}
