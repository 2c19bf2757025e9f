import { agnes } from 'ml-hclust';

/** A directed pair with how often it is mixed up. */
export interface Confused {
  readonly truth: string;
  readonly answer: string;
  readonly students: number;
  readonly flagged: boolean;
}

export interface MatrixOrder {
  /** Species in an order that puts confused ones side by side. */
  readonly species: readonly string[];
  /** Sets of species joined by flagged pairs, each in that order; only those of two or more. */
  readonly clusters: readonly (readonly string[])[];
}

interface Branch {
  readonly index: number;
  readonly children: readonly Branch[];
  readonly isLeaf: boolean;
}

const leaves = (b: Branch): readonly number[] => (b.isLeaf ? [b.index] : b.children.flatMap(leaves));

/** Species joined by flagged pairs, in either direction. */
function joined(pairs: readonly Confused[]): ReadonlyMap<string, string> {
  const parent = new Map<string, string>();
  const root = (s: string): string => {
    const up = parent.get(s) ?? s;
    return up === s ? s : root(up);
  };
  for (const p of pairs.filter((x) => x.flagged)) {
    const [a, b] = [root(p.truth), root(p.answer)].sort();
    if (a !== undefined && b !== undefined) {
      parent.set(a, a);
      parent.set(b, a);
    }
  }
  return new Map([...parent.keys()].map((s) => [s, root(s)]));
}

/**
 * Orders the species of a matrix by average linkage over how often they are mixed up, and marks clusters of flagged pairs.
 * Species that nobody mixes up are left out. Source: docs/formulas.md, The order of the matrix.
 */
export function matrixOrder(pairs: readonly Confused[]): MatrixOrder {
  const species = [...new Set(pairs.flatMap((p) => [p.truth, p.answer]))].sort();
  if (species.length < 2) return { species, clusters: [] };
  const at = new Map(species.map((s, i) => [s, i]));
  const both = species.map(() => species.map(() => 0));
  for (const p of pairs) {
    const [i, j] = [at.get(p.truth) ?? 0, at.get(p.answer) ?? 0];
    const sum = (both[i]?.[j] ?? 0) + p.students;
    const [row, column] = [both[i], both[j]];
    if (row) row[j] = sum;
    if (column) column[i] = sum;
  }
  const distance = both.map((row, i) => row.map((n, j) => (i === j ? 0 : 1 / (1 + n))));
  const tree = agnes(distance, { method: 'average', isDistanceMatrix: true }) as unknown as Branch;
  const ordered = leaves(tree).map((i) => species[i] ?? '');
  const roots = joined(pairs);
  const clusters = new Map<string, string[]>();
  for (const s of ordered) {
    const root = roots.get(s);
    if (root === undefined) continue;
    const had = clusters.get(root);
    if (had) had.push(s);
    else clusters.set(root, [s]);
  }
  // A cluster stands together, at the place of its first species.
  const placed = new Set<string>();
  const whole = ordered.flatMap((s) => {
    if (placed.has(s)) return [];
    const cluster = clusters.get(roots.get(s) ?? '') ?? [s];
    cluster.forEach((c) => placed.add(c));
    return cluster;
  });
  return { species: whole, clusters: [...clusters.values()].filter((c) => c.length > 1) };
}
