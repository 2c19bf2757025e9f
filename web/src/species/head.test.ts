import { describe, expect, test } from '@jest/globals';
import { readForm } from './headForm.ts';
import type { HeadForm } from './headForm.ts';
import { readDay, windowWords, yearParts } from './seasonWords.ts';

const FORM: HeadForm = {
  scientific: ' Alnus rubra ',
  authority: 'Bong.',
  pronunciation: 'AL-nus ROO-bra',
  status: 'draft',
  parents: ['alnus'],
  common: 'red alder\n\nOregon alder [OR-i-gun]',
  synonyms: 'Alnus oregona',
  olderFamilies: '',
  prose: [{ topic: 'summary', text: '  ' }],
  cautions: [],
  roots: [],
  record: { girth: '120 in', height: '80 ft', spread: '40 ft', place: ' By the ford ', year: '2019' },
};

describe('the head of a species as it is typed', () => {
  test('names by line, the first preferred, how they are said in brackets; empty texts are left out', () => {
    const read = readForm(FORM);
    if (!read.ok) throw new Error(read.message);
    expect(read.body.names).toEqual([
      { kind: 'common', text: 'red alder', preferred: true, pronunciation: null },
      { kind: 'common', text: 'Oregon alder', preferred: false, pronunciation: 'OR-i-gun' },
      { kind: 'synonym', text: 'Alnus oregona', preferred: false },
    ]);
    expect(read.body).toMatchObject({
      scientific: 'Alnus rubra',
      pronunciation: 'AL-nus ROO-bra',
      prose: [],
    });
    expect(read.body.record).toMatchObject({ place: 'By the ford', year: 2019 });
    expect(read.body.record?.girth).toBeCloseTo(3048);
  });

  test('a record tree is whole or not there, each length with its unit', () => {
    const record = (part: Partial<HeadForm['record']>) =>
      readForm({ ...FORM, record: { ...FORM.record, ...part } });
    expect(record({ girth: '', height: '', spread: '' })).toMatchObject({ ok: true, body: { record: null } });
    expect(record({ spread: '' })).toMatchObject({ ok: false, field: 'record' });
    expect(record({ height: '80' })).toMatchObject({ ok: false, field: 'record' });
    expect(record({ year: 'long ago' })).toMatchObject({ ok: false, field: 'record' });
  });
});

describe('days and windows in words', () => {
  test.each([
    ['20 May', '05-20'],
    ['May 20', '05-20'],
    ['5-20', '05-20'],
    ['29 february', '02-29'],
    ['30 Feb', null],
    ['13-01', null],
    ['soon', null],
  ])('%s', (text, day) => expect(readDay(text)).toBe(day));

  test('a window over new year has two parts, which together are as long as it is', () => {
    const parts = yearParts({ start: 300, end: 31 });
    expect(parts).toHaveLength(2);
    const days = parts.reduce((n, p) => n + 365 * (p.to - p.from), 0);
    expect(days).toBeCloseTo(66 + 31);
    expect(windowWords({ start: 1, end: 365 })).toBe('all year');
  });
});
