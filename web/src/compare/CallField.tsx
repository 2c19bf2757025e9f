import { useState } from 'react';
import Input from 'antd/es/input';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import { characterWords, stateWords } from '@hurrow/core/characters';
import type { Character, Wording } from '@hurrow/core/characters';
import { TermDrawing } from '../plates/index.ts';
import { DOES_NOT_APPLY, callOf } from './calls.ts';
import type { Call } from '@hurrow/core/naming';
import { CardButton } from '../parts/index.ts';

/** Chooses a character and says what it is: a state, a number, or that it does not apply. */
export function CallField({
  characters,
  chosen,
  wording,
  onChoose,
  onCall,
}: {
  characters: readonly Character[];
  chosen: Character | null;
  wording: Wording;
  onChoose: (id: string | null) => void;
  onCall: (call: Call) => void;
}) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  const say = (text: string): void => {
    const call = chosen ? callOf(chosen, text) : null;
    setWrong(call === null);
    if (!call) return;
    setTyped('');
    onCall(call);
  };
  return (
    <div className="call-field">
      <Select
        aria-label="Character to call"
        className="feature-character"
        showSearch={{ optionFilterProp: 'label' }}
        allowClear
        placeholder="What do you see?"
        value={chosen?.id ?? null}
        options={characters.map((c) => ({ value: c.id, label: characterWords(c, wording.words) }))}
        onChange={(id: string | null | undefined) => {
          setWrong(false);
          onChoose(id ?? null);
        }}
      />
      {chosen && chosen.states.length > 0 ? (
        <div className="call-states" role="group" aria-label={characterWords(chosen, wording.words)}>
          {chosen.states
            .filter((s) => !s.retired)
            .map((s) => (
              <CardButton key={s.id} className="call-state" title={s.definition} onClick={() => say(s.id)}>
                <TermDrawing character={chosen.id} state={s.id} label="" />
                {stateWords(chosen, s.id, wording.words)}
              </CardButton>
            ))}
          <CardButton className="call-state" onClick={() => say(DOES_NOT_APPLY)}>
            does not apply
          </CardButton>
        </div>
      ) : null}
      {chosen && chosen.states.length === 0 ? (
        <form
          className="field-row"
          onSubmit={(e) => {
            e.preventDefault();
            say(typed);
          }}
        >
          <label className="field">
            <span>{chosen.counting ?? chosen.definition}</span>
            <Input
              className="feature-number"
              value={typed}
              aria-invalid={wrong}
              {...(wrong ? { status: 'error' as const } : {})}
              placeholder={chosen.kind === 'length' ? 'as 38 mm or 1 1/2 in' : ''}
              onChange={(e) => setTyped(e.target.value)}
            />
          </label>
          <Button htmlType="submit">Call it</Button>
          <Button onClick={() => say(DOES_NOT_APPLY)}>does not apply</Button>
        </form>
      ) : null}
      {wrong ? (
        <p role="alert" className="wrong-words">
          {chosen?.kind === 'length'
            ? 'Write a length with its unit, as 38 mm or 1 1/2 in.'
            : 'Write a number.'}
        </p>
      ) : null}
    </div>
  );
}
