import { describe, expect, test } from '@jest/globals';
import {
  CHARACTERS,
  contrastSentence,
  leadSentence,
  missingSentences,
  oneSentence,
  onlySentence,
  stateWords,
  vocabularyOf,
} from './index.ts';
import type { Character, Frequency, Value, Wording } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const PLAIN: Wording = { words: 'plain', units: 'customary' };
const TERMS: Wording = { words: 'technical', units: 'customary' };
const MM = 25.4;

function of(id: string): Character {
  const c = vocabulary.get(id);
  if (!c) throw new Error(`No character ${id}`);
  return c;
}
/** The states of a character by their terms; a mark behind one says how often: `?` sometimes, `??` rarely, `!` never. */
function states(c: Character, ...terms: readonly string[]): Value {
  const freqs: Readonly<Record<string, Frequency>> = {
    '?': 'sometimes',
    '??': 'rare',
    '!': 'never',
    '': 'usual',
  };
  return {
    kind: 'states',
    states: terms.map((t) => {
      const [, term = '', mark = ''] = /^(.*?)(\?\?|\?|!)?$/.exec(t) ?? [];
      const state = c.states.find((s) => s.term === term);
      if (!state) throw new Error(`${c.id} has no state ${term}`);
      return { state: state.id, freq: freqs[mark] ?? 'usual' };
    }),
  };
}
const range = (low: number, high = low): Value => ({
  kind: 'range',
  low,
  high,
  xlow: null,
  xhigh: null,
  entered: '',
});

test('every character of the vocabulary has a clause, and no clause speaks of what the vocabulary lacks', () => {
  expect(missingSentences(CHARACTERS)).toEqual([]);
});

