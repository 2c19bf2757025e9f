/** Oaks, birches, walnuts, willows and their kin, elms, planes and witch-hazels. How a line is read: ./read.ts. */
export const CATKINS = `
@Fagaceae beech
Castanea chestnut: dentata American chestnut; pumila Allegheny chinkapin, chinquapin; ozarkensis Ozark chinkapin; crenata Japanese chestnut; mollissima Chinese chestnut; sativa European chestnut, Spanish chestnut
Chrysolepis chinquapin: chrysophylla golden chinquapin, giant chinquapin = Castanopsis chrysophylla; sempervirens bush chinquapin
Fagus beech: grandifolia American beech; mexicana Mexican beech; sylvatica European beech, copper beech; orientalis Oriental beech
Notholithocarpus tanoak: densiflorus tanoak, tanbark-oak = Lithocarpus densiflorus
Quercus oak: acerifolia maple-leaf oak; acutissima sawtooth oak; agrifolia coast live oak, California live oak; ajoensis Ajo oak; alba white oak, eastern white oak; arizonica Arizona white oak; arkansana Arkansas oak; austrina bluff oak; berberidifolia California scrub oak; bicolor swamp white oak; boyntonii Boynton oak; buckleyi Texas red oak, Buckley oak; carmenensis Carmen oak; cedrosensis Cedros Island oak; chapmanii Chapman oak; chihuahensis Chihuahua oak; chrysolepis canyon live oak, goldcup oak; coccinea scarlet oak; cornelius-mulleri Muller oak; depressipes Davis Mountain oak; douglasii blue oak; dumosa coastal sage scrub oak, Nuttall scrub oak; durata leather oak; ellipsoidalis northern pin oak, Hill oak; emoryi Emory oak; engelmannii Engelmann oak; falcata southern red oak, Spanish oak; fusiformis Texas live oak, plateau live oak; gambelii Gambel oak; garryana Oregon white oak, Garry oak; geminata sand live oak; georgiana Georgia oak; graciliformis slender oak; gravesii Chisos red oak; grisea gray oak; havardii Havard oak, shinnery oak; hemisphaerica Darlington oak, laurel oak; hinckleyi Hinckley oak; hypoleucoides silverleaf oak; ilicifolia bear oak, scrub oak; imbricaria shingle oak; incana bluejack oak; inopina sandhill oak; intricata coahuila scrub oak; john-tuckeri Tucker oak; kelloggii California black oak; laceyi Lacey oak; laevis turkey oak; laurifolia laurel oak, swamp laurel oak; lobata valley oak, California white oak; lyrata overcup oak; macrocarpa bur oak, mossycup oak; margarettae sand post oak; marilandica blackjack oak; michauxii swamp chestnut oak, basket oak, cow oak; minima dwarf live oak; mohriana Mohr oak; montana chestnut oak, rock chestnut oak = Quercus prinus; muehlenbergii chinkapin oak, yellow chestnut oak; myrtifolia myrtle oak; nigra water oak; oblongifolia Mexican blue oak; oglethorpensis Oglethorpe oak; pacifica island scrub oak; pagoda cherrybark oak; palmeri Palmer oak; palustris pin oak; parvula Santa Cruz Island oak, Shreve oak; phellos willow oak; polymorpha netleaf white oak, Monterrey oak; prinoides dwarf chinkapin oak, dwarf chestnut oak; pumila running oak; pungens sandpaper oak; robusta robust oak; rubra northern red oak, red oak = Quercus borealis; rugosa netleaf oak; sadleriana deer oak; shumardii Shumard oak; similis bottomland post oak; sinuata bastard oak, Durand oak; stellata post oak; tardifolia lateleaf oak; texana Nuttall oak = Quercus nuttallii; tomentella island oak, Channel Island oak; toumeyi Toumey oak; turbinella Sonoran scrub oak, shrub live oak; undulata wavyleaf oak; vacciniifolia huckleberry oak; vaseyana Vasey oak; velutina black oak, eastern black oak; viminea Sonoran oak; virginiana live oak, southern live oak; welshii wavy-leaf shinnery oak; wislizeni interior live oak; cerris Turkey oak; ilex holm oak; robur English oak, pedunculate oak; petraea sessile oak, durmast oak; suber cork oak; myrsinifolia Chinese evergreen oak; mongolica Mongolian oak; dentata daimyo oak; glauca ring-cup oak; x bebbiana Bebb oak; x macdonaldii MacDonald oak; canbyi Canby oak; vulcanica Kasnak oak
@Betulaceae birch; Corylaceae
Alnus alder: alnobetula green alder, mountain alder; incana gray alder; maritima seaside alder; oblongifolia Arizona alder; rhombifolia white alder; rubra red alder, Oregon alder; rugosa speckled alder; serrulata hazel alder, smooth alder; sinuata Sitka alder; tenuifolia thinleaf alder; viridis Siberian alder; glutinosa European alder, black alder, common alder; cordata Italian alder; japonica Japanese alder
Betula birch: alleghaniensis yellow birch = Betula lutea; cordifolia mountain paper birch, heartleaf birch; glandulosa resin birch, bog birch; kenaica Kenai birch; lenta sweet birch, black birch, cherry birch; michauxii Newfoundland dwarf birch; minor dwarf white birch; murrayana Murray birch; nana dwarf birch; neoalaskana Alaska paper birch, resin white birch; nigra river birch, red birch; occidentalis water birch, western birch = Betula fontinalis; papyrifera paper birch, canoe birch, white birch; populifolia gray birch; pumila low birch, swamp birch; uber Virginia round-leaf birch; pendula European white birch, silver birch; pubescens downy birch, moor birch; platyphylla Asian white birch; ermanii Erman birch; utilis Himalayan birch; albosinensis Chinese red birch
Carpinus hornbeam: caroliniana American hornbeam, blue-beech, musclewood, ironwood; betulus European hornbeam; cordata heartleaf hornbeam; japonica Japanese hornbeam; tropicalis tropical hornbeam
Corylus hazel: americana American hazelnut, American hazel; cornuta beaked hazelnut, beaked hazel; californica California hazelnut; avellana European hazelnut, European filbert; colurna Turkish hazel, Turkish filbert; maxima giant filbert
Ostrya hophornbeam: virginiana eastern hophornbeam, American hophornbeam, ironwood; chisosensis Big Bend hophornbeam; knowltonii Knowlton hophornbeam, western hophornbeam
@Juglandaceae walnut
Carya hickory: aquatica water hickory; carolinae-septentrionalis southern shagbark hickory; cordiformis bitternut hickory; floridana scrub hickory; glabra pignut hickory; illinoinensis pecan; laciniosa shellbark hickory, kingnut; myristiciformis nutmeg hickory; ovalis red hickory; ovata shagbark hickory; pallida sand hickory; texana black hickory; tomentosa mockernut hickory = Carya alba
Juglans walnut: californica southern California walnut; cinerea butternut, white walnut; hindsii northern California walnut, Hinds walnut; major Arizona walnut; microcarpa little walnut, Texas walnut; nigra black walnut, eastern black walnut; regia English walnut, Persian walnut; ailantifolia Japanese walnut, heartnut; mandshurica Manchurian walnut
Platycarya platycarya: strobilacea platycarya
Pterocarya wingnut: fraxinifolia Caucasian wingnut; stenoptera Chinese wingnut
@Myricaceae bayberry
Comptonia sweet-fern: peregrina sweet-fern
Morella bayberry: californica California wax-myrtle, Pacific wax-myrtle = Myrica californica; caroliniensis southern bayberry; cerifera southern wax-myrtle, wax-myrtle = Myrica cerifera; inodora odorless bayberry; pensylvanica northern bayberry = Myrica pensylvanica; pumila dwarf wax-myrtle
Myrica sweet-gale: gale sweet gale; hartwegii Sierra sweet-bay
@Leitneriaceae corkwood
Leitneria corkwood: floridana corkwood
@Casuarinaceae sheoak
Casuarina sheoak: equisetifolia beach sheoak, Australian-pine; cunninghamiana river sheoak; glauca gray sheoak
@Salicaceae willow; Flacourtiaceae
Populus poplar: alba white poplar, silver poplar; angustifolia narrowleaf cottonwood; balsamifera balsam poplar, tacamahac; deltoides eastern cottonwood, plains cottonwood; fremontii Fremont cottonwood; grandidentata bigtooth aspen, large-toothed aspen; heterophylla swamp cottonwood; tremuloides quaking aspen, trembling aspen; trichocarpa black cottonwood = Populus balsamifera subsp. trichocarpa; nigra Lombardy poplar, European black poplar; tremula European aspen; simonii Simon poplar; mexicana Mexican cottonwood; x acuminata lanceleaf cottonwood; x canadensis Carolina poplar; x canescens gray poplar; x jackii balm-of-Gilead; x brayshawii Brayshaw poplar
Salix willow: alaxensis feltleaf willow; alba white willow; amygdaloides peachleaf willow; arbusculoides littletree willow; arctica arctic willow; arizonica Arizona willow; babylonica weeping willow; barclayi Barclay willow; barrattiana Barratt willow; bebbiana Bebb willow, long-beaked willow; bonplandiana Bonpland willow, red willow; boothii Booth willow; brachycarpa short-fruit willow; breweri Brewer willow; candida sage willow, hoary willow; caprea goat willow, pussy willow; caroliniana coastal plain willow, Carolina willow; cascadensis Cascade willow; cinerea gray willow; columbiana Columbia River willow; commutata undergreen willow; cordata heartleaf willow, sand-dune willow; daphnoides daphne willow; delnortensis Del Norte willow; discolor pussy willow; drummondiana Drummond willow; eastwoodiae Eastwood willow; elaeagnos elaeagnus willow; eriocephala Missouri River willow; euxina crack willow = Salix fragilis; exigua narrowleaf willow, coyote willow, sandbar willow; famelica yellow willow; farriae Farr willow; floridana Florida willow; fuscescens Alaska bog willow; geyeriana Geyer willow; glauca grayleaf willow; glaucosericea gray willow; gooddingii Goodding willow; hastata halberd willow; hookeriana Hooker willow, dune willow; humboldtiana Humboldt willow; humilis prairie willow; interior sandbar willow; irrorata dewystem willow, bluestem willow; jepsonii Jepson willow; jejuna barrens willow; laevigata red willow; lanata woolly willow; lasiandra Pacific willow, shining willow = Salix lucida subsp. lasiandra; lasiolepis arroyo willow; lemmonii Lemmon willow; ligulifolia strapleaf willow; lucida shining willow; lutea yellow willow; maccalliana McCalla willow; matsudana corkscrew willow, Peking willow; melanopsis dusky willow; monochroma one-color willow; monticola Rocky Mountain willow, park willow; myricoides bayberry willow; myrtillifolia blueberry willow; nigra black willow; nivalis snow willow; orestera Sierra willow; ovalifolia oval-leaf willow; pedicellaris bog willow; pellita satiny willow; pentandra bay willow, laurel willow; petiolaris meadow willow, slender willow; petrophila alpine willow; planifolia diamondleaf willow, planeleaf willow; polaris polar willow; prolixa Mackenzie willow; pseudomonticola false mountain willow; pseudomyrsinites tall blueberry willow; pulchra diamond-leaf willow; purpurea purple willow, basket willow; pyrifolia balsam willow; raupii Raup willow; reticulata netleaf willow; richardsonii Richardson willow; rotundifolia round-leaf willow; scouleriana Scouler willow; sericea silky willow; serissima autumn willow; sessilifolia northwest willow; setchelliana Setchell willow; silicicola blanket-leaf willow; sitchensis Sitka willow; taxifolia yewleaf willow; thurberi Thurber willow; tracyi Tracy willow; triandra almond willow; turnorii Turnor willow; tweedyi Tweedy willow; uva-ursi bearberry willow; vestita rock willow; viminalis basket willow, common osier; wolfii Wolf willow; x pendulina Wisconsin weeping willow; x sepulcralis golden weeping willow
Flacourtia flacourtia: indica governor plum
Idesia idesia: polycarpa igiri tree
Xylosma xylosma: congesta shiny xylosma; flexuosa brush-holly
@Ulmaceae elm
Planera planertree: aquatica planertree, water-elm
Ulmus elm: alata winged elm; americana American elm, white elm; crassifolia cedar elm; rubra slippery elm, red elm; serotina September elm; thomasii rock elm, cork elm; glabra wych elm, Scots elm; minor field elm, smoothleaf elm; procera English elm; parvifolia Chinese elm, lacebark elm; pumila Siberian elm; davidiana Japanese elm; laevis European white elm; x hollandica Dutch elm
Zelkova zelkova: serrata Japanese zelkova; carpinifolia Caucasian zelkova
@Cannabaceae hemp; Celtidaceae
Aphananthe aphananthe: aspera muku tree
Celtis hackberry: ehrenbergiana spiny hackberry, desert hackberry, granjeno; iguanaea iguana hackberry; laevigata sugarberry, southern hackberry; lindheimeri Lindheimer hackberry; occidentalis common hackberry, northern hackberry; reticulata netleaf hackberry, western hackberry; tenuifolia dwarf hackberry, Georgia hackberry; australis European hackberry; sinensis Chinese hackberry
Trema trema: lamarckiana pain-in-back; micrantha Florida trema; orientalis Oriental trema
@Moraceae mulberry
Broussonetia paper-mulberry: papyrifera paper mulberry
Ficus fig: aurea Florida strangler fig, golden fig; carica common fig; citrifolia wild banyan tree, shortleaf fig; benjamina weeping fig; elastica rubber tree; microcarpa Indian laurel fig; altissima council tree; rubiginosa Port Jackson fig; macrophylla Moreton Bay fig
Maclura maclura: pomifera Osage-orange, hedge-apple, bois d'arc; tricuspidata cudrang
Morus mulberry: alba white mulberry; microphylla Texas mulberry; nigra black mulberry; rubra red mulberry
@Urticaceae nettle
Boehmeria boehmeria: nivea ramie
@Platanaceae plane
Platanus sycamore: occidentalis American sycamore, sycamore, buttonwood, American planetree; racemosa California sycamore, western sycamore; wrightii Arizona sycamore; mexicana Mexican sycamore; orientalis Oriental planetree, Oriental plane; x hispanica London planetree, London plane = Platanus x acerifolia
@Altingiaceae sweetgum; Hamamelidaceae
Liquidambar sweetgum: styraciflua sweetgum, American sweetgum, redgum; formosana Formosan sweetgum; orientalis Oriental sweetgum
@Hamamelidaceae witch-hazel
Fothergilla witch-alder: gardenii dwarf witch-alder, dwarf fothergilla; major mountain witch-alder, large fothergilla; parvifolia small-leaved witch-alder
Hamamelis witch-hazel: virginiana American witch-hazel, common witch-hazel; vernalis Ozark witch-hazel, vernal witch-hazel; ovalis big-leaf witch-hazel; japonica Japanese witch-hazel; mollis Chinese witch-hazel; x intermedia hybrid witch-hazel
Corylopsis winter-hazel: pauciflora buttercup winter-hazel; spicata spike winter-hazel
Loropetalum fringe-flower: chinense Chinese fringe-flower
Parrotia ironwood: persica Persian ironwood
@Cercidiphyllaceae katsura
Cercidiphyllum katsura: japonicum katsura tree
@Eucommiaceae eucommia
Eucommia eucommia: ulmoides hardy rubber tree
@Simmondsiaceae jojoba
Simmondsia jojoba: chinensis jojoba
@Buxaceae box
Buxus boxwood: sempervirens common boxwood, common box; microphylla littleleaf boxwood; sinica Korean boxwood
Pachysandra spurge: procumbens Allegheny spurge; terminalis Japanese spurge
@Garryaceae silktassel
Garrya silktassel: elliptica coast silktassel, wavyleaf silktassel; fremontii Fremont silktassel, bearbrush; buxifolia boxleaf silktassel; flavescens ashy silktassel; ovata eggleaf silktassel; veatchii Veatch silktassel; wrightii Wright silktassel; congdonii chaparral silktassel
Aucuba aucuba: japonica Japanese aucuba
@Crossosomataceae crossosoma
Crossosoma rockflower: bigelovii ragged rockflower; californicum California rockflower
Apacheria apacheria: chiricahuensis Chiricahua rockflower
Glossopetalon greasebush: spinescens spiny greasebush; pungens dwarf greasebush
@Staphyleaceae bladdernut
Staphylea bladdernut: trifolia American bladdernut; bolanderi Sierra bladdernut; pinnata European bladdernut
Euscaphis euscaphis: japonica Korean sweetheart tree
@Koeberliniaceae allthorn
Koeberlinia allthorn: spinosa crown of thorns, allthorn
`;
