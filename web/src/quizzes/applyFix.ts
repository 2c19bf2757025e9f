import type {
  AskBody,
  QuizDetail,
  QuizPlanBody,
  SettingBody,
  SittingChange,
  SittingDetail,
  SittingStation,
  Station,
  StationBody,
} from '@hurrow/contract';
import { HANDLINGS } from '@hurrow/core/conditions';
import type { Handling } from '@hurrow/core/conditions';
import type { Fix } from '@hurrow/core/fairness';

/** A station as it is sent, as it stands. */
export const bodyOf = (station: Station): StationBody & { readonly asks: readonly AskBody[] } => ({
  individual: station.tree.id,
  asks: station.asks.map(({ kind, character, points, params }) => ({ kind, character, points, params })),
  material: station.material,
  distance: station.distance,
  accepts: station.accepts,
  notTellable: station.notTellable,
  clues: station.clues,
});

const SPECIES_NAMES: readonly string[] = ['common', 'scientific', 'either'];

/** Questions with one of the genus in place of those of the species' name, for as many points as the first had. */
export function askingGenus(asks: readonly AskBody[]): readonly AskBody[] {
  const first = asks.find((a) => SPECIES_NAMES.includes(a.kind));
  const rest = asks.filter((a) => !SPECIES_NAMES.includes(a.kind) && a.kind !== 'genus');
  const calls = rest.filter((a) => a.kind === 'call');
  return [
    ...calls,
    { kind: 'genus', character: null, points: first?.points ?? 1 },
    ...rest.filter((a) => a.kind !== 'call'),
  ];
}

/** What is written so that a fix takes effect. */
export type FixStep =
  | { readonly kind: 'station'; readonly body: StationBody }
  | { readonly kind: 'at_sitting'; readonly body: SettingBody }
  | { readonly kind: 'sitting'; readonly body: SittingChange }
  | { readonly kind: 'plan'; readonly body: QuizPlanBody }
  /** Nothing is scheduled yet, so that only the day it is judged for moves. */
  | { readonly kind: 'day'; readonly date: string };

const allowed = (handling: readonly Handling[], more: Handling): readonly Handling[] =>
  HANDLINGS.filter((h) => handling.includes(h) || h === more);

/** Where the sitting has something of its own at a station, a fix changes it there; otherwise at the quiz. */
const ownAtSitting = (station: Station, at: SittingStation | null): boolean =>
  at !== null &&
  (at.distance !== station.distance ||
    [...at.material].sort().join() !== [...station.material].sort().join());

/** Turns a fix of a station into what is written: at the station, at the sitting it is judged for, or in the plan. */
export function stepOf(
  fix: Fix,
  station: Station,
  quiz: Pick<QuizDetail, 'plan' | 'policy'>,
  sitting: Pick<SittingDetail, 'on' | 'handling' | 'wet'> | null,
  at: SittingStation | null,
): FixStep {
  switch (fix.kind) {
    case 'material':
    case 'distance': {
      const own = ownAtSitting(station, at);
      const { material, distance } = own && at ? at : station;
      const next = {
        material: fix.kind === 'material' ? [...material, fix.add] : material,
        distance: fix.kind === 'distance' ? fix.to : distance,
      };
      return own
        ? { kind: 'at_sitting', body: next }
        : { kind: 'station', body: { ...bodyOf(station), ...next } };
    }
    case 'handling':
      return sitting
        ? {
            kind: 'sitting',
            body: { on: sitting.on, wet: sitting.wet, handling: allowed(sitting.handling, fix.allow) },
          }
        : {
            kind: 'plan',
            body: {
              policy: quiz.policy,
              plan: { ...quiz.plan, handling: allowed(quiz.plan.handling, fix.allow) },
            },
          };
    case 'day':
      return sitting
        ? { kind: 'sitting', body: { on: fix.date, wet: sitting.wet, handling: sitting.handling } }
        : { kind: 'day', date: fix.date };
    case 'genus':
      return { kind: 'station', body: { ...bodyOf(station), asks: askingGenus(bodyOf(station).asks) } };
    case 'accept':
      return {
        kind: 'station',
        body: { ...bodyOf(station), accepts: [...new Set([...station.accepts, ...fix.taxa])] },
      };
  }
}
