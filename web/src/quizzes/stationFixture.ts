import type { Ask, Station, TreeRow } from '@hurrow/contract';

/** A tree for tests, alive and within reach of nothing in particular. */
export const treeFixture = (tag: string, taxon: string, part: Partial<TreeRow> = {}): TreeRow => ({
  id: tag,
  tag,
  site: { id: 'home', name: 'Home', lat: 47, lon: -116, elevM: 700 },
  trail: null,
  taxon: { id: taxon, rank: 'species', scientific: taxon, authority: null, common: null },
  stage: null,
  condition: null,
  planted: false,
  hazards: [],
  access: null,
  cautions: [],
  reach: {},
  certified: {},
  retired: false,
  place: null,
  version: 1,
  ...part,
});

export const askFixture = (kind: Ask['kind'], part: Partial<Ask> = {}): Ask => ({
  id: `ask ${kind}`,
  ord: 1,
  kind,
  character: null,
  points: 1,
  params: null,
  ...part,
});

/** A station for tests, asking the common name. */
export const stationFixture = (tree: TreeRow, part: Partial<Station> = {}): Station => ({
  id: `station of ${tree.tag}`,
  number: 1,
  tree,
  asks: [askFixture('common', { points: 2 })],
  material: ['tree', 'twig', 'leaf'],
  distance: 'hand',
  accepts: [],
  notTellable: false,
  clues: [],
  stoodBefore: 0,
  version: 1,
  ...part,
});
