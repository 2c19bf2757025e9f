import type { TableRows } from '@hurrow/contract';
import { v5 } from 'uuid';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { SHIPPED_GROUPS, readTaxa } from '@hurrow/core/groups';
import type { WrittenTaxon } from '@hurrow/core/groups';
import { dayOfYear } from '@hurrow/core/conditions';
import { normalise, readUse } from '@hurrow/core/names';
import { WS, idOf } from './identity.ts';
import { TAXA_TEXT } from './taxa/index.ts';

const vocabulary = vocabularyOf(CHARACTERS);

/** Where the seasons were recorded: the school's own ground. */
const REFERENCE = { ref_lat: 47.9, ref_lon: -115.9, ref_elev: 760 };

export const SOURCES = {
  flora: { kind: 'book', citation: 'Regional flora of the Quillan country, 4th printing', rank: 10 },
  sheet: { kind: 'herbarium', citation: 'Herbarium sheets, Quillan Creek field school', rank: 20 },
  own: { kind: 'measurement', citation: 'Own measurements, Quillan Creek', rank: 30 },
} as const;

export const TAXA: readonly WrittenTaxon[] = readTaxa(TAXA_TEXT);

/** Families, genera and groups that ship are put in by the server, under ids that follow from the workspace. */
const SHIPPED = new Map(SHIPPED_GROUPS.map((t) => [t.name, v5(`shipped/${t.name}`, WS)]));
/** The demo's own taxa; what it records of a shipped group is added to that group. */
const OWN_TAXA = TAXA.filter((t) => !SHIPPED.has(t.name));

export const taxonId = (name: string): string => {
  const shipped = SHIPPED.get(name);
  if (shipped !== undefined) return shipped;
  if (!TAXA.some((t) => t.name === name)) throw new Error(`No taxon “${name}” in the demo`);
  return idOf('taxon', name);
};

/** The listed species of the demo, in the order of the text files. */
export const SPECIES: readonly string[] = TAXA.filter(
  (t) => t.rank === 'species' || t.rank === 'infraspecies',
).map((t) => t.name);

/** A value in the notation of a character table: `a | b? | c??`, `-`, or a range with its unit. */
export function valueFromText(character: string, text: string): Value {
  const c = vocabulary.get(character);
  if (!c) throw new Error(`No character ${character}`);
  const read = readCell(c, text);
  if (!read.ok || read.value === null) throw new Error(`${character}: ${text} cannot be read`);
  return read.value;
}

interface StatementOwner {
  readonly taxon?: string;
  readonly individual?: string;
}

/** Statement rows with their states and ranges. */
export function statementRows(
  entries: readonly (StatementOwner & {
    key: string;
    character: string;
    text: string;
    source: string | null;
    certifiedBy?: string;
  })[],
): TableRows[] {
  const statements: Record<string, unknown>[] = [];
  const states: Record<string, unknown>[] = [];
  const ranges: Record<string, unknown>[] = [];
  for (const e of entries) {
    const counted = /^(.*), n = (\d+)$/.exec(e.text);
    const value = valueFromText(e.character, counted?.[1] ?? e.text);
    const id = idOf('statement', e.key);
    statements.push({
      ws: WS,
      id,
      taxon: e.taxon ?? null,
      individual: e.individual ?? null,
      character: e.character,
      kind: value.kind,
      source: e.source,
      certified_by: e.certifiedBy ?? null,
      sureness: e.individual ? 'sure' : null,
      n: counted ? Number(counted[2]) : null,
      exception: false,
      at: '2026-08-01T12:00:00Z',
      version: 1,
    });
    if (value.kind === 'states') {
      for (const s of value.states) states.push({ ws: WS, statement: id, character: e.character, ...s });
    } else if (value.kind === 'range') {
      const { xlow, low, high, xhigh, more = false, entered } = value;
      ranges.push({ ws: WS, statement: id, xlow, low, high, xhigh, more, entered });
    }
  }
  return [
    { table: 'statement', rows: statements },
    { table: 'statement_state', rows: states },
    { table: 'statement_range', rows: ranges },
  ];
}

function taxonRow(t: WrittenTaxon): Record<string, unknown> {
  const [genus, epithet, infraRank, infraEpithet] = t.name.split(' ');
  const binomial = t.rank === 'species' || t.rank === 'infraspecies';
  return {
    ws: WS,
    id: taxonId(t.name),
    rank: t.rank,
    genus: binomial || t.rank === 'genus' ? genus : null,
    hybrid_mark: false,
    epithet: binomial ? epithet : null,
    infra_rank: binomial ? (infraRank ?? null) : null,
    infra_epithet: binomial ? (infraEpithet ?? null) : null,
    authority: t.authority,
    status: binomial ? 'checked' : 'draft',
    version: 1,
  };
}

