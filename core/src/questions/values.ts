import type { Profile, RangeValue } from '../characters/index.ts';

/** The usual states of a character in a profile; empty where it is not described by states. */
export function usualStates(profile: Profile, character: string): readonly string[] {
  const value = profile.get(character)?.value;
  return value?.kind === 'states' ? value.states.filter((s) => s.freq === 'usual').map((s) => s.state) : [];
}

export function rangeOf(profile: Profile, character: string): RangeValue | null {
  const value = profile.get(character)?.value;
  return value?.kind === 'range' ? value : null;
}

/** The middle of a range; the geometric one, since lengths spread by factors. */
export const middle = (r: RangeValue): number =>
  r.low > 0 ? Math.sqrt(r.low * r.high) : (r.low + r.high) / 2;
