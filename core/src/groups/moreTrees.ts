/** Trees met on many walks that the first three texts leave out: of the East, planted ones and those run wild. */
export const MORE_TREES = `
genus Gymnocladus | coffeetree
  in Fabaceae
  form.habit: tree
  leaf.complexity: bipinnate
  leaf.margin: entire
  flower.kind: inconspicuous
  flower.sexual_system: dioecious | mixed?
  twig.armature: none
  twig.thickness: stout
  twig.pith_width: wide
  twig.terminal_bud: false
  caution toxic [taste]: Seeds and pods are poisonous. Taste nothing.

genus Cladrastis | yellowwood
  in Fabaceae
  form.habit: tree | small-tree
  leaf.complexity: odd-pinnate
  leaf.margin: entire
  flower.colour: white
  bark.texture: smooth
  twig.armature: none
  twig.bud_place: hidden

genus Albizia | silktree
  in Fabaceae
  form.habit: small-tree
  leaf.complexity: bipinnate
  leaf.margin: entire
  flower.colour: pink
  flower.grouping: head
  twig.armature: none
  window pollen: 06-10..08-10

genus Prosopis | mesquite
  in Fabaceae
  form.habit: small-tree | shrub
  leaf.complexity: bipinnate
  leaf.margin: entire
  twig.armature: spine | thorn?
  caution thorns []: Long sharp spines on the twigs. Take hold only where you can see the twig bare.

family Hamamelidaceae | witch-hazel family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  fruit.kind: capsule
  twig.armature: none
  window leaf_out: 04-20..05-20
  window autumn: 09-25..10-20
  window leaf_fall: 10-05..11-05

genus Hamamelis | witch-hazel
  in Hamamelidaceae
  form.habit: shrub | small-tree
  leaf.lobing: unlobed
  leaf.margin: wavy | crenate
  leaf.base_symmetry: uneven
  flower.colour: yellow
  flower.petals: 4
  twig.bud_scales: naked
  window pollen: 10-01..11-20

family Styracaceae | storax family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  flower.kind: showy
  flower.pollinator: insects
  twig.armature: none
  window leaf_out: 04-20..05-15
  window autumn: 09-20..10-15
  window leaf_fall: 10-01..10-31
  window pollen: 04-20..05-25

genus Halesia | silverbell
  in Styracaceae
  form.habit: small-tree | tree?
  flower.colour: white
  flower.posture: hanging
  twig.pith: chambered
  fruit.kind: drupe
  window ripening: 08-15..10-15
  window hanging: 08-15..12-31

genus Chionanthus | fringetree
  in Oleaceae
  form.habit: shrub | small-tree
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  flower.kind: showy
  flower.colour: white
  flower.posture: hanging
  fruit.kind: drupe
  fruit.colour: blue
  window pollen: 05-10..06-10
  window ripening: 08-01..09-20
  window hanging: 08-01..09-30

genus Syringa | lilac
  in Oleaceae
  form.habit: shrub | small-tree?
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  flower.kind: showy
  flower.grouping: panicle
  flower.smell: sweet
  fruit.kind: capsule
  twig.terminal_bud: false | true?
  window pollen: 05-01..06-20
  window ripening: 08-15..10-15
  window hanging: 08-15..12-31

genus Ligustrum | privet
  in Oleaceae
  form.habit: shrub
  leaf.persistence: deciduous | semi-evergreen | evergreen?
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  flower.kind: showy
  flower.colour: white | cream
  fruit.kind: drupe
  fruit.colour: black | blue?
  window pollen: 06-01..07-10
  window ripening: 09-01..10-31
  window hanging: 09-01..12-31
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

genus Lindera | spicebush
  in Lauraceae
  form.habit: shrub
  leaf.persistence: deciduous
  leaf.lobing: unlobed
  flower.sexual_system: dioecious
  flower.colour: yellow
  flower.timing: before-the-leaves
  fruit.colour: red
  window leaf_out: 04-20..05-15
  window autumn: 09-20..10-15
  window leaf_fall: 10-01..10-31
  window pollen: 03-25..04-30
  window ripening: 08-10..10-10
  window hanging: 08-10..10-31

family Rutaceae | citrus family
  leaf.kind: broad
  leaf.persistence: deciduous | evergreen?
  leaf.arrangement: alternate
  twig.arrangement: alternate
  smell.leaf: citrus | spicy | rank?
  flower.pollinator: insects
  window leaf_out: 04-25..05-25
  window autumn: 09-15..10-15
  window leaf_fall: 09-25..10-31

genus Ptelea | hoptree
  in Rutaceae
  form.habit: shrub | small-tree
  leaf.persistence: deciduous
  leaf.complexity: trifoliolate
  leaf.end_leaflet_stalk: none
  fruit.kind: samara
  fruit.wings: all-round
  twig.armature: none
  twig.bud_place: hidden
  window pollen: 05-25..06-25
  window ripening: 08-01..09-30
  window hanging: 08-01..12-31

genus Zanthoxylum | prickly-ash
  in Rutaceae
  form.habit: shrub | small-tree
  leaf.complexity: odd-pinnate
  twig.armature: prickle | spine
  fruit.kind: follicle
  window pollen: 04-20..05-25
  window ripening: 07-20..09-15
  window hanging: 07-20..10-15
  caution thorns []: Sharp prickles on twigs and leaf stems. Take hold only where you can see the twig bare.

family Araliaceae | ginseng family
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  flower.grouping: umbel
  flower.pollinator: insects
  fruit.kind: drupe | berry?

genus Aralia | devil's walkingstick
  in Araliaceae
  form.habit: small-tree | shrub
  leaf.persistence: deciduous
  leaf.complexity: bipinnate
  leaf.margin: serrate
  twig.armature: prickle | none?
  twig.thickness: stout
  window leaf_out: 05-01..05-31
  window autumn: 09-15..10-10
  window leaf_fall: 09-25..10-25
  window pollen: 07-10..08-31
  window ripening: 09-01..10-15
  window hanging: 09-01..10-31
  caution irritant [touch]: Prickles all along stem and leaves, and the sap can irritate skin. Look only.

family Staphyleaceae | bladdernut family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  twig.armature: none
  window leaf_out: 04-20..05-15
  window autumn: 09-20..10-15
  window leaf_fall: 10-01..10-31

genus Staphylea | bladdernut
  in Staphyleaceae
  form.habit: shrub | small-tree?
  leaf.complexity: trifoliolate
  leaf.end_leaflet_stalk: longer-than-the-others
  leaf.margin: serrate
  flower.kind: showy
  flower.colour: white
  flower.posture: hanging
  fruit.kind: capsule
  window pollen: 04-25..05-25
  window ripening: 08-15..10-10
  window hanging: 08-15..12-31

genus Metasequoia | dawn redwood
  in Cupressaceae
  form.habit: tree
  leaf.kind: needle
  leaf.persistence: deciduous
  needle.section: flat
  needle.arrangement: flat-in-two-rows
  needle.drops_twigs: yes
  form.butt: fluted | flared
  fruit.kind: cone
  window leaf_out: 04-10..05-10
  window autumn: 10-10..11-10
  window leaf_fall: 10-25..11-25
  window ripening: 10-01..11-30

genus Koelreuteria | goldenrain-tree
  in Sapindaceae
  form.habit: small-tree
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: odd-pinnate | bipinnate
  leaf.margin: serrate
  flower.kind: showy
  flower.colour: yellow
  flower.pollinator: insects
  fruit.kind: capsule
  window pollen: 06-20..07-31
  window ripening: 08-15..10-15
  window hanging: 08-15..12-31

family Paulowniaceae | paulownia family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 10-01..10-25
  window leaf_fall: 10-10..11-10

genus Paulownia | princess tree
  in Paulowniaceae
  form.habit: tree
  leaf.complexity: simple
  leaf.shape: cordate
  leaf.lobing: unlobed | shallowly-lobed?
  leaf.margin: entire
  flower.kind: showy
  flower.colour: purple
  flower.timing: before-the-leaves
  flower.pollinator: insects
  twig.pith: hollow | chambered
  fruit.kind: capsule
  window pollen: 04-15..05-20
  window ripening: 09-01..10-31
  window hanging: 01-01..12-31

genus Zelkova | zelkova
  in Ulmaceae
  leaf.margin: serrate
  leaf.base_symmetry: even
  bark.texture: smooth | flaking-patches
  form.outline: vase-shaped
  flower.kind: inconspicuous
  flower.pollinator: wind
  fruit.kind: drupe
  window ripening: 08-15..10-10
  window hanging: 08-15..10-31

family Tamaricaceae | tamarisk family
  leaf.kind: scale
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.armature: none
  window leaf_out: 04-10..05-15
  window autumn: 10-01..10-31
  window leaf_fall: 10-15..11-20

genus Tamarix | tamarisk; saltcedar
  in Tamaricaceae
  form.habit: shrub | small-tree
  flower.kind: showy
  flower.colour: pink | white?
  flower.pollinator: insects
  fruit.kind: capsule
  window pollen: 05-01..08-31
  window ripening: 06-01..09-30
  caution pest [cut]: Spreads by seed and by broken twigs: move no part of it. Follow local rules.

family Meliaceae | mahogany family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  twig.armature: none
  window leaf_out: 04-15..05-15
  window autumn: 10-01..10-31
  window leaf_fall: 10-10..11-15

genus Melia | chinaberry
  in Meliaceae
  form.habit: small-tree
  leaf.complexity: bipinnate
  leaf.margin: serrate
  flower.kind: showy
  flower.colour: purple
  flower.pollinator: insects
  fruit.kind: drupe
  fruit.colour: yellow
  window pollen: 04-20..05-20
  window ripening: 09-01..10-31
  window hanging: 09-01..12-31
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

family Euphorbiaceae | spurge family
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.sap: milky

genus Triadica | tallowtree; popcorn-tree
  in Euphorbiaceae
  form.habit: tree | small-tree
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.shape: rhombic
  leaf.margin: entire
  leaf.glands: on-the-petiole
  leaf.autumn_colour: red | orange | purple
  flower.kind: catkin
  fruit.kind: capsule
  twig.armature: none
  window leaf_out: 04-10..05-10
  window autumn: 10-10..11-15
  window leaf_fall: 10-25..11-30
  window pollen: 05-01..06-15
  window ripening: 09-01..10-31
  window hanging: 09-01..12-31
  caution toxic [taste touch]: The milky sap can irritate skin, and seeds are poisonous. Look only; taste nothing.
`;
