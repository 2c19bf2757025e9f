import type { ReactNode } from 'react';
import type { UseQueryResult } from '@tanstack/react-query';
import { Later } from './Later.tsx';
import { ProblemNote } from './ProblemNote.tsx';

const Reading = () => (
  <div className="page-note quiet" role="status">
    Reading…
  </div>
);

/** Shows what was read, or that it is being read, or why it could not be. */
export function Loaded<T>({
  query,
  children,
}: {
  query: UseQueryResult<T>;
  children: (data: T) => ReactNode;
}) {
  const { data } = query;
  if (data !== undefined) return <Later meanwhile={<Reading />}>{() => children(data)}</Later>;
  if (query.error) {
    return (
      <div className="page-note">
        <ProblemNote error={query.error} onRetry={() => void query.refetch()} />
      </div>
    );
  }
  return <Reading />;
}
