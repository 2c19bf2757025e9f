import type { DecisionDue, TaxonHeader } from '@hurrow/contract';

export const nameOf = (t: Pick<TaxonHeader, 'scientific' | 'common'>): string =>
  t.common ? `${t.scientific}, ${t.common}` : t.scientific;

/** What waits for a decision, as one line: *17 students wrote “tamarack” at station 5*. */
export function dueWords({ students, text, stations }: DecisionDue): string {
  const who = students === 1 ? '1 student' : `${students} students`;
  const numbers = stations.map((s) => s.number);
  const where =
    numbers.length === 1
      ? `station ${numbers[0] ?? ''}`
      : `stations ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1) ?? ''}`;
  return `${who} wrote “${text}” at ${where}`;
}

/** Says where a text is as near to one name as to another, and names both; null where one is nearest. */
export function equallyNear({ candidates }: Pick<DecisionDue, 'candidates'>): string | null {
  const [first] = candidates;
  const near = candidates.filter((c) => c.edits === first?.edits);
  if (near.length < 2) return null;
  const names = near.map((c) => c.taxon.common ?? c.taxon.scientific);
  return `It is as near to ${names.slice(0, -1).join(', ')} as to ${names.at(-1) ?? ''}.`;
}

/** Whether a species stands at one of the stations where the text was written. */
export const sameRight = ({ stations }: Pick<DecisionDue, 'stations'>, taxon: string): boolean =>
  stations.some((s) => s.truth.id === taxon);

/** Points that hang on a decision. */
export const stakeWords = (points: number): string =>
  points === 0 ? 'no points at stake' : `${points === 1 ? '1 point' : `${points} points`} at stake`;
