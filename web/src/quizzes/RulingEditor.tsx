import { useState } from 'react';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { normalise } from '@hurrow/core/names';
import type { GradeRow, GradingDone, RulingBody, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { ProblemNote, counted } from '../parts/index.ts';

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
  const mayTeach = useMayTeach();
  const [scope, setScope] = useState<NonNullable<RulingBody['scope']>>(mayTeach ? 'list' : 'sitting');
  const body = (): RulingBody =>
    names === 'unlisted'
      ? { typed: row.typed, taxon: null, outcome: 'unlisted', scope }
      : { typed: row.typed, taxon: names, outcome: 'misspelled', scope };
  return (
    <Modal
      open
      title={`What does “${row.typed}” name?`}
      okText="Save decision"
      onCancel={onClose}
      confirmLoading={save.isPending}
      onOk={() => save.mutate({ params: { id: sitting.id }, body: body() }, { onSuccess: onDone })}
    >
      <div className="stack">
        <p>{counted(same, 'student')} wrote this. You can undo the decision under Name decisions.</p>
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
        <div className="field">
          <label htmlFor="ruling-scope">It applies to</label>
          <Select<NonNullable<RulingBody['scope']>>
            id="ruling-scope"
            value={scope}
            disabled={!mayTeach}
            onChange={setScope}
            options={[
              { value: 'list', label: 'Every class with this list, now and later' },
              { value: 'section', label: `${sitting.sectionName}, now and later` },
              { value: 'sitting', label: 'This sitting only' },
            ]}
          />
        </div>
        <ProblemNote error={save.error} />
      </div>
    </Modal>
  );
}
