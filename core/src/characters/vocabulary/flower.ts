import { organ } from './define.ts';

const { nominal, colour, count, length } = organ({
  organ: 'flower',
  material: ['tree', 'twig', 'pressed', 'photo', 'plate'],
  distance: 'hand',
  season: ['flower'],
});

export const FLOWER = [
  nominal(
    'flower.sexual_system',
    'sexual system',
    'male and female',
    'Where male and female flowers are.',
    'monoecious: male flowers and female flowers on one tree; dioecious: on separate trees; bisexual: both in one flower; mixed',
    { effort: 4, counting: 'A dioecious tree without fruit proves nothing.', misread: [0.3, 6] },
  ),
  nominal(
    'flower.kind',
    'flower kind',
    'kind of flower',
    'What the flowers look like as a whole.',
    'catkin: tassel or upright catkin; showy: with petals; inconspicuous: hardly seen; cone-like: pollen cone and seed cone',
    { distance: 'binoculars', effort: 1 },
  ),
  colour(
    'flower.colour',
    'flower color',
    'flower color',
    'Main color of the flowers.',
    'white #f4f3ee; cream #efe6c8; yellow #dcc14a; green #8fae5f; pink #d99aa5; red #b23a3a; purple #7a4a78; brown #80603f',
    { distance: 'binoculars', effort: 1 },
  ),
  length('flower.size', 'flower size', 'flower size', 'Width of one flower, or length of a catkin.', {
    effort: 3,
  }),
  nominal(
    'flower.grouping',
    'inflorescence',
    'how flowers are grouped',
    'How flowers stand together.',
    'single; raceme: along one stem; corymb: flat-topped bunch; panicle: branched bunch; umbel: from one point; cluster: small cluster; catkin: hanging tassel; head',
  ),
  nominal(
    'flower.posture',
    'flower posture',
    'how flowers are held',
    'Whether flowers stand up or hang.',
    'erect: upright; spreading; hanging',
    { distance: 'binoculars' },
  ),
  count('flower.petals', 'petal count', 'number of petals', 'Petals of one flower.', {
    appliesIf: ['flower.kind=showy'],
  }),
  nominal(
    'flower.timing',
    'timing against the leaves',
    'before or after leaves',
    'When flowers open, seen against the leaves.',
    'before the leaves; with the leaves; after the leaves',
    { appliesIf: ['leaf.persistence=deciduous|marcescent|semi-evergreen'] },
  ),
  nominal(
    'flower.pollinator',
    'pollination',
    'pollination',
    'What carries the pollen.',
    'wind; insects; both',
    { material: [], effort: 5 },
  ),
  nominal(
    'flower.smell',
    'flower smell',
    'flower smell',
    'What open flowers smell of.',
    'none; sweet; musky; unpleasant',
    { needs: ['smell'], material: ['tree', 'twig'], wet: 'lost' },
  ),
];
