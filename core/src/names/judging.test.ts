import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judgeName, nameIndex } from './index.ts';
import type { NameEntry, Truth } from './index.ts';

/** A list of the demo's kind: taxon, accepted name, common names and synonyms. */
const LIST: readonly (readonly [string, string, readonly string[], readonly string[]])[] = [
  ['grandis', 'Abies grandis', ['grand fir'], []],
  ['lasiocarpa', 'Abies lasiocarpa', ['subalpine fir'], ['Abies bifolia']],
  ['menziesii', 'Pseudotsuga menziesii', ['Douglas-fir'], ['Pseudotsuga taxifolia']],
  ['engelmannii', 'Picea engelmannii', ['Engelmann spruce'], []],
  ['pungens', 'Picea pungens', ['blue spruce', 'Colorado spruce'], []],
  ['contorta', 'Pinus contorta', ['lodgepole pine'], []],
  ['ponderosa', 'Pinus ponderosa', ['ponderosa pine'], []],
  ['albicaulis', 'Pinus albicaulis', ['whitebark pine'], []],
  ['flexilis', 'Pinus flexilis', ['limber pine'], []],
  ['monticola', 'Pinus monticola', ['western white pine'], []],
  ['occidentalis', 'Larix occidentalis', ['western larch'], []],
  ['scopulorum', 'Juniperus scopulorum', ['Rocky Mountain juniper'], []],
  ['trichocarpa', 'Populus trichocarpa', ['black cottonwood', 'cottonwood'], []],
  ['deltoides', 'Populus deltoides', ['plains cottonwood', 'cottonwood'], []],
  ['tremuloides', 'Populus tremuloides', ['quaking aspen'], []],
  ['angustifolia', 'Populus angustifolia', ['narrowleaf cottonwood'], []],
  ['tenuifolia', 'Alnus incana subsp. tenuifolia', ['thinleaf alder'], []],
  ['rubra', 'Alnus rubra', ['red alder'], []],
  ['glabrum', 'Acer glabrum', ['Rocky Mountain maple'], []],
  ['macrophyllum', 'Acer macrophyllum', ['bigleaf maple'], []],
  ['rydbergii', 'Toxicodendron rydbergii', ['western poison-ivy'], ['Rhus radicans var. rydbergii']],
  ['scouleriana', 'Salix scouleriana', ['Scouler willow'], []],
  ['virginiana', 'Prunus virginiana', ['chokecherry'], []],
  ['sericea', 'Cornus sericea', ['red-osier dogwood'], []],
  ['alnifolia', 'Amelanchier alnifolia', ['Saskatoon serviceberry'], []],
  ['purshiana', 'Frangula purshiana', ['cascara'], ['Rhamnus purshiana']],
  ['scopulina', 'Sorbus scopulina', ['Greene mountain-ash', 'mountain-ash'], []],
  ['sitchensis', 'Sorbus sitchensis', ['Sitka mountain-ash', 'mountain-ash'], []],
  ['pennsylvanica', 'Fraxinus pennsylvanica', ['green ash'], []],
  ['albidum', 'Sassafras albidum', ['sassafras'], []],
  ['hispanica', 'Platanus × hispanica', ['London planetree'], ['Platanus × acerifolia']],
  ['macrocarpa', 'Quercus macrocarpa', ['bur oak'], []],
];
const GENERA: readonly (readonly [string, string])[] = [
  ['Abies', 'fir'],
  ['Picea', 'spruce'],
  ['Pinus', 'pine'],
  ['Larix', 'larch'],
  ['Populus', 'poplar'],
  ['Salix', 'willow'],
  ['Fraxinus', 'ash'],
  ['Acer', 'maple'],
  ['Sassafras', 'sassafras'],
];
const ENTRIES: readonly NameEntry[] = [
  ...GENERA.flatMap(([g, common]): NameEntry[] => [
    { taxon: g, rank: 'genus', kind: 'accepted', text: g },
    { taxon: g, rank: 'genus', kind: 'common', text: common },
  ]),
  ...LIST.flatMap(([taxon, accepted, common, synonyms]): NameEntry[] => {
    const rank = accepted.includes('subsp.') ? 'infraspecies' : accepted.includes('×') ? 'hybrid' : 'species';
    return [
      { taxon, rank, kind: 'accepted', text: accepted },
      ...common.map((text): NameEntry => ({ taxon, rank, kind: 'common', text })),
      ...synonyms.map((text): NameEntry => ({ taxon, rank, kind: 'synonym', text })),
    ];
  }),
  { taxon: 'glabrum', rank: 'species', kind: 'older_family', text: 'Aceraceae' },
];
const INDEX = nameIndex(ENTRIES);
const listed = new Set(LIST.map(([t]) => t));
const genusOf = (taxon: string): string | null => LIST.find(([t]) => t === taxon)?.[1].split(' ')[0] ?? null;
const judge = (typed: string, taxon: string, asked: Truth['asked'] = 'either') =>
  judgeName(typed, { taxon, genus: genusOf(taxon), listed, asked }, INDEX);

