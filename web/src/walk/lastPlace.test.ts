import { describe, expect, test } from '@jest/globals';
import { START, keepPlace, placeIn } from './lastPlace.ts';

function phone(first: string | null = null) {
  let held = first;
  return {
    getItem: () => held,
    setItem: (_: string, value: string) => {
      held = value;
    },
  };
}

describe('the station a student was at', () => {
  test('is found again in the same sitting, and the list of all stations too', () => {
    const kept = phone();
    keepPlace('a', { kind: 'station', index: 7 }, kept);
    expect(placeIn('a', kept)).toEqual({ kind: 'station', index: 7 });
    keepPlace('a', { kind: 'review' }, kept);
    expect(placeIn('a', kept)).toEqual({ kind: 'review' });
  });

  test('is the first one in another sitting, and where nothing or nonsense is kept', () => {
    const kept = phone();
    keepPlace('a', { kind: 'station', index: 7 }, kept);
    expect(placeIn('b', kept)).toEqual(START);
    for (const held of [
      null,
      '',
      '{',
      '[]',
      '7',
      '{"sitting":"a","at":-1}',
      '{"sitting":"a","at":"x"}',
      '{"sitting":"a"}',
    ])
      expect(placeIn('a', phone(held))).toEqual(START);
  });

  test('is not kept by a phone that keeps nothing, and nothing breaks', () => {
    const refusing = {
      getItem: (): string => {
        throw new Error('denied');
      },
      setItem: (): void => {
        throw new Error('denied');
      },
    };
    keepPlace('a', { kind: 'review' }, refusing);
    expect(placeIn('a', refusing)).toEqual(START);
  });
});
