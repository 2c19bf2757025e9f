import { median } from '../numbers/index.ts';
import type { Frequency, MergePolicy, RangeValue, Statement, StatesValue, Value } from './types.ts';

/** What is shown by one source and ruled out by another is shown; what is mistaken for it may be ruled out as well. */
const ORDER: readonly Frequency[] = ['usual', 'sometimes', 'rare', 'never', 'mistaken_for'];
const stronger = (a: Frequency, b: Frequency): Frequency => (ORDER.indexOf(a) <= ORDER.indexOf(b) ? a : b);

export interface Merged {
  readonly value: Value;
  readonly tied: boolean;
}

function unionStates(values: readonly StatesValue[]): StatesValue {
  const [first] = values;
  if (first && values.length === 1) return first;
  const found = new Map<string, Frequency>();
  for (const v of values) {
    for (const s of v.states) {
      const had = found.get(s.state);
      found.set(s.state, had ? stronger(had, s.freq) : s.freq);
    }
  }
  return { kind: 'states', states: [...found].map(([state, freq]) => ({ state, freq })) };
}

/** All of them open above; a source that knows the top closes the others. */
const areOpen = (values: readonly RangeValue[]): boolean => values.every((v) => v.more);

function envelope(values: readonly RangeValue[]): RangeValue {
  if (areOpen(values)) return openFrom(values, Math.min(...values.map((v) => v.low)));
  const low = Math.min(...values.map((v) => v.low));
  const high = Math.max(...values.map((v) => v.high));
  const xlow = Math.min(...values.map((v) => v.xlow ?? v.low));
  const xhigh = Math.max(...values.map((v) => v.xhigh ?? v.high));
  return {
    kind: 'range',
    xlow: xlow < low ? xlow : null,
    low,
    high,
    xhigh: xhigh > high ? xhigh : null,
    entered: values.map((v) => v.entered).join('; '),
  };
}

const openFrom = (values: readonly RangeValue[], low: number): RangeValue => ({
  kind: 'range',
  xlow: null,
  low,
  high: low,
  xhigh: null,
  more: true,
  entered: values.map((v) => v.entered).join('; '),
});

function medianRange(all: readonly RangeValue[]): RangeValue {
  if (areOpen(all)) return openFrom(all, median(all.map((v) => v.low)) ?? 0);
  const values = all.filter((v) => !v.more);
  const low = median(values.map((v) => v.low)) ?? 0;
  const high = median(values.map((v) => v.high)) ?? 0;
  const outer = envelope(values);
  return {
    kind: 'range',
    xlow: outer.xlow !== null && outer.xlow < low ? outer.xlow : null,
    low,
    high,
    xhigh: outer.xhigh !== null && outer.xhigh > high ? outer.xhigh : null,
    entered: outer.entered,
  };
}

/** One vote a source; the states said by most are kept, a tie keeps all that tie and says so. */
function majority(values: readonly StatesValue[]): Merged {
  const signature = (v: StatesValue): string =>
    v.states
      .filter((s) => s.freq === 'usual')
      .map((s) => s.state)
      .sort()
      .join('|');
  const votes = new Map<string, StatesValue[]>();
  for (const v of values) votes.set(signature(v), [...(votes.get(signature(v)) ?? []), v]);
  const most = Math.max(...[...votes.values()].map((g) => g.length));
  const leaders = [...votes.values()].filter((g) => g.length === most);
  return { value: unionStates(leaders.flat()), tied: leaders.length > 1 };
}

/**
 * The value in use when several sources state one character of one taxon. Source: docs/domain.md, Sources
 * that disagree. *widest* is the union or envelope, *typical* the majority or the median of bounds, *preferred*
 * the first of the statements given (sorted by the rank of their source).
 * @param statements at least one, best source first.
 */
export function mergeStatements(statements: readonly Statement[], policy: MergePolicy): Merged {
  const [first] = statements;
  if (!first) throw new RangeError('mergeStatements needs at least one statement');
  if (statements.length === 1 || policy === 'preferred') return { value: first.value, tied: false };
  const states = statements.map((s) => s.value).filter((v): v is StatesValue => v.kind === 'states');
  const ranges = statements.map((s) => s.value).filter((v): v is RangeValue => v.kind === 'range');
  if (ranges.length > 0) {
    return { value: policy === 'widest' ? envelope(ranges) : medianRange(ranges), tied: false };
  }
  if (states.length > 0) {
    return policy === 'widest' ? { value: unionStates(states), tied: false } : majority(states);
  }
  return { value: first.value, tied: false };
}
