import { useMemo } from 'react';
import { tellCards } from '@hurrow/core/compare';
import type { Compared } from '../compare/index.ts';
import { useCompared } from '../compare/index.ts';
import { ComparisonView } from '../plates/index.ts';

const MOST_TELLS = 6;

function Drawn({ compared, truth, answer }: { compared: Compared; truth: string; answer: string }) {
  const { members, described, vocabulary, conditions, wording } = compared;
  const [a, b] = useMemo(
    () =>
      [truth, answer].map((id) => {
        const [header, own] = [members.find((m) => m.id === id), described.find((d) => d.id === id)];
        return header && own ? { header, described: own } : null;
      }),
    [members, described, truth, answer],
  );
  const differing = useMemo(
    () =>
      a && b
        ? tellCards(a.described, b.described, vocabulary, conditions)
            .filter((c) => c.now === 'yes' && c.strength !== 'partial')
            .slice(0, MOST_TELLS)
            .map((c) => c.character.id)
        : [],
    [a, b, vocabulary, conditions],
  );
  if (!a || !b) return null;
  return (
    <section className="panel" aria-label="The two at one scale">
      <h2>The two at one scale</h2>
      <ComparisonView all={[a, b]} differing={differing} vocabulary={vocabulary} wording={wording} />
    </section>
  );
}

/** The two species of a pair side by side with the tells picked out; nothing while their list is read. */
export function PairDrawings({ list, truth, answer }: { list: string; truth: string; answer: string }) {
  const { compared } = useCompared(list);
  return compared ? <Drawn compared={compared} truth={truth} answer={answer} /> : null;
}
