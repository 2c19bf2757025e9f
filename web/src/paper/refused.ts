/**
 * Which answer of a request was at fault, by the field that the server names.
 * @param count how many answers were sent. @returns null where it names none of them.
 */
export function refusedAt(field: string | undefined, count: number): number | null {
  const n = Number(/^answers\.(\d+)(\.|$)/.exec(field ?? '')?.[1] ?? NaN);
  return Number.isInteger(n) && n < count ? n : null;
}
