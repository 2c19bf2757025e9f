/** What the list as a whole is described by, for the taxa where the first pass left it out. */
export const FILLED = `
more Pinaceae
  leaf.autumn_colour: green
  twig.smell: resin
  flower.posture: spreading | erect?

more Abies grandis
  twig.thickness: medium | slender?
  site.zones: 5-7

more Abies lasiocarpa
  twig.thickness: medium | stout?
  site.zones: 3-6

more Pseudotsuga menziesii
  twig.thickness: slender | medium?
  site.zones: 4-7

more Larix occidentalis
  twig.thickness: medium
  twig.smell: none | resin?
  site.zones: 3-6

more Larix lyallii
  twig.smell: none | resin?

more Picea engelmannii
  twig.thickness: medium | slender?
  site.zones: 2-5

more Picea pungens
  twig.thickness: stout | medium

more Pinus albicaulis
  site.zones: 3-6

more Pinus flexilis
  site.zones: 3-7

more Pinus contorta
  twig.thickness: medium
  site.zones: 3-7

more Cupressaceae
  leaf.autumn_colour: green
  twig.bud_resin: no
  twig.bud_sticky: no
  twig.bud_stalk: no
  twig.lenticels: none
  twig.pith: solid
  twig.smell: resin
  bark.lenticel_shape: none
  bark.branch_scar: none
  flower.grouping: single | cluster
  flower.posture: spreading


more Taxaceae
  leaf.autumn_colour: green
  twig.bud_stalk: no
  twig.bud_hairs: none
  twig.lenticels: none
  twig.pith: solid
  bark.branch_scar: none
  flower.posture: hanging | spreading


more Salicaceae
  twig.wings: no

more Populus trichocarpa
  twig.bud_hairs: none
  site.zones: 4-8

more Populus tremuloides
  twig.bud_hairs: none | some?
  site.zones: 1-6

more Populus angustifolia
  twig.bud_hairs: none

more Betulaceae
  twig.wings: no

more Betula papyrifera
  twig.bud_hairs: none | some?
  site.zones: 2-6

more Betula occidentalis
  twig.bud_hairs: none

more Alnus incana subsp. tenuifolia
  twig.bud_hairs: some | none?
  site.zones: 2-6

more Alnus viridis subsp. sinuata
  twig.bud_hairs: none

more Sorbus scopulina
  site.zones: 3-6

more Adoxaceae
  twig.wings: no
  wood.pores: diffuse-porous

more Sambucus cerulea
  site.zones: 5-8

more Oleaceae
  twig.wings: no

more Fraxinus pennsylvanica
  site.zones: 3-8

more Sapindaceae
  twig.wings: no

more Acer glabrum
  site.zones: 3-7

more Elaeagnaceae
  twig.wings: no

more Elaeagnus angustifolia
  wood.pores: ring-porous
  site.zones: 3-8

more Shepherdia argentea
  wood.pores: ring-porous | semi-ring-porous?
  site.zones: 2-6

more Fagaceae
  twig.wings: no

more Anacardiaceae
  twig.wings: no
  wood.pores: ring-porous

more Cornaceae
  twig.wings: no

more Rhamnaceae
  twig.wings: no

more Frangula purshiana
  wood.pores: diffuse-porous | semi-ring-porous?

more Cannabaceae
  twig.wings: no

more Ulmaceae
  twig.wings: no
`;
