import type { MisreadRow } from '@hurrow/contract';
import type { Sql } from '../db/index.ts';

interface Row {
  readonly character: string;
  readonly state: string | null;
  readonly outcome: string;
  readonly times: number;
}

/** How often a section called characters wrong, from the newest grading of each of its sittings. */
export async function readMisreads(sql: Sql, ws: string, section: string): Promise<readonly MisreadRow[]> {
  const rows = await sql.query<Row>(
    `select k.character, r.value ->> 'state' as state, m.outcome, count(*)::integer as times
     from sitting s
     join lateral (select id from grading_run x where x.ws = s.ws and x.sitting = s.id order by x.seq desc limit 1) run on true
     join run_grade m on m.ws = s.ws and m.run = run.id
     join response r on r.ws = m.ws and r.id = m.response
     join ask k on k.ws = r.ws and k.id = r.ask and k.kind = 'call'
     where s.ws = $1 and s.section = $2 and m.outcome in ('right', 'coarse', 'wrong')
     group by k.character, r.value ->> 'state', m.outcome`,
    [ws, section],
  );
  const found = new Map<string, Row[]>();
  for (const r of rows) found.set(r.character, [...(found.get(r.character) ?? []), r]);
  return [...found].map(([character, all]) => {
    const wrong = all.filter((r) => r.outcome === 'wrong');
    const sum = (some: readonly Row[]): number => some.reduce((n, r) => n + r.times, 0);
    return {
      character,
      calls: sum(all),
      wrong: sum(wrong),
      readAs: wrong
        .flatMap((r) => (r.state === null ? [] : [{ state: r.state, times: r.times }]))
        .sort((a, b) => b.times - a.times),
    };
  });
}
