import { describe, expect, test } from '@jest/globals';
import type { CallFairness, PairFairness, StationFairness } from '@hurrow/core/fairness';
import { afterVerdict, doubtWords, fixWords, givenAwayWords, missedLine, verdictLine } from './fairWords.ts';

const nameOf = (id: string): string => ({ eng: 'Engelmann spruce', limber: 'limber pine' })[id] ?? id;
const pair = (part: Partial<PairFairness> = {}): PairFairness => ({
  rival: 'eng',
  verdict: 'shaky',
  expected: 0.85,
  right: 0.9,
  by: [],
  open: [],
  ...part,
});
const found = (part: Partial<StationFairness> = {}): StationFairness => ({
  verdict: 'shaky',
  pairs: [pair()],
  whole: { expected: 0.9, right: 0.9 },
  calls: [],
  bare: [],
  missed: 0.4,
  near: false,
  ...part,
});
const call = (part: Partial<CallFairness>): CallFairness => ({
  character: 'x',
  verdict: 'unfair',
  doubt: 'hidden',
  reason: 'needs a twig',
  ...part,
});

describe('a verdict in one line', () => {
  test('names the closest look-alike and how often a careful observer is right', () => {
    expect(verdictLine(found(), nameOf)).toBe('hard to be sure: Engelmann spruce, right about 9 times in 10');
    expect(
      verdictLine(
        found({ verdict: 'unfair', pairs: [pair({ verdict: 'unfair', rival: 'limber', right: 0.5 })] }),
        nameOf,
      ),
    ).toBe('unfair: limber pine, right about half the time');
    expect(verdictLine(found({ verdict: 'unproven', pairs: [pair({ verdict: 'unproven' })] }), nameOf)).toBe(
      'not enough recorded to tell it from Engelmann spruce',
    );
    expect(verdictLine(found({ verdict: 'fair', pairs: [] }), nameOf)).toBe('fair');
    expect(afterVerdict(found(), nameOf)).toBe('Engelmann spruce, right about 9 times in 10');
    expect(afterVerdict(found({ verdict: 'unproven', pairs: [pair({ verdict: 'unproven' })] }), nameOf)).toBe(
      'to tell it from Engelmann spruce',
    );
    expect(afterVerdict(found({ verdict: 'unproven', pairs: [] }), nameOf)).toBe('');
  });

  test('says where it is the whole list at once, or a character question', () => {
    const fairPairs = [pair({ verdict: 'fair' })];
    expect(verdictLine(found({ pairs: fairPairs, whole: { expected: 0.7, right: 0.8 } }), nameOf)).toBe(
      'hard to be sure: many look-alikes at once, right about 8 times in 10',
    );
    expect(verdictLine(found({ verdict: 'unfair', pairs: fairPairs, calls: [call({})] }), nameOf)).toBe(
      'unfair: a character question',
    );
  });
});

test('how many of a class will miss it', () => {
  expect(missedLine(0.4, 12)).toBe('about 5 of 12 will miss it');
  expect(missedLine(0.03, 12)).toBe('almost nobody will miss it');
  expect(missedLine(0.4, 0)).toBe('about 4 times in 10 missed');
  expect(missedLine(null, 12)).toBeNull();
});

test('a fix is a verb and its object', () => {
  expect(fixWords({ kind: 'material', add: 'fruit' }, nameOf, '2026-10-01')).toBe('Add a cone or fruit');
  expect(fixWords({ kind: 'material', add: 'rubbing' }, nameOf, '')).toBe('Add rubbing');
  expect(fixWords({ kind: 'handling', allow: 'lens' }, nameOf, '')).toBe('Allow a hand lens');
  expect(fixWords({ kind: 'distance', to: 'trunk' }, nameOf, '')).toBe('Move up to the trunk');
  expect(fixWords({ kind: 'day', date: '2026-10-20' }, nameOf, '2026-10-01')).toBe('Move to Tue, Oct 20');
  expect(fixWords({ kind: 'genus' }, nameOf, '')).toBe('Ask the genus instead');
  expect(fixWords({ kind: 'accept', taxa: ['eng', 'limber'] }, nameOf, '')).toBe(
    'Accept Engelmann spruce and limber pine too',
  );
});

test.each([
  ['hidden', 'x: cannot be seen there (needs a twig)'],
  ['partly', 'x: only partly to be seen (needs a twig)'],
  ['varies', 'x: varies in this species; check it at this tree'],
  ['not_recorded', 'x: not recorded (needs a twig)'],
  ['does_not_apply', 'x: does not apply to this tree'],
  [null, 'x: can be answered'],
] as const)('a question in doubt: %s', (doubt, words) => {
  expect(doubtWords(call({ doubt }), undefined, 'plain')).toBe(words);
});

test('what gives a station away', () => {
  expect(givenAwayWords({ station: 's', other: 3, why: 'same_tree' })).toBe('The same tree is at station 3.');
  expect(givenAwayWords({ station: 's', other: 3, why: 'same_species' })).toBe(
    'The same species is at station 3.',
  );
  expect(givenAwayWords({ station: 's', other: 3, why: 'named_there' })).toBe(
    'Station 3 prints the name of this species.',
  );
});
