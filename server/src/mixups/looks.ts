import type { AnswerValue } from '@hurrow/core/answers';
import type { Value } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import type { LookCall } from '@hurrow/core/grading';
import type { Look } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';

/** A look of a section with the key it was graded by. */
export interface LookRow {
  readonly id: string;
  readonly sitting: string;
  readonly quiz_name: string;
  readonly on_date: string;
  readonly student: string;
  readonly code: string;
  readonly first_name: string | null;
  readonly truth: string;
  readonly named: Look['named'];
  readonly answer: string | null;
  readonly sure: Look['sure'];
  readonly value: AnswerValue | null;
  readonly origin: string | null;
  readonly number: number;
  readonly tag: string | null;
  readonly calls: readonly LookCall[];
  readonly conditions: Conditions;
  /** What the tree shows in words, by character asked. */
  readonly shown: Readonly<Record<string, string>>;
}

/** All looks of a section, the newest sitting first. */
export const readLooks = (sql: Sql, ws: string, section: string): Promise<readonly LookRow[]> =>
  sql.query<LookRow>(
    `select l.sitting_station || '/' || l.student as id, l.sitting, q.name as quiz_name, l.on_date, l.student, s.code, s.first_name,
       l.truth, l.named, l.answer, l.sure, l.calls, l.origin, r.value, st.number, k.accept ->> 'tag' as tag, k.conditions,
       (select coalesce(jsonb_object_agg(a ->> 'character', a -> 'accepted' -> 'words'), '{}')
        from jsonb_array_elements(k.accept -> 'asks') a where a ->> 'character' is not null) as shown
     from look l join student s on s.ws = l.ws and s.id = l.student
     join station_key k on k.ws = l.ws and k.sitting_station = l.sitting_station and k.rev = l.key_rev
     join sitting_station ss on ss.ws = l.ws and ss.id = l.sitting_station
     join station st on st.ws = ss.ws and st.id = ss.station join quiz q on q.ws = st.ws and q.id = st.quiz
     left join response r on r.ws = l.ws and r.id = l.response
     where l.ws = $1 and l.section = $2 order by l.on_date desc, l.sitting, st.number, length(s.code), s.code`,
    [ws, section],
  );

/** What the profiles of named species said of the characters asked, as each sitting's key holds them. */
export async function readNamedProfiles(
  sql: Sql,
  ws: string,
  section: string,
): Promise<(sitting: string, taxon: string, character: string) => Value | undefined> {
  const rows = await sql.query<{ sitting: string; taxon: string; character: string; value: Value }>(
    `select distinct t.sitting, t.taxon, c.character, t.profile -> c.character as value
     from (select distinct ws, sitting, answer, run from look where ws = $1 and section = $2 and named = 'other') l
     join grading_run g on g.ws = l.ws and g.id = l.run
     join sitting_key k on k.ws = g.ws and k.sitting = g.sitting and k.rev = g.key_rev
     join sitting_taxon t on t.ws = k.ws and t.sitting = k.sitting and t.rev = k.list_rev and t.taxon = l.answer
     join (select distinct o.sitting, x ->> 'character' as character from look o, jsonb_array_elements(o.calls) x
           where o.ws = $1 and o.section = $2 and o.named = 'other') c on c.sitting = l.sitting
     where t.profile ? c.character`,
    [ws, section],
  );
  const found = new Map(rows.map((r) => [`${r.sitting}/${r.taxon}/${r.character}`, r.value]));
  return (sitting, taxon, character) => found.get(`${sitting}/${taxon}/${character}`);
}
