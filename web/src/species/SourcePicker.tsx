import type { Source } from '@hurrow/contract';
import { AppLink, Choose } from '../parts/index.ts';
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
      <Choose
        bare
        label="Written under the source"
        value={source}
        options={own.map((s) => ({ value: s.id, label: s.citation }))}
        onChange={onChoose}
      />
    </label>
  );
}
