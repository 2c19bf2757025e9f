/**
 * Second looks at each species: the school's own measurements and its herbarium sheets beside the flora; and for the
 * first eighteen how the name is said, what it means, habitat, record tree and look-alikes.
 */
export const SECOND_LOOKS = `
more Abies grandis
  say: AY-beez GRAN-diss
  root: grandis | Latin | tall, great | -
  prose habitat: Moist lower slopes and benches with redcedar and Douglas-fir.
  record: 520 55 14 2008 Ledger Loop
  pair Abies lasiocarpa [needle.bands]: Pale lines on the under side only here, on both sides there || Grand lies down flat, subalpine brushes up
  pair Pseudotsuga menziesii [twig.bud_shape]: Buds round and gummy here, long and sharp there
  fruit.size @own: 55-106 mm, n = 40
  bark.colour @sheet: grey | brown?
  fruit.bracts @sheet: hidden
  twig.bud_colour @sheet: brown
  twig.hairs @sheet: few

more Abies lasiocarpa
  say: AY-beez lay-zee-oh-KAR-pa
  root: lasiocarpa | Greek | with hairy fruit | -
  prose habitat: Cold slopes up to timberline, with Engelmann spruce.
  record: 320 34 8 2012 Signal Knob
  needle.length @own: 19-29 mm, n = 50
  fruit.size @own: 52-98 mm, n = 20
  fruit.bracts @sheet: hidden
  needle.density @sheet: crowded
  needle.smell @sheet: resin
  needle.tip @sheet: blunt

more Pseudotsuga menziesii
  say: soo-doh-TSOO-ga men-ZEE-zee-eye
  root: Pseudotsuga | Greek and Japanese | false hemlock | -
  root: menziesii | personal name | for the surgeon and naturalist Archibald Menzies | -
  prose habitat: Nearly everywhere below timberline, on dry slopes and moist benches.
  record: 640 52 16 2007 Ledger Loop
  prose mnemonic: The bracts stick out of the cone like the hind feet and tail of mice.
  needle.length @own: 17-28 mm, n = 20
  form.height @own: 28-58 m, n = 24
  needle.bands @sheet: below-only
  twig.bud_sticky @sheet: no
  twig.colour @sheet: brown | orange?
  twig.hairs @sheet: few

more Larix occidentalis
  say: LAIR-iks ok-sih-den-TAY-lis
  root: occidentalis | Latin | of the west | -
  prose habitat: North slopes and benches after fire.
  record: 410 46 11 2006 Ledger Loop
  needle.length @own: 27-48 mm, n = 60
  fruit.size @own: 27-44 mm, n = 24
  bark.texture @sheet: plated
  fruit.bracts @sheet: long-and-bristly
  needle.density @sheet: loose
  twig.bud_colour @sheet: brown

more Picea engelmannii
  say: PY-see-a eng-gel-MAN-ee-eye
  root: engelmannii | personal name | for the botanist George Engelmann | -
  prose habitat: Cold wet ground from creek bottoms to timberline.
  record: 480 47 10 2009 Ledger Loop
  needle.length @own: 17-30 mm, n = 50
  fruit.size @own: 32-57 mm, n = 40
  bark.resin_blisters @sheet: no
  needle.length_variation @sheet: all-alike
  needle.twist @sheet: curved
  twig.bud_sticky @sheet: no

more Pinus albicaulis
  say: PY-nus al-bih-KAW-lis
  root: albicaulis | Latin | white-stemmed | bark.colour=pale-grey
  prose habitat: Windswept ridges at timberline.
  prose wildlife: Nutcrackers bury its seeds; squirrels pile up its cones and bears raid the piles.
  prose pests: White pine blister rust and bark beetles have killed most old trees.
  prose status: Listed as threatened in the United States. Look at it where it stands; follow local rules.
  record: 410 17 12 2013 Signal Knob
  pair Pinus flexilis [fruit.falls]: Purple cones torn apart on the tree here, long tan cones lying whole beneath there || No cones on the ground: whitebark was found
  fruit.size @own: 44-76 mm, n = 30
  form.height @own: 6-19 m, n = 20
  fruit.closed_by_resin @sheet: no
  fruit.colour @sheet: purple
  fruit.hangs @sheet: soon-gone
  fruit.scale_edge @sheet: thickened

more Pinus flexilis
  say: PY-nus FLEX-ih-lis
  root: flexilis | Latin | bending, of the twigs | -
  prose habitat: Dry windy ridges; here planted.
  record: 230 12 9 2016 the arboretum
  fruit.size @own: 88-145 mm, n = 20
  form.height @own: 7-18 m, n = 24
  fruit.closed_by_resin @sheet: no
  fruit.falls @sheet: falls-whole
  fruit.hangs @sheet: into-winter
  fruit.scale_edge @sheet: thickened

more Pinus contorta
  say: PY-nus kon-TOR-ta
  root: contorta | Latin | twisted | needle.twist=twisted
  prose habitat: Dense stands after fire, from benches to high ground.
  record: 210 33 7 2014 Ledger Loop
  needle.length @own: 29-66 mm, n = 20
  fruit.size @own: 27-53 mm, n = 30
  bark.resin_blisters @sheet: no
  needle.arrangement @sheet: tufted-at-the-ends
  twig.bud_resin @sheet: yes
  twig.hairs @sheet: none

more Populus trichocarpa
  say: POP-yoo-lus trik-oh-KAR-pa
  root: trichocarpa | Greek | with hairy fruit | -
  prose habitat: Creek banks and gravel bars.
  record: 760 41 24 2005 Ledger Loop
  pair Populus tremuloides [twig.bud_sticky]: Big sticky buds here, small dry ones there
  leaf.length @own: 85-147 mm, n = 40
  leaf.width @own: 46-87 mm, n = 40
  flower.colour @sheet: red
  leaf.texture @sheet: leathery
  twig.colour @sheet: red-brown
  twig.hairs @sheet: none

more Populus tremuloides
  say: POP-yoo-lus trem-yoo-LOY-deez
  root: tremuloides | Latin | like the trembling poplar | leaf.petiole_section=flattened
  prose habitat: Groves of one root on moist slopes and in draws.
  prose why: Why the flat stalk helps the tree is disputed; that it makes the leaf tremble can be seen.
  record: 190 24 9 2015 Ledger Loop
  pair Betula papyrifera [bark.texture]: Smooth greenish bark that does not peel here, paper sheets there
  leaf.length @own: 33-63 mm, n = 24
  leaf.width @own: 34-62 mm, n = 40
  leaf.hairs @sheet: none
  leaf.petiole_section @sheet: flattened
  twig.leaf_scar @sheet: half-round | heart-shaped?
  twig.spurs @sheet: yes

more Betula papyrifera
  say: BET-yoo-la pap-ih-RIF-er-a
  root: papyrifera | Latin | paper-bearing | bark.texture=papery
  prose habitat: Moist north slopes and streamsides.
  record: 170 22 10 2013 Ledger Loop
  pair Alnus incana subsp. tenuifolia [twig.bud_stalk]: Buds sit on the twig here, stand on a short stalk there
  leaf.length @own: 53-96 mm, n = 50
  leaf.width @own: 38-69 mm, n = 20
  fruit.kind @sheet: catkin-that-shatters
  leaf.colour_above @sheet: dark-green | mid-green
  twig.lenticels @sheet: many
  twig.pith @sheet: solid

more Alnus incana subsp. tenuifolia
  say: AL-nus in-KAY-na ten-yoo-ih-FOH-lee-a
  root: tenuifolia | Latin | with thin leaves | leaf.texture=thin
  prose habitat: Streambanks, with its feet in the water.
  prose summary: Next year's catkins are already out at the start of October.
  record: 75 10 8 2016 Ledger Loop
  leaf.length @own: 44-85 mm, n = 50
  leaf.width @own: 29-61 mm, n = 40
  fruit.cluster @sheet: cluster | raceme
  leaf.petiole_section @sheet: grooved
  leaf.shape @sheet: ovate | elliptic
  twig.bud_sticky @sheet: no

more Sorbus scopulina
  say: SOR-bus skop-yoo-LY-na
  root: scopulina | Latin | of the cliffs | -
  prose habitat: Moist openings and rock slides.
  record: 22 4 4 2018 Ledger Loop
  pair Sambucus cerulea [twig.arrangement]: Feather leaves one at a time here, in pairs there
  pair Fraxinus pennsylvanica [twig.arrangement]: Leaves one at a time with sticky buds here, in pairs with woolly buds there || Mountain-ash is no ash: it goes alone
  leaf.length @own: 107-196 mm, n = 50
  leaf.leaflet_length @own: 32-63 mm, n = 24
  bark.texture @sheet: smooth
  bark.young_texture @sheet: smooth
  leaf.margin @sheet: serrate
  leaf.petiole_section @sheet: grooved

more Sambucus cerulea
  say: sam-BYOO-kus seh-ROO-lee-a
  root: cerulea | Latin | sky blue | fruit.colour=blue
  prose habitat: Roadsides, fence lines and burns.
  record: 60 6 6 2017 the school drive
  pair Fraxinus pennsylvanica [twig.pith_width]: Twigs full of white pith here, solid wood there
  leaf.length @own: 157-294 mm, n = 40
  leaf.leaflet_length @own: 59-120 mm, n = 40
  flower.posture @sheet: erect
  leaf.leaflet_stalk @sheet: short
  leaf.venation @sheet: pinnate
  twig.bud_shape @sheet: ovoid

more Fraxinus pennsylvanica
  say: FRAK-sih-nus pen-sil-VAN-ih-ka
  root: pennsylvanica | place name | of Pennsylvania, for which it was named | -
  prose habitat: River bottoms of the plains; here planted.
  prose pests: The emerald ash borer has not been found in the valley. Report D-shaped holes to the county office; move no ash firewood.
  record: 200 18 12 2016 the arboretum
  leaf.length @own: 166-286 mm, n = 24
  leaf.leaflet_length @own: 65-115 mm, n = 50
  bark.ridge_pattern @sheet: interlacing
  leaf.base_symmetry @sheet: even
  twig.lenticels @sheet: few
  twig.smell @sheet: none

more Acer glabrum
  say: AY-ser GLAY-brum
  root: glabrum | Latin | smooth, hairless | leaf.hairs=none
  prose habitat: Moist slopes and streamsides under conifers.
  record: 70 10 8 2015 Ledger Loop
  leaf.length @own: 56-102 mm, n = 60
  leaf.width @own: 53-118 mm, n = 60
  flower.kind @sheet: inconspicuous
  flower.posture @sheet: spreading
  leaf.shapes_on_one_tree @sheet: one-shape
  twig.bud_sticky @sheet: no

more Elaeagnus angustifolia
  say: el-ee-AG-nus an-gus-tih-FOH-lee-a
  root: angustifolia | Latin | with narrow leaves | leaf.shape=lanceolate
  prose habitat: River bottoms, ditches and old plantings.
  prose status: Introduced and a listed weed in parts of the west. Do not plant; follow local rules.
  record: 180 10 10 2016 Ledger Loop
  pair Shepherdia argentea [twig.arrangement]: Silver leaves one at a time here, in pairs there || Olive alone, buffalo in pairs
  leaf.length @own: 35-76 mm, n = 20
  leaf.width @own: 11-25 mm, n = 60
  flower.smell @sheet: sweet
  fruit.hangs @sheet: through-winter
  leaf.shape @sheet: lanceolate | oblong? | linear?
  twig.bud_colour @sheet: silver

more Shepherdia argentea
  say: sheh-PER-dee-a ar-JEN-tee-a
  root: argentea | Latin | silvery | leaf.surface_below=silvery-scaly
  prose habitat: River terraces of the plains; here planted.
  record: 40 5 5 2018 the arboretum
  leaf.length @own: 23-47 mm, n = 20
  leaf.width @own: 7-15 mm, n = 30
  fruit.cluster @sheet: cluster
  fruit.kind @sheet: drupe
  twig.bud_colour @sheet: silver
  twig.two_ranked @sheet: no

more Pinus ponderosa
  needle.length @own: 128-225 mm, n = 60
  fruit.size @own: 74-126 mm, n = 60
  flower.colour @sheet: red
  fruit.colour @sheet: brown
  needle.arrangement @sheet: tufted-at-the-ends
  twig.bud_shape @sheet: ovoid

more Pinus monticola
  needle.length @own: 52-97 mm, n = 30
  fruit.size @own: 159-255 mm, n = 40
  bark.colour @sheet: dark-grey | purple-brown
  fruit.colour @sheet: tan
  fruit.hangs @sheet: into-winter
  twig.hairs @sheet: rusty-hairs | few?

more Picea pungens
  needle.length @own: 17-29 mm, n = 50
  fruit.size @own: 56-105 mm, n = 50
  bark.young_texture @sheet: scaly
  needle.section @sheet: square
  twig.bud_resin @sheet: no
  twig.colour @sheet: yellow

more Tsuga heterophylla
  needle.length @own: 7-19 mm, n = 24
  fruit.size @own: 16-27 mm, n = 20
  flower.colour @sheet: purple | red
  fruit.colour @sheet: brown
  twig.bud_shape @sheet: ovoid | round?
  twig.hairs @sheet: many

more Tsuga mertensiana
  needle.length @own: 11-24 mm, n = 50
  fruit.size @own: 31-59 mm, n = 60
  bark.colour @sheet: purple-brown
  bark.ridge_top @sheet: rounded
  needle.margin @sheet: smooth
  needle.section @sheet: half-round | flat

more Larix lyallii
  needle.length @own: 21-34 mm, n = 60
  fruit.size @own: 32-48 mm, n = 50
  bark.resin_blisters @sheet: no
  fruit.symmetry @sheet: even
  needle.density @sheet: medium
  twig.hairs @sheet: many

more Thuja plicata
  fruit.size @own: 10-14 mm, n = 60
  form.height @own: 32-48 m, n = 60
  bark.smell @sheet: none
  fruit.scale_edge @sheet: rounded | pointed?
  needle.smell @sheet: fruity | sweet
  twig.colour @sheet: green | brown

more Juniperus scopulorum
  fruit.size @own: 5.2-7.8 mm, n = 20
  form.height @own: 4.4-9.6 m, n = 24
  bark.colour @sheet: red-brown
  bark.young_texture @sheet: stringy | smooth?
  flower.colour @sheet: yellow
  needle.smell @sheet: pungent

more Taxus brevifolia
  needle.length @own: 13-23 mm, n = 40
  fruit.size @own: 7.1-9.9 mm, n = 20
  bark.colour @sheet: purple-brown | red-brown
  bark.inner_colour @sheet: red
  needle.section @sheet: flat
  twig.spurs @sheet: no

more Populus angustifolia
  leaf.length @own: 55-106 mm, n = 30
  leaf.width @own: 12-27 mm, n = 24
  leaf.surface_above @sheet: shiny
  leaf.tooth_size @sheet: fine
  twig.hairs @sheet: none
  twig.smell @sheet: balsam

more Betula occidentalis
  leaf.length @own: 23-47 mm, n = 50
  leaf.width @own: 17-38 mm, n = 40
  fruit.colour @sheet: brown
  leaf.margin @sheet: doubly-serrate | serrate
  twig.bud_resin @sheet: yes | no?
  twig.hairs @sheet: few | none?

more Alnus viridis subsp. sinuata
  leaf.length @own: 45-86 mm, n = 20
  leaf.width @own: 32-68 mm, n = 60
  twig.bud_resin @sheet: yes
  twig.bud_shape @sheet: conical
  twig.bud_sticky @sheet: yes
  twig.terminal_bud @sheet: true

more Salix scouleriana
  leaf.length @own: 36-75 mm, n = 60
  leaf.width @own: 16-34 mm, n = 24
  bark.colour @sheet: grey | brown?
  leaf.base_symmetry @sheet: even
  leaf.tip @sheet: obtuse
  twig.thickness @sheet: medium

more Salix exigua
  leaf.length @own: 54-116 mm, n = 60
  leaf.width @own: 3.5-9.7 mm, n = 30
  leaf.base @sheet: wedge-shaped
  leaf.colour_above @sheet: grey-green
  leaf.glands @sheet: none
  twig.leaf_scar @sheet: narrow-line

more Acer grandidentatum
  leaf.length @own: 54-86 mm, n = 40
  leaf.width @own: 55-105 mm, n = 20
  bark.colour @sheet: grey | brown?
  flower.pollinator @sheet: both
  leaf.petiole_colour @sheet: green
  leaf.texture @sheet: leathery | thin?

more Quercus gambelii
  leaf.length @own: 65-126 mm, n = 30
  leaf.width @own: 40-77 mm, n = 50
  fruit.colour @sheet: brown
  leaf.margin @sheet: entire
  leaf.texture @sheet: leathery
  twig.spurs @sheet: no

more Physocarpus malvaceus
  leaf.length @own: 26-58 mm, n = 30
  leaf.width @own: 28-63 mm, n = 40
  bark.colour @sheet: brown
  leaf.base @sheet: cordate
  leaf.glands @sheet: none
  leaf.tip @sheet: obtuse | acute?

more Prunus virginiana
  leaf.length @own: 52-97 mm, n = 20
  leaf.width @own: 30-53 mm, n = 30
  leaf.autumn_colour @sheet: red | orange? | yellow
  leaf.margin @sheet: serrate
  leaf.surface_below @sheet: smooth
  twig.bud_shape @sheet: conical | ovoid

more Prunus emarginata
  leaf.length @own: 27-59 mm, n = 60
  leaf.width @own: 11-27 mm, n = 24
  bark.peels_where @sheet: nowhere
  flower.smell @sheet: sweet
  fruit.dispersal @sheet: birds | mammals?
  leaf.tip @sheet: rounded | obtuse | acute? | notched??

more Amelanchier alnifolia
  leaf.length @own: 21-44 mm, n = 50
  leaf.width @own: 21-38 mm, n = 40
  flower.timing @sheet: with-the-leaves
  fruit.cluster @sheet: raceme
  leaf.glands @sheet: none
  twig.hairs @sheet: none

more Crataegus douglasii
  leaf.length @own: 33-68 mm, n = 50
  leaf.width @own: 24-52 mm, n = 40
  flower.timing @sheet: after-the-leaves
  leaf.colour_below @sheet: pale-green
  twig.bud_stalk @sheet: no
  twig.spurs @sheet: yes

more Sorbus aucuparia
  leaf.length @own: 126-214 mm, n = 40
  leaf.leaflet_length @own: 27-59 mm, n = 50
  fruit.hangs @sheet: into-winter | through-winter?
  leaf.leaflet_stalk @sheet: none
  twig.bud_stalk @sheet: no
  twig.stipules @sheet: small-and-soon-lost

more Rhus glabra
  leaf.length @own: 273-424 mm, n = 24
  leaf.leaflet_length @own: 55-97 mm, n = 40
  leaf.base @sheet: rounded | wedge-shaped?
  leaf.hairs @sheet: none
  leaf.petiole_section @sheet: round
  leaf.surface_above @sheet: dull

more Rhus trilobata
  leaf.length @own: 21-54 mm, n = 30
  leaf.leaflet_length @own: 12-29 mm, n = 60
  leaf.autumn_colour @sheet: red | orange
  twig.hairs @sheet: few | many?
  twig.lenticels @sheet: few | many?
  twig.thickness @sheet: slender

more Toxicodendron rydbergii
  leaf.length @own: 107-243 mm, n = 60
  leaf.leaflet_length @own: 49-113 mm, n = 30
  fruit.dispersal @sheet: birds
  leaf.margin @sheet: entire
  leaf.venation @sheet: pinnate
  twig.bud_shape @sheet: conical

more Cornus sericea
  leaf.length @own: 45-95 mm, n = 40
  leaf.width @own: 22-58 mm, n = 30
  twig.bud_hairs @sheet: dense
  twig.colour @sheet: red
  twig.lenticels @sheet: few | many?
  twig.winter_colour @sheet: red

more Frangula purshiana
  leaf.length @own: 66-126 mm, n = 60
  leaf.width @own: 33-62 mm, n = 50
  fruit.colour @sheet: black
  twig.leaf_scar @sheet: crescent | half-round?
  twig.stipules @sheet: small-and-soon-lost
  twig.terminal_bud @sheet: true

more Celtis reticulata
  leaf.length @own: 30-67 mm, n = 24
  leaf.width @own: 18-37 mm, n = 40
  leaf.glands @sheet: none
  leaf.hairs @sheet: on-veins
  twig.bud_stalk @sheet: no
  twig.hairs @sheet: many

more Ulmus pumila
  leaf.length @own: 24-57 mm, n = 20
  leaf.width @own: 13-27 mm, n = 24
  leaf.colour_below @sheet: pale-green
  leaf.hairs @sheet: in-vein-axils | none?
  twig.bud_scales @sheet: imbricate
  twig.stipules @sheet: small-and-soon-lost
`;
