import type { MixUpRow, MixUps } from '@hurrow/contract';

/** A cell of the matrix: who wrote what is across for what is down. */
export interface Cell {
  readonly row: MixUpRow;
  readonly x: number;
  readonly y: number;
}

export interface Matrix {
  /** Species down and across, by id, in one order. */
  readonly species: readonly string[];
  readonly cells: readonly Cell[];
  /** Clusters as stretches of places, both ends included. */
  readonly frames: readonly { readonly from: number; readonly to: number }[];
}

/** The matrix of a board; of one cluster alone where it is chosen. */
export function matrixOf(
  { order, clusters, pairs }: Pick<MixUps, 'order' | 'clusters' | 'pairs'>,
  zoom: number | null,
): Matrix {
  const species = zoom === null ? order : (clusters[zoom] ?? order);
  const place = new Map(species.map((s, i) => [s, i]));
  const cells = pairs.flatMap((row): Cell[] => {
    const [y, x] = [place.get(row.truth.id), place.get(row.answer.id)];
    return x === undefined || y === undefined ? [] : [{ row, x, y }];
  });
  const frames =
    zoom === null
      ? clusters.flatMap((c) => {
          const places = c.flatMap((s) => place.get(s) ?? []);
          return places.length > 1 ? [{ from: Math.min(...places), to: Math.max(...places) }] : [];
        })
      : [];
  return { species, cells, frames };
}
