/** What each state of twig and bud means. */
export const TWIG_MEANINGS = `
twig.arrangement leaf.arrangement
  alternate: One at each level, first on one side and then on another.
  opposite: Two at each level, facing each other.
  subopposite: Nearly in pairs, but one stands a little higher than the other.
  whorled: Three or more at one level, all round the twig.
twig.hairs
  none: The twig is bare.
  few: A hair here and there.
  many: The twig is covered like velvet.
  silvery-scales: The twig is covered with tiny silver flakes instead of hairs.
  rusty-scales: The twig is covered with tiny rust-colored flakes.
  rusty-hairs: The twig is covered with rust-colored hairs.
twig.glands
  none: No dots or warts that give off resin.
  resin-dots: Tiny see-through dots of resin.
  warts: Small raised bumps that feel rough.
twig.lenticels
  none: No pale corky marks can be seen.
  few: A few pale corky marks that must be looked for.
  many: Pale corky marks all over the twig.
  raised-warts: Corky marks stand up like warts and can be felt.
twig.pith
  solid: The core is one piece without gaps.
  chambered: Thin walls cross the core like a ladder, and there is nothing between them.
  diaphragmed: Firm walls cross the core, and it is filled between them.
  hollow: There is a hole where the core should be.
twig.armature
  none: Nothing on the twig pricks.
  thorn: A sharp point that is a whole small branch and cannot be picked off easily.
  spine: A sharp point that was a leaf or part of one.
  prickle: A sharp point that grows from the skin and snaps off, as on a rose.
twig.armature_place
  along-the-twig: Sharp points stand here and there along the twig.
  at-the-tip: Twigs end in a sharp point.
  at-buds: A sharp point stands beside each bud.
  in-pairs: Two sharp points stand side by side.
twig.after_needle_fall
  pegs: Small woody pegs are left, and the bare twig is rough as a file.
  discs: Flat round marks are left, and the bare twig is smooth.
  raised-scars: Low bumps are left that can just be felt.
  spurs: Stubby shoots are left that carry no needle in winter.
  bundle-scars: A mark is left where a whole bundle fell.
twig.bud_shape
  ovoid: The bud is egg-shaped.
  conical: The bud is cone-shaped and pointed.
  spindle-shaped: The bud is long, thin and pointed at the end.
  round: The bud is like a small ball.
  flattened: The bud is pressed flat against the twig.
  claw-like: The bud is curved and pointed like a cat's claw.
twig.bud_scales
  naked: No scales: the tiny leaves are folded in the open.
  one-cap: One scale covers the bud like a hood.
  valvate: Two scales meet edge to edge like a clam shell.
  imbricate: Several scales overlap like shingles on a roof.
twig.bud_hairs
  none: The bud is bare.
  some: The bud has hairs on part of it.
  dense: The bud is furry all over.
  silvery-scales: The bud is covered with tiny silver flakes.
  rusty: The bud is covered with rust-colored hairs or flakes.
twig.terminal_bud
  true: A real end bud, larger than the rest, finishes the twig.
  false: The last side bud stands at the end, with a scar of the lost tip beside it.
  twig-tip-dies: The end of the twig withers and no bud ends it; later the last side bud takes its place.
twig.bud_marks_beneath
  none: Nothing special stands under the end bud.
  side-buds-crowded: Side buds crowd around the end bud.
  ring-scars: Rings run round the twig where earlier bud scales fell.
  leaf-scar-line: A line joins the two leaf scars under the end bud.
  black-dots: Tiny black dots of resin stand on the twig just under the bud.
twig.leaf_scar
  narrow-line: The leaf left a thin line.
  crescent: The leaf left a mark like a new moon.
  heart-shaped: The leaf left a mark like a heart.
  half-round: The leaf left a half circle.
  shield-shaped: The leaf left a mark like a shield.
  horseshoe: The leaf left a mark that bends up round the bud.
  raised-semicircle: The leaf left a half circle that stands out from the twig.
twig.stipules
  none: No little leaves stand at the foot of the leaf stalk.
  small-and-soon-lost: Little leaves are there in spring and fall early.
  lasting: Little leaves stay as long as the leaf.
  scars-only: Only two small marks are left of them.
  ring-scar: A mark runs all round the twig where they fell.
twig.thickness
  slender: Thin as a pencil lead or a matchstick.
  medium: Between a matchstick and a pencil.
  stout: As thick as a pencil or thicker.
twig.smell
  none: A scratched twig has no smell to speak of.
  bitter-almond: A scratched twig smells of almonds or cherry stones; never taste it.
  wintergreen: A scratched twig smells of mint chewing gum.
  resin: A scratched twig smells of pitch.
  rank: A scratched twig smells bad.
  balsam: A scratched twig smells sweet and spicy like cough syrup.
twig.pith_outline
  round: Cut across, the core is round.
  star-shaped: Cut across, the core looks like a star.
  triangular: Cut across, the core has three sides.
  five-sided: Cut across, the core has five sides.
twig.pith_width
  narrow: The core is a thin thread in the twig.
  wide: The core takes up a third of the twig or more.
twig.bud_place
  single: One bud sits above each leaf scar.
  one-above-another: A second bud sits above or below the first.
  side-by-side: Two or three buds sit next to each other.
  hidden: The bud is covered by the leaf stalk or sunk in the leaf scar.
twig.bud_scale_margin
  alike: Bud scales are of one color to the edge.
  pale-edged: Bud scales are pale along the edge.
  fringed: Bud scales have hairs along the edge.
twig.bundle_pattern
  three-dots: Three dots stand in the leaf scar.
  three-groups: Dots stand in three groups.
  one-curved-line: Dots run together in one curved line.
  ring: Dots stand in a ring or horseshoe.
  scattered: Dots are scattered over the scar.
`;
