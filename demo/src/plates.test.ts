import { expect, test } from '@jest/globals';
import { CHARACTERS, readCell, resolver, vocabularyOf } from '@hurrow/core/characters';
import type { Statement, TaxonNode } from '@hurrow/core/characters';
import { SHIPPED_GROUPS } from '@hurrow/core/groups';
import {
  chance,
  countOf,
  drawPiece,
  hash,
  marksOf,
  measureBlade,
  pathOf,
  plateSvg,
  speciesPlate,
  typical,
} from '@hurrow/core/plates';
import { SPECIES, TAXA } from './libraryRows.ts';

const vocabulary = vocabularyOf(CHARACTERS);

/** The demo's species as they are resolved with the groups that ship. */
function profiles() {
  const taxa = new Map<string, TaxonNode>();
  const statements: Statement[] = [];
  for (const [written, shipped] of [
    ...SHIPPED_GROUPS.map((t) => [t, true] as const),
    ...TAXA.map((t) => [t, false] as const),
  ]) {
    const parents = [...new Set([...(taxa.get(written.name)?.parents ?? []), ...written.parents])];
    taxa.set(written.name, { id: written.name, label: written.name, parents });
    written.statements.forEach((s, i) => {
      const c = vocabulary.get(s.character);
      const read = c ? readCell(c, s.text.replace(/, n = \d+$/, '')) : null;
      if (read?.ok && read.value) {
        const id = `${written.name}/${i}/${String(shipped)}`;
        statements.push({
          id,
          taxon: written.name,
          character: s.character,
          source: s.source,
          value: read.value,
          shipped,
        });
      }
    });
  }
  return resolver({ taxa, statements, vocabulary, policy: 'widest' });
}

const profileOf = profiles();

test('every plate of the demo draws all its organs, measured back from the paths, in less than 60 kB', () => {
  const missed: string[] = [];
  let measured = 0;
  const check = (species: string, what: string, ok: boolean): void => {
    measured += 1;
    if (!ok) missed.push(`${species}: ${what}`);
  };
  for (const species of SPECIES) {
    const t = typical(profileOf(species), vocabulary);
    const plate = speciesPlate(t, hash(species));
    expect([species, plate.pieces.filter((p) => !p.recorded).map((p) => p.kind)]).toEqual([species, []]);
    expect(plateSvg(plate, species, 'not recorded').length).toBeLessThan(60_000);
    const figure = drawPiece('leaf', t, chance(hash(species)))?.figure ?? { strokes: [] };
    const marks = marksOf(figure, 2);
    const bundle = t.number('needle.bundle_count');
    if (t.state('leaf.kind') === 'needle') {
      if (bundle !== null) check(species, 'needles of a bundle', countOf(marks, 'needle') === bundle);
      continue;
    }
    // A spray of scales has no blade to measure; that it is drawn was asked above.
    if (t.state('leaf.kind') === 'scale') continue;
    const leaflets = t.number('leaf.leaflet_count');
    if (leaflets !== null && t.state('leaf.complexity') !== 'simple') {
      const odd = 2 * Math.floor(leaflets / 2) + 1;
      check(species, 'leaflets', countOf(marks, 'blade') === odd);
      continue;
    }
    const outline = figure.strokes.find((s) => s.part === 'blade' && s.closed);
    const m = measureBlade(pathOf(outline?.points ?? [], true));
    const length = t.number('leaf.length') ?? 0;
    const width = t.number('leaf.width') ?? m.width;
    check(
      species,
      `length ${m.length.toFixed(0)} for ${length.toFixed(0)}`,
      Math.abs(m.length - length) < 0.06 * length,
    );
    check(
      species,
      `width ${m.width.toFixed(0)} for ${width.toFixed(0)}`,
      Math.abs(m.width - width) < 0.12 * width,
    );
    const lobed = t.state('leaf.lobing') !== null && t.state('leaf.lobing') !== 'unlobed';
    check(species, `lobes ${m.lobes}`, lobed === m.lobes > 1);
    const smooth = t.state('leaf.margin') === 'entire';
    if (!lobed) check(species, `teeth ${m.teeth}`, smooth ? m.teeth === 0 : m.teeth > 4);
  }
  expect(measured).toBeGreaterThan(30);
  expect([missed.length <= 0.05 * measured, missed]).toEqual([true, missed]);
});
