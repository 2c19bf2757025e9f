/** Roses and their kin, legumes, maples and soapberries, sumacs, citrus, mallows and lindens. How a line is read: ./read.ts. */
export const ROSES = `
@Rosaceae rose; Amygdalaceae; Malaceae
Adenostoma chamise: fasciculatum chamise, greasewood; sparsifolium redshank, ribbonwood
Amelanchier serviceberry: alnifolia Saskatoon serviceberry, western serviceberry, Saskatoon; arborea downy serviceberry, common serviceberry, shadbush; bartramiana mountain serviceberry; canadensis Canadian serviceberry, shadblow serviceberry; humilis low serviceberry; interior inland serviceberry; laevis Allegheny serviceberry, smooth serviceberry; obovalis coastal serviceberry; sanguinea roundleaf serviceberry; spicata running serviceberry; utahensis Utah serviceberry; x grandiflora apple serviceberry
Aronia chokeberry: arbutifolia red chokeberry = Photinia pyrifolia; melanocarpa black chokeberry; prunifolia purple chokeberry
Cercocarpus mountain-mahogany: betuloides birchleaf mountain-mahogany; intricatus littleleaf mountain-mahogany; ledifolius curl-leaf mountain-mahogany; montanus alderleaf mountain-mahogany, true mountain-mahogany; traskiae Catalina mountain-mahogany
Chaenomeles flowering-quince: japonica Japanese flowering quince; speciosa common flowering quince
Chamaebatia mountain misery: foliolosa bear clover, kit-kit-dizze; australis southern mountain misery
Chamaebatiaria fernbush: millefolium fernbush, desert sweet
Coleogyne blackbrush: ramosissima blackbrush
Cotoneaster cotoneaster: acutifolius Peking cotoneaster; apiculatus cranberry cotoneaster; divaricatus spreading cotoneaster; franchetii orange cotoneaster; horizontalis rock cotoneaster, rockspray; lacteus milkflower cotoneaster; lucidus hedge cotoneaster; multiflorus many-flowered cotoneaster; pannosus silverleaf cotoneaster; dammeri bearberry cotoneaster
Crataegus hawthorn: aestivalis eastern mayhaw; aprica sunny hawthorn; berberifolia barberry hawthorn; boyntonii Boynton hawthorn; brachyacantha blueberry hawthorn; brainerdii Brainerd hawthorn; calpodendron pear hawthorn; castlegarensis Castlegar hawthorn; chrysocarpa fireberry hawthorn; coccinea scarlet hawthorn; coccinioides Kansas hawthorn; crus-galli cockspur hawthorn; dilatata broadleaf hawthorn; dodgei Dodge hawthorn; douglasii black hawthorn, Douglas hawthorn; erythropoda cerro hawthorn; flabellata fanleaf hawthorn; gaylussacia Klamath hawthorn; greggiana Gregg hawthorn; holmesiana Holmes hawthorn; intricata Copenhagen hawthorn; iracunda stolon-bearing hawthorn; laevigata English hawthorn, smooth hawthorn; lassa sandhill hawthorn; macracantha large-thorn hawthorn; macrosperma big-fruit hawthorn; margarettae Margarett hawthorn; marshallii parsley hawthorn; mexicana Mexican hawthorn; mollis downy hawthorn; monogyna oneseed hawthorn, common hawthorn; okanaganensis Okanagan hawthorn; opaca western mayhaw; pedicellata scarlet thorn; phaenopyrum Washington hawthorn; pruinosa frosted hawthorn; pulcherrima beautiful hawthorn; punctata dotted hawthorn; reverchonii Reverchon hawthorn; rivularis river hawthorn; rufula rufous mayhaw; saligna willow hawthorn; scabrida rough hawthorn; schuettei Schuette hawthorn; spathulata littlehip hawthorn; submollis northern downy hawthorn; succulenta fleshy hawthorn; suksdorfii Suksdorf hawthorn; texana Texas hawthorn; tracyi Tracy hawthorn; triflora three-flowered hawthorn; uniflora dwarf hawthorn, one-flowered hawthorn; viridis green hawthorn; williamsii Williams hawthorn
Cydonia quince: oblonga quince, common quince
Dasiphora shrubby cinquefoil: fruticosa shrubby cinquefoil = Potentilla fruticosa
Dryas mountain-avens: drummondii yellow mountain-avens; integrifolia entireleaf mountain-avens; octopetala eightpetal mountain-avens
Eriobotrya loquat: japonica loquat
Exochorda pearlbush: racemosa common pearlbush
Fallugia Apache-plume: paradoxa Apache plume
Heteromeles toyon: arbutifolia toyon, Christmas berry
Holodiscus oceanspray: discolor oceanspray, creambush; dumosus rock spirea, mountain spray; microphyllus small-leaved creambush
Kerria kerria: japonica Japanese kerria
Luetkea partridgefoot: pectinata partridgefoot
Lyonothamnus ironwood: floribundus Catalina ironwood
Malus apple: angustifolia southern crab apple; coronaria sweet crab apple; fusca Pacific crab apple, Oregon crab apple; ioensis prairie crab apple; baccata Siberian crab apple; domestica apple, common apple, orchard apple = Malus pumila; floribunda Japanese flowering crab apple; hupehensis tea crab apple; sargentii Sargent crab apple; sylvestris European crab apple; toringo Toringo crab apple; prunifolia plumleaf crab apple
Mespilus medlar: germanica medlar
Neviusia snow-wreath: alabamensis Alabama snow-wreath; cliftonii Shasta snow-wreath
Oemleria osoberry: cerasiformis osoberry, Indian plum
Peraphyllum squaw-apple: ramosissimum wild crab apple
Petrophytum rockmat: caespitosum mat rockspiraea
Photinia photinia: serratifolia Chinese photinia; villosa Oriental photinia; glabra Japanese photinia; x fraseri red-tip photinia
Physocarpus ninebark: alternans dwarf ninebark; capitatus Pacific ninebark; malvaceus mallow ninebark; monogynus mountain ninebark; opulifolius common ninebark, Atlantic ninebark
Prunus cherry: alabamensis Alabama cherry; alleghaniensis Allegheny plum; americana American plum, wild plum; andersonii desert peach; angustifolia Chickasaw plum; armeniaca apricot; avium sweet cherry, mazzard; besseyi western sand cherry; campanulata Taiwan cherry; caroliniana Carolina laurel cherry, cherry-laurel; cerasifera cherry plum, purple-leaf plum; cerasus sour cherry; domestica European plum, garden plum; dulcis almond; emarginata bitter cherry; eremophila Mojave Desert plum; fasciculata desert almond; fremontii desert apricot; fruticosa European dwarf cherry; geniculata scrub plum; glandulosa dwarf flowering almond; gracilis Oklahoma plum; havardii Havard plum; hortulana hortulan plum; ilicifolia hollyleaf cherry, islay; laurocerasus cherry laurel, English laurel; lusitanica Portugal laurel; lyonii Catalina cherry; maackii Amur chokecherry, Manchurian cherry; mahaleb mahaleb cherry; maritima beach plum; mexicana Mexican plum; minutiflora Texas almond; mume Japanese apricot; munsoniana wild goose plum; murrayana Murray plum; myrtifolia West Indies cherry; nigra Canada plum; padus European bird cherry; pensylvanica pin cherry, fire cherry; persica peach; pumila sand cherry; rivularis creek plum; sargentii Sargent cherry; serotina black cherry, wild black cherry = Padus serotina; serrula birchbark cherry; serrulata Japanese flowering cherry; speciosa Oshima cherry; spinosa blackthorn, sloe; subcordata Klamath plum, Sierra plum; subhirtella Higan cherry; texana peachbush; tomentosa Nanking cherry; triloba flowering almond; umbellata hog plum, flatwoods plum; virginiana chokecherry, common chokecherry = Padus virginiana; x yedoensis Yoshino cherry; salicina Japanese plum
Pseudocydonia Chinese-quince: sinensis Chinese quince
Purshia bitterbrush: tridentata antelope bitterbrush, bitterbrush; glandulosa desert bitterbrush; mexicana Mexican cliffrose; stansburyana Stansbury cliffrose, cliffrose; ericifolia Terlingua Creek cliffrose; subintegra Arizona cliffrose
Pyracantha firethorn: angustifolia narrowleaf firethorn; coccinea scarlet firethorn; fortuneana Chinese firethorn; koidzumii Formosa firethorn
Pyrus pear: calleryana Callery pear, Bradford pear; communis common pear; pyrifolia Chinese pear, sand pear; ussuriensis Ussurian pear; salicifolia willowleaf pear; betulifolia birchleaf pear
Rhaphiolepis Indian-hawthorn: indica India hawthorn; umbellata Yeddo hawthorn
Rhodotypos jetbead: scandens jetbead
Rosa rose: acicularis prickly rose; arkansana prairie rose; banksiae Lady Banks rose; blanda smooth rose, meadow rose; bracteata Macartney rose; bridgesii pygmy rose; californica California rose; canina dog rose; carolina Carolina rose, pasture rose; eglanteria sweetbriar rose; foliolosa white prairie rose; gallica French rose; gymnocarpa dwarf rose, baldhip rose; laevigata Cherokee rose; minutifolia Baja rose; multiflora multiflora rose; nitida shining rose; nutkana Nootka rose; palustris swamp rose; pisocarpa cluster rose, peafruit rose; rubiginosa sweetbrier; rugosa rugose rose, rugosa rose; sempervirens evergreen rose; setigera climbing prairie rose; spinosissima Scotch rose; stellata desert rose; virginiana Virginia rose; wichuraiana memorial rose; woodsii Woods rose; yainacensis Cluster Lake rose
Rubus blackberry: allegheniensis Allegheny blackberry; alumnus oldfield blackberry; arcticus arctic raspberry; argutus southern blackberry, sawtooth blackberry; armeniacus Himalayan blackberry = Rubus discolor; bartonianus Barton raspberry; bifrons European blackberry; canadensis smooth blackberry; caesius European dewberry; cuneifolius sand blackberry; deliciosus delicious raspberry; flagellaris northern dewberry; hispidus bristly dewberry; idaeus red raspberry; illecebrosus strawberry raspberry; laciniatus cutleaf blackberry, evergreen blackberry; leucodermis blackcap raspberry; neomexicanus New Mexico raspberry; nivalis snow raspberry; occidentalis black raspberry; odoratus purple-flowering raspberry; parviflorus thimbleberry; pensilvanicus Pennsylvania blackberry; phoenicolasius wine raspberry, wineberry; setosus setose blackberry; spectabilis salmonberry; trivialis southern dewberry; ursinus California blackberry, trailing blackberry
Sorbaria false-spirea: sorbifolia false spirea
Sorbus mountain-ash: americana American mountain-ash; decora northern mountain-ash, showy mountain-ash; dumosa Arizona mountain-ash; groenlandica Greenland mountain-ash; scopulina Greene mountain-ash, western mountain-ash; sitchensis Sitka mountain-ash; californica California mountain-ash; aucuparia European mountain-ash, rowan; aria whitebeam; intermedia Swedish whitebeam; alnifolia Korean mountain-ash; hybrida oakleaf mountain-ash; domestica service tree; torminalis wild service tree
Spiraea spirea: alba white meadowsweet; betulifolia white spirea, birchleaf spirea; douglasii Douglas spirea, hardhack; japonica Japanese spirea; latifolia broadleaf meadowsweet; lucida shinyleaf spirea; prunifolia bridal-wreath spirea; splendens rose meadowsweet, mountain spirea; stevenii beauverd spirea; thunbergii Thunberg spirea; tomentosa steeplebush; virginiana Virginia spirea; x vanhouttei Vanhoutte spirea; x pyramidata pyramidal spirea; cantoniensis Reeves spirea
Vauquelinia rosewood: californica Arizona rosewood; corymbosa slimleaf rosewood
@Fabaceae pea; Leguminosae; Mimosaceae; Caesalpiniaceae
Acacia acacia: baileyana cootamundra wattle; dealbata silver wattle; longifolia Sydney golden wattle; melanoxylon blackwood acacia; pycnantha golden wattle; auriculiformis earleaf acacia; mearnsii black wattle
Acaciella prairie acacia: angustissima prairie acacia
Albizia albizia: julibrissin silktree, mimosa, Persian silk tree; lebbeck woman's tongue
Amorpha false-indigo: californica California false-indigo; canescens leadplant; crenulata crenulate leadplant; fruticosa desert false-indigo, false indigo-bush; glabra mountain false-indigo; herbacea clusterspike false-indigo; laevigata smooth false-indigo; nana dwarf false-indigo; nitens shining false-indigo; ouachitensis Ouachita false-indigo; paniculata panicled false-indigo; roemeriana Roemer false-indigo; schwerinii Schwerin false-indigo
Bauhinia orchid-tree: lunarioides Anacacho orchid-tree; variegata mountain ebony; purpurea butterfly tree
Caesalpinia nicker: gilliesii bird-of-paradise; pulcherrima pride-of-Barbados; bonduc yellow nicker
Calliandra stickpea: eriophylla fairyduster; californica Baja fairyduster
Caragana peashrub: arborescens Siberian peashrub; frutex Russian peashrub; pygmaea pygmy peashrub
Cassia cassia: fistula golden shower
Cercis redbud: canadensis eastern redbud; occidentalis western redbud, California redbud; chinensis Chinese redbud; siliquastrum Judas tree; texensis Texas redbud
Cladrastis yellowwood: kentukea American yellowwood, Kentucky yellowwood = Cladrastis lutea
Colutea bladder-senna: arborescens bladder senna
Coursetia babybonnets: glandulosa rosary babybonnets; axillaris Texas babybonnets
Cytisus broom: scoparius Scotch broom; striatus hairy-fruited broom; multiflorus white Spanish broom
Dalea dalea: formosa featherplume; frutescens black prairie clover; greggii Gregg dalea; pulchra Santa Catalina prairie clover
Delonix flame-tree: regia royal poinciana
Dermatophyllum mescalbean: secundiflorum Texas mountain-laurel, mescalbean = Sophora secundiflora; arizonicum Arizona mescalbean; gypsophilum Guadalupe mescalbean
Ebenopsis ebony: ebano Texas ebony
Erythrina coralbean: herbacea coralbean, redcardinal; flabelliformis coralbean, western coralbean
Erythrostemon poinciana: mexicanus Mexican holdback
Eysenhardtia kidneywood: orthocarpa Tahitian kidneywood; texana Texas kidneywood; polystachya kidneywood
Genista broom: monspessulana French broom; tinctoria dyer's greenweed
Gleditsia honey-locust: aquatica water locust; triacanthos honey locust; x texana Texas honey locust
Gymnocladus coffeetree: dioicus Kentucky coffeetree
Havardia havardia: pallens haujillo, tenaza
Indigofera indigo: suffruticosa anil de pasto
Laburnum golden-chain: anagyroides golden-chain tree; x watereri hybrid golden-chain
Lespedeza bushclover: bicolor shrub lespedeza; thunbergii Thunberg lespedeza
Leucaena leadtree: leucocephala white leadtree; pulverulenta great leadtree; retusa littleleaf leadtree, goldenball leadtree
Lupinus lupine: albifrons silver lupine; arboreus yellow bush lupine; chamissonis Chamisso bush lupine
Lysiloma lysiloma: latisiliquum false tamarind; watsonii littleleaf false tamarind, feather-tree
Maackia maackia: amurensis Amur maackia
Mariosousa acacia: millefolia milfoil wattle
Mimosa mimosa: aculeaticarpa catclaw mimosa; biuncifera wait-a-minute bush; borealis fragrant mimosa; distachya wine-colored mimosa; dysocarpa velvetpod mimosa; grahamii Graham mimosa
Olneya ironwood: tesota desert ironwood
Parkinsonia paloverde: aculeata Jerusalem thorn, Mexican paloverde; florida blue paloverde = Cercidium floridum; microphylla yellow paloverde, foothill paloverde; texana Texas paloverde
Peltophorum peltophorum: pterocarpum yellow poinciana
Pickeringia pickeringia: montana chaparral pea
Piscidia fishpoison-tree: piscipula Florida fishpoison tree, Jamaican dogwood
Pithecellobium blackbead: keyense Florida Keys blackbead; unguis-cati catclaw blackbead; dulce monkeypod
Prosopis mesquite: glandulosa honey mesquite; pubescens screwbean mesquite; velutina velvet mesquite; juliflora mesquite; chilensis Chilean mesquite; reptans tornillo
Psorothamnus smokebush: spinosus smoketree, smokethorn; fremontii Fremont dalea; schottii Schott dalea; scoparius broom dalea
Pueraria kudzu: montana kudzu
Robinia locust: hispida bristly locust, rose acacia; neomexicana New Mexico locust; pseudoacacia black locust; viscosa clammy locust; elliottii Elliott locust
Senegalia acacia: berlandieri guajillo, Berlandier acacia; greggii catclaw acacia, Gregg catclaw = Acacia greggii; roemeriana Roemer acacia; wrightii Wright acacia
Senna senna: armata desert senna; wislizeni Wislizenus senna; hebecarpa American senna; marilandica Maryland senna; alata candlestick plant
Sesbania riverhemp: drummondii poisonbean; herbacea bigpod sesbania; punicea rattlebox; vesicaria bladderpod
Sophora necklacepod: affinis Eve's necklace = Styphnolobium affine; tomentosa yellow necklacepod
Spartium broom: junceum Spanish broom
Styphnolobium pagoda-tree: japonicum Japanese pagoda tree, pagoda tree, scholar tree = Sophora japonica
Tamarindus tamarind: indica tamarind
Ulex gorse: europaeus common gorse, gorse, furze
Vachellia acacia: constricta whitethorn acacia; farnesiana sweet acacia, huisache = Acacia farnesiana; rigidula blackbrush acacia; schaffneri Schaffner wattle; vernicosa viscid acacia
Wisteria wisteria: frutescens American wisteria; sinensis Chinese wisteria; floribunda Japanese wisteria
Zapoteca zapoteca: media white stickpea
@Elaeagnaceae oleaster
Elaeagnus oleaster: angustifolia Russian-olive; commutata silverberry, wolf willow; multiflora cherry silverberry; pungens thorny olive, thorny elaeagnus; umbellata autumn-olive
Hippophae sea-buckthorn: rhamnoides sea buckthorn
Shepherdia buffaloberry: argentea silver buffaloberry; canadensis russet buffaloberry, soapberry, Canada buffaloberry; rotundifolia roundleaf buffaloberry
@Rhamnaceae buckthorn
Adolphia adolphia: californica California prickbush; infesta Texas adolphia
Berchemia supplejack: scandens Alabama supplejack
Ceanothus ceanothus: americanus New Jersey tea; arboreus feltleaf ceanothus, island ceanothus; cordulatus mountain whitethorn; crassifolius hoaryleaf ceanothus; cuneatus buckbrush, wedgeleaf ceanothus; dentatus cropleaf ceanothus; fendleri Fendler ceanothus; foliosus wavyleaf ceanothus; fresnensis Fresno ceanothus; gloriosus Point Reyes ceanothus; griseus Carmel ceanothus; herbaceus Jersey tea; impressus Santa Barbara ceanothus; incanus coast whitethorn; integerrimus deerbrush; jepsonii musk brush; lemmonii Lemmon ceanothus; leucodermis chaparral whitethorn; martini Martin ceanothus; megacarpus bigpod ceanothus; microphyllus littleleaf buckbrush; oliganthus hairy ceanothus; ophiochilus Vail Lake ceanothus; palmeri Palmer ceanothus; papillosus wartleaf ceanothus; parryi Parry ceanothus; parvifolius littleleaf ceanothus; pauciflorus Mojave ceanothus; pinetorum Coville ceanothus; prostratus prostrate ceanothus, mahala mat; pumilus dwarf ceanothus; purpureus hollyleaf ceanothus; ramulosus coast ceanothus; rigidus Monterey ceanothus; roderickii Pine Hill ceanothus; sanguineus redstem ceanothus, Oregon tea-tree; serpyllifolius coastal plain buckbrush; sonomensis Sonoma ceanothus; sorediatus jimbrush; spinosus redheart, greenbark ceanothus; thyrsiflorus blueblossom; tomentosus woollyleaf ceanothus; velutinus snowbrush ceanothus, snowbrush, tobacco brush; verrucosus wart-stem ceanothus
Colubrina nakedwood: arborescens greenheart; cubensis Cuban nakedwood; elliptica soldierwood; texensis Texas hog plum, Texan hogplum; californica Las Animas nakedwood
Condalia snakewood: correllii Correll snakewood; ericoides javelina bush; globosa bitter snakewood; hookeri Brazilian bluewood, brasil; spathulata knifeleaf condalia; viridis green snakewood; warnockii Warnock snakewood
Frangula false-buckthorn: alnus glossy buckthorn, alder buckthorn = Rhamnus frangula; betulifolia beechleaf frangula, birchleaf buckthorn; californica California coffeeberry, California buckthorn = Rhamnus californica; caroliniana Carolina buckthorn = Rhamnus caroliniana; purshiana cascara, cascara buckthorn, cascara sagrada, Pursh buckthorn = Rhamnus purshiana; rubra red buckthorn, Sierra coffeeberry
Hovenia raisin-tree: dulcis Japanese raisin tree
Karwinskia coyotillo: humboldtiana coyotillo
Krugiodendron leadwood: ferreum leadwood, black ironwood
Paliurus paliurus: spina-christi Jerusalem thorn bush
Reynosia darlingplum: septentrionalis darling plum
Rhamnus buckthorn: alnifolia alderleaf buckthorn; arguta sharptooth buckthorn; cathartica common buckthorn, European buckthorn; crocea redberry buckthorn, spiny redberry; davurica Dahurian buckthorn; ilicifolia hollyleaf redberry, hollyleaf buckthorn; lanceolata lanceleaf buckthorn; pirifolia island redberry; serrata sawleaf buckthorn; smithii Smith buckthorn; pilosa hairyleaf redberry
Sageretia mock buckthorn: minutiflora smallflower mock buckthorn; wrightii Wright mock buckthorn
Ziziphus jujube: jujuba common jujube, jujube; obtusifolia lotebush, graythorn; celata Florida jujube; parryi Parry jujube
@Sapindaceae soapberry; Aceraceae; Hippocastanaceae
Acer maple: barbatum southern sugar maple, Florida maple = Acer floridanum; circinatum vine maple; glabrum Rocky Mountain maple, Douglas maple; grandidentatum bigtooth maple, canyon maple; leucoderme chalk maple; macrophyllum bigleaf maple, Oregon maple; negundo boxelder, ashleaf maple, Manitoba maple; nigrum black maple; pensylvanicum striped maple, moosewood; rubrum red maple, swamp maple; saccharinum silver maple, soft maple; saccharum sugar maple, hard maple, rock maple; spicatum mountain maple; skutchii Mexican sugar maple; buergerianum trident maple; campestre hedge maple, field maple; carpinifolium hornbeam maple; cissifolium vineleaf maple; davidii David maple; ginnala Amur maple = Acer tataricum subsp. ginnala; griseum paperbark maple; japonicum fullmoon maple; mandshuricum Manchurian maple; maximowiczianum Nikko maple; miyabei Miyabe maple; palmatum Japanese maple; platanoides Norway maple; pseudoplatanus sycamore maple, planetree maple; pseudosieboldianum purplebloom maple; rufinerve redvein maple; tataricum Tatarian maple; triflorum three-flower maple; truncatum Shantung maple, purpleblow maple; opalus Italian maple; x freemanii Freeman maple
Aesculus buckeye: californica California buckeye; flava yellow buckeye, sweet buckeye = Aesculus octandra; glabra Ohio buckeye, fetid buckeye; parviflora bottlebrush buckeye; parryi Parry buckeye; pavia red buckeye; sylvatica painted buckeye; hippocastanum horse-chestnut, common horse-chestnut; indica Indian horse-chestnut; turbinata Japanese horse-chestnut; x carnea red horse-chestnut
Cupania toadwood: glabra Florida toadwood; americana American toadwood
Dodonaea hopbush: viscosa Florida hopbush, hopbush; elaeagnoides Keys hopbush
Exothea inkwood: paniculata inkwood, butterbough
Hypelate hypelate: trifoliata white ironwood
Koelreuteria raintree: paniculata goldenrain tree, panicled goldenrain tree; elegans flamegold; bipinnata Chinese flame tree
Melicoccus melicoccus: bijugatus Spanish lime
Sapindus soapberry: drummondii western soapberry; saponaria wingleaf soapberry; marginatus Florida soapberry
Ungnadia Mexican-buckeye: speciosa Mexican buckeye
Xanthoceras yellowhorn: sorbifolium yellowhorn
@Anacardiaceae cashew
Cotinus smoketree: coggygria European smoketree, common smoketree, smoke bush; obovatus American smoketree
Malosma laurel-sumac: laurina laurel sumac
Mangifera mango: indica mango
Metopium poisonwood: toxiferum Florida poisonwood, poisonwood
Pistacia pistache: chinensis Chinese pistache; mexicana Mexican pistache, Texas pistache; vera pistachio; texana American pistachio
Rhus sumac: aromatica fragrant sumac; copallinum winged sumac, shining sumac, dwarf sumac; glabra smooth sumac; integrifolia lemonade sumac, lemonade berry; kearneyi Kearney sumac; lanceolata prairie sumac, flameleaf sumac; microphylla littleleaf sumac; michauxii false poison sumac; ovata sugar sumac, sugar bush; trilobata skunkbush sumac, skunkbush; typhina staghorn sumac = Rhus hirta; virens evergreen sumac; choriophylla Mearns sumac; chinensis Chinese sumac
Schinus peppertree: molle Peruvian peppertree, California peppertree; terebinthifolia Brazilian peppertree; polygama Hardee peppertree
Searsia searsia: lancea African sumac
Toxicodendron poison-ivy: diversilobum Pacific poison-oak, western poison-oak = Rhus diversiloba; pubescens Atlantic poison-oak, eastern poison-oak = Rhus toxicodendron; radicans eastern poison-ivy, poison-ivy = Rhus radicans; rydbergii western poison-ivy = Rhus radicans var. rydbergii; vernix poison-sumac = Rhus vernix; succedaneum Japanese wax tree
@Simaroubaceae quassia
Ailanthus ailanthus: altissima tree-of-heaven, ailanthus
Castela castela: emoryi crucifixion thorn; erecta goatbush
Simarouba paradisetree: glauca paradise tree
@Meliaceae mahogany
Melia chinaberry: azedarach Chinaberry, Chinaberry tree
Swietenia mahogany: mahagoni West Indian mahogany; macrophylla big-leaf mahogany
Toona toona: sinensis Chinese mahogany; ciliata Australian redcedar
@Rutaceae rue
Amyris torchwood: elemifera sea torchwood; balsamifera balsam torchwood; texana Texas torchwood; madrensis Sierra Madre torchwood
Casimiroa sapote: edulis white sapote; greggii Gregg sapote
Choisya starleaf: dumosa starleaf Mexican orange
Citrus citrus: aurantium sour orange; limon lemon; paradisi grapefruit; reticulata tangerine; sinensis sweet orange; trifoliata trifoliate orange, hardy orange = Poncirus trifoliata
Cneoridium bushrue: dumosum bush rue
Esenbeckia jopoy: berlandieri Berlandier jopoy
Helietta helietta: parvifolia barreta
Murraya orange-jessamine: paniculata orange jessamine
Phellodendron corktree: amurense Amur corktree; japonicum Japanese corktree
Ptelea hoptree: crenulata California hoptree; trifoliata common hoptree, wafer-ash
Skimmia skimmia: japonica Japanese skimmia
Tetradium bee-tree: daniellii Korean evodia, bee-bee tree
Thamnosma turpentinebroom: montana turpentine broom
Zanthoxylum prickly-ash: americanum common prickly-ash, northern prickly-ash, toothache tree; clava-herculis Hercules' club, southern prickly-ash; coriaceum Biscayne prickly-ash; fagara lime prickly-ash, wild lime; flavum West Indian satinwood; hirsutum Texas Hercules' club; parvum Shinners tickletongue
@Burseraceae torchwood
Bursera bursera: microphylla elephant tree; simaruba gumbo-limbo; fagaroides fragrant bursera
@Malvaceae mallow; Tiliaceae; Sterculiaceae; Bombacaceae
Ayenia ayenia: filiformis Trans-Pecos ayenia; limitaris Rio Grande ayenia
Firmiana parasoltree: simplex Chinese parasol tree
Fremontodendron flannelbush: californicum California flannelbush; decumbens Pine Hill flannelbush; mexicanum Mexican flannelbush
Gossypium cotton: hirsutum upland cotton; thurberi desert cotton
Hibiscus hibiscus: syriacus rose of Sharon; rosa-sinensis Chinese hibiscus; moscheutos crimson-eyed rosemallow
Malacothamnus bushmallow: fasciculatus Mendocino bushmallow; densiflorus yellowstem bushmallow; fremontii Fremont bushmallow
Malvaviscus waxmallow: arboreus wax mallow, Turk's cap
Talipariti mahoe: tiliaceum sea hibiscus
Thespesia thespesia: populnea Portia tree
Tilia basswood: americana American basswood, American linden, basswood; caroliniana Carolina basswood; heterophylla white basswood; cordata littleleaf linden; platyphyllos bigleaf linden, largeleaf linden; tomentosa silver linden; mongolica Mongolian linden; x europaea European linden, common lime; x euchlora Crimean linden; mexicana Mexican basswood; henryana Henry linden
@Thymelaeaceae mezereum
Daphne daphne: laureola spurge laurel; mezereum paradise plant, February daphne; odora winter daphne
Dirca leatherwood: occidentalis western leatherwood; palustris eastern leatherwood, leatherwood; decipiens Kansas leatherwood; mexicana Mexican leatherwood
@Celastraceae staff-tree
Celastrus bittersweet: orbiculatus Oriental bittersweet; scandens American bittersweet
Euonymus spindletree: alatus burningbush, winged burningbush, winged euonymus; americanus bursting-heart, strawberry bush; atropurpureus eastern wahoo, burningbush; europaeus European spindletree; fortunei winter creeper; japonicus Japanese spindletree; obovatus running strawberry bush; occidentalis western burningbush, western wahoo; hamiltonianus Hamilton spindletree; kiautschovicus spreading euonymus
Gyminda gyminda: latifolia West Indian false box
Maytenus mayten: phyllanthoides Florida mayten; boaria mayten tree
Mortonia mortonia: sempervirens Rio Grande saddlebush; utahensis Utah mortonia; scabrella Sonoran saddlebush
Paxistima paxistima: canbyi Canby mountain-lover; myrsinites Oregon boxleaf, mountain lover
Schaefferia schaefferia: cuneifolia desert yaupon; frutescens Florida boxwood
`;
