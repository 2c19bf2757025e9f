import type { Character, Vocabulary } from '../characters/index.ts';
import { chance, drawnSpecimen, hash } from '../plates/index.ts';
import type { DrawnSpecimen, PieceKind } from '../plates/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';

/** Characters of needles that are drawn enlarged. */
const ENLARGED: ReadonlySet<string> = new Set([
  'needle.bands',
  'needle.section',
  'needle.tip',
  'needle.margin',
]);
const OF_ORGAN: Readonly<Partial<Record<Character['organ'], PieceKind>>> = {
  form: 'tree',
  bark: 'bark',
  twig: 'twig',
  leaf: 'leaf',
  fruit: 'fruit',
};

/** The piece on which a character is drawn; null where it is not drawn. */
export const pieceFor = (c: Pick<Character, 'id' | 'organ'>): PieceKind | null =>
  ENLARGED.has(c.id) ? 'detail' : (OF_ORGAN[c.organ] ?? null);

/** A drawn individual of one of two look-alikes. */
export interface DrawnCard {
  readonly of: 'first' | 'second';
  readonly drawing: DrawnSpecimen;
}

/** Puts things in an order that gives nothing away, the same for one seed. */
export function shuffledBy<T>(all: readonly T[], seed: number): readonly T[] {
  const next = chance(seed);
  const left = [...all];
  const out: T[] = [];
  while (left.length > 0) out.push(...left.splice(Math.floor(next.next() * left.length), 1));
  return out;
}

/**
 * Draws so many individuals of each of two look-alikes, every one within the recorded variation of its species and none like
 * another, in an order that gives nothing away.
 * @param pieces the pieces that may be drawn, the best first; the first that both have is taken.
 */
export function drawnCards(
  [a, b]: readonly [DescribedTaxon, DescribedTaxon],
  pieces: readonly PieceKind[],
  each: number,
  vocabulary: Vocabulary,
): readonly DrawnCard[] {
  const draw = (own: DescribedTaxon, piece: PieceKind, i: number): DrawnSpecimen | null =>
    drawnSpecimen(own.values, vocabulary, piece, hash(`${own.id}/${piece}/${i}`));
  const piece = pieces.find((p) => draw(a, p, 0) && draw(b, p, 0));
  if (!piece) return [];
  const cards = Array.from({ length: each }, (_, i) => i).flatMap((i): DrawnCard[] =>
    ([a, b] as const).flatMap((own, k): DrawnCard[] => {
      const drawing = draw(own, piece, i);
      return drawing ? [{ of: k === 0 ? 'first' : 'second', drawing }] : [];
    }),
  );
  return shuffledBy(cards, hash(`${a.id}/${b.id}/${piece}`));
}
