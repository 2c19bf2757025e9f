import { median } from '@hurrow/core/numbers';
import { performance } from 'node:perf_hooks';
import { CHARACTERS, leavesUnder, vocabularyOf } from '@hurrow/core/characters';
import type { Character, Value } from '@hurrow/core/characters';
import { SAYS, diagnostic, matrixOf, pairTable, says } from '@hurrow/core/compare';
import type { Matrix } from '@hurrow/core/compare';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import { askedOf, buildKey, checkKey, couplets, planner, startOf } from '@hurrow/core/keys';
import { callTable, nameFrom, namingOf, nextLooks } from '@hurrow/core/naming';
import type { Call } from '@hurrow/core/naming';
import { comparePair, expectedCharacters } from '@hurrow/core/tells';
import type { Described } from '@hurrow/core/tells';

const ALL: Conditions = {
  ...EVERYTHING_AT_THE_TREE,
  date: '2026-07-01',
  material: ['tree', 'twig', 'leaf', 'fruit', 'litter', 'bark'],
  handling: ['look', 'lens', 'touch', 'smell'],
};
const FREE = CHARACTERS.filter((c) => c.appliesIf.length === 0 && c.season.includes('always'));
const OTHERS = CHARACTERS.filter((c) => !FREE.includes(c) && c.material.length > 0);
/** 120 characters, those that can always be seen before the rest. */
const WIDE: readonly Character[] = [...FREE, ...OTHERS].slice(0, 120);

