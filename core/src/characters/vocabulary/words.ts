import type { Word } from '../types.ts';

/** `word = character/state`, learners' own words and metaphors; the character alone where no one state is meant. */
const WORDS_TEXT = `
mitten = leaf.shapes_on_one_tree/lobed-and-unlobed
hand = leaf.lobing/palmately-lobed
feather = leaf.complexity/pinnate
fern = leaf.complexity/pinnate
clover = leaf.complexity/trifoliolate
three leaves = leaf.complexity/trifoliolate
star = leaf.lobing/palmately-lobed
heart = leaf.shape/cordate
spear = leaf.shape/lanceolate
ribbon = leaf.shape/linear
spade = leaf.shape/deltoid
egg = leaf.shape/ovate
spoon = leaf.shape/obovate
round leaf = leaf.shape/orbicular
diamond = leaf.shape/rhombic
saw = leaf.margin/serrate
jagged = leaf.margin/serrate
zigzag edge = leaf.margin/serrate
teeth on teeth = leaf.margin/doubly-serrate
scalloped = leaf.margin/crenate
smooth edge = leaf.margin/entire
crooked bottom = leaf.base_symmetry/uneven
lopsided leaf = leaf.base_symmetry/uneven
sandpaper = leaf.surface_above/rough
velvet = leaf.hairs/all-over-below
fuzzy = leaf.hairs/all-over-below
silver leaf = leaf.colour_below/silver
shaky leaf = leaf.petiole_section/flattened
quaking = leaf.petiole_section/flattened
flat stalk = leaf.petiole_section/flattened
pokey = needle.tip/sharp
prickly = needle.tip/sharp
flat and friendly = needle.section/flat
square and sharp = needle.section/square
rolls = needle.section/square
bottle brush = needle.arrangement/all-round
comb = needle.arrangement/flat-in-two-rows
tuft = needle.attachment/clustered-on-spurs
bunch of needles = needle.attachment/in-bundles
suction cup = needle.attachment/disc
lace = needle.spray/flattened
cord = needle.spray/cord-like
scaly twig = leaf.kind/scale
helicopter = fruit.kind/samara
helicopter = fruit.kind/paired-samara
key = fruit.kind/samara
propeller = fruit.kind/paired-samara
mouse tails = fruit.bracts/three-pointed-and-showing
mice in the cone = fruit.bracts/three-pointed-and-showing
pitchfork = fruit.bracts/three-pointed-and-showing
little pine cone = fruit.kind/woody-cone-like-catkin
caterpillar = flower.kind/catkin
lamb's tail = flower.kind/catkin
tassel = flower.kind/catkin
cotton = fruit.kind/capsule
little apple = fruit.kind/pome
berry = fruit.kind/berry
blueberry on a cedar = fruit.kind/fleshy-cone
lantern = fruit.kind/capsule
popcorn = fruit.kind/capsule
paper = bark.texture/papery
puzzle = bark.texture/plated
alligator = bark.texture/blocky
muscles = bark.texture/muscle-like
strings = bark.texture/stringy
blisters = bark.resin_blisters/yes
pitch bubbles = bark.resin_blisters/yes
moustache = bark.branch_scar/moustache-shaped
eyes = bark.branch_scar/eye-shaped
vanilla = bark.smell/vanilla
Christmas tree = form.outline/conical
church steeple = form.outline/narrow-spire
umbrella = form.outline/spreading
broom = form.outline/vase-shaped
fishing rod = form.leader/nodding
droopy top = form.leader/nodding
thorny = twig.armature/thorn
spiky = twig.armature/thorn
rose thorns = twig.armature/prickle
claws = twig.bud_shape/claw-like
cigar = twig.bud_shape/spindle-shaped
sticky = twig.bud_sticky/yes
zigzag = twig.zigzag/yes
goosebumps = twig.glands/warts
rough as a file = twig.after_needle_fall/pegs
tangerine = needle.smell/citrus
pineapple = needle.smell/fruity
stinky = needle.smell/rank
cherry cough drops = twig.smell/bitter-almond
cough syrup = twig.smell/balsam
matching pairs = leaf.arrangement/opposite
staggered = leaf.arrangement/alternate
`;

/** Learners' words that ship with the vocabulary; more are learnt from answers. */
export const WORDS: readonly Word[] = WORDS_TEXT.trim()
  .split('\n')
  .map((line) => {
    const [text = '', target = ''] = line.split(' = ');
    const [character = '', state] = target.split('/');
    return { text, character, state: state ?? null };
  });
