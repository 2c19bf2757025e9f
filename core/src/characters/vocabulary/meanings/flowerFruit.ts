/** What each state of flower, fruit and cone means. */
export const FLOWER_FRUIT_MEANINGS = `
flower.sexual_system
  monoecious: Male flowers and female flowers are apart, but on the same tree.
  dioecious: One tree has only male flowers and another only female ones.
  bisexual: Each flower has male and female parts.
  mixed: One tree has flowers of more than one sort.
flower.kind
  catkin: Many tiny flowers without petals stand close along one stem, hanging or upright.
  showy: The flower has petals that can be seen from afar.
  inconspicuous: The flower is so small or green that it is easily missed.
  cone-like: Pollen and seeds come from small cones, not from flowers.
flower.grouping
  single: Each flower stands alone.
  raceme: Flowers stand on short stalks along one stem.
  corymb: Flowers stand in a flat-topped bunch.
  panicle: Flowers stand in a bunch that branches again.
  umbel: All flower stalks come from one point, like ribs of an umbrella.
  cluster: A few flowers stand close together.
  catkin: Flowers hang in a tassel.
  head: Flowers are packed into a ball.
flower.posture
  erect: Flowers or catkins stand up.
  spreading: Flowers or catkins stand out to the side.
  hanging: Flowers or catkins hang down.
flower.timing
  before-the-leaves: Flowers open on bare twigs.
  with-the-leaves: Flowers and leaves open together.
  after-the-leaves: Flowers open when the leaves are grown.
flower.pollinator
  wind: Wind carries the pollen.
  insects: Insects carry the pollen.
  both: Wind and insects both carry the pollen.
flower.smell
  none: Open flowers have no smell to speak of.
  sweet: Open flowers smell sweet.
  musky: Open flowers smell heavy and a little stale.
  unpleasant: Open flowers smell bad.
fruit.kind
  acorn: A nut that sits in a cup.
  nut: A dry fruit with a hard shell round one seed.
  samara: A dry fruit with a thin wing.
  paired-samara: Two winged seeds joined at their seed ends.
  drupe: A fleshy fruit with one or more hard stones, like a cherry.
  berry: A fleshy fruit with small seeds and no stone.
  pome: A fleshy fruit with a papery core, like a small apple.
  capsule: A dry fruit that splits open and lets seeds out.
  pod: A dry fruit like a bean pod.
  achene: A small dry fruit with one seed.
  nutlet-with-bract: A small nut on a leafy wing.
  woody-cone-like-catkin: A small woody thing like a cone on a tree with broad leaves.
  catkin-that-shatters: A tassel of seeds that falls to pieces when ripe.
  cone: Woody or papery scales around an axis, with seeds between them.
  fleshy-cone: A cone whose soft scales grow together and look like a berry.
  aril: A seed that sits in a soft colored cup.
  multiple: The fruits of many flowers grown together into one.
  nut-in-a-husk: A nut inside a thick husk.
  nut-in-a-bur: Nuts inside a bur covered with prickles.
  follicle: A dry fruit that opens down one side only.
  hip: A fleshy cup around hairy seeds, as on a rose.
  papery-sac: A small nut inside a closed paper bag.
  ball: Many small fruits packed into a ball.
  aggregate: Many small fruits that grew from one flower.
fruit.cluster
  single: Each fruit hangs alone.
  raceme: Fruits hang on short stalks along one stem.
  corymb: Fruits stand in a flat-topped bunch.
  panicle: Fruits hang in a bunch that branches again.
  pairs: Fruits hang two by two.
  cluster: A few fruits hang close together.
  umbel: All fruit stalks come from one point.
  catkin: Fruits hang in a tassel.
fruit.cap_cover
  a-quarter: The cup covers about a quarter of the acorn.
  a-third: The cup covers about a third of the acorn.
  half: The cup covers about half of the acorn.
  most: The cup covers nearly all of the acorn.
fruit.cap_scales
  flat: The scales of the cup lie flat.
  knobby: The scales of the cup are thick and bumpy.
  fringed: The scales of the cup end in loose hairs.
fruit.wings
  one-at-the-end: The wing stands at one end of the seed.
  all-round: The wing runs round the seed like a brim.
  two-at-a-narrow-angle: The two wings hang nearly side by side.
  two-at-a-right-angle: The two wings stand like the corner of a square.
  two-spread-wide: The two wings stand nearly in one line.
fruit.bracts
  hidden: Nothing sticks out between the scales of the cone.
  three-pointed-and-showing: Three-pointed tongues stick out between the scales.
  long-and-bristly: Long thin bristles stick out between the scales.
  showing: Bracts stand out between the scales, without three points.
fruit.cone_posture
  erect: Cones stand up on the branch.
  hanging: Cones hang down.
  spreading: Cones stand out to the side.
fruit.scale_edge
  rounded: The free edge of a cone scale is round and even.
  ragged: The free edge of a cone scale is torn or wavy.
  thickened: The free edge of a cone scale is thick and woody.
  wedge-shaped: The cone scale widens toward its free edge like a wedge.
  pointed: The scale ends in a tiny point.
fruit.texture
  smooth: The surface is even.
  hairy: The surface has hairs.
  warty: The surface has bumps.
  scaly: The surface has small flakes.
  waxy-bloom: The surface has a pale film that rubs off.
  silvery-scales: The surface has tiny silver flakes.
fruit.symmetry
  even: Both sides of the cone match.
  lopsided: One side of the cone is larger than the other.
fruit.germination
  same-fall: Seeds come up within weeks of falling.
  next-spring: Seeds rest through one winter and come up in spring.
  second-spring: Seeds rest through two winters before they come up.
  after-fire: Seeds wait in the cone or the ground until a fire.
fruit.falls
  breaks-apart-on-the-tree: The scales drop one by one and leave a bare spike.
  falls-whole: The cone drops in one piece.
  stays-for-years: The cone stays on the branch for years.
  torn-apart-by-birds: Birds tear the cone open on the tree, so whole ones are seldom found.
fruit.ripe_months
  spring: Ripe in spring.
  early-summer: Ripe in June or early July.
  late-summer: Ripe in late July or August.
  autumn: Ripe in September or later.
fruit.hangs
  soon-gone: Ripe fruit is gone within weeks.
  into-winter: Ripe fruit still hangs when winter starts.
  through-winter: Ripe fruit hangs until spring.
  for-years: Fruit or cones stay for years.
fruit.dispersal
  wind: Wind carries the seeds away.
  birds: Birds carry the seeds away.
  mammals: Squirrels, mice or bears carry the seeds away.
  water: Water carries the seeds away.
  gravity: The seeds just drop.
fruit.abundance
  sparse: Even in a good year there are few.
  moderate: In a good year there are some on most branches.
  heavy: In a good year the branches are full.
fruit.acorn_years
  one-year: Ripe acorns sit on twigs of this year.
  two-years: Ripe acorns sit on twigs of last year, with tiny ones ahead of them.
fruit.husk
  splits-to-the-base: The husk falls apart into pieces.
  splits-partway: The husk opens only from the tip to the middle.
  stays-closed: The husk does not open by itself.
fruit.husk_thickness
  thin: The husk is thin as cardboard.
  medium: The husk is neither thin nor thick.
  thick: The husk is as thick as a pencil or thicker.
fruit.prickle_place
  on-the-back: The prickle stands on the back of the scale.
  at-the-tip: The prickle stands at the tip of the scale.
`;
