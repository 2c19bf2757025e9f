import { describe, expect, test } from '@jest/globals';
import type { AnswerValue } from '../answers/index.ts';
import { nameIndex } from '../names/index.ts';
import { POLICY } from '../quizzes/index.ts';
import type { Accepted } from '../quizzes/index.ts';
import {
  asksSpecies,
  gradeAnswer,
  grader,
  lookOf,
  namedOf,
  acceptedInWords,
  saidTo,
  shownInWords,
} from './index.ts';
import type { GradingContext, KeyAsk, KeyTruth, LookInput } from './index.ts';

const names = nameIndex([
  { taxon: 'abies', rank: 'genus', kind: 'accepted', text: 'Abies' },
  { taxon: 'grandis', rank: 'species', kind: 'accepted', text: 'Abies grandis' },
  { taxon: 'grandis', rank: 'species', kind: 'common', text: 'grand fir' },
  { taxon: 'lasiocarpa', rank: 'species', kind: 'accepted', text: 'Abies lasiocarpa' },
  { taxon: 'lasiocarpa', rank: 'species', kind: 'common', text: 'subalpine fir' },
]);
const context = (part: Partial<GradingContext> = {}): GradingContext => ({
  names,
  genera: new Map([
    ['grandis', 'abies'],
    ['lasiocarpa', 'abies'],
  ]),
  listed: new Set(['grandis', 'lasiocarpa']),
  decisions: new Map(),
  policy: POLICY,
  ...part,
});
const truth: KeyTruth = {
  taxon: 'grandis',
  genus: 'abies',
  scientific: 'Abies grandis',
  common: 'grand fir',
  names: ['Abies grandis', 'grand fir'],
};
const ask = (kind: KeyAsk['kind'], accepted: Accepted = { kind: 'name' }, ord = 1): KeyAsk => ({
  id: `${kind}${ord}`,
  kind,
  character: accepted.kind === 'call' ? 'needle.bands' : null,
  most: 2,
  ord,
  accepted,
});
const name = (text: string): AnswerValue => ({ kind: 'name', text });

describe('grading a name by its key', () => {
  test.each<[string, KeyAsk['kind'], string, number, string | null]>([
    ['grand fir', 'common', 'exact', 2, 'grandis'],
    ['Abies grandis', 'common', 'exact', 0, 'grandis'],
    ['Abies grandus', 'scientific', 'misspelled', 2, 'grandis'],
    ['subalpine fir', 'either', 'other_species', 0, 'lasiocarpa'],
    ['subalpine fir', 'genus', 'other_species', 2, 'lasiocarpa'],
    ['Abies', 'genus', 'genus_only', 2, 'abies'],
    ['hemlock', 'genus', 'genus_only', 0, null],
    ['tall thing', 'genus', 'unlisted', 0, null],
    ['Pinaceae', 'family', 'exact', 2, null],
    ['pine family', 'family', 'exact', 2, null],
    ['Pinacaea', 'family', 'misspelled', 2, null],
    ['Cupressaceae', 'family', 'family', 0, null],
    ['Abies grandis', 'family', 'unlisted', 0, null],
    ['Pinaceae or Taxaceae', 'family', 'doubtful', 0, null],
    ['', 'common', 'blank', 0, null],
  ])('“%s”, asked for %s', (text, kind, outcome, points, taxon) => {
    expect(gradeAnswer(name(text), ask(kind), truth, context())).toMatchObject({ outcome, points, taxon });
  });

  test('a name that staff picked is what they say it is, and no text that is decided about', () => {
    const half = { ...context(), policy: { ...context().policy, misspelled: 0.5 } };
    const picked = (text: string, as: 'right' | 'misspelled' | 'species') =>
      gradeAnswer({ kind: 'name', text, picked: as }, ask('scientific'), truth, half);
    expect(picked('Abies grandis', 'right')).toMatchObject({ outcome: 'exact', points: 2, folded: null });
    expect(picked('Abies grandis', 'misspelled')).toMatchObject({
      outcome: 'misspelled',
      points: 1,
      taxon: 'grandis',
      folded: null,
    });
    expect(picked('Abies lasiocarpa', 'species')).toMatchObject({
      outcome: 'other_species',
      points: 0,
      taxon: 'lasiocarpa',
      folded: null,
    });
  });

  test('says what is asked where the other kind of name came', () => {
    expect(gradeAnswer(name('Abies grandis'), ask('common'), truth, context()).why).toContain(
      'the common name is asked',
    );
  });

  test('cannot be told is no name, and unreadable is blank', () => {
    expect(gradeAnswer({ kind: 'cannot_tell' }, ask('common'), truth, context())).toMatchObject({
      outcome: 'cannot_tell',
      folded: null,
    });
    expect(gradeAnswer({ kind: 'illegible' }, ask('common'), truth, context()).outcome).toBe('blank');
    const unsure = { outcome: 'blank', points: 0, why: 'says not sure' };
    expect(gradeAnswer({ kind: 'not_sure' }, ask('common'), truth, context())).toMatchObject(unsure);
    expect(
      gradeAnswer({ kind: 'not_sure' }, ask('common'), { ...truth, notTellable: true }, context()),
    ).toMatchObject(unsure);
  });

  test.each([
    [{ folded: 'quill', taxon: 'grandis', outcome: 'misspelled' }, 'misspelled', 2],
    [{ folded: 'quill', taxon: 'grandis', outcome: 'exact' }, 'exact', 2],
    [{ folded: 'quill', taxon: 'lasiocarpa', outcome: 'exact' }, 'other_species', 0],
    [{ folded: 'quill', taxon: 'abies', outcome: 'exact' }, 'genus_only', 0],
    [{ folded: 'quill', taxon: null, outcome: 'unlisted' }, 'unlisted', 0],
  ] as const)('a decision holds for every text of the same normal form: %j', (decision, outcome, points) => {
    const decided = context({ decisions: new Map([['quill', decision]]) });
    for (const text of ['quill', ' Quill. '])
      expect(gradeAnswer(name(text), ask('common'), truth, decided)).toMatchObject({
        outcome,
        points,
        folded: 'quill',
      });
  });

  test('a grader judges each distinct text of each truth once, and as one that remembers nothing', () => {
    let read = 0;
    const counting = context({
      decisions: {
        get: () => {
          read += 1;
          return undefined;
        },
      } as unknown as GradingContext['decisions'],
    });
    const grade = grader(counting);
    const once = grade(name('grand fri'), ask('common'), truth);
    expect(grade(name('grand fri'), ask('common'), truth)).toEqual(once);
    expect(grade(name('grand fri'), ask('common'), { ...truth, taxon: 'lasiocarpa' })).toEqual(
      gradeAnswer(name('grand fri'), ask('common'), { ...truth, taxon: 'lasiocarpa' }, context()),
    );
    expect([read, once]).toEqual([2, gradeAnswer(name('grand fri'), ask('common'), truth, context())]);
  });
});

