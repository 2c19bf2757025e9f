import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, WORDS, disagreements, sameValue, visibilityTable } from '@hurrow/core/characters';
import type { RangeValue, Value } from '@hurrow/core/characters';
import { LIBRARY_SCHEMA } from '@hurrow/core/formats';
import { championPoints } from '@hurrow/core/measuring';
import { readUse } from '@hurrow/core/names';
import { questionsAbout } from '@hurrow/core/questions';
import { costOf } from '@hurrow/core/tells';
import { demoTables, fullness } from './closest.ts';
import { LIBRARY, OCTOBER, described, vocabulary } from './described.ts';
import { SPECIES, TAXA, taxonId } from './libraryRows.ts';

const written = (name: string) => {
  const found = TAXA.find((t) => t.name === name);
  if (!found) throw new Error(`No ${name}`);
  return found;
};
const valueOf = (name: string, character: string): Value | undefined =>
  described(name).profile.get(character)?.value;
const rangeOf = (name: string, character: string): RangeValue | null => {
  const value = valueOf(name, character);
  return value?.kind === 'range' ? value : null;
};
const genusOf = (name: string): string => name.split(' ')[0] ?? '';

describe('what is recorded', () => {
  test('the page in docs/ is what the data give', () => {
    expect(readFileSync(new URL('../../docs/demo-data.md', import.meta.url), 'utf8')).toBe(demoTables());
  });

  test('the table of visibility in docs/ is what the vocabulary gives, one line for each character', () => {
    const page = readFileSync(new URL('../../docs/visibility.md', import.meta.url), 'utf8');
    expect(page).toBe(visibilityTable());
    expect(page.split('\n').filter((l) => l.includes('(`'))).toHaveLength(CHARACTERS.length);
  });

  test('no source says one thing of a species twice', () => {
    const said = TAXA.flatMap((t) => t.statements.map((s) => `${t.name}, ${s.character}, ${s.source}`));
    expect(said.filter((s, i) => said.indexOf(s) < i)).toEqual([]);
    expect(said.length).toBeGreaterThan(2000);
  });

  test('the published schema is the one that library files are read by', () => {
    const page = new URL('../../docs/formats/library.schema.json', import.meta.url);
    expect(JSON.parse(readFileSync(page, 'utf8'))).toEqual(JSON.parse(JSON.stringify(LIBRARY_SCHEMA)));
  });

  test('forty-seven species, each with nearly all the list is described by', () => {
    expect(SPECIES).toHaveLength(47);
    for (const f of fullness()) {
      expect([f.species, f.values >= 40, f.recorded / f.needed >= 0.9]).toEqual([f.species, true, true]);
    }
  });

  test('one own value in ten or more has two sources', () => {
    const all = fullness();
    const sum = (pick: (f: (typeof all)[number]) => number) => all.reduce((n, f) => n + pick(f), 0);
    expect(sum((f) => f.twice) / sum((f) => f.own)).toBeGreaterThanOrEqual(0.1);
  });

  test.each(SPECIES.map((s) => [s]))('%s: names, root, record tree, habitat, season and range', (name) => {
    const t = written(name);
    expect(t.common.length).toBeGreaterThan(0);
    expect(t.said).not.toBeNull();
    expect(t.roots.length).toBeGreaterThan(0);
    expect(t.prose.map((p) => p.topic)).toEqual(expect.arrayContaining(['how_to_tell', 'habitat']));
    expect(described(name).windows.map((w) => w.kind)).toEqual(
      expect.arrayContaining(['pollen', 'ripening']),
    );
    const local = new Set(
      t.range.filter((r) => /^US-(ID|MT)/.test(r.region)).map((r) => r.region.slice(0, 5)),
    );
    expect([...local].sort()).toEqual(['US-ID', 'US-MT']);
    expect(new Set(t.range.map((r) => r.region)).size).toBe(t.range.length);
  });

  test('at most 60% of a species’ own values equal those of its nearest listed relative', () => {
    const own = (name: string) => {
      const id = taxonId(name);
      return [...described(name).profile].filter(([, r]) => r.origin === id);
    };
    for (const name of SPECIES) {
      const relatives = SPECIES.filter((s) => s !== name && genusOf(s) === genusOf(name));
      const mine = own(name);
      const shares = relatives.map(
        (r) =>
          mine.filter(([id, v]) => sameValue(v.value, valueOf(r, id) ?? { kind: 'inapplicable' })).length /
          mine.length,
      );
      const most = Math.max(0, ...shares);
      expect([name, most <= 0.6, most]).toEqual([name, true, most]);
    }
  });
});

