import { describe, expect, test } from '@jest/globals';
import { analyse } from './index.ts';

const SPECIES = [
  'Abies grandis',
  'Abies lasiocarpa',
  'Pinus flexilis',
  'Pinus albicaulis',
  'Larix occidentalis',
  'Thuja plicata',
  'Acer glabrum',
  'Betula papyrifera',
];
const HEAD = 'quiz,date,section,student,station,species,answer,sure,given_back';
/** A quiz of eight stations by so many students; the first so many write subalpine fir for grand fir. */
const quiz = (name: string, on: string, students: number, astray: number, back = ''): readonly string[] =>
  Array.from({ length: students }, (_, s) =>
    SPECIES.map((truth, j) => {
      const answer = j === 0 && s < astray ? 'Abies lasiocarpa' : (s + j) % 11 === 3 ? '' : truth;
      return `${name},${on},Lab,${100 + s},${j + 1},${truth},${answer},${s === 0 ? 'guessing' : ''},${back}`;
    }),
  ).flat();
const report = (...rows: readonly (readonly string[])[]) => {
  const found = analyse({ responses: [HEAD, ...rows.flat()].join('\n') });
  if (!found.ok) throw new Error(JSON.stringify(found.refused));
  return found.report;
};

describe('the report of answers without a library', () => {
  const two = report(quiz('One', '2026-09-01', 24, 7, '2026-09-04'), quiz('Two', '2026-09-10', 24, 5));

  test('says what it rests on and how the answers came out', () => {
    expect(two.base).toEqual({ rows: 384, students: 24, sections: 1, quizzes: 2, stations: 16, species: 8 });
    const total = Object.values(two.outcomes).reduce((a, b) => a + b, 0);
    expect([total, two.outcomes['other']]).toEqual([384, 12]);
  });

  test('finds the mix-up with its base, interval, slips, state and direction', () => {
    const [first] = two.mixups;
    expect(first).toMatchObject({
      truth: 'Abies grandis',
      answer: 'Abies lasiocarpa',
      k: 12,
      n: 48,
      students: 7,
      students_looked: 24,
      guesses: 2,
      flagged: true,
      state: 'repeat',
    });
    expect(first?.low).toBeCloseTo(0.1442, 3);
    expect(first?.expected).toBeLessThan(1);
    expect(two.directions).toMatchObject([{ a: 'Abies grandis', b: 'Abies lasiocarpa' }]);
    expect(two.directions[0]?.p_a_more).toBeGreaterThan(0.99);
    expect(two.class_repeats).toEqual([
      { pair: ['Abies grandis', 'Abies lasiocarpa'], quizzes: 2, students: 7 },
    ]);
  });

  test('counts chances only after results were returned', () => {
    const again = two.repeats.filter((r) => r.repeats > 0);
    expect([two.repeats.length, again.length]).toEqual([7, 5]);
    expect(two.repeats.every((r) => r.first === '2026-09-01' && r.opportunities === 2)).toBe(true);
  });

  test('judges each quiz whole and by section, and names what is not on the scale', () => {
    expect(two.soundness.map((s) => [s.quiz, s.section, s.students, s.stations])).toEqual([
      ['One', null, 24, 8],
      ['One', 'Lab', 24, 8],
      ['Two', null, 24, 8],
      ['Two', 'Lab', 24, 8],
    ]);
    expect(two.soundness[0]?.items[0]).toMatchObject({ station: 1, species: 'Abies grandis', n: 24 });
    expect([two.scale.stations.length, two.scale.left_out]).toEqual([8, ['Two']]);
  });

  test('says of a class under ten students counts alone, and no number that cannot be known', () => {
    const small = report(quiz('One', '2026-09-01', 6, 2));
    expect(small.mixups[0]).toMatchObject({
      k: 2,
      n: 6,
      expected: null,
      q: null,
      flagged: false,
      simple: null,
    });
    expect([small.class_repeats, small.scale.sigma, small.soundness[0]?.reliability]).toEqual([
      [],
      null,
      null,
    ]);
    expect(JSON.stringify(small)).not.toContain('NaN');
  });

  test('doubts a tag where most write another species that is known elsewhere', () => {
    const wrong = quiz('Three', '2026-09-20', 24, 0).map((r) =>
      r.includes(',1,Abies grandis,')
        ? r.replace('Abies grandis,Abies grandis', 'Abies grandis,Abies lasiocarpa')
        : r,
    );
    const found = report(quiz('One', '2026-09-01', 24, 0), quiz('Two', '2026-09-10', 24, 0), wrong);
    expect(found.key_checks[0]).toMatchObject({
      quiz: 'Three',
      station: 1,
      instead: 'Abies lasiocarpa',
      verdict: 'check',
    });
  });

  test('reads what can be read and says the rest with its place', () => {
    const rows = [...quiz('One', '2026-09-01', 12, 3), 'One,soon,Lab,900,1,Abies grandis,fir,,'];
    const found = analyse({ responses: [`${HEAD},mood`, ...rows.map((r) => `${r},`)].join('\n') });
    expect(found.ok && found.report.refused.map((r) => [r.column, r.reason])).toEqual([
      [2, '“soon” is not a date.'],
    ]);
    expect(found.ok && [found.report.ignored, found.report.base.rows]).toEqual([['mood'], 96]);
    expect(analyse({ responses: 'a,b\n1,2' }).ok).toBe(false);
  });

  test('reads common names and slips of the pen by a list of names, and a name of no listed species as unlisted', () => {
    const names = 'scientific,common\nAbies grandis,grand fir\nAbies lasiocarpa,subalpine fir\n';
    const rows = ['grnad fir', 'subalpine fir', 'plastic tree', 'Abies'].map(
      (a, i) => `One,2026-09-01,Lab,${100 + i},1,Abies grandis,${a},,`,
    );
    const found = analyse({ responses: [HEAD, ...rows].join('\n'), names });
    expect(found.ok && found.report.outcomes).toMatchObject({
      right: 1,
      other: 1,
      unlisted: 1,
      genus_only: 1,
    });
    // Without one, names of real trees are known, but a species that the file does not name is not listed.
    const without = analyse({ responses: [HEAD, ...rows].join('\n') });
    expect(without.ok && without.report.outcomes).toMatchObject({ right: 1, other: 0, unlisted: 2 });
  });
});

