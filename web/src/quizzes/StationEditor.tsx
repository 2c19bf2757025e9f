import { useState } from 'react';
import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { characterWords } from '@hurrow/core/characters';
import type { AskBody, AskKind, QuizDetail, Station } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { askWords } from './words.ts';

const NAMES: readonly AskKind[] = ['common', 'scientific', 'either', 'genus', 'family', 'sureness'];
const DEFAULTS: readonly AskBody[] = [
  { kind: 'common', character: null, points: 2 },
  { kind: 'sureness', character: null, points: 0 },
];
const rank = (a: AskBody): number => (a.kind === 'call' ? 0 : a.kind === 'sureness' ? 2 : 1);

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
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const [individual, setIndividual] = useState<string | undefined>(station?.tree.id);
  const [asks, setAsks] = useState<readonly AskBody[]>(
    station?.asks.map(({ kind, character, points }) => ({ kind, character, points })) ?? DEFAULTS,
  );
  const create = useWrite('stationCreate');
  const change = useWrite('stationChange');
  const tree = trees.data?.find((t) => t.id === individual);
  const certified = Object.keys(tree?.certified ?? {});
  const add = (ask: AskBody): void => setAsks([...asks, ask].sort((a, b) => rank(a) - rank(b)));
  const save = (): void => {
    if (!individual) return;
    const body = { individual, asks };
    if (station)
      change.mutate({ params: { id: station.id }, body, version: station.version }, { onSuccess: onClose });
    else create.mutate({ params: { id: quiz.id }, body }, { onSuccess: onClose });
  };
  const calls = [...(vocabulary?.values() ?? [])]
    .filter((c) => c.states.length > 0 || c.kind === 'count' || c.kind === 'length')
    .filter((c) => c.material.length > 0 && !asks.some((a) => a.character === c.id))
    .sort((a, b) => Number(certified.includes(b.id)) - Number(certified.includes(a.id)))
    .map((c) => ({
      value: c.id,
      label: `${characterWords(c, wording.words)}${certified.includes(c.id) ? ', certified on this tree' : ''}`,
    }));
  const used = new Set(quiz.stations.filter((s) => s.id !== station?.id).map((s) => s.tree.id));
  return (
    <Modal
      open
      width={600}
      title={station ? `Station ${station.number}` : 'Add a station'}
      okText={station ? 'Save' : 'Add station'}
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
            options={(trees.data ?? []).map((t) => ({
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
        <div>
          <h3>Asks, in this order</h3>
          {asks.map((a, i) => {
            const words = askWords(
              a as { kind: AskKind; character: string | null },
              vocabulary,
              wording.words,
            );
            return (
              <div className="ask-row" key={`${a.kind}${a.character ?? ''}`}>
                <span>
                  {a.kind === 'call' ? 'call: ' : ''}
                  {words}
                </span>
                {a.kind === 'sureness' ? (
                  <span className="quiet">no points</span>
                ) : (
                  <InputNumber
                    size="small"
                    aria-label={`Points for ${words}`}
                    min={0}
                    max={100}
                    value={a.points}
                    onChange={(points) =>
                      setAsks(asks.map((x, k) => (k === i ? { ...x, points: points ?? 0 } : x)))
                    }
                  />
                )}
                <Button
                  size="small"
                  aria-label={`Do not ask ${words}`}
                  onClick={() => setAsks(asks.filter((_, k) => k !== i))}
                >
                  Remove
                </Button>
              </div>
            );
          })}
        </div>
        <div className="field-row">
          <Select
            aria-label="Ask a call"
            className="pick"
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="Ask a call"
            value={null}
            options={calls}
            onChange={(character: string | null) => {
              if (character) add({ kind: 'call', character, points: 1 });
            }}
          />
          <Select
            aria-label="Ask a name"
            className="pick"
            placeholder="Ask a name or sureness"
            value={null}
            options={NAMES.filter((k) => !asks.some((a) => a.kind === k)).map((k) => ({
              value: k,
              label: askWords({ kind: k, character: null }, vocabulary, wording.words),
            }))}
            onChange={(kind: AskKind | null) => {
              if (kind) add({ kind, character: null, points: kind === 'sureness' ? 0 : 2 });
            }}
          />
        </div>
        <ProblemNote error={create.error ?? change.error} />
      </div>
    </Modal>
  );
}
