import { expect, test } from '@jest/globals';
import { bodyBytes } from './bodyBytes.ts';

const text = (body: unknown): string => bodyBytes(body).toString('utf8');

test('a body that is sent again is not written again, and one that says the same is written for itself', () => {
  let written = 0;
  const body = (name: string): object => ({
    toJSON: () => {
      written += 1;
      return { name };
    },
  });
  const kept = body('grand fir');
  expect([text(kept), text(kept)]).toEqual(['{"name":"grand fir"}', '{"name":"grand fir"}']);
  expect(written).toBe(1);
  expect(text(body('noble fir'))).toBe('{"name":"noble fir"}');
  expect(written).toBe(2);
});

test.each([
  [null, 'null'],
  ['“fir” – Tanne grün', '"“fir” – Tanne grün"'],
  [[], '[]'],
  [4, '4'],
])('%j is written as it is', (body, json) => {
  expect(text(body)).toBe(json);
});
