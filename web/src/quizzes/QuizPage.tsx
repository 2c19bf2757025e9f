import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { QuizDetail, Station } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach, useView, useVocabulary } from '../app/index.ts';
import { Loaded, Nothing, PageHead, ProblemNote, TaxonName } from '../parts/index.ts';
import { Finding } from './Finding.tsx';
import { AddStations } from './AddStations.tsx';
import { NewSitting } from './NewSitting.tsx';
import { QuizEditor } from './QuizEditor.tsx';
import { StationEditor } from './StationEditor.tsx';
import { useStationChecks } from './stationCheck.ts';
import type { StationFinding } from '../workers/index.ts';
import { askWords } from './words.ts';
import { SittingLines } from './SittingLines.tsx';
import './quizzes.css';

function StationRow({
  quiz,
  station,
  finding,
  onEdit,
}: {
  quiz: QuizDetail;
  station: Station;
  finding: StationFinding | undefined;
  onEdit: () => void;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const mayTeach = useMayTeach() && !quiz.locked;
  const change = useWrite('stationChange');
  const remove = useWrite('stationRemove');
  const body = {
    individual: station.tree.id,
    asks: station.asks.map(({ kind, character, points }) => ({ kind, character, points })),
  };
  const at = { params: { id: station.id }, version: station.version };
  return (
    <div className="station">
      <div className="station-number">{station.number}</div>
      <div>
        <h3>
          <TaxonName taxon={station.tree.taxon} />
        </h3>
        <div className="quiet">
          tree {station.tree.tag}, {station.tree.trail ?? station.tree.site.name}
          {station.tree.condition ? `; ${station.tree.condition}` : ''}
        </div>
        <ol className="ask-list">
          {station.asks.map((a) => (
            <li key={a.id}>
              {a.kind === 'call' ? 'call: ' : ''}
              {askWords(a, vocabulary, wording.words)}
              {a.kind === 'sureness' ? '' : <span className="quiet number"> {a.points} pt</span>}
            </li>
          ))}
        </ol>
        <ProblemNote error={change.error ?? remove.error} />
      </div>
      <Finding finding={finding} />
      {mayTeach ? (
        <div className="station-acts">
          <Button size="small" onClick={onEdit}>
            Change
          </Button>
          <Button
            size="small"
            disabled={station.number === 1}
            onClick={() => change.mutate({ ...at, body: { ...body, number: station.number - 1 } })}
          >
            Earlier
          </Button>
          <Popconfirm
            title={`Take station ${station.number} out?`}
            description="Those after it close up."
            okText="Remove"
            cancelText="Cancel"
            onConfirm={() => remove.mutate(at)}
          >
            <Button size="small">Remove</Button>
          </Popconfirm>
        </div>
      ) : (
        <span />
      )}
    </div>
  );
}

function Quiz({ quiz }: { quiz: QuizDetail }) {
  const { conditions } = useView();
  const mayTeach = useMayTeach();
  const [editing, setEditing] = useState<Station | 'new' | null>(null);
  const [search, setSearch] = useSearchParams();
  const [sitting, setSitting] = useState(search.get('schedule') !== null);
  const [editingQuiz, setEditingQuiz] = useState(false);
  const [adding, setAdding] = useState(search.get('add') !== null);
  const close = (key: string): void => {
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        next.delete(key);
        return next;
      },
      { replace: true },
    );
  };
  const checks = useStationChecks(
    quiz.list,
    useMemo(
      () => quiz.stations.map((station) => ({ station, setting: conditions })),
      [quiz.stations, conditions],
    ),
  );
  const points = quiz.stations.flatMap((s) => s.asks).reduce((n, a) => n + a.points, 0);
  return (
    <>
      <PageHead
        title={quiz.name}
        name={quiz.name}
        about={`${quiz.listName} · ${quiz.stations.length} stations · ${points} points${quiz.locked ? ' · the key of a sitting is locked, so stations no longer change' : ''}`}
        actions={
          mayTeach ? (
            <>
              <Button onClick={() => setEditingQuiz(true)}>Edit quiz</Button>
              {quiz.locked ? null : (
                <>
                  <Button onClick={() => setEditing('new')}>Add station</Button>
                  <Button onClick={() => setAdding(true)}>Add stations</Button>
                </>
              )}
              <Button type="primary" disabled={quiz.stations.length === 0} onClick={() => setSitting(true)}>
                Schedule sitting
              </Button>
            </>
          ) : null
        }
      />
      {quiz.sittings.length > 0 ? (
        <section className="panel" aria-label="Sittings">
          <h2>Sittings</h2>
          <SittingLines quiz={quiz.id} sittings={quiz.sittings} />
        </section>
      ) : null}
      {quiz.stations.length === 0 ? (
        <Nothing title="No station yet">
          {mayTeach ? <Button onClick={() => setAdding(true)}>Add stations</Button> : null} Choose many trees
          at once. They all ask the same, and you can change each one.
        </Nothing>
      ) : (
        <section className="panel" aria-label="Stations">
          <h2>Stations</h2>
          <p className="quiet">
            What can be told is checked here under the conditions in the bar. A sitting has its own date,
            handling and material, and is checked under those.
          </p>
          {quiz.stations.map((s) => (
            <StationRow
              key={s.id}
              quiz={quiz}
              station={s}
              finding={checks.get(s.id)}
              onEdit={() => setEditing(s)}
            />
          ))}
        </section>
      )}
      {editing ? (
        <StationEditor
          quiz={quiz}
          station={editing === 'new' ? null : editing}
          onClose={() => setEditing(null)}
        />
      ) : null}
      {sitting ? (
        <NewSitting
          quiz={quiz}
          onClose={() => {
            setSitting(false);
            close('schedule');
          }}
        />
      ) : null}
      {editingQuiz ? <QuizEditor quiz={quiz} onClose={() => setEditingQuiz(false)} /> : null}
      {adding ? (
        <AddStations
          quiz={quiz}
          onClose={() => {
            setAdding(false);
            close('add');
          }}
        />
      ) : null}
    </>
  );
}

/** A quiz: its stations, what each asks, and what can be told there. */
export function QuizPage() {
  const { id = '' } = useParams();
  const quiz = useRead('quiz', { id });
  return <Loaded query={quiz}>{(q) => <Quiz quiz={q} />}</Loaded>;
}
