import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import type { QuizDetail, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useMayTeach, useSession } from '../app/index.ts';
import { Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { AddStations } from './AddStations.tsx';
import { Coverage } from './Coverage.tsx';
import { NewSitting } from './NewSitting.tsx';
import { PlanEditor } from './PlanEditor.tsx';
import { QuizEditor } from './QuizEditor.tsx';
import { Retest } from './Retest.tsx';
import { SettlingLine } from './SettlingLine.tsx';
import { SittingLines } from './SittingLines.tsx';
import { StationEditor } from './StationEditor.tsx';
import { StationList } from './StationList.tsx';
import { StationPanel } from './StationPanel.tsx';
import { JudgedFor } from './JudgedFor.tsx';
import { OWN_DAY, judgedSitting, settingFor } from './judgedFor.ts';
import { useFairness } from './useFairness.ts';
import { useFix } from './useFix.ts';
import './quizzes.css';

type Dialog = 'new' | 'quiz' | 'plan' | 'sitting' | 'add' | 'station' | null;

function Quiz({ quiz, sitting }: { quiz: QuizDetail; sitting: SittingDetail | null }) {
  const { today } = useSession();
  const mayChange = useMayTeach() && !quiz.locked;
  const mayTeach = useMayTeach();
  const { section } = useClassAtHand();
  const [search, setSearch] = useSearchParams();
  const list = useRead('list', { id: quiz.list });
  const order = useWrite('stationsOrder');
  const remove = useWrite('stationRemove');
  const [dialog, setDialog] = useState<Dialog>(
    search.get('schedule') !== null ? 'sitting' : search.get('add') !== null ? 'add' : null,
  );
  const set = (part: Readonly<Record<string, string | null>>): void =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        for (const [k, v] of Object.entries(part)) {
          if (v === null) next.delete(k);
          else next.set(k, v);
        }
        return next;
      },
      { replace: true },
    );
  const close = (): void => {
    setDialog(null);
    set({ schedule: null, add: null });
  };
  const day = search.get('on') ?? today;
  const stations = useMemo(
    () =>
      quiz.stations.map((station) => ({
        station,
        setting: settingFor(station, quiz, day, sitting),
        hides: sitting?.stations.find((s) => s.station.id === station.id)?.hides ?? [],
      })),
    [quiz, day, sitting],
  );
  const fairness = useFairness(
    {
      list: quiz.list,
      on: sitting?.on ?? day,
      startsOn: sitting ? sitting.startsOn : section?.list === quiz.list ? section.startsOn : null,
      whole: quiz.plan.against === 'list',
    },
    stations,
  );
  const headers = useMemo(() => new Map((list.data?.members ?? []).map((m) => [m.id, m])), [list.data]);
  const nameOf = (id: string): string =>
    headers.get(id)?.common ?? headers.get(id)?.scientific ?? 'another species';
  const students = sitting?.roster ?? section?.students.length ?? 0;
  const chosen = stations.find((s) => s.station.id === search.get('station')) ?? stations[0];
  const fix = useFix(quiz, sitting, (date) => set({ for: OWN_DAY, on: date }));
  const problem = fix.problem ?? order.error ?? remove.error;
  return (
    <>
      <PageHead
        title={quiz.name}
        name={quiz.name}
        about={`${quiz.listName}${quiz.locked ? ' · the key of a sitting is locked, so stations no longer change' : ''}`}
        actions={
          mayTeach ? (
            <>
              <Button onClick={() => setDialog('quiz')}>Edit quiz</Button>
              <Button onClick={() => setDialog('plan')}>Edit plan</Button>
              {mayChange ? (
                <>
                  <Button onClick={() => setDialog('new')}>Add station</Button>
                  <Button onClick={() => setDialog('add')}>Add stations</Button>
                </>
              ) : null}
              <Button
                type="primary"
                disabled={quiz.stations.length === 0}
                onClick={() => setDialog('sitting')}
              >
                Schedule sitting
              </Button>
            </>
          ) : null
        }
      />
      {quiz.stations.length === 0 ? (
        <Nothing title="No station yet">
          {mayTeach ? <Button onClick={() => setDialog('add')}>Add stations</Button> : null} Choose many trees
          at once. They all ask the same, and you can change each one.
        </Nothing>
      ) : (
        <div className="quiz-columns">
          <div className="quiz-left">
            {list.data ? <Coverage quiz={quiz} list={list.data} found={fairness.found} /> : null}
            <Retest quiz={quiz} />
            {quiz.sittings.length > 0 ? (
              <section className="panel" aria-label="Sittings">
                <h2>Sittings</h2>
                <SittingLines quiz={quiz.id} sittings={quiz.sittings} />
              </section>
            ) : null}
          </div>
          <section className="panel quiz-middle" aria-label="Stations">
            <JudgedFor
              quiz={quiz}
              sitting={sitting?.id ?? null}
              day={day}
              onChange={(judged, on) => set({ for: judged, on: on ?? null })}
            />
            <ProblemNote error={problem} />
            <SettlingLine quiz={quiz} fairness={fairness} nameOf={nameOf} mayChange={mayChange} />
            {fairness.done < stations.length ? (
              <p className="quiet number" role="status">
                {fairness.done} of {stations.length} stations judged
              </p>
            ) : null}
            <StationList
              quiz={quiz}
              fairness={fairness}
              students={students}
              nameOf={nameOf}
              selected={chosen?.station.id ?? null}
              movable={mayChange}
              onSelect={(id) => set({ station: id })}
              onOrder={(ids) =>
                order.mutate({ params: { id: quiz.id }, body: { stations: ids }, version: quiz.version })
              }
            />
          </section>
          {chosen ? (
            <StationPanel
              key={chosen.station.id}
              quiz={quiz}
              at={chosen}
              sittingStation={sitting?.stations.find((s) => s.station.id === chosen.station.id) ?? null}
              headers={headers}
              fairness={fairness}
              nameOf={nameOf}
              mayChange={mayChange}
              problem={null}
              onFix={(f) => fix.apply(chosen.station, f)}
              onEdit={() => setDialog('station')}
              onRemove={() =>
                remove.mutate({ params: { id: chosen.station.id }, version: chosen.station.version })
              }
            />
          ) : null}
        </div>
      )}
      {dialog === 'station' && chosen ? (
        <StationEditor quiz={quiz} station={chosen.station} onClose={close} />
      ) : null}
      {dialog === 'new' ? <StationEditor quiz={quiz} station={null} onClose={close} /> : null}
      {dialog === 'sitting' ? <NewSitting quiz={quiz} onClose={close} /> : null}
      {dialog === 'quiz' ? <QuizEditor quiz={quiz} onClose={close} /> : null}
      {dialog === 'plan' ? <PlanEditor quiz={quiz} onClose={close} /> : null}
      {dialog === 'add' ? <AddStations quiz={quiz} onClose={close} /> : null}
    </>
  );
}

/** A quiz with the sitting it is judged for. The page stays while that is read, so that no dialog on it is lost. */
function WithSitting({ quiz }: { quiz: QuizDetail }) {
  const [search] = useSearchParams();
  const id = judgedSitting(quiz, search.get('for'));
  const sitting = useRead('sitting', { id: id ?? '' }, id !== null);
  return (
    <>
      <ProblemNote error={id === null ? null : sitting.error} />
      <Quiz quiz={quiz} sitting={id === null ? null : (sitting.data ?? null)} />
    </>
  );
}

/** A quiz: what it covers, its stations with their verdicts, and the chosen one with its fixes. */
export function QuizPage() {
  const { id = '' } = useParams();
  const quiz = useRead('quiz', { id });
  return <Loaded query={quiz}>{(q) => <WithSitting quiz={q} />}</Loaded>;
}
