import type {
  AppliedRates,
  Between,
  CalledCharacter,
  CharacterRate,
  CharactersOfClass,
  FitSpan,
  MissFitOfClass,
  RateVerdict,
  TaxonHeader,
} from '@hurrow/contract';
import { SMALLEST_CLASS } from '@hurrow/core/mixups';
import { MISS_ENGINE } from '@hurrow/core/misses';
import type { LeftOut } from '@hurrow/core/misses';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders, readWholeVocabulary, vocabularyToRead } from '../library/index.ts';
import { readCalled, readNeverCalled } from './called.ts';
import { studentsOf } from './fit.ts';
import { inputHash, readSat } from './gather.ts';
import type { SatSitting } from './gather.ts';

/** A bundle is asked for by the characters that were called fewer times than this. */
const ENOUGH_CALLS = 20;
/** Names that are given this many times as readily as usual are told. */
const READILY = 1.2;

interface FitRow {
  readonly id: string;
  readonly at: string;
  readonly by: string | null;
  readonly sittings: readonly string[];
  readonly input_hash: string;
  readonly looks: number;
  readonly students: number;
  readonly left_out: Readonly<Record<LeftOut, number>>;
  readonly found: {
    readonly slips: Between;
    readonly slope: Between | null;
    readonly readiness: readonly { readonly species: string; readonly w: number }[];
    readonly settled: boolean;
  };
}

interface RateRow {
  readonly fit: string;
  readonly character: string;
  readonly evidence_group: string;
  readonly m: number;
  readonly lo: number;
  readonly hi: number;
  readonly sd: number;
  readonly u: number | null;
  readonly e: number | null;
  readonly direct: number;
  readonly indirect: number;
  readonly verdict: RateVerdict;
  readonly bundle: readonly string[];
  readonly avoided: number;
  readonly pairs: readonly {
    readonly truth: string;
    readonly named: string;
    readonly avoided: number;
    readonly wrong: number;
  }[];
}

const FIT = `f.id, f.at, a.name as by, f.sittings, f.input_hash, f.looks, f.students, f.left_out, f.found
  from miss_fit f left join account a on a.ws = f.ws and a.id = f.by_account`;

const readFits = (sql: Sql, ws: string, section: string): Promise<readonly FitRow[]> =>
  sql.query<FitRow>(`select ${FIT} where f.ws = $1 and f.section = $2 order by f.at desc, f.id desc`, [
    ws,
    section,
  ]);

const readRates = (sql: Sql, ws: string, fits: readonly string[]): Promise<readonly RateRow[]> =>
  sql.query<RateRow>(
    `select fit, character, evidence_group, m, lo, hi, sd, u, e, direct, indirect, verdict, bundle, avoided, pairs
     from miss_rate where ws = $1 and fit = any($2::uuid[]) order by avoided desc, character`,
    [ws, fits],
  );

/** The days of a fit's sittings; those that are gone leave their number. */
function spanOf(fit: Pick<FitRow, 'sittings'>, sat: readonly SatSitting[]): FitSpan {
  const days = sat.filter((s) => fit.sittings.includes(s.id)).map((s) => s.on);
  return { from: days[0] ?? '', to: days.at(-1) ?? '', sittings: fit.sittings.length };
}

/** The newest earlier fit that has no sitting with this one: only between those is a change told. */
const apartFrom = (fit: FitRow, all: readonly FitRow[]): FitRow | undefined =>
  all.find(
    (f) => f.id !== fit.id && f.sittings.length > 0 && f.sittings.every((s) => !fit.sittings.includes(s)),
  );

function asRate(
  r: RateRow,
  headers: ReadonlyMap<string, TaxonHeader>,
  called: ReadonlyMap<string, number>,
  before: { readonly rate: RateRow | undefined; readonly span: FitSpan } | null,
): CharacterRate {
  const old = before?.rate;
  return {
    character: r.character,
    verdict: r.verdict,
    m: { value: r.m, low: r.lo, high: r.hi },
    split: r.u === null || r.e === null ? null : { u: r.u, e: r.e },
    direct: r.direct,
    indirect: r.indirect,
    bundle: r.bundle,
    ask: r.bundle.filter((c) => (called.get(c) ?? 0) < ENOUGH_CALLS),
    avoided: r.avoided,
    pairs: r.pairs.flatMap(({ truth, named, ...p }) => {
      const [a, b] = [headers.get(truth), headers.get(named)];
      return a && b ? [{ truth: a, answer: b, ...p }] : [];
    }),
    before:
      before && old?.verdict === 'estimated' && r.verdict === 'estimated'
        ? { value: old.m, low: old.lo, high: old.hi, from: before.span.from, to: before.span.to }
        : null,
  };
}

