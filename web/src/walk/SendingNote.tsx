import { needsCare, phaseWords } from './phaseWords.ts';
import type { Walk } from './useWalk.ts';

/** Whether everything has reached the server, in the head of every page. */
export function SendingNote({ walk }: { walk: Walk }) {
  return (
    <span role="status" className={needsCare(walk.state) ? 'sending waits' : 'sending'}>
      {phaseWords(walk.state)}
    </span>
  );
}
