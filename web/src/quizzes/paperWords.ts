import type { SecondEntries } from '@hurrow/contract';

/** How far the second entry of a sheet has come. */
export function secondWords({
  by,
  differences,
}: Pick<SecondEntries['sheets'][number], 'by' | 'differences'>): string {
  if (by === null) return 'waits for its second entry.';
  const n = differences.length;
  if (n === 0) return `entered twice; ${by} entered the same.`;
  return `entered twice; ${by} entered ${n === 1 ? 'one answer' : `${n} answers`} differently.`;
}
