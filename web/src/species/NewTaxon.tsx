import { useState } from 'react';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { Rank } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo } from '../app/index.ts';
import { Choose, Dialog, ProblemNote } from '../parts/index.ts';

const RANK_WORDS: Readonly<Record<Rank, string>> = {
  species: 'species',
  infraspecies: 'variety or subspecies',
  cultivar: 'cultivar',
  hybrid: 'hybrid',
  genus: 'genus',
  section: 'section',
  group: 'named group',
  family: 'family',
};

/** Adds a taxon of any rank with where it hangs. */
export function NewTaxon({ onClose }: { onClose: () => void }) {
  const go = useGo();
  const places = useRead('taxa');
  const taxa = places.data ?? [];
  const [rank, setRank] = useState<Rank>('species');
  const [scientific, setScientific] = useState('');
  const [authority, setAuthority] = useState('');
  const [common, setCommon] = useState('');
  const [parents, setParents] = useState<readonly string[]>([]);
  const create = useWrite('taxonCreate');
  const genus = taxa.find((t) => t.rank === 'genus' && t.scientific === scientific.split(' ')[0]);
  const hung = parents.length === 0 && genus && rank !== 'genus' && rank !== 'family' ? [genus.id] : parents;
  return (
    <Dialog
      open
      title="Add a species or a group"
      okText="Add to the library"
      cancelText="Cancel"
      okButtonProps={{
        // Without the taxa a species would be added that hangs under no genus.
        disabled: scientific.trim() === '' || places.isPending,
        loading: create.isPending,
      }}
      onOk={() =>
        create.mutate(
          {
            body: {
              rank,
              scientific: scientific.trim(),
              authority: authority.trim() || null,
              common: common.trim() === '' ? [] : [common.trim()],
              parents: hung,
            },
          },
          { onSuccess: (made) => go(`/species/${made.id}/write`) },
        )
      }
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field-row">
          <label className="field">
            <span>Rank</span>
            <Choose
              label="Rank"
              value={rank}
              options={Object.entries(RANK_WORDS).map(([r, words]) => ({ value: r, label: words }))}
              onChange={(v) => setRank(v as Rank)}
            />
          </label>
          <label className="field grow">
            <span>Name</span>
            <Input
              autoFocus
              spellCheck={false}
              value={scientific}
              onChange={(e) => setScientific(e.target.value)}
            />
          </label>
          <label className="field">
            <span>Authority</span>
            <Input spellCheck={false} value={authority} onChange={(e) => setAuthority(e.target.value)} />
          </label>
        </div>
        <label className="field">
          <span>Common name</span>
          <Input value={common} onChange={(e) => setCommon(e.target.value)} />
        </label>
        <div className="field">
          <label htmlFor="taxon-parents">Stands in, nearest first</label>
          <Select
            id="taxon-parents"
            mode="multiple"
            showSearch={{ optionFilterProp: 'label' }}
            value={[...hung]}
            options={taxa.map((t) => ({ value: t.id, label: `${t.scientific} (${t.rank})` }))}
            onChange={setParents}
          />
        </div>
        <ProblemNote error={create.error} />
      </div>
    </Dialog>
  );
}
