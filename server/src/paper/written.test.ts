import { describe, expect, test } from '@jest/globals';
import type { Accepted } from '@hurrow/core/quizzes';
import type { KeyAsk } from '@hurrow/core/grading';
import { keyFor, writtenFor } from './written.ts';

const ask = (accepted: Accepted, labels: Readonly<Record<string, string>> = {}): KeyAsk => ({
  id: 'ask',
  kind: 'choice',
  character: null,
  most: 1,
  ord: 1,
  accepted,
  shown: { prompt: 'Which?', labels },
});
const two = ask({ kind: 'choice', right: ['b'] }, { a: 'grand fir', b: 'subalpine fir' });

describe('what a hand writes on a sheet', () => {
  test.each([
    ['B', 'b'],
    ['Grand fir ', 'a'],
  ])('“%s” is a choice by its letter or its words', (typed, chosen) => {
    expect(writtenFor(two, typed, 'x')).toEqual({ kind: 'choice', chosen, shown: ['a', 'b'] });
  });

  test('anything else is refused with what can be written, and nothing written is a blank', () => {
    expect(() => writtenFor(two, 'larch', 'answers.0.typed')).toThrow('“larch” is not one of the choices.');
    expect(writtenFor(two, ' ', 'x')).toEqual({ kind: 'blank' });
  });

  test('a text stands as it is, and what is drawn is answered on the phone', () => {
    expect(writtenFor(ask({ kind: 'text', right: 'Abies' }), ' Abis ', 'x')).toEqual({
      kind: 'text',
      text: 'Abis',
    });
    expect(() => writtenFor(ask({ kind: 'match', pairs: [] }), 'a-b', 'x')).toThrow('answered on the phone');
    expect(writtenFor(ask({ kind: 'name' }), 'fir', 'x')).toBeNull();
  });

  test('as the key: the right choice, pairs, place or text', () => {
    expect(keyFor(two)).toEqual({ kind: 'choice', chosen: 'b', shown: ['a', 'b'] });
    expect(keyFor(ask({ kind: 'match', pairs: [['a', 'd']] }))).toEqual({
      kind: 'match',
      pairs: [['a', 'd']],
    });
    expect(keyFor(ask({ kind: 'point', x: 0.1, y: 0.2, within: 0.1 }))).toEqual({
      kind: 'point',
      x: 0.1,
      y: 0.2,
    });
    expect(keyFor(ask({ kind: 'text', right: 'Abies' }))).toEqual({ kind: 'text', text: 'Abies' });
    expect([keyFor(ask({ kind: 'text' })), keyFor(ask({ kind: 'name' }))]).toEqual([{ kind: 'blank' }, null]);
  });
});
