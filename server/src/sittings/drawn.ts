import type { Sketch, Station } from '@hurrow/contract';
import type { Value } from '@hurrow/core/characters';
import type { Material, Organ } from '@hurrow/core/conditions';
import { drawnSpecimen, hash } from '@hurrow/core/plates';
import type { Box, PieceKind } from '@hurrow/core/plates';
import { groundsOf, shownValues } from '@hurrow/core/stations';
import { describeTaxa } from '@hurrow/core/tells';
import type { Sql } from '../db/index.ts';
import { readLibrary, vocabularyToRead } from '../library/index.ts';
import { FOR_A_CARD, asSketch } from './sketch.ts';

/** The organ a call is about, as a plate shows it. */
const PIECE_OF: Readonly<Partial<Record<Organ, readonly PieceKind[]>>> = {
  form: ['tree'],
  bark: ['bark'],
  twig: ['twig'],
  leaf: ['detail'],
  fruit: ['fruit'],
};
const BARS: readonly number[] = [5, 10, 20, 50, 100];

/** A round length of about a third of a drawing's longer side. */
const barFor = ({ width, height }: Box): number => {
  const wanted = Math.max(width, height) / 3;
  return BARS.reduce((best, n) => (Math.abs(n - wanted) < Math.abs(best - wanted) ? n : best));
};

/** What trees show by their species' profiles and what was checked at them, as both stand now. */
export async function valuesNow(
  sql: Sql,
  ws: string,
  stations: readonly Station[],
): Promise<ReadonlyMap<string, ReadonlyMap<string, Value>>> {
  const vocabulary = await vocabularyToRead(sql, ws);
  const taxa = [...new Set(stations.map((s) => s.tree.taxon.id))];
  const described = new Map(
    describeTaxa(taxa, await readLibrary(sql, ws, taxa), vocabulary, null).map((d) => [d.id, d.profile]),
  );
  return new Map(
    stations.map((s) => {
      const profile = described.get(s.tree.taxon.id) ?? new Map<string, { readonly value: Value }>();
      return [s.id, shownValues(groundsOf(profile, s.tree.certified))] as const;
    }),
  );
}

/**
 * The drawings of stations that are plates: one individual of what the tree is, as it is certified to show, drawn from
 * a seed of this sitting alone. Foliage always, and the organs that character questions ask for.
 * @param places stations with their random public id and what is at hand there.
 * @param frozen what each station shows by its key, by station id; what it shows now where there is none.
 */
export async function drawnStations(
  sql: Sql,
  ws: string,
  stations: readonly Station[],
  places: readonly {
    readonly station: string;
    readonly public_id: string;
    readonly material: readonly string[];
  }[],
  frozen: ReadonlyMap<string, ReadonlyMap<string, Value>> | null = null,
): Promise<ReadonlyMap<string, readonly Sketch[]>> {
  const plates = places.filter((p) => p.material.includes('plate' satisfies Material));
  if (plates.length === 0) return new Map();
  const vocabulary = await vocabularyToRead(sql, ws);
  const shown = stations.filter((s) => plates.some((p) => p.station === s.id));
  const values = frozen ?? (await valuesNow(sql, ws, shown));
  return new Map(
    shown.map((station) => {
      const place = plates.find((p) => p.station === station.id);
      const profile = new Map([...(values.get(station.id) ?? [])].map(([k, value]) => [k, { value }]));
      const asked = station.asks.flatMap((a) => {
        const organ = vocabulary.get(a.character ?? '')?.organ;
        return organ ? (PIECE_OF[organ] ?? []) : [];
      });
      const kinds: readonly PieceKind[] = [...new Set<PieceKind>(['leaf', ...asked])];
      const sketches = kinds.flatMap((kind): Sketch[] => {
        const drawn = drawnSpecimen(profile, vocabulary, kind, hash(place?.public_id ?? ''));
        if (!drawn) return [];
        return [asSketch(drawn.marks, drawn.box, drawn.trueSize ? barFor(drawn.box) : null, FOR_A_CARD)];
      });
      return [station.id, sketches] as const;
    }),
  );
}