describe('one species', () => {
  test.each([
    ['form.habit', 'shrub', 'Boxelder grows as a shrub.', null],
    ['form.trunks', 'few', 'Boxelder has two to four trunks.', 'Boxelder has few trunks.'],
    [
      'form.butt',
      'flared',
      'The foot of the trunk widens out on boxelder.',
      'The butt is flared on boxelder.',
    ],
    ['form.branch_angle', 'drooping', 'Branches droop on boxelder.', null],
    ['form.trunk_shoots', 'none', 'Boxelder sends up no sprouts.', null],
    ['bark.colour', 'red-brown', 'Bark is red-brown on boxelder.', null],
    ['bark.texture', 'furrowed', 'Bark has deep grooves on boxelder.', 'Bark is furrowed on boxelder.'],
    ['bark.texture', 'papery', 'Bark peels like paper on boxelder.', 'Bark is papery on boxelder.'],
    ['bark.peels_where', 'nowhere', 'Bark does not peel on boxelder.', null],
    [
      'bark.smell',
      'turpentine',
      'Bark smells of pitch on boxelder.',
      'Bark smells of turpentine on boxelder.',
    ],
    [
      'twig.arrangement',
      'opposite',
      'Buds sit in facing pairs on boxelder.',
      'Buds and leaf scars are opposite on boxelder.',
    ],
    ['twig.hairs', 'none', 'Twigs have no fuzz on boxelder.', 'Twigs are hairless on boxelder.'],
    ['twig.hairs', 'many', 'Twigs are velvety on boxelder.', 'Twigs have many hairs on boxelder.'],
    [
      'twig.pith',
      'chambered',
      'The core of the twig is like a ladder, empty between, on boxelder.',
      'The pith is chambered on boxelder.',
    ],
    ['twig.wings', 'no', 'Twigs have no corky wings on boxelder.', null],
    [
      'twig.armature',
      'thorn',
      'Twigs have thorns, which are sharp branches, on boxelder.',
      'Twigs have thorns on boxelder.',
    ],
    [
      'twig.bud_scales',
      'imbricate',
      'Buds have overlapping scales on boxelder.',
      'Buds are imbricate on boxelder.',
    ],
    ['twig.bud_sticky', 'yes', 'Buds are sticky on boxelder.', null],
    ['twig.bud_sticky', 'no', 'Buds are not sticky on boxelder.', null],
    ['twig.leaf_scar', 'crescent', 'Leaf scars are crescents on boxelder.', null],
    [
      'twig.terminal_bud',
      'true',
      'Twigs end in a real end bud on boxelder.',
      'Twigs have a true terminal bud on boxelder.',
    ],
    ['twig.smell', 'bitter almond', 'Twigs smell of bitter almond on boxelder.', null],
    ['leaf.kind', 'needle', 'Leaves are needles on boxelder.', null],
    ['leaf.kind', 'broad', 'Leaves are flat and broad on boxelder.', 'Leaves are broad on boxelder.'],
    ['leaf.persistence', 'deciduous', 'Boxelder drops its leaves in winter.', 'Boxelder is deciduous.'],
    ['leaf.persistence', 'evergreen', 'Boxelder keeps its leaves all year.', 'Boxelder is evergreen.'],
    [
      'leaf.arrangement',
      'opposite',
      'Leaves grow in facing pairs on boxelder.',
      'Leaves are opposite on boxelder.',
    ],
    [
      'leaf.complexity',
      'compound',
      'Leaves are made of leaflets on boxelder.',
      'Leaves are compound on boxelder.',
    ],
    [
      'leaf.leaflet_stalk',
      'none',
      'The side leaflets sit on the stem on boxelder.',
      'The side leaflets are sessile on boxelder.',
    ],
    ['leaf.rachis_wing', 'yes', 'The leaf stem has wings on boxelder.', 'The rachis is winged on boxelder.'],
    ['leaf.shape', 'cordate', 'Leaves are heart-shaped on boxelder.', 'Leaves are cordate on boxelder.'],
    [
      'leaf.lobing',
      'palmately lobed',
      'Leaves have lobes like a hand on boxelder.',
      'Leaves are palmately lobed on boxelder.',
    ],
    ['leaf.lobing', 'unlobed', 'Leaves have no lobes on boxelder.', 'Leaves are unlobed on boxelder.'],
    [
      'leaf.lobe_regularity',
      'irregular',
      'No two lobes are alike on boxelder.',
      'Lobes are irregular on boxelder.',
    ],
    ['leaf.margin', 'entire', 'Leaf edges are smooth on boxelder.', 'Leaf margins are entire on boxelder.'],
    [
      'leaf.margin',
      'serrate',
      'Leaf edges have saw teeth on boxelder.',
      'Leaf margins are serrate on boxelder.',
    ],
    ['leaf.tooth_shape', 'gland-tipped', 'Leaf teeth are gland-tipped on boxelder.', null],
    [
      'leaf.tip',
      'acuminate',
      'Leaf tips are long-pointed on boxelder.',
      'Leaf tips are acuminate on boxelder.',
    ],
    [
      'leaf.base',
      'clasping',
      'Leaf bases clasp the twig on boxelder.',
      'Leaf bases are clasping on boxelder.',
    ],
    ['leaf.venation', 'palmate', 'Veins spread like a hand on boxelder.', 'Venation is palmate on boxelder.'],
    [
      'leaf.surface_below',
      'woolly',
      'The under side of the leaf is woolly on boxelder.',
      'Leaves are woolly below on boxelder.',
    ],
    [
      'leaf.hairs',
      'in vein axils',
      'Leaves have tufts of fuzz where veins meet on boxelder.',
      'Leaves have hairs in the vein axils on boxelder.',
    ],
    [
      'leaf.colour_below',
      'green',
      'The under side of the leaf is the same green on boxelder.',
      'Leaves are green below on boxelder.',
    ],
    [
      'leaf.glands',
      'on the petiole',
      'Leaves have tiny knobs on the leaf stalk on boxelder.',
      'Leaves have glands on the petiole on boxelder.',
    ],
    [
      'leaf.petiole_section',
      'flattened',
      'Leaf stalks are flattened on boxelder.',
      'Petioles are flattened on boxelder.',
    ],
    ['leaf.autumn_colour', 'gold', 'Leaves turn gold in fall on boxelder.', null],
    ['leaf.threads', 'no', 'Torn leaves show no threads on boxelder.', null],
    [
      'needle.attachment',
      'in bundles',
      'Needles grow in bundles, wrapped at the foot, on boxelder.',
      'Needles are in fascicles on boxelder.',
    ],
    [
      'needle.section',
      'square',
      'Needles are four-sided and roll on boxelder.',
      'Needles are square in cross-section on boxelder.',
    ],
    [
      'needle.tip',
      'sharp',
      'Needle tips are sharp and prick on boxelder.',
      'Needle tips are sharp on boxelder.',
    ],
    [
      'needle.bands',
      'below only',
      'Needles have white lines on the under side only on boxelder.',
      'Needles have pale bands below only on boxelder.',
    ],
    [
      'needle.sheath',
      'shed',
      'The wrapper of the bundle falls in the first year on boxelder.',
      'The fascicle sheath is shed on boxelder.',
    ],
    [
      'needle.smell',
      'citrus',
      'Crushed needles smell of tangerine on boxelder.',
      'Crushed foliage smells of citrus on boxelder.',
    ],
    [
      'flower.sexual_system',
      'dioecious',
      'Male and female flowers grow on separate trees on boxelder.',
      'Flowers are dioecious on boxelder.',
    ],
    [
      'flower.pollinator',
      'wind',
      'Wind carries the pollen on boxelder.',
      'Pollination is by wind on boxelder.',
    ],
    ['flower.timing', 'before the leaves', 'Flowers open before the leaves on boxelder.', null],
    [
      'fruit.kind',
      'samara',
      'The fruit is a winged fruit (key) on boxelder.',
      'The fruit is a samara on boxelder.',
    ],
    ['fruit.kind', 'acorn', 'The fruit is an acorn on boxelder.', null],
    [
      'fruit.cap_cover',
      'a third',
      'The cup covers a third of the acorn on boxelder.',
      'The cap covers a third of the acorn on boxelder.',
    ],
    [
      'fruit.bracts',
      'three-pointed and showing',
      'Bracts of the cone are three-pointed and stick out on boxelder.',
      'Cone bracts are three-pointed and showing on boxelder.',
    ],
    ['fruit.cone_posture', 'hanging', 'Cones hang on boxelder.', 'Cones are hanging on boxelder.'],
    [
      'fruit.falls',
      'breaks apart on the tree',
      'Cones fall apart on the tree on boxelder.',
      'Cones break apart on the tree on boxelder.',
    ],
    ['fruit.dispersal', 'birds', 'Birds spread the seeds on boxelder.', null],
    ['smell.leaf', 'mint', 'A crushed leaf smells of mint on boxelder.', null],
    [
      'wood.pores',
      'ring-porous',
      'Pores in the wood are in rings on boxelder.',
      'The wood is ring-porous on boxelder.',
    ],
    ['site.landform', 'streamside', 'Boxelder grows along streams.', null],
    ['site.shade_tolerance', 'high', 'Boxelder has high shade tolerance.', null],
    ['site.nativeness', 'introduced', 'People brought boxelder here.', 'Boxelder is introduced here.'],
  ])('%s, %s', (id, term, plain, technical) => {
    const c = of(id);
    const value = states(c, term);
    expect(oneSentence(c, value, { name: 'boxelder' }, PLAIN)).toBe(plain);
    expect(oneSentence(c, value, { name: 'boxelder' }, TERMS)).toBe(technical ?? plain);
  });

  test.each([
    ['form.height', range(20 * 304.8, 30 * 304.8), 'Boxelder grows 20–30 ft tall.'],
    ['leaf.length', range(2 * MM, 4 * MM), 'Leaves are 2–4 in long on boxelder.'],
    ['leaf.leaflet_count', range(3, 5), 'Leaves have 3–5 leaflets on boxelder.'],
    ['needle.bundle_count', range(5), 'Needles grow in bundles of 5 on boxelder.'],
    ['twig.bundle_scars', range(3), 'Leaf scars have 3 dots on boxelder.'],
    ['fruit.scale_count', range(30, 60), 'Cones have 30–60 scales on boxelder.'],
  ])('%s as a number', (id, value, said) => {
    expect(oneSentence(of(id), value, { name: 'boxelder' }, PLAIN)).toBe(said);
  });

  test('says how often beside the state it belongs to, whether or not the states share a clause', () => {
    const arrangement = of('leaf.arrangement');
    expect(
      oneSentence(arrangement, states(arrangement, 'opposite', 'whorled?'), { name: 'catalpa' }, TERMS),
    ).toBe('Leaves are opposite, sometimes whorled, on catalpa.');
    const shape = of('leaf.shape');
    expect(
      oneSentence(
        shape,
        states(shape, 'ovate', 'elliptic', 'cordate?', 'linear??'),
        { name: 'cherry' },
        PLAIN,
      ),
    ).toBe('Leaves are egg-shaped or oval, sometimes heart-shaped, rarely ribbon-like, on cherry.');
    const texture = of('bark.texture');
    expect(oneSentence(texture, states(texture, 'papery!'), { name: 'cherry' }, PLAIN)).toBe(
      'Bark never peels like paper on cherry.',
    );
    const persistence = of('leaf.persistence');
    expect(
      oneSentence(persistence, states(persistence, 'deciduous', 'marcescent?'), { name: 'oak' }, PLAIN),
    ).toBe('Oak drops its leaves in winter, sometimes keeps brown leaves into winter.');
  });

  test('of several species stands in the plural', () => {
    const persistence = of('leaf.persistence');
    const maples = { name: 'maples', isPlural: true };
    expect(oneSentence(persistence, states(persistence, 'deciduous'), maples, PLAIN)).toBe(
      'Maples drop their leaves in winter.',
    );
    expect(oneSentence(persistence, states(persistence, 'deciduous'), maples, TERMS)).toBe(
      'Maples are deciduous.',
    );
    const habit = of('form.habit');
    expect(oneSentence(habit, states(habit, 'tree'), maples, PLAIN)).toBe('Maples grow as trees.');
    expect(oneSentence(of('form.trunks'), states(of('form.trunks'), 'single'), maples, PLAIN)).toBe(
      'Maples have one trunk.',
    );
    const arrangement = of('leaf.arrangement');
    expect(oneSentence(arrangement, states(arrangement, 'opposite'), maples, TERMS)).toBe(
      'Leaves are opposite on maples.',
    );
  });
});

