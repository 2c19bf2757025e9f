import { addDays } from '../conditions/index.ts';

export type RunState = 'draft' | 'locked' | 'open' | 'closed' | 'graded' | 'returned';

/** Another run of a quiz, as far as it decides what must stay secret. */
export interface OtherSitting {
  readonly id: string;
  readonly quiz: string;
  readonly section: string;
  /** ISO date; null for a draft without one. */
  readonly on: string | null;
  readonly state: RunState;
  readonly makeUp: boolean;
  /** The trees and specimens of its stations. */
  readonly individuals: ReadonlySet<string>;
}

/** A station of the sitting whose results are returned. */
export interface ReturnedStation {
  readonly id: string;
  readonly individual: string;
}

export interface StationHold {
  readonly station: string;
  readonly sitting: string;
  readonly reason: 'same_quiz' | 'same_tree';
  /** Last day on which it is held, ISO; null while the other sitting is open, whatever its date. */
  readonly until: string | null;
}

export const HOLD_DAYS = 7;

const isOver = (state: RunState): boolean => state === 'closed' || state === 'graded' || state === 'returned';

/** Whether a sitting lies ahead: open now, or dated from today to `days` later. */
function isAhead(s: OtherSitting, today: string, days: number): boolean {
  if (s.makeUp || isOver(s.state)) return false;
  if (s.state === 'open') return true;
  return s.on !== null && s.on >= today && s.on <= addDays(today, days);
}

/**
 * Which stations of a sitting are held back, so that what is returned to one class does not give away what another
 * still has ahead: every station while another section's dated sitting of the same quiz lies ahead, and a single one
 * while a locked or open sitting of any quiz uses its tree. Undated drafts, make-ups and sittings that are over never
 * hold. Where several sittings hold a station, the one that holds it longest is named.
 * @param days how far ahead a sitting may lie.
 * Source: docs/domain.md, Stations held back.
 */
export function stationHolds(
  own: { readonly quiz: string; readonly section: string },
  stations: readonly ReturnedStation[],
  others: readonly OtherSitting[],
  today: string,
  days: number = HOLD_DAYS,
): readonly StationHold[] {
  const ahead = others.filter((o) => isAhead(o, today, days));
  return stations.flatMap(({ id, individual }): StationHold[] => {
    const holding = ahead.flatMap((o): StationHold[] => {
      const until = o.state === 'open' ? null : o.on;
      if (o.quiz === own.quiz && o.section !== own.section)
        return [{ station: id, sitting: o.id, reason: 'same_quiz', until }];
      if (o.state !== 'draft' && o.individuals.has(individual))
        return [{ station: id, sitting: o.id, reason: 'same_tree', until }];
      return [];
    });
    const last = (h: StationHold): string => h.until ?? '9999-12-31';
    const [longest] = [...holding].sort((a, b) => last(b).localeCompare(last(a)));
    return longest ? [longest] : [];
  });
}
