import { v5 } from 'uuid';
import { asEntered, readCell, readValue } from '@hurrow/core/characters';
import type { Character, Value } from '@hurrow/core/characters';
import { dayOfYear } from '@hurrow/core/conditions';
import { SHIPPED_CITATION, SHIPPED_GROUPS, SHIPPED_PLACE } from '@hurrow/core/groups';
import type { WrittenTaxon } from '@hurrow/core/groups';
import { normalise } from '@hurrow/core/names';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readVocabulary } from './vocabulary.ts';

/** A shipped group has the same id in a workspace whenever it is installed. */
const idIn = (ws: string, what: string): string => v5(`shipped/${what}`, ws);

const NAME_KINDS = { common: 'common', synonym: 'synonym', olderFamily: 'older_family' } as const;

function nameRows(ws: string, t: WrittenTaxon): Record<string, unknown>[] {
  const row = (kind: string, text: string, preferred: boolean): Record<string, unknown> => ({
    ws,
    id: idIn(ws, `name/${t.name}/${kind}/${text}`),
    taxon: idIn(ws, t.name),
    kind,
    text,
    folded: normalise(text),
    preferred,
  });
  return [
    row('accepted', t.name, true),
    ...(Object.keys(NAME_KINDS) as (keyof typeof NAME_KINDS)[]).flatMap((k) =>
      t[k].map((text, i) => row(NAME_KINDS[k], text, k === 'common' && i === 0)),
    ),
  ];
}

function valueOf(characters: ReadonlyMap<string, Character>, id: string, text: string): Value {
  const character = characters.get(id);
  const read = character ? readCell(character, text) : null;
  if (!character || !read?.ok || read.value === null) throw new Error(`${id}: ${text} cannot be read`);
  const checked = readValue(character, asEntered(read.value));
  if (!checked.ok) throw new Error(checked.problem.message);
  return checked.value;
}

/** Puts the families, genera and groups that ship into a workspace that has the vocabulary, with their own source. */
export async function installGroups(sql: Sql, ws: string): Promise<void> {
  const characters = new Map((await readVocabulary(sql, ws)).map((c) => [c.id, c]));
  const source = idIn(ws, 'source');
  await insertRows(sql, 'source', [
    { ws, id: source, kind: 'shipped', citation: SHIPPED_CITATION, rank: 900, version: 1 },
  ]);
  await insertRows(
    sql,
    'taxon',
    SHIPPED_GROUPS.map((t) => ({
      ws,
      id: idIn(ws, t.name),
      rank: t.rank,
      genus: t.rank === 'genus' ? t.name : null,
      hybrid_mark: false,
      status: 'draft',
      version: 1,
    })),
  );
  await insertRows(
    sql,
    'taxon_parent',
    SHIPPED_GROUPS.flatMap((t) =>
      t.parents.map((p, ord) => ({
        ws,
        child: idIn(ws, t.name),
        parent: idIn(ws, p),
        kind: 'classification',
        ord,
      })),
    ),
  );
  await insertRows(
    sql,
    'name',
    SHIPPED_GROUPS.flatMap((t) => nameRows(ws, t)),
  );
  await insertRows(
    sql,
    'caution',
    SHIPPED_GROUPS.flatMap((t) =>
      t.cautions.map((c) => ({
        ws,
        id: idIn(ws, `caution/${t.name}/${c.hazard}`),
        taxon: idIn(ws, t.name),
        ...c,
      })),
    ),
  );
  const stated = SHIPPED_GROUPS.flatMap((t) =>
    t.statements.map((s) => ({
      id: idIn(ws, `statement/${t.name}/${s.character}`),
      taxon: idIn(ws, t.name),
      character: s.character,
      value: valueOf(characters, s.character, s.text),
    })),
  );
  await insertRows(
    sql,
    'statement',
    stated.map(({ value, ...s }) => ({
      ws,
      ...s,
      kind: value.kind,
      source,
      exception: false,
      version: 1,
      at: '2026-01-01',
    })),
  );
  await insertRows(
    sql,
    'statement_state',
    stated.flatMap(({ id, character, value }) =>
      value.kind === 'states' ? value.states.map((s) => ({ ws, statement: id, character, ...s })) : [],
    ),
  );
  await insertRows(
    sql,
    'statement_range',
    stated.flatMap(({ id, value }) => {
      if (value.kind !== 'range') return [];
      const { xlow, low, high, xhigh, more = false, entered } = value;
      return [{ ws, statement: id, xlow, low, high, xhigh, more, entered }];
    }),
  );
  await insertRows(
    sql,
    'season_window',
    SHIPPED_GROUPS.flatMap((t) =>
      t.windows.map((w) => ({
        ws,
        id: idIn(ws, `window/${t.name}/${w.kind}`),
        taxon: idIn(ws, t.name),
        source,
        kind: w.kind,
        start_doy: dayOfYear(`2026-${w.from}`),
        end_doy: dayOfYear(`2026-${w.to}`),
        ref_lat: SHIPPED_PLACE.lat,
        ref_lon: SHIPPED_PLACE.lon,
        ref_elev: SHIPPED_PLACE.elevM,
      })),
    ),
  );
}
