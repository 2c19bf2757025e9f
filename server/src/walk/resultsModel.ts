import { LRUCache } from 'lru-cache';
import type { ResultStation, ResultTell, TaxonHeader } from '@hurrow/contract';
import { valueWords } from '@hurrow/core/characters';
import { lockedInOrder } from '@hurrow/core/compare';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { acceptedInWords } from '@hurrow/core/grading';
import type { KeyAsk } from '@hurrow/core/grading';
import { shownValues } from '@hurrow/core/stations';
import type { FrozenRival } from '@hurrow/core/stations';
import type { Sql } from '../db/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { heldAt, readKey, readKeyTaxa, readRivals, readValues } from '../sittings/index.ts';
import type { KeyTaxon, LockedKey, StationKey } from '../sittings/index.ts';
import { sketches } from './sketch.ts';

const MOST_TELLS = 4;
/** What every class may do. */
const AT_THE_STATION = { handling: ['look'] } as const;
const WORDING = { words: 'plain', units: 'customary' } as const;

type Mixed = NonNullable<ResultStation['mixedWith']>;

/** What the results of all students of a sitting are put together from: the key they were graded by, in words. */
export interface ResultsModel {
  readonly key: LockedKey;
  readonly vocabulary: Vocabulary;
  /** What each station shows, by `station/revision`. */
  readonly shown: ReadonlyMap<string, ReadonlyMap<string, Value>>;
  /** Mix-ups told so far, by `station/revision/species`; null where the key knows no tells. A class shares few. */
  readonly mixed: Map<string, Mixed | null>;
}

/** A species written at a station whose tree is another. */
export interface WrittenInstead {
  readonly station: StationKey;
  readonly taxon: TaxonHeader;
}

/** What the key has for a question, in the student's words. */
export function keyOf(
  ask: KeyAsk | undefined,
  station: StationKey,
  shown: ReadonlyMap<string, Value>,
  vocabulary: Vocabulary,
): string {
  const { scientific, common } = station.accept;
  const said = ask ? acceptedInWords(ask) : null;
  if (said !== null) return said;
  const c = ask?.character ? vocabulary.get(ask.character) : undefined;
  if (!c) return ask?.kind === 'common' ? (common ?? scientific) : scientific;
  const value = shown.get(c.id);
  return value ? valueWords(c, value, WORDING) : 'not recorded';
}

function tellsOf(
  rival: FrozenRival,
  shown: ReadonlyMap<string, Value>,
  other: KeyTaxon,
  vocabulary: Vocabulary,
): readonly ResultTell[] {
  return lockedInOrder(rival.tells, vocabulary, AT_THE_STATION)
    .filter((t) => t.strength !== 'partial')
    .slice(0, MOST_TELLS)
    .flatMap((t): ResultTell[] => {
      const c = vocabulary.get(t.character);
      const [a, b] = [shown.get(t.character), other.profile[t.character]];
      if (!c || !a || !b) return [];
      return [
        {
          character: c.plain,
          organ: c.organ,
          truth: valueWords(c, a, WORDING),
          named: valueWords(c, b, WORDING),
          drawn: sketches(c, a, b),
        },
      ];
    });
}

/** What a station shows by one revision of its key. */
export const shownAt = (
  model: Pick<ResultsModel, 'shown'>,
  station: StationKey,
): ReadonlyMap<string, Value> => model.shown.get(revisionKey(station)) ?? new Map<string, Value>();

/** Revisions in groups that hold each station once. */
function revisionGroups(keys: readonly StationKey[]): readonly (readonly StationKey[])[] {
  const groups: StationKey[][] = [];
  const seen = new Map<string, number>();
  for (const k of keys) {
    const nth = seen.get(k.sittingStation) ?? 0;
    seen.set(k.sittingStation, nth + 1);
    (groups[nth] ??= []).push(k);
  }
  return groups;
}

/** What separates a species written from the tree there that day; by the key alone. */
function mixedWith(
  model: ResultsModel,
  { station, taxon }: WrittenInstead,
  other: KeyTaxon | undefined,
  rival: FrozenRival | undefined,
): Mixed | null {
  if (!other || !rival) return null;
  const shown = shownAt(model, station);
  return {
    scientific: taxon.scientific,
    common: taxon.common,
    verdict: rival.verdict,
    tells: tellsOf(rival, shown, other, model.vocabulary),
  };
}

const revisionKey = (s: StationKey): string => `${s.sittingStation}/${s.rev}`;

const mixKey = (w: WrittenInstead): string => `${revisionKey(w.station)}/${w.taxon.id}`;

/** Tells some mix-ups apart, each once for the whole class. @returns in the order they were asked for. */
export async function tellApart(
  sql: Sql,
  ws: string,
  sitting: string,
  model: ResultsModel,
  written: readonly WrittenInstead[],
): Promise<readonly (Mixed | null)[]> {
  const open = written.filter((w) => !model.mixed.has(mixKey(w)));
  if (open.length > 0) {
    const named = [...new Set(open.map((w) => w.taxon.id))];
    const taxa = await readKeyTaxa(sql, ws, sitting, model.key.listRev, named);
    const list = new Map(taxa.map((t) => [t.taxon, t]));
    const rivals = await readRivals(
      sql,
      ws,
      open.map(({ station, taxon }) => ({ ...station, rival: taxon.id })),
    );
    for (const w of open)
      model.mixed.set(
        mixKey(w),
        mixedWith(model, w, list.get(w.taxon.id), rivals.get(`${w.station.sittingStation}/${w.taxon.id}`)),
      );
  }
  return written.map((w) => model.mixed.get(mixKey(w)) ?? null);
}

const kept = new LRUCache<string, Promise<ResultsModel>>({ max: 12 });

async function build(sql: Sql, ws: string, sitting: string, rev: number): Promise<ResultsModel> {
  const key = await readKey(sql, ws, sitting, rev);
  if (!key) throw new Error('A grading has no key');
  const held = [...key.stations.values()].flatMap((s) => heldAt(key, s));
  const shown = new Map<string, ReadonlyMap<string, Value>>();
  // Revisions of one station are read apart, since values are found by station.
  for (const group of revisionGroups(held)) {
    const values = await readValues(sql, ws, group);
    for (const s of group) shown.set(revisionKey(s), shownValues(values.get(s.sittingStation) ?? []));
  }
  return {
    key,
    vocabulary: await vocabularyToRead(sql, ws),
    shown,
    mixed: new Map(),
  };
}

/**
 * What the results of a sitting are put together from, made once for all its students.
 * @param rev the revision of the key they were graded by.
 * @param stamp changes with the library and the sitting, whose words and numbers the results use.
 */
export function resultsModel(
  sql: Sql,
  ws: string,
  sitting: string,
  rev: number,
  stamp: string,
): Promise<ResultsModel> {
  const under = `${sitting}/${rev}/${stamp}`;
  const had = kept.get(under);
  if (had) return had;
  const made = build(sql, ws, sitting, rev);
  kept.set(under, made);
  made.catch(() => kept.delete(under));
  return made;
}
