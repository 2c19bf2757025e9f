import type { TaxonHeader, TreeRow } from '@hurrow/contract';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { isHazardous } from '@hurrow/core/conditions';
import type { Distance, Material, Stage } from '@hurrow/core/conditions';
import { askedBy, competitorOf } from '@hurrow/core/fairness';
import type { StationMet } from '@hurrow/core/fairness';
import { shownInWords } from '@hurrow/core/grading';
import type { ClueCost, KeyAsk } from '@hurrow/core/grading';
import type { Families, NameIndex } from '@hurrow/core/names';
import { comparedWith, taughtBy } from '@hurrow/core/quizzes';
import { conditionsOf, freezeStation, stationComparer, stationShown } from '@hurrow/core/stations';
import type { UnfairReason } from '@hurrow/core/quizzes';
import type { Setting, Shown, StationComparer } from '@hurrow/core/stations';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { maybe } from '../../db/index.ts';
import type { Sql } from '../../db/index.ts';
import {
  readFamilies,
  readCautions,
  readHeaders,
  readLibrary,
  readSitePlace,
  vocabularyToRead,
} from '../../library/index.ts';
import { readTrees } from '../../material/index.ts';
import { needQuiz, planOf, policyOf } from '../../quizzes/index.ts';
import { HIDDEN } from '../store.ts';
import type { SittingRow } from '../store.ts';
import { acceptedOf, isQuestion } from './accepted.ts';
import type { AskRow } from './accepted.ts';
import { judgeStations } from './judgeStations.ts';
import { currentNames } from './names.ts';
import type { Gathered, GatheredStation, KeptFairness, KeyTaxon } from './types.ts';

interface Row {
  readonly id: string;
  readonly station: string;
  readonly number: number;
  readonly individual: string | null;
  readonly taxon: string | null;
  readonly distance: Distance;
  readonly material: Material[];
  readonly taken_on: NonNullable<Setting['takenOn']>;
  readonly accepts: string[];
  readonly not_tellable: boolean;
  readonly reason: UnfairReason | null;
  readonly note: string | null;
  readonly hides: string[] | null;
  readonly clues: ClueCost[] | null;
  readonly asks: readonly AskRow[] | null;
}

/** The stations of a sitting, each with the tree it has at this sitting. */
const readRows = (sql: Sql, ws: string, sitting: string): Promise<readonly Row[]> =>
  sql.query<Row>(
    `select ss.id, ss.station, st.number, coalesce(ss.swapped_individual, st.individual) as individual, st.taxon,
       ss.distance, ss.material, ss.taken_on, st.accepts, st.not_tellable_on_purpose as not_tellable, ss.reason,
       ss.reason_note as note, ${HIDDEN('ss')} as hides,
       (select jsonb_agg(jsonb_build_object('organ', c.organ, 'cost', c.cost) order by c.ord) from clue c
        where c.ws = st.ws and c.station = st.id) as clues,
       (select jsonb_agg(jsonb_build_object('id', a.id, 'ord', a.ord, 'kind', a.kind, 'character', a.character,
          'points', a.points, 'params', a.params) order by a.ord)
        from ask a where a.ws = st.ws and a.station = st.id) as asks
     from sitting_station ss join station st on st.ws = ss.ws and st.id = ss.station
     where ss.ws = $1 and ss.sitting = $2 and st.removed_at is null order by st.number`,
    [ws, sitting],
  );

interface Member {
  readonly taxon: string;
  readonly week: number | null;
  readonly label: string | null;
}

interface Ground {
  readonly vocabulary: Vocabulary;
  readonly described: ReadonlyMap<string, DescribedTaxon>;
  /** A taxon as an individual of it shows it at a stage of life. */
  readonly atStage: (taxon: string, stage: Stage) => DescribedTaxon | null;
  readonly headers: ReadonlyMap<string, TaxonHeader>;
  readonly trees: ReadonlyMap<string, TreeRow>;
  readonly cautions: Awaited<ReturnType<typeof readCautions>>;
  readonly names: NameIndex;
  readonly genera: ReadonlyMap<string, string>;
  readonly families: ReadonlyMap<string, Families>;
  readonly listed: readonly DescribedTaxon[];
  /** Compares a station with all that are listed. */
  readonly compare: StationComparer;
  readonly sitting: SittingRow;
}

/** A station with its tree as it is met, which its fairness is judged from. */
interface Met {
  readonly station: GatheredStation;
  readonly met: StationMet | null;
}

