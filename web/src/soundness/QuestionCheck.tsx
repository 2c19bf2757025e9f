import { Suspense, lazy, useState } from 'react';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { SittingDetail, SoundStation, Soundness } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { FEWEST_COMMON } from '@hurrow/core/soundness';
import { useRead } from '../api/index.ts';
import { useMayTeach, useSession } from '../app/index.ts';
import { Loaded, counted } from '../parts/index.ts';
import { StationsTable } from './StationsTable.tsx';
import { TagDialog } from './TagDialog.tsx';
import {
  adviceWords,
  detailLines,
  isFlat,
  pressing,
  reliabilityWords,
  stationName,
  tooFewWords,
} from './words.ts';
import './soundness.css';

const OnOneScale = lazy(async () => ({ default: (await import('./Charts.tsx')).OnOneScale }));
const ThroughTime = lazy(async () => ({ default: (await import('./Charts.tsx')).ThroughTime }));

const chartWait = <p className="quiet">Drawing…</p>;

/** Stations that ask for something, most pressing first, each with its act. */
function Pressing({
  stations,
  onDecide,
}: {
  stations: readonly SoundStation[];
  onDecide: ((s: SoundStation) => void) | null;
}) {
  const all = pressing(stations);
  if (all.length === 0) return <p>Every station did its work. Nothing to change.</p>;
  return (
    <ol className="pressing" aria-label="What to do">
      {all.map((s) => {
        const isTag = s.advice === 'check_tag' || s.advice === 'look_at_tag';
        return (
          <li key={s.sittingStation} className={s.advice === 'check_tag' ? 'pressing-first' : ''}>
            <span>
              <b>{stationName(s)}.</b> {adviceWords(s)}
            </span>
            {isTag && onDecide ? <Button onClick={() => onDecide(s)}>Decide about the tag</Button> : null}
          </li>
        );
      })}
    </ol>
  );
}

function Scale({ sound }: { sound: Soundness }) {
  if (sound.scale.length === 0) return null;
  return (
    <section className="panel" aria-label="Stations and students on one scale">
      <h2>Stations and students on one scale</h2>
      <p className="quiet">
        {isFlat(sound)
          ? 'The farther right a station is, the fewer named it. These students differ too little to be placed beside them.'
          : 'Squares are stations, dots are students. A student straight below a station names it right about half of the time.'}
      </p>
      <Suspense fallback={chartWait}>
        <OnOneScale stations={sound.stations} students={isFlat(sound) ? [] : sound.scale} />
      </Suspense>
    </section>
  );
}

function Through({ sound }: { sound: Soundness }) {
  const { today } = useSession();
  const earlier = sound.through.slice(0, -1);
  if (earlier.length === 0) return null;
  const linked = earlier.filter((t) => t.ability);
  const apart = earlier.filter((t) => !t.ability);
  return (
    <section className="panel" aria-label="The class from quiz to quiz">
      <h2>The class from quiz to quiz</h2>
      {linked.length > 0 ? (
        <>
          <p className="quiet">
            How many of this quiz’s stations the class would have named each time. The bars show how sure that
            is.
          </p>
          <Suspense fallback={chartWait}>
            <ThroughTime through={sound.through} today={today} />
          </Suspense>
        </>
      ) : null}
      {apart.map((t) => (
        <p key={t.sitting} className="quiet">
          {t.quiz}, {showDate(t.on, today)}: {t.right} of {t.of} named right.{' '}
          {t.common === 0 ? 'No station' : `Only ${counted(t.common, 'station')}`} in common; with fewer than{' '}
          {FEWEST_COMMON}, the two cannot be compared.
        </p>
      ))}
    </section>
  );
}

function Details({ sound }: { sound: Soundness }) {
  const lines = detailLines(sound);
  return lines.length === 0 ? null : (
    <details>
      <summary>Figures</summary>
      {lines.map((l) => (
        <p key={l} className="quiet number">
          {l}
        </p>
      ))}
    </details>
  );
}

/** What the answers of a sitting say about the quiz itself: what to do first, then every station and the whole. */
export function QuestionCheck({ sitting }: { sitting: SittingDetail }) {
  const [together, setTogether] = useState(false);
  const [deciding, setDeciding] = useState<SoundStation | null>(null);
  const mayTeach = useMayTeach();
  const sound = useRead('soundness', { id: sitting.id }, true, together ? { with: 'classes' } : {});
  const onDecide = mayTeach ? setDeciding : null;
  return (
    <Loaded query={sound}>
      {(s) => (
        <div className="check-page">
          <div className="check-strip">
            <span className="number">
              {counted(s.students, 'student')}, {counted(s.stations.length, 'station')}
            </span>
            {s.classes.length > 1 ? (
              <Segmented<boolean>
                aria-label="Whose answers"
                value={together}
                onChange={setTogether}
                options={[
                  { value: false, label: s.classes[0]?.section ?? 'This class' },
                  { value: true, label: `All ${s.classes.length} classes with these trees` },
                ]}
              />
            ) : null}
          </div>
          {tooFewWords(s) ? <Alert type="info" showIcon title={tooFewWords(s)} /> : null}
          <div className="check-layout">
            <div className="check-charts">
              <section className="panel" aria-label="Question check">
                <h2>What to do</h2>
                <Pressing stations={s.stations} onDecide={onDecide} />
                {s.tooFew.length === 0 ? (
                  <>
                    <h2>The order of students</h2>
                    <p>{reliabilityWords(s)}</p>
                    <Details sound={s} />
                  </>
                ) : null}
              </section>
              <Through sound={s} />
            </div>
            <Scale sound={s} />
          </div>
          <StationsTable stations={s.stations} file={`question-check-${sitting.on}`} onDecide={onDecide} />
          {deciding ? (
            <TagDialog sitting={sitting} station={deciding} onClose={() => setDeciding(null)} />
          ) : null}
        </div>
      )}
    </Loaded>
  );
}

/** The most pressing of it in short, for a page that has something else to do. */
export function CheckSummary({ sitting, onAll }: { sitting: SittingDetail; onAll: () => void }) {
  const sound = useRead('soundness', { id: sitting.id });
  return (
    <section className="panel" aria-label="Question check">
      <h2>Nothing to decide. Was the quiz sound?</h2>
      <Loaded query={sound}>
        {(s) => (
          <>
            {tooFewWords(s) ? <p>{tooFewWords(s)}</p> : null}
            <Pressing stations={s.stations} onDecide={null} />
            {s.tooFew.length === 0 ? <p>{reliabilityWords(s)}</p> : null}
            <Button onClick={onAll}>Open question check</Button>
          </>
        )}
      </Loaded>
    </section>
  );
}
