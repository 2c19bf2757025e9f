import { checklist, once } from './checklist/index.ts';
import type { IndexedName, NameEntry } from './entries.ts';
import { nearIndex } from './nearIndex.ts';
import type { NearIndex } from './nearIndex.ts';
import { foldEpithet, foldLatin, normalise } from './normalise.ts';
import { soundKeys } from './sound.ts';
import { knownWords } from './words.ts';
import type { KnownWords } from './words.ts';

/** Names made ready for comparison. */
export interface NameSearch {
  /** The names a typed text may stand for; near names are places among them. */
  readonly searched: readonly IndexedName[];
  readonly byNormal: ReadonlyMap<string, readonly IndexedName[]>;
  readonly byJoined: ReadonlyMap<string, readonly IndexedName[]>;
  /** Scientific names of two words and more, by the first letter of the genus. */
  readonly byInitial: ReadonlyMap<string, readonly IndexedName[]>;
  /** English names of two words and more, by their first word. */
  readonly byFirst: ReadonlyMap<string, readonly IndexedName[]>;
  /** Scientific names by code, English ones by their initials. */
  readonly byCode: ReadonlyMap<string, readonly IndexedName[]>;
  /** Names by how they sound; made at its first use, since few texts come to it. */
  readonly bySound: () => ReadonlyMap<string, readonly IndexedName[]>;
  /** Accepted names by taxon, and scientific names of any kind by their epithet. */
  readonly accepted: ReadonlyMap<string, readonly IndexedName[]>;
  readonly byEpithet: ReadonlyMap<string, readonly IndexedName[]>;
  readonly near: NearIndex;
  readonly words: KnownWords;
}

/** A library's names, and which of its taxa the checklist of real trees means by its own. */
export interface NameIndex extends NameSearch {
  /** All names of the library, those of families with them. */
  readonly names: readonly IndexedName[];
  readonly taxa: ReadonlySet<string>;
  /** Taxa of the library by the taxon of the checklist. */
  readonly own: ReadonlyMap<string, string>;
}

const RANK_MARKS = new Set(['subsp', 'ssp', 'var', 'f', 'cv']);

/** A scientific name without its rank marks, so that `subsp.` and `ssp.` are the same. */
export const withoutMarks = (tokens: readonly string[]): string[] =>
  tokens.filter((t, i) => i < 2 || !RANK_MARKS.has(t));

/** Folded tokens of a scientific name: the genus by spelling, epithets by spelling and ending. */
export const foldScientific = (tokens: readonly string[]): string[] =>
  tokens.map((t, i) => (i === 0 ? foldLatin(t) : foldEpithet(t)));

function add(map: Map<string, IndexedName[]>, key: string, name: IndexedName): void {
  const had = map.get(key);
  if (had) had.push(name);
  else map.set(key, [name]);
}

/** The four letters foresters write for a species, with the first of a subspecies behind them; initials of an English name. */
function codesOf({ latin, tokens, kind }: IndexedName): readonly string[] {
  if (kind === 'older_family' || tokens.length < 2) return [];
  if (!latin) return [tokens.map((t) => t.charAt(0)).join('')].filter((c) => c.length >= 2);
  const [genus = '', epithet = '', below] = tokens;
  const four = genus.slice(0, 2) + epithet.slice(0, 2);
  return below === undefined ? [four] : [four, four + below.charAt(0)];
}

function indexed(entry: NameEntry, checked: boolean): IndexedName {
  const latin = entry.kind !== 'common';
  const whole = normalise(entry.text);
  const all = whole.split(' ');
  const tokens = latin && all.length > 2 ? withoutMarks(all) : all;
  return {
    taxon: entry.taxon,
    rank: entry.rank,
    kind: entry.kind,
    text: entry.text,
    use: entry.use ?? null,
    latin,
    checked,
    tokens,
    normal: tokens === all ? whole : tokens.join(' '),
    joined: tokens.join(''),
    folded: latin ? foldScientific(tokens) : tokens,
  };
}

function soundsOf(names: readonly IndexedName[]): ReadonlyMap<string, readonly IndexedName[]> {
  const bySound = new Map<string, IndexedName[]>();
  for (const name of names) for (const key of soundKeys(name.tokens)) add(bySound, key, name);
  return bySound;
}

