import type {
  Evidence,
  EvidenceRow,
  MixUpRow,
  MixUps,
  PairState,
  TaxonHeader,
  TruthRow,
} from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { countMixUps, diagnose } from '@hurrow/core/mixups';
import type { Look, ReadCall, Reading } from '@hurrow/core/mixups';
import { acceptedCall, gradeValue } from '@hurrow/core/quizzes';
import type { CallOutcome } from '@hurrow/core/quizzes';
import type { Sql } from '../db/index.ts';
import { readHeaders, vocabularyToRead } from '../library/index.ts';
import { readLooks, readNamedProfiles, readWritten } from './looks.ts';
import type { LookRow } from './looks.ts';

interface Background {
  readonly looks: readonly LookRow[];
  readonly vocabulary: Vocabulary;
  readonly namedShows: (sitting: string, taxon: string, character: string) => Value | undefined;
  readonly headers: ReadonlyMap<string, TaxonHeader>;
  /** How each mix-up stands now, by `truth/answer`. */
  readonly states: ReadonlyMap<string, PairState>;
}

async function readStates(sql: Sql, ws: string, section: string): Promise<ReadonlyMap<string, PairState>> {
  const rows = await sql.query<{ a: string; b: string; state: PairState }>(
    'select a, b, state from pair_state where ws = $1 and section = $2 and to_seq is null',
    [ws, section],
  );
  return new Map(rows.map((r) => [`${r.a}/${r.b}`, r.state]));
}

async function background(sql: Sql, ws: string, section: string): Promise<Background> {
  const looks = await readLooks(sql, ws, section);
  const taxa = [...new Set(looks.flatMap((l) => (l.answer ? [l.truth, l.answer] : [l.truth])))];
  return {
    looks,
    vocabulary: await vocabularyToRead(sql, ws),
    namedShows: await readNamedProfiles(sql, ws, section),
    headers: await readHeaders(sql, ws, taxa),
    states: await readStates(sql, ws, section),
  };
}

const CALLED: ReadonlySet<string> = new Set<CallOutcome>(['right', 'wrong', 'coarse', 'not_recorded']);
const asCall = (outcome: string): CallOutcome =>
  CALLED.has(outcome) ? (outcome as CallOutcome) : 'not_recorded';

/** What a look's character questions say of its cause, by the key of its sitting. */
function readingsOf(look: LookRow, b: Background): readonly Reading[] {
  const calls = look.calls.flatMap(({ character, value, outcome }): ReadCall[] => {
    const c = b.vocabulary.get(character);
    if (!c) return [];
    const shows = b.namedShows(look.sitting, look.answer ?? '', character);
    const other = gradeValue(value, acceptedCall(c, shows)).outcome;
    return [{ character, own: asCall(outcome), other: asCall(other) }];
  });
  return diagnose({ sure: look.sure, calls });
}

const asLook = (l: LookRow): Look => ({
  id: l.id,
  student: l.student,
  truth: l.truth,
  named: l.named,
  answer: l.answer,
  sure: l.sure,
});

function pairsOf(b: Background): readonly MixUpRow[] {
  const byId = new Map(b.looks.map((l) => [l.id, l]));
  return countMixUps(b.looks.map(asLook)).flatMap((m): MixUpRow[] => {
    const [truth, answer] = [b.headers.get(m.truth), b.headers.get(m.answer)];
    if (!truth || !answer) return [];
    const looks = m.looks.flatMap((id) => byId.get(id) ?? []);
    const called = looks.filter((l) => l.calls.length > 0);
    const kinds = called.map((l) => readingsOf(l, b).map((r) => r.kind));
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
        state: b.states.get(`${m.truth}/${m.answer}`) ?? null,
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
        family: count('family'),
        cannotTell: count('cannot_tell'),
      },
    ];
  });
}

/** Mix-ups of a section with direction, base, interval and who. Source: docs/formulas.md, Counting mix-ups. */
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

const evidenceRow = (look: LookRow, written: AnswerValue | undefined, b: Background): EvidenceRow => ({
  response: look.id,
  code: look.code,
  firstName: look.first_name,
  on: look.on_date,
  sitting: look.sitting,
  quiz: look.quiz_name,
  station: look.number,
  tag: look.tag ?? '',
  typed: written ? answerText(written) : '',
  sure: look.sure,
  origin: look.origin ?? '',
  material: look.conditions.material,
  handling: look.conditions.handling,
  distance: look.conditions.distance,
  calls: look.calls.map(({ character, value, outcome }) => ({
    character,
    state: value.kind === 'state' ? value.state : answerText(value),
    outcome,
    shown: look.shown[character] ?? 'not recorded',
  })),
  readings: readingsOf(look, b).map((r) => ({
    kind: r.kind,
    characters: 'characters' in r ? r.characters : [],
  })),
});

/** Exactly the looks that a mix-up counts in its k, as written. Null where there is no such mix-up. */
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
  const looks = b.looks.filter((l) => counted.has(l.id));
  const written = await readWritten(
    sql,
    ws,
    looks.flatMap((l) => l.response ?? []),
  );
  return { pair, rows: looks.map((l) => evidenceRow(l, written.get(l.response ?? ''), b)) };
}
