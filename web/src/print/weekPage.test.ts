import { describe, expect, test } from '@jest/globals';
import type { Photo, TreeRow, WeekPage } from '@hurrow/contract';
import { asWritten, isChanged, pictureOf, whereWords } from './weekPage.ts';

const KEPT: WeekPage = { text: 'Crush a needle.', photo: null, tree: null, place: '', version: 3 };
const TREE = { id: 't', tag: 'G07', site: { name: 'Larkmead' }, access: null } as unknown as TreeRow;

describe('the page of the week', () => {
  test('keeps paragraphs as they were typed, and no empty ones', () => {
    expect(asWritten('One.\nStill one.\n\n  Two. \n \n\n')).toEqual(['One.\nStill one.', 'Two.']);
    expect(asWritten('  ')).toEqual([]);
  });

  test('is changed by a word, a picture, a tree or a place, and not by a space at its end', () => {
    expect(isChanged(KEPT, KEPT)).toBe(false);
    expect(isChanged({ ...KEPT, text: 'Crush a needle. ' }, KEPT)).toBe(false);
    for (const part of [{ text: 'Crush.' }, { photo: 'p' }, { tree: 't' }, { place: 'gate' }])
      expect(isChanged({ ...KEPT, ...part }, KEPT)).toBe(true);
  });

  test('falls back on the drawing where its photograph is gone', () => {
    const photos = [{ id: 'p' }] as unknown as readonly Photo[];
    expect(pictureOf(photos, 'p')?.id).toBe('p');
    expect(pictureOf(photos, 'gone')).toBeNull();
    expect(pictureOf(photos, null)).toBeNull();
  });

  test('says where to see one, with who may go there', () => {
    expect(whereWords(KEPT, null)).toBe('');
    expect(whereWords({ ...KEPT, place: 'By the east gate' }, null)).toBe('By the east gate.');
    expect(whereWords({ ...KEPT, place: 'Ask inside!' }, TREE)).toBe('Tree G07 at Larkmead. Ask inside!');
    expect(whereWords(KEPT, { ...TREE, access: 'by permit' })).toBe(
      'Tree G07 at Larkmead. Access: by permit.',
    );
  });
});
