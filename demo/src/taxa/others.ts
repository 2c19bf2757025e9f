/** Dogwood, cascara, hackberry and elm. */
export const OTHERS = `
family Cornaceae | dogwood family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  flower.pollinator: insects
  twig.armature: none

genus Cornus | dogwood
  in Cornaceae
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.venation: arcuate
  fruit.kind: drupe

species Cornus sericea L.
  in Cornus
  common: red-osier dogwood; redtwig dogwood
  synonym: Cornus stolonifera; Cornus alba subsp. stolonifera
  say: KOR-nus seh-RISS-ee-a
  root: sericea | Latin | silky, of the young hairs | leaf.hairs=all-over-below
  prose how_to_tell: Red twigs in pairs; smooth-edged leaves whose veins curve along the edge; flat bunches of white fruit.
  prose habitat: Streambanks and wet thickets.
  record: 18 4 5 2017 Ledger Loop
  pair Frangula purshiana [twig.arrangement]: Leaves in pairs here, mostly one at a time there
  form.habit: shrub | clonal-thicket?
  form.height: 1.5-3 (5) m
  form.outline: rounded | spreading
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: red-brown | green-grey? | grey?
  bark.texture: smooth
  bark.young_texture: smooth
  bark.lenticel_shape: dots | lines?
  bark.branch_scar: none
  twig.two_ranked: no
  twig.colour: red | purple? | green?
  twig.winter_colour: red
  twig.hairs: none | few
  twig.lenticels: few | many?
  twig.thickness: slender
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: spindle-shaped | conical?
  twig.bud_length: 3-8 mm
  twig.bud_scales: valvate | naked?
  twig.bud_stalk: yes | no?
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: red | brown?
  twig.bud_hairs: dense | some
  twig.terminal_bud: true
  twig.stipules: none
  twig.leaf_scar: narrow-line | crescent?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 40-100 (120) mm
  leaf.width: 20-60 mm
  leaf.shape: ovate | elliptic | lanceolate?
  leaf.tip: acuminate | acute
  leaf.base: rounded | wedge-shaped
  leaf.base_symmetry: even
  leaf.vein_pairs: 5-7
  leaf.surface_above: dull
  leaf.surface_below: hairy | waxy
  leaf.hairs: all-over-below
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: grey-green | white?
  leaf.texture: thin
  leaf.petiole_length: 10-25 mm
  leaf.petiole_colour: red | green?
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.sap: clear
  leaf.autumn_colour: red | purple
  smell.leaf: none
  flower.sexual_system: bisexual
  flower.kind: showy
  flower.petals: 4
  flower.colour: white | cream
  flower.grouping: corymb
  flower.timing: after-the-leaves
  flower.posture: erect
  fruit.cluster: corymb
  fruit.size: 6-9 mm
  fruit.colour: white | blue?
  fruit.hangs: soon-gone
  fruit.dispersal: birds | mammals?
  site.landform: streamside | floodplain
  site.moisture: wet | moist
  site.shade_tolerance: medium
  site.zones: 2-7
  window leaf_out: 04-22..05-12
  window pollen: 05-25..06-25
  window ripening: 07-25..09-10
  window hanging: 07-25..10-10
  window autumn: 09-15..10-10
  window leaf_fall: 10-01..10-24
  native US-ID US-MT
  twig.pith_width: wide
  twig.pith_colour: white

family Rhamnaceae | buckthorn family
  leaf.kind: broad
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  fruit.kind: drupe

genus Frangula | cascara; alder-buckthorn
  in Rhamnaceae
  leaf.persistence: deciduous
  twig.bud_scales: naked
  twig.armature: none

species Frangula purshiana (DC.) A. Gray ex J.G. Cooper
  in Frangula
  common: cascara; cascara buckthorn
  synonym: Rhamnus purshiana
  say: FRANG-yoo-la pur-shee-AY-na
  root: purshiana | personal name | for the botanist Frederick Pursh | -
  prose how_to_tell: Leaves with many straight sunken side veins; woolly naked buds; twigs now alternate, now nearly paired.
  prose habitat: Moist shade under cedar and hemlock.
  prose history: Its bark was gathered as a purgative and overcollected. Recorded as history, not as advice.
  record: 95 12 8 2013 Ledger Loop
  caution toxic [taste]: Bark and fruit are a strong purgative. Taste nothing; do not peel. For any use ask a qualified professional.
  form.habit: small-tree | shrub
  form.height: 3-9 (12) m
  form.outline: rounded | irregular?
  form.trunks: few | single | many?
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-base | none?
  bark.colour: grey | brown?
  bark.inner_colour: yellow
  bark.texture: smooth | scaly?
  bark.young_texture: smooth
  bark.lenticel_shape: dots | none?
  bark.branch_scar: none
  twig.arrangement: alternate | subopposite
  leaf.arrangement: alternate | subopposite
  twig.two_ranked: no
  twig.colour: red-brown | grey?
  twig.hairs: few | many?
  twig.lenticels: few
  twig.thickness: slender | medium?
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: spindle-shaped | flattened?
  twig.bud_length: 4-9 mm
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: rusty | brown
  twig.bud_hairs: dense | rusty
  twig.terminal_bud: true
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: crescent | half-round?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 60-130 (160) mm
  leaf.width: 30-65 mm
  leaf.shape: oblong | elliptic | obovate?
  leaf.margin: serrate | entire?
  leaf.tooth_size: fine
  leaf.toothed_where: all-round
  leaf.tip: obtuse | acute | rounded?
  leaf.base: rounded | wedge-shaped?
  leaf.base_symmetry: even
  leaf.vein_pairs: 10-14
  leaf.vein_prominence: sunken-above | raised-beneath
  leaf.surface_above: shiny | dull?
  leaf.surface_below: hairy | smooth?
  leaf.hairs: on-veins
  leaf.colour_above: dark-green
  leaf.colour_below: pale-green
  leaf.texture: thin | leathery?
  leaf.petiole_length: 8-22 mm
  leaf.petiole_section: grooved
  leaf.glands: none
  leaf.autumn_colour: yellow | orange?
  smell.leaf: none
  flower.sexual_system: bisexual | mixed?
  flower.kind: inconspicuous
  flower.colour: green
  flower.grouping: umbel | cluster
  flower.timing: after-the-leaves
  flower.posture: spreading
  flower.pollinator: insects
  fruit.cluster: umbel | cluster
  fruit.size: 6-10 mm
  fruit.colour: black | purple?
  fruit.texture: smooth
  fruit.hangs: soon-gone
  fruit.dispersal: birds
  site.landform: lower-slope | streamside
  site.moisture: moist
  site.shade_tolerance: high
  site.zones: 5-8
  window leaf_out: 04-28..05-16
  window pollen: 05-15..06-10
  window ripening: 07-25..09-05
  window hanging: 07-25..09-25
  window autumn: 09-25..10-18
  window leaf_fall: 10-08..11-02
  native US-ID US-MT

family Cannabaceae | hemp family
  older_family: Ulmaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  twig.armature: none

genus Celtis | hackberry
  in Cannabaceae
  leaf.base_symmetry: uneven
  leaf.venation: three-from-the-base
  flower.kind: inconspicuous
  flower.pollinator: wind
  fruit.kind: drupe
  twig.two_ranked: yes

species Celtis reticulata Torr.
  in Celtis
  common: netleaf hackberry; western hackberry
  synonym: Celtis laevigata var. reticulata; Celtis douglasii
  say: SEL-tis reh-tik-yoo-LAY-ta
  root: reticulata | Latin | netted, of the veins beneath | leaf.vein_prominence=raised-beneath
  prose how_to_tell: Lopsided sandpapery leaves with three veins from the base and a raised net beneath; corky warts on the bark.
  prose habitat: Dry canyons to the west and south; here planted in the arboretum.
  record: 150 8 8 2017 the arboretum
  pair Ulmus pumila [leaf.venation]: Three main veins start at the leaf's foot here, one midrib with straight side veins there
  form.habit: small-tree | shrub?
  form.height: 4-8 (10) m
  form.outline: spreading | rounded | irregular?
  form.trunks: few | single
  form.branching: decurrent
  form.growth_rate: slow
  form.trunk_shoots: none | from-the-base?
  bark.colour: grey | pale-grey?
  bark.texture: warty
  bark.young_texture: smooth | fissured?
  bark.lenticel_shape: none | dots?
  bark.branch_scar: none
  twig.colour: red-brown | grey?
  twig.hairs: many | few
  twig.lenticels: many | few?
  twig.thickness: slender
  twig.zigzag: yes
  twig.spurs: no
  twig.pith: chambered | solid
  twig.bud_shape: ovoid | flattened
  twig.bud_length: 1-3 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: brown
  twig.bud_hairs: some | dense?
  twig.terminal_bud: false
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round | crescent?
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 25-70 (80) mm
  leaf.width: 15-40 mm
  leaf.shape: ovate | lanceolate?
  leaf.widest: below-the-middle
  leaf.margin: entire | serrate?
  leaf.tooth_size: coarse | medium
  leaf.toothed_where: upper-half
  leaf.tip: acute | acuminate?
  leaf.base: cordate | rounded
  leaf.vein_prominence: raised-beneath
  leaf.surface_above: rough
  leaf.surface_below: rough | hairy?
  leaf.hairs: on-veins | all-over-below?
  leaf.colour_above: dark-green | yellow-green?
  leaf.colour_below: pale-green | green?
  leaf.texture: sandpapery | leathery
  leaf.petiole_length: 4-10 mm
  leaf.petiole_section: grooved | round?
  leaf.glands: none
  leaf.autumn_colour: yellow
  smell.leaf: none
  flower.sexual_system: mixed | monoecious
  flower.colour: green
  flower.grouping: single | cluster?
  flower.timing: with-the-leaves
  flower.posture: spreading | hanging
  fruit.cluster: single
  fruit.size: 6-10 mm
  fruit.stalk: 8-16 mm
  fruit.colour: orange-red | brown | purple?
  fruit.texture: smooth
  fruit.hangs: through-winter
  fruit.dispersal: birds
  site.landform: dry-slope | roadside
  site.moisture: dry
  site.shade_tolerance: low
  site.zones: 5-9
  window leaf_out: 05-05..05-25
  window pollen: 05-01..05-20
  window receptive: 05-01..05-20
  window ripening: 08-25..10-05
  window hanging: 08-25..03-01
  window autumn: 09-25..10-15
  window leaf_fall: 10-08..11-03
  planted US-MT
  native US-UT US-CO US-AZ US-NM US-NV US-OR US-WA

family Ulmaceae | elm family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  twig.armature: none

genus Ulmus | elm
  in Ulmaceae
  leaf.base_symmetry: uneven
  leaf.margin: doubly-serrate
  flower.sexual_system: bisexual
  flower.kind: inconspicuous
  flower.pollinator: wind
  fruit.kind: samara
  fruit.wings: all-round
  twig.terminal_bud: false
  twig.two_ranked: yes

species Ulmus pumila L.
  in Ulmus
  common: Siberian elm; dwarf elm; Chinese elm (misused)
  say: UL-mus PEW-mih-la
  root: pumila | Latin | dwarf; it is not one here | - | contested
  prose how_to_tell: Small elm leaves with a nearly even base and single teeth, so that it breaks the rule for elms; round dark buds along fine gray twigs.
  prose habitat: Roadsides and old windbreaks, spreading into dry ground.
  prose status: Introduced from Asia; listed as a weed in parts of the west. Do not plant; follow local rules.
  record: 330 22 18 2012 the school drive
  caution pest [cut]: Spreads by seed and is invasive here: do not move fruiting material. Follow local rules.
  form.habit: tree | small-tree?
  form.height: 10-18 (22) m
  form.outline: rounded | irregular? | vase-shaped?
  form.trunks: single | few?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: none | from-the-base?
  bark.colour: grey | brown?
  bark.texture: furrowed
  bark.ridge_pattern: interlacing
  bark.ridge_top: rounded | flat?
  bark.furrow_depth: 10-30 mm
  bark.young_texture: fissured | smooth?
  bark.lenticel_shape: none
  bark.branch_scar: none
  twig.colour: grey | green? | brown?
  twig.hairs: none | few?
  twig.lenticels: few
  twig.thickness: slender
  twig.zigzag: yes | no?
  twig.spurs: no
  twig.pith: solid
  twig.bud_shape: round
  twig.bud_length: 2-5 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_sticky: no
  twig.bud_resin: no
  twig.bud_colour: black | red-brown
  twig.bud_hairs: some
  twig.stipules: small-and-soon-lost
  twig.leaf_scar: half-round
  twig.bundle_scars: 3
  twig.smell: none
  leaf.length: 20-60 (70) mm
  leaf.width: 12-28 mm
  leaf.shape: elliptic | lanceolate? | ovate?
  leaf.widest: at-the-middle
  leaf.margin: serrate | doubly-serrate??
  leaf.tooth_size: fine | medium
  leaf.toothed_where: all-round
  leaf.tip: acute | acuminate?
  leaf.base: rounded | wedge-shaped
  leaf.base_symmetry: even | uneven?
  leaf.vein_pairs: 9-14
  leaf.vein_ends: in-the-teeth
  leaf.surface_above: dull | shiny?
  leaf.surface_below: smooth
  leaf.hairs: in-vein-axils | none?
  leaf.colour_above: dark-green | mid-green
  leaf.colour_below: pale-green
  leaf.texture: leathery | thin?
  leaf.petiole_length: 3-8 mm
  leaf.petiole_section: round | grooved?
  leaf.glands: none
  leaf.autumn_colour: yellow | green?
  smell.leaf: none
  flower.colour: green | red
  flower.grouping: cluster
  flower.timing: before-the-leaves
  flower.posture: spreading
  fruit.cluster: cluster
  fruit.size: 10-15 mm
  fruit.colour: tan | green
  fruit.hangs: soon-gone
  fruit.dispersal: wind
  site.landform: roadside | floodplain?
  site.moisture: dry | moderate
  site.shade_tolerance: low
  site.zones: 4-9
  window leaf_out: 04-20..05-10
  window pollen: 03-10..04-05
  window ripening: 05-01..05-31
  window hanging: 05-01..06-15
  window autumn: 10-05..10-25
  window leaf_fall: 10-15..11-12
  introduced US-ID US-MT
`;
