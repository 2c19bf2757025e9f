import { useState } from 'react';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import type { AskBody, QuizDetail, Station } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { AsksField } from './AsksField.tsx';
import { lastAsks, rememberAsks } from './asks.ts';

/** Chooses the tree of a station and what is asked there; calls stand before the name. */
export function StationEditor({
  quiz,
  station,
  onClose,
}: {
  quiz: QuizDetail;
  station: Station | null;
  onClose: () => void;
}) {
  const trees = useRead('trees');
  const [individual, setIndividual] = useState<string | undefined>(station?.tree.id);
  const [asks, setAsks] = useState<readonly AskBody[]>(
    () => station?.asks.map(({ kind, character, points }) => ({ kind, character, points })) ?? lastAsks(),
  );
  const create = useWrite('stationCreate');
  const change = useWrite('stationChange');
  const tree = trees.data?.find((t) => t.id === individual);
  const certified = Object.keys(tree?.certified ?? {});
  const save = (): void => {
    if (!individual) return;
    const body = { individual, asks };
    // Character questions belong to one tree; what else is asked goes on to the next.
    rememberAsks(asks.filter((a) => a.kind !== 'call'));
    if (station)
      change.mutate({ params: { id: station.id }, body, version: station.version }, { onSuccess: onClose });
    else create.mutate({ params: { id: quiz.id }, body }, { onSuccess: onClose });
  };
  const used = new Set(quiz.stations.filter((s) => s.id !== station?.id).map((s) => s.tree.id));
  return (
    <Modal
      open
      width={600}
      title={station ? `Station ${station.number}` : 'Add a station'}
      okText={station ? 'Save station' : 'Add station'}
      onCancel={onClose}
      onOk={save}
      okButtonProps={{ disabled: !individual || asks.length === 0 }}
      confirmLoading={create.isPending || change.isPending}
    >
      <div className="stack">
        <div className="field">
          <label htmlFor="station-tree">Tree</label>
          <Select
            id="station-tree"
            autoFocus
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="Type a tag or a name"
            {...(individual ? { value: individual } : {})}
            onChange={setIndividual}
            options={(trees.data ?? [])
              .filter((t) => !t.retired || t.id === individual)
              .map((t) => ({
                value: t.id,
                label: `${t.tag} ${t.taxon.scientific}${t.taxon.common ? `, ${t.taxon.common}` : ''}${used.has(t.id) ? ' (already a station)' : ''}`,
              }))}
          />
        </div>
        {tree && tree.cautions.length + tree.hazards.length > 0 ? (
          <div className="caution" role="note">
            <b>Caution.</b> {[...tree.cautions.map((c) => c.text), ...tree.hazards].join(' ')} The station
            card and the phone say so by hazard, and what the caution forbids is not offered there.
          </div>
        ) : null}
        <AsksField asks={asks} certified={certified} onChange={setAsks} />
        <ProblemNote error={create.error ?? change.error} />
      </div>
    </Modal>
  );
}
