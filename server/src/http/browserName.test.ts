import { expect, test } from '@jest/globals';
import { browserName } from './browserName.ts';

test.each([
  ['Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:128.0) Gecko/20100101 Firefox/128.0', 'Firefox on Windows'],
  ['', null],
  [undefined, null],
])('the browser of %s is %s', (agent, name) => {
  expect(browserName(agent)).toBe(name);
});

test('one that tells nothing known has no name of its own, and a long one is cut', () => {
  expect((browserName('x'.repeat(5000)) ?? '').length).toBeLessThanOrEqual(80);
});
