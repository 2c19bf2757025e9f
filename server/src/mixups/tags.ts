import type { MixUpRow } from '@hurrow/contract';
import { checkKey } from '@hurrow/core/soundness';
import type { NamedStation } from '@hurrow/core/soundness';
import type { LookRow } from './looks.ts';

export type TagDoubt = NonNullable<MixUpRow['tagDoubt']>;

/**
 * Stations whose answers speak for another species than their tag, by `tag/other`: there a mix-up may be a wrong tag.
 * Source: docs/formulas.md, Was the quiz sound.
 * @param foundRight stations whose tag somebody looked at and found right.
 */
export function tagDoubts(
  looks: readonly LookRow[],
  foundRight: ReadonlySet<string>,
): ReadonlyMap<string, TagDoubt> {
  const stations = new Map<string, { row: LookRow; named: Map<string, number> }>();
  for (const l of looks) {
    const had = stations.get(l.sitting_station) ?? { row: l, named: new Map<string, number>() };
    if (l.answer !== null) had.named.set(l.answer, (had.named.get(l.answer) ?? 0) + 1);
    stations.set(l.sitting_station, had);
  }
  const all = [...stations].map(([id, { row, named }]): NamedStation => ({
    id,
    individual: row.individual,
    truth: row.truth,
    named,
  }));
  const found = new Map<string, TagDoubt>();
  for (const s of all) {
    if (foundRight.has(s.id)) continue;
    const check = checkKey(s, all);
    const row = stations.get(s.id)?.row;
    if (!check || !row || check.verdict === 'none') continue;
    found.set(`${s.truth}/${check.instead}`, {
      sitting: row.sitting,
      quiz: row.quiz_name,
      station: row.number,
    });
  }
  return found;
}
