import type { NameRuling, RulingWithdrawn } from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { sittingsWith } from './decisions.ts';

type Row = Omit<NameRuling, 'taxon'> & { readonly taxon: string | null };

/** Answers that a decision grades: of its list, with its text, where it reaches. */
const GRADES = `(select count(distinct t.student) from grade g join grading_run m on m.ws = g.ws and m.id = g.run
    join sitting s on s.ws = m.ws and s.id = m.sitting join quiz q on q.ws = s.ws and q.id = s.quiz
    join response p on p.ws = g.ws and p.id = g.response join attempt t on t.ws = p.ws and t.id = p.attempt
    where g.ws = r.ws and g.folded = r.folded and g.last_seq is null and q.list = r.list
      and (r.scope = 'list' or s.id = r.sitting or s.section = r.section))::integer`;

/** The decisions in force about written names that an account may see, the newest first. */
export async function readRulings(call: Call<Account>): Promise<readonly NameRuling[]> {
  const { ws, id } = call.who;
  const rows = await call.app.db.query<Row>(
    `select r.id, r.folded as text, r.outcome, r.taxon, r.scope, r.list, l.name as "listName", sec.name as "sectionName",
       q.name as "quizName", a.name as by, r.at, ${GRADES} as students
     from name_ruling r join list l on l.ws = r.ws and l.id = r.list
     join account a on a.ws = r.ws and a.id = r.by_account
     left join sitting s on s.ws = r.ws and s.id = r.sitting
     left join quiz q on q.ws = s.ws and q.id = s.quiz
     left join section sec on sec.ws = r.ws and sec.id = coalesce(r.section, s.section)
     where r.ws = $1 and r.withdrawn_at is null and (sec.id is null or ${SEES_SECTION('sec.id')})
       and not exists (select 1 from name_ruling o where o.ws = r.ws and o.list = r.list and o.folded = r.folded and o.scope = r.scope
         and o.sitting is not distinct from r.sitting and o.section is not distinct from r.section
         and o.withdrawn_at is null and o.seq > r.seq)
     order by r.seq desc`,
    [ws, id],
  );
  const headers = await readHeaders(
    call.app.db,
    ws,
    rows.flatMap((r) => r.taxon ?? []),
  );
  return rows.map((r) => ({ ...r, taxon: r.taxon === null ? null : (headers.get(r.taxon) ?? null) }));
}

interface Standing {
  readonly list: string;
  readonly folded: string;
  readonly scope: string;
  readonly sitting: string | null;
  readonly section: string | null;
}

/**
 * Withdraws a decision with all earlier ones of the same text and reach, and counts as news, so that sittings with such
 * answers are known to want grading again. Grades change only then.
 */
async function withdraw(tx: Sql, ws: string, r: Standing, at: string): Promise<void> {
  await tx.query(
    `update name_ruling set withdrawn_at = $7, seq = nextval(pg_get_serial_sequence('name_ruling', 'seq'))
     where ws = $1 and list = $2 and folded = $3 and scope = $4 and sitting is not distinct from $5::uuid
       and section is not distinct from $6::uuid and withdrawn_at is null`,
    [ws, r.list, r.folded, r.scope, r.sitting, r.section, at],
  );
}

export async function withdrawRuling(call: CallOf<'rulingWithdraw'>): Promise<ReplyOf<'rulingWithdraw'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const body = await call.app.db.transaction(async (tx): Promise<RulingWithdrawn> => {
    const r = await maybe<Standing>(
      tx,
      `select list, folded, scope, sitting, section from name_ruling
       where ws = $1 and id = $2 and withdrawn_at is null for update`,
      [ws, id],
    );
    if (!r) throw notFound('This decision was withdrawn.', { remedy: 'Nothing else is needed.' });
    await withdraw(tx, ws, r, call.app.clock().toISOString());
    return { alsoStale: await sittingsWith(tx, ws, { list: r.list, id: null }, r.folded) };
  });
  return { body };
}
