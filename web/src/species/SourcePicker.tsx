import type { Source } from '@hurrow/contract';
import { AppLink } from '../parts/index.ts';
import { writable } from './useSource.ts';

/** Chooses the source that what is written is said to come from. */
export function SourcePicker({
  sources,
  source,
  onChoose,
}: {
  sources: readonly Source[];
  source: string;
  onChoose: (id: string) => void;
}) {
  const own = writable(sources);
  if (own.length === 0) return <AppLink to="/species/sources">Add a source to write under</AppLink>;
  return (
    <label className="condition">
      <span className="condition-label">Written under the source</span>
      <select value={source} onChange={(e) => onChoose(e.target.value)}>
        {own.map((s) => (
          <option key={s.id} value={s.id}>
            {s.citation}
          </option>
        ))}
      </select>
    </label>
  );
}
