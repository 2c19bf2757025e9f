import type { Grades, GradingDone, StaleReason } from '@hurrow/contract';

const REASONS: Readonly<Record<StaleReason, string>> = {
  answers: 'The answers that count have changed.',
  decisions: 'A written name was decided since.',
  key: 'The key was revised since.',
};

/** Why grading is out of date, and what to do; null where it is not. */
export function staleWords(stale: readonly StaleReason[]): string | null {
  if (stale.length === 0) return null;
  return `${stale.map((s) => REASONS[s]).join(' ')} Grade again to take it in.`;
}

/** How many answers wait for a decision; null where none do. */
export function openWords(disputes: number): string | null {
  if (disputes === 0) return null;
  const answers = disputes === 1 ? '1 answer waits' : `${disputes} answers wait`;
  return `${answers} for your decision on the page of the sitting. What waits is not graded.`;
}

/** Whose points differ from the results they see; null where nobody's do. */
export function changedWords(changed: Grades['changedSince']): string | null {
  if (changed.length === 0) return null;
  const [first] = changed;
  const who =
    changed.length === 1 && first
      ? `Number ${first.code} has ${first.now} points now and sees ${first.returned}.`
      : `${changed.length} students have other points now than the results they see.`;
  return `${who} Return the results again to show the new ones.`;
}

/** What a decision about a name did here and elsewhere; null before there was one. */
export function decidedWords(done: GradingDone | null): string | null {
  if (!done) return null;
  const grades =
    done.changed === 1 ? '1 grade' : `${done.changed === 0 ? 'No grade' : `${done.changed} grades`}`;
  const here = `The name is decided. ${grades} of this sitting changed.`;
  const others = done.alsoStale.length;
  if (others === 0) return here;
  return others === 1
    ? `${here} Another sitting has answers with this name. Grade it again to take the decision in:`
    : `${here} ${others} other sittings have answers with this name. Grade them again to take the decision in:`;
}
