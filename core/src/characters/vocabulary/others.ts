import { organ } from './define.ts';

const smell = organ({
  organ: 'smell',
  material: ['tree', 'twig', 'leaf'],
  distance: 'hand',
  season: ['leaf-on'],
});
const wood = organ({ organ: 'wood', material: ['section'], distance: 'hand', season: ['always'] });
const site = organ({ organ: 'site', material: ['tree'], distance: 'far', season: ['always'] });

export const SMELL = [
  smell.nominal(
    'smell.leaf',
    'smell of crushed leaf',
    'smell of a crushed leaf',
    'What a crushed broad leaf smells of.',
    'none; balsam; bitter almond; spicy; rank: unpleasant; sweet; mint; citrus; pine: pitch; wintergreen: root beer or wintergreen candy; peanut butter',
    { needs: ['smell'], wet: 'blurred', appliesIf: ['leaf.kind=broad'], misread: [0.3, 6] },
  ),
  smell.nominal(
    'smell.touch',
    'feel of the foliage',
    'feel of the foliage',
    'How the foliage feels to the hand.',
    'soft; prickly; rough; sticky; smooth',
    { needs: ['touch'], misread: [0.2, 6] },
  ),
  smell.nominal(
    'smell.taste',
    'taste',
    'taste',
    'What a bit of leaf or twig tastes of. Nothing is tasted unless the instructor allows it and the plant is known for certain.',
    'none; sweet; sour; bitter; wintergreen: root beer or wintergreen candy; pepper: hot; puckering: it dries the mouth',
    { needs: ['taste'], wet: 'blurred', effort: 5, misread: [0.3, 6] },
  ),
];

export const WOOD = [
  wood.ratio('wood.density', 'wood density', 'weight of the wood', 'Weight of dry wood for its size.', {
    unit: 'kg/m3',
    needs: ['measure'],
    effort: 5,
  }),
  wood.nominal(
    'wood.rings',
    'ring visibility',
    'how rings show',
    'How clearly year rings show.',
    'clear; faint; hard to see',
  ),
  wood.nominal(
    'wood.pores',
    'wood pores',
    'pores',
    'Where pores stand in a year ring.',
    'none; ring-porous: in rings; diffuse-porous: scattered; semi-ring-porous: between both',
    { needs: ['lens'], effort: 4, misread: [0.25, 6] },
  ),
  wood.colour(
    'wood.colour',
    'heartwood color',
    'wood color',
    'Color of the heartwood.',
    'white #efe8d8; cream #ece2c6; yellow #d8c079; tan #b9935f; pink #d3a58e; red-brown #8d4a30; brown #7a5a40',
  ),
];

export const SITE = [
  site.nominal(
    'site.landform',
    'landform',
    'kind of ground',
    'Where in the land it grows.',
    'streamside; floodplain; lower slope; dry slope; ridge; timberline; bench; roadside; ravine; canyon; meadow; bog; swamp; talus: broken rock; avalanche track',
  ),
  site.nominal(
    'site.coast',
    'coast or inland',
    'near the sea?',
    'Whether it grows near the sea or inland.',
    'coast; inland',
    {
      material: [],
      effort: 5,
    },
  ),
  site.ordered(
    'site.moisture',
    'moisture',
    'how wet',
    'How wet the ground is.',
    'dry; moderate; moist; wet',
    {
      distance: 'trunk',
    },
  ),
  site.nominal(
    'site.soil_reaction',
    'soil reaction',
    'acid or limy',
    'Whether the soil is acid or limy.',
    'acid; neutral; limy',
    { material: [], effort: 5 },
  ),
  site.nominal(
    'site.soil_texture',
    'soil texture',
    'kind of soil',
    'What the soil is made of.',
    'gravel; sand; loam; clay; rock',
    { effort: 3, distance: 'hand' },
  ),
  site.ordered(
    'site.shade_tolerance',
    'shade tolerance',
    'shade tolerance',
    'How much shade it can grow in.',
    'low; medium; high',
    { material: [], effort: 5 },
  ),
  site.ordered(
    'site.flood_tolerance',
    'flood tolerance',
    'how much flood it bears',
    'How long it can stand in water.',
    'low; medium; high',
    { material: [], effort: 5 },
  ),
  site.length('site.elevation', 'elevation', 'elevation', 'The elevations at which it grows.', {
    needs: ['measure'],
    effort: 3,
  }),
  site.count(
    'site.zones',
    'hardiness zones',
    'hardiness zones',
    'The hardiness zones in which it survives.',
    {
      material: [],
      effort: 5,
    },
  ),
  site.nominal(
    'site.nativeness',
    'nativeness here',
    'native here?',
    'Whether it came to this region by itself.',
    'native; planted; introduced: brought by people; naturalized: brought, and now spreads by itself',
    { material: [], effort: 5 },
  ),
  site.nominal(
    'site.companions',
    'companions',
    'grows with',
    'The kind of growth it stands among.',
    'mixed conifers; dry pines; streamside shrubs; cottonwoods; subalpine fir and spruce; sagebrush; planted ground',
  ),
];
