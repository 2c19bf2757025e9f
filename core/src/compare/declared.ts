import type { Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { separate } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';

/** What becomes of a declared tell when it is held against what is recorded. */
export type DeclaredVerdict = 'supported' | 'not_now' | 'unsupported' | 'contradicted' | 'unsaid';

/** Holds a declared tell against the record. Source: docs/domain.md, Look-alikes and rules of thumb. */
export function checkDeclared(
  character: string | null,
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
): { readonly verdict: DeclaredVerdict; readonly reason: string } {
  const c = character === null ? undefined : vocabulary.get(character);
  if (!c) return { verdict: 'unsaid', reason: 'no character is named' };
  const s = separate(c, a.values.get(c.id)?.value, b.values.get(c.id)?.value);
  if (s.kind === 'unknown') return { verdict: 'unsupported', reason: 'not recorded of both' };
  if (s.kind === 'inapplicable') return { verdict: 'unsupported', reason: 'does not apply to both' };
  if (s.kind === 'none' || s.strength === 'partial') {
    return { verdict: 'contradicted', reason: `overlap ${s.overlap.toFixed(2)}` };
  }
  for (const taxon of [a, b]) {
    const seen = visible(taxon.subject, c, conditions);
    if (seen.seen === 'no' || seen.seen === 'unknown') return { verdict: 'not_now', reason: seen.reason };
  }
  return { verdict: 'supported', reason: s.strength };
}
