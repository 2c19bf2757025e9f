/**
 * The words of join codes, plain and each heard for itself: four to seven letters, none a tree or one of two spellings, and any
 * two at least three letters apart, so that one wrong letter still leads to the word that was meant.
 */
export const CODE_WORDS: readonly string[] = `
active alpine amused anchor antler apron arcade arena artist aspect atlas attic bakery ballad banjo
banner barrel basket beacon beaver belfry bellow bench bicycle bison bobbin bonfire book border
bottle breeze brick bridge brush bubble button cabin camera camping candle canvas canyon captain
caravan cargo carpet chalk channel chapter checker cheese chimney chorus circle civic classic cliff
clipper clock closet cluster coach coastal cobalt cobbler coffee collar colony compass cottage
county cousin crane cricket cupcake curly cushion daily dawn delta denim desert desk diamond dolphin
domino donkey dozen dragon drawer dream drummer eagle earring echo eclipse elegant eleven ember
engine errand escort evening fabric factory falcon famous fancy farmer feather ferry fiddle fifty
figure film fisher flag fluffy flute foggy fossil freckle freight friend frosty furnace gadget
galaxy garage garden garlic gazebo gentle geyser giraffe glacier glider globe goat goggles granite
graph gravel guitar hammock harbor harvest hasty helmet hidden hiker hinge hobby home hopper horizon
hostel hurdle iceberg idea inkwell insect island ivory jaguar jersey jewel jigsaw journal jumbo
jungle junior kennel keyhole kitten koala label ladder lagoon lantern laptop latch laundry lazy
library light linen lively lizard llama locket lodge loyal lucky lunar magic magnet mammal marble
marmot meadow medal melody mentor mirror modem monsoon morning mosaic mouse muffin museum mustard
napkin narrow nectar nephew nickel nimble noodle north nugget oasis ocean octopus office opera orbit
otter outfit oxygen package padlock painter palace panda pasture patio pelican pencil penguin photo
piano picnic pigeon piglet pitcher pizza planet plumber polka popcorn prairie pretty pretzel prism
propel pumpkin puppet puzzle pyramid quarry quilt quiver rabbit raccoon radar raft railway rainbow
ravine ready ribbon ripple rooster round rubber ruffle rustic sailor satchel saucer sawdust scallop
scarf scholar school scooter second seesaw shell shelter shiny shovel shuttle signal silly silver
sketch skillet sled sleepy smooth snorkel snow soda sonnet spaniel spatula speaker spice spindle
spiral sponge square stable stadium stairs stamp station stirrup storm straw string studio subway
summit sunrise surfer swift swimmer talent tandem tassel tavern teacup teapot temple tennis textile
thread thunder topaz tornado tractor traffic trailer train tripod trolley trophy trumpet tuba
tugboat tundra tuxedo tweed twenty ukulele uniform urban utensil vacuum valley vapor village violin
visitor voyage walrus warm weekend whistle window wise wombat wooden world yogurt zebra zenith
zephyr zigzag zinc
`
  .trim()
  .split(/\s+/);
