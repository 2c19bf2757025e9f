import Button from 'antd/es/button';
import { tellCards, tellSentence, usable } from '@hurrow/core/compare';
import { TaxonName } from '../parts/index.ts';
import type { WholeList } from '../workers/index.ts';
import type { Compared } from './useCompared.ts';
import { sayName } from './words.ts';

/** The most pairs that are listed by name. */
const MOST = 40;
const MOST_FIXES = 2;

/** Every pair that cannot be told apart now, by name, with what would tell it apart and why that does not help now. */
export function TwinsPanel({
  compared: c,
  whole,
  onChoose,
}: {
  compared: Compared;
  whole: WholeList;
  onChoose: (pair: readonly [number, number]) => void;
}) {
  const twins = whole.table.cells.filter((x) => x.standing === 'twins');
  if (twins.length === 0) return null;
  return (
    <section className="panel" aria-label="Cannot be told apart now">
      <h2>Cannot be told apart now</h2>
      <ul className="plain-list tells">
        {twins.slice(0, MOST).map(({ a, b }) => {
          const [x, y] = [c.members[a], c.members[b]];
          const [dx, dy] = [c.described[a], c.described[b]];
          if (!x || !y || !dx || !dy) return null;
          const fixes = tellCards(dx, dy, c.vocabulary, c.conditions).filter((k) => !usable(k));
          return (
            <li key={`${x.id}/${y.id}`}>
              <Button type="link" size="small" onClick={() => onChoose([a, b])}>
                <TaxonName taxon={x} /> and <TaxonName taxon={y} />
              </Button>
              {fixes.length === 0 ? (
                <div className="quiet">Nothing that is recorded would tell them apart.</div>
              ) : (
                fixes.slice(0, MOST_FIXES).map((k) => (
                  <div key={k.character.id}>
                    {tellSentence(k, [sayName(x, c.wording), sayName(y, c.wording)], c.wording)}{' '}
                    <span className="quiet">({k.reason})</span>
                  </div>
                ))
              )}
            </li>
          );
        })}
      </ul>
      {twins.length > MOST ? <p className="quiet">and {twins.length - MOST} more pairs</p> : null}
    </section>
  );
}
