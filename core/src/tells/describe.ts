import { HOPKINS, shiftDays, shiftWindows } from '../conditions/index.ts';
import type { Persistence, Place, SeasonWindow, Subject, WindowKind } from '../conditions/index.ts';
import { lineage, resolver } from '../characters/index.ts';
import type { MergePolicy, Profile, Statement, TaxonNode, Vocabulary } from '../characters/index.ts';
import type { Described } from './tells.ts';

export interface WindowRow {
  readonly taxon: string;
  readonly kind: WindowKind;
  readonly start: number;
  readonly end: number;
  readonly ref: Place;
}

/** All that is recorded of some taxa and of the groups above them. */
export interface LibraryData {
  readonly taxa: readonly TaxonNode[];
  readonly statements: readonly Statement[];
  readonly windows: readonly WindowRow[];
  readonly policy: MergePolicy;
}

export interface DescribedTaxon extends Described {
  readonly profile: Profile;
  /** The windows at the site, shifted from where they were recorded. */
  readonly windows: readonly SeasonWindow[];
}

function persistenceOf(profile: Profile): Persistence | undefined {
  const value = profile.get('leaf.persistence')?.value;
  if (value?.kind !== 'states') return undefined;
  const usual = value.states.find((s) => s.freq === 'usual')?.state;
  return usual === 'evergreen' || usual === 'deciduous' || usual === 'marcescent' ? usual : undefined;
}

/** Nearest windows win, kind by kind, as statements do. */
function windowsOf(
  id: string,
  taxa: ReadonlyMap<string, TaxonNode>,
  rows: ReadonlyMap<string, readonly WindowRow[]>,
  site: Place | null,
): SeasonWindow[] {
  const found = new Map<WindowKind, WindowRow>();
  for (const level of lineage(taxa, id)) {
    for (const taxon of level) {
      for (const row of rows.get(taxon) ?? []) if (!found.has(row.kind)) found.set(row.kind, row);
    }
  }
  return [...found.values()].flatMap((row) =>
    shiftWindows(
      [{ kind: row.kind, start: row.start, end: row.end }],
      site ? shiftDays(row.ref, site, HOPKINS) : 0,
      HOPKINS,
    ),
  );
}

/**
 * Resolves the profiles and the shifted seasons of some taxa at a site, ready for comparison.
 * @param ids taxa to describe; `data` must hold them and all above them.
 */
export function describeTaxa(
  ids: readonly string[],
  data: LibraryData,
  vocabulary: Vocabulary,
  site: Place | null,
): readonly DescribedTaxon[] {
  const taxa = new Map(data.taxa.map((t) => [t.id, t]));
  const rows = new Map<string, WindowRow[]>();
  for (const w of data.windows) rows.set(w.taxon, [...(rows.get(w.taxon) ?? []), w]);
  const profileOf = resolver({ taxa, statements: data.statements, vocabulary, policy: data.policy });
  return ids.map((id) => {
    const profile = profileOf(id);
    const windows = windowsOf(id, taxa, rows, site);
    const persistence = persistenceOf(profile);
    const subject: Subject = { windows, ...(persistence ? { persistence } : {}) };
    return { id, profile, values: profile, windows, subject };
  });
}
