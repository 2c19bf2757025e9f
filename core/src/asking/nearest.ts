import { shownStates } from '../characters/index.ts';
import type { Value } from '../characters/index.ts';
import type { Described } from '../tells/index.ts';

/** Pairs of which little is recorded on both sides are drawn toward this many characters half alike. */
const IMAGINED = 6;

function alike(a: Value, b: Value): boolean | null {
  if (a.kind === 'states' && b.kind === 'states') {
    const shown = new Set(shownStates(b).map((s) => s.state));
    return shownStates(a).some((s) => shown.has(s.state));
  }
  if (a.kind === 'range' && b.kind === 'range') return a.low <= b.high && b.low <= a.high;
  return null;
}

/** How alike two species are: the share of characters recorded of both that agree in some state, drawn toward a half. */
function likeness(a: Described, b: Described): number {
  let [same, compared] = [0, 0];
  for (const [id, { value }] of a.values) {
    const other = b.values.get(id)?.value;
    const agrees = other ? alike(value, other) : null;
    if (agrees === null) continue;
    compared += 1;
    if (agrees) same += 1;
  }
  return (same + IMAGINED / 2) / (compared + IMAGINED);
}

/** Species by how alike they are to one, the most alike first: what stands beside it in a question. */
export const nearest = (own: Described, others: readonly Described[]): readonly string[] =>
  others
    .filter((d) => d.id !== own.id)
    .map((d) => ({ id: d.id, like: likeness(own, d) }))
    .sort((a, b) => b.like - a.like || (a.id < b.id ? -1 : 1))
    .map((x) => x.id);
