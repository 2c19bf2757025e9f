import { useId, useRef, useState } from 'react';
import Button from 'antd/es/button';
import type { StatementRow } from '@hurrow/contract';
import { asEntered, characterWords, readCell, stateWords, valueWords } from '@hurrow/core/characters';
import type { Character, Wording } from '@hurrow/core/characters';
import { Refused, problemOf, useWrite } from '../api/index.ts';
import { BeyondNote } from './BeyondNote.tsx';
import { dropDraft, keepDraft, readDraft } from './drafts.ts';
import type { DraftPlace } from './drafts.ts';
import {
  FREQ_WORDS,
  afterKey,
  cellOf,
  entryFromCell,
  entryOf,
  hasStates,
  offers,
  pick,
  tokenWords,
} from './entry.ts';
import type { Entry } from './entry.ts';

const STALE = 412;
/** Offers shown below a line at once. */
const MOST_OFFERS = 8;

/** Goes to the next or the previous line of the editor, in the order they stand. */
export function stepLine(from: Element, by: 1 | -1): void {
  const lines = [...document.querySelectorAll<HTMLInputElement>('[data-write]')];
  const next = lines[lines.indexOf(from as HTMLInputElement) + by];
  next?.focus();
}

interface Props {
  readonly place: DraftPlace;
  readonly character: Character;
  /** What this source says of it now. */
  readonly own: StatementRow | undefined;
  /** What is in use, in words: inherited, or merged from several sources. */
  readonly inUse: string;
  readonly wording: Wording;
  readonly onUndo: () => void;
  /** Told what stands in the line while it is typed, for the drawing beside. */
  readonly onTyped?: (character: string, cell: string | null) => void;
}

/**
 * One character of the editor, written without the mouse: states are picked by typing, a key says how often, Enter
 * goes on. What is typed is kept at once on this device and saved when the line is left.
 */
