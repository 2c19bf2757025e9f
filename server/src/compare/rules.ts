import { v7 } from 'uuid';
import type { RuleBody, RuleRow } from '@hurrow/contract';
import { featuresOf } from '@hurrow/core/rules';
import type { Clause, Feature } from '@hurrow/core/rules';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { readHeaders, vocabularyToRead } from '../library/index.ts';

interface Row {
  id: string;
  version: number;
  quantifier: RuleRow['quantifier'];
  who: { taxon: string | null };
  whenn: readonly Feature[];
  thenn: readonly Clause[];
  note: string | null;
}

const COLUMNS = 'id, version, quantifier, who, whenn, thenn, note';

async function asRules(sql: Sql, ws: string, rows: readonly Row[]): Promise<readonly RuleRow[]> {
  const headers = await readHeaders(
    sql,
    ws,
    rows.flatMap((r) => r.who.taxon ?? []),
  );
  return rows.map((r) => ({
    id: r.id,
    version: r.version,
    quantifier: r.quantifier,
    who: r.who.taxon,
    whoHeader: r.who.taxon === null ? null : (headers.get(r.who.taxon) ?? null),
    when: r.whenn,
    then: r.thenn,
    note: r.note,
  }));
}

/** Rules of thumb in the order in which they were kept. */
export const readRules = async (sql: Sql, ws: string): Promise<readonly RuleRow[]> =>
  asRules(sql, ws, await sql.query<Row>(`select ${COLUMNS} from rule where ws = $1 order by id`, [ws]));

async function readRule(sql: Sql, ws: string, id: string): Promise<RuleRow> {
  const rows = await sql.query<Row>(`select ${COLUMNS} from rule where ws = $1 and id = $2`, [ws, id]);
  const [rule] = await asRules(sql, ws, rows);
  if (rule) return rule;
  throw notFound('There is no such rule.', { remedy: 'Choose one under Compare, Rules.' });
}

/** @throws where a rule speaks of a character, a state or a taxon that there is not. */
async function mustStand(sql: Sql, ws: string, { who, when, then }: RuleBody): Promise<void> {
  const vocabulary = await vocabularyToRead(sql, ws);
  const features: readonly (readonly [string, Feature])[] = [
    ...when.map((f, i) => [`when.${i}`, f] as const),
    ...then.flatMap((c, i) => featuresOf(c).map((f) => [`then.${i}`, f] as const)),
  ];
  for (const [field, f] of features) {
    const c = vocabulary.get(f.character);
    if (!c) {
      throw invalid(`The vocabulary has no character “${f.character}”.`, {
        field: `${field}.character`,
        remedy: 'Choose one of the vocabulary.',
      });
    }
    const fits = 'state' in f ? c.states.some((s) => s.id === f.state) : c.states.length === 0;
    if (!fits) {
      throw invalid(`${c.term} has no such state.`, {
        field: `${field}.${'state' in f ? 'state' : 'low'}`,
        remedy: c.states.length === 0 ? 'Give a lowest and a highest number.' : 'Choose one of its states.',
      });
    }
  }
  const named = [
    ...(who === null ? [] : [['who', who] as const]),
    ...then.flatMap((c, i) => ('taxon' in c ? [[`then.${i}.taxon`, c.taxon] as const] : [])),
  ];
  for (const [field, taxon] of named) {
    if (await maybe(sql, 'select 1 from taxon where ws = $1 and id = $2', [ws, taxon])) continue;
    throw invalid('There is no such taxon.', {
      field,
      remedy: 'Choose a species or a group that stands, or leave it open.',
    });
  }
}

const columnsOf = (b: RuleBody): Readonly<Record<string, unknown>> => ({
  quantifier: b.quantifier,
  who: { taxon: b.who },
  whenn: b.when,
  thenn: b.then,
  note: b.note || null,
});

export async function createRule(call: CallOf<'ruleCreate'>): Promise<ReplyOf<'ruleCreate'>> {
  const { ws } = call.who;
  const { body } = call;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await mustStand(tx, ws, body);
    await insertRows(tx, 'rule', [{ ws, id, version: 1, ...columnsOf(body) }]);
  });
  return { status: 201, body: await readRule(call.app.db, ws, id), version: 1 };
}

/** Locks a rule and holds the version that was read against it. */
async function locked(tx: Sql, call: Call<Account>, id: string): Promise<number> {
  const { ws } = call.who;
  const standing = await maybe<{ version: number }>(
    tx,
    'select version from rule where ws = $1 and id = $2 for update',
    [ws, id],
  );
  const current = await readRule(tx, ws, id);
  needVersion(call, standing?.version ?? current.version, current);
  return current.version;
}

export async function changeRule(call: CallOf<'ruleChange'>): Promise<ReplyOf<'ruleChange'>> {
  const { ws } = call.who;
  const { body } = call;
  const id = idParam(call, 'id');
  const version = await call.app.db.transaction(async (tx) => {
    const standing = await locked(tx, call, id);
    await mustStand(tx, ws, body);
    const c = columnsOf(body);
    await tx.query(
      `update rule set quantifier = $3, who = $4::jsonb, whenn = $5::jsonb, thenn = $6::jsonb, note = $7,
         version = version + 1 where ws = $1 and id = $2`,
      [
        ws,
        id,
        c['quantifier'],
        JSON.stringify(c['who']),
        JSON.stringify(c['whenn']),
        JSON.stringify(c['thenn']),
        c['note'],
      ],
    );
    return standing + 1;
  });
  return { body: await readRule(call.app.db, ws, id), version };
}

export async function removeRule(call: CallOf<'ruleRemove'>): Promise<ReplyOf<'ruleRemove'>> {
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await locked(tx, call, id);
    await tx.query('delete from rule where ws = $1 and id = $2', [call.who.ws, id]);
  });
  return { status: 204 };
}
