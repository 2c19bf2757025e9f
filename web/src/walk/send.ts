import { MAX_BATCH } from '@hurrow/contract';
import type { BatchReceipt, KnownAnswer, SentAnswer } from '@hurrow/contract';
import { request } from '../api/request.ts';
import { keptAnswers, markSent } from './store.ts';
import type { KeptAnswer } from './store.ts';

/** How the answers of this phone stand with the server. */
export type Sending =
  | { readonly kind: 'all_sent' }
  | { readonly kind: 'to_send'; readonly count: number }
  /** The session is gone; the answers wait here. */
  | { readonly kind: 'join_again'; readonly count: number };

const plain = ({ owner: _owner, sent: _sent, ...a }: KeptAnswer): SentAnswer => a;

/** Sends what has not been acknowledged, oldest first. @throws where the server cannot be reached. */
export async function sendAll(
  owner: string,
): Promise<readonly { readonly id: string; readonly why: string }[]> {
  const refused: { id: string; why: string }[] = [];
  for (;;) {
    const batch = (await keptAnswers(owner)).filter((a) => !a.sent).slice(0, MAX_BATCH);
    if (batch.length === 0) return refused;
    const receipt = await request<BatchReceipt>('walkAnswers', { body: { answers: batch.map(plain) } });
    refused.push(...receipt.refused);
    await markSent([...receipt.accepted, ...receipt.refused.map((r) => r.id)], true);
  }
}

/**
 * A server put back from an earlier copy may not know answers it once acknowledged. What it does not show as the
 * latest of an ask is sent again; sending twice does no harm.
 */
export async function unsendUnknown(owner: string, known: readonly KnownAnswer[]): Promise<void> {
  const there = new Set(known.map((k) => k.id));
  const latest = new Map<string, KeptAnswer>();
  const kept = await keptAnswers(owner);
  for (const a of kept) latest.set(a.ask, a);
  const lost = [...latest.values()].filter((a) => a.sent && !there.has(a.id)).map((a) => a.ask);
  const again = kept.filter((a) => a.sent && lost.includes(a.ask));
  if (again.length > 0)
    await markSent(
      again.map((a) => a.id),
      false,
    );
}
