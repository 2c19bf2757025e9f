import type { Vocabulary } from '@hurrow/core/characters';
import { Dialog, ProblemNote } from '../parts/index.ts';
import type { Pasted, TableModel } from './tableModel.ts';

const SHOWN = 12;

/** A pasted block before it is recorded: what is new, what changes, what is refused and why. All of it or nothing. */
export function PastePanel({
  pasted,
  model,
  vocabulary,
  busy,
  error,
  onApply,
  onClose,
}: {
  pasted: Pasted;
  model: TableModel;
  vocabulary: Vocabulary;
  busy: boolean;
  error: unknown;
  onApply: () => void;
  onClose: () => void;
}) {
  const fresh = pasted.entries.filter((e) => e.version === null).length;
  const species = new Set(pasted.entries.map((e) => e.taxon)).size;
  const wrong = pasted.problems.length + pasted.strangers.length;
  return (
    <Dialog
      open
      title="What was pasted"
      okText={`Record ${pasted.entries.length}`}
      cancelText="Cancel"
      okButtonProps={{ disabled: wrong > 0 || pasted.entries.length === 0, loading: busy }}
      onOk={onApply}
      onCancel={onClose}
    >
      <p>
        <span className="number">{fresh}</span> new and{' '}
        <span className="number">{pasted.entries.length - fresh}</span> changed values of{' '}
        <span className="number">{species}</span> species; <span className="number">{pasted.same}</span> stand
        so already.
      </p>
      {wrong > 0 ? (
        <>
          <p>
            <b className="number">{wrong}</b> cannot be read, so nothing is recorded yet:
          </p>
          <ul className="plain-list">
            {pasted.strangers.slice(0, SHOWN).map((s, i) => (
              <li key={`s${i}`}>“{s}” is no species or character of this table.</li>
            ))}
            {pasted.problems.slice(0, SHOWN).map((p) => (
              <li key={`${p.taxon}${p.character}`}>
                {model.nameOf(p.taxon)}, {vocabulary.get(p.character)?.plain ?? p.character}, “{p.text}
                ”: {p.problem}
              </li>
            ))}
          </ul>
          {wrong > 2 * SHOWN ? <p className="quiet">and more</p> : null}
        </>
      ) : null}
      <ProblemNote error={error} />
    </Dialog>
  );
}
