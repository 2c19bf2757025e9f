import { describe, expect, test } from '@jest/globals';
import { checkOfTable, disagreementsOfTables, judgeAnswers, rulesOfTable, tellsOfTable } from './index.ts';

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

describe('every way to ask', () => {
  const LIST = `scientific,family,common,synonyms,older_families,week,label
Acer glabrum,Sapindaceae,Rocky Mountain maple,,Aceraceae,1,
Acer saccharum,Sapindaceae,sugar maple,,Aceraceae,1,
Platanus × hispanica,Platanaceae,London planetree,Platanus × acerifolia,,1,
Salix exigua,Salicaceae,narrowleaf willow,Salix interior (in part) | Salix fluviatilis (misused),,1,
`;
  const graded = (rows: readonly string[]): readonly string[] => {
    const judged = judgeAnswers(LIST, `species,ask,typed\n${rows.join('\n')}\n`);
    if (!judged.ok) throw new Error(judged.refused[0]?.message);
    return judged.text
      .split('\n')
      .slice(1, rows.length + 1)
      .map((l) => l.split(',').slice(3, 6).join());
  };

  test.each([
    ['Acer glabrum,genus,Acer', 'genus_only,Acer,1'],
    ['Acer glabrum,genus,sugar maple', 'other_species,Acer saccharum,1'],
    ['Acer glabrum,genus,Salix exigua', 'other_species,Salix exigua,0'],
    ['Acer glabrum,family,Sapindaceae', 'exact,,1'],
    ['Acer glabrum,family,Aceraceae', 'older_family,,1'],
    ['Acer glabrum,family,Sapindacae', 'misspelled,,1'],
    ['Acer glabrum,family,soapberry family', 'exact,,1'],
    ['Acer glabrum,family,Salicaceae', 'family,,0'],
    ['Acer glabrum,scientific,Aceraceae', 'family,,0'],
    ['Acer glabrum,either,Acer saccharum or Acer glabrum', 'doubtful,,0'],
    ['Platanus × hispanica,scientific,Platanus acerifolia', 'synonym,Platanus × hispanica,1'],
    ['Salix exigua,scientific,Salix interior', 'synonym,Salix exigua,1'],
    ['Salix exigua,scientific,Salix fluviatilis', 'doubtful,,0'],
  ])('%s', (row, expected) => {
    expect(graded([row])).toEqual([expected]);
  });
});

describe('tables from several sources', () => {
  const conditions = {
    date: '2026-07-01',
    material: ['tree', 'twig', 'leaf', 'bark', 'litter'] as const,
    handling: ['look'] as const,
    distance: 'hand' as const,
    wet: false,
  };
  const FLORA = {
    name: 'flora.csv',
    text: 'species,leaf.margin,bark.texture,odd\nBetula papyrifera,serrate,papery,x\nAcer glabrum,serrate,smooth,x\n',
  };
  const NOTES = {
    name: 'notes.csv',
    text: 'species,source,leaf.margin,bark.texture\nBetula papyrifera,Walks,entire,papery | smooth\nBetula papyrifera,Walks,serrate,velvet\n',
  };

  test('say where they differ, one source against itself too, and what each costs', () => {
    const found = disagreementsOfTables([FLORA, NOTES], conditions);
    if (!found.ok) throw new Error(found.refused[0]?.message);
    expect(
      found.disagreements.map((d) => [d.character, d.kind, d.a.source, d.b.source, d.costs, d.disagrees]),
    ).toEqual([
      ['leaf.margin', 'contradiction', 'flora.csv', 'Walks', 0, true],
      ['leaf.margin', 'contradiction', 'Walks', 'Walks', 0, true],
      ['bark.texture', 'narrower', 'flora.csv', 'Walks', 1, true],
    ]);
    expect(found.ignored).toEqual([{ table: 'flora.csv', column: 'odd' }]);
    expect(found.refused).toEqual([
      { table: 'notes.csv', line: 3, column: 4, reason: 'bark texture has no state “velvet”.' },
    ]);
  });

  test('a table without the column of species is refused as a whole, by its name', () => {
    const found = disagreementsOfTables(
      [FLORA, { name: 'b.csv', text: 'leaf.margin\nentire\n' }],
      conditions,
    );
    expect(found.ok ? [] : found.refused.map((r) => r.message)).toEqual([
      expect.stringContaining('b.csv: The header has no column “species”'),
    ]);
  });

  test('rules are held against a table, and a rule that cannot be read is told with its place', () => {
    const rules = (lines: readonly string[]) =>
      rulesOfTable(
        FLORA,
        { name: 'rules.csv', text: ['quantifier,who,when,then', ...lines].join('\n') },
        conditions,
      );
    const found = rules([
      'all,,bark.texture=papery,is:Betula',
      'only,Acer glabrum,,bark.texture=papery',
      'all,Betula,,leaf.margin=serrate & !bark.texture=smooth',
      'all,,,bark.texture=smooth|papery',
      'some,,,bark.texture=smooth',
      'all,Fagus,,bark.texture=smooth',
      'all,,,bark.texture=velvet',
      'all,,,',
    ]);
    if (!found.ok) throw new Error(found.refused[0]?.message);
    expect(found.rules.map((r) => [r.line, r.verdict, r.subjects.length])).toEqual([
      [2, 'holds', 1],
      [3, 'does_not_hold', 1],
      [4, 'holds', 1],
      [5, 'holds', 2],
    ]);
    expect(found.refused.map((r) => [r.line, r.reason])).toEqual([
      [6, '“some” is no quantifier. Use all, only, all_and_only.'],
      [7, 'The table has no “Fagus”.'],
      [8, expect.stringContaining('velvet')],
      [9, expect.stringContaining('says nothing')],
    ]);
  });

  test('what a botanist would ask of a table', () => {
    const found = checkOfTable({
      name: 't.csv',
      text: 'species,leaf.length (ft),fruit.kind,leaf.complexity\nMagnolia acuminata,3000,berry | capsule,simple\nAcer glabrum,0.3,paired samara,simple\n',
    });
    if (!found.ok) throw new Error(found.refused[0]?.message);
    expect(found.questions.map((q) => [q.species, q.code])).toEqual([
      ['Magnolia acuminata', 'fleshy_and_dry'],
      ['Magnolia acuminata', 'beyond_limits'],
    ]);
  });

  test('a vocabulary of one’s own replaces the shipped characters', () => {
    const own = JSON.stringify({
      format: 'hurrow-library',
      version: 1,
      writtenBy: 'test',
      characters: [],
    });
    const found = checkOfTable(FLORA, own);
    if (!found.ok) throw new Error(found.refused[0]?.message);
    expect(found.ignored.map((i) => i.column)).toEqual(['leaf.margin', 'bark.texture', 'odd']);
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
