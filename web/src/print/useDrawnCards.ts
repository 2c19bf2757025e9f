import { useMemo } from 'react';
import { drawnCards, pieceFor } from '@hurrow/core/reteach';
import type { DrawnCard } from '@hurrow/core/reteach';
import type { Contrast } from '../reteach/index.ts';

/** Drawn individuals of both species, on the piece that shows the first look that is drawn. */
export const useDrawnCards = (contrast: Contrast | null, each: number): readonly DrawnCard[] =>
  useMemo(() => {
    if (!contrast) return [];
    const { first, second, plan, say } = contrast;
    const pieces = plan.looks.flatMap((l) => pieceFor(l.character) ?? []);
    return drawnCards(
      [first.described, second.described],
      [...pieces, 'leaf', 'twig', 'fruit', 'bark'],
      each,
      say.vocabulary,
    );
  }, [contrast, each]);

/** The names of drawn individuals by their numbers: *1 grand fir, 2 subalpine fir*. */
export const namesByNumber = (
  cards: readonly DrawnCard[],
  names: readonly [string, string],
): readonly string[] => cards.map((c, i) => `${i + 1} ${names[c.of === 'first' ? 0 : 1]}`);
