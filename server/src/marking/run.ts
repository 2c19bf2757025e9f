import { createHash } from 'node:crypto';
import { v7 } from 'uuid';
import type { MarkOutcome, NameAskKind, Station } from '@hurrow/contract';
import { judgeName, normalise } from '@hurrow/core/names';
import type { Judgement, NameIndex, Outcome, Truth } from '@hurrow/core/names';
import { judgeCall, namePoints } from '@hurrow/core/quizzes';
import type { CallOutcome, MarkPolicy } from '@hurrow/core/quizzes';
import { stateWords, valueWords } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { insertRows, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import { readGenera, readNameIndex } from '../library/index.ts';
import { needQuiz, policyOf, readStations } from '../quizzes/index.ts';
import { readShown } from '../sittings/index.ts';
import type { Shown, SittingRow } from '../sittings/index.ts';
import { countedAnswers } from './answers.ts';
import { writeLooks } from './looks.ts';
import { readRulings } from './rulings.ts';
import type { Ruling } from './rulings.ts';

/** Changes whenever the same answers could be judged otherwise. */
export const ENGINE = 'marking-1';

interface Marked {
  readonly outcome: MarkOutcome;
  readonly points: number;
  readonly taxon: string | null;
  readonly why: string;
}

interface Bench {
  readonly index: NameIndex;
  readonly genera: ReadonlyMap<string, string>;
  readonly listed: ReadonlySet<string>;
  readonly rulings: ReadonlyMap<string, Ruling>;
  readonly policy: MarkPolicy;
  readonly shown: Shown;
}

/** A ruling stands for every answer with the same text: what it names is fixed, what that is worth depends on the truth. */
function ruled(ruling: Ruling, truth: Truth): Judgement {
  const why = 'decided for this list';
  const { taxon, outcome } = ruling;
  if (taxon === null)
    return {
      outcome: outcome === 'genus_only' ? 'genus_only' : 'unlisted',
      taxon,
      latin: null,
      edits: 0,
      why,
    };
  if (taxon === truth.genus) return { outcome: 'genus_only', taxon, latin: null, edits: 0, why };
  if (taxon !== truth.taxon) return { outcome: 'other_species', taxon, latin: null, edits: 0, why };
  const right: Outcome = outcome === 'misspelt' || outcome === 'synonym' ? outcome : 'exact';
  return { outcome: right, taxon, latin: null, edits: 0, why };
}

function markName(typed: string, kind: NameAskKind, most: number, station: Station, bench: Bench): Marked {
  const own = station.tree.taxon.id;
  const truth: Truth = { taxon: own, genus: bench.genera.get(own) ?? null, listed: bench.listed };
  const ruling = bench.rulings.get(normalise(typed));
  const judged = ruling ? ruled(ruling, truth) : judgeName(typed, truth, bench.index);
  if (kind === 'genus') return markGenus(judged, truth, most, bench);
  const points = namePoints(judged, kind, truth.genus, most, bench.policy);
  const right = judged.taxon === own && judged.outcome !== 'other_species';
  const otherWay =
    right &&
    points === 0 &&
    kind !== 'either' &&
    judged.latin !== null &&
    judged.latin !== (kind === 'scientific');
  const why = otherWay ? `${judged.why}, but the ${kind} name is asked` : judged.why;
  return { outcome: judged.outcome, points, taxon: judged.taxon, why };
}

/** Asked at genus: any name of the genus, or of a species in it, is right. */
function markGenus(judged: Judgement, truth: Truth, most: number, bench: Bench): Marked {
  const named = judged.taxon === null ? null : (bench.genera.get(judged.taxon) ?? judged.taxon);
  const right = judged.outcome === 'right_genus' || (named !== null && named === truth.genus);
  return { outcome: judged.outcome, points: right ? most : 0, taxon: judged.taxon, why: judged.why };
}

function markCall(
  state: string | null,
  character: string,
  most: number,
  station: Station,
  shown: Shown,
): Marked {
  const c = shown.character(character);
  const value: Value | undefined = shown.of(station, character);
  if (!c || state === null) return { outcome: 'blank', points: 0, taxon: null, why: 'nothing called' };
  const call = state === 'does-not-apply' ? ({ inapplicable: true } as const) : { state };
  const outcome: CallOutcome = judgeCall(c, call, value);
  const shows = value ? valueWords(c, value, { words: 'technical', units: 'metric' }) : 'not recorded';
  const called = state === 'does-not-apply' ? 'does not apply' : stateWords(c, state, 'technical');
  return {
    outcome,
    points: outcome === 'right' ? most : 0,
    taxon: null,
    why: outcome === 'right' ? 'as the tree shows' : `called ${called}; the tree shows ${shows}`,
  };
}

export interface RunInput {
  readonly ws: string;
  readonly sitting: SittingRow;
  readonly by: string | null;
  readonly at: string;
  readonly cause: string;
}

/** Marks every counted answer of a sitting as a new run and derives the looks from it. @returns the run's id. */
export async function markSitting(tx: Sql, input: RunInput): Promise<string> {
  const { ws, sitting } = input;
  if (sitting.state !== 'closed' && sitting.state !== 'marked') {
    throw conflict(`A sitting that is ${sitting.state.replace('_', ' ')} cannot be marked.`, {
      remedy: sitting.state === 'given_back' ? 'Its marks have been given back.' : 'Close it first.',
    });
  }
  const quiz = await needQuiz(tx, ws, sitting.quiz);
  const stations = await readStations(tx, ws, sitting.quiz);
  const byId = new Map(stations.map((s) => [s.id, s]));
  const listed = await tx.query<{ taxon: string }>(
    'select taxon from list_member where ws = $1 and list = $2',
    [ws, quiz.list],
  );
  const index = await readNameIndex(tx, ws);
  const bench: Bench = {
    index,
    genera: await readGenera(tx, ws, [...new Set(index.names.map((n) => n.taxon))]),
    listed: new Set(listed.map((l) => l.taxon)),
    rulings: await readRulings(tx, ws, quiz.list, sitting.id),
    policy: policyOf(quiz),
    shown: await readShown(tx, ws, stations),
  };
  const answers = await countedAnswers(tx, ws, sitting.id);
  const run = v7();
  // The sitting is locked, so no two runs take one number.
  const { seq } = await one<{ seq: number }>(
    tx,
    'select coalesce(max(seq), 0) + 1 as seq from marking_run where ws = $1 and sitting = $2',
    [ws, sitting.id],
  );
  await insertRows(tx, 'marking_run', [
    {
      ws,
      id: run,
      sitting: sitting.id,
      seq,
      at: input.at,
      cause: input.cause,
      names_hash: createHash('sha256')
        .update(index.names.map((n) => `${n.taxon}/${n.kind}/${n.text}`).join('\n'))
        .digest('hex'),
      policy: bench.policy,
      engine: ENGINE,
      by_account: input.by,
    },
  ]);
  const marks = answers.flatMap((a) => {
    const station = byId.get(a.station);
    const ask = station?.asks.find((k) => k.id === a.ask);
    if (!station || !ask || ask.kind === 'sureness') return [];
    const marked =
      ask.kind === 'call'
        ? markCall(a.value?.state ?? null, ask.character ?? '', ask.points, station, bench.shown)
        : markName(a.typed ?? '', ask.kind, ask.points, station, bench);
    return [{ answer: a, station, ask, marked }];
  });
  await insertRows(
    tx,
    'mark',
    marks.map(({ answer, ask, marked }) => ({ ws, run, response: answer.id, most: ask.points, ...marked })),
  );
  await tx.query(
    `insert into run_key (ws, run, ask, rev)
     select $1, $2, k.ask, max(k.rev) from answer_key k join ask a on a.ws = k.ws and a.id = k.ask
     join station st on st.ws = a.ws and st.id = a.station where k.ws = $1 and st.quiz = $3 group by k.ask`,
    [ws, run, sitting.quiz],
  );
  await writeLooks(tx, ws, sitting, run, answers, stations);
  const { n } = await one<{ n: number }>(
    tx,
    'select count(*)::integer as n from mark where ws = $1 and run = $2',
    [ws, run],
  );
  if (n !== marks.length) throw new Error('Not every answer was marked');
  await tx.query(`update sitting set state = 'marked', version = version + 1 where ws = $1 and id = $2`, [
    ws,
    sitting.id,
  ]);
  return run;
}
