import { useMemo } from 'react';
import type { Site } from '@hurrow/contract';
import { POSSIBLE, cannotBeTold, nameFrom, namingOf, nextLooks, priorAt } from '@hurrow/core/naming';
import type { Call, Look, Named, Naming, NotTold } from '@hurrow/core/naming';
import { useRead } from '../api/index.ts';
import type { Compared } from './useCompared.ts';

export interface NamedTree {
  readonly naming: Naming;
  readonly named: Named;
  readonly looks: readonly Look[];
  readonly notTold: readonly NotTold[];
  /** What the cautions of those still possible forbid. */
  readonly forbidden: ReadonlySet<string>;
}

const LOOKS = 6;

/** Chances before any call by how each member fits a site; flat until it is read or where no site is given. */
export function usePrior(c: Compared, site: Site | null): readonly number[] | undefined {
  const query: Record<string, string> = site
    ? {
        lat: String(site.lat),
        lon: String(site.lon),
        list: c.list.id,
        ...(site.elevM === null ? {} : { elevation: String(site.elevM) }),
      }
    : {};
  const growing = useRead('growing', {}, site !== null, query).data;
  return useMemo(() => {
    if (!site || !growing) return undefined;
    const fit = new Map(growing.rows.map((r) => [r.taxon.id, r.fit]));
    return priorAt(c.members.map((m) => fit.get(m.id) ?? 'unknown'));
  }, [site, growing, c.members]);
}

/** Names a tree from calls: chances, evidence, what to look at next and what cannot be told with this. */
export function useNaming(
  c: Compared,
  calls: readonly Call[],
  prior: readonly number[] | undefined,
): NamedTree {
  const naming = useMemo(
    () => namingOf(c.described, c.vocabulary, prior),
    [c.described, c.vocabulary, prior],
  );
  return useMemo(() => {
    const named = nameFrom(naming, calls);
    const forbidden = new Set(
      c.members.flatMap((m, i) =>
        (named.posterior[i] ?? 0) >= POSSIBLE ? [...(c.forbidden.get(m.id) ?? [])] : [],
      ),
    );
    return {
      naming,
      named,
      forbidden,
      looks: nextLooks(naming, named.posterior, calls, c.conditions, { forbidden, most: LOOKS }),
      notTold: cannotBeTold(naming, named, c.vocabulary, c.conditions, c.expected),
    };
  }, [naming, calls, c]);
}
