import { describe, expect, test } from '@jest/globals';
import type { CuttingRow } from '@hurrow/contract';
import { isTooOld, nextStates, whatWords, whenWords } from './cuttingWords.ts';

const row = (part: Partial<CuttingRow> = {}): CuttingRow => ({
  sittingStation: 's',
  number: 1,
  label: '1A',
  material: 'twig',
  tree: { id: 't', tag: 'L1', trail: null, access: null, hazards: [], site: 'Home' },
  taxon: { id: 'fir', rank: 'species', scientific: 'Abies grandis', authority: null, common: 'grand fir' },
  nodes: 2,
  bagged: false,
  hides: [],
  permission: 'ask_the_owner',
  from: '2026-09-26',
  keeps: 10,
  state: 'to_gather',
  takenOn: null,
  goodUntil: null,
  spoiled: 0,
  version: 0,
  ...part,
});

describe('what to cut', () => {
  test('says how much, and whether in a bag', () => {
    expect(whatWords(row())).toBe('a twig with at least 2 nodes');
    expect(whatWords(row({ material: 'fruit', nodes: 0, bagged: true }))).toBe('a fruit or cone, in a bag');
  });

  test('says from when it may be taken, then until when it is good', () => {
    const on = '2026-10-06';
    expect(whenWords(row(), on, '2026-10-01')).toBe('from Sat, Sep 26');
    expect(whenWords(row({ goodUntil: '2026-10-09' }), on, '2026-10-01')).toBe('good until Fri, Oct 9');
    const old = row({ goodUntil: '2026-10-05' });
    expect(whenWords(old, on, '2026-10-01')).toBe('good until Mon, Oct 5, before the sitting');
    expect([isTooOld(old, on), isTooOld(row({ goodUntil: on }), on), isTooOld(row(), on)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(whenWords(row({ permission: 'forbidden' }), on, '')).toBe('do not collect');
  });

  test('offers the next steps, none for what may not be collected', () => {
    expect(nextStates(row())).toEqual(['to_gather', 'gathered']);
    expect(nextStates(row({ state: 'gathered' }))).toEqual(['gathered', 'on_table', 'spoiled', 'to_gather']);
    expect(nextStates(row({ permission: 'forbidden' }))).toEqual(['to_gather']);
  });
});
