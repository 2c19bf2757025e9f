/** Narrowleaf cottonwood, water birch, Sitka alder and two willows. */
export const WILLOWS = `
species Populus angustifolia E. James
  in Populus
  common: narrowleaf cottonwood; cottonwood
  say: POP-yoo-lus an-gus-tih-FOH-lee-a
  root: angustifolia | Latin | with narrow leaves | leaf.shape=lanceolate
  prose how_to_tell: Willow-like leaves on a cottonwood: narrow, finely toothed, green beneath, with sticky many-scaled buds.
  prose habitat: Streamsides of the mountains to the south and east; here in the arboretum.
  record: 310 19 14 2013 the arboretum
  pair Salix exigua [twig.bud_scales]: Buds with several overlapping sticky scales here, one cap there
  pair Populus trichocarpa [leaf.shape]: Leaf several times longer than wide and green beneath here, broad and pale beneath there
  form.height: 9-18 (22) m
  form.outline: columnar | rounded? | conical?
  form.trunk_shoots: from-the-roots
  bark.colour: yellow-brown | pale-grey | grey?
  bark.texture: furrowed | smooth?
  bark.ridge_pattern: interlacing
  bark.furrow_depth: 5-15 mm
  bark.young_texture: smooth
  bark.lenticel_shape: dots | diamonds?
  twig.colour: yellow | orange | grey?
  twig.hairs: none
  twig.lenticels: few | many?
  twig.thickness: slender
  twig.spurs: yes | no?
  twig.bud_shape: conical | spindle-shaped
  twig.bud_length: 6-16 mm
  twig.bud_sticky: yes
  twig.bud_resin: yes
  twig.bud_colour: red-brown | brown
  twig.leaf_scar: half-round | crescent?
  twig.smell: balsam
  leaf.length: 50-110 (130) mm
  leaf.width: 10-28 (40) mm
  leaf.shape: lanceolate | ovate?
  leaf.margin: serrate | crenate?
  leaf.tooth_size: fine
  leaf.toothed_where: all-round
  leaf.tip: acute | acuminate?
  leaf.base: wedge-shaped | rounded
  leaf.base_symmetry: even
  leaf.venation: pinnate
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth | resin-stained??
  leaf.hairs: none
  leaf.colour_above: yellow-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_length: 5-15 mm
  leaf.petiole_section: grooved | round?
  leaf.glands: none
  leaf.autumn_colour: yellow | gold?
  smell.leaf: balsam | none?
  flower.colour: red | green?
  fruit.size: 5-8 mm
  fruit.hangs: soon-gone
  site.landform: streamside | floodplain
  site.moisture: moist | wet
  site.zones: 3-6
  window leaf_out: 04-22..05-14
  window pollen: 04-05..04-25
  window receptive: 04-05..04-28
  window ripening: 05-25..06-20
  window autumn: 09-25..10-18
  window leaf_fall: 10-06..10-30
  native US-WY US-CO US-UT

species Betula occidentalis Hook.
  in Betula
  common: water birch; red birch
  synonym: Betula fontinalis
  say: BET-yoo-la ok-sih-den-TAY-lis
  root: occidentalis | Latin | of the west | -
  prose how_to_tell: Dark shiny bark that does not peel, clumped stems, warty twigs; small leaves with few veins.
  prose habitat: Streambanks and springs.
  record: 95 11 8 2017 Ledger Loop
  pair Betula papyrifera [bark.texture]: Dark bark that stays tight here, white bark in paper sheets there
  pair Alnus incana subsp. tenuifolia [fruit.kind]: Fruit catkins that fall to pieces here, small woody cones that stay there
  form.habit: shrub | small-tree
  form.height: 3-9 (12) m
  form.outline: spreading | irregular?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: moderate | fast?
  form.trunk_shoots: from-the-base
  bark.colour: red-brown | black | copper?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  bark.branch_scar: none | moustache-shaped?
  bark.peels_where: nowhere
  twig.colour: red-brown | green?
  twig.hairs: few | none?
  twig.glands: warts | resin-dots
  twig.lenticels: many
  twig.thickness: slender
  twig.spurs: yes
  twig.pith: solid
  twig.bud_shape: ovoid | conical?
  twig.bud_length: 3-6 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: yes | no?
  twig.bud_resin: yes | no?
  twig.bud_colour: brown | green?
  twig.terminal_bud: false
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round | crescent
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 20-50 (55) mm
  leaf.width: 15-40 mm
  leaf.shape: ovate | rhombic?
  leaf.margin: doubly-serrate | serrate
  leaf.tooth_size: medium | fine?
  leaf.toothed_where: all-round
  leaf.tip: acute | obtuse?
  leaf.base: wedge-shaped | rounded
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth
  leaf.hairs: none | on-veins?
  leaf.vein_pairs: 2-6
  leaf.colour_above: yellow-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 5-15 mm
  leaf.petiole_section: round | grooved
  leaf.glands: dots-below
  leaf.autumn_colour: yellow | orange?
  smell.leaf: none
  flower.colour: brown | yellow
  fruit.kind: catkin-that-shatters
  fruit.cluster: single | catkin
  fruit.size: 20-35 mm
  fruit.colour: brown
  fruit.dispersal: wind | water?
  fruit.hangs: into-winter
  site.landform: streamside
  site.moisture: wet | moist
  site.shade_tolerance: low | medium?
  site.zones: 3-7
  window leaf_out: 04-22..05-12
  window pollen: 04-12..05-05
  window ripening: 08-10..09-20
  window hanging: 08-10..11-30
  window autumn: 09-22..10-15
  window leaf_fall: 10-05..10-30
  native US-ID US-MT
  twig.winter_catkins: yes

infraspecies Alnus viridis subsp. sinuata (Regel) Á. Löve & D. Löve
  in Alnus
  common: Sitka alder; slide alder; green alder
  synonym: Alnus sinuata; Alnus alnobetula; Alnus alnobetula subsp. sinuata
  say: AL-nus VEER-ih-dis sin-yoo-AY-ta
  root: sinuata | Latin | wavy-edged | leaf.margin=doubly-serrate
  prose how_to_tell: Sharp unstalked buds with several scales; thin shiny leaves, sticky when young; cones on stalks longer than themselves.
  prose habitat: Snow slides and wet slopes, in tangles bent downhill.
  prose why: Its stems lean because snow bends them year after year; told so, not measured here.
  record: 45 6 6 2016 Signal Knob
  pair Alnus incana subsp. tenuifolia [twig.bud_stalk]: Buds pointed and sitting here, blunt on a short stalk there || Sitka sits
  form.habit: shrub | clonal-thicket
  form.height: 1.5-4 (6) m
  form.outline: spreading | irregular
  form.trunks: many
  form.branching: decurrent
  form.lean: leaning | crooked
  form.growth_rate: fast
  form.trunk_shoots: from-the-base
  bark.colour: grey | green-grey
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: dots | lines?
  bark.branch_scar: none
  bark.peels_where: nowhere
  twig.colour: red-brown | brown?
  twig.hairs: none | few?
  twig.glands: resin-dots
  twig.lenticels: many
  twig.thickness: slender | medium?
  twig.pith: solid
  twig.bud_stalk: no
  twig.bud_shape: conical
  twig.bud_length: 8-13 mm
  twig.bud_scales: imbricate
  twig.bud_sticky: yes
  twig.bud_resin: yes
  twig.bud_colour: purple | red-brown
  twig.terminal_bud: true | false
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round
  twig.bundle_scars: 3
  twig.smell: resin | none?
  leaf.length: 40-90 (110) mm
  leaf.width: 30-70 mm
  leaf.shape: ovate
  leaf.margin: doubly-serrate
  leaf.tooth_size: fine | medium
  leaf.toothed_where: all-round
  leaf.tip: acute | acuminate?
  leaf.base: rounded | cordate?
  leaf.surface_above: shiny | sticky?
  leaf.surface_below: smooth
  leaf.hairs: in-vein-axils | none?
  leaf.vein_pairs: 6-9
  leaf.colour_above: yellow-green | mid-green
  leaf.colour_below: green | pale-green
  leaf.texture: thin | papery?
  leaf.petiole_length: 10-20 mm
  leaf.petiole_section: grooved | round
  leaf.glands: dots-below
  leaf.autumn_colour: green | brown
  smell.leaf: none | balsam?
  flower.colour: yellow | red
  flower.timing: with-the-leaves
  fruit.cluster: raceme | cluster
  fruit.size: 12-20 mm
  fruit.stalk: 12-30 mm
  fruit.colour: brown
  fruit.dispersal: wind
  site.landform: lower-slope | timberline | streamside?
  site.moisture: moist | wet?
  site.shade_tolerance: low | medium?
  site.elevation: 1000-2000 m
  site.zones: 2-6
  window leaf_out: 04-28..05-18
  window pollen: 05-01..05-25
  window ripening: 09-01..10-10
  window hanging: 01-01..12-31
  window autumn: 10-01..10-18
  window leaf_fall: 10-08..10-31
  native US-ID US-MT
  twig.pith_outline: triangular
  twig.winter_catkins: yes

genus Salix | willow
  in Salicaceae
  flower.pollinator: both
  twig.bud_scales: one-cap
  twig.terminal_bud: false
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.two_ranked: no
  fruit.hangs: soon-gone
  fruit.colour: green | tan
  bark.branch_scar: none

species Salix scouleriana Barratt ex Hook.
  in Salix
  common: Scouler's willow; upland willow
  say: SAY-liks skoo-ler-ee-AY-na
  root: scouleriana | personal name | for the physician and plant hunter John Scouler | -
  prose how_to_tell: The willow of dry slopes: leaves widest beyond the middle, rusty hairs beneath, catkins before the leaves.
  prose habitat: Upland slopes after fire, far from water; also in thickets.
  record: 140 12 9 2014 Stove Hill
  pair Salix exigua [leaf.shape]: Leaf two or three times as long as wide here, ten times there
  form.habit: shrub | small-tree
  form.height: 3-9 (12) m
  form.outline: rounded | irregular?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-base
  bark.colour: grey | brown?
  bark.texture: smooth? | furrowed
  bark.ridge_pattern: interlacing
  bark.young_texture: smooth
  bark.lenticel_shape: diamonds | none?
  twig.colour: yellow-green | brown | red-brown?
  twig.hairs: many | few?
  twig.lenticels: few
  twig.thickness: medium | stout?
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: ovoid | flattened?
  twig.bud_length: 5-11 mm
  twig.bud_colour: red-brown | yellow?
  twig.bud_hairs: some | dense?
  twig.stipules: lasting | small-and-soon-lost
  twig.leaf_scar: narrow-line | crescent
  twig.bundle_scars: 3
  twig.smell: none | rank?
  leaf.length: 30-80 (100) mm
  leaf.width: 15-35 mm
  leaf.shape: obovate | oblanceolate | elliptic?
  leaf.widest: above-the-middle
  leaf.margin: entire | crenate? | wavy?
  leaf.tip: obtuse | acute | rounded?
  leaf.base: wedge-shaped
  leaf.base_symmetry: even
  leaf.venation: pinnate
  leaf.surface_above: shiny | dull?
  leaf.surface_below: hairy | waxy
  leaf.hairs: rusty-hairs-below | all-over-below?
  leaf.colour_above: dark-green
  leaf.colour_below: white | rusty? | grey-green
  leaf.texture: leathery
  leaf.petiole_length: 5-12 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  smell.leaf: none
  flower.colour: yellow | green
  flower.posture: erect
  flower.timing: before-the-leaves
  fruit.size: 5-8 mm
  site.landform: lower-slope | dry-slope
  site.moisture: moderate | moist?
  site.shade_tolerance: low | medium?
  site.zones: 3-7
  window leaf_out: 04-28..05-16
  window pollen: 04-01..04-25
  window receptive: 04-01..04-28
  window ripening: 05-15..06-15
  window autumn: 09-20..10-12
  window leaf_fall: 10-02..10-26
  native US-ID US-MT

species Salix exigua Nutt.
  in Salix
  common: coyote willow; sandbar willow; narrowleaf willow
  synonym: Salix interior (in part)
  say: SAY-liks ek-SIG-yoo-a
  root: exigua | Latin | small, slight | -
  prose how_to_tell: Gray-green ribbons of leaves on reddish canes in thickets along sandbars.
  prose habitat: Gravel bars and ditches, spreading from the roots.
  record: 40 5 4 2016 Ledger Loop
  form.habit: clonal-thicket | shrub
  form.height: 1.5-4 (6) m
  form.outline: irregular
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-roots
  bark.colour: grey | green-grey | red-brown?
  bark.texture: smooth | furrowed?
  bark.young_texture: smooth
  bark.lenticel_shape: dots | none?
  twig.colour: red-brown | orange? | yellow?
  twig.hairs: few | none | many?
  twig.lenticels: few
  twig.thickness: slender
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: flattened | ovoid?
  twig.bud_length: 2-5 mm
  twig.bud_colour: red-brown | yellow
  twig.bud_hairs: some | none?
  twig.stipules: small-and-soon-lost | none?
  twig.leaf_scar: narrow-line
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 50-120 (150) mm
  leaf.width: 3-10 (14) mm
  leaf.shape: linear
  leaf.widest: at-the-middle
  leaf.margin: entire | serrate
  leaf.tooth_size: fine
  leaf.tip: acuminate | acute
  leaf.base: wedge-shaped
  leaf.base_symmetry: even
  leaf.venation: pinnate
  leaf.surface_above: dull
  leaf.surface_below: hairy | smooth?
  leaf.hairs: both-sides | all-over-below
  leaf.colour_above: grey-green | yellow-green?
  leaf.colour_below: grey-green | silver?
  leaf.texture: thin
  leaf.petiole_length: 1-5 mm
  leaf.petiole_section: round
  leaf.glands: none
  smell.leaf: none
  flower.colour: yellow
  flower.posture: spreading | erect
  flower.timing: with-the-leaves | after-the-leaves?
  fruit.size: 4-7 mm
  site.landform: streamside | floodplain
  site.moisture: wet | moist
  site.shade_tolerance: low
  site.zones: 3-8
  window leaf_out: 04-22..05-12
  window pollen: 05-05..06-10
  window receptive: 05-05..06-10
  window ripening: 06-05..07-15
  window autumn: 09-28..10-18
  window leaf_fall: 10-08..11-03
  native US-ID US-MT
`;
