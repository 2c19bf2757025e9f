import Button from 'antd/es/button';
import type { Sheet } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { shiftWords } from './lines.ts';

/** Asks about lines that look one station off, and says what was decided; the sheet as written is kept either way. */
export function ShiftQuestion({ sitting, sheet }: { sitting: string; sheet: Sheet }) {
  const decide = useWrite('sheetShift');
  const { shift } = sheet;
  if (!shift) return null;
  const put = (decision: 'shift' | 'leave'): void =>
    decide.mutate({ params: { id: sitting, student: sheet.student }, body: { decision } });
  if (shift.state !== 'open')
    return (
      <p className="quiet" role="note">
        Lines {shift.first} to {shift.last}{' '}
        {shift.state === 'shifted'
          ? `were moved one line ${shift.by === -1 ? 'up' : 'down'}. The sheet as written is kept.`
          : 'were left as written.'}{' '}
        {shift.decidedBy ? `Decided by ${shift.decidedBy}.` : ''}
      </p>
    );
  return (
    <section className="panel care-panel" aria-label="Lines that look off">
      <h2>{shiftWords(shift)}</h2>
      <p>Check the sheet. Until you decide, these lines count for no mix-up.</p>
      <div className="table-tools">
        <Button type="primary" loading={decide.isPending} onClick={() => put('shift')}>
          Move lines {shift.first} to {shift.last} one {shift.by === -1 ? 'up' : 'down'}
        </Button>
        <Button loading={decide.isPending} onClick={() => put('leave')}>
          Leave lines as written
        </Button>
      </div>
      <ProblemNote error={decide.error} />
    </section>
  );
}
