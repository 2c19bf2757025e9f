import type { AnswerValue } from '@hurrow/core/answers';
import type { Sql } from '../db/index.ts';
import { EVERY_DAY, readLooksAt, readTells, readWritten } from './looks.ts';

/** A wrong answer of a pair, with what was written and what could be seen there. */
export interface WrittenLook {
  readonly truth: string;
  readonly answer: string;
  readonly individual: string | null;
  readonly sitting: string;
  readonly station: string;
  readonly isReturned: boolean;
  readonly written: AnswerValue | undefined;
  /** Characters that could be seen there and separate the two. */
  readonly tells: readonly string[];
}

/** The wrong answers of a class in which two species were taken for one another, either way. */
export async function looksOfPair(
  sql: Sql,
  ws: string,
  section: string,
  [a, b]: readonly [string, string],
): Promise<readonly WrittenLook[]> {
  const all = await readLooksAt(sql, ws, { sections: [section], ...EVERY_DAY }, [a, b]);
  const mixed = all.filter((l) => l.named === 'other' && l.answer === (l.truth === a ? b : a));
  const written = await readWritten(
    sql,
    ws,
    mixed.flatMap((l) => l.response ?? []),
  );
  const tellsAgainst = async (rival: string) =>
    readTells(
      sql,
      ws,
      mixed.filter((l) => l.answer === rival).map((l) => l.sitting_station),
      rival,
    );
  const tells = new Map([
    [a, await tellsAgainst(a)],
    [b, await tellsAgainst(b)],
  ]);
  return mixed.map((l) => ({
    truth: l.truth,
    answer: l.answer ?? '',
    individual: l.individual,
    sitting: l.sitting,
    station: l.sitting_station,
    isReturned: l.returned_on !== null,
    written: written.get(l.response ?? ''),
    tells: tells.get(l.answer ?? '')?.(l.sitting_station, l.key_rev) ?? [],
  }));
}