type Case = readonly [typed: string, truth: string, outcome: string, named: string | null];
const cases = (name: string, all: readonly Case[]): void =>
  describe(name, () => {
    test.each(all)('“%s” for %s is %s', (typed, truth, outcome, named) => {
      const j = judge(typed, truth);
      expect([j.outcome, j.taxon, j.why]).toEqual([outcome, named, j.why]);
    });
  });

cases('a family names no species', [
  ['Aceraceae', 'glabrum', 'family', null],
  ['Sapindaceae', 'glabrum', 'family', null],
  ['Pinaceae', 'grandis', 'family', null],
  ['Leguminosae', 'grandis', 'family', null],
]);

cases('a word of a name is no slip of another', [
  ['eastern larch', 'occidentalis', 'right_genus', null],
  ['northern larch', 'occidentalis', 'unlisted', null],
  ['western aspen', 'tremuloides', 'unlisted', null],
  ['blue fir', 'grandis', 'unlisted', null],
  ['smallleaf maple', 'macrophyllum', 'unlisted', null],
  ['bigtooth maple', 'macrophyllum', 'right_genus', null],
]);

cases('a real tree that is not on the list is that tree', [
  ['red maple', 'glabrum', 'right_genus', null],
  ['Acer rubrum', 'rubra', 'unlisted', null],
  ['Pinus contorta', 'contorta', 'exact', 'contorta'],
  ['Aesculus glabra', 'glabrum', 'unlisted', null],
  ['A. glabra', 'glabrum', 'unlisted', null],
  ['Abies alba', 'grandis', 'right_genus', null],
  ['noble fir', 'grandis', 'right_genus', null],
  ['nobel fir', 'grandis', 'right_genus', null],
  ['Douglas maple', 'glabrum', 'exact', 'glabrum'],
]);

cases('two names are two answers', [
  ['Abies grandis or Abies lasiocarpa', 'grandis', 'doubtful', null],
  ['Abies grandis / lasiocarpa', 'grandis', 'doubtful', null],
  ['grand fir or subalpine fir', 'grandis', 'doubtful', null],
  ['grand fir not subalpine fir', 'grandis', 'doubtful', null],
  ['grand fir, maybe subalpine fir', 'grandis', 'doubtful', null],
  ['grand fir / subalpine fir', 'lasiocarpa', 'doubtful', null],
  ['grand fir or something else', 'grandis', 'doubtful', null],
  ['not grand fir', 'grandis', 'doubtful', null],
  ['Abies grandis lasiocarpa', 'grandis', 'doubtful', null],
  ['Abies grandis Abies lasiocarpa', 'grandis', 'doubtful', null],
  ['Abies grandis subalpine fir', 'grandis', 'doubtful', null],
  ['Pinus grand fir', 'grandis', 'doubtful', null],
  ['fir or spruce', 'grandis', 'doubtful', null],
  ['blue spruce or Colorado spruce', 'pungens', 'exact', 'pungens'],
]);

