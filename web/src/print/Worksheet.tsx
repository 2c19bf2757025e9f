import { Check, Looks, checkLines } from '../reteach/index.ts';
import { DrawnOnCard } from './drawnCard.tsx';
import { PrintBar } from './PrintBar.tsx';
import { useContrastPaper } from './useContrastPaper.ts';
import { namesByNumber, useDrawnCards } from './useDrawnCards.ts';
import './contrastPaper.css';
import '../plates/plates.css';

const EACH = 3;

/** A worksheet on two look-alikes: drawings to name with the look that told, questions, and the answers on a page of their own. */
export function Worksheet() {
  const { contrast, gone, names, title, back } = useContrastPaper();
  const cards = useDrawnCards(contrast, EACH);
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Worksheet: ${title}`}
        about="One page, and the answers on another."
        back={back}
        backTo="the lesson"
      />
      {!contrast ? (
        <p className="quiet">{gone ? 'This pair is not in the library.' : 'Reading…'}</p>
      ) : (
        <>
          <section className="worksheet" aria-label="Worksheet">
            <header>
              <h1>
                {names[0].charAt(0).toUpperCase() + names[0].slice(1)} or {names[1]}?
              </h1>
              <span>
                Student number <span className="answer-line short" />
              </span>
            </header>
            <p>Write the name under each drawing, and the look that told you.</p>
            <div className="worksheet-drawings">
              {cards.map((c, i) => (
                <figure key={i}>
                  <DrawnOnCard drawing={c.drawing} label={`Drawing ${i + 1}`} />
                  <figcaption>
                    <b className="number">{i + 1}</b>
                    <span className="answer-line" />
                    <span className="answer-line" />
                  </figcaption>
                </figure>
              ))}
            </div>
            {contrast.plan.check.length > 0 ? (
              <>
                <h2>Questions</h2>
                <Check contrast={contrast} answers={false} />
              </>
            ) : null}
          </section>
          <section className="answer-page" aria-label="Answers">
            <h1>
              Answers: {names[0]} and {names[1]}
            </h1>
            <ul className="paper-names">
              {namesByNumber(cards, names).map((n) => (
                <li key={n}>{n}</li>
              ))}
            </ul>
            <h2>Look in this order</h2>
            <Looks contrast={contrast} />
            <h2>Questions</h2>
            <ol className="check-questions">
              {checkLines(contrast.plan.check, contrast.plan.looks, contrast.say).map((l, i) => (
                <li key={i}>{l.answer}</li>
              ))}
            </ol>
          </section>
        </>
      )}
    </main>
  );
}
