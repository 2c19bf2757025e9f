import type {
  Evidence,
  EvidenceRow,
  MixUpRow,
  MixUps,
  Station,
  TaxonHeader,
  TruthRow,
} from '@hurrow/contract';
import { valueWords } from '@hurrow/core/characters';
import { allowedHandling } from '@hurrow/core/conditions';
import type { Handling } from '@hurrow/core/conditions';
import { countMixUps, diagnose } from '@hurrow/core/mixups';
import type { CalledLook, Look, Reading } from '@hurrow/core/mixups';
import { judgeCall } from '@hurrow/core/quizzes';
import type { Call as StateCall } from '@hurrow/core/quizzes';
import type { Sql } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { readStations } from '../quizzes/index.ts';
import { readShown } from '../sittings/index.ts';
import type { Shown } from '../sittings/index.ts';

interface LookRow {
  response: string;
  sitting: string;
  quiz: string;
  quiz_name: string;
  on_date: string;
  student: string;
  code: string;
  first_name: string | null;
  truth: string;
  named: Look['named'];
  answer: string | null;
  sure: Look['sure'];
  typed: string | null;
  origin: string;
  station: string;
  number: number;
  tag: string;
  material: string[];
  distance: string;
  handling: Handling[];
  calls: readonly { character: string; state: string }[];
}

async function readLooks(sql: Sql, ws: string, section: string): Promise<readonly LookRow[]> {
  const calls = new Map<string, LookRow['calls'][number][]>();
  for (const c of await sql.query<{ response: string; character: string; state: string }>(
    `select c.response, c.character, coalesce(c.state, c.value ->> 'state') as state
     from look l join response_call c on c.ws = l.ws and c.response = l.response
     where l.ws = $1 and l.section = $2 order by c.character`,
    [ws, section],
  )) {
    const call = { character: c.character, state: c.state };
    calls.set(c.response, [...(calls.get(c.response) ?? []), call]);
  }
  const rows = await sql.query<Omit<LookRow, 'calls'>>(
    `select l.response, l.sitting, si.quiz, q.name as quiz_name, l.on_date, l.student, s.code, s.first_name, l.truth, l.named,
       l.answer, l.sure, r.typed, r.origin, st.id as station, st.number, tr.tag, ss.material, ss.distance, si.handling
     from look l join response r on r.ws = l.ws and r.id = l.response
     join student s on s.ws = l.ws and s.id = l.student join sitting si on si.ws = l.ws and si.id = l.sitting
     join quiz q on q.ws = si.ws and q.id = si.quiz
     join sitting_station ss on ss.ws = r.ws and ss.id = r.sitting_station
     join station st on st.ws = ss.ws and st.id = ss.station join tree tr on tr.ws = st.ws and tr.individual = st.individual
     where l.ws = $1 and l.section = $2 order by l.on_date desc, st.number, length(s.code), s.code`,
    [ws, section],
  );
  return rows.map((r) => ({ ...r, calls: calls.get(r.response) ?? [] }));
}

const stateCall = (state: string): StateCall =>
  state === 'does-not-apply' ? { inapplicable: true } : { state };

/** What a look's calls say of its cause, against the station's tree and the species named. */
function readingsOf(look: LookRow, station: Station, shown: Shown): readonly Reading[] {
  const calls = look.calls.flatMap(({ character, state }): CalledLook['calls'][number][] => {
    const c = shown.character(character);
    return c ? [{ character: c, call: stateCall(state) }] : [];
  });
  return diagnose({
    sure: look.sure,
    calls,
    shown: (id) => shown.of(station, id),
    namedShows: (id) => shown.profile(look.answer ?? '', id),
  });
}

interface Background {
  readonly looks: readonly LookRow[];
  readonly stations: ReadonlyMap<string, Station>;
  readonly shown: Shown;
  readonly headers: ReadonlyMap<string, TaxonHeader>;
}

async function background(sql: Sql, ws: string, section: string): Promise<Background> {
  const looks = await readLooks(sql, ws, section);
  const stations: Station[] = [];
  for (const quiz of new Set(looks.map((l) => l.quiz))) stations.push(...(await readStations(sql, ws, quiz)));
  const taxa = [...new Set(looks.flatMap((l) => (l.answer ? [l.truth, l.answer] : [l.truth])))];
  return {
    looks,
    stations: new Map(stations.map((s) => [s.id, s])),
    shown: await readShown(sql, ws, stations, taxa),
    headers: await readHeaders(sql, ws, taxa),
  };
}

