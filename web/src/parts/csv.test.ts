import { expect, test } from '@jest/globals';
import { toCsv } from './csv.ts';

test('cells a spreadsheet would run are made harmless, others stand as they are', () => {
  const csv = toCsv([{ typed: '=1+1', note: 'a, "b"', n: 3, none: null }]);
  expect(csv.trimEnd().split('\n')).toEqual(['typed,note,n,none', `'=1+1,"a, ""b""",3,`]);
  for (const c of ['+', '-', '@', '\t']) expect(toCsv([{ x: `${c}x` }])).toContain(`'${c}x`);
  // A lone hyphen is a value of character tables, does not apply, and no spreadsheet runs it.
  expect(toCsv([{ x: '-' }])).toBe('x\n-\n');
});