cases('what is said around a name takes nothing from it', [
  ['grand fir tree', 'grandis', 'exact', 'grandis'],
  ['the grand fir', 'grandis', 'exact', 'grandis'],
  ['I think it is a grand fir', 'grandis', 'exact', 'grandis'],
  ['maybe grand fir?', 'grandis', 'exact', 'grandis'],
  ['grand fir (Abies grandis)', 'grandis', 'exact', 'grandis'],
  ['Abies grandis (grand fir)', 'grandis', 'exact', 'grandis'],
  ['grand fir, Abies grandis', 'grandis', 'exact', 'grandis'],
  ['Abies grandis, grand fir', 'grandis', 'exact', 'grandis'],
  ['grand fir Abies grandis', 'grandis', 'exact', 'grandis'],
  ['grand fir - Abies grandis', 'grandis', 'exact', 'grandis'],
  ['grand fir (Abies grandus)', 'grandis', 'exact', 'grandis'],
  ['fir, grand', 'grandis', 'exact', 'grandis'],
  ['maple, Rocky Mountain', 'glabrum', 'exact', 'glabrum'],
  ['maple, bigleaf', 'glabrum', 'other_species', 'macrophyllum'],
  ['grandis', 'grandis', 'right_epithet', null],
  ['Abies grandus grand fir', 'grandis', 'exact', 'grandis'],
  ['Abies grandus subalpine fir', 'grandis', 'doubtful', null],
  ['Abies sp.', 'grandis', 'genus_only', 'Abies'],
  ['Salix spp.', 'scouleriana', 'genus_only', 'Salix'],
  ['Salix cf. scouleriana', 'scouleriana', 'exact', 'scouleriana'],
  ['Abies grandis (Pinaceae)', 'grandis', 'exact', 'grandis'],
  ['Abies grandis (Dougl. ex D. Don) Lindl.', 'grandis', 'exact', 'grandis'],
  ['abies grandis lindl', 'grandis', 'exact', 'grandis'],
  ['Platanus x, acerifolia', 'hispanica', 'synonym', 'hispanica'],
  ['Platanus ×acerifolia', 'hispanica', 'synonym', 'hispanica'],
  ['London planetree - Platanus × hispanica', 'hispanica', 'exact', 'hispanica'],
  ['London planetree Platanus x hispanica', 'hispanica', 'exact', 'hispanica'],
  ['Grand Fir x Subalpine Fir', 'grandis', 'doubtful', null],
  ['Pseud. menz.', 'menziesii', 'abbreviated', 'menziesii'],
  ['Pinus pond.', 'ponderosa', 'abbreviated', 'ponderosa'],
  ['Abies\u0007 grandis', 'grandis', 'exact', 'grandis'],
]);

cases('one edit in a short word, where all else is right', [
  ['grand fri', 'grandis', 'misspelled', 'grandis'],
  ['grand fur', 'grandis', 'misspelled', 'grandis'],
  ['burr oak', 'macrocarpa', 'misspelled', 'macrocarpa'],
  ['bur oka', 'macrocarpa', 'misspelled', 'macrocarpa'],
  ['rad alder', 'rubra', 'misspelled', 'rubra'],
  ['fur', 'grandis', 'unlisted', null],
]);

describe('a common name that is also the genus', () => {
  test('is the common name where that is asked, and the genus where the scientific one is', () => {
    expect(judge('sassafras', 'albidum', 'common')).toMatchObject({ outcome: 'exact', taxon: 'albidum' });
    expect(judge('Sassafras', 'albidum', 'scientific')).toMatchObject({ outcome: 'genus_only' });
  });
});

cases('names as they sound', [
  ['dugless furr', 'menziesii', 'misspelled', 'menziesii'],
  ['kwayking aspin', 'tremuloides', 'misspelled', 'tremuloides'],
  ['kwayking aspin', 'grandis', 'doubtful', null],
  ['Pseudot suga menziesi', 'menziesii', 'misspelled', 'menziesii'],
]);

cases('shared names, plurals and the same words twice', [
  ['cottonwood', 'trichocarpa', 'shared_common', 'trichocarpa'],
  ['cottonwoods', 'trichocarpa', 'shared_common', 'trichocarpa'],
  ['cotonwood', 'trichocarpa', 'shared_common', 'trichocarpa'],
  ['willows', 'scouleriana', 'genus_only', 'Salix'],
  ['ashes', 'pennsylvanica', 'genus_only', 'Fraxinus'],
  ['mountain ash', 'pennsylvanica', 'other_species', null],
  ['mountain ash', 'scopulina', 'shared_common', 'scopulina'],
  ['ash', 'scopulina', 'genus_only', 'Fraxinus'],
]);

cases('edits in a long epithet, and one cut short', [
  ['Pseudotsuga menzesi', 'menziesii', 'misspelled', 'menziesii'],
  ['Acer macrofylum', 'macrophyllum', 'misspelled', 'macrophyllum'],
  ['Acer macrophy', 'macrophyllum', 'misspelled', 'macrophyllum'],
  ['Populus tricho', 'trichocarpa', 'misspelled', 'trichocarpa'],
  ['Pinus al', 'albicaulis', 'right_genus', null],
]);

