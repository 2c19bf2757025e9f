import { emptyWritten } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { KeyAsk } from '@hurrow/core/grading';
import { invalid } from '../http/index.ts';

/** Ids of the options a question showed, in their order. */
const shownIds = (ask: KeyAsk): readonly string[] => Object.keys(ask.shown?.labels ?? {});

/** What the key has for a question that is neither a name nor a character; null for those. */
export function keyFor({ accepted, ...ask }: KeyAsk): AnswerValue | null {
  switch (accepted.kind) {
    case 'choice': {
      const [chosen] = accepted.right;
      return chosen === undefined
        ? { kind: 'blank' }
        : { kind: 'choice', chosen, shown: shownIds({ accepted, ...ask }) };
    }
    case 'match':
      return { kind: 'match', pairs: accepted.pairs };
    case 'point':
      return { kind: 'point', x: accepted.x, y: accepted.y };
    case 'text':
      return accepted.right === undefined ? { kind: 'blank' } : { kind: 'text', text: accepted.right };
    default:
      return null;
  }
}

const folded = (text: string): string => text.trim().toLowerCase();

/**
 * Reads what a hand wrote for such a question: a choice by its letter or its words, a text as it stands.
 * @throws where it is none of the options, or can be answered on a phone only. @returns null for a name or a character.
 */
export function writtenFor(ask: KeyAsk, typed: string, field: string): AnswerValue | null {
  const { accepted } = ask;
  if (accepted.kind === 'name' || accepted.kind === 'call' || accepted.kind === 'sureness') return null;
  const empty = emptyWritten(typed);
  if (empty) return empty;
  if (accepted.kind === 'text') return { kind: 'text', text: typed.trim() };
  if (accepted.kind !== 'choice') {
    throw invalid('This question is answered on the phone.', {
      field,
      remedy: 'Leave it blank on the sheet.',
    });
  }
  const labels = Object.entries(ask.shown?.labels ?? {});
  const found = labels.find(([id, label]) => folded(id) === folded(typed) || folded(label) === folded(typed));
  if (found) return { kind: 'choice', chosen: found[0], shown: shownIds(ask) };
  throw invalid(`“${typed}” is not one of the choices.`, {
    field,
    remedy: `Write one of: ${labels.map(([id, label]) => `${id} ${label}`).join(', ')}.`,
  });
}
