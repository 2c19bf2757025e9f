import { useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import type { Sheet, SittingDetail } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useGo, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Loaded, PageHead, ProblemNote } from '../parts/index.ts';
import { askWords } from '../quizzes/index.ts';
import { EntryField } from './EntryField.tsx';
import { KeyHelp } from './KeyHelp.tsx';
import { MoveSheet } from './MoveSheet.tsx';
import { SheetPhoto } from './SheetPhoto.tsx';
import { SheetTable } from './SheetTable.tsx';
import { ShiftQuestion } from './ShiftQuestion.tsx';
import { START, firstOpen } from './entry.ts';
import type { Place, Step } from './entry.ts';
import { speciesFor } from './fits.ts';
import { linesOf, placeOf, totalOf } from './lines.ts';
import { useSending } from './useSending.ts';
import type { Sending } from './useSending.ts';
import './paper.css';

/** Points so far, to be held against the total that stands on the sheet in pencil. */
function Total({ points, most, left }: { points: number; most: number; left: number }) {
  return (
    <section className="panel" aria-label="Running total">
      <h2>Running total</h2>
      <p className="running-total number" aria-live="polite">
        <b>{points}</b> of {most} points
      </p>
      <p className="quiet">
        {left === 0 ? 'All entered.' : `${left} answers to enter.`} Check it against the total on the sheet.
      </p>
    </section>
  );
}

function Entry({ sitting, sheet, sending }: { sitting: SittingDetail; sheet: Sheet; sending: Sending }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const go = useGo();
  const pending = sending.pending(sheet.student);
  const lines = linesOf(sheet, vocabulary, pending);
  const [place, setPlace] = useState<Place>(() => firstOpen(lines));
  const [moving, setMoving] = useState(false);
  const order = sitting.people.map((p) => p.student);
  const at = order.indexOf(sheet.student);
  const base = `/quizzes/${sitting.quiz}/sittings/${sitting.id}`;
  const open = (student: string | undefined): void =>
    student === undefined ? go(base) : go(`${base}/sheets/${student}`);
  const fits = speciesFor(place.text, sheet.species);
  const names = new Map(sheet.species.map((s) => [s.id, s.common ?? s.scientific]));
  const total = totalOf(sheet, pending);
  // A press of the mouse gives the keyboard back to the field.
  const openAt = (to: Place): void => {
    setPlace(to);
    document.getElementById('entry')?.focus();
  };
  const onStep = (step: Step): void => {
    sending.give(sheet.student, step.given);
    if (step.next) open(order[at + 1]);
    else setPlace(step.place);
  };
  // A refused entry calls the hand back, with what was written still there.
  const { refused } = sending;
  const [seen, setSeen] = useState(refused);
  if (refused !== seen) {
    setSeen(refused);
    const back = refused?.student === sheet.student ? placeOf(lines, refused.given) : null;
    if (back) setPlace(back);
  }
  const asked = sheet.asks.filter((a) => a.sittingStation === lines[place.line]?.id)[place.ask];
  const { shift } = sheet;
  return (
    <>
      <PageHead
        title={`Sheet of number ${sheet.code}`}
        name={`Sheet ${sheet.code}`}
        about={
          <>
            {sitting.quizName}: {sitting.sectionName} · <AppLink to={base}>the sitting</AppLink>
            {sheet.second === 'wanted' ? ' · to be entered a second time' : ''}
            {sheet.second === 'done' ? ' · entered twice' : ''}
          </>
        }
        actions={
          <>
            <Button disabled={at <= 0} onClick={() => open(order[at - 1])}>
              Previous sheet
            </Button>
            <Button disabled={at + 1 >= order.length} onClick={() => open(order[at + 1])}>
              Next sheet
            </Button>
            <Button onClick={() => setMoving(true)}>Move sheet</Button>
          </>
        }
      />
      <ProblemNote error={sending.refused?.error} />
      <div className="sheet-layout">
        <div>
          <EntryField
            where={
              asked
                ? `Station ${asked.number}, ${askWords(asked, vocabulary, wording.words)}${place.opened ? ', change' : ''}`
                : 'All stations entered'
            }
            place={place}
            lines={lines}
            fits={fits}
            onStep={onStep}
          />
          <ShiftQuestion sitting={sitting.id} sheet={sheet} />
          <SheetTable
            sheet={sheet}
            line={place.line}
            ask={place.ask}
            pending={pending}
            speciesName={(id) => names.get(id) ?? 'another species'}
            off={(n) => shift?.state === 'open' && n >= shift.first && n <= shift.last}
            onOpen={(line, ask, opened) => openAt({ ...START, line, ask, opened })}
            onUndo={(a) =>
              sending.give(sheet.student, [
                { sittingStation: a.sittingStation, ask: a.ask, typed: a.gave, correction: true },
              ])
            }
          />
        </div>
        <aside className="stack">
          <Total {...total} />
          <SheetPhoto sitting={sitting.id} sheet={sheet} />
          <KeyHelp />
        </aside>
      </div>
      {moving ? (
        <MoveSheet
          sitting={sitting}
          sheet={sheet}
          onClose={() => setMoving(false)}
          onMoved={(student) => {
            setMoving(false);
            open(student);
          }}
        />
      ) : null}
    </>
  );
}

function Sheets({ sitting, student }: { sitting: SittingDetail; student: string }) {
  // Entries still on their way go on when the next sheet is opened.
  const sending = useSending(sitting.id);
  const sheet = useRead('sheet', { id: sitting.id, student });
  return (
    <Loaded query={sheet}>
      {(s) => <Entry key={s.student} sitting={sitting} sheet={s} sending={sending} />}
    </Loaded>
  );
}

/** Enters a paper sheet by exception, without leaving the keyboard. */
export function SheetPage() {
  const { id = '', student = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return <Loaded query={sitting}>{(s) => <Sheets sitting={s} student={student} />}</Loaded>;
}
