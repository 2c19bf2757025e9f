import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import { characterWords, stateWords } from '@hurrow/core/characters';
import { AUDIENCES } from '@hurrow/core/keys';
import type { Audience } from '@hurrow/core/keys';
import { comparePiles, nestedSort } from '@hurrow/core/sorting';
import type { Step } from '@hurrow/core/sorting';
import { withView } from '../app/index.ts';
import { Choose, Nothing, TaxonName } from '../parts/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { MemberNames } from './MemberNames.tsx';
import type { Compared } from './useCompared.ts';
import { useUsualAudience } from './keyOptions.ts';

const ENOUGH = 3;
const STEPS = 6;
const MOST_PILES = 6;
const TERMS = 5;

export const useSort = (c: Compared, audience: Audience): Step | null =>
  useMemo(
    () => nestedSort(c.described, c.vocabulary, c.conditions, { audience, enough: ENOUGH, steps: STEPS }),
    [c.described, c.vocabulary, c.conditions, audience],
  );

/** One step of the answer with its piles, and those beneath. */
export function StepView({
  compared: c,
  step,
  depth = 1,
}: {
  compared: Compared;
  step: Step;
  depth?: number;
}) {
  const character = c.vocabulary.get(step.character);
  if (!character) return null;
  const names = (all: readonly number[]) =>
    all.map((i, n) => {
      const m = c.members[i];
      return m ? (
        <span key={m.id}>
          {n > 0 ? ', ' : ''}
          <TaxonName taxon={m} common={false} />
        </span>
      ) : null;
    });
  return (
    <div className="sort-step">
      <p>
        <b>
          {depth}. {characterWords(character, c.wording.words)}?
        </b>{' '}
        {step.argued.length > 0 ? (
          <span className="argued">will be argued over: {names(step.argued)}</span>
        ) : null}
        {step.aside.length > 0 ? <span className="quiet"> not recorded: {names(step.aside)}</span> : null}
      </p>
      <ul className="sort-piles">
        {step.piles.map((p) => (
          <li key={p.states.join()}>
            <b>{p.states.map((s) => stateWords(character, s, c.wording.words)).join(' or ')}</b>{' '}
            <span className="quiet number">({p.members.length})</span>
            {p.next ? (
              <StepView compared={c} step={p.next} depth={depth + 1} />
            ) : (
              <div className="sort-names">{names(p.members)}</div>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Learners' own piles: each card is given a pile, and the piles are held against the terms. */
function OwnPiles({ compared: c }: { compared: Compared }) {
  const [laid, setLaid] = useState<ReadonlyMap<number, number>>(new Map());
  const piles = useMemo(() => {
    const all: number[][] = Array.from({ length: MOST_PILES }, () => []);
    for (const [card, pile] of laid) all[pile]?.push(card);
    return all.filter((p) => p.length > 0);
  }, [laid]);
  const found = useMemo(
    () => (piles.length > 1 ? comparePiles(piles, c.described, c.vocabulary, TERMS) : []),
    [piles, c.described, c.vocabulary],
  );
  return (
    <section className="panel" aria-label="Learners’ own piles">
      <div className="panel-head">
        <h2>Learners’ own piles</h2>
        {laid.size > 0 ? (
          <Button size="small" onClick={() => setLaid(new Map())}>
            Sweep them together
          </Button>
        ) : null}
      </div>
      <p className="quiet">
        Give each card the number of the pile it lies in; cards without a pile are left out.
      </p>
      <div className="pile-cards">
        {c.members.map((m, i) => (
          <label key={m.id} className="pile-card">
            <TaxonName taxon={m} common={false} />
            <Choose
              label={`Pile of ${m.scientific}`}
              value={String(laid.get(i) ?? '')}
              options={[
                { value: '', label: '–' },
                ...Array.from({ length: MOST_PILES }, (_, p) => ({ value: String(p), label: String(p + 1) })),
              ]}
              onChange={(v) => {
                const next = new Map(laid);
                if (v === '') next.delete(i);
                else next.set(i, Number(v));
                setLaid(next);
              }}
            />
          </label>
        ))}
      </div>
      <div role="status">
        {piles.length < 2 ? (
          <p className="quiet">Make at least two piles to compare them with the terms.</p>
        ) : found.length === 0 ? (
          <p className="quiet">No character is recorded for every card and separates the piles.</p>
        ) : (
          <table className="plain-table">
            <thead>
              <tr>
                <th scope="col">Closest to</th>
                <th scope="col">Agreement</th>
                <th scope="col">The piles, in its terms</th>
                <th scope="col">Lie elsewhere</th>
              </tr>
            </thead>
            <tbody>
              {found.map((a) => (
                <tr key={a.character.id}>
                  <td>{characterWords(a.character, c.wording.words)}</td>
                  <td className="number">{a.index.toFixed(2)}</td>
                  <td>
                    {a.states
                      .map(
                        (s, p) =>
                          `${p + 1}: ${s === null ? 'nothing' : stateWords(a.character, s, c.wording.words)}`,
                      )
                      .join('; ')}
                  </td>
                  <td>{a.strays.length === 0 ? 'none' : <MemberNames compared={c} all={a.strays} />}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {found.length > 0 ? (
          <p className="quiet">
            Agreement is the adjusted Rand index: 1 where the piles are those of the character, about 0 where
            they are as chance would lay them.
          </p>
        ) : null}
      </div>
    </section>
  );
}

function Sorting({ compared: c, audience }: { compared: Compared; audience: Audience }) {
  const sort = useSort(c, audience);
  return (
    <>
      <section className="panel" aria-label="The answer">
        <h2>Nested sort</h2>
        {sort ? (
          <StepView compared={c} step={sort} />
        ) : (
          <Nothing title="No easy step sorts these">
            Add material above, choose another audience, or record more of what is missing.
          </Nothing>
        )}
      </section>
      <OwnPiles compared={c} />
    </>
  );
}

/** A sorting exercise for beginners: the answer, its cards, and what learners made of them. */
export function SortPage() {
  const usual = useUsualAudience();
  const [chosen, setAudience] = useState<Audience | null>(null);
  const audience = chosen ?? usual;
  return (
    <CompareRoom
      title="Sorting"
      name="Sorting"
      about="Cards to cut out, sorted step by step: each step easy, its piles even."
      actions={(c) => (
        <>
          <label className="condition">
            <span className="condition-label">For</span>
            <Choose
              bare
              label="For"
              value={audience}
              options={AUDIENCES.map((a) => ({ value: a, label: a }))}
              onChange={setAudience}
            />
          </label>
          <Button
            href={withView(
              `/print/lists/${c.list.id}/sorting?for=${audience}`,
              new URLSearchParams(window.location.search),
            )}
          >
            Print cards and answer
          </Button>
        </>
      )}
    >
      {(c) => <Sorting key={c.list.id} compared={c} audience={audience} />}
    </CompareRoom>
  );
}
