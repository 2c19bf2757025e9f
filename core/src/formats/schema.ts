import { DISTANCES, HANDLINGS, HAZARDS, MATERIALS, ORGANS, LIVES } from '../conditions/index.ts';
import { FREQUENCIES, KINDS, MERGE_POLICIES } from '../characters/index.ts';
import { NAME_USES, RANKS } from '../names/index.ts';
import { PRESENCES } from '../range/index.ts';
import { REGION } from './ranges.ts';

const text = (most: number) => ({ type: 'string', minLength: 1, maxLength: most });
const orNull = (schema: object) => ({ anyOf: [schema, { type: 'null' }] });
const oneOf = (...values: readonly string[]) => ({ enum: [...values] });
const list = (items: object, most = 100_000) => ({ type: 'array', items, maxItems: most });

/** An object of exactly these properties; those named behind it may be missing. */
const object = (properties: Record<string, object>, ...optional: readonly string[]) => ({
  type: 'object',
  properties,
  required: Object.keys(properties).filter((k) => !optional.includes(k)),
  additionalProperties: false,
});

const NAME = text(160);
const CHARACTER = { type: 'string', pattern: '^[a-z]+\\.[a-z_0-9]+$', maxLength: 60 };
const CITATION = text(400);
const count = { type: 'integer', minimum: 1 };
const number = { type: 'number' };
const positive = { type: 'number', minimum: 0 };
const dayOfYear = { type: 'integer', minimum: 1, maximum: 365 };
const date = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}$' };
const flag = { type: 'boolean' };

const value = {
  // A discriminator alone lets through what is no object at all.
  type: 'object',
  oneOf: [
    object({
      kind: { const: 'states' },
      states: list(object({ state: text(80), freq: oneOf(...FREQUENCIES) }), 100),
    }),
    object(
      {
        kind: { const: 'range' },
        entered: text(120),
        numbers: object(
          {
            xlow: orNull(positive),
            low: positive,
            high: positive,
            xhigh: orNull(positive),
            more: { type: 'boolean' },
            unit: { type: 'string', maxLength: 20 },
          },
          'more',
        ),
      },
      'numbers',
    ),
    object({ kind: { const: 'inapplicable' } }),
  ],
  discriminator: { propertyName: 'kind' },
};

const WINDOWS = ['leaf_out', 'pollen', 'receptive', 'ripening', 'hanging', 'autumn', 'leaf_fall'];
const TOPICS = [
  'summary',
  'how_to_tell',
  'mnemonic',
  'wildlife',
  'wood',
  'history',
  'habitat',
  'pests',
  'status',
  'record_tree',
  'why',
];
const AUDIENCES = ['young', 'general', 'technical'];

const state = object(
  {
    id: { type: 'string', pattern: '^[a-z0-9][a-z0-9-]*$', maxLength: 60 },
    parent: text(60),
    term: text(120),
    plain: text(120),
    definition: { type: 'string', maxLength: 600 },
    swatch: { type: 'string', pattern: '^#[0-9a-f]{6}$' },
    retired: flag,
  },
  'parent',
  'swatch',
  'retired',
);

const character = object(
  {
    id: CHARACTER,
    organ: oneOf(...ORGANS),
    kind: oneOf(...KINDS),
    term: text(120),
    plain: text(120),
    definition: text(600),
    unit: { type: 'string', maxLength: 20 },
    combine: oneOf('alternatives', 'together'),
    level: oneOf('leaf', 'leaflet', 'lobe', 'tooth'),
    surface: oneOf('above', 'below'),
    evidenceGroup: text(60),
    effort: { type: 'integer', minimum: 1, maximum: 5 },
    material: list(oneOf(...MATERIALS), 20),
    needs: list(oneOf(...HANDLINGS), 20),
    distance: oneOf(...DISTANCES),
    season: list(text(40), 20),
    wet: oneOf('lost', 'blurred'),
    onBrownLeaf: flag,
    counting: text(600),
    misread: { type: 'array', items: { type: 'number', exclusiveMinimum: 0 }, minItems: 2, maxItems: 2 },
    orBy: object({
      needs: list(oneOf(...HANDLINGS), 20),
      misread: { type: 'array', items: { type: 'number', exclusiveMinimum: 0 }, minItems: 2, maxItems: 2 },
    }),
    readAs: list(
      object({ state: text(60), as: text(60), weight: { type: 'number', exclusiveMinimum: 0 } }),
      400,
    ),
    appliesIf: list(object({ character: CHARACTER, states: list(text(60), 100) }), 10),
    states: list(state, 200),
    retired: flag,
    origin: oneOf('shipped', 'own'),
  },
  'level',
  'surface',
  'evidenceGroup',
  'wet',
  'onBrownLeaf',
  'orBy',
  'counting',
  'retired',
  'origin',
);

const ring = list({ type: 'array', items: number, minItems: 2, maxItems: 3 }, 20_000);
const geometry = {
  oneOf: [
    object({ type: { const: 'Polygon' }, coordinates: list(ring, 1000) }),
    object({ type: { const: 'MultiPolygon' }, coordinates: list(list(ring, 1000), 1000) }),
  ],
  discriminator: { propertyName: 'type' },
};

