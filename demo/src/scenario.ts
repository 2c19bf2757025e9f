import type { TableRows } from '@hurrow/contract';
import { ORGANS } from '@hurrow/core/conditions';
import { WS, idOf } from './identity.ts';
import { SPECIES, statementRows, taxonId } from './libraryRows.ts';
import { SECTIONS, TEACHERS } from './people.ts';
import { TREES } from './trees.ts';
import type { DemoTree } from './demoTree.ts';

export const TODAY = '2026-10-01';
export const LIST = idOf('list', 'trees-of-quillan-creek');

/** The species of each week: conifers of the valley first, then the broadleaves, timberline last. */
const BY_WEEK: readonly (readonly string[])[] = [
  [
    'Abies grandis',
    'Abies lasiocarpa',
    'Pseudotsuga menziesii',
    'Thuja plicata',
    'Tsuga heterophylla',
    'Taxus brevifolia',
  ],
  [
    'Picea engelmannii',
    'Larix occidentalis',
    'Pinus albicaulis',
    'Pinus flexilis',
    'Pinus contorta',
    'Pinus ponderosa',
    'Pinus monticola',
    'Picea pungens',
  ],
  [
    'Populus trichocarpa',
    'Populus tremuloides',
    'Betula papyrifera',
    'Alnus incana subsp. tenuifolia',
    'Populus angustifolia',
    'Betula occidentalis',
    'Salix exigua',
    'Salix scouleriana',
  ],
  [
    'Sorbus scopulina',
    'Sambucus cerulea',
    'Fraxinus pennsylvanica',
    'Acer glabrum',
    'Sorbus aucuparia',
    'Physocarpus malvaceus',
  ],
  [
    'Elaeagnus angustifolia',
    'Shepherdia argentea',
    'Prunus virginiana',
    'Prunus emarginata',
    'Amelanchier alnifolia',
    'Crataegus douglasii',
    'Cornus sericea',
  ],
  [
    'Rhus glabra',
    'Rhus trilobata',
    'Toxicodendron rydbergii',
    'Frangula purshiana',
    'Acer grandidentatum',
    'Quercus gambelii',
  ],
  ['Celtis reticulata', 'Ulmus pumila', 'Juniperus scopulorum'],
  ['Tsuga mertensiana', 'Larix lyallii', 'Alnus viridis subsp. sinuata'],
];
const weekOf = (name: string): number => BY_WEEK.findIndex((w) => w.includes(name)) + 1;

export const YOUTH_LIST = idOf('list', 'first-trees');

/** What the youth group is answerable for: a dozen that can be told by a nine-year-old, and the one not to touch. */
const FIRST_TREES: readonly string[] = [
  'Pinus ponderosa',
  'Pseudotsuga menziesii',
  'Larix occidentalis',
  'Thuja plicata',
  'Populus tremuloides',
  'Betula papyrifera',
  'Acer glabrum',
  'Quercus gambelii',
  'Cornus sericea',
  'Sambucus cerulea',
  'Rhus glabra',
  'Toxicodendron rydbergii',
];

const SITES = [
  { key: 'Quillan Creek', lat: 47.9, lon: -115.9, elev_m: 760 },
  { key: 'Stove Hill', lat: 47.91, lon: -115.88, elev_m: 1000 },
  { key: 'Signal Knob', lat: 47.94, lon: -115.93, elev_m: 1930 },
];
const siteOf = (trail: DemoTree['trail']): string =>
  idOf('site', trail === 'Ledger Loop' ? 'Quillan Creek' : trail);

/** The made-up courses of the trails, as turning points of latitude and longitude. */
const COURSES: Readonly<Record<DemoTree['trail'], readonly (readonly [number, number])[]>> = {
  'Ledger Loop': [
    [47.9, -115.9],
    [47.9024, -115.8978],
    [47.9041, -115.9012],
    [47.9019, -115.9047],
    [47.9, -115.9],
  ],
  'Stove Hill': [
    [47.908, -115.884],
    [47.9112, -115.8801],
    [47.9131, -115.8768],
  ],
  'Signal Knob': [
    [47.9388, -115.9327],
    [47.9412, -115.9302],
    [47.9429, -115.9281],
  ],
};

/** A tree stands along its trail, in the order of its tags. */
export function placeOf(t: DemoTree): { readonly lat: number; readonly lon: number } {
  const along = TREES.filter((x) => x.trail === t.trail).map((x) => x.tag);
  const course = COURSES[t.trail];
  const at = (along.indexOf(t.tag) / along.length) * (course.length - 1);
  const [from, to] = [course[Math.floor(at)], course[Math.floor(at) + 1]];
  if (!from || !to) throw new Error(`${t.tag} stands on no trail`);
  const part = at - Math.floor(at);
  const between = (a: number, b: number): number => Math.round((a + (b - a) * part) * 1e6) / 1e6;
  return { lat: between(from[0], to[0]), lon: between(from[1], to[1]) };
}

