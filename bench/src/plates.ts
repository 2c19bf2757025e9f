import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import {
  chance,
  drawPiece,
  drawnSpecimen,
  marksOf,
  plateSvg,
  speciesPlate,
  typical,
} from '@hurrow/core/plates';

const vocabulary = vocabularyOf(CHARACTERS);
const ROUNDS = 40;

const CELLS: Readonly<Record<string, string>> = {
  'leaf.kind': 'broad',
  'leaf.lobing': 'palmately-lobed',
  'leaf.lobe_count': '5',
  'leaf.length': '50-110 (130) mm',
  'leaf.width': '50-120 mm',
  'leaf.margin': 'doubly-serrate',
  'leaf.tooth_size': 'coarse',
  'leaf.petiole_length': '30-80 mm',
  'twig.arrangement': 'opposite',
  'twig.bud_shape': 'ovoid',
  'twig.bud_scales': 'valvate',
  'twig.lenticels': 'many',
  'twig.leaf_scar': 'crescent',
  'fruit.kind': 'paired-samara',
  'fruit.size': '20-30 mm',
  'bark.texture': 'furrowed',
  'form.outline': 'rounded',
  'form.height': '3-9 m',
};

function profile(): ReadonlyMap<string, { readonly value: Value }> {
  return new Map(
    Object.entries(CELLS).map(([id, text]) => {
      const c = vocabulary.get(id);
      const read = c ? readCell(c, text) : null;
      if (!read?.ok || !read.value) throw new Error(`${id}: ${text}`);
      return [id, { value: read.value }] as const;
    }),
  );
}

function median(fn: (i: number) => void, rounds = ROUNDS): number {
  const times: number[] = [];
  for (let i = 0; i < rounds + 5; i += 1) {
    const start = performance.now();
    fn(i);
    if (i >= 5) times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[times.length >> 1] ?? 0;
}

/** Drawing a leaf, a plate and sixty specimens, beside writing as many random lines in the same run. */
export function measurePlates(): string {
  const p = profile();
  const traits = typical(p, vocabulary);
  const leaf = median((i) => void drawPiece('leaf', traits, chance(i + 1)));
  const plate = median((i) => void speciesPlate(traits, i + 1));
  const sixty = median((i) => {
    for (let k = 0; k < 60; k += 1) drawnSpecimen(p, vocabulary, 'leaf', 1 + i * 60 + k);
  }, 7);
  const one = speciesPlate(traits, 1);
  const points = one.pieces.reduce((n, x) => n + x.marks.reduce((m, y) => m + y.d.length, 0), 0);
  const baseline = median(() => {
    let d = '';
    for (let i = 0; d.length < points; i += 1) d += `${(i * 0.37).toFixed(2)} ${(i * 0.61).toFixed(2)} `;
  });
  const longest = Math.max(
    ...marksOf(drawPiece('leaf', traits, chance(1))?.figure ?? { strokes: [] }, 2).map((m) => m.d.length),
  );
  return [
    `Drawing, medians: one lobed leaf ${leaf.toFixed(2)} ms, a plate ${plate.toFixed(1)} ms (${(plate / baseline).toFixed(1)} times writing as many numbers), 60 drawn specimens ${sixty.toFixed(0)} ms.`,
    `Largest path ${(longest / 1000).toFixed(1)} kB; the plate as SVG ${(plateSvg(one, 'plate', 'not recorded').length / 1000).toFixed(1)} kB.`,
  ].join('\n');
}
