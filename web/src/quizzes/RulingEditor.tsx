import { useState } from 'react';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { normalise } from '@hurrow/core/names';
import type { ListDetail, MarkRow, Marks, RulingBody, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** Decides a written name once for all answers on this list, here and in later sittings. */
export function RulingEditor({
  sitting,
  row,
  rows,
  onClose,
}: {
  sitting: SittingDetail;
  row: MarkRow;
  rows: readonly MarkRow[];
  onClose: () => void;
}) {
  const list = useRead<ListDetail>('list', { id: sitting.list });
  const [names, setNames] = useState<string>(row.taxon?.id ?? row.truth.id);
  const save = useWrite<Marks>('ruling', ['marks', 'sitting', 'mixups', 'evidence']);
  const folded = normalise(row.typed);
  const same = rows.filter((r) => r.kind !== 'call' && normalise(r.typed) === folded).length;
  const body = (): RulingBody =>
    names === 'unlisted'
      ? { typed: row.typed, taxon: null, outcome: 'unlisted' }
      : { typed: row.typed, taxon: names, outcome: 'misspelt' };
  return (
    <Modal
      open
      title={`What does “${row.typed}” name?`}
      okText="Decide for all"
      onCancel={onClose}
      confirmLoading={save.isPending}
      onOk={() => save.mutate({ params: { id: sitting.id }, body: body() }, { onSuccess: onClose })}
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
