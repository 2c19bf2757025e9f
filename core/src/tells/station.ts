import type { Conditions } from '../conditions/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import { comparePair, expectedCharacters } from './tells.ts';
import type { Described, PairReport } from './tells.ts';

export interface StationReport {
  readonly twins: readonly PairReport[];
  readonly unproven: readonly PairReport[];
  readonly told: readonly PairReport[];
}

/**
 * What a station's tree can be told from, among the other species of a list: its certified states stand in for the
 * profile of its species. Clean and usual tells only; this is no verdict of fairness. Source: 3-computation, 2 and 4.
 * @param shown the individual; `own` the taxon it truly is, which is left out of the comparison.
 */
export function checkStation(
  shown: Described,
  own: string,
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): StationReport {
  const expected = expectedCharacters(list);
  const reports = list
    .filter((d) => d.id !== own)
    .map((d) => comparePair(shown, d, vocabulary, conditions, expected));
  const of = (verdict: PairReport['verdict']): PairReport[] => reports.filter((r) => r.verdict === verdict);
  return { twins: of('twins'), unproven: of('unproven'), told: of('told') };
}

/** An individual described by what it is certified to show, before what its taxon's profile says. */
export function asShown(
  id: string,
  taxon: Described,
  certified: Described['values'],
  subject: Described['subject'],
): Described {
  return { id, subject, values: new Map([...taxon.values, ...certified]) };
}