export const treeId = (tag: string): string => idOf('tree', tag);
export const accountId = (key: string): string => idOf('account', key);
export const sectionId = (key: string): string => idOf('section', key);
export const studentId = (code: string): string => idOf('student', code);

/** The workspace itself, before any account. */
export function workspaceRows(): TableRows[] {
  return [
    {
      table: 'workspace',
      rows: [
        {
          id: WS,
          name: 'Quillan Creek field school',
          merge_policy: 'widest',
          settings: { demo: true },
          today_override: TODAY,
          vocabulary_version: 1,
        },
      ],
    },
  ];
}

function treeRows(): TableRows[] {
  const reach = TREES.flatMap((t) =>
    ORGANS.map((organ) => ({
      ws: WS,
      individual: treeId(t.tag),
      organ,
      how: t.reach?.[organ] ?? (organ === 'wood' ? 'out' : 'hand'),
    })),
  );
  return [
    {
      table: 'individual',
      rows: TREES.map((t) => ({
        ws: WS,
        id: treeId(t.tag),
        kind: 'tree',
        stage: t.stage,
        condition: t.condition ?? null,
        version: 1,
      })),
    },
    {
      table: 'tree',
      rows: TREES.map((t) => ({
        ws: WS,
        individual: treeId(t.tag),
        kind: 'tree',
        site: siteOf(t.trail),
        trail: idOf('trail', t.trail),
        tag: t.tag,
        ...placeOf(t),
        elev_m: t.elevM,
        hazards: t.hazards ?? [],
        access: t.access ?? null,
        planted: t.planted ?? false,
      })),
    },
    { table: 'reach', rows: reach },
    {
      table: 'determination',
      rows: TREES.map((t) => ({
        ws: WS,
        id: idOf('determination', t.tag),
        individual: treeId(t.tag),
        taxon: taxonId(t.species),
        by_account: accountId('owner'),
        sureness: 'sure',
        at: '2026-08-20T12:00:00Z',
      })),
    },
    ...statementRows(
      TREES.flatMap((t) =>
        t.certified.map((line) => {
          const [character = '', text = ''] = line.split(': ');
          return {
            key: `${t.tag}/${character}`,
            individual: treeId(t.tag),
            character,
            text,
            source: null,
            certifiedBy: accountId('owner'),
          };
        }),
      ),
    ),
  ];
}

/** Sites, trails, trees, the list and the two sections with their rosters. */
export function teachingRows(): TableRows[] {
  const students = SECTIONS.flatMap((s) => s.students);
  return [
    {
      table: 'site',
      rows: SITES.map(({ key, ...s }) => ({
        ws: WS,
        id: idOf('site', key),
        name: key,
        tz: 'America/Denver',
        shift: {},
        ...s,
      })),
    },
    {
      table: 'trail',
      rows: (['Ledger Loop', 'Stove Hill', 'Signal Knob'] as const).map((t) => ({
        ws: WS,
        id: idOf('trail', t),
        site: siteOf(t),
        name: t,
        line: { type: 'LineString', coordinates: COURSES[t].map(([lat, lon]) => [lon, lat]) },
      })),
    },
    ...treeRows(),
    {
      table: 'list',
      rows: [
        { ws: WS, id: LIST, name: 'Trees of Quillan Creek', version: 1 },
        { ws: WS, id: YOUTH_LIST, name: 'First trees, youth group', version: 1 },
      ],
    },
    {
      table: 'list_member',
      rows: [
        ...SPECIES.map((name, ord) => ({
          ws: WS,
          list: LIST,
          taxon: taxonId(name),
          week: weekOf(name),
          label: null,
          ord,
        })).sort((a, b) => a.week - b.week || a.ord - b.ord),
        ...FIRST_TREES.map((name, ord) => ({
          ws: WS,
          list: YOUTH_LIST,
          taxon: taxonId(name),
          week: Math.floor(ord / 3) + 1,
          label: null,
          ord,
        })),
      ],
    },
    {
      table: 'section',
      rows: SECTIONS.map((s) => ({
        ws: WS,
        id: sectionId(s.key),
        name: s.name,
        term: 'Fall 2026',
        level: s.level,
        list: s.key === 'youth' ? YOUTH_LIST : LIST,
        site: idOf('site', 'Quillan Creek'),
        starts_on: '2026-08-25',
      })),
    },
    {
      table: 'section_account',
      rows: [
        ...SECTIONS.flatMap((s) =>
          TEACHERS.filter((t) => t.key !== 'assistant').map((t) => ({
            ws: WS,
            section: sectionId(s.key),
            account: accountId(t.key),
          })),
        ),
        { ws: WS, section: sectionId('tuesday'), account: accountId('assistant') },
      ],
    },
    {
      table: 'student',
      rows: students.map((s) => ({ ws: WS, id: studentId(s.code), code: s.code, first_name: s.firstName })),
    },
    {
      table: 'enrolment',
      rows: SECTIONS.flatMap((s) =>
        s.students.map((p) => ({
          ws: WS,
          section: sectionId(s.key),
          student: studentId(p.code),
          from_on: '2026-08-25',
        })),
      ),
    },
  ];
}