async function asFit(
  sql: Sql,
  ws: string,
  section: string,
  fits: readonly FitRow[],
  sat: readonly SatSitting[],
  called: readonly CalledCharacter[],
): Promise<MissFitOfClass | null> {
  const [fit] = fits;
  if (!fit) return null;
  const apart = apartFrom(fit, fits);
  const rates = await readRates(sql, ws, apart ? [fit.id, apart.id] : [fit.id]);
  const own = rates.filter((r) => r.fit === fit.id);
  const headers = await readHeaders(sql, ws, [
    ...new Set([
      ...own.flatMap((r) => r.pairs.flatMap((p) => [p.truth, p.named])),
      ...fit.found.readiness.map((r) => r.species),
    ]),
  ]);
  const calls = new Map(called.map((c) => [c.character, c.wrong.n]));
  const held = sat.filter((s) => fit.sittings.includes(s.id));
  const later = sat.some((s) => !fit.sittings.includes(s.id) && s.on >= (held[0]?.on ?? ''));
  return {
    ...spanOf(fit, sat),
    id: fit.id,
    at: fit.at,
    by: fit.by,
    looks: fit.looks,
    students: fit.students,
    leftOut: fit.left_out,
    slips: fit.found.slips,
    slope: fit.found.slope,
    readiness: fit.found.readiness
      .flatMap(({ species, w }) => {
        const taxon = headers.get(species);
        return taxon && w >= READILY ? [{ taxon, w }] : [];
      })
      .sort((a, b) => b.w - a.w),
    isCurrent:
      !later &&
      held.length === fit.sittings.length &&
      (await inputHash(sql, ws, section, held, MISS_ENGINE)) === fit.input_hash,
    settled: fit.found.settled,
    rates: own.map((r) =>
      asRate(
        r,
        headers,
        calls,
        apart
          ? {
              rate: rates.find((x) => x.fit === apart.id && x.evidence_group === r.evidence_group),
              span: spanOf(apart, sat),
            }
          : null,
      ),
    ),
  };
}

/** Which characters a class misses: its newest fit, what is applied, and what was called. */
export async function readCharacters(sql: Sql, ws: string, section: string): Promise<CharactersOfClass> {
  const sat = await readSat(sql, ws, section);
  const fits = await readFits(sql, ws, section);
  const students = await studentsOf(sql, ws, section);
  const called = await readCalled(sql, ws, section);
  const applied = await maybe<Pick<FitRow, 'id' | 'sittings'> & { at: string; by: string | null }>(
    sql,
    `select p.fit as id, f.sittings, p.at, a.name as by from applied_fit p join miss_fit f on f.ws = p.ws and f.id = p.fit
     left join account a on a.ws = p.ws and a.id = p.by_account where p.ws = $1 and p.section = $2`,
    [ws, section],
  );
  const fit = await asFit(sql, ws, section, fits, sat, called);
  const shown = new Set([
    ...(fit?.rates.flatMap((r) => [r.character, ...r.bundle]) ?? []),
    ...called.map((c) => c.character),
  ]);
  return {
    students,
    small: students < SMALLEST_CLASS,
    retired: (await readWholeVocabulary(sql, ws)).flatMap((c) =>
      c.retired && shown.has(c.id) ? [{ character: c.id, term: c.term, plain: c.plain }] : [],
    ),
    sittings: sat.map(({ id, on, quiz }) => ({ id, on, quiz })),
    fit,
    applied: applied && { ...spanOf(applied, sat), id: applied.id, at: applied.at, by: applied.by },
    called,
    neverCalled: await readNeverCalled(sql, ws, section, called),
  };
}

/**
 * The rates that a class's own answers are read with: those that are estimated, for every character of their evidence
 * group. They weigh in the order of tells, in difficulty and in lessons, never in whether a station is fair.
 */
export async function readApplied(sql: Sql, ws: string, section: string): Promise<AppliedRates> {
  const row = await maybe<{ fit: string }>(
    sql,
    'select fit from applied_fit where ws = $1 and section = $2',
    [ws, section],
  );
  if (!row) return { fit: null, rates: [] };
  const rates = (await readRates(sql, ws, [row.fit])).filter((r) => r.verdict === 'estimated');
  const byGroup = new Map(rates.map((r) => [r.evidence_group, r]));
  return {
    fit: row.fit,
    rates: [...(await vocabularyToRead(sql, ws)).values()].flatMap((c) => {
      const r = byGroup.get(c.evidenceGroup ?? c.id);
      // As many looks as would leave the logit as uncertain as it is.
      return r ? [{ character: c.id, rate: r.m, weight: 1 / (r.sd ** 2 * r.m * (1 - r.m)) }] : [];
    }),
  };
}
