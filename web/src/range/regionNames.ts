import { isCounty, regionOf } from '@hurrow/core/range';

/** A region as it is called: a county with its state. */
export function nameOfRegion(code: string, counties: Readonly<Record<string, string>>): string {
  const state = regionOf(code)?.name ?? code;
  if (!isCounty(code)) return state;
  return `${counties[code] ?? code.slice(-3)} County, ${state}`;
}
