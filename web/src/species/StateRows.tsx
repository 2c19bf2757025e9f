import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import { FREQUENCIES, stateWords } from '@hurrow/core/characters';
import type { Character, Frequency, StatesValue, Wording } from '@hurrow/core/characters';

const FREQ_WORDS: Readonly<Record<Frequency, string>> = {
  usual: 'usual',
  sometimes: 'sometimes',
  rare: 'rare',
  mistaken_for: 'mistaken for',
  never: 'never',
};

/** A typed state as its id; what the character does not have is kept as typed, to be refused with the reason. */
function stateTyped(character: Character, text: string): string {
  const t = text.trim().toLowerCase();
  return (
    character.states.find((s) => [s.id, s.term, s.plain].some((w) => w.toLowerCase() === t))?.id ??
    text.trim()
  );
}

/** The states of a statement with how often each is shown. */
export function StateRows({
  character,
  wording,
  states,
  onChange,
}: {
  character: Character;
  wording: Wording;
  states: StatesValue['states'];
  onChange: (states: StatesValue['states']) => void;
}) {
  const [typed, setTyped] = useState('');
  const add = (): void => {
    if (typed.trim() === '') return;
    onChange([...states, { state: stateTyped(character, typed), freq: 'usual' }]);
    setTyped('');
  };
  const list = `states-${character.id}`;
  return (
    <div>
      {states.map((s, i) => {
        const words = stateWords(character, s.state, wording.words);
        return (
          <div className="editor-state" key={`${s.state}-${i}`}>
            <span>{words}</span>
            <Select<Frequency>
              size="small"
              aria-label={`How often ${words}`}
              value={s.freq}
              options={FREQUENCIES.map((f) => ({ value: f, label: FREQ_WORDS[f] }))}
              onChange={(freq) => onChange(states.map((x, k) => (k === i ? { ...x, freq } : x)))}
            />
            <Button
              size="small"
              aria-label={`Take ${words} out`}
              onClick={() => onChange(states.filter((_, k) => k !== i))}
            >
              Remove
            </Button>
          </div>
        );
      })}
      <div className="editor-state">
        <Input
          size="small"
          aria-label="Add a state"
          placeholder="Add a state, then Enter"
          list={list}
          value={typed}
          spellCheck={false}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            add();
          }}
        />
        <datalist id={list}>
          {character.states.map((s) => (
            <option key={s.id} value={wording.words === 'plain' ? s.plain : s.term} />
          ))}
        </datalist>
        <Button size="small" onClick={add}>
          Add
        </Button>
      </div>
    </div>
  );
}
