import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Segmented from 'antd/es/segmented';
import type { MixUps } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { planLesson } from '@hurrow/core/reteach';
import type { LessonPlan } from '@hurrow/core/reteach';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useSession } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote, counted } from '../parts/index.ts';
import { Lessons } from './Lessons.tsx';
import { LEFT_OUT_WORDS, contrastWords, contrastsOf, whyWords } from './planWords.ts';
import type { ContrastRow } from './planWords.ts';
import './reteach.css';

const MINUTES = [10, 20, 50] as const;
const USUAL_MOST = 2;

function toggled(all: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(all);
  if (!next.delete(id)) next.add(id);
  return next;
}

/** The minutes of a lesson with a block for each contrast on them. */
function Ruler({
  plan,
  minutes,
  nameOf,
}: {
  plan: LessonPlan;
  minutes: number;
  nameOf: (id: string) => string;
}) {
  const long = Math.max(minutes, plan.minutes);
  const each = plan.contrasts.length === 0 ? 0 : plan.minutes / plan.contrasts.length;
  return (
    <figure className="ruler-figure">
      <div className="ruler" role="img" aria-label={`${plan.minutes} of ${minutes} minutes are planned`}>
        {plan.contrasts.map((c) => (
          <span key={c.id} className="ruler-block" style={{ width: `${(100 * each) / long}%` }}>
            {nameOf(c.id)}
          </span>
        ))}
      </div>
      <figcaption className="quiet number">
        {plan.minutes} of {minutes} minutes
      </figcaption>
    </figure>
  );
}

