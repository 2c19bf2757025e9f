import { WINDOW_KINDS } from '@hurrow/core/conditions';
import type { WindowKind } from '@hurrow/core/conditions';
import { WINDOW_WORDS } from './seasonWords.ts';
import { Choose } from '../parts/index.ts';

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
      <Choose
        label="What"
        value={kind}
        autoFocus
        options={WINDOW_KINDS.map((k) => ({ value: k, label: WINDOW_WORDS[k] }))}
        onChange={onChange}
      />
    </label>
  );
}
