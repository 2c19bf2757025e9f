/** What each state of the leaf means. */
export const LEAF_MEANINGS = `
leaf.kind
  broad: A flat leaf with a wide blade.
  needle: A leaf as thin as a sewing needle.
  scale: A tiny flat leaf pressed to the twig like a fish scale.
  awl: A short, stiff leaf that tapers to a sharp point.
leaf.persistence
  evergreen: Green leaves stay on through winter.
  deciduous: All leaves drop in the fall.
  marcescent: Leaves turn brown and stay hanging into winter.
  semi-evergreen: Some leaves stay green through a mild winter.
leaf.complexity
  simple: The leaf is one blade.
  compound: The leaf is made of several leaflets on one stalk.
  trifoliolate: The leaf is made of three leaflets.
  pinnate: The leaflets stand in two rows like the barbs of a feather.
  odd-pinnate: The leaflets stand in two rows with one more at the end.
  even-pinnate: The leaflets stand in two rows and none stands at the end.
  bipinnate: The leaf is divided like a feather, and each part again.
  palmate: All leaflets come from one point like fingers of a hand.
leaf.leaflet_shape
  ovate: The leaflet is egg-shaped, widest toward its foot.
  lanceolate: The leaflet is long and tapers like the tip of a lance.
  elliptic: The leaflet is oval, widest in the middle.
  oblong: The leaflet is long with nearly even sides.
  obovate: The leaflet is widest toward its tip.
  wedge-shaped: The leaflet tapers straight down to its foot.
  rhombic: The leaflet is shaped like a diamond.
  orbicular: The leaflet is nearly round.
leaf.leaflet_stalk
  none: The leaflet sits straight on the main stalk.
  short: The leaflet has a stalk that can just be seen.
  long: The leaflet stands on a clear stalk of its own.
leaf.widest
  below-the-middle: The blade is widest nearer its foot.
  at-the-middle: The blade is widest halfway.
  above-the-middle: The blade is widest nearer its tip.
leaf.shape
  ovate: Egg-shaped, with the wide end at the stalk.
  lanceolate: Several times longer than wide, tapering to a point like a lance.
  linear: Very long and narrow with even sides, like a ribbon.
  elliptic: Oval, widest in the middle.
  oblong: Long with nearly even sides and round ends.
  obovate: Egg-shaped, with the wide end at the tip.
  oblanceolate: Like a lance, but widest nearer the tip.
  deltoid: Shaped like a triangle with a flat foot.
  cordate: Shaped like a heart.
  orbicular: Nearly round.
  rhombic: Shaped like a diamond.
  fan-shaped: Shaped like an open fan.
leaf.lobing
  unlobed: The edge has no deep bays.
  lobed: The edge runs in and out in deep bays.
  pinnately-lobed: Lobes stand along both sides like the barbs of a feather.
  palmately-lobed: Lobes spread from one point like the fingers of a hand.
  shallowly-lobed: The bays are so shallow that they can be missed.
leaf.lobe_tip
  rounded: The lobes end round.
  pointed: The lobes end in a point.
  bristle: Each lobe ends in a stiff hair.
leaf.margin
  entire: The edge is smooth, without teeth.
  toothed: The edge has teeth of some kind.
  serrate: The edge has sharp teeth that point forward like a saw.
  doubly-serrate: Big teeth carry smaller teeth.
  crenate: The edge has rounded teeth like scallops.
  dentate: The teeth point straight out and not forward.
  bristle-toothed: Each tooth ends in a bristle.
  wavy: The edge runs gently in and out and has no teeth.
  spiny: The teeth end in sharp spines.
leaf.toothed_where
  all-round: Teeth stand along the whole edge.
  upper-half: Teeth stand only from the middle to the tip.
leaf.tooth_size
  fine: The teeth are so small that you must look close.
  medium: The teeth are plain to see.
  coarse: The teeth are big and few.
leaf.tooth_shape
  sharp: The teeth end in a point.
  blunt: The teeth have dull ends.
  hooked: The teeth bend over at the end.
  gland-tipped: Each tooth ends in a tiny dark knob.
leaf.tip
  acute: The blade comes to a plain point.
  acuminate: The blade is drawn out into a long thin point.
  obtuse: The blade ends blunt.
  rounded: The blade ends in a smooth curve.
  notched: The blade has a small dent at its end.
  truncate: The blade looks cut off straight at its end.
leaf.base
  wedge-shaped: The foot of the blade tapers straight to the stalk.
  rounded: The foot of the blade is a smooth curve.
  cordate: The foot of the blade has two round ears like a heart.
  truncate: The foot of the blade is nearly a straight line.
  clasping: The foot of the blade reaches round the twig.
leaf.base_symmetry
  even: Both halves of the blade start at the same place.
  uneven: One half of the blade starts lower than the other.
leaf.venation
  pinnate: Side veins leave one middle vein like the barbs of a feather.
  arcuate: Side veins bend and run along the edge toward the tip.
  palmate: Several main veins spread from one point like fingers.
  three-from-the-base: Three main veins start together at the foot.
  parallel: Veins run side by side from foot to tip.
  forking: Veins fork again and again and never meet.
leaf.vein_prominence
  flat: The veins lie level with the blade.
  sunken-above: The veins lie in small grooves on the upper side.
  raised-beneath: The veins stand out on the under side.
leaf.vein_ends
  in-the-teeth: Each side vein runs out into a tooth.
  before-the-edge: Side veins bend away before they reach the edge.
leaf.surface_above
  dull: The upper side does not shine.
  shiny: The upper side shines as if it were polished.
  rough: The upper side feels like sandpaper.
  wrinkled: The upper side is puckered between the veins.
  sticky: The upper side sticks to the fingers.
  silvery-scaly: The upper side is covered with tiny silver flakes.
leaf.surface_below
  smooth: The under side is bare and even.
  hairy: The under side has hairs that can be seen.
  woolly: The under side is covered like felt.
  waxy: The under side has a pale film that rubs off.
  resin-stained: The under side has brown stains of resin.
  silvery-scaly: The under side is covered with tiny silver flakes.
  rough: The under side feels like sandpaper.
leaf.hairs
  none: No hairs even under a lens.
  in-vein-axils: Small tufts of hair stand where side veins leave the middle vein.
  on-veins: Hairs stand only along the veins.
  all-over-below: The whole under side is hairy.
  silvery-scales: Tiny silver flakes take the place of hairs.
  silvery-and-rusty-scales: Tiny flakes, some silver and some rust-colored.
  rusty-hairs-below: Rust-colored hairs on the under side.
  both-sides: Hairs cover the upper and the under side.
leaf.hair_kind
  none: There are no hairs to look at.
  straight: The hairs are single and straight.
  curly: The hairs are bent and tangled.
  star-shaped: Several hairs spread from one point like a star.
  gland-tipped: Each hair ends in a tiny sticky ball.
  scales: Flat round flakes stand in place of hairs.
leaf.texture
  thin: The blade is limp and light can be seen through it.
  papery: The blade feels like writing paper.
  leathery: The blade is tough and bends like leather.
  soft: The blade is soft like cloth.
  sandpapery: The blade is rough like sandpaper.
leaf.thickness
  thin: Thinner than writing paper.
  medium: About as thick as writing paper.
  thick: As thick as card.
leaf.petiole_section
  round: The leaf stalk rolls between the fingers.
  flattened: The leaf stalk is pressed flat from the sides, so the leaf flutters.
  grooved: The leaf stalk has a channel along its upper side.
  winged: The leaf stalk has thin leafy edges.
leaf.glands
  none: No small warts are found.
  on-the-petiole: One or two small warts stand on the leaf stalk.
  on-the-blade-base: Small warts stand where the blade begins.
  on-the-teeth: Each tooth carries a tiny wart.
  dots-below: Tiny dots cover the under side.
leaf.sap
  clear: The sap is like water.
  milky: The sap is white like milk.
  sticky: The sap sticks to the fingers.
leaf.shapes_on_one_tree
  one-shape: All leaves of one tree look alike.
  lobed-and-unlobed: One tree has leaves with lobes and leaves without.
  three-shapes: One tree has leaves of three shapes.
  simple-and-three-part: One tree has whole leaves and leaves cut into three.
leaf.end_leaflet_stalk
  none: The end leaflet sits right on the stem.
  as-short-as-the-others: The end leaflet has a stalk no longer than those of the side leaflets.
  longer-than-the-others: The end leaflet stands out on a stalk much longer than those of the side leaflets.
leaf.lobe_regularity
  regular: Each lobe has a like one facing it.
  irregular: Lobes differ in size and place.
leaf.lobe_form
  short: Lobes are about as wide as long.
  elongated: Lobes are much longer than wide.
  star-shaped: Pointed lobes stand out all round, like a star.
  cross-shaped: Lobes stand out like the arms of a cross.
`;
