import type { ReadAnswer, ReadingsOfClass } from '@hurrow/contract';
import { READINGS } from '@hurrow/core/mixups';
import type { MisreadCase, Reading, ReadingKind } from '@hurrow/core/mixups';

/** What a wrong answer is read as, in words. */
export const READING_WORDS: Readonly<Record<ReadingKind, string>> = {
  blank: 'left blank',
  unlisted: 'a name that is not on the list',
  not_visible: 'could not be told here',
  taught_so: 'the class learned it so',
  name: 'knew the tree, mixed up the names',
  rule: 'followed a rule that this tree breaks',
  misread: 'saw it wrong',
  link_missing: 'saw it right, named it wrong',
  not_looked_enough: 'did not look far enough',
  guess: 'a guess',
  persistent: 'mixed up again',
  slip: 'a slip: right three times since',
  single: 'once so far',
};

/** What a reading means, and what follows from it. */
export const READING_TIPS: Readonly<Record<ReadingKind, string>> = {
  blank: 'Nothing was written.',
  unlisted: 'The name is of no species of the list.',
  not_visible: 'Nothing at the station told the two apart. It does not count against the student.',
  taught_so:
    'Most of the class see it as the profile says, and this tree differs. Check the profile or the tree.',
  name: 'Everything asked was seen right; the name is shared or the two were swapped.',
  rule: 'A rule of thumb leads from this tree to that name.',
  misread: 'A character was called other than the tree shows it.',
  link_missing: 'A character was called right and does not fit the name.',
  not_looked_enough: 'All that was asked was seen right, and it fits both.',
  guess: 'The student said so.',
  persistent: 'The pair was mixed up before or after, once results were returned.',
  slip: 'Three clean looks on other days followed.',
  single: 'Nothing asked says why; it is the only time so far.',
};

const CASE_WORDS: Readonly<Record<MisreadCase, string>> = {
  leaf_for_leaflet: 'a leaflet taken for the leaf',
  lobe_for_sinus: 'gaps counted for lobes',
  wrong_side: 'the other side of the leaf',
  girth_for_diameter: 'girth for diameter',
  inches_for_centimeters: 'inches for centimeters',
  one_term_throughout: 'one word for another each time',
};

/** One reading with its characters, and what was taken for what. */
export function readingWords(r: Reading, nameOf: (character: string) => string): string {
  const where = r.characters.length > 0 ? `: ${r.characters.map(nameOf).join(', ')}` : '';
  return `${READING_WORDS[r.kind]}${where}${r.as === null ? '' : ` (${CASE_WORDS[r.as]})`}`;
}

/** The reading that is shown first: an instructor's own before the one worked out. */
export const firstReading = ({ readings, corrected }: ReadAnswer): ReadingKind =>
  corrected?.reading ?? readings[0]?.kind ?? 'single';

/** Every reading that can be given by hand, in order. */
export const READING_CHOICES: readonly { readonly value: ReadingKind; readonly label: string }[] =
  READINGS.map((value) => ({ value, label: READING_WORDS[value] }));

/** How many answers a reading has, and of how many students. */
export const countWords = (c: ReadingsOfClass['counts'][number]): string =>
  `${c.answers} ${c.answers === 1 ? 'answer' : 'answers'} of ${c.students} ${
    c.students === 1 ? 'student' : 'students'
  }${c.corrected > 0 ? `, ${c.corrected} read by hand` : ''}`;
