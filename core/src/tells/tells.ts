import { inSeason, visible } from '../conditions/index.ts';
import type { Conditions, Material, Season, Subject } from '../conditions/index.ts';
import { applies } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { easeOf } from './missRate.ts';
import { GAPS, isOpen, separate } from './separation.ts';
import type { Strength } from './separation.ts';

export interface DescribedValue {
  readonly value: Value;
  /** Known only from what ships for a genus or a family, which holds for most of its species. */
  readonly shipped?: boolean;
}

/** A taxon or an individual as it is compared: its values in use and when they can be seen. */
export interface Described {
  readonly id: string;
  readonly subject: Subject;
  readonly values: ReadonlyMap<string, DescribedValue>;
}

export interface Tell {
  readonly character: string;
  readonly strength: Strength;
  readonly overlap: number;
  readonly a: Value;
  readonly b: Value;
  /** Only partly visible now, which caps the strength at partial. */
  readonly partly: boolean;
}

/** A character recorded on one side only, or whose season is not recorded: it might settle the pair. */
export interface OpenCharacter {
  readonly character: string;
  readonly missing: 'a' | 'b' | 'both' | 'season';
}

/** An organ that stands on one of the two only: seeing it tells, not seeing it proves nothing. */
export interface OneWay {
  readonly organ: 'leaf' | 'flower' | 'fruit';
  readonly on: 'a' | 'b';
}

export type Verdict = 'told' | 'twins' | 'unproven';

export interface PairReport {
  readonly a: string;
  readonly b: string;
  readonly verdict: Verdict;
  readonly tells: readonly Tell[];
  readonly oneWay: readonly OneWay[];
  readonly open: readonly OpenCharacter[];
  /** Visible characters recorded on both sides. */
  readonly compared: number;
}

/** Strengths from the strongest on. */
export const STRENGTH_ORDER: Readonly<Record<Strength, number>> = { clean: 0, usual: 1, partial: 2 };

/** How far apart two ranges must lie to be told under these conditions. */
export const gapFor = (c: Conditions): number =>
  c.handling.includes('measure') ? GAPS.measured : GAPS.byEye;

const ONE_WAY: readonly { organ: OneWay['organ']; season: Season; from: readonly Material[] }[] = [
  { organ: 'leaf', season: 'leaf-on', from: ['tree', 'twig'] },
  { organ: 'flower', season: 'flower', from: ['tree', 'twig'] },
  { organ: 'fruit', season: 'fruit', from: ['tree'] },
];

/** Organs that stand on one of the two only, under these conditions. */
export function oneWayTells(a: Described, b: Described, conditions: Conditions): OneWay[] {
  return ONE_WAY.flatMap(({ organ, season, from }): OneWay[] => {
    if (!from.some((m) => conditions.material.includes(m))) return [];
    const [onA, onB] = [a, b].map((d) => inSeason(d.subject, season, conditions.date).seen);
    if (onA === 'yes' && onB === 'no') return [{ organ, on: 'a' }];
    if (onB === 'yes' && onA === 'no') return [{ organ, on: 'b' }];
    return [];
  });
}

type Looked =
  | { readonly kind: 'tell'; readonly tell: Tell }
  | { readonly kind: 'open'; readonly open: OpenCharacter }
  | { readonly kind: 'compared' }
  | { readonly kind: 'hidden' };

/** Which side would have to say more. */
export const leftOpen = (a: Value, b: Value): 'a' | 'b' | 'both' =>
  isOpen(a) === isOpen(b) ? 'both' : isOpen(a) ? 'a' : 'b';

