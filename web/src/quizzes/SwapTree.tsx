import { useEffect, useMemo, useState } from 'react';
import Input from 'antd/es/input';
import Radio from 'antd/es/radio';
import Select from 'antd/es/select';
import type { SittingDetail, SittingStation } from '@hurrow/contract';
import type { StationFairness } from '@hurrow/core/fairness';
import { UNFAIR_REASONS } from '@hurrow/core/quizzes';
import type { UnfairReason } from '@hurrow/core/quizzes';
import { useRead, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote, TaxonName } from '../parts/index.ts';
import { REASON_WORDS, verdictLine } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';
import { settingFor } from './judgedFor.ts';
import { byFairness, swapChoices } from './swaps.ts';
import type { Fairness } from './useFairness.ts';

const WHY = 'The tree could not be used on the day.';

/** Puts another tree at one station while the key is locked: choose it, then swap. Made for a phone in the field. */
export function SwapTree({
  sitting,
  at,
  fairness,
  nameOf,
  onClose,
}: {
  sitting: SittingDetail;
  at: SittingStation;
  fairness: Fairness;
  nameOf: NameOf;
  onClose: () => void;
}) {
  const trees = useRead('trees').data;
  const members = useRead('list', { id: sitting.list }).data?.members;
  const swap = useWrite('stationSwap');
  const [chosen, setChosen] = useState<string | null>(null);
  const [why, setWhy] = useState(WHY);
  const [reason, setReason] = useState<UnfairReason | null>(null);
  const [judged, setJudged] = useState<ReadonlyMap<string, StationFairness>>(
    new Map<string, StationFairness>(),
  );
  const choices = useMemo(
    () => swapChoices(sitting, at, trees ?? [], members ?? []),
    [sitting, at, trees, members],
  );
  const { check } = fairness;
  useEffect(() => {
    let live = true;
    const run = async (): Promise<void> => {
      for (const tree of choices) {
        const station = { ...at.station, tree };
        const found = await check({ station, setting: settingFor(at.station, sitting, sitting.on, sitting) });
        if (!live) return;
        if (found) setJudged((before) => new Map(before).set(tree.id, found));
      }
    };
    void run();
    return () => {
      live = false;
    };
  }, [choices, at, sitting, check]);
  const { number, tree: now } = at.station;
  const shown = byFairness(
    choices.map((tree) => ({ tree, found: judged.get(tree.id) ?? null })),
    now.taxon.id,
  );
  const unfair = chosen !== null && judged.get(chosen)?.verdict === 'unfair';
  const isReady = chosen !== null && why.trim().length > 2 && (!unfair || reason !== null);
  return (
    <Dialog
      open
      title={`Swap the tree of station ${number}`}
      okText="Swap tree"
      okButtonProps={{ disabled: !isReady }}
      confirmLoading={swap.isPending}
      onCancel={onClose}
      onOk={() =>
        chosen &&
        swap.mutate(
          {
            params: { id: at.id },
            body: { individual: chosen, why: why.trim(), reason },
            version: at.version,
          },
          { onSuccess: onClose },
        )
      }
    >
      <p>
        Now tree {now.tag}, <TaxonName taxon={now.taxon} />. The key of this station is made again. Printed
        cards stay valid.
      </p>
      {trees && members && choices.length === 0 ? (
        <p className="quiet">No other tagged tree of this list stands at {now.site.name}.</p>
      ) : (
        <Radio.Group
          className="swap-choices"
          aria-label="Tree"
          value={chosen}
          onChange={(e) => setChosen(String(e.target.value))}
        >
          {shown.map(({ tree, found }) => (
            <Radio key={tree.id} value={tree.id}>
              <span className="tree-tag number">{tree.tag}</span> <TaxonName taxon={tree.taxon} />
              <span className={`verdict ${found?.verdict ?? ''}`}>
                {found ? verdictLine(found, nameOf) : 'Checking…'}
              </span>
            </Radio>
          ))}
        </Radio.Group>
      )}
      {unfair ? (
        <Select<UnfairReason>
          aria-label="Why you use an unfair tree"
          placeholder="Say why you use it"
          value={reason}
          options={UNFAIR_REASONS.map((r) => ({ value: r, label: REASON_WORDS[r] }))}
          onChange={setReason}
        />
      ) : null}
      <label className="field">
        <span>Why</span>
        <Input maxLength={400} value={why} onChange={(e) => setWhy(e.target.value)} />
      </label>
      <ProblemNote error={swap.error} />
    </Dialog>
  );
}
