import { expect, test } from '@jest/globals';
import { bodyText } from './bodyText.ts';

test('a body that is sent again is not written again, and one that says the same is written for itself', () => {
  let written = 0;
  const body = (name: string): object => ({
    toJSON: () => {
      written += 1;
      return { name };
    },
  });
  const kept = body('grand fir');
  expect([bodyText(kept), bodyText(kept)]).toEqual(['{"name":"grand fir"}', '{"name":"grand fir"}']);
  expect(written).toBe(1);
  expect(bodyText(body('noble fir'))).toBe('{"name":"noble fir"}');
  expect(written).toBe(2);
});

test.each([
  [null, 'null'],
  ['fir', '"fir"'],
  [[], '[]'],
  [4, '4'],
])('%j is written as it is', (body, text) => {
  expect(bodyText(body)).toBe(text);
});
