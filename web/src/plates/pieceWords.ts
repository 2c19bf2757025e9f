import type { PieceKind } from '@hurrow/core/plates';

export const PIECE_WORDS: Readonly<Record<PieceKind, string>> = {
  tree: 'tree',
  bark: 'bark',
  leaf: 'leaf',
  detail: 'needle, 4 times',
  twig: 'twig',
  fruit: 'fruit',
};

/** How much smaller or larger than life a piece stands on the page. */
export function ratioWords(ratio: number | null, atBar: boolean): string {
  if (ratio === null) return 'size not recorded';
  if (atBar) return '';
  if (ratio > 20) return `1 : ${Math.round(ratio / 10) * 10}`;
  return ratio >= 1.05 ? `1 : ${ratio.toFixed(1)}` : ratio > 0.95 ? 'life size' : '';
}
