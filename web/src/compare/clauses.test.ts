import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Clause } from '@hurrow/core/rules';
import { EMPTY_CLAUSE, asKind, clauseOf, draftOfClause } from './clauses.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const NEEDLE = { character: 'leaf.kind', state: 'needle' } as const;
const SCALE = { character: 'leaf.kind', state: 'scale' } as const;
const FIVE = { character: 'needle.bundle_count', low: 5, high: 5 } as const;

describe('a clause while it is chosen', () => {
  test.each<[string, Clause]>([
    ['a feature', NEEDLE],
    ['a number', FIVE],
    ['none of one', { none: NEEDLE }],
    ['one of several', { any: [NEEDLE, SCALE] }],
    ['what it is', { taxon: 'abies' }],
  ])('%s comes back as it was', (_, clause) => {
    expect(clauseOf(draftOfClause(clause), vocabulary)).toEqual(clause);
  });

  test('is no clause while something is missing', () => {
    expect(clauseOf(EMPTY_CLAUSE, vocabulary)).toBeNull();
    expect(clauseOf({ ...EMPTY_CLAUSE, kind: 'taxon' }, vocabulary)).toBeNull();
    expect(clauseOf(asKind(draftOfClause(NEEDLE), 'any'), vocabulary)).toBeNull();
  });

  test('changed to another kind keeps what fits both', () => {
    const none = asKind(draftOfClause(NEEDLE), 'none');
    expect(clauseOf(none, vocabulary)).toEqual({ none: NEEDLE });
    const any = asKind(draftOfClause(NEEDLE), 'any');
    expect(any.features).toHaveLength(2);
    expect(clauseOf(asKind(draftOfClause({ any: [NEEDLE, SCALE] }), 'has'), vocabulary)).toEqual(NEEDLE);
  });
});
