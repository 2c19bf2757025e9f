import type { AskKind } from '@hurrow/contract';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { acceptedCall } from '@hurrow/core/quizzes';
import type { Accepted, AskParams } from '@hurrow/core/quizzes';

/** A question as it is stored at its station. */
export interface AskRow {
  readonly id: string;
  readonly ord: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
  readonly params: Partial<AskParams>;
}

export const isQuestion = (p: Partial<AskParams>): p is AskParams => p.question !== undefined;

/** The species that the options of *which of two* stand for, so that a wrong one is a mix-up. */
function taxaOf({ question, options }: Partial<AskParams>): {
  readonly taxa?: Readonly<Record<string, string>>;
} {
  if (question !== 'which_of_two') return {};
  return { taxa: Object.fromEntries((options ?? []).flatMap((o) => (o.taxon ? [[o.id, o.taxon]] : []))) };
}

/** What a question accepts by its own parameters, where it is neither a name nor a character. */
export function acceptedOf(ask: AskRow, shown: Value | undefined, vocabulary: Vocabulary): Accepted {
  const { params } = ask;
  switch (ask.kind) {
    case 'call': {
      const c = vocabulary.get(ask.character ?? '');
      if (!c) throw new Error(`The vocabulary has no character ${ask.character ?? ''}`);
      return acceptedCall(c, shown);
    }
    case 'sureness':
      return { kind: 'sureness' };
    case 'choice':
      return { kind: 'choice', right: params.right ?? [], ...taxaOf(params) };
    case 'match':
      return { kind: 'match', pairs: params.pairs ?? [] };
    case 'point':
      return { kind: 'point', ...(params.place ?? { x: 0, y: 0, within: 0 }) };
    case 'text':
      return params.text ? { kind: 'text', right: params.text } : { kind: 'text' };
    default:
      return { kind: 'name' };
  }
}
