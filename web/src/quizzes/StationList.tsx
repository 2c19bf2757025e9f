import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { DragEndEvent } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { QuizDetail } from '@hurrow/contract';
import { StationLine } from './StationLine.tsx';
import type { Fairness } from './useFairness.ts';
import type { NameOf } from './fairWords.ts';
import { moved } from '../parts/index.ts';

/** The stations in walking order. They are put in another order by dragging, or with Alt and an arrow. */
export function StationList({
  quiz,
  fairness,
  students,
  nameOf,
  selected,
  movable,
  onSelect,
  onOrder,
}: {
  quiz: QuizDetail;
  fairness: Fairness;
  students: number;
  nameOf: NameOf;
  selected: string | null;
  movable: boolean;
  onSelect: (station: string) => void;
  onOrder: (stations: readonly string[]) => void;
}) {
  const ids = quiz.stations.map((s) => s.id);
  const sensors = useSensors(
    // A press that does not move chooses a station.
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number): void => {
    const next = moved(ids, from, to);
    if (next !== ids) onOrder(next);
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over && active.id !== over.id) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol className="quiz-stations" aria-label="Stations in walking order">
          {quiz.stations.map((s, i) => (
            <StationLine
              key={s.id}
              station={s}
              found={fairness.found.get(s.id)}
              sketch={fairness.drawings.get(s.tree.taxon.id)}
              students={students}
              nameOf={nameOf}
              selected={s.id === selected}
              movable={movable}
              onSelect={() => onSelect(s.id)}
              onMove={(by) => move(i, i + by)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