function search(names: readonly IndexedName[]): NameSearch {
  const [byNormal, byJoined, byInitial, byFirst, byCode, accepted, byEpithet] = Array.from(
    { length: 7 },
    () => new Map<string, IndexedName[]>(),
  ) as [
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
    Map<string, IndexedName[]>,
  ];
  // A family is no name of a species, whichever taxon carries it.
  const meant = names.filter((n) => n.kind !== 'older_family' && n.rank !== 'family');
  for (const name of meant) {
    const [first = '', epithet = ''] = name.tokens;
    add(byNormal, name.normal, name);
    add(byJoined, name.joined, name);
    for (const code of codesOf(name)) add(byCode, code, name);
    if (!name.latin) {
      if (name.tokens.length > 1) add(byFirst, first, name);
      continue;
    }
    if (epithet !== '') add(byInitial, first.charAt(0), name);
    for (const below of name.tokens.slice(1)) add(byEpithet, below, name);
    if (name.kind === 'accepted') add(accepted, name.taxon, name);
  }
  return {
    searched: meant,
    byNormal,
    byJoined,
    byInitial,
    byFirst,
    byCode,
    bySound: once(() => soundsOf(meant)),
    accepted,
    byEpithet,
    near: nearIndex(meant),
    words: knownWords(meant),
  };
}

/** The taxon of a name of the checklist. */
const CHECKED = 'checklist ';
const checkedTaxon = (scientific: string): string => `${CHECKED}${scientific}`;

/** The scientific name of a taxon known from the checklist alone; null for one of a library. */
export const checkedName = (taxon: string): string | null =>
  taxon.startsWith(CHECKED) ? taxon.slice(CHECKED.length) : null;

/** Its genus in lower case. */
export const genusOfChecked = (taxon: string): string | null =>
  checkedName(taxon)?.replace('× ', '').split(' ')[0]?.toLowerCase() ?? null;

function searchOfChecklist(): NameSearch {
  const entry = (
    taxon: string,
    rank: NameEntry['rank'],
    kind: NameEntry['kind'],
    text: string,
  ): IndexedName => indexed({ taxon: checkedTaxon(taxon), rank, kind, text }, true);
  const { genera, species } = checklist();
  return search([
    ...genera.flatMap((g) => [
      entry(g.genus, 'genus', 'accepted', g.genus),
      entry(g.genus, 'genus', 'common', g.common),
    ]),
    ...species.flatMap((s) => {
      const rank = s.scientific.includes('×') ? 'hybrid' : 'species';
      return [
        entry(s.scientific, rank, 'accepted', s.scientific),
        ...s.synonyms.map((text) => entry(s.scientific, rank, 'synonym', text)),
        ...s.common.map((text) => entry(s.scientific, rank, 'common', text)),
      ];
    }),
  ]);
}

/** The checklist of real trees made ready for comparison; built at its first use. */
export const checklistSearch: () => NameSearch = once(searchOfChecklist);

/** Which taxon of a library the checklist means: the one whose accepted name it gives, as accepted or as a synonym. */
function ownOf(names: readonly IndexedName[]): ReadonlyMap<string, string> {
  const own = new Map<string, string>();
  const checked = checklistSearch();
  for (const name of names) {
    if (name.kind !== 'accepted') continue;
    const hits = (checked.byNormal.get(name.normal) ?? []).filter((n) => n.latin);
    for (const kind of ['accepted', 'synonym'] as const)
      for (const hit of hits) if (hit.kind === kind && !own.has(hit.taxon)) own.set(hit.taxon, name.taxon);
  }
  return own;
}

/** All names of a library made ready for comparison; built once and used for many answers. */
export function nameIndex(entries: readonly NameEntry[]): NameIndex {
  const names = entries.map((entry) => indexed(entry, false));
  const found = search(names);
  return { ...found, names, taxa: new Set(names.map((n) => n.taxon)), own: ownOf(found.searched) };
}

/** A typed text's tokens, with rank marks taken out. */
export const typedTokens = (typed: string): string[] => {
  const normal = normalise(typed);
  return normal === '' ? [] : withoutMarks(normal.split(' '));
};
