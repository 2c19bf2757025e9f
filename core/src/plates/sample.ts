// What the tests of drawings draw.
import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import { chance, drawPiece, pathOf, traitsFrom } from './index.ts';
import type { Value } from '../characters/index.ts';
import type { Figure, Traits } from './index.ts';

export const vocabulary = vocabularyOf(CHARACTERS);
type Shown = Readonly<Record<string, string | number>>;
export const traits = (shown: Shown): Traits => traitsFrom(new Map(Object.entries(shown)));
export const leaf = (shown: Shown, seed = 7): Figure => {
  const drawn = drawPiece('leaf', traits({ 'leaf.kind': 'broad', ...shown }), chance(seed));
  if (!drawn) throw new Error('No leaf was drawn');
  return drawn.figure;
};
export const bladePath = (figure: Figure): string => {
  const stroke = figure.strokes.find((s) => s.part === 'blade' && s.closed);
  if (!stroke) throw new Error('No blade was drawn');
  return pathOf(stroke.points, true);
};
export const profileOf = (
  cells: Readonly<Record<string, string>>,
): ReadonlyMap<string, { readonly value: Value }> =>
  new Map(
    Object.entries(cells).map(([id, text]) => {
      const c = vocabulary.get(id);
      const read = c ? readCell(c, text) : null;
      if (!read?.ok || !read.value) throw new Error(`${id}: ${text}`);
      return [id, { value: read.value }] as const;
    }),
  );

/** A fir as it is recorded. */
export const FIR = profileOf({
  'leaf.kind': 'needle',
  'needle.attachment': 'disc',
  'needle.arrangement': 'flat-in-two-rows',
  'needle.length': '20-50 mm',
  'needle.section': 'flat',
  'needle.bands': 'below-only',
  'needle.tip': 'notched',
  'fruit.kind': 'cone',
  'fruit.size': '55-110 mm',
  'bark.texture': 'smooth? | furrowed',
  'form.outline': 'conical',
  'form.height': '30-60 (75) m',
});
