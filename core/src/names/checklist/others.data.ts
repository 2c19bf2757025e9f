/** Magnolias, laurels, barberries, palms, cacti, trees of warm shores and the rest. How a line is read: ./read.ts. */
export const OTHERS = `
@Magnoliaceae magnolia
Liriodendron tuliptree: tulipifera tuliptree, yellow-poplar, tulip-poplar, tulip tree; chinense Chinese tuliptree
Magnolia magnolia: acuminata cucumber tree, cucumbertree, cucumber magnolia; ashei Ashe magnolia; fraseri mountain magnolia, Fraser magnolia; grandiflora southern magnolia, evergreen magnolia, bull bay; macrophylla bigleaf magnolia; pyramidata pyramid magnolia; tripetala umbrella-tree, umbrella magnolia; virginiana sweetbay, sweetbay magnolia; denudata Yulan magnolia; kobus kobus magnolia; liliiflora lily magnolia; stellata star magnolia; salicifolia anise magnolia; sieboldii Oyama magnolia; x soulangeana saucer magnolia; x loebneri Loebner magnolia
Michelia michelia: figo banana shrub
@Annonaceae custard-apple
Annona annona: glabra pond apple
Asimina pawpaw: incana woolly pawpaw; longifolia polecat bush; manasota Manasota pawpaw; obovata bigflower pawpaw; parviflora smallflower pawpaw; pygmea dwarf pawpaw; reticulata netted pawpaw; tetramera fourpetal pawpaw; triloba pawpaw, common pawpaw; angustifolia slimleaf pawpaw
@Calycanthaceae strawberry-shrub
Calycanthus sweetshrub: floridus eastern sweetshrub, Carolina allspice; occidentalis western sweetshrub, spicebush; chinensis Chinese sweetshrub
Chimonanthus wintersweet: praecox wintersweet
@Lauraceae laurel
Cinnamomum cinnamon: camphora camphortree, camphor tree
Laurus laurel: nobilis sweet bay, bay laurel
Licaria licaria: triandra pepperleaf sweetwood
Lindera spicebush: benzoin northern spicebush, spicebush; melissifolia southern spicebush, pondberry; subcoriacea bog spicebush
Litsea pondspice: aestivalis pondspice
Ocotea lancewood: coriacea lancewood
Persea bay: americana avocado; borbonia redbay; humilis silk bay; palustris swamp bay
Sassafras sassafras: albidum sassafras
Umbellularia California-laurel: californica California laurel, California bay, Oregon myrtle
@Schisandraceae star-vine; Illiciaceae
Illicium anisetree: floridanum Florida anisetree; parviflorum yellow anisetree
Schisandra schisandra: glabra bay starvine
@Canellaceae canella
Canella canella: winterana wild cinnamon, pepper cinnamon
@Aristolochiaceae birthwort
Isotrema pipevine: macrophyllum pipevine, Dutchman's pipe; tomentosum woolly Dutchman's pipe
@Berberidaceae barberry
Berberis barberry: canadensis American barberry; darwinii Darwin berberis; fendleri Fendler barberry; julianae wintergreen barberry; koreana Korean barberry; thunbergii Japanese barberry; vulgaris common barberry, European barberry; amurensis Amur barberry
Mahonia Oregon-grape: aquifolium tall Oregon-grape, hollyleaf barberry = Berberis aquifolium; bealei Beale barberry, leatherleaf mahonia = Berberis bealei; dictyota Jepson Oregon-grape; fremontii Fremont mahonia = Berberis fremontii; haematocarpa red barberry = Berberis haematocarpa; harrisoniana Kofa Mountain barberry; higginsiae Higgins barberry; nervosa Cascade Oregon-grape, dwarf Oregon-grape, Cascade barberry = Berberis nervosa; nevinii Nevin barberry = Berberis nevinii; pinnata California barberry, wavyleaf barberry = Berberis pinnata; pumila dwarf barberry; repens creeping barberry, creeping Oregon-grape = Berberis repens; swaseyi Texas barberry = Berberis swaseyi; trifoliolata agarita, algerita = Berberis trifoliolata; wilcoxii Wilcox barberry
Nandina nandina: domestica sacred bamboo, heavenly bamboo
@Lardizabalaceae akebia
Akebia akebia: quinata chocolate vine, fiveleaf akebia
@Menispermaceae moonseed
Menispermum moonseed: canadense common moonseed
Cocculus coralbead: carolinus Carolina coralbead; diversifolius snailseed
@Ranunculaceae buttercup
Clematis clematis: ligusticifolia western white clematis; occidentalis western blue virginsbower; terniflora sweet autumn clematis; virginiana devil's darning needles, virgin's bower; vitalba evergreen clematis, traveler's joy; crispa swamp leather flower; columbiana rock clematis
Xanthorhiza yellowroot: simplicissima yellowroot
@Paeoniaceae peony
Paeonia peony: suffruticosa tree peony
@Papaveraceae poppy
Dendromecon tree-poppy: rigida tree poppy, bush poppy; harfordii Channel Island tree poppy
Romneya Matilija-poppy: coulteri Coulter Matilija poppy; trichocalyx bristly Matilija poppy
@Trochodendraceae trochodendron
Trochodendron wheel-tree: aralioides wheel tree
@Vitaceae grape
Ampelopsis peppervine: glandulosa porcelainberry, Amur peppervine; cordata heartleaf peppervine
Nekemias peppervine: arborea peppervine
Cissus treebine: trifoliata sorrelvine; verticillata seasonvine
Parthenocissus creeper: quinquefolia Virginia creeper; tricuspidata Boston ivy; vitacea woodbine, thicket creeper
Vitis grape: acerifolia mapleleaf grape; aestivalis summer grape; arizonica canyon grape; baileyana possum grape; californica California wild grape; cinerea graybark grape; girdiana desert wild grape; labrusca fox grape; monticola sweet mountain grape; mustangensis mustang grape; palmata catbird grape; riparia riverbank grape; rotundifolia muscadine; rupestris sand grape; shuttleworthii calloose grape; vinifera wine grape; vulpina frost grape
@Cistaceae rock-rose
Cistus rockrose: ladanifer common gum cistus; salviifolius salvia cistus; creticus pink rockrose
Hudsonia goldenheather: ericoides pinebarren goldenheather; montana mountain goldenheather; tomentosa woolly beachheather
Crocanthemum frostweed: scoparium broom frostweed
@Tamaricaceae tamarisk
Tamarix tamarisk: aphylla athel tamarisk, athel; chinensis five-stamen tamarisk; gallica French tamarisk; parviflora small-flower tamarisk; ramosissima saltcedar
@Frankeniaceae frankenia
Frankenia seaheath: palmeri Palmer seaheath; salina alkali heath
@Polygonaceae buckwheat
Coccoloba pigeonplum: diversifolia tietongue, pigeon plum; uvifera seagrape
Eriogonum buckwheat: arborescens Santa Cruz Island buckwheat; cinereum coastal wild buckwheat; fasciculatum Mojave buckwheat, California buckwheat; giganteum St. Catherine's lace; heermannii Heermann buckwheat; umbellatum sulphur-flower buckwheat; wrightii bastard sage
Polygonella jointweed: macrophylla largeleaf jointweed
Brunnichia ladies'-eardrops: ovata American buckwheat vine
@Nyctaginaceae four-o'clock
Bougainvillea bougainvillea: glabra paperflower
Guapira blolly: discolor beeftree, blolly
Pisonia catchbirdtree: aculeata pullback; rotundata smooth devil's-claws
@Amaranthaceae amaranth; Chenopodiaceae
Atriplex saltbush: canescens fourwing saltbush; confertifolia shadscale saltbush, shadscale; gardneri Gardner saltbush; hymenelytra desertholly; lentiformis big saltbush, quailbush; obovata mound saltbush; parryi Parry saltbush; polycarpa cattle saltbush; spinifera spinescale saltbush; torreyi Torrey saltbush
Grayia hopsage: spinosa spiny hopsage; brandegeei spineless hopsage
Krascheninnikovia winterfat: lanata winterfat
Suaeda seepweed: nigra bush seepweed, Mojave seablite; taxifolia woolly seablite; californica California seablite
Allenrolfea iodinebush: occidentalis iodinebush
@Sarcobataceae greasewood
Sarcobatus greasewood: vermiculatus greasewood, black greasewood; baileyi Bailey greasewood
@Cactaceae cactus
Carnegiea saguaro: gigantea saguaro
Cylindropuntia cholla: acanthocarpa buckhorn cholla; bigelovii teddybear cholla; echinocarpa Wiggins cholla; fulgida jumping cholla; imbricata tree cholla; leptocaulis Christmas cactus, pencil cholla; prolifera coastal cholla; ramosissima branched pencil cholla; spinosior walkingstick cactus; versicolor staghorn cholla; whipplei Whipple cholla
Lophocereus senita: schottii senita cactus
Opuntia prickly-pear: basilaris beavertail pricklypear; chlorotica dollarjoint pricklypear; engelmannii Engelmann pricklypear, cactus apple; ficus-indica Barbary fig, Indian fig; humifusa devil's-tongue, eastern prickly pear; macrorhiza twistspine pricklypear; phaeacantha tulip pricklypear; polyacantha plains pricklypear; stricta erect pricklypear; littoralis coastal pricklypear
Pachycereus cardon: pringlei elephant cactus
Stenocereus organpipe: thurberi organpipe cactus
Harrisia applecactus: fragrans fragrant prickly apple
Pilosocereus tree-cactus: robinii Robin tree cactus, Key tree cactus
@Arecaceae palm; Palmae
Acoelorraphe palm: wrightii paurotis palm, Everglades palm
Coccothrinax palm: argentata Florida silver palm
Cocos palm: nucifera coconut palm
Leucothrinax palm: morrisii Key thatch palm
Phoenix date-palm: canariensis Canary Island date palm; dactylifera date palm; reclinata Senegal date palm; roebelenii pygmy date palm
Pseudophoenix palm: sargentii Florida cherry palm, buccaneer palm
Rhapidophyllum palm: hystrix needle palm
Roystonea palm: regia royal palm, Florida royal palm
Sabal palmetto: etonia scrub palmetto; mexicana Rio Grande palmetto, Mexican palmetto; minor dwarf palmetto; palmetto cabbage palmetto, cabbage palm, sabal palm
Serenoa palmetto: repens saw palmetto
Thrinax palm: radiata Florida thatch palm
Trachycarpus palm: fortunei Chinese windmill palm
Washingtonia fan-palm: filifera California fan palm, desert palm; robusta Washington fan palm, Mexican fan palm
Chamaerops palm: humilis European fan palm
Syagrus palm: romanzoffiana queen palm
Butia palm: capitata South American jelly palm; odorata pindo palm
@Asparagaceae asparagus; Agavaceae
Agave agave: americana American century plant; deserti desert agave; parryi Parry agave; utahensis Utah agave; lechuguilla lechuguilla
Dasylirion sotol: leiophyllum green sotol; texanum Texas sotol; wheeleri common sotol
Hesperoyucca chaparral-yucca: whipplei chaparral yucca, Our Lord's candle
Nolina beargrass: bigelovii Bigelow nolina; microcarpa sacahuista; parryi Parry nolina; erumpens foothill beargrass
Yucca yucca: aloifolia aloe yucca, Spanish bayonet; angustissima narrowleaf yucca; baccata banana yucca; brevifolia Joshua tree; elata soaptree yucca; faxoniana Eve's needle, giant dagger; filamentosa Adam's needle; glauca soapweed yucca; gloriosa moundlily yucca, Spanish dagger; rostrata beaked yucca; rupicola Texas yucca; schidigera Mojave yucca; schottii Schott yucca; thompsoniana Thompson yucca; torreyi Torrey yucca; treculeana Don Quixote's lace
Ruscus butcher's-broom: aculeatus butcher's broom
@Smilacaceae greenbrier
Smilax greenbrier: auriculata earleaf greenbrier; bona-nox saw greenbrier; californica California greenbrier; glauca cat greenbrier; laurifolia laurel greenbrier; pumila sarsparilla vine; rotundifolia roundleaf greenbrier, common greenbrier; smallii lanceleaf greenbrier; tamnoides bristly greenbrier; walteri coral greenbrier
@Poaceae grass; Gramineae
Arundinaria cane: gigantea giant cane; tecta switch cane; appalachiana hill cane
Phyllostachys bamboo: aurea golden bamboo; nigra black bamboo; bambusoides Japanese timber bamboo
Arundo reed: donax giant reed
@Euphorbiaceae spurge
Adelia wild-lime: vaseyi Vasey wild lime
Bernardia myrtlecroton: incana hoary myrtlecroton; myricifolia mouse's eye
Croton croton: alabamensis Alabama croton; californicus California croton; fruticulosus bush croton; linearis grannybush; punctatus gulf croton; humilis pepperbush
Ditaxis silverbush: lanceolata narrowleaf silverbush
Euphorbia spurge: antisyphilitica candelilla; misera cliff spurge; pulcherrima poinsettia
Gymnanthes oysterwood: lucida oysterwood
Hippomane manchineel: mancinella manchineel
Jatropha nettlespurge: cardiophylla sangre de cristo; cuneata Arizona nettlespurge; dioica leatherstem
Ricinus castorbean: communis castorbean
Stillingia toothleaf: aquatica water toothleaf
Triadica tallowtree: sebifera Chinese tallow, Chinese tallowtree, popcorn tree
Vernicia tungoil-tree: fordii tungoil tree
Ditrysinia sebastiana: fruticosa Gulf Sebastian-bush
@Phyllanthaceae phyllanthus
Bischofia bishopwood: javanica Javanese bishopwood
Phyllanthopsis maidenbush: phyllanthoides maidenbush
Heterosavia maidenbush: bahamensis Bahama maidenbush
@Putranjivaceae putranjiva
Drypetes drypetes: diversifolia milkbark; lateriflora guiana plum
@Picrodendraceae picrodendron
Tetracoccus shrubby-spurge: dioicus red shrubby spurge; hallii Hall shrubby spurge
@Malpighiaceae barbados-cherry
Byrsonima locustberry: lucida Long Key locustberry
Malpighia stingingbush: glabra wild crapemyrtle, Barbados cherry
Galphimia thryallis: angustifolia narrowleaf goldshower
@Chrysobalanaceae cocoa-plum
Chrysobalanus cocoplum: icaco coco plum
Geobalanus gopher-apple: oblongifolius gopher apple
@Rhizophoraceae mangrove
Rhizophora mangrove: mangle red mangrove
@Combretaceae leadwood
Conocarpus mangrove: erectus button mangrove, buttonwood
Laguncularia mangrove: racemosa white mangrove
Bucida bucida: molineti spiny black olive
Terminalia tropical-almond: catappa tropical almond
@Clusiaceae mangosteen
Clusia clusia: rosea Scotch attorney
@Hypericaceae St. John's-wort
Hypericum St. John's-wort: buckleyi Blue Ridge St. John's-wort; calycinum Aaron's beard; crux-andreae St. Peter's-wort; densiflorum bushy St. John's-wort; fasciculatum peelbark St. John's-wort; frondosum cedarglade St. John's-wort; galioides bedstraw St. John's-wort; hypericoides St. Andrew's cross; kalmianum Kalm St. John's-wort; lobocarpum fivelobe St. John's-wort; nudiflorum early St. John's-wort; prolificum shrubby St. John's-wort; tenuifolium Atlantic St. John's-wort
@Calophyllaceae calophyllum
Calophyllum calophyllum: inophyllum Alexandrian laurel
@Myrtaceae myrtle
Callistemon bottlebrush: citrinus crimson bottlebrush; viminalis weeping bottlebrush
Calyptranthes lidflower: pallens pale lidflower; zuzygium myrtle of the river
Eucalyptus eucalyptus: camaldulensis river redgum; citriodora lemonscented gum; cladocalyx sugargum; globulus Tasmanian bluegum, blue gum; polyanthemos redbox; robusta swampmahogany; sideroxylon red ironbark; viminalis manna gum; gunnii cider gum; cinerea silver dollar tree; pulverulenta silverleaf mountain gum
Eugenia stopper: axillaris white stopper; confusa redberry stopper; foetida boxleaf stopper; rhombea red stopper; uniflora Surinam cherry
Melaleuca melaleuca: quinquenervia punktree, paperbark tree
Mosiera mosiera: longipes mangrove berry
Myrcianthes myrcianthes: fragrans twinberry stopper, Simpson stopper
Myrtus myrtle: communis myrtle
Psidium guava: guajava guava; cattleyanum strawberry guava
Rhodomyrtus rose-myrtle: tomentosa rose myrtle
Syzygium syzygium: cumini Java plum; jambos Malabar plum
@Lythraceae loosestrife; Punicaceae
Decodon swamp-loosestrife: verticillatus swamp loosestrife
Lagerstroemia crape-myrtle: indica crape myrtle; fauriei Japanese crape myrtle
Punica pomegranate: granatum pomegranate
Heimia heimia: salicifolia shrubby yellowcrest
@Onagraceae evening-primrose
Fuchsia fuchsia: magellanica hardy fuchsia
@Melastomataceae melastome
Tetrazygia clover-ash: bicolor Florida clover ash
@Surianaceae bay-cedar
Suriana bay-cedar: maritima bay cedar
@Zygophyllaceae creosote-bush
Guaiacum lignum-vitae: angustifolium Texas lignum-vitae, guayacan; sanctum holywood, lignum-vitae
Larrea creosote-bush: tridentata creosote bush
@Krameriaceae krameria
Krameria ratany: bicolor white ratany; erecta littleleaf ratany; lanceolata trailing krameria
@Capparaceae caper; Cleomaceae
Cynophalla caper: flexuosa bayleaf capertree
Quadrella caper: jamaicensis Jamaica capertree
Peritoma bladderpod: arborea bladderpod spiderflower, bladderpod
Atamisquea atamisquea: emarginata vomitbush
@Olacaceae tallowwood
Ximenia tallowwood: americana tallow wood, hog plum
Schoepfia graytwig: schreberi Gulf graytwig
@Santalaceae sandalwood; Viscaceae
Phoradendron mistletoe: leucarpum oak mistletoe; californicum mesquite mistletoe; juniperinum juniper mistletoe; macrophyllum Colorado Desert mistletoe
Arceuthobium dwarf-mistletoe: pusillum eastern dwarf-mistletoe; americanum American dwarf-mistletoe
Pyrularia buffalonut: pubera buffalo nut
Buckleya piratebush: distichophylla piratebush
Nestronia nestronia: umbellula leechbrush
@Proteaceae protea
Grevillea grevillea: robusta silk oak
`;
