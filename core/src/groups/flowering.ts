/** Roses, maples, legumes, dogwoods and the other broadleaves. */
export const FLOWERING = `
family Rosaceae | rose family
  leaf.kind: broad
  leaf.persistence: deciduous | evergreen?
  leaf.arrangement: alternate
  twig.arrangement: alternate
  flower.sexual_system: bisexual
  flower.kind: showy
  flower.petals: 5
  flower.pollinator: insects
  twig.wings: no
  wood.pores: diffuse-porous
  window leaf_out: 04-15..05-15
  window autumn: 09-20..10-20
  window leaf_fall: 10-01..11-05
  window pollen: 04-25..06-05

genus Prunus | cherry; plum
  in Rosaceae
  form.habit: small-tree | shrub | tree
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: serrate
  leaf.venation: pinnate
  leaf.glands: on-the-petiole | on-the-blade-base
  fruit.kind: drupe
  bark.lenticel_direction: across
  bark.lenticel_shape: lines
  twig.smell: bitter-almond | none?
  window ripening: 07-01..09-10
  window hanging: 07-01..09-30
  caution toxic [taste]: Leaves, twigs and the pits of the fruit are poisonous. Taste nothing.

genus Malus | apple; crabapple
  in Rosaceae
  form.habit: small-tree
  leaf.complexity: simple
  leaf.venation: pinnate
  fruit.kind: pome
  twig.spurs: yes
  window ripening: 08-20..10-31
  window hanging: 08-20..12-15

genus Pyrus | pear
  in Rosaceae
  form.habit: small-tree
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  fruit.kind: pome
  twig.spurs: yes
  window ripening: 08-20..10-31
  window hanging: 08-20..11-30

genus Crataegus | hawthorn
  in Rosaceae
  form.habit: small-tree | shrub
  leaf.complexity: simple
  fruit.kind: pome
  twig.armature: thorn
  twig.armature_place: along-the-twig
  window ripening: 08-10..10-10
  window hanging: 08-10..11-30
  caution thorns []: Long stiff thorns at face height. Look first, and take hold only where you can see the twig bare.

genus Sorbus | mountain-ash; rowan
  in Rosaceae
  form.habit: small-tree | shrub
  leaf.complexity: odd-pinnate
  leaf.margin: serrate
  fruit.kind: pome
  fruit.cluster: corymb
  twig.armature: none
  window ripening: 08-10..09-30
  window hanging: 08-15..12-31

genus Amelanchier | serviceberry
  in Rosaceae
  form.habit: shrub | small-tree
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  fruit.kind: pome
  fruit.colour: purple
  twig.armature: none
  window ripening: 06-10..07-31
  window hanging: 06-10..08-15

genus Physocarpus | ninebark
  in Rosaceae
  form.habit: shrub
  leaf.complexity: simple
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  bark.texture: stringy | papery?
  fruit.kind: follicle
  fruit.cluster: corymb
  twig.armature: none
  window pollen: 05-20..06-25
  window ripening: 07-15..09-15
  window hanging: 07-15..12-31

family Sapindaceae | soapberry family
  older_family: Aceraceae; Hippocastanaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  twig.armature: none
  wood.pores: diffuse-porous
  window leaf_out: 04-20..05-15
  window autumn: 09-20..10-25
  window leaf_fall: 10-01..11-05
  window pollen: 03-15..05-20

genus Acer | maple
  in Sapindaceae
  leaf.complexity: simple | odd-pinnate??
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  fruit.kind: paired-samara
  window ripening: 05-10..09-30
  window hanging: 05-10..12-31
  leaf.arrangement: opposite
  twig.arrangement: opposite

genus Aesculus | buckeye; horse-chestnut
  in Sapindaceae
  leaf.complexity: palmate
  leaf.leaflet_count: 5-7 (9)
  leaf.margin: serrate
  flower.kind: showy
  flower.pollinator: insects
  fruit.kind: capsule
  window ripening: 08-25..10-10
  window hanging: 08-25..10-20
  caution toxic [taste]: Seeds and young shoots are poisonous. Taste nothing.
  leaf.arrangement: opposite
  twig.arrangement: opposite

family Oleaceae | olive family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 09-15..10-15
  window leaf_fall: 09-25..10-31
  window pollen: 04-10..05-15

genus Fraxinus | ash
  in Oleaceae
  form.habit: tree
  leaf.complexity: odd-pinnate
  leaf.leaflet_count: 5-9 (11)
  flower.kind: inconspicuous
  flower.pollinator: wind
  fruit.kind: samara
  fruit.wings: one-at-the-end
  wood.pores: ring-porous
  window ripening: 08-15..10-10
  window hanging: 08-15..12-31

family Fabaceae | pea family
  older_family: Leguminosae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  flower.kind: showy | inconspicuous?
  flower.pollinator: insects
  fruit.kind: pod
  wood.pores: ring-porous
  window leaf_out: 05-01..05-31
  window autumn: 09-25..10-20
  window leaf_fall: 10-01..11-05
  window pollen: 05-10..06-20
  window ripening: 08-20..10-31
  window hanging: 08-20..12-31

genus Robinia | locust
  in Fabaceae
  leaf.complexity: odd-pinnate
  leaf.margin: entire
  twig.armature: spine
  twig.armature_place: in-pairs
  caution toxic [taste]: Bark, leaves and seeds are poisonous. Taste nothing.
  twig.bud_place: hidden
  caution thorns []: Pairs of sharp spines on twigs and young stems. Take hold only where you can see the twig bare.

genus Gleditsia | honeylocust
  in Fabaceae
  leaf.complexity: even-pinnate | bipinnate
  twig.armature: thorn | none?
  caution thorns [touch]: Branched thorns on trunk and limbs. Keep an arm's length away.

genus Cercis | redbud
  in Fabaceae
  form.habit: small-tree
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.shape: cordate
  leaf.margin: entire
  leaf.venation: palmate
  flower.timing: before-the-leaves
  twig.armature: none
  twig.zigzag: yes
  window pollen: 04-10..05-10

family Cornaceae | dogwood family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  flower.pollinator: insects
  twig.armature: none
  wood.pores: diffuse-porous
  window leaf_out: 04-20..05-20
  window autumn: 09-10..10-15
  window leaf_fall: 09-25..11-01
  window pollen: 05-01..06-20

genus Cornus | dogwood
  in Cornaceae
  form.habit: shrub | small-tree
  leaf.arrangement: opposite | alternate??
  twig.arrangement: opposite | alternate??
  leaf.venation: arcuate
  leaf.autumn_colour: red | purple
  fruit.kind: drupe
  window ripening: 08-01..10-10
  window hanging: 08-01..10-31
  leaf.threads: yes

family Nyssaceae | tupelo family
  older_family: Cornaceae
  form.habit: tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  twig.armature: none
  window leaf_out: 04-25..05-20
  window autumn: 09-10..10-15
  window leaf_fall: 09-25..10-31
  window pollen: 05-01..06-05

genus Nyssa | tupelo
  in Nyssaceae
  leaf.margin: entire | toothed??
  leaf.venation: pinnate
  leaf.autumn_colour: red
  fruit.kind: drupe
  fruit.colour: blue | black
  twig.spurs: yes
  window ripening: 09-01..10-15
  window hanging: 09-01..11-01
  twig.pith: diaphragmed

family Magnoliaceae | magnolia family
  form.habit: tree | small-tree
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  flower.sexual_system: bisexual
  flower.kind: showy
  flower.grouping: single
  flower.pollinator: insects
  twig.stipules: ring-scar
  twig.armature: none
  wood.pores: diffuse-porous
  window leaf_out: 04-20..05-20
  window autumn: 09-25..10-25
  window leaf_fall: 10-05..11-10
  window pollen: 05-01..06-20

genus Magnolia | magnolia
  in Magnoliaceae
  leaf.persistence: deciduous | evergreen?
  leaf.lobing: unlobed
  leaf.margin: entire
  fruit.kind: aggregate
  window ripening: 08-15..10-15
  window hanging: 08-15..10-31

genus Liriodendron | tuliptree
  in Magnoliaceae
  leaf.persistence: deciduous
  leaf.lobing: lobed
  leaf.tip: notched | truncate
  leaf.autumn_colour: yellow
  twig.bud_scales: valvate
  fruit.kind: aggregate | samara?
  window ripening: 09-01..11-01
  window hanging: 09-01..12-31
  twig.pith: diaphragmed

family Lauraceae | laurel family
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.margin: entire
  smell.leaf: spicy
  fruit.kind: drupe
  twig.armature: none

genus Sassafras
  in Lauraceae
  leaf.persistence: deciduous
  leaf.shapes_on_one_tree: three-shapes
  leaf.lobing: unlobed | palmately-lobed
  twig.colour: green
  leaf.autumn_colour: orange | red | yellow
  window leaf_out: 04-25..05-20
  window autumn: 09-20..10-25
  window leaf_fall: 10-01..11-05
  window pollen: 04-15..05-15
  window ripening: 08-15..09-30
  window hanging: 08-15..10-15

genus Umbellularia
  in Lauraceae
  leaf.persistence: evergreen
  leaf.lobing: unlobed
  leaf.texture: leathery
  caution irritant [smell taste]: The vapor of crushed leaves can bring on headache. Do not breathe it in.

family Malvaceae | mallow family
  older_family: Tiliaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 09-25..10-20
  window leaf_fall: 10-01..11-05
  window pollen: 06-10..07-15

genus Tilia | basswood; linden
  in Malvaceae
  form.habit: tree
  leaf.lobing: unlobed
  leaf.shape: cordate
  leaf.margin: serrate
  leaf.base_symmetry: uneven
  flower.pollinator: insects
  fruit.kind: nutlet-with-bract
  wood.pores: diffuse-porous
  window ripening: 08-15..10-15
  window hanging: 08-15..12-15

family Bignoniaceae | trumpet-creeper family
  leaf.kind: broad
  leaf.persistence: deciduous
  flower.kind: showy
  flower.pollinator: insects
  twig.armature: none
  window leaf_out: 05-05..06-05
  window autumn: 09-20..10-15
  window leaf_fall: 10-01..10-31
  window pollen: 06-01..07-05

genus Catalpa | catalpa
  in Bignoniaceae
  form.habit: tree
  leaf.arrangement: whorled | opposite
  twig.arrangement: whorled | opposite
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.shape: cordate
  leaf.margin: entire
  fruit.kind: capsule
  wood.pores: ring-porous
  window ripening: 08-15..10-31
  window hanging: 08-15..12-31

family Ericaceae | heath family
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  flower.sexual_system: bisexual
  flower.pollinator: insects
  twig.armature: none
  wood.pores: diffuse-porous

genus Arbutus | madrone
  in Ericaceae
  form.habit: tree | small-tree
  leaf.persistence: evergreen
  leaf.texture: leathery
  bark.texture: papery | smooth
  fruit.kind: berry
  fruit.colour: red | orange-red

genus Oxydendrum
  in Ericaceae
  form.habit: small-tree
  leaf.persistence: deciduous
  leaf.margin: serrate
  leaf.autumn_colour: red
  fruit.kind: capsule
  window leaf_out: 04-25..05-20
  window autumn: 09-10..10-15
  window leaf_fall: 10-01..11-01
  window pollen: 06-15..07-20
  window ripening: 09-01..10-15
  window hanging: 09-01..12-31

genus Rhododendron | rhododendron; azalea
  in Ericaceae
  form.habit: shrub
  leaf.persistence: evergreen | deciduous
  leaf.margin: entire
  flower.kind: showy
  fruit.kind: capsule
  caution toxic [taste]: Leaves, flowers and nectar are poisonous. Taste nothing.

family Ebenaceae | ebony family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  twig.armature: none
  window leaf_out: 05-01..05-25
  window autumn: 09-25..10-25
  window leaf_fall: 10-05..11-05
  window pollen: 05-20..06-25

genus Diospyros | persimmon
  in Ebenaceae
  form.habit: small-tree
  bark.texture: blocky
  leaf.margin: entire
  fruit.kind: berry
  fruit.colour: orange
  window ripening: 09-01..10-31
  window hanging: 09-01..12-15

family Anacardiaceae | sumac family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  fruit.kind: drupe
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 09-05..10-15
  window leaf_fall: 09-20..10-31
  window pollen: 05-15..07-05
  window ripening: 08-01..09-30
  window hanging: 08-01..12-31

genus Rhus | sumac
  in Anacardiaceae
  form.habit: shrub | small-tree
  leaf.autumn_colour: red | orange
  fruit.colour: red
  fruit.texture: hairy

genus Toxicodendron | poison-ivy and its kin
  in Anacardiaceae
  form.habit: vine | shrub | small-tree?
  fruit.colour: white | tan
  leaf.autumn_colour: red
  caution irritant [touch lens smell taste cut measure]: Touching any part in any season can blister the skin. Look only, and keep clothes and tools off it.

family Rhamnaceae | buckthorn family
  form.habit: shrub | small-tree
  leaf.kind: broad
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate | three-from-the-base?
  fruit.kind: drupe | capsule?
  window leaf_out: 04-25..05-20
  window autumn: 09-15..10-20
  window leaf_fall: 10-01..11-10
  window pollen: 05-10..06-20
  window ripening: 07-20..09-20
  window hanging: 07-20..10-31

genus Rhamnus | buckthorn
  in Rhamnaceae
  leaf.persistence: deciduous
  leaf.arrangement: alternate | subopposite | opposite?
  twig.arrangement: alternate | subopposite | opposite?
  leaf.margin: serrate | crenate
  fruit.colour: black
  twig.bud_scales: imbricate
  caution toxic [taste]: Fruit and bark are strong purgatives. Taste nothing.

genus Frangula | cascara; alder-buckthorn
  in Rhamnaceae
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  twig.bud_scales: naked
  twig.armature: none
  fruit.colour: black
  caution toxic [taste]: Bark and fruit are strong purgatives. Taste nothing.

family Elaeagnaceae | oleaster family
  form.habit: shrub | small-tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  leaf.hairs: silvery-scales | silvery-and-rusty-scales
  flower.pollinator: insects
  window leaf_out: 04-20..05-15
  window autumn: 09-30..10-25
  window leaf_fall: 10-10..11-20
  window pollen: 05-01..06-15
  window ripening: 08-01..09-30
  window hanging: 08-01..11-30

genus Elaeagnus | oleaster
  in Elaeagnaceae
  leaf.arrangement: alternate
  twig.arrangement: alternate
  flower.sexual_system: bisexual
  fruit.kind: drupe

genus Shepherdia | buffaloberry
  in Elaeagnaceae
  leaf.arrangement: opposite
  twig.arrangement: opposite
  flower.sexual_system: dioecious
  fruit.kind: drupe

family Adoxaceae | moschatel family
  older_family: Caprifoliaceae; Viburnaceae
  form.habit: shrub | small-tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: opposite
  twig.arrangement: opposite
  flower.sexual_system: bisexual
  flower.kind: showy
  flower.pollinator: insects
  fruit.kind: drupe
  twig.armature: none
  window leaf_out: 04-10..05-10
  window autumn: 09-15..10-20
  window leaf_fall: 10-01..11-05
  window pollen: 05-20..07-05
  window ripening: 07-25..09-25
  window hanging: 07-25..10-20

genus Sambucus | elder; elderberry
  in Adoxaceae
  leaf.complexity: odd-pinnate
  leaf.margin: serrate
  twig.pith: solid
  caution toxic [taste]: Raw fruit, leaves and bark are poisonous. Taste nothing.
  twig.pith_width: wide
  twig.pith_colour: white | brown

genus Viburnum | viburnum
  in Adoxaceae
  leaf.complexity: simple

family Aquifoliaceae | holly family
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  flower.sexual_system: dioecious
  flower.pollinator: insects
  fruit.kind: drupe
  fruit.colour: red | black?

genus Ilex | holly
  in Aquifoliaceae
  form.habit: shrub | small-tree
  leaf.persistence: evergreen | deciduous
  twig.armature: none
  window leaf_out: 04-25..05-20
  window leaf_fall: 10-05..11-10
  window pollen: 05-10..06-20
  window ripening: 09-01..10-31
  window hanging: 09-01..12-31
  caution toxic [taste]: The fruit is poisonous. Taste nothing.

family Simaroubaceae | quassia family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  twig.armature: none
  window leaf_out: 05-01..06-01
  window autumn: 09-25..10-20
  window leaf_fall: 10-05..11-05
  window pollen: 06-01..07-05
  window ripening: 08-01..10-15
  window hanging: 08-01..12-31

genus Ailanthus
  in Simaroubaceae
  form.habit: tree
  form.trunk_shoots: from-the-roots
  leaf.complexity: odd-pinnate
  leaf.leaflet_count: 11-25 (41)
  leaf.glands: on-the-teeth
  smell.leaf: rank
  fruit.kind: samara
  twig.thickness: stout
  caution irritant [touch]: The sap can irritate skin. It spreads by root and seed: move no part of it.

family Annonaceae | custard-apple family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  twig.armature: none
  window leaf_out: 05-01..05-25
  window autumn: 09-25..10-20
  window leaf_fall: 10-05..11-01
  window pollen: 04-25..05-20

genus Asimina | pawpaw
  in Annonaceae
  form.habit: small-tree | shrub
  leaf.shape: obovate
  twig.bud_scales: naked
  flower.kind: showy
  flower.colour: purple | brown
  fruit.kind: berry
  fruit.colour: green | yellow
  window ripening: 08-20..10-05
  window hanging: 08-20..10-10
  twig.pith: diaphragmed
  caution toxic [taste]: Seeds, leaves and bark are poisonous. Taste nothing.
`;
