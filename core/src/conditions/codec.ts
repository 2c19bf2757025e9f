import { isDate } from './day.ts';
import { DISTANCES, HANDLINGS, MATERIALS } from './types.ts';
import type { Conditions, Distance, Handling, Material } from './types.ts';

export const EVERYTHING_AT_THE_TREE: Omit<Conditions, 'date'> = {
  material: ['tree', 'twig', 'leaf'],
  handling: ['look', 'touch'],
  distance: 'hand',
  wet: false,
};

function chosen<T extends string>(text: string | null, all: readonly T[]): T[] | null {
  if (text === null) return null;
  const parts = new Set(text.split('.'));
  return all.filter((v) => parts.has(v));
}

/**
 * Conditions as the fields of an address, in one canonical order: `on`, `with`, `by`, `from`, `wet`.
 * Values that equal the fallback are left out, so that a plain address means the fallback.
 */
export function conditionsToQuery(c: Conditions, fallback: Conditions): [string, string][] {
  const sorted = <T extends string>(values: readonly T[], all: readonly T[]): string =>
    all.filter((v) => values.includes(v)).join('.');
  const rows: [string, string, string][] = [
    ['on', c.date, fallback.date],
    ['with', sorted(c.material, MATERIALS), sorted(fallback.material, MATERIALS)],
    ['by', sorted(c.handling, HANDLINGS), sorted(fallback.handling, HANDLINGS)],
    ['from', c.distance, fallback.distance],
    ['wet', c.wet ? '1' : '0', fallback.wet ? '1' : '0'],
  ];
  return rows.filter(([, value, plain]) => value !== plain).map(([key, value]) => [key, value]);
}

/** Reads conditions back from an address; anything missing or malformed falls back, never throws. */
export function conditionsFromQuery(get: (key: string) => string | null, fallback: Conditions): Conditions {
  const date = get('on');
  const material: Material[] | null = chosen(get('with'), MATERIALS);
  const handling: Handling[] | null = chosen(get('by'), HANDLINGS);
  const distance = get('from');
  const wet = get('wet');
  return {
    date: date !== null && isDate(date) ? date : fallback.date,
    material: material ?? fallback.material,
    handling: handling ? (handling.includes('look') ? handling : ['look', ...handling]) : fallback.handling,
    distance: DISTANCES.includes(distance as Distance) ? (distance as Distance) : fallback.distance,
    wet: wet === null ? fallback.wet : wet === '1',
  };
}
