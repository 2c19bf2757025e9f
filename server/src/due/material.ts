import type { DueItem, SittingSummary } from '@hurrow/contract';
import { addDays, materialWords, showDate } from '@hurrow/core/conditions';
import type { Account, Call } from '../http/index.ts';
import { readSpecimens } from '../material/index.ts';
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
  sittings: readonly (SittingSummary & { readonly quiz: string })[],
  today: string,
): Promise<readonly DueItem[]> {
  const ahead = sittings.filter(
    (s) => (s.state === 'draft' || s.state === 'locked') && s.on >= today && s.on <= addDays(today, AHEAD),
  );
  const items: DueItem[] = [];
  for (const s of ahead) {
    const rows = (await cuttingRows(call, s.id)).filter(
      (r) => r.state === 'to_gather' && r.permission !== 'forbidden',
    );
    const [first] = rows.map((r) => r.from).sort();
    if (first === undefined) continue;
    const from = first > today ? first : today;
    items.push({
      kind: 'gather',
      title: `Cut or gather ${rows.length} ${rows.length === 1 ? 'part' : 'parts'}: ${s.sectionName}, ${showDate(s.on, today)}`,
      detail: `From ${showDate(from, today)}: ${listed(rows.map((r) => `${materialWords(r.material)} of ${r.tree.tag}`))}. Ask the owner first.`,
      href: `/quizzes/${s.quiz}/sittings/${s.id}`,
      on: from,
    });
  }
  return items;
}

/** Specimens that are good for a few days more, and those that are no longer. */
async function spoiling(call: Call<Account>, today: string): Promise<readonly DueItem[]> {
  const all = await readSpecimens(call.app.db, call.who.ws);
  const soon = all.filter((s) => s.goodUntil !== null && s.goodUntil <= addDays(today, SOON));
  const days = [...new Set(soon.map((s) => s.goodUntil ?? ''))].sort();
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
export const dueMaterial = async (
  call: Call<Account>,
  sittings: readonly (SittingSummary & { readonly quiz: string })[],
  today: string,
): Promise<readonly DueItem[]> => [
  ...(await toGather(call, sittings, today)),
  ...(await spoiling(call, today)),
];
