import { createHash } from 'node:crypto';
import type { Station } from '@hurrow/contract';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import type { Answer } from './answers.ts';

type Named = 'right' | 'other' | 'unlisted' | 'blank' | 'genus_only' | 'cannot_tell';

const NAMED: Readonly<Record<string, Named>> = {
  exact: 'right',
  abbreviated: 'right',
  misspelt: 'right',
  synonym: 'right',
  older_family: 'right',
  shared_common: 'right',
  genus_only: 'genus_only',
  right_genus: 'unlisted',
  right_epithet: 'unlisted',
  other_species: 'other',
  cannot_tell: 'cannot_tell',
  unlisted: 'unlisted',
  doubtful: 'unlisted',
  blank: 'blank',
};

interface MarkRow {
  response: string;
  outcome: string;
  taxon: string | null;
}

interface Place {
  id: string;
  distance: string;
  material: string[];
}

const conditionsHash = (sitting: SittingRow, place: Place): string =>
  createHash('sha256')
    .update(
      JSON.stringify([[...place.material].sort(), place.distance, [...sitting.handling].sort(), sitting.wet]),
    )
    .digest('hex')
    .slice(0, 16);

/**
 * One look for every student at every station whose name is asked: the first name ask that names a species, so that a
 * student asked for two names of one tree looked once. Rewrites what was derived from earlier runs of the sitting.
 */
export async function writeLooks(
  tx: Sql,
  ws: string,
  sitting: SittingRow,
  run: string,
  answers: readonly Answer[],
  stations: readonly Station[],
): Promise<void> {
  await tx.query('delete from look where ws = $1 and sitting = $2', [ws, sitting.id]);
  const marks = new Map(
    (
      await tx.query<MarkRow>('select response, outcome, taxon from mark where ws = $1 and run = $2', [
        ws,
        run,
      ])
    ).map((m) => [m.response, m]),
  );
  const places = new Map(
    (
      await tx.query<Place & { station: string }>(
        'select id, station, distance, material from sitting_station where ws = $1 and sitting = $2',
        [ws, sitting.id],
      )
    ).map((p) => [p.station, p]),
  );
  const rows: Record<string, unknown>[] = [];
  for (const station of stations) {
    const place = places.get(station.id);
    const asks = station.asks.filter((a) => a.kind !== 'call' && a.kind !== 'sureness' && a.kind !== 'genus');
    if (!place || asks.length === 0) continue;
    const here = answers.filter((a) => a.station === station.id);
    for (const student of new Set(here.map((a) => a.student))) {
      const own = here.filter((a) => a.student === student);
      const named = asks
        .flatMap((k) => own.find((a) => a.ask === k.id) ?? [])
        .map((a) => ({ answer: a, mark: marks.get(a.id) }))
        .filter((n) => n.mark !== undefined);
      const chosen =
        named.find((n) => NAMED[n.mark?.outcome ?? ''] === 'other') ??
        named.find((n) => NAMED[n.mark?.outcome ?? ''] === 'right') ??
        named[0];
      if (!chosen?.mark) continue;
      const kind = NAMED[chosen.mark.outcome] ?? 'unlisted';
      const isNamed = kind === 'right' || kind === 'other';
      rows.push({
        ws,
        run,
        response: chosen.answer.id,
        section: sitting.section,
        sitting: sitting.id,
        student,
        list: sitting.list,
        on_date: sitting.on_date,
        truth: station.tree.taxon.id,
        named: kind,
        answer: kind === 'right' ? station.tree.taxon.id : isNamed ? chosen.mark.taxon : null,
        outcome: chosen.mark.outcome,
        sure: own.find((a) => a.sure !== null)?.sure ?? null,
        form: 'typed',
        material: place.material,
        conditions_hash: conditionsHash(sitting, place),
      });
    }
  }
  await insertRows(tx, 'look', rows);
  await countCells(tx, ws, sitting.id, sitting.section);
}

/** Counts anew what is derived from the looks of a sitting and of its section. */
export async function countCells(tx: Sql, ws: string, sitting: string, section: string): Promise<void> {
  await tx.query('delete from cell where ws = $1 and sitting = $2', [ws, sitting]);
  await tx.query(
    `insert into cell (ws, section, sitting, conditions_hash, truth, named, answer, looks, students)
     select ws, section, sitting, conditions_hash, truth, named, answer, count(*), count(distinct student)
     from look where ws = $1 and sitting = $2 group by ws, section, sitting, conditions_hash, truth, named, answer`,
    [ws, sitting],
  );
  await tx.query('delete from cell_student where ws = $1 and section = $2', [ws, section]);
  await tx.query(
    `insert into cell_student (ws, section, student, truth, answer, looks, last_on)
     select ws, section, student, truth, answer, count(*), max(on_date) from look
     where ws = $1 and section = $2 and named = 'other' group by ws, section, student, truth, answer`,
    [ws, section],
  );
}
