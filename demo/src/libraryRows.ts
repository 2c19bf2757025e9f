import type { TableRows } from '@hurrow/contract';
import { CHARACTERS, readValue, vocabularyOf } from '@hurrow/core/characters';
import type { EnteredValue, Frequency, Value } from '@hurrow/core/characters';
import { dayOfYear } from '@hurrow/core/conditions';
import { normalise } from '@hurrow/core/names';
import { WS, idOf } from './identity.ts';
import { readTaxa } from './taxonText.ts';
import type { WrittenTaxon } from './taxonText.ts';
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
export const taxonId = (name: string): string => {
  if (!TAXA.some((t) => t.name === name)) throw new Error(`No taxon “${name}” in the demo`);
  return idOf('taxon', name);
};

/** The listed species of the demo, in the order of the text files. */
export const SPECIES: readonly string[] = TAXA.filter(
  (t) => t.rank === 'species' || t.rank === 'infraspecies',
).map((t) => t.name);

const FREQ: Readonly<Record<string, Frequency>> = {
  '': 'usual',
  '?': 'sometimes',
  '??': 'rare',
  '~': 'mistaken_for',
};

/** A value in the notation of a character table: `a | b? | c??`, `-`, or a range with its unit. */
export function valueFromText(character: string, text: string): Value {
  const c = vocabulary.get(character);
  if (!c) throw new Error(`No character ${character}`);
  const entered: EnteredValue =
    text === '-'
      ? { kind: 'inapplicable' }
      : c.states.length > 0
        ? {
            kind: 'states',
            states: text.split('|').map((part) => {
              const m = /^(.*?)(\?{0,2}|~)$/.exec(part.trim());
              return { state: m?.[1] ?? '', freq: FREQ[m?.[2] ?? ''] ?? 'usual' };
            }),
          }
        : { kind: 'range', entered: text };
  const read = readValue(c, entered);
  if (!read.ok) throw new Error(`${character}: ${text}: ${read.problem.message}`);
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
      const { xlow, low, high, xhigh, entered } = value;
      ranges.push({ ws: WS, statement: id, xlow, low, high, xhigh, entered });
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
  const row = (kind: string, text: string, preferred: boolean): Record<string, unknown> => ({
    ws: WS,
    id: idOf('name', `${t.name}/${kind}/${text}`),
    taxon: taxonId(t.name),
    kind,
    text,
    folded: normalise(text),
    preferred,
  });
  return [
    row('accepted', t.name, true),
    ...t.common.map((c, i) => row('common', c, i === 0)),
    ...t.synonym.map((s) => row('synonym', s, false)),
    ...t.olderFamily.map((f) => row('older_family', f, false)),
  ];
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
    { table: 'taxon', rows: TAXA.map(taxonRow) },
    { table: 'taxon_parent', rows: TAXA.flatMap(parentRows) },
    { table: 'name', rows: TAXA.flatMap(nameRows) },
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
