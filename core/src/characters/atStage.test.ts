import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LIVES, STAGES } from '../conditions/index.ts';
import type { Life, Stage } from '../conditions/index.ts';
import { CHARACTERS, atStage, resolver, vocabularyOf } from './index.ts';
import type { Statement, TaxonNode } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const taxa = new Map<string, TaxonNode>([
  ['genus', { id: 'genus', label: 'Pinus', parents: [] }],
  ['pine', { id: 'pine', label: 'Pinus', parents: ['genus'] }],
]);
const say = (taxon: string, texture: string, life?: Life, source = 'flora'): Statement => ({
  id: `${taxon}/${texture}/${life ?? ''}/${source}`,
  taxon,
  character: 'bark.texture',
  source,
  value: { kind: 'states', states: [{ state: texture, freq: 'usual' }] },
  ...(life ? { life } : {}),
});
const bark = (statements: readonly Statement[], stage?: Stage) =>
  resolver({ taxa, statements, vocabulary, policy: 'widest', ...(stage ? { stage } : {}) })('pine').get(
    'bark.texture',
  );
const textures = (statements: readonly Statement[], stage?: Stage): readonly string[] => {
  const value = bark(statements, stage)?.value;
  return value?.kind === 'states' ? value.states.map((s) => s.state) : [];
};

describe('stages of life', () => {
  const both = [say('pine', 'scaly', 'young'), say('pine', 'plated', 'mature')];

  test('the stage of the individual chooses; without one the mature state stands, the other named beside it', () => {
    expect(textures(both, 'young')).toEqual(['scaly']);
    expect(textures(both, 'pole')).toEqual(['scaly']);
    expect(textures(both, 'old')).toEqual(['plated']);
    expect(textures(both)).toEqual(['plated']);
    expect(bark(both)?.otherStages?.map((s) => s.life)).toEqual(['young']);
  });

  test('what is said of no stage stands where nothing is said of the one that counts', () => {
    const plain = say('pine', 'furrowed');
    expect(textures([plain, say('pine', 'scaly', 'young')])).toEqual(['furrowed']);
    expect(textures([plain, say('pine', 'plated', 'mature')])).toEqual(['plated']);
    expect(textures([plain, say('pine', 'plated', 'mature')], 'young')).toEqual(['plated']);
  });

  test('what is said of young trees alone says nothing of a grown one, and the genus is asked then', () => {
    expect(bark([say('pine', 'scaly', 'young')])).toBeUndefined();
    expect(textures([say('pine', 'scaly', 'young'), say('genus', 'plated')])).toEqual(['plated']);
    expect(textures([say('pine', 'scaly', 'young'), say('genus', 'plated')], 'young')).toEqual(['scaly']);
  });

  test('two sources on one stage are merged, and no stage is ever merged with another', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom('smooth', 'scaly', 'plated', 'furrowed'),
            fc.option(fc.constantFrom(...LIVES)),
          ),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.option(fc.constantFrom(...STAGES)),
        fc.constantFrom(...LIVES),
        (said, stage, added) => {
          const all = said.map(([texture, life], i) =>
            say('pine', texture, life ?? undefined, `source ${i}`),
          );
          const { chosen, others } = atStage(all, stage);
          expect([...chosen, ...others].sort((a, b) => (a.id < b.id ? -1 : 1))).toEqual(
            [...all].sort((a, b) => (a.id < b.id ? -1 : 1)),
          );
          const staged = chosen.filter((s) => s.life !== undefined);
          expect(staged.length === 0 || staged.length === chosen.length).toBe(true);
          // Another stage said later never mixes with what counts: it takes over whole, joins its own kind, or is named beside.
          const more = atStage([...all, say('pine', 'papery', added, 'late')], stage);
          const late = more.chosen.some((s) => s.source === 'late');
          const kinds = new Set(more.chosen.map((s) => s.life === undefined));
          expect(kinds.size).toBeLessThanOrEqual(1);
          if (!late) expect(more.chosen).toEqual(chosen);
        },
      ),
    );
  });
});
