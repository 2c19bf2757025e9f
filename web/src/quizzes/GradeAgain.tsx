import type { SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { Dialog, EffectNote, ProblemNote } from '../parts/index.ts';

/** Shows who gains and who loses before a sitting is graded again; the grading before it is kept. */
export function GradeAgain({
  sitting,
  hidden,
  onClose,
}: {
  sitting: SittingDetail;
  hidden: boolean;
  onClose: () => void;
}) {
  const preview = useRead('gradingPreview', { id: sitting.id });
  const again = useWrite('gradingRun');
  return (
    <Dialog
      open
      title="Grade again"
      okText="Grade again"
      cancelText="Keep these grades"
      confirmLoading={again.isPending}
      okButtonProps={{ disabled: !preview.data }}
      onCancel={onClose}
      onOk={() => again.mutate({ params: { id: sitting.id } }, { onSuccess: onClose })}
    >
      <EffectNote effect={preview.data} own={sitting.id} hidden={hidden} />
      <p className="quiet">The grading before this one is kept.</p>
      <ProblemNote error={preview.error ?? again.error} />
    </Dialog>
  );
}
