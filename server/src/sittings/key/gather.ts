import type { AskKind, TaxonHeader, TreeRow } from '@hurrow/contract';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import type { Distance, Material, Stage } from '@hurrow/core/conditions';
import type { KeyAsk } from '@hurrow/core/grading';
import type { Families, NameIndex } from '@hurrow/core/names';
import { acceptedCall, taughtBy } from '@hurrow/core/quizzes';
import { conditionsOf, freezeStation } from '@hurrow/core/stations';
import type { Accepted } from '@hurrow/core/quizzes';
import type { Setting, Shown } from '@hurrow/core/stations';
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
import { needQuiz, policyOf } from '../../quizzes/index.ts';
import type { SittingRow } from '../store.ts';
import { currentNames } from './names.ts';
import type { Gathered, GatheredStation, KeyTaxon } from './types.ts';

interface AskRow {
  readonly id: string;
  readonly ord: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
  readonly params: Readonly<Record<string, unknown>>;
}

interface Row {
  readonly id: string;
  readonly station: string;
  readonly number: number;
  readonly individual: string | null;
  readonly taxon: string | null;
  readonly distance: Distance;
  readonly material: Material[];
  readonly taken_on: NonNullable<Setting['takenOn']>;
  readonly asks: readonly AskRow[] | null;
}

/** The stations of a sitting, each with the tree it has at this sitting. */
const readRows = (sql: Sql, ws: string, sitting: string): Promise<readonly Row[]> =>
  sql.query<Row>(
    `select ss.id, ss.station, st.number, coalesce(ss.swapped_individual, st.individual) as individual, st.taxon,
       ss.distance, ss.material, ss.taken_on,
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
  readonly sitting: SittingRow;
}

const texts = (v: unknown): readonly string[] =>
  Array.isArray(v) ? v.filter((x): x is string => typeof x === 'string') : [];
const share = (v: unknown): number => (typeof v === 'number' ? v : 0);

/** What a question accepts by its own parameters, where it is neither a name nor a character. */
function acceptedOf(ask: AskRow, shown: Value | undefined, vocabulary: Vocabulary): Accepted {
  const { params } = ask;
  switch (ask.kind) {
    case 'call': {
      const c = vocabulary.get(ask.character ?? '');
      if (!c) throw new Error(`The vocabulary has no character ${ask.character ?? ''}`);
      return acceptedCall(c, shown);
    }
    case 'sureness':
      return { kind: 'sureness' };
    case 'choice':
      return { kind: 'choice', right: texts(params['right']) };
    case 'match': {
      const pairs = Array.isArray(params['pairs']) ? (params['pairs'] as unknown[]).map(texts) : [];
      return { kind: 'match', pairs: pairs.map(([l = '', r = '']) => [l, r] as const) };
    }
    case 'point':
      return { kind: 'point', x: share(params['x']), y: share(params['y']), within: share(params['within']) };
    case 'text':
      return { kind: 'text' };
    default:
      return { kind: 'name' };
  }
}

function gatherStation(row: Row, g: Ground): GatheredStation | null {
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
  return {
    sittingStation: row.id,
    station: row.station,
    number: row.number,
    individual: row.individual,
    taxon,
    accept: {
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
        accepted: acceptedOf(a, a.character === null ? undefined : valueOf(a.character), g.vocabulary),
      })),
    },
    conditions: conditionsOf(setting, shown),
    ...freezeStation(shown, setting, own, g.listed, g.vocabulary),
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
    listed: members.flatMap((m) => described.get(m.taxon) ?? []),
    sitting,
  };
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
    stations: rows.flatMap((r) => gatherStation(r, ground) ?? []),
  };
}
