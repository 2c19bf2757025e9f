import { useState } from 'react';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import Select from 'antd/es/select';
import type { SpeciesProfile } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo } from '../app/index.ts';
import { ProblemNote, counted } from '../parts/index.ts';

/** Merges a species into another one, or deletes one that nothing uses. */
export function EndSpecies({ profile }: { profile: SpeciesProfile }) {
  const { id, scientific } = profile.header;
  const taxa = useRead('taxa').data ?? [];
  const merge = useWrite('speciesMerge');
  const remove = useWrite('speciesRemove');
  const go = useGo();
  const [into, setInto] = useState<string | null>(null);
  const other = taxa.find((t) => t.id === into);
  const entries = profile.statements.filter((s) => s.taxon === id).length;
  return (
    <section className="panel" aria-label="Merge or delete">
      <h2>Merge or delete</h2>
      <div className="field-row">
        <Select
          className="pick"
          aria-label={`Merge ${scientific} into`}
          placeholder="Merge into another species"
          showSearch={{ optionFilterProp: 'label' }}
          value={into}
          options={taxa
            .filter((t) => t.id !== id)
            .map((t) => ({ value: t.id, label: `${t.scientific}${t.common ? ` (${t.common})` : ''}` }))}
          onChange={setInto}
        />
        <Popconfirm
          title={`Merge ${scientific} into ${other?.scientific ?? ''}?`}
          description={`Its names, ${counted(entries, 'entry', 'entries')}, list places and trees go to ${other?.scientific ?? ''}. Where one source says the same kind of thing of both, the entry of ${other?.scientific ?? ''} stays. This cannot be undone.`}
          okText="Merge species"
          cancelText="Cancel"
          disabled={!other}
          onConfirm={() => {
            if (other)
              void merge
                .mutateAsync({ params: { id }, body: { into: other.id }, version: profile.version })
                .then(
                  () => go(`/species/${other.id}`),
                  () => undefined,
                );
          }}
        >
          <Button disabled={!other} loading={merge.isPending}>
            Merge species
          </Button>
        </Popconfirm>
        <Popconfirm
          title={`Delete ${scientific}?`}
          description={`${counted(entries, 'entry', 'entries')} of it are deleted too. A species that is on a list, a tree or a quiz is kept. This cannot be undone.`}
          okText="Delete species"
          cancelText="Cancel"
          onConfirm={() =>
            void remove.mutateAsync({ params: { id }, version: profile.version }).then(
              () => go('/species'),
              () => undefined,
            )
          }
        >
          <Button danger loading={remove.isPending}>
            Delete species
          </Button>
        </Popconfirm>
      </div>
      <ProblemNote error={merge.error ?? remove.error} />
    </section>
  );
}
