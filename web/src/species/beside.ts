import type { Character, Value, Vocabulary } from '@hurrow/core/characters';
import { ORGANS, visible } from '@hurrow/core/conditions';
import type { Conditions, Organ, Seen } from '@hurrow/core/conditions';
import { separate } from '@hurrow/core/tells';
import type { DescribedTaxon, Separation } from '@hurrow/core/tells';

export interface BesideLine {
  readonly character: Character;
  readonly a: Value | undefined;
  readonly b: Value | undefined;
  readonly separation: Separation;
  /** The worse of the two. */
  readonly seen: Seen;
}

const WORSE: readonly Seen[] = ['no', 'unknown', 'partly', 'yes'];

/** Two profiles side by side, organ by organ; only what differs, or all that either has recorded. */
export function besideLines(
  a: DescribedTaxon,
  b: DescribedTaxon,
  vocabulary: Vocabulary,
  conditions: Conditions,
  all: boolean,
): readonly { readonly organ: Organ; readonly lines: readonly BesideLine[] }[] {
  return ORGANS.map((organ) => ({
    organ,
    lines: [...vocabulary.values()]
      .filter((c) => c.organ === organ && (a.values.has(c.id) || b.values.has(c.id)))
      .map((character): BesideLine => {
        const [va, vb] = [a, b].map((d) => d.values.get(character.id)?.value);
        const seen = [a, b].map((d) => visible(d.subject, character, conditions).seen);
        return {
          character,
          a: va,
          b: vb,
          separation: separate(character, va, vb),
          seen: WORSE.find((s) => seen.includes(s)) ?? 'yes',
        };
      })
      .filter((l) => all || l.separation.kind === 'tell'),
  })).filter((o) => o.lines.length > 0);
}