describe('stations that accept more, or nothing', () => {
  const also = { ...truth, also: ['lasiocarpa'] };

  test('the name of a species that is accepted too earns what its own would, and no other does', () => {
    const own = gradeAnswer(name('Abies grandis'), ask('scientific'), also, context());
    const other = gradeAnswer(name('Abies lasiocarpa'), ask('scientific'), also, context());
    expect([own.points, other.points, other.taxon]).toEqual([2, 2, 'lasiocarpa']);
    expect(other.why).toContain('accepted as well');
    expect(gradeAnswer(name('Abies lasiocarpa'), ask('scientific'), truth, context()).points).toBe(0);
    expect(gradeAnswer(name('zzz'), ask('scientific'), also, context()).points).toBe(0);
  });

  test('where it cannot be told, to say so is right and a name that happens to fit is a guess', () => {
    const hopeless = { ...truth, notTellable: true };
    expect(gradeAnswer({ kind: 'cannot_tell' }, ask('common'), hopeless, context()).points).toBe(2);
    expect(gradeAnswer(name('grand fir'), ask('common'), hopeless, context())).toMatchObject({
      outcome: 'exact',
      points: 0,
    });
  });

  test('a grader keeps them apart from a station that accepts one species only', () => {
    const grade = grader(context());
    const points = [truth, also].map((t) => grade(name('Abies lasiocarpa'), ask('scientific'), t).points);
    expect(points).toEqual([0, 2]);
  });
});

describe('questions that show something', () => {
  const shown = { prompt: 'Which?', labels: { a: 'grand fir', b: 'subalpine fir', da: 'drawing 1' } };

  test('a spelling is right letter by letter, whatever the spaces', () => {
    const spell = ask('text', { kind: 'text', right: 'Abies grandis' });
    const points = (text: string) => gradeAnswer({ kind: 'text', text }, spell, truth, context()).points;
    expect([points(' Abies  grandis '), points('Abies grandus'), points('abies grandis')]).toEqual([2, 0, 0]);
    const read = ask('text', { kind: 'text' });
    expect(gradeAnswer({ kind: 'text', text: 'x' }, read, truth, context()).outcome).toBe('to_read');
  });

  test('a wrong one of two names the species that was taken for it', () => {
    const two = ask('choice', { kind: 'choice', right: ['a'], taxa: { a: 'grandis', b: 'lasiocarpa' } });
    const wrong = gradeAnswer({ kind: 'choice', chosen: 'b', shown: ['a', 'b'] }, two, truth, context());
    expect(wrong).toMatchObject({ outcome: 'wrong', points: 0, taxon: 'lasiocarpa' });
  });

  test('answers and keys are read in the words that were shown', () => {
    expect(saidTo({ kind: 'choice', chosen: 'b', shown: ['a', 'b'] }, { shown })).toBe('subalpine fir');
    expect(saidTo({ kind: 'match', pairs: [['a', 'da']] }, { shown })).toBe('grand fir – drawing 1');
    expect(saidTo({ kind: 'choice', chosen: 'b', shown: [] }, {})).toBe('b');
    expect(acceptedInWords({ accepted: { kind: 'choice', right: ['a', 'b'] }, shown })).toBe(
      'grand fir or subalpine fir',
    );
    expect(acceptedInWords({ accepted: { kind: 'match', pairs: [['b', 'da']] }, shown })).toBe(
      'subalpine fir – drawing 1',
    );
    expect(acceptedInWords({ accepted: { kind: 'point', x: 0, y: 0, within: 0.1 } })).toBe(
      'the place marked in the drawing',
    );
    expect(acceptedInWords({ accepted: { kind: 'text', right: 'Abies' } })).toBe('Abies');
    expect(acceptedInWords({ accepted: { kind: 'name' } })).toBeNull();
  });

  test('what a question shows is kept in words, drawings by their number', () => {
    const option = (id: string, label: string) => ({ id, label });
    const params = {
      question: 'match_parts',
      prompt: 'Match.',
      options: [option('a', 'fir')],
      others: [option('d', '')],
      right: [],
      pairs: [],
      drawing: null,
      place: null,
      text: null,
    } as const;
    expect(shownInWords(params)).toEqual({ prompt: 'Match.', labels: { a: 'fir', d: 'drawing 1' } });
  });
});

