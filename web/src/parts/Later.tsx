import { useDeferredValue } from 'react';
import type { ReactNode } from 'react';

/**
 * Draws what is large after the page around it stands. What comes with an answer of the server or a press is drawn in one
 * piece else, and a board of a few hundred elements holds keys and clicks up for a fifth of a second; this part is drawn in
 * slices between them.
 */
export function Later({ children, meanwhile = null }: { children: () => ReactNode; meanwhile?: ReactNode }) {
  const isTime = useDeferredValue(true, false);
  return isTime ? children() : meanwhile;
}
