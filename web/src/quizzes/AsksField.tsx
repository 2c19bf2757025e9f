import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import Select from 'antd/es/select';
import { characterWords } from '@hurrow/core/characters';
import type { AskBody, AskKind } from '@hurrow/contract';
import { useView, useVocabulary } from '../app/index.ts';
import { addAsk } from './asks.ts';
import { AskPreview } from './AskPreview.tsx';
import { askWords } from './words.ts';

const NAMES: readonly AskKind[] = ['common', 'scientific', 'either', 'genus', 'family', 'sureness'];

/** What a station asks, with the points of each question; character questions come before the name. */
export function AsksField({
  asks,
  certified,
  mostCalls = 12,
  onChange,
}: {
  asks: readonly AskBody[];
  /** Characters that were checked at the tree, which are offered first. */
  certified: readonly string[];
  /** Most character questions that the plan allows. */
  mostCalls?: number;
  onChange: (asks: readonly AskBody[]) => void;
}) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const add = (ask: AskBody): void => onChange(addAsk(asks, ask));
  const calls = [...(vocabulary?.values() ?? [])]
    .filter((c) => c.states.length > 0 || c.kind === 'count' || c.kind === 'length')
    .filter((c) => c.material.length > 0 && !asks.some((a) => a.character === c.id))
    .sort((a, b) => Number(certified.includes(b.id)) - Number(certified.includes(a.id)))
    .map((c) => ({
      value: c.id,
      label: `${characterWords(c, wording.words)}${certified.includes(c.id) ? ', checked at this tree' : ''}`,
    }));
  const wordsOf = (a: AskBody): string =>
    askWords(
      { kind: a.kind, character: a.character ?? null, params: a.params ?? null },
      vocabulary,
      wording.words,
    );
  const full = asks.filter((a) => a.kind === 'call').length >= mostCalls;
  return (
    <div>
      <h3>Questions, in this order</h3>
      {asks.map((a, i) => (
        <div className="ask-row" key={`${a.kind}${a.character ?? ''}${a.params?.question ?? ''}`}>
          <span>
            {a.kind === 'call' ? 'character: ' : ''}
            {wordsOf(a)}
            {a.params ? <AskPreview params={a.params} /> : null}
          </span>
          {a.kind === 'sureness' ? (
            <span className="quiet">no points</span>
          ) : (
            <InputNumber
              size="small"
              aria-label={`Points for ${wordsOf(a)}`}
              min={0}
              max={100}
              value={a.points}
              onChange={(points) =>
                onChange(asks.map((x, k) => (k === i ? { ...x, points: points ?? 0 } : x)))
              }
            />
          )}
          <Button
            size="small"
            aria-label={`Do not ask ${wordsOf(a)}`}
            onClick={() => onChange(asks.filter((_, k) => k !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      <div className="field-row">
        <Select
          aria-label="Ask a character question"
          className="pick"
          showSearch={{ optionFilterProp: 'label' }}
          placeholder={full ? 'No more character questions' : 'Ask a character question'}
          disabled={full}
          value={null}
          options={calls}
          onChange={(character: string | null) => {
            if (character) add({ kind: 'call', character, points: 1 });
          }}
        />
        <Select
          aria-label="Ask a name"
          className="pick"
          placeholder="Ask a name, or how sure"
          value={null}
          options={NAMES.filter((k) => !asks.some((a) => a.kind === k)).map((k) => ({
            value: k,
            label: askWords({ kind: k, character: null, params: null }, vocabulary, wording.words),
          }))}
          onChange={(kind: AskKind | null) => {
            if (kind) add({ kind, character: null, points: kind === 'sureness' ? 0 : 2 });
          }}
        />
      </div>
    </div>
  );
}
