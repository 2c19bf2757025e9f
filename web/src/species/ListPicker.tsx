import type { ListSummary } from '@hurrow/contract';

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
      <select value={chosen} onChange={(e) => onChoose(e.target.value)}>
        {lists.map((l) => (
          <option key={l.id} value={l.id}>
            {l.name} ({l.size})
          </option>
        ))}
      </select>
    </label>
  );
}
