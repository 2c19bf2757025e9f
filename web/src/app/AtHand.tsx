import type { ReactNode } from 'react';
import { ClassContext, useFoundClass } from './classAtHand.ts';
import { ViewContext, useReadView } from './view.ts';

/** Keeps what every page of somebody signed in shares: the class at hand, and the view. */
export function AtHand({ children }: { children: ReactNode }) {
  const found = useFoundClass();
  const view = useReadView(found);
  return (
    <ClassContext value={found}>
      <ViewContext value={view}>{children}</ViewContext>
    </ClassContext>
  );
}
