import type { DemoTree } from './demoTree.ts';

type More = Partial<Omit<DemoTree, 'tag' | 'species' | 'elevM' | 'stage' | 'certified' | 'trail'>>;

const TRAILS = { L: 'Ledger Loop', S: 'Stove Hill', K: 'Signal Knob' } as const;

/** One tree in a line: tag, species, elevation in metres, stage, what it is certified to show, and what is special. */
const tree = (
  tag: string,
  species: string,
  elevM: number,
  stage: DemoTree['stage'],
  certified: readonly string[],
  more: More = {},
): DemoTree => ({
  tag,
  species,
  trail: TRAILS[tag.charAt(0) as keyof typeof TRAILS],
  elevM,
  stage,
  certified,
  ...more,
});

const HIGH = { fruit: 'binoculars', flower: 'out' } as const;
const BARE = { fruit: 'out', flower: 'out' } as const;
const PLANTED = { planted: true } as const;
const THORNS = { hazards: ['thorns'], reach: { flower: 'out' } } as const;
const IRRITANT = { hazards: ['irritant'], access: 'look from the path: do not touch' } as const;

/** The rest of the school’s tagged trees. */
export const MORE_TREES: readonly DemoTree[] = [
  tree('L19', 'Thuja plicata', 724, 'old', ['needle.spray: flattened', 'bark.texture: stringy'], {
    reach: HIGH,
    condition: 'hollow on the creek side',
  }),
  tree('L20', 'Thuja plicata', 731, 'young', ['needle.spray: flattened', 'form.leader: nodding'], {
    reach: BARE,
  }),
  tree(
    'L21',
    'Tsuga heterophylla',
    728,
    'mature',
    [
      'needle.bands: below-only',
      'needle.arrangement: flat-in-two-rows',
      'needle.length_variation: clearly-mixed',
      'form.leader: nodding',
    ],
    { reach: HIGH },
  ),
  tree('L22', 'Tsuga heterophylla', 736, 'pole', ['form.leader: nodding', 'needle.bands: below-only'], {
    reach: BARE,
  }),
  tree('L23', 'Taxus brevifolia', 733, 'mature', ['needle.bands: none', 'bark.texture: flaking-patches'], {
    condition: 'a male tree: no fruit, ever',
    reach: BARE,
  }),
  tree('L24', 'Taxus brevifolia', 739, 'mature', [
    'needle.bands: none',
    'fruit.kind: aril',
    'twig.colour: green',
  ]),
  tree('L25', 'Pinus monticola', 768, 'young', ['needle.bundle_count: 5', 'bark.young_texture: smooth'], {
    reach: BARE,
    condition: 'pruned to the height of a hand against rust',
  }),
  tree('L26', 'Pinus monticola', 772, 'mature', ['needle.bundle_count: 5', 'bark.texture: blocky'], {
    reach: HIGH,
  }),
  tree(
    'L27',
    'Picea pungens',
    740,
    'mature',
    ['needle.flexibility: stiff', 'twig.bud_scales_reflexed: yes'],
    {
      ...PLANTED,
      reach: HIGH,
    },
  ),
  tree('L28', 'Picea pungens', 741, 'young', ['needle.flexibility: stiff', 'needle.colour: blue-grey'], {
    ...PLANTED,
    reach: BARE,
  }),
  tree('L29', 'Populus angustifolia', 730, 'mature', ['leaf.shape: lanceolate', 'twig.bud_sticky: yes'], {
    ...PLANTED,
    reach: BARE,
  }),
  tree(
    'L30',
    'Betula occidentalis',
    723,
    'mature',
    ['bark.texture: smooth', 'bark.colour: red-brown', 'form.trunks: many'],
    {
      hazards: ['water'],
      access: 'on the bank: stay on the boards',
    },
  ),
  tree('L31', 'Betula occidentalis', 727, 'young', ['bark.texture: smooth', 'twig.glands: warts']),
  tree('L32', 'Salix exigua', 720, 'mature', ['leaf.shape: linear', 'twig.bud_scales: one-cap'], {
    hazards: ['water'],
    reach: BARE,
  }),
  tree(
    'L33',
    'Salix scouleriana',
    752,
    'mature',
    ['leaf.widest: above-the-middle', 'twig.bud_scales: one-cap'],
    {
      reach: BARE,
    },
  ),
  tree('L34', 'Acer grandidentatum', 742, 'young', ['leaf.arrangement: opposite', 'leaf.lobe_tip: rounded'], {
    ...PLANTED,
    reach: BARE,
  }),
  tree(
    'L35',
    'Quercus gambelii',
    743,
    'young',
    ['leaf.lobing: pinnately-lobed', 'twig.arrangement: alternate', 'fruit.kind: acorn'],
    {
      ...PLANTED,
      reach: { flower: 'out' },
    },
  ),
  tree(
    'L36',
    'Physocarpus malvaceus',
    785,
    'mature',
    ['leaf.arrangement: alternate', 'bark.texture: stringy', 'fruit.kind: capsule'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree('L37', 'Prunus virginiana', 738, 'mature', ['leaf.glands: on-the-petiole', 'leaf.margin: serrate'], {
    reach: BARE,
  }),
  tree('L38', 'Prunus emarginata', 762, 'young', ['leaf.tip: rounded', 'leaf.margin: crenate'], {
    reach: BARE,
  }),
  tree(
    'L39',
    'Amelanchier alnifolia',
    756,
    'mature',
    ['leaf.toothed_where: upper-half', 'leaf.shape: orbicular'],
    {
      reach: BARE,
      condition: 'fruit gone since August',
    },
  ),
  tree(
    'L40',
    'Crataegus douglasii',
    726,
    'mature',
    ['twig.armature: thorn', 'fruit.colour: black', 'leaf.lobing: shallowly-lobed'],
    THORNS,
  ),
  tree('L41', 'Prunus emarginata', 747, 'mature', ['bark.lenticel_direction: across', 'twig.spurs: yes'], {
    reach: BARE,
    condition: 'tagged from its bark in winter',
    really: 'Prunus virginiana',
  }),
  tree(
    'L42',
    'Sorbus aucuparia',
    735,
    'mature',
    ['twig.bud_sticky: no', 'twig.arrangement: alternate', 'leaf.leaflet_count: 13-15'],
    {
      ...PLANTED,
      reach: { flower: 'out' },
    },
  ),
  tree(
    'L43',
    'Rhus glabra',
    780,
    'mature',
    ['twig.hairs: none', 'leaf.leaflet_count: 15-19', 'fruit.colour: red'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree(
    'L44',
    'Toxicodendron rydbergii',
    744,
    'mature',
    ['leaf.leaflet_stalk: long', 'leaf.complexity: trifoliolate'],
    IRRITANT,
  ),
  tree(
    'L45',
    'Cornus sericea',
    722,
    'mature',
    ['twig.colour: red', 'leaf.venation: arcuate', 'twig.arrangement: opposite'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree('L46', 'Frangula purshiana', 737, 'mature', ['leaf.vein_pairs: 11-13', 'twig.bud_scales: naked'], {
    reach: BARE,
  }),
  tree(
    'L47',
    'Celtis reticulata',
    744,
    'young',
    ['leaf.base_symmetry: uneven', 'leaf.surface_above: rough'],
    {
      ...PLANTED,
      reach: BARE,
    },
  ),
  tree(
    'L48',
    'Ulmus pumila',
    734,
    'mature',
    ['leaf.base_symmetry: even', 'leaf.margin: serrate', 'bark.texture: furrowed'],
    {
      ...PLANTED,
      reach: BARE,
      hazards: ['road'],
      access: 'beside the school drive: stay behind the rail',
    },
  ),
  tree('L49', 'Fraxinus pennsylvanica', 736, 'mature', ['twig.arrangement: opposite', 'fruit.kind: samara'], {
    ...PLANTED,
    condition: 'bare since the last frost',
    reach: { flower: 'out', fruit: 'binoculars' },
  }),
  tree(
    'L50',
    'Alnus viridis subsp. sinuata',
    788,
    'young',
    ['twig.bud_stalk: no', 'twig.bud_shape: conical'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree('L51', 'Pinus ponderosa', 766, 'mature', ['needle.bundle_count: 3', 'bark.texture: plated'], {
    reach: HIGH,
  }),
  tree(
    'S04',
    'Pinus ponderosa',
    1005,
    'old',
    ['needle.bundle_count: 3', 'bark.texture: plated', 'bark.colour: orange-brown'],
    {
      reach: { fruit: 'hand', flower: 'out' },
      condition: 'a fire scar on the uphill side',
    },
  ),
  tree('S05', 'Pinus ponderosa', 990, 'pole', ['needle.bundle_count: 2-3', 'bark.young_texture: fissured'], {
    reach: BARE,
  }),
  tree(
    'S06',
    'Juniperus scopulorum',
    1020,
    'mature',
    ['needle.spray: cord-like', 'fruit.kind: fleshy-cone'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree('S07', 'Juniperus scopulorum', 1030, 'old', ['needle.spray: cord-like', 'bark.texture: stringy'], {
    condition: 'a male tree: no cones',
    reach: BARE,
  }),
  tree(
    'S08',
    'Pseudotsuga menziesii',
    1000,
    'mature',
    ['twig.bud_shape: spindle-shaped', 'fruit.bracts: three-pointed-and-showing'],
    {
      reach: { fruit: 'hand', flower: 'out' },
    },
  ),
  tree(
    'S09',
    'Salix scouleriana',
    960,
    'mature',
    ['leaf.widest: above-the-middle', 'leaf.hairs: rusty-hairs-below'],
    { reach: BARE },
  ),
  tree(
    'S10',
    'Prunus emarginata',
    955,
    'mature',
    ['leaf.glands: on-the-blade-base', 'twig.bud_hairs: dense'],
    { reach: BARE },
  ),
  tree('S11', 'Prunus virginiana', 930, 'mature', ['leaf.glands: on-the-petiole', 'twig.bud_hairs: none'], {
    reach: BARE,
  }),
  tree(
    'S12',
    'Amelanchier alnifolia',
    970,
    'mature',
    ['leaf.toothed_where: upper-half', 'twig.bud_shape: conical'],
    { reach: BARE },
  ),
  tree('S13', 'Rhus glabra', 945, 'mature', ['twig.hairs: none', 'fruit.texture: hairy'], {
    reach: { flower: 'out' },
  }),
  tree(
    'S14',
    'Rhus trilobata',
    1015,
    'mature',
    ['leaf.leaflet_stalk: none', 'leaf.complexity: trifoliolate', 'smell.leaf: rank'],
    {
      reach: { flower: 'out', fruit: 'hand' },
    },
  ),
  tree(
    'S15',
    'Toxicodendron rydbergii',
    925,
    'mature',
    ['leaf.leaflet_stalk: long', 'fruit.colour: white'],
    IRRITANT,
  ),
  tree(
    'S16',
    'Physocarpus malvaceus',
    965,
    'mature',
    ['leaf.arrangement: alternate', 'bark.peels_where: all-over'],
    {
      reach: { flower: 'out' },
    },
  ),
  tree('S17', 'Crataegus douglasii', 920, 'young', ['twig.armature: thorn', 'bark.texture: scaly'], THORNS),
  tree('S18', 'Pinus contorta', 985, 'mature', ['needle.bundle_count: 2', 'fruit.prickle: yes'], {
    reach: { fruit: 'hand', flower: 'out' },
  }),
  tree('K04', 'Larix lyallii', 1935, 'old', ['twig.hairs: many', 'twig.spurs: yes'], { reach: HIGH }),
  tree('K05', 'Larix lyallii', 1928, 'young', ['twig.hairs: many', 'needle.per_spur: 30-40'], {
    reach: BARE,
  }),
  tree(
    'K06',
    'Tsuga mertensiana',
    1905,
    'mature',
    ['needle.bands: both-sides', 'needle.arrangement: all-round'],
    { reach: HIGH },
  ),
  tree('K07', 'Tsuga mertensiana', 1900, 'young', ['needle.bands: both-sides', 'form.leader: nodding'], {
    reach: BARE,
  }),
  tree('K08', 'Alnus viridis subsp. sinuata', 1890, 'mature', ['twig.bud_stalk: no', 'form.lean: leaning'], {
    reach: { flower: 'out' },
  }),
  tree('K09', 'Pinus albicaulis', 1938, 'young', ['needle.bundle_count: 5', 'bark.young_texture: smooth'], {
    hazards: ['protected'],
    reach: BARE,
  }),
  tree('K10', 'Pinus contorta', 1895, 'young', ['needle.bundle_count: 2', 'needle.twist: twisted'], {
    reach: BARE,
  }),
  tree('K11', 'Sorbus scopulina', 1888, 'mature', ['twig.bud_sticky: yes', 'leaf.leaflet_count: 11-13'], {
    reach: { flower: 'out' },
  }),
];
