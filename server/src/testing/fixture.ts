import type { Bundle } from '@hurrow/contract';
import { PARENTS, TAXA, statementRows } from './fixtureLibrary.ts';
import { WS, id } from './ids.ts';

const ws = WS;

const TREES = [
  { key: 'tree-a', tag: 'Quill A', taxon: 'grandis', hazards: ['water'] },
  { key: 'tree-b', tag: 'Quill B', taxon: 'lasiocarpa', hazards: [] },
  { key: 'tree-c', tag: 'Quill C', taxon: 'flexilis', hazards: [] },
  { key: 'tree-d', tag: 'Quill D', taxon: 'grandis', hazards: ['water'] },
] as const;

export const ORGANS_IN_REACH = ['form', 'bark', 'twig', 'leaf', 'flower', 'fruit', 'smell', 'site'] as const;
export const PASSPHRASES = { owner: 'nine needles deep', assistant: 'cones on the ledge' } as const;

/**
 * One hand-written example of every kind of row: a family, genus, group and species statement, an exception, a hybrid,
 * two sources, a certified tree, and an imported answer to a station that has no tree.
 */
export function fixture(): Bundle {
  const station = { ws, not_tellable_on_purpose: false, version: 1 };
  return {
    workspace: WS,
    accounts: [
      { id: id('owner'), name: 'Ilse Varn', role: 'owner', passphrase: PASSPHRASES.owner },
      { id: id('assistant'), name: 'Corin Dask', role: 'assistant', passphrase: PASSPHRASES.assistant },
    ],
    first: [
      {
        table: 'workspace',
        rows: [
          {
            id: ws,
            name: 'Test school',
            merge_policy: 'widest',
            settings: {},
            today_override: '2026-10-01',
            vocabulary_version: 1,
          },
        ],
      },
    ],
    then: [
      {
        table: 'source',
        rows: [
          { ws, id: id('flora'), kind: 'book', citation: 'Test flora', rank: 10 },
          { ws, id: id('own'), kind: 'measurement', citation: 'Own measurements', n: 30, rank: 20 },
        ],
      },
      { table: 'taxon', rows: TAXA.map((t) => t.taxon) },
      {
        table: 'taxon_parent',
        rows: PARENTS.map(([child, parent, kind], ord) => ({
          ws,
          child: id(child),
          parent: id(parent),
          kind,
          ord,
        })),
      },
      { table: 'name', rows: TAXA.flatMap((t) => t.names) },
      {
        table: 'caution',
        rows: [
          {
            ws,
            id: id('protect'),
            taxon: id('albicaulis'),
            hazard: 'protected',
            forbids: ['cut', 'touch'],
            text: 'Protected: look only. Follow local rules.',
          },
        ],
      },
      {
        table: 'season_window',
        rows: (['leaf_out', 'leaf_fall'] as const).map((kind, i) => ({
          ws,
          id: id(`w${kind}`),
          taxon: id('occidental'),
          kind,
          start_doy: i === 0 ? 105 : 293,
          end_doy: i === 0 ? 130 : 316,
          ref_lat: 47.9,
          ref_lon: -115.9,
          ref_elev: 760,
        })),
      },
      {
        table: 'site',
        rows: [
          {
            ws,
            id: id('site'),
            name: 'Test slope',
            lat: 47.9,
            lon: -115.9,
            elev_m: 760,
            tz: 'UTC',
            shift: {},
          },
        ],
      },
      { table: 'individual', rows: TREES.map((t) => ({ ws, id: id(t.key), kind: 'tree', version: 1 })) },
      {
        table: 'tree',
        rows: TREES.map((t) => ({
          ws,
          individual: id(t.key),
          kind: 'tree',
          site: id('site'),
          tag: t.tag,
          hazards: t.hazards,
          planted: false,
        })),
      },
      {
        table: 'reach',
        rows: TREES.flatMap((t) =>
          ORGANS_IN_REACH.map((organ) => ({ ws, individual: id(t.key), organ, how: 'hand' })),
        ),
      },
      {
        table: 'determination',
        rows: TREES.map((t) => ({
          ws,
          id: id(`d${t.key}`),
          individual: id(t.key),
          taxon: id(t.taxon),
          by_account: id('owner'),
          sureness: 'sure',
          at: '2026-08-01T00:00:00Z',
        })),
      },
      ...statementRows(),
      { table: 'list', rows: [{ ws, id: id('list'), name: 'Test list', version: 1 }] },
      {
        table: 'list_member',
        rows: ['grandis', 'lasiocarpa', 'albicaulis', 'flexilis', 'occidental'].map((t, ord) => ({
          ws,
          list: id('list'),
          taxon: id(t),
          week: ord < 2 ? 1 : 2,
          ord,
        })),
      },
      {
        table: 'section',
        rows: ['first', 'second'].map((s) => ({
          ws,
          id: id(s),
          name: `${s} section`,
          term: 'now',
          level: 'general',
          list: id('list'),
          site: id('site'),
        })),
      },
      { table: 'section_account', rows: [{ ws, section: id('first'), account: id('assistant') }] },
      {
        table: 'student',
        rows: ['11', '12', '21', '22'].map((code) => ({ ws, id: id(`s${code}`), code })),
      },
      {
        table: 'enrolment',
        rows: ['11', '12', '21', '22'].map((code) => ({
          ws,
          section: id(code.startsWith('1') ? 'first' : 'second'),
          student: id(`s${code}`),
          from_on: '2026-09-01',
        })),
      },
      {
        table: 'quiz',
        rows: [
          {
            ws,
            id: id('quiz'),
            name: 'Grandis walk',
            list: id('list'),
            kind: 'field',
            policy: {},
            version: 1,
          },
        ],
      },
      {
        table: 'station',
        rows: TREES.map((t, i) => ({
          ...station,
          id: id(`st${i + 1}`),
          quiz: id('quiz'),
          number: i + 1,
          individual: id(t.key),
        })),
      },
      {
        table: 'ask',
        rows: TREES.flatMap((_, i) => [
          {
            ws,
            id: id(`a${i + 1}call`),
            station: id(`st${i + 1}`),
            ord: 1,
            kind: 'call',
            character: 'needle.bands',
            form: 'typed',
            params: {},
            points: 1,
          },
          {
            ws,
            id: id(`a${i + 1}name`),
            station: id(`st${i + 1}`),
            ord: 2,
            kind: 'common',
            character: null,
            form: 'typed',
            params: {},
            points: 2,
          },
          {
            ws,
            id: id(`a${i + 1}sure`),
            station: id(`st${i + 1}`),
            ord: 3,
            kind: 'sureness',
            character: null,
            form: 'typed',
            params: {},
            points: 0,
          },
        ]),
      },
      {
        table: 'quiz',
        rows: [
          {
            ws,
            id: id('old'),
            name: 'Old paper quiz',
            list: id('list'),
            kind: 'field',
            policy: {},
            version: 1,
          },
        ],
      },
      {
        table: 'station',
        rows: [
          {
            ...station,
            id: id('paper'),
            quiz: id('old'),
            number: 1,
            individual: null,
            taxon: id('lasiocarpa'),
          },
        ],
      },
      {
        table: 'ask',
        rows: [
          {
            ws,
            id: id('apaper'),
            station: id('paper'),
            ord: 1,
            kind: 'common',
            character: null,
            form: 'typed',
            params: {},
            points: 1,
          },
        ],
      },
      {
        table: 'sitting',
        rows: [
          {
            ws,
            id: id('oldsit'),
            quiz: id('old'),
            section: id('first'),
            on_date: '2025-10-01',
            state: 'closed',
            handling: ['look'],
            wet: false,
            led: false,
            version: 1,
          },
        ],
      },
      {
        table: 'sitting_station',
        rows: [
          {
            ws,
            id: id('oldss'),
            sitting: id('oldsit'),
            station: id('paper'),
            distance: 'hand',
            material: ['tree'],
            taken_on: {},
            public_id: 'old-station',
            version: 1,
          },
        ],
      },
      {
        table: 'attempt',
        rows: [
          {
            ws,
            id: id('oldatt'),
            sitting: id('oldsit'),
            student: id('s11'),
            origin: 'import',
            takeover: 1,
            joined_at: '2025-10-01T00:00:00Z',
          },
        ],
      },
      {
        table: 'response',
        rows: [
          {
            ws,
            id: id('oldresp'),
            attempt: id('oldatt'),
            sitting_station: id('oldss'),
            ask: id('apaper'),
            seq: 1,
            value: { v: 1, kind: 'name', text: 'grand fir' },
            precedence: 1,
            received_at: '2025-10-02T00:00:00Z',
            origin: 'import',
            clues_open: 0,
            late: false,
          },
        ],
      },
    ],
    returnResults: [],
  };
}
