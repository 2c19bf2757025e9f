import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Value } from '../characters/index.ts';
import {
  REGIONS,
  challengeOf,
  countyCode,
  couldGrow,
  countyFinder,
  presenceAt,
  regionOf,
  stateOutlines,
} from './index.ts';
import type { Atlas, GrowingPlace, RangeRecord } from './index.ts';

const RECORDS: readonly RangeRecord[] = [
  { region: 'US-MT', presence: 'native' },
  { region: 'US-MT-089', presence: 'planted' },
  { region: 'CA-BC', presence: 'rare' },
];
const SQUARE = {
  type: 'Polygon' as const,
  coordinates: [
    [
      [-116, 47],
      [-116, 48],
      [-115, 48],
      [-115, 47],
      [-116, 47],
    ],
  ],
};
const at = (region: string | null, lat = 47.5, lon = -120) => ({ region, lat, lon });

describe('regions', () => {
  test('fifty states and the district, thirteen provinces, thirty-two Mexican states, each code once', () => {
    const count = (c: string) => REGIONS.filter((r) => r.country === c).length;
    expect([count('US'), count('CA'), count('MX')]).toEqual([51, 13, 32]);
    expect(new Set(REGIONS.map((r) => r.code)).size).toBe(96);
    expect([regionOf('US-MT-089')?.name, regionOf('MX-NLE')?.name, regionOf('US-ZZ')]).toEqual([
      'Montana',
      'Nuevo León',
      null,
    ]);
    expect([countyCode('30089'), countyCode('99001'), countyCode('3008')]).toEqual(['US-MT-089', null, null]);
  });
});

describe('presence at a place', () => {
  test('a county says more than its state, and an area drawn says more than either', () => {
    expect(presenceAt(RECORDS, [], at('US-MT-001'))?.presence).toBe('native');
    expect(presenceAt(RECORDS, [], at('US-MT-089'))).toEqual({
      presence: 'planted',
      by: { region: 'US-MT-089' },
    });
    expect(presenceAt(RECORDS, [], at('US-ID-017'))).toBeNull();
    const areas = [{ presence: 'native' as const, geometry: SQUARE }];
    expect(presenceAt(RECORDS, areas, at('US-MT-089', 47.5, -115.5))?.by).toEqual({ area: 0 });
    expect(presenceAt(RECORDS, areas, at('US-MT-089', 46, -115.5))?.by).toEqual({ region: 'US-MT-089' });
  });

  test('an area holds the same places whichever way its rings are wound, and not what its hole holds', () => {
    const ring = (west: number, south: number, size: number) => [
      [west, south],
      [west + size, south],
      [west + size, south + size],
      [west, south + size],
      [west, south],
    ];
    const [outline, hole] = [ring(-116, 47, 1), ring(-115.6, 47.4, 0.2)];
    for (const turn of [(r: number[][]) => r, (r: number[][]) => [...r].reverse()]) {
      const geometry = { type: 'Polygon' as const, coordinates: [turn(outline), turn(hole)] };
      const holds = (lat: number, lon: number) =>
        presenceAt([], [{ presence: 'native', geometry }], { region: null, lat, lon }) !== null;
      expect([holds(47.2, -115.8), holds(47.5, -115.5), holds(40, -100)]).toEqual([true, false, false]);
    }
  });

  test('a tree outside the range challenges it, one that was planted there by another record', () => {
    expect(challengeOf(RECORDS, [], at('US-ID-017'), false)).toEqual({
      kind: 'outside',
      region: 'US-ID-017',
      offer: 'rare',
    });
    expect(challengeOf(RECORDS, [], at('US-ID-017'), true)?.offer).toBe('planted');
    expect(challengeOf(RECORDS, [], at('US-MT-089'), false)?.kind).toBe('planted_only');
    expect(challengeOf(RECORDS, [], at('US-MT-089'), true)).toBeNull();
    expect(challengeOf(RECORDS, [], at('US-MT-001'), false)).toBeNull();
    expect(challengeOf([], [], at('US-ID-017'), false)).toBeNull();
    expect(challengeOf(RECORDS, [], at(null), false)).toBeNull();
  });
});

