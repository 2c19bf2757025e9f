/** Heaths, dogwoods, ashes, hollies, honeysuckles and what else of trees and shrubs has joined petals. How a line is read: ./read.ts. */
export const HEATHS = `
@Ericaceae heath; Empetraceae; Pyrolaceae
Andromeda bog-rosemary: polifolia bog rosemary
Arbutus madrone: arizonica Arizona madrone; menziesii Pacific madrone, madrone, madrona; xalapensis Texas madrone; unedo strawberry tree
Arctostaphylos manzanita: alpina alpine bearberry; andersonii Santa Cruz manzanita; auriculata Mount Diablo manzanita; canescens hoary manzanita; catalinae Santa Catalina Island manzanita; columbiana hairy manzanita; crustacea brittleleaf manzanita; densiflora Vine Hill manzanita; edmundsii Little Sur manzanita; gabilanensis Gabilan Mountains manzanita; glandulosa Eastwood manzanita; glauca bigberry manzanita; glutinosa Schreiber manzanita; hookeri Hooker manzanita; insularis island manzanita; klamathensis Klamath manzanita; luciana Santa Lucia manzanita; malloryi Mallory manzanita; manzanita common manzanita, whiteleaf manzanita; mewukka Indian manzanita; montana Mount Tamalpais manzanita; morroensis Morro manzanita; myrtifolia Ione manzanita; nevadensis pinemat manzanita; nissenana El Dorado manzanita; nortensis Del Norte manzanita; nummularia glossyleaf manzanita; obispoensis bishop manzanita; otayensis Otay manzanita; pallida pallid manzanita; parryana Parry manzanita; patula greenleaf manzanita; pilosula Santa Margarita manzanita; pringlei Pringle manzanita; pumila sandmat manzanita; pungens pointleaf manzanita, Mexican manzanita; purissima La Purisima manzanita; rainbowensis rainbow manzanita; refugioensis Refugio manzanita; regismontana Kings Mountain manzanita; rubra red-fruit bearberry; rudis shagbark manzanita; silvicola Bonny Doon manzanita; stanfordiana Stanford manzanita; tomentosa woollyleaf manzanita; uva-ursi kinnikinnick, bearberry; virgata Bolinas manzanita; viridissima whitehair manzanita; viscida sticky whiteleaf manzanita, whiteleaf manzanita
Bejaria tarflower: racemosa tarflower
Calluna heather: vulgaris heather, Scotch heather
Cassiope mountain-heather: mertensiana western moss heather, white mountain heather; tetragona white arctic mountain heather
Ceratiola Florida-rosemary: ericoides sand heath, Florida rosemary
Chamaedaphne leatherleaf: calyculata leatherleaf
Chimaphila prince's pine: umbellata pipsissewa; maculata striped prince's pine
Comarostaphylis summer-holly: diversifolia summer holly
Corema broom-crowberry: conradii broom crowberry
Elliottia elliottia: pyroliflora copperbush; racemosa Georgia plume
Empetrum crowberry: nigrum black crowberry; atropurpureum purple crowberry
Epigaea trailing-arbutus: repens trailing arbutus
Erica heath: carnea winter heath; cinerea twisted heath; lusitanica Spanish heath; tetralix crossleaf heath
Eubotrys fetterbush: racemosa swamp doghobble; recurva redtwig doghobble
Gaultheria wintergreen: hispidula creeping snowberry; humifusa alpine wintergreen; ovatifolia western teaberry; procumbens eastern teaberry, wintergreen; shallon salal
Gaylussacia huckleberry: baccata black huckleberry; bigeloviana northern dwarf huckleberry; brachycera box huckleberry; dumosa dwarf huckleberry; frondosa blue huckleberry, dangleberry; mosieri woolly huckleberry; nana confederate huckleberry; orocola Appalachian dwarf huckleberry; tomentosa hairy dangleberry; ursina bear huckleberry
Harrimanella moss-bush: hypnoides moss plant; stelleriana Alaska bell-heather
Kalmia laurel: angustifolia sheep laurel; buxifolia sandmyrtle; carolina Carolina laurel; cuneata white wicky; hirsuta hairy laurel; latifolia mountain laurel; microphylla alpine laurel, western bog laurel; polifolia bog laurel; procumbens alpine azalea
Kalmiopsis kalmiopsis: leachiana North Umpqua kalmiopsis
Leucothoe doghobble: axillaris coastal doghobble; davisiae Sierra laurel; fontanesiana highland doghobble, drooping leucothoe
Lyonia lyonia: ferruginea rusty staggerbush, tree lyonia; fruticosa coastal plain staggerbush; ligustrina maleberry; lucida fetterbush lyonia; mariana Piedmont staggerbush
Oxydendrum sourwood: arboreum sourwood, sorrel tree
Phyllodoce mountain-heath: aleutica Aleutian mountain heath; breweri purple mountain heath; caerulea blue mountain heath; empetriformis pink mountain heath; glanduliflora yellow mountain heath
Pieris fetterbush: floribunda mountain fetterbush; japonica Japanese pieris; phillyreifolia climbing fetterbush
Rhododendron rhododendron: albiflorum Cascade azalea, white rhododendron; alabamense Alabama azalea; arborescens smooth azalea; atlanticum dwarf azalea, coastal azalea; austrinum orange azalea, Florida flame azalea; calendulaceum flame azalea; canadense rhodora; canescens mountain azalea, Piedmont azalea; carolinianum Carolina rhododendron; catawbiense Catawba rosebay, mountain rosebay; chapmanii Chapman rhododendron; columbianum western Labrador tea; cumberlandense Cumberland azalea; eastmanii May white azalea; flammeum Oconee azalea; groenlandicum bog Labrador tea, Labrador tea = Ledum groenlandicum; kaempferi kaempferi azalea; lapponicum Lapland rosebay; macrophyllum Pacific rhododendron; maximum great laurel, rosebay rhododendron; menziesii rusty menziesia, fool's huckleberry = Menziesia ferruginea; minus Piedmont rhododendron; mucronulatum Korean rhododendron; occidentale western azalea; periclymenoides pink azalea, pinxterbloom; pilosum minniebush = Menziesia pilosa; ponticum common rhododendron; prinophyllum early azalea, roseshell azalea; prunifolium plumleaf azalea; tomentosum marsh Labrador tea; vaseyi pinkshell azalea; viscosum swamp azalea; obtusum Kirishima azalea
Vaccinium blueberry: angustifolium lowbush blueberry; arboreum farkleberry, sparkleberry; boreale northern blueberry; cespitosum dwarf bilberry, dwarf blueberry; corymbosum highbush blueberry; crassifolium creeping blueberry; darrowii Darrow blueberry; deliciosum Cascade bilberry; elliottii Elliott blueberry; erythrocarpum southern mountain cranberry; fuscatum black highbush blueberry; hirsutum hairy blueberry; macrocarpon cranberry, American cranberry; membranaceum thinleaf huckleberry, big huckleberry, black huckleberry; myrsinites shiny blueberry; myrtilloides velvetleaf huckleberry, velvetleaf blueberry; myrtillus whortleberry, bilberry; ovalifolium oval-leaf blueberry; ovatum California huckleberry, evergreen huckleberry; oxycoccos small cranberry; pallidum Blue Ridge blueberry, hillside blueberry; parvifolium red huckleberry; scoparium grouse whortleberry, grouseberry; simulatum upland highbush blueberry; stamineum deerberry; tenellum small black blueberry; uliginosum bog blueberry; virgatum smallflower blueberry, rabbiteye blueberry; vitis-idaea lingonberry, mountain cranberry; consanguineum Costa Rican blueberry
Zenobia honeycup: pulverulenta honeycup
@Clethraceae clethra
Clethra sweetpepperbush: acuminata mountain sweetpepperbush, cinnamon clethra; alnifolia coastal sweetpepperbush; barbinervis Japanese clethra
@Cyrillaceae cyrilla
Cliftonia buckwheat-tree: monophylla buckwheat tree
Cyrilla titi: racemiflora swamp titi, titi
@Theaceae tea
Camellia camellia: japonica camellia; sasanqua sasanqua camellia; sinensis tea
Franklinia Franklin-tree: alatamaha Franklin tree
Gordonia gordonia: lasianthus loblolly bay
Stewartia stewartia: malacodendron silky camellia, silky stewartia; ovata mountain camellia, mountain stewartia; pseudocamellia Japanese stewartia; koreana Korean stewartia
@Symplocaceae sweetleaf
Symplocos sweetleaf: tinctoria common sweetleaf, horse sugar; paniculata sapphire-berry
@Styracaceae storax
Halesia silverbell: carolina Carolina silverbell; diptera two-wing silverbell; tetraptera mountain silverbell
Pterostyrax epaulette-tree: hispidus fragrant epaulette tree
Sinojackia jacktree: xylocarpa jack tree
Styrax snowbell: americanus American snowbell; grandifolius bigleaf snowbell; japonicus Japanese snowbell; obassia fragrant snowbell; platanifolius sycamore-leaf snowbell; redivivus drug snowbell, California snowdrop bush
@Ebenaceae ebony
Diospyros persimmon: virginiana common persimmon, persimmon; texana Texas persimmon; kaki Japanese persimmon, kaki; lotus date plum
@Sapotaceae sapodilla
Chrysophyllum star-apple: oliviforme satinleaf
Manilkara manilkara: jaimiqui wild dilly; zapota sapodilla
Sideroxylon bully: alachuense silver bully; celastrinum saffron plum; foetidissimum false mastic; lanuginosum gum bully, chittamwood = Bumelia lanuginosa; lycioides buckthorn bully; reclinatum Florida bully; salicifolium white bully, willow bustic; tenax tough bully; thornei Thorne bully
Pouteria pouteria: campechiana canistel
@Primulaceae primrose; Myrsinaceae; Theophrastaceae
Ardisia marlberry: crenata hen's eyes, coral ardisia; elliptica shoebutton; escallonioides island marlberry, marlberry
Jacquinia jacquinia: keyensis joewood
Myrsine colicwood: cubana guianese colicwood
@Fouquieriaceae ocotillo
Fouquieria ocotillo: splendens ocotillo; columnaris boojum tree
@Polemoniaceae phlox
Cantua cantua: buxifolia magic-flower
@Cornaceae dogwood; Nyssaceae; Alangiaceae
Cornus dogwood: alternifolia alternate-leaf dogwood, pagoda dogwood; amomum silky dogwood; asperifolia toughleaf dogwood; canadensis bunchberry, bunchberry dogwood; drummondii roughleaf dogwood; florida flowering dogwood; foemina stiff dogwood, swamp dogwood; glabrata brown dogwood; nuttallii Pacific dogwood, mountain dogwood; obliqua silky dogwood, pale dogwood; racemosa gray dogwood; rugosa roundleaf dogwood; sericea red-osier dogwood, redosier dogwood = Cornus stolonifera; sessilis blackfruit dogwood; unalaschkensis western cordilleran bunchberry; alba Tatarian dogwood; controversa giant dogwood; kousa kousa dogwood; mas Cornelian cherry; officinalis Japanese cornel dogwood; sanguinea bloodtwig dogwood
Davidia dove-tree: involucrata dove tree, handkerchief tree
Nyssa tupelo: aquatica water tupelo; biflora swamp tupelo; ogeche Ogeechee tupelo, Ogeechee lime; sylvatica black tupelo, black gum, blackgum, sourgum; ursina bear tupelo
Camptotheca happytree: acuminata happy tree
@Hydrangeaceae hydrangea
Carpenteria tree-anemone: californica tree anemone, bush anemone
Decumaria woodvamp: barbara woodvamp, climbing hydrangea
Deutzia deutzia: gracilis slender pride of Rochester; scabra fuzzy pride of Rochester
Fendlera fendlerbush: rupicola cliff fendlerbush; wrightii Wright fendlerbush
Fendlerella fendlerella: utahensis Utah fendlerbush
Hydrangea hydrangea: arborescens wild hydrangea, smooth hydrangea; cinerea ashy hydrangea; macrophylla bigleaf hydrangea; paniculata panicled hydrangea; quercifolia oakleaf hydrangea; radiata silverleaf hydrangea; anomala climbing hydrangea
Jamesia cliffbush: americana fivepetal cliffbush, waxflower; tetrapetala fourpetal cliffbush
Philadelphus mock-orange: coronarius sweet mock-orange; hirsutus streambank mock-orange; inodorus scentless mock-orange; lewisii Lewis mock-orange; microphyllus littleleaf mock-orange; pubescens hoary mock-orange; texensis Texas mock-orange; x virginalis virginal mock-orange; mearnsii Mearns mock-orange
Whipplea whipplea: modesta common whipplea, modesty
@Grossulariaceae currant
Ribes currant: alpinum alpine currant; amarum bitter gooseberry; americanum American black currant; aureum golden currant; binominatum trailing gooseberry; bracteosum stink currant; californicum California gooseberry; canthariforme Moreno currant; cereum wax currant; curvatum granite gooseberry; cynosbati eastern prickly gooseberry; divaricatum spreading gooseberry, coast black gooseberry; echinellum Miccosukee gooseberry; erythrocarpum Crater Lake currant; glandulosum skunk currant; hirtellum hairy-stem gooseberry; howellii mapleleaf currant; hudsonianum northern black currant; indecorum white-flower currant; inerme whitestem gooseberry; lacustre prickly currant, bristly black currant; laxiflorum trailing black currant; leptanthum trumpet gooseberry; lobbii gummy gooseberry; malvaceum chaparral currant; marshallii Hupa gooseberry; mescalerium Mescalero currant; missouriense Missouri gooseberry; montigenum gooseberry currant, alpine prickly currant; nevadense Sierra currant; nigrum European black currant; niveum snow currant; odoratum buffalo currant; oxyacanthoides Canadian gooseberry; pinetorum orange gooseberry; quercetorum rock gooseberry; roezlii Sierra gooseberry; rotundifolium Appalachian gooseberry; rubrum cultivated currant, red currant; sanguineum red-flower currant, blood currant; sericeum Santa Lucia gooseberry; speciosum fuchsia-flower gooseberry; thacherianum Santa Cruz Island gooseberry; triste swamp red currant; tularense Tulare gooseberry; uva-crispa European gooseberry; velutinum desert gooseberry; viburnifolium Santa Catalina Island currant; victoris Victor gooseberry; viscosissimum sticky currant; watsonianum spring gooseberry; wolfii Wolf currant
@Iteaceae sweetspire
Itea sweetspire: virginica Virginia sweetspire
@Oleaceae olive
Chionanthus fringetree: pygmaeus pygmy fringetree; virginicus white fringetree, fringetree, old-man's beard; retusus Chinese fringetree
Forestiera swamp-privet: acuminata eastern swamp-privet; angustifolia Texas swamp-privet; godfreyi Godfrey swamp-privet; ligustrina upland swamp-privet; pubescens stretchberry, New Mexico olive; reticulata netleaf swamp-privet; segregata Florida swamp-privet; shrevei desert olive
Forsythia forsythia: suspensa weeping forsythia; viridissima greenstem forsythia; x intermedia showy forsythia, border forsythia
Fraxinus ash: albicans Texas ash; americana white ash; anomala single-leaf ash, singleleaf ash; berlandieriana Mexican ash, Berlandier ash; biltmoreana Biltmore ash; caroliniana Carolina ash, water ash; cuspidata fragrant ash; dipetala California ash, two-petal ash; gooddingii Goodding ash; greggii Gregg ash, littleleaf ash; latifolia Oregon ash; nigra black ash; papillosa Chihuahua ash; parryi chaparral ash; pauciflora pop ash; pennsylvanica green ash, red ash; profunda pumpkin ash; quadrangulata blue ash; smallii Small ash; uhdei shamel ash; velutina velvet ash, Arizona ash; angustifolia narrowleaf ash; excelsior European ash; holotricha Moraine ash; mandshurica Manchurian ash; ornus flowering ash, manna ash
Jasminum jasmine: nudiflorum winter jasmine; mesnyi Japanese jasmine; officinale poet's jasmine
Ligustrum privet: amurense Amur privet; japonicum Japanese privet; lucidum glossy privet; obtusifolium border privet; ovalifolium California privet; quihoui waxyleaf privet; sinense Chinese privet; vulgare European privet, common privet
Menodora menodora: spinescens spiny menodora; scabra rough menodora
Olea olive: europaea olive
Osmanthus osmanthus: americanus devilwood, wild olive; fragrans sweet osmanthus; heterophyllus holly osmanthus, holly olive
Cartrema cartrema: floridana scrub wild olive
Syringa lilac: josikaea Hungarian lilac; meyeri Meyer lilac; pubescens littleleaf lilac; reticulata Japanese tree lilac; villosa villous lilac; vulgaris common lilac; x chinensis Chinese lilac; pekinensis Peking lilac
@Bignoniaceae bignonia
Bignonia crossvine: capreolata crossvine
Campsis trumpet-creeper: radicans trumpet creeper, trumpet vine; grandiflora Chinese trumpet creeper
Catalpa catalpa: bignonioides southern catalpa; speciosa northern catalpa; ovata Chinese catalpa; bungei Manchurian catalpa; longissima Haitian catalpa
Chilopsis desert-willow: linearis desert willow
Crescentia calabash-tree: cujete common calabash tree
Jacaranda jacaranda: mimosifolia jacaranda
Spathodea tuliptree: campanulata African tulip tree
Tecoma trumpetbush: stans yellow trumpetbush, yellow bells; capensis Cape honeysuckle
x Chitalpa chitalpa: tashkentensis chitalpa
@Paulowniaceae paulownia; Scrophulariaceae
Paulownia paulownia: tomentosa princess tree, royal paulownia, empress tree
@Lamiaceae mint; Verbenaceae
Callicarpa beautyberry: americana American beautyberry; dichotoma purple beautyberry; japonica Japanese beautyberry
Clerodendrum glorybower: trichotomum harlequin glorybower; bungei rose glorybower
Vitex chastetree: agnus-castus lilac chastetree, chaste tree; negundo Chinese chastetree; rotundifolia beach vitex
Salvia sage: apiana white sage; leucophylla San Luis purple sage; mellifera black sage; clevelandii fragrant sage; dorrii purple sage; greggii autumn sage
Trichostema bluecurls: lanatum woolly bluecurls
Lepechinia pitchersage: calycina woodbalm; fragrans island pitchersage
Rosmarinus rosemary: officinalis rosemary
Condea desert-lavender: emoryi desert lavender
Poliomintha rosemary-mint: incana frosted mint
Scutellaria bladdersage: mexicana Mexican bladdersage
@Verbenaceae verbena
Aloysia beebrush: gratissima whitebrush; wrightii Wright beebrush
Citharexylum fiddlewood: berlandieri Berlandier fiddlewood; spinosum Florida fiddlewood
Duranta duranta: erecta golden dewdrops
Lantana lantana: camara lantana; depressa rockland shrubverbena; urticoides West Indian shrubverbena; involucrata buttonsage
Lippia lippia: graveolens redbrush lippia
@Acanthaceae acanthus
Avicennia mangrove: germinans black mangrove
Anisacanthus desert-honeysuckle: thurberi Thurber desert honeysuckle; quadrifidus flame anisacanthus
Justicia waterwillow: californica beloperone, chuparosa
@Phrymaceae lopseed
Diplacus bush-monkeyflower: aurantiacus orange bush monkeyflower; longiflorus southern bush monkeyflower
@Plantaginaceae plantain
Keckiella keckiella: antirrhinoides snapdragon penstemon; breviflora bush beardtongue; cordifolia heartleaf keckiella; corymbosa redwood keckiella
@Scrophulariaceae figwort
Buddleja butterflybush: davidii orange-eye butterflybush, butterfly bush; marrubiifolia woolly butterflybush; alternifolia fountain butterflybush; sessiliflora Rio Grande butterflybush
Leucophyllum barometerbush: frutescens Texas barometer bush, cenizo; candidum violet silverleaf; minus Big Bend barometer bush
Myoporum myoporum: laetum ngaio tree; sandwicense naio
@Rubiaceae madder
Casasia casasia: clusiifolia sevenyear apple
Catesbaea lilythorn: parviflora smallflower lilythorn
Cephalanthus buttonbush: occidentalis common buttonbush, buttonbush; salicifolius Mexican buttonbush
Chiococca milkberry: alba West Indian milkberry
Erithalis blacktorch: fruticosa blacktorch
Exostema princewood: caribaeum Caribbean princewood
Genipa genipap: americana genipap
Guettarda velvetseed: elliptica hammock velvetseed; scabra wild guave
Hamelia firebush: patens scarletbush, firebush
Pinckneya fevertree: bracteata fevertree
Psychotria wild-coffee: nervosa Seminole balsamo, wild coffee; tenuifolia shortleaf wild coffee
Randia indigoberry: aculeata white indigoberry; obcordata heartleaf indigoberry; rhagocarpa crucillo
@Apocynaceae dogbane
Nerium oleander: oleander oleander
Cascabela cascabela: thevetia luckynut
Vallesia pearlberry: antillana tearshrub
Trachelospermum star-jasmine: difforme climbing dogbane; jasminoides Confederate jasmine
@Gelsemiaceae jessamine; Loganiaceae
Gelsemium trumpetflower: sempervirens Carolina jessamine, evening trumpetflower; rankinii Rankin jessamine
@Boraginaceae borage
Bourreria strongbark: cassinifolia smooth strongbark; succulenta bodywood; radula rough strongbark
Cordia cordia: boissieri anacahuita, Texas wild olive; sebestena largeleaf geigertree; bahamensis Bahama manjack
Ehretia ehretia: anacua anacua, knockaway
Eriodictyon yerba-santa: angustifolium narrowleaf yerba santa; californicum California yerba santa; crassifolium thickleaf yerba santa; trichocalyx hairy yerba santa; traskiae Pacific yerba santa; altissimum Indian Knob mountainbalm
Heliotropium heliotrope: gnaphalodes sea rosemary
@Solanaceae nightshade
Lycium desert-thorn: andersonii water jacket; barbarum matrimony vine, goji; berlandieri Berlandier wolfberry; brevipes Baja desert-thorn; californicum California desert-thorn; carolinianum Carolina desert-thorn, Christmas berry; cooperi peach thorn; exsertum Arizona desert-thorn; fremontii Fremont desert-thorn; pallidum pale desert-thorn, pale wolfberry; parishii Parish desert-thorn; torreyi Torrey wolfberry
Nicotiana tobacco: glauca tree tobacco
Solanum nightshade: dulcamara climbing nightshade; erianthum potato tree, mullein nightshade; umbelliferum bluewitch nightshade; mauritianum earleaf nightshade
Brugmansia angel's-trumpet: suaveolens angel's trumpet
@Aquifoliaceae holly
Ilex holly: ambigua Carolina holly; amelanchier sarvis holly; aquifolium English holly; cassine dahoon; collina longstalk holly; coriacea large gallberry, sweet gallberry; cornuta Chinese holly; crenata Japanese holly; cuthbertii Cuthbert holly; decidua possumhaw; glabra inkberry; krugiana tawnyberry holly; laevigata smooth winterberry; latifolia lusterleaf holly; longipes Georgia holly; montana mountain holly, mountain winterberry; mucronata catberry, mountain holly = Nemopanthus mucronatus; myrtifolia myrtle dahoon; opaca American holly; pedunculosa longstalk Japanese holly; serrata Japanese winterberry; verticillata common winterberry, winterberry; vomitoria yaupon; rugosa tsuru holly; x meserveae blue holly; x attenuata topal holly
@Adoxaceae moschatel; Caprifoliaceae; Viburnaceae
Sambucus elderberry: canadensis common elderberry, American elderberry, American black elderberry; cerulea blue elderberry = Sambucus mexicana; nigra European black elderberry; racemosa red elderberry, red elder; melanocarpa black elderberry; pubens American red elderberry; ebulus dwarf elder
Viburnum viburnum: acerifolium mapleleaf viburnum; bracteatum bracted arrowwood; carlesii Korean spice viburnum; cassinoides withe-rod, northern wild raisin; dentatum southern arrowwood, arrowwood; dilatatum linden arrowwood; edule squashberry, highbush cranberry, mooseberry; ellipticum common viburnum, oval-leaf viburnum; lantana wayfaringtree; lantanoides hobblebush; lentago nannyberry; molle softleaf arrowwood; nudum possumhaw viburnum, southern wild raisin; obovatum small-leaf arrowwood, Walter viburnum; opulus European cranberrybush, guelder rose; plicatum Japanese snowball; prunifolium blackhaw; rafinesqueanum downy arrowwood; recognitum northern arrowwood, smooth arrowwood; rhytidophyllum leatherleaf arrowwood; rufidulum rusty blackhaw; sieboldii Siebold arrowwood; setigerum tea viburnum; tinus laurustinus; trilobum American cranberrybush, highbush cranberry; odoratissimum sweet viburnum; x burkwoodii Burkwood viburnum
@Caprifoliaceae honeysuckle; Diervillaceae; Linnaeaceae
Abelia abelia: x grandiflora glossy abelia
Diervilla bush-honeysuckle: lonicera northern bush honeysuckle; rivularis mountain bush honeysuckle; sessilifolia southern bush honeysuckle
Heptacodium seven-son flower: miconioides seven-son flower
Kolkwitzia beautybush: amabilis beautybush
Leycesteria leycesteria: formosa Himalayan honeysuckle
Linnaea twinflower: borealis twinflower
Lonicera honeysuckle: albiflora western white honeysuckle; arizonica Arizona honeysuckle; caerulea bluefly honeysuckle, sweetberry honeysuckle; canadensis American fly honeysuckle; cauriana bluefly honeysuckle; ciliosa orange honeysuckle; conjugialis purple-flower honeysuckle; dioica glaucous honeysuckle; flava yellow honeysuckle; fragrantissima sweet breath of spring, winter honeysuckle; hirsuta hairy honeysuckle; hispidula pink honeysuckle; interrupta chaparral honeysuckle; involucrata twinberry, black twinberry, bearberry honeysuckle; japonica Japanese honeysuckle; maackii Amur honeysuckle; morrowii Morrow honeysuckle; oblongifolia swamp fly honeysuckle; periclymenum European honeysuckle, woodbine; reticulata grape honeysuckle; sempervirens trumpet honeysuckle, coral honeysuckle; subspicata southern honeysuckle; tatarica Tatarian honeysuckle; utahensis Utah honeysuckle, red twinberry; villosa mountain fly honeysuckle; xylosteum dwarf honeysuckle, European fly honeysuckle; x bella showy fly honeysuckle
Symphoricarpos snowberry: albus common snowberry; guadalupensis McKittrick snowberry; hesperius trailing snowberry; longiflorus desert snowberry; mollis creeping snowberry, soft snowberry; occidentalis western snowberry, wolfberry; orbiculatus coralberry, buckbrush; oreophilus mountain snowberry; palmeri Palmer snowberry; rotundifolius roundleaf snowberry
Weigela weigela: florida weigela, old-fashioned weigela
@Araliaceae ginseng
Aralia aralia: elata Japanese angelica tree; spinosa devil's walkingstick, Hercules' club; chinensis Chinese angelica tree; californica California spikenard
Fatsia fatsia: japonica paperplant, Japanese aralia
Hedera ivy: helix English ivy, common ivy; hibernica Atlantic ivy; canariensis Canary ivy
Heptapleurum schefflera: actinophyllum octopus tree = Schefflera actinophylla
Kalopanax castor-aralia: septemlobus castor aralia, prickly castor oil tree
Oplopanax devilsclub: horridus devil's club
Eleutherococcus eleutherococcus: sieboldianus fiveleaf aralia
@Pittosporaceae pittosporum
Pittosporum cheesewood: tobira Japanese cheesewood; undulatum Victorian box; crassifolium stiffleaf cheesewood
@Asteraceae aster; Compositae
Ambrosia bursage: dumosa burrobush, white bursage; deltoidea triangle bursage; ambrosioides canyon ragweed; salsola burrobrush, cheesebush
Artemisia sagebrush: arbuscula little sagebrush, low sagebrush; bigelovii Bigelow sage; californica coastal sagebrush; cana silver sagebrush; filifolia sand sagebrush; nova black sagebrush; pygmaea pygmy sagebrush; rigida scabland sagebrush, stiff sagebrush; rothrockii timberline sagebrush; spinescens budsage; tridentata big sagebrush; tripartita threetip sagebrush
Baccharis baccharis: halimifolia eastern baccharis, groundsel tree; pilularis coyotebrush; salicifolia mule-fat; sarothroides desertbroom; glutinosa saltmarsh baccharis; angustifolia saltwater false willow; emoryi Emory baccharis; sergiloides desert baccharis; neglecta Rooseveltweed
Brickellia brickellbush: californica California brickellbush; incana woolly brickellbush; laciniata splitleaf brickellbush
Chrysothamnus rabbitbrush: viscidiflorus yellow rabbitbrush, green rabbitbrush; vaseyi Vasey rabbitbrush; depressus longflower rabbitbrush
Encelia brittlebush: californica California brittlebush; farinosa brittlebush; frutescens button brittlebush; virginensis Virgin River brittlebush
Ericameria goldenbush: nauseosa rubber rabbitbrush, gray rabbitbrush = Chrysothamnus nauseosus; cooperi Cooper goldenbush; cuneata cliff goldenbush; ericoides California goldenbush; laricifolia turpentine bush; linearifolia narrowleaf goldenbush; palmeri Palmer goldenbush; parryi Parry rabbitbrush; pinifolia pinebush; bloomeri rabbitbush
Flourensia tarwort: cernua American tarwort, tarbush
Gutierrezia snakeweed: sarothrae broom snakeweed; microcephala threadleaf snakeweed
Hazardia bristleweed: squarrosa sawtooth goldenbush; cana island hazardia
Isocoma goldenbush: menziesii Menzies goldenbush; acradenia alkali goldenbush; tenuisecta burroweed
Iva marsh-elder: frutescens Jesuit's bark, marsh elder; imbricata seacoast marsh elder
Lepidospartum scalebroom: squamatum California broomsage, scalebroom; latisquamum Nevada broomsage
Parthenium feverfew: argentatum guayule; incanum mariola
Peucephyllum pygmycedar: schottii Schott pygmycedar
Pluchea arrowweed: sericea arrowweed
Tetradymia horsebrush: axillaris longspine horsebrush; canescens spineless horsebrush, gray horsebrush; comosa hairy horsebrush; glabrata littleleaf horsebrush; spinosa shortspine horsebrush; stenolepis Mojave cottonthorn; tetrameres fourpart horsebrush
Viguiera goldeneye: parishii Parish goldeneye; stenoloba resinbush
Borrichia seaside-tansy: arborescens tree seaside tansy; frutescens bushy seaside tansy
Chromolaena thoroughwort: odorata Jack in the bush
@Goodeniaceae goodenia
Scaevola naupaka: plumieri gullfeed; taccada beach naupaka
`;
