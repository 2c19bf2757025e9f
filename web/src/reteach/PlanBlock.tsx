import type { CSSProperties, KeyboardEvent } from 'react';
import HolderOutlined from '@ant-design/icons/HolderOutlined';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Button from 'antd/es/button';
import type { LessonPlan } from '@hurrow/core/reteach';
import { AppLink, CardButton } from '../parts/index.ts';
import { BlockWhere } from './BlockWhere.tsx';
import { contrastWords, whyWords } from './planWords.ts';
import type { ContrastRow } from './planWords.ts';

const STEP: Readonly<Record<string, number>> = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 };

/** One contrast of a plan: what it is, why it is in, its page, and ways to keep it, drop it and move it. */
export function PlanBlock({
  row,
  planned,
  place,
  day,
  onKeep,
  onDrop,
  onMove,
}: {
  row: ContrastRow;
  planned: LessonPlan['contrasts'][number];
  /** Its place in the lesson, from 1, and how many there are. */
  place: readonly [number, number];
  day: (on: string) => string;
  onKeep: () => void;
  onDrop: () => void;
  /** Moves it by so many places. */
  onMove: (by: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: row.id,
  });
  const style: CSSProperties = { transform: CSS.Transform.toString(transform) ?? undefined, transition };
  const name = contrastWords(row);
  const [first] = row.rows;
  const [a = '', b = ''] = row.id.split('/');
  const keys = (e: KeyboardEvent): void => {
    if (!e.altKey || !(e.key in STEP)) return;
    e.preventDefault();
    onMove(STEP[e.key] ?? 0);
  };
  return (
    <li ref={setNodeRef} style={style} className={`plan-block${isDragging ? ' dragging' : ''}`}>
      <CardButton
        className="grip"
        {...attributes}
        {...listeners}
        onKeyDown={(e) => {
          keys(e);
          if (!e.altKey) (listeners?.['onKeyDown'] as ((k: KeyboardEvent) => void) | undefined)?.(e);
        }}
        aria-label={`Move ${name}, ${place[0]} of ${place[1]}`}
      >
        <HolderOutlined />
      </CardButton>
      <div className="plan-block-what">
        <b>{name}</b>
        <span>{whyWords(row, day)}</span>
        <BlockWhere a={a} b={b} />
        <span className="contrast-acts">
          <AppLink to={`/reteach/${row.id}`}>Open lesson</AppLink>
          {first ? (
            <AppLink to={`/mix-ups?pair=${first.truth.id}.${first.answer.id}`}>Open pair</AppLink>
          ) : null}
          <Button
            size="small"
            aria-pressed={planned.pinned}
            aria-label={`${planned.pinned ? 'Let go of' : 'Keep in'} ${name}`}
            onClick={onKeep}
          >
            {planned.pinned ? 'Let go' : 'Keep in'}
          </Button>
          <Button size="small" aria-label={`Leave out ${name}`} onClick={onDrop}>
            Leave out
          </Button>
        </span>
        <details>
          <summary>Details</summary>
          <p className="quiet">
            A lesson is taken to remove half of the wrong answers: about {Math.round(planned.removed)} fewer
            in the next quiz.
          </p>
        </details>
      </div>
    </li>
  );
}
