import Button from 'antd/es/button';
import Dropdown from 'antd/es/dropdown';
import Popconfirm from 'antd/es/popconfirm';
import type { SittingDetail, SittingStep } from '@hurrow/contract';
import { useMayTeach } from '../app/index.ts';
import { pressState } from '../parts/index.ts';

/** The state a press leads to. */
export type Step = SittingStep['to'];
export type Action = Step | 'graded';

/** What a sitting is printed as. */
const PRINTS: readonly { readonly path: string; readonly label: string }[] = [
  { path: 'cards', label: 'Print station cards' },
  { path: 'answer-sheets', label: 'Print answer sheets' },
  { path: 'cutting-list', label: 'Print cutting list' },
  { path: 'labels', label: 'Print labels' },
  { path: 'answer-key', label: 'Print answer key' },
  { path: 'volunteer-card', label: 'Print volunteer card' },
];

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
      <Dropdown
        menu={{
          items: PRINTS.map((p) => ({
            key: p.path,
            label: (
              <a href={`/print/sittings/${sitting.id}/${p.path}`} target="_blank" rel="noreferrer">
                {p.label}
              </a>
            ),
          })),
        }}
      >
        <Button>Print</Button>
      </Dropdown>
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
