/** What each state of needles and scale leaves means. */
export const NEEDLE_MEANINGS = `
needle.attachment
  in-bundles: Needles, most often two to five, come out of one small wrapper.
  peg: Each needle stands on a tiny woody peg.
  disc: Each needle sits on the twig with a round foot like a suction cup.
  stalk: Each needle narrows to a thin stalk.
  clustered-on-spurs: Many needles spread from a stubby side shoot.
  decurrent-base: The foot of each needle runs down along the twig.
needle.length_variation
  all-alike: Needles of one twig are about the same length.
  clearly-mixed: Long and short needles stand on one twig.
needle.section
  flat: The needle is flat and will not roll between the fingers.
  square: The needle has four edges and rolls between the fingers.
  triangular: The needle has three edges.
  half-round: The needle is flat on one side and round on the other.
needle.margin
  smooth: The edge is even under a lens.
  finely-toothed: The edge has tiny teeth that can be felt when a fingernail is drawn along it.
needle.flexibility
  soft: The needle bends at a touch.
  flexible: The needle bends and springs back.
  stiff: The needle hardly bends.
needle.tip
  sharp: The end pricks the finger.
  pointed: The end comes to a point that does not prick.
  blunt: The end is dull.
  notched: The end has a small dent.
needle.bands
  none: No pale lines can be seen.
  below-only: Pale lines run along the under side only.
  both-sides: Pale lines run along both sides.
  above-only: Pale lines run along the upper side only.
  all-four-sides: Pale lines run along all four sides of a square needle.
  all-sides: Pale lines run along each of its three sides.
  inner-sides: Pale lines run along the inner sides and hardly along the back.
needle.arrangement
  flat-in-two-rows: Needles lie flat to left and right like a comb.
  brushed-upward: Needles all sweep up as if they had been brushed.
  all-round: Needles stand all round the twig like a bottle brush.
  tufted-at-the-ends: Needles stand in bunches at the ends of the twigs.
  in-tufts-on-spurs: Needles spread in stars from stubby side shoots.
needle.sheath
  lasting: The papery wrapper stays at the foot of the bundle.
  shed: The papery wrapper falls off in the first year.
needle.twist
  straight: The needle is straight.
  twisted: The needle turns round itself.
  curved: The needle bends to one side.
needle.spray
  flattened: The scaly twig is flat as if it had been ironed.
  cord-like: The scaly twig is round like a cord.
needle.scale_gland
  none: No resin dot on the scale.
  faint: A resin dot that is hard to see.
  clear: A resin dot that is plain to see.
needle.smell
  none: Crushed foliage has no smell to speak of.
  citrus: Crushed foliage smells of tangerine peel.
  resin: Crushed foliage smells of pitch.
  pungent: Crushed foliage smells strong and sharp.
  sweet: Crushed foliage smells sweet.
  rank: Crushed foliage smells bad.
  fruity: Crushed foliage smells of pineapple or apple.
needle.density
  loose: Needles stand so far apart that the twig shows.
  medium: The twig shows here and there between the needles.
  crowded: Needles hide the twig.
needle.spray_marks
  none: No pale marks can be seen under the spray.
  butterfly: Pale marks look like small butterflies.
  line: Pale marks run in narrow lines along the edges.
  cross: Pale marks look like the letter X.
`;
