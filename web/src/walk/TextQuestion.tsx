import { useState } from 'react';
import type { WalkAsk, WalkQuestionShown } from '@hurrow/contract';
import type { Walk } from './useWalk.ts';

/** A text that is read letter by letter; it becomes an answer when the hand leaves the field. */
export function TextQuestion({
  ask,
  question,
  walk,
}: {
  ask: WalkAsk;
  question: WalkQuestionShown;
  walk: Walk;
}) {
  const { value } = walk.answerOf(ask.id);
  const kept = value?.kind === 'text' ? value.text : '';
  const [text, setText] = useState<string | null>(null);
  const shown = text ?? kept;
  const settle = (): void => {
    if (text === null || text === kept) return;
    walk.answer(ask.id, { value: text.trim() === '' ? { kind: 'blank' } : { kind: 'text', text } });
  };
  return (
    <div className="ask">
      <label htmlFor={ask.id} className="ask-label">
        {question.prompt}
      </label>
      <input
        id={ask.id}
        className="big"
        value={shown}
        autoComplete="off"
        autoCorrect="off"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={200}
        onChange={(e) => setText(e.target.value)}
        onBlur={settle}
      />
    </div>
  );
}