cases('hybrids, varieties and subspecies', [
  ['Abies grandis x lasiocarpa', 'grandis', 'hybrid', null],
  ['Populus trichocarpa x deltoides', 'deltoides', 'hybrid', null],
  ['Picea engelmannii × glauca', 'engelmannii', 'hybrid', null],
  ['Pseudotsuga menziesii var. menziesii', 'menziesii', 'variety_unlisted', 'menziesii'],
  ['Abies lasiocarpa var. arizonica', 'lasiocarpa', 'variety_unlisted', 'lasiocarpa'],
  ['Abies lasiocarpa var. arizonica', 'grandis', 'other_species', 'lasiocarpa'],
  ['Alnus incana', 'tenuifolia', 'subspecies_left_out', 'tenuifolia'],
  ['A. incana', 'tenuifolia', 'subspecies_left_out', 'tenuifolia'],
  ['Alnus incana ssp. rugosa', 'tenuifolia', 'doubtful', null],
  ['Alnus incana subsp. incana', 'tenuifolia', 'doubtful', null],
  ['Alnus incana ssp. tenuifolia', 'tenuifolia', 'exact', 'tenuifolia'],
]);

cases('relatives that hurt, and other genera', [
  ['Rhus radicans', 'rydbergii', 'hazardous_relative', null],
  ['Toxicodendron radicans', 'rydbergii', 'hazardous_relative', null],
  ['poison oak', 'rydbergii', 'unlisted', null],
  ['Pacific poison-oak', 'rydbergii', 'hazardous_relative', null],
  ['Salix angustifolia', 'angustifolia', 'right_epithet', null],
  ['Padus virginiana', 'virginiana', 'synonym', 'virginiana'],
]);

cases('short forms as foresters write them', [
  ['Doug fir', 'menziesii', 'exact', 'menziesii'],
  ['doug-fir', 'menziesii', 'exact', 'menziesii'],
  ['lodgepole', 'contorta', 'abbreviated', 'contorta'],
  ['ponderosa', 'ponderosa', 'abbreviated', 'ponderosa'],
  ['whitebark', 'albicaulis', 'abbreviated', 'albicaulis'],
  ['limber', 'flexilis', 'abbreviated', 'flexilis'],
  ['red osier', 'sericea', 'abbreviated', 'sericea'],
  ['saskatoon', 'alnifolia', 'exact', 'alnifolia'],
  ['WWP', 'monticola', 'abbreviated', 'monticola'],
  ['rocky mtn juniper', 'scopulorum', 'exact', 'scopulorum'],
  ['mtn ash', 'scopulina', 'shared_common', 'scopulina'],
  ['cascara sagrada', 'purshiana', 'exact', 'purshiana'],
  ['w. larch', 'occidentalis', 'exact', 'occidentalis'],
  ['PIPO', 'ponderosa', 'abbreviated', 'ponderosa'],
  ['ABGR', 'grandis', 'abbreviated', 'grandis'],
  ['ABLA', 'grandis', 'other_species', 'lasiocarpa'],
  ['western', 'occidentalis', 'unlisted', null],
]);

describe('two names of a list in one answer', () => {
  const NAMES = LIST.flatMap(([taxon, accepted, common]) =>
    [accepted, ...common].map((text) => ({ taxon, text })),
  );
  const anyName = fc.constantFrom(...NAMES);
  const RIGHT = ['exact', 'abbreviated', 'synonym', 'misspelled', 'shared_common'];

  test('are never credited where they name two species, whatever stands between them', () => {
    const between = fc.constantFrom(' or ', ' / ', ', maybe ', ' vs. ', ' and ', '? ', ' (', '; ', ' not ');
    fc.assert(
      fc.property(anyName, anyName, between, (a, b, sign) => {
        const bearers = NAMES.filter((n) => n.text === b.text).map((n) => n.taxon);
        fc.pre(a.taxon !== b.taxon && !bearers.includes(a.taxon));
        const j = judge(`${a.text}${sign}${b.text}`, a.taxon);
        expect([a.text, sign, b.text, RIGHT.includes(j.outcome)]).toEqual([a.text, sign, b.text, false]);
      }),
      { numRuns: 1500 },
    );
  });

  test('are credited where they name the same, one behind the other', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIST),
        fc.constantFrom(' (', ', ', ' - ', ' = '),
        ([taxon, accepted, common], sign) => {
          const [first = ''] = common;
          const j = judge(`${first}${sign}${accepted}`, taxon);
          expect([first, j.taxon]).toEqual([first, taxon]);
        },
      ),
    );
  });
});
