import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import { fairnessJudge } from './judge.ts';
import type { StationFairness } from './judge.ts';
import type { Asked, Competitor, StationMet } from './types.ts';

export const ASKED: Asked = { rank: 'species', characters: [], accepts: [], notTellable: false };

const july: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' };
const vocabulary = vocabularyOf(CHARACTERS);

function read(id: string, cell: string) {
  const character = vocabulary.get(id);
  const value = character ? readCell(character, cell) : null;
  if (!value?.ok || !value.value) throw new Error(`${id}: ${cell}`);
  return { value: value.value };
}

/** Made-up species by cells; those whose ids start alike before a dash are of one genus. */
export const speciesOf = (
  cells: Readonly<Record<string, Readonly<Record<string, string>>>>,
): readonly Described[] =>
  Object.entries(cells).map(([id, of]) => ({
    id,
    subject: { persistence: 'evergreen', windows: [] },
    values: new Map(Object.entries(of).map(([c, cell]) => [c, read(c, cell)])),
  }));

export const competitorsOf = (list: readonly Described[]): readonly Competitor[] =>
  list.map((d) => ({ taxon: d.id, genus: d.id.split('-')[0] ?? null, family: 'aceae' }));

/** A station with a tree of the first species of a list. */
export function stationOf(
  tree: Described,
  part: { conditions?: Conditions; asked?: Partial<Asked>; certified?: readonly string[] } = {},
): StationMet {
  return {
    id: 'station',
    tree: { ...tree, id: `tree of ${tree.id}` },
    taxon: tree.id,
    conditions: part.conditions ?? july,
    certified: new Set(part.certified ?? []),
    asked: { ...ASKED, ...part.asked },
  };
}

/** Judges a tree of the first species of a list against the rest. */
export function judged(
  list: readonly Described[],
  vocabulary: Vocabulary,
  part: Parameters<typeof stationOf>[1] = {},
): StationFairness {
  const [first] = list;
  if (!first) throw new Error('An empty list');
  const [found] = fairnessJudge(competitorsOf(list), list, vocabulary)([stationOf(first, part)]);
  if (!found) throw new Error('Nothing was judged');
  return found;
}
