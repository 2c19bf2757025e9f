import { v7 } from 'uuid';
import type { ListBody } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';

const BINOMIAL = /^[A-Z][a-z-]+ (?:[x×] )?[a-z-]+(?: (?:subsp|var)\. [a-z-]+)?$/;

type NewMember = Omit<ListBody['members'][number], 'newName' | 'taxon'> & { readonly newName: string };

/** The genus of that name; one that is new is made, under the family that was given. */
async function genusOf(tx: Sql, ws: string, genus: string, family: string | null): Promise<string> {
  const had = await maybe<{ id: string }>(
    tx,
    `select t.id from taxon t join name n on n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted'
     where t.ws = $1 and t.rank = 'genus' and n.folded = $2`,
    [ws, normalise(genus)],
  );
  if (had) return had.id;
  const id = await bare(tx, ws, 'genus', genus);
  if (family === null) return id;
  const above = await maybe<{ id: string }>(
    tx,
    `select t.id from taxon t join name n on n.ws = t.ws and n.taxon = t.id
     where t.ws = $1 and t.rank = 'family' and n.folded = $2`,
    [ws, normalise(family)],
  );
  await hang(tx, ws, id, above?.id ?? (await bare(tx, ws, 'family', family)));
  return id;
}

async function bare(tx: Sql, ws: string, rank: string, text: string): Promise<string> {
  const id = v7();
  const genus = rank === 'genus' ? text : null;
  await insertRows(tx, 'taxon', [{ ws, id, rank, genus, hybrid_mark: false, status: 'draft', version: 1 }]);
  await insertRows(tx, 'name', [
    { ws, id: v7(), taxon: id, kind: 'accepted', text, folded: normalise(text), preferred: true },
  ]);
  return id;
}

const hang = (tx: Sql, ws: string, child: string, parent: string): Promise<void> =>
  insertRows(tx, 'taxon_parent', [{ ws, child, parent, kind: 'classification', ord: 0 }]);

function rankOf(text: string): string {
  if (/\b(subsp|var)\. /.test(text)) return 'infraspecies';
  return text.includes('×') || / x /.test(text) ? 'hybrid' : 'species';
}

/**
 * A name the library does not know becomes a draft taxon with nothing recorded of itself; hung under its genus it
 * already has what holds for the genus.
 */
export async function draftTaxon(tx: Sql, ws: string, m: NewMember, field: string): Promise<string> {
  const id = v7();
  const words = m.newName.split(' ');
  const latin = BINOMIAL.test(m.newName);
  await insertRows(tx, 'taxon', [
    {
      ws,
      id,
      rank: rankOf(m.newName),
      genus: latin ? words[0] : null,
      hybrid_mark: m.newName.includes('×'),
      epithet: latin ? words.filter((w) => w !== '×' && w !== 'x')[1] : null,
      status: 'draft',
      version: 1,
    },
  ]);
  const names = new Map<string, Record<string, unknown>>();
  const add = (kind: string, text: string): void => {
    const row = { ws, id: v7(), taxon: id, kind, text, folded: normalise(text), preferred: names.size < 2 };
    if (!names.has(`${kind}/${row.folded}`)) names.set(`${kind}/${row.folded}`, row);
  };
  add('accepted', m.newName);
  if (m.common) add('common', m.common);
  else if (!latin) add('common', m.newName);
  for (const text of m.olderFamilies ?? []) add('older_family', text);
  for (const text of m.synonyms ?? []) {
    await refuseAccepted(tx, ws, text, field);
    add('synonym', text);
  }
  await insertRows(tx, 'name', [...names.values()]);
  if (m.under) {
    if (!(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, m.under]))) {
      throw invalid('There is no such group.', { field: `${field}.under`, remedy: 'Paste the list again.' });
    }
    await hang(tx, ws, id, m.under);
  } else if (latin) await hang(tx, ws, id, await genusOf(tx, ws, words[0] ?? '', m.family || null));
  return id;
}

async function refuseAccepted(tx: Sql, ws: string, text: string, field: string): Promise<void> {
  const taken = await maybe(tx, `select 1 from name where ws = $1 and folded = $2 and kind = 'accepted'`, [
    ws,
    normalise(text),
  ]);
  if (!taken) return;
  throw conflict(`“${text}” is the accepted name of another taxon, so it cannot be a synonym here.`, {
    field: `${field}.synonyms`,
    remedy: 'Take the synonym out of the line.',
  });
}
