import same from 'fast-deep-equal';
import { normalise } from '../names/index.ts';
import type { NamePart, RangePart, TaxonPart } from './document.ts';

type Section = Exclude<keyof TaxonPart, 'name' | 'rank' | 'statements'>;

const SECTIONS: readonly (readonly [Section, string])[] = [
  ['authority', 'authority'],
  ['pronunciation', 'pronunciation'],
  ['status', 'status'],
  ['checkedOn', 'day of the check'],
  ['parents', 'place'],
  ['names', 'names'],
  ['roots', 'roots'],
  ['prose', 'text'],
  ['cautions', 'cautions'],
  ['range', 'range'],
  ['areas', 'areas'],
  ['seasons', 'seasons'],
  ['record', 'record tree'],
];

/** Which sections of a taxon a part would change, in words. */
export const taxonChanges = (stands: TaxonPart, part: TaxonPart): readonly string[] =>
  SECTIONS.filter(([key]) => part[key] !== undefined && !same(part[key], stands[key] ?? null)).map(
    ([, label]) => label,
  );

const byKey = <T>(items: readonly T[], key: (t: T) => string): readonly T[] =>
  [...items].sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));

/** The order names stand in, in the library and in its files. */
export const inNameOrder = (names: readonly NamePart[]): readonly NamePart[] =>
  byKey(names, (n) => `${n.kind}/${n.preferred ? 0 : 1}/${normalise(n.text)}`);

export const inRegionOrder = (range: readonly RangePart[]): readonly RangePart[] =>
  byKey(range, (r) => r.region);

function addedNames(stands: readonly NamePart[], comes: readonly NamePart[]): readonly NamePart[] {
  const key = (n: NamePart): string => `${n.kind}/${normalise(n.text)}`;
  const known = new Set(stands.map(key));
  const prefers = stands.some((n) => n.kind === 'common' && n.preferred);
  const added = comes
    .filter((n) => !known.has(key(n)))
    .map((n) => (n.kind === 'common' && prefers ? { ...n, preferred: false } : n));
  return inNameOrder([...stands, ...added]);
}

function addedRange(stands: readonly RangePart[], comes: readonly RangePart[]): readonly RangePart[] {
  const of = new Map(stands.map((r) => [r.region, r]));
  for (const r of comes) {
    const old = of.get(r.region);
    of.set(r.region, { ...r, source: r.source ?? (old?.presence === r.presence ? old.source : null) });
  }
  return inRegionOrder([...of.values()]);
}

/**
 * What a taxon would be once a part of it is taken in.
 * @param adding whether names, regions and areas are added to what stands; its parents then stay as they are.
 */
export function mergedTaxon(stands: TaxonPart | undefined, comes: TaxonPart, adding: boolean): TaxonPart {
  const { statements: _, ...part } = comes;
  const ordered: TaxonPart = {
    ...part,
    ...(part.names ? { names: inNameOrder(part.names) } : {}),
    ...(part.range ? { range: inRegionOrder(part.range) } : {}),
  };
  if (!adding || !stands) return ordered;
  const { parents: _parents, ...rest } = ordered;
  return {
    ...rest,
    rank: stands.rank,
    ...(part.names ? { names: addedNames(stands.names ?? [], part.names) } : {}),
    ...(part.range ? { range: addedRange(stands.range ?? [], part.range) } : {}),
    ...(part.areas ? { areas: withAreas(stands.areas ?? [], part.areas) } : {}),
  };
}

function withAreas(stands: NonNullable<TaxonPart['areas']>, comes: NonNullable<TaxonPart['areas']>) {
  const known = new Set(stands.map((a) => JSON.stringify(a)));
  return [...stands, ...comes.filter((a) => !known.has(JSON.stringify(a)))];
}
