import type { TableRows } from '@hurrow/contract';
import { ORGANS } from '@hurrow/core/conditions';
import { WS, idOf } from './identity.ts';
import { SPECIES, statementRows, taxonId } from './libraryRows.ts';
import { SECTIONS, TEACHERS } from './people.ts';
import { TREES } from './trees.ts';
import type { DemoTree } from './trees.ts';

export const TODAY = '2026-10-01';
export const LIST = idOf('list', 'trees-of-quillan-creek');

/** The week each species is taught: conifers first, then the broadleaves. */
const WEEKS: Readonly<Record<string, number>> = {
  'Abies grandis': 1,
  'Abies lasiocarpa': 1,
  'Pseudotsuga menziesii': 1,
  'Picea engelmannii': 2,
  'Larix occidentalis': 2,
  'Pinus albicaulis': 2,
  'Pinus flexilis': 2,
  'Pinus contorta': 2,
  'Populus trichocarpa': 3,
  'Populus tremuloides': 3,
  'Betula papyrifera': 3,
  'Alnus incana subsp. tenuifolia': 3,
  'Sorbus scopulina': 4,
  'Sambucus cerulea': 4,
  'Fraxinus pennsylvanica': 4,
  'Acer glabrum': 4,
  'Elaeagnus angustifolia': 5,
  'Shepherdia argentea': 5,
};

const SITES = [
  { key: 'Quillan Creek', lat: 47.9, lon: -115.9, elev_m: 760 },
  { key: 'Stove Hill', lat: 47.91, lon: -115.88, elev_m: 1000 },
  { key: 'Signal Knob', lat: 47.94, lon: -115.93, elev_m: 1930 },
];
const siteOf = (trail: DemoTree['trail']): string =>
  idOf('site', trail === 'Ledger Loop' ? 'Quillan Creek' : trail);

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
      })),
    },
    ...treeRows(),
    { table: 'list', rows: [{ ws: WS, id: LIST, name: 'Trees of Quillan Creek', version: 1 }] },
    {
      table: 'list_member',
      rows: SPECIES.map((name, ord) => ({
        ws: WS,
        list: LIST,
        taxon: taxonId(name),
        week: WEEKS[name] ?? null,
        label: null,
        ord,
      })).sort((a, b) => (a.week ?? 99) - (b.week ?? 99) || a.ord - b.ord),
    },
    {
      table: 'section',
      rows: SECTIONS.map((s) => ({
        ws: WS,
        id: sectionId(s.key),
        name: s.name,
        term: 'Autumn 2026',
        level: 'general',
        list: LIST,
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
