import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import InputNumber from 'antd/es/input-number';
import type { GradedAnswer } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';

/** Gives one answer other points, with the reason the student will read. */
export function OverrideEditor({
  row,
  returned,
  onClose,
}: {
  row: GradedAnswer;
  /** Whether students see their results already. */
  returned: boolean;
  onClose: () => void;
}) {
  const [points, setPoints] = useState<number | null>(row.override?.points ?? null);
  const [reason, setReason] = useState(row.override?.reason ?? '');
  const save = useWrite('override');
  const withdraw = useWrite('overrideWithdraw');
  const params = { id: row.response };
  return (
    <Dialog
      open
      title={`Change grade: student ${row.code}, station ${row.station}`}
      onCancel={onClose}
      footer={
        <>
          {row.override ? (
            <Button onClick={() => withdraw.mutate({ params }, { onSuccess: onClose })}>Undo change</Button>
          ) : null}
          <Button onClick={onClose}>Cancel</Button>
          <Button
            type="primary"
            loading={save.isPending}
            disabled={points === null}
            onClick={() => {
              if (points !== null) save.mutate({ params, body: { points, reason } }, { onSuccess: onClose });
            }}
          >
            Save grade
          </Button>
        </>
      }
    >
      <div className="stack">
        <p>
          The student wrote <b>{row.typed || 'nothing'}</b> and got {row.points} of {row.most}: {row.why}.
          {returned ? ' They see the new points and your reason at once.' : ''}
        </p>
        <div className="field">
          <label htmlFor="override-points">Points, 0 to {row.most}</label>
          <InputNumber id="override-points" min={0} step={0.5} value={points} onChange={setPoints} />
        </div>
        <div className="field">
          <label htmlFor="override-reason">Reason, which the student reads</label>
          <Input.TextArea
            id="override-reason"
            autoFocus
            rows={2}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        </div>
        <ProblemNote error={save.error ?? withdraw.error} />
      </div>
    </Dialog>
  );
}
