import { isBroader, shownStates } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';

/** A call: the state a student gave, or that the character does not apply. */
export type Call = { readonly state: string } | { readonly inapplicable: true };

export type CallOutcome = 'right' | 'wrong' | 'coarse' | 'not_recorded';

/**
 * Is a called state one the individual (or its profile) shows? A broader term than the recorded one is *coarse*:
 * not wrong, but less than was asked. Sometimes and rare states are right: the tree may show them.
 */
export function judgeCall(character: Character, call: Call, value: Value | undefined): CallOutcome {
  if (!value) return 'not_recorded';
  if ('inapplicable' in call) return value.kind === 'inapplicable' ? 'right' : 'wrong';
  if (value.kind === 'inapplicable') return 'wrong';
  if (value.kind === 'range') {
    const n = Number(call.state);
    return n >= (value.xlow ?? value.low) && (value.more || n <= (value.xhigh ?? value.high))
      ? 'right'
      : 'wrong';
  }
  const shown = shownStates(value).map((s) => s.state);
  if (shown.length === 0) return 'not_recorded';
  if (shown.includes(call.state)) return 'right';
  if (shown.some((s) => isBroader(character, s, call.state))) return 'right';
  return shown.some((s) => isBroader(character, call.state, s)) ? 'coarse' : 'wrong';
}
