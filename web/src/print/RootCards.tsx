import { useMemo } from 'react';
import { useParams } from 'react-router';
import { rootCards, useCompared } from '../compare/index.ts';
import { Latin } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';
import './keySheet.css';

/** Name roots as cards to cut out: the root, what it means, and where it stands. */
export function RootCards() {
  const { id = '' } = useParams();
  const { compared } = useCompared(id);
  const cards = useMemo(() => rootCards(compared?.lore.roots ?? []), [compared]);
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Name roots: ${compared?.list.name ?? ''}`}
        about={`${cards.length} cards.`}
        back={`/compare/names?list=${id}`}
        backTo="names"
      />
      {compared && cards.length === 0 ? <p>No roots are recorded for the names of this list.</p> : null}
      <div className="root-cards">
        {cards.map((r) => (
          <article key={`${r.element}/${r.language}/${r.meaning}`} className="root-card">
            <h2>{r.element}</h2>
            <p>
              {r.language}: <b>{r.meaning}</b>
              {r.contested ? ' (contested)' : ''}
            </p>
            <p>
              {r.names.map((n, i) => (
                <span key={n}>
                  {i > 0 ? ', ' : ''}
                  <Latin name={n} />
                </span>
              ))}
            </p>
          </article>
        ))}
      </div>
    </main>
  );
}
