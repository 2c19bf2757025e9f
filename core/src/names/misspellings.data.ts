/**
 * Tree names as they are misspelled and misheard: `right name: as written, as written`. Kept apart from the code and
 * written before it, so that a change of the search is held against what people write.
 */
const LINES = `
Abies grandis: Abies grandus, Abeis grandis, Abies grandi, Abbies grandis, Abies granids
Abies lasiocarpa: Abies lasicarpa, Abies lasiocarpia, Abies lassiocarpa, Abies lasiocarpus
Acer glabrum: Acer glabarum, Acer glabrun, Acer glabrium, Acre glabrum
Acer macrophyllum: Acer macrophylum, Acer macrofillum, Acer macrophilum, Acer macrophyllem
Acer saccharinum: Acer sacharinum, Acer saccarinum, Acer saccharinium
Acer saccharum: Acer sacharum, Acer saccarum, Acer sacchrum
Acer negundo: Acer negundu, Acer neguno, Acer negondo
Alnus rubra: Alnus rubara, Alnis rubra, Alnus rubrum
Alnus incana: Alnus incanna, Alnus incanus
Amelanchier alnifolia: Amelanchier alnafolia, Amalanchier alnifolia, Amelanchier alnifolium, Amelanchior alnifolia
Betula occidentalis: Betula ocidentalis, Betula occidentallis, Betulla occidentalis
Betula papyrifera: Betula papyrefera, Betula papirifera, Betula papyriferra
Carya ovata: Carya ovatta, Caria ovata, Carya ovatum
Celtis occidentalis: Celtus occidentalis, Celtis ocidentalis, Celtis occidentallis
Cornus sericea: Cornus serecia, Cornus cericea, Cornis sericea
Cornus florida: Cornus floridia, Cornus floreda
Crataegus douglasii: Crataegus douglassii, Crategus douglasii, Crataegus douglasi
Fagus grandifolia: Fagus grandafolia, Fagus grandifolium, Faggus grandifolia
Fraxinus americana: Fraxinus amercana, Fraxinis americana, Fraxinus americanus
Fraxinus pennsylvanica: Fraxinus pensylvanica, Fraxinus pennsylvannica, Fraxinus pennsilvanica
Gleditsia triacanthos: Gleditsia tricanthos, Gleditzia triacanthos, Gleditsia triacanthus
Gymnocladus dioicus: Gymnocladus diocus, Gimnocladus dioicus, Gymnocladus dioica
Juglans nigra: Juglans niger, Jugland nigra, Juglans nigrum
Juniperus scopulorum: Juniperus scopularum, Juniperis scopulorum, Juniperus scopulorem
Juniperus occidentalis: Juniperus ocidentalis, Juniperous occidentalis
Juniperus virginiana: Juniperus virginana, Juniperus virginianna
Larix occidentalis: Larix ocidentalis, Laryx occidentalis, Larix occidentallis
Larix lyallii: Larix lyalli, Larix lyalii, Larix lyalli
Liquidambar styraciflua: Liquidambar styracifula, Liquidamber styraciflua, Liquidambar stiraciflua
Liriodendron tulipifera: Liriodendron tulipfera, Lireodendron tulipifera, Liriodendrum tulipifera
Magnolia grandiflora: Magnolia grandaflora, Magnolia grandiflorum
Nyssa sylvatica: Nyssa silvatica, Nissa sylvatica, Nyssa sylvattica
Ostrya virginiana: Ostrya virginana, Ostria virginiana
Picea engelmannii: Picea engelmanii, Picea englemannii, Picea engelmanni, Picea engelmani
Picea pungens: Picea pungans, Picea pungins, Picea pugnens
Picea glauca: Picea glacua, Picea glaucha
Pinus albicaulis: Pinus albacaulis, Pinus albicalis, Pinus albicaulus, Pinus albicaullis
Pinus contorta: Pinus contorda, Pinis contorta, Pinus contortus, Pinus cantorta
Pinus flexilis: Pinus flexillis, Pinus flexalis, Pinus flexilus
Pinus monticola: Pinus monticolla, Pinus montecola, Pinus monticula
Pinus ponderosa: Pinus ponderossa, Pinus pondorosa, Pinus ponderosae, Pinis ponderosa
Pinus strobus: Pinus strobis, Pinus strobas
Platanus occidentalis: Platanus ocidentalis, Plantanus occidentalis, Platinus occidentalis
Populus tremuloides: Populus tremoloides, Populus tremuliodes, Populous tremuloides, Populus tremuloidies
Populus trichocarpa: Populus tricocarpa, Populus trichocarpus, Populus trichcarpa
Populus deltoides: Populus deltiodes, Populus deltoidies
Prunus emarginata: Prunus emarginatta, Prunus imarginata, Prunis emarginata
Prunus virginiana: Prunus virginana, Prunus virginianna, Prunis virginiana
Prunus serotina: Prunus seratina, Prunus serotinna
Pseudotsuga menziesii: Psuedotsuga menziesii, Pseudotsuga menzesii, Pseudotsuga menziesi, Pseudotsuga menzeisii, Pseudotsuga menziessii
Quercus alba: Quercus albus, Qercus alba, Querkus alba
Quercus garryana: Quercus garyana, Quercus garriana, Quercus garrayana
Quercus macrocarpa: Quercus macrocarpus, Quercus macracarpa, Quercus macrocarpia
Quercus palustris: Quercus palustrus, Quercus pallustris
Quercus rubra: Quercus ruba, Quercus rubrum, Quercas rubra
Quercus velutina: Quercus velutinna, Quercus vellutina
Rhamnus purshiana: Rhamnus purshianna, Rhamnus purchiana, Ramnus purshiana
Robinia pseudoacacia: Robinia psuedoacacia, Robinia pseudoacasia, Robina pseudoacacia
Salix scouleriana: Salix scoulariana, Salix scouleriania, Salix scoleriana
Sambucus cerulea: Sambucus cerulia, Sambuccus cerulea
Sassafras albidum: Sassafrass albidum, Sasafras albidum, Sassafras albidium
Sequoia sempervirens: Sequoia sempervirons, Sequioa sempervirens, Sequoia sempervirans
Sorbus scopulina: Sorbus scopulena, Sorbus scopulinna, Sorbis scopulina
Taxodium distichum: Taxodium disticum, Taxodium distichium
Taxus brevifolia: Taxus brevafolia, Taxis brevifolia, Taxus brevifolium
Thuja plicata: Thuja plicatta, Thuga plicata, Thuya plicata, Thuja placata
Thuja occidentalis: Thuja ocidentalis, Thuja occidentallis
Tilia americana: Tilia amercana, Tillia americana, Tilia americanna
Tsuga heterophylla: Tsuga heterophyla, Tsuga heterofylla, Tsuga hetrophylla, Tusga heterophylla
Tsuga mertensiana: Tsuga mertensianna, Tsuga mertinsiana, Tsuga mertensianum
Tsuga canadensis: Tsuga canadenis, Tsuga canadensus
Ulmus americana: Ulmus amercana, Ulmas americana
Ulmus rubra: Ulmus ruba, Ulmis rubra
grand fir: grand fur, grande fir, grand fri
subalpine fir: sub alpine fir, subalpin fir, sub-alpine fir, subapline fir
Rocky Mountain maple: rocky mountian maple, rocky mountin maple, rockie mountain maple
quaking aspen: quacking aspen, quaking aspin, quakeing aspen, quaking apsen
black cottonwood: black cotonwood, black cottenwood, black cottonwod
Douglas-fir: Douglas fir, Douglass-fir, Douglasfir, Duglas fir
Engelmann spruce: Engleman spruce, Engelman spruce, Englemann spruce, Engelmann spurce
ponderosa pine: pondarosa pine, ponderossa pine, ponderosa pin, ponderosa pien
lodgepole pine: lodge pole pine, lodgpole pine, lodgepole pien, lodgepol pine
whitebark pine: white bark pine, whitbark pine, whitebark pien
limber pine: limbor pine, limberpine, limmber pine
western larch: western larsh, westurn larch, western lurch
western hemlock: western hemlok, western hemloc, western hemlcok
western redcedar: western red cedar, western redceder, western redcedr
western white pine: western whit pine, western white pien, westren white pine
mountain hemlock: mountian hemlock, mountain hemlok, mountin hemlock
bitter cherry: biter cherry, bitter chery, bitter cherrie
chokecherry: choke cherry, chokechery, chokecherrie
serviceberry: servicberry, serviceberrie, service berry
red alder: red aldar, red aldder
water birch: water brich, watter birch
paper birch: paper brich, papper birch
bigleaf maple: big leaf maple, bigleef maple, bigleaf mapel
Oregon white oak: Oregan white oak, Oregon whit oak
Rocky Mountain juniper: Rocky Mountain junipur, Rocky Mountain juneper, Rocky Mountin juniper
Pacific yew: Pasific yew, Pacfic yew
honey locust: honey locus, hony locust, honeylocust
black locust: black locus, blak locust
sugar maple: suger maple, sugar mapel
silver maple: sliver maple, silver mapel
American sycamore: American sycamor, American sicamore, Amercan sycamore
sweetgum: sweet gum, sweetgumm
tulip tree: tuliptree, tulip tre
eastern hemlock: eastern hemlok, easten hemlock
bald cypress: baldcypress, bald cyprus, bald cypres
sassafras: sasafras, sassafrass, sassafrus
Abies amabilis: Abies amabalis, Abies ammabilis, Abies amabillis
Abies balsamea: Abies balsemea, Abies balsamia
Acer circinatum: Acer circinnatum, Acer cercinatum, Acer circanatum
Aesculus glabra: Aesculus glabara, Esculus glabra, Aesculis glabra
Ailanthus altissima: Ailanthus altisima, Alianthus altissima, Ailanthus altissema
Arbutus menziesii: Arbutus menzesii, Arbutis menziesii
Asimina triloba: Asimina trilobba, Assimina triloba
Calocedrus decurrens: Calocedrus decurens, Calocedris decurrens, Calocedrus decurrans
Carpinus caroliniana: Carpinus carolinana, Carpinis caroliniana, Carpinus carolineana
Cercis canadensis: Cercis canadenis, Circis canadensis
Chamaecyparis thyoides: Chamaecyparis thyoidies, Chamaecyparus thyoides, Chamecyparis thyoides
Cornus nuttallii: Cornus nutallii, Cornus nuttalli, Cornus nuttali
Diospyros virginiana: Diospyrus virginiana, Diospiros virginiana
Frangula purshiana: Frangula purshianna, Frangula purchiana, Frangulla purshiana
Ginkgo biloba: Gingko biloba, Ginko biloba, Ginkgo bilobba
Hamamelis virginiana: Hamamelus virginiana, Hammamelis virginiana
Hesperocyparis macrocarpa: Hesperocyparis macracarpa, Hesperocyparus macrocarpa
Holodiscus discolor: Holodiscus discolour, Holodiscis discolor
Ilex opaca: Ilex opacca, Illex opaca
Mahonia aquifolium: Mahonia aquafolium, Mahonia aquifolia
Morus alba: Moris alba, Morrus alba
Notholithocarpus densiflorus: Notholithocarpus densiflorous, Notholithocarpus densiflora
Oxydendrum arboreum: Oxydendron arboreum, Oxidendrum arboreum
Paulownia tomentosa: Paulonia tomentosa, Paulownia tomentossa
Philadelphus lewisii: Philadelphus lewisi, Philadelphis lewisii, Philadelphus lewesii
Physocarpus malvaceus: Physocarpus malvaceous, Phisocarpus malvaceus, Physocarpus malvacius
Symphoricarpos albus: Symphoricarpus albus, Simphoricarpos albus, Symphoricarpos alba
Toxicodendron rydbergii: Toxicodendron rydbergi, Toxicodendrum rydbergii, Toxicodendron ridbergii
Umbellularia californica: Umbelularia californica, Umbellularia californika
Acer pensylvanicum: Acer pennsylvanicum, Acer pensylvannicum
Pacific madrone: Pacific madrona, Pacific madron, Pasific madrone
incense-cedar: incence cedar, insense cedar, incensecedar
vine maple: vine mapel, vien maple
Pacific dogwood: Pacific dog wood, Pacific dogwod
western poison-ivy: western poison ivey, western poisin ivy, western poison ivie
common snowberry: common snowbery, comon snowberry, common snow berry
ninebark: nine bark, ninbark, ninebarck
mock-orange: mock ornage, mockorange, moc orange
oceanspray: ocean spray, oceanspay, oceansprey
tall Oregon-grape: tall Oregon grape, tall Oregan grape, tall Oregongrape
pawpaw: paw paw, pawpow
eastern redbud: eastern red bud, eastern redbudd, eestern redbud
flowering dogwood: flowring dogwood, flowering dog wood, flowering dogwoud
shagbark hickory: shag bark hickory, shagbark hickery, shagbark hicory
common hackberry: common hackbery, common hack berry, comon hackberry
eastern hophornbeam: eastern hophornbeem, eastern hop hornbeam, eastern hophornebeam
yellow-poplar: yellow popler, yellowpoplar, yelow poplar
northern catalpa: northern catalfa, northern catapla, nothern catalpa
bur oak: burr oak, bur oke, bur oka
red ash: red ahs, red ashe
`;