const range = (low: number, high: number, xlow: number | null, xhigh: number | null): Value => ({
  kind: 'range',
  xlow,
  low,
  high,
  xhigh,
  entered: '',
});

const metres = (v: Value): Value =>
  v.kind === 'range'
    ? {
        ...v,
        low: v.low * 1000,
        high: v.high * 1000,
        xlow: v.xlow === null ? null : v.xlow * 1000,
        xhigh: v.xhigh === null ? null : v.xhigh * 1000,
      }
    : v;

describe('who could grow here', () => {
  const place: GrowingPlace = { ...at('US-MT-001'), elevM: 900, zone: 5, ground: { 'site.moisture': 'wet' } };
  const values = (elevation: Value, moisture: readonly (readonly [string, 'usual' | 'rare'])[]) =>
    new Map<string, { value: Value }>([
      ['site.elevation', { value: metres(elevation) }],
      ['site.zones', { value: range(4, 6, null, null) }],
      [
        'site.moisture',
        { value: { kind: 'states', states: moisture.map(([state, freq]) => ({ state, freq })) } },
      ],
    ]);
  const verdict = (p: GrowingPlace, v: ReadonlyMap<string, { value: Value }>) =>
    couldGrow(p, v, RECORDS, []).fit;

  test('is the weakest of what is known: fits, at its limit, does not', () => {
    expect(verdict(place, values(range(600, 1500, 300, 1900), [['wet', 'usual']]))).toBe('fits');
    expect(verdict({ ...place, elevM: 1700 }, values(range(600, 1500, 300, 1900), [['wet', 'usual']]))).toBe(
      'limit',
    );
    expect(verdict(place, values(range(600, 1500, 300, 1900), [['wet', 'rare']]))).toBe('limit');
    expect(verdict({ ...place, zone: 8 }, values(range(600, 1500, null, null), [['wet', 'usual']]))).toBe(
      'no',
    );
    expect(verdict(place, values(range(600, 1500, null, null), [['dry', 'usual']]))).toBe('no');
    expect(
      verdict({ ...place, region: 'US-FL-001' }, values(range(0, 3000, null, null), [['wet', 'usual']])),
    ).toBe('no');
  });

  test('what is unknown decides nothing', () => {
    const nothing = couldGrow(
      { ...place, region: null, elevM: null, zone: null, ground: {} },
      new Map(),
      RECORDS,
      [],
    );
    expect([nothing.fit, nothing.grounds.map((g) => g.fit)]).toEqual([
      'unknown',
      ['unknown', 'unknown', 'unknown'],
    ]);
    expect(couldGrow(place, new Map(), [], []).fit).toBe('unknown');
  });

  test('to know one thing more never turns a no into a yes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 1, max: 13 }), (elevM, zone) => {
        const v = values(range(600, 1500, 300, 1900), [['wet', 'usual']]);
        if (verdict({ ...place, elevM, zone: null }, v) === 'no')
          expect(verdict({ ...place, elevM, zone }, v)).toBe('no');
      }),
    );
  });
});

/** Two square counties of one state, as an atlas. */
const ATLAS = {
  type: 'Topology',
  arcs: [
    [
      [-116, 47],
      [-116, 48],
      [-115, 48],
      [-115, 47],
      [-116, 47],
    ],
  ],
  objects: {
    states: {
      type: 'GeometryCollection',
      geometries: [{ type: 'Polygon', id: '30', properties: { name: 'Montana' }, arcs: [[0]] }],
    },
    counties: {
      type: 'GeometryCollection',
      geometries: [{ type: 'Polygon', id: '30089', properties: { name: 'Sanders' }, arcs: [[0]] }],
    },
  },
} as unknown as Atlas;

describe('an atlas', () => {
  test('is drawn by code, and finds the county of a point', () => {
    expect(stateOutlines(ATLAS)).toEqual([
      { code: 'US-MT', name: 'Montana', path: expect.stringMatching(/^M.*Z$/), box: [-116, 47, -115, 48] },
    ]);
    const find = countyFinder(ATLAS);
    expect(find(47.5, -115.5)).toEqual({ code: 'US-MT-089', name: 'Sanders' });
    expect(find(47.5, -114.5)).toBeNull();
  });
});