function gatherStation(row: Row, g: Ground): Met | null {
  const tree = row.individual === null ? null : (g.trees.get(row.individual) ?? null);
  const taxon = tree?.taxon.id ?? row.taxon;
  if (taxon === null) return null;
  const certified = tree?.certified ?? {};
  const own = (tree?.stage ? g.atStage(taxon, tree.stage) : null) ?? g.described.get(taxon) ?? null;
  const header = g.headers.get(taxon);
  const shown: Shown = {
    individual: row.individual,
    taxon,
    certified,
    cautions: tree?.cautions ?? g.cautions.get(taxon) ?? [],
    ...(tree ? { reach: tree.reach } : {}),
    ...(tree?.stage ? { stage: tree.stage } : {}),
    ...(row.hides ? { hides: row.hides } : {}),
  };
  const setting: Setting = {
    date: g.sitting.on_date,
    material: row.material,
    takenOn: row.taken_on,
    handling: g.sitting.handling,
    distance: row.distance,
    wet: g.sitting.wet,
  };
  const valueOf = (character: string): Value | undefined =>
    certified[character] ?? own?.values.get(character)?.value;
  const station: GatheredStation = {
    sittingStation: row.id,
    station: row.station,
    number: row.number,
    individual: row.individual,
    taxon,
    why: { reason: row.reason, note: row.note },
    accept: {
      ...(row.accepts.length > 0 ? { also: row.accepts } : {}),
      ...(row.not_tellable ? { notTellable: true } : {}),
      ...(row.clues ? { clues: row.clues } : {}),
      tag: tree?.tag ?? null,
      genus: g.genera.get(taxon) ?? null,
      families: g.families.get(taxon) ?? null,
      scientific: header?.scientific ?? '',
      common: header?.common ?? null,
      names: g.names.names.filter((n) => n.taxon === taxon).map((n) => n.text),
      asks: (row.asks ?? []).map((a): KeyAsk => ({
        id: a.id,
        kind: a.kind,
        character: a.character,
        most: a.points,
        ord: a.ord,
        ...(isQuestion(a.params) ? { shown: shownInWords(a.params) } : {}),
        accepted: acceptedOf(a, a.character === null ? undefined : valueOf(a.character), g.vocabulary),
      })),
    },
    conditions: conditionsOf(setting, shown),
    ...freezeStation(shown, setting, own, g.compare, g.vocabulary),
  };
  if (!own) return { station, met: null };
  const { tree: asMet, conditions } = stationShown(shown, setting, own);
  const met: StationMet = {
    id: row.id,
    tree: asMet,
    taxon,
    conditions,
    certified: new Set(Object.keys(certified)),
    asked: askedBy(row.asks ?? [], row.accepts, row.not_tellable),
  };
  return { station, met };
}

/** Judges stations against what was taught by the day, or the whole list where the quiz says so. */
function judgeOf(all: readonly Met[], compared: readonly string[], g: Ground): Gathered['judge'] {
  return async (wanted) => {
    const some = all.filter((m) => !wanted || wanted.has(m.station.sittingStation));
    const found = await judgeStations({
      competitors: [...g.headers.values()].map(competitorOf),
      described: g.listed.filter((d) => compared.includes(d.id)),
      vocabulary: g.vocabulary,
      stations: some.flatMap((m) => m.met ?? []),
    });
    return new Map(
      some.map(({ station: { sittingStation: id, why } }) => {
        const brief = found.get(id) ?? { verdict: 'unproven' as const, right: null, rival: null };
        const kept: KeptFairness = { ...brief, ...why };
        return [id, kept] as const;
      }),
    );
  };
}

/**
 * Gathers what a key of this sitting holds if it is locked now: profiles under the policy of each character, what was
 * checked at the trees, their identification, the names, the conditions and the list as taught that day.
 */
export async function gatherKey(sql: Sql, ws: string, sitting: SittingRow): Promise<Gathered> {
  const quiz = await needQuiz(sql, ws, sitting.quiz);
  const rows = await readRows(sql, ws, sitting.id);
  const trees = new Map(
    (
      await readTrees(
        sql,
        ws,
        rows.flatMap((r) => r.individual ?? []),
      )
    ).map((t) => [t.id, t] as const),
  );
  const members = await sql.query<Member>(
    'select taxon, week, label from list_member where ws = $1 and list = $2 order by ord',
    [ws, quiz.list],
  );
  const section = await maybe<{ starts_on: string | null }>(
    sql,
    'select starts_on from section where ws = $1 and id = $2',
    [ws, sitting.section],
  );
  const taxa = [
    ...new Set([
      ...members.map((m) => m.taxon),
      ...rows.flatMap(
        (r) => (r.individual === null ? null : trees.get(r.individual)?.taxon.id) ?? r.taxon ?? [],
      ),
    ]),
  ];
  const vocabulary = await vocabularyToRead(sql, ws);
  const site = await readSitePlace(sql, ws, { ...sitting.site, elevM: sitting.site.elev_m });
  const library = await readLibrary(sql, ws, taxa);
  const described = new Map(describeTaxa(taxa, library, vocabulary, site).map((d) => [d.id, d] as const));
  const names = await currentNames(sql, ws);
  const listed = members.flatMap((m) => described.get(m.taxon) ?? []);
  const ground: Ground = {
    vocabulary,
    described,
    atStage: (taxon, stage) => describeTaxa([taxon], library, vocabulary, site, stage)[0] ?? null,
    headers: await readHeaders(sql, ws, taxa),
    trees,
    cautions: await readCautions(sql, ws, taxa),
    names: names.index,
    genera: names.genera,
    families: await readFamilies(sql, ws, taxa),
    listed,
    compare: stationComparer(listed, vocabulary),
    sitting,
  };
  const stations = rows.flatMap((r) => gatherStation(r, ground) ?? []);
  const compared = comparedWith(
    members.map((m) => ({ ...m, hazardous: isHazardous(ground.cautions.get(m.taxon) ?? []) })),
    section?.starts_on ?? null,
    sitting.on_date,
    planOf(quiz).against === 'list',
  );
  return {
    policy: policyOf(quiz),
    names,
    list: members.map((m): KeyTaxon => ({
      ...m,
      taught: taughtBy(m.week, section?.starts_on ?? null, sitting.on_date),
      profile: Object.fromEntries(
        [...(described.get(m.taxon)?.values ?? [])]
          .map(([id, v]) => [id, v.value] as const)
          .sort(([a], [b]) => (a < b ? -1 : 1)),
      ),
    })),
    stations: stations.map((s) => s.station),
    judge: judgeOf(stations, compared, ground),
  };
}
