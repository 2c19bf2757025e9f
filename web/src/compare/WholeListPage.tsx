import { useCallback, useMemo, useState } from 'react';
import { characterWords, onlySentence } from '@hurrow/core/characters';
import { STANDINGS, cellAt } from '@hurrow/core/compare';
import { Choose, DataTable, Nothing, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Start, WholeList } from '../workers/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { DiagnosticTable } from './DiagnosticTable.tsx';
import { PairChart } from './PairChart.tsx';
import { PairReason } from './PairReason.tsx';
import { TwinsPanel } from './TwinsPanel.tsx';
import { WhatIfPanel } from './WhatIfPanel.tsx';
import { groundOf } from './groundOf.ts';
import { drawnOf, ordered } from './order.ts';
import type { Order } from './order.ts';
import { STANDING, sayName } from './words.ts';
import type { Compared } from './useCompared.ts';

function Lones({ compared, whole }: { compared: Compared; whole: WholeList }) {
  const { vocabulary, wording, members, described } = compared;
  return (
    <section className="panel" aria-label="Only one has it">
      <h2>Only one has it</h2>
      {whole.lones.length === 0 ? (
        <p className="quiet">No single character sets one species apart from all others now.</p>
      ) : null}
      <ul className="plain-list">
        {whole.lones.map((l) => {
          const [c, m] = [vocabulary.get(l.character), members[l.species]];
          const value = described[l.species]?.values.get(l.character)?.value;
          return c && m && value ? (
            <li key={`${l.species}/${l.character}`}>
              {onlySentence(c, value, sayName(m, wording), wording)}
            </li>
          ) : null;
        })}
      </ul>
    </section>
  );
}

function Earnings({ compared, whole }: { compared: Compared; whole: WholeList }) {
  const { vocabulary, wording } = compared;
  const words = (id: string): string => {
    const c = vocabulary.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  const idle = whole.earnings.filter((e) => e.tells === 0);
  return (
    <>
      <DataTable<WholeList['earnings'][number]>
        label="Characters that earn their place"
        file="characters"
        rows={whole.earnings.filter((e) => e.tells > 0)}
        rowKey={(e) => e.character}
        plain={(e) => ({
          character: words(e.character),
          tells: e.tells,
          alone: e.alone,
          recorded: e.recorded,
        })}
        empty={<Nothing title="Nothing seen now tells a pair">Add material, or move the date.</Nothing>}
        columns={[
          { title: 'Character', render: (_, e) => words(e.character) },
          {
            title: 'Pairs it tells',
            width: 130,
            sorter: (a, b) => a.tells - b.tells,
            render: (_, e) => (
              <span className="number">
                {e.tells} of {whole.table.cells.length}
              </span>
            ),
          },
          {
            title: 'Alone',
            width: 90,
            sorter: (a, b) => a.alone - b.alone,
            render: (_, e) => <span className="number">{e.alone}</span>,
          },
          {
            title: 'Recorded of',
            width: 120,
            sorter: (a, b) => a.recorded - b.recorded,
            render: (_, e) => <span className="number">{e.recorded}</span>,
          },
        ]}
      />
      {idle.length > 0 ? (
        <p className="quiet">
          These tell nothing apart now: {idle.map((e) => words(e.character)).join(', ')}.
        </p>
      ) : null}
    </>
  );
}

function Whole({ compared }: { compared: Compared }) {
  const [order, setOrder] = useState<Order>('family');
  const [chosen, setChosen] = useState<readonly [number, number] | null>(null);
  const start = useCallback<Start<WholeList | null>>(
    (work, onProgress) => work.whole(groundOf(compared), onProgress),
    [compared],
  );
  const work = useLibraryWork<WholeList | null>(start);
  const whole = work.result;
  const row = useMemo(() => {
    if (!whole) return [];
    const drawn = drawnOf(whole.table);
    return ordered(compared, whole.table, order).filter((i) => drawn.has(i));
  }, [compared, whole, order]);
  const worst = useMemo(
    () =>
      whole
        ? [...whole.table.cells].sort(
            (a, b) => STANDINGS.indexOf(b.standing) - STANDINGS.indexOf(a.standing) || a.apart - b.apart,
          )[0]
        : undefined,
    [whole],
  );
  if (!whole || whole.table.size !== compared.members.length) {
    return <WorkNote what="Comparing every pair" work={work} />;
  }
  const cell = (chosen ? cellAt(whole.table, chosen[0], chosen[1]) : undefined) ?? worst;
  return (
    <>
      <p className="tools" role="status">
        {STANDINGS.map((s) => (
          <span key={s} className={`tag ${STANDING[s].tone}`}>
            {STANDING[s].sign ? `${STANDING[s].sign} ` : ''}
            <b className="number">{whole.counts[s]}</b> {STANDING[s].words}
          </span>
        ))}
        <span className="quiet">
          of {whole.table.cells.length} pairs
          {row.length < compared.members.length
            ? `; drawn are ${row.length} species with the closest of the rest`
            : ''}
        </span>
        <label className="condition">
          <span className="condition-label">Order</span>
          <Choose
            bare
            label="Order"
            value={order}
            options={[
              { value: 'family', label: 'by family' },
              { value: 'closeness', label: 'by closeness' },
              { value: 'list', label: 'as listed' },
            ]}
            onChange={setOrder}
          />
        </label>
        <WorkNote what="Comparing every pair" work={work} />
      </p>
      <div className="whole-list">
        <PairChart
          compared={compared}
          table={whole.table}
          order={row}
          chosen={cell ? [cell.a, cell.b] : null}
          onChoose={setChosen}
        />
        <div>
          {cell ? <PairReason compared={compared} cell={cell} /> : null}
          <WhatIfPanel compared={compared} />
        </div>
      </div>
      <TwinsPanel compared={compared} whole={whole} onChoose={setChosen} />
      <DiagnosticTable compared={compared} />
      <Lones compared={compared} whole={whole} />
      <Earnings compared={compared} whole={whole} />
    </>
  );
}

/** A whole list under the conditions: every pair, the smallest sets, lone features, and what each character does. */
export function WholeListPage() {
  return (
    <CompareRoom
      title="Whole list"
      name="Whole list"
      about="Every pair under the conditions above: clearly different, barely different, not enough recorded, or cannot be told apart."
    >
      {(c) => <Whole key={c.list.id} compared={c} />}
    </CompareRoom>
  );
}
