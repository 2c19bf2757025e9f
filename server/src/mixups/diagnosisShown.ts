import { shownStates } from '@hurrow/core/characters';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { isTaughtSo } from '@hurrow/core/mixups';
import type { StateCall } from '@hurrow/core/mixups';
import { acceptedCall, gradeValue } from '@hurrow/core/quizzes';
import { shownValue } from '@hurrow/core/stations';
import { separate } from '@hurrow/core/tells';
import type { CalledRow, ShownRow } from './diagnosisGround.ts';

/** What stations show, by station, revision and character. */
export interface Shown {
  readonly at: (station: string, rev: number, character: string) => Value | undefined;
  /** Characters whose certified state is beyond all that the profile of the species allows. */
  readonly contradicted: (station: string, rev: number) => readonly string[];
  /** Characters that were checked at the tree and differ from its profile. */
  readonly differing: (station: string, rev: number) => readonly ShownRow[];
}

export function shownOf(rows: readonly ShownRow[], vocabulary: Vocabulary): Shown {
  const values = new Map(rows.map((r) => [`${r.station}/${r.rev}/${r.character}`, r]));
  const certified = new Map<string, ShownRow[]>();
  for (const r of rows) {
    if (!r.certified || !r.profile) continue;
    const key = `${r.station}/${r.rev}`;
    certified.set(key, [...(certified.get(key) ?? []), r]);
  }
  const isBeyond = ({ character, certified: own, profile }: ShownRow): boolean => {
    const c = vocabulary.get(character);
    if (!c || !own || !profile) return false;
    const s = separate(c, own, profile);
    return s.kind === 'tell' && s.strength === 'clean';
  };
  const at = (station: string, rev: number): readonly ShownRow[] => certified.get(`${station}/${rev}`) ?? [];
  return {
    at: (station, rev, character) => {
      const row = values.get(`${station}/${rev}/${character}`);
      return row ? shownValue(row) : undefined;
    },
    contradicted: (station, rev) =>
      at(station, rev)
        .filter(isBeyond)
        .map((r) => r.character),
    differing: (station, rev) =>
      at(station, rev).filter((r) => JSON.stringify(r.certified) !== JSON.stringify(r.profile)),
  };
}

/**
 * Characters of a station that its class calls as the profile has them, where what was checked at the tree differs.
 * @param calls every look at the station.
 */
export function taughtSo(
  calls: readonly CalledRow[],
  differing: readonly ShownRow[],
  vocabulary: Vocabulary,
): readonly string[] {
  return differing.flatMap(({ character, profile, certified }) => {
    const c = vocabulary.get(character);
    if (!c || !profile || !certified) return [];
    const said = calls.flatMap((l) => l.calls.filter((k) => k.character === character));
    const asProfile = said.filter(
      (k) =>
        gradeValue(k.value, acceptedCall(c, profile)).outcome === 'right' &&
        gradeValue(k.value, acceptedCall(c, certified)).outcome === 'wrong',
    );
    return isTaughtSo(asProfile.length, said.length) ? [character] : [];
  });
}

/** What students called where one state is shown, by student. */
export function stateCalls(
  rows: readonly CalledRow[],
  shown: Shown,
): ReadonlyMap<string, readonly StateCall[]> {
  const by = new Map<string, StateCall[]>();
  for (const l of rows)
    for (const { character, value } of l.calls) {
      const own = shown.at(l.sitting_station, l.key_rev, character);
      if (value.kind !== 'state' || own?.kind !== 'states') continue;
      const states = shownStates(own);
      const [only] = states;
      if (!only || states.length > 1) continue;
      const of = by.get(l.student) ?? [];
      of.push({ character, shown: only.state, called: value.state });
      by.set(l.student, of);
    }
  return by;
}
