import Button from 'antd/es/button';
import type { Grades, SittingDetail } from '@hurrow/contract';
import { useGo } from '../app/index.ts';
import { ExportGrades } from './ExportGrades.tsx';

/** The next step for the grades, and others. */
export function GradesActs({
  sitting,
  grades,
  onAgain,
  onReturn,
}: {
  sitting: SittingDetail;
  grades: Grades;
  onAgain: () => void;
  onReturn: () => void;
}) {
  const go = useGo();
  if (sitting.state !== 'returned')
    return (
      <>
        <ExportGrades sitting={sitting.id} />
        <Button onClick={onAgain}>Grade again</Button>
        <Button type="primary" onClick={onReturn}>
          Return results
        </Button>
      </>
    );
  return (
    <>
      <ExportGrades sitting={sitting.id} />
      {grades.stale.length > 0 ? <Button onClick={onAgain}>Grade again</Button> : null}
      {grades.changedSince.length > 0 && grades.stale.length === 0 ? (
        <Button onClick={onReturn}>Return results again</Button>
      ) : null}
      <Button onClick={() => go(`/print/sittings/${sitting.id}/slips`)}>Print result slips</Button>
      <Button type="primary" onClick={() => go(`/mix-ups?section=${sitting.section}`)}>
        See mix-ups
      </Button>
    </>
  );
}
