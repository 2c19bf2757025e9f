import { useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import { v7 } from 'uuid';
import type { Sheet, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Loaded, PageHead, ProblemNote } from '../parts/index.ts';
import { askWords } from '../quizzes/index.ts';
import { EntryField } from './EntryField.tsx';
import { KeyHelp } from './KeyHelp.tsx';
import { SheetTable } from './SheetTable.tsx';
import { START } from './entry.ts';
import type { Given, Place, Step } from './entry.ts';
import { speciesFor } from './fits.ts';
import { linesOf, slotOf } from './lines.ts';
import './paper.css';

function Entry({ sitting, sheet }: { sitting: SittingDetail; sheet: Sheet }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const go = useGo();
  const enter = useWrite('secondEnter');
  const [given, setGiven] = useState<ReadonlyMap<string, Given>>(new Map());
  const [place, setPlace] = useState<Place>(START);
  const lines = linesOf(sheet, vocabulary, given);
  const base = `/quizzes/${sitting.quiz}/sittings/${sitting.id}`;
  const save = (): void =>
    enter.mutate(
      {
        params: { id: sitting.id, student: sheet.student },
        body: { answers: [...given.values()].map((g) => ({ id: v7(), ...g })) },
      },
      { onSuccess: () => go(base) },
    );
  const onStep = (step: Step): void => {
    if (step.given.length > 0)
      setGiven((was) => new Map([...was, ...step.given.map((g) => [slotOf(g), g] as const)]));
    if (step.next) save();
    else setPlace(step.place);
  };
  const names = new Map(sheet.species.map((s) => [s.id, s.common ?? s.scientific]));
  const asked = sheet.asks.filter((a) => a.sittingStation === lines[place.line]?.id)[place.ask];
  return (
    <>
      <PageHead
        title={`Sheet of number ${sheet.code}, second entry`}
        name={`Second entry ${sheet.code}`}
        about={
          <>
            You do not see the first entry. Nothing changes until somebody settles what differs ·{' '}
            <AppLink to={base}>the sitting</AppLink>
          </>
        }
        actions={
          <Button type="primary" disabled={given.size === 0} loading={enter.isPending} onClick={save}>
            Save second entry
          </Button>
        }
      />
      <ProblemNote error={enter.error} />
      <div className="sheet-layout">
        <div>
          <EntryField
            where={
              asked
                ? `Station ${asked.number}, ${askWords(asked, vocabulary, wording.words)}`
                : 'All stations entered'
            }
            place={place}
            lines={lines}
            fits={speciesFor(place.text, sheet.species)}
            onStep={onStep}
          />
          <SheetTable
            sheet={sheet}
            line={place.line}
            ask={place.ask}
            pending={given}
            speciesName={(id) => names.get(id) ?? 'another species'}
            off={() => false}
            onOpen={(line, ask, opened) => setPlace({ ...START, line, ask, opened })}
          />
        </div>
        <aside className="stack">
          <KeyHelp />
        </aside>
      </div>
    </>
  );
}

/** Enters a sheet a second time, without seeing the first entry. */
export function SecondPage() {
  const { id = '', student = '' } = useParams();
  const sitting = useRead('sitting', { id });
  const sheet = useRead('sheet', { id, student }, true, { blind: '1' });
  return (
    <Loaded query={sitting}>
      {(s) => <Loaded query={sheet}>{(sh) => <Entry key={sh.student} sitting={s} sheet={sh} />}</Loaded>}
    </Loaded>
  );
}
