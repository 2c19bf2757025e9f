import { describe, expect, test } from '@jest/globals';
import { asksSpecies, gradeAnswer, lookOf, namedOf } from './index.ts';
import { ask, context, name, truth } from './sample.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { KeyAsk, LookInput } from './index.ts';

describe('one look of a student at a station', () => {
  const input = (kind: KeyAsk['kind'], text: string | null, ord: number): LookInput => {
    const a = ask(kind, kind === 'sureness' ? { kind: 'sureness' } : { kind: 'name' }, ord);
    const value: AnswerValue =
      text === null
        ? { kind: 'blank' }
        : kind === 'sureness'
          ? { kind: 'sureness', sure: 'leaning' }
          : name(text);
    return {
      response: `r${ord}`,
      attempt: 't',
      ask: a,
      value,
      grade: kind === 'sureness' ? null : gradeAnswer(value, a, truth, context()),
      origin: 'phone',
      cluesOpen: 0,
    };
  };

  test.each<[string, readonly LookInput[], Record<string, unknown>]>([
    [
      'another species wins over a right name',
      [input('common', 'grand fir', 1), input('scientific', 'Abies lasiocarpa', 2)],
      { named: 'other', answer: 'lasiocarpa', response: 'r2' },
    ],
    [
      'a right name wins over none',
      [input('common', null, 1), input('scientific', 'Abies grandis', 2)],
      { named: 'right', answer: 'grandis' },
    ],
    [
      'how sure goes with it',
      [input('common', 'grand fir', 1), input('sureness', '', 2)],
      { named: 'right', sure: 'leaning' },
    ],
    ['a genus alone names no species', [input('common', 'Abies', 1)], { named: 'genus_only', answer: null }],
    [
      'nothing written is blank',
      [input('common', null, 1)],
      { named: 'blank', answer: null, response: 'r1' },
    ],
    ['nothing sent is blank too', [], { named: 'blank', answer: null, response: null, attempt: null }],
    ['a question for the genus is no look', [input('genus', 'Abies', 1)], { named: 'blank', response: null }],
  ])('%s', (_, answers, expected) => {
    expect(lookOf(answers, 'grandis')).toMatchObject(expected);
  });

  test('a choice is a look with the options that were shown', () => {
    const chosen: LookInput = {
      ...input('common', 'x', 1),
      ask: ask('choice', { kind: 'choice', right: ['a'], taxa: { a: 'grandis', b: 'lasiocarpa' } }),
      value: { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
      grade: { outcome: 'right', points: 2, taxon: null, why: '', folded: null },
    };
    expect(lookOf([chosen], 'grandis')).toMatchObject({
      named: 'right',
      form: 'choice',
      optionsShown: ['grandis', 'lasiocarpa'],
    });
  });

  test('a choice of something else than a species is no look', () => {
    const chosen: LookInput = {
      ...input('common', 'x', 1),
      ask: ask('choice', { kind: 'choice', right: ['a'] }),
      value: { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
      grade: { outcome: 'right', points: 2, taxon: null, why: '', folded: null },
    };
    expect(lookOf([chosen], 'grandis')).toMatchObject({ named: 'blank', response: null });
    expect(asksSpecies([chosen.ask])).toBe(false);
  });

  test('only stations that ask for a species are looked at', () => {
    expect([asksSpecies([ask('genus'), ask('sureness')]), asksSpecies([ask('either')])]).toEqual([
      false,
      true,
    ]);
    expect([namedOf('misspelled'), namedOf('doubtful'), namedOf('other_species')]).toEqual([
      'right',
      'unlisted',
      'other',
    ]);
  });
});
