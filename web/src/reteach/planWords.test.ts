import { describe, expect, test } from '@jest/globals';
import type { LessonFollowed, MixUpRow } from '@hurrow/contract';
import { contrastsOf, contrastWords, followedWords, predictedContrasts, whyWords } from './planWords.ts';

const taxon = (id: string, common: string) => ({ id, scientific: id, common }) as MixUpRow['truth'];
const GRAND = taxon('grandis', 'grand fir');
const SUBALPINE = taxon('lasiocarpa', 'subalpine fir');
const ASH = taxon('ash', 'green ash');
const next = { sitting: 's', quiz: 'Second walk', on: '2026-10-06' };
const row = (part: Partial<MixUpRow>): MixUpRow =>
  ({
    truth: GRAND,
    answer: SUBALPINE,
    students: 7,
    looked: 12,
    state: 'repeat',
    next: null,
    tagDoubt: null,
    ...part,
  }) as MixUpRow;
const day = (on: string): string => `day ${on.slice(8)}`;

describe('mix-ups as contrasts for a lesson', () => {
  test('both directions are one contrast, by the looks of the coming quiz', () => {
    const [firs, ash] = contrastsOf(
      [
        row({ next }),
        row({ truth: SUBALPINE, answer: GRAND, students: 2 }),
        row({ truth: ASH, answer: GRAND, students: 5 }),
      ],
      [['grandis', 'lasiocarpa']],
      12,
    );
    // The quiz asks grand fir alone: 12 looks, (7 + 0.5) of (12 + 1) of them wrong.
    expect(firs?.contrast).toMatchObject({ cluster: 'cluster 0', looks: 12 });
    expect(firs?.contrast.rate).toBeCloseTo(7.5 / 13, 12);
    expect(firs?.rows).toHaveLength(2);
    // The quiz does not ask ash.
    expect(ash?.contrast).toMatchObject({ looks: 0, rate: 0, cluster: 'ash/grandis' });
  });

  test('with no quiz scheduled every species counts as asked once', () => {
    const [firs] = contrastsOf([row({}), row({ truth: SUBALPINE, answer: GRAND, students: 2 })], [], 12);
    expect(firs?.contrast.looks).toBe(24);
  });

  test('a mix-up that was fixed, or may be a wrong tag, is not taught again', () => {
    expect(contrastsOf([row({ state: 'fixed' })], [], 12)).toEqual([]);
    expect(contrastsOf([row({ tagDoubt: { sitting: 's', quiz: 'q', station: 3 } })], [], 12)).toEqual([]);
  });

  test('why it is in stands in what was counted', () => {
    const rows = [row({ next })];
    expect(contrastWords({ rows })).toBe('subalpine fir for grand fir');
    expect(whyWords({ rows }, day)).toBe('7 of 12 missed it; came back; next quiz day 06.');
    expect(whyWords({ rows: [row({ state: 'new' })] }, day)).toBe('7 of 12 missed it.');
    expect([contrastWords({ rows: [] }), whyWords({ rows: [] }, day)]).toEqual(['', '']);
  });
});

describe('mix-ups that are only predicted', () => {
  const [firs, ...more] = predictedContrasts(
    [
      { a: 'grandis', b: 'lasiocarpa', rate: 0.123 },
      { a: 'grandis', b: 'gone', rate: 0.5 },
    ],
    (id) => [GRAND, SUBALPINE].find((t) => t.id === id),
    12,
  );

  test('are contrasts of two species of the library, each asked once', () => {
    expect(more).toEqual([]);
    expect(firs).toMatchObject({
      id: 'grandis/lasiocarpa',
      rows: [],
      contrast: { rate: 0.123, looks: 24, cluster: 'grandis/lasiocarpa' },
    });
  });

  test('say that nobody has answered yet', () => {
    if (!firs) throw new Error('A contrast was expected');
    expect(contrastWords(firs)).toBe('grand fir and subalpine fir');
    expect(whyWords(firs, day)).toBe('Nobody has answered yet; about 12 in 100 answers may be wrong.');
    const rare = { ...firs, contrast: { ...firs.contrast, rate: 0.001 } };
    expect(whyWords(rare, day)).toContain('about 1 in 100');
  });
});

describe('what followed a lesson', () => {
  const followed = (part: Partial<LessonFollowed>): LessonFollowed => ({
    truth: GRAND,
    answer: SUBALPINE,
    verdict: 'helped',
    before: { k: 8, n: 24 },
    after: { k: 1, n: 24 },
    others: { before: { k: 6, n: 48 }, after: { k: 5, n: 48 } },
    ...part,
  });

  test('is said with its base and the pairs that were not taught again', () => {
    expect(followedWords(followed({}))).toBe(
      'It helped. Before 8 of 24 students at new trees, after 1 of 24. Pairs not taught again: 6 of 48, then 5 of 48.',
    );
  });

  test('has its second wording where the pair was chosen by the only counts before it', () => {
    expect(followedWords(followed({ verdict: 'fell' }))).toMatch(
      /^It fell after the lesson; some fall is expected of the worst pairs\./,
    );
  });

  test('has no number without a base where nobody was at a new tree on one side of the lesson', () => {
    const none = { k: 0, n: 0 };
    expect(followedWords(followed({ verdict: 'too few', before: none, after: { k: 2, n: 5 } }))).toContain(
      ' Before it nobody was at a new tree, after it 2 of 5 students.',
    );
    expect(followedWords(followed({ verdict: 'too few', after: none }))).toContain(
      ' Before it 8 of 24 students at new trees, after it nobody was at one.',
    );
  });

  test('says nothing in numbers where there are none', () => {
    const none = { k: 0, n: 0 };
    expect(
      followedWords(
        followed({ verdict: 'too few', before: none, after: none, others: { before: none, after: none } }),
      ),
    ).toBe('Too few answers on new trees to say.');
  });
});
