import { expect, test } from '@jest/globals';
import { sortedAtFirst, tableSaid } from './tableSaid.ts';

test('a table says how many rows it shows, what filters them and what sorts them', () => {
  expect(tableSaid(47, 47, '', null)).toBe('47 rows');
  expect(tableSaid(1, 1, '', null)).toBe('1 row');
  expect(tableSaid(47, 3, 'fir', null)).toBe('3 of 47 rows with “fir”');
  expect(tableSaid(47, 47, 'a', { by: 'Came back', order: 'descend' })).toBe(
    '47 of 47 rows with “a”, by came back, down',
  );
  expect(tableSaid(2, 2, '', { by: 'Name', order: 'ascend' })).toBe('2 rows, by name, up');
});

test('what it is sorted by at first is said where its heading is a word', () => {
  expect(sortedAtFirst([{ title: 'A' }, { title: 'Came back', defaultSortOrder: 'descend' }])).toEqual({
    by: 'Came back',
    order: 'descend',
  });
  expect(sortedAtFirst([{ title: 'A' }])).toBeNull();
  expect(sortedAtFirst([{ title: 7, defaultSortOrder: 'ascend' }])).toBeNull();
});
