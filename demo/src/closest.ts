import { completeness, expectedCharacters } from '@hurrow/core/tells';
import type { PairReport } from '@hurrow/core/tells';
import { DESCRIBED, compare, described, vocabulary } from './described.ts';
import { SPECIES, TAXA, taxonId } from './libraryRows.ts';

/** Everything in the hand at the end of summer, when nearly every organ is there. */
const SUMMER = {
  date: '2026-09-01',
  material: ['tree', 'twig', 'leaf', 'fruit', 'litter'],
  handling: ['look', 'lens', 'touch', 'smell'],
} as const;

export interface ClosePair {
  readonly a: string;
  readonly b: string;
  /** Clean and usual tells, strongest and easiest first. */
  readonly tells: readonly string[];
  readonly compared: number;
}

const closeness = (p: ClosePair): number => p.tells.length / p.compared;

/** The pairs of the demo’s list with the smallest share of compared characters that tell them apart. */
export function closestPairs(count: number): readonly ClosePair[] {
  const pairs = SPECIES.flatMap((a, i) =>
    SPECIES.slice(i + 1).map((b): ClosePair => {
      const r: PairReport = compare(a, b, SUMMER);
      const tells = r.tells.filter((t) => t.strength !== 'partial').map((t) => t.character);
      return { a, b, tells, compared: r.compared };
    }),
  );
  return pairs.sort((p, q) => closeness(p) - closeness(q) || p.a.localeCompare(q.a)).slice(0, count);
}

export interface Fullness {
  readonly species: string;
  /** Values in use, own or inherited, and how many of them are its own. */
  readonly values: number;
  readonly own: number;
  /** Characters of its own with two sources or more. */
  readonly twice: number;
  readonly needed: number;
  readonly recorded: number;
}

/** How full each profile is, counted against what the list needs. */
export function fullness(): readonly Fullness[] {
  const needed = expectedCharacters([...DESCRIBED.values()]);
  return SPECIES.map((species) => {
    const d = described(species);
    const values = [...d.profile.values()].filter((r) => r.value.kind !== 'inapplicable');
    const own = values.filter((r) => r.origin === taxonId(species));
    const organs = completeness(d, vocabulary, needed);
    return {
      species,
      values: values.length,
      own: own.length,
      twice: own.filter((r) => new Set(r.statements.map((s) => s.source)).size > 1).length,
      needed: organs.reduce((n, o) => n + o.needed, 0),
      recorded: organs.reduce((n, o) => n + o.recorded, 0),
    };
  });
}

const name = (species: string): string =>
  `*${species}* (${TAXA.find((t) => t.name === species)?.common[0] ?? ''})`;
const term = (id: string): string => vocabulary.get(id)?.term ?? id;

/** The page of the demo’s data in docs/: the closest pairs with their tells, and how full each profile is. */
export function demoTables(): string {
  const pairs = closestPairs(40).map((p, i) => {
    const shown = p.tells.slice(0, 5).map(term);
    const more = p.tells.length - shown.length;
    const tells = `${shown.join('; ')}${more > 0 ? `; and ${more} more` : ''}`;
    return `| ${i + 1} | ${name(p.a)} | ${name(p.b)} | ${p.tells.length} of ${p.compared} | ${tells} |`;
  });
  const rows = fullness().map(
    (f) => `| *${f.species}* | ${f.values} | ${f.own} | ${f.twice} | ${f.recorded} of ${f.needed} |`,
  );
  return [
    '# The demo’s data',
    '',
    'Written by `npm run tables` from `demo/src`; a test holds this page to the data.',
    '',
    '## The forty closest pairs',
    '',
    'On 1 September at the school, with the tree, a twig, a leaf, the fruit and the litter in the hand, looked at,',
    'under a lens, touched and smelt. Ordered by the share of the characters recorded of both that tell the two apart,',
    'cleanly or usually.',
    '',
    '| | | | tells | strongest and easiest first |',
    '|---|---|---|---|---|',
    ...pairs,
    '',
    '## How full each profile is',
    '',
    'Values in use, own or inherited; own values; own values with two sources or more; and, of the characters the list',
    'is described by and that apply, how many are recorded.',
    '',
    '| species | values | own | two sources | of what the list needs |',
    '|---|---|---|---|---|',
    ...rows,
    '',
  ].join('\n');
}
