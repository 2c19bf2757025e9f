import { HOPKINS, bySight, guessReason, shiftDays, shiftWindows } from '../conditions/index.ts';
import type {
  OnGround,
  Persistence,
  Place,
  SeasonWindow,
  ShiftRates,
  Subject,
  WindowKind,
  Stage,
} from '../conditions/index.ts';
import { lineage, resolver } from '../characters/index.ts';
import type { MergePolicy, Profile, Statement, TaxonNode, Vocabulary } from '../characters/index.ts';
import type { Described } from './tells.ts';

export interface WindowRow {
  readonly taxon: string;
  readonly kind: WindowKind;
  readonly start: number;
  readonly end: number;
  readonly ref: Place;
  /** Shipped with the application: gives way to any other window of the kind at the same taxon. */
  readonly shipped?: boolean;
}

/** A day on which something was seen to stand, or seen not to stand, at a site. */
export interface TaxonSighting {
  readonly taxon: string;
  readonly kind: WindowKind;
  /** Day of the year. */
  readonly day: number;
  readonly present: boolean;
}

/** All that is recorded of some taxa and of the groups above them. */
export interface LibraryData {
  readonly taxa: readonly TaxonNode[];
  readonly statements: readonly Statement[];
  readonly windows: readonly WindowRow[];
  readonly policy: MergePolicy;
  /** Policies of single characters. */
  readonly policies?: readonly {
    readonly character: string;
    readonly policy: MergePolicy;
    readonly source: string | null;
  }[];
}

/** The class's site: where it lies, how strongly seasons shift there, and what was seen there. */
export interface SitePlace extends Place {
  readonly rates?: ShiftRates;
  readonly sightings?: readonly TaxonSighting[];
}

export interface DescribedTaxon extends Described {
  readonly profile: Profile;
  /** The windows at the site, shifted from where they were recorded. */
  readonly windows: readonly SeasonHere[];
}

const usualState = (profile: Profile, character: string): string | undefined => {
  const value = profile.get(character)?.value;
  return value?.kind === 'states' ? value.states.find((s) => s.freq === 'usual')?.state : undefined;
};

function persistenceOf(profile: Profile): Persistence | undefined {
  const usual = usualState(profile, 'leaf.persistence');
  if (usual === 'semi-evergreen') return 'deciduous';
  return usual === 'evergreen' || usual === 'deciduous' || usual === 'marcescent' ? usual : undefined;
}

/** Fruit and cones that are found whole on the ground until the next ones fall. */
const LASTING: ReadonlySet<string> = new Set([
  'acorn',
  'nut',
  'nut-in-a-husk',
  'nut-in-a-bur',
  'cone',
  'woody-cone-like-catkin',
  'ball',
  'pod',
]);

/** What becomes of the fruit of a taxon on the ground. Source: docs/formulas.md, What can be seen. */
function onGroundOf(profile: Profile): OnGround | undefined {
  const kind = usualState(profile, 'fruit.kind');
  if (kind === undefined) return undefined;
  if (usualState(profile, 'fruit.falls') === 'breaks-apart-on-the-tree' || kind === 'catkin-that-shatters') {
    return 'in-pieces';
  }
  return LASTING.has(kind) ? 'lasts' : 'gone-in-weeks';
}

export interface SeasonHere extends SeasonWindow {
  /** The taxon the window was recorded of. */
  readonly origin: string;
  /** Days by which it was shifted to the site; zero without a site. */
  readonly shift: number;
  /** Why the shift is a guess; null where it is none. */
  readonly guess: 'days' | 'distance' | null;
  /** A bound that what was seen at the site has moved. */
  readonly seen: 'none' | 'start' | 'end' | 'both';
}

/** Nearest windows win, kind by kind, as statements do; then they are shifted, and what was seen there overrides. */
function windowsOf(
  id: string,
  taxa: ReadonlyMap<string, TaxonNode>,
  rows: ReadonlyMap<string, readonly WindowRow[]>,
  site: SitePlace | null,
): SeasonHere[] {
  const found = new Map<WindowKind, WindowRow>();
  for (const level of lineage(taxa, id)) {
    for (const taxon of level) {
      const here = [...(rows.get(taxon) ?? [])].sort(
        (a, b) => Number(a.shipped ?? false) - Number(b.shipped ?? false),
      );
      for (const row of here) if (!found.has(row.kind)) found.set(row.kind, row);
    }
  }
  const rates = site?.rates ?? HOPKINS;
  const recorded = [...found.values()].map((row) => ({
    kind: row.kind,
    start: row.start,
    end: row.end,
    origin: row.taxon,
    shift: site ? shiftDays(row.ref, site, rates) : 0,
    guess: site ? guessReason(row.ref, site, rates) : null,
  }));
  return shiftWindows(recorded, rates).map((w) => {
    const seen = (site?.sightings ?? []).filter((o) => o.taxon === id && o.kind === w.kind);
    return { ...w, ...bySight(w, seen) };
  });
}

/**
 * Resolves the profiles and the shifted seasons of some taxa at a site, ready for comparison.
 * @param ids taxa to describe; `data` must hold them and all above them.
 * @param stage of the individual that is described by its taxon; null for the taxon itself, taken as grown.
 */
export function describeTaxa(
  ids: readonly string[],
  data: LibraryData,
  vocabulary: Vocabulary,
  site: SitePlace | null,
  stage: Stage | null = null,
): readonly DescribedTaxon[] {
  const taxa = new Map(data.taxa.map((t) => [t.id, t]));
  const rows = new Map<string, WindowRow[]>();
  for (const w of data.windows) rows.set(w.taxon, [...(rows.get(w.taxon) ?? []), w]);
  const policyOf = new Map((data.policies ?? []).map((p) => [p.character, p]));
  const profileOf = resolver({
    taxa,
    statements: data.statements,
    vocabulary,
    policy: data.policy,
    policyOf,
    ...(stage ? { stage } : {}),
  });
  return ids.map((id) => {
    const profile = profileOf(id);
    const windows = windowsOf(id, taxa, rows, site);
    const persistence = persistenceOf(profile);
    const onGround = onGroundOf(profile);
    const subject: Subject = {
      windows,
      ...(persistence ? { persistence } : {}),
      ...(onGround ? { onGround } : {}),
    };
    return { id, profile, values: profile, windows, subject };
  });
}
