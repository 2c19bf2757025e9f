import type { CharacterRate, CountOf, FitSpan, MissFitOfClass } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import type { LeftOut } from '@hurrow/core/misses';
import { counted, shareWords } from '../parts/index.ts';

/** Not used and misread, where calls allow; what is not known is said. */
export const splitWords = ({ split }: Pick<CharacterRate, 'split'>): string =>
  split === null ? '' : `not used ${shareWords(split.u)}, seen wrong ${shareWords(split.e)}`;

const UNKNOWN: Readonly<Record<Exclude<CharacterRate['verdict'], 'estimated'>, string>> = {
  undetermined: 'The answers cannot tell yet.',
  'not enough looks': 'Not enough answers depend on it.',
};

/** Why a rate is not said, and what would settle it; null where it is said. */
export function unknownWords(
  r: Pick<CharacterRate, 'verdict' | 'bundle' | 'ask'>,
  nameOf: (character: string) => string,
): string | null {
  if (r.verdict === 'estimated') return null;
  if (r.bundle.length < 2) return UNKNOWN[r.verdict];
  const ask = r.ask.map(nameOf);
  return `These cannot be told from one another yet.${
    ask.length === 0 ? '' : ` A question about ${ask.length === 1 ? ask[0] : `one of them`} would tell.`
  }`;
}

/** One row for characters that cannot be told from one another: the first of them stands for all. */
export const inBundles = (rates: readonly CharacterRate[]): readonly CharacterRate[] =>
  rates.filter((r, i) => rates.findIndex((x) => x === r || x.bundle.includes(r.character)) === i);

/** Not used and seen wrong where the rate is known; else how often it was called wrong; nothing where nobody asked. */
export function howWords(r: Pick<CharacterRate, 'verdict' | 'split'>, called: CountOf | undefined): string {
  if (r.verdict === 'estimated' && r.split) return splitWords(r);
  return called && called.n > 0 ? `called wrong ${called.k} of ${called.n} times` : '';
}

/** What a rate rests on. */
export const baseWords = (r: Pick<CharacterRate, 'direct' | 'indirect'>): string =>
  `${counted(r.indirect, 'name')}, ${counted(r.direct, 'call')}`;

/** Wrong answers that would not have been given; rounded, since they are worked out and not counted. */
export const behindWords = (avoided: number): string => {
  const n = Math.round(avoided);
  return n === 0 ? 'none' : `about ${n}`;
};

/** The sittings of a fit: *3 quizzes, Sep 1 to Oct 6*. */
export const spanWords = ({ from, to, sittings }: FitSpan, today: string): string =>
  `${counted(sittings, 'quiz', 'quizzes')}, ${
    from === to ? showDate(from, today) : `${showDate(from, today)} to ${showDate(to, today)}`
  }`;

const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  doubted: 'at stations whose tag is to be checked',
  not_named: 'that name no species of the list',
  guessing: 'marked as guesses',
  met_before: 'at trees met before',
  not_recorded: 'with a name that nothing recorded tells from the tree',
};

/** Answers that a fit leaves out, by reason; empty where it leaves none out. */
export function leftOutWords(leftOut: MissFitOfClass['leftOut']): string {
  const parts = (Object.entries(LEFT_OUT_WORDS) as [LeftOut, string][]).flatMap(([reason, words]) =>
    leftOut[reason] > 0 ? [`${leftOut[reason]} ${words}`] : [],
  );
  return parts.length === 0 ? '' : `Left out: ${parts.join('; ')}.`;
}

/** How a rate changed since quizzes that none of it comes from; null where that cannot be said. */
export function changeWords(
  { m, before }: Pick<CharacterRate, 'm' | 'before'>,
  today: string,
): string | null {
  if (before === null) return null;
  const was = `${shareWords(before.value)} until ${showDate(before.to, today)}`;
  if (m.high < before.low) return `fell: ${was}`;
  if (m.low > before.high) return `rose: ${was}`;
  return `no clear change: ${was}`;
}

/** How a miss rate changes with the weeks since a species was taught; null where it cannot be said. */
export function slopeWords(slope: MissFitOfClass['slope']): string | null {
  if (slope === null) return null;
  if (slope.low > 0) return 'Characters are missed more often the longer ago a species was taught.';
  if (slope.high < 0) return 'Characters are missed less often the longer ago a species was taught.';
  return 'It makes no clear difference how long ago a species was taught.';
}
