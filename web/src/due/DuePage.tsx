import type { DueItem } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useMayTeach, useSession } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import './due.css';

const KIND_WORDS: Readonly<Record<DueItem['kind'], string>> = {
  recovery: 'check',
  device: 'phone',
  grade: 'grade',
  enter: 'running',
  return: 'return',
  open_sitting: 'late',
  draft: 'draft',
  mixup: 'mix-up',
  unrecorded: 'record',
  gather: 'gather',
  spoils: 'spoils',
  lesson: 'lesson',
  came_back: 'came back',
  season: 'season',
};

const day = (iso: string): string =>
  new Date(`${iso}T12:00:00Z`).toLocaleDateString('en', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });

function DueRow({ item }: { item: DueItem }) {
  return (
    <li className={`due-row ${item.kind}`}>
      <span className="due-kind">{KIND_WORDS[item.kind]}</span>
      <span className="due-what">
        <AppLink to={item.href}>
          {item.pair ? (
            <>
              Students wrote <TaxonName taxon={item.pair.answer} />; the tree was{' '}
              <TaxonName taxon={item.pair.truth} />
            </>
          ) : (
            item.title
          )}
        </AppLink>
        <span className="quiet">{item.detail}</span>
      </span>
      <span className="due-on number">{item.on ? day(item.on) : ''}</span>
    </li>
  );
}

function FirstSteps() {
  const mayTeach = useMayTeach();
  if (!mayTeach) return <Nothing title="Nothing is due">What your classes need appears here.</Nothing>;
  return (
    <Nothing title="Nothing is due yet">
      <ol>
        <li>
          <AppLink to="/classes/lists/new">Paste the names</AppLink> your class is answerable for.
        </li>
        <li>
          <AppLink to="/classes/sections/new">Create a class</AppLink> with its student numbers.
        </li>
        <li>
          Tag a few trees under <AppLink to="/material">Material</AppLink>, then{' '}
          <AppLink to="/quizzes">set a quiz</AppLink> from them.
        </li>
      </ol>
    </Nothing>
  );
}

/** The first screen: the work that is due. */
export function DuePage() {
  const session = useSession();
  const due = useRead('due');
  const sections = useRead('sections');
  return (
    <>
      <PageHead
        title="Due"
        name="Due"
        about={`${session.workspace}, ${day(session.today)}${session.demo ? '. Demo: the date is fixed.' : ''}`}
      />
      <Loaded query={due}>
        {(items) => {
          const work = items.filter((i) => i.kind !== 'mixup');
          const mixups = items.filter((i) => i.kind === 'mixup');
          if (items.length === 0) {
            return sections.data?.length === 0 || sections.data === undefined ? (
              <FirstSteps />
            ) : (
              <Nothing title="Nothing is due">
                Set the next quiz under <AppLink to="/quizzes">Quizzes</AppLink>.
              </Nothing>
            );
          }
          return (
            <>
              {work.length > 0 ? (
                <section className="panel" aria-label="Work that is due">
                  <h2>To do</h2>
                  <ul className="due-list">
                    {work.map((i) => (
                      <DueRow key={`${i.kind}${i.href}`} item={i} />
                    ))}
                  </ul>
                </section>
              ) : null}
              {mixups.length > 0 ? (
                <section className="panel" aria-label="Mix-ups">
                  <h2>Mix-ups most students made</h2>
                  <ul className="due-list">
                    {mixups.map((i) => (
                      <DueRow key={`${i.title}${i.href}`} item={i} />
                    ))}
                  </ul>
                </section>
              ) : null}
            </>
          );
        }}
      </Loaded>
    </>
  );
}
