const FIRST =
  'brave calm clear cool early easy fair fast fine glad good happy kind late light lucky merry mild neat new nice odd old open plain quick quiet rainy ready round shy silent slow small smart soft steady still sunny swift tall tidy tiny warm wild windy wise young'.split(
    ' ',
  );
const SECOND =
  'badger basket bell boat bridge button candle canoe compass coyote creek drum eagle feather ferry fiddle fox ghost harbor helmet jacket kettle ladder lantern letter lizard magnet marble mitten mountain otter paddle pepper pocket puppet rabbit raft river rocket saddle sailor shadow signal sparrow spider teapot thunder tiger tunnel whistle'.split(
    ' ',
  );

const pick = (words: readonly string[], random: () => number): string =>
  words[Math.floor(random() * words.length)] ?? '';

/** A private word to start from: two plain words and a number, easy to write down and hard to guess. */
export const suggestWord = (random: () => number): string =>
  `${pick(FIRST, random)} ${pick(SECOND, random)} ${10 + Math.floor(random() * 90)}`;

const KEY = 'hurrow-walk-word';

/** Keeps the private word on this phone, so that its student can look it up; null forgets it. */
export function rememberWord(word: string | null): void {
  try {
    if (word === null) window.localStorage.removeItem(KEY);
    else window.localStorage.setItem(KEY, word);
  } catch {
    // A phone that keeps nothing: the student has written the word down.
  }
}

export function rememberedWord(): string | null {
  try {
    return window.localStorage.getItem(KEY);
  } catch {
    return null;
  }
}
