import { v4 } from 'uuid';
import type { BatchReceipt, SentAnswer, WalkSitting } from '@hurrow/contract';
import type { Answer, Client } from './client.ts';

export interface Given {
  readonly call?: string;
  readonly name?: string;
  readonly sure?: 'sure' | 'leaning' | 'guessing';
}

/** The answers a phone would send for one station, in the order of its asks. */
export function answersFor(walk: WalkSitting, station: number, given: Given, seq = 1): SentAnswer[] {
  const asks = walk.stations.find((s) => s.number === station)?.asks ?? [];
  return asks.flatMap((a): SentAnswer[] => {
    const base = { id: v4(), ask: a.id, seq, at: '2026-10-01T18:00:00.000Z' };
    if (a.kind === 'call') return given.call === undefined ? [] : [{ ...base, state: given.call }];
    if (a.kind === 'sureness') return given.sure === undefined ? [] : [{ ...base, sure: given.sure }];
    return given.name === undefined ? [] : [{ ...base, typed: given.name }];
  });
}

export const send = (phone: Client, answers: readonly SentAnswer[]): Promise<Answer<BatchReceipt>> =>
  phone.call<BatchReceipt>('POST', '/api/walk/answers', { answers });
