import { describe, expect, test } from '@jest/globals';
import {
  applies,
  differ,
  mergeStatements,
  onlyRulesOut,
  readCell,
  readValue,
  ruledOut,
  shownStates,
  valueWords,
  writeCell,
} from './index.ts';
import { character, vocabulary } from './fixture.ts';
import type { Character, Statement, Value } from './index.ts';

const bark = character('bark.texture');
const margin = character('leaf.margin');
const leaflets = character('leaf.leaflet_count');
const METRIC = { words: 'technical', units: 'metric' } as const;

function read(c: Character, cell: string): Value {
  const found = readCell(c, cell);
  if (!found.ok || !found.value) throw new Error(found.ok ? 'Nothing' : found.problem.message);
  return found.value;
}
const states = (c: Character, cell: string) => {
  const value = read(c, cell);
  if (value.kind !== 'states') throw new Error('A value of states');
  return value;
};
const said = (c: Character, cell: string, id = cell): Statement => ({
  id,
  taxon: 't',
  character: c.id,
  source: id,
  value: read(c, cell),
});

describe('a state that is ruled out', () => {
  test.each(['not papery', 'never papery', 'Not Papery'])('is written “%s” and read back', (cell) => {
    const value = states(bark, cell);
    expect(value.states).toEqual([{ state: 'papery', freq: 'never' }]);
    expect(readCell(bark, writeCell(bark, value))).toEqual({ ok: true, value });
    expect(valueWords(bark, value, METRIC)).toBe('never papery');
  });

  test('stands beside what is shown, and is none of it', () => {
    const value = states(bark, 'smooth | scaly? | not papery');
    expect(shownStates(value).map((s) => s.state)).toEqual(['smooth', 'scaly']);
    expect(onlyRulesOut(value)).toBe(false);
    expect(onlyRulesOut(states(bark, 'not papery | not scaly'))).toBe(true);
    expect(valueWords(bark, value, METRIC)).toBe('smooth; sometimes scaly; never papery');
  });

  test('of a broad state rules out all under it', () => {
    expect([...ruledOut(margin, states(margin, 'not toothed'))]).toEqual(
      expect.arrayContaining(['serrate', 'dentate']),
    );
  });

  test('is refused where the state is recorded as well, or where nothing would be left', () => {
    const both = (all: readonly (readonly [string, 'usual' | 'never'])[], c = bark) =>
      readValue(c, { kind: 'states', states: all.map(([state, freq]) => ({ state, freq })) });
    expect(
      both([
        ['papery', 'usual'],
        ['papery', 'never'],
      ]),
    ).toMatchObject({
      ok: false,
      problem: { code: 'excluded_and_recorded', message: '“papery” is recorded and ruled out at once.' },
    });
    expect(
      both(
        [
          ['serrate', 'usual'],
          ['toothed', 'never'],
        ],
        margin,
      ),
    ).toMatchObject({
      problem: { code: 'excluded_and_recorded' },
    });
    expect(both(bark.states.map((s) => [s.id, 'never'] as const))).toMatchObject({
      problem: { code: 'all_excluded' },
    });
    expect(readCell(bark, 'not papery?')).toMatchObject({ problem: { code: 'never_and_mark' } });
  });

  test('makes no longer apply what hangs on it alone', () => {
    const of = (cell: string) => new Map([['leaf.kind', { value: read(character('leaf.kind'), cell) }]]);
    const count = character('needle.bundle_count');
    expect(applies(count, of('not needle'), vocabulary)).toBe('no');
    expect(applies(count, of('not scale'), vocabulary)).toBe('unknown');
  });
});

describe('a number that is open above', () => {
  test.each([
    ['at least 5', 5],
    ['5 or more', 5],
    ['5+', 5],
    ['from 5', 5],
    ['several', 3],
  ])('“%s” is %i or more, kept as typed', (typed, low) => {
    const value = read(leaflets, typed);
    expect(value).toEqual({
      kind: 'range',
      xlow: null,
      low,
      high: low,
      xhigh: null,
      more: true,
      entered: typed,
    });
    expect(valueWords(leaflets, value, METRIC)).toBe(`${low} or more`);
    expect(readCell(leaflets, writeCell(leaflets, value))).toEqual({ ok: true, value });
  });

  test('a length may be open, with its unit; several of it is no length', () => {
    const height = character('form.height');
    expect(read(height, 'at least 100 ft')).toMatchObject({ low: 30480, more: true });
    expect(readCell(height, 'several')).toMatchObject({ ok: false });
    expect(readCell(leaflets, 'at least')).toMatchObject({ ok: false });
  });
});

describe('sources of which one leaves something open', () => {
  test('what one shows and another rules out is shown, and a disagreement', () => {
    const pair = [said(bark, 'papery'), said(bark, 'not papery')] as const;
    expect(mergeStatements(pair, 'widest').value).toEqual(read(bark, 'papery'));
    expect(differ(bark, ...pair)).toBe('contradiction');
    expect(differ(bark, said(bark, 'smooth'), said(bark, 'not papery'))).toBeNull();
    expect(differ(bark, said(bark, 'smooth | papery'), said(bark, 'not papery'))).toBe('partly_different');
  });

  test('a source that knows the top closes one that does not', () => {
    const merged = mergeStatements([said(leaflets, 'at least 5'), said(leaflets, '7-9')], 'widest').value;
    expect(merged).toMatchObject({ low: 5, high: 9 });
    expect(merged).not.toHaveProperty('more');
    expect(
      mergeStatements([said(leaflets, 'at least 5'), said(leaflets, '7 or more')], 'typical').value,
    ).toMatchObject({ low: 6, more: true });
    expect(differ(leaflets, said(leaflets, 'at least 5'), said(leaflets, '7-9'))).toBeNull();
    expect(differ(leaflets, said(leaflets, 'at least 9'), said(leaflets, '3'))).toBe('contradiction');
  });
});
