/** Redcedar, juniper and yew. */
export const CEDARS = `
family Cupressaceae | cypress family
  form.branching: excurrent
  leaf.kind: scale
  leaf.persistence: evergreen
  bark.texture: stringy
  flower.kind: cone-like
  flower.pollinator: wind
  twig.armature: none
  twig.wings: no
  wood.pores: none
  twig.spurs: no
  bark.resin_blisters: no
  twig.bud_scales: naked

genus Thuja | arborvitae; redcedar
  in Cupressaceae
  needle.spray: flattened

species Thuja plicata Donn ex D. Don
  in Thuja
  common: western redcedar; red cedar; giant arborvitae
  say: THOO-ya ply-KAY-ta
  root: plicata | Latin | folded, of the overlapping scale leaves | leaf.kind=scale
  prose how_to_tell: Flat fern-like sprays of scales; stringy bark; little upright cones like rosebuds.
  prose habitat: Wet ground along the creek, with hemlock.
  prose history: The peoples of the coast and the inland valleys made planks, boats and cloth from it. Recorded as history.
  record: 980 44 15 2005 Ledger Loop
  pair Juniperus scopulorum [needle.spray]: Sprays flat as if ironed here, round as a cord there; a small woody cone here, a blue berry there
  form.habit: tree
  form.height: 30-50 (60) m
  form.outline: conical | pyramidal?
  form.leader: nodding | erect
  form.trunks: single | few?
  form.branch_angle: drooping-with-upturned-ends
  form.foliage_posture: flat-sprays | drooping
  form.canopy_layer: canopy
  form.growth_rate: moderate | fast?
  form.life_span: 500-1000 (1500) years
  form.trunk_shoots: none
  bark.colour: red-brown | grey
  bark.young_texture: stringy | smooth?
  bark.ridge_pattern: interlacing | parallel
  bark.smell: none
  twig.colour: green | brown
  twig.hairs: none
  twig.thickness: slender
  needle.scale_length: 1-3 mm
  needle.scale_gland: none | faint?
  needle.colour: yellow-green | bright-green
  needle.smell: fruity | sweet
  flower.sexual_system: monoecious
  flower.colour: red | yellow
  fruit.kind: cone
  fruit.cone_posture: erect
  fruit.bracts: hidden
  fruit.prickle: no
  fruit.cluster: cluster
  fruit.size: 10-14 mm
  fruit.colour: brown | green?
  fruit.falls: falls-whole | stays-for-years?
  fruit.scale_edge: rounded | pointed?
  fruit.symmetry: even
  fruit.closed_by_resin: no
  fruit.hangs: through-winter
  fruit.dispersal: wind
  smell.touch: smooth | soft?
  site.landform: streamside | lower-slope
  site.moisture: wet | moist
  site.shade_tolerance: high
  site.elevation: 600-1300 m
  site.zones: 5-8
  window pollen: 03-20..04-25
  window ripening: 08-20..10-10
  window hanging: 08-25..03-31
  native US-ID US-MT
  form.butt: fluted | flared

genus Juniperus | juniper
  in Cupressaceae
  needle.spray: cord-like
  flower.sexual_system: dioecious
  fruit.kind: fleshy-cone

species Juniperus scopulorum Sarg.
  in Juniperus
  common: Rocky Mountain juniper; red cedar
  say: joo-NIP-er-us skop-yoo-LOR-um
  root: scopulorum | Latin | of the cliffs | -
  prose how_to_tell: Cord-like twigs of tiny scales with no flat side; blue berry-like cones that take two years.
  prose habitat: Dry rocky slopes and river breaks.
  record: 260 13 8 2015 Stove Hill
  caution allergy []: The pollen of the male tree is a strong allergen in spring. Keep away when clouds of pollen come off it. For an allergy ask a qualified professional.
  form.habit: small-tree | shrub? | tree?
  form.height: 4-10 (15) m
  form.outline: irregular | conical? | columnar?
  form.leader: erect
  form.trunks: single | few | many?
  form.branch_angle: ascending
  form.foliage_posture: upright | drooping?
  form.canopy_layer: open-grown
  form.growth_rate: slow
  form.life_span: 250-500 (1000) years
  form.trunk_shoots: none
  bark.colour: red-brown | grey
  bark.young_texture: stringy | smooth?
  bark.smell: none
  twig.colour: green | brown?
  twig.hairs: none
  twig.thickness: slender
  needle.scale_length: 1-2 mm
  needle.scale_gland: faint | clear?
  needle.colour: blue-green | blue-grey | dark-green?
  needle.smell: pungent | resin
  flower.colour: yellow | brown
  fruit.cluster: single | cluster
  fruit.size: 6-9 mm
  fruit.colour: blue
  fruit.texture: waxy-bloom
  fruit.hangs: for-years
  fruit.dispersal: birds
  smell.touch: prickly? | smooth
  site.landform: dry-slope | ridge
  site.moisture: dry
  site.shade_tolerance: low
  site.elevation: 600-1500 m
  site.zones: 3-7
  window pollen: 04-05..05-05
  window ripening: 09-01..11-15
  window hanging: 01-01..12-31
  native US-ID US-MT
  leaf.kind: scale | awl?

family Taxaceae | yew family
  leaf.kind: needle
  leaf.persistence: evergreen
  flower.kind: cone-like
  flower.pollinator: wind
  fruit.kind: aril
  twig.armature: none
  twig.wings: no
  wood.pores: none

genus Taxus | yew
  in Taxaceae

species Taxus brevifolia Nutt.
  in Taxus
  common: Pacific yew; western yew
  say: TAK-sus brev-ih-FOH-lee-a
  root: brevifolia | Latin | with short leaves | -
  prose how_to_tell: Flat needles in two rows, green on both sides with a sharp soft point; purple peeling bark; a red cup round one seed.
  prose habitat: Shade beneath cedar and hemlock.
  prose history: Its bark was the first source of a cancer medicine, now made otherwise. Recorded as history, not as advice.
  record: 210 13 10 2010 Ledger Loop
  caution toxic [taste]: All parts but the red aril are deadly poisonous, the seed too. Taste nothing and wash hands. Ask a qualified professional at any doubt.
  pair Tsuga heterophylla [needle.bands]: Green beneath and bare of white lines, on green twigs here; white lines beneath on yellow-brown twigs there
  pair Abies grandis [needle.tip]: Needles end in a point here, in a notch there
  form.habit: small-tree | shrub
  form.height: 4-12 (15) m
  form.outline: irregular | spreading?
  form.leader: erect | nodding?
  form.branching: excurrent | decurrent?
  form.trunks: single | few?
  form.branch_angle: horizontal | drooping
  form.foliage_posture: flat-sprays | drooping?
  form.canopy_layer: understorey
  form.growth_rate: slow
  form.life_span: 200-400 years
  form.trunk_shoots: none | from-the-base?
  form.lean: leaning? | crooked | upright
  bark.colour: purple-brown | red-brown
  bark.texture: flaking-patches | scaly
  bark.inner_colour: red | purple
  bark.young_texture: scaly | smooth
  bark.plate_size: 15-60 mm
  bark.resin_blisters: no
  bark.smell: none
  bark.lenticel_shape: none
  twig.colour: green
  twig.hairs: none
  twig.thickness: slender
  twig.spurs: no
  twig.after_needle_fall: raised-scars
  twig.bud_shape: round | ovoid?
  twig.bud_length: 2-3 mm
  twig.bud_scales: imbricate
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: green | yellow?
  twig.smell: none
  needle.attachment: decurrent-base | stalk
  needle.arrangement: flat-in-two-rows
  needle.length: 12-25 (30) mm
  needle.length_variation: all-alike
  needle.section: flat
  needle.flexibility: soft | flexible
  needle.tip: pointed
  needle.twist: curved? | straight
  needle.margin: smooth
  needle.colour: yellow-green | dark-green
  needle.bands: none
  needle.smell: none
  needle.density: medium
  flower.sexual_system: dioecious
  flower.colour: yellow | green
  flower.grouping: single
  fruit.cluster: single
  fruit.size: 7-10 mm
  fruit.colour: red
  fruit.hangs: soon-gone
  fruit.dispersal: birds
  smell.touch: soft
  site.landform: streamside | lower-slope
  site.moisture: moist
  site.shade_tolerance: high
  site.elevation: 650-1500 m
  site.zones: 4-8
  window pollen: 04-10..05-10
  window receptive: 04-10..05-10
  window ripening: 08-20..10-10
  window hanging: 08-20..10-31
  native US-ID US-MT
`;
