import type { KeyboardEvent, PointerEvent } from 'react';
import type { WalkAsk, WalkOption, WalkQuestionShown } from '@hurrow/contract';
import { SketchView } from '../parts/SketchView.tsx';
import { TextQuestion } from './TextQuestion.tsx';
import { choiceOf, chosenIn, matchOf, matchedIn, pointOf, steppedBy, toldIn } from './questionAnswer.ts';
import type { Walk } from './useWalk.ts';

/** A big target with a word or a drawing on it. */
function Option({
  option,
  number,
  name,
  chosen,
  onChoose,
}: {
  option: WalkOption;
  number: number;
  name: string;
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <label className={chosen ? 'choice chosen' : 'choice'}>
      <input type="radio" name={name} checked={chosen} onChange={onChoose} />
      {option.drawn ? (
        <SketchView sketch={option.drawn} label={`Drawing ${number}`} className="option-drawn" />
      ) : null}
      {option.label === '' ? null : <span>{option.label}</span>}
    </label>
  );
}

interface Props {
  readonly ask: WalkAsk;
  readonly question: WalkQuestionShown;
  readonly walk: Walk;
}

/** One of some options; for *which of two*, the character that told as well. */
function Choice({ ask, question, walk }: Props) {
  const { value } = walk.answerOf(ask.id);
  const [chosen, told] = [chosenIn(value), toldIn(value)];
  const group = (
    legend: string,
    options: readonly WalkOption[],
    at: string,
    put: (id: string) => void,
    name: string,
  ) => (
    <fieldset className="ask">
      <legend>{legend}</legend>
      <div className="choices">
        {options.map((o, i) => (
          <Option
            key={o.id}
            option={o}
            number={i + 1}
            name={name}
            chosen={at === o.id}
            onChoose={() => put(o.id)}
          />
        ))}
      </div>
    </fieldset>
  );
  return (
    <>
      {group(
        question.prompt,
        question.options,
        chosen,
        (id) => walk.answer(ask.id, { value: choiceOf(question, id, told) }),
        ask.id,
      )}
      {question.others.length > 0 && chosen !== ''
        ? group(
            'What told you?',
            question.others,
            told,
            (id) => walk.answer(ask.id, { value: choiceOf(question, chosen, id) }),
            `${ask.id}-why`,
          )
        : null}
    </>
  );
}

/** Each item with a list of what it may belong to; the drawings stand above with their numbers. */
function Match({ ask, question, walk }: Props) {
  const { value } = walk.answerOf(ask.id);
  return (
    <fieldset className="ask">
      <legend>{question.prompt}</legend>
      <ol className="match-drawn">
        {question.others.map((o, i) => (
          <li key={o.id}>
            <b>{i + 1}</b>
            {o.drawn ? (
              <SketchView sketch={o.drawn} label={`Drawing ${i + 1}`} className="option-drawn" />
            ) : (
              o.label
            )}
          </li>
        ))}
      </ol>
      {question.options.map((o) => (
        <label key={o.id} className="match-line">
          <span>{o.label}</span>
          <select
            className="big"
            value={matchedIn(value, o.id)}
            onChange={(e) => walk.answer(ask.id, { value: matchOf(value, o.id, e.target.value) })}
          >
            <option value="">–</option>
            {question.others.map((x, i) => (
              <option key={x.id} value={x.id}>
                {x.label === '' ? `Drawing ${i + 1}` : x.label}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  );
}

/** A drawing on which a place is tapped, or reached with the arrow keys. */
function Place({ ask, question, walk }: Props) {
  const { value } = walk.answerOf(ask.id);
  const { drawing } = question;
  if (!drawing) return null;
  const { x, y, width, height } = drawing.box;
  const tap = (e: PointerEvent<SVGSVGElement>): void => {
    const matrix = e.currentTarget.getScreenCTM();
    if (!matrix) return;
    const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    walk.answer(ask.id, { value: pointOf((at.x - x) / width, (at.y - y) / height) });
  };
  const step = (e: KeyboardEvent): void => {
    const next = steppedBy(e.key, value);
    if (!next) return;
    e.preventDefault();
    walk.answer(ask.id, { value: next });
  };
  const mark = value?.kind === 'point' ? value : null;
  return (
    <div className="ask">
      <p className="ask-label" id={`${ask.id}-label`}>
        {question.prompt}
      </p>
      <svg
        className="place-drawn"
        role="application"
        tabIndex={0}
        aria-labelledby={`${ask.id}-label`}
        aria-description="Tap the place, or move the mark with the arrow keys."
        viewBox={`${x} ${y} ${width} ${height}`}
        strokeLinejoin="round"
        strokeLinecap="round"
        onPointerDown={tap}
        onKeyDown={step}
      >
        <rect x={x} y={y} width={width} height={height} fill="#fff" />
        {drawing.lines.map(([d, line, fill], i) => (
          <path key={i} d={d} strokeWidth={line} fill={fill} stroke={line === 0 ? 'none' : '#12211c'} />
        ))}
        {mark ? (
          <circle
            cx={x + mark.x * width}
            cy={y + mark.y * height}
            r={Math.max(width, height) * 0.035}
            fill="none"
            stroke="#A5173F"
            strokeWidth={Math.max(width, height) * 0.012}
          />
        ) : null}
      </svg>
      <p className="quiet" aria-live="polite">
        {mark ? 'Marked. Tap again to move it.' : 'Nothing is marked yet.'}
      </p>
    </div>
  );
}

/** One question that is neither a name nor a character. */
export function QuestionField(props: Props) {
  switch (props.ask.kind) {
    case 'choice':
      return <Choice {...props} />;
    case 'match':
      return <Match {...props} />;
    case 'point':
      return <Place {...props} />;
    default:
      return <TextQuestion {...props} />;
  }
}