describe('lessons', () => {
  const at = (quiz: string, on: string, wrong: number): string[] =>
    Array.from({ length: 24 }, (_, i) => [
      `${quiz},${on},Lab,${i + 1},1,Abies grandis,${i < wrong ? 'Abies lasiocarpa' : 'Abies grandis'}`,
      `${quiz},${on},Lab,${i + 1},2,Pinus flexilis,${i < 8 ? 'Pinus albicaulis' : 'Pinus flexilis'}`,
      // What was written has to be on the list, which is what was asked.
      `${quiz},${on},Lab,${i + 1},3,Abies lasiocarpa,Abies lasiocarpa`,
      `${quiz},${on},Lab,${i + 1},4,Pinus albicaulis,Pinus albicaulis`,
    ]).flat();
  const responses = [
    'quiz,date,section,student,station,species,answer',
    ...at('One', '2026-09-08', 9),
    ...at('Two', '2026-09-22', 8),
    ...at('Three', '2026-10-06', 0),
  ].join('\n');
  const reported = (lessons: string) => {
    const found = analyse({ responses, lessons });
    if (!found.ok) throw new Error('Refused');
    return found.report;
  };

  test('say what followed, beside the pair that was not taught again, and fix a pair', () => {
    const { retaught, mixups, left_out } = reported(
      'date,section,species,other,kind\n2026-10-01,Lab,Abies lasiocarpa,Abies grandis,retaught',
    );
    expect(retaught).toMatchObject([
      {
        pair: ['Abies grandis', 'Abies lasiocarpa'],
        date: '2026-10-01',
        before: { k: 17, n: 48 },
        after: { k: 0, n: 24 },
        verdict: 'helped',
      },
    ]);
    expect(mixups.find((m) => m.truth === 'Abies grandis')?.state).toBe('fixed');
    expect(left_out.map((l) => l.part)).toEqual(['characters']);
  });

  test('that cannot be read are refused line by line, and the rest is read', () => {
    const { refused, retaught } = reported(
      'date,section,species,other,kind\nsoon,Lab,a,b,retaught\n2026-10-01,Lab,a,a,retaught\n2026-10-01,Lab,a,b,sung\n2026-10-01,,a,b,taught',
    );
    expect(refused.map((r) => [r.file, r.line, r.column])).toEqual([
      ['lessons', 2, 'date'],
      ['lessons', 3, 'other'],
      ['lessons', 4, 'kind'],
      ['lessons', 5, 'section'],
    ]);
    expect(retaught).toEqual([]);
  });
});
