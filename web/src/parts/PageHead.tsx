import { useEffect } from 'react';
import type { ReactNode } from 'react';

/** The head of a page: what it is, one quiet line about it, and what can be done. */
export function PageHead({
  title,
  name,
  about,
  actions,
}: {
  title: ReactNode;
  /** The title as plain text, for the window. */
  name: string;
  about?: ReactNode;
  actions?: ReactNode;
}) {
  useEffect(() => {
    document.title = `${name} · Hurrow`;
  }, [name]);
  return (
    <header className="page-head">
      <div>
        <h1>{title}</h1>
        {about ? <div className="quiet">{about}</div> : null}
      </div>
      {actions ? <div className="page-actions">{actions}</div> : null}
    </header>
  );
}
