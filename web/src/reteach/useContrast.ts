import { useMemo } from 'react';
import type { Sighting, SpecimenAtHand, TreeRow } from '@hurrow/contract';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { contrastOf } from '@hurrow/core/reteach';
import type { ContrastPlan, DescribedAt } from '@hurrow/core/reteach';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import type { Conditions } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { sitePlace, useHere, useView, useVocabulary } from '../app/index.ts';
import { sayName, useTrayProfiles } from '../compare/index.ts';
import type { Laid } from '../compare/index.ts';
import { candidatesOf } from './contrastWords.ts';
import type { Saying } from './contrastWords.ts';

/** Describes a species for the site and the stage of a tree, or of the tree a part was cut from; each case once. */
function describerOf(
  laid: readonly Laid[],
  trees: readonly TreeRow[],
  specimens: readonly SpecimenAtHand[],
  sightings: readonly Sighting[],
  vocabulary: Vocabulary,
): DescribedAt {
  const byId = new Map(trees.map((t) => [t.id, t]));
  const cutFrom = new Map(specimens.map((s) => [s.id, byId.get(s.tree ?? '')]));
  const known = new Map<string, DescribedTaxon | null>();
  return ({ individual, taxon }) => {
    const tree = byId.get(individual) ?? cutFrom.get(individual);
    const own = laid.find((l) => l.header.id === taxon);
    if (!tree || !own) return null;
    const key = `${taxon}/${tree.site.id}/${tree.stage ?? ''}`;
    const had = known.get(key);
    if (had !== undefined) return had;
    const place = sitePlace(tree.site, sightings);
    const [made = null] = describeTaxa([taxon], own.profile, vocabulary, place, tree.stage);
    known.set(key, made);
    return made;
  };
}

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
  const sightings = useRead('sightings').data;
  const { conditions } = view;
  const said = wording ?? view.wording;
  const left = leave.join();
  const contrast = useMemo((): Contrast | null => {
    const [first, second] = [a, b].map((id) => laid?.find((l) => l.header.id === id));
    if (!first || !second || !laid || !vocabulary || !trees || !specimens || !sightings) return null;
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
        describerOf(laid, trees, specimens, sightings, vocabulary),
      ),
    };
  }, [a, b, laid, vocabulary, trees, specimens, sightings, conditions, said, left]);
  return { contrast, gone: laid !== null && laid.length < 2 };
}
