import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { QuizDetail, SittingStation, Station, TaxonHeader } from '@hurrow/contract';
import { characterWords, valueWords } from '@hurrow/core/characters';
import type { FixResult } from '@hurrow/core/fairness';
import { useView, useVocabulary } from '../app/index.ts';
import { ProblemNote, SketchView, TaxonName } from '../parts/index.ts';
import type { CheckAt } from '../workers/index.ts';
import { CheckField } from './CheckField.tsx';
import { Fixes } from './Fixes.tsx';
import { GivesAway } from './GivesAway.tsx';
import { LookAlikes } from './LookAlikes.tsx';
import { ReasonField } from './ReasonField.tsx';
import { doubtWords, verdictLine } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';
import type { Fairness } from './useFairness.ts';

const MOST_CHECKS = 6;

/** What the tree was checked to show, and what a verdict rests on that nobody checked. */
function Checks({ station, fairness }: { station: Station; fairness: Fairness }) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const found = fairness.found.get(station.id);
  const checked = Object.entries(station.tree.certified);
  const presumed = new Set(
    (found?.pairs ?? [])
      .slice(0, 5)
      .flatMap((p) => p.by.filter((b) => b.presumed && !b.certified).map((b) => b.character)),
  );
  const missing = new Set(
    (found?.pairs ?? []).flatMap((p) =>
      p.verdict === 'unproven'
        ? p.open.filter((o) => o.missing === 'a' || o.missing === 'both').map((o) => o.character)
        : [],
    ),
  );
  const doubtful = (found?.calls ?? []).flatMap((c) =>
    c.doubt === 'varies' || c.doubt === 'not_recorded' ? c.character : [],
  );
  const toCheck = [...new Set([...doubtful, ...missing, ...presumed])].slice(0, MOST_CHECKS);
  if (checked.length === 0 && toCheck.length === 0) return null;
  return (
    <>
      <h3>At this tree</h3>
      {checked.length > 0 ? (
        <ul className="checked">
          {checked.map(([id, value]) => {
            const c = vocabulary?.get(id);
            return c ? (
              <li key={id}>
                {characterWords(c, wording.words)}: {valueWords(c, value, wording)}{' '}
                <span className="quiet">checked</span>
              </li>
            ) : null;
          })}
        </ul>
      ) : null}
      {presumed.size > 0 ? (
        <p className="quiet">The verdict rests on values of the starter library. Check them at the tree.</p>
      ) : null}
      {toCheck.map((id) => {
        const c = vocabulary?.get(id);
        return c ? <CheckField key={id} tree={station.tree.id} character={c} /> : null;
      })}
    </>
  );
}

/** The chosen station: its look-alikes, fixes, checks, what it gives away, and what can be done with it. */
export function StationPanel({
  quiz,
  at,
  sittingStation,
  headers,
  fairness,
  nameOf,
  mayChange,
  problem,
  onFix,
  onEdit,
  onRemove,
}: {
  quiz: QuizDetail;
  at: CheckAt;
  /** The station at the sitting it is judged for; null while nothing is scheduled. */
  sittingStation: SittingStation | null;
  headers: ReadonlyMap<string, TaxonHeader>;
  fairness: Fairness;
  nameOf: NameOf;
  mayChange: boolean;
  problem: unknown;
  onFix: (fix: FixResult['fix']) => void;
  onEdit: () => void;
  onRemove: () => void;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const { station } = at;
  const found = fairness.found.get(station.id);
  const sketch = fairness.drawings.get(station.tree.taxon.id);
  const doubts = (found?.calls ?? []).filter((c) => c.doubt !== null);
  const isListed = headers.has(station.tree.taxon.id);
  return (
    <aside className="panel station-panel" aria-label={`Station ${station.number}`}>
      <div className="station-panel-head">
        <span className="station-number">{station.number}</span>
        <div>
          <h2>
            <TaxonName taxon={station.tree.taxon} />
          </h2>
          {found ? (
            <p className={`verdict-line ${found.verdict}`}>{verdictLine(found, nameOf)}</p>
          ) : (
            <p className="quiet">Checking…</p>
          )}
        </div>
        {sketch ? <SketchView sketch={sketch} label={`${nameOf(station.tree.taxon.id)}, drawn`} /> : null}
      </div>
      <ProblemNote error={problem} />
      {isListed ? null : (
        <p className="caution" role="note">
          This species is not on {quiz.listName} any more. Add it to the list, or use another tree.
        </p>
      )}
      {doubts.length > 0 ? (
        <ul className="gives-away" aria-label="Questions in doubt">
          {doubts.map((c) => (
            <li key={c.character}>{doubtWords(c, vocabulary, wording.words)}</li>
          ))}
        </ul>
      ) : null}
      {found?.verdict === 'unfair' && sittingStation && mayChange ? (
        <ReasonField key={sittingStation.version} at={sittingStation} />
      ) : null}
      {mayChange ? (
        <Fixes at={at} fairness={fairness} nameOf={nameOf} disabled={!mayChange} onApply={onFix} />
      ) : null}
      {found ? (
        <LookAlikes found={found} own={station.tree.taxon.id} headers={headers} nameOf={nameOf} />
      ) : null}
      <Checks station={station} fairness={fairness} />
      <GivesAway quiz={quiz} station={station} />
      {mayChange ? (
        <div className="station-panel-acts">
          <Button size="small" onClick={onEdit}>
            Edit station
          </Button>
          <Popconfirm
            title={`Remove station ${station.number}?`}
            description="Those after it move up."
            okText="Remove station"
            cancelText="Cancel"
            onConfirm={onRemove}
          >
            <Button size="small">Remove station</Button>
          </Popconfirm>
        </div>
      ) : null}
    </aside>
  );
}
