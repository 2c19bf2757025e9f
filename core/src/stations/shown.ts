import { allowedHandling } from '../conditions/index.ts';
import type { Conditions, Distance, Handling, Material, Subject, Stage } from '../conditions/index.ts';
import type { Value } from '../characters/index.ts';
import type { Described, DescribedTaxon } from '../tells/index.ts';

/** The tree or specimen of a station, or a species alone where nothing stands there. */
export interface Shown {
  readonly individual: string | null;
  readonly taxon: string;
  readonly certified: Readonly<Record<string, Value>>;
  readonly cautions: Parameters<typeof allowedHandling>[1];
  /** The stage of life of the individual, where it is recorded. */
  readonly stage?: Stage;
  readonly reach?: Subject['reach'];
  /** Characters that its bag hides. */
  readonly hides?: readonly string[];
}

/** How a station is met at one sitting. */
export interface Setting {
  readonly date: string;
  readonly material: readonly Material[];
  readonly takenOn?: Readonly<Partial<Record<Material, string>>>;
  readonly handling: readonly Handling[];
  readonly distance: Distance;
  readonly wet: boolean;
}

/** The conditions at a station: what its cautions forbid is taken out of what is allowed. */
export const conditionsOf = (setting: Setting, shown: Pick<Shown, 'cautions'>): Conditions => ({
  ...setting,
  handling: allowedHandling(setting.handling, shown.cautions),
});

/** A station as it is compared: its individual described, the taxon it truly is, and the conditions there. */
export interface StationShown {
  readonly tree: Described;
  readonly taxon: string;
  readonly conditions: Conditions;
}

/**
 * What an individual shows at a station: what was checked at it before what its taxon's profile says, within its own
 * reach, under what its cautions leave of the sitting's conditions. Source: docs/domain.md, Stations.
 * @param own its taxon, described for the site and for its stage of life.
 */
export function stationShown(shown: Shown, setting: Setting, own: DescribedTaxon): StationShown {
  const certified = Object.entries(shown.certified).map(([k, value]) => [k, { value }] as const);
  return {
    tree: {
      id: shown.individual ?? shown.taxon,
      subject: {
        ...own.subject,
        ...(shown.reach ? { reach: shown.reach } : {}),
        ...(shown.hides && shown.hides.length > 0 ? { hides: shown.hides } : {}),
      },
      values: new Map([...own.values, ...certified]),
    },
    taxon: shown.taxon,
    conditions: conditionsOf(setting, shown),
  };
}

/** One character of a station: what its taxon's profile says and what was checked, kept apart. */
export interface FrozenValue {
  readonly character: string;
  readonly profile: Value | null;
  /** What was checked at the tree, which counts before the profile. */
  readonly certified: Value | null;
}

export const shownValue = (v: Pick<FrozenValue, 'profile' | 'certified'>): Value | undefined =>
  v.certified ?? v.profile ?? undefined;

/** What a station shows, character by character, with both its grounds; sorted by character. */
export function groundsOf(
  profile: ReadonlyMap<string, { readonly value: Value }>,
  certified: Shown['certified'],
): readonly FrozenValue[] {
  return [...new Set([...profile.keys(), ...Object.keys(certified)])].sort().map((character) => ({
    character,
    profile: profile.get(character)?.value ?? null,
    certified: certified[character] ?? null,
  }));
}

/** The values a station shows, by character. */
export const shownValues = (grounds: readonly FrozenValue[]): ReadonlyMap<string, Value> =>
  new Map(
    grounds.flatMap((g) => {
      const value = shownValue(g);
      return value ? [[g.character, value] as const] : [];
    }),
  );