function generator(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function valueOf(c: Character, next: () => number): Value {
  if (c.states.length > 0) {
    const leaves = [...new Set(c.states.flatMap((s) => leavesUnder(c, s.id)))];
    const pick = (): string => leaves[Math.floor(next() * leaves.length)] ?? '';
    const [first, second] = [pick(), pick()];
    const more = next() < 0.2 && second !== first ? [{ state: second, freq: 'sometimes' as const }] : [];
    return { kind: 'states', states: [{ state: first, freq: 'usual' }, ...more] };
  }
  const low = 1 + Math.floor(next() * (c.kind === 'count' ? 12 : 400));
  const high = low + Math.ceil(next() * low * 0.5);
  return { kind: 'range', xlow: null, low, high, xhigh: null, entered: '' };
}

/** Made-up species of which seven values in ten are recorded. */
function species(
  n: number,
  characters: readonly Character[],
  seed: number,
  share = 0.7,
): readonly Described[] {
  const next = generator(seed);
  return Array.from({ length: n }, (_, i) => ({
    id: `s${i}`,
    subject: { windows: [], persistence: 'evergreen' as const },
    values: new Map(
      characters.flatMap((c) => (next() < share ? [[c.id, { value: valueOf(c, next) }] as const] : [])),
    ),
  }));
}

const vocabulary = vocabularyOf(WIDE);
const ms = (start: number): number => performance.now() - start;
const line = (what: string, took: number, most: number, ratio: number): string =>
  `  ${what}: ${took.toFixed(took < 100 ? 1 : 0)} ms, ${ratio.toFixed(1)} times as fast as plainly${took > most ? `  over ${most} ms` : ''}`;

function allPairs(list: readonly Described[]): string {
  const expected = expectedCharacters(list);
  let told = 0;
  let table = pairTable(matrixOf(list.slice(0, 2), vocabulary, ALL, expected));
  const once = (): number => {
    told = 0;
    const start = performance.now();
    table = pairTable(matrixOf(list, vocabulary, ALL, expected), () => {
      told += 1;
      return true;
    });
    return ms(start);
  };
  const took = median([once(), once(), once()]) ?? 0;
  // Plainly, every value of every pair is compared anew; a sample of pairs, since all would take minutes.
  const sample = (table?.cells ?? []).filter((_, i) => i % 100 === 0);
  const plainStart = performance.now();
  for (const { a, b } of sample) {
    const [x, y] = [list[a], list[b]];
    if (x && y) comparePair(x, y, vocabulary, ALL, expected);
  }
  const pairs = table?.cells.length ?? 0;
  const plain = (ms(plainStart) / sample.length) * pairs;
  return line(
    `all ${pairs} pairs of ${list.length} species, median of three, progress told ${told} times`,
    took,
    1000,
    plain / took,
  );
}

/** Chances of every member by the definition alone: each call's chances made anew. */
function namedPlainly(list: readonly Described[], calls: readonly Call[]): number {
  const p = list.map(() => 1 / list.length);
  for (const call of calls) {
    const c = vocabulary.get(call.character);
    const table = c ? callTable(c, list, vocabulary) : null;
    if (!table || call.said.kind !== 'state') continue;
    const { state } = call.said;
    const at = table.outcomes.findIndex((o) => o.kind === 'state' && o.state === state);
    list.forEach((_, i) => (p[i] = (p[i] ?? 0) * (table.chance[i * table.outcomes.length + at] ?? 1)));
  }
  const total = p.reduce((a, b) => a + b, 0);
  let best = 0;
  for (const c of vocabulary.values()) {
    const table = callTable(c, list, vocabulary);
    if (!table) continue;
    const n = table.outcomes.length;
    let bits = 0;
    for (let s = 0; s < n; s += 1) {
      const marginal = list.reduce(
        (sum, _, i) => sum + ((p[i] ?? 0) / total) * (table.chance[i * n + s] ?? 0),
        0,
      );
      list.forEach((_, i) => {
        const q = table.chance[i * n + s] ?? 0;
        if (q > 0 && marginal > 0) bits += ((p[i] ?? 0) / total) * q * Math.log2(q / marginal);
      });
    }
    best = Math.max(best, bits);
  }
  return best;
}

function naming(list: readonly Described[]): string {
  const ready = namingOf(list, vocabulary);
  const calls = WIDE.filter((c) => c.states.length > 0)
    .slice(0, 12)
    .map((c): Call => ({ character: c.id, said: { kind: 'state', state: c.states[0]?.id ?? '' } }));
  const times = calls.map((_, n) => {
    const start = performance.now();
    const some = calls.slice(0, n + 1);
    const named = nameFrom(ready, some);
    nextLooks(ready, named.posterior, some, ALL, { forbidden: new Set(), most: 8 });
    return ms(start);
  });
  const start = performance.now();
  namedPlainly(list, calls);
  return line(
    `a call on ${list.length} species, named and the next look found`,
    median(times) ?? 0,
    16,
    ms(start) / (median(times) ?? 0),
  );
}

/** All smallest covers by trying every set of one, two, three characters. */
function diagnosedPlainly(matrix: Matrix, at: number): number {
  const others = matrix.list.map((_, i) => i).filter((i) => i !== at);
  const parts = matrix.columns.map(
    (c) => new Set(others.filter((i) => says(c, at, i, matrix.gap) === SAYS.clean)),
  );
  for (let size = 1; size <= 4; size += 1) {
    let found = 0;
    const go = (from: number, chosen: readonly ReadonlySet<number>[]): void => {
      if (chosen.length === size) {
        if (others.every((i) => chosen.some((s) => s.has(i)))) found += 1;
        return;
      }
      for (let c = from; c < parts.length; c += 1) go(c + 1, [...chosen, parts[c] ?? new Set<number>()]);
    };
    go(0, []);
    if (found > 0) return found;
  }
  return 0;
}

function diagnosing(list: readonly Described[]): string {
  const matrix = matrixOf(list, vocabulary, ALL, expectedCharacters(list));
  const start = performance.now();
  const found = list.map((_, i) => diagnostic(matrix, i));
  const took = ms(start);
  const few = found
    .flatMap((d, i) => (d.size !== null && d.size <= 3 && d.count < 1000 ? [i] : []))
    .slice(0, 4);
  const plainStart = performance.now();
  for (const i of few) {
    if (diagnosedPlainly(matrix, i) !== found[i]?.count)
      throw new Error(`Species ${i}: another count plainly`);
  }
  const plain = (ms(plainStart) / Math.max(1, few.length)) * list.length;
  const sizes = found.map((d) => d.size ?? 0);
  return line(
    `smallest sets of ${list.length} species, of ${Math.min(...sizes)} to ${Math.max(...sizes)} characters`,
    took,
    1000,
    plain / took,
  );
}

const GENERAL = { audience: 'technical', first: null, forbidden: new Set<string>(), leads: 4 } as const;

function keying(list: readonly Described[]): string {
  const start = performance.now();
  const key = buildKey(list, vocabulary, ALL, GENERAL);
  const took = ms(start);
  if (!key) throw new Error('No key');
  const check = checkKey(key, list, vocabulary, ALL);
  // Plainly: the best split of one step everywhere, nothing followed.
  const all = askedOf(list, vocabulary, ALL, GENERAL);
  const plainStart = performance.now();
  planner(all, 4, 1).plan(startOf(list));
  const plain = ms(plainStart);
  const bound = Math.log2(list.length) / 2;
  return [
    `  a key for ${list.length} species, ${couplets(key).length} couplets: ${took.toFixed(0)} ms${took > 2000 ? '  over 2000 ms' : ''}, ${(took / plain).toFixed(1)} times as long as by one step alone`,
    `    expected effort ${key.effort.toFixed(2)}; ${key.length.toFixed(2)} couplets where entropy/log2(leads) is ${bound.toFixed(2)} (${(key.length / bound).toFixed(2)} times)`,
    `    ${check.arrived} of ${check.ways} recorded ways arrive, ${key.surplus.length} places too many, ${check.together.length} groups not parted`,
  ].join('\n');
}

interface Excess {
  /** The most the key's cost lies above the exact least, as a ratio. */
  readonly found: number;
  /** The same of a key by one step alone. */
  readonly step: number;
}

function excessOf(list: readonly Described[]): Excess {
  const all = askedOf(list, vocabulary, ALL, GENERAL);
  const cost = (beam?: number): number => planner(all, 4, beam).plan(startOf(list)).cost;
  const exact = cost(Infinity);
  return exact === 0 ? { found: 1, step: 1 } : { found: cost() / exact, step: cost(1) / exact };
}

/**
 * Lists made to mislead a search by one step: twelve species that one character parts evenly into groups which nothing
 * cheap parts further, while less even characters together finish sooner.
 */
function misleading(seed: number): readonly Described[] {
  const next = generator(seed);
  const many = WIDE.filter((c) => new Set(c.states.flatMap((s) => leavesUnder(c, s.id))).size >= 4);
  const some = Array.from({ length: 6 }, () => many[Math.floor(next() * many.length)] ?? WIDE[0]).filter(
    (c): c is Character => c !== undefined,
  );
  const state = (c: Character, k: number): Value => {
    const leaves = [...new Set(c.states.flatMap((s) => leavesUnder(c, s.id)))];
    return { kind: 'states', states: [{ state: leaves[k % leaves.length] ?? '', freq: 'usual' }] };
  };
  return Array.from({ length: 12 }, (_, i) => ({
    id: `m${i}`,
    subject: { windows: [], persistence: 'evergreen' as const },
    values: new Map(
      some.map((c, k) => [
        c.id,
        { value: state(c, k === 0 ? i % 4 : k % 2 === 0 ? Math.floor(i / 4) + (i % k) : (i * k) % 3) },
      ]),
    ),
  }));
}

/** The key's cost against the exact least, on random lists and on lists made to mislead. */
function exactness(): string {
  const next = generator(7);
  const LISTS = 40;
  const worst = (all: readonly Excess[]): string => {
    const most = (of: keyof Excess): number => 100 * (Math.max(...all.map((e) => e[of])) - 1);
    const over = most('found') > 5 ? '  over 5%' : '';
    return `at most ${most('found').toFixed(1)}% above the exact least (by one step alone ${most('step').toFixed(1)}%)${over}`;
  };
  const random = Array.from({ length: LISTS }, (_, round) => {
    const some = WIDE.filter(() => next() < 0.07).slice(0, 9);
    return excessOf(species(4 + Math.floor(next() * 5), some, 100 + round, 0.95));
  });
  const adverse = Array.from({ length: LISTS / 2 }, (_, round) => excessOf(misleading(500 + round)));
  return [
    `  ${LISTS} random keys of 4 to 8 species: ${worst(random)}`,
    `  ${LISTS / 2} keys of 12 species made to mislead: ${worst(adverse)}`,
  ].join('\n');
}

/** Comparing, diagnosing, naming and keying, each beside a plain form of the same definition. */
export function measureCompare(): string {
  const idle = process.memoryUsage().heapUsed;
  const list = species(500, WIDE, 41);
  const lines = [
    allPairs(list),
    naming(list),
    diagnosing(species(60, WIDE, 43)),
    keying(species(200, WIDE, 44)),
    exactness(),
  ];
  const heap = (process.memoryUsage().heapUsed - idle) / 1e6;
  return [
    `Comparing 500 made-up species by ${WIDE.length} characters:`,
    ...lines,
    `  memory above idle: ${heap.toFixed(0)} MB${heap > 200 ? '  over 200 MB' : ''}`,
  ].join('\n');
}
