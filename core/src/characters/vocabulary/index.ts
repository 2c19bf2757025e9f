import { BARK } from './bark.ts';
import { FLOWER } from './flower.ts';
import { FORM } from './form.ts';
import { FRUIT } from './fruit.ts';
import { LEAF_FORM } from './leafForm.ts';
import { LEAF_SURFACE } from './leafSurface.ts';
import { meaningOf } from './meanings/index.ts';
import { NEEDLE } from './needle.ts';
import { SITE, SMELL, WOOD } from './others.ts';
import { READ_AS } from './readAs.ts';
import { TWIG } from './twig.ts';
import type { Character } from '../types.ts';

export { WORDS } from './words.ts';

/** Raised whenever a shipped character or state changes its meaning. */
export const VOCABULARY_VERSION = 5;

const withWords = (c: Character): Character => ({
  ...c,
  states: c.states.map((s) => ({ ...s, definition: meaningOf(c, s) })),
  readAs: READ_AS.get(c.id) ?? [],
});

/** The shipped vocabulary, organ by organ, from the whole tree inwards. */
export const CHARACTERS: readonly Character[] = [
  ...FORM,
  ...BARK,
  ...TWIG,
  ...LEAF_FORM,
  ...LEAF_SURFACE,
  ...NEEDLE,
  ...FLOWER,
  ...FRUIT,
  ...SMELL,
  ...WOOD,
  ...SITE,
].map(withWords);
