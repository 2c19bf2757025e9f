import Button from 'antd/es/button';
import type { Walk } from './useWalk.ts';

const TIME = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' });

/** What a student must know at once: a phone that keeps nothing, and another phone under the same number. */
export function WalkNotes({ walk }: { walk: Walk }) {
  const { phase, unsaved, sitting } = walk.state;
  const other = sitting?.otherDevices.at(-1);
  return (
    <>
      {phase === 'blocked' ? (
        <div className="note bad" role="alert">
          <b>This phone does not keep your answers.</b>{' '}
          {unsaved.length > 0
            ? 'Do not close this page. Write your answers on paper too, and try again.'
            : 'What you type may be lost when you close this page. Try again, or write on paper.'}
          <Button block size="large" onClick={() => void walk.tryAgain()}>
            Try again
          </Button>
        </div>
      ) : null}
      {other === undefined ? null : (
        <div className="note care" role="status">
          <b>Another phone uses your number</b> since {TIME.format(new Date(other))}. If it is not yours, tell
          your instructor now.
        </div>
      )}
    </>
  );
}
