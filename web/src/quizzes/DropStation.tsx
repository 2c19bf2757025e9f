import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { SittingDetail, SittingKey } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, EffectNote, ProblemNote } from '../parts/index.ts';
import { useDropPreview } from './preview.ts';

const FEWEST_LETTERS = 3;

function Question({
  sitting,
  sittingKey,
  drop,
  onClose,
}: {
  sitting: SittingDetail;
  sittingKey: SittingKey;
  drop: boolean;
  onClose: () => void;
}) {
  const save = useWrite('stationDrop');
  const [station, setStation] = useState<string | null>(
    drop ? null : (sittingKey.dropped[0]?.sittingStation ?? null),
  );
  const [why, setWhy] = useState('');
  const preview = useDropPreview(sitting.id, station === null ? null : { station, drop });
  const chosen = sitting.stations.find((s) => s.id === station)?.station.asks ?? [];
  const worth = chosen.reduce((n, a) => n + a.points, 0);
  const isDropped = new Set(sittingKey.dropped.map((d) => d.sittingStation));
  const title = drop ? 'Drop a station' : 'Count a station again';
  return (
    <Dialog
      open
      title={title}
      okText={drop ? 'Drop station' : 'Count station'}
      cancelText="Keep the key"
      confirmLoading={save.isPending}
      okButtonProps={{ disabled: station === null || !preview.data || why.trim().length < FEWEST_LETTERS }}
      onCancel={onClose}
      onOk={() =>
        station === null
          ? undefined
          : save.mutate({ params: { id: sitting.id }, body: { station, drop, why } }, { onSuccess: onClose })
      }
    >
      <div className="stack">
        <p>
          {drop
            ? 'A dropped station earns nothing for anybody and counts for no mix-up. Its answers are kept.'
            : 'The station earns its points again.'}
        </p>
        <div className="field">
          <label htmlFor="drop-station">Station</label>
          <Select<string>
            id="drop-station"
            autoFocus
            {...(station === null ? {} : { value: station })}
            placeholder="Choose a station"
            onChange={setStation}
            options={sitting.stations
              .filter((s) => isDropped.has(s.id) !== drop)
              .map((s) => ({
                value: s.id,
                label: `${s.station.number} ${s.station.tree.taxon.common ?? s.station.tree.taxon.scientific}`,
              }))}
          />
        </div>
        <div className="field">
          <label htmlFor="drop-why">Why</label>
          <Input id="drop-why" maxLength={400} value={why} onChange={(e) => setWhy(e.target.value)} />
        </div>
        {worth > 0 ? (
          <p>
            The most there are {drop ? 'falls' : 'rises'} by {worth} {worth === 1 ? 'point' : 'points'} for
            everybody.
          </p>
        ) : null}
        {station === null ? null : <EffectNote effect={preview.data} own={sitting.id} />}
        <p className="quiet">
          {sitting.state === 'returned'
            ? 'Students keep seeing the results you returned until you grade again and return new ones.'
            : 'Grades change when you grade again.'}
        </p>
        <ProblemNote error={preview.error ?? save.error} />
      </div>
    </Dialog>
  );
}

/** Drops a station of a sitting, or lets one count again, with who gains and who loses before it is done. */
export function DropStation({ sitting, sittingKey }: { sitting: SittingDetail; sittingKey: SittingKey }) {
  const [open, setOpen] = useState<'drop' | 'count' | null>(null);
  const numbers = sittingKey.dropped.map((d) => d.number);
  return (
    <>
      {numbers.length > 0 ? (
        <p role="note">
          {numbers.length === 1 ? 'Station' : 'Stations'} {numbers.join(', ')}{' '}
          {numbers.length === 1 ? 'was' : 'were'} dropped.
        </p>
      ) : null}
      <div className="table-tools">
        <Button onClick={() => setOpen('drop')}>Drop a station</Button>
        {numbers.length > 0 ? <Button onClick={() => setOpen('count')}>Count a station again</Button> : null}
      </div>
      {open ? (
        <Question
          sitting={sitting}
          sittingKey={sittingKey}
          drop={open === 'drop'}
          onClose={() => setOpen(null)}
        />
      ) : null}
    </>
  );
}
