import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { showDate } from '@hurrow/core/conditions';
import type { SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { HANDLING_LABELS, useGo, useSession } from '../app/index.ts';
import { AppLink, Loaded, PageHead, ProblemNote } from '../parts/index.ts';
import { CuttingPanel } from './CuttingPanel.tsx';
import { DevicesPanel } from './DevicesPanel.tsx';
import { DisputesPanel } from './DisputesPanel.tsx';
import { DraftSetting } from './DraftSetting.tsx';
import { JoinCode } from './JoinCode.tsx';
import { KeyPanel } from './KeyPanel.tsx';
import { PaperPanel } from './PaperPanel.tsx';
import { SittingActs } from './SittingActs.tsx';
import type { Step } from './SittingActs.tsx';
import { SittingStationRow } from './SittingStationRow.tsx';
import { SwapTree } from './SwapTree.tsx';
import { settingFor } from './judgedFor.ts';
import { useFairness } from './useFairness.ts';
import { STATE_WORDS } from './words.ts';
import './quizzes.css';

/** Phones of a student: how many joined, and whether one waits to be let in. */
function Phones({ devices, asking }: { devices: number; asking: number }) {
  return (
    <span className="number">
      {asking > 0 ? <span className="tag larch">asks to join</span> : null}
      {asking === 0 && devices > 1 ? <span className="tag larch">{devices} phones</span> : null}
    </span>
  );
}

function People({ sitting }: { sitting: SittingDetail }) {
  const takes = sitting.state === 'open' || sitting.state === 'closed' || sitting.state === 'graded';
  return (
    <section className="panel" aria-label="Students">
      <h2>
        {sitting.submitted} of {sitting.roster} handed in, {sitting.joined} began
      </h2>
      <ul className="people">
        {sitting.people.map((p) => (
          <li key={p.student}>
            <span className="number">{p.code}</span>
            <span>{p.firstName ?? ''}</span>
            <span className="quiet number">
              {p.submitted ? 'handed in' : p.answered === 0 ? '' : `${p.answered} of ${sitting.asks}`}
            </span>
            <Phones devices={p.devices} asking={p.asking} />
            {takes ? (
              <AppLink to={`/quizzes/${sitting.quiz}/sittings/${sitting.id}/sheets/${p.student}`}>
                Enter sheet
              </AppLink>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Sitting({ sitting }: { sitting: SittingDetail }) {
  const go = useGo();
  const [code, setCode] = useState<string | null>(null);
  const { today } = useSession();
  const remove = useWrite('sittingRemove');
  const state = useWrite('sittingState');
  const grade = useWrite('gradingRun');
  const [swapping, setSwapping] = useState<string | null>(null);
  const stations = useMemo(
    () =>
      sitting.stations.map((s) => ({
        station: s.station,
        setting: settingFor(s.station, sitting, sitting.on, sitting),
        hides: s.hides,
      })),
    [sitting],
  );
  const fairness = useFairness(
    {
      list: sitting.list,
      on: sitting.on,
      startsOn: sitting.startsOn,
      whole: sitting.plan.against === 'list',
    },
    stations,
  );
  const members = useRead('list', { id: sitting.list }).data?.members;
  const headers = useMemo(() => new Map((members ?? []).map((m) => [m.id, m])), [members]);
  const nameOf = (id: string): string =>
    headers.get(id)?.common ?? headers.get(id)?.scientific ?? 'another species';
  const to = (next: Step): void =>
    state.mutate(
      { params: { id: sitting.id }, body: { to: next }, version: sitting.version },
      { onSuccess: (s) => setCode(s.code) },
    );
  const grades = `/quizzes/${sitting.quiz}/sittings/${sitting.id}/grades`;
  const gradeNow = (): void => grade.mutate({ params: { id: sitting.id } }, { onSuccess: () => go(grades) });
  const bare = sitting.stations.filter(
    (s) => fairness.found.get(s.station.id)?.verdict === 'unfair' && s.reason === null,
  );
  const swapped = sitting.stations.find((s) => s.id === swapping);
  const doing = state.isPending ? state.variables.body.to : grade.isPending ? 'graded' : null;
  return (
    <>
      <PageHead
        title={`${sitting.quizName}: ${sitting.sectionName}`}
        name={sitting.quizName}
        about={
          <>
            {showDate(sitting.on, today)} · <span className="tag">{STATE_WORDS[sitting.state]}</span> ·{' '}
            {sitting.handling.map((h) => HANDLING_LABELS[h]).join(', ')}
            {sitting.wet ? ' · wet' : ''}
            {sitting.makeUp ? ' · make-up' : ''} · <AppLink to={`/quizzes/${sitting.quiz}`}>the quiz</AppLink>
          </>
        }
        actions={
          <SittingActs
            sitting={sitting}
            doing={doing}
            removing={remove.isPending}
            onStep={to}
            onGrade={gradeNow}
            onGrades={() => go(grades)}
            onRemove={() =>
              remove.mutate(
                { params: { id: sitting.id }, version: sitting.version },
                { onSuccess: () => go(`/quizzes/${sitting.quiz}`) },
              )
            }
          />
        }
      />
      <ProblemNote error={state.error ?? grade.error ?? remove.error} />
      {sitting.state === 'open' || sitting.state === 'returned' ? (
        <JoinCode
          sitting={sitting.id}
          code={sitting.code ?? code}
          onCode={setCode}
          given={sitting.state === 'returned'}
        />
      ) : null}
      {sitting.state === 'draft' ? (
        <DraftSetting sitting={sitting} />
      ) : (
        <>
          <People sitting={sitting} />
          <PaperPanel sitting={sitting} />
          <DisputesPanel sitting={sitting} />
          <DevicesPanel sitting={sitting} />
          <KeyPanel sitting={sitting} />
        </>
      )}
      <section className="panel" aria-label="Stations">
        <h2>Stations</h2>
        <p className="quiet">
          Judged for {showDate(sitting.on, today)}, with what students may do and what is at hand at each
          station.
        </p>
        {sitting.state === 'draft' && bare.length > 0 ? (
          <p className="note care" role="note">
            {bare.length === 1 ? 'Station ' : 'Stations '}
            {bare.map((s) => s.station.number).join(', ')} {bare.length === 1 ? 'is' : 'are'} unfair and{' '}
            {bare.length === 1 ? 'has' : 'have'} no reason yet. Apply a fix or choose a reason before you lock
            the key.
          </p>
        ) : null}
        {sitting.stations.map((s) => (
          <SittingStationRow
            key={s.id}
            sitting={sitting}
            at={s}
            found={fairness.found.get(s.station.id)}
            nameOf={nameOf}
            onSwap={() => setSwapping(s.id)}
          />
        ))}
      </section>
      {sitting.state === 'draft' || sitting.state === 'locked' || sitting.state === 'open' ? (
        <CuttingPanel sitting={sitting} />
      ) : null}
      {swapped ? (
        <SwapTree
          sitting={sitting}
          at={swapped}
          fairness={fairness}
          nameOf={nameOf}
          onClose={() => setSwapping(null)}
        />
      ) : null}
    </>
  );
}

/** A sitting: what is in hand, its code, who has answered, and the next step. */
export function SittingPage() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return <Loaded query={sitting}>{(s) => <Sitting sitting={s} />}</Loaded>;
}
