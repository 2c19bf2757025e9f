import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkAnswer, isAnswerValue } from './index.ts';

const VALID: readonly unknown[] = [
  { kind: 'name', text: 'grand fir' },
  { kind: 'name', text: '' },
  { kind: 'state', state: 'opposite', written: 'opp' },
  { kind: 'states', states: ['a', 'b'] },
  { kind: 'count', n: 0 },
  { kind: 'measure', mm: 76.2, typed: '3 in' },
  { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
  { kind: 'choice_by_character', chosen: 'a', shown: ['a'], character: 'leaf.margin' },
  { kind: 'match', pairs: [['a', 'b']] },
  { kind: 'match', pairs: [] },
  { kind: 'point', x: 0, y: 1 },
  { kind: 'text', text: 'it leans' },
  { kind: 'sureness', sure: 'sure' },
  { kind: 'cannot_tell' },
  { kind: 'not_sure' },
  { kind: 'withdrawn' },
  { kind: 'name', text: 'grand fir', picked: 'misspelled' },
  { kind: 'does_not_apply' },
  { kind: 'illegible' },
  { kind: 'blank', v: 1 },
  { kind: 'not_reached' },
];

const INVALID: readonly (readonly [string, unknown])[] = [
  ['nothing', null],
  ['a text', 'grand fir'],
  ['a list', []],
  ['no kind', {}],
  ['a kind nobody knows', { kind: 'hunch' }],
  ['a kind that every object has', { kind: 'constructor' }],
  ['a name without a text', { kind: 'name' }],
  ['a name too long', { kind: 'name', text: 'x'.repeat(401) }],
  ['half an emoji', { kind: 'name', text: '\ud83d' }],
  ['half an emoji in a choice', { kind: 'state', state: '\ud83d' }],
  ['more than it has', { kind: 'name', text: 'x', points: 5 }],
  ['a later version', { kind: 'blank', v: 2 }],
  ['no states', { kind: 'states', states: [] }],
  ['a state twice', { kind: 'states', states: ['a', 'a'] }],
  ['a count that is a text', { kind: 'count', n: '5' }],
  ['a count with a fraction', { kind: 'count', n: 1.5 }],
  ['a count below nothing', { kind: 'count', n: -1 }],
  ['a length of nothing', { kind: 'measure', mm: 0, typed: '0 mm' }],
  ['a length beyond any tree', { kind: 'measure', mm: 1e9, typed: '1000 km' }],
  ['a pair of three', { kind: 'match', pairs: [['a', 'b', 'c']] }],
  ['a pair of one', { kind: 'match', pairs: [['a']] }],
  ['a point off the drawing', { kind: 'point', x: 1.1, y: 0 }],
  ['a sureness nobody knows', { kind: 'sureness', sure: 'certain' }],
];

describe('a tagged answer', () => {
  test.each(VALID.map((v) => [JSON.stringify(v), v] as const))('%s is one', (_, value) => {
    expect(isAnswerValue(value)).toBe(true);
  });

  test.each(INVALID)('%s is none', (_, value) => {
    expect(isAnswerValue(value)).toBe(false);
  });

  test('anything at all is either an answer or refused without a fault', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.anything(),
          fc.record({
            kind: fc.constantFrom('name', 'match', 'point'),
            text: fc.anything(),
            pairs: fc.anything(),
          }),
        ),
        (any) => {
          expect(typeof isAnswerValue(any)).toBe('boolean');
        },
      ),
    );
  });
});

describe('an answer as it is sent', () => {
  const sent = {
    id: '11111111-1111-4111-8111-111111111111',
    ask: 'x',
    seq: 1,
    at: '2026-10-01T18:00:00.000Z',
  };
  test.each([
    [{ typed: 'grand fir' }, { kind: 'name', text: 'grand fir' }],
    [{ typed: '' }, { kind: 'blank' }],
    [{ state: 'opposite' }, { kind: 'state', state: 'opposite' }],
    [{ state: 'does-not-apply' }, { kind: 'does_not_apply' }],
    [{ state: '7' }, { kind: 'count', n: 7 }],
    [{ sure: 'leaning' }, { kind: 'sureness', sure: 'leaning' }],
    [{ value: { kind: 'measure', mm: 38, typed: '38 mm' } }, { kind: 'measure', mm: 38, typed: '38 mm' }],
  ])('short or tagged, it becomes one form: %j', (content, value) => {
    expect(checkAnswer({ ...sent, ...content })).toEqual({ ok: true, value: { ...sent, clues: 0, value } });
  });

  test('says how many clues were open', () => {
    const open = { ...sent, typed: 'grand fir', clues: 2 };
    expect(checkAnswer(open)).toMatchObject({ ok: true, value: { clues: 2 } });
    expect(checkAnswer({ ...open, clues: 99 }).ok).toBe(false);
  });

  test.each([
    ['nothing said', {}],
    ['two things said', { typed: 'x', state: 'y' }],
    ['short and tagged', { typed: 'x', value: { kind: 'blank' } }],
  ])('%s is refused', (_, content) => {
    expect(checkAnswer({ ...sent, ...content }).ok).toBe(false);
  });
});
