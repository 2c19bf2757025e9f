import { useSearchParams } from 'react-router';
import type { Section } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { showDate } from '@hurrow/core/conditions';
import { layOnly, useClassAtHand, useGo, useSession } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead } from '../parts/index.ts';
import { Evidence } from './Evidence.tsx';
import { Looks } from './Looks.tsx';
import { Pairs } from './Pairs.tsx';
import './mixups.css';

function SectionMixUps({ section }: { section: Section }) {
  const mixups = useRead('mixups', { id: section.id });
  const [search, setSearch] = useSearchParams();
  const go = useGo();
  const { today } = useSession();
  const pair = search.get('pair')?.split('.');
  const open = (value: string | null): void =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (value === null) next.delete('pair');
      else next.set('pair', value);
      return next;
    });
  return (
    <Loaded query={mixups}>
      {(data) =>
        data.looks === 0 ? (
          <Nothing title="No graded answer yet">
            Mix-ups are counted once a quiz of this class is graded. See{' '}
            <AppLink to="/quizzes">Quizzes</AppLink>.
          </Nothing>
        ) : (
          <div className="stack">
            <p>
              {data.looks} answers by {data.students} students in {data.sittings.length}{' '}
              {data.sittings.length === 1 ? 'quiz' : 'quizzes'}:{' '}
              {data.sittings.map((s) => `${s.quiz}, ${showDate(s.on, today)}`).join('; ')}. Each graded answer
              counts once, blank ones too. Ranges are 95% confidence intervals.
            </p>
            <Pairs
              data={data}
              onOpen={(r) => open(`${r.truth.id}.${r.answer.id}`)}
              onCompare={(r) => {
                layOnly(r.truth.id, r.answer.id);
                go('/compare');
              }}
            />
            {pair?.[0] && pair[1] ? (
              <Evidence section={section.id} truth={pair[0]} answer={pair[1]} onClose={() => open(null)} />
            ) : null}
            <h2>All answers by species</h2>
            <Looks rows={data.truths} />
          </div>
        )
      }
    </Loaded>
  );
}

/** Which species are named for which, how often, by whom; every number opens what it counts. */
export function MixUpsPage() {
  const sections = useRead('sections');
  const atHand = useClassAtHand().section;
  const [search, setSearch] = useSearchParams();
  return (
    <Loaded query={sections}>
      {(rows) => {
        const section = rows.find((s) => s.id === search.get('section')) ?? atHand ?? rows[0];
        return (
          <>
            <PageHead
              title="Mix-ups"
              name="Mix-ups"
              about="Which species students mistake for which."
              actions={
                <label className="condition">
                  <span className="condition-label">Class</span>
                  <select
                    value={section?.id ?? ''}
                    onChange={(e) =>
                      setSearch((before) => {
                        const next = new URLSearchParams(before);
                        next.set('section', e.target.value);
                        next.delete('pair');
                        return next;
                      })
                    }
                  >
                    {rows.map((s) => (
                      <option key={s.id} value={s.id}>
                        {s.name}
                      </option>
                    ))}
                  </select>
                </label>
              }
            />
            {section ? (
              <SectionMixUps key={section.id} section={section} />
            ) : (
              <Nothing title="No class yet">Create a class under Classes.</Nothing>
            )}
          </>
        );
      }}
    </Loaded>
  );
}
