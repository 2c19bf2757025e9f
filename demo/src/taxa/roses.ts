/** The rose family: two cherries, serviceberry, hawthorn and European mountain-ash. */
export const ROSES = `
genus Prunus | cherry; plum
  in Rosaceae
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  leaf.arrangement: alternate
  twig.arrangement: alternate
  twig.armature: none
  twig.pith: solid
  fruit.kind: drupe
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  twig.smell: bitter-almond
  smell.leaf: bitter-almond | none?

species Prunus virginiana L.
  in Prunus
  common: chokecherry; common chokecherry
  say: PROO-nus vir-jin-ee-AY-na
  root: virginiana | place name | of Virginia, for which it was named | -
  prose how_to_tell: Broad leaves with fine sharp teeth and two knobs on the stalk; fruit on a long string; each bud scale pale at its edge.
  prose habitat: Streamsides, draws and roadsides, in thickets.
  prose history: The fruit was pounded and dried by the peoples of the plains and valleys. Recorded as history, not as advice.
  record: 90 10 8 2015 Ledger Loop
  caution toxic [taste]: Leaves, twigs and the pits of the fruit hold cyanide. Taste nothing; keep from animals. For any use ask a qualified professional.
  pair Prunus emarginata [twig.bud_hairs]: Bud scales bald with a pale edge here, finely hairy there: bring a lens
  form.habit: shrub | small-tree | clonal-thicket?
  form.height: 2-6 (10) m
  form.outline: irregular | rounded?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-roots | from-the-base
  bark.colour: grey | red-brown | purple-brown?
  bark.texture: smooth | scaly?
  bark.young_texture: smooth
  bark.branch_scar: none
  bark.smell: bitter-almond
  bark.resin_blisters: no
  bark.peels_where: nowhere
  twig.two_ranked: no
  twig.colour: red-brown | grey?
  twig.hairs: none | few?
  twig.lenticels: many
  twig.thickness: slender | medium?
  twig.spurs: yes | no?
  twig.bud_shape: conical | ovoid
  twig.bud_length: 4-9 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown | red-brown
  twig.bud_hairs: none
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round | crescent?
  twig.bundle_scars: 3
  leaf.length: 50-100 (120) mm
  leaf.width: 28-55 mm
  leaf.shape: obovate | elliptic | ovate?
  leaf.widest: above-the-middle | at-the-middle
  leaf.margin: serrate
  leaf.tooth_size: fine
  leaf.tooth_shape: sharp
  leaf.toothed_where: all-round
  leaf.tip: acuminate | acute
  leaf.base: rounded | wedge-shaped?
  leaf.base_symmetry: even
  leaf.surface_above: shiny | dull?
  leaf.surface_below: smooth
  leaf.hairs: none | in-vein-axils?
  leaf.vein_pairs: 8-11
  leaf.colour_above: dark-green
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_length: 10-20 mm
  leaf.petiole_section: grooved
  leaf.glands: on-the-petiole
  leaf.autumn_colour: red | orange? | yellow
  flower.colour: white
  flower.grouping: raceme
  flower.posture: hanging | spreading
  flower.timing: after-the-leaves
  flower.smell: sweet | musky?
  fruit.cluster: raceme
  fruit.size: 6-11 mm
  fruit.colour: black | purple | red?
  fruit.hangs: soon-gone
  fruit.dispersal: birds | mammals?
  site.landform: streamside | roadside | lower-slope
  site.moisture: moderate | moist
  site.shade_tolerance: low | medium?
  site.zones: 2-7
  window leaf_out: 04-20..05-10
  window pollen: 05-15..06-05
  window ripening: 07-25..09-05
  window hanging: 07-25..09-25
  window autumn: 09-12..10-05
  window leaf_fall: 09-25..10-18
  native US-ID US-MT
  twig.bud_scale_margin: pale-edged
  bark.lenticel_shape: dots | lines?

species Prunus emarginata (Douglas ex Hook.) D. Dietr.
  in Prunus
  common: bitter cherry
  say: PROO-nus ee-mar-jih-NAY-ta
  root: emarginata | Latin | notched at the tip | -
  prose how_to_tell: Narrow blunt leaves with round teeth and knobs at the foot of the blade; a few red cherries in a flat bunch; hairy buds.
  prose habitat: Open slopes and burns.
  prose why: It is said to be named for notched petals or leaf tips; the tip is rounded more often than notched.
  record: 110 13 8 2014 Stove Hill
  caution toxic [taste]: Leaves, twigs and the pits of the fruit hold cyanide. Taste nothing; keep from animals. For any use ask a qualified professional.
  form.habit: shrub | small-tree | clonal-thicket?
  form.height: 2-7 (12) m
  form.outline: irregular | rounded?
  form.trunks: many | few?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-roots | from-the-base
  bark.colour: red-brown | grey | copper?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.branch_scar: none
  bark.smell: bitter-almond
  bark.resin_blisters: no
  bark.peels_where: nowhere
  twig.two_ranked: no
  twig.colour: red-brown | purple?
  twig.hairs: none | few?
  twig.lenticels: many
  twig.thickness: slender
  twig.spurs: yes
  twig.bud_shape: ovoid | conical
  twig.bud_length: 3-7 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red-brown | brown
  twig.bud_hairs: dense
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round
  twig.bundle_scars: 3
  leaf.length: 25-60 (80) mm
  leaf.width: 10-28 mm
  leaf.shape: oblanceolate | oblong | elliptic?
  leaf.widest: above-the-middle | at-the-middle
  leaf.margin: crenate | serrate?
  leaf.tooth_size: fine
  leaf.tooth_shape: blunt
  leaf.toothed_where: all-round
  leaf.tip: rounded | obtuse | acute? | notched??
  leaf.base: wedge-shaped
  leaf.base_symmetry: even
  leaf.surface_above: dull | shiny?
  leaf.surface_below: smooth | hairy
  leaf.hairs: none | all-over-below? | on-veins?
  leaf.vein_pairs: 6-9
  leaf.colour_above: mid-green | yellow-green?
  leaf.colour_below: pale-green
  leaf.texture: thin
  leaf.petiole_length: 4-12 mm
  leaf.petiole_section: grooved | round?
  leaf.glands: on-the-blade-base
  leaf.autumn_colour: yellow | red??
  flower.colour: white
  flower.grouping: corymb
  flower.posture: spreading | erect
  flower.timing: with-the-leaves | before-the-leaves?
  flower.smell: sweet
  fruit.cluster: corymb
  fruit.size: 7-12 mm
  fruit.colour: red | black?
  fruit.hangs: soon-gone
  fruit.dispersal: birds | mammals?
  site.landform: lower-slope | dry-slope | roadside?
  site.moisture: moderate | moist?
  site.shade_tolerance: low
  site.zones: 4-8
  window leaf_out: 04-22..05-10
  window pollen: 04-25..05-18
  window ripening: 07-15..08-25
  window hanging: 07-15..09-10
  window autumn: 09-18..10-08
  window leaf_fall: 10-01..10-22
  native US-ID US-MT
  twig.bud_scale_margin: alike
  bark.lenticel_shape: lines

genus Amelanchier | serviceberry
  in Rosaceae
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  leaf.arrangement: alternate
  twig.arrangement: alternate
  fruit.kind: pome
  twig.armature: none

species Amelanchier alnifolia (Nutt.) Nutt. ex M. Roem.
  in Amelanchier
  common: Saskatoon serviceberry; serviceberry; juneberry
  say: am-el-AN-kee-er al-nih-FOH-lee-a
  root: alnifolia | Latin | with leaves like an alder's | -
  prose how_to_tell: Round leaves toothed only on the upper half; white flowers with narrow petals; purple fruit with a crown, gone by late summer.
  prose habitat: Open slopes, draws and streamsides.
  record: 40 6 5 2017 Stove Hill
  pair Prunus virginiana [leaf.toothed_where]: Teeth on the upper half only here, all round there
  form.habit: shrub | small-tree?
  form.height: 1-5 (7) m
  form.outline: rounded | irregular?
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base | from-the-roots
  bark.colour: grey | red-brown?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: none | dots?
  bark.branch_scar: none
  bark.smell: none
  twig.two_ranked: no
  twig.colour: red-brown | grey?
  twig.hairs: none | few
  twig.lenticels: few | many?
  twig.thickness: slender
  twig.spurs: yes | no?
  twig.pith: solid
  twig.bud_shape: conical | spindle-shaped
  twig.bud_length: 5-12 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: purple | red-brown
  twig.bud_hairs: some
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: narrow-line | crescent
  twig.bundle_scars: 3
  twig.smell: none | bitter-almond?
  leaf.length: 20-45 (55) mm
  leaf.width: 18-40 mm
  leaf.shape: orbicular | oblong | elliptic?
  leaf.margin: serrate
  leaf.tooth_size: medium | coarse?
  leaf.tooth_shape: sharp
  leaf.toothed_where: upper-half
  leaf.tip: rounded | truncate?
  leaf.base: rounded | cordate?
  leaf.base_symmetry: even
  leaf.surface_above: dull
  leaf.surface_below: smooth | woolly?
  leaf.hairs: none | all-over-below?
  leaf.vein_pairs: 8-11
  leaf.colour_above: blue-green | mid-green
  leaf.colour_below: pale-green | grey-green?
  leaf.texture: thin | leathery?
  leaf.petiole_length: 8-18 mm
  leaf.petiole_section: grooved | round?
  leaf.glands: none
  leaf.autumn_colour: yellow | orange | red?
  smell.leaf: none
  flower.colour: white
  flower.grouping: raceme
  flower.posture: erect
  flower.timing: with-the-leaves
  fruit.cluster: raceme
  fruit.size: 6-11 mm
  fruit.colour: purple | blue
  fruit.texture: waxy-bloom | smooth?
  fruit.hangs: soon-gone
  fruit.dispersal: birds | mammals
  site.landform: dry-slope | lower-slope | streamside?
  site.moisture: moderate | dry
  site.shade_tolerance: low | medium?
  site.zones: 2-6
  window leaf_out: 04-20..05-08
  window pollen: 04-28..05-22
  window ripening: 06-25..07-31
  window hanging: 06-25..08-25
  window autumn: 09-18..10-08
  window leaf_fall: 10-01..10-24
  native US-ID US-MT

genus Crataegus | hawthorn
  in Rosaceae
  leaf.complexity: simple
  leaf.arrangement: alternate
  twig.arrangement: alternate
  fruit.kind: pome
  twig.armature: thorn
  twig.armature_place: along-the-twig

species Crataegus douglasii Lindl.
  in Crataegus
  common: black hawthorn; Douglas hawthorn
  say: kra-TEE-gus dug-LASS-ee-eye
  root: douglasii | personal name | for the plant hunter David Douglas | -
  root: Crataegus | Greek | strength, of the wood | -
  prose how_to_tell: Stout thorns; leaves shallowly lobed towards the tip; black fruit in bunches.
  prose habitat: Streambanks and moist meadows, in thickets.
  record: 85 9 8 2015 Ledger Loop
  caution thorns []: Stiff thorns at face height. Look first, and take hold only where you can see the twig bare. Follow local rules.
  form.habit: small-tree | shrub
  form.height: 2-7 (10) m
  form.outline: rounded | spreading?
  form.trunks: many | few
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: grey | brown
  bark.texture: scaly | furrowed?
  bark.young_texture: smooth
  bark.lenticel_shape: none | dots?
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: red-brown | red?
  twig.hairs: none
  twig.lenticels: few | many?
  twig.thickness: medium | slender?
  twig.spurs: yes
  twig.pith: solid
  twig.armature_length: 12-25 (30) mm
  twig.bud_shape: round
  twig.bud_length: 2-4 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red-brown | red?
  twig.bud_hairs: none
  twig.terminal_bud: true | false?
  twig.stipules: small-and-soon-lost | lasting?
  twig.leaf_scar: crescent | narrow-line?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.lobing: shallowly-lobed | unlobed
  leaf.lobe_count: 5-9
  leaf.lobe_tip: pointed
  leaf.length: 30-70 (80) mm
  leaf.width: 20-55 mm
  leaf.shape: obovate | ovate? | elliptic?
  leaf.widest: above-the-middle | at-the-middle?
  leaf.margin: doubly-serrate | serrate
  leaf.tooth_size: medium | coarse?
  leaf.tooth_shape: gland-tipped
  leaf.toothed_where: upper-half | all-round?
  leaf.tip: acute | obtuse?
  leaf.base: wedge-shaped
  leaf.base_symmetry: even
  leaf.venation: pinnate
  leaf.surface_above: shiny
  leaf.surface_below: smooth
  leaf.hairs: on-veins | none?
  leaf.vein_pairs: 4-6
  leaf.colour_above: dark-green
  leaf.colour_below: pale-green
  leaf.texture: leathery
  leaf.petiole_length: 7-18 mm
  leaf.petiole_section: grooved | winged?
  leaf.glands: on-the-teeth
  leaf.autumn_colour: red | orange? | brown?
  smell.leaf: none
  flower.colour: white
  flower.grouping: corymb
  flower.posture: erect
  flower.timing: after-the-leaves
  flower.smell: unpleasant | musky
  fruit.cluster: corymb
  fruit.size: 8-12 mm
  fruit.colour: black | purple?
  fruit.texture: smooth
  fruit.hangs: into-winter
  fruit.dispersal: birds
  site.landform: streamside | floodplain
  site.moisture: moist
  site.shade_tolerance: low | medium?
  site.zones: 3-7
  window leaf_out: 04-22..05-12
  window pollen: 05-15..06-05
  window ripening: 08-05..09-15
  window hanging: 08-05..11-20
  window autumn: 09-20..10-12
  window leaf_fall: 10-03..10-28
  native US-ID US-MT

species Sorbus aucuparia L.
  in Sorbus
  common: European mountain-ash; rowan; mountain ash
  say: SOR-bus aw-kew-PAIR-ee-a
  root: aucuparia | Latin | for catching birds | fruit.dispersal=birds
  prose how_to_tell: Feather leaves one at a time; woolly gray buds that are not sticky; more and duller leaflets than the native one.
  prose habitat: Planted, and seeded by birds along roads.
  prose status: Introduced from Europe and gone wild in places. Do not plant near wild land; follow local rules.
  record: 130 12 9 2016 the school drive
  pair Sorbus scopulina [twig.bud_sticky]: Buds gray with wool and dry here, shiny and sticky there || Wool from the Old World, varnish from the New
  form.habit: small-tree | tree?
  form.height: 5-11 (15) m
  form.outline: ovoid | rounded
  form.trunks: single | few
  form.branching: decurrent
  form.growth_rate: moderate | fast?
  form.trunk_shoots: none | from-the-base?
  bark.colour: grey | green-grey
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: grey | brown?
  twig.hairs: few | many? | none?
  twig.lenticels: many
  twig.thickness: stout | medium
  twig.spurs: yes
  twig.pith: solid
  twig.bud_shape: conical
  twig.bud_length: 9-15 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: grey | purple?
  twig.bud_hairs: dense
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: crescent
  twig.bundle_scars: 5
  twig.smell: bitter-almond | none?
  leaf.leaflet_count: 11-15 (17)
  leaf.leaflet_shape: oblong | lanceolate
  leaf.leaflet_stalk: none
  leaf.leaflet_length: 25-60 mm
  leaf.length: 120-220 mm
  leaf.margin: serrate
  leaf.tooth_size: coarse | medium?
  leaf.toothed_where: upper-half | all-round
  leaf.tip: acute | obtuse?
  leaf.base: rounded
  leaf.base_symmetry: uneven | even
  leaf.venation: pinnate
  leaf.surface_above: dull
  leaf.surface_below: hairy | smooth?
  leaf.hairs: all-over-below | on-veins?
  leaf.colour_above: mid-green | grey-green?
  leaf.colour_below: grey-green | pale-green
  leaf.texture: thin
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.autumn_colour: yellow | orange | red?
  smell.leaf: none
  flower.colour: white | cream
  flower.timing: after-the-leaves
  flower.posture: erect
  flower.smell: unpleasant | musky?
  fruit.size: 6-9 mm
  fruit.colour: orange-red | orange
  fruit.hangs: into-winter | through-winter?
  fruit.dispersal: birds
  site.landform: roadside
  site.moisture: moderate | moist?
  site.shade_tolerance: low | medium?
  site.zones: 3-7
  leaf.petiole_length: 20-40 mm
  window leaf_out: 04-25..05-15
  window pollen: 05-20..06-12
  window ripening: 08-05..09-15
  window hanging: 08-10..12-31
  window autumn: 09-20..10-15
  window leaf_fall: 10-05..10-30
  introduced US-ID US-MT
`;
