import { useEffect, useRef } from 'react';
import type { KeyboardEvent } from 'react';
import Input from 'antd/es/input';
import type { InputRef } from 'antd/es/input';
import type { TaxonHeader } from '@hurrow/contract';
import { press, write } from './entry.ts';
import type { Line, Place, Step } from './entry.ts';

const MOST_SHOWN = 4;

/**
 * The one field of an entry: it keeps the focus while the hand goes from line to line, and says what Enter would do.
 * @param where the line and question it stands at, in words; what is asked behind the last line.
 */
export function EntryField({
  where,
  place,
  lines,
  fits,
  onStep,
}: {
  where: string;
  place: Place;
  lines: readonly Line[];
  fits: readonly TaxonHeader[];
  onStep: (step: Step) => void;
}) {
  const field = useRef<InputRef>(null);
  useEffect(() => {
    field.current?.focus();
  }, []);
  const onKey = (e: KeyboardEvent): void => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const step = press(
      e.key,
      e.shiftKey,
      place,
      lines,
      fits.map((f) => f.id),
    );
    if (!step) return;
    e.preventDefault();
    onStep(step);
  };
  const here = lines[place.line]?.asks[place.ask];
  const isOpen = place.opened || (lines[place.line]?.asks.slice(place.ask) ?? []).some((a) => !a.answered);
  const shown = fits.slice(0, MOST_SHOWN);
  return (
    <div className="entry-field">
      <label htmlFor="entry">{where}</label>
      <Input
        id="entry"
        ref={field}
        value={place.text}
        autoComplete="off"
        spellCheck={false}
        onKeyDown={onKey}
        // The text is changed as in any field; what is pasted or dictated comes without keys.
        onChange={(e) => onStep(write(e.target.value, place, lines))}
      />
      <div className="entry-fits quiet" aria-live="polite">
        {place.text === '' ? (
          here ? (
            <>
              <kbd>Enter</kbd> {isOpen ? 'the rest of this line is right' : 'next line'}
            </>
          ) : (
            <>
              <kbd>Enter</kbd> next sheet
            </>
          )
        ) : here?.picks && shown.length > 0 ? (
          <ol className="plain-list entry-species">
            {shown.map((f, i) => (
              <li key={f.id} className={i === place.choice ? 'chosen' : ''}>
                {i === place.choice ? <kbd>Enter</kbd> : null} <i className="latin">{f.scientific}</i>
                {f.common ? `, ${f.common}` : ''}
              </li>
            ))}
            <li>
              <kbd>Shift Enter</kbd> as written
            </li>
          </ol>
        ) : (
          <>
            <kbd>Enter</kbd> as written: {place.text}
          </>
        )}
      </div>
    </div>
  );
}
