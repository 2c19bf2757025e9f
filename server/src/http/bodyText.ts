const texts = new WeakMap<object, string>();

/**
 * Writes the body of an answer as JSON. What is kept in memory and sent again, as the vocabulary is, is written
 * once: its text goes with it. Bodies are never changed once they are made.
 */
export function bodyText(body: unknown): string {
  if (typeof body !== 'object' || body === null) return JSON.stringify(body);
  const had = texts.get(body);
  if (had !== undefined) return had;
  const text = JSON.stringify(body);
  texts.set(body, text);
  return text;
}
