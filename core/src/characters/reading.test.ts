import { expect, test } from '@jest/globals';
import readability from 'text-readability';
import { ORGANS } from '../conditions/index.ts';
import { CHARACTERS, oneSentence } from './index.ts';
import type { Character, Value } from './index.ts';

const MOST_GRADE = 9;
const valuesOf = (c: Character): readonly Value[] =>
  c.states.length > 0
    ? c.states.map((s): Value => ({ kind: 'states', states: [{ state: s.id, freq: 'usual' }] }))
    : [{ kind: 'range', low: 3, high: 5, xlow: null, xhigh: null, entered: '' }];

test('sentences in plain words read at grade 9 or below, organ by organ', () => {
  const lines = ORGANS.map((organ) => {
    const text = CHARACTERS.filter((c) => c.organ === organ)
      .flatMap((c) =>
        valuesOf(c).map((v) =>
          oneSentence(c, v, { name: 'this tree' }, { words: 'plain', units: 'customary' }),
        ),
      )
      .join(' ');
    return { organ, grade: text === '' ? 0 : readability.fleschKincaidGrade(text) };
  });
  process.stdout.write(`${lines.map((l) => `${l.organ}: grade ${l.grade.toFixed(1)}`).join(', ')}\n`);
  expect(lines.filter((l) => l.grade > MOST_GRADE)).toEqual([]);
});
