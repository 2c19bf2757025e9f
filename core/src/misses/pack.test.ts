import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { packMisses, unpackMisses } from './pack.ts';
import type { MissData } from './types.ts';

const word = fc.constantFrom('a', 'b', 'c', 'd', 'leaf.margin', '');
const data: fc.Arbitrary<MissData> = fc.record({
  stations: fc.array(
    fc.record({
      truth: word,
      names: fc.integer({ min: 2, max: 500 }),
      weeks: fc.option(fc.nat(40)),
      retaught: fc.array(word, { maxLength: 3 }),
      rivals: fc.array(
        fc.record({
          taxon: word,
          verdict: fc.constantFrom('told' as const, 'twins' as const, 'unproven' as const),
          tells: fc.array(
            fc.record({ character: word, group: word, overlap: fc.double({ min: 0, max: 1, noNaN: true }) }),
            { maxLength: 4 },
          ),
        }),
        { maxLength: 4 },
      ),
    }),
    { maxLength: 4 },
  ),
  looks: fc.array(
    fc.record({
      student: word,
      station: fc.nat(5),
      named: word,
      calls: fc.array(fc.record({ character: word, right: fc.boolean() }), { maxLength: 3 }),
    }),
    { maxLength: 8 },
  ),
  characters: fc.array(
    fc.record({ id: word, group: word, prior: fc.double({ min: 0, max: 1, noNaN: true }) }),
    {
      maxLength: 4,
    },
  ),
});

test('what is packed for a thread is unpacked as it was', () => {
  fc.assert(
    fc.property(data, (d) => {
      expect(unpackMisses(structuredClone(packMisses(d)))).toEqual(d);
    }),
  );
});
