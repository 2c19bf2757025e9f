import type { ReactNode } from 'react';

/** An empty place: what is missing and what to do next. */
export function Nothing({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="nothing">
      <h2>{title}</h2>
      <div>{children}</div>
    </div>
  );
}
