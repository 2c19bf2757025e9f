import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Select from 'antd/es/select';
import type { AskBody, QuizDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand } from '../app/index.ts';
import { AppLink, Dialog, Nothing, ProblemNote, TaxonName, counted } from '../parts/index.ts';
import { AsksField } from './AsksField.tsx';
import { asksFor, rememberAsks } from './asks.ts';
import { pairOf } from './pairOf.ts';
import { useAskGround } from './useAskGround.ts';
import { ofWeeks, offeredTrees, oneOfEach, weeksOf } from './stationChoice.ts';
import type { Offered } from './stationChoice.ts';

function TreeLine({
  offered,
  chosen,
  onChange,
}: {
  offered: Offered;
  chosen: boolean;
  onChange: (on: boolean) => void;
}) {
  const { tree, week, used } = offered;
  return (
    <li>
      <Checkbox checked={chosen} disabled={used} onChange={(e) => onChange(e.target.checked)}>
        <span className="tree-tag number">{tree.tag}</span> <TaxonName taxon={tree.taxon} />
      </Checkbox>
      <span className="quiet">{used ? 'a station already' : week === null ? 'no week' : `week ${week}`}</span>
    </li>
  );
}

/** Adds many trees of the list as stations that ask the same. */
export function AddStations({ quiz, onClose }: { quiz: QuizDetail; onClose: () => void }) {
  const trees = useRead('trees').data;
  const list = useRead('list', { id: quiz.list }).data;
  const { section } = useClassAtHand();
  const [weeks, setWeeks] = useState<readonly number[]>([]);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [pairs, setPairs] = useState(quiz.plan.preset === 'young');
  const [asks, setAsks] = useState(() => asksFor(quiz.plan));
  const add = useWrite('stationsAdd');
  const all = useMemo(
    () => offeredTrees(trees ?? [], list?.members ?? [], quiz, section?.site.id ?? null),
    [trees, list, quiz, section],
  );
  const shown = ofWeeks(all, weeks);
  const groundOf = useAskGround(quiz);
  const pairFor = (id: string, i: number): readonly AskBody[] =>
    pairOf(
      groundOf,
      trees?.find((t) => t.id === id),
      i + 1,
    );
  const set = (id: string, on: boolean): void =>
    setChosen(on ? [...chosen, id] : chosen.filter((c) => c !== id));
  const save = (): void =>
    add.mutate(
      {
        params: { id: quiz.id },
        body: { individuals: chosen, asks, ...(pairs ? { askEach: chosen.map(pairFor) } : {}) },
      },
      {
        onSuccess: () => {
          rememberAsks(asks);
          onClose();
        },
      },
    );
  return (
    <Dialog
      open
      width={860}
      title={`Add stations to ${quiz.name}`}
      okText={chosen.length === 0 ? 'Add stations' : `Add ${counted(chosen.length, 'station')}`}
      okButtonProps={{ disabled: chosen.length === 0 || (asks.length === 0 && !pairs) }}
      confirmLoading={add.isPending}
      onCancel={onClose}
      onOk={save}
    >
      {trees && list && all.length === 0 ? (
        <Nothing title="No tagged tree of this list">
          Tag trees under <AppLink to="/material">Material</AppLink>. Trees whose species is on{' '}
          {quiz.listName} appear here.
        </Nothing>
      ) : (
        <div className="add-stations">
          <div>
            <div className="field-row">
              <Select<number[]>
                mode="multiple"
                className="pick"
                aria-label="Weeks"
                placeholder="All weeks"
                value={[...weeks]}
                options={weeksOf(all).map((w) => ({ value: w, label: `Week ${w}` }))}
                onChange={setWeeks}
              />
              <Button disabled={shown.length === 0} onClick={() => setChosen(oneOfEach(shown, quiz))}>
                Choose one of each species
              </Button>
            </div>
            <ul className="tree-choice" aria-label="Trees">
              {shown.map((o) => (
                <TreeLine
                  key={o.tree.id}
                  offered={o}
                  chosen={chosen.includes(o.tree.id)}
                  onChange={(on) => set(o.tree.id, on)}
                />
              ))}
            </ul>
            <p className="quiet number">
              {chosen.length} of {shown.length} trees chosen. They become stations in this order.
            </p>
          </div>
          <div>
            <AsksField asks={asks} certified={[]} mostCalls={quiz.plan.mostCalls} onChange={setAsks} />
            <Checkbox
              checked={pairs}
              disabled={groundOf === null}
              onChange={(e) => setPairs(e.target.checked)}
            >
              Ask which of two, with drawings
            </Checkbox>
          </div>
        </div>
      )}
      <ProblemNote error={add.error} />
    </Dialog>
  );
}
