import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { dayOfYear } from '@hurrow/core/conditions';
import type { Conditions, Place } from '@hurrow/core/conditions';
import { SHIPPED_GROUPS, SHIPPED_PLACE } from '@hurrow/core/groups';
import type { WrittenTaxon } from '@hurrow/core/groups';
import { comparePair, describeTaxa, expectedCharacters } from '@hurrow/core/tells';
import type { DescribedTaxon, LibraryData, PairReport } from '@hurrow/core/tells';
import { SPECIES, TAXA, taxonId, valueFromText } from './libraryRows.ts';

export const vocabulary = vocabularyOf(CHARACTERS);
const SCHOOL = { lat: 47.9, lon: -115.9, elevM: 760 };

/** What some taxa hold as core reads it; what ships stands only where the school has recorded nothing. */
const recorded = (
  taxa: readonly WrittenTaxon[],
  shipped: boolean,
  ref: Place,
): Pick<LibraryData, 'statements' | 'windows'> => ({
  statements: taxa.flatMap((t) =>
    t.statements.map((s, i) => ({
      id: `${String(shipped)}/${t.name}/${i}`,
      taxon: taxonId(t.name),
      character: s.character,
      source: s.source,
      value: valueFromText(s.character, s.text.replace(/, n = \d+$/, '')),
      shipped,
    })),
  ),
  windows: taxa.flatMap((t) =>
    t.windows.map((w) => ({
      taxon: taxonId(t.name),
      kind: w.kind as LibraryData['windows'][number]['kind'],
      start: dayOfYear(`2026-${w.from}`),
      end: dayOfYear(`2026-${w.to}`),
      ref,
      shipped,
    })),
  ),
});
const own = recorded(TAXA, false, SCHOOL);
const shipped = recorded(SHIPPED_GROUPS, true, SHIPPED_PLACE);

/** The demo’s library as core takes it. */
export const LIBRARY: LibraryData = {
  policy: 'widest',
  taxa: [...SHIPPED_GROUPS, ...TAXA.filter((t) => !SHIPPED_GROUPS.some((g) => g.name === t.name))].map(
    (t) => ({ id: taxonId(t.name), label: t.name, parents: t.parents.map(taxonId) }),
  ),
  statements: [...own.statements, ...shipped.statements],
  windows: [...own.windows, ...shipped.windows],
};

export const DESCRIBED: ReadonlyMap<string, DescribedTaxon> = new Map(
  describeTaxa(SPECIES.map(taxonId), LIBRARY, vocabulary, SCHOOL).map((d) => [d.id, d]),
);

/** The scientific name of each species by its id. */
export const SPECIES_NAMES: ReadonlyMap<string, string> = new Map(SPECIES.map((s) => [taxonId(s), s]));

export const described = (name: string): DescribedTaxon => {
  const found = DESCRIBED.get(taxonId(name));
  if (!found) throw new Error(`No ${name}`);
  return found;
};

const expected = expectedCharacters([...DESCRIBED.values()]);

/** A tree, a cut twig and a leaf at the start of October, looked at and touched. */
export const OCTOBER: Conditions = {
  date: '2026-10-01',
  material: ['tree', 'twig', 'leaf'],
  handling: ['look', 'touch'],
  distance: 'hand',
  wet: false,
};

/** What tells two listed species at the school. */
export const compare = (a: string, b: string, part: Partial<Conditions> = {}): PairReport =>
  comparePair(described(a), described(b), vocabulary, { ...OCTOBER, ...part }, expected);
