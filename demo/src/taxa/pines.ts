/** Pines: two with five needles that only their cones tell apart, and one with two. */
export const PINES = `
genus Pinus | pine
  in Pinaceae
  needle.attachment: in-bundles
  twig.spurs: no
  twig.after_needle_fall: bundle-scars
  twig.bud_scales: imbricate
  needle.section: triangular | half-round
  fruit.bracts: hidden
  fruit.cone_posture: spreading | hanging?

group five-needle pines
  in Pinus
  needle.bundle_count: 5
  needle.section: triangular
  needle.sheath: shed
  needle.arrangement: tufted-at-the-ends
  needle.length: 30-70 (90) mm
  needle.length_variation: all-alike
  needle.flexibility: flexible | stiff?
  needle.tip: pointed
  needle.twist: straight | curved?
  needle.margin: smooth | finely-toothed?
  needle.colour: blue-green | yellow-green? | dark-green?
  needle.bands: all-sides | inner-sides?
  needle.smell: resin
  needle.density: crowded
  form.outline: irregular | spreading | rounded?
  form.leader: erect
  form.branch_angle: ascending
  form.foliage_posture: tufted-at-branch-ends
  form.canopy_layer: open-grown | canopy?
  form.growth_rate: slow
  form.trunks: single | few?
  bark.colour: pale-grey | grey | brown?
  bark.texture: smooth? | scaly | plated?
  bark.young_texture: smooth
  bark.resin_blisters: no
  bark.smell: turpentine
  twig.colour: brown | red-brown? | orange?
  twig.hairs: few | none?
  twig.bud_shape: ovoid
  twig.bud_length: 7-12 mm
  twig.lenticels: none
  twig.thickness: stout | medium
  twig.smell: resin
  fruit.cluster: single
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_colour: red-brown | brown
  twig.bud_hairs: none
  flower.grouping: cluster
  flower.posture: spreading | erect?
  fruit.kind: cone
  fruit.prickle: no
  fruit.symmetry: even
  fruit.cone_posture: spreading
  smell.touch: soft
  site.moisture: dry
  site.shade_tolerance: low

species Pinus albicaulis Engelm.
  in five-needle pines; Pinus
  common: whitebark pine
  prose how_to_tell: From limber pine only by the cone: egg-shaped, purple, never opening, torn apart by birds, so that no whole cones lie beneath.
  caution protected [cut]: Protected: looked at where it stands, never cut or collected. Follow local rules.
  form.height: 5-20 (25) m
  form.life_span: 400-700 (1200) years
  fruit.size: 40-80 mm
  fruit.colour: purple | brown
  fruit.falls: torn-apart-by-birds
  fruit.scale_edge: thickened
  fruit.closed_by_resin: no
  fruit.hangs: soon-gone
  fruit.dispersal: birds
  site.landform: timberline | ridge
  window pollen: 05-28..06-20
  window ripening: 08-15..09-20
  window hanging: 08-15..10-10
  native US-ID US-MT
  flower.colour: red | purple?

species Pinus flexilis E. James
  in five-needle pines; Pinus
  common: limber pine
  prose how_to_tell: From whitebark pine only by the cone: longer, opening while green to tan, falling whole and lying beneath the tree.
  form.height: 6-18 (25) m
  form.life_span: 300-800 years
  fruit.size: 80-150 mm
  fruit.colour: brown | tan | green?
  fruit.falls: falls-whole
  fruit.scale_edge: thickened
  fruit.closed_by_resin: no
  fruit.hangs: into-winter
  fruit.dispersal: birds
  site.landform: ridge | dry-slope | timberline?
  window pollen: 05-25..06-18
  window ripening: 08-20..09-25
  window hanging: 08-20..02-28
  native US-MT
  flower.colour: yellow | pink

species Pinus contorta Douglas ex Loudon
  in Pinus
  common: lodgepole pine
  prose how_to_tell: Two twisted needles in a bundle; small lopsided cones with a prickle, often staying closed for years.
  form.height: 15-35 (45) m
  form.outline: columnar | conical | narrow-spire?
  form.leader: erect
  form.branch_angle: horizontal | ascending
  form.foliage_posture: tufted-at-branch-ends | spreading
  form.canopy_layer: canopy
  form.growth_rate: fast
  form.life_span: 150-300 years
  bark.colour: brown | orange-brown | grey?
  bark.texture: scaly
  bark.plate_size: 5-20 mm
  bark.young_texture: scaly
  bark.resin_blisters: no
  bark.smell: turpentine
  twig.colour: orange | brown
  twig.hairs: none
  twig.bud_shape: ovoid
  twig.bud_length: 8-14 mm
  twig.bud_resin: yes
  twig.bud_sticky: yes
  twig.bud_colour: red-brown
  needle.bundle_count: 2
  needle.section: half-round
  needle.sheath: lasting
  needle.arrangement: tufted-at-the-ends | all-round
  needle.length: 25-70 (80) mm
  needle.length_variation: all-alike
  needle.flexibility: stiff
  needle.tip: sharp
  needle.twist: twisted
  needle.margin: finely-toothed
  needle.colour: yellow-green | dark-green
  needle.bands: none | both-sides?
  needle.smell: resin
  needle.density: medium
  flower.colour: yellow | red
  fruit.size: 25-55 mm
  fruit.colour: brown | tan
  fruit.prickle: yes
  fruit.falls: stays-for-years
  fruit.scale_edge: thickened
  fruit.symmetry: lopsided
  fruit.closed_by_resin: yes | no?
  fruit.hangs: for-years
  smell.touch: prickly
  site.landform: bench | dry-slope | lower-slope
  site.moisture: dry | moderate
  site.shade_tolerance: low
  window pollen: 05-20..06-20
  window ripening: 08-15..09-30
  window hanging: 01-01..12-31
  native US-ID US-MT
`;
