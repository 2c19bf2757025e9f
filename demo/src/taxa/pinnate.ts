/** Three with feather-compound leaves, two of them opposite, and the maple. */
export const PINNATE = `
family Rosaceae | rose family
  leaf.kind: broad
  leaf.persistence: deciduous
  flower.kind: showy
  flower.sexual_system: bisexual
  flower.petals: 5
  flower.pollinator: insects

genus Sorbus | mountain-ash; rowan
  in Rosaceae
  leaf.complexity: odd-pinnate
  leaf.arrangement: alternate
  twig.arrangement: alternate
  fruit.kind: pome
  flower.grouping: corymb
  fruit.cluster: corymb
  twig.armature: none

species Sorbus scopulina Greene
  in Sorbus
  common: Greene's mountain-ash; mountain ash
  prose how_to_tell: Feather leaves one at a time along the twig; shiny sticky buds; clusters of orange-red fruit.
  form.habit: shrub | small-tree?
  form.height: 1-4 (6) m
  form.outline: rounded | irregular?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base
  bark.colour: grey | red-brown?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: red-brown | grey?
  twig.hairs: few | none?
  twig.lenticels: many | few?
  twig.thickness: medium | stout?
  twig.spurs: yes | no?
  twig.pith: solid
  twig.bud_shape: conical
  twig.bud_length: 9-15 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: yes
  twig.bud_resin: yes | no?
  twig.bud_colour: red-brown | black?
  twig.bud_hairs: some
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: crescent
  twig.bundle_scars: 5
  twig.smell: bitter-almond | none?
  leaf.leaflet_count: 9-13 (15)
  leaf.leaflet_shape: lanceolate | elliptic | oblong?
  leaf.leaflet_stalk: none
  leaf.leaflet_length: 30-65 mm
  leaf.length: 100-200 mm
  leaf.margin: serrate
  leaf.tooth_size: fine | medium?
  leaf.toothed_where: all-round
  leaf.tip: acuminate | acute
  leaf.base: rounded | wedge-shaped
  leaf.base_symmetry: even | uneven?
  leaf.venation: pinnate
  leaf.surface_above: shiny
  leaf.surface_below: smooth
  leaf.hairs: none | on-veins?
  leaf.colour_above: dark-green
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.autumn_colour: orange | red | yellow?
  smell.leaf: none
  flower.colour: white
  flower.timing: after-the-leaves
  flower.posture: erect
  fruit.size: 7-10 mm
  fruit.colour: orange-red | red
  fruit.hangs: into-winter
  fruit.dispersal: birds
  site.landform: lower-slope | timberline? | streamside?
  site.moisture: moist
  site.shade_tolerance: medium
  leaf.petiole_length: 20-40 mm
  window leaf_out: 05-05..05-25
  window pollen: 06-05..06-28
  window ripening: 08-20..09-25
  window hanging: 08-25..12-31
  window autumn: 09-15..10-08
  window leaf_fall: 09-28..10-22
  native US-ID US-MT

family Adoxaceae | moschatel family
  older_family: Caprifoliaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  flower.kind: showy
  flower.sexual_system: bisexual
  flower.pollinator: insects

genus Sambucus | elder; elderberry
  in Adoxaceae
  leaf.complexity: odd-pinnate
  twig.armature: none
  fruit.kind: drupe
  fruit.dispersal: birds

species Sambucus cerulea Raf.
  in Sambucus
  common: blue elderberry; blue elder
  synonym: Sambucus caerulea; Sambucus mexicana; Sambucus nigra subsp. cerulea; Sambucus nigra subsp. caerulea
  prose how_to_tell: Feather leaves in pairs; stout twigs full of white pith; flat bunches of blue fruit with a pale bloom.
  caution toxic [taste]: Leaves, stems, bark and raw fruit are poisonous. Do not taste; wash hands. For any use ask a qualified professional.
  form.habit: shrub | small-tree?
  form.height: 2-6 (9) m
  form.outline: spreading | rounded?
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-base
  bark.colour: brown | grey?
  bark.texture: furrowed
  bark.ridge_pattern: interlacing
  bark.young_texture: smooth | fissured?
  bark.lenticel_shape: dots
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: green | brown | purple?
  twig.hairs: none
  twig.lenticels: many
  twig.thickness: stout
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: ovoid
  twig.bud_length: 3-7 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: purple | green | brown?
  twig.bud_hairs: none
  twig.terminal_bud: twig-tip-dies
  twig.stipules: none | small-and-soon-lost?
  twig.leaf_scar: shield-shaped | crescent?
  twig.bundle_scars: 5 (7)
  twig.smell: rank
  leaf.leaflet_count: 5-9
  leaf.leaflet_shape: lanceolate | ovate?
  leaf.leaflet_stalk: short
  leaf.leaflet_length: 50-130 mm
  leaf.length: 150-300 mm
  leaf.margin: serrate
  leaf.tooth_size: medium | fine?
  leaf.toothed_where: all-round
  leaf.tip: acuminate
  leaf.base: rounded | wedge-shaped
  leaf.base_symmetry: uneven | even?
  leaf.venation: pinnate
  leaf.surface_above: dull
  leaf.surface_below: waxy | smooth?
  leaf.hairs: none
  leaf.colour_above: mid-green | blue-green?
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.autumn_colour: yellow | green
  smell.leaf: rank
  flower.colour: cream | white
  flower.grouping: corymb | umbel?
  flower.petals: 5
  flower.timing: after-the-leaves
  flower.posture: erect
  fruit.cluster: corymb | umbel?
  fruit.size: 4-6 mm
  fruit.colour: blue | black?
  fruit.hangs: soon-gone
  site.landform: roadside | dry-slope | streamside?
  site.moisture: moderate | dry?
  site.shade_tolerance: low
  leaf.petiole_length: 30-60 mm
  window leaf_out: 04-20..05-10
  window pollen: 06-05..07-10
  window ripening: 08-15..09-25
  window hanging: 08-20..10-05
  window autumn: 09-25..10-15
  window leaf_fall: 10-01..10-25
  native US-ID US-MT
  twig.pith_width: wide
  twig.pith_colour: white
  fruit.texture: waxy-bloom

family Oleaceae | olive family
  leaf.kind: broad
  twig.arrangement: opposite
  leaf.arrangement: opposite

genus Fraxinus | ash
  in Oleaceae
  leaf.persistence: deciduous
  leaf.complexity: odd-pinnate
  twig.armature: none
  fruit.kind: samara
  fruit.wings: one-at-the-end

species Fraxinus pennsylvanica Marshall
  in Fraxinus
  common: green ash; red ash
  prose how_to_tell: Feather leaves in pairs; woolly brown buds set close above half-round scars; single winged keys.
  form.habit: tree
  form.height: 12-20 (25) m
  form.outline: rounded | ovoid?
  form.trunks: single
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: none | from-the-base?
  bark.colour: grey | brown?
  bark.texture: furrowed
  bark.ridge_pattern: interlacing
  bark.young_texture: smooth | fissured
  bark.lenticel_shape: dots | none
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: grey | green? | brown?
  twig.hairs: few | many? | none?
  twig.lenticels: few | many?
  twig.thickness: stout | medium
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: round | ovoid | conical?
  twig.bud_length: 3-8 mm
  twig.bud_scales: imbricate | valvate?
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown | rusty
  twig.bud_hairs: dense | rusty
  twig.terminal_bud: true
  twig.stipules: none
  twig.leaf_scar: half-round
  twig.bundle_scars: 8-20
  twig.smell: none
  leaf.leaflet_count: 5-9
  leaf.leaflet_shape: lanceolate | elliptic | ovate?
  leaf.leaflet_stalk: short
  leaf.leaflet_length: 60-120 mm
  leaf.length: 150-300 mm
  leaf.margin: serrate | entire?
  leaf.tooth_size: fine | medium
  leaf.toothed_where: upper-half | all-round
  leaf.tip: acuminate | acute?
  leaf.base: wedge-shaped | rounded?
  leaf.base_symmetry: even | uneven?
  leaf.venation: pinnate
  leaf.surface_above: shiny | dull
  leaf.surface_below: smooth | hairy?
  leaf.hairs: on-veins | none?
  leaf.colour_above: mid-green | dark-green?
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.autumn_colour: yellow
  smell.leaf: none
  flower.sexual_system: dioecious
  flower.kind: inconspicuous
  flower.colour: green | purple
  flower.grouping: panicle
  flower.timing: before-the-leaves
  flower.posture: spreading
  flower.pollinator: wind
  fruit.cluster: panicle
  fruit.size: 30-55 mm
  fruit.colour: tan | green?
  fruit.hangs: through-winter
  fruit.dispersal: wind
  site.landform: floodplain | roadside | streamside
  site.moisture: moist | moderate
  site.shade_tolerance: low
  leaf.petiole_length: 25-50 mm
  window leaf_out: 05-05..05-25
  window pollen: 04-25..05-12
  window receptive: 04-25..05-12
  window ripening: 08-20..09-30
  window hanging: 08-20..03-15
  window autumn: 09-12..09-28
  window leaf_fall: 09-20..10-05
  twig.bundle_pattern: one-curved-line

family Sapindaceae | soapberry family
  older_family: Aceraceae
  leaf.kind: broad

genus Acer | maple
  in Sapindaceae
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  fruit.kind: paired-samara
  fruit.dispersal: wind
  twig.armature: none

species Acer glabrum Torr.
  in Acer
  common: Rocky Mountain maple; mountain maple; Douglas maple
  prose how_to_tell: Lobed leaves in pairs on red stalks; now and then a leaf cut into three leaflets on the same tree.
  form.habit: shrub | small-tree
  form.height: 3-9 (12) m
  form.outline: irregular | spreading?
  form.trunks: many | few
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base
  bark.colour: grey | red-brown?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: none | dots?
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: red | red-brown | purple?
  twig.hairs: none
  twig.lenticels: few
  twig.thickness: slender
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: ovoid | conical?
  twig.bud_length: 4-7 mm
  twig.bud_scales: valvate
  twig.bud_stalk: yes | no?
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red | red-brown?
  twig.bud_hairs: none
  twig.terminal_bud: true
  twig.stipules: none
  twig.leaf_scar: narrow-line | crescent?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.complexity: simple | trifoliolate??
  leaf.shapes_on_one_tree: one-shape | simple-and-three-part??
  leaf.lobe_count: 3-5
  leaf.lobe_tip: pointed
  leaf.length: 50-110 (130) mm
  leaf.width: 50-120 mm
  leaf.shape: orbicular | cordate? | ovate?
  leaf.margin: serrate | doubly-serrate
  leaf.tooth_size: coarse
  leaf.tip: acute
  leaf.base: cordate | truncate?
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth
  leaf.hairs: none
  leaf.colour_above: mid-green | dark-green?
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 40-100 mm
  leaf.petiole_colour: red
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  leaf.autumn_colour: yellow | orange? | red?
  smell.leaf: none
  flower.sexual_system: dioecious | mixed
  flower.kind: inconspicuous
  flower.colour: green | yellow
  flower.grouping: corymb | raceme?
  flower.timing: with-the-leaves
  flower.posture: spreading | hanging?
  flower.pollinator: insects
  fruit.wings: two-at-a-narrow-angle | two-at-a-right-angle?
  fruit.cluster: corymb | pairs
  fruit.size: 20-30 mm
  fruit.colour: tan | red
  fruit.hangs: into-winter
  site.landform: lower-slope | streamside
  site.moisture: moist | moderate
  site.shade_tolerance: medium
  window leaf_out: 04-25..05-18
  window pollen: 05-05..05-25
  window receptive: 05-05..05-25
  window ripening: 08-01..09-15
  window hanging: 08-01..11-15
  window autumn: 09-18..10-12
  window leaf_fall: 10-01..10-26
  native US-ID US-MT
`;
