import type { Walk } from './useWalk.ts';

/** Whether everything has reached the server; nothing typed is ever lost either way. */
export function SendingNote({ walk }: { walk: Walk }) {
  const { sending, offline } = walk;
  const text =
    sending.kind === 'all_sent'
      ? offline
        ? 'no network; nothing waits'
        : 'all sent'
      : offline
        ? `no network: ${sending.count} kept on this phone`
        : `sending ${sending.count}`;
  return (
    <span role="status" className={sending.kind === 'all_sent' ? 'sending' : 'sending waits'}>
      {text}
    </span>
  );
}
