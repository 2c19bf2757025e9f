import { useEffect, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import Alert from 'antd/es/alert';
import type { MixUps, Section } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useClassAtHand, useView, useSession } from '../app/index.ts';
import { Loaded, Nothing, PageHead, WorkNote } from '../parts/index.ts';
import { Lessons } from './Lessons.tsx';
import { PlanPanel } from './PlanPanel.tsx';
import { contrastsOf } from './planWords.ts';
import { usePredicted } from './usePredicted.ts';
import './reteach.css';

/** A plan where nobody has mixed anything up yet: from what the class is likely to mix up, and it says so. */
function Predicted({ section }: { section: Section }) {
  const { rows, work } = usePredicted(section, true);
  const { conditions } = useView();
  const { today } = useSession();
  return (
    <>
      <WorkNote what="Looking for likely mix-ups" work={work} />
      {rows ? (
        <>
          <Alert
            type="info"
            showIcon
            title={`No mix-up is counted yet. This plan is from what may be mixed up by what can be seen on ${showDate(conditions.date, today)}.`}
          />
          {rows.length === 0 ? (
            <Nothing title="No mix-up is likely">
              Everything taught so far can be told apart plainly on this day.
            </Nothing>
          ) : (
            <PlanPanel section={section.id} rows={rows} />
          )}
        </>
      ) : null}
    </>
  );
}

function Counted({ section, data }: { section: Section; data: MixUps }) {
  const rows = useMemo(() => contrastsOf(data.pairs, data.clusters, data.students), [data]);
  return (
    <>
      {data.pairs.every((p) => p.next === null) ? (
        <Alert
          type="info"
          showIcon
          title="No quiz of this class is scheduled, so every species counts as asked once."
        />
      ) : null}
      <PlanPanel section={section.id} rows={rows} />
    </>
  );
}

function OfClass({ section }: { section: Section }) {
  const mixups = useRead('mixups', { id: section.id });
  return (
    <div className="stack">
      <Loaded query={mixups}>
        {(data) =>
          data.pairs.length === 0 ? (
            <Predicted section={section} />
          ) : (
            <Counted section={section} data={data} />
          )
        }
      </Loaded>
      <Lessons section={section.id} />
    </div>
  );
}

/** What to teach again, in how many minutes, and whether it helped. */
export function ReteachPage() {
  const { section, sections, ready, choose } = useClassAtHand();
  const [search] = useSearchParams();
  const named = sections.find((s) => s.id === search.get('section'))?.id;
  // A class that the address names is the one at hand from here on, so that its lessons project its own answers.
  useEffect(() => {
    if (named !== undefined) choose(named);
  }, [named, choose]);
  return (
    <>
      <PageHead
        title="Reteach"
        name="Reteach"
        about={section ? `${section.name}: what to take up again, and whether it helped.` : ''}
      />
      {section && named === undefined ? (
        <OfClass key={section.id} section={section} />
      ) : ready ? (
        <Nothing title="No class yet">Create a class under Classes.</Nothing>
      ) : null}
    </>
  );
}
