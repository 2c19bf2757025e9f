import type { AnswerValue } from '@hurrow/core/answers';
import type { Conditions } from '@hurrow/core/conditions';
import type { LookCall } from '@hurrow/core/grading';
import type { Look } from '@hurrow/core/mixups';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { BoardScope } from './boardTypes.ts';

/** A station of a sitting, with what its key said when looks at it were graded. */
interface Shown {
  readonly quiz_name: string;
  readonly number: number;
  readonly tag: string | null;
  readonly conditions: Conditions;
  /** What the tree shows in words, by character asked. */
  readonly shown: Readonly<Record<string, string>>;
}

/** A look of a section with the key it was graded by. */
export interface LookRow extends Shown {
  readonly id: string;
  /** The station of the sitting, and the revision of its key that it was graded by. */
  readonly sitting_station: string;
  readonly key_rev: number;
  /** The tree or specimen; null where none is known. */
  readonly individual: string | null;
  readonly sitting: string;
  readonly section_name: string;
  readonly on_date: string;
  readonly student: string;
  readonly code: string;
  readonly first_name: string | null;
  readonly truth: string;
  readonly named: Look['named'];
  readonly answer: string | null;
  /** How the name was graded. */
  readonly outcome: string;
  readonly sure: Look['sure'];
  /** The answer it comes from; null where the name was left out. */
  readonly response: string | null;
  readonly origin: string | null;
  readonly form: string;
  readonly material_class: string;
  readonly met_before: boolean;
  readonly returned_on: string | null;
  readonly calls: readonly LookCall[];
}

type LookAt = Omit<LookRow, keyof Shown>;

const newestFirst = (a: LookRow, b: LookRow): number =>
  b.on_date.localeCompare(a.on_date) ||
  a.sitting.localeCompare(b.sitting) ||
  a.number - b.number ||
  a.code.length - b.code.length ||
  a.code.localeCompare(b.code, 'en');

/** Which looks of some classes are read: at some species, of some days, material and form; null for all. */
interface Wanted {
  readonly sections: readonly string[];
  readonly truths: readonly string[] | null;
  readonly from: string | null;
  readonly to: string | null;
  readonly material: string | null;
  readonly form: string | null;
}

const WANTED = `l.ws = $1 and l.section = any($2::uuid[])
  and ($3::uuid[] is null or l.truth = any($3::uuid[])) and ($4::date is null or l.on_date >= $4) and ($5::date is null or l.on_date <= $5)
  and ($6::text is null or l.material_class = $6) and ($7::text is null or l.form = $7)`;

/** Looks, the newest sitting first. What a key says is read once, however many looked at its station. */
async function readWanted(sql: Sql, ws: string, w: Wanted): Promise<readonly LookRow[]> {
  const args = [ws, w.sections, w.truths, w.from, w.to, w.material, w.form];
  const keys = await readMany<Shown & { readonly sitting_station: string; readonly rev: number }>(
    sql,
    `select k.sitting_station, k.rev, q.name as quiz_name, st.number, k.accept ->> 'tag' as tag, k.conditions,
       (select coalesce(jsonb_object_agg(a ->> 'character', a -> 'accepted' -> 'words'), '{}')
        from jsonb_array_elements(k.accept -> 'asks') a where a ->> 'character' is not null) as shown
     from (select distinct l.ws, l.sitting_station, l.key_rev from look l where ${WANTED}) o
     join station_key k on k.ws = o.ws and k.sitting_station = o.sitting_station and k.rev = o.key_rev
     join sitting_station ss on ss.ws = k.ws and ss.id = k.sitting_station
     join station st on st.ws = ss.ws and st.id = ss.station join quiz q on q.ws = st.ws and q.id = st.quiz`,
    args,
  );
  const keyOf = new Map(keys.map(({ sitting_station, rev, ...k }) => [`${sitting_station}/${rev}`, k]));
  const looks = await readMany<LookAt>(
    sql,
    `select l.sitting_station || '/' || l.student as id, l.sitting, l.on_date, l.student, s.code, s.first_name,
       l.truth, l.named, l.answer, l.outcome, l.sure, l.calls, l.origin, l.form, l.material_class, l.met_before,
       (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on, l.response, l.sitting_station, l.key_rev,
       l.individual, c.name as section_name
     from look l join student s on s.ws = l.ws and s.id = l.student
     join sitting si on si.ws = l.ws and si.id = l.sitting
     join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
     where ${WANTED}`,
    args,
  );
  return looks
    .flatMap((look): LookRow[] => {
      const key = keyOf.get(`${look.sitting_station}/${look.key_rev}`);
      return key ? [{ ...look, ...key }] : [];
    })
    .sort(newestFirst);
}

/** Every day, material and form. */
export const EVERY_DAY = { from: null, to: null, material: null, form: null };
const EVERYTHING = { ...EVERY_DAY, truths: null };

/** All looks of some classes. */
export const readLooks = (sql: Sql, ws: string, sections: readonly string[]): Promise<readonly LookRow[]> =>
  readWanted(sql, ws, { ...EVERYTHING, sections });

/** The looks of a board at some species. */
export const readLooksAt = (
  sql: Sql,
  ws: string,
  scope: BoardScope,
  truths: readonly string[],
): Promise<readonly LookRow[]> => readWanted(sql, ws, { ...scope, truths });

/** Answers as written, by their ids. */
export async function readWritten(
  sql: Sql,
  ws: string,
  responses: readonly string[],
): Promise<ReadonlyMap<string, AnswerValue>> {
  const rows = await sql.query<{ id: string; value: AnswerValue }>(
    'select id, value from response where ws = $1 and id = any($2::uuid[])',
    [ws, responses],
  );
  return new Map(rows.map((r) => [r.id, r.value]));
}

/** Visible tells between a tree and a species, as the key of each station has them. */
export async function readTells(
  sql: Sql,
  ws: string,
  stations: readonly string[],
  rival: string,
): Promise<(station: string, rev: number) => readonly string[]> {
  const rows = await readMany<{ station: string; rev: number; characters: readonly string[] }>(
    sql,
    `select r.sitting_station as station, r.rev,
       (select coalesce(jsonb_agg(t ->> 'character'), '[]') from jsonb_array_elements(r.tells) t) as characters
     from station_rival r where r.ws = $1 and r.sitting_station = any($2::uuid[]) and r.rival = $3`,
    [ws, stations, rival],
  );
  const found = new Map(rows.map((r) => [`${r.station}/${r.rev}`, r.characters]));
  return (station, rev) => found.get(`${station}/${rev}`) ?? [];
}

/** Lessons of some classes on a pair, by day. */
export const readLessons = (
  sql: Sql,
  ws: string,
  sections: readonly string[],
  [a, b]: readonly [string, string],
): Promise<readonly { readonly on: string; readonly kind: 'taught' | 'retaught' }[]> =>
  sql.query(
    `select distinct l.on_date as on, l.kind from lesson l join lesson_item i on i.ws = l.ws and i.lesson = l.id
     where l.ws = $1 and l.section = any($2::uuid[]) and ((i.taxon = $3 and i.other = $4) or (i.taxon = $4 and i.other = $3))
     order by l.on_date`,
    [ws, sections, a, b],
  );
