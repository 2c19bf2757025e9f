import type { Station } from '@hurrow/contract';
import { resolver, vocabularyOf } from '@hurrow/core/characters';
import type { Character, Value, Vocabulary } from '@hurrow/core/characters';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readLibrary, readVocabulary } from '../library/index.ts';

/** What a station's tree shows of the characters called there: certified states before the profile of its species. */
export interface Shown {
  readonly of: (station: Station, character: string) => Value | undefined;
  /** What a taxon's profile says. */
  readonly profile: (taxon: string, character: string) => Value | undefined;
  readonly character: (id: string) => Character | undefined;
}

/** The characters that are called at some stations, with all that decide whether they apply. */
function calledAt(stations: readonly Station[], vocabulary: Vocabulary): readonly string[] {
  const found = new Set(stations.flatMap((s) => s.asks.flatMap((a) => a.character ?? [])));
  // The set grows while it is walked: what decides on a controller is taken in turn.
  for (const id of found) for (const rule of vocabulary.get(id)?.appliesIf ?? []) found.add(rule.character);
  return [...found];
}

/** @param more taxa beside those of the stations, such as species named instead. */
export async function readShown(
  sql: Sql,
  ws: string,
  stations: readonly Station[],
  more: readonly string[] = [],
): Promise<Shown> {
  const taxa = [...new Set([...stations.map((s) => s.tree.taxon.id), ...more])];
  const vocabulary = vocabularyOf(await readVocabulary(sql, ws));
  const data = await readLibrary(sql, ws, taxa, calledAt(stations, vocabulary));
  const profileOf = resolver({
    taxa: new Map(data.taxa.map((t) => [t.id, t])),
    statements: data.statements,
    vocabulary,
    policy: data.policy,
  });
  const profile = (taxon: string, character: string): Value | undefined =>
    profileOf(taxon).get(character)?.value;
  return {
    profile,
    of: (station, character) =>
      station.tree.certified[character] ?? profile(station.tree.taxon.id, character),
    character: (id) => vocabulary.get(id),
  };
}

/**
 * Writes the key of a quiz that has none: the true taxon for names, what the tree shows for calls. The key stands from
 * the opening on; a later revision would be a new row.
 */
export async function writeKey(tx: Sql, ws: string, stations: readonly Station[], now: Date): Promise<void> {
  const shown = await readShown(tx, ws, stations);
  const asks = stations.flatMap((station) => station.asks.map((ask) => ({ station, ask })));
  const kept = await tx.query<{ ask: string }>(
    'select ask from answer_key where ws = $1 and ask = any($2::uuid[])',
    [ws, asks.map((a) => a.ask.id)],
  );
  const have = new Set(kept.map((k) => k.ask));
  await insertRows(
    tx,
    'answer_key',
    asks
      .filter((a) => !have.has(a.ask.id))
      .map(({ station, ask }) => ({
        ws,
        ask: ask.id,
        rev: 1,
        accept:
          ask.kind === 'call'
            ? { value: shown.of(station, ask.character ?? '') ?? null }
            : { taxon: station.tree.taxon.id },
        at: now.toISOString(),
      })),
  );
}
