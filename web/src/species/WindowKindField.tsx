import { WINDOW_KINDS } from '@hurrow/core/conditions';
import type { WindowKind } from '@hurrow/core/conditions';
import { WINDOW_WORDS } from './seasonWords.ts';

/** Chooses which season is spoken of. */
export function WindowKindField({
  kind,
  onChange,
}: {
  kind: WindowKind;
  onChange: (kind: WindowKind) => void;
}) {
  return (
    <label className="field">
      <span>What</span>
      <select value={kind} autoFocus onChange={(e) => onChange(e.target.value as WindowKind)}>
        {WINDOW_KINDS.map((k) => (
          <option key={k} value={k}>
            {WINDOW_WORDS[k]}
          </option>
        ))}
      </select>
    </label>
  );
}
