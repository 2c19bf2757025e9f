import { checklist, once } from './checklist/index.ts';
import type { IndexedName } from './entries.ts';

/** Words that tell one tree's name from another's: one of them is never a slip of another. */
const MODIFIERS =
  `north south east west northern southern eastern western northeastern northwestern southeastern southwestern
  central interior coast coastal pacific atlantic
  red white black blue green yellow gray grey silver golden brown purple pink scarlet orange
  big bigleaf bigtooth bigcone little large small giant dwarf tall low great common true false mock wild bastard
  mountain alpine subalpine swamp river water bog desert canyon rock sand beach island lowland upland highland prairie plains valley
  sweet sour bitter sugar soft hard sharp smooth rough hairy silky velvet downy sticky
  american canadian european english oriental asian chinese japanese siberian norway scots mexican californian`
    .split(/\s+/)
    .filter((w) => w !== '');

export const MODIFIER_WORDS: ReadonlySet<string> = new Set(MODIFIERS);

/** Words of known names. A word at the end names the tree, one before it tells which. */
export interface KnownWords {
  readonly genera: ReadonlySet<string>;
  readonly epithets: ReadonlySet<string>;
  readonly english: ReadonlySet<string>;
  readonly englishLast: ReadonlySet<string>;
}

/** Collects the words of names. */
export function knownWords(names: readonly IndexedName[]): KnownWords {
  const [genera, epithets, english, englishLast] = [0, 1, 2, 3].map(() => new Set<string>()) as [
    Set<string>,
    Set<string>,
    Set<string>,
    Set<string>,
  ];
  for (const { latin, tokens } of names) {
    if (latin) {
      genera.add(tokens[0] ?? '');
      for (const t of tokens.slice(1)) epithets.add(t);
      continue;
    }
    for (const t of tokens) english.add(t);
    englishLast.add(tokens.at(-1) ?? '');
  }
  for (const m of MODIFIERS) english.add(m);
  return { genera, epithets, english, englishLast };
}

/** Short forms of English words, as foresters write them. */
const LONG: Readonly<Record<string, readonly string[]>> = {
  mtn: ['mountain'],
  mt: ['mountain'],
  mnt: ['mountain'],
  rky: ['rocky'],
  doug: ['douglas'],
  dug: ['douglas'],
  w: ['western', 'white'],
  e: ['eastern'],
  n: ['northern'],
  s: ['southern'],
  west: ['western'],
  east: ['eastern'],
  pac: ['pacific'],
  am: ['american'],
  amer: ['american'],
  calif: ['california'],
  ca: ['california'],
  ore: ['oregon'],
  colo: ['colorado'],
  euro: ['european'],
  eur: ['european'],
  jap: ['japanese'],
  ponder: ['ponderosa'],
  pondo: ['ponderosa'],
  pond: ['ponderosa'],
  engel: ['engelmann'],
  wht: ['white'],
  blk: ['black'],
};

/** The words with one or more short forms written out; empty where none is short. */
export function writtenOut(tokens: readonly string[]): readonly (readonly string[])[] {
  let ways: string[][] = [[]];
  let changed = false;
  tokens.forEach((t) => {
    const long = LONG[t];
    if (long) changed = true;
    ways = ways.flatMap((way) => (long ?? [t]).map((word) => [...way, word]));
  });
  return changed ? ways : [];
}

const LEADING = new Set(
  'the a an i think believe guess im its it is this that maybe perhaps probably possibly likely looks like some kind sort type species of my pretty sure could be might must'.split(
    ' ',
  ),
);
const TRAILING = new Set(
  'tree trees shrub shrubs bush sp spp species maybe perhaps probably possibly i think guess thing'.split(
    ' ',
  ),
);

/** Words without what is said around a name, from either end; at least one is left. */
export function bare(tokens: readonly string[]): readonly string[] {
  let [from, to] = [0, tokens.length];
  while (from < to - 1 && LEADING.has(tokens[from] ?? '')) from += 1;
  while (to > from + 1 && TRAILING.has(tokens[to - 1] ?? '')) to -= 1;
  return tokens.slice(from, to);
}

/** The singular forms the last word may have, as English builds plurals. */
export function singulars(tokens: readonly string[]): readonly (readonly string[])[] {
  const last = tokens.at(-1) ?? '';
  const rest = tokens.slice(0, -1);
  const forms = [
    ...(last.endsWith('ies') ? [`${last.slice(0, -3)}y`] : []),
    ...(last.endsWith('es') ? [last.slice(0, -2)] : []),
    ...(last.endsWith('s') && !last.endsWith('ss') ? [last.slice(0, -1)] : []),
  ];
  return forms.filter((f) => f.length >= 3).map((f) => [...rest, f]);
}

/** Family names of the old kind, which do not end in -aceae. */
const CONSERVED = new Set(
  'leguminosae compositae palmae gramineae labiatae umbelliferae cruciferae guttiferae'.split(' '),
);
const families = once(
  (): ReadonlySet<string> =>
    new Set(
      checklist()
        .families.flatMap((f) => [f.family, ...f.older])
        .map((f) => f.toLowerCase()),
    ),
);

/** Whether a word is the name of a family. */
export const isFamilyName = (token: string): boolean =>
  families().has(token) || CONSERVED.has(token) || /^[a-z]{3,}aceae$/.test(token);
