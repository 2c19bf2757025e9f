import { useEffect, useRef } from 'react';
import { DOES_NOT_APPLY, SURENESS } from '@hurrow/contract';
import type { WalkAsk } from '@hurrow/contract';
import { AnswerBoxes } from './AnswerBoxes.tsx';
import { HINTS, contentOfText, textOf } from './answerText.ts';
import type { Taken } from './answerText.ts';
import { QuestionField } from './QuestionField.tsx';
import type { Walk } from './useWalk.ts';

const SETTLE_MS = 900;
const NAME_LABELS: Readonly<Record<string, string>> = {
  common: 'Common name',
  scientific: 'Scientific name',
  either: 'Common or scientific name',
  genus: 'Genus',
  family: 'Family',
};

function Choices({
  legend,
  hint,
  name,
  options,
  chosen,
  onChoose,
}: {
  legend: string;
  hint?: string;
  name: string;
  options: readonly { value: string; label: string; more?: string }[];
  chosen: string | undefined;
  onChoose: (value: string) => void;
}) {
  return (
    <fieldset className="ask">
      <legend>{legend}</legend>
      {hint ? <p className="quiet hint">{hint}</p> : null}
      <div className="choices">
        {options.map((o) => (
          <label key={o.value} className={chosen === o.value ? 'choice chosen' : 'choice'}>
            <input type="radio" name={name} checked={chosen === o.value} onChange={() => onChoose(o.value)} />
            <span>
              {o.label}
              {o.more && o.more !== o.label ? <span className="quiet"> {o.more}</span> : null}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** A text that becomes an answer when the hand rests or leaves the field; every letter is kept meanwhile. */
export function TextAsk({
  ask,
  walk,
  label,
  takes = 'name',
}: {
  ask: WalkAsk;
  walk: Walk;
  label: string;
  takes?: Taken;
}) {
  const kept = walk.answerOf(ask.id);
  const doesNotApply = kept.state === DOES_NOT_APPLY;
  const value = textOf(kept);
  const waiting = useRef<{ timer: number; text: string } | null>(null);
  const settle = (): void => {
    const w = waiting.current;
    if (!w) return;
    window.clearTimeout(w.timer);
    waiting.current = null;
    const content = contentOfText(w.text, takes);
    if (content) walk.answer(ask.id, content);
  };
  const latest = useRef(settle);
  useEffect(() => {
    latest.current = settle;
  });
  useEffect(() => {
    const leave = (): void => latest.current();
    document.addEventListener('visibilitychange', leave);
    return () => {
      document.removeEventListener('visibilitychange', leave);
      latest.current();
    };
  }, []);
  const type = (text: string): void => {
    if (waiting.current) window.clearTimeout(waiting.current.timer);
    walk.draft(ask.id, text);
    waiting.current = { text, timer: window.setTimeout(() => latest.current(), SETTLE_MS) };
  };
  return (
    <div className="ask">
      <label htmlFor={ask.id} className="ask-label">
        {label}
      </label>
      <input
        id={ask.id}
        className="big"
        value={value}
        inputMode={takes === 'count' ? 'numeric' : 'text'}
        autoComplete="off"
        autoCorrect="off"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={200}
        onChange={(e) => type(e.target.value)}
        onBlur={settle}
      />
      {takes !== 'name' && value !== '' && contentOfText(value, takes) === null ? (
        <p className="note bad" role="alert">
          {HINTS[takes]}
        </p>
      ) : null}
      {takes !== 'name' ? (
        <label className="cannot">
          <input
            type="checkbox"
            checked={doesNotApply}
            onChange={(e) =>
              e.target.checked ? walk.answer(ask.id, { state: DOES_NOT_APPLY }) : walk.draft(ask.id, '')
            }
          />
          It does not apply here
        </label>
      ) : null}
    </div>
  );
}

/** Why the last answer to a question was not taken, and what to do about it. */
function RefusedNote({ ask, walk }: { ask: WalkAsk; walk: Walk }) {
  const refusal = walk.state.refused.get(ask.id);
  if (!refusal) return null;
  return (
    <div className={refusal.kept ? 'note care' : 'note bad'} role="alert">
      <b>{refusal.kept ? 'Sent, but not counted yet.' : 'This answer was not taken.'}</b> {refusal.why}{' '}
      {refusal.remedy}
    </div>
  );
}

/** One question of a station. */
export function AskField({ ask, walk }: { ask: WalkAsk; walk: Walk }) {
  return (
    <>
      <Field ask={ask} walk={walk} />
      <AnswerBoxes ask={ask} walk={walk} />
      <RefusedNote ask={ask} walk={walk} />
    </>
  );
}

function Field({ ask, walk }: { ask: WalkAsk; walk: Walk }) {
  const kept = walk.answerOf(ask.id);
  if (ask.kind === 'sureness') {
    return (
      <Choices
        legend="How sure are you?"
        name={ask.id}
        options={SURENESS.map((s) => ({ value: s, label: s }))}
        chosen={kept.sure}
        onChoose={(s) => {
          const sure = SURENESS.find((x) => x === s);
          if (sure) walk.answer(ask.id, { sure });
        }}
      />
    );
  }
  if (ask.question) return <QuestionField ask={ask} question={ask.question} walk={walk} />;
  if (ask.kind !== 'call' || !ask.call) {
    return <TextAsk ask={ask} walk={walk} label={NAME_LABELS[ask.kind] ?? 'Name'} />;
  }
  const { call } = ask;
  const legend = `${call.plain.charAt(0).toUpperCase()}${call.plain.slice(1)}`;
  if (call.states.length === 0) {
    const takes = call.recorded === 'measure' ? 'measure' : 'count';
    const unit = takes === 'measure' ? 'a length with its unit' : 'a number';
    return <TextAsk ask={ask} walk={walk} label={`${legend} (${unit})`} takes={takes} />;
  }
  return (
    <Choices
      legend={legend}
      hint={call.definition}
      name={ask.id}
      options={[
        ...call.states.map((s) => ({ value: s.id, label: s.plain, more: s.term })),
        { value: DOES_NOT_APPLY, label: 'does not apply here' },
      ]}
      chosen={kept.state}
      onChoose={(state) => walk.answer(ask.id, { state })}
    />
  );
}
