import type { Character, Value, Vocabulary } from '@hurrow/core/characters';
import { ORGANS, visible } from '@hurrow/core/conditions';
import type { Conditions, Organ } from '@hurrow/core/conditions';
import { separate } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';

export interface SideLine {
  readonly character: Character;
  readonly values: readonly (Value | undefined)[];
  /** Of the pairs on the bench, how many it parts, cleanly or mostly. */
  readonly parts: number;
  /** Whether it cannot be seen on one of them now. */
  readonly hidden: boolean;
}

/** Several species side by side, organ by organ; only what parts some two of them, or all that any has recorded. */
export function sideLines(
  laid: readonly DescribedTaxon[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  all: boolean,
): readonly { readonly organ: Organ; readonly lines: readonly SideLine[] }[] {
  return ORGANS.map((organ) => ({
    organ,
    lines: [...vocabulary.values()]
      .filter((c) => c.organ === organ && laid.some((d) => d.values.has(c.id)))
      .map((character): SideLine => {
        const values = laid.map((d) => d.values.get(character.id)?.value);
        let parts = 0;
        values.forEach((v, i) => {
          for (const w of values.slice(i + 1)) {
            const s = separate(character, v, w);
            if (s.kind === 'tell' && s.strength !== 'partial') parts += 1;
          }
        });
        const hidden = laid.some((d) => visible(d.subject, character, conditions).seen === 'no');
        return { character, values, parts, hidden };
      })
      .filter((l) => all || l.parts > 0),
  })).filter((o) => o.lines.length > 0);
}
