import { appendFileSync, existsSync, readFileSync } from 'node:fs';

/** A student whose data were erased; nothing but an id that means nothing any more. */
export interface Erasure {
  readonly ws: string;
  readonly student: string;
  readonly at: string;
}

/** Erasures kept beside the database, so that a backup made before one does not bring the student back. */
export interface Erasures {
  append(erasure: Erasure): void;
  read(): readonly Erasure[];
}

/** An append-only file of lines of JSON. */
export const erasuresFile = (path: string): Erasures => ({
  append: (e) => appendFileSync(path, `${JSON.stringify(e)}\n`, { mode: 0o600, flush: true }),
  read: () =>
    existsSync(path)
      ? readFileSync(path, 'utf8')
          .split('\n')
          .flatMap((line): Erasure[] => {
            try {
              return [JSON.parse(line) as Erasure];
            } catch {
              return [];
            }
          })
      : [],
});

export function erasuresInMemory(): Erasures {
  const kept: Erasure[] = [];
  return { append: (e) => void kept.push(e), read: () => kept };
}
