import { describe, expect, test } from '@jest/globals';
import { ANSWERED_BY, PLAN, PRESETS, PRESET_SETTINGS, QUESTION_KINDS, questionFault } from './index.ts';
import type { AskParams } from './index.ts';

const base: AskParams = {
  question: 'odd_one_out',
  prompt: 'Which?',
  options: [
    { id: 'a', label: 'fir' },
    { id: 'b', label: 'larch' },
  ],
  others: [],
  right: ['b'],
  pairs: [],
  drawing: null,
  place: null,
  text: null,
};
const match: AskParams = {
  ...base,
  question: 'match_parts',
  others: [
    { id: 'da', label: '' },
    { id: 'db', label: '' },
  ],
  pairs: [
    ['a', 'da'],
    ['b', 'db'],
  ],
};
const faultOf = (kind: string, params: AskParams | null) => questionFault(kind, params)?.message ?? null;

describe('a question that cannot be asked', () => {
  test.each<[string, string, AskParams | null, string | null]>([
    ['a whole choice', 'choice', base, null],
    ['nothing to show', 'choice', null, 'This question has nothing to show.'],
    ['answered in another way', 'match', base, 'This question is answered in another way.'],
    [
      'one option',
      'choice',
      { ...base, options: base.options.slice(0, 1) },
      'A choice needs at least two options.',
    ],
    [
      'an option twice',
      'choice',
      { ...base, options: [...base.options, { id: 'a', label: 'x' }] },
      'An option is there twice.',
    ],
    ['nothing right', 'choice', { ...base, right: [] }, 'No option is right.'],
    [
      'right but not shown',
      'choice',
      { ...base, right: ['z'] },
      'The right answer is not among the options.',
    ],
    ['all right', 'choice', { ...base, right: ['a', 'b'] }, 'Every option is right.'],
    ['a whole match', 'match', match, null],
    ['nothing to match', 'match', { ...match, others: [] }, 'There is nothing to match.'],
    [
      'one side twice',
      'match',
      { ...match, others: [...match.others, { id: 'da', label: '' }] },
      'One side has something twice.',
    ],
    [
      'a match that misses one',
      'match',
      { ...match, pairs: match.pairs.slice(1) },
      'Not everything has its match.',
    ],
    [
      'a match of a stranger',
      'match',
      {
        ...match,
        pairs: [
          ['a', 'da'],
          ['b', 'zz'],
        ],
      },
      'Not everything has its match.',
    ],
    ['no place', 'point', { ...base, question: 'find_bud' }, 'The right place is not marked.'],
    ['no text', 'text', { ...base, question: 'spelling' }, 'The right text is missing.'],
  ])('%s', (_, kind, params, message) => {
    expect(faultOf(kind, params)).toBe(message);
  });

  test('every kind says how it is answered, and a remedy goes with every fault', () => {
    expect(Object.keys(ANSWERED_BY).sort()).toEqual([...QUESTION_KINDS].sort());
    expect(questionFault('choice', { ...base, right: [] })?.remedy).toBe('Say which one is right.');
  });
});

describe('presets', () => {
  test('set a whole plan, always let look, and name themselves', () => {
    for (const p of PRESETS) {
      const { plan } = PRESET_SETTINGS[p];
      expect(Object.keys(plan).sort()).toEqual(Object.keys(PLAN).sort());
      expect(plan.preset).toBe(p);
      expect(plan.handling).toContain('look');
    }
  });

  test('are those that are asked for', () => {
    const { college, contest_juniors: juniors, contest_seniors: seniors, young } = PRESET_SETTINGS;
    expect(college).toMatchObject({
      plan: {
        seconds: 90,
        moveSeconds: 15,
        freeMinutes: 5,
        box: 'none',
        sureness: false,
        mostCalls: 2,
      },
      policy: { misspelled: 0.5, genusOnly: 0.5 },
      stations: [30, 30],
    });
    expect(college.asks).toEqual([
      { kind: 'scientific', points: 2 },
      { kind: 'common', points: 1 },
    ]);
    expect(seniors.plan).toMatchObject({ seconds: 60, moveSeconds: 10, against: 'list', handling: ['look'] });
    expect([juniors.policy.misspelled, seniors.policy.misspelled]).toEqual([1, 0.5]);
    expect(young).toMatchObject({
      plan: { walk: 'free', showScore: false, box: 'not_sure' },
      stations: [8, 10],
    });
  });
});