/**
 * Names as they are written by who only heard them, beyond what the count of letters forgives. None may earn another
 * species anything; whether they earn their own depends on what else is near.
 */
const HEARD = `
Douglas-fir: duglus fur, dugless fir, Dougliss furr
quaking aspen: kwaking aspen, kwaiking aspin, quakin aspin
ponderosa pine: pondurosa pyne, ponderosa pyn
Engelmann spruce: Ingleman spruce, Engulman sproose
lodgepole pine: lojpole pine, lodjepole pine
tamarack: tammerack, tamerak
western hemlock: westurn hemlok, western hemloque
sassafras: sassifrass, sassyfras
sycamore: sickamore, sikamore
catalpa: kuhtalpa, catalpuh
hickory: hikkory, hickry
juniper: joonipper, junnipur
cypress: sipress, cyprus
Tsuga heterophylla: Sooga heterofila, Tsuga hetero phila
Pseudotsuga menziesii: Sudotsuga menziesii, Pseudo tsuga menzezii, Sudosuga menzesii
Thuja plicata: Thooya plicata, Tuya plikata
Abies lasiocarpa: Abeez lasiokarpa, Abies lazyocarpa
Picea engelmannii: Pisea engelmani, Piceya engelmanii
Acer macrophyllum: Aser makrofilum, Acer macrofilem
Populus trichocarpa: Populus trikokarpa, Populus trycocarpa
Juniperus scopulorum: Juniperus skopulorum, Juniperus scopulorem
Amelanchier alnifolia: Amelankier alnifolia, Amelanshier alnafolia
Crataegus douglasii: Kratigus douglasii, Crataygus douglasi
Physocarpus malvaceus: Fisocarpus malvasius, Fizocarpus malvaceus
`;

export interface Written {
  readonly right: string;
  readonly written: string;
}

const read = (lines: string): readonly Written[] =>
  lines
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [right = '', written = ''] = line.split(': ');
      return written.split(', ').map((w) => ({ right, written: w }));
    });

/** What is misspelled for which name. */
export const MISSPELLINGS = read(LINES);
/** What is written by ear for which name. */
export const MISHEARD = read(HEARD);
