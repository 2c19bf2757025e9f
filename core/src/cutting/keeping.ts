import { addDays } from '../conditions/index.ts';
import type { Material } from '../conditions/index.ts';

/** What of a species decides how long its parts keep. */
export interface KeepsBy {
  readonly genus: string;
  /** The kind of its leaves; null where it is not recorded. */
  readonly leafKind: 'broad' | 'needle' | 'scale' | 'awl' | null;
  /** Whether it has its leaves on the day. */
  readonly inLeaf: boolean;
  /** The kind of its fruit; null where it is not recorded. */
  readonly fruitKind: string | null;
}

/** Parts that are cut or gathered for a table. */
export const GATHERED = [
  'twig',
  'leaf',
  'fruit',
  'litter',
  'bark',
  'section',
] as const satisfies readonly Material[];
export type Gathered = (typeof GATHERED)[number];
export const isGathered = (m: Material): m is Gathered => (GATHERED as readonly Material[]).includes(m);

/** Needles of these drop within days of being cut, dry or not. */
const DROPPING: Readonly<Record<string, number>> = { Picea: 3, Tsuga: 3, Larix: 3 };
/** Cones of these fall to pieces in the warmth of a room. */
const SHATTERING: readonly string[] = ['Abies'];
const FLESHY: readonly string[] = ['berry', 'drupe', 'pome', 'fleshy-cone', 'aril', 'hip', 'multiple'];

/**
 * Days for which a part keeps after it is cut, in water or a damp bag and out of the sun. A table of field practice, by
 * material and group. Source: docs/formulas.md, How long cut parts keep.
 */
export function keepsDays(material: Gathered, { genus, leafKind, inLeaf, fruitKind }: KeepsBy): number {
  switch (material) {
    case 'twig': {
      if (!inLeaf) return 14;
      const dropping = DROPPING[genus];
      if (dropping !== undefined) return dropping;
      return leafKind === 'needle' || leafKind === 'scale' || leafKind === 'awl' ? 10 : 4;
    }
    case 'leaf':
      return leafKind === 'needle' || leafKind === 'scale' || leafKind === 'awl'
        ? (DROPPING[genus] ?? 10)
        : 5;
    case 'fruit':
      if (SHATTERING.includes(genus)) return 4;
      return fruitKind !== null && FLESHY.includes(fruitKind) ? 4 : 60;
    case 'litter':
      return 30;
    case 'bark':
    case 'section':
      return 365;
  }
}

/** The last day on which a part is good, ISO. */
export const goodUntil = (takenOn: string, days: number): string => addDays(takenOn, days);

/** The first day on which a part may be taken so that it is still good on the day of the sitting, ISO. */
export const gatherFrom = (on: string, days: number): string => addDays(on, -days);
