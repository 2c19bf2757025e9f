import type { SpeciesProfile } from '@hurrow/contract';
import { characterWords, valueWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { ORGANS, inSeason } from '@hurrow/core/conditions';
import type { Conditions, Organ } from '@hurrow/core/conditions';
import { comparePair } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { lookalikesOf } from '../species/model.ts';
import type { ListView, Lookalike } from '../species/model.ts';

export const AUDIENCES = ['young', 'general', 'technical'] as const;
export type Audience = (typeof AUDIENCES)[number];

/** How much stands on a page: lines of characters, look-alikes, tells of each, topics of text. */
interface Measure {
  readonly lines: number;
  readonly alikes: number;
  readonly tells: number;
  readonly topics: number;
}
const MEASURE: Readonly<Record<Audience, Measure>> = {
  young: { lines: 8, alikes: 2, tells: 2, topics: 2 },
  general: { lines: 12, alikes: 3, tells: 3, topics: 2 },
  technical: { lines: 18, alikes: 3, tells: 4, topics: 3 },
};

/** Steps of leaving out in each column; a column that is too full is written with more of them. */
export interface Sparing {
  readonly lines: number;
  readonly alikes: number;
}
export const MOST_SPARING = 6;

/** What an audience gets, with some steps of leaving out. Cautions are never left out. */
export function measureOf(audience: Audience, sparing: Sparing): Measure {
  const m = MEASURE[audience];
  return {
    ...m,
    lines: Math.max(4, m.lines - 2 * sparing.lines),
    tells: Math.max(1, m.tells - Math.min(2, sparing.alikes)),
    alikes: Math.max(1, m.alikes - Math.max(0, sparing.alikes - 2)),
  };
}

/** Characters of one organ at most, so that no organ fills the page. */
const OF_ORGAN = 4;

/** Texts of a sheet, the most useful first. */
const TOPICS = ['how_to_tell', 'mnemonic', 'habitat'] as const;

export interface SheetLine {
  readonly organ: Organ;
  readonly character: string;
  readonly value: string;
}

export interface SheetAlike {
  readonly alike: Lookalike;
  readonly tells: readonly { readonly character: string; readonly own: string; readonly other: string }[];
  readonly twins: boolean;
}

export interface SheetContent {
  readonly lines: readonly SheetLine[];
  readonly alikes: readonly SheetAlike[];
  readonly prose: readonly { readonly topic: string; readonly text: string }[];
}

export const wordingFor = (audience: Audience, units: Wording['units']): Wording => ({
  words: audience === 'technical' ? 'technical' : 'plain',
  units,
});

/** The text of a topic for an audience, else the general one, else any. */
function proseOf(profile: SpeciesProfile, topic: string, audience: Audience): string | null {
  const of = profile.prose.filter((p) => p.topic === topic);
  const found =
    of.find((p) => p.audience === audience) ??
    of.find((p) => (p.audience ?? 'general') === 'general') ??
    of[0];
  return found?.text ?? null;
}

/** Characters by how many species of the list they tell this one from, counted over the whole year of the tree. */
function strength(
  own: DescribedTaxon,
  list: ListView | null,
  vocabulary: Vocabulary,
  conditions: Conditions,
) {
  const count = new Map<string, number>();
  for (const other of list?.described.values() ?? []) {
    if (other.id === own.id) continue;
    for (const t of comparePair(own, other, vocabulary, conditions, new Set()).tells) {
      if (t.strength !== 'partial') count.set(t.character, (count.get(t.character) ?? 0) + 1);
    }
  }
  return count;
}

/**
 * What a one-page sheet of a species says: the characters that tell it from most of its list, its look-alikes with
 * what parts them, and its texts, as much as the audience can use.
 */
export function sheetContent(
  profile: SpeciesProfile,
  own: DescribedTaxon,
  list: ListView | null,
  vocabulary: Vocabulary,
  conditions: Conditions,
  audience: Audience,
  units: Wording['units'],
  sparing: Sparing,
): SheetContent {
  const wording = wordingFor(audience, units);
  const most = measureOf(audience, sparing);
  const whole: Conditions = {
    ...conditions,
    material: ['tree', 'twig', 'leaf', 'fruit', 'litter', 'bark'],
    handling:
      audience === 'technical' ? ['look', 'lens', 'touch', 'smell', 'measure'] : ['look', 'touch', 'smell'],
  };
  const counted = strength(own, list, vocabulary, whole);
  const words = (id: string): string => {
    const c = vocabulary.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  const valueOf = (id: string, value: Parameters<typeof valueWords>[1]): string => {
    const c = vocabulary.get(id);
    return c ? valueWords(c, value, wording) : '';
  };
  const candidates = [...own.profile.values()]
    .filter((r) => r.value.kind !== 'inapplicable')
    .flatMap((r) => {
      const c = vocabulary.get(r.character);
      return c && (audience === 'technical' || c.effort <= 3) && c.organ !== 'site' && c.organ !== 'wood'
        ? [{ r, c }]
        : [];
    })
    .sort(
      (a, b) =>
        (counted.get(b.c.id) ?? 0) / b.c.effort - (counted.get(a.c.id) ?? 0) / a.c.effort ||
        a.c.effort - b.c.effort,
    );
  const taken: typeof candidates = [];
  for (const x of candidates) {
    if (taken.length >= most.lines) break;
    if (taken.filter((t) => t.c.organ === x.c.organ).length < OF_ORGAN) taken.push(x);
  }
  const lines = ORGANS.flatMap((organ) =>
    taken
      .filter((t) => t.c.organ === organ)
      .map(({ r, c }): SheetLine => ({ organ, character: words(c.id), value: valueOf(c.id, r.value) })),
  );
  const alikes = lookalikesOf(own, profile.pairs, list, vocabulary, whole, most.alikes)
    .slice(0, most.alikes)
    .map((alike): SheetAlike => ({
      alike,
      twins: alike.report?.verdict === 'twins',
      tells: (alike.report?.tells ?? [])
        .filter((t) => t.strength !== 'partial')
        .slice(0, most.tells)
        .map((t) => ({
          character: words(t.character),
          own: valueOf(t.character, t.a),
          other: valueOf(t.character, t.b),
        })),
    }));
  const prose = TOPICS.slice(0, most.topics).flatMap((topic) => {
    const text = proseOf(profile, topic, audience);
    return text === null ? [] : [{ topic, text }];
  });
  return { lines, alikes, prose };
}

/** What can be seen of it on the day, in words; what nobody recorded is left out. */
export function seenOn(own: DescribedTaxon, date: string): string {
  const parts = [
    ['leaf-on', 'in leaf'],
    ['flower', 'in flower'],
    ['fruit', 'with fruit'],
  ] as const;
  const now = parts.filter(([s]) => ['yes', 'partly'].includes(inSeason(own.subject, s, date).seen));
  return now.length === 0 ? 'bare, or nothing recorded' : now.map(([, w]) => w).join(', ');
}
