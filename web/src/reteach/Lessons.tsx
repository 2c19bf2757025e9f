import { Suspense, lazy, useState } from 'react';
import Button from 'antd/es/button';
import type { LessonFollowed, LessonRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Dialog, Loaded, Nothing, ProblemNote, TaxonName } from '../parts/index.ts';
import { LessonForm } from './LessonForm.tsx';
import { followedWords } from './planWords.ts';

const ThroughChart = lazy(async () => ({ default: (await import('../mixups/index.ts')).ThroughChart }));

/** One direction of a pair by sitting, with its lessons marked. */
function BySitting({ section, followed }: { section: string; followed: LessonFollowed }) {
  const { today } = useSession();
  const evidence = useRead('evidence', {
    id: section,
    truth: followed.truth.id,
    answer: followed.answer.id,
  });
  return (
    <Loaded query={evidence}>
      {({ pair, through, lessons }) => (
        <Suspense fallback={<p className="quiet">Drawing…</p>}>
          <ThroughChart pair={pair} through={through} lessons={lessons} today={today} />
        </Suspense>
      )}
    </Loaded>
  );
}

function Lesson({ section, lesson }: { section: string; lesson: LessonRow }) {
  const { today } = useSession();
  const [isOpen, setOpen] = useState(false);
  const [charted, setCharted] = useState<LessonFollowed | null>(null);
  const [isAsked, setAsked] = useState(false);
  const remove = useWrite('lessonRemove');
  const day = showDate(lesson.on, today);
  return (
    <li>
      <b>
        {day}, {lesson.kind === 'taught' ? 'taught' : 'taught again'}
      </b>
      <span>
        {lesson.items.map((i, k) => (
          <span key={`${i.taxon.id}/${i.other?.id ?? ''}`}>
            {k > 0 ? '; ' : ''}
            <TaxonName taxon={i.taxon} />
            {i.other ? (
              <>
                {' '}
                and <TaxonName taxon={i.other} />
              </>
            ) : null}
          </span>
        ))}
      </span>
      {lesson.followed.map((f) => (
        <span key={`${f.truth.id}/${f.answer.id}`}>
          {f.answer.common ?? f.answer.scientific} for {f.truth.common ?? f.truth.scientific}:{' '}
          {followedWords(f)}
        </span>
      ))}
      {charted ? <BySitting section={section} followed={charted} /> : null}
      <span className="contrast-acts">
        {lesson.followed.map((f) => {
          const words = `${f.answer.common ?? f.answer.scientific} for ${f.truth.common ?? f.truth.scientific}`;
          return (
            <Button
              key={`${f.truth.id}/${f.answer.id}`}
              size="small"
              aria-pressed={charted === f}
              onClick={() => setCharted(charted === f ? null : f)}
            >
              {charted === f ? 'Hide chart' : `Chart ${words}`}
            </Button>
          );
        })}
        <Button size="small" aria-label={`Correct lesson of ${day}`} onClick={() => setOpen(true)}>
          Correct
        </Button>
        <Button size="small" aria-label={`Remove lesson of ${day}`} onClick={() => setAsked(true)}>
          Remove
        </Button>
      </span>
      {isOpen ? <LessonForm section={section} lesson={lesson} onClose={() => setOpen(false)} /> : null}
      <Dialog
        open={isAsked}
        title="Remove this lesson?"
        okText="Remove lesson"
        cancelText="Keep it"
        confirmLoading={remove.isPending}
        onCancel={() => setAsked(false)}
        onOk={() =>
          remove.mutate({ params: { id: section, lesson: lesson.id } }, { onSuccess: () => setAsked(false) })
        }
      >
        <p>
          Answers and counts stay. What is said to have followed it goes, and its mix-ups stand as if it had
          not been held.
        </p>
        <ProblemNote error={remove.error} />
      </Dialog>
    </li>
  );
}

/** The lessons of a class, the newest first, with what followed each. */
export function Lessons({ section }: { section: string }) {
  const read = useRead('lessons', { id: section });
  const [isNew, setNew] = useState(false);
  return (
    <section className="panel" aria-label="Lessons">
      <div className="panel-head">
        <h2>Lessons, and what followed</h2>
        <Button size="small" onClick={() => setNew(true)}>
          Record another lesson
        </Button>
      </div>
      {isNew ? <LessonForm section={section} lesson={null} onClose={() => setNew(false)} /> : null}
      <Loaded query={read}>
        {(rows) =>
          rows.length === 0 ? (
            <Nothing title="No lesson recorded">
              Record one from the plan above; what followed it stands here after the next quiz.
            </Nothing>
          ) : (
            <ul className="contrasts">
              {rows.map((l) => (
                <Lesson key={l.id} section={section} lesson={l} />
              ))}
            </ul>
          )
        }
      </Loaded>
    </section>
  );
}
