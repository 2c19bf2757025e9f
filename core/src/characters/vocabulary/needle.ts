import { organ } from './define.ts';

const { nominal, ordered, colour, yesno, count, length } = organ({
  organ: 'leaf',
  material: ['tree', 'twig', 'pressed', 'photo', 'plate'],
  distance: 'hand',
  season: ['leaf-on'],
});

const needle = { appliesIf: ['leaf.kind=needle|awl'] };
const bundled = { appliesIf: ['leaf.kind=needle', 'needle.attachment=in-bundles'] };
const scale = { appliesIf: ['leaf.kind=scale|awl'] };
/** Read on what lies below as well: a fallen bundle shows its count, and a fallen needle its length. */
const fallen = { material: ['tree', 'twig', 'leaf', 'litter', 'pressed', 'photo', 'plate'] as const };
const single = { material: ['tree', 'twig', 'leaf', 'pressed', 'photo', 'plate'] as const };

export const NEEDLE = [
  nominal(
    'needle.attachment',
    'needle attachment',
    'how needles are attached',
    'What joins a needle to the twig.',
    'in bundles: in bundles, wrapped at the foot; peg: on a woody peg; disc: by a sucker-like disc; stalk: on a thin stalk; clustered on spurs: in tufts on stubby shoots; decurrent base: runs down the twig',
    { ...needle, ...single, misread: [0.2, 8] },
  ),
  count(
    'needle.bundle_count',
    'needles per bundle',
    'needles in a bundle',
    'How many needles come out of one sheath.',
    {
      ...bundled,
      ...fallen,
      effort: 1,
      misread: [0.12, 12],
      counting: 'Count ten bundles; clusters on the spurs of a larch are no bundles.',
    },
  ),
  count('needle.per_spur', 'needles per spur', 'needles in a tuft', 'How many needles stand on one spur.', {
    appliesIf: ['leaf.kind=needle', 'needle.attachment=clustered-on-spurs'],
    counting: 'Count on a spur, not on the long new shoot.',
  }),
  length('needle.length', 'needle length', 'needle length', 'Length of a grown needle.', {
    ...needle,
    ...fallen,
  }),
  nominal(
    'needle.length_variation',
    'length variation',
    'all the same length?',
    'Whether needles on one twig are of one length.',
    'all alike: all about the same; clearly mixed: short and long mixed',
    needle,
  ),
  nominal(
    'needle.section',
    'cross-section',
    'flat or square',
    'Shape of a needle cut across; roll it between the fingers.',
    'flat: flat, will not roll; square: four-sided, rolls; triangular; half-round',
    { ...needle, ...single, needs: ['touch'], misread: [0.15, 8] },
  ),
  nominal(
    'needle.margin',
    'needle margin',
    'needle edge',
    'Edge of the needle under a lens.',
    'smooth; finely toothed',
    { ...needle, ...single, needs: ['lens'], effort: 3, misread: [0.25, 6] },
  ),
  nominal(
    'needle.flexibility',
    'flexibility',
    'stiff or soft',
    'How a needle bends.',
    'soft; flexible; stiff',
    { ...needle, needs: ['touch'], evidenceGroup: 'needle feel', misread: [0.2, 6] },
  ),
  nominal(
    'needle.tip',
    'needle tip',
    'needle tip',
    'The end of a needle.',
    'sharp: sharp, pricks; pointed: pointed, not pricking; blunt; notched',
    { ...needle, ...single, needs: ['touch'], evidenceGroup: 'needle feel', misread: [0.15, 8] },
  ),
  colour(
    'needle.colour',
    'needle colour',
    'needle colour',
    'Colour of grown foliage.',
    'yellow-green #8c9e45; bright green #5e9146; dark green #2e5636; blue-green #4f7f78; blue-grey #8aa2a5',
    { ...single, appliesIf: ['leaf.kind=needle|awl|scale'], distance: 'trunk', misread: [0.25, 6] },
  ),
  nominal(
    'needle.bands',
    'pale bands',
    'white lines',
    'On which sides a needle has pale lines.',
    'none; below only: on the under side only; both sides; above only: on the upper side only; all four sides: on all four sides; all sides: on all its three sides; inner sides: on the inner sides only',
    { ...needle, ...single, misread: [0.18, 8] },
  ),
  nominal(
    'needle.arrangement',
    'arrangement on the shoot',
    'how needles stand',
    'How needles stand around the twig.',
    'flat in two rows; brushed upward: swept up like a brush; all round: all round the twig; tufted at the ends; in tufts on spurs',
    { appliesIf: ['leaf.kind=needle'], distance: 'trunk' },
  ),
  nominal(
    'needle.sheath',
    'sheath',
    'bundle wrapper',
    'The papery wrapper at the foot of a bundle.',
    'lasting: stays on; shed: falls in the first year',
    { ...bundled, ...fallen },
  ),
  nominal(
    'needle.twist',
    'twist',
    'twisted?',
    'Whether needles are twisted along their length.',
    'straight; twisted; curved',
    needle,
  ),
  nominal(
    'needle.spray',
    'spray form',
    'shape of the spray',
    'Whether a scaly twig is flat or round like a cord.',
    'flattened: flat; cord-like: round like a cord',
    scale,
  ),
  nominal(
    'needle.scale_gland',
    'scale gland',
    'dot on the scale',
    'A resin dot on the back of each scale.',
    'none; faint; clear',
    { ...scale, needs: ['lens'], effort: 3 },
  ),
  nominal(
    'needle.spray_marks',
    'marks beneath the spray',
    'white marks under the spray',
    'The pale marks on the under side of a flat spray.',
    'none; butterfly: like butterflies; line: in narrow lines; cross: like an X',
    { appliesIf: ['leaf.kind=scale|awl', 'needle.spray=flattened'] },
  ),
  yesno(
    'needle.drops_twigs',
    'drops whole twigs',
    'drops little twigs',
    'Little twigs fall whole, with their needles on.',
    {
      appliesIf: ['leaf.kind=needle|awl|scale'],
      material: ['tree', 'litter'],
      season: ['always'],
      distance: 'trunk',
    },
  ),
  length('needle.scale_length', 'scale length', 'scale length', 'Length of a scale leaf.', scale),
  nominal(
    'needle.smell',
    'foliage smell',
    'smell of crushed needles',
    'What crushed foliage smells of.',
    'none; citrus: tangerine; resin: pitch; pungent: strong and sharp; sweet; rank: unpleasant; fruity',
    {
      needs: ['smell'],
      material: ['tree', 'twig'],
      wet: 'blurred',
      appliesIf: ['leaf.kind=needle|awl|scale'],
      misread: [0.3, 6],
    },
  ),
  ordered(
    'needle.density',
    'needle density',
    'how crowded',
    'How closely needles stand.',
    'loose; medium; crowded',
    { ...needle, misread: [0.3, 6] },
  ),
];
