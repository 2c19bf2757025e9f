import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { countyFinder, countyNames, regionOf } from '@hurrow/core/range';
import type { Atlas, Located } from '@hurrow/core/range';

interface Ground {
  readonly find: (lat: number, lon: number) => Located | null;
  readonly names: ReadonlyMap<string, string>;
}

let kept: Ground | undefined;

/** The counties of the United States, read when they are first asked for. */
function ground(): Ground {
  if (kept) return kept;
  const file = createRequire(import.meta.url).resolve('us-atlas/counties-10m.json');
  const atlas = JSON.parse(readFileSync(file, 'utf8')) as Atlas;
  kept = { find: countyFinder(atlas), names: countyNames(atlas) };
  return kept;
}

export const countyAt = (lat: number, lon: number): Located | null => ground().find(lat, lon);

/** A region in words: a county with its state, else the state or province. */
export function regionWords(code: string): string {
  const county = ground().names.get(code);
  const state = regionOf(code)?.name ?? code;
  return county === undefined ? state : `${county} County, ${state}`;
}

export const countyName = (code: string): string | undefined => ground().names.get(code);