test('what only one species has is said of it alone', () => {
  const texture = of('bark.texture');
  expect(onlySentence(texture, states(texture, 'blocky'), 'western white pine', PLAIN)).toBe(
    'Bark has square blocks only on western white pine.',
  );
  const persistence = of('leaf.persistence');
  expect(onlySentence(persistence, states(persistence, 'deciduous'), 'western larch', PLAIN)).toBe(
    'Only western larch drops its leaves in winter.',
  );
});

describe('two species', () => {
  const say = (id: string, a: readonly string[], b: readonly string[], wording: Wording = PLAIN): string => {
    const c = of(id);
    return contrastSentence(
      c,
      [states(c, ...a), states(c, ...b)],
      [{ name: 'boxelder' }, { name: 'poison-ivy' }],
      wording,
    );
  };

  test('what both begin with is said once', () => {
    expect(say('leaf.arrangement', ['opposite'], ['alternate'], TERMS)).toBe(
      'Leaves are opposite on boxelder, alternate on poison-ivy.',
    );
    expect(say('leaf.arrangement', ['opposite'], ['alternate'])).toBe(
      'Leaves grow in facing pairs on boxelder, one at a time on poison-ivy.',
    );
    expect(say('bark.texture', ['furrowed'], ['plated'])).toBe(
      'Bark has deep grooves on boxelder, big plates on poison-ivy.',
    );
  });

  test('what begins otherwise, or names the species itself, is said of each', () => {
    expect(say('leaf.persistence', ['deciduous'], ['evergreen'])).toBe(
      'Boxelder drops its leaves in winter; poison-ivy keeps its leaves all year.',
    );
    expect(say('twig.hairs', ['none'], ['many'])).toBe(
      'Twigs have no fuzz on boxelder; twigs are velvety on poison-ivy.',
    );
  });

  test('a comma within a side parts the sides by a semicolon', () => {
    expect(say('leaf.shape', ['ovate', 'cordate?'], ['linear'])).toBe(
      'Leaves are egg-shaped, sometimes heart-shaped, on boxelder; ribbon-like on poison-ivy.',
    );
  });

  test('numbers stand in one unit', () => {
    const length = of('needle.length');
    expect(
      contrastSentence(
        length,
        [range(25), range(60)],
        [{ name: 'lodgepole pine' }, { name: 'ponderosa pine' }],
        {
          words: 'plain',
          units: 'metric',
        },
      ),
    ).toBe('Needles are 25 mm long on lodgepole pine, 60 mm long on ponderosa pine.');
  });
});

describe('a lead of a key', () => {
  test('is a sentence of its own, with the states it leads by', () => {
    const c = of('leaf.arrangement');
    const id = (term: string): string => c.states.find((s) => s.term === term)?.id ?? '';
    expect(leadSentence(c, [id('opposite'), id('whorled')], TERMS)).toBe('Leaves are opposite or whorled');
    expect(leadSentence(of('needle.bundle_count'), 'up to 3', PLAIN)).toBe(
      'Needles grow in bundles of up to 3',
    );
    expect(leadSentence(of('leaf.persistence'), ['deciduous'], PLAIN)).toBe('It drops its leaves in winter');
  });

  test('of a character that a class added, it is the character with its states', () => {
    const own: Character = { ...of('bark.colour'), id: 'bark.own', plain: 'bark mood', term: 'bark mood' };
    expect(leadSentence(own, ['white'], PLAIN)).toBe(`Bark mood: ${stateWords(own, 'white', 'plain')}`);
  });
});
