import type { CalledCharacter, StateConfusion } from '@hurrow/contract';
import { shownStates } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

interface Row {
  readonly character: string;
  readonly called: string | null;
  readonly outcome: string;
  readonly times: number;
  readonly profile: Value | null;
  readonly certified: Value | null;
}

/** What was called at each station, with what its tree shows by the key the look was graded by. */
const readCalls = (sql: Sql, ws: string, section: string): Promise<readonly Row[]> =>
  readMany<Row>(
    sql,
    `select x.character, x.called, x.outcome, x.times, v.profile, v.certified from (
       select l.sitting_station, l.key_rev, c ->> 'character' as character, c -> 'value' ->> 'state' as called,
         c ->> 'outcome' as outcome, count(*)::integer as times
       from look l, jsonb_array_elements(l.calls) c
       where l.ws = $1 and l.section = $2 and l.calls <> '[]' and c ->> 'outcome' in ('right', 'coarse', 'wrong')
       group by 1, 2, 3, 4, 5) x
     left join station_value v on v.ws = $1 and v.sitting_station = x.sitting_station and v.rev = x.key_rev and v.character = x.character`,
    [ws, section],
  );

/** The state a call is counted under: the one called where the tree shows it too, else the first it shows. */
function shownFor({ called, profile, certified }: Row): string | null {
  const value = certified ?? profile;
  if (value?.kind !== 'states') return null;
  const states = shownStates(value).map((s) => s.state);
  return states.find((s) => s === called) ?? states[0] ?? null;
}

/** Every character that was called: how often wrong, and state by state what was called. */
export async function readCalled(sql: Sql, ws: string, section: string): Promise<readonly CalledCharacter[]> {
  const by = new Map<string, { k: number; n: number; states: Map<string, StateConfusion> }>();
  for (const r of await readCalls(sql, ws, section)) {
    const own = by.get(r.character) ?? { k: 0, n: 0, states: new Map<string, StateConfusion>() };
    own.n += r.times;
    if (r.outcome === 'wrong') own.k += r.times;
    const shown = shownFor(r);
    if (shown !== null && r.called !== null) {
      const key = `${shown}/${r.called}`;
      const times = (own.states.get(key)?.times ?? 0) + r.times;
      own.states.set(key, { shown, called: r.called, times });
    }
    by.set(r.character, own);
  }
  return [...by]
    .map(([character, { k, n, states }]) => ({
      character,
      wrong: { k, n },
      states: [...states.values()].sort(
        (a, b) => a.shown.localeCompare(b.shown) || b.times - a.times || a.called.localeCompare(b.called),
      ),
    }))
    .sort((a, b) => b.wrong.k - a.wrong.k || a.character.localeCompare(b.character));
}

/** Characters that are among the strongest tells at the class's stations and were never called. */
export async function readNeverCalled(
  sql: Sql,
  ws: string,
  section: string,
  called: readonly CalledCharacter[],
): Promise<readonly string[]> {
  const rows = await sql.query<{ character: string }>(
    `select distinct t ->> 'character' as character
     from (select distinct ws, sitting_station, key_rev from look where ws = $1 and section = $2) l
     join station_rival r on r.ws = l.ws and r.sitting_station = l.sitting_station and r.rev = l.key_rev
     cross join lateral (select x as t from jsonb_array_elements(r.tells) with ordinality as e(x, ord) where ord <= 2) y
     join character c on c.ws = l.ws and c.id = t ->> 'character' and c.organ <> 'site' and c.retired_at is null`,
    [ws, section],
  );
  const known = new Set(called.map((c) => c.character));
  return rows
    .map((r) => r.character)
    .filter((c) => !known.has(c))
    .sort();
}
