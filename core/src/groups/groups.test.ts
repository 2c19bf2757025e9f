import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import { WINDOW_KINDS } from '../conditions/index.ts';
import { SHIPPED_GROUPS, readTaxa } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const byName = new Map(SHIPPED_GROUPS.map((t) => [t.name, t]));

describe('the groups that ship', () => {
  test('at least sixty genera, each in a family that ships too', () => {
    const genera = SHIPPED_GROUPS.filter((t) => t.rank === 'genus');
    expect(genera.length).toBeGreaterThanOrEqual(60);
    expect(SHIPPED_GROUPS.filter((t) => t.rank === 'family').length).toBeGreaterThanOrEqual(25);
    expect(genera.filter((g) => !g.parents.some((p) => byName.get(p)?.rank === 'family'))).toEqual([]);
    expect(new Set(SHIPPED_GROUPS.map((t) => t.name)).size).toBe(SHIPPED_GROUPS.length);
  });

  test('every statement is one the vocabulary understands', () => {
    const wrong = SHIPPED_GROUPS.flatMap((t) =>
      t.statements.flatMap((s) => {
        const character = vocabulary.get(s.character);
        if (!character) return [`${t.name}: ${s.character}`];
        const read = readCell(character, s.text);
        return read.ok ? [] : [`${t.name}: ${s.character}: ${read.problem.message}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  test('every season is a window in order, and every genus of deciduous broadleaves has its leaf season', () => {
    const wrong = SHIPPED_GROUPS.flatMap((t) =>
      t.windows
        .filter((w) => !WINDOW_KINDS.some((k) => k === w.kind) || w.from >= w.to)
        .map((w) => `${t.name} ${w.kind}`),
    );
    expect(wrong).toEqual([]);
    const inherits = (name: string, what: (t: (typeof SHIPPED_GROUPS)[number]) => boolean): boolean => {
      const taxon = byName.get(name);
      return taxon !== undefined && (what(taxon) || taxon.parents.some((p) => inherits(p, what)));
    };
    const leafless = SHIPPED_GROUPS.filter(
      (t) =>
        t.rank === 'genus' &&
        inherits(t.name, (x) =>
          x.statements.some((s) => s.character === 'leaf.persistence' && s.text === 'deciduous'),
        ) &&
        !inherits(t.name, (x) => x.windows.some((w) => w.kind === 'leaf_out')),
    );
    expect(leafless.map((t) => t.name)).toEqual([]);
  });

  test('every genus gives kind and persistence of leaf and kind of fruit', () => {
    const values = (name: string): ReadonlySet<string> => {
      const taxon = byName.get(name);
      return new Set([
        ...(taxon?.statements.map((s) => s.character) ?? []),
        ...(taxon?.parents.flatMap((p) => [...values(p)]) ?? []),
      ]);
    };
    const thin = SHIPPED_GROUPS.filter((t) => t.rank === 'genus').filter((t) => {
      const v = values(t.name);
      return !v.has('leaf.kind') || !v.has('leaf.persistence');
    });
    expect(thin.map((t) => t.name)).toEqual([]);
    expect(values('Acer').has('fruit.kind')).toBe(true);
  });

  test('what can hurt carries its caution', () => {
    for (const name of ['Toxicodendron', 'Taxus', 'Prunus', 'Crataegus', 'Aesculus', 'Robinia']) {
      expect([name, byName.get(name)?.cautions.length]).toEqual([name, 1]);
    }
    expect(byName.get('Toxicodendron')?.cautions[0]?.forbids).toContain('touch');
  });
});

describe('the notation of taxa', () => {
  test('a line that is not understood is named with its taxon', () => {
    expect(() => readTaxa('genus Abies | fir\n  needles are flat')).toThrow('“needles are flat” at Abies');
    expect(() => readTaxa('  in Pinaceae')).toThrow('before any taxon');
  });
});
