import Button from 'antd/es/button';
import Progress from 'antd/es/progress';

/** Long work under way: how far it is, and a way to stop it. */
export function WorkNote({
  what,
  work,
}: {
  what: string;
  work: {
    readonly running: boolean;
    readonly cancelled: boolean;
    readonly failed: boolean;
    readonly done: number;
    readonly total: number;
    readonly cancel: () => void;
    readonly again: () => void;
  };
}) {
  if (work.failed) {
    return (
      <p className="work-note" role="alert">
        {what} broke on the way; it is our fault. <Button onClick={work.again}>Start it again</Button>
      </p>
    );
  }
  if (work.cancelled) {
    return (
      <p className="work-note" role="status">
        {what} was stopped. <Button onClick={work.again}>Start it again</Button>
      </p>
    );
  }
  if (!work.running) return null;
  return (
    <div className="work-note" role="status">
      {what}…{' '}
      {work.total > 0 ? (
        <>
          <Progress
            className="work-progress"
            percent={Math.round((100 * work.done) / work.total)}
            size="small"
            showInfo={false}
            aria-label={what}
          />
          <span className="number">
            {work.done} of {work.total}
          </span>{' '}
        </>
      ) : null}
      <Button size="small" onClick={work.cancel}>
        Stop
      </Button>
    </div>
  );
}
