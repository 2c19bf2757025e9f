import { LRUCache } from 'lru-cache';
import { CLUE_WORDS, DISTANCE_WORDS, HAZARD_WORDS } from '@hurrow/contract';
import type { Station, WalkAsk, WalkOption, WalkQuestionShown, WalkStation } from '@hurrow/contract';
import type { AnswerBox, AskOption, AskParams } from '@hurrow/core/quizzes';
import type { Taking } from '@hurrow/core/answers';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { allowedHandling, handlingWords, materialWords } from '@hurrow/core/conditions';
import { gathered, perDatabase } from '../db/index.ts';
import { shownValues } from '@hurrow/core/stations';
import type { Sql } from '../db/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { drawnStations, readKey, readSittingStations, readValues, sittingById } from '../sittings/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import { needQuiz, planOf } from '../quizzes/index.ts';
import { drawer } from './sketch.ts';
import type { Draw } from './sketch.ts';

/** A question of the sitting, by the id that phones know it under. */
export interface WalkQuestion {
  readonly ask: string;
  readonly sittingStation: string;
  readonly takes: Taking;
}

/** An opened sitting as all its phones see it; the same for everybody, so it is made once. */
export interface WalkModel {
  readonly stations: readonly WalkStation[];
  /** By public id. */
  readonly questions: ReadonlyMap<string, WalkQuestion>;
  readonly box: AnswerBox;
}

const recordedAs = (c: Character): 'states' | 'count' | 'measure' =>
  c.states.length > 0 ? 'states' : c.kind === 'length' ? 'measure' : 'count';

/** The pen of a drawing that fills a page. */
const FOR_A_PAGE = 0.5;

/** What a question shows: labels and drawings under ids that say nothing; what is right stays with the key. */
function shownQuestion(params: AskParams, draw: Draw): WalkQuestionShown {
  const shown = (o: AskOption): WalkOption => ({
    id: o.id,
    label: o.label,
    drawn: o.draw ? draw(o.draw) : null,
  });
  return {
    prompt: params.prompt,
    options: params.options.map(shown),
    others: params.others.map(shown),
    drawing: params.drawing ? draw(params.drawing, FOR_A_PAGE) : null,
  };
}

function walkAsk(
  publicId: string,
  ask: Station['asks'][number],
  vocabulary: Vocabulary,
  draw: Draw,
): WalkAsk {
  const c = ask.character ? vocabulary.get(ask.character) : undefined;
  return {
    id: publicId,
    kind: ask.kind,
    points: ask.points,
    ...(ask.params ? { question: shownQuestion(ask.params, draw) } : {}),
    ...(c
      ? {
          call: {
            organ: c.organ,
            term: c.term,
            plain: c.plain,
            definition: c.definition,
            recorded: recordedAs(c),
            states: c.states
              .filter((s) => !s.retired)
              .map((s) => ({ id: s.id, term: s.term, plain: s.plain })),
          },
        }
      : {}),
  };
}

const ids = (options: readonly AskOption[] | undefined): readonly string[] =>
  (options ?? []).map((o) => o.id);

function takingOf(ask: Station['asks'][number], vocabulary: Vocabulary): Taking {
  const c = ask.character ? vocabulary.get(ask.character) : undefined;
  const { params } = ask;
  return {
    kind: ask.kind,
    recorded: c ? recordedAs(c) : null,
    offered: c ? c.states.filter((s) => !s.retired).map((s) => s.id) : ids(params?.options),
    sides: { left: ids(params?.options), right: ids(params?.others) },
  };
}

interface PublicAsk {
  readonly publicId: string;
  readonly ask: string;
  readonly sittingStation: string;
}

