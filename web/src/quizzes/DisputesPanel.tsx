import { useState } from 'react';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { Dispute, DisputeDecision, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { DataTable, ProblemNote } from '../parts/index.ts';
import { decisionWords, disputeWords, valueText, waitingWords } from './disputeWords.ts';
import { askWords } from './words.ts';

type Show = 'open' | 'all';

function Acts({
  dispute,
  busy,
  onDecide,
}: {
  dispute: Dispute;
  busy: boolean;
  onDecide: (decision: DisputeDecision['decision']) => void;
}) {
  const which = `the answer of number ${dispute.code} at station ${dispute.station}`;
  return (
    <div className="row-acts">
      <Button size="small" disabled={busy} aria-label={`Count ${which}`} onClick={() => onDecide('count')}>
        Count
      </Button>
      <Button
        size="small"
        disabled={busy}
        aria-label={`Keep ${which} without counting it`}
        onClick={() => onDecide('keep')}
      >
        Keep
      </Button>
      <Button size="small" disabled={busy} aria-label={`Drop ${which}`} onClick={() => onDecide('drop')}>
        Drop
      </Button>
    </div>
  );
}

/** Answers that came late or contradict another, each with what counts in its place and what may be decided. */
export function DisputesPanel({ sitting }: { sitting: SittingDetail }) {
  const disputes = useRead('disputes', { id: sitting.id });
  const decide = useWrite('disputesDecide');
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const [show, setShow] = useState<Show>('open');
  const all = disputes.data ?? [];
  if (all.length === 0) return null;
  const open = all.filter((d) => d.state === 'open');
  // Where nothing is left to decide, what was decided is shown.
  const shown: Show = open.length === 0 ? 'all' : show;
  const text = (d: Dispute, value: Dispute['counts']): string =>
    valueText(value, d.character, vocabulary, wording.words);
  const act = (rows: readonly Dispute[], decision: DisputeDecision['decision']): void =>
    decide.mutate({ params: { id: sitting.id }, body: { disputes: rows.map((d) => d.id), decision } });
  return (
    <section className="panel" aria-label="Answers to decide">
      <h2>Answers to decide</h2>
      <p className="quiet">
        {waitingWords(all)} Count uses the answer, Keep leaves it on record, Drop records it as not the
        student’s own.
      </p>
      <DataTable<Dispute>
        label="Answers to decide"
        file={`answers to decide ${sitting.quizName} ${sitting.sectionName}`}
        rows={shown === 'open' ? open : all}
        rowKey={(d) => d.id}
        tools={
          <>
            <Segmented<Show>
              value={shown}
              onChange={setShow}
              options={[
                { value: 'open', label: `To decide (${open.length})` },
                { value: 'all', label: `All (${all.length})` },
              ]}
            />
            {open.length > 1 ? (
              <Button loading={decide.isPending} onClick={() => act(open, 'count')}>
                Count all {open.length}
              </Button>
            ) : null}
          </>
        }
        plain={(d) => ({
          student: d.code,
          station: d.station,
          asked: askWords(d, vocabulary, wording.words),
          answer: text(d, d.value),
          counts_now: text(d, d.counts),
          why: disputeWords(d.why),
          decision: decisionWords(d),
        })}
        empty={null}
        columns={[
          {
            title: 'Student',
            width: 110,
            sorter: (a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }),
            render: (_, d) => (
              <span className="number">
                {d.code} {d.firstName ?? ''}
              </span>
            ),
          },
          {
            title: 'Station',
            dataIndex: 'station',
            className: 'number',
            width: 86,
            sorter: (a, b) => a.station - b.station,
          },
          { title: 'Asked', render: (_, d) => askWords(d, vocabulary, wording.words) },
          { title: 'This answer', render: (_, d) => <span className="typed">{text(d, d.value)}</span> },
          { title: 'Counts now', render: (_, d) => text(d, d.counts) },
          { title: 'Why', render: (_, d) => disputeWords(d.why) },
          {
            title: 'Decision',
            width: 196,
            render: (_, d) => (
              <>
                {d.state === 'open' ? null : <div className="quiet">{decisionWords(d)}</div>}
                {sitting.state === 'returned' ? null : (
                  <Acts dispute={d} busy={decide.isPending} onDecide={(to) => act([d], to)} />
                )}
              </>
            ),
          },
        ]}
      />
      <ProblemNote error={decide.error ?? disputes.error} />
    </section>
  );
}
