import { describe, expect, test } from '@jest/globals';
import { contentOfText, textOf } from './answerText.ts';
import type { Taken } from './answerText.ts';
import { START, contentFrom, next } from './engine/index.ts';
import type { KeptAnswer } from './engine/index.ts';
import { SITTING } from './engine/testing.ts';

describe('a text field of the walk', () => {
  test.each<[string, Taken, unknown]>([
    ['grand fir', 'name', { typed: 'grand fir' }],
    ['', 'name', { typed: '' }],
    ['5', 'count', { state: '5' }],
    ['five', 'count', null],
    ['3 in', 'measure', { value: { kind: 'measure', mm: 76.2, typed: '3 in' } }],
    ['75 mm ', 'measure', { value: { kind: 'measure', mm: 75, typed: '75 mm' } }],
    ['75', 'measure', null],
    ['0 mm', 'measure', null],
  ])('%j for a %s', (text, takes, content) => {
    expect(contentOfText(text, takes)).toEqual(content);
    if (content !== null) expect(textOf(content as Parameters<typeof textOf>[0])).toBe(text.trim());
  });

  test('shows nothing where it does not apply', () => {
    expect([textOf({ state: 'does-not-apply' }), textOf({})]).toEqual(['', '']);
  });

  test.each([
    [{ kind: 'name', text: 'x' }, { typed: 'x' }],
    [{ kind: 'blank' }, { typed: '' }],
    [{ kind: 'state', state: 'a' }, { state: 'a' }],
    [{ kind: 'count', n: 4 }, { state: '4' }],
    [{ kind: 'does_not_apply' }, { state: 'does-not-apply' }],
    [{ kind: 'sureness', sure: 'sure' }, { sure: 'sure' }],
    [{ kind: 'measure', mm: 38, typed: '38 mm' }, { value: { kind: 'measure', mm: 38, typed: '38 mm' } }],
  ] as const)('an answer of the server is shown as it was given here: %j', (value, content) => {
    expect(contentFrom(value)).toEqual(content);
  });
});

describe('an answer that waits for a decision', () => {
  const waiting = {
    ...SITTING,
    answers: [
      {
        id: 'a',
        ask: 'name',
        seq: 3,
        value: { kind: 'name' as const, text: 'x' },
        at: '2026-10-01T18:00:00.000Z',
        waits: 'It came late.',
      },
    ],
  };
  const load = (kept: readonly KeptAnswer[]) =>
    next(START, { type: 'loaded', from: 'server', sitting: waiting, kept, drafts: new Map() }).refused.get(
      'name',
    );
  const own = (part: Partial<KeptAnswer>): KeptAnswer => ({
    id: 'a',
    owner: 's/101',
    ask: 'name',
    seq: 3,
    at: '2026-10-01T18:00:00.000Z',
    sent: true,
    typed: 'x',
    ...part,
  });

  test('is said on every phone of the student', () => {
    expect(load([])).toEqual({ why: 'It came late.', remedy: '', kept: true });
    expect(load([own({})])?.why).toBe('It came late.');
  });

  test('not any more once the question was answered again', () => {
    expect(load([own({ id: 'b', seq: 4, sent: false })])).toBeUndefined();
  });

  test('in the words of the refusal where this phone was told', () => {
    expect(load([own({ refused: { why: 'Told at once.', remedy: 'Wait.', kept: true } })])?.why).toBe(
      'Told at once.',
    );
  });
});
