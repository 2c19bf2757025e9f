/** Lobed leaves: bigtooth maple, Gambel oak, and the ninebark that is taken for a maple. */
export const LOBED = `
species Acer grandidentatum Nutt.
  in Acer
  common: bigtooth maple; canyon maple
  synonym: Acer saccharum subsp. grandidentatum
  say: AY-ser gran-dih-den-TAY-tum
  root: grandidentatum | Latin | with big teeth | -
  prose how_to_tell: Leaves in pairs with three to five blunt lobes and hardly any fine teeth; red in fall.
  prose habitat: Canyons to the south; here planted in the arboretum.
  record: 120 10 9 2018 the arboretum
  pair Acer glabrum [leaf.lobe_tip]: Lobes blunt with smooth edges here, pointed with sharp teeth there
  pair Quercus gambelii [twig.arrangement]: Leaves in pairs here, one at a time there || Maples are mates
  form.habit: small-tree | shrub?
  form.height: 6-12 (15) m
  form.outline: rounded
  form.trunks: few | single?
  form.branching: decurrent
  form.growth_rate: slow
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: grey | brown?
  bark.texture: scaly | furrowed?
  bark.young_texture: smooth
  bark.lenticel_shape: none | dots?
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: red-brown | brown
  twig.hairs: none | few?
  twig.lenticels: few | many?
  twig.thickness: slender | medium?
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: conical | ovoid?
  twig.bud_length: 2-5 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown | red-brown
  twig.bud_hairs: some | none?
  twig.terminal_bud: true
  twig.stipules: none
  twig.leaf_scar: narrow-line
  twig.bundle_scars: 3
  twig.smell: none
  leaf.shapes_on_one_tree: one-shape
  leaf.lobe_count: 3-5
  leaf.lobe_tip: rounded | pointed?
  leaf.sinus_depth: 0.3-0.55
  leaf.length: 50-90 (110) mm
  leaf.width: 50-110 mm
  leaf.shape: orbicular | ovate?
  leaf.margin: entire | wavy
  leaf.tip: obtuse | acute?
  leaf.base: cordate | truncate
  leaf.surface_above: shiny | dull?
  leaf.surface_below: hairy | smooth?
  leaf.hairs: all-over-below | on-veins?
  leaf.colour_above: dark-green
  leaf.colour_below: pale-green
  leaf.texture: leathery | thin?
  leaf.petiole_length: 25-60 mm
  leaf.petiole_colour: green | red?
  leaf.petiole_section: round
  leaf.glands: none
  leaf.autumn_colour: red | orange | yellow?
  smell.leaf: none
  flower.sexual_system: mixed | monoecious
  flower.kind: inconspicuous
  flower.colour: yellow | green
  flower.grouping: corymb
  flower.timing: with-the-leaves
  flower.posture: hanging
  flower.pollinator: both
  fruit.wings: two-at-a-right-angle | two-at-a-narrow-angle?
  fruit.cluster: corymb | pairs
  fruit.size: 20-35 mm
  fruit.colour: tan | green?
  fruit.hangs: into-winter
  site.landform: lower-slope | roadside
  site.moisture: moderate
  site.shade_tolerance: medium
  site.zones: 4-8
  window leaf_out: 04-28..05-16
  window pollen: 04-25..05-12
  window receptive: 04-25..05-12
  window ripening: 08-20..09-25
  window hanging: 08-20..11-30
  window autumn: 09-15..10-08
  window leaf_fall: 10-01..10-25
  planted US-MT
  native US-UT US-CO US-WY US-NM

family Fagaceae | beech family
  leaf.kind: broad
  twig.arrangement: alternate
  leaf.arrangement: alternate
  leaf.complexity: simple
  leaf.venation: pinnate
  flower.sexual_system: monoecious
  flower.kind: catkin
  twig.armature: none

genus Quercus | oak
  in Fagaceae
  flower.pollinator: wind
  fruit.kind: acorn
  twig.bud_marks_beneath: side-buds-crowded
  twig.pith: solid
  twig.pith_outline: star-shaped

species Quercus gambelii Nutt.
  in Quercus
  common: Gambel oak; scrub oak
  synonym: Quercus utahensis
  say: KWER-kus gam-BEL-ee-eye
  root: gambelii | personal name | for the naturalist William Gambel | -
  prose how_to_tell: Round-lobed oak leaves and acorns half in their cups; buds crowded at the tip.
  prose habitat: Dry hills of the southern Rockies; here planted in the arboretum.
  record: 130 9 8 2018 the arboretum
  form.habit: small-tree | shrub | clonal-thicket?
  form.height: 3-9 (15) m
  form.outline: rounded | irregular
  form.trunks: many | few | single?
  form.branching: decurrent
  form.growth_rate: slow
  form.trunk_shoots: from-the-roots
  bark.colour: grey | brown?
  bark.texture: furrowed | scaly?
  bark.ridge_top: rounded | flat
  bark.ridge_pattern: interlacing | rectangles?
  bark.young_texture: fissured | smooth?
  bark.lenticel_shape: none
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: brown | red-brown
  twig.hairs: few | none?
  twig.lenticels: few | many?
  twig.thickness: medium | stout?
  twig.spurs: no
  twig.bud_shape: ovoid
  twig.bud_length: 3-6 mm
  twig.bud_scales: imbricate
  twig.bud_scale_count: 12-20
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown | red-brown?
  twig.bud_hairs: some | none?
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round
  twig.bundle_scars: 7-15
  twig.smell: none
  leaf.persistence: deciduous | marcescent
  leaf.lobing: pinnately-lobed
  leaf.lobe_count: 5-9
  leaf.lobe_tip: rounded
  leaf.sinus_depth: 0.4-0.75
  leaf.length: 60-130 (160) mm
  leaf.width: 35-80 mm
  leaf.shape: obovate | elliptic? | oblong?
  leaf.widest: above-the-middle | at-the-middle?
  leaf.margin: entire
  leaf.tip: rounded
  leaf.base: wedge-shaped | truncate?
  leaf.base_symmetry: even
  leaf.surface_above: shiny
  leaf.surface_below: hairy | smooth?
  leaf.hairs: all-over-below | on-veins?
  leaf.hair_kind: star-shaped
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green | grey-green
  leaf.texture: leathery
  leaf.petiole_length: 8-20 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  leaf.autumn_colour: orange | brown | yellow | red?
  smell.leaf: none
  flower.grouping: catkin
  flower.colour: yellow | green
  flower.timing: with-the-leaves
  flower.posture: hanging
  fruit.cluster: single | pairs
  fruit.size: 12-20 mm
  fruit.colour: brown | green?
  fruit.cap_cover: half | a-third
  fruit.cap_scales: knobby
  fruit.texture: smooth
  fruit.hangs: soon-gone
  fruit.dispersal: birds | mammals | gravity?
  site.landform: dry-slope | roadside
  site.moisture: dry | moderate?
  site.shade_tolerance: low
  site.zones: 4-7
  window leaf_out: 05-08..05-28
  window pollen: 05-10..05-30
  window receptive: 05-10..05-30
  window ripening: 08-25..09-30
  window hanging: 08-25..10-15
  window autumn: 09-20..10-15
  window leaf_fall: 10-05..11-05
  planted US-ID US-MT
  native US-CO US-UT US-NM US-AZ US-WY

genus Physocarpus | ninebark
  in Rosaceae
  leaf.complexity: simple
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  twig.armature: none

species Physocarpus malvaceus (Greene) Kuntze
  in Physocarpus
  common: mallow ninebark; ninebark
  say: fy-so-KAR-pus mal-VAY-see-us
  root: malvaceus | Latin | like a mallow, of the leaf | leaf.lobing=palmately-lobed
  root: Physocarpus | Greek | bladder fruit | fruit.kind=follicle
  prose how_to_tell: A maple's leaf one at a time along the twig; bark in papery strips; bunches of dry papery pods.
  prose habitat: Dry slopes under ponderosa pine and Douglas-fir.
  record: 15 3 4 2019 Stove Hill
  pair Acer glabrum [twig.arrangement]: Leaves one at a time here, in pairs there || Ninebark is single, maple is married
  form.habit: shrub
  form.height: 1-2 (3) m
  form.outline: rounded | spreading
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: brown | grey | orange-brown?
  bark.texture: stringy | papery
  bark.young_texture: papery | stringy
  bark.peels_where: all-over
  bark.lenticel_shape: none
  bark.branch_scar: none
  twig.arrangement: alternate
  leaf.arrangement: alternate
  twig.two_ranked: no
  twig.colour: brown | red-brown
  twig.hairs: few | many?
  twig.lenticels: few
  twig.thickness: slender
  twig.spurs: no
  twig.pith: solid
  twig.pith_colour: brown
  twig.bud_shape: ovoid | conical
  twig.bud_length: 3-6 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown
  twig.bud_hairs: some | none?
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: shield-shaped | crescent?
  twig.bundle_scars: 3-5
  twig.smell: none
  leaf.shapes_on_one_tree: one-shape
  leaf.lobe_count: 3-5
  leaf.lobe_tip: rounded | pointed?
  leaf.sinus_depth: 0.2-0.45
  leaf.length: 25-60 (80) mm
  leaf.width: 25-65 mm
  leaf.shape: orbicular | ovate
  leaf.margin: doubly-serrate | crenate?
  leaf.tooth_size: coarse | medium?
  leaf.toothed_where: all-round
  leaf.tip: obtuse | acute?
  leaf.base: cordate | truncate | rounded?
  leaf.surface_above: dull
  leaf.surface_below: hairy | smooth?
  leaf.hairs: all-over-below | on-veins
  leaf.hair_kind: star-shaped
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 10-30 mm
  leaf.petiole_colour: green
  leaf.petiole_section: grooved | round?
  leaf.glands: none
  leaf.autumn_colour: red | orange | brown?
  smell.leaf: none
  flower.colour: white
  flower.grouping: corymb
  flower.timing: after-the-leaves
  flower.posture: erect
  fruit.kind: follicle
  fruit.cluster: corymb
  fruit.size: 5-10 mm
  fruit.colour: brown | red?
  fruit.texture: hairy
  fruit.hangs: through-winter
  fruit.dispersal: gravity | wind
  site.landform: dry-slope | lower-slope
  site.moisture: dry | moderate
  site.shade_tolerance: medium
  site.zones: 4-7
  window leaf_out: 04-25..05-12
  window pollen: 05-28..06-25
  window ripening: 07-20..09-10
  window hanging: 07-20..02-28
  window autumn: 09-12..10-05
  window leaf_fall: 09-28..10-22
  native US-ID US-MT
`;
