import { expect, test } from '@jest/globals';
import { pressState } from './press.ts';

test('every button takes a press while nothing is under way', () => {
  expect(pressState<'close' | 'grade'>(null, 'grade')).toEqual({ loading: false, disabled: false });
});

test('the action under way turns, and the others take no press that would be lost', () => {
  expect(pressState<'close' | 'grade'>('close', 'close')).toEqual({ loading: true, disabled: false });
  expect(pressState<'close' | 'grade'>('close', 'grade')).toEqual({ loading: false, disabled: true });
});
