import { useEffect, useState } from 'react';
import type { ReactNode } from 'react';

/**
 * Counts parts of a page up, one a task, so that they are drawn one after the other and after what is around them.
 * @returns how many of `count` parts are to be drawn now.
 */
export function useInTurn(count: number): number {
  const [drawn, setDrawn] = useState(0);
  useEffect(() => {
    if (drawn >= count) return undefined;
    const next = setTimeout(() => {
      // What was drawn last gets its places now. Left to the next frame, all parts would get theirs in one task after all.
      void document.body.offsetHeight;
      setDrawn(drawn + 1);
    });
    return () => clearTimeout(next);
  }, [drawn, count]);
  return drawn;
}

/** Draws parts one after the other, each in a task of its own, where all at once they would hold keys and clicks up. */
export function InTurn({ parts }: { parts: readonly ReactNode[] }) {
  return parts.slice(0, useInTurn(parts.length));
}
