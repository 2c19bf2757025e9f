/** Conifers and the ginkgo: what holds for whole families and genera. */
export const CONIFERS = `
family Pinaceae | pine family
  form.habit: tree
  form.branching: excurrent
  form.trunks: single
  form.trunk_shoots: none | from-the-base? | along-the-trunk??
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
  window pollen: 04-20..06-05

genus Abies | fir
  in Pinaceae
  form.outline: narrow-spire | conical
  needle.attachment: disc
  needle.arrangement: flat-in-two-rows | brushed-upward
  needle.section: flat | square??
  twig.after_needle_fall: discs
  twig.spurs: no
  bark.young_texture: smooth-with-resin-blisters
  bark.resin_blisters: yes
  fruit.cone_posture: erect
  fruit.falls: breaks-apart-on-the-tree
  fruit.prickle: no
  window ripening: 08-25..10-05
  window hanging: 09-01..10-15
  fruit.bracts: hidden | showing?
  fruit.bare_spikes: yes

genus Picea | spruce
  in Pinaceae
  form.outline: narrow-spire | conical
  needle.attachment: peg
  needle.arrangement: all-round | brushed-upward?
  needle.section: square | flat??
  twig.after_needle_fall: pegs
  twig.spurs: no
  fruit.cone_posture: hanging
  fruit.falls: falls-whole
  fruit.prickle: no
  fruit.bracts: hidden
  window ripening: 08-20..10-10
  window hanging: 09-01..12-31
  fruit.bare_spikes: no

genus Pinus | pine
  in Pinaceae
  needle.attachment: in-bundles
  needle.bundle_count: (1) 2-5
  twig.after_needle_fall: bundle-scars
  twig.spurs: no
  fruit.bracts: hidden
  fruit.falls: falls-whole | stays-for-years?
  window ripening: 08-20..10-20
  window hanging: 01-01..12-31
  fruit.bare_spikes: no

genus Pseudotsuga
  in Pinaceae
  needle.attachment: stalk
  needle.section: flat
  needle.bands: below-only | both-sides?
  twig.after_needle_fall: raised-scars | discs?
  twig.bud_shape: spindle-shaped
  twig.spurs: no
  fruit.cone_posture: hanging
  fruit.bracts: three-pointed-and-showing
  fruit.falls: falls-whole
  fruit.prickle: no
  window ripening: 08-15..09-30
  window hanging: 08-20..12-31
  fruit.bare_spikes: no

genus Tsuga | hemlock
  in Pinaceae
  form.leader: nodding | erect?
  needle.attachment: stalk
  needle.section: flat
  twig.after_needle_fall: pegs
  twig.spurs: no
  fruit.cone_posture: hanging
  fruit.falls: falls-whole
  fruit.prickle: no
  fruit.bracts: hidden
  window ripening: 08-25..10-15
  window hanging: 09-01..12-31
  fruit.bare_spikes: no

genus Larix | larch
  in Pinaceae
  leaf.persistence: deciduous
  leaf.autumn_colour: gold | yellow
  needle.attachment: clustered-on-spurs
  needle.arrangement: in-tufts-on-spurs
  needle.flexibility: soft
  twig.after_needle_fall: spurs
  twig.spurs: yes
  fruit.cone_posture: erect
  fruit.prickle: no
  fruit.falls: falls-whole | stays-for-years
  flower.timing: before-the-leaves
  window leaf_out: 04-10..05-10
  window autumn: 10-05..10-31
  window leaf_fall: 10-20..11-15
  window ripening: 08-15..09-30
  window hanging: 01-01..12-31
  fruit.bare_spikes: no

genus Cedrus | cedar
  in Pinaceae
  needle.attachment: clustered-on-spurs
  needle.arrangement: in-tufts-on-spurs
  twig.spurs: yes
  twig.after_needle_fall: spurs
  fruit.cone_posture: erect
  fruit.falls: breaks-apart-on-the-tree
  fruit.prickle: no
  window pollen: 09-15..11-15
  window hanging: 01-01..12-31
  fruit.bare_spikes: yes

family Cupressaceae | cypress family
  older_family: Taxodiaceae
  form.branching: excurrent
  leaf.kind: scale
  leaf.persistence: evergreen
  bark.texture: stringy | blocky? | smooth? | flaking-patches?
  flower.kind: cone-like
  flower.pollinator: wind
  twig.armature: none
  twig.wings: no
  wood.pores: none
  window pollen: 03-01..04-30

genus Thuja | arborvitae; redcedar
  in Cupressaceae
  needle.spray: flattened
  flower.sexual_system: monoecious
  fruit.kind: cone
  fruit.cone_posture: erect
  fruit.prickle: no
  window ripening: 08-20..10-15
  window hanging: 09-01..12-31

genus Juniperus | juniper
  in Cupressaceae
  form.habit: tree | small-tree | shrub
  needle.spray: cord-like
  flower.sexual_system: dioecious | monoecious??
  fruit.kind: fleshy-cone
  fruit.colour: blue | brown?
  window ripening: 09-01..11-15
  window hanging: 01-01..12-31
  leaf.kind: scale | awl

genus Chamaecyparis | false-cypress
  in Cupressaceae
  needle.spray: flattened
  flower.sexual_system: monoecious
  fruit.kind: cone
  window ripening: 09-01..10-31
  window hanging: 09-01..12-31

genus Calocedrus | incense-cedar
  in Cupressaceae
  needle.spray: flattened
  flower.sexual_system: monoecious
  fruit.kind: cone
  fruit.cone_posture: hanging
  window ripening: 08-20..10-15
  window hanging: 09-01..12-31

genus Cupressus | cypress
  in Cupressaceae
  needle.spray: cord-like
  flower.sexual_system: monoecious
  fruit.kind: cone
  window hanging: 01-01..12-31

genus Sequoia
  in Cupressaceae
  leaf.kind: needle
  needle.section: flat
  needle.attachment: decurrent-base
  needle.arrangement: flat-in-two-rows
  form.trunk_shoots: from-the-base
  fruit.kind: cone
  window hanging: 09-01..12-31

genus Sequoiadendron
  in Cupressaceae
  leaf.kind: awl
  needle.arrangement: all-round
  fruit.kind: cone
  fruit.closed_by_resin: no
  fruit.falls: stays-for-years
  window hanging: 01-01..12-31

genus Taxodium | baldcypress
  in Cupressaceae
  leaf.kind: needle
  leaf.persistence: deciduous
  needle.section: flat
  needle.arrangement: flat-in-two-rows
  leaf.autumn_colour: brown | orange
  fruit.kind: cone
  fruit.falls: breaks-apart-on-the-tree
  window leaf_out: 04-05..05-10
  window autumn: 10-05..11-10
  window leaf_fall: 10-25..11-30
  window ripening: 10-01..12-01
  needle.drops_twigs: yes
  form.butt: fluted | kneed

family Taxaceae | yew family
  form.habit: small-tree | shrub
  leaf.kind: needle
  leaf.persistence: evergreen
  needle.section: flat
  needle.arrangement: flat-in-two-rows
  flower.sexual_system: dioecious | monoecious?
  flower.kind: cone-like
  flower.pollinator: wind
  fruit.kind: aril
  twig.armature: none
  wood.pores: none
  window pollen: 03-15..05-10

genus Taxus | yew
  in Taxaceae
  needle.attachment: decurrent-base
  needle.tip: pointed
  needle.bands: none | below-only?
  fruit.colour: red
  window ripening: 08-15..10-15
  window hanging: 08-15..11-15
  caution toxic [taste]: All parts but the red cup are poisonous. Look and leave it; taste nothing.

genus Torreya | nutmeg-yew
  in Taxaceae
  needle.attachment: decurrent-base
  needle.tip: sharp
  fruit.colour: green | purple

family Ginkgoaceae | ginkgo family
  form.habit: tree
  leaf.kind: broad
  leaf.persistence: deciduous
  flower.sexual_system: dioecious
  flower.pollinator: wind
  wood.pores: none

genus Ginkgo
  in Ginkgoaceae
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.shape: fan-shaped
  leaf.venation: forking
  leaf.margin: entire | wavy
  leaf.autumn_colour: yellow
  twig.spurs: yes
  twig.armature: none
  window leaf_out: 04-20..05-15
  window autumn: 10-10..11-05
  window leaf_fall: 10-25..11-15
  window pollen: 04-20..05-15
  window ripening: 09-01..11-15
  caution irritant [touch]: The soft coat of the seed can blister skin and smells bad. Leave fallen seeds where they lie.
`;
