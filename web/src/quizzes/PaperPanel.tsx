import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { SecondEntries, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useMayTeach } from '../app/index.ts';
import { AppLink, ProblemNote, counted } from '../parts/index.ts';
import { secondWords } from './paperWords.ts';

const SHARES = [0, 0.1, 0.2, 0.5, 1].map((share) => ({
  value: share,
  label: share === 0 ? 'no sheet' : share === 1 ? 'every sheet' : `${share * 100}% of the sheets`,
}));

/** Sheets that are entered twice, and where the two entries differ; what counts is settled on the sheet. */
function Second({ sitting, second }: { sitting: SittingDetail; second: SecondEntries }) {
  const base = `/quizzes/${sitting.quiz}/sittings/${sitting.id}`;
  return (
    <ul className="plain-list" aria-label="Sheets entered twice">
      {second.sheets.map((s) => (
        <li key={s.student}>
          <span className="number">{s.code}</span> {secondWords(s)}{' '}
          {s.by === null ? (
            <AppLink to={`${base}/second/${s.student}`}>Enter sheet {s.code} again</AppLink>
          ) : s.differences.length > 0 ? (
            <>
              <AppLink to={`${base}/sheets/${s.student}`}>Check sheet {s.code}</AppLink>
              <ul>
                {s.differences.map((d) => (
                  <li key={`${d.sittingStation}/${d.ask}`}>
                    Station {d.number}: first “{d.first === '' ? 'blank' : d.first}”, then “
                    {d.second === '' ? 'blank' : d.second}”
                  </li>
                ))}
              </ul>
            </>
          ) : null}
        </li>
      ))}
    </ul>
  );
}

/** Paper sheets of a sitting: entering them by sheet or by station, and entering some of them twice. */
export function PaperPanel({ sitting }: { sitting: SittingDetail }) {
  const go = useGo();
  const mayTeach = useMayTeach();
  const takes = sitting.state === 'open' || sitting.state === 'closed' || sitting.state === 'graded';
  const second = useRead('secondEntries', { id: sitting.id });
  const share = useWrite('secondShare');
  const base = `/quizzes/${sitting.quiz}/sittings/${sitting.id}`;
  const first = sitting.people.find((p) => p.answered === 0) ?? sitting.people[0];
  const [station] = sitting.stations;
  if (!takes) return null;
  return (
    <section className="panel" aria-label="Paper">
      <h2>Paper</h2>
      <div className="table-tools">
        <Button disabled={!first} onClick={() => go(`${base}/sheets/${first?.student ?? ''}`)}>
          Enter sheets
        </Button>
        <Button disabled={!station} onClick={() => go(`${base}/stations/${station?.id ?? ''}`)}>
          Enter by station
        </Button>
        {mayTeach ? (
          <Select<number>
            aria-label="Enter twice"
            className="pick-wide"
            value={second.data?.share ?? 0}
            loading={share.isPending}
            options={SHARES.map((o) => ({ ...o, label: `Enter ${o.label} twice` }))}
            onChange={(n) => share.mutate({ params: { id: sitting.id }, body: { share: n } })}
          />
        ) : null}
      </div>
      {sitting.shifts > 0 ? (
        <p className="note care" role="note">
          {counted(sitting.shifts, 'sheet')} may be one line off. Open {sitting.shifts === 1 ? 'it' : 'them'}{' '}
          and decide.
        </p>
      ) : null}
      {second.data && second.data.sheets.length > 0 ? (
        <Second sitting={sitting} second={second.data} />
      ) : null}
      <ProblemNote error={second.error ?? share.error} />
    </section>
  );
}
