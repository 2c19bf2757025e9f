import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { alignmentDistance } from '@hurrow/core/names';
import { newCode, readCode } from './codes.ts';
import { CODE_WORDS } from './codeWords.ts';

const code = fc
  .tuple(
    fc.uniqueArray(fc.constantFrom(...CODE_WORDS), { minLength: 2, maxLength: 2 }),
    fc.integer({ min: 100, max: 999 }),
  )
  .map(([words, number]) => [...words, String(number)] as readonly string[]);

describe('join codes', () => {
  test('are two different plain words and a number, drawn from more than a hundred million', () => {
    expect(CODE_WORDS.length * (CODE_WORDS.length - 1) * 900).toBeGreaterThan(130e6);
    const seen = new Set<string>();
    for (let i = 0; i < 500; i += 1) {
      const made = newCode();
      const [first, second, number] = made.split(' ');
      expect(made).toMatch(/^[a-z]{4,7} [a-z]{4,7} [1-9][0-9]{2}$/);
      expect(CODE_WORDS).toEqual(expect.arrayContaining([first, second]));
      expect(first).not.toBe(second);
      expect(Number(number)).toBeGreaterThan(99);
      seen.add(made);
    }
    expect(seen.size).toBe(500);
  });

  test('hold no two words that one slip turns into each other, nor that share a neighbor', () => {
    const near = CODE_WORDS.flatMap((a, i) =>
      CODE_WORDS.slice(i + 1).filter((b) => alignmentDistance(a, b, 2) <= 2),
    );
    expect(near).toEqual([]);
    expect(new Set(CODE_WORDS).size).toBe(CODE_WORDS.length);
  });

  test('come back however they are typed', () => {
    fc.assert(
      fc.property(code, fc.constantFrom(' ', '-', '.', '  ', ''), fc.boolean(), (parts, between, loud) => {
        const typed = parts.join(between);
        expect(readCode(loud ? typed.toUpperCase() : typed)).toBe(parts.join('').toUpperCase());
      }),
    );
  });

  test('come back with one wrong, missing or doubled letter in each word', () => {
    const slip = fc.tuple(fc.nat(), fc.constantFrom('wrong', 'missing', 'doubled', 'swapped'));
    fc.assert(
      fc.property(code, slip, slip, (parts, one, other) => {
        const slipped = (word: string, [at, how]: readonly [number, string]): string => {
          const i = at % (word.length - 1);
          const c = word.charAt(i);
          const rest = word.slice(i + 1);
          if (how === 'missing') return word.slice(0, i) + rest;
          if (how === 'doubled') return word.slice(0, i) + c + c + rest;
          if (how === 'swapped') return word.slice(0, i) + rest.charAt(0) + c + rest.slice(1);
          return `${word.slice(0, i)}${c === 'q' ? 'x' : 'q'}${rest}`;
        };
        const [a = '', b = '', number = ''] = parts;
        expect(readCode(`${slipped(a, one)} ${slipped(b, other)} ${number}`)).toBe(
          parts.join('').toUpperCase(),
        );
      }),
    );
  });

  test('a wrong number, a third word and nothing at all are not put right', () => {
    expect(readCode('harbor lantern 42')).toBe('HARBORLANTERN42');
    expect(readCode('harbr lantern glad 427')).toBe('HARBRLANTERNGLAD427');
    expect(readCode(' - ')).toBe('');
  });

  test('codes of letters and figures that are still open are read as before', () => {
    expect(readCode('boa-t34')).toBe('BOAT34');
    expect(readCode('ab 3c4d')).toBe('AB3C4D');
  });
});
