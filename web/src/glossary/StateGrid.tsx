import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { StateBody } from '@hurrow/contract';
import { Choose } from '../parts/index.ts';

/** The states of a character as they are reworded, added and retired. A state that was recorded is never taken out. */
export function StateGrid({
  states,
  onChange,
}: {
  states: readonly StateBody[];
  onChange: (states: readonly StateBody[]) => void;
}) {
  const set = (i: number, part: Partial<StateBody>): void =>
    onChange(states.map((s, k) => (k === i ? { ...s, ...part } : s)));
  return (
    <>
      <div className="state-grid">
        {['Term', 'Plain words', 'One sentence', 'A kind of', 'Retired'].map((h) => (
          <span key={h} className="head">
            {h}
          </span>
        ))}
        {states.map((s, i) => (
          <div key={s.id ?? `new-${i}`} style={{ display: 'contents' }}>
            <Input
              size="small"
              aria-label={`Term of state ${i + 1}`}
              value={s.term}
              onChange={(e) => set(i, { term: e.target.value })}
            />
            <Input
              size="small"
              aria-label={`Plain words of state ${i + 1}`}
              value={s.plain}
              onChange={(e) => set(i, { plain: e.target.value })}
            />
            <Input
              size="small"
              aria-label={`Meaning of state ${i + 1}`}
              value={s.definition}
              onChange={(e) => set(i, { definition: e.target.value })}
            />
            <Choose
              label={`State ${i + 1} is a kind of`}
              value={s.parent ?? ''}
              options={[
                { value: '', label: '–' },
                ...states.flatMap((p) =>
                  p.id !== undefined && p.id !== s.id ? [{ value: p.id, label: p.term }] : [],
                ),
              ]}
              onChange={(v) => set(i, { parent: v || null })}
            />
            {s.id === undefined ? (
              <Button size="small" onClick={() => onChange(states.filter((_, k) => k !== i))}>
                Remove
              </Button>
            ) : (
              <Checkbox
                aria-label={`Retire ${s.term}`}
                checked={s.retired ?? false}
                onChange={(e) => set(i, { retired: e.target.checked })}
              />
            )}
          </div>
        ))}
      </div>
      <Button size="small" onClick={() => onChange([...states, { term: '', plain: '', definition: '' }])}>
        Add a state
      </Button>
    </>
  );
}
