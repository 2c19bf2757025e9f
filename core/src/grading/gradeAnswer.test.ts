import { describe, expect, test } from '@jest/globals';
import { gradeAnswer, acceptedInWords, saidTo, shownInWords } from './index.ts';
import { ask, context, truth } from './sample.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { Accepted } from '../quizzes/index.ts';
import type { KeyAsk } from './index.ts';

describe('questions that show something', () => {
  const shown = { prompt: 'Which?', labels: { a: 'grand fir', b: 'subalpine fir', da: 'drawing 1' } };

  test('a spelling is right letter by letter, whatever the spaces', () => {
    const spell = ask('text', { kind: 'text', right: 'Abies grandis' });
    const points = (text: string) => gradeAnswer({ kind: 'text', text }, spell, truth, context()).points;
    expect([points(' Abies  grandis '), points('Abies grandus'), points('abies grandis')]).toEqual([2, 0, 0]);
    const read = ask('text', { kind: 'text' });
    expect(gradeAnswer({ kind: 'text', text: 'x' }, read, truth, context()).outcome).toBe('to_read');
  });

  test('a wrong one of two names the species that was taken for it', () => {
    const two = ask('choice', { kind: 'choice', right: ['a'], taxa: { a: 'grandis', b: 'lasiocarpa' } });
    const wrong = gradeAnswer({ kind: 'choice', chosen: 'b', shown: ['a', 'b'] }, two, truth, context());
    expect(wrong).toMatchObject({ outcome: 'wrong', points: 0, taxon: 'lasiocarpa' });
  });

  test('answers and keys are read in the words that were shown', () => {
    expect(saidTo({ kind: 'choice', chosen: 'b', shown: ['a', 'b'] }, { shown })).toBe('subalpine fir');
    expect(saidTo({ kind: 'match', pairs: [['a', 'da']] }, { shown })).toBe('grand fir – drawing 1');
    expect(saidTo({ kind: 'choice', chosen: 'b', shown: [] }, {})).toBe('b');
    expect(acceptedInWords({ accepted: { kind: 'choice', right: ['a', 'b'] }, shown })).toBe(
      'grand fir or subalpine fir',
    );
    expect(acceptedInWords({ accepted: { kind: 'match', pairs: [['b', 'da']] }, shown })).toBe(
      'subalpine fir – drawing 1',
    );
    expect(acceptedInWords({ accepted: { kind: 'point', x: 0, y: 0, within: 0.1 } })).toBe(
      'the place marked in the drawing',
    );
    expect(acceptedInWords({ accepted: { kind: 'text', right: 'Abies' } })).toBe('Abies');
    expect(acceptedInWords({ accepted: { kind: 'name' } })).toBeNull();
  });

  test('what a question shows is kept in words, drawings by their number', () => {
    const option = (id: string, label: string) => ({ id, label });
    const params = {
      question: 'match_parts',
      prompt: 'Match.',
      options: [option('a', 'fir')],
      others: [option('d', '')],
      right: [],
      pairs: [],
      drawing: null,
      place: null,
      text: null,
    } as const;
    expect(shownInWords(params)).toEqual({ prompt: 'Match.', labels: { a: 'fir', d: 'drawing 1' } });
  });
});

describe('grading what is not a name', () => {
  const call: Accepted = {
    kind: 'call',
    right: ['below-only', '3'],
    coarse: ['some'],
    range: null,
    doesNotApply: false,
    recorded: true,
    words: 'beneath only',
  };
  const count: Accepted = { ...call, right: [], coarse: [], range: [5, 9] };
  test.each<[string, Accepted, AnswerValue, string, number]>([
    ['the right state', call, { kind: 'state', state: 'below-only' }, 'right', 2],
    ['a broader state', call, { kind: 'state', state: 'some' }, 'coarse', 0],
    ['another state', call, { kind: 'state', state: 'both' }, 'wrong', 0],
    ['right states only', call, { kind: 'states', states: ['below-only', '3'] }, 'right', 2],
    ['right and broader states', call, { kind: 'states', states: ['below-only', 'some'] }, 'coarse', 0],
    ['one wrong among them', call, { kind: 'states', states: ['below-only', 'both'] }, 'wrong', 0],
    ['a state whose id is a number', call, { kind: 'count', n: 3 }, 'right', 2],
    ['does not apply, where it does', call, { kind: 'does_not_apply' }, 'wrong', 0],
    [
      'does not apply, where it does not',
      { ...call, doesNotApply: true, right: [] },
      { kind: 'does_not_apply' },
      'right',
      2,
    ],
    [
      'anything where nothing is recorded',
      { ...call, recorded: false },
      { kind: 'state', state: 'below-only' },
      'not_recorded',
      0,
    ],
    ['a count at the edge', count, { kind: 'count', n: 9 }, 'right', 2],
    ['a count beyond', count, { kind: 'count', n: 10 }, 'wrong', 0],
    [
      'a length within',
      { ...count, range: [30, 40] },
      { kind: 'measure', mm: 38.1, typed: '1.5 in' },
      'right',
      2,
    ],
    [
      'the right choice',
      { kind: 'choice', right: ['a'] },
      { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
      'right',
      2,
    ],
    [
      'the wrong choice',
      { kind: 'choice', right: ['a'] },
      { kind: 'choice', chosen: 'b', shown: ['a', 'b'] },
      'wrong',
      0,
    ],
    [
      'half of the pairs',
      {
        kind: 'match',
        pairs: [
          ['a', '1'],
          ['b', '2'],
        ],
      },
      {
        kind: 'match',
        pairs: [
          ['a', '1'],
          ['b', '1'],
        ],
      },
      'wrong',
      1,
    ],
    ['all pairs', { kind: 'match', pairs: [['a', '1']] }, { kind: 'match', pairs: [['a', '1']] }, 'right', 2],
    [
      'a point near enough',
      { kind: 'point', x: 0.5, y: 0.5, within: 0.1 },
      { kind: 'point', x: 0.56, y: 0.58 },
      'right',
      2,
    ],
    [
      'a point too far',
      { kind: 'point', x: 0.5, y: 0.5, within: 0.1 },
      { kind: 'point', x: 0.58, y: 0.58 },
      'wrong',
      0,
    ],
    ['a text', { kind: 'text' }, { kind: 'text', text: 'it leans' }, 'to_read', 0],
    ['nothing', call, { kind: 'blank' }, 'blank', 0],
    ['not sure', { kind: 'choice', right: ['a'] }, { kind: 'not_sure' }, 'blank', 0],
    ['cannot be told', { kind: 'choice', right: ['a'] }, { kind: 'cannot_tell' }, 'cannot_tell', 0],
  ])('%s', (_, accepted, value, outcome, points) => {
    expect(
      gradeAnswer(value, ask(accepted.kind as KeyAsk['kind'], accepted), truth, context()),
    ).toMatchObject({ outcome, points });
  });

  test('a wrong answer says what was written and what the tree shows', () => {
    expect(gradeAnswer({ kind: 'state', state: 'both' }, ask('call', call), truth, context()).why).toBe(
      'wrote both; the tree shows beneath only',
    );
  });
});
