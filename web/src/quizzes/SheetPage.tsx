import { useRef, useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import { v7 } from 'uuid';
import type { Sheet, SheetAsk, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Loaded, PageHead, ProblemNote } from '../parts/index.ts';
import { actOf, isChanged, rowOf } from './sheetEntry.ts';
import type { Row } from './sheetEntry.ts';
import { askWords } from './words.ts';
import './quizzes.css';

const keyOf = (a: SheetAsk): string => `${a.sittingStation}/${a.ask}`;

function Entry({ sitting, sheet }: { sitting: SittingDetail; sheet: Sheet }) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const go = useGo();
  const enter = useWrite('sheetEnter');
  const inputs = useRef(new Map<string, HTMLInputElement>());
  const [at, setAt] = useState(0);
  const [refused, setRefused] = useState<unknown>(null);
  const [texts, setTexts] = useState<ReadonlyMap<string, string>>(new Map());
  // The question whose answer is being changed on purpose.
  const [changing, setChanging] = useState<string | null>(null);
  const order = sitting.people.map((p) => p.student);
  const nextStudent = order[order.indexOf(sheet.student) + 1];
  const open = (student: string): void =>
    go(`/quizzes/${sitting.quiz}/sittings/${sitting.id}/sheets/${student}`);
  const focus = (i: number): void => {
    const a = sheet.asks[i];
    if (a) inputs.current.get(keyOf(a))?.focus();
  };
  const text = (a: SheetAsk): string => texts.get(keyOf(a)) ?? '';
  const clear = (a: SheetAsk): void => setTexts((before) => new Map(before).set(keyOf(a), ''));
  // The hand goes on at once; only a refused entry calls it back, with what was written still there.
  const submit = async (a: SheetAsk, i: number, typed: string | null, correction: boolean): Promise<void> => {
    focus(i + 1);
    setRefused(null);
    try {
      await enter.mutateAsync({
        params: { id: sitting.id, student: sheet.student },
        body: {
          answers: [{ id: v7(), sittingStation: a.sittingStation, ask: a.ask, typed, correction }],
        },
      });
      clear(a);
      setChanging((open) => (open === keyOf(a) ? null : open));
    } catch (error) {
      setRefused(error);
      focus(i);
    }
  };
  const change = (a: SheetAsk, i: number): void => {
    setChanging(keyOf(a));
    focus(i);
  };
  const rowAt = (a: SheetAsk): Row => rowOf(a, changing === keyOf(a));
  const onKey = (e: React.KeyboardEvent, a: SheetAsk, i: number): void => {
    const act = actOf(e.key, rowAt(a), text(a));
    if (act === null) return;
    e.preventDefault();
    if (act.do === 'enter') void submit(a, i, act.typed, act.correction);
    else if (act.do === 'move') focus(i + act.by);
    else if (act.do === 'change') change(a, i);
    else {
      clear(a);
      setChanging(null);
    }
  };
  const done = sheet.asks.filter((a) => a.typed !== null).length;
  return (
    <>
      <PageHead
        title={`Sheet of number ${sheet.code}`}
        name={`Sheet ${sheet.code}`}
        about={
          <>
            {done} of {sheet.asks.length} entered · <kbd>Enter</kbd> as the key · anything else exactly as
            written, then <kbd>Enter</kbd> · <kbd>Delete</kbd> left blank · <kbd>?</kbd> unreadable ·{' '}
            <kbd>F2</kbd> change an answer · <kbd>↑</kbd> <kbd>↓</kbd> move
          </>
        }
        actions={
          <>
            <AppLink to={`/quizzes/${sitting.quiz}/sittings/${sitting.id}`}>The sitting</AppLink>
            {nextStudent ? <Button onClick={() => open(nextStudent)}>Next sheet</Button> : null}
          </>
        }
      />
      <ProblemNote error={refused} />
      <table className="sheet">
        <thead>
          <tr>
            <th scope="col">Station</th>
            <th scope="col">Asked</th>
            <th scope="col">As the key</th>
            <th scope="col">Otherwise, as written</th>
            <th scope="col">Entered</th>
          </tr>
        </thead>
        <tbody>
          {sheet.asks.map((a, i) => {
            const first = i === 0 || sheet.asks[i - 1]?.number !== a.number;
            const classes = [first ? 'first' : '', a.typed !== null ? 'done' : '', i === at ? 'at' : '']
              .join(' ')
              .trim();
            return (
              <tr key={keyOf(a)} className={classes}>
                <th scope="row" className="number">
                  {first ? a.number : ''}
                </th>
                <td>{askWords(a, vocabulary, wording.words)}</td>
                <td className="quiet">{a.key}</td>
                <td>
                  <input
                    ref={(el) => {
                      if (el) inputs.current.set(keyOf(a), el);
                    }}
                    aria-label={`Station ${a.number}, ${askWords(a, vocabulary, wording.words)}`}
                    autoFocus={i === 0}
                    autoComplete="off"
                    autoCorrect="off"
                    autoCapitalize="off"
                    spellCheck={false}
                    maxLength={200}
                    readOnly={rowAt(a) === 'answered'}
                    value={text(a)}
                    onFocus={() => setAt(i)}
                    onChange={(e) => setTexts(new Map(texts).set(keyOf(a), e.target.value))}
                    onKeyDown={(e) => onKey(e, a, i)}
                  />
                </td>
                <td>
                  {a.typed === null ? (
                    ''
                  ) : a.typed === '' ? (
                    <span className="quiet">left blank</span>
                  ) : (
                    a.typed
                  )}
                  {a.origin === 'phone' ? <span className="quiet"> by phone</span> : null}
                  {isChanged(a) ? (
                    <span className="quiet">
                      {' '}
                      changed by staff; the student gave {a.gave === '' ? 'nothing' : `“${a.gave ?? ''}”`}
                    </span>
                  ) : null}
                  {a.disputed ? <span className="tag larch">to decide</span> : null}
                  {a.typed === null ? null : (
                    <span className="line-tools">
                      {rowAt(a) === 'changing' ? (
                        <Button
                          size="small"
                          type="link"
                          onClick={() => {
                            clear(a);
                            setChanging(null);
                          }}
                        >
                          Cancel
                        </Button>
                      ) : (
                        <Button size="small" type="link" tabIndex={-1} onClick={() => change(a, i)}>
                          Change
                        </Button>
                      )}
                      {isChanged(a) ? (
                        <Button
                          size="small"
                          type="link"
                          tabIndex={-1}
                          onClick={() => void submit(a, i - 1, a.gave, true)}
                        >
                          Undo change
                        </Button>
                      ) : null}
                    </span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {done === sheet.asks.length && nextStudent ? (
        <p className="table-tools">
          <Button type="primary" onClick={() => open(nextStudent)}>
            All entered: next sheet
          </Button>
        </p>
      ) : null}
    </>
  );
}

/** Enters a paper sheet by exception, without leaving the keyboard. */
export function SheetPage() {
  const { id = '', student = '' } = useParams();
  const sitting = useRead('sitting', { id });
  const sheet = useRead('sheet', { id, student });
  return (
    <Loaded query={sitting}>
      {(s) => <Loaded query={sheet}>{(sh) => <Entry key={sh.student} sitting={s} sheet={sh} />}</Loaded>}
    </Loaded>
  );
}
