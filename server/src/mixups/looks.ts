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
  readonly sitting: string;
  readonly section_name: string;
  readonly on_date: string;
  readonly returned_on: string | null;
}

/** Who looked. */
interface Who {
  readonly code: string;
  readonly first_name: string | null;
}

/** A look of a section with the key it was graded by. */
export interface LookRow extends Shown, Who {
  readonly id: string;
  /** The station of the sitting, and the revision of its key that it was graded by. */
  readonly sitting_station: string;
  readonly key_rev: number;
  /** The tree or specimen; null where none is known. */
  readonly individual: string | null;
  readonly student: string;
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
  readonly calls: readonly LookCall[];
}

type LookAt = Omit<LookRow, keyof Shown | keyof Who | 'id'>;

/** ISO dates, ids and digits: by their letters, which is several times as fast as by a language. */
const byLetters = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

const newestFirst = (a: LookRow, b: LookRow): number =>
  byLetters(b.on_date, a.on_date) ||
  byLetters(a.sitting, b.sitting) ||
  a.number - b.number ||
  a.code.length - b.code.length ||
  byLetters(a.code, b.code);

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

/** Looks, the newest sitting first. What a key and a sitting say is read once, however many looked there, and so is who did. */
async function readWanted(sql: Sql, ws: string, w: Wanted): Promise<readonly LookRow[]> {
  const looks = await readMany<LookAt>(
    sql,
    `select l.student, l.truth, l.named, l.answer, l.outcome, l.sure, l.calls, l.origin, l.form, l.material_class, l.met_before,
       l.response, l.sitting_station, l.key_rev, l.individual
     from look l where ${WANTED}`,
    [ws, w.sections, w.truths, w.from, w.to, w.material, w.form],
  );
  const keyOf = await readShown(sql, ws, [...new Set(looks.map((l) => l.sitting_station))]);
  const whoIs = await readWho(sql, ws, [...new Set(looks.map((l) => l.student))]);
  return looks
    .flatMap((look): LookRow[] => {
      const [key, who] = [keyOf.get(`${look.sitting_station}/${look.key_rev}`), whoIs.get(look.student)];
      return key && who ? [{ id: `${look.sitting_station}/${look.student}`, ...look, ...key, ...who }] : [];
    })
    .sort(newestFirst);
}

/** What keys and sittings say of stations, by `station/revision`. */
async function readShown(
  sql: Sql,
  ws: string,
  stations: readonly string[],
): Promise<ReadonlyMap<string, Shown>> {
  const keys = await readMany<Shown & { readonly station: string; readonly rev: number }>(
    sql,
    `select k.sitting_station as station, k.rev, q.name as quiz_name, st.number, si.id as sitting, si.on_date, c.name as section_name,
       (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on, k.accept ->> 'tag' as tag, k.conditions,
       (select coalesce(jsonb_object_agg(a ->> 'character', a -> 'accepted' -> 'words'), '{}')
        from jsonb_array_elements(k.accept -> 'asks') a where a ->> 'character' is not null) as shown
     from station_key k join sitting_station ss on ss.ws = k.ws and ss.id = k.sitting_station
     join station st on st.ws = ss.ws and st.id = ss.station join quiz q on q.ws = st.ws and q.id = st.quiz
     join sitting si on si.ws = ss.ws and si.id = ss.sitting
     join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
     where k.ws = $1 and k.sitting_station = any($2::uuid[])`,
    [ws, stations],
  );
  return new Map(keys.map(({ station, rev, ...k }) => [`${station}/${rev}`, k]));
}

/** Who some students are, by their ids. */
async function readWho(sql: Sql, ws: string, students: readonly string[]): Promise<ReadonlyMap<string, Who>> {
  const people = await readMany<Who & { readonly student: string }>(
    sql,
    'select id as student, code, first_name from student where ws = $1 and id = any($2::uuid[])',
    [ws, students],
  );
  return new Map(people.map(({ student, ...who }) => [student, who]));
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
