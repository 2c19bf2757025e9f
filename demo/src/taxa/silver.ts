/** A tree and a shrub with silver leaves: one leaf hardly separates them, a twig does at once. */
export const SILVER = `
family Elaeagnaceae | oleaster family
  leaf.kind: broad
  leaf.persistence: deciduous
  leaf.complexity: simple
  leaf.lobing: unlobed
  leaf.margin: entire
  leaf.venation: pinnate
  leaf.texture: leathery
  leaf.surface_above: silvery-scaly
  leaf.surface_below: silvery-scaly
  leaf.hairs: silvery-scales
  leaf.colour_above: silver | grey-green
  leaf.colour_below: silver
  leaf.glands: none
  smell.leaf: none
  twig.pith: solid
  twig.bud_hairs: silvery-scales
  twig.bud_sticky: no
  twig.bud_resin: no
  bark.lenticel_shape: none
  flower.kind: inconspicuous | showy?
  twig.pith_colour: brown

group silver-leaved
  in Elaeagnaceae
  twig.colour: silver
  twig.hairs: silvery-scales
  twig.armature: thorn
  twig.armature_place: along-the-twig | at-the-tip
  leaf.tip: rounded | obtuse | acute?
  leaf.base: wedge-shaped | rounded?
  leaf.autumn_colour: brown | green

genus Elaeagnus | oleaster
  in Elaeagnaceae
  twig.arrangement: alternate
  leaf.arrangement: alternate
  twig.armature: thorn | none?

species Elaeagnus angustifolia L.
  in silver-leaved; Elaeagnus
  common: Russian-olive
  prose how_to_tell: Silver leaves one at a time along a thorny silver twig; mealy pale fruit.
  caution thorns []: Stiff thorns. Look first, and take hold only where you can see the twig bare. Follow local rules.
  caution pest [cut]: Invasive in this region: do not move living material. Follow local rules.
  form.habit: small-tree | shrub?
  form.height: 4-10 (12) m
  form.outline: rounded | irregular?
  form.trunks: few | single?
  form.branching: decurrent
  form.growth_rate: fast
  form.trunk_shoots: from-the-base | from-the-roots?
  bark.colour: brown | dark-grey?
  bark.texture: furrowed | stringy?
  bark.young_texture: smooth | fissured
  bark.branch_scar: none
  twig.two_ranked: no
  twig.lenticels: few | none?
  twig.thickness: slender | medium?
  twig.spurs: no | yes?
  twig.armature_length: 10-50 mm
  twig.bud_shape: ovoid | round?
  twig.bud_length: 2-4 mm
  twig.bud_scales: imbricate
  twig.bud_stalk: no
  twig.bud_colour: silver
  twig.terminal_bud: false
  twig.stipules: none
  twig.leaf_scar: half-round
  twig.bundle_scars: 1
  twig.smell: none
  leaf.length: 30-80 (100) mm
  leaf.width: 10-25 mm
  leaf.shape: lanceolate | oblong? | linear?
  leaf.petiole_length: 5-10 mm
  leaf.petiole_section: round
  flower.sexual_system: bisexual
  flower.colour: yellow
  flower.grouping: cluster | single
  flower.timing: after-the-leaves
  flower.posture: spreading
  flower.pollinator: insects
  flower.smell: sweet
  fruit.kind: drupe
  fruit.cluster: single | cluster
  fruit.size: 10-18 mm
  fruit.colour: tan | yellow?
  fruit.texture: silvery-scales
  fruit.hangs: through-winter
  fruit.dispersal: birds
  site.landform: floodplain | roadside
  site.moisture: moderate | moist?
  site.shade_tolerance: low
  window leaf_out: 05-01..05-22
  window pollen: 06-01..06-25
  window ripening: 08-25..10-01
  window hanging: 08-25..03-01
  window autumn: 10-05..10-25
  window leaf_fall: 10-15..11-10
  introduced US-ID US-MT

genus Shepherdia | buffaloberry
  in Elaeagnaceae
  twig.arrangement: opposite
  leaf.arrangement: opposite

species Shepherdia argentea (Pursh) Nutt.
  in silver-leaved; Shepherdia
  common: silver buffaloberry
  prose how_to_tell: Silver leaves in pairs on a thorny silver twig; clusters of small red fruit.
  caution thorns []: Stiff thorns at the ends of the twigs. Look first, and take hold only where you can see the twig bare. Follow local rules.
  form.habit: shrub | clonal-thicket? | small-tree??
  form.height: 2-5 (6) m
  form.outline: rounded | irregular?
  form.trunks: many
  form.branching: decurrent
  form.growth_rate: moderate
  form.trunk_shoots: from-the-roots
  bark.colour: grey | brown?
  bark.texture: furrowed | stringy?
  bark.young_texture: smooth | fissured
  bark.branch_scar: none
  twig.two_ranked: no
  twig.lenticels: none | few?
  twig.thickness: medium | slender?
  twig.spurs: yes | no?
  twig.armature_length: 10-40 mm
  twig.bud_shape: ovoid
  twig.bud_length: 2-4 mm
  twig.bud_scales: valvate | naked?
  twig.bud_stalk: yes | no?
  twig.bud_colour: silver
  twig.terminal_bud: true
  twig.stipules: none
  twig.leaf_scar: half-round
  twig.bundle_scars: 1
  twig.smell: none
  leaf.length: 20-50 (60) mm
  leaf.width: 7-15 mm
  leaf.shape: oblong | lanceolate? | elliptic?
  leaf.petiole_length: 3-7 mm
  leaf.petiole_section: round
  flower.sexual_system: dioecious
  flower.colour: yellow | brown?
  flower.grouping: cluster
  flower.timing: before-the-leaves
  flower.posture: spreading
  flower.pollinator: insects
  flower.smell: none
  fruit.kind: drupe
  fruit.cluster: cluster
  fruit.size: 4-7 mm
  fruit.colour: red | yellow??
  fruit.texture: silvery-scales | smooth?
  fruit.hangs: into-winter
  fruit.dispersal: birds
  site.landform: streamside | floodplain
  site.moisture: moderate | moist?
  site.shade_tolerance: low
  window leaf_out: 04-25..05-15
  window pollen: 04-10..05-01
  window receptive: 04-10..05-01
  window ripening: 07-20..09-05
  window hanging: 07-20..12-01
  window autumn: 10-01..10-20
  window leaf_fall: 10-10..11-05
  native US-MT
`;
