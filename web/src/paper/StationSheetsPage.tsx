import { useState } from 'react';
import { useParams } from 'react-router';
import { useQueries } from '@tanstack/react-query';
import Button from 'antd/es/button';
import type { Sheet, SittingDetail } from '@hurrow/contract';
import { request, useRead } from '../api/index.ts';
import { useGo, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Loaded, PageHead, ProblemNote, counted } from '../parts/index.ts';
import { askWords } from '../quizzes/index.ts';
import { EntryField } from './EntryField.tsx';
import { KeyHelp } from './KeyHelp.tsx';
import { START, firstOpen } from './entry.ts';
import type { Line, Place, Step } from './entry.ts';
import { speciesFor } from './fits.ts';
import { askAt, cellOf, slotOf } from './lines.ts';
import { useSending } from './useSending.ts';
import './paper.css';

/** One station, sheet after sheet: the answers of a pile that was sorted by page, or read aloud. */
function Entry({
  sitting,
  station,
  sheets,
}: {
  sitting: SittingDetail;
  station: string;
  sheets: readonly Sheet[];
}) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const go = useGo();
  const sending = useSending(sitting.id);
  const asksOf = (s: Sheet) => s.asks.filter((a) => a.sittingStation === station);
  const lines = sheets.map((s): Line => ({
    id: s.student,
    asks: asksOf(s).map((a) => askAt(a, vocabulary, sending.pending(s.student))),
  }));
  const [place, setPlace] = useState<Place>(() => firstOpen(lines));
  const base = `/quizzes/${sitting.quiz}/sittings/${sitting.id}`;
  const at = sitting.stations.findIndex((s) => s.id === station);
  const next = sitting.stations[at + 1];
  const number = sitting.stations[at]?.station.number ?? 0;
  const [first] = sheets;
  const names = new Map((first?.species ?? []).map((s) => [s.id, s.common ?? s.scientific]));
  const fits = speciesFor(place.text, first?.species ?? []);
  const onStep = (step: Step): void => {
    const student = lines[place.line]?.id;
    if (student) sending.give(student, step.given);
    if (step.next) go(next ? `${base}/stations/${next.id}` : base);
    else setPlace(step.place);
  };
  const here = sheets[place.line];
  const asked = here ? asksOf(here)[place.ask] : undefined;
  const done = lines.filter((l) => l.asks.every((a) => a.answered)).length;
  return (
    <>
      <PageHead
        title={`Station ${number}, all sheets`}
        name={`Station ${number}`}
        about={
          <>
            {done} of {counted(sheets.length, 'sheet')} entered here ·{' '}
            <AppLink to={base}>the sitting</AppLink>
          </>
        }
        actions={
          <>
            <Button
              disabled={at <= 0}
              onClick={() => go(`${base}/stations/${sitting.stations[at - 1]?.id ?? ''}`)}
            >
              Previous station
            </Button>
            <Button disabled={!next} onClick={() => go(`${base}/stations/${next?.id ?? ''}`)}>
              Next station
            </Button>
          </>
        }
      />
      <ProblemNote error={sending.refused?.error} />
      <div className="sheet-layout">
        <div>
          <EntryField
            where={
              here && asked
                ? `Number ${here.code}, ${askWords(asked, vocabulary, wording.words)}`
                : 'All sheets entered here'
            }
            place={place}
            lines={lines}
            fits={fits}
            onStep={onStep}
          />
          <table className="sheet" aria-label={`Station ${number}`}>
            <tbody>
              {sheets.map((s, line) => (
                <tr key={s.student} className={line === place.line ? 'at' : ''}>
                  <th scope="row" className="number">
                    {s.code}
                  </th>
                  {asksOf(s).map((a, i) => {
                    const said = cellOf(
                      a,
                      sending.pending(s.student),
                      (id) => names.get(id) ?? 'another species',
                    );
                    const right = said !== '' && (said === a.key || a.as === 'right');
                    return (
                      <td
                        key={slotOf(a)}
                        className={`${line === place.line && i === place.ask ? 'here ' : ''}${right ? 'right' : ''}`}
                        onClick={() => setPlace({ ...START, line, ask: i })}
                      >
                        <div className="quiet cell-asked">
                          {askWords(a, vocabulary, wording.words)}: {a.key}
                        </div>
                        <div className="cell-said">
                          {said === '' ? <span className="quiet">–</span> : right ? 'right' : said}
                        </div>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <aside className="stack">
          <KeyHelp />
        </aside>
      </div>
    </>
  );
}

function Sheets({ sitting, station }: { sitting: SittingDetail; station: string }) {
  const reads = useQueries({
    queries: sitting.people.map((p) => ({
      queryKey: ['sheet', { id: sitting.id, student: p.student }],
      queryFn: () => request('sheet', { params: { id: sitting.id, student: p.student } }),
    })),
  });
  const failed = reads.find((r) => r.error);
  if (failed) return <ProblemNote error={failed.error} />;
  const sheets = reads.flatMap((r) => r.data ?? []);
  if (sheets.length < sitting.people.length)
    return (
      <p className="quiet" role="status">
        Reading sheets, {sheets.length} of {sitting.people.length}…
      </p>
    );
  return <Entry key={station} sitting={sitting} station={station} sheets={sheets} />;
}

/** Enters one station of all sheets. */
export function StationSheetsPage() {
  const { id = '', station = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return <Loaded query={sitting}>{(s) => <Sheets sitting={s} station={station} />}</Loaded>;
}
