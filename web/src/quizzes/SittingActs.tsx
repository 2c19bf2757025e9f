import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { SittingDetail, SittingStep } from '@hurrow/contract';
import { useMayTeach } from '../app/index.ts';
import { pressState } from '../parts/index.ts';

/** The state a press leads to. */
export type Step = SittingStep['to'];
export type Action = Step | 'graded';

/** What can be done with a sitting in its state: the next step, the way back while nobody has joined, and its prints. */
export function SittingActs({
  sitting,
  doing,
  removing,
  onStep,
  onGrade,
  onGrades,
  onRemove,
}: {
  sitting: SittingDetail;
  /** What is under way. */
  doing: Action | null;
  removing: boolean;
  onStep: (to: Step) => void;
  onGrade: () => void;
  onGrades: () => void;
  onRemove: () => void;
}) {
  const mayTeach = useMayTeach();
  const press = (own: Action) => pressState(doing, own);
  return (
    <>
      <Button href={`/print/sittings/${sitting.id}/cards`} target="_blank">
        Print station cards
      </Button>
      <Button href={`/print/sittings/${sitting.id}/answer-sheets`} target="_blank">
        Print answer sheets
      </Button>
      {sitting.state === 'draft' && mayTeach ? (
        <Popconfirm
          title="Delete this draft?"
          description="The quiz and its stations stay."
          okText="Delete draft"
          cancelText="Cancel"
          onConfirm={onRemove}
        >
          <Button loading={removing}>Delete draft</Button>
        </Popconfirm>
      ) : null}
      {(sitting.state === 'locked' || sitting.state === 'open') && sitting.joined === 0 ? (
        <Popconfirm
          title="Go back to a draft?"
          description="The key is unlocked and the join code stops working. Nobody has joined yet."
          okText="Back to draft"
          cancelText="Cancel"
          onConfirm={() => onStep('draft')}
        >
          <Button {...press('draft')}>Back to draft</Button>
        </Popconfirm>
      ) : null}
      {sitting.state === 'draft' ? (
        <Button {...press('locked')} onClick={() => onStep('locked')}>
          Lock key
        </Button>
      ) : null}
      {sitting.state === 'draft' || sitting.state === 'locked' ? (
        <Button type="primary" {...press('open')} onClick={() => onStep('open')}>
          Open sitting
        </Button>
      ) : null}
      {sitting.state === 'open' ? (
        <Button type="primary" {...press('closed')} onClick={() => onStep('closed')}>
          Close sitting
        </Button>
      ) : null}
      {sitting.state === 'closed' ? (
        <>
          <Button {...press('open')} onClick={() => onStep('open')}>
            Reopen sitting
          </Button>
          <Button type="primary" {...press('graded')} onClick={onGrade}>
            Grade sitting
          </Button>
        </>
      ) : null}
      {sitting.state === 'graded' || sitting.state === 'returned' ? (
        <Button type="primary" onClick={onGrades}>
          See grades
        </Button>
      ) : null}
    </>
  );
}
