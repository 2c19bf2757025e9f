import { LRUCache } from 'lru-cache';
import type { Sql } from '../db/index.ts';
import type { BoardScope, Row } from './boardTypes.ts';

/** Sums of the chosen classes, over one class of material and form or over all. */
export const KEPT = `ws = $1 and section = any($2::uuid[]) and material_class is not distinct from $3 and form is not distinct from $4`;
export const keptArgs = (ws: string, s: BoardScope): readonly unknown[] => [
  ws,
  s.sections,
  s.material,
  s.form,
];

/** A board row as it is kept, in the order of `SECTION_BOARD`: names are places among the names of the board. */
type KeptRow = readonly [
  truth: number,
  named: number,
  answer: number | null,
  looks: number,
  students: number,
  guesses: number,
  called: number,
  misread: number,
  station: number | null,
  k: number | null,
  n: number | null,
  behind: number | null,
  behindK: number | null,
];

type Summed = { -readonly [K in keyof Row]: Row[K] } & { behind_k: number };
type NameAt = (place: number | null) => string | null;

function asRow(r: KeptRow, nameAt: NameAt): Summed {
  return {
    truth: nameAt(r[0]) ?? '',
    named: nameAt(r[1]) ?? '',
    answer: nameAt(r[2]),
    looks: r[3],
    students: r[4],
    guesses: r[5],
    called: r[6],
    misread: r[7],
    at_station: nameAt(r[8]),
    at_k: r[9],
    at_n: r[10],
    behind: nameAt(r[11]),
    behind_k: r[12] ?? 0,
  };
}

/** Adds a class to the classes before it: its students are others. Most wrote it at the station of the class where most did. */
function add(sum: Summed, r: KeptRow, nameAt: NameAt): void {
  sum.looks += r[3];
  sum.students += r[4];
  sum.guesses += r[5];
  sum.called += r[6];
  sum.misread += r[7];
  if ((r[9] ?? 0) > (sum.at_k ?? 0)) [sum.at_station, sum.at_k, sum.at_n] = [nameAt(r[8]), r[9], r[10]];
  if ((r[12] ?? 0) > sum.behind_k) [sum.behind, sum.behind_k] = [nameAt(r[11]), r[12] ?? 0];
}

/** Small numbers for the names that are asked for, the same in every board, so that a row of several is found by a number. */
function numbering(): (names: readonly string[]) => (place: number) => number {
  const known = new Map<string, number>();
  return (names) => {
    const numbers = new Int32Array(names.length).fill(-1);
    return (place) => {
      const had = numbers[place] ?? -1;
      if (had >= 0) return had;
      const name = names[place] ?? '';
      const number = known.get(name) ?? known.size;
      known.set(name, number);
      numbers[place] = number;
      return number;
    };
  };
}
/** More names than a library has. */
const WIDE = 2 ** 14;

interface Board {
  readonly names: readonly string[];
  readonly rows: readonly KeptRow[];
  readonly again: readonly (readonly [a: number, b: number, k: number, n: number])[];
}

function summed(boards: readonly Board[]): readonly Row[] {
  const numbered = numbering();
  const sums = new Map<number, Summed>();
  for (const { names, rows } of boards) {
    const at = numbered(names);
    const nameAt: NameAt = (place) => (place === null ? null : (names[place] ?? null));
    for (const r of rows) {
      // A right answer names the tree's own species; what names none is told apart by what it is.
      const key = at(r[0]) * WIDE + at(r[2] ?? r[1]);
      const sum = sums.get(key);
      if (sum) add(sum, r, nameAt);
      else sums.set(key, asRow(r, nameAt));
    }
  }
  return [...sums.values()];
}

export type Again = ReadonlyMap<string, { readonly k: number; readonly n: number }>;

function againOf(boards: readonly Pick<Board, 'names' | 'again'>[]): Again {
  const numbered = numbering();
  const sums = new Map<number, { readonly pair: string; k: number; n: number }>();
  for (const { names, again } of boards) {
    const at = numbered(names);
    for (const [a, b, k, n] of again) {
      const key = at(a) * WIDE + at(b);
      const sum = sums.get(key);
      if (sum) {
        sum.k += k;
        sum.n += n;
      } else sums.set(key, { pair: `${names[a] ?? ''}/${names[b] ?? ''}`, k, n });
    }
  }
  return new Map([...sums.values()].map(({ pair, k, n }) => [pair, { k, n }]));
}

/** Boards by their stamps, which never come twice: what was read once is read again only after it was written anew. */
const boards = new LRUCache<string, Board>({ maxSize: 400_000, sizeCalculation: (b) => b.rows.length + 1 });
interface Whole {
  readonly rows: readonly Row[];
  readonly again: Again;
}
/** Boards of several classes put together, by all their stamps. */
const wholes = new LRUCache<string, Whole>({ max: 16 });

/** Boards as text, so that the thread of the database need not copy them number by number. */
const readWritten = (
  sql: Sql,
  stamps: readonly string[],
): Promise<readonly { readonly stamp: string; readonly board: string }[]> =>
  sql.query(
    `select stamp, json_build_object('names', names, 'rows', rows, 'again', again)::text as board
     from section_board where stamp = any($1::uuid[])`,
    [stamps],
  );

/** The boards of the chosen classes put together. */
export async function keptWhole(sql: Sql, ws: string, scope: BoardScope): Promise<Whole> {
  const found = await sql.query<{ stamp: string }>(
    `select stamp from section_board where ${KEPT} order by section`,
    keptArgs(ws, scope),
  );
  const stamps = found.map((f) => f.stamp);
  const key = stamps.join();
  const had = wholes.get(key);
  if (had) return had;
  const missing = stamps.filter((s) => !boards.has(s));
  const read = new Map<string, Board>();
  if (missing.length > 0)
    for (const { stamp, board } of await readWritten(sql, missing)) {
      const parsed = JSON.parse(board) as Board;
      read.set(stamp, parsed);
      boards.set(stamp, parsed);
    }
  const all = stamps.flatMap((s) => read.get(s) ?? boards.get(s) ?? []);
  const whole = { rows: summed(all), again: againOf(all) };
  wholes.set(key, whole);
  return whole;
}

/** How often students mixed a pair up again, of their chances, over all quizzes of the classes. By `a/b` in the order of ids. */
export const readAgain = async (sql: Sql, ws: string, sections: readonly string[]): Promise<Again> =>
  (await keptWhole(sql, ws, { sections, from: null, to: null, material: null, form: null })).again;
