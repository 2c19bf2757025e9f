/** Conifers, ginkgo, cycads and ephedras. How a line is read: ./read.ts. */
export const CONIFERS = `
@Pinaceae pine
Abies fir: amabilis Pacific silver fir, silver fir; balsamea balsam fir; bracteata bristlecone fir, Santa Lucia fir; concolor white fir; fraseri Fraser fir; grandis grand fir, lowland white fir; lasiocarpa subalpine fir, alpine fir, corkbark fir = Abies bifolia; magnifica California red fir, red fir; procera noble fir; alba European silver fir; homolepis Nikko fir; koreana Korean fir; nordmanniana Nordmann fir, Caucasian fir; pinsapo Spanish fir; religiosa sacred fir, oyamel; durangensis Durango fir; veitchii Veitch fir; cephalonica Greek fir; firma momi fir
Cedrus cedar: atlantica Atlas cedar; deodara deodar cedar, deodar; libani cedar of Lebanon
Keteleeria keteleeria: davidiana David keteleeria
Larix larch: laricina tamarack, eastern larch, American larch, hackmatack; lyallii subalpine larch, alpine larch; occidentalis western larch; decidua European larch; kaempferi Japanese larch; sibirica Siberian larch; gmelinii Dahurian larch
Picea spruce: abies Norway spruce; breweriana Brewer spruce, weeping spruce; chihuahuana Chihuahua spruce; engelmannii Engelmann spruce; glauca white spruce; mariana black spruce; pungens blue spruce, Colorado blue spruce, Colorado spruce; rubens red spruce; sitchensis Sitka spruce; omorika Serbian spruce; orientalis Oriental spruce; asperata dragon spruce; jezoensis Yezo spruce
Pinus pine: albicaulis whitebark pine; aristata Rocky Mountain bristlecone pine, Colorado bristlecone pine; arizonica Arizona pine; attenuata knobcone pine; balfouriana foxtail pine; banksiana jack pine; cembroides Mexican pinyon; clausa sand pine; contorta lodgepole pine, shore pine, beach pine; coulteri Coulter pine; discolor border pinyon; echinata shortleaf pine; edulis two-needle pinyon, Colorado pinyon, pinyon pine; elliottii slash pine; engelmannii Apache pine; flexilis limber pine; glabra spruce pine; jeffreyi Jeffrey pine; lambertiana sugar pine; leiophylla Chihuahua pine; longaeva Great Basin bristlecone pine; monophylla single-leaf pinyon, singleleaf pinyon; monticola western white pine; muricata bishop pine; palustris longleaf pine; ponderosa ponderosa pine, western yellow pine; pungens Table Mountain pine; quadrifolia Parry pinyon; radiata Monterey pine; remota papershell pinyon; resinosa red pine, Norway pine; rigida pitch pine; sabiniana gray pine, foothill pine, ghost pine; serotina pond pine; strobiformis southwestern white pine; strobus eastern white pine; taeda loblolly pine; torreyana Torrey pine; virginiana Virginia pine, scrub pine; washoensis Washoe pine; bungeana lacebark pine; canariensis Canary Island pine; cembra Swiss stone pine; densiflora Japanese red pine; densata Sikang pine; halepensis Aleppo pine; heldreichii Bosnian pine; koraiensis Korean pine; mugo mugo pine, Swiss mountain pine; nigra Austrian pine, European black pine; parviflora Japanese white pine; peuce Balkan pine; pinaster maritime pine; pinea Italian stone pine; sylvestris Scots pine, Scotch pine; tabuliformis Chinese red pine; thunbergii Japanese black pine; wallichiana Himalayan white pine, Bhutan pine; ayacahuite Mexican white pine; montezumae Montezuma pine; patula Mexican weeping pine; pseudostrobus smooth-bark Mexican pine; teocote Aztec pine; lumholtzii Lumholtz pine; caribaea Caribbean pine
Pseudolarix golden-larch: amabilis golden larch
Pseudotsuga Douglas-fir: menziesii Douglas-fir = Pseudotsuga taxifolia; macrocarpa bigcone Douglas-fir, bigcone spruce
Tsuga hemlock: canadensis eastern hemlock, Canada hemlock; caroliniana Carolina hemlock; heterophylla western hemlock; mertensiana mountain hemlock; diversifolia northern Japanese hemlock; chinensis Chinese hemlock; sieboldii southern Japanese hemlock
@Cupressaceae cypress; Taxodiaceae
Calocedrus incense-cedar: decurrens incense-cedar, California incense-cedar = Libocedrus decurrens
Callitropsis nootka-cypress: nootkatensis Alaska-cedar, yellow-cedar, Nootka cypress, Alaska yellow-cedar = Chamaecyparis nootkatensis, Cupressus nootkatensis, Xanthocyparis nootkatensis
Chamaecyparis false-cypress: lawsoniana Port-Orford-cedar, Lawson cypress; thyoides Atlantic white-cedar, southern white-cedar; obtusa Hinoki cypress; pisifera Sawara cypress
Cryptomeria cryptomeria: japonica Japanese-cedar, sugi
Cunninghamia China-fir: lanceolata China-fir
Cupressus cypress: sempervirens Italian cypress; funebris Chinese weeping cypress; lusitanica Mexican cypress
Hesperocyparis western-cypress: abramsiana Santa Cruz cypress = Cupressus abramsiana; arizonica Arizona cypress = Cupressus arizonica; bakeri Baker cypress, Modoc cypress = Cupressus bakeri; forbesii Tecate cypress = Cupressus forbesii; goveniana Gowen cypress = Cupressus goveniana; macnabiana MacNab cypress = Cupressus macnabiana; macrocarpa Monterey cypress = Cupressus macrocarpa; nevadensis Piute cypress; pigmaea Mendocino cypress, pygmy cypress; sargentii Sargent cypress = Cupressus sargentii; stephensonii Cuyamaca cypress; glabra smooth Arizona cypress, smooth-bark cypress = Cupressus glabra; montana San Pedro Martir cypress
Juniperus juniper: arizonica redberry juniper; ashei Ashe juniper, mountain cedar; californica California juniper; coahuilensis rose-fruited juniper; communis common juniper; deppeana alligator juniper; flaccida weeping juniper, drooping juniper; grandis Sierra juniper; horizontalis creeping juniper; maritima seaside juniper; monosperma one-seed juniper; occidentalis western juniper; osteosperma Utah juniper; pinchotii Pinchot juniper; scopulorum Rocky Mountain juniper, Rocky Mountain redcedar; virginiana eastern redcedar, eastern juniper; chinensis Chinese juniper; procumbens Japanese garden juniper; sabina savin juniper; squamata flaky juniper; conferta shore juniper; saltillensis Saltillo juniper
Metasequoia dawn-redwood: glyptostroboides dawn redwood
Microbiota microbiota: decussata Siberian cypress
Platycladus arborvitae: orientalis Oriental arborvitae
Sequoia redwood: sempervirens coast redwood, redwood, California redwood
Sequoiadendron giant-sequoia: giganteum giant sequoia, bigtree, Sierra redwood
Taxodium bald-cypress: distichum bald cypress, swamp cypress; ascendens pond cypress; mucronatum Montezuma cypress, Montezuma bald cypress
Thuja arborvitae: occidentalis northern white-cedar, eastern white-cedar, eastern arborvitae, American arborvitae; plicata western redcedar, giant arborvitae, giant redcedar; standishii Japanese arborvitae
Thujopsis thujopsis: dolabrata hiba, false arborvitae
@Taxaceae yew
Taxus yew: brevifolia Pacific yew, western yew; canadensis Canada yew, American yew, ground hemlock; floridana Florida yew; globosa Mexican yew; baccata English yew, European yew; cuspidata Japanese yew; x media Anglojap yew
Torreya torreya: californica California torreya, California nutmeg; taxifolia Florida torreya, stinking-cedar; nucifera Japanese torreya
Cephalotaxus plum-yew: harringtonii Japanese plum-yew
@Podocarpaceae podocarp
Podocarpus podocarp: macrophyllus yew podocarp, southern yew; coriaceus yucca plum pine
Afrocarpus afrocarpus: gracilior African fern pine
@Araucariaceae araucaria
Araucaria araucaria: araucana monkey puzzle; bidwillii bunya pine; heterophylla Norfolk Island pine; columnaris Cook pine
@Sciadopityaceae umbrella-pine
Sciadopitys umbrella-pine: verticillata Japanese umbrella-pine
@Ginkgoaceae ginkgo
Ginkgo ginkgo: biloba ginkgo, maidenhair tree
@Zamiaceae zamia
Zamia zamia: integrifolia coontie, Florida arrowroot
@Cycadaceae cycad
Cycas cycad: revoluta sago palm, king sago
@Ephedraceae ephedra
Ephedra jointfir: antisyphilitica clapweed; aspera rough jointfir; californica California jointfir; cutleri Cutler jointfir; fasciculata Arizona jointfir; funerea Death Valley jointfir; nevadensis Nevada jointfir; torreyana Torrey jointfir; trifurca longleaf jointfir; viridis green ephedra, Mormon tea
`;
