import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { DragEndEvent } from '@dnd-kit/core';
import { SortableContext, rectSortingStrategy, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Segmented from 'antd/es/segmented';
import { showDate } from '@hurrow/core/conditions';
import { useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Nothing, ProblemNote, counted } from '../parts/index.ts';
import { MINUTES, itemsOf, openPlan, planAfter, planOf } from './planState.ts';
import type { PlanAct } from './planState.ts';
import { PlanBlock } from './PlanBlock.tsx';
import { LEFT_OUT_WORDS, contrastWords } from './planWords.ts';
import type { ContrastRow } from './planWords.ts';
import { Ruler } from './Ruler.tsx';

const MOST_NAMED = 40;

/** A plan with what was chosen of it, and a way to change it. */
function usePlan(rows: readonly ContrastRow[]) {
  const [search] = useSearchParams();
  const [state, setState] = useState(() => openPlan(search.getAll('pin')));
  const plan = useMemo(() => planOf(state, rows), [state, rows]);
  const act = (done: PlanAct): void =>
    setState(
      planAfter(
        state,
        done,
        plan.contrasts.map((c) => c.id),
      ),
    );
  return { plan, state, act };
}

/** A plan for a lesson: its minutes, its contrasts and what was left out; recorded in one press. */
export function PlanPanel({ section, rows }: { section: string; rows: readonly ContrastRow[] }) {
  const { today } = useSession();
  const record = useWrite('lessonRecord');
  const { plan, state, act } = usePlan(rows);
  const byId = useMemo(() => new Map(rows.map((r) => [r.id, r])), [rows]);
  const nameOf = (id: string): string => contrastWords(byId.get(id) ?? { rows: [] });
  const ids = plan.contrasts.map((c) => c.id);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropOn = ({ active, over }: DragEndEvent): void => {
    if (over && active.id !== over.id)
      act({ kind: 'move', from: ids.indexOf(String(active.id)), to: ids.indexOf(String(over.id)) });
  };
  const hold = (): void =>
    record.mutate({
      params: { id: section },
      body: {
        on: today,
        kind: 'retaught',
        items: itemsOf(plan),
      },
    });
  return (
    <section className="panel stack" aria-label="Plan">
      <div className="plan-strip">
        <label className="field">
          <span>Minutes</span>
          <Segmented<number>
            aria-label="Minutes"
            value={state.minutes}
            onChange={(minutes) => act({ kind: 'minutes', minutes })}
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
            value={state.most}
            onChange={(most) => (most === null ? undefined : act({ kind: 'most', most }))}
            suffix="contrasts"
          />
        </label>
        <Button
          type="primary"
          disabled={plan.contrasts.length === 0}
          loading={record.isPending}
          onClick={hold}
        >
          Record lesson
        </Button>
      </div>
      <ProblemNote error={record.error} />
      {record.isSuccess ? (
        <p role="status">Recorded for {showDate(today, today)}. It can be corrected below.</p>
      ) : null}
      <Ruler plan={plan} minutes={state.minutes} nameOf={nameOf} />
      {plan.contrasts.length === 0 ? (
        <Nothing title="Nothing fits this lesson">
          Choose more minutes, or take back what you left out.
        </Nothing>
      ) : (
        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropOn}>
          <SortableContext items={ids} strategy={rectSortingStrategy}>
            <ol className="contrasts" aria-label="In this lesson">
              {plan.contrasts.map((c, i) => {
                const row = byId.get(c.id);
                return row ? (
                  <PlanBlock
                    key={c.id}
                    row={row}
                    planned={c}
                    place={[i + 1, ids.length]}
                    day={(on) => showDate(on, today)}
                    onKeep={() => act({ kind: 'keep', id: c.id })}
                    onDrop={() => act({ kind: 'drop', id: c.id })}
                    onMove={(by) => act({ kind: 'move', from: i, to: i + by })}
                  />
                ) : null;
              })}
            </ol>
          </SortableContext>
        </DndContext>
      )}
      {plan.leftOut.length > 0 ? (
        <details>
          <summary>Left out: {counted(plan.leftOut.length, 'mix-up')}</summary>
          <ul className="plain-list">
            {plan.leftOut.slice(0, MOST_NAMED).map((l) => (
              <li key={l.id}>
                {nameOf(l.id)}: <span className="quiet">{LEFT_OUT_WORDS[l.why]}</span>{' '}
                <Button
                  size="small"
                  aria-label={`${l.why === 'dropped' ? 'Take back' : 'Keep in'} ${nameOf(l.id)}`}
                  onClick={() => act({ kind: l.why === 'dropped' ? 'drop' : 'keep', id: l.id })}
                >
                  {l.why === 'dropped' ? 'Take back' : 'Keep in'}
                </Button>
              </li>
            ))}
            {plan.leftOut.length > MOST_NAMED ? (
              <li className="quiet">and {plan.leftOut.length - MOST_NAMED} more</li>
            ) : null}
          </ul>
        </details>
      ) : null}
    </section>
  );
}
