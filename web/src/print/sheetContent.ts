import type { SpeciesProfile } from '@hurrow/contract';
import { characterWords, valueWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { inTeachingOrder, isLookedAt, lookingStep, tellCards, tellSentence } from '@hurrow/core/compare';
import { inSeason } from '@hurrow/core/conditions';
import type { Conditions, Organ } from '@hurrow/core/conditions';
import { comparePair } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { lookalikesOf } from '../species/model.ts';
import { wordingFor } from './audience.ts';
import type { Audience } from './audience.ts';
import { FACTS, factsOf } from './sheetFacts.ts';
import type { SheetFact } from './sheetFacts.ts';
import type { ListView, Lookalike } from '../species/model.ts';

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
  /** Sentences that tell the two apart, the first to look at first. */
  readonly tells: readonly string[];
  readonly twins: boolean;
}

export interface SheetContent {
  readonly facts: readonly SheetFact[];
  readonly lines: readonly SheetLine[];
  readonly alikes: readonly SheetAlike[];
  readonly prose: readonly { readonly topic: string; readonly text: string }[];
}

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
  const asFact = new Set(FACTS.flatMap((f) => f.of));
  const candidates = [...own.profile.values()]
    .filter((r) => r.value.kind !== 'inapplicable' && !asFact.has(r.character))
    .flatMap((r) => {
      const c = vocabulary.get(r.character);
      return c && isLookedAt(c) && c.organ !== 'site' && (audience === 'technical' || c.effort <= 3)
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
  // Organ by organ, and within each, as they are looked at.
  const first = new Map<Organ, number>();
  for (const { c } of taken) first.set(c.organ, Math.min(first.get(c.organ) ?? Infinity, lookingStep(c)));
  const lines = taken
    .sort(
      (a, b) =>
        (first.get(a.c.organ) ?? 0) - (first.get(b.c.organ) ?? 0) || lookingStep(a.c) - lookingStep(b.c),
    )
    .map(({ r, c }): SheetLine => ({
      organ: c.organ,
      character: words(c.id),
      value: valueOf(c.id, r.value),
    }));
  const called = (t: { readonly common: string | null; readonly scientific: string }): string =>
    audience === 'technical' ? t.scientific : (t.common ?? t.scientific);
  const alikes = lookalikesOf(own, profile.pairs, list, vocabulary, whole, most.alikes)
    .map((alike): SheetAlike => {
      const other = list?.described.get(alike.other.id);
      const cards = other ? tellCards(own, other, vocabulary, whole) : [];
      return {
        alike,
        twins: alike.report?.verdict === 'twins',
        tells: inTeachingOrder(cards, whole)
          .filter((t) => t.now === 'yes' && t.strength !== 'partial')
          .slice(0, most.tells)
          .map((t) => tellSentence(t, [called(profile.header), called(alike.other)], wording)),
      };
    })
    // One of which nothing can be said is no help on paper.
    .filter((a) => a.tells.length > 0 || a.twins || a.alike.note?.text)
    .slice(0, most.alikes);
  const prose = TOPICS.slice(0, most.topics).flatMap((topic) => {
    const text = proseOf(profile, topic, audience);
    return text === null ? [] : [{ topic, text }];
  });
  return { facts: factsOf(own, vocabulary, audience, units), lines, alikes, prose };
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