describe('grading what is not a name', () => {
  const call: Accepted = {
    kind: 'call',
    right: ['below-only', '3'],
    coarse: ['some'],
    range: null,
    doesNotApply: false,
    recorded: true,
    words: 'beneath only',
  };
  const count: Accepted = { ...call, right: [], coarse: [], range: [5, 9] };
  test.each<[string, Accepted, AnswerValue, string, number]>([
    ['the right state', call, { kind: 'state', state: 'below-only' }, 'right', 2],
    ['a broader state', call, { kind: 'state', state: 'some' }, 'coarse', 0],
    ['another state', call, { kind: 'state', state: 'both' }, 'wrong', 0],
    ['right states only', call, { kind: 'states', states: ['below-only', '3'] }, 'right', 2],
    ['right and broader states', call, { kind: 'states', states: ['below-only', 'some'] }, 'coarse', 0],
    ['one wrong among them', call, { kind: 'states', states: ['below-only', 'both'] }, 'wrong', 0],
    ['a state whose id is a number', call, { kind: 'count', n: 3 }, 'right', 2],
    ['does not apply, where it does', call, { kind: 'does_not_apply' }, 'wrong', 0],
    [
      'does not apply, where it does not',
      { ...call, doesNotApply: true, right: [] },
      { kind: 'does_not_apply' },
      'right',
      2,
    ],
    [
      'anything where nothing is recorded',
      { ...call, recorded: false },
      { kind: 'state', state: 'below-only' },
      'not_recorded',
      0,
    ],
    ['a count at the edge', count, { kind: 'count', n: 9 }, 'right', 2],
    ['a count beyond', count, { kind: 'count', n: 10 }, 'wrong', 0],
    [
      'a length within',
      { ...count, range: [30, 40] },
      { kind: 'measure', mm: 38.1, typed: '1.5 in' },
      'right',
      2,
    ],
    [
      'the right choice',
      { kind: 'choice', right: ['a'] },
      { kind: 'choice', chosen: 'a', shown: ['a', 'b'] },
      'right',
      2,
    ],
    [
      'the wrong choice',
      { kind: 'choice', right: ['a'] },
      { kind: 'choice', chosen: 'b', shown: ['a', 'b'] },
      'wrong',
      0,
    ],
    [
      'half of the pairs',
      {
        kind: 'match',
        pairs: [
          ['a', '1'],
          ['b', '2'],
        ],
      },
      {
        kind: 'match',
        pairs: [
          ['a', '1'],
          ['b', '1'],
        ],
      },
      'wrong',
      1,
    ],
    ['all pairs', { kind: 'match', pairs: [['a', '1']] }, { kind: 'match', pairs: [['a', '1']] }, 'right', 2],
    [
      'a point near enough',
      { kind: 'point', x: 0.5, y: 0.5, within: 0.1 },
      { kind: 'point', x: 0.56, y: 0.58 },
      'right',
      2,
    ],
    [
      'a point too far',
      { kind: 'point', x: 0.5, y: 0.5, within: 0.1 },
      { kind: 'point', x: 0.58, y: 0.58 },
      'wrong',
      0,
    ],
    ['a text', { kind: 'text' }, { kind: 'text', text: 'it leans' }, 'to_read', 0],
    ['nothing', call, { kind: 'blank' }, 'blank', 0],
    ['not sure', { kind: 'choice', right: ['a'] }, { kind: 'not_sure' }, 'blank', 0],
    ['cannot be told', { kind: 'choice', right: ['a'] }, { kind: 'cannot_tell' }, 'cannot_tell', 0],
  ])('%s', (_, accepted, value, outcome, points) => {
    expect(
      gradeAnswer(value, ask(accepted.kind as KeyAsk['kind'], accepted), truth, context()),
    ).toMatchObject({ outcome, points });
  });

  test('a wrong answer says what was written and what the tree shows', () => {
    expect(gradeAnswer({ kind: 'state', state: 'both' }, ask('call', call), truth, context()).why).toBe(
      'wrote both; the tree shows beneath only',
    );
  });
});

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
