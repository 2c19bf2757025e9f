/** Firs, Douglas-fir, larch and spruce. */
export const FIRS = `
family Pinaceae | pine family
  form.habit: tree
  form.branching: excurrent
  form.trunks: single
  form.trunk_shoots: none
  leaf.kind: needle
  leaf.persistence: evergreen
  flower.sexual_system: monoecious
  flower.kind: cone-like
  flower.pollinator: wind
  fruit.kind: cone
  fruit.dispersal: wind | mammals?
  twig.armature: none
  twig.wings: no
  twig.bud_stalk: no
  twig.pith: solid
  wood.pores: none
  bark.lenticel_shape: none
  bark.branch_scar: none
  fruit.cluster: single | cluster?
  flower.grouping: single | cluster
  twig.lenticels: none
  twig.bud_hairs: none
  twig.zigzag: no

genus Abies | fir
  in Pinaceae
  needle.attachment: disc
  needle.arrangement: flat-in-two-rows | brushed-upward
  needle.section: flat
  needle.flexibility: flexible
  needle.twist: curved | straight
  needle.margin: smooth
  twig.after_needle_fall: discs
  twig.spurs: no
  twig.bud_shape: round | ovoid
  twig.bud_resin: yes
  twig.bud_sticky: yes
  twig.bud_scales: imbricate
  bark.young_texture: smooth-with-resin-blisters
  bark.resin_blisters: yes
  fruit.cone_posture: erect
  fruit.falls: breaks-apart-on-the-tree
  fruit.prickle: no
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  smell.touch: soft
  window ripening: 09-01..10-05
  window hanging: 09-10..10-15

species Abies grandis (Douglas ex D. Don) Lindl.
  in Abies
  common: grand fir; lowland white fir; white fir
  prose how_to_tell: Needles of two lengths, lying flat in two rows like a comb, with white lines on the under side only.
  form.height: 30-60 (75) m
  form.height @own: 28-52 m, n = 30
  form.outline: conical | pyramidal?
  form.leader: erect
  form.branch_angle: horizontal | drooping?
  form.foliage_posture: flat-sprays | spreading?
  form.canopy_layer: canopy
  form.growth_rate: fast
  form.life_span: 200-300 years
  bark.colour: grey | brown?
  bark.texture: smooth? | furrowed
  bark.ridge_top: flat
  bark.smell: turpentine
  twig.colour: brown | green?
  twig.hairs: few | none?
  twig.bud_length: 4-7 mm
  twig.bud_colour: brown | green
  needle.arrangement: flat-in-two-rows | brushed-upward??
  needle.length: 20-50 (60) mm
  needle.length @own: 22-48 mm, n = 40
  needle.length_variation: clearly-mixed
  needle.tip: notched | blunt?
  needle.colour: dark-green | bright-green?
  needle.bands: below-only
  needle.smell: citrus | fruity?
  needle.density: medium
  flower.colour: yellow | green
  fruit.size: 50-110 mm
  fruit.colour: green | brown? | purple??
  fruit.bracts: hidden
  fruit.hangs: soon-gone
  site.landform: lower-slope | streamside | bench?
  site.moisture: moist | moderate
  site.shade_tolerance: high
  window pollen: 05-10..06-05
  native US-ID US-MT

species Abies lasiocarpa (Hook.) Nutt.
  in Abies
  common: subalpine fir; alpine fir; white fir
  synonym: Abies bifolia
  prose how_to_tell: Needles of one length brushed upward, with white lines on both sides; the crown a narrow spire.
  form.height: 15-30 (40) m
  form.outline: narrow-spire
  form.leader: erect
  form.branch_angle: drooping | horizontal?
  form.foliage_posture: spreading
  form.canopy_layer: canopy | subcanopy?
  form.growth_rate: slow
  form.life_span: 150-250 years
  bark.colour: pale-grey | grey
  bark.texture: smooth | furrowed?
  bark.smell: turpentine
  twig.colour: grey | brown?
  twig.hairs: rusty-hairs | few?
  twig.bud_length: 3-6 mm
  twig.bud_colour: brown | rusty
  needle.arrangement: brushed-upward | flat-in-two-rows??
  needle.length: 11-25 (31) mm
  needle.length_variation: all-alike
  needle.tip: blunt | notched? | pointed??
  needle.colour: blue-green | blue-grey?
  needle.bands: both-sides
  needle.smell: resin | pungent?
  needle.density: crowded
  flower.colour: purple
  fruit.size: 50-100 (120) mm
  fruit.colour: purple | black?
  fruit.bracts: hidden
  fruit.hangs: soon-gone
  site.landform: timberline | lower-slope?
  site.moisture: moist
  site.shade_tolerance: high
  window pollen: 06-01..06-30
  native US-ID US-MT

genus Pseudotsuga
  in Pinaceae

species Pseudotsuga menziesii (Mirb.) Franco
  in Pseudotsuga
  common: Douglas-fir; red fir
  synonym: Pseudotsuga taxifolia
  prose summary: The trees of this corner are var. glauca, Rocky Mountain Douglas-fir, bluer and smaller in the cone than the coastal variety, with the bracts spread or bent back.
  prose how_to_tell: Sharp-pointed spindle-shaped buds; cones with three-pointed bracts that show beyond the scales.
  form.height: 20-40 (50) m
  form.outline: conical | pyramidal | irregular?
  form.leader: erect
  form.branch_angle: horizontal | ascending? | drooping?
  form.foliage_posture: spreading | drooping? | flat-sprays??
  form.canopy_layer: canopy
  form.growth_rate: moderate
  form.life_span: 300-700 years
  bark.colour: grey | brown | red-brown?
  bark.texture: furrowed | smooth?
  bark.ridge_top: rounded
  bark.ridge_pattern: interlacing | parallel
  bark.young_texture: smooth-with-resin-blisters | smooth
  bark.resin_blisters: yes | no?
  bark.smell: turpentine
  twig.colour: brown | orange?
  twig.hairs: few | none?
  twig.after_needle_fall: raised-scars
  twig.spurs: no
  twig.bud_shape: spindle-shaped
  twig.bud_length: 6-12 mm
  twig.bud_scales: imbricate
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: red-brown
  needle.attachment: stalk
  needle.arrangement: all-round | flat-in-two-rows?
  needle.length: 15-30 (40) mm
  needle.length_variation: all-alike
  needle.section: flat
  needle.flexibility: soft | flexible
  needle.tip: pointed | blunt?
  needle.twist: straight
  needle.margin: smooth
  needle.colour: yellow-green? | dark-green | blue-green?
  needle.bands: below-only
  needle.smell: sweet | fruity?
  needle.density: medium
  flower.colour: red | yellow
  fruit.size: 40-75 (90) mm
  fruit.size @own: 48-76 mm, n = 60
  fruit.colour: brown
  fruit.cone_posture: hanging
  fruit.bracts: three-pointed-and-showing
  fruit.falls: falls-whole
  fruit.prickle: no
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  smell.touch: soft
  site.landform: lower-slope | dry-slope | bench?
  site.moisture: moderate | dry? | moist?
  site.shade_tolerance: medium
  window pollen: 05-01..05-25
  window ripening: 08-20..09-30
  window hanging: 09-01..03-01
  native US-ID US-MT

genus Larix | larch
  in Pinaceae
  leaf.persistence: deciduous
  needle.attachment: clustered-on-spurs
  needle.arrangement: in-tufts-on-spurs
  twig.spurs: yes
  twig.after_needle_fall: spurs
  leaf.autumn_colour: gold | yellow

species Larix occidentalis Nutt.
  in Larix
  common: western larch; tamarack
  prose how_to_tell: Soft needles in tufts on stubby spurs; gold and bare in winter, so that it breaks the rule that conifers keep their needles.
  form.height: 30-55 (65) m
  form.outline: narrow-spire | conical?
  form.leader: erect
  form.branch_angle: horizontal
  form.foliage_posture: spreading
  form.canopy_layer: canopy
  form.growth_rate: fast
  form.life_span: 300-700 years
  bark.colour: red-brown | orange-brown
  bark.texture: plated
  bark.plate_size: 100-400 mm
  bark.young_texture: scaly
  bark.resin_blisters: no
  bark.smell: turpentine | none?
  twig.colour: orange | brown?
  twig.hairs: few | none?
  twig.bud_shape: round
  twig.bud_length: 2-4 mm
  twig.bud_scales: imbricate
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: brown
  needle.per_spur: 15-30 (40)
  needle.length: 25-50 mm
  needle.length_variation: all-alike
  needle.section: triangular | flat?
  needle.flexibility: soft
  needle.tip: pointed
  needle.twist: straight
  needle.margin: smooth
  needle.colour: bright-green | yellow-green?
  needle.bands: none
  needle.smell: none | resin?
  needle.density: loose
  flower.colour: red | yellow
  fruit.size: 25-45 mm
  fruit.colour: brown | red?
  fruit.cone_posture: erect
  fruit.bracts: long-and-bristly
  fruit.falls: falls-whole | stays-for-years?
  fruit.prickle: no
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: through-winter
  smell.touch: soft
  site.landform: lower-slope | bench
  site.moisture: moderate | moist?
  site.shade_tolerance: low
  window leaf_out: 04-15..05-10
  window pollen: 04-20..05-10
  window ripening: 08-20..09-20
  window hanging: 08-20..06-01
  window autumn: 10-05..10-28
  window leaf_fall: 10-20..11-12
  native US-ID US-MT

genus Picea | spruce
  in Pinaceae
  needle.attachment: peg
  twig.after_needle_fall: pegs
  twig.spurs: no
  fruit.cone_posture: hanging
  fruit.bracts: hidden
  fruit.falls: falls-whole

species Picea engelmannii Parry ex Engelm.
  in Picea
  common: Engelmann spruce
  prose summary: In this corner trees grade toward white spruce; fewer hairs on the twig and rounder, smoother cone scales are signs of it.
  prose how_to_tell: Four-sided needles on rough pegs, sharp but bending; fine hairs on the twig; small papery cones with ragged scales.
  form.height: 25-45 (55) m
  form.outline: narrow-spire | conical
  form.leader: erect
  form.branch_angle: drooping | horizontal?
  form.foliage_posture: spreading | drooping?
  form.canopy_layer: canopy
  form.growth_rate: slow
  form.life_span: 300-500 years
  bark.colour: grey | red-brown | brown?
  bark.texture: scaly
  bark.plate_size: 10-30 mm
  bark.young_texture: scaly | smooth?
  bark.resin_blisters: no
  bark.smell: turpentine
  twig.colour: brown | yellow?
  twig.hairs: few | many?
  twig.bud_shape: ovoid | conical
  twig.bud_length: 3-6 mm
  twig.bud_scales: imbricate
  twig.bud_scales_reflexed: yes? | no
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: brown
  needle.arrangement: all-round | brushed-upward?
  needle.length: 16-30 (35) mm
  needle.length_variation: all-alike
  needle.section: square
  needle.flexibility: flexible | stiff?
  needle.tip: sharp | pointed
  needle.twist: curved | straight?
  needle.margin: smooth
  needle.colour: blue-green | dark-green?
  needle.bands: all-four-sides
  needle.smell: rank | pungent?
  needle.density: crowded
  flower.colour: purple | red
  fruit.size: 30-70 (80) mm
  fruit.colour: brown | tan
  fruit.prickle: no
  fruit.scale_edge: ragged
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  smell.touch: prickly
  site.landform: streamside | timberline | lower-slope?
  site.moisture: moist | wet?
  site.shade_tolerance: high
  window pollen: 06-01..06-25
  window ripening: 08-20..09-25
  window hanging: 09-01..03-01
  native US-ID US-MT
`;
