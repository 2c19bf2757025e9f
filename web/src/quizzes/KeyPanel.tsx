import { useState } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import TimePicker from 'antd/es/time-picker';
import type { KeyChange, SittingDetail, SittingKey } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach, useView, useVocabulary } from '../app/index.ts';
import { DataTable, Dialog, ProblemNote, effectLines, effectWords } from '../parts/index.ts';
import { DropStation } from './DropStation.tsx';
import { changeWords, holdsWords, keyWords, momentOn } from './keyWords.ts';

const FEWEST_LETTERS = 3;
const HOUR = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' });
const TIME = new Intl.DateTimeFormat('en-US', {
  month: 'short',
  day: 'numeric',
  hour: 'numeric',
  minute: '2-digit',
});

/** Who gains and who loses, before anything changes. */
function Effect({ effect }: { effect: SittingKey['effect'] }) {
  const lines = effect ? effectLines(effect) : [];
  if (lines.length === 0) return null;
  return (
    <ul className="effect-lines number" aria-label="Who gains and who loses">
      {lines.map((l) => (
        <li key={l}>{l}</li>
      ))}
    </ul>
  );
}

/** Asks why, before everything that has changed goes into a new revision. */
function Revise({
  sitting,
  sittingKey,
  onClose,
}: {
  sitting: SittingDetail;
  sittingKey: SittingKey;
  onClose: () => void;
}) {
  const revise = useWrite('keyRevise');
  const [why, setWhy] = useState('');
  const [from, setFrom] = useState<string | null>(null);
  return (
    <Dialog
      open
      title="Revise the key"
      okText="Revise key"
      cancelText="Keep the key"
      confirmLoading={revise.isPending}
      okButtonProps={{ disabled: why.trim().length < FEWEST_LETTERS }}
      onCancel={onClose}
      onOk={() =>
        revise.mutate(
          {
            params: { id: sitting.id },
            body: { stations: null, why, from: from && momentOn(sitting.on, from) },
          },
          { onSuccess: onClose },
        )
      }
    >
      <p>
        {effectWords(sittingKey.effect)}{' '}
        {sitting.state === 'returned'
          ? 'Students keep seeing the results you returned until you grade again and return new ones.'
          : 'Grades change when you grade again.'}
      </p>
      <Effect effect={sittingKey.effect} />
      <label htmlFor="revise-why">Why</label>
      <Input id="revise-why" autoFocus maxLength={400} value={why} onChange={(e) => setWhy(e.target.value)} />
      <label htmlFor="revise-from">Only for students who came to the station from this time on</label>
      <TimePicker
        id="revise-from"
        format="h:mm A"
        use12Hours
        needConfirm={false}
        placeholder="everybody"
        onChange={(t) => setFrom(t ? t.format('HH:mm') : null)}
      />
      <p className="quiet">
        Enter a time if a tree changed during the sitting. Whoever was there before keeps the key as it was,
        so fewer grades change than are counted above.
      </p>
      <ProblemNote error={revise.error} />
    </Dialog>
  );
}

function Changes({
  sitting,
  changes,
  tools,
}: {
  sitting: SittingDetail;
  changes: readonly KeyChange[];
  tools: ReactNode;
}) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const about = (c: KeyChange): string => changeWords(c, vocabulary, wording.words);
  return (
    <DataTable<KeyChange>
      label="Changes since the key was locked"
      file={`key changes ${sitting.quizName} ${sitting.sectionName}`}
      rows={changes}
      tools={tools}
      rowKey={(c) => `${c.sittingStation ?? ''}/${c.kind}/${c.character ?? ''}`}
      empty={null}
      plain={(c) => ({ station: c.number ?? '', about: about(c), in_the_key: c.was, now: c.is })}
      columns={[
        {
          title: 'Station',
          width: 86,
          className: 'number',
          sorter: (a, b) => (a.number ?? 0) - (b.number ?? 0),
          render: (_, c) => c.number ?? 'all',
        },
        {
          title: 'What',
          sorter: (a, b) => about(a).localeCompare(about(b), 'en'),
          render: (_, c) => about(c),
        },
        { title: 'In the key', render: (_, c) => c.was },
        { title: 'Now', render: (_, c) => <span className="typed">{c.is}</span> },
      ]}
    />
  );
}

/** The key of a sitting: by which revision it is graded, what has changed since, and what taking that over would do. */
export function KeyPanel({ sitting }: { sitting: SittingDetail }) {
  const key = useRead('key', { id: sitting.id });
  const mayTeach = useMayTeach();
  const [revising, setRevising] = useState(false);
  if (!key.data || key.data.rev === null) return <ProblemNote error={key.error} />;
  const { changes, revisions } = key.data;
  return (
    <section className="panel" aria-label="Key">
      <h2>Key</h2>
      <p>
        {keyWords(key.data)} {changes.length > 0 ? effectWords(key.data.effect) : ''}
      </p>
      {changes.length > 0 ? (
        <Changes
          sitting={sitting}
          changes={changes}
          tools={mayTeach ? <Button onClick={() => setRevising(true)}>Revise key</Button> : null}
        />
      ) : null}
      {revisions.length > 1 ? (
        <ul className="revisions">
          {revisions.map((r) => (
            <li key={r.rev}>
              <b>Revision {r.rev}</b>, {TIME.format(new Date(r.at))}
              {r.by === null ? '' : `, by ${r.by}`}: {r.why}
              {holdsWords(r.from, (m) => HOUR.format(m))}
            </li>
          ))}
        </ul>
      ) : null}
      {mayTeach && sitting.state !== 'locked' ? (
        <DropStation sitting={sitting} sittingKey={key.data} />
      ) : null}
      {revising ? (
        <Revise sitting={sitting} sittingKey={key.data} onClose={() => setRevising(false)} />
      ) : null}
    </section>
  );
}
