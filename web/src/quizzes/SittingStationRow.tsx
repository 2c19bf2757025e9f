import Button from 'antd/es/button';
import Select from 'antd/es/select';
import { DISTANCE_WORDS } from '@hurrow/contract';
import type { SittingDetail, SittingStation } from '@hurrow/contract';
import { DISTANCES, MATERIALS } from '@hurrow/core/conditions';
import type { Distance, Material } from '@hurrow/core/conditions';
import type { StationFairness } from '@hurrow/core/fairness';
import { useWrite } from '../api/index.ts';
import { MATERIAL_LABELS, useMayTeach } from '../app/index.ts';
import { AppLink, ProblemNote, TaxonName } from '../parts/index.ts';
import { ReasonField } from './ReasonField.tsx';
import { TreeAtStation } from './TreeAtStation.tsx';
import { verdictLine } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';

/** A station of a sitting: its tree, what is at hand, its verdict, and the swap once its key is locked. */
export function SittingStationRow({
  sitting,
  at,
  found,
  nameOf,
  onSwap,
}: {
  sitting: SittingDetail;
  at: SittingStation;
  found: StationFairness | undefined;
  nameOf: NameOf;
  onSwap: () => void;
}) {
  const mayTeach = useMayTeach();
  const change = useWrite('sittingStation');
  const set = (part: { material?: readonly Material[]; distance?: Distance }): void =>
    change.mutate({
      params: { id: at.id },
      body: { material: part.material ?? at.material, distance: part.distance ?? at.distance },
      version: at.version,
    });
  const { station } = at;
  const isPending = sitting.state === 'locked' || sitting.state === 'open';
  return (
    <div className="station">
      <div className="station-number">{station.number}</div>
      <div>
        <h3>
          <TaxonName taxon={station.tree.taxon} />
        </h3>
        <TreeAtStation at={at} change={change} swaps={isPending} />
        {sitting.state === 'draft' && mayTeach ? (
          <div className="field-row station-hand">
            <Select<Material[]>
              mode="multiple"
              size="small"
              aria-label={`In hand at station ${station.number}`}
              className="draft-handling"
              value={[...at.material]}
              options={MATERIALS.map((m) => ({ value: m, label: MATERIAL_LABELS[m] }))}
              onChange={(material) => {
                if (material.length > 0) set({ material });
              }}
            />
            <Select<Distance>
              size="small"
              aria-label={`From where at station ${station.number}`}
              value={at.distance}
              options={DISTANCES.map((d) => ({ value: d, label: DISTANCE_WORDS[d] }))}
              onChange={(distance) => set({ distance })}
            />
          </div>
        ) : (
          <div>
            {at.material.map((m) => MATERIAL_LABELS[m]).join(', ')}; {DISTANCE_WORDS[at.distance]}
          </div>
        )}
        <ProblemNote error={change.error} />
      </div>
      <div className="station-verdict">
        {found ? (
          <span className={`verdict ${found.verdict}`}>{verdictLine(found, nameOf)}</span>
        ) : (
          <span className="quiet">Checking…</span>
        )}
        {found?.verdict === 'unfair' && mayTeach ? <ReasonField key={at.version} at={at} /> : null}
        {found && found.verdict !== 'fair' && sitting.state === 'draft' ? (
          <AppLink to={`/quizzes/${sitting.quiz}?for=${sitting.id}&station=${station.id}`}>See fixes</AppLink>
        ) : null}
      </div>
      {isPending && mayTeach ? (
        <div className="station-acts">
          <Button size="small" aria-label={`Swap tree at station ${station.number}`} onClick={onSwap}>
            Swap tree
          </Button>
        </div>
      ) : (
        <span />
      )}
    </div>
  );
}