function lookAt(
  character: Character,
  a: Described,
  b: Described,
  v: Vocabulary,
  conditions: Conditions,
): Looked {
  const [seenA, seenB] = [a, b].map((d) => visible(d.subject, character, conditions).seen);
  if (seenA === 'no' || seenB === 'no') return { kind: 'hidden' };
  const [valueA, valueB] = [a.values.get(character.id)?.value, b.values.get(character.id)?.value];
  const off = (d: Described, value: Value | undefined): boolean =>
    value?.kind === 'inapplicable' || (!value && applies(character, d.values, v) === 'no');
  if (off(a, valueA) || off(b, valueB)) return { kind: 'hidden' };
  if (!valueA || !valueB) {
    const missing = valueA ? 'b' : valueB ? 'a' : 'both';
    return { kind: 'open', open: { character: character.id, missing } };
  }
  const s = separate(character, valueA, valueB, gapFor(conditions));
  if (s.kind === 'inapplicable') return { kind: 'hidden' };
  if (s.kind === 'unknown')
    return { kind: 'open', open: { character: character.id, missing: leftOpen(valueA, valueB) } };
  if (s.kind === 'none') return { kind: 'compared' };
  if (seenA === 'unknown' || seenB === 'unknown') {
    return { kind: 'open', open: { character: character.id, missing: 'season' } };
  }
  const partly = seenA === 'partly' || seenB === 'partly';
  const strength = partly ? 'partial' : s.strength;
  return {
    kind: 'tell',
    tell: { character: character.id, strength, overlap: s.overlap, a: valueA, b: valueB, partly },
  };
}

/**
 * Compares two described taxa or individuals under conditions: the tells by strength and ease, what is not recorded
 * and might decide, and whether the pair is told apart, twins or unproven. Only clean and usual tells tell. Twins are
 * called so only where at least half of what was compared is recorded of both and not merely presumed from a group.
 * Source: docs/formulas.md, Tells and twins.
 * @param expected characters that count as missing where neither side has them; see `expectedCharacters`.
 */
export function comparePair(
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: ReadonlySet<string>,
): PairReport {
  const tells: Tell[] = [];
  const open: OpenCharacter[] = [];
  const presumed: OpenCharacter[] = [];
  let compared = 0;
  for (const character of vocabulary.values()) {
    const recorded = a.values.has(character.id) || b.values.has(character.id);
    if (!recorded && !expected.has(character.id)) continue;
    const looked = lookAt(character, a, b, vocabulary, conditions);
    if (looked.kind === 'tell') tells.push(looked.tell);
    if (looked.kind === 'open') open.push(looked.open);
    if (looked.kind !== 'tell' && looked.kind !== 'compared') continue;
    compared += 1;
    const shipped = [a, b].map((d) => d.values.get(character.id)?.shipped ?? false);
    if (shipped[0] || shipped[1]) {
      presumed.push({ character: character.id, missing: !shipped[1] ? 'a' : !shipped[0] ? 'b' : 'both' });
    }
  }
  const easeOfId = (id: string): number => {
    const c = vocabulary.get(id);
    return c ? easeOf(c, conditions.handling) : 9;
  };
  const byEase = (s: { readonly character: string }, t: { readonly character: string }): number =>
    easeOfId(s.character) - easeOfId(t.character);
  return {
    a: a.id,
    b: b.id,
    ...verdictFrom([...tells].sort(byEase), [...open].sort(byEase), [...presumed].sort(byEase), compared),
    oneWay: oneWayTells(a, b, conditions),
    compared,
  };
}

/**
 * What a pair comes to, from what its characters say, each the easiest first. Only clean and usual tells tell.
 * @param presumed characters compared that are known on a side only by what ships for a group.
 */
export function verdictFrom(
  tells: readonly Tell[],
  open: readonly OpenCharacter[],
  presumed: readonly OpenCharacter[],
  compared: number,
): Pick<PairReport, 'verdict' | 'tells' | 'open'> {
  const told = tells.some((t) => t.strength !== 'partial');
  // Two species known mostly by what ships for their genus are not proven alike by it.
  const stillOpen = !told && open.length === 0 && 2 * presumed.length > compared ? presumed : open;
  return {
    verdict: told ? 'told' : stillOpen.length > 0 || compared === 0 ? 'unproven' : 'twins',
    tells: [...tells].sort((s, t) => STRENGTH_ORDER[s.strength] - STRENGTH_ORDER[t.strength]),
    open: stillOpen,
  };
}

/**
 * Characters a list is described by: recorded for at least half of the members. Where neither of two species has
 * one of them, that too is something not recorded, so that two nearly empty profiles are never called twins.
 */
export function expectedCharacters(list: readonly Described[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const d of list) for (const id of d.values.keys()) counts.set(id, (counts.get(id) ?? 0) + 1);
  return new Set([...counts].filter(([, n]) => 2 * n >= list.length).map(([id]) => id));
}

/** The tells of a pair, all of them, strongest and easiest first. */
export function tells(
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly Tell[] {
  return comparePair(a, b, vocabulary, conditions, new Set()).tells;
}
