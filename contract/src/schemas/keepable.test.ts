import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MOST_DEPTH } from './keepable.ts';
import { checkAnswer, findUnkeepable, isKeepable } from './index.ts';

const nested = (depth: number): unknown => {
  let value: unknown = 'x';
  for (let i = 0; i < depth; i += 1) value = [value];
  return value;
};

describe('what a database keeps', () => {
  test.each([
    ['plain text', 'grand fir', true],
    ['a whole emoji', '🌲', true],
    ['the first half of one', '\ud83c', false],
    ['the second half of one', '\udf32', false],
    ['halves in the wrong order', '\udf32\ud83c', false],
    ['a NUL', 'a\u0000b', false],
  ])('%s', (_, text, keeps) => {
    expect(isKeepable(text)).toBe(keeps);
  });

  test('is found wherever it stands, in keys too, with its path', () => {
    expect(findUnkeepable({ a: [{ b: '\ud83c' }] })).toMatchObject({ field: 'a.0.b' });
    expect(findUnkeepable({ a: { '\u0000': 1 } })).toMatchObject({ field: 'a' });
    expect(findUnkeepable({ a: [1, null, true, 'x'] })).toBeNull();
  });

  test('is nested no deeper than any body of ours, and no depth exhausts the stack', () => {
    expect(findUnkeepable(nested(MOST_DEPTH - 1))).toBeNull();
    expect(findUnkeepable(nested(MOST_DEPTH + 1))?.why).toContain('too deep');
    expect(findUnkeepable(nested(300_000))?.why).toContain('too deep');
  });

  test('agrees with the platform on every text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 12 }), (text) => {
        const wellFormed = (text as unknown as { isWellFormed(): boolean }).isWellFormed();
        expect(isKeepable(text)).toBe(wellFormed && !text.includes('\u0000'));
      }),
    );
  });
});

describe('an answer of a batch', () => {
  const answer = {
    id: '0189D7A2-0000-7000-8000-000000000000',
    ask: 'abc',
    seq: 1,
    typed: 'grand fir',
    at: '2026-10-01T18:00:00.000Z',
  };

  test('has its id in lower case', () => {
    const checked = checkAnswer(answer);
    expect(checked.ok && checked.value.id).toBe(answer.id.toLowerCase());
  });

  test.each([
    ['no object', 'x'],
    ['nothing', null],
    ['an id in brackets', { ...answer, id: `[${answer.id}]` }],
    ['a time without a zone', { ...answer, at: '2026-10-01T18:00:00' }],
    ['a time with another zone', { ...answer, at: '2026-10-01T18:00:00+02:00' }],
    ['an hour 24', { ...answer, at: '2026-10-01T24:00:00Z' }],
    ['a year 0', { ...answer, at: '0000-01-01T00:00:00Z' }],
    ['a year 275760', { ...answer, at: '+275760-09-13T00:00:00.000Z' }],
    ['no content', { id: answer.id, ask: 'a', seq: 1, at: answer.at }],
    ['a field nobody knows', { ...answer, late: false }],
    ['a text of 201 letters', { ...answer, typed: 'x'.repeat(201) }],
  ])('with %s is refused', (_, value) => {
    expect(checkAnswer(value).ok).toBe(false);
  });
});
