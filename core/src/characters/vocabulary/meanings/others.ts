/** What each state of smell, wood and site means. */
export const OTHER_MEANINGS = `
smell.leaf
  none: A crushed leaf has no smell to speak of.
  balsam: A crushed leaf smells sweet and spicy like cough syrup.
  bitter-almond: A crushed leaf smells of almonds or cherry stones; never taste it.
  spicy: A crushed leaf smells of spice.
  rank: A crushed leaf smells bad.
  sweet: A crushed leaf smells sweet.
  mint: A crushed leaf smells of mint.
  citrus: A crushed leaf smells of lemon or orange.
  pine: A crushed leaf smells of pitch.
  wintergreen: A crushed leaf smells of root beer or wintergreen candy.
  peanut-butter: A crushed leaf smells of peanut butter.
smell.touch
  soft: The foliage feels soft.
  prickly: The foliage pricks.
  rough: The foliage feels rough.
  sticky: The foliage sticks to the hand.
  smooth: The foliage feels smooth.
smell.taste
  none: It has no taste to speak of.
  sweet: It tastes sweet.
  sour: It tastes sour like lemon.
  bitter: It tastes bitter; spit it out.
  wintergreen: It tastes of root beer or wintergreen candy.
  pepper: It bites the tongue like pepper.
  puckering: It dries the mouth like strong tea.
wood.rings
  clear: The year rings can be counted at a glance.
  faint: The year rings can be counted with care.
  hard-to-see: The year rings are hard to make out.
wood.pores
  none: No holes are seen, as in all conifers.
  ring-porous: Large holes stand in a ring where each year's growth begins.
  diffuse-porous: Small holes are scattered evenly.
  semi-ring-porous: Holes grow smaller little by little through each ring.
site.landform
  streamside: Beside running water.
  floodplain: On flat ground that a river floods.
  lower-slope: On the lower part of a hillside.
  dry-slope: On a hillside that dries out in summer.
  ridge: On the crest of a hill.
  timberline: At the upper edge of the forest.
  bench: On a level step above a river.
  roadside: Beside roads and on dug-up ground.
  ravine: In a narrow, shaded valley.
  canyon: In a deep valley with steep walls.
  meadow: In open grassland.
  bog: On wet, peaty ground.
  swamp: In woods that stand in water.
  talus: On broken rock below a cliff.
  avalanche-track: Where snow slides come down.
site.moisture
  dry: The ground is dry most of the summer.
  moderate: The ground is neither dry nor wet.
  moist: The ground stays damp in summer.
  wet: Water stands in the ground.
site.soil_reaction
  acid: The soil is sour, as under blueberries or pines.
  neutral: The soil is neither sour nor limy.
  limy: The soil holds lime.
site.soil_texture
  gravel: The soil is mostly pebbles.
  sand: The soil runs through the fingers.
  loam: The soil is crumbly and holds together.
  clay: The soil is sticky when wet and hard when dry.
  rock: There is hardly any soil over the rock.
site.shade_tolerance
  low: It needs full light.
  medium: It grows in half shade.
  high: It grows in deep shade.
site.flood_tolerance
  low: A few days under water kill it.
  medium: It stands some weeks in water.
  high: It stands whole seasons in water.
site.nativeness
  native: It came here by itself.
  planted: People planted it and it stays where it was planted.
  introduced: People brought it from elsewhere.
  naturalized: People brought it, and it now spreads by itself.
site.companions
  mixed-conifers: It stands among conifers of several kinds.
  dry-pines: It stands among pines on dry ground.
  streamside-shrubs: It stands among shrubs by the water.
  cottonwoods: It stands among cottonwoods.
  subalpine-fir-and-spruce: It stands among fir and spruce high on the mountain.
  sagebrush: It stands among sagebrush.
  planted-ground: It stands where people planted trees.
site.coast
  coast: It grows within reach of sea air.
  inland: It grows away from the sea.
`;
