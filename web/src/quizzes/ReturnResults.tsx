import { useState } from 'react';
import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Popconfirm from 'antd/es/popconfirm';
import Radio from 'antd/es/radio';
import type { Hold, ReturnedBy, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { byReason, giveAwayWords, heldWords, releasedWords, stationWords, untilWords } from './holdWords.ts';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function HoldLines({ holds }: { holds: readonly Hold[] }) {
  return (
    <ul className="hold-lines">
      {byReason(holds).map(({ hold, numbers }) => (
        <li key={`${hold.because.sitting}/${hold.because.reason}`}>
          <b>
            {capital(stationWords(numbers))}, {untilWords(hold)}.
          </b>{' '}
          {giveAwayWords(hold)}
        </li>
      ))}
    </ul>
  );
}

/** Asks before results are returned, and says which stations are held back and why. */
export function ReturnResults({
  sitting,
  busy,
  onReturn,
  onClose,
}: {
  sitting: SittingDetail;
  busy: boolean;
  onReturn: (by: ReturnedBy) => void;
  onClose: () => void;
}) {
  const mayTeach = useMayTeach();
  const holds = useRead('holds', { id: sitting.id });
  const days = useWrite('holdDays');
  const [by, setBy] = useState<ReturnedBy>(sitting.returnedBy ?? 'phone');
  const held = (holds.data?.holds ?? []).filter((h) => !h.released);
  return (
    <Dialog
      open
      title="Return results"
      okText="Return results"
      cancelText="Not yet"
      onCancel={onClose}
      onOk={() => onReturn(by)}
      confirmLoading={busy}
      okButtonProps={{ disabled: !holds.data }}
    >
      <p>
        Students who took part see their score, the right names, and what tells their mix-ups apart. You can
        still change a grade with a reason.
      </p>
      <div className="field">
        <span id="return-by">How</span>
        <Radio.Group
          aria-labelledby="return-by"
          value={by}
          options={[
            { value: 'phone', label: 'On phones and printed slips' },
            { value: 'aloud', label: 'Read aloud on a led walk' },
          ]}
          onChange={(e) => setBy((e.target.value as string) === 'aloud' ? 'aloud' : 'phone')}
        />
      </div>
      {by === 'aloud' ? (
        <p>
          {sitting.sectionName} has heard every answer, so nothing is held back from it. Other classes still
          wait for theirs.
        </p>
      ) : held.length === 0 ? (
        <p>No other class has these trees ahead, so every station is returned.</p>
      ) : (
        <>
          <p>
            {heldWords(held.length, sitting.stations.length)} There, students see only what they wrote. You
            can return held stations earlier from this page.
          </p>
          <HoldLines holds={held} />
        </>
      )}
      {mayTeach && holds.data ? (
        <div className="field-row">
          <label htmlFor="hold-days">Hold stations that another class uses within</label>
          <InputNumber
            id="hold-days"
            min={0}
            max={60}
            size="small"
            key={holds.data.days}
            defaultValue={holds.data.days}
            onBlur={(e) => {
              const n = Number(e.target.value);
              if (Number.isInteger(n) && n >= 0 && n <= 60 && n !== holds.data.days)
                days.mutate({ body: { days: n } });
            }}
          />
          <span>days</span>
        </div>
      ) : null}
      <ProblemNote error={holds.error ?? days.error} />
    </Dialog>
  );
}

/** After results are returned: the stations still held back, with a way to return them now. */
export function HeldStations({ sitting }: { sitting: SittingDetail }) {
  const mayTeach = useMayTeach();
  const holds = useRead('holds', { id: sitting.id });
  const release = useWrite('stationRelease');
  const held = (holds.data?.holds ?? []).filter((h) => !h.released);
  const early = releasedWords(holds.data?.holds ?? []);
  if (held.length === 0)
    return early === null ? null : (
      <p className="quiet" role="note">
        {early}
      </p>
    );
  return (
    <section className="panel" aria-label="Held back">
      <h2>{heldWords(held.length, sitting.stations.length)}</h2>
      <HoldLines holds={held} />
      {mayTeach ? (
        <Popconfirm
          title={`Return ${stationWords(held.map((h) => h.number))} now?`}
          description="Students see what these trees are, and another class still has them ahead."
          okText="Return them now"
          cancelText="Keep holding"
          onConfirm={() =>
            release.mutate({ params: { id: sitting.id }, body: { stations: held.map((h) => h.station) } })
          }
        >
          <Button loading={release.isPending}>Return held stations now</Button>
        </Popconfirm>
      ) : null}
      <ProblemNote error={release.error} />
    </section>
  );
}
