import { DrawnOnCard } from './drawnCard.tsx';
import { PrintBar } from './PrintBar.tsx';
import { useContrastPaper } from './useContrastPaper.ts';
import { namesByNumber, useDrawnCards } from './useDrawnCards.ts';
import './contrastPaper.css';
import '../plates/plates.css';

const EACH = 4;

/** Cards of drawn individuals of two look-alikes to cut and sort, with the names on a page of their own. */
export function ContrastCards() {
  const { contrast, gone, names, title, back } = useContrastPaper();
  const cards = useDrawnCards(contrast, EACH);
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Cards to cut: ${title}`}
        about="Cut along the lines; the names are on the last page."
        back={back}
        backTo="the lesson"
      />
      {!contrast ? (
        <p className="quiet">{gone ? 'This pair is not in the library.' : 'Reading…'}</p>
      ) : cards.length === 0 ? (
        <p role="status">
          Too little is recorded of the two to draw them. Record the shape of their leaves first.
        </p>
      ) : (
        <>
          <div className="cut-cards">
            {cards.map((c, i) => (
              <figure key={i} className="cut-card">
                <DrawnOnCard drawing={c.drawing} label={`Card ${i + 1}`} />
                <figcaption>
                  <b className="number">{i + 1}</b>
                </figcaption>
              </figure>
            ))}
          </div>
          <section className="answer-page" aria-label="Names of the cards">
            <h1>
              Names: {names[0]} and {names[1]}
            </h1>
            <p>Each card is another individual, drawn within what is recorded of its species.</p>
            <ul className="paper-names">
              {namesByNumber(cards, names).map((n) => (
                <li key={n}>{n}</li>
              ))}
            </ul>
          </section>
        </>
      )}
    </main>
  );
}
