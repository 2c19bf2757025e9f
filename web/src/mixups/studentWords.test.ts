import { describe, expect, test } from '@jest/globals';
import type { SettingsEffect, StudentMixUp, TaxonHeader } from '@hurrow/contract';
import { effectOn } from './settingWords.ts';
import { othersWords, resolvedWords, studentWords, sumsOf } from './studentWords.ts';

const taxon = (id: string, common: string | null): TaxonHeader =>
  ({ id, scientific: `Abies ${id}`, common, rank: 'species' }) as TaxonHeader;
const GRAND = taxon('grandis', 'grand fir');
const SUBALPINE = taxon('lasiocarpa', null);
const pair = (part: Partial<StudentMixUp> = {}): StudentMixUp => ({
  truth: GRAND,
  answer: SUBALPINE,
  k: 1,
  n: 2,
  first: '2026-09-22',
  again: { k: 0, n: 0 },
  clean: 0,
  resolved: false,
  others: { k: 6, n: 23 },
  ...part,
});

describe('one student’s mix-up in words', () => {
  test.each<[string, Partial<StudentMixUp>, string]>([
    ['no chance yet', {}, 'not asked again on a new tree'],
    ['again', { again: { k: 1, n: 3 } }, '1 of 3 chances mixed up again'],
    [
      'right since',
      { again: { k: 0, n: 1 }, clean: 1 },
      '0 of 1 chances mixed up again; right on 1 day since',
    ],
    [
      'right on two days',
      { again: { k: 1, n: 4 }, clean: 2 },
      '1 of 4 chances mixed up again; right on 2 days since',
    ],
    [
      'resolved',
      { again: { k: 0, n: 3 }, clean: 3, resolved: true },
      '0 of 3 chances mixed up again; resolved',
    ],
  ])('%s', (_, part, words) => {
    expect(studentWords(pair(part))).toBe(words);
  });

  test('says how many others made it, and never who; nothing in a small class', () => {
    expect([
      othersWords(pair()),
      othersWords(pair({ others: { k: 0, n: 23 } })),
      othersWords(pair({ others: null })),
    ]).toEqual(['6 of 23 others too', 'nobody else of 23', '']);
  });

  test('prints the chance of resolving a pair by luck', () => {
    expect(resolvedWords(3, 0.343)).toContain('by luck 34% of the time');
  });

  test('counts the two directions of a pair once', () => {
    const turned = pair({ truth: SUBALPINE, answer: GRAND, again: { k: 1, n: 1 } });
    const other = pair({ answer: taxon('concolor', 'white fir'), resolved: true });
    expect(sumsOf({ mixUps: [pair({ again: { k: 1, n: 1 } }), turned, other] })).toEqual({
      open: 1,
      again: 1,
      resolved: 1,
    });
    expect(sumsOf({ mixUps: [] })).toEqual({ open: 0, again: 0, resolved: 0 });
  });
});

describe('what other settings would do', () => {
  const effect = (part: Partial<SettingsEffect>): SettingsEffect => ({
    section: 's',
    name: 'Tuesday lab',
    flagged: [],
    unflagged: [],
    states: [],
    ...part,
  });
  const names = { truth: GRAND, answer: SUBALPINE };

  test('is a line for each pair that changes, and none where nothing does', () => {
    expect(effectOn(effect({}))).toEqual([]);
    expect(
      effectOn(
        effect({
          flagged: [names],
          unflagged: [names],
          states: [
            { ...names, from: null, to: 'new' },
            { ...names, from: 'stubborn', to: null },
          ],
        }),
      ),
    ).toEqual([
      'Abies lasiocarpa for grand fir would be flagged',
      'Abies lasiocarpa for grand fir would not be flagged',
      'Abies lasiocarpa for grand fir is no mix-up of the class and would be new',
      'Abies lasiocarpa for grand fir is still there after reteaching and would be no mix-up of the class',
    ]);
  });
});
