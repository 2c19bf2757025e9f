/** The fields of an address that hold the conditions, the words and the units. */
export const VIEW_KEYS = ['on', 'with', 'by', 'from', 'wet', 'words', 'units', 'at'] as const;

/** An address with the view of the present one carried over. */
export function withView(to: string, search: URLSearchParams): string {
  const [path = '', own = ''] = to.split('?');
  const next = new URLSearchParams(own);
  for (const key of VIEW_KEYS) {
    const value = search.get(key);
    if (value !== null && !next.has(key)) next.set(key, value);
  }
  const query = next.toString();
  return query === '' ? path : `${path}?${query}`;
}
