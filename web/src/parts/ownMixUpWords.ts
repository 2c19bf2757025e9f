import type { OwnMixUp } from '@hurrow/contract';

/** A mix-up in a student's own words: what happened, then how it went on. */
export function ownMixUpWords(m: OwnMixUp): readonly [string, string] {
  const first = `You wrote ${m.wrote}; the tree was ${m.tree}: ${m.k} of ${m.n} times.`;
  if (m.resolved) return [first, 'You have been right on three days since. This pair is resolved.'];
  if (m.again.k > 0)
    return [first, `It happened again on ${m.again.k} of ${m.again.n} new trees. Compare the two.`];
  if (m.clean > 0)
    return [
      first,
      `You have been right on ${m.clean} ${m.clean === 1 ? 'day' : 'days'} since. Three resolve it.`,
    ];
  return [first, 'You have not seen another tree of the two since.'];
}
