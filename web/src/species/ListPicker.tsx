import type { ListSummary } from '@hurrow/contract';
import { Choose } from '../parts/index.ts';

/** Chooses the list a table or a chart is made for. */
export function ListPicker({
  lists,
  chosen,
  onChoose,
}: {
  lists: readonly ListSummary[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  return (
    <label className="condition">
      <span className="condition-label">List</span>
      <Choose
        bare
        label="List"
        value={chosen}
        options={lists.map((l) => ({ value: l.id, label: `${l.name} (${l.size})` }))}
        onChange={onChoose}
      />
    </label>
  );
}
