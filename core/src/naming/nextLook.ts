import type { Character } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { easeOf } from '../tells/index.ts';
import type { Call, Naming } from './posterior.ts';

/** A character worth looking at next. */
export interface Look {
  readonly character: Character;
  /** Expected information in bits. */
  readonly bits: number;
  /** What the look costs: effort, handling needed, how often it is misread. */
  readonly effort: number;
}

export interface NextOptions {
  /** Handling that a caution forbids of any member that is still possible. */
  readonly forbidden: ReadonlySet<string>;
  readonly most: number;
}

/** A member below this chance does not hinder that a character is proposed it cannot be seen on. */
export const POSSIBLE = 0.01;

/**
 * What to look at next: expected information about the name per effort, among what can be seen now on at least one
 * member still possible. Mutual information of the call and the name, errors of reading included. Source:
 * docs/formulas.md, The next look.
 */
export function nextLooks(
  naming: Naming,
  posterior: Float64Array,
  calls: readonly Call[],
  conditions: Conditions,
  { forbidden, most }: NextOptions,
): readonly Look[] {
  const called = new Set(calls.map((c) => c.character));
  const groups = new Set(calls.flatMap((c) => naming.tables.get(c.character)?.character.evidenceGroup ?? []));
  const possible = [...posterior.keys()].filter((i) => (posterior[i] ?? 0) >= POSSIBLE);
  const looks: Look[] = [];
  for (const table of naming.tables.values()) {
    const { character } = table;
    if (called.has(character.id) || (character.evidenceGroup && groups.has(character.evidenceGroup)))
      continue;
    if (character.needs.some((n) => forbidden.has(n))) continue;
    const seen = possible.some((i) => {
      const d = naming.list[i];
      if (!d) return false;
      const { seen: s } = visible(d.subject, character, conditions);
      return s === 'yes' || s === 'partly';
    });
    if (!seen) continue;
    const n = table.outcomes.length;
    const marginal = new Float64Array(n);
    let weight = 0;
    let noise = 0;
    for (let i = 0; i < posterior.length; i += 1) {
      const p = posterior[i] ?? 0;
      if (!table.recorded[i] || p < 1e-6) continue;
      weight += p;
      noise += p * (table.entropy[i] ?? 0);
      for (let s = 0; s < n; s += 1) marginal[s] = (marginal[s] ?? 0) + p * (table.chance[i * n + s] ?? 0);
    }
    if (weight === 0) continue;
    let whole = 0;
    for (const m of marginal) if (m > 0) whole -= (m / weight) * Math.log2(m / weight);
    // Members without a value learn nothing from the call.
    const bits = Math.max(0, whole - noise / weight) * weight;
    looks.push({ character, bits, effort: easeOf(character) });
  }
  return looks
    .filter((l) => l.bits > 1e-6)
    .sort((a, b) => b.bits / b.effort - a.bits / a.effort)
    .slice(0, most);
}
