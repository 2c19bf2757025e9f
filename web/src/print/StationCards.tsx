import { useState } from 'react';
import { useParams } from 'react-router';
import Checkbox from 'antd/es/checkbox';
import { CLUE_WORDS, DISTANCE_WORDS, HAZARD_WORDS } from '@hurrow/contract';
import type { SittingDetail, SittingStation } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { allowedHandling, showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { HANDLING_LABELS, MATERIAL_LABELS, useSession, useVocabulary } from '../app/index.ts';
import { Loaded, SketchView } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';

function Card({ sitting, at, withCode }: { sitting: SittingDetail; at: SittingStation; withCode: boolean }) {
  const { today } = useSession();
  const vocabulary = useVocabulary();
  const { tree, asks, number } = at.station;
  const hazards = [...new Set([...tree.cautions.map((c) => c.hazard), ...tree.hazards])];
  const may = allowedHandling(sitting.handling, tree.cautions);
  return (
    <article className="card">
      <div className="card-number">{number}</div>
      <div className="card-body">
        <p>
          <b>What you have:</b> {at.material.map((m) => MATERIAL_LABELS[m]).join(', ')},{' '}
          {DISTANCE_WORDS[at.distance]}
        </p>
        <p>
          <b>You may:</b> {may.map((h) => HANDLING_LABELS[h]).join(', ')}
        </p>
        {at.drawn.length > 0 ? (
          <div className="card-plates">
            {at.drawn.map((s, i) => (
              <SketchView
                key={i}
                sketch={s}
                label={`Drawing ${i + 1} of station ${number}`}
                className="card-plate"
              />
            ))}
          </div>
        ) : null}
        <ol className="card-asks">
          {asks.map((a) => {
            const c = vocabulary?.get(a.character ?? '');
            return (
              <li key={a.id}>
                {a.params
                  ? a.params.prompt
                  : a.kind === 'call'
                    ? c
                      ? `${characterWords(c, 'plain')} (${c.term})`
                      : ''
                    : a.kind === 'sureness'
                      ? 'How sure are you?'
                      : a.kind === 'either'
                        ? 'Common or scientific name'
                        : `${a.kind.charAt(0).toUpperCase()}${a.kind.slice(1)}${a.kind === 'genus' || a.kind === 'family' ? '' : ' name'}`}
              </li>
            );
          })}
        </ol>
        {at.station.clues.length > 0 ? (
          <p>
            <b>Look first at:</b> {CLUE_WORDS[at.station.clues[0]?.organ ?? 'far']}. Then open, for points:{' '}
            {at.station.clues
              .slice(1)
              .map((c) => `${CLUE_WORDS[c.organ]} (−${c.cost})`)
              .join(', ')}
            .
          </p>
        ) : null}
        {hazards.length > 0 ? (
          <div className="card-caution">
            {hazards
              .map((h) => HAZARD_WORDS[h] ?? '')
              .sort()
              .map((w) => (
                <p key={w}>! {w}</p>
              ))}
          </div>
        ) : null}
        <footer className="card-foot">
          {sitting.quizName}, {sitting.sectionName}, {showDate(sitting.on, today)}
          {withCode && sitting.code ? ` · Phones: code ${sitting.code}` : ''}
        </footer>
      </div>
    </article>
  );
}

/** Cards to hang at the stations, two on a page. Nothing on them differs by species but what is asked. */
export function StationCards() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  const [withCode, setWithCode] = useState(false);
  return (
    <Loaded query={sitting}>
      {(s) => (
        <main className="sheet-of-print">
          <PrintBar
            title="Station cards"
            about={`${s.stations.length} stations, two on a page.`}
            back={`/quizzes/${s.quiz}/sittings/${s.id}`}
          />
          {s.code ? (
            <p className="print-bar">
              <Checkbox checked={withCode} onChange={(e) => setWithCode(e.target.checked)}>
                Print the join code on the cards
              </Checkbox>
            </p>
          ) : null}
          {s.stations.map((at) => (
            <Card key={at.id} sitting={s} at={at} withCode={withCode} />
          ))}
        </main>
      )}
    </Loaded>
  );
}
