import type { ReviewAnswer } from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { Sql } from '../db/index.ts';
import type { Account, App } from '../http/index.ts';
import { looksOfPair } from '../mixups/index.ts';
import type { WrittenLook } from '../mixups/index.ts';
import { needSitting, readHolds } from '../sittings/index.ts';

/** The words of a text without case and accents. */
const wordsOf = (text: string): readonly string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu) ?? [];

/** Words that would tell who a student is: numbers and first names of the class. */
async function tellingWords(sql: Sql, ws: string, section: string): Promise<ReadonlySet<string>> {
  const rows = await sql.query<{ code: string; first_name: string | null }>(
    `select s.code, s.first_name from student s join enrolment e on e.ws = s.ws and e.student = s.id
     where e.ws = $1 and e.section = $2`,
    [ws, section],
  );
  return new Set(rows.flatMap((r) => [...wordsOf(r.code), ...wordsOf(r.first_name ?? '')]));
}

/** Stations that stay secret today, because another class has them ahead. */
async function heldStations(
  app: App,
  who: Account,
  sittings: ReadonlySet<string>,
): Promise<ReadonlySet<string>> {
  const held = new Set<string>();
  for (const id of sittings) {
    const { holds } = await readHolds(app, who.ws, await needSitting(app.db, who, id));
    for (const h of holds) if (!h.released) held.add(h.station);
  }
  return held;
}

/**
 * Wrong answers of a pair, either way, as they were written: each text once a station, of nobody. Only returned results
 * count, a station that another class has ahead is left out, and so is a text that has a number or a first name of the class.
 */
export async function reviewAnswers(
  app: App,
  who: Account,
  section: string,
  pair: readonly [string, string],
): Promise<readonly ReviewAnswer[]> {
  const looks = (await looksOfPair(app.db, who.ws, section, pair)).filter((l) => l.isReturned);
  const held = await heldStations(app, who, new Set(looks.map((l) => l.sitting)));
  const telling = await tellingWords(app.db, who.ws, section);
  const found = new Map<string, { readonly look: WrittenLook; readonly typed: string; times: number }>();
  for (const look of looks) {
    const typed = look.written ? answerText(look.written).trim() : '';
    if (typed === '' || held.has(look.station)) continue;
    if (wordsOf(typed).some((w) => telling.has(w))) continue;
    const key = `${look.station}/${wordsOf(typed).join(' ')}`;
    const had = found.get(key);
    if (had) had.times += 1;
    else found.set(key, { look, typed, times: 1 });
  }
  return [...found.values()]
    .sort((a, b) => b.times - a.times || a.look.station.localeCompare(b.look.station))
    .map(({ look, typed }) => ({
      truth: look.truth,
      answer: look.answer,
      typed,
      tree: look.individual,
      seen: look.tells,
    }));
}
