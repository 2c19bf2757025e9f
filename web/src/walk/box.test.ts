import { describe, expect, test } from '@jest/globals';
import { CANNOT_TELL } from '@hurrow/core/names';
import { boxOf, checkedBox, saysSomething } from './box.ts';

describe('the box beside an answer', () => {
  test.each([
    ['common', 'none', null],
    ['common', 'cannot_tell', 'It cannot be told from this'],
    ['choice', 'cannot_tell', 'It cannot be told from this'],
    ['call', 'cannot_tell', null],
    ['match', 'cannot_tell', null],
    ['common', 'not_sure', 'I am not sure'],
    ['call', 'not_sure', 'I am not sure'],
    ['match', 'not_sure', 'I am not sure'],
    ['sureness', 'not_sure', null],
  ] as const)('beside %s where %s is offered: %s', (kind, offered, label) => {
    expect(boxOf({ kind }, offered)?.label ?? null).toBe(label);
  });

  test('is checked by what it gives, and by the words typed before there was a box', () => {
    expect(checkedBox({ value: { kind: 'not_sure' } }, 'not_sure')).toBe(true);
    expect(checkedBox({ value: { kind: 'not_sure' } }, 'cannot_tell')).toBe(false);
    expect(checkedBox({ typed: CANNOT_TELL }, 'cannot_tell')).toBe(true);
    expect(checkedBox({ typed: CANNOT_TELL }, 'not_sure')).toBe(false);
  });

  test('says something once it is checked, and nothing once it is cleared', () => {
    expect(saysSomething({ value: { kind: 'not_sure' } })).toBe(true);
    expect(saysSomething({ value: { kind: 'blank' } })).toBe(false);
    expect([saysSomething({}), saysSomething({ typed: '' }), saysSomething({ state: 'opposite' })]).toEqual([
      false,
      false,
      true,
    ]);
  });
});
