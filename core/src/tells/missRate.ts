import type { Character } from '../characters/index.ts';

/** How often a look at a character goes wrong, and where the figure comes from. */
export interface MissRate {
  readonly rate: number;
  /** How many looks it counts for. */
  readonly weight: number;
  /** `vocabulary`: what is known of learners in general; a class's own looks have not been fitted. */
  readonly base: 'vocabulary';
}

/** Nobody reads a character without ever being wrong. Source: 3-computation, section 3. */
const LEAST = 0.01;

/**
 * How often a character is misread though looked at. Every figure that rests on a class's miss rates asks here; until
 * they can be fitted it gives the vocabulary's prior and says so.
 */
export const missRate = (c: Character): MissRate => ({
  rate: Math.max(LEAST, c.misread[0]),
  weight: c.misread[1],
  base: 'vocabulary',
});

/** Ease of a character, less is easier: its effort, the handling it needs, and how often it is misread. */
export const easeOf = (c: Character): number => c.effort + c.needs.length * 0.5 + missRate(c).rate;
