import { useState } from 'react';
import Select from 'antd/es/select';
import type { Sheet, SittingDetail } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';

/** Moves a sheet that was entered under a wrong number. */
export function MoveSheet({
  sitting,
  sheet,
  onClose,
  onMoved,
}: {
  sitting: SittingDetail;
  sheet: Sheet;
  onClose: () => void;
  onMoved: (student: string) => void;
}) {
  const move = useWrite('sheetMove');
  const [to, setTo] = useState<string | undefined>(undefined);
  return (
    <Dialog
      open
      title={`Move the sheet of number ${sheet.code}`}
      okText="Move sheet"
      onCancel={onClose}
      okButtonProps={{ disabled: to === undefined }}
      confirmLoading={move.isPending}
      onOk={() =>
        to === undefined
          ? undefined
          : move.mutate(
              { params: { id: sitting.id, student: sheet.student }, body: { to } },
              { onSuccess: () => onMoved(to) },
            )
      }
    >
      <p>All answers entered from paper go to the number you choose. What came by phone stays.</p>
      <div className="field">
        <label htmlFor="move-to">Whose sheet it is</label>
        <Select<string>
          id="move-to"
          autoFocus
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="Number or name"
          {...(to ? { value: to } : {})}
          onChange={setTo}
          options={sitting.people
            .filter((p) => p.student !== sheet.student)
            .map((p) => ({
              value: p.student,
              label: `${p.code}${p.firstName ? ` ${p.firstName}` : ''}${p.answered > 0 ? `, ${p.answered} answers` : ''}`,
            }))}
        />
      </div>
      <ProblemNote error={move.error} />
    </Dialog>
  );
}
