import { v7 } from 'uuid';
import type { CuttingRow, Station } from '@hurrow/contract';
import { inSeason } from '@hurrow/core/conditions';
import { SPECIMEN_STEPS, cuttingList, goodUntil } from '@hurrow/core/cutting';
import type { CuttingItem, KeepsBy, SpecimenState, StationToSupply } from '@hurrow/core/cutting';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { keptUnderStamp, readLibrary, readSitePlace, vocabularyToRead } from '../library/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { needSitting, readSittingStations } from './store.ts';
import type { SittingRow, SittingStationRow } from './store.ts';

interface Held {
  readonly id: string;
  readonly sitting_station: string;
  readonly material: string;
  readonly state: SpecimenState;
  readonly taken_on: string | null;
  readonly good_until: string | null;
  readonly bagged: boolean;
  readonly hides: readonly string[];
  readonly version: number;
}

/** Specimens of a sitting, the newest of a station and material last. */
const readHeld = (sql: Sql, ws: string, sitting: string): Promise<readonly Held[]> =>
  sql.query<Held>(
    `select sp.individual as id, sp.sitting_station, sp.organs[1] as material, sp.state, sp.taken_on, sp.good_until,
       sp.bagged, sp.hides, i.version
     from specimen sp join sitting_station ss on ss.ws = sp.ws and ss.id = sp.sitting_station
     join individual i on i.ws = sp.ws and i.id = sp.individual
     where sp.ws = $1 and ss.sitting = $2 order by sp.individual`,
    [ws, sitting],
  );

const usual = (d: DescribedTaxon | undefined, character: string): string | null => {
  const value = d?.values.get(character)?.value;
  return value?.kind === 'states' ? (value.states.find((s) => s.freq === 'usual')?.state ?? null) : null;
};
const LEAF_KINDS = ['broad', 'needle', 'scale', 'awl'] as const;

/** What of a species decides how long its parts keep. */
function keepsBy({ tree }: Station, own: DescribedTaxon | undefined, on: string): KeepsBy {
  return {
    genus: tree.taxon.scientific.split(' ')[0] ?? '',
    leafKind: LEAF_KINDS.find((k) => k === usual(own, 'leaf.kind')) ?? null,
    inLeaf: own ? inSeason(own.subject, 'leaf-on', on).seen !== 'no' : true,
    fruitKind: usual(own, 'fruit.kind'),
  };
}

/** Species as they are at a site, by id, kept for as long as the library stays as it is. */
const describedAt = (
  sql: Sql,
  ws: string,
  site: SittingRow['site'],
  taxa: readonly string[],
): Promise<ReadonlyMap<string, DescribedTaxon>> =>
  keptUnderStamp(sql, ws, `cutting/${site.id}/${[...taxa].sort().join()}`, async () => {
    const place = await readSitePlace(sql, ws, { ...site, elevM: site.elev_m });
    const library = await readLibrary(sql, ws, taxa);
    const described = describeTaxa(taxa, library, await vocabularyToRead(sql, ws), place);
    return new Map(described.map((d) => [d.id, d]));
  });

async function itemsOf(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  rows: readonly SittingStationRow[],
): Promise<readonly CuttingItem[]> {
  const taxa = [...new Set(rows.map((r) => r.at.tree.taxon.id))];
  const described = await describedAt(sql, ws, sitting.site, taxa);
  return cuttingList(
    rows.map((r): StationToSupply => ({
      id: r.id,
      number: r.at.number,
      material: r.material,
      cautions: r.at.tree.cautions,
      keeps: keepsBy(r.at, described.get(r.at.tree.taxon.id), sitting.on_date),
    })),
    sitting.on_date,
  );
}

function asRow(item: CuttingItem, at: SittingStationRow, held: readonly Held[]): CuttingRow {
  const { tree, number } = at.at;
  const own = held.filter((h) => h.sitting_station === item.station && h.material === item.material);
  const now = own.filter((h) => h.state !== 'spoiled').at(-1);
  return {
    sittingStation: item.station,
    number,
    label: item.label,
    material: item.material,
    tree: {
      id: tree.id,
      tag: tree.tag,
      trail: tree.trail,
      access: tree.access,
      hazards: tree.hazards,
      site: tree.site.name,
    },
    taxon: tree.taxon,
    nodes: item.nodes,
    bagged: now?.bagged ?? item.bagged,
    hides: now?.hides ?? [],
    permission: item.permission,
    from: item.from,
    keeps: item.keeps,
    state: now?.state ?? 'to_gather',
    takenOn: now?.taken_on ?? null,
    goodUntil: now?.good_until ?? null,
    spoiled: own.filter((h) => h.state === 'spoiled').length,
    version: now?.version ?? 0,
  };
}