function nameRows(t: WrittenTaxon): Record<string, unknown>[] {
  const row = (
    kind: string,
    line: string,
    preferred: boolean,
    pronunciation: string | null = null,
  ): Record<string, unknown> => ({
    pronunciation,
    ws: WS,
    id: idOf('name', `${t.name}/${kind}/${readUse(line).text}`),
    taxon: taxonId(t.name),
    kind,
    ...readUse(line),
    folded: normalise(readUse(line).text),
    preferred,
  });
  return [
    row('accepted', t.name, true, t.said),
    ...t.common.map((c, i) => row('common', c, i === 0)),
    ...t.synonym.map((s) => row('synonym', s, false)),
    ...t.olderFamily.map((f) => row('older_family', f, false)),
  ];
}

const rootId = (t: WrittenTaxon, element: string): string => idOf('root', `${t.name}/${element}`);

function rootRows(t: WrittenTaxon): Record<string, unknown>[] {
  return t.roots.map(({ names, ...r }) => {
    const [character = null, state = null] = names?.split('=') ?? [];
    return { ws: WS, id: rootId(t, r.element), character, state, ...r };
  });
}

const rootOfRows = (t: WrittenTaxon): Record<string, unknown>[] =>
  t.roots.map((r) => ({
    ws: WS,
    name: idOf('name', `${t.name}/accepted/${t.name}`),
    root: rootId(t, r.element),
    why: null,
  }));

const called = (name: string): string => TAXA.find((t) => t.name === name)?.common[0] ?? name;

/** A pair is kept without an order, so *here* and *there* become names. */
function pairRows(t: WrittenTaxon): Record<string, unknown>[] {
  return t.pairs.map((p) => {
    const [a, b] = [taxonId(t.name), taxonId(p.other)].sort();
    const { character, mnemonic } = p;
    const text = p.text
      .replaceAll(/\bhere\b/g, `in ${called(t.name)}`)
      .replaceAll(/\bthere\b/g, `in ${called(p.other)}`);
    return { ws: WS, id: idOf('pair', `${t.name}/${p.other}`), a, b, character, text, mnemonic };
  });
}

/** A parent in the same genus or family is classification; a named group comes first. */
function parentRows(t: WrittenTaxon): Record<string, unknown>[] {
  return t.parents.map((p, ord) => ({
    ws: WS,
    child: taxonId(t.name),
    parent: taxonId(p),
    kind: TAXA.find((x) => x.name === p)?.rank === 'group' ? 'group' : 'classification',
    ord,
  }));
}

/** All rows of the library: sources, taxa, names, prose, cautions, range, statements and seasons. */
export function libraryRows(): TableRows[] {
  return [
    {
      table: 'source',
      rows: Object.entries(SOURCES).map(([key, s]) => ({ ws: WS, id: idOf('source', key), ...s })),
    },
    { table: 'taxon', rows: OWN_TAXA.map(taxonRow) },
    { table: 'taxon_parent', rows: OWN_TAXA.flatMap(parentRows) },
    { table: 'name', rows: OWN_TAXA.flatMap(nameRows) },
    { table: 'name_root', rows: OWN_TAXA.flatMap(rootRows) },
    { table: 'name_root_of', rows: OWN_TAXA.flatMap(rootOfRows) },
    { table: 'pair_note', rows: OWN_TAXA.flatMap(pairRows) },
    {
      table: 'record_tree',
      rows: OWN_TAXA.flatMap((t) =>
        t.record
          ? [
              {
                ws: WS,
                taxon: taxonId(t.name),
                girth_mm: t.record.girthCm * 10,
                height_mm: t.record.heightM * 1000,
                spread_mm: t.record.spreadM * 1000,
                place: t.record.place,
                year: t.record.year,
              },
            ]
          : [],
      ),
    },
    {
      table: 'prose',
      rows: TAXA.flatMap((t) =>
        t.prose.map((p) => ({
          ws: WS,
          id: idOf('prose', `${t.name}/${p.topic}`),
          taxon: taxonId(t.name),
          audience: 'general',
          disputed: false,
          ...p,
        })),
      ),
    },
    {
      table: 'caution',
      rows: TAXA.flatMap((t) =>
        t.cautions.map((c) => ({
          ws: WS,
          id: idOf('caution', `${t.name}/${c.hazard}`),
          taxon: taxonId(t.name),
          ...c,
        })),
      ),
    },
    {
      table: 'range_record',
      rows: TAXA.flatMap((t) =>
        t.range.map((r) => ({ ws: WS, taxon: taxonId(t.name), source: idOf('source', 'flora'), ...r })),
      ),
    },
    ...statementRows(
      TAXA.flatMap((t) =>
        t.statements.map((s) => ({
          key: `${t.name}/${s.character}/${s.source}`,
          taxon: taxonId(t.name),
          character: s.character,
          text: s.text,
          source: idOf('source', s.source),
        })),
      ),
    ),
    {
      table: 'season_window',
      rows: TAXA.flatMap((t) =>
        t.windows.map((w) => ({
          ws: WS,
          id: idOf('window', `${t.name}/${w.kind}`),
          taxon: taxonId(t.name),
          source: idOf('source', 'flora'),
          kind: w.kind,
          start_doy: dayOfYear(`2026-${w.from}`),
          end_doy: dayOfYear(`2026-${w.to}`),
          ...REFERENCE,
        })),
      ),
    },
  ];
}
