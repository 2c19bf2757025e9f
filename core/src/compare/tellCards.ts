import { contrastSentence } from '../characters/index.ts';
import type { Character, Value, Vocabulary, Wording } from '../characters/index.ts';
import { isJudged, isLookedAt, lookingStep } from './looking.ts';
import { addDays, visible } from '../conditions/index.ts';
import type { Conditions, Seen } from '../conditions/index.ts';
import { easeOf, gapFor, separate } from '../tells/index.ts';
import type { Described, Strength } from '../tells/index.ts';

/** A character that parts two taxa whenever it is seen, and whether it can be seen now. */
export interface TellCard {
  readonly character: Character;
  readonly a: Value;
  readonly b: Value;
  /** As recorded; what is seen only partly is no more than partial now. */
  readonly strength: Strength;
  readonly overlap: number;
  /** The worse of the two. */
  readonly now: Seen;
  /** Why it cannot be used now, or only partly; empty where it can. */
  readonly reason: string;
}

const WORSE: readonly Seen[] = ['no', 'unknown', 'partly', 'yes'];
const ORDER: Readonly<Record<Strength, number>> = { clean: 0, usual: 1, partial: 2 };

/** What is not looked at on a plant comes after what is. */
const onPaper = ({ character }: TellCard): number => Number(!isLookedAt(character));

/**
 * Everything that parts two taxa, usable now or not: what can be used stands first, the strongest of it, then by the order of
 * looking and the easier. Source: docs/formulas.md, Tells and twins and The order of tells.
 */
export function tellCards(
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly TellCard[] {
  const gap = gapFor(conditions);
  const cards = [...vocabulary.values()].flatMap((character): TellCard[] => {
    if (character.material.length === 0) return [];
    const [x, y] = [a.values.get(character.id)?.value, b.values.get(character.id)?.value];
    const s = separate(character, x, y, gap);
    if (s.kind !== 'tell' || !x || !y) return [];
    const seen = [a, b].map((d) => visible(d.subject, character, conditions));
    const now = WORSE.find((w) => seen.some((v) => v.seen === w)) ?? 'yes';
    const reason = now === 'yes' ? '' : (seen.find((v) => v.seen === now)?.reason ?? '');
    return [{ character, a: x, b: y, strength: s.strength, overlap: s.overlap, now, reason }];
  });
  return cards.sort(
    (s, t) =>
      WORSE.indexOf(t.now) - WORSE.indexOf(s.now) ||
      ORDER[s.strength] - ORDER[t.strength] ||
      onPaper(s) - onPaper(t) ||
      Number(isJudged(s.character)) - Number(isJudged(t.character)) ||
      lookingStep(s.character) - lookingStep(t.character) ||
      easeOf(s.character, conditions.handling) - easeOf(t.character, conditions.handling),
  );
}

/** Whether a tell can be used now, as far as its strength goes. */
export const usable = (c: TellCard): boolean => c.now === 'yes' || c.now === 'partly';

/** What could be used before and cannot now, each as it stands now with the reason. */
export function lost(before: readonly TellCard[], now: readonly TellCard[]): readonly TellCard[] {
  const had = new Set(before.filter(usable).map((c) => c.character.id));
  return now.filter((c) => had.has(c.character.id) && !usable(c));
}

/** A span of the year in which a tell can be used, ISO dates, both ends in it. */
export interface Usable {
  readonly from: string;
  readonly to: string;
}

/**
 * When in the year of the conditions a tell of two taxa can be used with this material and handling.
 * @returns spans in order; none where the material or handling never shows it.
 */
export function usableWhen(
  a: Described,
  b: Described,
  character: Character,
  conditions: Conditions,
): readonly Usable[] {
  const spans: { from: string; to: string }[] = [];
  const year = conditions.date.slice(0, 4);
  for (let date = `${year}-01-01`; date.startsWith(year); date = addDays(date, 1)) {
    const seen = [a, b].map((d) => visible(d.subject, character, { ...conditions, date }).seen);
    if (seen.some((s) => s === 'no' || s === 'unknown')) continue;
    const last = spans.at(-1);
    if (last && addDays(last.to, 1) === date) last.to = date;
    else spans.push({ from: date, to: date });
  }
  return spans;
}

/** The sentence that states a tell, numbers of both in one unit: *Needles grow in bundles of 3 on Pinus ponderosa, 2 on Pinus contorta.* */
export const tellSentence = (
  { character, a, b }: Pick<TellCard, 'character' | 'a' | 'b'>,
  names: readonly [string, string],
  wording: Wording,
): string => contrastSentence(character, [a, b], [{ name: names[0] }, { name: names[1] }], wording);
