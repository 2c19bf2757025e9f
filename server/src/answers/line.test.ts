import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { loggedAnswer } from '../testing/index.ts';
import { readLine, writeLine } from './index.ts';
import type { LoggedAnswer } from './index.ts';

const line = JSON.parse(writeLine(loggedAnswer())) as Record<string, unknown>;

describe('a line of the log', () => {
  test('comes back as it was written', () => {
    const answer = loggedAnswer({ value: { kind: 'name', text: 'sapin “é” 🌲' }, when: 'graded' });
    expect(readLine(writeLine(answer).trimEnd())).toEqual(answer);
  });

  const { v: _v, value: _value, precedence: _p, when: _w, ...rest } = line;
  const earlier = { ...rest, typed: 'grand fir', value: null, sure: null, late: false };

  test.each<[string, Record<string, unknown>, Partial<LoggedAnswer>]>([
    ['a name by phone', earlier, { value: { kind: 'name', text: 'grand fir' }, precedence: 1, when: 'open' }],
    ['an empty name', { ...earlier, typed: ' ' }, { value: { kind: 'blank' } }],
    ['of version 2', { ...earlier, v: 2 }, { value: { kind: 'name', text: 'grand fir' } }],
    [
      'a state',
      { ...earlier, typed: null, value: { state: 'opposite' } },
      { value: { kind: 'state', state: 'opposite' } },
    ],
    ['a count', { ...earlier, typed: null, value: { state: '5' } }, { value: { kind: 'count', n: 5 } }],
    [
      'what does not apply',
      { ...earlier, typed: null, value: { state: 'does-not-apply' } },
      { value: { kind: 'does_not_apply' } },
    ],
    [
      'how sure',
      { ...earlier, typed: null, sure: 'leaning' },
      { value: { kind: 'sureness', sure: 'leaning' } },
    ],
    [
      'from a sheet, which had numbers from 1000 on and counted before phones',
      {
        ...earlier,
        typed: null,
        value: { state: 'opposite', written: 'opp' },
        origin: 'paper',
        takeover: 1000,
      },
      {
        value: { kind: 'state', state: 'opposite', written: 'opp' },
        origin: 'paper',
        takeover: 1,
        precedence: 2,
      },
    ],
    ['late', { ...earlier, late: true }, { when: 'closed' }],
    ['after grading', { ...earlier, late: true, afterGrading: true }, { when: 'graded' }],
  ])('of an earlier version is read: %s', (_, old, now) => {
    expect(readLine(JSON.stringify(old))).toMatchObject(now);
  });

  test.each<[string, Record<string, unknown>]>([
    ['without a word of being late', { ...earlier, late: undefined }],
    ['with a state that is a number', { ...earlier, typed: null, value: { state: 5 } }],
    ['with a value that is a text', { ...earlier, value: 'opposite' }],
    ['of a sureness nobody knows', { ...earlier, sure: 'certain' }],
  ])('of an earlier version %s is none', (_, old) => {
    expect(readLine(JSON.stringify(old))).toBeNull();
  });

  test.each<[string, unknown]>([
    ['null', null],
    ['a number', 0],
    ['a list', []],
    ['an empty object', {}],
    ['an id in brackets', { ...line, id: `[${String(line['id'])}]` }],
    ['an id with colons', { ...line, id: '51111111:1111:4111:8111:111111111111' }],
    ['an id with another letter', { ...line, id: String(line['id']).replace(/^./, 'g') }],
    ['half an emoji', { ...line, value: { kind: 'name', text: 'fir \ud83d' } }],
    ['a NUL', { ...line, value: { kind: 'name', text: 'a\u0000b' } }],
    ['a text too long', { ...line, value: { kind: 'name', text: 'x'.repeat(401) } }],
    ['a time in the year 0', { ...line, receivedAt: '0000-01-01T00:00:00.000Z' }],
    ['a time far ahead', { ...line, receivedAt: '+275760-09-13T00:00:00.000Z' }],
    ['a day that does not exist', { ...line, receivedAt: '2026-02-30T00:00:00.000Z' }],
    ['a sequence number of 0', { ...line, seq: 0 }],
    ['an origin nobody knows', { ...line, origin: 'carrier pigeon' }],
    ['a value with half an emoji in it', { ...line, value: { kind: 'state', state: '\udc00' } }],
    ['a later version', { ...line, v: 4 }],
    ['a value without a kind', { ...line, value: { text: 'fir' } }],
    ['a kind nobody knows', { ...line, value: { kind: 'hunch' } }],
    ['a precedence nobody knows', { ...line, precedence: 3 }],
  ])('that is %s is none', (_, value) => {
    expect(readLine(JSON.stringify(value))).toBeNull();
  });

  test('of a clock that is off keeps its answer and drops the time', () => {
    const read = readLine(JSON.stringify({ ...line, deviceAt: '-271821-04-20T00:00:00.000Z' }));
    expect(read).toMatchObject({ id: line['id'], deviceAt: null });
  });

  test('of any text at all never throws', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ unit: 'binary' }), fc.json()), (text) => {
        expect(readLine(text)).toBeNull();
      }),
    );
  });
});
