import type { RangeValue, Value } from '../characters/index.ts';
import { presenceAt } from './presence.ts';
import type { Presence, RangeArea, RangeRecord, Spot } from './presence.ts';

/** A place and what is known of its ground. */
export interface GrowingPlace extends Spot {
  /** Metres above the sea; null where unknown. */
  readonly elevM: number | null;
  /** Hardiness zone, 1 to 13; null where unknown. */
  readonly zone: number | null;
  /** States of site characters that hold here, as `site.moisture: wet`. */
  readonly ground: Readonly<Record<string, string>>;
}

export type Fit = 'fits' | 'limit' | 'no' | 'unknown';

export interface Ground {
  readonly of: 'region' | 'elevation' | 'zone' | 'ground';
  /** The character that says so; null for the region. */
  readonly character: string | null;
  readonly fit: Fit;
  readonly presence?: Presence;
  /** The value it was held against. */
  readonly value?: Value;
}

export interface Growing {
  /** The weakest of the grounds that are known; unknown where none is. */
  readonly fit: Fit;
  readonly grounds: readonly Ground[];
}

/** Within low and high it fits, within the extremes it is at its limit, beyond them it does not grow. */
export function fitOfNumber(at: number, value: RangeValue): Fit {
  if (at >= value.low && (value.more || at <= value.high)) return 'fits';
  return at >= (value.xlow ?? value.low) && at <= (value.xhigh ?? value.high) ? 'limit' : 'no';
}

function fitOfState(state: string, value: Value): Fit {
  if (value.kind !== 'states') return 'unknown';
  const freq = value.states.find((s) => s.state === state)?.freq;
  if (freq === 'usual') return 'fits';
  return freq === 'sometimes' || freq === 'rare' ? 'limit' : 'no';
}

function ofRange(records: readonly RangeRecord[], areas: readonly RangeArea[], place: GrowingPlace): Ground {
  const none: Ground = { of: 'region', character: null, fit: 'unknown' };
  if (records.length === 0 && areas.length === 0) return none;
  const found = presenceAt(records, areas, place);
  if (!found) return place.region === null ? none : { ...none, fit: 'no' };
  return {
    ...none,
    presence: found.presence,
    fit: found.presence === 'rare' ? 'limit' : 'fits',
  };
}

/**
 * Whether a species could grow at a place, by its range, elevation, hardiness zones and what it is recorded to stand
 * on. What is not known of the place or of the species decides nothing and is told as unknown.
 * Source: docs/domain.md, Taxa.
 */
export function couldGrow(
  place: GrowingPlace,
  values: ReadonlyMap<string, { readonly value: Value }>,
  records: readonly RangeRecord[],
  areas: readonly RangeArea[],
): Growing {
  const number = (of: 'elevation' | 'zone', character: string, at: number | null): Ground => {
    const value = values.get(character)?.value;
    return value?.kind === 'range' && at !== null
      ? { of, character, fit: fitOfNumber(at, value), value }
      : { of, character, fit: 'unknown', ...(value ? { value } : {}) };
  };
  const grounds: readonly Ground[] = [
    ofRange(records, areas, place),
    // The vocabulary keeps elevation as it keeps every length: in millimetres.
    number('elevation', 'site.elevation', place.elevM === null ? null : place.elevM * 1000),
    number('zone', 'site.zones', place.zone),
    ...Object.entries(place.ground).map(([character, state]): Ground => {
      const value = values.get(character)?.value;
      return value
        ? { of: 'ground', character, fit: fitOfState(state, value), value }
        : { of: 'ground', character, fit: 'unknown' };
    }),
  ];
  const known = grounds.filter((g) => g.fit !== 'unknown').map((g) => g.fit);
  const fit: Fit =
    known.length === 0 ? 'unknown' : known.includes('no') ? 'no' : known.includes('limit') ? 'limit' : 'fits';
  return { fit, grounds };
}
