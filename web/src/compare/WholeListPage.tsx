import { useCallback, useMemo, useState } from 'react';
import type { TaxonHeader } from '@hurrow/contract';
import { characterWords, valueWords } from '@hurrow/core/characters';
import { MOST_COUNTED, STANDINGS, cellAt } from '@hurrow/core/compare';
import type { Diagnosis } from '@hurrow/core/compare';
import { AppLink, DataTable, Nothing, TaxonName, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/useLibraryWork.ts';
import type { Start } from '../workers/useLibraryWork.ts';
import type { WholeList } from '../workers/compareWork.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { PairChart } from './PairChart.tsx';
import { PairReason } from './PairReason.tsx';
import { WhatIfPanel } from './WhatIfPanel.tsx';
import { groundOf } from './groundOf.ts';
import { drawnOf, ordered } from './order.ts';
import type { Order } from './order.ts';
import { STANDING } from './words.ts';
import type { Compared } from './useCompared.ts';

interface Row {
  readonly taxon: TaxonHeader;
  readonly clean: Diagnosis;
  readonly usual: Diagnosis;
}

function DiagnosticTable({ compared, whole }: { compared: Compared; whole: WholeList }) {
  const { vocabulary, wording, members } = compared;
  const words = (id: string): string => {
    const c = vocabulary.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  const set = (d: Diagnosis): string => (d.easiest[0]?.characters ?? []).map(words).join(' + ');
  const many = (d: Diagnosis): string =>
    d.count >= MOST_COUNTED ? `${MOST_COUNTED} or more` : String(d.count);
  const names = (all: readonly number[]): string => all.map((i) => members[i]?.scientific ?? '').join(', ');
  const cell = (d: Diagnosis) =>
    d.size === null ? (
      <span className="wrong-words">
        none: {names(d.leaves)} stays
        {d.nearest ? (
          <span className="quiet"> · best {d.nearest.characters.map(words).join(' + ')}</span>
        ) : null}
      </span>
    ) : (
      <span title={d.easiest.map((e) => e.characters.map(words).join(' + ')).join('\n')}>
        {set(d)}{' '}
        <span className="quiet number">
          ({many(d)} of {d.size})
        </span>
      </span>
    );
  const plain = (d: Diagnosis): string => (d.size === null ? `none: ${names(d.leaves)}` : set(d));
  return (
    <DataTable<Row>
      label="Smallest sets"
      file="diagnostic-sets"
      rows={members.flatMap((taxon, i) => {
        const [clean, usual] = [whole.clean[i], whole.usual[i]];
        return clean && usual ? [{ taxon, clean, usual }] : [];
      })}
      rowKey={(r) => r.taxon.id}
      plain={(r) => ({
        species: r.taxon.scientific,
        clean_size: r.clean.size,
        clean_sets: r.clean.count,
        clean: plain(r.clean),
        usual_size: r.usual.size,
        usual: plain(r.usual),
      })}
      empty={<Nothing title="The list is empty">Add species to it under Classes.</Nothing>}
      expanded={(r) => (
        <div className="two-columns">
          {[r.clean, r.usual].map((d, i) => (
            <ol key={i} aria-label={i === 0 ? 'The easiest, cleanly' : 'The easiest that mostly hold'}>
              {d.easiest.map((e) => (
                <li key={e.characters.join()}>{e.characters.map(words).join(' + ')}</li>
              ))}
            </ol>
          ))}
        </div>
      )}
      tools={
        <span className="quiet">
          The fewest characters that part a species from all others; the easiest is shown.
        </span>
      }
      columns={[
        {
          title: 'Species',
          width: 220,
          sorter: (a, b) => a.taxon.scientific.localeCompare(b.taxon.scientific, 'en'),
          render: (_, r) => (
            <AppLink to={`/species/${r.taxon.id}`}>
              <TaxonName taxon={r.taxon} common={false} />
            </AppLink>
          ),
        },
        {
          title: 'Cleanly',
          sorter: (a, b) => (a.clean.size ?? 99) - (b.clean.size ?? 99),
          render: (_, r) => cell(r.clean),
        },
        {
          title: 'With what mostly holds',
          sorter: (a, b) => (a.usual.size ?? 99) - (b.usual.size ?? 99),
          render: (_, r) => cell(r.usual),
        },
      ]}
    />
  );
}

function Lones({ compared, whole }: { compared: Compared; whole: WholeList }) {
  const { vocabulary, wording, members, described } = compared;
  return (
    <section className="panel" aria-label="Only one has it">
      <h2>Only one has it</h2>
      {whole.lones.length === 0 ? (
        <p className="quiet">No single character parts one species cleanly from all others now.</p>
      ) : null}
      <ul className="plain-list">
        {whole.lones.map((l) => {
          const [c, m] = [vocabulary.get(l.character), members[l.species]];
          const value = described[l.species]?.values.get(l.character)?.value;
          return c && m && value ? (
            <li key={`${l.species}/${l.character}`}>
              Only <TaxonName taxon={m} common={false} /> has {characterWords(c, wording.words)}{' '}
              <b>{valueWords(c, value, wording)}</b>.
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
        <p className="quiet">Tell nothing here and now: {idle.map((e) => words(e.character)).join(', ')}.</p>
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
          <select value={order} onChange={(e) => setOrder(e.target.value as Order)}>
            <option value="family">by family</option>
            <option value="closeness">by closeness</option>
            <option value="list">as listed</option>
          </select>
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
      <DiagnosticTable compared={compared} whole={whole} />
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
      about="Every pair under the conditions above: told cleanly, weakly, unproven, or twins."
    >
      {(c) => <Whole key={c.list.id} compared={c} />}
    </CompareRoom>
  );
}
