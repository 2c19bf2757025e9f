import type { Character, Vocabulary } from '../characters/index.ts';
import { distributionOf } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';

/** How learners' own piles go with one character. */
export interface Agreement {
  readonly character: Character;
  /** The adjusted Rand index: 1 where the piles are those of the character, about 0 where they are as chance has it. */
  readonly index: number;
  /** The state most of each pile has; null for a pile without any. */
  readonly states: readonly (string | null)[];
  /** Cards that lie in another pile than most of their state. */
  readonly strays: readonly number[];
}

const pairs = (n: number): number => (n * (n - 1)) / 2;

/**
 * The adjusted Rand index of two ways to part the same things. Source: Hubert and Arabie 1985.
 * @param a the pile of each thing; `b` its class.
 */
export function adjustedRand(a: readonly number[], b: readonly number[]): number {
  if (a.length !== b.length) throw new RangeError('Both must part the same things');
  const joint = new Map<string, number>();
  const [rows, columns] = [new Map<number, number>(), new Map<number, number>()];
  a.forEach((x, i) => {
    const y = b[i] ?? 0;
    joint.set(`${x}/${y}`, (joint.get(`${x}/${y}`) ?? 0) + 1);
    rows.set(x, (rows.get(x) ?? 0) + 1);
    columns.set(y, (columns.get(y) ?? 0) + 1);
  });
  const sum = (m: ReadonlyMap<unknown, number>): number => [...m.values()].reduce((s, n) => s + pairs(n), 0);
  const [both, inA, inB, all] = [sum(joint), sum(rows), sum(columns), pairs(a.length)];
  const expected = all === 0 ? 0 : (inA * inB) / all;
  const most = (inA + inB) / 2;
  return most === expected ? 1 : (both - expected) / (most - expected);
}

/** The state most individuals of a taxon have. */
function mostly(c: Character, d: Described): string | null {
  const value = d.values.get(c.id)?.value;
  const dist = value ? distributionOf(c, value) : null;
  if (dist?.kind !== 'discrete') return null;
  return [...dist.p].sort((x, y) => y[1] - x[1])[0]?.[0] ?? null;
}

/**
 * Holds learners' own piles against the characters of the vocabulary: which terms their piles come closest to, and which
 * cards lie elsewhere.
 * @param piles places in the list, pile by pile; a card may be left out.
 * @returns the closest first, only characters recorded of every card laid.
 */
export function comparePiles(
  piles: readonly (readonly number[])[],
  list: readonly Described[],
  vocabulary: Vocabulary,
  most: number,
): readonly Agreement[] {
  const cards = piles.flatMap((p, pile) => p.map((member) => ({ member, pile })));
  return [...vocabulary.values()]
    .filter((c) => !c.retired && c.states.length > 0)
    .flatMap((character): Agreement[] => {
      const states = cards.map(({ member }) => {
        const d = list[member];
        return d ? mostly(character, d) : null;
      });
      if (states.some((s) => s === null)) return [];
      const kinds = [...new Set(states)];
      if (kinds.length < 2) return [];
      const byPile = piles.map((_, p) => {
        const here = cards.flatMap((c, i) => (c.pile === p ? [states[i] ?? ''] : []));
        const counts = kinds.map((k) => ({ k, n: here.filter((s) => s === k).length }));
        return here.length === 0 ? null : (counts.sort((x, y) => y.n - x.n)[0]?.k ?? null);
      });
      return [
        {
          character,
          index: adjustedRand(
            cards.map((c) => c.pile),
            states.map((s) => kinds.indexOf(s)),
          ),
          states: byPile,
          strays: cards.flatMap((c, i) => (states[i] === byPile[c.pile] ? [] : [c.member])),
        },
      ];
    })
    .sort((x, y) => y.index - x.index)
    .slice(0, most);
}
