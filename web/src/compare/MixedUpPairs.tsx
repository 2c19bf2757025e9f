import Button from 'antd/es/button';
import { useRead } from '../api/index.ts';
import { layOnly, useClassAtHand } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';

const MOST = 5;

/** On an empty bench: the pairs that the class in use mixes up most, each laid with one press. */
export function MixedUpPairs() {
  const { section } = useClassAtHand();
  const pairs = useRead('mixups', { id: section?.id ?? '' }, section !== null).data?.pairs ?? [];
  if (pairs.length === 0) return null;
  const most = [...pairs].sort((a, b) => b.k - a.k).slice(0, MOST);
  return (
    <section className="panel" aria-label="Pairs that this class mixes up">
      <h2>What {section?.name} mixes up most</h2>
      <ul className="plain-list">
        {most.map((p) => (
          <li key={`${p.truth.id}/${p.answer.id}`}>
            <Button
              size="small"
              aria-label={`Compare ${p.truth.scientific} with ${p.answer.scientific}`}
              onClick={() => layOnly(p.truth.id, p.answer.id)}
            >
              Compare
            </Button>{' '}
            <TaxonName taxon={p.truth} /> and <TaxonName taxon={p.answer} />{' '}
            <span className="quiet number">
              {p.k} of {p.n} answers
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
