import { describe, expect, test } from '@jest/globals';
import type { AnswerValue, WalkQuestionShown } from '@hurrow/contract';
import {
  choiceOf,
  chosenIn,
  isWhole,
  matchOf,
  matchedIn,
  pointOf,
  steppedBy,
  toldIn,
} from './questionAnswer.ts';

const option = (id: string) => ({ id, label: id, drawn: null });
const question: WalkQuestionShown = {
  prompt: 'Which?',
  options: ['a', 'b'].map(option),
  others: ['ca', 'cb'].map(option),
  drawing: null,
};

describe('a choice', () => {
  test('says what was shown, and the character that told where one was said', () => {
    expect(choiceOf(question, 'a', '')).toEqual({ kind: 'choice', chosen: 'a', shown: ['a', 'b'] });
    const told = choiceOf(question, 'a', 'cb');
    expect([told.kind, chosenIn(told), toldIn(told)]).toEqual(['choice_by_character', 'a', 'cb']);
    expect([chosenIn(undefined), toldIn(undefined)]).toEqual(['', '']);
  });
});

describe('a match', () => {
  test('gives each side one partner; a partner that is taken again is freed first', () => {
    const one = matchOf(undefined, 'a', 'ca');
    const two = matchOf(one, 'b', 'ca');
    expect(two).toEqual({ kind: 'match', pairs: [['b', 'ca']] });
    expect([matchedIn(two, 'a'), matchedIn(two, 'b')]).toEqual(['', 'ca']);
    expect(matchOf(two, 'b', '')).toEqual({ kind: 'match', pairs: [] });
  });
});

describe('a place', () => {
  test('lies on the drawing, and moves by the arrow keys', () => {
    expect(pointOf(1.2, -1)).toEqual({ kind: 'point', x: 1, y: 0 });
    expect(steppedBy('ArrowUp', undefined)).toEqual({ kind: 'point', x: 0.5, y: 0.46 });
    expect(steppedBy('ArrowRight', { kind: 'point', x: 0.98, y: 0.5 })).toEqual({
      kind: 'point',
      x: 1,
      y: 0.5,
    });
    expect(steppedBy('Enter', undefined)).toBeNull();
  });
});

test.each<[string, Parameters<typeof isWhole>[0]['kind'], AnswerValue | undefined, boolean]>([
  ['nothing', 'choice', undefined, false],
  ['a choice without the character asked for', 'choice', choiceOf(question, 'a', ''), false],
  ['a choice with it', 'choice', choiceOf(question, 'a', 'ca'), true],
  ['half a match', 'match', matchOf(undefined, 'a', 'ca'), false],
  ['a whole match', 'match', matchOf(matchOf(undefined, 'a', 'ca'), 'b', 'cb'), true],
  ['an empty text', 'text', { kind: 'text', text: ' ' }, false],
  ['a text', 'text', { kind: 'text', text: 'Abies' }, true],
])('answered whole: %s', (_, kind, value, expected) => {
  expect(isWhole({ kind, question }, value)).toBe(expected);
});
