import { leavesUnder } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { distributionOf, massBetween } from './distribution.ts';
import type { Distribution } from './distribution.ts';
import type { Tell } from './tells.ts';

/** Each call of a careful observer is misread this often. Source: docs/formulas.md, A careful observer. */
export const CAREFUL = 0.02;
const MOST_GROUPS = 5;
/** Steps of the grid on which log-likelihood ratios are added up. */
const GRID = 0.02;

/** Shares of two distributions over outcomes both are called by: states, numbers, or bins on the bounds of the two. */
function outcomes(c: Character, p: Distribution, q: Distribution): readonly (readonly [number, number])[] {
  if (p.kind === 'density' && q.kind === 'density') {
    const cuts = [...new Set([p.low, p.high, q.low, q.high])].sort((x, y) => x - y);
    const share = (d: typeof p, from: number, to: number): number =>
      d.law.mass === 0 ? 0 : massBetween(d.law, Math.max(d.low, from), Math.min(d.high, to)) / d.law.mass;
    return cuts.slice(1).map((to, i) => [share(p, cuts[i] ?? 0, to), share(q, cuts[i] ?? 0, to)]);
  }
  const of = (d: Distribution): ReadonlyMap<string, number> =>
    d.kind === 'discrete'
      ? d.p
      : d.kind === 'set'
        ? new Map([...d.states].map((s) => [s, 1 / d.states.size]))
        : new Map();
  const [a, b] = [of(p), of(q)];
  const keys = new Set(
    [...a.keys(), ...b.keys()].flatMap((k) => (c.states.length > 0 ? leavesUnder(c, k) : [k])),
  );
  return [...keys].map((k) => [a.get(k) ?? 0, b.get(k) ?? 0]);
}

/** What is called of each, misreadings shared out evenly over the other outcomes. */
function called(
  shares: readonly (readonly [number, number])[],
  misread: number,
): readonly (readonly [number, number])[] {
  const n = shares.length;
  if (n < 2) return shares;
  const say = (p: number): number => p * (1 - misread) + ((1 - p) * misread) / (n - 1);
  return shares.map(([p, q]) => [say(p), say(q)]);
}

/**
 * How often a careful observer who has the first of two before them, and knows it is one of the two, names it rightly:
 * E(A,B) = Σ P(y|A)²/(P(y|A)+P(y|B)) over the calls of at most the five strongest evidence groups, by adding up
 * log-likelihood ratios on a grid. Never by a class's miss rates. Source: docs/formulas.md, A careful observer.
 * @param tells what parts the two and can be plainly seen, strongest first; of an evidence group the first counts.
 * @returns 0.5 where nothing parts them, towards 1 the better they are parted.
 */
export function careful(
  tells: readonly Pick<Tell, 'character' | 'a' | 'b'>[],
  vocabulary: Vocabulary,
  misread = CAREFUL,
): number {
  const groups = new Set<string>();
  let ratios = new Map<number, number>([[0, 1]]);
  for (const t of tells) {
    const c = vocabulary.get(t.character);
    const group = c?.evidenceGroup ?? t.character;
    const [p, q] = [t.a, t.b].map((v: Value) => (c ? distributionOf(c, v) : null));
    if (!c || !p || !q || groups.has(group)) continue;
    if (groups.size === MOST_GROUPS) break;
    groups.add(group);
    const next = new Map<number, number>();
    for (const [a, b] of called(outcomes(c, p, q), misread)) {
      if (a <= 0) continue;
      const step = Math.round(Math.log(a / Math.max(b, 1e-12)) / GRID);
      for (const [at, mass] of ratios) next.set(at + step, (next.get(at + step) ?? 0) + mass * a);
    }
    ratios = next;
  }
  let right = 0;
  for (const [at, mass] of ratios) right += mass / (1 + Math.exp(-at * GRID));
  return right;
}