function Plan({ section, data }: { section: string; data: MixUps }) {
  const { today } = useSession();
  const record = useWrite('lessonRecord');
  const [minutes, setMinutes] = useState<number>(MINUTES[0]);
  const [most, setMost] = useState(USUAL_MOST);
  const [search] = useSearchParams();
  // A pair that the lesson is planned from is in it, whatever it costs.
  const [pinned, setPinned] = useState<ReadonlySet<string>>(() => new Set(search.getAll('pin')));
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const rows = useMemo(() => contrastsOf(data.pairs, data.clusters, data.students), [data]);
  const byId = useMemo(() => new Map(rows.map((r) => [r.id, r])), [rows]);
  const plan = useMemo(
    () =>
      planLesson(
        rows.map((r) => r.contrast),
        { minutes, most, pinned, dropped },
      ),
    [rows, minutes, most, pinned, dropped],
  );
  const day = (on: string): string => showDate(on, today);
  const nameOf = (id: string): string => contrastWords(byId.get(id) ?? { rows: [] });
  const rowOf = (id: string): ContrastRow =>
    byId.get(id) ?? { id, rows: [], contrast: { id, cluster: id, rate: 0, looks: 0 } };
  const keep = (): void =>
    record.mutate({
      params: { id: section },
      body: {
        on: today,
        kind: 'retaught',
        items: plan.contrasts.map((c) => {
          const [taxon = '', other = ''] = c.id.split('/');
          return { taxon, other };
        }),
      },
    });
  return (
    <section className="panel stack" aria-label="Plan">
      <div className="plan-strip">
        <label className="field">
          <span>Minutes</span>
          <Segmented<number>
            aria-label="Minutes"
            value={minutes}
            onChange={setMinutes}
            options={MINUTES.map((m) => ({ value: m, label: `${m} min` }))}
          />
        </label>
        <label className="field" htmlFor="plan-most">
          <span>At most</span>
          <InputNumber<number>
            id="plan-most"
            min={1}
            max={10}
            precision={0}
            value={most}
            onChange={(v) => (v === null ? undefined : setMost(v))}
            suffix="contrasts"
          />
        </label>
        <Button
          type="primary"
          disabled={plan.contrasts.length === 0}
          loading={record.isPending}
          onClick={keep}
        >
          Record lesson
        </Button>
      </div>
      <ProblemNote error={record.error} />
      {record.isSuccess ? <p role="status">Recorded for {day(today)}. It can be corrected below.</p> : null}
      <Ruler plan={plan} minutes={minutes} nameOf={nameOf} />
      {plan.contrasts.length === 0 ? (
        <Nothing title="Nothing fits this lesson">
          Choose more minutes, or take back what you left out.
        </Nothing>
      ) : (
        <ol className="contrasts" aria-label="In this lesson">
          {plan.contrasts.map((c) => {
            const row = rowOf(c.id);
            const [first] = row.rows;
            return (
              <li key={c.id}>
                <b>{nameOf(c.id)}</b>
                <span>{whyWords(row, day)}</span>
                <span className="contrast-acts">
                  {first ? (
                    <AppLink to={`/mix-ups?pair=${first.truth.id}.${first.answer.id}`}>Open pair</AppLink>
                  ) : null}
                  <Button
                    size="small"
                    aria-pressed={c.pinned}
                    aria-label={`${c.pinned ? 'Let go of' : 'Keep in'} ${nameOf(c.id)}`}
                    onClick={() => setPinned(toggled(pinned, c.id))}
                  >
                    {c.pinned ? 'Let go' : 'Keep in'}
                  </Button>
                  <Button
                    size="small"
                    aria-label={`Leave out ${nameOf(c.id)}`}
                    onClick={() => {
                      setDropped(toggled(dropped, c.id));
                      if (pinned.has(c.id)) setPinned(toggled(pinned, c.id));
                    }}
                  >
                    Leave out
                  </Button>
                </span>
                <details>
                  <summary>Details</summary>
                  <p className="quiet">
                    A lesson is taken to remove half of the wrong answers: about {Math.round(c.removed)} fewer
                    in the next quiz.
                  </p>
                </details>
              </li>
            );
          })}
        </ol>
      )}
      {plan.leftOut.length > 0 ? (
        <details>
          <summary>Left out: {counted(plan.leftOut.length, 'mix-up')}</summary>
          <ul className="plain-list">
            {plan.leftOut.slice(0, 40).map((l) => (
              <li key={l.id}>
                {nameOf(l.id)}: <span className="quiet">{LEFT_OUT_WORDS[l.why]}</span>{' '}
                <Button
                  size="small"
                  aria-label={`${l.why === 'dropped' ? 'Take back' : 'Keep in'} ${nameOf(l.id)}`}
                  onClick={() =>
                    l.why === 'dropped'
                      ? setDropped(toggled(dropped, l.id))
                      : setPinned(toggled(pinned, l.id))
                  }
                >
                  {l.why === 'dropped' ? 'Take back' : 'Keep in'}
                </Button>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}

function OfClass({ section }: { section: string }) {
  const mixups = useRead('mixups', { id: section });
  return (
    <Loaded query={mixups}>
      {(data) => (
        <div className="stack">
          {data.pairs.length === 0 ? (
            <Nothing title="No mix-up yet">
              What to teach again is planned from the mix-ups of graded quizzes. See{' '}
              <AppLink to="/quizzes">Quizzes</AppLink>.
            </Nothing>
          ) : (
            <>
              {data.pairs.every((p) => p.next === null) ? (
                <Alert
                  type="info"
                  showIcon
                  title="No quiz of this class is scheduled, so every species counts as asked once."
                />
              ) : null}
              <Plan section={section} data={data} />
            </>
          )}
          <Lessons section={section} />
        </div>
      )}
    </Loaded>
  );
}

/** What to teach again, in how many minutes, and whether it helped. */
export function ReteachPage() {
  const { section, ready } = useClassAtHand();
  return (
    <>
      <PageHead title="Reteach" name="Reteach" about="What to take up again, and whether it helped." />
      {section ? (
        <OfClass key={section.id} section={section.id} />
      ) : ready ? (
        <Nothing title="No class yet">Create a class under Classes.</Nothing>
      ) : null}
    </>
  );
}
