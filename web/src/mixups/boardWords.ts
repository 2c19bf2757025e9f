import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';
import type { Direction } from '@hurrow/core/mixups';
import type { Evidence, MixUpRow, MixUps, PairState, TaxonHeader } from '@hurrow/contract';

export const STATE_WORDS: Readonly<Record<PairState, string>> = {
  new: 'new',
  repeat: 'came back',
  stubborn: 'still there after reteaching',
  fading: 'fading',
  fixed: 'fixed',
};
export const STATE_TIPS: Readonly<Record<PairState, string>> = {
  new: 'Enough of those who saw the tree mixed it up.',
  repeat: 'Again in a sitting held after results of one with it were returned.',
  stubborn: 'Again although a lesson took the pair up in between.',
  fading: 'The last time this tree was asked, fewer students mixed it up.',
  fixed: 'A lesson helped, and it did not come back over enough answers on new trees.',
};

export const MATERIAL_WORDS: Readonly<Record<string, string>> = {
  standing: 'standing trees',
  cut: 'cut parts',
  preserved: 'pressed parts and rubbings',
  pictured: 'photographs and plates',
};
export const FORM_WORDS: Readonly<Record<string, string>> = {
  typed: 'typed names',
  choice: 'which of two',
  number: 'a number from a list',
  completion: 'completed names',
};

export const plain = (t: Pick<TaxonHeader, 'scientific' | 'common'>): string => t.common ?? t.scientific;

/** A mix-up as it is said first: *7 of 24 students wrote subalpine fir; the tree was grand fir.* */
export const plainWords = (r: MixUpRow): string =>
  `${r.students} of ${r.looked} students wrote ${plain(r.answer)}; the tree was ${plain(r.truth)}.`;

const NO_WORDS_YET = '\u00a0';

/**
 * The character most likely behind a mix-up. While the vocabulary is still read its line stands empty, so that the button below it
 * does not move from under a press.
 */
export function causeWords(
  { character, characterFrom }: Pick<MixUpRow, 'character' | 'characterFrom'>,
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  if (character === null) return '';
  if (vocabulary === undefined) return NO_WORDS_YET;
  const known = vocabulary.get(character);
  if (!known) return '';
  return `Most likely ${characterWords(known, words)}, ${characterFrom === 'called' ? 'seen wrong' : 'missed'}.`;
}

/** Where it showed most: *5 of 12 at station 1*. */
export const whereWords = ({ at }: MixUpRow, day: (on: string) => string): string =>
  at === null ? '' : `Most at station ${at.station} of ${at.quiz}, ${day(at.on)}: ${at.k} of ${at.n}.`;

/** How it stands and since when. */
export const stateWords = ({ state, since }: MixUpRow, day: (on: string) => string): string =>
  state === null ? '' : `${STATE_WORDS[state]}${since === null ? '' : ` since ${day(since)}`}.`;

const MOST_TIMES = 10;

/** How it stands against slips, in words; empty where a class is too small to say. */
export function slipWords({ slips }: MixUpRow): string {
  if (slips === null) return '';
  if (!slips.flagged) return 'No more than slips would give.';
  if (slips.classes !== null)
    return `More than slips in ${slips.classes} ${slips.classes === 1 ? 'class' : 'classes'}.`;
  const times =
    slips.times > MOST_TIMES ? `more than ${MOST_TIMES}` : `about ${Math.max(2, Math.round(slips.times))}`;
  return `${times.charAt(0).toUpperCase()}${times.slice(1)} times more than slips would give.`;
}

/** A tag that the answers speak against: the mix-up may be a wrong tag. */
export const tagWords = ({ tagDoubt }: MixUpRow): string =>
  tagDoubt === null
    ? ''
    : `The tag at station ${tagDoubt.station} of ${tagDoubt.quiz} may be wrong: look at the tree first, under Question check.`;

