import { useState } from 'react';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { CharacterBody, StateBody } from '@hurrow/contract';
import { KINDS } from '@hurrow/core/characters';
import type { Kind } from '@hurrow/core/characters';
import {
  DISTANCES,
  DISTANCE_NAMES,
  HANDLINGS,
  MATERIALS,
  ORGANS,
  SEASONS,
  SEASON_NAMES,
} from '@hurrow/core/conditions';
import { useWrite } from '../api/index.ts';
import { HANDLING_LABELS, MATERIAL_LABELS, ORGAN_LABELS } from '../app/index.ts';
import { Choose, Dialog, ProblemNote } from '../parts/index.ts';
import { StateGrid } from './StateGrid.tsx';

const KIND_WORDS: Readonly<Record<Kind, string>> = {
  nominal: 'states',
  ordered: 'states in an order',
  count: 'a count',
  length: 'a length',
  ratio: 'another number',
  colour: 'colours',
  yesno: 'yes or no',
};

const YES_NO: readonly StateBody[] = [
  { term: 'yes', plain: 'yes', definition: 'It is there.' },
  { term: 'no', plain: 'no', definition: 'It is not there.' },
];

const START: CharacterBody = {
  organ: 'leaf',
  kind: 'nominal',
  term: '',
  plain: '',
  definition: '',
  counting: null,
  states: [
    { term: '', plain: '', definition: '' },
    { term: '', plain: '', definition: '' },
  ],
  unit: '',
  material: ['tree', 'twig', 'leaf'],
  needs: [],
  distance: 'hand',
  season: ['always'],
  effort: 2,
};

const withStates = (kind: Kind): boolean => ['nominal', 'ordered', 'colour', 'yesno'].includes(kind);

/** Adds a character of one's own: what it is, and what decides when it can be seen. */
export function NewCharacter({ onClose }: { onClose: () => void }) {
  const [body, setBody] = useState<CharacterBody>(START);
  const create = useWrite('characterCreate');
  const set = (part: Partial<CharacterBody>): void => setBody({ ...body, ...part });
  const choices = <T extends string>(
    label: string,
    all: readonly T[],
    words: Readonly<Record<T, string>>,
    chosen: readonly T[],
    onChange: (next: T[]) => void,
  ) => (
    <fieldset className="field">
      <legend className="quiet">{label}</legend>
      <Checkbox.Group
        value={[...chosen]}
        options={all.map((v) => ({ value: v, label: words[v] }))}
        onChange={(next) => onChange(all.filter((v) => (next as T[]).includes(v)))}
      />
    </fieldset>
  );
  return (
    <Dialog
      open
      width={900}
      title="A character of your own"
      okText="Add character"
      cancelText="Cancel"
      okButtonProps={{ loading: create.isPending }}
      onOk={() => create.mutate({ body }, { onSuccess: onClose })}
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field-row">
          <label className="field">
            <span>Organ</span>
            <Choose
              label="Organ"
              value={body.organ}
              options={ORGANS.map((o) => ({ value: o, label: ORGAN_LABELS[o] }))}
              onChange={(v) => set({ organ: ORGANS.find((o) => o === v) ?? 'leaf' })}
            />
          </label>
          <label className="field">
            <span>Described by</span>
            <Choose
              label="Described by"
              value={body.kind}
              options={KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] }))}
              onChange={(v) => {
                const kind = KINDS.find((k) => k === v) ?? 'nominal';
                set({ kind, states: kind === 'yesno' ? YES_NO : withStates(kind) ? START.states : [] });
              }}
            />
          </label>
          <label className="field grow">
            <span>Term</span>
            <Input value={body.term} onChange={(e) => set({ term: e.target.value })} />
          </label>
          <label className="field grow">
            <span>Plain words</span>
            <Input value={body.plain} onChange={(e) => set({ plain: e.target.value })} />
          </label>
        </div>
        <label className="field">
          <span>What it means, in one sentence a twelve-year-old understands</span>
          <Input value={body.definition} onChange={(e) => set({ definition: e.target.value })} />
        </label>
        {withStates(body.kind) ? (
          <StateGrid states={body.states} onChange={(states) => set({ states })} />
        ) : (
          <label className="field">
            <span>How it is counted or measured</span>
            <Input value={body.counting ?? ''} onChange={(e) => set({ counting: e.target.value || null })} />
          </label>
        )}
        {choices('Seen on', MATERIALS, MATERIAL_LABELS, body.material, (material) => set({ material }))}
        {choices(
          'Needs beside looking',
          HANDLINGS.filter((h) => h !== 'look'),
          HANDLING_LABELS,
          body.needs,
          (needs) => set({ needs }),
        )}
        {choices('When', SEASONS, SEASON_NAMES, body.season, (season) => set({ season }))}
        <div className="field-row">
          <label className="field">
            <span>Made out from</span>
            <Choose
              label="Made out from"
              value={body.distance}
              options={DISTANCES.map((d) => ({ value: d, label: DISTANCE_NAMES[d] }))}
              onChange={(v) => set({ distance: DISTANCES.find((d) => d === v) ?? 'hand' })}
            />
          </label>
          <label className="field">
            <span>Effort, 1 at a glance to 5 with tools</span>
            <Input
              type="number"
              min={1}
              max={5}
              value={body.effort}
              onChange={(e) => set({ effort: Number(e.target.value) })}
            />
          </label>
        </div>
        <ProblemNote error={create.error} />
      </div>
    </Dialog>
  );
}
