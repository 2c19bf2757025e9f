import { organ } from './define.ts';

const { nominal, ordered, colour, yesno, length } = organ({
  organ: 'leaf',
  material: ['tree', 'twig', 'leaf', 'litter', 'pressed', 'photo', 'plate'],
  distance: 'hand',
  season: ['leaf-on'],
  onBrownLeaf: true,
});

const broad = { appliesIf: ['leaf.kind=broad'] };
const fresh = { material: ['tree', 'twig', 'leaf', 'photo'] as const, onBrownLeaf: false };

/** Surfaces, colours and stalk. */
export const LEAF_SURFACE = [
  nominal(
    'leaf.surface_above',
    'surface above',
    'upper side',
    'What the upper side is like.',
    'dull; shiny; rough; wrinkled; sticky; silvery scaly',
    { ...broad, ...fresh, surface: 'above', wet: 'blurred' },
  ),
  nominal(
    'leaf.surface_below',
    'surface below',
    'under side',
    'What the under side is like.',
    'smooth; hairy; woolly; waxy; resin-stained; silvery scaly; rough',
    { ...broad, surface: 'below', wet: 'blurred' },
  ),
  nominal(
    'leaf.hairs',
    'leaf hairs',
    'leaf fuzz',
    'Hairs or scales on the blade and where.',
    'none: no fuzz; in vein axils: tufts where veins meet; on veins; all over below: fuzzy under side; silvery scales; silvery and rusty scales; rusty hairs below',
    { ...broad, needs: ['lens'], wet: 'blurred', effort: 3, evidenceGroup: 'leaf hairs' },
  ),
  nominal(
    'leaf.hair_kind',
    'kind of leaf hairs',
    'kind of leaf fuzz',
    'What the hairs of the blade look like under a lens.',
    'none: no fuzz; straight; curly: tangled; star-shaped; gland-tipped: sticky-tipped; scales: flat flakes',
    { ...broad, needs: ['lens'], wet: 'blurred', effort: 4, evidenceGroup: 'leaf hairs' },
  ),
  colour(
    'leaf.colour_above',
    'colour above',
    'colour of the upper side',
    'Colour of the upper side in summer.',
    'dark green #2f5a34; mid green #4d7f45; yellow-green #93a84a; blue-green #5b8a83; grey-green #93a695; silver #c4cec8',
    { ...fresh, ...broad, surface: 'above', misread: [0.2, 6] },
  ),
  colour(
    'leaf.colour_below',
    'colour below',
    'colour of the under side',
    'Colour of the under side in summer.',
    'green #6f9a5c: same green; pale green #b3c7a5; white #e6e8e2; silver #c9d1cc; grey-green #a5b3a4; rusty #a9713e',
    { ...fresh, ...broad, surface: 'below', misread: [0.2, 6] },
  ),
  nominal(
    'leaf.texture',
    'leaf texture',
    'feel of the leaf',
    'How the blade feels.',
    'thin; papery; leathery; soft; sandpapery',
    { ...broad, ...fresh, needs: ['touch'], wet: 'blurred' },
  ),
  ordered(
    'leaf.thickness',
    'leaf thickness',
    'leaf thickness',
    'How thick the blade is.',
    'thin; medium; thick',
    { ...broad, ...fresh, needs: ['touch'] },
  ),
  length('leaf.petiole_length', 'petiole length', 'leaf-stalk length', 'Length of the leaf stalk.', {
    ...broad,
    counting: 'From the twig to the first blade or leaflet.',
  }),
  colour(
    'leaf.petiole_colour',
    'petiole colour',
    'leaf-stalk colour',
    'Colour of the leaf stalk.',
    'green #6f9a4e; red #a4262c; yellow #cdb04a; purple #63405f',
    { ...broad, ...fresh },
  ),
  nominal(
    'leaf.petiole_section',
    'petiole section',
    'leaf-stalk shape',
    'Shape of the leaf stalk cut across.',
    'round; flattened; grooved; winged',
    { ...broad, effort: 2 },
  ),
  nominal(
    'leaf.glands',
    'leaf glands',
    'leaf warts',
    'Small warts on stalk or blade base.',
    'none; on the petiole: on the leaf stalk; on the blade base; on the teeth; dots below',
    { ...broad, needs: ['lens'], effort: 3 },
  ),
  nominal('leaf.sap', 'leaf sap', 'sap', 'Sap of a torn leaf stalk.', 'clear; milky; sticky; irritant', {
    ...broad,
    material: ['tree', 'twig', 'leaf'],
    needs: ['cut'],
    effort: 4,
  }),
  colour(
    'leaf.autumn_colour',
    'autumn colour',
    'autumn colour',
    'Colour before leaves fall.',
    'yellow #e0b93a; gold #cf9a2b; orange #d27b2c; red #b23a2e; purple #6d3f5e; brown #80603f; green #5a7d4a: drops green',
    { ...fresh, season: ['autumn'], distance: 'far', effort: 1 },
  ),
  nominal(
    'leaf.shapes_on_one_tree',
    'shapes on one tree',
    'different shapes on one tree',
    'Whether one tree carries several leaf shapes.',
    'one shape; lobed and unlobed; three shapes; simple and three-part',
    { ...broad, combine: 'together' },
  ),
  yesno('leaf.cupping', 'cupping', 'cupped', 'The blade is cupped like a spoon.', { ...broad, ...fresh }),
  colour(
    'leaf.new_growth_colour',
    'new-growth colour',
    'colour of new leaves',
    'Colour of leaves as they open.',
    'bright green #8fb957; red #b0463c; bronze #8f6a3d; silver #c9d1cc; blue-green #6b9a94',
    { ...fresh, effort: 1, season: ['new-growth'] },
  ),
];
