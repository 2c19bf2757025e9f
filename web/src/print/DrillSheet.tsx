import { useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Segmented from 'antd/es/segmented';
import { DRILLS, drillSheet } from '@hurrow/core/reteach';
import type { Drill } from '@hurrow/core/reteach';
import { hash } from '@hurrow/core/plates';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { sayName, useTrayProfiles } from '../compare/index.ts';
import { DRILL_WORDS, drillValueWords } from '../reteach/index.ts';
import type { Saying } from '../reteach/index.ts';
import { DrawnOnCard } from './drawnCard.tsx';
import { PrintBar } from './PrintBar.tsx';
import './contrastPaper.css';
import '../plates/plates.css';

/** One individual drawn again and again with one character varied and the rest held still, with the answers on a page of their own. */
export function DrillSheet() {
  const { id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const { place, ready } = useHere();
  const ids = useMemo(() => [id], [id]);
  const [laid] = useTrayProfiles(ids, vocabulary, place, ready) ?? [];
  const drills = useMemo(
    () =>
      laid && vocabulary
        ? DRILLS.flatMap((drill) => {
            const sheet = drillSheet(laid.described, drill, vocabulary, hash(id));
            return sheet ? [{ drill, sheet }] : [];
          })
        : [],
    [laid, vocabulary, id],
  );
  const chosen = drills.find((d) => d.drill === search.get('vary')) ?? drills[0];
  const name = laid ? sayName(laid.header, wording) : '';
  const say: Saying | null = vocabulary ? { names: [name, name], vocabulary, wording } : null;
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Drill sheet: ${name}`}
        about="One thing differs from drawing to drawing, and nothing else."
        back={`/species/${id}`}
        backTo="the species"
      />
      {drills.length > 1 ? (
        <p className="no-print">
          <Segmented<Drill>
            aria-label="What differs"
            value={chosen?.drill ?? 'margin'}
            options={drills.map((d) => ({ value: d.drill, label: DRILL_WORDS[d.drill] }))}
            onChange={(drill) =>
              setSearch((before) => {
                const next = new URLSearchParams(before);
                next.set('vary', drill);
                return next;
              })
            }
          />
        </p>
      ) : null}
      {!laid || !say ? (
        <p className="quiet">Reading…</p>
      ) : !chosen ? (
        <p role="status">
          Too little is recorded of {name} to draw it with one character varied. Record its leaves and twigs
          first.
        </p>
      ) : (
        <>
          <section className="worksheet" aria-label="Drill sheet">
            <header>
              <h1>One thing differs: {DRILL_WORDS[chosen.drill]}</h1>
              <span>
                Student number <span className="answer-line short" />
              </span>
            </header>
            <p>All of these are one individual of {name}. Write what differs under each.</p>
            <div className="worksheet-drawings">
              {chosen.sheet.drawings.map((d, i) => (
                <figure key={String(d.value)}>
                  <DrawnOnCard drawing={d.drawing} label={`Drawing ${i + 1}`} />
                  <figcaption>
                    <b className="number">{i + 1}</b>
                    <span className="answer-line" />
                  </figcaption>
                </figure>
              ))}
            </div>
          </section>
          <section className="answer-page" aria-label="Answers">
            <h1>Answers: {DRILL_WORDS[chosen.drill]}</h1>
            <p>One of these is usual for {name}; the others are drawn for practice.</p>
            <ul className="paper-names">
              {chosen.sheet.drawings.map((d, i) => (
                <li key={String(d.value)}>
                  {i + 1} {drillValueWords(chosen.drill, chosen.sheet.character, d.value, say)}
                </li>
              ))}
            </ul>
          </section>
        </>
      )}
    </main>
  );
}
