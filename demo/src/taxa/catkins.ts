/** Cottonwood and aspen, birch and alder. */
export const CATKINS = `
family Salicaceae | willow family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  flower.sexual_system: dioecious
  flower.kind: catkin
  flower.grouping: catkin
  flower.pollinator: wind
  fruit.kind: capsule
  fruit.cluster: catkin
  fruit.dispersal: wind
  twig.arrangement: alternate
  leaf.arrangement: alternate
  twig.armature: none
  leaf.lobing: unlobed

genus Populus | poplar; cottonwood
  in Salicaceae
  form.habit: tree
  form.trunks: single
  form.branching: decurrent
  form.growth_rate: fast
  twig.pith: solid
  twig.bud_stalk: no
  twig.two_ranked: no
  twig.stipules: small-and-soon-lost
  twig.terminal_bud: true
  twig.bud_scales: imbricate
  twig.bundle_scars: 3
  flower.posture: hanging
  flower.timing: before-the-leaves
  fruit.colour: green
  site.shade_tolerance: low
  bark.branch_scar: none
  twig.pith_outline: star-shaped | five-sided?

species Populus trichocarpa Torr. & A. Gray ex Hook.
  in Populus
  common: black cottonwood; cottonwood
  synonym: Populus balsamifera subsp. trichocarpa; Populus balsamifera (in part)
  prose how_to_tell: Big sticky buds that smell of balsam; long leaves pale and stained with resin beneath.
  form.height: 25-45 (55) m
  form.outline: spreading | rounded | irregular?
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: grey | dark-grey
  bark.texture: furrowed
  bark.ridge_pattern: interlacing
  bark.young_texture: smooth
  bark.lenticel_shape: dots | diamonds?
  twig.colour: red-brown | yellow?
  twig.hairs: none | few?
  twig.lenticels: many
  twig.thickness: stout | medium?
  twig.spurs: yes | no?
  twig.bud_shape: conical | spindle-shaped
  twig.bud_length: 15-24 mm
  twig.bud_sticky: yes
  twig.bud_resin: yes
  twig.bud_colour: red-brown | brown
  twig.leaf_scar: heart-shaped | half-round?
  twig.smell: balsam
  leaf.length: 80-150 (200) mm
  leaf.width: 40-90 mm
  leaf.shape: ovate | cordate? | lanceolate?
  leaf.margin: crenate
  leaf.tooth_size: fine
  leaf.tip: acute | acuminate
  leaf.base: rounded | cordate | wedge-shaped??
  leaf.venation: pinnate
  leaf.surface_above: shiny
  leaf.surface_below: resin-stained
  leaf.hairs: none
  leaf.colour_above: dark-green
  leaf.colour_below: white | silver? | rusty?
  leaf.texture: leathery
  leaf.petiole_length: 30-60 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none | on-the-petiole?
  leaf.autumn_colour: yellow
  smell.leaf: balsam
  flower.colour: red | purple | green
  fruit.size: 6-9 mm
  fruit.hangs: soon-gone
  site.landform: streamside | floodplain
  site.moisture: wet | moist
  window leaf_out: 04-20..05-12
  window pollen: 04-01..04-20
  window receptive: 04-01..04-25
  window ripening: 05-25..06-25
  window autumn: 09-25..10-20
  window leaf_fall: 10-08..11-01
  native US-ID US-MT
  fruit.texture: hairy

species Populus tremuloides Michx.
  in Populus
  common: quaking aspen; trembling aspen; aspen
  prose how_to_tell: Nearly round leaves that tremble on flattened stalks; smooth pale bark; small dry buds.
  form.height: 10-25 (30) m
  form.outline: rounded | columnar?
  form.trunk_shoots: from-the-roots
  bark.colour: cream | green-grey | white?
  bark.texture: smooth | furrowed?
  bark.young_texture: smooth
  bark.lenticel_shape: diamonds | dots?
  bark.branch_scar: eye-shaped | moustache-shaped?
  twig.colour: red-brown | grey?
  twig.hairs: none
  twig.lenticels: few
  twig.thickness: slender | medium?
  twig.spurs: yes | no?
  twig.bud_shape: conical
  twig.bud_length: 5-9 mm
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red-brown | brown
  twig.leaf_scar: half-round | heart-shaped?
  twig.smell: none
  leaf.length: 30-65 (80) mm
  leaf.width: 30-65 mm
  leaf.shape: orbicular | ovate?
  leaf.margin: crenate | serrate?
  leaf.tooth_size: fine
  leaf.tip: acute | acuminate?
  leaf.base: rounded | truncate?
  leaf.venation: pinnate
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth
  leaf.hairs: none
  leaf.colour_above: mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin | papery?
  leaf.petiole_length: 30-60 mm
  leaf.petiole_section: flattened
  leaf.glands: none
  leaf.autumn_colour: gold | yellow | orange?
  smell.leaf: none
  flower.colour: green | red?
  fruit.size: 3-6 mm
  fruit.hangs: soon-gone
  site.landform: lower-slope | bench | dry-slope?
  site.moisture: moist | moderate
  window leaf_out: 05-01..05-22
  window pollen: 04-10..05-01
  window receptive: 04-10..05-05
  window ripening: 05-20..06-15
  window autumn: 09-20..10-12
  window leaf_fall: 10-01..10-24
  native US-ID US-MT

family Betulaceae | birch family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.arrangement: alternate
  leaf.lobing: unlobed
  leaf.venation: pinnate
  twig.arrangement: alternate
  twig.armature: none
  flower.sexual_system: monoecious
  flower.kind: catkin
  flower.grouping: catkin
  flower.pollinator: wind
  flower.posture: hanging
  flower.timing: before-the-leaves
  twig.two_ranked: no

species Betula papyrifera Marshall
  in Betula
  common: paper birch; white birch
  prose how_to_tell: White bark peeling in sheets with long sideways marks; doubly toothed leaves.
  form.habit: tree
  form.height: 12-25 (30) m
  form.outline: ovoid | rounded?
  form.trunks: few | single
  form.branching: excurrent | decurrent?
  form.growth_rate: fast
  form.trunk_shoots: from-the-base | none?
  bark.colour: white | cream | copper?
  bark.texture: papery
  bark.young_texture: smooth | papery
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  bark.branch_scar: moustache-shaped
  bark.peels_where: all-over
  twig.colour: red-brown
  twig.hairs: few | none?
  twig.glands: resin-dots? | none
  twig.lenticels: many
  twig.thickness: slender
  twig.spurs: yes
  twig.pith: solid
  twig.bud_shape: ovoid | conical?
  twig.bud_length: 5-8 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no | yes
  twig.bud_resin: yes | no
  twig.bud_colour: brown | green?
  twig.terminal_bud: false
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round | crescent?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 50-100 (120) mm
  leaf.width: 35-70 mm
  leaf.shape: ovate
  leaf.margin: doubly-serrate | serrate?
  leaf.margin @sheet: serrate
  leaf.tooth_size: medium | coarse?
  leaf.tip: acuminate | acute?
  leaf.base: rounded | wedge-shaped?
  leaf.surface_above: dull
  leaf.surface_below: smooth | hairy?
  leaf.hairs: in-vein-axils | on-veins?
  leaf.vein_pairs: 5-9
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 15-30 mm
  leaf.petiole_section: grooved | round
  leaf.glands: none | dots-below?
  leaf.autumn_colour: yellow
  smell.leaf: none
  flower.colour: brown | yellow
  fruit.kind: catkin-that-shatters
  fruit.cluster: catkin | single
  fruit.size: 25-50 mm
  fruit.colour: brown
  fruit.dispersal: wind
  fruit.hangs: into-winter
  site.landform: streamside | lower-slope
  site.moisture: moist
  site.shade_tolerance: low
  window leaf_out: 04-25..05-15
  window pollen: 04-15..05-08
  window ripening: 08-10..09-20
  window hanging: 08-10..12-15
  window autumn: 09-20..10-15
  window leaf_fall: 10-03..10-28
  native US-ID US-MT
  twig.winter_catkins: yes
  flower.timing: before-the-leaves | with-the-leaves

genus Betula | birch
  in Betulaceae

genus Alnus | alder
  in Betulaceae
  fruit.kind: woody-cone-like-catkin
  fruit.hangs: through-winter
  twig.bud_stalk: yes
  twig.spurs: no

infraspecies Alnus incana subsp. tenuifolia (Nutt.) Breitung
  in Alnus
  common: thinleaf alder; mountain alder
  synonym: Alnus tenuifolia
  prose how_to_tell: Buds on short stalks; small woody cones that stay; next year's catkins already out in fall.
  form.habit: shrub | small-tree
  form.height: 3-9 (12) m
  form.outline: irregular | rounded?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-base
  bark.colour: grey | green-grey | brown?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: lines | dots?
  bark.lenticel_direction: across
  bark.branch_scar: none | eye-shaped?
  bark.peels_where: nowhere
  twig.colour: red-brown | orange?
  twig.hairs: few | none?
  twig.glands: none
  twig.lenticels: many
  twig.thickness: medium | slender
  twig.pith: solid
  twig.bud_shape: ovoid
  twig.bud_length: 5-9 mm
  twig.bud_scales: valvate
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red | purple?
  twig.terminal_bud: true | false
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 40-90 (100) mm
  leaf.width: 25-65 mm
  leaf.shape: ovate | elliptic
  leaf.margin: doubly-serrate
  leaf.tooth_size: medium
  leaf.tip: acute | obtuse?
  leaf.base: rounded | wedge-shaped?
  leaf.surface_above: dull
  leaf.surface_below: smooth | hairy?
  leaf.hairs: none | on-veins?
  leaf.vein_pairs: 6-10
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 10-25 mm
  leaf.petiole_section: grooved | round
  leaf.glands: none
  leaf.autumn_colour: brown | green
  smell.leaf: none
  flower.colour: red | yellow
  fruit.cluster: cluster | raceme
  fruit.size: 9-15 mm
  fruit.colour: brown | black?
  fruit.dispersal: wind | water?
  site.landform: streamside
  site.moisture: wet
  site.shade_tolerance: medium
  window leaf_out: 04-20..05-12
  window pollen: 03-15..04-12
  window ripening: 09-01..10-10
  window hanging: 01-01..12-31
  window autumn: 10-01..10-20
  window leaf_fall: 10-10..11-05
  native US-ID US-MT
  twig.pith_outline: triangular
  twig.winter_catkins: yes
`;
