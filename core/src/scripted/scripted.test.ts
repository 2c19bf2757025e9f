import { describe, expect, test } from '@jest/globals';
import { judgeAnswers, tellsOfTable } from './index.ts';

const NAMES = `scientific,family,common,synonyms,older_families,week,label
Abies grandis,Pinaceae,grand fir | white fir,,,1,
Abies lasiocarpa,Pinaceae,subalpine fir | white fir,,,1,
Frangula purshiana,Rhamnaceae,cascara,Rhamnus purshiana,,2,
`;

describe('typed answers graded without a library', () => {
  test('each with its outcome, what it names, points out of one and why', () => {
    const judged = judgeAnswers(
      NAMES,
      'species,ask,typed\nAbies grandis,either,grand fir\nAbies grandis,scientific,Abies lasiocarpa\nFrangula purshiana,scientific,Rhamnus purshiana\nAbies grandis,common,\nAbies grandis,scientific,Abies grandos\n',
    );
    expect(
      judged.ok &&
        judged.text
          .split('\n')
          .slice(1, 6)
          .map((l) => l.split(',').slice(3, 6).join()),
    ).toEqual([
      'exact,Abies grandis,1',
      'other_species,Abies lasiocarpa,0',
      'synonym,Frangula purshiana,1',
      'blank,,0',
      expect.stringMatching(/^misspelled,Abies grandis,/),
    ]);
  });

  test('a species that is not listed and a way of asking that is none are told where they stand', () => {
    const judged = judgeAnswers(NAMES, 'species,ask,typed\nAbies alba,common,x\nAbies grandis,nickname,x\n');
    expect(judged.ok ? [] : judged.refused.map((r) => [r.line, r.column])).toEqual([
      [2, 1],
      [3, 2],
    ]);
  });
});

describe('tells of a table', () => {
  const conditions = {
    date: '2026-10-01',
    material: ['twig', 'bark'] as const,
    handling: ['look'] as const,
    distance: 'hand' as const,
    wet: false,
  };
  const TABLE =
    'species,bark.texture,twig.spurs\nAbies grandis,smooth,no\nLarix laricina,scaly,yes\nAbies procera,smooth,no\n';

  test('every pair once, with its verdict and what tells it in words', () => {
    const found = tellsOfTable({ table: TABLE, conditions });
    if (!found.ok) throw new Error(found.refused[0]?.message);
    expect(found.pairs.map((p) => [p.a, p.b, p.verdict])).toEqual([
      ['Abies grandis', 'Larix laricina', 'told'],
      ['Abies grandis', 'Abies procera', 'twins'],
      ['Larix laricina', 'Abies procera', 'told'],
    ]);
    expect(found.pairs[0]?.tells).toEqual(
      expect.arrayContaining([{ character: 'bark.texture', strength: 'clean', a: 'smooth', b: 'scaly' }]),
    );
  });

  test('what is not in hand tells nothing', () => {
    const found = tellsOfTable({ table: TABLE, conditions: { ...conditions, material: ['fruit'] } });
    expect(found.ok && found.pairs.flatMap((p) => p.tells)).toEqual([]);
  });

  test('a table that cannot be read, and a list that is not there, are refused', () => {
    const bad = tellsOfTable({ table: 'species,bark.texture\nAbies grandis,velvet\n', conditions });
    expect(bad.ok ? null : bad.refused[0]).toMatchObject({ line: 2, column: 2 });
    const none = tellsOfTable({
      library: '{"format":"hurrow-library","version":1,"writtenBy":"x"}',
      list: 'Nowhere',
      conditions,
    });
    expect(none.ok ? null : none.refused[0]?.message).toBe('The file has no list “Nowhere”.');
  });
});
