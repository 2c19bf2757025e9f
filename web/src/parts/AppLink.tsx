import type { ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { withView } from '../app/index.ts';

/** A link that carries the conditions along. */
export function AppLink({
  to,
  children,
  className,
}: {
  to: string;
  children: ReactNode;
  className?: string;
}) {
  const [search] = useSearchParams();
  return (
    <Link to={withView(to, search)} {...(className ? { className } : {})}>
      {children}
    </Link>
  );
}
