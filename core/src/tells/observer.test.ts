import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { value, vocabulary } from '../compare/fixture.ts';
import { careful } from './index.ts';

const tell = (character: string, a: string, b: string) => ({
  character,
  a: value(character, a),
  b: value(character, b),
});
const opposite = (b: string) => tell('twig.arrangement', 'opposite', b);

describe('a careful observer between two', () => {
  test('the values printed there: one clean tell, a rare and a sometimes overlap, two of them, none', () => {
    expect(careful([opposite('alternate')], vocabulary)).toBeCloseTo(0.961, 3);
    expect(careful([opposite('alternate | opposite ??')], vocabulary)).toBeCloseTo(0.919, 2);
    expect(careful([opposite('alternate | opposite ?')], vocabulary)).toBeCloseTo(0.806, 2);
    const two = [opposite('alternate | opposite ?'), tell('bark.texture', 'smooth', 'scaly | smooth ?')];
    expect(careful(two, vocabulary)).toBeCloseTo(0.922, 2);
    expect(careful([], vocabulary)).toBe(0.5);
    expect(careful([opposite('opposite')], vocabulary)).toBeCloseTo(0.5, 9);
  });

  test('of an evidence group only the first counts, and at most five groups', () => {
    const leaf = tell('leaf.length', '100-150 mm', '20-40 mm');
    const wide = tell('leaf.width', '50-80 mm', '10-20 mm');
    expect(careful([leaf, wide], vocabulary)).toBe(careful([leaf], vocabulary));
    const six = [
      'bark.texture',
      'bark.colour',
      'form.outline',
      'leaf.shape',
      'twig.colour',
      'fruit.colour',
    ].map((id) => {
      const [x, y] = (vocabulary.get(id)?.states ?? []).map((s) => s.id);
      return tell(id, x ?? '', y ?? '');
    });
    expect(careful(six, vocabulary)).toBe(careful(six.slice(0, 5), vocabulary));
  });

  test('never below a half, never certain, and no worse for one tell more', () => {
    const range = fc.tuple(fc.integer({ min: 5, max: 90 }), fc.integer({ min: 1, max: 40 }));
    const needle = range.map(([l, w]) => `${l}-${l + w} mm`);
    fc.assert(
      fc.property(needle, needle, (a, b) => {
        const lengths = tell('needle.length', a, b);
        const one = careful([lengths], vocabulary);
        expect(one).toBeGreaterThan(0.49);
        expect(one).toBeLessThan(1);
        expect(careful([lengths, opposite('alternate')], vocabulary)).toBeGreaterThan(one - 0.005);
      }),
    );
  });
});
