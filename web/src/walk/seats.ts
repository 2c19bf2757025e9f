import type { WalkSeat } from '@hurrow/contract';

const DAY = new Intl.DateTimeFormat('en-US', {
  weekday: 'short',
  month: 'short',
  day: 'numeric',
  timeZone: 'UTC',
});

const STATE_WORDS = {
  open: 'open',
  closed: 'closed',
  returned: 'results are here',
} as const satisfies Record<WalkSeat['state'], string>;

/** The quizzes a phone is in besides one, with the words to choose one by. */
export const othersOf = (
  seats: readonly WalkSeat[],
  sitting: string,
): readonly { readonly sitting: string; readonly words: string }[] =>
  seats
    .filter((s) => s.sitting !== sitting)
    .map((s) => {
      const state = s.state === 'open' && s.submitted ? 'handed in' : STATE_WORDS[s.state];
      return {
        sitting: s.sitting,
        words: `${DAY.format(new Date(`${s.on}T00:00:00Z`))}, number ${s.student}: ${state}`,
      };
    });