const taxon = object(
  {
    name: NAME,
    rank: oneOf(...RANKS),
    authority: orNull(text(160)),
    pronunciation: orNull(text(120)),
    status: oneOf('draft', 'checked'),
    checkedOn: orNull(date),
    parents: list(object({ name: NAME, kind: oneOf('classification', 'group', 'hybrid_parent') }), 20),
    names: list(
      object(
        {
          kind: oneOf('synonym', 'older_family', 'common'),
          text: NAME,
          preferred: flag,
          pronunciation: orNull(text(120)),
          use: oneOf(...NAME_USES),
        },
        'use',
      ),
      200,
    ),
    roots: list(
      object({
        name: NAME,
        element: text(80),
        language: text(60),
        meaning: text(200),
        character: orNull(CHARACTER),
        state: orNull(text(60)),
        contested: flag,
      }),
      40,
    ),
    prose: list(
      object({
        topic: oneOf(...TOPICS),
        audience: oneOf(...AUDIENCES),
        text: text(4000),
        region: orNull(text(60)),
        on: orNull(date),
        disputed: flag,
      }),
      200,
    ),
    cautions: list(
      object({
        hazard: oneOf(...HAZARDS),
        forbids: list(oneOf(...HANDLINGS, 'collect', 'climbing'), 10),
        text: text(600),
      }),
      40,
    ),
    range: list(
      object({
        region: { type: 'string', pattern: REGION.source },
        presence: oneOf(...PRESENCES),
        source: orNull(CITATION),
      }),
      4000,
    ),
    areas: list(object({ presence: oneOf(...PRESENCES), geometry, source: orNull(CITATION) }), 400),
    seasons: list(
      object({
        kind: oneOf(...WINDOWS),
        start: dayOfYear,
        end: dayOfYear,
        lat: { type: 'number', minimum: -90, maximum: 90 },
        lon: { type: 'number', minimum: -180, maximum: 180 },
        elevation: number,
        source: orNull(CITATION),
      }),
      400,
    ),
    record: orNull(
      object({
        girth: { type: 'number', exclusiveMinimum: 0 },
        height: { type: 'number', exclusiveMinimum: 0 },
        spread: { type: 'number', exclusiveMinimum: 0 },
        place: orNull(text(160)),
        year: orNull({ type: 'integer', minimum: 1500, maximum: 2500 }),
      }),
    ),
    statements: list(
      object({
        character: CHARACTER,
        source: CITATION,
        value,
        life: orNull(oneOf(...LIVES)),
        n: orNull(count),
        note: orNull(text(400)),
      }),
      4000,
    ),
  },
  'authority',
  'pronunciation',
  'status',
  'checkedOn',
  'parents',
  'names',
  'roots',
  'prose',
  'cautions',
  'range',
  'areas',
  'seasons',
  'record',
  'statements',
);

/** The version of the library's JSON; raised when what an older reader needs changes. */
export const LIBRARY_VERSION = 1;

/** The JSON Schema of a library file. It is published, and it is what a file is read by. */
export const LIBRARY_SCHEMA = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  $id: 'https://hurrow.example/schemas/library-1.json',
  title: 'Hurrow library',
  description:
    'Vocabulary, sources, taxa with their statements, look-alikes and lists. Taxa are named by their accepted name, sources by their citation. A part that is missing changes nothing.',
  ...object(
    {
      format: { const: 'hurrow-library' },
      version: { const: LIBRARY_VERSION },
      writtenBy: text(80),
      characters: list(character, 2000),
      words: list(
        object({
          text: text(120),
          character: CHARACTER,
          state: orNull(text(60)),
          audience: orNull(oneOf(...AUDIENCES)),
        }),
        20_000,
      ),
      merge: oneOf(...MERGE_POLICIES),
      policies: list(
        object({ character: CHARACTER, policy: oneOf(...MERGE_POLICIES), source: orNull(CITATION) }),
        2000,
      ),
      sources: list(
        object({
          citation: CITATION,
          kind: oneOf('book', 'herbarium', 'colleague', 'measurement', 'own', 'shipped'),
          n: orNull(count),
          rank: { type: 'integer' },
        }),
        10_000,
      ),
      taxa: list(taxon, 20_000),
      pairs: list(
        object(
          {
            a: NAME,
            b: NAME,
            character: orNull(CHARACTER),
            text: orNull(text(2000)),
            mnemonic: orNull(text(600)),
            greater: NAME,
          },
          'greater',
        ),
        50_000,
      ),
      lists: list(
        object({
          name: text(120),
          members: list(
            object({
              name: NAME,
              week: orNull({ type: 'integer', minimum: 1, maximum: 60 }),
              label: orNull(text(120)),
            }),
            4000,
          ),
        }),
        1000,
      ),
    },
    'characters',
    'words',
    'merge',
    'policies',
    'sources',
    'taxa',
    'pairs',
    'lists',
  ),
} as const;
