import { normalise } from '../names/index.ts';
import { PRESENCES } from '../range/index.ts';
import { writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import type { AreaGeometry, AreaPart, RangePart, TaxonPart } from './document.ts';
import { readJson } from './jsonText.ts';
import { MOST_REFUSALS, placesOf, refusal } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';

/** ISO 3166-2, with the three digits of a county behind a state: `US-MT`, `CA-BC`, `US-MT-089`. */
export const REGION = /^[A-Z]{2}(-[A-Z0-9]{1,6})?(-[0-9]{3})?$/;

/** Reads ranges by region code: columns `species`, `region`, `presence` and, if wanted, `source`. */
export function readRangeTable(text: string): ReadFile<readonly TaxonPart[]> {
  const csv = readCsv(text, ['species', 'region', 'presence']);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const refused: Refusal[] = [];
  const places = placesOf();
  const column = (name: string): number => head.indexOf(name);
  const bySpecies = new Map<string, { name: string; range: RangePart[] }>();
  for (const row of rows) {
    const cell = (name: string): string => row.cells[column(name)] ?? '';
    const [species, region, presence] = [
      cell('species'),
      cell('region').toUpperCase(),
      cell('presence').toLowerCase(),
    ];
    if (species === '')
      refused.push(
        refusal(at(row, column('species')), 'The row names no species.', 'Write its scientific name.'),
      );
    if (!REGION.test(region)) {
      refused.push(
        refusal(
          at(row, column('region')),
          `“${cell('region')}” is no region code.`,
          'Use ISO 3166-2, as US-MT or CA-BC; a county as US-MT-089.',
        ),
      );
    }
    if (!(PRESENCES as readonly string[]).includes(presence)) {
      refused.push(
        refusal(
          at(row, column('presence')),
          `“${cell('presence')}” is no presence.`,
          `Use ${PRESENCES.join(', ')}.`,
        ),
      );
    }
    const key = normalise(species);
    const of = bySpecies.get(key) ?? { name: species, range: [] };
    if (of.range.some((r) => r.region === region)) {
      refused.push(
        refusal(
          at(row, column('region')),
          `${region} is given twice for ${species}.`,
          'Keep one row for each species and region.',
        ),
      );
    }
    if (!bySpecies.has(key)) places.set(['taxa', bySpecies.size], at(row, column('species')));
    of.range.push({ region, presence, source: column('source') < 0 ? null : cell('source') || null });
    bySpecies.set(key, of);
    if (refused.length > MOST_REFUSALS) break;
  }
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  return {
    ok: true,
    value: [...bySpecies.values()].map((t) => ({ name: t.name, rank: 'species', range: t.range })),
    where: places.where,
    left: [],
  };
}

export const writeRangeTable = (
  taxa: readonly { readonly name: string; readonly range: readonly RangePart[] }[],
): string =>
  writeCsv([
    ['species', 'region', 'presence', 'source'],
    ...taxa.flatMap((t) => t.range.map((r) => [t.name, r.region, r.presence, r.source])),
  ]);

const MOST_POINTS = 20_000;

/** What is wrong with a ring of positions, in words; null where nothing is. */
function ringFault(ring: unknown): string | null {
  if (!Array.isArray(ring) || ring.length < 4) return 'A ring needs four positions or more.';
  if (ring.length > MOST_POINTS) return `A ring has at most ${MOST_POINTS} positions.`;
  for (const p of ring as unknown[]) {
    if (!Array.isArray(p) || p.length < 2) return 'A position is longitude and latitude.';
    const [lon, lat] = p as unknown[];
    if (typeof lon !== 'number' || typeof lat !== 'number' || Math.abs(lon) > 180 || Math.abs(lat) > 90) {
      return 'A position lies outside the world: longitude comes first, then latitude.';
    }
  }
  const [first, last] = [ring[0] as number[], ring.at(-1) as number[]];
  return first[0] === last[0] && first[1] === last[1] ? null : 'A ring must end where it begins.';
}

function geometryFault(geometry: unknown): string | null {
  const g = geometry as { type?: unknown; coordinates?: unknown } | null;
  if (g?.type !== 'Polygon' && g?.type !== 'MultiPolygon') return 'A range is a Polygon or a MultiPolygon.';
  if (!Array.isArray(g.coordinates)) return 'The geometry has no coordinates.';
  const polygons = g.type === 'Polygon' ? [g.coordinates as unknown] : (g.coordinates as unknown[]);
  for (const polygon of polygons) {
    if (!Array.isArray(polygon) || polygon.length === 0) return 'A polygon has no ring.';
    for (const ring of polygon as unknown[]) {
      const fault = ringFault(ring);
      if (fault) return fault;
    }
  }
  return null;
}

/**
 * Reads ranges drawn as GeoJSON (RFC 7946): a FeatureCollection whose features have `species`, `presence` and, if
 * wanted, `source` among their properties.
 */
export function readRangeMap(text: string): ReadFile<readonly TaxonPart[]> {
  const json = readJson(text);
  if (!json.ok) return json;
  const { value, where } = json;
  const refuse = (path: (string | number)[], message: string, remedy: string): Refusal =>
    refusal(where(path), message, remedy);
  const collection = value as { type?: unknown; features?: unknown } | null;
  if (collection?.type !== 'FeatureCollection' || !Array.isArray(collection.features)) {
    return {
      ok: false,
      refused: [
        refuse(
          [],
          'This is no GeoJSON FeatureCollection.',
          'Export the areas as a FeatureCollection in WGS 84.',
        ),
      ],
    };
  }
  const refused: Refusal[] = [];
  const taxa = new Map<string, { name: string; areas: AreaPart[]; at: number }>();
  (collection.features as unknown[]).forEach((f, i) => {
    const feature = f as { geometry?: unknown; properties?: Record<string, unknown> | null } | null;
    const { species, presence, source } = feature?.properties ?? {};
    if (typeof species !== 'string' || species.trim() === '') {
      refused.push(refuse(['features', i], 'The feature names no species.', 'Give it a property “species”.'));
      return;
    }
    if (typeof presence !== 'string' || !(PRESENCES as readonly string[]).includes(presence)) {
      refused.push(
        refuse(
          ['features', i, 'properties', 'presence'],
          `“${String(presence)}” is no presence.`,
          `Use ${PRESENCES.join(', ')}.`,
        ),
      );
    }
    const fault = geometryFault(feature?.geometry);
    if (fault)
      refused.push(refuse(['features', i, 'geometry'], fault, 'Fix the outline and export it again.'));
    if (refused.length > 0) return;
    const key = normalise(species);
    const of = taxa.get(key) ?? { name: species.trim(), areas: [], at: i };
    of.areas.push({
      presence: String(presence),
      geometry: feature?.geometry as AreaGeometry,
      source: typeof source === 'string' ? source : null,
    });
    taxa.set(key, of);
  });
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  const found = [...taxa.values()];
  return {
    ok: true,
    value: found.map((t) => ({ name: t.name, rank: 'species', areas: t.areas })),
    where: ([, i]) => where(['features', found[Number(i)]?.at ?? 0]),
    left: [],
  };
}

export const writeRangeMap = (
  taxa: readonly { readonly name: string; readonly areas: readonly AreaPart[] }[],
): string =>
  `${JSON.stringify({
    type: 'FeatureCollection',
    features: taxa.flatMap((t) =>
      t.areas.map((a) => ({
        type: 'Feature',
        properties: { species: t.name, presence: a.presence, source: a.source },
        geometry: a.geometry,
      })),
    ),
  })}\n`;
