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
import { planLesson } from '@hurrow/core/reteach';
import { useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Nothing, ProblemNote, counted, moved } from '../parts/index.ts';
import { PlanBlock } from './PlanBlock.tsx';
import { LEFT_OUT_WORDS, contrastWords } from './planWords.ts';
import type { ContrastRow } from './planWords.ts';
import { Ruler } from './Ruler.tsx';

const MINUTES = [10, 20, 50] as const;
const USUAL_MOST = 2;
const MOST_NAMED = 40;

function toggled(all: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(all);
  if (!next.delete(id)) next.add(id);
  return next;
}

/** What was chosen of a plan: its length, what is kept in, left out, and in which order. */
function usePlan(rows: readonly ContrastRow[]) {
  const [minutes, setMinutes] = useState<number>(MINUTES[0]);
  const [most, setMost] = useState(USUAL_MOST);
  const [search] = useSearchParams();
  // A pair that the lesson is planned from is in it, whatever it costs.
  const [pinned, setPinned] = useState<ReadonlySet<string>>(() => new Set(search.getAll('pin')));
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const [order, setOrder] = useState<readonly string[]>([]);
  const plan = useMemo(
    () =>
      planLesson(
        rows.map((r) => r.contrast),
        { minutes, most, pinned, dropped, order },
      ),
    [rows, minutes, most, pinned, dropped, order],
  );
  const drop = (id: string): void => {
    setDropped(toggled(dropped, id));
    if (pinned.has(id)) setPinned(toggled(pinned, id));
  };
  const move = (from: number, to: number): void =>
    setOrder(
      moved(
        plan.contrasts.map((c) => c.id),
        from,
        to,
      ),
    );
  return {
    plan,
    minutes,
    setMinutes,
    most,
    setMost,
    move,
    drop,
    keep: (id: string) => setPinned(toggled(pinned, id)),
  };
}

/** A plan for a lesson: its minutes, its contrasts and what was left out; recorded in one press. */
export function PlanPanel({ section, rows }: { section: string; rows: readonly ContrastRow[] }) {
  const { today } = useSession();
  const record = useWrite('lessonRecord');
  const { plan, minutes, setMinutes, most, setMost, move, drop, keep } = usePlan(rows);
  const byId = useMemo(() => new Map(rows.map((r) => [r.id, r])), [rows]);
  const nameOf = (id: string): string => contrastWords(byId.get(id) ?? { rows: [] });
  const ids = plan.contrasts.map((c) => c.id);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropOn = ({ active, over }: DragEndEvent): void => {
    if (over && active.id !== over.id) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  const hold = (): void =>
    record.mutate({
      params: { id: section },
      body: {
        on: today,
        kind: 'retaught',
        items: ids.map((id) => {
          const [taxon = '', other = ''] = id.split('/');
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
          onClick={hold}
        >
          Record lesson
        </Button>
      </div>
      <ProblemNote error={record.error} />
      {record.isSuccess ? (
        <p role="status">Recorded for {showDate(today, today)}. It can be corrected below.</p>
      ) : null}
      <Ruler plan={plan} minutes={minutes} nameOf={nameOf} />
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
                    onKeep={() => keep(c.id)}
                    onDrop={() => drop(c.id)}
                    onMove={(by) => move(i, i + by)}
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
                  onClick={() => (l.why === 'dropped' ? drop(l.id) : keep(l.id))}
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
