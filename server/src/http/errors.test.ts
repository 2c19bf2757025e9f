import { expect, test } from '@jest/globals';
import { explain } from './errors.ts';

test('what a database cannot do is told by what can be done about it', () => {
  const told = (error: unknown) => {
    const { problem } = explain(error);
    return [problem.details.status, problem.details.remedy?.split('.')[0]];
  };
  expect(told({ code: '22P02' })).toEqual([422, 'Change it and save again']);
  expect(told({ code: '23503' })).toEqual([409, 'Load the page again, then save']);
  expect(told({ code: '40P01' })).toEqual([503, 'Save again']);
  expect(told({ code: '53100' })).toEqual([507, 'Make room on it, then try again']);
  expect(told({ code: 'ENOSPC' })).toEqual([507, 'Make room on it, then try again']);
  expect(told({ code: '57P01' })).toEqual([503, 'Wait a moment and try again']);
  expect(told(new Error('Connection terminated unexpectedly'))).toEqual([503, 'Wait a moment and try again']);
  expect(told(new TypeError('undefined is not a function'))).toEqual([
    500,
    'Look whether your last change was saved, then try again',
  ]);
});
