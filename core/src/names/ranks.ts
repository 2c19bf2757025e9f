/** Every rank a taxon may have, from the broadest down. */
export const RANKS = [
  'family',
  'genus',
  'section',
  'group',
  'species',
  'infraspecies',
  'cultivar',
  'hybrid',
] as const;

/** Ranks at which a single kind of tree is meant: what a list holds and a student names. */
export const SPECIES_RANKS: readonly string[] = ['species', 'infraspecies', 'cultivar', 'hybrid'];
