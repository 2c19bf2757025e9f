import { describe, expect, test } from '@jest/globals';
import { analyse } from './index.ts';

const TABLE = [
  'species,leaf.kind,leaf.arrangement,leaf.complexity,leaf.margin,bark.texture',
  'Fraxinus pennsylvanica,broad,opposite,odd-pinnate,serrate,furrowed',
  'Sorbus aucuparia,broad,alternate,odd-pinnate,serrate,smooth',
  'Acer glabrum,broad,opposite,simple,serrate,smooth',
  'Betula papyrifera,broad,alternate,simple,doubly-serrate,papery',
  'Salix scouleriana,broad,alternate,simple,entire,smooth',
  'Pinus ponderosa,needle,,,,plated',
].join('\n');
const HEAD = 'quiz,date,section,student,station,species,answer,sure,material,call:leaf.arrangement';
const SPECIES = [
  'Fraxinus pennsylvanica',
  'Sorbus aucuparia',
  'Acer glabrum',
  'Betula papyrifera',
  'Salix scouleriana',
  'Pinus ponderosa',
];

/** Quizzes on twigs in which the first so many students take ash for mountain-ash and call its leaves alternate. */
const answers = (students: number, astray: number, quizzes = 4, sure = ''): string =>
  [
    HEAD,
    ...Array.from({ length: quizzes }, (_, q) =>
      Array.from({ length: students }, (__, s) =>
        SPECIES.map((truth, j) => {
          const isAstray = j === 0 && (s + q) % students < astray;
          const call = j === 0 ? (isAstray ? 'alternate' : 'opposite') : '';
          return `Quiz ${q},2026-09-0${q + 1},Lab,${100 + s},${j + 1},${truth},${isAstray ? 'Sorbus aucuparia' : truth},${sure},twig,${call}`;
        }),
      ).flat(),
    ).flat(),
  ].join('\n');

const report = (responses: string, more: { table?: string; lessons?: string } = { table: TABLE }) => {
  const found = analyse({ responses, ...more });
  if (!found.ok) throw new Error(JSON.stringify(found.refused));
  return found.report;
};

describe('characters in the report of a file of answers', () => {
  test('name the one that was called wrong whenever the name was, with what it rests on', () => {
    const { characters, slips, readiness } = report(answers(24, 9));
    const found = characters?.find((c) => c.character === 'leaf.arrangement');
    expect(found).toMatchObject({ verdict: 'estimated', direct: 96, level: 0.9, bundle: [] });
    expect(found?.low).toBeGreaterThan(0.2);
    expect(found?.e ?? 0).toBeGreaterThan(found?.u ?? 1);
    const margin = characters?.find((c) => c.character === 'leaf.margin');
    expect(margin?.m).toBeLessThan(found?.low ?? 0);
    expect(slips?.rate).toBeLessThan(0.02);
    expect(readiness.map((r) => r.species)).toEqual([...SPECIES].sort());
  });

  test('leave out guesses, and names that nothing recorded tells from the tree, and say how many', () => {
    const guessed = report(answers(24, 9, 2, 'guessing'));
    expect(guessed.left_out).toContainEqual({ part: 'characters', reason: 'guesses: 288' });
    expect(guessed.characters).toEqual([]);
    const bare = report(answers(24, 9, 2), {
      table: TABLE.replace(
        'Sorbus aucuparia,broad,alternate,odd-pinnate,serrate,smooth',
        'Sorbus aucuparia,,,,,',
      ),
    });
    expect(bare.left_out).toContainEqual({
      part: 'characters',
      reason: 'answers with a name that nothing recorded tells from the tree: 18',
    });
  });

  test('are absent without a table and of a small class, and it says why', () => {
    expect(report(answers(24, 9), {}).characters).toBeUndefined();
    expect(report(answers(24, 9), {}).left_out[0]?.reason).toContain('no character table');
    expect(report(answers(6, 3)).characters).toBeUndefined();
    expect(report(answers(6, 3)).left_out[0]?.reason).toBe('fewer than 10 students');
  });

  test('have a slope only where lessons say when species were taught', () => {
    expect(report(answers(24, 9)).slope).toBeNull();
    const lessons =
      'date,section,species,other,kind\n2026-08-20,Lab,Fraxinus pennsylvanica,Acer glabrum,taught';
    const { slope, left_out } = report(answers(24, 9), { table: TABLE, lessons });
    // The four quizzes were 12 to 15 days later: one and two weeks.
    expect(slope).not.toBeNull();
    expect(left_out.map((l) => l.part)).not.toContain('slope');
  });

  test('are read by another vocabulary where one is given', () => {
    const vocabulary = JSON.stringify({ format: 'not a library' });
    expect(analyse({ responses: answers(24, 9), table: TABLE, vocabulary }).ok).toBe(false);
  });
});
