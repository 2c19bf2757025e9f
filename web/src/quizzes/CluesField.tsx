import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Select from 'antd/es/select';
import { CLUE_WORDS } from '@hurrow/contract';
import type { Clue } from '@hurrow/contract';
import { CLUE_ORGANS } from '@hurrow/core/quizzes';
import type { ClueOrgan } from '@hurrow/core/quizzes';

/** Parts that are shown one after the other, the later ones for points; without any, all is shown at once. */
export function CluesField({
  clues,
  onChange,
}: {
  clues: readonly Clue[];
  onChange: (clues: readonly Clue[]) => void;
}) {
  const left = CLUE_ORGANS.filter((o) => !clues.some((c) => c.organ === o));
  return (
    <div>
      <h3>Clues, one after the other</h3>
      {clues.length === 0 ? <p className="quiet">Everything is shown at once.</p> : null}
      {clues.map((c, i) => (
        <div className="ask-row" key={c.organ}>
          <span>
            {i + 1}. {CLUE_WORDS[c.organ]}
          </span>
          <InputNumber
            size="small"
            aria-label={`Points for ${CLUE_WORDS[c.organ]}`}
            min={0}
            max={100}
            step={0.5}
            value={c.cost}
            onChange={(cost) => onChange(clues.map((x, k) => (k === i ? { ...x, cost: cost ?? 0 } : x)))}
          />
          <Button
            size="small"
            aria-label={`Remove ${CLUE_WORDS[c.organ]}`}
            onClick={() => onChange(clues.filter((_, k) => k !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      <Select<ClueOrgan>
        aria-label="Add a clue"
        className="pick"
        placeholder="Show a part first, or next"
        value={null}
        options={left.map((o) => ({ value: o, label: CLUE_WORDS[o] }))}
        onChange={(organ) => onChange([...clues, { organ, cost: clues.length === 0 ? 0 : 0.5 }])}
      />
    </div>
  );
}
