import { expect, test } from '@jest/globals';
import type { PersonLinks, Section } from '@hurrow/contract';
import { elsewhere, linkWords } from './samePerson.ts';

const section = (name: string, codes: readonly string[]): Section => ({
  id: name,
  name,
  term: 'Fall 2026',
  list: 'l',
  listName: 'List',
  site: { id: 's', name: 'Site', lat: 0, lon: 0, elevM: 0 },
  startsOn: null,
  archived: false,
  version: 1,
  students: codes.map((code) => ({ id: `${name}/${code}`, code, firstName: null, schoolId: null })),
});
const links: PersonLinks = {
  students: [{ id: 'Thursday/204', code: '204', firstName: 'Perrin', sections: ['Thursday, Fall 2026'] }],
  merges: [],
};

test('everybody else can be chosen, the student and those known already cannot', () => {
  const sections = [section('Tuesday', ['101', '102']), section('Thursday', ['203', '204'])];
  expect(elsewhere(sections, 'Tuesday/101', links)).toEqual([
    { value: 'Tuesday/102', label: 'Tuesday, Fall 2026: 102' },
    { value: 'Thursday/203', label: 'Thursday, Fall 2026: 203' },
  ]);
});

test('somebody who is the same person is named with their sections', () => {
  const [first] = links.students;
  if (!first) throw new Error('One was expected');
  expect(linkWords(first)).toBe('204 Perrin in Thursday, Fall 2026');
  expect(linkWords({ ...first, firstName: null, sections: [] })).toBe('204');
});
