import { useState } from 'react';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { normalise } from '@hurrow/core/names';
import type { GradeRow, GradingDone, RulingBody, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** Decides a written name once for all answers on this list, here and in later sittings. */
export function RulingEditor({
  sitting,
  row,
  onDone,
  onClose,
}: {
  sitting: SittingDetail;
  row: GradeRow;
  onDone: (done: GradingDone) => void;
  onClose: () => void;
}) {
  const list = useRead('list', { id: sitting.list });
  const [names, setNames] = useState<string>(row.taxon?.id ?? row.truth.id);
  const save = useWrite('ruling');
  const folded = normalise(row.typed);
  const written = useRead('grades', { id: sitting.id }, true, { show: 'names' });
  const same = (written.data?.rows ?? []).filter(
    (r) => r.kind !== 'call' && normalise(r.typed) === folded,
  ).length;
  const body = (): RulingBody =>
    names === 'unlisted'
      ? { typed: row.typed, taxon: null, outcome: 'unlisted' }
      : { typed: row.typed, taxon: names, outcome: 'misspelled' };
  return (
    <Modal
      open
      title={`What does “${row.typed}” name?`}
      okText="Decide for all"
      onCancel={onClose}
      confirmLoading={save.isPending}
      onOk={() => save.mutate({ params: { id: sitting.id }, body: body() }, { onSuccess: onDone })}
    >
      <div className="stack">
        <p>
          {same} {same === 1 ? 'answer' : 'answers'} of this sitting {same === 1 ? 'reads' : 'read'} so. The
          decision holds for the list, here and in later sittings, and can be changed by deciding again.
        </p>
        <div className="field">
          <label htmlFor="ruling-names">It names</label>
          <Select
            id="ruling-names"
            showSearch={{ optionFilterProp: 'label' }}
            value={names}
            onChange={setNames}
            options={[
              ...(list.data?.members ?? []).map((m) => ({
                value: m.id,
                label: m.common ? `${m.scientific}, ${m.common}` : m.scientific,
              })),
              { value: 'unlisted', label: 'no species at all' },
            ]}
          />
        </div>
        <ProblemNote error={save.error} />
      </div>
    </Modal>
  );
}