describe('botany that can be checked', () => {
  test.each(SPECIES.map((s) => [s]))(
    '%s: a leaflet is no longer than its leaf, a leaf no wider than it could be',
    (name) => {
      const [leaflet, leaf] = [rangeOf(name, 'leaf.leaflet_length'), rangeOf(name, 'leaf.length')];
      if (leaflet && leaf) expect(leaflet.high).toBeLessThan(leaf.high);
      const width = rangeOf(name, 'leaf.width');
      if (width && leaf) expect(width.high).toBeLessThanOrEqual(1.6 * leaf.high);
    },
  );

  test.each(SPECIES.map((s) => [s]))('%s: its windows are in order', (name) => {
    const at = new Map(written(name).windows.map((w) => [w.kind, w]));
    const before = (a: string, b: string): void => {
      const [x, y] = [at.get(a), at.get(b)];
      if (x && y) expect([name, a, b, x.from <= y.from]).toEqual([name, a, b, true]);
    };
    before('leaf_out', 'autumn');
    before('autumn', 'leaf_fall');
    before('pollen', 'ripening');
    const hanging = at.get('hanging');
    if (hanging?.from !== '01-01') before('ripening', 'hanging');
    const evergreen = ['evergreen'].includes(
      ((v) => (v?.kind === 'states' ? v.states[0]?.state : ''))(valueOf(name, 'leaf.persistence')) ?? '',
    );
    expect([name, at.has('leaf_fall')]).toEqual([name, !evergreen]);
  });

  test('nobody is asked to put a tape around poison-ivy', () => {
    const ivy = written('Toxicodendron rydbergii');
    expect(ivy.record).toBeNull();
    for (const c of ivy.cautions)
      expect(c.forbids).toEqual(expect.arrayContaining(['touch', 'lens', 'measure']));
  });

  const MEASURED = SPECIES.filter((s) => s !== 'Toxicodendron rydbergii');
  test.each(MEASURED.map((s) => [s]))('%s: its record tree is within reason', (name) => {
    const record = written(name).record;
    if (!record) throw new Error('no record tree');
    const height = rangeOf(name, 'form.height');
    if (!height) throw new Error('no height');
    const tallest = (height.xhigh ?? height.high) / 1000;
    expect(record.heightM).toBeGreaterThan(height.low / 1000);
    expect(record.heightM).toBeLessThanOrEqual(1.35 * tallest);
    // A trunk thicker than a sixth of its height would be a strange tree.
    expect(record.girthCm / 100 / Math.PI).toBeLessThan(record.heightM / 6);
    const points = championPoints({
      girth: record.girthCm * 10,
      height: record.heightM * 1000,
      spread: record.spreadM * 1000,
    });
    expect(points).toBeGreaterThan(5);
    expect(points).toBeLessThan(700);
  });

  test('a botanist asks only of three lengths, which differ so in truth', () => {
    const asked = SPECIES.flatMap((name) => {
      const t = written(name);
      const d = described(name);
      return questionsAbout(
        {
          id: d.id,
          scientific: name,
          profile: d.profile,
          windows: d.windows,
          sayings: t.prose.filter((p) => p.topic === 'mnemonic').map((p) => p.text),
          roots: t.roots.map(({ names, ...r }) => {
            const [character = null, state = null] = names?.split('=') ?? [];
            return { ...r, character, state };
          }),
          lookalikes: t.pairs.map((p) => ({ name: p.other, separator: p.text })),
        },
        {
          vocabulary,
          words: WORDS,
          congeners: SPECIES.filter((s) => s !== name && genusOf(s) === genusOf(name)).map(described),
          listed: SPECIES.filter((s) => s !== name).map((s) => ({
            id: taxonId(s),
            scientific: s,
            profile: described(s).profile,
          })),
        },
      ).map((q) => `${name}: ${q.text}`);
    });
    expect(asked).toEqual([
      expect.stringMatching(/^Pinus contorta: plate size/),
      expect.stringMatching(/^Rhus glabra: leaf length/),
      expect.stringMatching(/^Rhus trilobata: leaf length/),
    ]);
  });

  const forbids = (name: string): readonly string[] => written(name).cautions.flatMap((c) => c.forbids);

  test('what must be cautioned is, with what it forbids', () => {
    for (const [name, act] of [
      ['Toxicodendron rydbergii', 'touch'],
      ['Taxus brevifolia', 'taste'],
      ['Prunus virginiana', 'taste'],
      ['Prunus emarginata', 'taste'],
      ['Sambucus cerulea', 'taste'],
      ['Frangula purshiana', 'taste'],
      ['Pinus albicaulis', 'cut'],
    ] as const) {
      expect([name, forbids(name)]).toEqual([name, expect.arrayContaining([act])]);
    }
  });

  test('no caution contradicts itself: who is told to take hold is not forbidden to touch', () => {
    const all = SPECIES.flatMap((name) => written(name).cautions.map((c) => ({ name, ...c })));
    expect(
      all.filter((c) => /\bhold\b/.test(c.text) && c.forbids.includes('touch')).map((c) => c.name),
    ).toEqual([]);
    for (const name of ['Crataegus douglasii', 'Elaeagnus angustifolia', 'Shepherdia argentea']) {
      expect([name, written(name).cautions.some((c) => c.hazard === 'thorns')]).toEqual([name, true]);
    }
    // A needle may be touched where only cutting and collecting are wrong, and foliage smelled while no pollen flies.
    expect(forbids('Pinus albicaulis')).not.toContain('touch');
    expect(forbids('Juniperus scopulorum')).not.toContain('smell');
  });
});

