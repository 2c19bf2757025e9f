import { describe, expect, test } from '@jest/globals';
import { CHARACTERS } from '../characters/index.ts';
import { DRAWN_AS_ANOTHER } from './fruit/index.ts';
import { figureSvg, glossaryDrawing } from './index.ts';
import { vocabulary } from './sample.ts';

describe('the glossary’s drawings', () => {
  const drawable = CHARACTERS.flatMap((c) => c.states.map((s) => [c.id, s.id] as const)).filter(
    ([c, s]) => glossaryDrawing(c, s) !== null,
  );

  test('stand for every state of shape, edge, arrangement, bud, bark, fruit and form that can be drawn', () => {
    expect(drawable.length).toBeGreaterThan(220);
    for (const id of [
      'leaf.shape',
      'leaf.margin',
      'leaf.venation',
      'leaf.complexity',
      'twig.arrangement',
      'bark.texture',
      'fruit.kind',
      'form.outline',
      'needle.attachment',
      'needle.bands',
    ]) {
      // Some kinds of fruit are drawn on plates as the kind they are nearest to, and so stand for no state of their own.
      const states = (vocabulary.get(id)?.states ?? []).filter((s) => !DRAWN_AS_ANOTHER.has(s.id));
      expect(states.map((s) => [id, s.id, drawable.some(([c, x]) => c === id && x === s.id)])).toEqual(
        states.map((s) => [id, s.id, true]),
      );
    }
  });

  test('differ from state to state of one character', () => {
    for (const id of [
      'leaf.shape',
      'leaf.margin',
      'twig.bud_shape',
      'bark.texture',
      'fruit.kind',
      'form.outline',
    ]) {
      const all = drawable
        .filter(([c]) => c === id)
        .map(([c, s]) => figureSvg(glossaryDrawing(c, s)?.figure ?? { strokes: [] }));
      const alike = all.length - new Set(all).size;
      // A broad term is drawn as its commonest kind, so it may look like that one.
      expect([id, alike <= 1]).toEqual([id, true]);
    }
  });

  test('are small enough to stand in a line', () => {
    for (const [c, s] of drawable)
      expect(figureSvg(glossaryDrawing(c, s)?.figure ?? { strokes: [] }).length).toBeLessThan(60_000);
  });
});
