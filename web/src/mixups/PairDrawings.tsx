import { useMemo } from 'react';
import { inTeachingOrder, tellCards } from '@hurrow/core/compare';
import type { Compared } from '../compare/index.ts';
import { RuleSentence, reportOf, sentenceOf, useCompared } from '../compare/index.ts';
import { misleads } from '@hurrow/core/rules';
import { useRead } from '../api/index.ts';
import { Later } from '../parts/index.ts';
import { ComparisonView } from '../plates/index.ts';

function Drawn({ compared, truth, answer }: { compared: Compared; truth: string; answer: string }) {
  const { members, described, vocabulary, conditions, wording } = compared;
  const pair = useMemo(
    () =>
      [truth, answer].flatMap((id) => {
        const [header, own] = [members.find((m) => m.id === id), described.find((d) => d.id === id)];
        return header && own ? [{ header, described: own }] : [];
      }),
    [members, described, truth, answer],
  );
  const differing = useMemo(() => {
    const [a, b] = pair;
    return a && b
      ? inTeachingOrder(tellCards(a.described, b.described, vocabulary, conditions), conditions)
          // Also what cannot be seen today: a row would else say that nothing differs where it plainly does.
          .filter((c) => c.strength !== 'partial')
          .map((c) => c.character.id)
      : [];
  }, [pair, vocabulary, conditions]);
  if (pair.length < 2) return null;
  return (
    <section className="panel" aria-label="The two at one scale">
      <h2>The two at one scale</h2>
      <ComparisonView all={pair} differing={differing} vocabulary={vocabulary} wording={wording} />
    </section>
  );
}

/** Rules of thumb that lead from the tree to the wrong name: they hold for the one and the other breaks them. */
function Misleading({ compared, truth, answer }: { compared: Compared; truth: string; answer: string }) {
  const rules = useRead('rules').data;
  const found = useMemo(() => {
    const at = (id: string): number => compared.described.findIndex((d) => d.id === id);
    return (rules ?? []).filter((r) => misleads(reportOf(compared, r), at(truth), at(answer)));
  }, [compared, rules, truth, answer]);
  if (found.length === 0) return null;
  return (
    <section className="panel" aria-label="Rules that mislead here">
      <h2>Rules that mislead here</h2>
      <ul className="plain-list">
        {found.map((r) => (
          <li key={r.id}>
            <RuleSentence sentence={sentenceOf(compared, r, r.whoHeader)} who={r.whoHeader} />{' '}
            <span className="quiet">The tree breaks it; what was written does not.</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The two species of a pair side by side with the tells picked out; nothing while their list is read. */
export function PairDrawings({ list, truth, answer }: { list: string; truth: string; answer: string }) {
  const { compared } = useCompared(list);
  if (!compared) return null;
  return (
    <>
      <Later>{() => <Drawn compared={compared} truth={truth} answer={answer} />}</Later>
      <Misleading compared={compared} truth={truth} answer={answer} />
    </>
  );
}