export function WriteLine({ place, character, own, inUse, wording, onUndo, onTyped }: Props) {
  const standing = own?.version ?? null;
  const [kept] = useState(() => readDraft(localStorage, place, standing));
  const [edited, setEdited] = useState<Entry | null>(kept && entryFromCell(character, kept.cell));
  // Typing goes over what stood in the line when it began, never over what has come in unseen since.
  const [seen, setSeen] = useState(kept ? kept.seen : standing);
  const typed = useRef<string | null>(kept?.cell ?? null);
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState(0);
  const save = useWrite('statementBatch');
  const id = useId();
  const entry = edited ?? entryOf(character, own?.value);
  const cell = cellOf(character, entry);
  const read = readCell(character, cell);
  const stands = cellOf(character, entryOf(character, own?.value));
  const beaten =
    save.error instanceof Refused && save.error.problem.status === STALE ? save.error.problem : null;
  const options = hasStates(character) && open ? offers(character, entry).slice(0, MOST_OFFERS) : [];

  const type = (next: Entry): void => {
    const from = edited === null ? standing : seen;
    setEdited(next);
    setSeen(from);
    setChosen(0);
    save.reset();
    const text = cellOf(character, next);
    typed.current = text;
    keepDraft(localStorage, place, { cell: text, seen: from });
    onTyped?.(character.id, text);
  };
  const settle = (): void => {
    setEdited(null);
    typed.current = null;
    dropDraft(localStorage, place);
    onTyped?.(character.id, null);
  };
  const saved = (cell: string, version: number | null): void => {
    if (typed.current === cell) {
      settle();
      return;
    }
    // Typed on while it was saved: what was saved is what the rest goes over.
    setSeen(version);
    if (typed.current !== null) keepDraft(localStorage, place, { cell: typed.current, seen: version });
  };
  const leave = (version: number | null = seen): void => {
    setOpen(false);
    if (edited === null || save.isPending) return;
    if (cell === stands && !beaten) {
      settle();
      return;
    }
    if (!read.ok) return;
    const value = read.value === null ? null : asEntered(read.value);
    // A saved value may take this very line away, so its draft is dropped whether or not the line still stands.
    save
      .mutateAsync({
        body: {
          entries: [{ taxon: place.taxon, character: character.id, source: place.source, value, version }],
        },
      })
      .then(
        (done) => saved(cell, done.rows[0]?.version ?? null),
        () => undefined,
      );
  };
  const onKey = (e: React.KeyboardEvent<HTMLInputElement>): void => {
    const offered = options[chosen];
    if (e.key === 'z' && e.ctrlKey && edited === null) {
      e.preventDefault();
      onUndo();
      return;
    }
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.key === 'ArrowDown' && options.length > 0 && entry.typed !== '') {
      e.preventDefault();
      setChosen(Math.min(chosen + 1, options.length - 1));
    } else if (e.key === 'ArrowUp' && options.length > 0 && entry.typed !== '') {
      e.preventDefault();
      setChosen(Math.max(chosen - 1, 0));
    } else if (
      e.key === 'ArrowDown' ||
      (e.key === 'Enter' && (entry.typed === '' || !hasStates(character)))
    ) {
      e.preventDefault();
      stepLine(e.currentTarget, e.shiftKey ? -1 : 1);
    } else if (e.key === 'ArrowUp') {
      e.preventDefault();
      stepLine(e.currentTarget, -1);
    } else if ((e.key === 'Enter' || e.key === '|' || e.key === ',') && hasStates(character)) {
      e.preventDefault();
      if (entry.typed.trim() === '-') stepLine(e.currentTarget, 1);
      else if (offered) type(pick(entry, offered.id));
    } else if (e.key === 'Escape' && edited !== null) {
      e.preventDefault();
      save.reset();
      settle();
    } else if (hasStates(character)) {
      const next = afterKey(entry, e.key);
      if (!next) return;
      e.preventDefault();
      type(next);
    }
  };
  const words = characterWords(character, wording.words);
  const status = save.isPaused
    ? 'waits for the network, kept here'
    : save.isPending
      ? 'saving'
      : edited === null
        ? save.isSuccess
          ? 'saved'
          : ''
        : 'not saved yet';
  return (
    <div className="write-line" data-character={character.id}>
      <label htmlFor={id} title={`${character.definition} ${character.counting ?? ''}`}>
        {words}
      </label>
      <div className="write-field">
        <div className={read.ok ? 'write-box' : 'write-box wrong'}>
          {entry.tokens.map((t) => (
            <span key={t.state} className={`token ${t.freq}`} title={tokenWords(character, t, wording.words)}>
              {stateWords(character, t.state, wording.words)}
              {t.freq === 'usual' ? null : <small> {FREQ_WORDS[t.freq]}</small>}
            </span>
          ))}
          <input
            id={id}
            data-write={character.id}
            autoComplete="off"
            autoCorrect="off"
            autoCapitalize="off"
            spellCheck={false}
            role={hasStates(character) ? 'combobox' : undefined}
            aria-expanded={hasStates(character) ? options.length > 0 : undefined}
            aria-controls={hasStates(character) ? `${id}-offers` : undefined}
            aria-activedescendant={options[chosen] ? `${id}-${options[chosen].id}` : undefined}
            aria-describedby={`${id}-said`}
            aria-invalid={!read.ok}
            value={entry.typed}
            onChange={(e) => {
              setOpen(true);
              type({ ...entry, typed: e.target.value });
            }}
            onFocus={() => setOpen(true)}
            onBlur={() => leave()}
            onKeyDown={onKey}
          />
        </div>
        {options.length > 0 && entry.typed !== '' ? (
          <ul className="offers" role="listbox" id={`${id}-offers`} aria-label={`States of ${words}`}>
            {options.map((s, i) => (
              <li
                key={s.id}
                id={`${id}-${s.id}`}
                role="option"
                aria-selected={i === chosen}
                onMouseDown={(e) => {
                  e.preventDefault();
                  type(pick(entry, s.id));
                }}
              >
                {wording.words === 'plain' ? s.plain : s.term} <span className="quiet">{s.definition}</span>
              </li>
            ))}
          </ul>
        ) : null}
      </div>
      <div className="write-said" id={`${id}-said`}>
        {!read.ok && !(open && options.length > 0) ? (
          <span role="alert" className="wrong-words">
            {read.problem.message} {read.problem.remedy}
          </span>
        ) : edited !== null && read.ok && read.value && !hasStates(character) ? (
          <>
            reads as {valueWords(character, read.value, wording)}
            <BeyondNote character={character} value={read.value} />
          </>
        ) : (
          <span className="quiet">{inUse}</span>
        )}
        {beaten ? (
          <span role="alert" className="wrong-words">
            Somebody else wrote{' '}
            <b>
              {beaten.current
                ? valueWords(character, (beaten.current as StatementRow).value, wording)
                : 'nothing, they took it back'}
            </b>{' '}
            here meanwhile; yours is <b>{cell || 'empty'}</b>.{' '}
            <Button
              size="small"
              onClick={() => {
                const version = (beaten.current as StatementRow | null)?.version ?? null;
                setSeen(version);
                leave(version);
              }}
            >
              Keep mine
            </Button>{' '}
            <Button
              size="small"
              onClick={() => {
                save.reset();
                settle();
              }}
            >
              Take theirs
            </Button>
          </span>
        ) : save.error ? (
          <span role="alert" className="wrong-words">
            {problemOf(save.error).detail} {problemOf(save.error).remedy}{' '}
            <Button size="small" onClick={() => leave()}>
              Save again
            </Button>
          </span>
        ) : null}
        <span className="write-status" role="status">
          {status}
        </span>
      </div>
    </div>
  );
}
