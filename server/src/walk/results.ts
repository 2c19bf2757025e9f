import type { MarkRow, ResultAsk, ResultStation, Station, WalkResults } from '@hurrow/contract';
import { valueWords, vocabularyOf } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import { allowedHandling } from '@hurrow/core/conditions';
import type { Conditions, Material } from '@hurrow/core/conditions';
import { asShown, comparePair, describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { sketches } from './sketch.ts';
import { maybe } from '../db/index.ts';
import { forbidden, notFound } from '../http/index.ts';
import type { Call, Student } from '../http/index.ts';
import { readHeaders, readLibrary, readSitePlace, readVocabulary } from '../library/index.ts';
import { readMarkRows } from '../marking/index.ts';
import { readStations } from '../quizzes/index.ts';
import { readHolds, sittingById } from '../sittings/index.ts';
import type { SittingRow } from '../sittings/index.ts';

const MOST_TELLS = 4;

interface Place {
  station: string;
  distance: Conditions['distance'];
  material: Material[];
  taken_on: Partial<Record<Material, string>>;
}

const conditionsAt = (sitting: SittingRow, place: Place, station: Station): Conditions => ({
  date: sitting.on_date,
  material: place.material,
  takenOn: place.taken_on,
  handling: allowedHandling(sitting.handling, station.tree.cautions),
  distance: place.distance,
  wet: sitting.wet,
});

/** A station that another class still has ahead: what this student wrote, and nothing that tells what is right. */
function heldBack(
  station: Station,
  own: readonly MarkRow[],
  later: string,
  vocabulary: Vocabulary,
): ResultStation {
  return {
    number: station.number,
    later,
    truth: null,
    asks: own.map((r): ResultAsk => {
      const c = r.character ? vocabulary.get(r.character) : undefined;
      return {
        kind: r.kind,
        character: c?.plain ?? null,
        typed: c?.states.find((s) => s.id === r.typed)?.plain ?? r.typed,
        points: null,
        most: r.most,
        outcome: null,
        key: null,
        reason: null,
      };
    }),
    mixedWith: null,
  };
}

/** Marks of one student, with what would have told the named species from the true one at that station that day. */
export async function walkResults(call: Call<Student>): Promise<WalkResults> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await sittingById(db, ws, call.who.sitting);
  if (!sitting) throw notFound('This quiz was deleted.', { remedy: 'Ask your instructor.' });
  if (sitting.state !== 'given_back' || sitting.given_run === null) {
    throw forbidden('The results have not been returned yet.', {
      remedy: 'Check again when your instructor has returned them.',
    });
  }
  const part = await maybe(
    db,
    'select 1 from attempt where ws = $1 and sitting = $2 and student = $3 limit 1',
    [ws, sitting.id, call.who.student],
  );
  if (!part) {
    throw forbidden('You have no answers in this quiz, so there are no results.', {
      remedy: 'Check your number, or ask your instructor.',
    });
  }
  const held = new Map(
    (await readHolds(call.app, ws, sitting)).holds.flatMap((h) =>
      h.released ? [] : [[h.number, h.until ?? h.because.on] as const],
    ),
  );
  const stations = await readStations(db, ws, sitting.quiz);
  const rows = (await readMarkRows(db, ws, sitting, sitting.given_run, stations)).filter(
    (r) => r.student === call.who.student,
  );
  const places = new Map(
    (
      await db.query<Place>(
        'select station, distance, material, taken_on from sitting_station where ws = $1 and sitting = $2',
        [ws, sitting.id],
      )
    ).map((p) => [p.station, p]),
  );
  const named = rows.flatMap((r) => (r.outcome === 'other_species' && r.taxon ? [r.taxon.id] : []));
  const taxa = [...new Set([...stations.map((s) => s.tree.taxon.id), ...named])];
  const vocabulary = vocabularyOf(await readVocabulary(db, ws));
  const described = new Map<string, DescribedTaxon>(
    describeTaxa(
      taxa,
      await readLibrary(db, ws, taxa),
      vocabulary,
      await readSitePlace(db, ws, { ...sitting.site, elevM: sitting.site.elev_m }),
    ).map((d) => [d.id, d]),
  );
  const headers = await readHeaders(db, ws, taxa);
  const wording = { words: 'plain', units: 'customary' } as const;

  const mixed = (station: (typeof stations)[number], other: string): ResultStation['mixedWith'] => {
    const [truth, instead, place, header] = [
      described.get(station.tree.taxon.id),
      described.get(other),
      places.get(station.id),
      headers.get(other),
    ];
    if (!truth || !instead || !place || !header) return null;
    const tree = asShown(
      station.tree.id,
      truth,
      new Map(Object.entries(station.tree.certified).map(([k, value]) => [k, { value }])),
      {
        ...truth.subject,
        reach: station.tree.reach,
      },
    );
    const report = comparePair(tree, instead, vocabulary, conditionsAt(sitting, place, station), new Set());
    return {
      scientific: header.scientific,
      common: header.common,
      verdict: report.verdict,
      tells: report.tells
        .filter((t) => t.strength !== 'partial')
        .slice(0, MOST_TELLS)
        .flatMap((t) => {
          const c = vocabulary.get(t.character);
          return c
            ? [
                {
                  character: c.plain,
                  organ: c.organ,
                  truth: valueWords(c, t.a, wording),
                  named: valueWords(c, t.b, wording),
                  drawn: sketches(c, t.a, t.b),
                },
              ]
            : [];
        }),
    };
  };

  const result = stations.map((station): ResultStation => {
    const own = rows.filter((r) => r.station === station.number);
    const later = held.get(station.number) ?? null;
    if (later !== null) return heldBack(station, own, later, vocabulary);
    const wrong = own.find(
      (r) => r.outcome === 'other_species' && r.taxon && r.taxon.id !== station.tree.taxon.id,
    );
    const asks = own.map((r): ResultAsk => {
      const c = r.character ? vocabulary.get(r.character) : undefined;
      const shown = c
        ? (station.tree.certified[c.id] ?? described.get(station.tree.taxon.id)?.values.get(c.id)?.value)
        : undefined;
      const { scientific, common } = station.tree.taxon;
      return {
        kind: r.kind,
        character: c?.plain ?? null,
        typed: c ? (c.states.find((s) => s.id === r.typed)?.plain ?? r.typed) : r.typed,
        points: r.override?.points ?? r.points,
        most: r.most,
        outcome: r.override?.outcome ?? r.outcome,
        key: c
          ? shown
            ? valueWords(c, shown, wording)
            : 'not recorded'
          : r.kind === 'common'
            ? (common ?? scientific)
            : scientific,
        reason: r.override?.reason ?? null,
      };
    });
    return {
      number: station.number,
      later: null,
      truth: { scientific: station.tree.taxon.scientific, common: station.tree.taxon.common },
      asks,
      mixedWith: wrong?.taxon ? mixed(station, wrong.taxon.id) : null,
    };
  });
  const student = await maybe<{ code: string }>(db, 'select code from student where ws = $1 and id = $2', [
    ws,
    call.who.student,
  ]);
  const sum = (pick: (a: ResultAsk) => number): number =>
    Math.round(result.flatMap((s) => s.asks).reduce((n, a) => n + pick(a), 0) * 100) / 100;
  // A score that counts held stations would tell what was right there.
  const most = stations
    .filter((s) => !held.has(s.number))
    .flatMap((s) => s.asks)
    .reduce((n, a) => n + a.points, 0);
  return {
    quiz: 'Field quiz',
    on: sitting.on_date,
    student: student?.code ?? '',
    points: sum((a) => a.points ?? 0),
    most,
    stations: result,
  };
}