async function build(sql: Sql, ws: string, sitting: SittingRow): Promise<WalkModel> {
  const vocabulary = await vocabularyToRead(sql, ws);
  const publicAsks = await sql.query<PublicAsk>(
    `select sa.public_id as "publicId", sa.ask, sa.sitting_station as "sittingStation"
     from sitting_ask sa join sitting_station ss on ss.ws = sa.ws and ss.id = sa.sitting_station where sa.ws = $1 and ss.sitting = $2`,
    [ws, sitting.id],
  );
  const byAsk = new Map(publicAsks.map((a) => [`${a.sittingStation}/${a.ask}`, a]));
  const rows = await readSittingStations(sql, ws, sitting);
  const key = await readKey(sql, ws, sitting.id);
  const frozen = await readValues(sql, ws, [...(key?.stations.values() ?? [])]);
  const drawn = await drawnStations(
    sql,
    ws,
    rows.map((r) => r.at),
    rows,
    new Map(rows.map((r) => [r.station, shownValues(frozen.get(r.id) ?? [])])),
  );
  const draw = await drawer(
    sql,
    ws,
    rows.flatMap((r) => r.at.asks),
    vocabulary,
  );
  const questions = new Map<string, WalkQuestion>();
  const stations = rows.map(({ at, ...r }): WalkStation => {
    const hazards = [...new Set([...at.tree.cautions.map((c) => c.hazard), ...at.tree.hazards])];
    return {
      id: r.public_id,
      number: at.number,
      material: r.material.map((m) => materialWords(m)),
      handling: allowedHandling(sitting.handling, at.tree.cautions).map(handlingWords),
      distance: DISTANCE_WORDS[r.distance],
      cautions: hazards.map((h) => HAZARD_WORDS[h] ?? HAZARD_WORDS['other'] ?? '').sort(),
      drawn: drawn.get(r.station) ?? [],
      clues: at.clues.map((c) => ({ part: CLUE_WORDS[c.organ], cost: c.cost })),
      asks: at.asks.flatMap((a) => {
        const known = byAsk.get(`${r.id}/${a.id}`);
        if (!known) return [];
        questions.set(known.publicId, {
          ask: a.id,
          sittingStation: r.id,
          takes: takingOf(a, vocabulary),
        });
        return [walkAsk(known.publicId, a, vocabulary, draw)];
      }),
    };
  });
  const quiz = await needQuiz(sql, ws, sitting.quiz);
  return { stations, questions, box: planOf(quiz).box };
}

const kept = new LRUCache<string, Promise<WalkModel>>({ max: 12 });

interface Stamp {
  readonly id: string;
  readonly state: string;
  readonly stamp: string;
}

/** How sittings stand, and a stamp of all that their models are made from: versions, key, library. */
const stampsOf = perDatabase((db) =>
  gathered<string, Stamp>(async (sittings) => {
    const rows = await db.query<Stamp>(
      `select s.id, s.state, concat_ws('/', s.id, s.version, w.library_stamp,
         (select max(k.rev) from sitting_key k where k.ws = s.ws and k.sitting = s.id),
         (select sum(ss.version) from sitting_station ss where ss.ws = s.ws and ss.sitting = s.id)) as stamp
       from sitting s join workspace w on w.id = s.ws where s.id = any($1::uuid[])`,
      [sittings],
    );
    return new Map(rows.map((r) => [r.id, r]));
  }),
);

/**
 * The model of an opened sitting. Kept under a stamp of all it is made from, so that it is built once for a whole class
 * and again when something under it changes (least recently used goes first).
 */
export async function walkModel(
  sql: Sql,
  ws: string,
  sitting: string,
): Promise<WalkModel & { readonly state: string }> {
  const { stamp, state } = (await stampsOf(sql)(sitting)) ?? { stamp: '', state: 'closed' };
  const had = kept.get(stamp);
  if (had) return { ...(await had), state };
  const made = (async (): Promise<WalkModel> => {
    const row = await sittingById(sql, ws, sitting);
    return row ? build(sql, ws, row) : { stations: [], questions: new Map(), box: 'none' };
  })();
  kept.set(stamp, made);
  made.catch(() => kept.delete(stamp));
  return { ...(await made), state };
}
