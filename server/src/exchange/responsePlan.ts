import { planResponses, readResponses } from '@hurrow/core/responses';
import type { Choices, ResponseGround, ResponsePlan } from '@hurrow/core/responses';
import type { Refusal } from '@hurrow/core/formats';

export interface ResponseRequest {
  readonly text: string;
  readonly choices: Choices;
  readonly ground: ResponseGround;
}

export type PlannedResponses =
  | { readonly ok: true; readonly plan: ResponsePlan; readonly unread: readonly string[] }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

type Tell = (stage: string, done: number, total: number | null) => void;

/** Reads a responses file and holds it against what is known. Pure, so that it can run in a thread of its own. */
export function planResponseFile({ text, choices, ground }: ResponseRequest, tell: Tell): PlannedResponses {
  tell('reading', 0, null);
  const read = readResponses(text, (done, total) => tell('reading', done, total));
  if (!read.ok) return read;
  const plan = planResponses(read.value, ground, choices, (done, total) => tell('comparing', done, total));
  return { ok: true, plan, unread: read.left };
}
