import { useEffect, useState } from 'react';
import type { ReactNode } from 'react';

/** Draws parts one after the other, each in a task of its own and after what is around them, where all at once they would hold keys and clicks up. */
export function InTurn({ parts }: { parts: readonly ReactNode[] }) {
  const [drawn, setDrawn] = useState(0);
  useEffect(() => {
    if (drawn >= parts.length) return undefined;
    const next = setTimeout(() => setDrawn(drawn + 1));
    return () => clearTimeout(next);
  }, [drawn, parts.length]);
  return parts.slice(0, drawn);
}
