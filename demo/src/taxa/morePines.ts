/** Ponderosa and western white pine, blue spruce, the two hemlocks and alpine larch. */
export const MORE_PINES = `
species Pinus ponderosa Douglas ex P. Lawson & C. Lawson
  in Pinus
  common: ponderosa pine; western yellow pine
  say: PY-nus pon-der-OH-sa
  root: ponderosa | Latin | heavy, of the wood | -
  prose how_to_tell: Long needles, mostly in threes, in brushes at the ends of stout twigs; orange plated bark that smells of vanilla.
  prose habitat: Dry slopes and benches, in open stands that fire has kept open.
  prose wildlife: Seeds feed nuthatches and squirrels; old trees hold the nests of woodpeckers.
  prose history: Its inner bark was peeled in spring by the peoples of the region; old scars on trunks are protected. Recorded as history, not as advice.
  record: 560 48 15 2014 Stove Hill
  pair Pinus contorta [needle.bundle_count]: Needles mostly in threes and longer than a hand is wide here, in pairs and shorter there || Three for the ponderosa, two for the lodgepole
  pair Pinus monticola [needle.bundle_count]: Needles in threes here, in fives there
  form.height: 25-45 (60) m
  form.trunk_diameter: 60-120 (180) cm
  form.outline: columnar | irregular? | flat-topped??
  form.leader: erect
  form.branch_angle: horizontal | ascending?
  form.foliage_posture: tufted-at-branch-ends
  form.canopy_layer: canopy | open-grown
  form.growth_rate: moderate | fast?
  form.life_span: 300-500 (700) years
  bark.colour: orange-brown | yellow-brown | black?
  bark.texture: plated
  bark.plate_size: 80-400 mm
  bark.furrow_depth: 20-60 mm
  bark.ridge_pattern: rectangles
  bark.young_texture: fissured
  bark.resin_blisters: no
  bark.smell: vanilla | turpentine?
  twig.colour: orange | brown
  twig.hairs: none
  twig.thickness: stout
  twig.bud_shape: ovoid
  twig.bud_length: 12-25 mm
  twig.bud_resin: yes | no?
  twig.bud_sticky: yes | no?
  twig.bud_colour: red-brown
  twig.smell: resin
  needle.bundle_count: 2-3
  needle.section: triangular | half-round?
  needle.sheath: lasting
  needle.arrangement: tufted-at-the-ends
  needle.length: (100) 120-230 (280) mm
  needle.length_variation: all-alike
  needle.flexibility: flexible
  needle.tip: sharp
  needle.twist: straight | twisted?
  needle.margin: finely-toothed
  needle.colour: yellow-green | dark-green
  needle.bands: all-sides | none?
  needle.smell: resin
  needle.density: medium
  flower.colour: red | yellow
  fruit.cluster: single | pairs?
  fruit.size: 70-130 (150) mm
  fruit.colour: brown | red?
  fruit.prickle: yes
  fruit.falls: falls-whole
  fruit.scale_edge: thickened
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  smell.touch: prickly
  site.landform: dry-slope | bench
  site.moisture: dry
  site.shade_tolerance: low
  site.elevation: 600-1500 m
  site.zones: 4-7
  window pollen: 05-15..06-10
  window ripening: 08-20..09-30
  window hanging: 08-20..02-28
  native US-ID US-MT

species Pinus monticola Douglas ex D. Don
  in five-needle pines; Pinus
  common: western white pine; white pine
  say: PY-nus mon-TIK-oh-la
  root: monticola | Latin | dweller in the mountains | -
  prose how_to_tell: Five slender blue-green needles; very long narrow hanging cones; dark bark broken into small squares.
  prose habitat: Moist lower slopes among cedar, hemlock and grand fir.
  prose pests: White pine blister rust, brought in on nursery stock, has killed most of the old stands; the spindle-shaped cankers are its sign.
  record: 610 58 13 2009 Ledger Loop
  pair Pinus flexilis [fruit.size]: A narrow cone as long as a forearm here, a stout one shorter than a hand there
  pair Pinus albicaulis [bark.texture]: Dark bark in small squares here, pale scaly bark there
  form.height: 35-55 (70) m
  form.outline: columnar | narrow-spire?
  form.branch_angle: horizontal
  form.foliage_posture: spreading
  form.canopy_layer: canopy
  form.growth_rate: fast
  form.life_span: 300-400 (500) years
  form.trunks: single
  bark.colour: dark-grey | purple-brown
  bark.texture: blocky
  bark.ridge_pattern: rectangles
  bark.plate_size: 20-60 mm
  twig.hairs: rusty-hairs | few?
  twig.thickness: slender | medium
  twig.bud_length: 8-14 mm
  needle.length: 50-100 mm
  needle.flexibility: flexible
  needle.margin: finely-toothed
  needle.bands: inner-sides
  needle.colour: blue-green
  needle.density: medium
  fruit.cluster: single | cluster
  fruit.size: 150-260 (320) mm
  fruit.stalk: 10-20 mm
  fruit.colour: tan | brown
  fruit.cone_posture: hanging
  fruit.falls: falls-whole
  fruit.scale_edge: rounded
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  fruit.dispersal: wind
  site.landform: lower-slope | bench
  site.moisture: moist | moderate
  site.shade_tolerance: medium
  site.elevation: 700-1500 m
  site.zones: 4-7
  window pollen: 05-25..06-20
  window ripening: 08-15..09-20
  window hanging: 08-15..12-15
  native US-ID US-MT

species Picea pungens Engelm.
  in Picea
  common: blue spruce; Colorado spruce
  say: PY-see-a PUN-jenz
  root: pungens | Latin | piercing | needle.tip=sharp
  prose how_to_tell: Stiff blue needles that stab; bud scales that bend back; cones as long as a finger with wavy papery scales.
  prose habitat: Streamsides of the central and southern Rockies; here only where planted.
  record: 240 27 9 2018 the school drive
  pair Picea engelmannii [twig.bud_scales_reflexed]: Bud scales bend back and needles stab here; scales lie close and needles bend there || If it hurts to shake hands, it is pungens
  form.height: 18-30 (40) m
  form.outline: conical | pyramidal
  form.leader: erect
  form.branch_angle: horizontal
  form.foliage_posture: spreading
  form.canopy_layer: canopy | open-grown
  form.growth_rate: slow
  form.life_span: 200-400 years
  bark.colour: grey | brown?
  bark.texture: scaly | furrowed?
  bark.plate_size: 15-40 mm
  bark.young_texture: scaly | smooth?
  bark.resin_blisters: no
  bark.smell: turpentine
  twig.colour: yellow | brown
  twig.hairs: none
  twig.bud_shape: ovoid | conical?
  twig.bud_length: 6-12 mm
  twig.bud_scales: imbricate
  twig.bud_scales_reflexed: yes
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: brown | yellow?
  needle.arrangement: all-round
  needle.length: 15-30 mm
  needle.length_variation: all-alike
  needle.section: square
  needle.flexibility: stiff
  needle.tip: sharp
  needle.twist: straight | curved?
  needle.margin: smooth
  needle.colour: blue-grey | blue-green | dark-green?
  needle.bands: all-four-sides
  needle.smell: resin | pungent?
  needle.density: crowded
  flower.colour: red | yellow?
  fruit.size: 50-110 mm
  fruit.colour: tan | brown?
  fruit.prickle: no
  fruit.scale_edge: ragged
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: through-winter | into-winter
  smell.touch: prickly
  site.landform: roadside | streamside?
  site.moisture: moderate | moist?
  site.shade_tolerance: medium
  site.zones: 2-7
  window pollen: 05-10..06-05
  window ripening: 08-20..10-05
  window hanging: 09-01..04-01
  planted US-MT
  native US-CO US-UT US-WY US-NM US-AZ

genus Tsuga | hemlock
  in Pinaceae
  needle.attachment: stalk
  needle.section: flat
  twig.after_needle_fall: pegs
  twig.spurs: no
  fruit.cone_posture: hanging
  fruit.falls: falls-whole
  fruit.prickle: no
  fruit.bracts: hidden
  twig.bud_scales: imbricate
  twig.bud_resin: no
  twig.bud_sticky: no
  bark.resin_blisters: no
  smell.touch: soft
  site.shade_tolerance: high

species Tsuga heterophylla (Raf.) Sarg.
  in Tsuga
  common: western hemlock
  say: TSOO-ga het-er-oh-FIL-a
  root: heterophylla | Greek | with different leaves | needle.length_variation=clearly-mixed
  prose how_to_tell: A drooping leader; short flat needles of mixed lengths in two rows; cones no longer than a thumb joint.
  prose habitat: Shaded moist ground near the creek, often on rotten logs.
  record: 430 45 14 2011 Ledger Loop
  pair Tsuga mertensiana [needle.bands]: White lines beneath only and needles in flat rows here; lines on both sides and needles all round there
  form.height: 30-50 (60) m
  form.height @own: 14-24 m, n = 12
  form.outline: conical | narrow-spire?
  form.leader: nodding
  form.branch_angle: drooping | horizontal?
  form.foliage_posture: flat-sprays | drooping
  form.canopy_layer: canopy | subcanopy?
  form.growth_rate: moderate
  form.life_span: 200-500 years
  bark.colour: brown | grey?
  bark.texture: scaly | furrowed
  bark.ridge_top: flat
  bark.young_texture: scaly | smooth?
  bark.smell: none | turpentine?
  bark.inner_colour: red | purple
  twig.colour: yellow | brown?
  twig.hairs: many | few?
  twig.thickness: slender
  twig.bud_shape: ovoid | round?
  twig.bud_length: 2-4 mm
  twig.bud_colour: brown
  needle.arrangement: flat-in-two-rows
  needle.length: 6-20 (25) mm
  needle.length_variation: clearly-mixed
  needle.flexibility: flexible | soft
  needle.tip: blunt | notched?
  needle.twist: straight
  needle.margin: finely-toothed
  needle.colour: dark-green | yellow-green?
  needle.bands: below-only
  needle.smell: resin | none?
  needle.density: loose | medium
  flower.colour: purple | red
  fruit.size: 15-28 mm
  fruit.colour: brown | green?
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: into-winter | through-winter
  site.landform: lower-slope | streamside
  site.moisture: moist | wet?
  site.elevation: 650-1300 m
  site.zones: 5-8
  window pollen: 04-25..05-20
  window ripening: 08-25..10-05
  window hanging: 09-01..05-15
  native US-ID US-MT
  twig.bud_hairs: some

species Tsuga mertensiana (Bong.) Carrière
  in Tsuga
  common: mountain hemlock
  say: TSOO-ga mer-ten-see-AY-na
  root: mertensiana | personal name | for the botanist Karl Heinrich Mertens | -
  prose how_to_tell: Needles all round the twig like stars, blue-green with lines on both sides; cones longer than a thumb.
  prose habitat: Snowy high slopes near timberline.
  record: 330 29 9 2016 Signal Knob
  form.height: 12-30 (40) m
  form.outline: conical | irregular?
  form.leader: nodding | erect?
  form.branch_angle: drooping-with-upturned-ends | drooping
  form.foliage_posture: spreading | tufted-at-branch-ends?
  form.canopy_layer: canopy
  form.growth_rate: slow
  form.life_span: 300-600 (800) years
  bark.colour: purple-brown | dark-grey
  bark.texture: furrowed | scaly?
  bark.ridge_top: rounded
  bark.young_texture: fissured | scaly?
  bark.smell: none | turpentine?
  bark.inner_colour: red
  twig.colour: red-brown | brown
  twig.hairs: many
  twig.thickness: slender | medium?
  twig.bud_shape: conical | ovoid?
  twig.bud_length: 3-5 mm
  twig.bud_colour: red-brown
  needle.arrangement: all-round
  needle.length: 10-25 (30) mm
  needle.length_variation: all-alike
  needle.section: half-round | flat
  needle.flexibility: flexible
  needle.tip: blunt
  needle.twist: curved
  needle.margin: smooth
  needle.colour: blue-green
  needle.bands: both-sides
  needle.smell: resin
  needle.density: crowded | medium?
  flower.colour: purple
  fruit.size: 30-60 (80) mm
  fruit.colour: purple | brown
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  site.landform: timberline | ridge?
  site.moisture: moist
  site.elevation: 1400-2000 m
  site.zones: 4-8
  window pollen: 05-20..06-15
  window ripening: 09-05..10-10
  window hanging: 09-05..01-31
  native US-ID US-MT
  twig.bud_hairs: some

species Larix lyallii Parl.
  in Larix
  common: alpine larch; subalpine larch; tamarack
  say: LAIR-iks ly-AL-ee-eye
  root: lyallii | personal name | for the surgeon and naturalist David Lyall | -
  prose how_to_tell: Soft tufted needles like western larch, but the twigs are woolly; a gnarled tree of timberline rock.
  prose habitat: Rocky timberline on cool slopes, above nearly every other tree.
  record: 290 21 10 2012 Signal Knob
  pair Larix occidentalis [twig.hairs]: Twigs thick with white wool here, nearly bald there || Wool for the weather at timberline
  form.height: 8-18 (25) m
  form.outline: irregular | conical?
  form.leader: erect
  form.branch_angle: horizontal | ascending?
  form.foliage_posture: spreading
  form.canopy_layer: open-grown | canopy?
  form.growth_rate: slow
  form.life_span: 400-700 (1000) years
  bark.colour: grey | purple-brown?
  bark.texture: furrowed | scaly
  bark.young_texture: smooth | scaly?
  bark.resin_blisters: no
  bark.smell: turpentine | none?
  twig.colour: yellow | grey
  twig.hairs: many
  twig.thickness: stout
  twig.bud_shape: round
  twig.bud_length: 3-5 mm
  twig.bud_scales: imbricate
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: brown
  twig.bud_hairs: dense
  needle.per_spur: 30-40 (50)
  needle.length: 20-35 mm
  needle.length_variation: all-alike
  needle.section: square | flat?
  needle.flexibility: soft
  needle.tip: pointed
  needle.twist: straight
  needle.margin: smooth
  needle.colour: blue-green | bright-green?
  needle.bands: none
  needle.smell: none | resin?
  needle.density: medium
  flower.colour: red | yellow
  fruit.size: 30-50 mm
  fruit.colour: purple | brown
  fruit.cone_posture: erect
  fruit.bracts: long-and-bristly
  fruit.falls: stays-for-years
  fruit.prickle: no
  fruit.scale_edge: rounded
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: through-winter
  smell.touch: soft
  site.landform: timberline
  site.moisture: moderate | moist?
  site.shade_tolerance: low
  site.elevation: 1800-2000 m
  site.zones: 3-5
  window leaf_out: 04-18..05-12
  window pollen: 04-20..05-10
  window ripening: 08-20..09-25
  window hanging: 08-20..06-01
  window autumn: 10-08..10-30
  window leaf_fall: 10-22..11-14
  native US-ID US-MT
`;
