import type { Vocabulary } from '../characters/index.ts';
import { inTeachingOrder, tellCards, usableWhen } from '../compare/index.ts';
import type { TellCard, Usable } from '../compare/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';
import { checkOf } from './check.ts';
import type { CheckQuestion } from './check.ts';
import { exceptionsTo } from './exceptions.ts';
import type { Exception } from './exceptions.ts';
import { nearestTwo, showing } from './showing.ts';
import type { Candidate, DescribedAt, Showing, TwoTrees } from './showing.ts';

/** Looks of one contrast; more are not remembered. */
export const MOST_LOOKS = 4;
/** Tells of another time that are named where there is none now. */
const MOST_LATER = 3;

/** What can be laid out to see something at another time of the year. */
const EVERYTHING: Conditions['material'] = ['tree', 'twig', 'leaf', 'fruit', 'litter'];

/** All that a lesson on two look-alikes needs on a day. */
export interface ContrastPlan {
  /** What to look at, in the order to look. */
  readonly looks: readonly TellCard[];
  /** Where nothing can be seen that separates them: what can at another time of the year, and when. */
  readonly later: readonly { readonly tell: TellCard; readonly when: readonly Usable[] }[];
  /** Trees and specimens that show a look now, those that show most first. */
  readonly first: readonly Showing[];
  readonly second: readonly Showing[];
  readonly nearest: TwoTrees | null;
  readonly exceptions: readonly Exception[];
  readonly check: readonly CheckQuestion[];
}

const byMost = (all: readonly Showing[]): readonly Showing[] =>
  [...all].sort((a, b) => b.characters.length - a.characters.length);

/** Strong tells of another time of the year, the soonest first, each with its spans from the day on. */
function laterTells(
  a: DescribedTaxon,
  b: DescribedTaxon,
  vocabulary: Vocabulary,
  conditions: Conditions,
): ContrastPlan['later'] {
  const then = { ...conditions, material: EVERYTHING };
  const cards = inTeachingOrder(
    tellCards(a, b, vocabulary, then).map((t) => ({ ...t, now: 'yes' as const })),
    then,
  );
  const found = cards.flatMap((tell) => {
    if (tell.strength === 'partial' || tell.character.organ === 'site') return [];
    const when = usableWhen(a, b, tell.character, then);
    return when.length === 0 ? [] : [{ tell, when }];
  });
  const soon = (when: readonly Usable[]): string =>
    when.find((w) => w.to >= conditions.date)?.from ?? `9${when[0]?.from ?? ''}`;
  return found.sort((x, y) => soon(x.when).localeCompare(soon(y.when))).slice(0, MOST_LATER);
}

/**
 * Works out a lesson on two look-alikes for a day: what to look at in which order, which trees and specimens show it, the two
 * trees nearest to each other that do, what goes against it, and a check. Where a tree stands is no look, since it may be
 * planted. Source: docs/formulas.md, Where a look is shown.
 * @param leave characters that are left out of the lesson.
 * @param describedAt a species at the site and stage of a tree.
 */
export function contrastOf(
  a: DescribedTaxon,
  b: DescribedTaxon,
  candidates: readonly Candidate[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  leave: ReadonlySet<string> = new Set(),
  describedAt?: DescribedAt,
): ContrastPlan {
  const strong = tellCards(a, b, vocabulary, conditions).filter(
    (t) =>
      t.now === 'yes' &&
      t.strength !== 'partial' &&
      t.character.organ !== 'site' &&
      !leave.has(t.character.id),
  );
  const looks = inTeachingOrder(strong, conditions).slice(0, MOST_LOOKS);
  const asked = looks.map((l) => l.character.id);
  const placeOf = new Map(candidates.map((c) => [c.individual, c.place]));
  const shown = (own: DescribedTaxon, other: DescribedTaxon): readonly Showing[] =>
    showing(candidates, own, other, asked, vocabulary, conditions, describedAt);
  const [first, second] = [shown(a, b), shown(b, a)];
  const standing = new Set(candidates.filter((c) => c.cut === null).map((c) => c.individual));
  const trees = (all: readonly Showing[]): readonly Showing[] =>
    all.filter((s) => standing.has(s.individual));
  return {
    looks,
    later: looks.length > 0 ? [] : laterTells(a, b, vocabulary, conditions),
    first: byMost(first),
    second: byMost(second),
    nearest: nearestTwo(trees(first), trees(second), (id) => placeOf.get(id) ?? null),
    exceptions: exceptionsTo([a, b], candidates, asked, vocabulary, conditions),
    check: checkOf(a, b, looks, vocabulary, conditions),
  };
}