describe('names', () => {
  test('shared and tempting common names', () => {
    const bearers = (common: string): readonly string[] =>
      SPECIES.filter((s) => written(s).common.includes(common));
    expect(bearers('mountain ash')).toEqual(['Sorbus scopulina', 'Sorbus aucuparia']);
    expect(bearers('red cedar')).toEqual(['Thuja plicata', 'Juniperus scopulorum']);
    expect(bearers('tamarack')).toEqual(['Larix occidentalis', 'Larix lyallii']);
    expect(bearers('white fir')).toEqual(['Abies grandis', 'Abies lasiocarpa']);
    expect(bearers('red fir')).toEqual(['Pseudotsuga menziesii']);
    expect(bearers('cottonwood')).toEqual(['Populus trichocarpa', 'Populus angustifolia']);
  });

  test('synonyms and older families', () => {
    const synonyms = SPECIES.flatMap((s) => written(s).synonym).map((line) => readUse(line).text);
    expect(written('Populus trichocarpa').synonym).toContain('Populus balsamifera (in part)');
    expect(written('Salix exigua').synonym).toEqual(['Salix interior (in part)']);
    expect(written('Ulmus pumila').common).toContain('Chinese elm (misused)');
    for (const s of [
      'Alnus alnobetula',
      'Alnus sinuata',
      'Rhamnus purshiana',
      'Cornus stolonifera',
      'Populus balsamifera',
      'Sambucus caerulea',
      'Sambucus mexicana',
    ]) {
      expect(synonyms).toContain(s);
      expect(SPECIES).not.toContain(s);
    }
    const older = (family: string) => written(family).olderFamily;
    expect(older('Sapindaceae')).toContain('Aceraceae');
    expect(older('Adoxaceae')).toContain('Caprifoliaceae');
    expect(older('Cannabaceae')).toContain('Ulmaceae');
  });
});

describe('two sources that disagree', () => {
  const found = disagreements(LIBRARY.statements, vocabulary).filter((d) => d.kind === 'contradiction');
  const of = (name: string, character: string) => {
    const d = found.find((x) => x.taxon === taxonId(name) && x.character === character);
    if (!d) throw new Error(`${name} has no contradiction on ${character}`);
    return d;
  };
  const cost = (name: string, character: string) => {
    const c = costOf(of(name, character), SPECIES.map(taxonId), LIBRARY, vocabulary, OCTOBER, null);
    return c.ifA.length + c.ifB.length;
  };

  test('on a height and on a margin, and only the margin matters', () => {
    expect(found.map((d) => d.character).sort()).toEqual(['form.height', 'leaf.margin']);
    expect(cost('Tsuga heterophylla', 'form.height')).toBe(0);
    expect(cost('Betula papyrifera', 'leaf.margin')).toBeGreaterThan(0);
  });
});
