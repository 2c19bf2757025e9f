import { useState } from 'react';
import Checkbox from 'antd/es/checkbox';
import Select from 'antd/es/select';
import { DISTANCE_WORDS, HAZARD_WORDS } from '@hurrow/contract';
import type { QuizDetail, Station, StationBody } from '@hurrow/contract';
import { DISTANCES, MATERIALS } from '@hurrow/core/conditions';
import type { Distance, Material } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { MATERIAL_LABELS } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { AsksField } from './AsksField.tsx';
import { CluesField } from './CluesField.tsx';
import { bodyOf } from './applyFix.ts';
import { MoreKinds } from './MoreKinds.tsx';
import { pairOf } from './pairOf.ts';
import { useAskGround } from './useAskGround.ts';
import { addAsk, asksFor, rememberAsks } from './asks.ts';

const EMPTY: Omit<StationBody, 'individual'> = {
  asks: [],
  material: ['tree', 'twig', 'leaf'],
  distance: 'hand',
  accepts: [],
  notTellable: false,
  clues: [],
};

/** What lies at a station, from where it is seen, and what else is accepted. */
function SettingFields({
  quiz,
  body,
  own,
  onChange,
}: {
  quiz: QuizDetail;
  body: Omit<StationBody, 'individual'>;
  /** The species of the tree, which is not accepted besides itself. */
  own: string | undefined;
  onChange: (part: Partial<StationBody>) => void;
}) {
  const members = useRead('list', { id: quiz.list }).data?.members ?? [];
  return (
    <>
      <div className="field">
        <label htmlFor="station-material">What they have</label>
        <Select<Material[]>
          id="station-material"
          mode="multiple"
          value={[...(body.material ?? [])]}
          options={MATERIALS.map((m) => ({ value: m, label: MATERIAL_LABELS[m] }))}
          onChange={(material) => material.length > 0 && onChange({ material })}
        />
      </div>
      <div className="field-row">
        <div className="field">
          <label htmlFor="station-distance">How close</label>
          <Select<Distance>
            id="station-distance"
            value={body.distance ?? 'hand'}
            options={DISTANCES.map((d) => ({ value: d, label: DISTANCE_WORDS[d] }))}
            onChange={(distance) => onChange({ distance })}
          />
        </div>
        <div className="field grow">
          <label htmlFor="station-accepts">Accept these names too</label>
          <Select<string[]>
            id="station-accepts"
            mode="multiple"
            placeholder="no other species"
            optionFilterProp="label"
            value={[...(body.accepts ?? [])]}
            options={members
              .filter((m) => m.id !== own)
              .map((m) => ({ value: m.id, label: `${m.scientific}${m.common ? `, ${m.common}` : ''}` }))}
            onChange={(accepts) => onChange({ accepts })}
          />
        </div>
      </div>
      <Checkbox
        checked={body.notTellable ?? false}
        onChange={(e) => onChange({ notTellable: e.target.checked })}
      >
        It cannot be told from what is here, and “cannot be told” is the right answer
      </Checkbox>
    </>
  );
}

/** Chooses the tree of a station, what lies there and what is asked; character questions come before the name. */
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
  const [body, setBody] = useState<Omit<StationBody, 'individual'>>(() =>
    station ? bodyOf(station) : { ...EMPTY, asks: asksFor(quiz.plan) },
  );
  const change = (part: Partial<StationBody>): void => setBody({ ...body, ...part });
  const groundOf = useAskGround(quiz);
  const create = useWrite('stationCreate');
  const save = useWrite('stationChange');
  const tree = trees.data?.find((t) => t.id === individual);
  const chooseTree = (id: string): void => {
    setIndividual(id);
    // A question made from a tree belongs to that tree; what was asked by hand stays.
    if (station || quiz.plan.preset !== 'young' || body.asks.some((a) => !a.params)) return;
    const chosen = trees.data?.find((t) => t.id === id);
    change({ asks: pairOf(groundOf, chosen, quiz.stations.length + 1) });
  };
  const submit = (): void => {
    if (!individual) return;
    const sent = { ...body, individual };
    // Character questions and drawings belong to one tree; what else is asked goes on to the next.
    rememberAsks(body.asks.filter((a) => a.kind !== 'call' && !a.params));
    if (station)
      save.mutate(
        { params: { id: station.id }, body: sent, version: station.version },
        { onSuccess: onClose },
      );
    else create.mutate({ params: { id: quiz.id }, body: sent }, { onSuccess: onClose });
  };
  const used = new Set(quiz.stations.filter((s) => s.id !== station?.id).map((s) => s.tree.id));
  return (
    <Dialog
      open
      width={680}
      title={station ? `Station ${station.number}` : 'Add a station'}
      okText={station ? 'Save station' : 'Add station'}
      onCancel={onClose}
      onOk={submit}
      okButtonProps={{ disabled: !individual || body.asks.length === 0 }}
      confirmLoading={create.isPending || save.isPending}
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
            onChange={chooseTree}
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
            <b>Caution.</b>{' '}
            {[
              ...tree.cautions.map((c) => c.text),
              ...tree.hazards.map((h) => HAZARD_WORDS[h] ?? `${h}.`),
            ].join(' ')}{' '}
            The station card and the phone say so by hazard, and what the caution forbids is not offered
            there.
          </div>
        ) : null}
        <SettingFields quiz={quiz} body={body} own={tree?.taxon.id} onChange={change} />
        <AsksField
          asks={body.asks}
          certified={Object.keys(tree?.certified ?? {})}
          mostCalls={quiz.plan.mostCalls}
          onChange={(asks) => change({ asks })}
        />
        {tree ? (
          <MoreKinds quiz={quiz} tree={tree} onAdd={(ask) => change({ asks: addAsk(body.asks, ask) })} />
        ) : null}
        <CluesField clues={body.clues ?? []} onChange={(clues) => change({ clues })} />
        <ProblemNote error={create.error ?? save.error} />
      </div>
    </Dialog>
  );
}
