import { WS, id } from '@hurrow/server/testing';
import type { Database } from '@hurrow/server/db';

export interface ManyLooks {
  readonly sections: number;
  readonly sittings: number;
  readonly stations: number;
  readonly students: number;
  readonly species: number;
}

/** Fifty classes of 25 students, who look at forty stations twenty times: a million looks at a hundred species. */
export const MILLION: ManyLooks = { sections: 50, sittings: 20, stations: 40, students: 25, species: 100 };

const uuid = (kind: string, ...of: readonly string[]): string =>
  `md5('${kind}/' || ${of.join(` || '/' || `)})::uuid`;

/** A number from 0 to 1 that follows from a place alone. */
const dice = (seed: string, ...of: readonly string[]): string =>
  `((('x' || substr(md5('${seed}/' || ${of.join(` || '/' || `)}), 1, 7))::bit(28)::integer)::double precision / 268435456)`;

/**
 * Fills a database that holds the fixture with many graded looks, without the answers behind them: a fifth of them name
 * another species, mostly the next one of the list, and a fifth carry a call. Keys are not held against each other
 * meanwhile, since the rows come from one hand.
 */
export async function fillLooks(db: Database, size: ManyLooks): Promise<void> {
  const { sections, sittings, stations, students, species } = size;
  const q = (text: string, params: readonly unknown[] = []) => db.query(text, params);
  await q(`set session_replication_role = replica`);
  await q(
    `insert into taxon select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('taxon', 'n')}))).*
     from taxon t, generate_series(1, $3::integer) n where t.ws = $1 and t.id = $2`,
    [WS, id('grandis'), species],
  );
  await q(
    `insert into name (ws, id, taxon, kind, text, folded, preferred)
     select $1, ${uuid('name', 'n')}, ${uuid('taxon', 'n')}, 'accepted', 'Abies species ' || n, 'abies species ' || n, true
     from generate_series(1, $2::integer) n`,
    [WS, species],
  );
  await q(`update workspace set library_stamp = gen_random_uuid() where id = $1`, [WS]);
  await q(
    `insert into section select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('section', 'n')}, 'name', 'Class ' || n))).*
     from section t, generate_series(1, $3::integer) n where t.ws = $1 and t.id = $2`,
    [WS, id('first'), sections],
  );
  await q(
    `insert into student select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('student', 'c', 'n')}, 'code', c || '-' || n, 'person', null))).*
     from student t, generate_series(1, $3::integer) c, generate_series(1, $4::integer) n where t.ws = $1 and t.id = $2`,
    [WS, id('s11'), sections, students],
  );
  const [old] = await db.query<{ sitting: string; station: string; place: string; quiz: string }>(
    `select s.id as sitting, st.id as station, ss.id as place, s.quiz from sitting s
     join sitting_station ss on ss.ws = s.ws and ss.sitting = s.id join station st on st.ws = ss.ws and st.id = ss.station
     where s.ws = $1 and s.id = $2 limit 1`,
    [WS, id('oldsit')],
  );
  if (!old) throw new Error('The fixture has no closed sitting.');
  await q(
    `insert into station select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('station', 'n')}, 'number', 100 + n))).*
     from station t, generate_series(1, $3::integer) n where t.ws = $1 and t.id = $2`,
    [WS, old.station, stations],
  );
  await q(
    `insert into sitting select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('sitting', 'c', 's')}, 'section', ${uuid('section', 'c')},
       'on_date', date '2025-09-01' + s * 7, 'public_id', ${uuid('public', 'c', 's')}, 'code', null, 'state', 'returned', 'returned_by', 'phone', 'returned_run', ${uuid('run', 'c', 's')}, 'returned_at', (date '2025-09-02' + s * 7)))).*
     from sitting t, generate_series(1, $3::integer) c, generate_series(1, $4::integer) s where t.ws = $1 and t.id = $2`,
    [WS, old.sitting, sections, sittings],
  );
  await q(
    `insert into sitting_station select (jsonb_populate_record(t, jsonb_build_object('id', ${uuid('place', 'c', 's', 'n')}, 'sitting', ${uuid('sitting', 'c', 's')},
       'station', ${uuid('station', 'n')}, 'public_id', c || '-' || s || '-' || n))).*
     from sitting_station t, generate_series(1, $3::integer) c, generate_series(1, $4::integer) s, generate_series(1, $5::integer) n
     where t.ws = $1 and t.id = $2`,
    [WS, old.place, sections, sittings, stations],
  );
  await q(
    `insert into grading_run (ws, id, sitting, seq, at, cause, engine, key_rev, ruling_seq)
     select $1, ${uuid('run', 'c', 's')}, ${uuid('sitting', 'c', 's')}, 1, date '2025-09-01' + s * 7, 'first', 'made', 1, 0
     from generate_series(1, $2::integer) c, generate_series(1, $3::integer) s`,
    [WS, sections, sittings],
  );
  // The species of a station moves on from sitting to sitting, so that each is asked of a class twenty times in two years.
  const truth = `1 + (n * 5 + s * 3) % ${species}`;
  await q(
    `insert into station_key (ws, sitting_station, rev, sitting, individual, taxon, accept, conditions)
     select $1, ${uuid('place', 'c', 's', 'n')}, 1, ${uuid('sitting', 'c', 's')}, ${uuid('tree', 'c', `(${truth})`, '(s % 4)')}, ${uuid('taxon', `(${truth})`)},
       jsonb_build_object('tag', 'T' || n, 'asks', '[]'::jsonb), '{"material":["twig","leaf"],"handling":["look"],"distance":"hand"}'
     from generate_series(1, $2::integer) c, generate_series(1, $3::integer) s, generate_series(1, $4::integer) n`,
    [WS, sections, sittings, stations],
  );
  for (let c = 1; c <= sections; c += 1)
    await q(
      `insert into look (ws, run, section, sitting, sitting_station, student, key_rev, individual, met_before, on_date, form, origin,
         calls, truth, named, answer, outcome, sure, material_class)
       select $1, ${uuid('run', '$2::text', 's')}, ${uuid('section', '$2::text')}, ${uuid('sitting', '$2::text', 's')}, ${uuid('place', '$2::text', 's', 'n')},
         ${uuid('student', '$2::text', 'w')}, 1, ${uuid('tree', '$2::text', `(${truth})`, '(s % 4)')}, s > 4, date '2025-09-01' + s * 7, 'typed', 'paper',
         case when ${dice('call', '$2::text', 's', 'n', 'w')} < 0.2
           then jsonb_build_array(jsonb_build_object('character', 'twig.buds', 'value', jsonb_build_object('kind', 'state', 'state', 'opposite'),
             'outcome', case when ${dice('how', '$2::text', 's', 'n', 'w')} < 0.7 then 'right' else 'wrong' end)) else '[]' end,
         ${uuid('taxon', `(${truth})`)}, x.named,
         case x.named when 'right' then ${uuid('taxon', `(${truth})`)}
           when 'other' then ${uuid(
             'taxon',
             `(case when ${dice('which', '$2::text', 's', 'n', 'w')} < 0.6 then 1 + (${truth}) % ${species}
             else 1 + (${truth} + 1 + floor(${dice('any', '$2::text', 's', 'n', 'w')} * ${species - 2})::integer) % ${species} end)`,
           )} end,
         case x.named when 'right' then 'exact' when 'other' then 'other_species' else 'blank' end,
         case when ${dice('sure', '$2::text', 's', 'n', 'w')} < 0.1 then 'guessing' end, case when s % 2 = 0 then 'cut' else 'standing' end
       from generate_series(1, $3::integer) s, generate_series(1, $4::integer) n, generate_series(1, $5::integer) w,
         lateral (select case when ${dice('named', '$2::text', 's', 'n', 'w')} < 0.2 then 'other'
           when ${dice('named', '$2::text', 's', 'n', 'w')} < 0.22 then 'blank' else 'right' end as named) x`,
      [WS, c, sittings, stations, students],
    );
  await q('analyze');
  await q(`set session_replication_role = origin`);
}
