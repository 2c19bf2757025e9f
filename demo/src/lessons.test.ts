import { expect, test } from '@jest/globals';
import { lessonEffect } from '@hurrow/core/mixups';
import type { EffectOf, FreshCount } from '@hurrow/core/mixups';
import { seeded } from '@hurrow/core/numbers';
import { answerStation } from './answers.ts';
import { SPECIES } from './libraryRows.ts';

const STUDENTS = 24;
const DAYS = ['2026-09-08', '2026-09-22', '2026-10-06', '2026-10-13'] as const;
const LESSON_ON = '2026-09-26';
const ASKS = [{ kind: 'scientific', character: null }];
const NAMES = { common: (s: string) => s, others: () => [], shown: () => '' };

/** Whether a name with a slip of the pen means a species, by its first letters. */
const means = (typed: string, species: string): boolean => {
  const [genus = '', epithet = ''] = typed.split(' ');
  const [g = '', e = ''] = species.split(' ');
  return epithet !== '' && e.startsWith(epithet.slice(0, 2)) && g.startsWith(genus.slice(0, 1));
};

/** How many of a class wrote one species for another at a new tree of each quiz, as the demo's generator answers. */
function counted(pairs: readonly (readonly [truth: string, named: string])[]): readonly EffectOf[] {
  const random = seeded(23);
  return pairs.map(([truth, named]) => ({
    flaggedBy: 1,
    fresh: DAYS.map((on, i): FreshCount => {
      const answers = Array.from({ length: STUDENTS }, () =>
        answerStation(truth, ASKS, 1, NAMES, random, { section: 'tuesday', afterLesson: on > LESSON_ON }),
      );
      const k = answers.filter(([name]) => means(name?.typed ?? '', named)).length;
      return { seq: i + 1, on, material: 'standing', k, n: STUDENTS };
    }),
  }));
}

test('of the two pairs the lesson took up, the firs are said to be helped and the pines are not', () => {
  const [firs, pines, ...rest] = counted([
    ['Abies grandis', 'Abies lasiocarpa'],
    ['Pinus flexilis', 'Pinus albicaulis'],
    ['Elaeagnus angustifolia', 'Shepherdia argentea'],
    ['Sorbus aucuparia', 'Fraxinus pennsylvanica'],
  ]);
  if (!firs || !pines) throw new Error('Two pairs were expected');
  expect(SPECIES).toEqual(expect.arrayContaining(['Abies grandis', 'Pinus flexilis']));
  expect(lessonEffect(firs, LESSON_ON, rest, 20).verdict).toBe('helped');
  expect(lessonEffect(pines, LESSON_ON, rest, 20).verdict).toBe('no sign');
});
