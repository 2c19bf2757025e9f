/** Shrubs and vines met on every walk, and genera of the West, evergreen oaks and palms among them. */
export const SHRUBS_AND_VINES = `
genus Vaccinium | blueberry; huckleberry
  in Ericaceae
  form.habit: shrub
  leaf.persistence: deciduous | evergreen?
  flower.kind: showy
  flower.colour: white | pink
  flower.posture: hanging
  fruit.kind: berry
  fruit.colour: blue | red? | black?
  window leaf_out: 04-20..05-20
  window leaf_fall: 10-01..11-05
  window pollen: 04-25..06-15
  window ripening: 06-25..09-10
  window hanging: 06-25..09-30

family Caprifoliaceae | honeysuckle family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.complexity: simple
  flower.kind: showy
  flower.pollinator: insects
  twig.armature: none
  window leaf_out: 04-05..05-10
  window leaf_fall: 10-05..11-15

genus Lonicera | honeysuckle
  in Caprifoliaceae
  form.habit: shrub | vine
  leaf.lobing: unlobed
  leaf.margin: entire
  fruit.kind: berry
  fruit.colour: red | orange? | black? | blue?
  window pollen: 05-01..06-25
  window ripening: 06-20..09-30
  window hanging: 06-20..11-30
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

genus Symphoricarpos | snowberry
  in Caprifoliaceae
  form.habit: shrub
  leaf.lobing: unlobed | shallowly-lobed?
  leaf.margin: entire
  twig.thickness: slender
  fruit.kind: drupe
  fruit.colour: white | red?
  window pollen: 06-01..08-15
  window ripening: 08-15..09-30
  window hanging: 08-15..12-31
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

family Celastraceae | staff-tree family
  leaf.kind: broad
  leaf.complexity: simple
  leaf.lobing: unlobed
  flower.kind: inconspicuous
  flower.pollinator: insects
  fruit.kind: capsule
  twig.armature: none

genus Euonymus | spindle; burning-bush
  in Celastraceae
  form.habit: shrub | small-tree | vine?
  leaf.persistence: deciduous | evergreen?
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.margin: serrate
  twig.colour: green
  twig.wings: yes | no
  leaf.autumn_colour: red | purple
  window leaf_out: 04-20..05-15
  window autumn: 09-20..10-20
  window leaf_fall: 10-01..11-05
  window pollen: 05-15..06-20
  window ripening: 09-01..10-31
  window hanging: 09-01..12-15
  caution toxic [taste]: All parts are poisonous. Taste nothing.

genus Rosa | rose
  in Rosaceae
  form.habit: shrub | vine?
  leaf.complexity: odd-pinnate
  leaf.margin: serrate
  twig.stipules: lasting
  flower.colour: pink | white | red?
  fruit.kind: hip
  fruit.colour: red | orange-red
  twig.armature: prickle
  window pollen: 05-25..07-15
  window ripening: 08-15..10-15
  window hanging: 08-15..12-31
  caution thorns []: Sharp prickles on the stems. Take hold only where you can see the stem bare.

genus Spiraea | spirea
  in Rosaceae
  form.habit: shrub
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: serrate
  flower.colour: white | pink
  fruit.kind: follicle
  twig.thickness: slender
  twig.armature: none
  window pollen: 06-01..08-15
  window ripening: 08-01..10-15
  window hanging: 08-01..12-31

genus Holodiscus | oceanspray
  in Rosaceae
  form.habit: shrub
  leaf.complexity: simple
  leaf.lobing: shallowly-lobed
  leaf.margin: serrate
  flower.colour: cream | white
  flower.grouping: panicle
  fruit.kind: achene
  twig.armature: none
  window pollen: 06-10..07-31
  window ripening: 08-01..09-30
  window hanging: 08-01..12-31

genus Cercocarpus | mountain-mahogany
  in Rosaceae
  form.habit: shrub | small-tree
  leaf.persistence: evergreen | deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  flower.kind: inconspicuous
  flower.petals: 0
  fruit.kind: achene
  twig.spurs: yes
  twig.armature: none
  window ripening: 07-01..08-31
  window hanging: 07-01..10-15

genus Purshia | bitterbrush; cliffrose
  in Rosaceae
  form.habit: shrub
  leaf.persistence: deciduous | evergreen?
  leaf.complexity: simple
  leaf.lobing: pinnately-lobed
  leaf.margin_rolled: yes
  flower.colour: yellow | cream
  fruit.kind: achene
  twig.armature: none
  window ripening: 07-01..08-15

family Grossulariaceae | currant family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  fruit.kind: berry
  window leaf_out: 04-05..05-05
  window autumn: 09-15..10-15
  window leaf_fall: 10-01..10-31

genus Ribes | currant; gooseberry
  in Grossulariaceae
  form.habit: shrub
  flower.kind: showy
  flower.pollinator: insects
  fruit.colour: red | black | purple
  twig.armature: none | spine
  window pollen: 04-15..06-05
  window ripening: 06-25..08-31
  window hanging: 06-25..09-15

genus Ceanothus | ceanothus; wild-lilac
  in Rhamnaceae
  leaf.persistence: evergreen | deciduous
  leaf.arrangement: alternate | opposite
  leaf.venation: three-from-the-base | pinnate?
  flower.kind: showy
  flower.colour: white | purple?
  fruit.kind: capsule
  twig.armature: none | thorn?

family Vitaceae | grape family
  form.habit: vine
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  fruit.kind: berry
  fruit.colour: blue | black
  flower.kind: inconspicuous
  flower.pollinator: insects
  twig.armature: none
  window leaf_out: 04-25..05-20
  window autumn: 09-15..10-15
  window leaf_fall: 09-25..10-31
  window pollen: 05-25..07-05
  window ripening: 08-15..10-10
  window hanging: 08-15..11-15

genus Vitis | grape
  in Vitaceae
  leaf.complexity: simple
  leaf.lobing: palmately-lobed | unlobed?
  leaf.shape: cordate
  bark.texture: stringy
  twig.pith_colour: brown | tan

genus Parthenocissus | Virginia-creeper
  in Vitaceae
  leaf.complexity: palmate
  leaf.leaflet_count: (3) 5 (7)
  leaf.autumn_colour: red
  twig.pith_colour: white
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

family Rubiaceae | madder family
  leaf.kind: broad
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire

genus Cephalanthus | buttonbush
  in Rubiaceae
  form.habit: shrub
  leaf.persistence: deciduous
  leaf.arrangement: opposite | whorled
  twig.arrangement: opposite | whorled
  flower.kind: showy
  flower.colour: white
  flower.grouping: head
  fruit.kind: ball
  twig.armature: none
  window leaf_out: 05-05..05-31
  window leaf_fall: 09-25..10-31
  window pollen: 06-20..08-15
  window ripening: 08-20..10-15
  window hanging: 08-20..12-31
  caution toxic [taste]: Leaves and bark are poisonous. Taste nothing.

family Hydrangeaceae | hydrangea family
  form.habit: shrub
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  leaf.complexity: simple
  leaf.lobing: unlobed
  fruit.kind: capsule
  twig.armature: none
  window leaf_out: 04-20..05-20
  window autumn: 09-15..10-15
  window leaf_fall: 10-01..10-31

genus Philadelphus | mock-orange
  in Hydrangeaceae
  flower.kind: showy
  flower.colour: white
  flower.petals: 4
  flower.smell: sweet
  flower.pollinator: insects
  twig.bud_place: hidden
  window pollen: 05-20..07-05
  window ripening: 08-01..09-30
  window hanging: 08-01..12-31

family Asteraceae | aster family
  leaf.kind: broad
  fruit.kind: achene

genus Artemisia | sagebrush
  in Asteraceae
  form.habit: shrub
  leaf.persistence: evergreen
  leaf.arrangement: alternate
  leaf.complexity: simple
  leaf.colour_above: silver | grey-green
  leaf.surface_below: hairy
  smell.leaf: spicy | mint?
  flower.kind: inconspicuous
  flower.pollinator: wind
  twig.armature: none
  window pollen: 08-15..10-15
  window ripening: 10-01..11-30

genus Notholithocarpus | tanoak
  in Fagaceae
  leaf.persistence: evergreen
  leaf.lobing: unlobed
  leaf.margin: serrate
  leaf.texture: leathery
  fruit.kind: acorn
  fruit.cap_scales: fringed
  flower.posture: erect
  window pollen: 05-20..07-15
  window ripening: 09-01..10-31
  window hanging: 09-01..11-15

genus Chrysolepis | chinquapin
  in Fagaceae
  form.habit: tree | shrub
  leaf.persistence: evergreen
  leaf.lobing: unlobed
  leaf.margin: entire
  leaf.texture: leathery
  leaf.surface_below: hairy
  fruit.kind: nut-in-a-bur
  window pollen: 06-01..08-15
  window ripening: 09-01..10-31
  window hanging: 09-01..11-15

family Arecaceae | palm family
  leaf.kind: broad
  leaf.persistence: evergreen
  leaf.venation: parallel
  form.branching: excurrent

genus Sabal | palmetto
  in Arecaceae
  form.habit: tree | shrub
  leaf.complexity: simple
  leaf.lobing: palmately-lobed
  fruit.kind: drupe
  fruit.colour: black
  window pollen: 05-15..07-31
  window ripening: 09-15..11-30
`;
