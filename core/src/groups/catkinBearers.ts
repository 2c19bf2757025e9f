/** Willows, birches, oaks, walnuts and others whose flowers go with the wind. */
export const CATKIN_BEARERS = `
family Salicaceae | willow family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed | shallowly-lobed??
  flower.sexual_system: dioecious
  flower.kind: catkin
  flower.grouping: catkin
  fruit.kind: capsule
  fruit.cluster: catkin
  fruit.dispersal: wind
  twig.armature: none
  twig.wings: no
  wood.pores: diffuse-porous | semi-ring-porous
  window leaf_out: 04-10..05-15
  window autumn: 09-25..10-20
  window leaf_fall: 10-05..11-05
  window pollen: 03-20..05-05
  window ripening: 05-10..06-20
  window hanging: 05-15..06-25

genus Populus | poplar; cottonwood; aspen
  in Salicaceae
  form.habit: tree
  form.trunk_shoots: from-the-roots | from-the-base? | none?
  flower.posture: hanging
  flower.pollinator: wind
  flower.timing: before-the-leaves
  twig.bud_scales: imbricate
  leaf.autumn_colour: yellow
  twig.pith: solid
  twig.pith_outline: star-shaped | five-sided

genus Salix | willow
  in Salicaceae
  form.habit: shrub | tree | small-tree
  flower.posture: erect | spreading
  flower.pollinator: both
  twig.bud_scales: one-cap
  twig.terminal_bud: false
  leaf.autumn_colour: yellow

family Betulaceae | birch family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: doubly-serrate | serrate? | crenate??
  leaf.venation: pinnate
  flower.sexual_system: monoecious
  flower.kind: catkin
  flower.grouping: catkin
  flower.pollinator: wind
  twig.armature: none
  twig.wings: no
  wood.pores: diffuse-porous
  window leaf_out: 04-20..05-20
  window autumn: 09-25..10-20
  window leaf_fall: 10-05..11-05
  window pollen: 03-25..05-10

genus Betula | birch
  in Betulaceae
  bark.lenticel_shape: lines
  bark.lenticel_direction: across
  twig.bud_stalk: no
  twig.spurs: yes
  fruit.kind: catkin-that-shatters
  fruit.cluster: catkin
  leaf.autumn_colour: yellow
  window ripening: 08-01..09-30
  window hanging: 08-01..11-30
  twig.winter_catkins: yes

genus Alnus | alder
  in Betulaceae
  bark.texture: smooth
  fruit.kind: woody-cone-like-catkin
  leaf.autumn_colour: green | brown
  window ripening: 08-25..10-15
  window hanging: 01-01..12-31
  twig.pith: solid
  twig.pith_outline: triangular
  twig.winter_catkins: yes

genus Corylus | hazel
  in Betulaceae
  form.habit: shrub | small-tree
  form.trunks: many
  fruit.kind: nut
  twig.bud_stalk: no
  window ripening: 08-15..09-30
  window hanging: 08-15..10-15
  twig.winter_catkins: yes

genus Carpinus | hornbeam
  in Betulaceae
  form.habit: small-tree
  bark.texture: muscle-like
  fruit.kind: nutlet-with-bract
  twig.bud_stalk: no
  window ripening: 08-20..10-10
  window hanging: 08-20..11-15
  twig.winter_catkins: no

genus Ostrya | hophornbeam
  in Betulaceae
  form.habit: small-tree
  bark.texture: scaly
  fruit.kind: papery-sac
  twig.bud_stalk: no
  window ripening: 08-15..10-05
  window hanging: 08-15..11-01
  twig.winter_catkins: yes

family Fagaceae | beech family
  form.habit: tree | shrub?
  leaf.kind: broad
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.venation: pinnate
  flower.sexual_system: monoecious
  flower.kind: catkin
  flower.grouping: catkin
  fruit.dispersal: mammals | birds
  twig.armature: none
  twig.bud_scales: imbricate
  window leaf_out: 04-25..05-25
  window autumn: 10-01..11-05
  window leaf_fall: 10-15..11-25
  window pollen: 04-25..05-25

genus Quercus | oak
  in Fagaceae
  leaf.persistence: deciduous | marcescent | evergreen?
  flower.pollinator: wind
  fruit.kind: acorn
  twig.bud_marks_beneath: side-buds-crowded
  twig.pith: solid
  wood.pores: ring-porous | diffuse-porous?
  window ripening: 09-01..10-31
  window hanging: 09-01..11-10
  twig.pith_outline: star-shaped

group red oaks
  in Quercus
  leaf.lobe_tip: bristle
  leaf.lobing: pinnately-lobed | unlobed?
  fruit.acorn_years: two-years | one-year?
  fruit.woolly_shell: yes

group white oaks
  in Quercus
  leaf.lobe_tip: rounded | pointed?
  leaf.lobing: pinnately-lobed | unlobed?
  fruit.acorn_years: one-year | two-years??
  fruit.woolly_shell: no

genus Fagus | beech
  in Fagaceae
  leaf.persistence: deciduous | marcescent
  bark.texture: smooth
  leaf.margin: serrate
  leaf.lobing: unlobed
  leaf.vein_ends: in-the-teeth
  flower.pollinator: wind
  fruit.kind: nut-in-a-bur
  twig.bud_shape: spindle-shaped
  wood.pores: diffuse-porous
  window ripening: 09-01..10-20
  window hanging: 09-01..11-15

genus Castanea | chestnut
  in Fagaceae
  leaf.persistence: deciduous
  leaf.margin: serrate | bristle-toothed
  leaf.tooth_size: coarse
  leaf.lobing: unlobed
  flower.pollinator: both
  fruit.kind: nut-in-a-bur
  wood.pores: ring-porous
  window pollen: 06-10..07-10
  window ripening: 09-01..10-20
  window hanging: 09-01..11-01

family Juglandaceae | walnut family
  form.habit: tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.margin: serrate
  flower.sexual_system: monoecious
  flower.kind: catkin
  flower.pollinator: wind
  fruit.kind: nut
  twig.armature: none
  twig.thickness: stout | medium | slender?
  leaf.autumn_colour: yellow
  window leaf_out: 05-01..05-31
  window autumn: 09-20..10-20
  window leaf_fall: 09-30..11-01
  window pollen: 05-01..06-05
  window ripening: 09-01..10-15
  window hanging: 09-01..11-15

genus Juglans | walnut
  in Juglandaceae
  leaf.complexity: odd-pinnate | even-pinnate?
  leaf.leaflet_count: (9) 11-23
  twig.pith: chambered
  fruit.kind: nut-in-a-husk
  fruit.husk: stays-closed

genus Carya | hickory; pecan
  in Juglandaceae
  leaf.complexity: odd-pinnate
  leaf.leaflet_count: 5-11 (17)
  twig.pith: solid
  twig.pith_outline: star-shaped | five-sided
  fruit.kind: nut-in-a-husk
  fruit.husk: splits-to-the-base | splits-partway?

family Ulmaceae | elm family
  form.habit: tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.venation: pinnate
  twig.two_ranked: yes
  twig.armature: none
  wood.pores: ring-porous
  window leaf_out: 04-20..05-15
  window autumn: 09-30..10-25
  window leaf_fall: 10-10..11-10
  window pollen: 03-10..04-20

genus Ulmus | elm
  in Ulmaceae
  flower.sexual_system: bisexual
  flower.pollinator: wind
  flower.timing: before-the-leaves | after-the-leaves?
  flower.kind: inconspicuous
  fruit.kind: samara
  fruit.wings: all-round
  twig.terminal_bud: false
  leaf.autumn_colour: yellow
  window ripening: 04-20..05-31
  window hanging: 04-20..06-10

family Cannabaceae | hemp family
  older_family: Ulmaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: unlobed
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 09-30..10-25
  window leaf_fall: 10-05..11-10

genus Celtis | hackberry
  in Cannabaceae
  form.habit: tree | small-tree
  bark.texture: warty
  leaf.base_symmetry: uneven
  leaf.venation: three-from-the-base
  flower.kind: inconspicuous
  flower.pollinator: wind
  fruit.kind: drupe
  fruit.cluster: single
  twig.two_ranked: yes
  wood.pores: ring-porous
  window pollen: 04-20..05-20
  window ripening: 09-01..10-15
  window hanging: 09-01..12-31

family Moraceae | mulberry family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.sap: milky
  flower.kind: inconspicuous | catkin
  fruit.kind: multiple
  wood.pores: ring-porous
  window leaf_out: 05-01..05-25
  window autumn: 09-30..10-25
  window leaf_fall: 10-10..11-05
  window pollen: 05-01..06-05

genus Morus | mulberry
  in Moraceae
  form.habit: small-tree | tree
  leaf.margin: serrate
  leaf.shapes_on_one_tree: lobed-and-unlobed
  leaf.venation: three-from-the-base
  twig.armature: none
  window ripening: 06-10..07-20
  window hanging: 06-10..07-31

genus Maclura | osage-orange
  in Moraceae
  form.habit: small-tree
  leaf.margin: entire
  leaf.lobing: unlobed
  twig.armature: thorn
  fruit.colour: green | yellow
  window ripening: 09-01..10-31
  window hanging: 09-01..11-15
  caution thorns []: Stout thorns along the twigs. Take hold only where you can see the twig bare.

family Platanaceae | plane family
  form.habit: tree
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  leaf.lobing: palmately-lobed
  leaf.venation: palmate
  twig.armature: none
  window leaf_out: 04-25..05-25
  window autumn: 10-01..10-31
  window leaf_fall: 10-10..11-25
  window pollen: 04-25..05-20

genus Platanus | sycamore; plane
  in Platanaceae
  bark.texture: flaking-patches
  bark.peels_where: upper-trunk | all-over
  twig.bud_scales: one-cap
  twig.stipules: ring-scar
  twig.zigzag: yes
  fruit.kind: ball
  wood.pores: diffuse-porous
  window ripening: 09-15..11-15
  window hanging: 09-15..12-31
  twig.bud_place: hidden

family Altingiaceae | sweetgum family
  older_family: Hamamelidaceae
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.arrangement: alternate
  twig.arrangement: alternate
  leaf.complexity: simple
  twig.armature: none
  window leaf_out: 04-20..05-20
  window autumn: 10-01..11-10
  window leaf_fall: 10-15..11-30
  window pollen: 04-15..05-15

genus Liquidambar | sweetgum
  in Altingiaceae
  form.habit: tree
  leaf.lobing: palmately-lobed
  leaf.lobe_tip: pointed
  leaf.venation: palmate
  fruit.kind: ball
  twig.wings: yes | no?
  window ripening: 09-01..11-15
  window hanging: 09-01..12-31
`;
