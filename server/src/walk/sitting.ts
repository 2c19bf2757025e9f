import { DISTANCE_WORDS, HAZARD_WORDS } from '@hurrow/contract';
import { allowedHandling, handlingWords, materialWords } from '@hurrow/core/conditions';
import type { Station, WalkAsk, WalkSitting, WalkState, WalkStation } from '@hurrow/contract';
import { vocabularyOf } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import type { Call, Student } from '../http/index.ts';
import { readVocabulary } from '../library/index.ts';
import { readStations } from '../quizzes/index.ts';
import { drawnStations, sittingById } from '../sittings/index.ts';

function walkAsk(publicId: string, ask: Station['asks'][number], vocabulary: Vocabulary): WalkAsk {
  const c = ask.character ? vocabulary.get(ask.character) : undefined;
  return {
    id: publicId,
    kind: ask.kind,
    points: ask.points,
    ...(c
      ? {
          call: {
            organ: c.organ,
            term: c.term,
            plain: c.plain,
            definition: c.definition,
            states: c.states
              .filter((s) => !s.retired)
              .map((s) => ({ id: s.id, term: s.term, plain: s.plain })),
          },
        }
      : {}),
  };
}

export interface AskAddress {
  readonly publicId: string;
  readonly ask: string;
  readonly sittingStation: string;
  readonly station: string;
}

/** Where each public ask id of a sitting leads. */
export async function askAddresses(sql: Sql, ws: string, sitting: string): Promise<readonly AskAddress[]> {
  return sql.query<AskAddress>(
    `select sa.public_id as "publicId", sa.ask, sa.sitting_station as "sittingStation", ss.station
     from sitting_ask sa join sitting_station ss on ss.ws = sa.ws and ss.id = sa.sitting_station
     where sa.ws = $1 and ss.sitting = $2`,
    [ws, sitting],
  );
}

interface AnswerRow {
  id: string;
  ask: string;
  seq: number;
  typed: string | null;
  state: string | null;
  sure: string | null;
}

async function knownAnswers(sql: Sql, who: Student): Promise<readonly AnswerRow[]> {
  return sql.query<AnswerRow>(
    `select distinct on (r.sitting_station, r.ask) r.id, sa.public_id as ask, r.seq, r.typed, r.value ->> 'state' as state, r.sure
     from response r join attempt t on t.ws = r.ws and t.id = r.attempt
     join sitting_ask sa on sa.ws = r.ws and sa.sitting_station = r.sitting_station and sa.ask = r.ask
     where r.ws = $1 and t.sitting = $2 and t.student = $3 and r.origin = 'phone'
     order by r.sitting_station, r.ask, t.takeover desc, r.seq desc`,
    [who.ws, who.sitting, who.student],
  );
}

/** When other phones joined under this student number. */
async function otherDevices(sql: Sql, who: Student): Promise<readonly string[]> {
  const rows = await sql.query<{ at: string }>(
    `select coalesce(decided_at, asked_at) as at from device
     where ws = $1 and sitting = $2 and student = $3 and state = 'in' and id <> $4 order by asked_at`,
    [who.ws, who.sitting, who.student, who.device],
  );
  return rows.map((r) => r.at);
}

const STATES: Readonly<Record<string, WalkState>> = { open: 'open', given_back: 'given_back' };

/** A sitting as its student sees it: random ids, no tree, tag, species or key. */
export async function walkSitting(call: Call<Student>): Promise<WalkSitting> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await sittingById(db, ws, call.who.sitting);
  if (!sitting) throw notFound('This quiz was deleted.', { remedy: 'Ask your instructor.' });
  const who = await maybe<{ code: string; submitted: boolean }>(
    db,
    `select s.code,
       exists (select 1 from attempt t where t.ws = $1 and t.sitting = $3 and t.student = s.id and t.submitted_at is not null) as submitted
     from student s where s.ws = $1 and s.id = $2`,
    [ws, call.who.student, sitting.id],
  );
  const addresses = await askAddresses(db, ws, sitting.id);
  const byAsk = new Map(addresses.map((a) => [a.ask, a]));
  const vocabulary = vocabularyOf(await readVocabulary(db, ws));
  const places = new Map(
    (
      await db.query<{
        station: string;
        public_id: string;
        material: string[];
        distance: keyof typeof DISTANCE_WORDS;
      }>(
        'select station, public_id, material, distance from sitting_station where ws = $1 and sitting = $2 and dropped_at is null',
        [ws, sitting.id],
      )
    ).map((p) => [p.station, p]),
  );
  const all = await readStations(db, ws, sitting.quiz);
  const drawn = await drawnStations(db, ws, all, [...places.values()]);
  const stations = all.flatMap((station): WalkStation[] => {
    const place = places.get(station.id);
    if (!place) return [];
    const hazards = [...new Set([...station.tree.cautions.map((c) => c.hazard), ...station.tree.hazards])];
    return [
      {
        id: place.public_id,
        number: station.number,
        material: place.material.map((m) => materialWords(m as Parameters<typeof materialWords>[0])),
        handling: allowedHandling(sitting.handling, station.tree.cautions).map(handlingWords),
        distance: DISTANCE_WORDS[place.distance],
        cautions: hazards.map((h) => HAZARD_WORDS[h] ?? HAZARD_WORDS['other'] ?? '').sort(),
        drawn: drawn.get(station.id) ?? [],
        asks: station.asks.flatMap((a) => {
          const at = byAsk.get(a.id);
          return at ? [walkAsk(at.publicId, a, vocabulary)] : [];
        }),
      },
    ];
  });
  return {
    sitting: sitting.public_id,
    otherDevices: await otherDevices(db, call.who),
    // The name an instructor gave the quiz may hold a species.
    quiz: 'Field quiz',
    on: sitting.on_date,
    student: who?.code ?? '',
    state: STATES[sitting.state] ?? 'closed',
    submitted: who?.submitted ?? false,
    stations,
    answers: await knownAnswers(db, call.who),
  };
}
