import { isDeepStrictEqual } from 'node:util';
import type { KeyChange } from '@hurrow/contract';
import { sameValue, valueWords } from '@hurrow/core/characters';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { handlingWords, materialWords } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { FrozenRival, FrozenValue } from '@hurrow/core/stations';
import { shownValue } from '@hurrow/core/stations';
import type { Gathered, GatheredStation, KeyTaxon, StationKey } from './types.ts';

/** A key in force with all that is frozen in it. */
export interface WholeKey {
  readonly namesHash: string;
  readonly stations: ReadonlyMap<string, StationKey>;
  readonly values: ReadonlyMap<string, readonly FrozenValue[]>;
  readonly rivals: ReadonlyMap<string, readonly FrozenRival[]>;
  readonly list: readonly KeyTaxon[];
}

const words = (character: string, value: Value | undefined, vocabulary: Vocabulary): string => {
  const c = vocabulary.get(character);
  return c && value ? valueWords(c, value, { words: 'technical', units: 'metric' }) : 'not recorded';
};

function valueChanges(
  was: readonly FrozenValue[],
  is: readonly FrozenValue[],
  vocabulary: Vocabulary,
): Pick<KeyChange, 'kind' | 'character' | 'was' | 'is'>[] {
  const [before, now] = [was, is].map((all) => new Map(all.map((v) => [v.character, shownValue(v)])));
  const ids = [...new Set([...(before?.keys() ?? []), ...(now?.keys() ?? [])])].sort();
  return ids.flatMap((character) => {
    const [a, b] = [before?.get(character), now?.get(character)];
    const same = a && b ? sameValue(a, b) : a === b;
    return same
      ? []
      : [
          {
            kind: 'character' as const,
            character,
            was: words(character, a, vocabulary),
            is: words(character, b, vocabulary),
          },
        ];
  });
}

/** How many species of the list can and cannot be told from the tree. */
const rivalWords = (rivals: readonly FrozenRival[]): string => {
  const alike = rivals.filter((r) => r.verdict !== 'told').length;
  return alike === 0
    ? 'every other species can be told apart'
    : `${alike} species cannot be told apart for certain`;
};

const handled = (c: Conditions): string =>
  `${c.material.map(materialWords).join(', ')}; ${c.handling.map(handlingWords).join(', ')}${c.wet ? '; wet' : ''}`;

function stationChanges(
  was: StationKey,
  is: GatheredStation,
  key: WholeKey,
  vocabulary: Vocabulary,
): Omit<KeyChange, 'sittingStation' | 'number'>[] {
  const found: Omit<KeyChange, 'sittingStation' | 'number'>[] = [];
  const none = { character: null };
  if (was.individual !== is.individual)
    found.push({ ...none, kind: 'tree', was: was.accept.tag ?? 'no tree', is: is.accept.tag ?? 'no tree' });
  if (was.taxon !== is.taxon)
    found.push({ ...none, kind: 'identification', was: was.accept.scientific, is: is.accept.scientific });
  else if (!isDeepStrictEqual([...was.accept.names].sort(), [...is.accept.names].sort()))
    found.push({ ...none, kind: 'names', was: was.accept.names.join(', '), is: is.accept.names.join(', ') });
  if (!isDeepStrictEqual(was.conditions, is.conditions))
    found.push({ ...none, kind: 'conditions', was: handled(was.conditions), is: handled(is.conditions) });
  // Another species differs in almost everything; then only what is asked there is said.
  const asked = new Set(is.accept.asks.flatMap((a) => a.character ?? []));
  found.push(
    ...valueChanges(key.values.get(was.sittingStation) ?? [], is.values, vocabulary).filter(
      (c) => was.taxon === is.taxon || asked.has(c.character ?? ''),
    ),
  );
  const before = key.rivals.get(was.sittingStation) ?? [];
  const verdicts = (rivals: readonly FrozenRival[]) => rivals.map((r) => `${r.rival}/${r.verdict}`).sort();
  if (found.length === 0 && !isDeepStrictEqual(verdicts(before), verdicts(is.rivals)))
    found.push({ ...none, kind: 'tells', was: rivalWords(before), is: rivalWords(is.rivals) });
  return found;
}

/**
 * What is other now than a key holds, station by station; what touches the whole sitting comes first. Only what changes
 * grades, results or what can be told apart is listed.
 */
export function changesSince(key: WholeKey, now: Gathered, vocabulary: Vocabulary): readonly KeyChange[] {
  const whole: KeyChange[] = [];
  const all = { sittingStation: null, number: null, character: null };
  const taught = (list: readonly KeyTaxon[]): string[] =>
    list
      .filter((t) => t.taught)
      .map((t) => t.taxon)
      .sort();
  if (!isDeepStrictEqual(taught(key.list), taught(now.list)))
    whole.push({
      ...all,
      kind: 'list',
      was: `${taught(key.list).length} species taught`,
      is: `${taught(now.list).length} species taught`,
    });
  const stations = now.stations.flatMap((s): KeyChange[] => {
    const was = key.stations.get(s.sittingStation);
    if (!was) return [];
    return stationChanges(was, s, key, vocabulary).map((c) => ({
      sittingStation: s.sittingStation,
      number: s.number,
      ...c,
    }));
  });
  if (key.namesHash !== now.names.hash && !stations.some((c) => c.kind === 'names'))
    whole.push({ ...all, kind: 'names', was: 'names of other species', is: 'changed since' });
  return [...whole, ...stations];
}
