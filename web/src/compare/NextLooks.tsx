import { characterWords } from '@hurrow/core/characters';
import Button from 'antd/es/button';
import type { Compared } from './useCompared.ts';
import type { NamedTree } from './useNaming.ts';

/** How much a look narrows down, and how easy it is. Source: docs/formulas.md, Naming a tree. */
const lookWords = ({ bits, effort }: { readonly bits: number; readonly effort: number }): string =>
  `${bits >= 1 ? 'narrows it down most' : bits >= 0.4 ? 'narrows it down' : 'narrows it down a little'}, ${effort < 2 ? 'easy to see' : effort < 3.5 ? 'takes a closer look' : 'takes patience'}`;

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
              <Button type="link" size="small" className="as-link" onClick={() => onLook(l.character.id)}>
                {characterWords(l.character, c.wording.words)}
              </Button>{' '}
              <span className="quiet">
                {lookWords(l)}
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
