import { useEffect } from 'react';
import Button from 'antd/es/button';
import './print.css';

/** What stands above a printed page on the screen only. */
export function PrintBar({
  title,
  about,
  back,
  backTo = 'the sitting',
}: {
  title: string;
  about: string;
  back: string;
  backTo?: string;
}) {
  useEffect(() => {
    document.title = `${title} · Hurrow`;
  }, [title]);
  return (
    <header className="print-bar">
      <h1>{title}</h1>
      <span className="quiet">{about}</span>
      <span className="spring" />
      <Button href={back}>Back to {backTo}</Button>
      <Button type="primary" onClick={() => window.print()}>
        Print
      </Button>
    </header>
  );
}
