import { shownStates } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { isLookedAt, lookingStep, saidBy } from '../compare/index.ts';
import type { TellCard } from '../compare/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { separate } from '../tells/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';

/**
 * A question of a three-minute check. *which*: one of the two shows this, which is it? *neither*: both show this, can they be
 * told by it?
 */
export type CheckQuestion =
  | {
      readonly kind: 'which';
      readonly character: string;
      readonly value: Value;
      readonly is: 'first' | 'second';
    }
  | { readonly kind: 'neither'; readonly character: string; readonly value: Value };

const WHICH = 2;
/** What nobody would ask a class: it takes tools or patience. */
const MOST_EFFORT = 2;

const same = (a: Value | undefined, b: Value | undefined): boolean =>
  a?.kind === 'states' &&
  b?.kind === 'states' &&
  shownStates(a)
    .map((s) => s.state)
    .join() ===
    shownStates(b)
      .map((s) => s.state)
      .join();

/** A character that is plainly seen on both and alike, so that it tells nothing: of an organ of the looks where there is one. */
function alike(
  a: DescribedTaxon,
  b: DescribedTaxon,
  looks: readonly TellCard[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): Character | undefined {
  const organs = new Set(looks.map((l) => l.character.organ));
  const said = new Set(looks.map((l) => saidBy(l.character)));
  const found = [...vocabulary.values()].filter((c) => {
    const [x, y] = [a.values.get(c.id)?.value, b.values.get(c.id)?.value];
    return (
      c.effort <= MOST_EFFORT &&
      c.organ !== 'site' &&
      isLookedAt(c) &&
      !said.has(saidBy(c)) &&
      same(x, y) &&
      separate(c, x, y).kind === 'none' &&
      [a, b].every((d) => visible(d.subject, c, conditions).seen === 'yes')
    );
  });
  // That two conifers have needles is asked only where they share nothing else.
  const atFirst = (c: Character): number => (organs.has(c.organ) ? 0 : 1) + (lookingStep(c) === 0 ? 2 : 0);
  return found.sort((s, t) => atFirst(s) - atFirst(t) || s.effort - t.effort)[0];
}

/**
 * Two or three questions with answers that show in three minutes whether a contrast was understood: the first look as one of
 * the two shows it, the next look as the other does, and something both share, by which nobody can tell.
 * @param looks the looks of the contrast in the order they are taught.
 * @returns none where there is no look.
 */
export function checkOf(
  a: DescribedTaxon,
  b: DescribedTaxon,
  looks: readonly TellCard[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly CheckQuestion[] {
  const [only] = looks;
  if (!only) return [];
  const asked = looks.length < WHICH ? [only, only] : looks.slice(0, WHICH);
  const which = asked.map((look, i): CheckQuestion => ({
    kind: 'which',
    character: look.character.id,
    value: i === 0 ? look.b : look.a,
    is: i === 0 ? 'second' : 'first',
  }));
  const shared = alike(a, b, looks, vocabulary, conditions);
  const value = shared ? a.values.get(shared.id)?.value : undefined;
  return shared && value ? [...which, { kind: 'neither', character: shared.id, value }] : which;
}
