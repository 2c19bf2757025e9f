import type { Item } from './items.ts';
import type { KeyCheck } from './keyCheck.ts';
import type { Reliability } from './reliability.ts';

/** What a station's answers ask its instructor to do, the most pressing first. */
export const ADVICE = [
  'check_tag',
  'look_at_tag',
  'misleads',
  'nobody',
  'mixed_up',
  'few',
  'everybody',
  'fine',
] as const;
export type Advice = (typeof ADVICE)[number];

/** Fewer right than this share is few. */
const FEW = 0.3;
/** One or two who went astray are no pattern, whatever r says. */
const PATTERN = 3;

const isPattern = ({ facility, n }: Item): boolean => Math.min(facility, 1 - facility) * n > PATTERN - 0.5;

/**
 * What to do about a station.
 * @param foundRight whether somebody looked and found its tag right.
 */
export function adviceFor(item: Item, check: KeyCheck | null, foundRight: boolean): Advice {
  if (check?.verdict === 'check' && !foundRight) return 'check_tag';
  if (check?.verdict === 'hint' && !foundRight) return 'look_at_tag';
  if (item.correlation.is === 'known' && item.correlation.flagged && isPattern(item)) return 'misleads';
  if (item.facility === 0) return 'nobody';
  if (check && check.namedAsInstead >= PATTERN && check.namedAsInstead > check.namedAsTag) return 'mixed_up';
  if (item.facility === 1) return 'everybody';
  return item.facility < FEW ? 'few' : 'fine';
}

/** How far the order of students can be relied on. */
export type Steadiness = 'steady' | 'fair' | 'loose';
const STEADY = 0.8;
const FAIR = 0.6;
/** Below this, how many stations would be needed is a guess about a guess. */
const LEAST_TO_REACH = 0.2;

export const steadiness = (value: number): Steadiness =>
  value >= STEADY ? 'steady' : value >= FAIR ? 'fair' : 'loose';

/**
 * How many more stations of the kind would make the order steady (Spearman and Brown 1910); null where it is steady, or
 * nobody can know. Source: docs/formulas.md, Was the quiz sound.
 */
export function stationsMissing(reliability: Reliability): number | null {
  if (reliability.is === 'undefined') return null;
  const { value, stations } = reliability;
  if (value >= STEADY || value < LEAST_TO_REACH) return null;
  const times = (STEADY * (1 - value)) / (value * (1 - STEADY));
  return Math.ceil(stations * times - 1e-9) - stations;
}
