import type { ReactNode } from 'react';
import type { UseQueryResult } from '@tanstack/react-query';
import { ProblemNote } from './ProblemNote.tsx';

/** Shows what was read, or that it is being read, or why it could not be. */
export function Loaded<T>({
  query,
  children,
}: {
  query: UseQueryResult<T>;
  children: (data: T) => ReactNode;
}) {
  if (query.data !== undefined) return <>{children(query.data)}</>;
  if (query.error) {
    return (
      <div className="page-note">
        <ProblemNote error={query.error} onRetry={() => void query.refetch()} />
      </div>
    );
  }
  return (
    <div className="page-note quiet" role="status">
      Reading…
    </div>
  );
}
