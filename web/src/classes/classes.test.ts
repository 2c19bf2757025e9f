import { describe, expect, test } from '@jest/globals';
import type { PreviewLine, TaxonHeader } from '@hurrow/contract';
import { choiceKey, choiceOf, firstChoice, membersOf } from './choices.ts';
import { addMember, bodyOf, dropMember, setMember, weekTyped } from './listEdit.ts';
import type { Choice } from './choices.ts';
import { parseRoster } from './roster.ts';

const fir: TaxonHeader = {
  id: 't1',
  rank: 'species',
  scientific: 'Abies grandis',
  authority: null,
  common: 'grand fir',
};
const line = (n: number, found: PreviewLine['found'], name = 'x'): PreviewLine => ({
  line: n,
  name,
  common: null,
  family: null,
  synonyms: [],
  olderFamilies: [],
  week: n,
  label: null,
  found,
});

describe('what becomes of pasted lines', () => {
  const known = line(1, { kind: 'known', taxon: fir, by: 'Abies grandis' });
  const shared = line(2, { kind: 'shared', taxa: [fir], by: 'white fir' });
  const fresh = line(3, { kind: 'new', under: null, real: null }, 'Quercus a/b');

  test('known ones are taken, shared ones wait, new ones become drafts', () => {
    expect([known, shared, fresh].map((l) => firstChoice(l).kind)).toEqual(['taxon', 'undecided', 'new']);
    expect(membersOf([known, shared, fresh], new Map())).toEqual([
      { taxon: 't1', week: 1, label: null },
      {
        newName: 'Quercus a/b',
        common: null,
        family: null,
        synonyms: [],
        olderFamilies: [],
        under: null,
        week: 3,
        label: null,
      },
    ]);
    const left: ReadonlyMap<number, Choice> = new Map([[1, { kind: 'leave_out' }]]);
    expect(membersOf([known], left)).toEqual([]);
  });

  test('a choice comes back from its key, whatever the name holds', () => {
    const choices: Choice[] = [
      firstChoice(known),
      firstChoice(shared),
      firstChoice(fresh),
      { kind: 'leave_out' },
    ];
    for (const c of choices) expect(choiceOf(choiceKey(c))).toEqual(c);
  });
});

test('a roster is one number a line, a span, or a number with a first name', () => {
  expect(parseRoster('101, Avila\n\n 7-9 \nB-2')).toEqual([
    { code: '101', firstName: 'Avila' },
    { code: '7', firstName: null },
    { code: '8', firstName: null },
    { code: '9', firstName: null },
    { code: 'B-2', firstName: null },
  ]);
  expect(parseRoster('9-7')).toEqual([]);
});

describe('a list that is changed', () => {
  const member = { ...fir, week: 1, label: null, own: 3, hazardous: false };
  const edit = { name: ' Spring ', members: [member] };
  const pine: TaxonHeader = { ...fir, id: 'pine', scientific: 'Pinus contorta' };

  test('members come, go, and bear weeks and labels; twice is once', () => {
    const added = addMember(addMember(edit, pine), pine);
    expect(bodyOf(setMember(added, 'pine', { week: 4, label: 'the twisted one' }))).toEqual({
      name: 'Spring',
      members: [
        { taxon: fir.id, week: 1, label: null },
        { taxon: 'pine', week: 4, label: 'the twisted one' },
      ],
    });
    expect(dropMember(added, fir.id).members.map((m) => m.id)).toEqual(['pine']);
  });

  test.each([
    ['', null],
    [' 7 ', 7],
    ['60', 60],
    ['61', undefined],
    ['1.5', undefined],
    ['soon', undefined],
  ])('the week “%s”', (text, week) => expect(weekTyped(text)).toBe(week));
});