async function readRows(sql: Sql, ws: string, sitting: SittingRow): Promise<readonly CuttingRow[]> {
  const rows = await readSittingStations(sql, ws, sitting);
  const held = await readHeld(sql, ws, sitting.id);
  const at = new Map(rows.map((r) => [r.id, r]));
  return (await itemsOf(sql, ws, sitting, rows)).flatMap((item) => {
    const row = at.get(item.station);
    return row ? [asRow(item, row, held)] : [];
  });
}

/** What to cut or gather for a sitting, station by station, with how far each has come. */
export async function cuttingRows(call: Call<Account>, sitting: string): Promise<readonly CuttingRow[]> {
  const { db } = call.app;
  return readRows(db, call.who.ws, await needSitting(db, call.who, sitting));
}

export const readCuttingList = (call: Call<Account>): Promise<readonly CuttingRow[]> =>
  cuttingRows(call, idParam(call, 'id'));

function refuseStep(row: CuttingRow, to: SpecimenState, takenOn: string, on: string): void {
  if (row.permission === 'forbidden') {
    throw conflict('A caution forbids to collect this.', {
      field: 'state',
      remedy: 'Show the standing tree, or use another tree.',
    });
  }
  if (row.state !== to && !SPECIMEN_STEPS[row.state].includes(to)) {
    throw conflict(`What is ${row.state.replace('_', ' ')} cannot become ${to.replace('_', ' ')}.`, {
      field: 'state',
      remedy: 'Load the cutting list again and choose the next step.',
    });
  }
  if (to === 'gathered' && takenOn > on) {
    throw invalid('It cannot be taken after the sitting.', {
      field: 'takenOn',
      remedy: 'Enter the day on which it was cut or gathered.',
    });
  }
}

/** What lies at a station was taken on these days; its season is judged for them. */
const writeTaken = (tx: Sql, ws: string, station: string, material: string, takenOn: string | null) =>
  tx.query(
    `update sitting_station set version = version + 1,
       taken_on = case when $4::text is null then taken_on - $3::text else taken_on || jsonb_build_object($3::text, $4::text) end
     where ws = $1 and id = $2`,
    [ws, station, material, takenOn],
  );

/** Says how far something cut or gathered has come: gathered on a day, on the table, spoiled, returned. */
export async function changeSpecimen(call: CallOf<'specimenChange'>): Promise<ReplyOf<'specimenChange'>> {
  const { ws } = call.who;
  const { state, bagged, hides } = call.body;
  const station = idParam(call, 'id');
  const material = call.params['material'] ?? '';
  const sitting = await call.app.db.transaction(async (tx) => {
    const of = await maybe<{ sitting: string }>(
      tx,
      'select sitting from sitting_station where ws = $1 and id = $2',
      [ws, station],
    );
    if (!of) throw notFound('This station was deleted.', { remedy: 'Open the sitting again.' });
    const here = await needSitting(tx, call.who, of.sitting, true);
    const row = (await readRows(tx, ws, here)).find(
      (r) => r.sittingStation === station && r.material === material,
    );
    if (!row) {
      throw notFound('This is not needed at this station any more.', {
        remedy: 'Load the cutting list again.',
      });
    }
    needVersion(call, row.version, row);
    const today = (await readWorkspace(tx, call.app.clock()))?.today ?? here.on_date;
    const takenOn = call.body.takenOn ?? row.takenOn ?? today;
    refuseStep(row, state, takenOn, here.on_date);
    const held = (await readHeld(tx, ws, here.id))
      .filter((h) => h.sitting_station === station && h.material === material && h.state !== 'spoiled')
      .at(-1);
    const id = held?.id ?? v7();
    if (!held) {
      await insertRows(tx, 'individual', [{ ws, id, kind: 'specimen', version: 1 }]);
      await insertRows(tx, 'specimen', [
        {
          ws,
          individual: id,
          kind: 'specimen',
          from_tree: row.tree.id,
          organs: [material],
          nodes: row.nodes,
          bagged: bagged ?? row.bagged,
          hides: hides ?? [],
          state: 'to_gather',
          sitting_station: station,
        },
      ]);
    }
    const isTaken = state !== 'to_gather';
    await tx.query(
      `update specimen set state = $3, taken_on = $4, good_until = $5, bagged = $6, hides = $7::text[]
       where ws = $1 and individual = $2`,
      [
        ws,
        id,
        state,
        isTaken ? takenOn : null,
        isTaken ? goodUntil(takenOn, row.keeps) : null,
        bagged ?? row.bagged,
        hides ?? row.hides,
      ],
    );
    await tx.query('update individual set version = version + 1 where ws = $1 and id = $2', [ws, id]);
    await writeTaken(tx, ws, station, material, isTaken && state !== 'spoiled' ? takenOn : null);
    return here;
  });
  return { body: await readRows(call.app.db, ws, sitting) };
}
