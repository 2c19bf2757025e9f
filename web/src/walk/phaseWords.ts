import type { WalkState } from './engine/index.ts';

const answers = (n: number): string => `${n} ${n === 1 ? 'answer' : 'answers'}`;

/** What the head of every page says about sending, in a few words. */
export function phaseWords({
  phase,
  waiting,
  unsaved,
}: Pick<WalkState, 'phase' | 'waiting' | 'unsaved'>): string {
  const n = waiting.size;
  switch (phase) {
    case 'loading':
      return 'loading';
    case 'nobody':
      return '';
    case 'ready':
      return 'all sent';
    case 'sending':
      return `sending ${answers(n)}`;
    case 'offline':
      return n === 0 ? 'no network, all sent' : `no network, ${answers(n)} kept on this phone`;
    case 'blocked':
      return unsaved.length === 0 ? 'this phone keeps no drafts' : `${answers(unsaved.length)} not kept`;
    case 'signed_out':
      return n === 0 ? 'join again' : `join again to send ${answers(n)}`;
  }
}

/** Whether the words ask for attention. */
export const needsCare = ({ phase }: Pick<WalkState, 'phase'>): boolean =>
  phase !== 'ready' && phase !== 'loading';
