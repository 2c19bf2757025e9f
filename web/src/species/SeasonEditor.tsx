import { useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { SeasonBody, SpeciesProfile } from '@hurrow/contract';
import type { WindowKind } from '@hurrow/core/conditions';
import { problemOf, useWrite } from '../api/index.ts';
import type { Here } from '../app/index.ts';
import { Choose, Dialog, ProblemNote } from '../parts/index.ts';
import { WindowKindField } from './WindowKindField.tsx';
import { readDay } from './seasonWords.ts';

/** Records what one source says of one season, with the place it was seen at. */
export function SeasonEditor({
  profile,
  here,
  onClose,
}: {
  profile: SpeciesProfile;
  here: Here;
  onClose: () => void;
}) {
  const first = profile.sources.find((s) => s.kind !== 'shipped');
  const [kind, setKind] = useState<WindowKind>('leaf_out');
  const [source, setSource] = useState(first?.id ?? '');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [crosses, setCrosses] = useState(false);
  const standing = profile.seasons.find((s) => s.kind === kind && s.source === source);
  const [ref, setRef] = useState({
    lat: String(here.site?.lat ?? ''),
    lon: String(here.site?.lon ?? ''),
    elevM: String(here.site?.elevM ?? ''),
  });
  const put = useWrite('seasonPut');
  const [start, end] = [readDay(from), readDay(to)];
  const [asked, setAsked] = useState('');
  const ready = start !== null && end !== null && source !== '';
  const save = (): void => {
    if (start === null || end === null) return;
    const body: SeasonBody = {
      kind,
      from: start,
      to: end,
      crossesNewYear: crosses,
      ref: { lat: Number(ref.lat), lon: Number(ref.lon), elevM: Number(ref.elevM) },
      source,
    };
    put.mutate(
      { params: { id: profile.header.id }, body },
      {
        onSuccess: onClose,
        // Which of the two is meant stays asked until it is answered.
        onError: (error) => setAsked(problemOf(error).offer ? problemOf(error).detail : ''),
      },
    );
  };
  const swap = (): void => {
    setFrom(to);
    setTo(from);
    setAsked('');
    put.reset();
  };
  return (
    <Dialog
      open
      title={`A season of ${profile.header.scientific}`}
      okText={standing ? 'Replace what this source said' : 'Record it'}
      cancelText="Cancel"
      okButtonProps={{ disabled: !ready, loading: put.isPending }}
      onOk={save}
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field-row">
          <WindowKindField kind={kind} onChange={setKind} />
          <label className="field">
            <span>Source</span>
            <Choose
              label="Source"
              value={source}
              options={[
                ...profile.sources
                  .filter((s) => s.kind !== 'shipped')
                  .map((s) => ({ value: s.id, label: s.citation })),
              ]}
              onChange={setSource}
            />
          </label>
        </div>
        <div className="field-row">
          <label className="field">
            <span>From (May 20)</span>
            <Input
              value={from}
              status={from !== '' && start === null ? 'error' : ''}
              onChange={(e) => setFrom(e.target.value)}
            />
          </label>
          <label className="field">
            <span>To (Jun 10)</span>
            <Input
              value={to}
              status={to !== '' && end === null ? 'error' : ''}
              onChange={(e) => setTo(e.target.value)}
            />
          </label>
        </div>
        <div className="field-row">
          {(
            [
              ['lat', 'Recorded at, degrees north'],
              ['lon', 'longitude'],
              ['elevM', 'elevation in meters'],
            ] as const
          ).map(([key, label]) => (
            <label className="field" key={key}>
              <span>{label}</span>
              <Input value={ref[key]} onChange={(e) => setRef({ ...ref, [key]: e.target.value })} />
            </label>
          ))}
        </div>
        {asked ? (
          <div role="alert" className="caution">
            <p>{asked} Which is meant?</p>
            <Button size="small" onClick={swap}>
              {to} to {from}, the other way round
            </Button>{' '}
            <Checkbox checked={crosses} onChange={(e) => setCrosses(e.target.checked)}>
              it runs over new year
            </Checkbox>
          </div>
        ) : (
          <ProblemNote error={put.error} />
        )}
      </div>
    </Dialog>
  );
}
