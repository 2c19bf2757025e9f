import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { SittingStation } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import type { useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { CorrectTree } from '../parts/index.ts';

/** The tree of a station at this sitting; another tagged tree may stand in for it. */
export function TreeAtStation({
  at,
  change,
  swaps,
}: {
  at: SittingStation;
  /** The key is locked, and trees are swapped instead, with the key. */
  swaps: boolean;
  change: ReturnType<typeof useWrite<'sittingStation'>>;
}) {
  const mayTeach = useMayTeach();
  const [choosing, setChoosing] = useState(false);
  const { tree } = at.station;
  const put = (individual: string | null): void => {
    setChoosing(false);
    change.mutate({
      params: { id: at.id },
      body: { material: at.material, distance: at.distance, individual },
      version: at.version,
    });
  };
  return (
    <div className="quiet tree-at">
      <span>
        tree {tree.tag}
        {at.insteadOf === null ? '' : `, in place of ${at.insteadOf} at this sitting`}
      </span>
      {mayTeach && !swaps && at.insteadOf === null && !choosing ? (
        <Button
          size="small"
          type="link"
          aria-label={`Use another tree at station ${at.station.number}`}
          onClick={() => setChoosing(true)}
        >
          Use another tree
        </Button>
      ) : null}
      {mayTeach && !swaps && at.insteadOf !== null ? (
        <Button
          size="small"
          type="link"
          aria-label={`Use ${at.insteadOf} again at station ${at.station.number}`}
          onClick={() => put(null)}
        >
          Use {at.insteadOf} again
        </Button>
      ) : null}
      <CorrectTree tag={tree.tag} />
      {choosing ? <Trees at={at} onChoose={put} onClose={() => setChoosing(false)} /> : null}
    </div>
  );
}

function Trees({
  at,
  onChoose,
  onClose,
}: {
  at: SittingStation;
  onChoose: (individual: string) => void;
  onClose: () => void;
}) {
  const trees = useRead('trees');
  return (
    <Select<string>
      size="small"
      autoFocus
      defaultOpen
      showSearch
      optionFilterProp="label"
      className="tree-choice"
      placeholder="Choose a tagged tree"
      aria-label={`Tree at station ${at.station.number}`}
      loading={trees.isPending}
      options={(trees.data ?? [])
        .filter((t) => t.id !== at.station.tree.id)
        .map((t) => ({ value: t.id, label: `${t.tag}, ${t.taxon.common ?? t.taxon.scientific}` }))}
      onChange={onChoose}
      onBlur={onClose}
    />
  );
}
