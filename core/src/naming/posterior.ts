import { withDescendants } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import type { Described } from '../tells/index.ts';
import { callTable } from './outcomes.ts';
import type { CallTable } from './outcomes.ts';

/** What somebody says a character's state is. */
export interface Call {
  readonly character: string;
  readonly said:
    | { readonly kind: 'state'; readonly state: string }
    | { readonly kind: 'number'; readonly at: number }
    | { readonly kind: 'inapplicable' };
}

/** A list with the chances of every call, made once and asked often. */
export interface Naming {
  readonly list: readonly Described[];
  readonly tables: ReadonlyMap<string, CallTable>;
  /** Chances before any call; they sum to one. */
  readonly prior: Float64Array;
}

/**
 * Makes a list ready to be named from calls.
 * @param prior how likely each member is before anything is seen, in any unit; flat where left out.
 */
export function namingOf(
  list: readonly Described[],
  vocabulary: Vocabulary,
  prior: readonly number[] = list.map(() => 1),
): Naming {
  const total = prior.reduce((a, b) => a + b, 0);
  if (prior.length !== list.length || !(total > 0)) {
    throw new RangeError('A prior gives each member a weight, and at least one of them more than none');
  }
  const tables = new Map<string, CallTable>();
  for (const c of vocabulary.values()) {
    const table = c.retired ? null : callTable(c, list, vocabulary);
    if (table) tables.set(c.id, table);
  }
  return { list, tables, prior: Float64Array.from(prior, (p) => p / total) };
}

/** The outcomes a call stands for; a broad term stands for all under it. */
function meant(table: CallTable, { said }: Call): readonly number[] {
  const wanted = said.kind === 'state' ? withDescendants(table.character, said.state) : [];
  return table.outcomes.flatMap((o, i) => {
    if (said.kind === 'inapplicable') return o.kind === 'inapplicable' ? [i] : [];
    if (said.kind === 'number') return o.kind === 'bin' && said.at >= o.from && said.at < o.to ? [i] : [];
    return o.kind === 'state' && wanted.includes(o.state) ? [i] : [];
  });
}

/** The chance of one call of each member; a member without a value has the prior-weighted mean of those with one. */
function likelihood(naming: Naming, call: Call): Float64Array | null {
  const table = naming.tables.get(call.character);
  if (!table) return null;
  const n = table.outcomes.length;
  const columns = meant(table, call);
  const found = new Float64Array(naming.list.length);
  const least = leastOf(table);
  let sum = 0;
  let weight = 0;
  for (let i = 0; i < found.length; i += 1) {
    if (!table.recorded[i]) continue;
    let p = 0;
    for (const s of columns) p += table.chance[i * n + s] ?? 0;
    // What nobody of the list shows is a slip of the caller whoever it is.
    found[i] = Math.max(p, least);
    const prior = naming.prior[i] ?? 0;
    sum += prior * (found[i] ?? 0);
    weight += prior;
  }
  const mean = weight > 0 ? sum / weight : 1;
  for (let i = 0; i < found.length; i += 1) if (!table.recorded[i]) found[i] = mean;
  return found;
}

const LEAST = 1e-4;
/** No call may rule a member out for good: the smallest chance any call has. */
const leastOf = (table: CallTable): number => LEAST / table.outcomes.length;

/** One call's part in naming. */
export interface Evidence {
  readonly call: Call;
  /** Whether it counts, or another of its evidence group says more. */
  readonly counts: boolean;
  /** For each member, the logarithm to base 2 of its chance of this call against the mean of the list. */
  readonly bits: Float64Array;
}

export interface Named {
  /** Chance of each member given the calls, in the order of the list. */
  readonly posterior: Float64Array;
  readonly evidence: readonly Evidence[];
  /** Places in the list, the likeliest first. */
  readonly ranking: readonly number[];
}

const spread = (bits: Float64Array): number => Math.max(...bits) - Math.min(...bits);

/**
 * Chances of the members of a list given calls, in any order: prior × Π P(call | species). Of the calls of one evidence
 * group only the one that says most counts. Source: docs/formulas.md, Naming a tree.
 */
export function nameFrom(naming: Naming, calls: readonly Call[]): Named {
  const said = calls.flatMap((call) => {
    const p = likelihood(naming, call);
    if (!p) return [];
    let mean = 0;
    for (let i = 0; i < p.length; i += 1) mean += (naming.prior[i] ?? 0) * (p[i] ?? 0);
    return [{ call, bits: p.map((x) => Math.log2(x / mean)) }];
  });
  const strongest = new Map<string, number>();
  const groupOf = (c: Call): string => {
    const of = naming.tables.get(c.character)?.character;
    return of?.evidenceGroup ?? c.character;
  };
  said.forEach((s, i) => {
    const had = strongest.get(groupOf(s.call));
    const before = had === undefined ? undefined : said[had];
    if (!before || spread(s.bits) > spread(before.bits)) strongest.set(groupOf(s.call), i);
  });
  const evidence = said.map((s, i): Evidence => ({ ...s, counts: strongest.get(groupOf(s.call)) === i }));
  const logs = naming.prior.map((p) => Math.log2(p));
  for (const e of evidence) if (e.counts) e.bits.forEach((b, i) => (logs[i] = (logs[i] ?? 0) + b));
  const top = Math.max(...logs);
  const raw = logs.map((l) => 2 ** (l - top));
  const total = raw.reduce((a, b) => a + b, 0);
  const posterior = raw.map((r) => r / total);
  const ranking = [...posterior.keys()].sort((a, b) => (posterior[b] ?? 0) - (posterior[a] ?? 0));
  return { posterior, evidence, ranking };
}

/** Calls that speak against a member: less likely of it than of the list as a whole, the strongest first. */
export const against = (named: Named, member: number): readonly Evidence[] =>
  named.evidence
    .filter((e) => e.counts && (e.bits[member] ?? 0) < 0)
    .sort((x, y) => (x.bits[member] ?? 0) - (y.bits[member] ?? 0));
