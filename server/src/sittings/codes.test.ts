import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { newCode, readCode } from './codes.ts';

describe('join codes', () => {
  test('hold nothing that is read for something else, and come back however they are typed', () => {
    const seen = new Set<string>();
    for (let i = 0; i < 500; i += 1) {
      const code = newCode();
      expect(code).toMatch(/^[A-HJKMNP-RT-Y346-9]{6}$/);
      seen.add(code);
    }
    expect(seen.size).toBeGreaterThan(495);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(' ', '-', '.'), { maxLength: 5 }), (noise) => {
        const code = newCode();
        const typed = [...code.toLowerCase()].map((c, i) => c + (noise[i] ?? '')).join('');
        expect(readCode(typed)).toBe(code);
      }),
    );
  });
});
