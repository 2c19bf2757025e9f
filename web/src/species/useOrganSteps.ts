import { useState } from 'react';
import type { Organ } from '@hurrow/core/conditions';
import { useShortcuts } from '../app/index.ts';

/** Where in the rail one stands, with the keys that step along it. */
export function useOrganSteps(organs: readonly Organ[]): {
  readonly at: Organ;
  readonly goTo: (organ: Organ) => void;
} {
  const [at, setAt] = useState<Organ>('form');
  const goTo = (organ: Organ): void => {
    setAt(organ);
    document.getElementById(`organ-${organ}`)?.scrollIntoView({ block: 'start' });
  };
  const step = (by: number): void => {
    const next = organs[Math.max(0, Math.min(organs.length - 1, organs.indexOf(at) + by))];
    if (next) goTo(next);
  };
  useShortcuts([
    { keys: 'n', does: 'Next organ', run: () => step(1) },
    { keys: 'p', does: 'Previous organ', run: () => step(-1) },
  ]);
  return { at, goTo };
}
