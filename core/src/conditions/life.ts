/** The stage of life, or the part of a tree, that a statement was made of. */
export const LIVES = [
  'seedling',
  'sprout',
  'sun',
  'shade',
  'young',
  'mature',
  'foot',
  'upper_trunk',
  'open_grown',
  'forest_grown',
  'juvenile',
  'adult',
] as const;
export type Life = (typeof LIVES)[number];

/** How old an individual is. */
export const STAGES = ['seedling', 'pole', 'young', 'mature', 'old'] as const;
export type Stage = (typeof STAGES)[number];

export const LIFE_WORDS: Readonly<Record<Life, string>> = {
  seedling: 'as a seedling',
  sprout: 'on sprouts',
  sun: 'on sun leaves',
  shade: 'on shade leaves',
  young: 'when young',
  mature: 'when mature',
  foot: 'at the foot of the trunk',
  upper_trunk: 'on the upper trunk',
  open_grown: 'in the open',
  forest_grown: 'in the forest',
  juvenile: 'on juvenile foliage',
  adult: 'on adult foliage',
};
