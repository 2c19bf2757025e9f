import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type Joi from 'joi';
import {
  byKind,
  either,
  flag,
  listFrom,
  listOf,
  mapOf,
  nullOr,
  number,
  oneOf,
  optional,
  partOf,
  record,
  text,
  tupleOf,
  unique,
  withDefault,
} from './typed.ts';
import type { Of } from './typed.ts';

interface Tree {
  readonly tag: string;
  readonly height: number | null;
  readonly planted: boolean;
  readonly note?: string;
}
const tree = record<Tree>({ tag: text, height: nullOr(number), planted: flag, note: optional(text) });
const fits = (schema: Joi.Schema, value: unknown): boolean =>
  schema.validate(value, { convert: false }).error === undefined;

describe('a record', () => {
  test('holds exactly its fields', () => {
    expect(fits(tree, { tag: 'L01', height: null, planted: true })).toBe(true);
    expect(fits(tree, { tag: 'L01', height: 12, planted: true, note: '' })).toBe(true);
    expect(fits(tree, { tag: 'L01', planted: true })).toBe(false);
    expect(fits(tree, { tag: 'L01', height: 12, planted: true, more: 1 })).toBe(false);
    expect(fits(tree, { tag: 'L01', height: '12', planted: true })).toBe(false);
    expect(fits(tree, null)).toBe(false);
    expect(fits(tree, undefined)).toBe(false);
  });

  test('cannot be written against its type: each of these lines is an error of types', () => {
    // @ts-expect-error a field is forgotten
    record<Tree>({ tag: text, height: nullOr(number), planted: flag });
    // @ts-expect-error a field of another kind
    record<Tree>({ tag: number, height: nullOr(number), planted: flag, note: optional(text) });
    // @ts-expect-error null is left out
    record<Tree>({ tag: text, height: number, planted: flag, note: optional(text) });
    // @ts-expect-error null is let in
    record<Tree>({ tag: nullOr(text), height: nullOr(number), planted: flag, note: optional(text) });
    // @ts-expect-error what may be missing is asked for
    record<Tree>({ tag: text, height: nullOr(number), planted: flag, note: text });
    // @ts-expect-error what must be there may be missing
    record<Tree>({ tag: optional(text), height: nullOr(number), planted: flag, note: optional(text) });
    // @ts-expect-error a word more than the type has
    const kind: Of<'leaf' | 'bark'> = oneOf(['leaf', 'bark', 'root']);
    expect(fits(kind, 'root')).toBe(true);
  });
});

describe('lists and maps', () => {
  test('a list may be empty, one from so many to so many may not be more or less', () => {
    expect([fits(listOf(text), []), fits(listOf(text), ['a']), fits(listOf(text), [1])]).toEqual([
      true,
      true,
      false,
    ]);
    const few = unique(listFrom(text, 1, 2));
    expect([[], ['a'], ['a', 'b'], ['a', 'a'], ['a', 'b', 'c']].map((l) => fits(few, l))).toEqual([
      false,
      true,
      true,
      false,
      false,
    ]);
  });

  test('each place of a tuple is of its own kind, and there is no other place', () => {
    const pair = tupleOf<readonly [string, number]>(text, number);
    expect([['a', 1], ['a'], [1, 'a'], ['a', 1, 2], []].map((l) => fits(pair, l))).toEqual([
      true,
      false,
      false,
      false,
      false,
    ]);
  });

  test('a map takes any names, a part only those it knows', () => {
    expect(fits(mapOf(number), { a: 1, b: 2 })).toBe(true);
    expect(fits(mapOf(number), { a: '1' })).toBe(false);
    const reach = partOf(['leaf', 'bark'], oneOf(['hand', 'out']));
    expect([{}, { leaf: 'hand' }, { root: 'hand' }, { leaf: 'far' }].map((v) => fits(reach, v))).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});

describe('one of several forms', () => {
  type Value =
    | { readonly kind: 'count'; readonly n: number }
    | { readonly kind: 'name'; readonly text: string }
    | { readonly kind: 'blank' };
  const value = byKind<Value>({
    count: record<Extract<Value, { kind: 'count' }>>({ kind: oneOf(['count']), n: number }),
    name: record<Extract<Value, { kind: 'name' }>>({ kind: oneOf(['name']), text }),
    blank: record<Extract<Value, { kind: 'blank' }>>({ kind: oneOf(['blank']) }),
  });

  test('is told by its kind, and a fault names the field of that form', () => {
    expect(fits(value, { kind: 'count', n: 2 })).toBe(true);
    const fault = value.validate({ kind: 'name', text: 5 }).error?.details[0];
    expect(fault?.path).toEqual(['text']);
    expect(value.validate({ kind: 'hunch' }).error?.details[0]?.path).toEqual(['kind']);
  });

  test('or by which form fits', () => {
    const found = either(
      record<{ readonly at: number }>({ at: number }),
      record<{ readonly by: string }>({ by: text }),
    );
    expect([{ at: 1 }, { by: 'x' }, { at: 1, by: 'x' }, {}].map((v) => fits(found, v))).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });

  test('nothing at all is taken for one of them without being one', () => {
    fc.assert(
      fc.property(fc.anything(), (any) => {
        const isOne =
          typeof any === 'object' &&
          any !== null &&
          'kind' in any &&
          ['count', 'name', 'blank'].includes(String(any.kind));
        if (!isOne) expect(fits(value, any)).toBe(false);
      }),
    );
  });
});

test('a default stands where nothing was sent, and only there', () => {
  const sitting = record<{ readonly wet: boolean; readonly handling: readonly string[] }>({
    wet: withDefault(flag, false),
    handling: withDefault(listOf(text), ['look']),
  });
  expect(sitting.validate({}).value).toEqual({ wet: false, handling: ['look'] });
  expect(sitting.validate({ wet: true, handling: [] }).value).toEqual({ wet: true, handling: [] });
});
