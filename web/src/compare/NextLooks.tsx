import { characterWords } from '@hurrow/core/characters';
import type { Compared } from './useCompared.ts';
import type { NamedTree } from './useNaming.ts';

/** What to look at next, with what it tells and takes. */
export function NextLooks({
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
      <p className="quiet">Allows for typical mistakes. Your class’s own error rates are not used yet.</p>
      {tree.forbidden.size > 0 ? (
        <p className="caution">
          This could still be a hazardous or protected species. Rule it out by sight before anybody does this:{' '}
          {[...tree.forbidden].join(', ')}.
        </p>
      ) : null}
    </section>
  );
}
