/**
 * Characters that two careful observers call differently for want of a measure: how dense, which way on the whole, how
 * shaped. They tell where nothing better does, and never lead a key. Source: docs/decisions.md.
 */
const SUBJECTIVE: ReadonlySet<string> = new Set([
  'needle.density',
  'form.branch_angle',
  'form.outline',
  'form.foliage_posture',
  'form.lean',
]);

/** Whether a character is a matter of judgement. */
export const isSubjective = (character: string): boolean => SUBJECTIVE.has(character);
