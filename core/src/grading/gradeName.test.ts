import { describe, expect, test } from '@jest/globals';
import { gradeAnswer, grader } from './index.ts';
import { ask, context, name, truth } from './sample.ts';
import type { GradingContext, KeyAsk } from './index.ts';

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
