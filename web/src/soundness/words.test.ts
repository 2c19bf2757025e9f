import { describe, expect, test } from '@jest/globals';
import type { SoundStation, Soundness, TagCheck, TaxonHeader } from '@hurrow/contract';
import { stacked } from './stack.ts';
import {
  adviceWords,
  detailLines,
  figureWords,
  isFlat,
  pressing,
  reliabilityWords,
  rightWords,
  stationName,
  tooFewWords,
} from './words.ts';

const taxon = (scientific: string, common: string): TaxonHeader =>
  ({ id: scientific, scientific, common, rank: 'species' }) as TaxonHeader;
const BITTER = taxon('Prunus emarginata', 'bitter cherry');
const CHOKE = taxon('Prunus virginiana', 'chokecherry');
const check = (part: Partial<TagCheck> = {}): TagCheck => ({
  verdict: 'check',
  instead: CHOKE,
  namedAsTag: 1,
  namedAsInstead: 11,
  answers: 12,
  logRatio: 11.36,
  posterior: 0.99942,
  otherStations: 3,
  otherAnswers: 31,
  foundRight: null,
  ...part,
});
const station = (part: Partial<SoundStation> = {}): SoundStation => ({
  sittingStation: `s${part.number ?? 10}`,
  number: 10,
  tag: 'L41',
  truth: BITTER,
  n: 12,
  right: 1,
  correlation: { is: 'known', r: -0.12, p: 0.35, flagged: false },
  difficulty: null,
  others: [{ taxon: CHOKE, n: 11 }],
  check: check(),
  advice: 'check_tag',
  ...part,
});
const sound = (part: Partial<Soundness> = {}): Soundness => ({
  sitting: 'x',
  tooFew: [],
  students: 12,
  classes: [],
  reliability: { is: 'known', name: 'KR-20', value: 0.64, low: 0.38, high: 0.82, students: 12, stations: 11 },
  missing: 14,
  sigma: 0.9,
  stations: [],
  scale: [],
  through: [],
  ...part,
});

describe('what a station asks to be done', () => {
  test.each<[SoundStation['advice'], Partial<SoundStation>, string]>([
    [
      'check_tag',
      {},
      '11 of 12 wrote chokecherry; the tag says bitter cherry. Check the tag, the tree and the key.',
    ],
    [
      'look_at_tag',
      { check: check({ namedAsInstead: 12, namedAsTag: 0 }) },
      'All 12 wrote chokecherry; the tag says bitter cherry. There is too little to compare this with. Look at the tag when you pass.',
    ],
    [
      'nobody',
      { right: 0 },
      'Nobody named it; 11 wrote chokecherry. Teach it again before you ask it again.',
    ],
    ['nobody', { right: 0, others: [] }, 'Nobody named it. Teach it again before you ask it again.'],
    [
      'mixed_up',
      {},
      '11 of 12 wrote chokecherry, more than named it right. Teach the two beside each other again.',
    ],
    ['fine', { check: null }, 'Nothing to change.'],
  ])('is said of %s', (advice, part, words) => {
    expect(adviceWords(station({ advice, ...part }))).toBe(words);
  });

  test('says who found a tag right', () => {
    const foundRight = { by: 'Odile Marsh', at: '2026-10-01T10:00:00Z' };
    expect(adviceWords(station({ advice: 'fine', check: check({ foundRight }) }))).toBe(
      'Odile Marsh looked and found the tag right. Nothing to change.',
    );
    expect(
      adviceWords(station({ advice: 'fine', check: check({ foundRight: { ...foundRight, by: null } }) })),
    ).toContain('Somebody looked');
  });

  test('comes with the most pressing first and leaves out what is as it should be', () => {
    const all = [
      station({ number: 1, advice: 'few' }),
      station({ number: 2, advice: 'fine' }),
      station({ number: 3, advice: 'misleads' }),
      station({ number: 4, advice: 'everybody' }),
      station({ number: 5, advice: 'check_tag' }),
      station({ number: 6, advice: 'look_at_tag' }),
    ];
    expect(pressing(all).map((s) => s.number)).toEqual([5, 6, 3, 1]);
  });

  test('names stations and shares as people say them', () => {
    expect([stationName(station()), stationName(station({ tag: null }))]).toEqual([
      'Station 10, tag L41',
      'Station 10',
    ]);
    expect([0, 5, 12].map((right) => rightWords({ right, n: 12 }))).toEqual([
      'none of 12',
      '5 of 12',
      'all 12',
    ]);
  });
});

describe('the quiz as a whole', () => {
  test('says what is missing where too few came', () => {
    expect(tooFewWords(sound())).toBeNull();
    const few = sound({ tooFew: ['students', 'stations'], students: 9, stations: [station()] });
    expect(tooFewWords(few)).toBe(
      'There are too few answers to check the questions: 9 of 10 students and 1 of 8 stations. Only counts are shown.',
    );
  });

  test('says how far the order can be relied on, and what would make it steady', () => {
    expect(reliabilityWords(sound())).toBe(
      'With other stations of this kind, some students would change places. Do not let a point or two decide. About 14 more stations of this kind would make it steady.',
    );
    const known = (value: number) =>
      sound({
        missing: null,
        reliability: { is: 'known', name: 'alpha', value, low: 0, high: 1, students: 12, stations: 9 },
      });
    expect(reliabilityWords(known(0.85))).toContain('nearly the same order');
    expect(reliabilityWords(known(0.1))).toContain('Do not rank students by it');
    const same = sound({ reliability: { is: 'undefined', why: 'all_the_same', students: 12 } });
    expect(reliabilityWords(same)).toContain('Everybody has the same points');
    const few = sound({ reliability: { is: 'undefined', why: 'too_few', students: 6 } });
    expect(reliabilityWords(few)).toContain('(6 of 10)');
  });

  test('keeps its figures for the details', () => {
    expect(detailLines(sound())).toEqual([
      'KR-20 0.64, 95% interval 0.38 to 0.82 (Feldt), 12 students, 11 stations.',
      'Spread of ability 0.90 logits (Rasch’s model).',
    ]);
    expect(
      detailLines(sound({ sigma: null, reliability: { is: 'undefined', why: 'too_few', students: 6 } })),
    ).toEqual([]);
    expect([isFlat(sound({ sigma: 0.05 })), isFlat(sound()), isFlat(sound({ sigma: null }))]).toEqual([
      true,
      false,
      false,
    ]);
    expect(figureWords(station())).toBe(
      'r −0.12 with the rest, p 0.350; log ratio 11.36, posterior 1.00 by 31 answers at 3 other stations',
    );
    const none = (why: 'all_the_same' | 'rest_the_same' | 'too_few') =>
      figureWords(station({ check: null, correlation: { is: 'undefined', why } }));
    expect([none('all_the_same'), none('rest_the_same'), none('too_few')]).toEqual([
      'no r: everybody did the same here',
      'no r: everybody did the same elsewhere',
      'no r: too few answers',
    ]);
  });
});

test('dots of about the same value stand on each other, none before another', () => {
  const dots = stacked([0.02, 0.3, -0.04, 0.31, 0.01], (x) => x, 0.25);
  expect(dots.map((d) => [d.x, d.level])).toEqual([
    [0, 1],
    [0.25, 1],
    [0, 2],
    [0.25, 2],
    [0, 3],
  ]);
});
