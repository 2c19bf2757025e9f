import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { loggedAnswer } from '../testing/index.ts';
import { readLine, writeLine } from './index.ts';

const line = JSON.parse(writeLine(loggedAnswer())) as Record<string, unknown>;

describe('a line of the log', () => {
  test('comes back as it was written', () => {
    const answer = loggedAnswer({ typed: 'sapin “é” 🌲', value: { state: 'x' }, afterGrading: true });
    expect(readLine(writeLine(answer).trimEnd())).toEqual(answer);
  });

  test.each<[string, unknown]>([
    ['null', null],
    ['a number', 0],
    ['a list', []],
    ['an empty object', {}],
    ['an id in brackets', { ...line, id: `[${String(line['id'])}]` }],
    ['an id with colons', { ...line, id: '51111111:1111:4111:8111:111111111111' }],
    ['an id with another letter', { ...line, id: String(line['id']).replace(/^./, 'g') }],
    ['half an emoji', { ...line, typed: 'fir \ud83d' }],
    ['a NUL', { ...line, typed: 'a\u0000b' }],
    ['a text too long', { ...line, typed: 'x'.repeat(401) }],
    ['a time in the year 0', { ...line, receivedAt: '0000-01-01T00:00:00.000Z' }],
    ['a time far ahead', { ...line, receivedAt: '+275760-09-13T00:00:00.000Z' }],
    ['a day that does not exist', { ...line, receivedAt: '2026-02-30T00:00:00.000Z' }],
    ['a sequence number of 0', { ...line, seq: 0 }],
    ['an origin nobody knows', { ...line, origin: 'carrier pigeon' }],
    ['a value with half an emoji in it', { ...line, value: { state: '\udc00' } }],
    ['a later version', { ...line, v: 3 }],
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
