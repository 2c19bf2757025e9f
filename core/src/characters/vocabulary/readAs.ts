import type { ReadAs } from '../types.ts';

/** `true state > read as weight`, by character: what learners take for what. */
const READ_AS_TEXT = `
leaf.complexity: odd-pinnate > simple 4; odd-pinnate > even-pinnate 2; even-pinnate > odd-pinnate 2; even-pinnate > simple 4; trifoliolate > simple 3; trifoliolate > palmate 2; bipinnate > odd-pinnate 4; bipinnate > even-pinnate 2; palmate > simple 2; palmate > trifoliolate 1; simple > odd-pinnate 2
leaf.arrangement: subopposite > opposite 5; subopposite > alternate 3; opposite > alternate 3; opposite > subopposite 1; alternate > opposite 5; whorled > opposite 3; whorled > alternate 1
twig.arrangement: subopposite > opposite 5; subopposite > alternate 3; opposite > alternate 3; opposite > subopposite 1; alternate > opposite 5; whorled > opposite 3; whorled > alternate 1
leaf.margin: doubly-serrate > serrate 6; serrate > doubly-serrate 2; serrate > crenate 2; crenate > serrate 3; dentate > serrate 5; bristle-toothed > serrate 5; crenate > wavy 2; wavy > entire 4; wavy > crenate 1; entire > wavy 2; entire > serrate 1; spiny > serrate 4
leaf.lobing: shallowly-lobed > unlobed 5; pinnately-lobed > palmately-lobed 2; palmately-lobed > pinnately-lobed 2; unlobed > shallowly-lobed 2
leaf.shape: ovate > elliptic 3; ovate > cordate 1; ovate > obovate 2; elliptic > ovate 3; obovate > ovate 3; lanceolate > linear 2; lanceolate > oblanceolate 2; oblanceolate > lanceolate 3; oblong > elliptic 3; deltoid > ovate 2; cordate > ovate 2; orbicular > ovate 2; rhombic > ovate 2; linear > lanceolate 2
leaf.venation: arcuate > pinnate 5; three-from-the-base > pinnate 4; three-from-the-base > palmate 1; palmate > pinnate 2; pinnate > arcuate 1; parallel > pinnate 1
leaf.base_symmetry: uneven > even 4; even > uneven 1
leaf.tip: acuminate > acute 4; acute > acuminate 2; obtuse > rounded 3; rounded > obtuse 2
leaf.base: rounded > wedge-shaped 2; cordate > rounded 3; truncate > rounded 3; wedge-shaped > rounded 2
leaf.surface_above: dull > shiny 1; shiny > dull 2
leaf.kind: awl > needle 6; awl > scale 2; scale > needle 4; scale > awl 2; needle > awl 1
leaf.persistence: marcescent > deciduous 3; deciduous > evergreen 1; evergreen > deciduous 1
needle.attachment: peg > disc 2; disc > peg 2; stalk > disc 3; clustered-on-spurs > in-bundles 5; in-bundles > clustered-on-spurs 2; decurrent-base > stalk 2
needle.section: flat > square 2; square > flat 3; triangular > half-round 2; half-round > triangular 2
needle.bands: both-sides > below-only 4; all-sides > both-sides 3; inner-sides > both-sides 2; below-only > both-sides 3; above-only > below-only 5; all-four-sides > both-sides 3; none > below-only 1
needle.tip: sharp > pointed 3; pointed > sharp 3; notched > blunt 4; blunt > notched 2
needle.arrangement: brushed-upward > all-round 3; flat-in-two-rows > all-round 1; all-round > brushed-upward 2
needle.spray: flattened > cord-like 1; cord-like > flattened 1
twig.armature: spine > thorn 5; prickle > thorn 5; thorn > spine 2; thorn > prickle 1
twig.pith: chambered > hollow 4; diaphragmed > solid 4; diaphragmed > chambered 2
twig.bud_scales: valvate > imbricate 3; valvate > one-cap 1; imbricate > valvate 2; naked > imbricate 3; one-cap > valvate 3
twig.terminal_bud: false > true 5; twig-tip-dies > false 2; true > false 2
twig.after_needle_fall: pegs > discs 1; discs > pegs 1; raised-scars > pegs 3
bark.texture: plated > furrowed 3; furrowed > plated 2; scaly > plated 3; blocky > furrowed 3; papery > stringy 2; stringy > furrowed 3; flaking-patches > scaly 3
form.branching: excurrent > decurrent 1; decurrent > excurrent 1
fruit.kind: fleshy-cone > berry 5; aril > berry 5; drupe > berry 5; pome > berry 4; berry > drupe 2; woody-cone-like-catkin > cone 5; samara > achene 1; paired-samara > samara 2; nutlet-with-bract > samara 4; achene > capsule 1; follicle > capsule 5; aggregate > multiple 4; hip > berry 4
fruit.cluster: corymb > panicle 2; panicle > corymb 2; raceme > panicle 2
flower.kind: inconspicuous > catkin 1; cone-like > catkin 3
`;

function readPairs(line: string): [string, ReadAs[]] {
  const [character = '', rest = ''] = line.split(': ');
  const pairs = rest.split(';').map((part): ReadAs => {
    const [state = '', , as = '', weight = ''] = part.trim().split(' ');
    return { state, as, weight: Number(weight) };
  });
  return [character, pairs];
}

/** What is read for what, by character. */
export const READ_AS: ReadonlyMap<string, readonly ReadAs[]> = new Map(
  READ_AS_TEXT.trim().split('\n').map(readPairs),
);
