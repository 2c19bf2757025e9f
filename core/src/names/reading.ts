/** One word as typed. */
export interface Word {
  /** Lower case, without accents. */
  readonly text: string;
  readonly dotted: boolean;
  readonly capital: boolean;
  /** All of it in capitals, of at least two letters. */
  readonly capitals: boolean;
}

/** A stretch of a typed text between separators, which may be a name of its own. */
export interface Part {
  readonly words: readonly Word[];
}

/** A typed text taken apart. */
export interface Reading {
  readonly parts: readonly Part[];
  /** Two names are offered, as with *or*: whether or not both can be read, it is no single answer. */
  readonly hedged: boolean;
  /** A name is ruled out, as with *not*. */
  readonly negated: boolean;
  /** Places a sign of a hybrid between two names or epithets. */
  readonly crossed: boolean;
  /** Says of itself that it is not certain: *cf.*, *maybe*, a question mark. */
  readonly unsure: boolean;
}

const HEDGES = new Set(['or', 'vs', 'versus', 'either', 'and']);
const NEGATIONS = new Set(['not', 'isnt', 'neither', 'nor', 'except', 'never', 'no']);
const UNSURE = new Set(['cf', 'aff', 'maybe', 'perhaps', 'probably', 'possibly', 'likely', 'unsure']);
const BETWEEN = new Set(['maybe', 'perhaps', 'probably', 'possibly']);
const TOKEN = /\s[-–—]\s|[\p{L}\p{N}]+|[×/,;()[\]=&+|?:~]|\./gu;

/** Letters without accents; apostrophes go, hyphens and what cannot be seen part words. */
const plain = (typed: string): string =>
  typed
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/['’‘`´]/g, '');

/**
 * Takes a typed text apart: its words, where one stretch ends and another begins, and what is said of them.
 * @param typed the answer exactly as written.
 */
export function readTyped(typed: string): Reading {
  const parts: { words: Word[] }[] = [{ words: [] }];
  const cut = (): unknown => parts.push({ words: [] });
  let [hedged, negated, crossed, unsure] = [false, false, false, false];
  const tokens = [...plain(typed).matchAll(TOKEN)].map((m) => m[0]);
  tokens.forEach((t, i) => {
    const part = parts.at(-1);
    if (!part || t === '.') return;
    const low = t.toLowerCase();
    const sign = t === '×' || low === 'x';
    if (sign) {
      const before = part.words.length;
      const more = tokens.slice(i + 1).some((w) => /^[\p{L}]/u.test(w));
      // Behind a genus, at the beginning or with a capital, the sign belongs to the name of a hybrid.
      if (before >= 2 && more && part.words.at(-1)?.capital !== true) {
        crossed = true;
        cut();
      }
    } else if (/^[\p{L}\p{N}]/u.test(t)) {
      if (HEDGES.has(low) && part.words.length + parts.length > 1) {
        hedged = true;
        cut();
      } else if (NEGATIONS.has(low)) {
        negated = true;
        cut();
      } else if (UNSURE.has(low)) {
        unsure = true;
        if (BETWEEN.has(low)) cut();
      } else
        part.words.push({
          text: low,
          dotted: tokens[i + 1] === '.',
          capital: t.charAt(0) !== low.charAt(0),
          capitals: t.length > 1 && t === t.toUpperCase() && t !== low,
        });
    } else {
      if (t === '/' || t === '|' || t === '&' || t === '+') hedged = true;
      if (t === '?' || t === '~') unsure = true;
      // A comma behind the sign of a hybrid is none.
      const last = tokens[i - 1]?.toLowerCase();
      if (last !== 'x' && last !== '×') cut();
    }
  });
  return { parts: parts.filter((p) => p.words.length > 0), hedged, negated, crossed, unsure };
}