const asLook = (l: LookRow): Look => ({
  id: l.response,
  student: l.student,
  truth: l.truth,
  named: l.named,
  answer: l.answer,
  sure: l.sure,
});

function pairsOf(b: Background): readonly MixUpRow[] {
  const byResponse = new Map(b.looks.map((l) => [l.response, l]));
  return countMixUps(b.looks.map(asLook)).flatMap((m): MixUpRow[] => {
    const [truth, answer] = [b.headers.get(m.truth), b.headers.get(m.answer)];
    if (!truth || !answer) return [];
    const looks = m.looks.flatMap((id) => byResponse.get(id) ?? []);
    const called = looks.filter((l) => l.calls.length > 0);
    const kinds = called.map((l) => {
      const station = b.stations.get(l.station);
      return station ? readingsOf(l, station, b.shown).map((r) => r.kind) : [];
    });
    const students = new Map(
      looks.map((l) => [l.student, { id: l.student, code: l.code, firstName: l.first_name }]),
    );
    return [
      {
        truth,
        answer,
        k: m.k,
        n: m.n,
        named: m.named,
        low: m.interval.low,
        high: m.interval.high,
        guesses: m.guesses,
        students: [...students.values()],
        withCalls: called.length,
        misread: kinds.filter((k) => k.includes('misread')).length,
        linkMissing: kinds.filter((k) => k.includes('link_missing')).length,
        responses: m.looks,
      },
    ];
  });
}

function truthsOf(b: Background): readonly TruthRow[] {
  return [...new Set(b.looks.map((l) => l.truth))].flatMap((id): TruthRow[] => {
    const truth = b.headers.get(id);
    if (!truth) return [];
    const own = b.looks.filter((l) => l.truth === id);
    const count = (named: Look['named']): number => own.filter((l) => l.named === named).length;
    return [
      {
        truth,
        n: own.length,
        right: count('right'),
        other: count('other'),
        unlisted: count('unlisted'),
        blank: count('blank'),
        genusOnly: count('genus_only'),
        cannotTell: count('cannot_tell'),
      },
    ];
  });
}

/** Mix-ups of a section with direction, base, interval and who. Source: 3-computation, section 8. */
export async function readMixUps(sql: Sql, ws: string, section: string): Promise<MixUps> {
  const b = await background(sql, ws, section);
  const sittings = new Map(
    b.looks.map((l) => [l.sitting, { id: l.sitting, on: l.on_date, quiz: l.quiz_name }]),
  );
  return {
    section,
    looks: b.looks.length,
    students: new Set(b.looks.map((l) => l.student)).size,
    sittings: [...sittings.values()],
    pairs: pairsOf(b),
    truths: truthsOf(b),
  };
}

function evidenceRow(look: LookRow, station: Station, shown: Shown): EvidenceRow {
  return {
    response: look.response,
    code: look.code,
    firstName: look.first_name,
    on: look.on_date,
    sitting: look.sitting,
    quiz: look.quiz_name,
    station: look.number,
    tag: look.tag,
    typed: look.typed ?? '',
    sure: look.sure,
    origin: look.origin,
    material: look.material,
    handling: allowedHandling(look.handling, station.tree.cautions),
    distance: look.distance,
    calls: look.calls.flatMap(({ character, state }) => {
      const c = shown.character(character);
      if (!c) return [];
      const value = shown.of(station, character);
      return [
        {
          character,
          state,
          outcome: judgeCall(c, stateCall(state), value),
          shown: value ? valueWords(c, value, { words: 'technical', units: 'metric' }) : 'not recorded',
        },
      ];
    }),
    readings: readingsOf(look, station, shown).map((r) => ({
      kind: r.kind,
      characters: 'characters' in r ? r.characters : [],
    })),
  };
}

/** Exactly the responses that a mix-up counts in its k, as typed. Null where there is no such mix-up. */
export async function readEvidence(
  sql: Sql,
  ws: string,
  section: string,
  truth: string,
  answer: string,
): Promise<Evidence | null> {
  const b = await background(sql, ws, section);
  const pair = pairsOf(b).find((p) => p.truth.id === truth && p.answer.id === answer);
  if (!pair) return null;
  const counted = new Set(pair.responses);
  const rows = b.looks
    .filter((l) => counted.has(l.response))
    .flatMap((l) => {
      const station = b.stations.get(l.station);
      return station ? [evidenceRow(l, station, b.shown)] : [];
    });
  return { pair, rows };
}
