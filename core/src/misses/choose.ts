import type { MissCall, MissCharacter, MissData, MissLook, MissStation } from './types.ts';

/** An answer before it is known whether it says anything of characters. */
export interface WeighedLook {
  readonly student: string;
  readonly station: number;
  readonly named: string;
  /** The species named, for `right` and `other`. */
  readonly answer: string | null;
  readonly sure: string | null;
  /** Whether the student met this tree at an earlier sitting. */
  readonly metBefore: boolean;
  readonly calls: readonly MissCall[];
}

export interface WeighedStation extends MissStation {
  /** The question check says that its tag, specimen or key is to be checked, and nobody found it right. */
  readonly doubted: boolean;
}

/** Why answers are left out of a fit; each counts once, by the first reason. */
export const LEFT_OUT = ['doubted', 'not_named', 'guessing', 'met_before', 'not_recorded'] as const;
export type LeftOut = (typeof LEFT_OUT)[number];

export interface ChosenLooks {
  readonly data: MissData;
  readonly leftOut: Readonly<Record<LeftOut, number>>;
}

function reasonFor(look: WeighedLook, station: WeighedStation): LeftOut | null {
  if (station.doubted) return 'doubted';
  if (look.answer === null || (look.named !== 'right' && look.named !== 'other')) return 'not_named';
  if (look.sure === 'guessing') return 'guessing';
  if (look.metBefore) return 'met_before';
  const rival = station.rivals.find((r) => r.taxon === look.answer);
  return rival?.verdict === 'unproven' ? 'not_recorded' : null;
}

/**
 * Chooses the answers that say something of characters: names of the list, not guessed, at trees the student met for the
 * first time, where what separates the name from the tree is recorded and the tag is not in doubt.
 * Source: docs/formulas.md, The miss model.
 */
export function chooseLooks(
  stations: readonly WeighedStation[],
  looks: readonly WeighedLook[],
  characters: readonly MissCharacter[],
): ChosenLooks {
  const leftOut = { doubted: 0, not_named: 0, guessing: 0, met_before: 0, not_recorded: 0 };
  const kept: MissLook[] = [];
  for (const look of looks) {
    const station = stations[look.station];
    if (!station) continue;
    const reason = reasonFor(look, station);
    if (reason !== null) leftOut[reason] += 1;
    else
      kept.push({
        student: look.student,
        station: look.station,
        named: look.answer ?? '',
        calls: look.calls,
      });
  }
  return { data: { stations, looks: kept, characters: charactersIn(stations, kept, characters) }, leftOut };
}

/** Characters that separate anything at the stations, or were called. */
function charactersIn(
  stations: readonly WeighedStation[],
  looks: readonly MissLook[],
  characters: readonly MissCharacter[],
): readonly MissCharacter[] {
  const groups = new Map(characters.map((c) => [c.id, c.group]));
  const used = new Set<string>();
  const use = (id: string): void => void used.add(groups.get(id) ?? id);
  for (const at of new Set(looks.map((l) => l.station)))
    for (const r of stations[at]?.rivals ?? []) for (const t of r.tells) use(t.character);
  for (const l of looks) for (const c of l.calls) use(c.character);
  return characters.filter((c) => used.has(c.group));
}
