import Button from 'antd/es/button';
import type { WalkStation } from '@hurrow/contract';
import { cluesShown } from './clues.ts';

/** Which parts may be looked at, and the next one for points. */
export function CluesPanel({
  clues,
  opened,
  onOpen,
}: {
  clues: WalkStation['clues'];
  opened: number;
  onOpen: () => void;
}) {
  const { open, next } = cluesShown(clues, opened);
  return (
    <div className="note">
      <b>Look only at:</b> {open.join(', ')}.
      {next ? (
        <Button block size="large" onClick={onOpen}>
          {next}
        </Button>
      ) : null}
    </div>
  );
}
