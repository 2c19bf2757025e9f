/** Sumacs and poison-ivy: two with three leaflets, only one of them safe to touch. */
export const SUMACS = `
family Anacardiaceae | sumac family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  twig.armature: none
  twig.two_ranked: no
  twig.stipules: none
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.spurs: no
  fruit.kind: drupe
  bark.branch_scar: none

genus Rhus | sumac
  in Anacardiaceae
  fruit.colour: red
  fruit.texture: hairy
  flower.sexual_system: dioecious | mixed

species Rhus glabra L.
  in Rhus
  common: smooth sumac
  say: ROOS GLAY-bra
  root: glabra | Latin | smooth, hairless | twig.hairs=none
  prose how_to_tell: Long feather leaves white beneath on stout bald twigs full of pith; upright red cones of fuzzy fruit.
  prose habitat: Dry slopes and roadsides, in thickets.
  record: 30 4 4 2018 Stove Hill
  pair Sambucus cerulea [twig.arrangement]: Feather leaves one at a time here, in pairs there
  form.habit: shrub | clonal-thicket
  form.height: 1-3 (5) m
  form.outline: spreading | flat-topped
  form.trunks: many | few
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-roots
  bark.colour: grey | brown?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: dots | lines?
  twig.colour: brown | green? | purple
  twig.hairs: none
  twig.lenticels: many | few?
  twig.thickness: stout
  twig.pith: solid
  twig.bud_shape: round | conical?
  twig.bud_length: 3-6 mm
  twig.bud_scales: naked
  twig.bud_colour: brown | rusty
  twig.bud_hairs: dense
  twig.terminal_bud: twig-tip-dies | false
  twig.leaf_scar: horseshoe
  twig.bundle_scars: 5-9
  twig.smell: none | resin?
  leaf.complexity: odd-pinnate
  leaf.leaflet_count: 11-21 (31)
  leaf.leaflet_shape: lanceolate | oblong?
  leaf.leaflet_stalk: none | short?
  leaf.leaflet_length: 50-100 mm
  leaf.length: 250-450 mm
  leaf.margin: serrate
  leaf.tooth_size: medium | coarse?
  leaf.toothed_where: all-round
  leaf.tip: acuminate
  leaf.base: rounded | wedge-shaped?
  leaf.base_symmetry: even | uneven?
  leaf.venation: pinnate
  leaf.surface_above: dull | shiny?
  leaf.surface_below: waxy
  leaf.hairs: none
  leaf.colour_above: dark-green
  leaf.colour_below: white | grey-green?
  leaf.texture: thin | leathery?
  leaf.petiole_length: 50-110 mm
  leaf.petiole_colour: red | purple?
  leaf.petiole_section: round
  leaf.glands: none
  leaf.sap: milky | sticky?
  leaf.autumn_colour: red | orange?
  smell.leaf: none
  flower.kind: showy | inconspicuous
  flower.colour: yellow | green
  flower.grouping: panicle
  flower.petals: 5
  flower.posture: erect
  flower.timing: after-the-leaves
  flower.pollinator: insects
  fruit.cluster: panicle
  fruit.size: 3-5 mm
  fruit.hangs: through-winter
  fruit.dispersal: birds
  site.landform: dry-slope | roadside
  site.moisture: dry
  site.shade_tolerance: low
  site.zones: 3-9
  window leaf_out: 05-05..05-22
  window pollen: 06-10..07-10
  window receptive: 06-10..07-10
  window ripening: 08-10..09-25
  window hanging: 08-10..03-31
  window autumn: 09-10..10-05
  window leaf_fall: 09-25..10-18
  native US-ID US-MT
  twig.pith_width: wide
  twig.pith_colour: brown | tan?
  twig.bloom: yes

species Rhus trilobata Nutt.
  in Rhus
  common: skunkbush sumac; skunkbush
  synonym: Rhus aromatica subsp. trilobata
  say: ROOS try-loh-BAY-ta
  root: trilobata | Latin | three-lobed | leaf.complexity=trifoliolate
  prose how_to_tell: Three small lobed leaflets, the end one without a stalk of its own; a rank smell; red hairy fruit in tight bunches.
  prose habitat: Dry rocky slopes and breaks.
  prose mnemonic: Middle leaf on a stalk, walk; middle leaf that sits, still look before you touch.
  record: 12 2 3 2019 Stove Hill
  pair Toxicodendron rydbergii [leaf.leaflet_stalk]: The end leaflet sits without a stalk here, stands on a long stalk there: look, never touch, until it is sure || Long middle stalk, take a walk
  form.habit: shrub
  form.height: 0.5-1.5 (2.5) m
  form.outline: rounded | spreading
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-roots | from-the-base
  bark.colour: grey | brown
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: dots
  twig.colour: brown | grey?
  twig.hairs: few | many?
  twig.lenticels: few | many?
  twig.thickness: slender
  twig.pith: solid
  twig.bud_shape: round
  twig.bud_length: 1-2 mm
  twig.bud_scales: naked
  twig.bud_colour: yellow | brown
  twig.bud_hairs: dense
  twig.terminal_bud: false | twig-tip-dies?
  twig.leaf_scar: raised-semicircle
  twig.bundle_scars: 5-7
  twig.smell: rank
  leaf.complexity: trifoliolate
  leaf.leaflet_count: 3
  leaf.leaflet_shape: wedge-shaped | obovate | rhombic?
  leaf.leaflet_stalk: none
  leaf.leaflet_length: 10-30 mm
  leaf.length: 20-55 mm
  leaf.margin: crenate
  leaf.tooth_size: coarse
  leaf.toothed_where: upper-half
  leaf.tip: rounded | obtuse
  leaf.base: wedge-shaped
  leaf.base_symmetry: even | uneven?
  leaf.venation: pinnate
  leaf.surface_above: dull | shiny?
  leaf.surface_below: smooth | hairy
  leaf.hairs: on-veins | all-over-below?
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_length: 6-18 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  leaf.sap: clear
  leaf.autumn_colour: red | orange
  smell.leaf: rank | spicy?
  flower.kind: inconspicuous | showy?
  flower.colour: yellow
  flower.grouping: cluster
  flower.posture: spreading | erect
  flower.timing: before-the-leaves
  flower.pollinator: insects
  fruit.cluster: cluster
  fruit.size: 5-8 mm
  fruit.hangs: into-winter
  fruit.dispersal: birds | mammals?
  site.landform: dry-slope | ridge?
  site.moisture: dry
  site.shade_tolerance: low
  site.zones: 3-8
  window leaf_out: 05-01..05-20
  window pollen: 04-15..05-08
  window receptive: 04-15..05-08
  window ripening: 07-10..08-31
  window hanging: 07-10..12-15
  window autumn: 09-12..10-05
  window leaf_fall: 09-25..10-20
  native US-ID US-MT
  leaf.end_leaflet_stalk: none | as-short-as-the-others?
  twig.winter_catkins: yes

genus Toxicodendron | poison-ivy and its kin
  in Anacardiaceae
  flower.sexual_system: dioecious
  caution irritant [touch lens smell taste cut measure]: Touching any part in any season can blister the skin. Look only, and keep clothes and tools off it.

species Toxicodendron rydbergii (Small ex Rydb.) Greene
  in Toxicodendron
  common: western poison-ivy; poison ivy
  synonym: Rhus radicans var. rydbergii; Toxicodendron radicans subsp. rydbergii
  say: tok-sih-koh-DEN-dron rid-BERG-ee-eye
  root: Toxicodendron | Greek | poison tree | -
  root: rydbergii | personal name | for the botanist Per Axel Rydberg | -
  prose how_to_tell: Three leaflets, the middle one on a long stalk; a low shrub with white berries; leave it alone.
  prose habitat: Rocky banks, roadsides and river terraces.
  prose mnemonic: Leaflets three, middle stalk long: step aside and move along.
  caution irritant [touch lens smell taste cut measure]: Touching any part, leafless twigs too, can blister the skin; smoke of it harms the lungs. Look from a step away. For a reaction ask a qualified professional.
  form.habit: shrub | clonal-thicket
  form.height: 0.3-1 (2) m
  form.outline: irregular | columnar?
  form.trunks: many | few
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-roots
  bark.colour: grey | brown
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: dots
  twig.colour: grey | brown
  twig.hairs: few | none?
  twig.lenticels: many | few?
  twig.thickness: slender | medium?
  twig.pith: solid
  twig.bud_shape: conical
  twig.bud_length: 4-8 mm
  twig.bud_scales: naked
  twig.bud_colour: brown | rusty?
  twig.bud_hairs: dense
  twig.terminal_bud: true
  twig.leaf_scar: crescent | heart-shaped?
  twig.bundle_scars: 5-9
  twig.smell: none
  leaf.complexity: trifoliolate
  leaf.leaflet_count: 3
  leaf.leaflet_shape: ovate | rhombic?
  leaf.leaflet_stalk: short | none?
  leaf.leaflet_length: 40-120 mm
  leaf.length: 100-250 mm
  leaf.margin: entire | wavy | crenate?
  leaf.tooth_size: coarse
  leaf.tip: acute | acuminate
  leaf.base: rounded | wedge-shaped?
  leaf.base_symmetry: uneven | even
  leaf.venation: pinnate
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth | hairy?
  leaf.hairs: on-veins | none?
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_length: 50-120 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  leaf.autumn_colour: red | orange | yellow?
  smell.leaf: none
  flower.kind: inconspicuous
  flower.colour: cream | green
  flower.grouping: panicle
  flower.posture: spreading
  flower.timing: after-the-leaves
  flower.pollinator: insects
  fruit.cluster: panicle | cluster
  fruit.size: 4-6 mm
  fruit.colour: white | tan
  fruit.texture: smooth
  fruit.hangs: through-winter
  fruit.dispersal: birds
  site.landform: streamside | roadside | dry-slope?
  site.moisture: moderate | dry?
  site.shade_tolerance: low | medium?
  site.zones: 3-8
  window leaf_out: 04-28..05-16
  window pollen: 06-01..06-25
  window receptive: 06-01..06-25
  window ripening: 08-10..09-20
  window hanging: 08-10..03-15
  window autumn: 09-08..10-02
  window leaf_fall: 09-22..10-14
  native US-ID US-MT
  twig.bud_stalk: yes
  leaf.end_leaflet_stalk: longer-than-the-others
`;
