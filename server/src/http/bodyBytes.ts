const kept = new WeakMap<object, Buffer>();

const written = (body: unknown): Buffer => Buffer.from(JSON.stringify(body));

/**
 * Writes the body of an answer as JSON in UTF-8. What is kept in memory and sent again, as the vocabulary is, is written
 * once: its bytes go with it. Bodies are never changed once they are made.
 */
export function bodyBytes(body: unknown): Buffer {
  if (typeof body !== 'object' || body === null) return written(body);
  const had = kept.get(body);
  if (had !== undefined) return had;
  const bytes = written(body);
  kept.set(body, bytes);
  return bytes;
}
