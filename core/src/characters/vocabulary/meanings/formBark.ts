/** What each state of form and bark means, in words a twelve-year-old understands. */
export const FORM_BARK_MEANINGS = `
form.habit
  tree: A tall woody plant, most often with one trunk.
  small-tree: A tree that stays low, often under 30 ft.
  shrub: A woody plant with several stems from the ground and no real trunk.
  clonal-thicket: Many stems that all come up from one shared root.
  vine: A woody plant that climbs or trails and cannot stand by itself.
form.outline
  narrow-spire: Very narrow and pointed, like a church steeple.
  conical: Shaped like an ice-cream cone standing on its wide end.
  pyramidal: A broad cone, about as wide as it is high.
  columnar: Narrow with straight sides, like a pillar.
  ovoid: Egg-shaped, with the wide end down.
  rounded: Like a ball on a stick.
  spreading: Wider than it is high, with long side branches.
  vase-shaped: Narrow at the foot and wider toward the top, like a vase.
  irregular: With no clear shape, each tree different.
  flat-topped: Cut off level at the top.
  weeping: With branches hanging down like curtains.
form.trunks
  single: One stem from the ground.
  few: Two to four stems from the ground.
  many: Five stems or more from the ground.
form.branching
  excurrent: One trunk runs straight to the top and side branches leave it.
  decurrent: The trunk divides into several big limbs and is lost in the crown.
form.leader
  erect: The topmost shoot stands straight up.
  nodding: The topmost shoot bends over like a fishing rod.
form.lean
  upright: The trunk stands straight.
  leaning: The trunk stands at a slant.
  crooked: The trunk bends this way and that.
form.branch_angle
  ascending: Branches point upward.
  horizontal: Branches stand out level.
  drooping: Branches hang downward.
  drooping-with-upturned-ends: Branches hang down and turn up again at their ends.
form.foliage_posture
  upright: Leafy shoots point upward.
  spreading: Leafy shoots stand out to all sides.
  flat-sprays: Leafy shoots lie flat like a fan or a fern.
  drooping: Leafy shoots hang down.
  tufted-at-branch-ends: Leaves or needles stand in bunches at the ends of bare branches.
form.growth_rate
  slow: A young one grows less than a hand's length a year.
  moderate: A young one grows about a forearm's length a year.
  fast: A young one grows knee-high or more in a year.
form.canopy_layer
  canopy: Its crown is part of the roof of the forest.
  subcanopy: Its crown stands just below the roof of the forest.
  understorey: It lives in the shade near the forest floor.
  open-grown: It stands in the open with no taller trees over it.
form.trunk_shoots
  none: No shoots come from trunk or roots.
  from-the-base: New shoots come up around the foot of the trunk.
  from-the-roots: New shoots come up from roots some steps away.
  along-the-trunk: Leafy shoots grow straight out of the trunk.

bark.texture
  smooth: Even as skin, without cracks.
  scaly: Covered with small thin flakes that overlap like shingles.
  furrowed: With deep grooves running up and down between ridges.
  plated: Broken into large flat pieces like puzzle parts.
  blocky: Broken into small square blocks like an alligator's back.
  stringy: Comes away in long fibres like rope.
  papery: Peels off in thin sheets like paper.
  flaking-patches: Falls off in patches and leaves spots of other colors.
  warty: With corky bumps or ridges on a smooth ground.
  muscle-like: Smooth, with long bulges like muscles under skin.
  shaggy: Long plates come loose at the ends and curl away from the trunk.
bark.young_texture
  smooth: Young stems are even and without cracks.
  smooth-with-resin-blisters: Young stems are smooth with small bumps full of sticky pitch.
  scaly: Young stems carry small thin flakes.
  papery: Young stems peel in thin sheets.
  fissured: Young stems show shallow cracks.
  stringy: Young stems shed long fibres.
bark.ridge_top
  flat: The ridges have level tops.
  rounded: The ridges have soft round tops.
  sharp: The ridges end in an edge.
bark.ridge_pattern
  parallel: Ridges run side by side and seldom meet.
  interlacing: Ridges cross and join like woven ropes.
  zigzag: Ridges run up in short bends.
  rectangles: Ridges are cut across into oblong pieces.
  spiral: Ridges wind around the trunk.
bark.peels_where
  nowhere: The bark stays on.
  upper-trunk: Bark comes away only high on the trunk.
  all-over: Bark comes away from top to bottom.
  foot-of-the-trunk: Bark comes away only near the ground.
  branches: Bark comes away on the branches.
bark.lenticel_shape
  none: No lenticels can be seen.
  dots: The lenticels are small round spots.
  diamonds: The lenticels are shaped like diamonds.
  lines: The lenticels are drawn out into lines.
bark.lenticel_direction
  across: The marks run round the stem like belts.
  along: The marks run up and down the stem.
bark.branch_scar
  none: Shed branches leave no clear mark.
  eye-shaped: The mark of a shed branch looks like an eye.
  moustache-shaped: The mark of a shed branch has two drooping arms like a moustache.
  round: The mark of a shed branch is a plain circle.
bark.smell
  none: The bark has no smell to speak of.
  vanilla: A crack in warm bark smells of vanilla or butterscotch.
  turpentine: It smells of paint thinner or pitch.
  bitter-almond: It smells of almonds or cherry stones; never taste it.
  wintergreen: It smells of mint chewing gum.
form.butt
  straight: The trunk goes straight into the ground.
  flared: The trunk widens toward the ground.
  fluted: Deep folds run up the foot of the trunk.
  kneed: Woody knees stand up around the trunk.
  prop-roots: Roots leave the trunk above the ground and hold it up.
`;
