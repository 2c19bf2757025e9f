import { seeded } from '../numbers/index.ts';

/** A seeded source of chance: the same seed gives the same drawing. */
export interface Chance {
  /** From 0 up to 1. */
  readonly next: () => number;
  /** Standard normal. */
  readonly normal: () => number;
  /** From low to high. */
  readonly between: (low: number, high: number) => number;
  /** A source of its own for one part, so that a change there leaves the other parts as they are. */
  readonly fork: (name: string) => Chance;
}

/** A text as a number (FNV-1a, 32 bits). */
export function hash(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}

/** A source of chance over a seed. */
export function chance(seed: number): Chance {
  const next = seeded(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  return {
    next,
    normal,
    between: (low, high) => low + (high - low) * next(),
    fork: (name) => chance((seed ^ hash(name)) >>> 0),
  };
}

/** A smooth wandering around zero along 0 to 1, of about the given size. */
export function wander(c: Chance, size: number, knots = 5): (t: number) => number {
  const at = Array.from({ length: knots + 1 }, () => c.between(-size, size));
  return (t) => {
    const x = Math.max(0, Math.min(0.9999, t)) * knots;
    const i = Math.floor(x);
    const f = (1 - Math.cos(Math.PI * (x - i))) / 2;
    return (at[i] ?? 0) * (1 - f) + (at[i + 1] ?? 0) * f;
  };
}