/** How often again, once the students knew. */
export function againWords({ again }: MixUpRow): string {
  if (again.n === 0) return 'No chance to mix it up again yet.';
  return `${again.k} of ${again.n} chances mixed up again after results were returned.`;
}

/** New trees and trees met before, apart. */
export function freshWords({ fresh, met }: Pick<Evidence, 'fresh' | 'met'>): string {
  if (met.n === 0) return '';
  return `On trees not met before ${fresh.k} of ${fresh.n}; on trees met before ${met.k} of ${met.n}, which never count toward fixed.`;
}

/** Which way the pair is mixed up. */
export function directionWords({ truth, answer }: MixUpRow, direction: Direction | null): string {
  if (direction === null)
    return `${plain(answer)} was never asked, so it is not known whether it is taken for ${plain(truth)} too.`;
  const [a, b] = [plain(truth), plain(answer)];
  if (direction.more >= 0.95) return `${a} is taken for ${b} more often than the other way round.`;
  if (direction.more <= 0.05) return `${b} is taken for ${a} more often than the other way round.`;
  return `Neither is clearly taken for the other more often.`;
}

/** Answer forms that are counted together, said where there is more than one. */
export function pooledWords({ forms }: Pick<MixUps, 'forms'>, form: string | null): string | null {
  if (form !== null || forms.length < 2) return null;
  return `${forms.map((f) => `${f.looks} ${FORM_WORDS[f.form] ?? f.form}`).join(' and ')} are counted together. Choose one to count it alone.`;
}

/** Mix-ups worth acting on: what came back, what is more than slips, what the next sitting asks of at least three students. */
export const toActOn = (rows: readonly MixUpRow[]): readonly MixUpRow[] =>
  rows.filter(
    (r) => r.slips?.flagged === true || r.state === 'stubborn' || r.state === 'repeat' || r.students >= 3,
  );

const EFFECT_WORDS: Readonly<Record<Evidence['effects'][number]['verdict'], string>> = {
  helped: 'The lesson helped.',
  fell: 'It fell. Some fall is expected of the pairs that looked worst.',
  'no sign': 'There is no sign that the lesson helped.',
  'too few': 'These are too few answers on new trees to say more.',
};

const atNewTrees = ({ k, n }: { readonly k: number; readonly n: number }): string =>
  n === 0 ? 'nobody was at a new tree' : `${k} of ${n} students at new trees`;

/** What followed a lesson, counted on students at trees they had not met before. */
export function effectWords(e: Evidence['effects'][number], day: (on: string) => string): string {
  const { before, after } = e;
  if (before.n + after.n === 0)
    return `Nobody met a new tree before or after the lesson of ${day(e.on)}, so it cannot be said what it did.`;
  return `Before the lesson of ${day(e.on)}, ${atNewTrees(before)}; after it, ${atNewTrees(after)}. ${EFFECT_WORDS[e.verdict]}`;
}

/** When *more than slips* was worked out. */
export function flagBase({ small, flagsFrom }: Pick<MixUps, 'small' | 'flagsFrom'>): string {
  if (small) return '';
  return flagsFrom === 'returns'
    ? 'More than slips is worked out each time results are returned.'
    : 'More than slips is worked out for what is chosen here.';
}

/** The newest quizzes are named; of many the rest is counted. */
const NAMED_QUIZZES = 6;

/** Which quizzes a board rests on: *in 2 quizzes: …*. */
export function quizzesWords(sittings: MixUps['sittings'], day: (on: string) => string): string {
  const named = sittings.slice(0, NAMED_QUIZZES).map((s) => `${s.quiz}, ${day(s.on)}`);
  const more = sittings.length - named.length;
  return `${sittings.length} ${sittings.length === 1 ? 'quiz' : 'quizzes'}: ${named.join('; ')}${more > 0 ? `; and ${more} before` : ''}.`;
}

/** Pairs beyond the most that are listed, said with what makes them appear. */
export const unlistedWords = (n: number): string =>
  `${n} more pairs, those of the fewest students, are not listed. Choose fewer classes or days to see them.`;
