import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { answerText, countedOf, disputeOf, isEmpty, refusalOf, sameAnswer, taggedValue } from './index.ts';
import type { AnswerValue, Candidate, Placed, Taking } from './index.ts';

const name = (text: string): AnswerValue => ({ kind: 'name', text });

const ALL: readonly AnswerValue[] = [
  name('grand fir'),
  { kind: 'state', state: 'opposite' },
  { kind: 'states', states: ['a', 'b'] },
  { kind: 'count', n: 5 },
  { kind: 'measure', mm: 76.2, typed: '3 in' },
  { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
  { kind: 'choice_by_character', chosen: 'a', shown: ['a', 'b'], character: 'leaf.margin' },
  { kind: 'match', pairs: [['leaf 1', 'bark 2']] },
  { kind: 'point', x: 0.25, y: 0.5 },
  { kind: 'text', text: 'it leans' },
  { kind: 'sureness', sure: 'leaning' },
  { kind: 'cannot_tell' },
  { kind: 'not_sure' },
  { kind: 'does_not_apply' },
  { kind: 'illegible' },
  { kind: 'blank' },
  { kind: 'not_reached' },
  { kind: 'withdrawn' },
];

describe('answers', () => {
  test.each(ALL.map((v) => [v.kind, v] as const))(
    '%s is the same as itself and as no other kind',
    (_, value) => {
      expect(ALL.filter((other) => sameAnswer(value, other))).toEqual([value]);
    },
  );

  test('the order of a set, the text on paper and the options around a choice do not make another answer', () => {
    expect(sameAnswer({ kind: 'states', states: ['a', 'b'] }, { kind: 'states', states: ['b', 'a'] })).toBe(
      true,
    );
    expect(sameAnswer({ kind: 'state', state: 'a', written: '1' }, { kind: 'state', state: 'a' })).toBe(true);
    expect(
      sameAnswer(
        { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
        { kind: 'choice', chosen: 'a', shown: ['a', 'c'] },
      ),
    ).toBe(true);
    expect(sameAnswer(name('a'), name('A'))).toBe(false);
    // What a phone typed and what staff picked may say the same; right and misspelled do not.
    expect(sameAnswer(name('a'), { kind: 'name', text: 'a', picked: 'right' })).toBe(true);
    expect(
      sameAnswer(
        { kind: 'name', text: 'a', picked: 'right' },
        { kind: 'name', text: 'a', picked: 'misspelled' },
      ),
    ).toBe(false);
  });

  test.each<[AnswerValue, string]>([
    [name('grand fir'), 'grand fir'],
    [{ kind: 'state', state: 'opposite' }, 'Opposite'],
    [{ kind: 'state', state: 'opposite', written: 'opp' }, 'opp'],
    [{ kind: 'states', states: ['a', 'b'] }, 'A, B'],
    [{ kind: 'measure', mm: 76.2, typed: '3 in' }, '3 in'],
    [{ kind: 'choice_by_character', chosen: 'a', shown: ['a', 'b'], character: 'c' }, 'A, by C'],
    [{ kind: 'match', pairs: [['a', 'b']] }, 'A – B'],
    [{ kind: 'point', x: 0.25, y: 0.5 }, '25% across, 50% down'],
    [{ kind: 'cannot_tell' }, 'cannot be told from this'],
    [{ kind: 'not_sure' }, 'not sure'],
    [{ kind: 'name', text: 'grand fir', picked: 'right' }, 'grand fir (entered by staff)'],
    [{ kind: 'name', text: 'grand fir', picked: 'misspelled' }, 'grand fir, misspelled (entered by staff)'],
    [{ kind: 'withdrawn' }, 'moved'],
    [{ kind: 'blank' }, ''],
  ])('%j reads “%s”', (value, text) => {
    expect(answerText(value, (id) => id.charAt(0).toUpperCase() + id.slice(1))).toBe(text);
  });

  test('nothing written, unreadable and not reached say nothing', () => {
    expect(ALL.filter(isEmpty).map((v) => v.kind)).toEqual([
      'not_sure',
      'illegible',
      'blank',
      'not_reached',
      'withdrawn',
    ]);
  });

  test('an earlier answer becomes a tagged one; the last of its parts that says something is the answer', () => {
    expect(taggedValue({ typed: '' })).toEqual({ kind: 'blank' });
    expect(taggedValue({ state: '12' })).toEqual({ kind: 'count', n: 12 });
    expect(taggedValue({ state: 'odd-pinnate', written: 'odd' })).toEqual({
      kind: 'state',
      state: 'odd-pinnate',
      written: 'odd',
    });
  });
});

describe('what a question takes', () => {
  const states: Taking = { kind: 'call', recorded: 'states', offered: ['a', 'b'] };
  const choice: Taking = { kind: 'choice', offered: ['a', 'b', 'c'] };
  const match: Taking = { kind: 'match', sides: { left: ['l1', 'l2'], right: ['r1', 'r2'] } };
  test.each<[string, Taking, AnswerValue, boolean]>([
    ['a state that is offered', states, { kind: 'state', state: 'a' }, true],
    ['a state that is not', states, { kind: 'state', state: 'x' }, false],
    ['several states', states, { kind: 'states', states: ['a', 'b'] }, true],
    ['several with one that is not offered', states, { kind: 'states', states: ['a', 'x'] }, false],
    ['does not apply', states, { kind: 'does_not_apply' }, true],
    ['a count for states', states, { kind: 'count', n: 2 }, false],
    ['a count', { kind: 'call', recorded: 'count' }, { kind: 'count', n: 2 }, true],
    [
      'a length for a count',
      { kind: 'call', recorded: 'count' },
      { kind: 'measure', mm: 2, typed: '2 mm' },
      false,
    ],
    ['a length', { kind: 'call', recorded: 'measure' }, { kind: 'measure', mm: 2, typed: '2 mm' }, true],
    ['a name', { kind: 'common' }, name('x'), true],
    ['a state for a name', { kind: 'genus' }, { kind: 'state', state: 'a' }, false],
    ['not sure for a match', { kind: 'match', sides: { left: [], right: [] } }, { kind: 'not_sure' }, true],
    ['cannot be told', { kind: 'either' }, { kind: 'cannot_tell' }, true],
    ['a choice of those shown', choice, { kind: 'choice', chosen: 'a', shown: ['a', 'b'] }, true],
    ['a choice that was not shown', choice, { kind: 'choice', chosen: 'c', shown: ['a', 'b'] }, false],
    ['options nobody offers', choice, { kind: 'choice', chosen: 'x', shown: ['x'] }, false],
    [
      'a choice with its character',
      choice,
      { kind: 'choice_by_character', chosen: 'a', shown: ['a'], character: 'k' },
      true,
    ],
    [
      'pairs',
      match,
      {
        kind: 'match',
        pairs: [
          ['l1', 'r2'],
          ['l2', 'r1'],
        ],
      },
      true,
    ],
    [
      'one side twice',
      match,
      {
        kind: 'match',
        pairs: [
          ['l1', 'r2'],
          ['l1', 'r1'],
        ],
      },
      false,
    ],
    ['a side that is not there', match, { kind: 'match', pairs: [['l1', 'r9']] }, false],
    ['a point', { kind: 'point' }, { kind: 'point', x: 0, y: 1 }, true],
    ['a text for a point', { kind: 'point' }, { kind: 'text', text: 'there' }, false],
    ['how sure', { kind: 'sureness' }, { kind: 'sureness', sure: 'sure' }, true],
    ['nothing, anywhere', match, { kind: 'blank' }, true],
  ])('%s', (_, asked, value, fits) => {
    expect(refusalOf(asked, value) === null).toBe(fits);
  });
});

const candidate = (part: Partial<Candidate>): Candidate => ({
  id: 'a',
  origin: 'phone',
  precedence: 1,
  takeover: 1,
  seq: 1,
  receivedAt: '2026-10-01T18:00:00.000Z',
  dispute: null,
  ...part,
});

describe('the answer that counts', () => {
  const disputed = (state: 'open' | 'counted' | 'kept' | 'dropped', decidedAt: string | null = null) => ({
    state,
    decidedAt,
  });
  test.each<[string, readonly Partial<Candidate>[], string | null]>([
    ['the latest of one phone', [{ id: 'a' }, { id: 'b', seq: 2 }], 'b'],
    [
      'the newest phone, whatever its number',
      [
        { id: 'a', seq: 9 },
        { id: 'b', takeover: 2 },
      ],
      'b',
    ],
    [
      'a correction before any phone',
      [
        { id: 'a', takeover: 5 },
        { id: 'b', origin: 'paper', precedence: 2 },
      ],
      'b',
    ],
    ['not what is disputed', [{ id: 'a' }, { id: 'b', takeover: 2, dispute: disputed('open') }], 'a'],
    [
      'not what was kept or dropped',
      [
        { id: 'a', dispute: disputed('kept', 'x') },
        { id: 'b', dispute: disputed('dropped', 'x') },
      ],
      null,
    ],
    [
      'a decision before a correction',
      [
        { id: 'a', precedence: 2 },
        { id: 'b', dispute: disputed('counted', '2026-10-02') },
      ],
      'b',
    ],
    [
      'the decision made last',
      [
        { id: 'a', dispute: disputed('counted', '2026-10-02') },
        { id: 'b', dispute: disputed('counted', '2026-10-03') },
      ],
      'b',
    ],
    [
      'what counted late before there were decisions, as any other',
      [
        { id: 'a', dispute: disputed('counted') },
        { id: 'b', seq: 2 },
      ],
      'b',
    ],
    ['nothing of nothing', [], null],
  ])('is %s', (_, answers, id) => {
    expect(countedOf(answers.map(candidate))?.id ?? null).toBe(id);
  });

  test('does not depend on the order in which answers are looked at', () => {
    const any = fc.record({
      id: fc.uuid(),
      precedence: fc.constantFrom<1 | 2>(1, 2),
      takeover: fc.integer({ min: 1, max: 3 }),
      seq: fc.integer({ min: 1, max: 4 }),
      dispute: fc.constantFrom(
        null,
        disputed('open'),
        disputed('counted', '2026-10-02'),
        disputed('kept', '2026-10-02'),
      ),
    });
    fc.assert(
      fc.property(fc.uniqueArray(any, { maxLength: 6, selector: (a) => a.id }), (answers) => {
        const all = answers.map(candidate);
        expect(countedOf([...all].reverse())?.id).toBe(countedOf(all)?.id);
      }),
    );
  });
});

describe('an answer is disputed', () => {
  const placed = (part: Partial<Placed> = {}): Placed => ({
    origin: 'phone',
    precedence: 1,
    takeover: 1,
    value: name('a'),
    ...part,
  });
  test.each<
    [string, Partial<Placed>, readonly Partial<Placed>[], 'open' | 'closed' | 'graded', string | null]
  >([
    ['not, where it is the first', {}, [], 'open', null],
    ['not, where its own phone said otherwise before', {}, [{ value: name('b') }], 'open', null],
    ['not, where an older phone said otherwise', { takeover: 2 }, [{ value: name('b') }], 'open', null],
    ['where a newer phone said otherwise', {}, [{ takeover: 2, value: name('b') }], 'open', 'older_phone'],
    ['not, where a newer phone said the same', {}, [{ takeover: 2 }], 'open', null],
    ['where paper says otherwise', {}, [{ origin: 'paper', value: name('b') }], 'open', 'differs'],
    [
      'where a phone says other than the sheet now entered',
      { origin: 'paper' },
      [{ value: name('b') }],
      'open',
      'differs',
    ],
    [
      'not, where staff correct it',
      { origin: 'paper', precedence: 2 },
      [{ value: name('b') }],
      'graded',
      null,
    ],
    ['where it comes after closing', {}, [], 'closed', 'late'],
    ['where it comes after grading', {}, [], 'graded', 'after_grading'],
    ['not, where staff enter a sheet after grading', { origin: 'paper' }, [], 'graded', null],
  ])('%s', (_, answer, before, when, kind) => {
    expect(disputeOf(placed(answer), before.map(placed), when)).toBe(kind);
  });
});
