import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { actOf, isChanged, rowOf } from './sheetEntry.ts';

describe('a key on a question of a sheet', () => {
  test.each([
    ['Enter', '', { do: 'enter', typed: null, correction: false }],
    ['Enter', 'grand fir', { do: 'enter', typed: 'grand fir', correction: false }],
    ['Delete', '', { do: 'enter', typed: '', correction: false }],
    ['Delete', 'gra', null],
    ['ArrowDown', '', { do: 'move', by: 1 }],
    ['ArrowUp', 'x', { do: 'move', by: -1 }],
    ['F2', '', null],
    ['a', '', null],
  ])('%s with “%s” where nothing is answered', (key, typed, act) => {
    expect(actOf(key, 'open', typed)).toEqual(act);
  });

  test('an answer that is there is never replaced unless it was opened with F2', () => {
    fc.assert(
      fc.property(fc.constantFrom('Enter', 'Delete', 'Escape', 'a', ' ', 'F2'), fc.string(), (key, typed) => {
        expect(actOf(key, 'answered', typed)?.do).not.toBe('enter');
      }),
    );
    expect(actOf('F2', 'answered', '')).toEqual({ do: 'change' });
    expect(actOf('Enter', 'answered', '')).toEqual({ do: 'move', by: 1 });
  });

  test('opened, it is replaced by what is typed or left blank, and stays as it was where nothing is typed', () => {
    expect(actOf('Enter', 'changing', 'Abies')).toEqual({ do: 'enter', typed: 'Abies', correction: true });
    expect(actOf('Delete', 'changing', '')).toEqual({ do: 'enter', typed: '', correction: true });
    expect(actOf('Enter', 'changing', '')).toEqual({ do: 'leave' });
    expect(actOf('Escape', 'changing', 'Abies')).toEqual({ do: 'leave' });
  });
});

test('a question is open until it is answered, and changed once staff wrote something else', () => {
  expect([rowOf({ typed: null }, true), rowOf({ typed: '' }, false), rowOf({ typed: 'x' }, true)]).toEqual([
    'open',
    'answered',
    'changing',
  ]);
  expect(isChanged({ typed: 'x', gave: null })).toBe(false);
  expect(isChanged({ typed: 'x', gave: 'x' })).toBe(false);
  expect(isChanged({ typed: 'x', gave: 'y' })).toBe(true);
});
