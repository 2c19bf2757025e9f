import type { TableRows } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { WS, id } from './ids.ts';

const ws = WS;

type Row = Readonly<Record<string, unknown>>;

const taxon = (key: string, rank: string, name: string, common?: string): { taxon: Row; names: Row[] } => ({
  taxon: {
    ws,
    id: id(key),
    rank,
    genus: name.split(' ')[0],
    hybrid_mark: name.includes('×'),
    status: 'checked',
    version: 1,
  },
  names: [
    {
      ws,
      id: id(`n-${key}`),
      taxon: id(key),
      kind: 'accepted',
      text: name,
      folded: normalise(name),
      preferred: true,
    },
    ...(common
      ? [
          {
            ws,
            id: id(`c-${key}`),
            taxon: id(key),
            kind: 'common',
            text: common,
            folded: normalise(common),
            preferred: true,
          },
        ]
      : []),
  ],
});

export const TAXA = [
  taxon('pinaceae', 'family', 'Pinaceae', 'pine family'),
  taxon('abies', 'genus', 'Abies', 'fir'),
  taxon('pinus', 'genus', 'Pinus', 'pine'),
  taxon('larix', 'genus', 'Larix', 'larch'),
  taxon('fives', 'group', 'five-needle pines'),
  taxon('grandis', 'species', 'Abies grandis', 'grand fir'),
  taxon('lasiocarpa', 'species', 'Abies lasiocarpa', 'subalpine fir'),
  taxon('albicaulis', 'species', 'Pinus albicaulis', 'whitebark pine'),
  taxon('flexilis', 'species', 'Pinus flexilis', 'limber pine'),
  taxon('occidental', 'species', 'Larix occidentalis', 'western larch'),
  taxon('cross', 'hybrid', 'Larix × marschlinsii', 'Dunkeld larch'),
];

export const PARENTS: readonly (readonly [child: string, parent: string, kind: string])[] = [
  ['abies', 'pinaceae', 'classification'],
  ['pinus', 'pinaceae', 'classification'],
  ['larix', 'pinaceae', 'classification'],
  ['fives', 'pinus', 'classification'],
  ['grandis', 'abies', 'classification'],
  ['lasiocarpa', 'abies', 'classification'],
  ['albicaulis', 'fives', 'group'],
  ['albicaulis', 'pinus', 'classification'],
  ['flexilis', 'fives', 'group'],
  ['flexilis', 'pinus', 'classification'],
  ['occidental', 'larix', 'classification'],
  ['cross', 'larix', 'classification'],
  ['cross', 'occidental', 'hybrid_parent'],
];

interface States {
  readonly of: string;
  readonly character: string;
  readonly states: readonly (readonly [state: string, freq: string])[];
  readonly source?: string;
  readonly tree?: boolean;
}
interface Range {
  readonly of: string;
  readonly character: string;
  readonly range: readonly [xlow: number | null, low: number, high: number, xhigh: number | null];
  readonly entered: string;
  readonly source?: string;
}

const usual = (of: string, character: string, ...states: string[]): States => ({
  of,
  character,
  states: states.map((s) => [s, 'usual'] as const),
});

const STATED: readonly (States | Range)[] = [
  usual('pinaceae', 'leaf.kind', 'needle'),
  usual('pinaceae', 'leaf.persistence', 'evergreen'),
  usual('pinaceae', 'fruit.kind', 'cone'),
  usual('larix', 'leaf.persistence', 'deciduous'),
  usual('larix', 'needle.attachment', 'clustered-on-spurs'),
  usual('abies', 'needle.attachment', 'disc'),
  usual('pinus', 'needle.attachment', 'in-bundles'),
  usual('fives', 'needle.sheath', 'shed'),
  { of: 'fives', character: 'needle.bundle_count', range: [null, 5, 5, null], entered: '5' },
  { of: 'fives', character: 'needle.length', range: [null, 30, 70, 90], entered: '30-70 (90) mm' },
  { of: 'flexilis', character: 'needle.length', range: [null, 35, 70, 90], entered: '35-70 (90) mm' },
  usual('albicaulis', 'fruit.falls', 'torn-apart-by-birds'),
  usual('flexilis', 'fruit.falls', 'falls-whole'),
  usual('grandis', 'needle.bands', 'below-only'),
  usual('lasiocarpa', 'needle.bands', 'both-sides'),
  { of: 'grandis', character: 'form.height', range: [null, 30_000, 60_000, null], entered: '30-60 m' },
  {
    of: 'grandis',
    character: 'form.height',
    range: [null, 28_000, 52_000, null],
    entered: '28-52 m',
    source: 'own',
  },
  {
    of: 'lasiocarpa',
    character: 'needle.tip',
    states: [
      ['blunt', 'usual'],
      ['notched', 'sometimes'],
    ],
  },
  { of: 'tree-a', character: 'needle.bands', states: [['below-only', 'usual']], tree: true },
  // Nobody recorded the bark of its look-alike, so that its station is not proven unfair.
  { of: 'tree-c', character: 'bark.texture', states: [['smooth', 'usual']], tree: true },
];

/** Statements of every kind with their states and ranges. */
export function statementRows(): TableRows[] {
  const key = (s: States | Range): string => `${s.of}/${s.character}/${s.source ?? ''}`;
  return [
    {
      table: 'statement',
      rows: STATED.map((s) => {
        const tree = 'tree' in s && s.tree === true;
        return {
          ws,
          id: id(key(s)),
          taxon: tree ? null : id(s.of),
          individual: tree ? id(s.of) : null,
          character: s.character,
          kind: 'range' in s ? 'range' : 'states',
          source: tree ? null : id(s.source ?? 'flora'),
          certified_by: tree ? id('owner') : null,
          sureness: tree ? 'sure' : null,
          exception: false,
          at: '2026-08-01T00:00:00Z',
          version: 1,
        };
      }),
    },
    {
      table: 'statement_state',
      rows: STATED.flatMap((s) =>
        'states' in s
          ? s.states.map(([state, freq]) => ({
              ws,
              statement: id(key(s)),
              character: s.character,
              state,
              freq,
            }))
          : [],
      ),
    },
    {
      table: 'statement_range',
      rows: STATED.flatMap((s) =>
        'range' in s
          ? [
              {
                ws,
                statement: id(key(s)),
                xlow: s.range[0],
                low: s.range[1],
                high: s.range[2],
                xhigh: s.range[3],
                entered: s.entered,
              },
            ]
          : [],
      ),
    },
  ];
}
