import type { RetestRow } from '@hurrow/contract';

/** How many answers on new trees there were since, and how many would settle it. */
export function neededWords({ looks, needed }: Pick<RetestRow, 'looks' | 'needed'>): string {
  if (looks >= needed) return `${looks} answers on new trees since, enough to say how it stands`;
  if (looks === 0) return `${needed} answers on new trees would settle it`;
  return `${looks} answers on new trees since; ${needed - looks} more would settle it`;
}
