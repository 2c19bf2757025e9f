import type { Character, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { separate } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { isAgainst } from './comparative.ts';

/** What becomes of a declared tell when it is held against what is recorded. */
export type DeclaredVerdict = 'supported' | 'beside' | 'not_now' | 'unsupported' | 'contradicted' | 'unsaid';

interface Held {
  readonly verdict: DeclaredVerdict;
  readonly reason: string;
}

/** Can the character be looked at on both now? Null where it can. */
function notNow(c: Character, a: Described, b: Described, conditions: Conditions): Held | null {
  for (const taxon of [a, b]) {
    const seen = visible(taxon.subject, c, conditions);
    if (seen.seen === 'no' || seen.seen === 'unknown') return { verdict: 'not_now', reason: seen.reason };
  }
  return null;
}

/** Of two, one shows more: a tell beside the other alone, unless the record says otherwise or tells them by itself. */
function checkComparative(c: Character, greater: Described, less: Described, conditions: Conditions): Held {
  if (isAgainst(greater.values.get(c.id)?.value, less.values.get(c.id)?.value)) {
    return { verdict: 'contradicted', reason: 'the numbers recorded say the other way' };
  }
  return notNow(c, greater, less, conditions) ?? { verdict: 'beside', reason: 'with both at hand' };
}

/**
 * Holds a declared tell against the record. Source: docs/domain.md, Look-alikes and rules of thumb.
 * @param greater id of the one that shows more of the character, where only that is said.
 */
export function checkDeclared(
  character: string | null,
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
  greater: string | null = null,
): Held {
  const c = character === null ? undefined : vocabulary.get(character);
  if (!c) return { verdict: 'unsaid', reason: 'no character is named' };
  const s = separate(c, a.values.get(c.id)?.value, b.values.get(c.id)?.value);
  const tells = s.kind === 'tell' && s.strength !== 'partial';
  if (greater !== null && !tells) {
    return greater === a.id ? checkComparative(c, a, b, conditions) : checkComparative(c, b, a, conditions);
  }
  if (s.kind === 'unknown') return { verdict: 'unsupported', reason: 'not recorded of both' };
  if (s.kind === 'inapplicable') return { verdict: 'unsupported', reason: 'does not apply to both' };
  if (s.kind === 'none' || s.strength === 'partial') {
    return { verdict: 'contradicted', reason: `overlap ${s.overlap.toFixed(2)}` };
  }
  return notNow(c, a, b, conditions) ?? { verdict: 'supported', reason: s.strength };
}
