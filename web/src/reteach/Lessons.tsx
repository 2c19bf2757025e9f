import { useState } from 'react';
import Button from 'antd/es/button';
import DatePicker from 'antd/es/date-picker';
import Modal from 'antd/es/modal';
import dayjs from 'dayjs';
import type { LessonRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Loaded, Nothing, ProblemNote, TaxonName } from '../parts/index.ts';
import { followedWords } from './planWords.ts';

/** Corrects the day of a lesson. */
function Correct({ section, lesson, onClose }: { section: string; lesson: LessonRow; onClose: () => void }) {
  const change = useWrite('lessonChange');
  const [on, setOn] = useState(lesson.on);
  return (
    <Modal
      open
      title="Correct lesson"
      okText="Save"
      cancelText="Cancel"
      confirmLoading={change.isPending}
      onCancel={onClose}
      onOk={() =>
        change.mutate(
          {
            params: { id: section, lesson: lesson.id },
            body: {
              on,
              kind: lesson.kind,
              items: lesson.items.map((i) => ({ taxon: i.taxon.id, other: i.other?.id ?? null })),
            },
          },
          { onSuccess: onClose },
        )
      }
    >
      <label className="field" htmlFor="lesson-on">
        <span>Held on</span>
        <DatePicker
          id="lesson-on"
          format="MMM D, YYYY"
          allowClear={false}
          value={dayjs(on)}
          onChange={(d) => (d ? setOn(d.format('YYYY-MM-DD')) : undefined)}
        />
      </label>
      <ProblemNote error={change.error} />
    </Modal>
  );
}

function Lesson({ section, lesson }: { section: string; lesson: LessonRow }) {
  const { today } = useSession();
  const [isOpen, setOpen] = useState(false);
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
        <span key={`${f.truth.id}/${f.answer.id}`} className="quiet">
          {f.answer.common ?? f.answer.scientific} for {f.truth.common ?? f.truth.scientific}:{' '}
          {followedWords(f)}
        </span>
      ))}
      <span className="contrast-acts">
        <Button size="small" aria-label={`Correct lesson of ${day}`} onClick={() => setOpen(true)}>
          Correct
        </Button>
        <Button size="small" aria-label={`Remove lesson of ${day}`} onClick={() => setAsked(true)}>
          Remove
        </Button>
      </span>
      {isOpen ? <Correct section={section} lesson={lesson} onClose={() => setOpen(false)} /> : null}
      <Modal
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
      </Modal>
    </li>
  );
}

/** The lessons of a class, the newest first, with what followed each. */
export function Lessons({ section }: { section: string }) {
  const read = useRead('lessons', { id: section });
  return (
    <section className="panel" aria-label="Lessons">
      <h2>Lessons, and what followed</h2>
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
