import { useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import { characterWords } from '@hurrow/core/characters';
import { POSSIBLE, against } from '@hurrow/core/naming';
import type { Call, Evidence } from '@hurrow/core/naming';
import { useHere } from '../app/place.ts';
import { lay } from '../app/tray.ts';
import { AppLink, TaxonName } from '../parts/index.ts';
import { CallField } from './CallField.tsx';
import { CompareRoom } from './CompareRoom.tsx';
import { callWords } from './calls.ts';
import { useNaming, usePrior } from './useNaming.ts';
import type { NamedTree } from './useNaming.ts';
import type { Compared } from './useCompared.ts';

const SHOWN = 8;
/** Evidence weaker than a tenth of a bit says nothing worth reading. */
const LEAST_BITS = 0.1;

const percent = (p: number): string =>
  p >= 0.995 ? 'over 99 in 100' : p < 0.01 ? 'under 1 in 100' : `${Math.round(100 * p)} in 100`;

function Candidates({
  compared: c,
  tree,
  calls,
}: {
  compared: Compared;
  tree: NamedTree;
  calls: readonly Call[];
}) {
  const { named } = tree;
  const words = (e: Evidence): string => {
    const found = c.vocabulary.get(e.call.character);
    return `${found ? characterWords(found, c.wording.words) : e.call.character} ${callWords(e.call, c.vocabulary, c.wording)}`;
  };
  const evidence = (i: number, sign: 1 | -1): string =>
    named.evidence
      .filter((e) => e.counts && sign * (e.bits[i] ?? 0) >= LEAST_BITS)
      .sort((a, b) => sign * ((b.bits[i] ?? 0) - (a.bits[i] ?? 0)))
      .map(words)
      .join('; ');
  const top = named.posterior[named.ranking[0] ?? 0] ?? 1;
  return (
    <section className="panel" aria-label="Candidates">
      <div className="panel-head">
        <h2>Candidates</h2>
        <span className="quiet">
          of {c.members.length} on the list,{' '}
          {calls.length === 0
            ? 'before any call'
            : `after ${calls.length} ${calls.length === 1 ? 'call' : 'calls'}`}
        </span>
      </div>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">Chance</th>
            <th scope="col">For it</th>
            <th scope="col">Against it</th>
          </tr>
        </thead>
        <tbody>
          {named.ranking.slice(0, SHOWN).map((i) => {
            const m = c.members[i];
            const p = named.posterior[i] ?? 0;
            const cautions = p >= POSSIBLE ? c.lore.cautions.filter((k) => k.taxon === m?.id) : [];
            return m ? (
              <tr key={m.id}>
                <td>
                  <AppLink to={`/species/${m.id}`}>
                    <TaxonName taxon={m} />
                  </AppLink>
                  {cautions.map((k) => (
                    <div key={k.hazard} className="caution-line">
                      {k.text}
                    </div>
                  ))}
                </td>
                <td className="number chance">
                  <span
                    className="chance-line"
                    style={{ width: `${Math.max(1, (100 * p) / top)}%` }}
                    aria-hidden="true"
                  />
                  {percent(p)}
                </td>
                <td>{evidence(i, 1)}</td>
                <td>{evidence(i, -1)}</td>
              </tr>
            ) : null;
          })}
        </tbody>
      </table>
    </section>
  );
}

function NextLooks({
  compared: c,
  tree,
  onLook,
}: {
  compared: Compared;
  tree: NamedTree;
  onLook: (id: string) => void;
}) {
  return (
    <section className="panel" aria-label="Look next">
      <h2>Look next at</h2>
      {tree.looks.length === 0 ? <p className="quiet">Nothing that can be seen now would say more.</p> : null}
      <ol className="plain-list">
        {tree.looks.map((l) => {
          const needs = l.character.needs.filter((n) => n !== 'look');
          return (
            <li key={l.character.id}>
              <button type="button" className="as-link" onClick={() => onLook(l.character.id)}>
                {characterWords(l.character, c.wording.words)}
              </button>{' '}
              <span className="quiet">
                {l.bits.toFixed(2)} bits for an effort of {l.effort.toFixed(1)}
                {needs.length > 0 ? `, needs ${needs.join(' and ')}` : ''}
              </span>
            </li>
          );
        })}
      </ol>
      <p className="quiet">
        Misreadings are reckoned with at the rates of the vocabulary; a class’s own are not fitted yet.
      </p>
      {tree.forbidden.size > 0 ? (
        <p className="caution">
          A hazardous or protected species is still possible. Not proposed until it is ruled out by sight:{' '}
          {[...tree.forbidden].join(', ')}.
        </p>
      ) : null}
    </section>
  );
}

function NameTree({ compared: c }: { compared: Compared }) {
  const { site } = useHere();
  const [calls, setCalls] = useState<readonly Call[]>([]);
  const [chosen, setChosen] = useState<string | null>(null);
  const [weighSite, setWeighSite] = useState(false);
  const prior = usePrior(c, weighSite ? site : null);
  const tree = useNaming(c, calls, prior);
  const { named } = tree;
  const called = new Set(calls.map((k) => k.character));
  const characters = [...tree.naming.tables.values()]
    .map((t) => t.character)
    .filter((x) => !called.has(x.id));
  const leader = named.ranking[0] ?? 0;
  const disagree = calls.length > 0 ? against(named, leader).filter((e) => (e.bits[leader] ?? 0) <= -1) : [];
  const name = (i: number) => {
    const m = c.members[i];
    return m ? <TaxonName key={m.id} taxon={m} common={false} /> : null;
  };
  return (
    <div className="name-tree">
      <div>
        <section className="panel" aria-label="Calls">
          <h2>Calls, in any order</h2>
          <CallField
            key={chosen ?? ''}
            characters={characters}
            chosen={chosen === null ? null : (c.vocabulary.get(chosen) ?? null)}
            wording={c.wording}
            onChoose={setChosen}
            onCall={(call) => {
              setCalls([...calls, call]);
              setChosen(null);
            }}
          />
          <ul className="plain-list">
            {named.evidence.map((e) => {
              const found = c.vocabulary.get(e.call.character);
              return (
                <li key={e.call.character}>
                  {found ? characterWords(found, c.wording.words) : e.call.character}{' '}
                  <b>{callWords(e.call, c.vocabulary, c.wording)}</b>
                  {e.counts ? '' : ' (another call of its kind says more)'}{' '}
                  <button
                    type="button"
                    className="as-link"
                    aria-label={`Take the call of ${found ? characterWords(found, c.wording.words) : ''} back`}
                    onClick={() => setCalls(calls.filter((k) => k.character !== e.call.character))}
                  >
                    take back
                  </button>
                </li>
              );
            })}
          </ul>
          <p className="line-tools">
            {site ? (
              <Checkbox checked={weighSite} onChange={(e) => setWeighSite(e.target.checked)}>
                weigh in what grows at {site.name}
              </Checkbox>
            ) : null}
            {calls.length > 0 ? (
              <Button size="small" onClick={() => setCalls([])}>
                Begin again
              </Button>
            ) : null}
          </p>
        </section>
        <NextLooks compared={c} tree={tree} onLook={setChosen} />
      </div>
      <div>
        {disagree.length > 0 ? (
          <p className="caution" role="status">
            Looked at again, this may be otherwise:{' '}
            {disagree
              .map(
                (e) =>
                  `${c.vocabulary.get(e.call.character)?.plain ?? ''} ${callWords(e.call, c.vocabulary, c.wording)}`,
              )
              .join('; ')}{' '}
            {disagree.length === 1 ? 'disagrees' : 'disagree'} with {name(leader)}.
          </p>
        ) : null}
        <Candidates compared={c} tree={tree} calls={calls} />
        {tree.notTold.length > 0 && (named.posterior[leader] ?? 0) > 0.1 ? (
          <section className="panel" aria-label="Cannot be told">
            <b role="status">
              {name(leader)} cannot be told from{' '}
              {tree.notTold.slice(0, 5).map((n, i) => (
                <span key={n.member}>
                  {i > 0 ? ', ' : ''}
                  {name(n.member)}
                </span>
              ))}{' '}
              with this.
            </b>{' '}
            {c.lore.pairs
              .filter((p) => p.mnemonic && [p.a, p.b].includes(c.members[leader]?.id ?? ''))
              .filter((p) => tree.notTold.some((n) => [p.a, p.b].includes(c.members[n.member]?.id ?? '')))
              .map((p) => (
                <span key={p.id} className="mnemonic">
                  {p.mnemonic}{' '}
                </span>
              ))}
            <Button
              size="small"
              onClick={() =>
                lay(...[leader, ...tree.notTold.map((n) => n.member)].flatMap((i) => c.members[i]?.id ?? []))
              }
            >
              Lay them on the bench
            </Button>
          </section>
        ) : null}
      </div>
    </div>
  );
}

/** Names a tree from calls in any order, with evidence and what to look at next. */
export function NameTreePage() {
  return (
    <CompareRoom
      title="Name a tree"
      name="Name a tree"
      about="Say what is seen, in any order; one wrong call never rules the right name out."
    >
      {(c) => <NameTree key={c.list.id} compared={c} />}
    </CompareRoom>
  );
}
