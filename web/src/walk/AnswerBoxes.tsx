import type { WalkAsk } from '@hurrow/contract';
import { boxOf, checkedBox } from './box.ts';
import type { Walk } from './useWalk.ts';

/** The box that may be checked instead of an answer, where the quiz offers one. */
export function AnswerBoxes({ ask, walk }: { ask: WalkAsk; walk: Walk }) {
  const box = boxOf(ask, walk.box);
  if (!box) return null;
  return (
    <label className="cannot">
      <input
        type="checkbox"
        checked={checkedBox(walk.answerOf(ask.id), box.kind)}
        onChange={(e) => walk.answer(ask.id, { value: { kind: e.target.checked ? box.kind : 'blank' } })}
      />
      {box.label}
    </label>
  );
}
