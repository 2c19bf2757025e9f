import type { DueItem } from '@hurrow/contract';
import { addDays, materialWords, showDate } from '@hurrow/core/conditions';
import type { Material } from '@hurrow/core/conditions';
import type { Account, Call } from '../http/index.ts';
import type { SittingOfQuiz } from '../quizzes/index.ts';
import { cuttingRows } from '../sittings/index.ts';

/** Days ahead for which something is to be gathered, and within which what spoils is named. */
const AHEAD = 14;
const SOON = 3;
const NAMED = 4;

const listed = (all: readonly string[]): string =>
  all.length <= NAMED ? all.join(', ') : `${all.slice(0, NAMED).join(', ')} and ${all.length - NAMED} more`;

/** What has to be cut or gathered for sittings of the next two weeks. */
async function toGather(
  call: Call<Account>,
  sittings: readonly SittingOfQuiz[],
  today: string,
): Promise<readonly DueItem[]> {
  const ahead = sittings.filter(
    (s) => (s.state === 'draft' || s.state === 'locked') && s.on >= today && s.on <= addDays(today, AHEAD),
  );
  const items = ahead.map(async (s): Promise<DueItem | null> => {
    const rows = (await cuttingRows(call, s.id)).filter(
      (r) => r.state === 'to_gather' && r.permission !== 'forbidden',
    );
    const [first] = rows.map((r) => r.from).sort();
    if (first === undefined) return null;
    const from = first > today ? first : today;
    return {
      kind: 'gather',
      title: `Cut or gather ${rows.length} ${rows.length === 1 ? 'part' : 'parts'}: ${s.sectionName}, ${showDate(s.on, today)}`,
      detail: `From ${showDate(from, today)}: ${listed(rows.map((r) => `${materialWords(r.material)} of ${r.tree.tag}`))}. Ask the owner first.`,
      href: `/quizzes/${s.quiz}/sittings/${s.id}`,
      on: from,
    };
  });
  return (await Promise.all(items)).flatMap((i) => i ?? []);
}

interface Spoiling {
  readonly goodUntil: string;
  readonly material: readonly Material[];
  readonly tag: string | null;
}

/** Specimens at hand that are good until a day at most, of trees and plants that have a name. */
const readSpoiling = (call: Call<Account>, until: string): Promise<readonly Spoiling[]> =>
  call.app.db.query<Spoiling>(
    `select sp.good_until as "goodUntil", sp.organs as material, tr.tag
     from specimen sp left join tree tr on tr.ws = sp.ws and tr.individual = sp.from_tree
     where sp.ws = $1 and sp.state in ('gathered', 'on_table') and sp.good_until <= $2::date
       and exists (select 1 from determination d where d.ws = sp.ws and d.individual = coalesce(sp.from_tree, sp.individual))
     order by sp.good_until, sp.individual`,
    [call.who.ws, until],
  );

/** Specimens that are good for a few days more, and those that are no longer. */
async function spoiling(call: Call<Account>, today: string): Promise<readonly DueItem[]> {
  const soon = await readSpoiling(call, addDays(today, SOON));
  const days = [...new Set(soon.map((s) => s.goodUntil))].sort();
  return days.map((day) => {
    const own = soon.filter((s) => s.goodUntil === day);
    const what = listed(
      own.map((s) => `${s.material.map(materialWords).join(' and ')} of ${s.tag ?? 'an untagged tree'}`),
    );
    const n = `${own.length} ${own.length === 1 ? 'specimen' : 'specimens'}`;
    return {
      kind: 'spoils',
      title:
        day < today
          ? `${n} no longer good since ${showDate(day, today)}`
          : `${n} good until ${showDate(day, today)}`,
      detail: `${what.charAt(0).toUpperCase()}${what.slice(1)}.`,
      href: '/material',
      on: day,
    };
  });
}

/** Material that must be gathered, and material that spoils. */
export async function dueMaterial(
  call: Call<Account>,
  sittings: readonly SittingOfQuiz[],
  today: string,
): Promise<readonly DueItem[]> {
  const [gather, spoils] = await Promise.all([toGather(call, sittings, today), spoiling(call, today)]);
  return [...gather, ...spoils];
}
