import { useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import { characterWords } from '@hurrow/core/characters';
import { against } from '@hurrow/core/naming';
import type { Call } from '@hurrow/core/naming';
import { lay, useHere } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';
import { CallField } from './CallField.tsx';
import { Candidates } from './Candidates.tsx';
import { CompareRoom } from './CompareRoom.tsx';
import { NextLooks } from './NextLooks.tsx';
import { callWords } from './calls.ts';
import { useNaming, usePrior } from './useNaming.ts';
import type { Compared } from './useCompared.ts';

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
                  <Button
                    type="link"
                    size="small"
                    className="as-link"
                    aria-label={`Take the call of ${found ? characterWords(found, c.wording.words) : ''} back`}
                    onClick={() => setCalls(calls.filter((k) => k.character !== e.call.character))}
                  >
                    take back
                  </Button>
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
