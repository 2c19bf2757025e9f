import {
  CHARACTERS,
  lineage,
  mergeStatements,
  resolver,
  standing,
  vocabularyOf,
} from '@hurrow/core/characters';
import type { Character, Statement, TaxonNode, Value } from '@hurrow/core/characters';

const SPECIES = 500;
const GENERA = 60;
const FAMILIES = 20;
const WIDE = 150;
const ROUNDS = 9;

/** A small linear congruential generator, so that every run measures the same library. */
function generator(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function valueOf(c: Character, next: () => number): Value {
  if (c.states.length > 0) {
    const first = c.states[Math.floor(next() * c.states.length)]?.id ?? '';
    return { kind: 'states', states: [{ state: first, freq: 'usual' }] };
  }
  const low = 1 + Math.floor(next() * 40);
  return { kind: 'range', xlow: null, low, high: low + 10, xhigh: null, entered: `${low}-${low + 10}` };
}

function library(): {
  taxa: ReadonlyMap<string, TaxonNode>;
  statements: readonly Statement[];
  species: readonly string[];
} {
  const next = generator(41);
  const taxa: TaxonNode[] = [];
  for (let i = 0; i < FAMILIES; i += 1) taxa.push({ id: `f${i}`, label: `F${i}`, parents: [] });
  for (let i = 0; i < GENERA; i += 1)
    taxa.push({ id: `g${i}`, label: `G${i}`, parents: [`f${i % FAMILIES}`] });
  const species = Array.from({ length: SPECIES }, (_, i) => `s${i}`);
  for (const [i, id] of species.entries()) taxa.push({ id, label: id, parents: [`g${i % GENERA}`] });
  const statements: Statement[] = [];
  const say = (taxon: string, c: Character, source: string): void => {
    statements.push({
      id: `${taxon}/${c.id}/${source}`,
      taxon,
      character: c.id,
      source,
      value: valueOf(c, next),
    });
  };
  for (const t of taxa) {
    const share = t.id.startsWith('s') ? 0.7 : 0.5;
    for (const c of CHARACTERS.slice(0, WIDE)) {
      if (next() < share) say(t.id, c, 'flora');
      if (next() < 0.1) say(t.id, c, 'sheet');
    }
  }
  return { taxa: new Map(taxa.map((t) => [t.id, t])), statements, species };
}

const vocabulary = vocabularyOf(CHARACTERS);

/** The definition taken word for word: for each species look through all statements of its lineage, level by level. */
function plainly(lib: ReturnType<typeof library>): number {
  let cells = 0;
  for (const s of lib.species) {
    const levels = lineage(lib.taxa, s);
    const above = new Set(levels.flat());
    const own = lib.statements.filter((x) => above.has(x.taxon));
    for (const c of CHARACTERS.slice(0, WIDE)) {
      for (const level of levels) {
        const found = level.flatMap((t) => own.filter((x) => x.taxon === t && x.character === c.id));
        if (found.length === 0) continue;
        mergeStatements(standing(found), 'widest');
        cells += 1;
        break;
      }
    }
  }
  return cells;
}

function resolved(lib: ReturnType<typeof library>): number {
  const profileOf = resolver({ taxa: lib.taxa, statements: lib.statements, vocabulary, policy: 'widest' });
  return lib.species.reduce((n, s) => n + profileOf(s).size, 0);
}

function timed(fn: () => number, rounds: number): { ms: number; cells: number } {
  const times: number[] = [];
  let cells = 0;
  for (let i = 0; i < rounds; i += 1) {
    const start = performance.now();
    cells = fn();
    times.push(performance.now() - start);
  }
  return { ms: times.sort((a, b) => a - b)[times.length >> 1] ?? 0, cells };
}

/** Merging and resolving 500 species by 150 characters, beside a plain implementation in the same run. */
export function measureProfiles(): string {
  const lib = library();
  const ours = timed(() => resolved(lib), ROUNDS);
  const plain = timed(() => plainly(lib), 1);
  if (ours.cells !== plain.cells) throw new Error(`${ours.cells} cells against ${plain.cells}`);
  return `Merging and resolving ${SPECIES} species by ${WIDE} characters (${lib.statements.length} statements, ${ours.cells} cells): ${ours.ms.toFixed(0)} ms at the median of ${ROUNDS}, ${(plain.ms / ours.ms).toFixed(0)} times faster than the plain definition (${plain.ms.toFixed(0)} ms).`;
}
